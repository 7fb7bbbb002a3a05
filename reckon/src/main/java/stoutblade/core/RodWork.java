package stoutblade.core;

import java.util.Optional;
import stoutblade.catalogue.Rod;
import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * What is done to a rod before it is laid in, and how it lies.
 *
 * @param squeezedMm how high it is once it was squeezed flat, its flat sides in the plane of the
 *     layers; empty where it stays round
 * @param drilledMm how wide it is drilled through; 0 where it is as it is sold
 * @param bundle how many of it are glued together, one of {@link Bundle#counts()}
 * @param onEdge true where what is flat stands on its edge
 */
public record RodWork(Optional<Double> squeezedMm, double drilledMm, int bundle, boolean onEdge) {

  /** As it is sold, laid flat. */
  public static final RodWork NONE = new RodWork(Optional.empty(), 0, 1, false);

  private static final double LEAST_MM = 1;
  private static final double MOST_MM = 200;

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if it is squeezed, drilled or bundled as nothing can be
   */
  public RodWork {
    if (!Bundle.counts().contains(bundle)) {
      throw new IllegalArgumentException(
          "Rods are glued together by %s; found %d".formatted(Bundle.counts(), bundle));
    }
    if (!(drilledMm >= 0 && drilledMm <= MOST_MM)) {
      throw new IllegalArgumentException(
          "A rod is drilled up to " + shown(MOST_MM) + " wide; found " + shown(drilledMm));
    }
    if (squeezedMm.filter(it -> !(it >= LEAST_MM && it <= MOST_MM)).isPresent()) {
      throw new IllegalArgumentException(
          "A pipe is squeezed to between "
              + shown(LEAST_MM)
              + " and "
              + shown(MOST_MM)
              + "; found "
              + shown(squeezedMm.get()));
    }
  }

  private static String shown(double mm) {
    return Display.length(mm, Units.METRIC);
  }

  /** The same squeezed to a height, or round again. */
  RodWork squeezed(Optional<Double> mm) {
    return new RodWork(mm, drilledMm, bundle, onEdge);
  }

  /** The same drilled through so wide; 0 for not at all. */
  RodWork drilled(double mm) {
    return new RodWork(squeezedMm, mm, bundle, onEdge);
  }

  /** The same of so many rods glued together. */
  RodWork bundled(int count) {
    return new RodWork(squeezedMm, drilledMm, count, onEdge);
  }

  /** The same standing on its edge, or laid flat. */
  RodWork onEdge(boolean stands) {
    return new RodWork(squeezedMm, drilledMm, bundle, stands);
  }

  /** Another rod in its place: as it is sold, lying as this one does. */
  RodWork ofAnother() {
    return NONE.onEdge(onEdge);
  }

  /** The rod as it is worked: drilled through, where it is round and solid and wide enough. */
  public Rod worked(Rod rod) {
    return drills(rod) && drilledMm > 0 && drilledMm < rod.outerMm() ? rod.drilled(drilledMm) : rod;
  }

  /** How many rods it is of: what has flat sides is not glued to a bundle. */
  public int count(Rod rod) {
    return rod.square() ? 1 : bundle;
  }

  /** True for a round rod without a bore. */
  public static boolean drills(Rod rod) {
    return !rod.square() && rod.innerMm() == 0;
  }
}
