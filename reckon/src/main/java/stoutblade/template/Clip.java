package stoutblade.template;

import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** Whether a straight piece meets a box (Liang and Barsky 1984, from memory). */
final class Clip {

  private Clip() {}

  static boolean touches(Point a, Point b, Box box) {
    if (Math.max(a.x(), b.x()) < box.minX()
        || Math.min(a.x(), b.x()) > box.maxX()
        || Math.max(a.y(), b.y()) < box.minY()
        || Math.min(a.y(), b.y()) > box.maxY()) {
      return false;
    }
    Point along = b.minus(a);
    double[] span = {0, 1};
    return cut(-along.x(), a.x() - box.minX(), span)
        && cut(along.x(), box.maxX() - a.x(), span)
        && cut(-along.y(), a.y() - box.minY(), span)
        && cut(along.y(), box.maxY() - a.y(), span);
  }

  /** Narrows the span of the parameter to one side of a border; false where nothing is left. */
  private static boolean cut(double slope, double room, double[] span) {
    if (slope == 0) {
      return room >= 0;
    }
    double share = room / slope;
    if (slope < 0) {
      span[0] = Math.max(span[0], share);
    } else {
      span[1] = Math.min(span[1], share);
    }
    return span[0] <= span[1];
  }
}
