package stoutblade.layer;

import java.util.function.DoubleUnaryOperator;
import stoutblade.shape.Point;

/**
 * Some of a solid's foam, as far as its weight is asked for.
 *
 * @param volume in mm³
 * @param moment first moments of volume about the origin, across and along, in mm⁴
 * @param across area of its cross-section at a place along, in mm²
 */
record Portion(double volume, Point moment, DoubleUnaryOperator across) {

  /** Nothing. */
  static final Portion NONE = new Portion(0, new Point(0, 0), y -> 0);

  Portion plus(Portion other) {
    return new Portion(
        volume + other.volume,
        moment.plus(other.moment),
        y -> across.applyAsDouble(y) + other.across.applyAsDouble(y));
  }

  Portion less(Portion other) {
    return new Portion(
        volume - other.volume,
        moment.minus(other.moment),
        y -> across.applyAsDouble(y) - other.across.applyAsDouble(y));
  }
}
