package stoutblade.core;

import java.util.HashMap;
import java.util.Map;
import stoutblade.layer.Solid;
import stoutblade.shape.Course;
import stoutblade.shape.Point;
import stoutblade.shape.Span;

/**
 * How a core lies in the foam: how much foam is over it everywhere, and how far towards the tip it
 * may run.
 */
final class Fit {

  private static final double STEP_MM = 4;
  private static final double[] RIGHT = {1};
  private static final double[] BOTH = {1, -1};

  private final Solid solid;
  private final RodSection core;
  private final Groove groove;
  private final double near;
  private final double aside;
  private final Map<Double, Double> known = new HashMap<>();

  /**
   * The fit of a core.
   *
   * @param nearMm where the near end lies along the part's frame, in mm
   */
  Fit(Solid solid, RodSection core, Groove groove, double nearMm) {
    this(solid, core, groove, nearMm, 0);
  }

  /**
   * The fit of a core that lies so far to the right of the line, or to its left where that is below
   * 0.
   */
  Fit(Solid solid, RodSection core, Groove groove, double nearMm, double aside) {
    this.aside = aside;
    this.near = nearMm;
    this.solid = solid;
    this.core = core;
    this.groove = groove;
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
   * round its channel to the face, and sideways to the outline. Negative where the rod sticks out.
   */
  double coverAt(double y) {
    return known.computeIfAbsent(y, it -> found(it + near));
  }

  private double found(double y) {
    Course course = solid.course();
    Span middle =
        course.straight(solid.face()).across(y).stream()
            .filter(span -> span.holds(aside))
            .findFirst()
            .orElse(null);
    if (middle == null) {
      return -core.radius();
    }
    double wide = groove.half(core, 0);
    double least = Math.min(aside - middle.from(), middle.to() - aside) - wide;
    if (solid.fullWithin(course.at(aside, y), wide)) {
      return Math.min(least, solid.thickness() / 2 - groove.reach(core));
    }
    for (Point place : groove.places(core)) {
      // Both halves of what is not curved are images of each other, or as good as that.
      for (double side : course.bends() || aside != 0 ? BOTH : RIGHT) {
        double out = aside + side * place.x();
        if (middle.holds(out)) {
          double face = solid.halfThicknessAt(course.at(out, y));
          least = Math.min(least, face - place.y());
        }
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
