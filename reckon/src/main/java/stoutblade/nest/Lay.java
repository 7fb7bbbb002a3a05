package stoutblade.nest;

import stoutblade.shape.Point;

/**
 * How a piece lies on its sheet: turned over about its y axis where it is mirrored, then turned
 * about the origin that its outline was drawn from, then moved.
 *
 * @param x how far it is moved across, in mm
 * @param y and along
 * @param angle how far it is turned, in radians
 * @param mirrored true where it is turned over
 */
public record Lay(double x, double y, double angle, boolean mirrored) {

  /** How a piece lies of which one place, in its own frame, is where it is wanted. */
  static Lay of(Point own, Point wanted, double angle, boolean mirrored) {
    Point off = wanted.minus((mirrored ? own.mirrored() : own).turned(angle));
    return new Lay(off.x(), off.y(), angle, mirrored);
  }

  /** Where a place of the piece lies on the sheet. */
  public Point place(Point it) {
    Point over = mirrored ? it.mirrored() : it;
    return over.turned(angle).plus(new Point(x, y));
  }
}
