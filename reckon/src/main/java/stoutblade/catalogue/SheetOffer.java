package stoutblade.catalogue;

/**
 * A size in which a sheet is sold, or a roll from which it is cut.
 *
 * @param widthMm width of one
 * @param lengthMm its length; of a roll, the longest that is cut off it
 * @param pack how many are sold together
 * @param pricePerM2Mm what a square metre costs for each millimetre of thickness
 * @param stepMm what is cut off a roll is a multiple of this; 0 where it is no roll
 */
public record SheetOffer(
    double widthMm, double lengthMm, int pack, double pricePerM2Mm, double stepMm) {

  private static final double MM2_IN_M2 = 1e6;
  private static final double SAME_MM = 1e-6;

  /** By so much a piece may be larger: foam gives way. */
  private static final double FITS_MM = 0.1;

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
    if (!(stepMm >= 0) || stepMm > lengthMm || (stepMm > 0 && pack > 1)) {
      throw new IllegalArgumentException(
          "A roll is cut in steps that are shorter than it, one length at a time");
    }
  }

  /** One that is no roll. */
  public SheetOffer(double widthMm, double lengthMm, int pack, double pricePerM2Mm) {
    this(widthMm, lengthMm, pack, pricePerM2Mm, 0);
  }

  /** True where lengths are cut off a roll. */
  public boolean roll() {
    return stepMm > 0;
  }

  /**
   * A length off a roll.
   *
   * @param neededMm how long it is at least; more is cut, up to the next step
   */
  public SheetOffer cutOff(double neededMm) {
    double cut = Math.min(lengthMm, Math.ceil(neededMm / stepMm - 1e-9) * stepMm);
    return new SheetOffer(widthMm, cut, 1, pricePerM2Mm, stepMm);
  }

  /** True where it is as large as another. */
  public boolean sameSize(SheetOffer other) {
    return Math.abs(widthMm - other.widthMm) < SAME_MM
        && Math.abs(lengthMm - other.lengthMm) < SAME_MM
        && roll() == other.roll();
  }

  /** Its longer side, in mm. */
  public double longMm() {
    return Math.max(widthMm, lengthMm);
  }

  /** Its shorter side, in mm. */
  public double shortMm() {
    return Math.min(widthMm, lengthMm);
  }

  /**
   * True where a piece fits it, lengthwise or across.
   *
   * @param wideMm width of the piece
   * @param highMm its height
   */
  public boolean holds(double wideMm, double highMm) {
    return Math.max(wideMm, highMm) <= longMm() + FITS_MM
        && Math.min(wideMm, highMm) <= shortMm() + FITS_MM;
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
