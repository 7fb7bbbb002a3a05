package stoutblade.measure;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How unsure a value is: what each independent cause adds to it, as one standard deviation.
 *
 * <p>Keeping the causes apart keeps shared ones honest: two lengths read with one scale do not
 * become surer by being divided by each other through a wrong sum of squares; their common cause
 * cancels. First-order propagation, as in the ISO/IEC Guide 98-3 (GUM), section 5, from memory.
 *
 * @param parts signed standard deviation by cause, in the unit of the value
 */
public record Uncertainty(Map<String, Double> parts) {

  /** No uncertainty stated. */
  public static final Uncertainty NONE = new Uncertainty(Map.of());

  /** Copies the parts and drops those that add nothing. */
  public Uncertainty {
    Map<String, Double> kept = new HashMap<>(parts);
    kept.values().removeIf(value -> value == 0);
    parts = Map.copyOf(kept);
  }

  /**
   * Uncertainty from one cause.
   *
   * @param std its standard deviation, in the unit of the value, not negative
   */
  public static Uncertainty of(String cause, double std) {
    if (!(std >= 0)) {
      throw new IllegalArgumentException("A standard deviation is not negative; found " + std);
    }
    return new Uncertainty(Map.of(cause, std));
  }

  /** The uncertainty of a value that changes by a factor for each unit of this one. */
  public Uncertainty times(double factor) {
    Map<String, Double> scaled = new HashMap<>();
    parts.forEach((cause, part) -> scaled.put(cause, part * factor));
    return new Uncertainty(scaled);
  }

  /** The uncertainty of a sum of two values. */
  public Uncertainty plus(Uncertainty other) {
    return sum(List.of(this, other));
  }

  /** The uncertainty of a sum of values. */
  static Uncertainty sum(List<Uncertainty> all) {
    Map<String, Double> sum = new HashMap<>();
    all.forEach(it -> it.parts.forEach((cause, part) -> sum.merge(cause, part, Double::sum)));
    return new Uncertainty(sum);
  }

  /** One standard deviation of all causes together, in the unit of the value. */
  public double std() {
    return Math.sqrt(parts.values().stream().mapToDouble(part -> part * part).sum());
  }

  /** Half the range that holds the true value about 95 times in 100: two standard deviations. */
  public double range95() {
    return 2 * std();
  }
}
