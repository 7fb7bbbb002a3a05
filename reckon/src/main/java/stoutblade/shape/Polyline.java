package stoutblade.shape;

import java.util.List;

/**
 * Straight pieces in plain arrays, for the many distances that a solid asks for: an edit of one
 * node asks for some thousands.
 */
public final class Polyline {

  private final double[] xs;
  private final double[] ys;

  private Polyline(double[] xs, double[] ys) {
    this.xs = xs;
    this.ys = ys;
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
    double least = Double.POSITIVE_INFINITY;
    for (int i = 1; i < xs.length; i++) {
      double dx = Math.max(Math.min(xs[i - 1], xs[i]) - x, x - Math.max(xs[i - 1], xs[i]));
      double dy = Math.max(Math.min(ys[i - 1], ys[i]) - y, y - Math.max(ys[i - 1], ys[i]));
      double toBox = (dx > 0 ? dx * dx : 0) + (dy > 0 ? dy * dy : 0);
      if (toBox < least) {
        least = Math.min(least, squaredDistance(i, x, y));
      }
    }
    return Math.sqrt(least);
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
      sum += Math.hypot(xs[i] - xs[i - 1], ys[i] - ys[i - 1]);
    }
    return sum;
  }
}
