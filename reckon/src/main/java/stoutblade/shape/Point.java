package stoutblade.shape;

/**
 * A point or a displacement in the plane.
 *
 * @param x across, in the unit of its frame (mm, or pixels on a picture)
 * @param y along, in the same unit
 */
public record Point(double x, double y) {

  /**
   * Checks that both coordinates are numbers.
   *
   * @throws IllegalArgumentException if one is infinite or not a number
   */
  public Point {
    if (!Double.isFinite(x) || !Double.isFinite(y)) {
      throw new IllegalArgumentException("A point has finite coordinates; found " + x + ", " + y);
    }
  }

  public Point plus(Point other) {
    return new Point(x + other.x, y + other.y);
  }

  public Point minus(Point other) {
    return new Point(x - other.x, y - other.y);
  }

  public Point times(double factor) {
    return new Point(x * factor, y * factor);
  }

  public double dot(Point other) {
    return x * other.x + y * other.y;
  }

  public double length() {
    return length(x, y);
  }

  public double distance(Point other) {
    return length(x - other.x, y - other.y);
  }

  /** Plain, and so several times as quick as what guards against lengths beyond 1e150. */
  private static double length(double x, double y) {
    return Math.sqrt(x * x + y * y);
  }

  /** The angle from this direction to another, in radians: positive to the left. */
  public double angleTo(Point other) {
    return Math.atan2(x * other.y - y * other.x, dot(other));
  }

  /** By how much a line turns at this place, in radians: positive to the left. */
  public double turn(Point before, Point after) {
    return minus(before).angleTo(after.minus(this));
  }

  /** The point a share of the way to another: 0 here, 1 there. */
  public Point towards(Point other, double share) {
    return new Point(x + (other.x - x) * share, y + (other.y - y) * share);
  }

  /** Turned about the origin, counter-clockwise, in radians. */
  public Point turned(double radians) {
    double cos = Math.cos(radians);
    double sin = Math.sin(radians);
    return new Point(x * cos - y * sin, x * sin + y * cos);
  }

  /** The image in the line x = 0. */
  public Point mirrored() {
    return new Point(-x, y);
  }

  /** The distance to a straight piece from a to b. */
  public double distanceToSegment(Point a, Point b) {
    double alongX = b.x - a.x;
    double alongY = b.y - a.y;
    double fromX = x - a.x;
    double fromY = y - a.y;
    // A piece so short that its square is nothing, or almost, is a place.
    double share = (fromX * alongX + fromY * alongY) / (alongX * alongX + alongY * alongY);
    double at = Double.isFinite(share) ? Math.clamp(share, 0, 1) : 0;
    return length(x - (a.x + alongX * at), y - (a.y + alongY * at));
  }
}
