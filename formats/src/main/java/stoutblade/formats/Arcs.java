package stoutblade.formats;

import java.util.OptionalDouble;
import stoutblade.shape.Cubic;
import stoutblade.shape.Point;

/** Pieces of a line that are circular arcs but for rounding: machines cut them as what they are. */
final class Arcs {

  /** How far a piece may lie from its arc, in mm: an arc in cubic pieces is truer than this. */
  private static final double OFF_MM = 2e-3;

  private static final double LARGEST_MM = 50_000;

  private Arcs() {}

  /**
   * The bulge of a piece that is an arc: the tangent of a quarter of its angle, positive where it
   * runs counter-clockwise; empty for a straight piece or another curve.
   */
  static OptionalDouble bulge(Cubic curve) {
    if (curve.straight()) {
      return OptionalDouble.empty();
    }
    Point a = curve.start();
    Point b = at(curve, 0.5);
    Point c = curve.end();
    double d = 2 * (a.x() * (b.y() - c.y()) + b.x() * (c.y() - a.y()) + c.x() * (a.y() - b.y()));
    if (Math.abs(d) < 1e-9) {
      return OptionalDouble.empty();
    }
    double x =
        (a.dot(a) * (b.y() - c.y()) + b.dot(b) * (c.y() - a.y()) + c.dot(c) * (a.y() - b.y())) / d;
    double y =
        (a.dot(a) * (c.x() - b.x()) + b.dot(b) * (a.x() - c.x()) + c.dot(c) * (b.x() - a.x())) / d;
    Point centre = new Point(x, y);
    double radius = centre.distance(a);
    for (double share : new double[] {0.1, 0.25, 0.4, 0.6, 0.75, 0.9}) {
      if (!(Math.abs(centre.distance(at(curve, share)) - radius) < OFF_MM) || radius > LARGEST_MM) {
        return OptionalDouble.empty();
      }
    }
    double angle =
        a.minus(centre).angleTo(b.minus(centre)) + b.minus(centre).angleTo(c.minus(centre));
    return OptionalDouble.of(Math.tan(angle / 4));
  }

  /** The radius of an arc of a bulge between two places, in mm. */
  static double radius(Point from, Point to, double bulge) {
    return from.distance(to) * (1 + bulge * bulge) / (4 * Math.abs(bulge));
  }

  private static Point at(Cubic curve, double t) {
    double u = 1 - t;
    return curve
        .start()
        .times(u * u * u)
        .plus(curve.control1().times(3 * u * u * t))
        .plus(curve.control2().times(3 * u * t * t))
        .plus(curve.end().times(t * t * t));
  }
}
