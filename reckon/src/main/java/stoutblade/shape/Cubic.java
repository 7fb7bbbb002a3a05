package stoutblade.shape;

import java.util.List;

/**
 * A cubic Bézier curve from start to end; a straight piece has its controls on the line.
 *
 * @param start where it begins
 * @param control1 the control that belongs to the start
 * @param control2 the control that belongs to the end
 * @param end where it ends
 */
public record Cubic(Point start, Point control1, Point control2, Point end) {

  private static final int DEEPEST = 16;

  /** A straight piece. */
  public static Cubic line(Point start, Point end) {
    return new Cubic(start, start.towards(end, 1 / 3.0), start.towards(end, 2 / 3.0), end);
  }

  /** The parabola with one control. */
  public static Cubic quadratic(Point start, Point control, Point end) {
    return new Cubic(start, start.towards(control, 2 / 3.0), end.towards(control, 2 / 3.0), end);
  }

  /** The point at a share of the parameter, 0 to 1. */
  public Point at(double t) {
    double s = 1 - t;
    return start
        .times(s * s * s)
        .plus(control1.times(3 * s * s * t))
        .plus(control2.times(3 * s * t * t))
        .plus(end.times(t * t * t));
  }

  /** Adds its end, and before that where it turns back across or along: its exact extremes. */
  void extremesInto(List<Point> points) {
    turns(start.x(), control1.x(), control2.x(), end.x(), points);
    turns(start.y(), control1.y(), control2.y(), end.y(), points);
    points.add(end);
  }

  /** The places where a coordinate's derivative, a parabola, is nothing. */
  private void turns(double a, double b, double c, double d, List<Point> points) {
    double square = -a + 3 * b - 3 * c + d;
    double half = a - 2 * b + c;
    double still = b - a;
    double root = Math.sqrt(half * half - square * still);
    double far = half > 0 ? -half - root : -half + root;
    for (double t : new double[] {far / square, still / far}) {
      // What is no number, where there is no such place, fails both.
      if (t > 0 && t < 1) {
        points.add(at(t));
      }
    }
  }

  /** True where the controls lie within a hundredth of a micrometre of the chord. */
  public boolean straight() {
    return flatness() < 1e-5;
  }

  /** The image in the line x = 0. */
  public Cubic mirrored() {
    return new Cubic(start.mirrored(), control1.mirrored(), control2.mirrored(), end.mirrored());
  }

  /** The curve enlarged about the origin. */
  public Cubic times(double factor) {
    return new Cubic(
        start.times(factor), control1.times(factor), control2.times(factor), end.times(factor));
  }

  /** Adds points of the curve after its start, so that the polyline keeps within the tolerance. */
  void flattenInto(List<Point> points, double tolerance) {
    flattenInto(points, tolerance, 0);
  }

  private void flattenInto(List<Point> points, double tolerance, int depth) {
    // Said so that what is no number ends at once.
    if (depth == DEEPEST || !(flatness() > tolerance)) {
      points.add(end);
      return;
    }
    Point a = start.towards(control1, 0.5);
    Point b = control1.towards(control2, 0.5);
    Point c = control2.towards(end, 0.5);
    Point ab = a.towards(b, 0.5);
    Point bc = b.towards(c, 0.5);
    Point middle = ab.towards(bc, 0.5);
    new Cubic(start, a, ab, middle).flattenInto(points, tolerance, depth + 1);
    new Cubic(middle, bc, c, end).flattenInto(points, tolerance, depth + 1);
  }

  /** A bound on the distance between the curve and its chord: that of its controls, by the hull. */
  private double flatness() {
    return Math.max(control1.distanceToSegment(start, end), control2.distanceToSegment(start, end));
  }
}
