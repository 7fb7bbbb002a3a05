package stoutblade.feature;

import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A place and how a thing is turned there.
 *
 * @param at in mm
 * @param turn counter-clockwise, in radians
 */
public record Spot(Point at, double turn) {

  /** Where nothing is moved or turned. */
  public static final Spot ORIGIN = new Spot(new Point(0, 0), 0);

  /** A place of the thing, in the frame that the spot is in. */
  public Point place(Point own) {
    return at.plus(own.turned(turn));
  }

  /** A place of the frame, as the thing has it. */
  public Point own(Point place) {
    return place.minus(at).turned(-turn);
  }

  /** The thing's path in the frame that the spot is in. */
  public Path place(Path own) {
    return own.moved(this::place);
  }

  /** A spot on the thing, in the frame that this spot is in. */
  public Spot place(Spot own) {
    return new Spot(place(own.at), turn + own.turn);
  }

  /** A spot of the frame, as the thing has it. */
  public Spot own(Spot placed) {
    return new Spot(own(placed.at), placed.turn - turn);
  }

  Spot times(double factor) {
    return new Spot(at.times(factor), turn);
  }
}
