package stoutblade.stack;

import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * A strip of foam round the edge of a stack: it hides the joints between the layers, which are cut
 * smaller by its thickness.
 *
 * @param materialId the foam's id in the catalogue
 * @param thicknessMm its thickness
 */
public record Band(String materialId, double thicknessMm) {

  /** The thickest band, in mm: thicker foam does not go round an edge. */
  public static final double THICKEST_MM = 20;

  /**
   * Checks the thickness.
   *
   * @throws IllegalArgumentException if it is out of range; the message can be shown
   */
  public Band {
    if (!(thicknessMm > 0 && thicknessMm <= THICKEST_MM)) {
      throw new IllegalArgumentException(
          "A band round an edge is up to 2 cm thick; found "
              + Display.length(thicknessMm, Units.METRIC));
    }
  }
}
