package stoutblade.layer;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleUnaryOperator;

/**
 * Values of a function that are asked for again and again at the same places, as sections along a
 * part are for each core that could lie in it.
 */
final class Remembered implements DoubleUnaryOperator {

  /** Places of ten cores; then it begins anew. */
  private static final int MOST = 4096;

  private final DoubleUnaryOperator of;
  private final Map<Double, Double> known = new ConcurrentHashMap<>();

  private Remembered(DoubleUnaryOperator of) {
    this.of = of;
  }

  static Remembered of(DoubleUnaryOperator of) {
    return of instanceof Remembered own ? own : new Remembered(of);
  }

  @Override
  public double applyAsDouble(double at) {
    Double before = known.get(at);
    if (before != null) {
      return before;
    }
    double value = of.applyAsDouble(at);
    if (known.size() >= MOST) {
      known.clear();
    }
    known.put(at, value);
    return value;
  }
}
