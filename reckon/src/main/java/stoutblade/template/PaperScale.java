package stoutblade.template;

/**
 * By how much a printer prints too large or too small, as it was measured on the check lengths.
 *
 * @param across what a millimetre across the page comes out as, in mm
 * @param along and along it
 */
public record PaperScale(double across, double along) {

  /** A printer that prints what it is told. */
  public static final PaperScale TRUE = new PaperScale(1, 1);

  /** Further off, something fits pages to the paper. */
  private static final double MOST_OFF = 0.03;

  /**
   * Checks both.
   *
   * @throws IllegalArgumentException if one is further off than any printer that does not scale
   */
  public PaperScale {
    check(across);
    check(along);
  }

  private static void check(double scale) {
    if (!(Math.abs(scale - 1) <= MOST_OFF)) {
      throw new IllegalArgumentException(
          "A check length of 100 mm measures 97 to 103 mm; found %.1f. Further off, the printer"
                  .formatted(scale * 100)
              + " fits pages to its paper: print at 100 % instead");
    }
  }

  /** What it was measured as: both check lengths, which are 100 mm long. */
  public static PaperScale measured(double acrossMm, double alongMm) {
    return new PaperScale(acrossMm / 100, alongMm / 100);
  }

  /** True where pages are printed as they are. */
  public boolean none() {
    return across == 1 && along == 1;
  }
}
