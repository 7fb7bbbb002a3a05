package stoutblade.core;

import java.util.List;
import java.util.Optional;
import stoutblade.layer.Layers;
import stoutblade.layer.MaterialShare;
import stoutblade.measure.Figure;
import stoutblade.shape.Course;

/**
 * What a core lies in, whatever its shape.
 *
 * @param length how long it is
 * @param mass what it weighs before anything is cut for the core; empty where that is not known
 * @param shares how its foams lie along it
 * @param nearMm where its near end lies along its course: places of a core are measured from there
 * @param course the way that it runs, and the core in it
 * @param layers its layers, where a channel is cut into some; empty where the core goes through
 *     something hollow or solid
 * @param attached other parts whose weight it bears
 */
public record Cored(
    Figure length,
    Optional<Figure> mass,
    List<MaterialShare> shares,
    double nearMm,
    Course course,
    Optional<Layers> layers,
    List<Attached> attached) {

  /** Copies the lists. */
  public Cored {
    shares = List.copyOf(shares);
    attached = List.copyOf(attached);
  }

  /** The same with other parts whose weight it bears. */
  public Cored bearing(List<Attached> others) {
    return new Cored(length, mass, shares, nearMm, course, layers, others);
  }

  /** The same with other layers over its core: for how that lies, not for what it weighs. */
  public Cored under(Layers changed) {
    return new Cored(length, mass, shares, nearMm, course, Optional.of(changed), attached);
  }
}
