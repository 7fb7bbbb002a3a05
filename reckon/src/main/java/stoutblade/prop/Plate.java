package stoutblade.prop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import stoutblade.develop.Developed;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/**
 * A part that is cut from flat foam along an outline.
 *
 * @param id unique among the parts
 * @param name what the maker calls it
 * @param outline its outline, in mm
 * @param features what is cut into it, drawn on it and laid on it
 * @param layering its layers
 * @param placing where it is
 * @param from the id of the picture or model that its outline was traced on; empty for none
 */
public record Plate(
    String id,
    String name,
    Outline outline,
    List<Feature> features,
    Layering layering,
    Placing placing,
    String from)
    implements Part {

  /**
   * Copies the features.
   *
   * @throws IllegalArgumentException if there are too many, or two have one id
   */
  public Plate {
    Part.check(id, name, layering.thicknessMm());
    features = Feature.checked(features);
  }

  /** A plate drawn by numbers, in layers. */
  public Plate(
      String id,
      String name,
      Outline outline,
      List<Feature> features,
      Layering layering,
      Placing placing) {
    this(id, name, outline, features, layering, placing, "");
  }

  /** A plate of one flat sheet. */
  public Plate(
      String id,
      String name,
      Outline outline,
      List<Feature> features,
      String foamId,
      double thicknessMm,
      Placing placing) {
    this(
        id,
        name,
        outline,
        features,
        Layering.of(1, foamId, thicknessMm, Profile.FLAT),
        placing,
        "");
  }

  @Override
  public String foamId() {
    return layering.middle().foamId();
  }

  /** How thick all its layers are together. */
  @Override
  public double thicknessMm() {
    return layering.thicknessMm();
  }

  /** What is worked. */
  public Slab slab() {
    return new Slab(id, name, outline, features, layering.front().thicknessMm());
  }

  /** The same with its outline traced on a picture or a model. */
  public Plate withFrom(String tracedOn) {
    return new Plate(id, name, outline, features, layering, placing, tracedOn);
  }

  /** A feature, where it is there. */
  public Optional<Feature> feature(String featureId) {
    return slab().feature(featureId);
  }

  /** The plate with its form worked out, without lettering. */
  public PlateForm form() {
    return PlateForm.of(slab(), Typeface.NONE);
  }

  @Override
  public Developed developed() {
    return form().developed();
  }

  @Override
  public List<Path> seen() {
    return outline.drawn() ? List.of(outline.outline()) : List.of();
  }

  public Plate withOutline(Outline changed) {
    return new Plate(id, name, changed, features, layering, placing, from);
  }

  public Plate withLayering(Layering changed) {
    return new Plate(id, name, outline, features, changed, placing, from);
  }

  public Plate withFeatures(List<Feature> changed) {
    return new Plate(id, name, outline, changed, layering, placing, from);
  }

  /** The same with a feature changed. */
  public Plate with(String featureId, UnaryOperator<Feature> change) {
    return withFeatures(
        features.stream().map(it -> it.id().equals(featureId) ? change.apply(it) : it).toList());
  }

  @Override
  public Plate withId(String changed) {
    return new Plate(changed, name, outline, features, layering, placing, from);
  }

  @Override
  public Plate withName(String changed) {
    return new Plate(id, changed, outline, features, layering, placing, from);
  }

  @Override
  public Plate withFoam(String changedId, double mm) {
    return new Plate(id, name, outline, features, layering.withFoam(changedId, mm), placing, from);
  }

  @Override
  public Plate withPlacing(Placing changed) {
    return new Plate(id, name, outline, features, layering, changed, from);
  }

  @Override
  public Plate times(double factor) {
    List<Feature> larger = new ArrayList<>();
    features.forEach(it -> larger.add(it.times(factor)));
    return new Plate(
        id,
        name,
        outline.times(factor),
        larger,
        layering.times(factor),
        placing.times(factor),
        from);
  }

  /** True where half of it is drawn. */
  public boolean half() {
    return outline instanceof HalfOutline;
  }
}
