package stoutblade.formats;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import stoutblade.feature.Where;
import stoutblade.part.Bought;
import stoutblade.part.Cut;
import stoutblade.part.FlatPieces;
import stoutblade.part.Formed;
import stoutblade.part.Piped;
import stoutblade.part.Slices;
import stoutblade.reference.Model;
import stoutblade.reference.Ruler;
import stoutblade.reference.SizingRule;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.WholeOutline;

/** The words by which closed sets of records are told apart in a file. */
final class Kinds {

  private static final String WORD = "kind";

  private Kinds() {}

  /** How a ruler tells the scale. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = WORD)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Ruler.KnownLength.class, name = "known-length"),
    @JsonSubTypes.Type(value = Ruler.FigureHeight.class, name = "figure-height"),
    @JsonSubTypes.Type(value = Ruler.BodySegment.class, name = "body-segment"),
    @JsonSubTypes.Type(value = Ruler.PrintRatio.class, name = "print-ratio"),
    @JsonSubTypes.Type(value = Ruler.SeenRectangle.class, name = "seen-rectangle"),
  })
  interface By {}

  /** Which size a prop gets. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = WORD)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = SizingRule.Blend.class, name = "blend"),
    @JsonSubTypes.Type(value = SizingRule.Target.class, name = "target"),
  })
  interface OfSizingRule {}

  /** What tells a model's size. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = WORD)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Model.OwnUnit.class, name = "own-unit"),
    @JsonSubTypes.Type(value = Model.KnownSpan.class, name = "known-span"),
    @JsonSubTypes.Type(value = Model.AsTallAsCharacter.class, name = "as-tall-as-character"),
  })
  interface OfModelRuler {}

  /** How an outline is drawn. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = WORD)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = HalfOutline.class, name = "half"),
    @JsonSubTypes.Type(value = WholeOutline.class, name = "whole"),
  })
  interface OfOutline {}

  /** What a part is. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = WORD)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Cut.class, name = "cut"),
    @JsonSubTypes.Type(value = Formed.class, name = "formed"),
    @JsonSubTypes.Type(value = FlatPieces.class, name = "flat"),
    @JsonSubTypes.Type(value = Slices.class, name = "slices"),
    @JsonSubTypes.Type(value = Bought.class, name = "bought"),
    @JsonSubTypes.Type(value = Piped.class, name = "piped"),
  })
  interface OfShape {}

  /** Where things are. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "places")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Where.At.class, name = "at"),
    @JsonSubTypes.Type(value = Where.Ring.class, name = "ring"),
    @JsonSubTypes.Type(value = Where.Row.class, name = "row"),
    @JsonSubTypes.Type(value = Where.Along.class, name = "along"),
  })
  interface OfWhere {}
}
