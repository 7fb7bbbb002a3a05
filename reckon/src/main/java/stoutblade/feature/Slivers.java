package stoutblade.feature;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Box;
import stoutblade.shape.Region;

/**
 * Where a face is narrower than a width: what an opening of it by that width takes away (Serra,
 * <i>Image Analysis and Mathematical Morphology</i>; from memory).
 */
final class Slivers {

  /** What an opening takes off a square corner reaches so far, in widths: that is no sliver. */
  private static final double LEAST_SLIVER = 0.78;

  private Slivers() {}

  static List<PlateForm.Sliver> of(Region face, double width) {
    List<PlateForm.Sliver> found = new ArrayList<>();
    if (face.isEmpty()) {
      return found;
    }
    double tolerance = Math.max(0.02, width / 50);
    Region coarse = face.simplified(tolerance / 3);
    Region opened =
        coarse.offsetRounded(-width / 2, tolerance).offsetRounded(width / 2 + tolerance, tolerance);
    for (Region left : coarse.difference(opened).parts()) {
      Box box = left.box();
      double reach = Math.hypot(box.width(), box.height());
      if (reach < LEAST_SLIVER * width || left.area() < tolerance * tolerance) {
        continue;
      }
      // A bridge hangs on what is left in two places, a point in one.
      boolean bridge =
          left.offsetRounded(3 * tolerance, tolerance).intersection(opened).partCount() > 1;
      if (bridge || reach > 4 * width) {
        found.add(new PlateForm.Sliver(left.centre(), !bridge));
      }
    }
    return found;
  }
}
