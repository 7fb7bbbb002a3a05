package stoutblade.shape;

/**
 * An arc of a circle.
 *
 * @param centre its centre, in mm
 * @param radius its radius, in mm
 * @param from the angle at which it starts, in radians, counter-clockwise from the x axis
 * @param to the angle at which it ends; smaller for an arc that runs clockwise
 */
public record Arc(Point centre, double radius, double from, double to) {

  /**
   * The arc between two places.
   *
   * @param bulge the tangent of a quarter of its angle, positive counter-clockwise
   * @throws IllegalArgumentException if the places are one, or it does not bulge
   */
  public static Arc between(Point start, Point end, double bulge) {
    Point chord = end.minus(start);
    if (bulge == 0 || chord.length() == 0) {
      throw new IllegalArgumentException("An arc runs between two places and bulges");
    }
    // From the middle of the chord to the centre, to the left: half the chord over tan(angle/2).
    double away = (1 - bulge * bulge) / (4 * bulge);
    Point middle = start.towards(end, 0.5);
    Point centre = middle.plus(new Point(-chord.y(), chord.x()).times(away));
    double from = Math.atan2(start.y() - centre.y(), start.x() - centre.x());
    return new Arc(centre, centre.distance(start), from, from + 4 * Math.atan(bulge));
  }

  /**
   * The bulge of an arc of a radius over a chord, at most a half circle.
   *
   * @param chord in mm
   * @param radius in mm, positive where it runs counter-clockwise
   * @throws IllegalArgumentException if the radius is shorter than half the chord
   */
  public static double bulge(double chord, double radius) {
    if (Math.abs(radius) < chord / 2 - 1e-9) {
      throw new IllegalArgumentException(
          "An arc from end to end of this side has a radius of at least "
              + Math.ceil(chord * 5) / 10
              + " mm; found "
              + Math.abs(radius));
    }
    double half = Math.asin(Math.min(1, chord / 2 / Math.abs(radius)));
    return Math.copySign(Math.tan(half / 2), radius);
  }

  /** Its length, in mm. */
  public double length() {
    return radius * Math.abs(to - from);
  }

  /** It, as curves. */
  public Path path() {
    return Path.arc(centre, radius, from, to);
  }

  /** The way it sets out, a step of one millimetre. */
  public Point directionAtStart() {
    return along(from);
  }

  /** The way it arrives, a step of one millimetre. */
  public Point directionAtEnd() {
    return along(to);
  }

  private Point along(double angle) {
    double sign = Math.signum(to - from);
    return new Point(-Math.sin(angle) * sign, Math.cos(angle) * sign);
  }
}
