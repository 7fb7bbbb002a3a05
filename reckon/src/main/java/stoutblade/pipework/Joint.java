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
    return minus(other).length();
  }

  private double length() {
    return Math.sqrt(dot(this));
  }

  double dot(Joint other) {
    return x * other.x + y * other.y + z * other.z;
  }

  Joint plus(Joint other) {
    return new Joint(x + other.x, y + other.y, z + other.z);
  }

  Joint minus(Joint other) {
    return new Joint(x - other.x, y - other.y, z - other.z);
  }

  Joint times(double factor) {
    return new Joint(x * factor, y * factor, z * factor);
  }

  /** The way to another, one mm long. */
  Joint way(Joint other) {
    return other.minus(this).times(1 / distance(other));
  }

  /** The angle between the ways to two others, in radians: π where they lie on opposite sides. */
  double angle(Joint one, Joint other) {
    return Math.acos(Math.clamp(way(one).dot(way(other)), -1, 1));
  }
}
