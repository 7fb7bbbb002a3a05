package stoutblade.desktop.mat;

import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** How things lie on the mat. */
public enum Lie {
  /** x to the right, y up. */
  UPRIGHT,
  /** Turned a quarter clockwise: y to the right, x down; a blade lies with its tip to the right. */
  LYING;

  /** From the thing's frame to the mat's, y up. */
  Point onMat(Point thing) {
    return this == UPRIGHT ? thing : new Point(thing.y(), -thing.x());
  }

  /** From the mat's frame to the thing's. */
  Point onThing(Point mat) {
    return this == UPRIGHT ? mat : new Point(-mat.y(), mat.x());
  }

  /** The box on the mat of a box of the thing. */
  Box onMat(Box thing) {
    return this == UPRIGHT
        ? thing
        : new Box(thing.minY(), -thing.maxX(), thing.maxY(), -thing.minX());
  }
}
