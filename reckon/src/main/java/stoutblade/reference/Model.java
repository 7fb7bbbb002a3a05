package stoutblade.reference;

import java.util.Optional;
import stoutblade.measure.Stated;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Point;

/**
 * A 3D model by its contents; its file is kept beside the project.
 *
 * @param id unique among the project's models, such as {@code s1}
 * @param name what it is
 * @param digest SHA-256 of the file as lower-case hexadecimal digits
 * @param triangles how many triangles it has
 * @param extent the box around it, in its own units and axes
 * @param orientation how it stands
 * @param ruler what tells its real size; empty until it was said
 * @param showsWhole true where its longest side is the whole prop from end to end
 */
public record Model(
    String id,
    String name,
    String digest,
    int triangles,
    Extent extent,
    Orientation orientation,
    Optional<ModelRuler> ruler,
    boolean showsWhole) {

  /**
   * Checks id, name and digest.
   *
   * @throws IllegalArgumentException if one is malformed
   */
  public Model {
    if (!id.matches("s[1-9][0-9]{0,3}")) {
      throw new IllegalArgumentException("A model's id is s and a number; found '" + id + "'");
    }
    if (name.isBlank() || name.length() > Ruler.LONGEST_NAME) {
      throw new IllegalArgumentException(
          "A model has a name of 1 to " + Ruler.LONGEST_NAME + " letters; found '" + name + "'");
    }
    if (!digest.matches("[0-9a-f]{64}")) {
      throw new IllegalArgumentException("A model's digest is 64 hexadecimal digits");
    }
    if (triangles < 1) {
      throw new IllegalArgumentException("A model has at least one triangle");
    }
  }

  /** What tells a model's real size. */
  public sealed interface ModelRuler {}

  /**
   * The model's own unit.
   *
   * @param mm what one unit is, in mm
   */
  public record OwnUnit(double mm) implements ModelRuler {

    /** Checks the unit. */
    public OwnUnit {
      if (!(mm >= 1e-6 && mm <= 1e7)) {
        throw new IllegalArgumentException("A model's unit lies between 1 nm and 10 km");
      }
    }
  }

  /**
   * A length between two places of a view.
   *
   * @param length in mm
   * @param view the view
   * @param from in the model's units, as seen in the view
   * @param to in the same
   */
  public record KnownSpan(Stated length, View view, Point from, Point to) implements ModelRuler {

    /** Checks length and places. */
    public KnownSpan {
      if (!(length.value() >= 0.5 && length.value() <= 1_000_000)) {
        throw new IllegalArgumentException(
            "A known length lies between 0.5 mm and 1 km; found " + length.value() + " mm");
      }
      if (from.distance(to) <= 0) {
        throw new IllegalArgumentException("The two places of a known length lie apart");
      }
    }
  }

  /** The model is the figure itself: from its lowest to its highest place it is the stature. */
  public record AsTallAsCharacter() implements ModelRuler {}

  public Model withName(String changed) {
    return new Model(id, changed, digest, triangles, extent, orientation, ruler, showsWhole);
  }

  /** Standing another way; a length known in a view is known no longer. */
  public Model withOrientation(Orientation changed) {
    Optional<ModelRuler> kept = ruler.filter(it -> !(it instanceof KnownSpan));
    return new Model(id, name, digest, triangles, extent, changed, kept, showsWhole);
  }

  public Model withRuler(ModelRuler changed) {
    return new Model(
        id, name, digest, triangles, extent, orientation, Optional.of(changed), showsWhole);
  }

  public Model withShowsWhole(boolean changed) {
    return new Model(id, name, digest, triangles, extent, orientation, ruler, changed);
  }

  /** How high it stands, in its own units. */
  public double height() {
    return extent.along(orientation.up().index());
  }

  /** How deep it is from front to back, in its own units. */
  public double depth() {
    return extent.along(orientation.front().index());
  }

  /** How wide it is from side to side, in its own units. */
  public double width() {
    return extent.along(3 - orientation.up().index() - orientation.front().index());
  }
}
