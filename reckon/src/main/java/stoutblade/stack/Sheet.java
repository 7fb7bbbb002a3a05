package stoutblade.stack;

import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * One layer of a stack.
 *
 * @param foamId the foam's id in the catalogue
 * @param thicknessMm its thickness
 * @param oversize true where it is cut large, glued, and trimmed to the layer below it
 * @param turned true where the textured face of the sheet, if it has one, looks to the back
 */
public record Sheet(String foamId, double thicknessMm, boolean oversize, boolean turned) {

  /** The thickest sheet, in mm. */
  public static final double THICKEST_MM = 200;

  /**
   * Checks the thickness.
   *
   * @throws IllegalArgumentException if it is out of range; the message can be shown
   */
  public Sheet {
    if (!(thicknessMm > 0 && thicknessMm <= THICKEST_MM)) {
      throw new IllegalArgumentException(
          "A layer is up to 20 cm thick; found " + Display.length(thicknessMm, Units.METRIC));
    }
  }

  /** A sheet that is cut to the line. */
  public static Sheet of(String foamId, double thicknessMm) {
    return new Sheet(foamId, thicknessMm, false, false);
  }

  public Sheet withOversize(boolean changed) {
    return new Sheet(foamId, thicknessMm, changed, turned);
  }

  public Sheet withTurned(boolean changed) {
    return new Sheet(foamId, thicknessMm, oversize, changed);
  }

  /** True where another is of the same foam and thickness. */
  public boolean sameFoam(Sheet other) {
    return foamId.equals(other.foamId) && thicknessMm == other.thicknessMm;
  }
}
