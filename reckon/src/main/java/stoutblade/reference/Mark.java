package stoutblade.reference;

import java.util.List;
import stoutblade.shape.Point;

/**
 * Two places marked on a picture.
 *
 * @param from in pixels from the top left corner, y downwards
 * @param to in the same
 */
public record Mark(Point from, Point to) {

  /** The least distance of two places of a mark, in pixels. */
  public static final double LEAST_PX = 2;

  /** The distance between the two, in pixels. */
  public double lengthPx() {
    return from.distance(to);
  }

  /** Both places. */
  public List<Point> points() {
    return List.of(from, to);
  }
}
