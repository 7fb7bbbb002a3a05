package stoutblade.layer;

import java.util.function.DoubleUnaryOperator;

/**
 * Some of a solid's foam, as far as its weight is asked for.
 *
 * @param volume in mm³
 * @param moment first moment of volume along, about the base, in mm⁴
 * @param across area of its cross-section at a place along, in mm²
 */
record Portion(double volume, double moment, DoubleUnaryOperator across) {

  /** Nothing. */
  static final Portion NONE = new Portion(0, 0, y -> 0);

  Portion plus(Portion other) {
    return new Portion(
        volume + other.volume,
        moment + other.moment,
        y -> across.applyAsDouble(y) + other.across.applyAsDouble(y));
  }

  Portion less(Portion other) {
    return new Portion(
        volume - other.volume,
        moment - other.moment,
        y -> across.applyAsDouble(y) - other.across.applyAsDouble(y));
  }
}
