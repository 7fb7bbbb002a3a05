package stoutblade.shape;

import java.util.List;

/**
 * Straight pieces in plain arrays, for the many distances that a solid asks for: an edit of one
 * node asks for some thousands.
 */
public final class Polyline {

  /** So many pieces share a box: most of them need no look. */
  private static final int TOGETHER = 12;

  private final double[] xs;
  private final double[] ys;
  private final double[] boxes;

  private Polyline(double[] xs, double[] ys) {
    this.xs = xs;
    this.ys = ys;
    this.boxes = boxes(xs, ys);
  }

  /** Left, low, right and high of each run of pieces. */
  private static double[] boxes(double[] xs, double[] ys) {
    int runs = (xs.length - 2 + TOGETHER) / TOGETHER;
    double[] boxes = new double[4 * Math.max(0, runs)];
    for (int run = 0; run < runs; run++) {
      double left = Double.POSITIVE_INFINITY;
      double low = Double.POSITIVE_INFINITY;
      double right = Double.NEGATIVE_INFINITY;
      double high = Double.NEGATIVE_INFINITY;
      for (int i = run * TOGETHER; i <= Math.min((run + 1) * TOGETHER, xs.length - 1); i++) {
        left = Math.min(left, xs[i]);
        low = Math.min(low, ys[i]);
        right = Math.max(right, xs[i]);
        high = Math.max(high, ys[i]);
      }
      boxes[4 * run] = left;
      boxes[4 * run + 1] = low;
      boxes[4 * run + 2] = right;
      boxes[4 * run + 3] = high;
    }
    return boxes;
  }

  /**
   * The pieces of a path.
   *
   * @param tolerance how far they may lie from its curves, in mm
   */
  public static Polyline of(Path path, double tolerance) {
    List<Point> points = path.flattened(tolerance);
    return new Polyline(
        points.stream().mapToDouble(Point::x).toArray(),
        points.stream().mapToDouble(Point::y).toArray());
  }

  /** The distance of a place to the nearest piece, in mm. */
  public double distance(double x, double y) {
    int nearest = 0;
    double toNearest = Double.POSITIVE_INFINITY;
    for (int run = 0; 4 * run < boxes.length; run++) {
      double away = toBox(run, x, y);
      if (away < toNearest) {
        toNearest = away;
        nearest = run;
      }
    }
    double least = within(nearest, x, y, Double.POSITIVE_INFINITY);
    for (int run = 0; 4 * run < boxes.length; run++) {
      if (run != nearest && toBox(run, x, y) < least) {
        least = within(run, x, y, least);
      }
    }
    return Math.sqrt(least);
  }

  private double toBox(int run, double x, double y) {
    double dx = Math.max(0, Math.max(boxes[4 * run] - x, x - boxes[4 * run + 2]));
    double dy = Math.max(0, Math.max(boxes[4 * run + 1] - y, y - boxes[4 * run + 3]));
    return dx * dx + dy * dy;
  }

  private double within(int run, double x, double y, double most) {
    double least = most;
    int last = Math.min((run + 1) * TOGETHER, xs.length - 1);
    for (int i = run * TOGETHER + 1; i <= last; i++) {
      least = Math.min(least, squaredDistance(i, x, y));
    }
    return least;
  }

  private double squaredDistance(int i, double x, double y) {
    double ex = xs[i] - xs[i - 1];
    double ey = ys[i] - ys[i - 1];
    double px = x - xs[i - 1];
    double py = y - ys[i - 1];
    double square = ex * ex + ey * ey;
    double share = square == 0 ? 0 : Math.clamp((px * ex + py * ey) / square, 0, 1);
    double dx = px - ex * share;
    double dy = py - ey * share;
    return dx * dx + dy * dy;
  }

  /** The length of all pieces, in mm. */
  public double length() {
    double sum = 0;
    for (int i = 1; i < xs.length; i++) {
      double dx = xs[i] - xs[i - 1];
      double dy = ys[i] - ys[i - 1];
      sum += Math.sqrt(dx * dx + dy * dy);
    }
    return sum;
  }
}
