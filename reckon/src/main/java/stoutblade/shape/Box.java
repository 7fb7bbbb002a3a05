package stoutblade.shape;

import java.util.Collection;
import java.util.List;

/** An upright rectangle with its least and greatest coordinates. */
public record Box(double minX, double minY, double maxX, double maxY) {

  /** Further out than anything that is drawn, in mm: where a strip or half of the plane ends. */
  public static final double FAR_MM = 1e6;

  /**
   * Checks the order of the sides.
   *
   * @throws IllegalArgumentException if a maximum lies below its minimum
   */
  public Box {
    if (!(maxX >= minX) || !(maxY >= minY)) {
      throw new IllegalArgumentException(
          "A box has its maxima above its minima; found "
              + minX
              + ".."
              + maxX
              + ", "
              + minY
              + ".."
              + maxY);
    }
  }

  /**
   * The smallest box around points.
   *
   * @throws IllegalArgumentException if there are none
   */
  public static Box around(Collection<Point> points) {
    if (points.isEmpty()) {
      throw new IllegalArgumentException("A box needs at least one point");
    }
    return new Box(
        points.stream().mapToDouble(Point::x).min().orElseThrow(),
        points.stream().mapToDouble(Point::y).min().orElseThrow(),
        points.stream().mapToDouble(Point::x).max().orElseThrow(),
        points.stream().mapToDouble(Point::y).max().orElseThrow());
  }

  public double width() {
    return maxX - minX;
  }

  public double height() {
    return maxY - minY;
  }

  public Point centre() {
    return new Point((minX + maxX) / 2, (minY + maxY) / 2);
  }

  /** True for a place in it or on its edge. */
  public boolean contains(Point it) {
    return it.x() >= minX && it.x() <= maxX && it.y() >= minY && it.y() <= maxY;
  }

  /** The box grown by a margin on all sides. */
  public Box grown(double by) {
    return new Box(minX - by, minY - by, maxX + by, maxY + by);
  }

  /** The smallest box around both. */
  public Box with(Box other) {
    return new Box(
        Math.min(minX, other.minX),
        Math.min(minY, other.minY),
        Math.max(maxX, other.maxX),
        Math.max(maxY, other.maxY));
  }

  /** The box larger by a factor, about the origin. */
  public Box times(double factor) {
    return new Box(minX * factor, minY * factor, maxX * factor, maxY * factor);
  }

  /** The box moved. */
  public Box moved(Point by) {
    return new Box(minX + by.x(), minY + by.y(), maxX + by.x(), maxY + by.y());
  }

  /** True where the boxes share at least a point. */
  public boolean meets(Box other) {
    return minX <= other.maxX && other.minX <= maxX && minY <= other.maxY && other.minY <= maxY;
  }

  /** Its four corners, counter-clockwise. */
  public List<Point> corners() {
    return List.of(
        new Point(minX, minY), new Point(maxX, minY), new Point(maxX, maxY), new Point(minX, maxY));
  }
}
