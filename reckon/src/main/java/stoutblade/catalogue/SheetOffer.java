package stoutblade.catalogue;

/**
 * A size in which a sheet is sold.
 *
 * @param widthMm width of one
 * @param lengthMm its length
 * @param pack how many are sold together
 * @param pricePerM2Mm what a square metre costs for each millimetre of thickness
 */
public record SheetOffer(double widthMm, double lengthMm, int pack, double pricePerM2Mm) {

  private static final double MM2_IN_M2 = 1e6;
  private static final double SAME_MM = 1e-6;

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is not above 0, or it costs less than nothing
   */
  public SheetOffer {
    if (!(widthMm > 0) || !(lengthMm > 0) || pack < 1 || !(pricePerM2Mm >= 0)) {
      throw new IllegalArgumentException(
          "A sheet is sold in sizes above 0, one or more together, at no less than nothing");
    }
  }

  /** True where it is as large as another. */
  public boolean sameSize(SheetOffer other) {
    return Math.abs(widthMm - other.widthMm) < SAME_MM
        && Math.abs(lengthMm - other.lengthMm) < SAME_MM;
  }

  /** Its longer side, in mm. */
  public double longMm() {
    return Math.max(widthMm, lengthMm);
  }

  /** Its shorter side, in mm. */
  public double shortMm() {
    return Math.min(widthMm, lengthMm);
  }

  /** The area of one, in mm². */
  public double areaMm2() {
    return widthMm * lengthMm;
  }

  /** What all that are sold together cost at a thickness. */
  public double price(double thicknessMm) {
    return pack * pricePerM2Mm * thicknessMm * areaMm2() / MM2_IN_M2;
  }
}
