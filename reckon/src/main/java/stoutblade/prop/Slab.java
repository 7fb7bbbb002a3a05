package stoutblade.prop;

import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;
import stoutblade.shape.Outline;

/**
 * What is worked: an outline with what is cut into it, drawn on it and laid on it. The blade and
 * every plate is one.
 *
 * @param id the id of the plate; {@link Assembly#BLADE} for the blade
 * @param name what the maker calls it
 * @param outline its outline, in mm
 * @param features what is worked into it
 * @param thicknessMm how thick the sheet is that they are worked into
 * @param scale the scale of what its outline was traced on, which lends it its doubt
 */
public record Slab(
    String id,
    String name,
    Outline outline,
    List<Feature> features,
    double thicknessMm,
    Optional<Figure> scale) {

  /** One that is drawn by numbers. */
  public Slab(String id, String name, Outline outline, List<Feature> features, double thicknessMm) {
    this(id, name, outline, features, thicknessMm, Optional.empty());
  }

  /** The same, traced at a scale. */
  public Slab traced(Optional<Figure> at) {
    return new Slab(id, name, outline, features, thicknessMm, at);
  }

  /** What the ids of its figures start with. */
  public String figureId() {
    return blade() ? id : "part." + id;
  }

  /** True for the blade, whose features are on both its faces. */
  public boolean blade() {
    return id.equals(Assembly.BLADE);
  }

  /** On how many faces what is drawn and laid on it is. */
  public int faces() {
    return blade() ? 2 : 1;
  }

  /** A feature, where it is there. */
  public Optional<Feature> feature(String featureId) {
    return features.stream().filter(it -> it.id().equals(featureId)).findFirst();
  }
}
