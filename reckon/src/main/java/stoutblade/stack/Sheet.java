package stoutblade.stack;

import java.util.Optional;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.shape.Outline;

/**
 * One layer of a stack.
 *
 * @param materialId the foam's id in the catalogue
 * @param thicknessMm its thickness
 * @param oversize true where it is cut large, glued, and trimmed to the layer below it
 * @param turned true where the textured face of the sheet, if it has one, looks to the back
 * @param own its own outline, where it is not cut to the part's: teeth in the middle, a stepped rim
 * @param frame what is left of it where it is hollowed out; empty where it is solid
 */
public record Sheet(
    String materialId,
    double thicknessMm,
    boolean oversize,
    boolean turned,
    Optional<Outline> own,
    Optional<Frame> frame) {

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
  public static Sheet of(String materialId, double thicknessMm) {
    return new Sheet(materialId, thicknessMm, false, false, Optional.empty(), Optional.empty());
  }

  public Sheet withOversize(boolean changed) {
    return new Sheet(materialId, thicknessMm, changed, turned, own, frame);
  }

  public Sheet withTurned(boolean changed) {
    return new Sheet(materialId, thicknessMm, oversize, changed, own, frame);
  }

  public Sheet withOwn(Optional<Outline> changed) {
    return new Sheet(materialId, thicknessMm, oversize, turned, changed, frame);
  }

  /** The same hollowed out, or solid again. */
  public Sheet withFrame(Optional<Frame> changed) {
    return new Sheet(materialId, thicknessMm, oversize, turned, own, changed);
  }

  /** The same of another foam. */
  public Sheet withMaterial(String changedId, double mm) {
    return new Sheet(changedId, mm, oversize, turned, own, frame);
  }

  /** True where another is of the same foam and thickness. */
  public boolean sameFoam(Sheet other) {
    return materialId.equals(other.materialId) && thicknessMm == other.thicknessMm;
  }
}
