package stoutblade.measure;

/**
 * The units a person works in: metric, or inches and fractions.
 *
 * @param family which family of units is shown and assumed where none is typed
 * @param denominator the finest fraction of an inch shown: 8, 16, 32 or 64; kept while metric is in
 *     use so that switching back finds it again
 */
public record Units(Family family, int denominator) {

  /** Millimetres in an inch, exactly (international yard and pound agreement, 1959). */
  public static final double MM_PER_INCH = 25.4;

  /** Millimetres in a foot, exactly. */
  public static final double MM_PER_FOOT = 12 * MM_PER_INCH;

  /** Grams in an avoirdupois pound, exactly (the same agreement). */
  public static final double G_PER_POUND = 453.59237;

  /** Grams in an ounce: a sixteenth of a pound. */
  public static final double G_PER_OUNCE = G_PER_POUND / 16;

  /** Cubic millimetres in a US fluid ounce: 231 cubic inches to the gallon of 128. */
  public static final double MM3_PER_FLUID_OUNCE =
      231 * MM_PER_INCH * MM_PER_INCH * MM_PER_INCH / 128;

  /** Metric, with sixteenths when switched to inches. */
  public static final Units METRIC = new Units(Family.METRIC, 16);

  /** Inches to the sixteenth. */
  public static final Units INCHES = new Units(Family.INCH, 16);

  /** The two families of units. */
  public enum Family {
    METRIC,
    INCH
  }

  /**
   * Checks the denominator.
   *
   * @throws IllegalArgumentException if the denominator is not 8, 16, 32 or 64
   */
  public Units {
    if (denominator != 8 && denominator != 16 && denominator != 32 && denominator != 64) {
      throw new IllegalArgumentException(
          "Inches are shown to 1/8, 1/16, 1/32 or 1/64; found 1/" + denominator);
    }
  }

  /** The same fractions with the other family of units in use. */
  public Units switched() {
    return new Units(family == Family.METRIC ? Family.INCH : Family.METRIC, denominator);
  }

  /** The next finer fraction; after the finest the coarsest. */
  public Units finer() {
    return new Units(family, denominator == 64 ? 8 : 2 * denominator);
  }

  /** True where metric units are in use. */
  public boolean metric() {
    return family == Family.METRIC;
  }
}
