package stoutblade.nest;

/** Rings as arrays of corners: what lies inside them, how far they are, whether they cross. */
final class Rings {

  private Rings() {}

  /** True where a place is inside an odd number of rings. */
  static boolean holds(double[] xs, double[] ys, int[] ends, double x, double y) {
    boolean inside = false;
    int start = 0;
    for (int end : ends) {
      int before = end - 1;
      for (int i = start; i < end; i++) {
        if ((ys[i] > y) != (ys[before] > y)
            && x < (xs[before] - xs[i]) * (y - ys[i]) / (ys[before] - ys[i]) + xs[i]) {
          inside = !inside;
        }
        before = i;
      }
      start = end;
    }
    return inside;
  }

  /** How far a place is from the nearest of all edges. */
  static double distance(double[] xs, double[] ys, int[] ends, double x, double y) {
    double least = Double.POSITIVE_INFINITY;
    int start = 0;
    for (int end : ends) {
      int before = end - 1;
      for (int i = start; i < end; i++) {
        double wayX = xs[i] - xs[before];
        double wayY = ys[i] - ys[before];
        double length = wayX * wayX + wayY * wayY;
        double share =
            length == 0
                ? 0
                : Math.clamp(
                    ((x - xs[before]) * wayX + (y - ys[before]) * wayY) / length, 0.0, 1.0);
        double offX = x - xs[before] - share * wayX;
        double offY = y - ys[before] - share * wayY;
        least = Math.min(least, offX * offX + offY * offY);
        before = i;
      }
      start = end;
    }
    return Math.sqrt(least);
  }

  /** True where two stretches cross or touch. */
  static boolean cross(
      double ax, double ay, double bx, double by, double cx, double cy, double dx, double dy) {
    double abX = bx - ax;
    double abY = by - ay;
    double c = abX * (cy - ay) - abY * (cx - ax);
    double d = abX * (dy - ay) - abY * (dx - ax);
    if ((c > 0 && d > 0) || (c < 0 && d < 0)) {
      return false;
    }
    double cdX = dx - cx;
    double cdY = dy - cy;
    double a = cdX * (ay - cy) - cdY * (ax - cx);
    double b = cdX * (by - cy) - cdY * (bx - cx);
    // On one line: the boxes were looked at before.
    return !((a > 0 && b > 0) || (a < 0 && b < 0));
  }
}
