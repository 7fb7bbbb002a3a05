package stoutblade.reference;

import stoutblade.shape.Point;

/**
 * Two places marked on a picture.
 *
 * @param from in pixels from the top left corner, y downwards
 * @param to in the same
 */
public record Mark(Point from, Point to) {

  /** The distance between the two, in pixels. */
  public double lengthPx() {
    return from.distance(to);
  }
}
