package stoutblade.project;

import stoutblade.machine.Cutter;

/**
 * The machine as it is set up for one kind of sheet: plywood is milled where foam is cut with a
 * knife, and thick foam is gone over more often than thin.
 *
 * @param materialId the sheet, by its id in the catalogue
 * @param thicknessMm how thick
 * @param cutter the machine
 */
public record SheetCutter(String materialId, double thicknessMm, Cutter cutter) {

  private static final double SAME_MM = 1e-6;

  /**
   * Checks the thickness.
   *
   * @throws IllegalArgumentException if it is not above 0
   */
  public SheetCutter {
    if (!(thicknessMm > 0) || !Double.isFinite(thicknessMm)) {
      throw new IllegalArgumentException(
          "A machine is set up for sheets above 0 mm thick; found " + thicknessMm);
    }
  }

  /** True where it is for a material and thickness. */
  boolean isFor(String material, double mm) {
    return materialId.equals(material) && Math.abs(thicknessMm - mm) < SAME_MM;
  }

  /** The same with a bed that the machine turned out to have. */
  SheetCutter with(Cutter.Bed bed) {
    return new SheetCutter(materialId, thicknessMm, cutter.with(bed));
  }
}
