package stoutblade.pipework;

/**
 * A place where the middle lines of pipes meet or end, in mm.
 *
 * @param x to the right
 * @param y upwards
 * @param z towards the viewer
 */
public record Joint(double x, double y, double z) {

  /** How far two joints are apart, in mm. */
  public double distance(Joint other) {
    return Math.sqrt(square(other.x - x) + square(other.y - y) + square(other.z - z));
  }

  private static double square(double mm) {
    return mm * mm;
  }

  /** The angle between the ways to two others, in radians: π where they lie on opposite sides. */
  double angle(Joint one, Joint other) {
    double dot =
        (one.x - x) * (other.x - x) + (one.y - y) * (other.y - y) + (one.z - z) * (other.z - z);
    return Math.acos(Math.clamp(dot / distance(one) / distance(other), -1, 1));
  }
}
