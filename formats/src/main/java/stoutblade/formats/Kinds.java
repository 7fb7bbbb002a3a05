package stoutblade.formats;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import stoutblade.reference.Model;
import stoutblade.reference.Ruler;
import stoutblade.reference.School;

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
    @JsonSubTypes.Type(value = School.Blend.class, name = "blend"),
    @JsonSubTypes.Type(value = School.Target.class, name = "target"),
  })
  interface OfSchool {}

  /** What tells a model's size. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = WORD)
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Model.OwnUnit.class, name = "own-unit"),
    @JsonSubTypes.Type(value = Model.KnownSpan.class, name = "known-span"),
    @JsonSubTypes.Type(value = Model.AsTallAsBearer.class, name = "as-tall-as-bearer"),
  })
  interface OfModelRuler {}
}
