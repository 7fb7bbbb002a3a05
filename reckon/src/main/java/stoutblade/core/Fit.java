package stoutblade.core;

import java.util.HashMap;
import java.util.Map;
import stoutblade.layer.Solid;
import stoutblade.shape.Point;
import stoutblade.shape.Span;

/**
 * How a round core lies in the foam: how much foam is over it everywhere, and how far towards the
 * tip it may run.
 */
final class Fit {

  private static final double STEP_MM = 4;
  private static final int DIRECTIONS = 6;

  private final Solid solid;
  private final double radius;
  private final Map<Double, Double> known = new HashMap<>();

  Fit(Solid solid, double radius) {
    this.solid = solid;
    this.radius = radius;
  }

  /** A cover of foam and the place along the blade where it was found, in mm. */
  record Cover(double mm, double atMm) {}

  /** The least cover between two places along the blade. */
  Cover least(double from, double to) {
    Cover least = new Cover(Double.POSITIVE_INFINITY, from);
    int steps = Math.max(1, (int) Math.ceil((to - from) / STEP_MM));
    for (int i = 0; i <= steps; i++) {
      // The same places as for how far it may run.
      double y = Math.min(from + i * STEP_MM, to);
      double cover = coverAt(y);
      if (cover < least.mm) {
        least = new Cover(cover, y);
      }
    }
    return least;
  }

  /**
   * The foam over the core at a place along the blade, in mm: measured straight up from points
   * round the rod to the face, and sideways to the outline. Negative where the rod sticks out.
   */
  double coverAt(double y) {
    return known.computeIfAbsent(y, this::found);
  }

  private double found(double y) {
    Span middle =
        solid.face().across(y).stream().filter(span -> span.holds(0)).findFirst().orElse(null);
    if (middle == null) {
      return -radius;
    }
    double least = Math.min(-middle.from(), middle.to()) - radius;
    if (solid.fullWithin(new Point(0, y), radius)) {
      return Math.min(least, solid.thickness() / 2 - radius);
    }
    for (int i = 0; i < DIRECTIONS; i++) {
      double angle = Math.PI / 2 * i / DIRECTIONS;
      double x = radius * Math.sin(angle);
      if (middle.holds(x)) {
        // Both sides of the blade are images of each other.
        double face = solid.halfThicknessAt(new Point(x, y));
        least = Math.min(least, face - radius * Math.cos(angle));
      }
    }
    return least;
  }

  /**
   * How far towards the tip the cover holds, starting just inside the base.
   *
   * @return the place in mm, or the start where it does not even hold there
   */
  double furthest(double from, double tip, double wanted) {
    double reached = from;
    for (int i = 0; from + i * STEP_MM <= tip; i++) {
      double y = from + i * STEP_MM;
      if (coverAt(y) < wanted) {
        return between(reached, y, wanted);
      }
      reached = y;
    }
    return reached;
  }

  /**
   * Between a place where the cover holds and one where it does not, to a tenth of a millimetre.
   */
  private double between(double holding, double failing, double wanted) {
    double low = holding;
    double high = failing;
    while (high - low > 0.1) {
      double middle = (low + high) / 2;
      if (coverAt(middle) < wanted) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return low;
  }
}
