package stoutblade.measure;

/**
 * A value that somebody states, with how sure they are of it.
 *
 * @param value in the unit of what it measures
 * @param std one standard deviation, in the same unit
 */
public record Stated(double value, double std) {

  /**
   * Checks that both are numbers.
   *
   * @throws IllegalArgumentException if one is no number or the deviation is negative
   */
  public Stated {
    if (!Double.isFinite(value) || !Double.isFinite(std) || std < 0) {
      throw new IllegalArgumentException(
          "A stated value is a number, give or take 0 or more; found " + value + " ± " + std);
    }
  }

  /** A value that is taken as it stands. */
  public static Stated exactly(double value) {
    return new Stated(value, 0);
  }

  /** The stated value as a figure. */
  public Figure figure(String id, String label, Quantity quantity, Source source) {
    return Figure.given(id, label, value, quantity, source, std);
  }
}
