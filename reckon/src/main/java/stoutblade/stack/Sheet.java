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
 * @param offset how far outside the part's outline its own runs, in mm, inside where negative; then
 *     it follows that; empty for one that does not
 * @param frame what is left of it where it is hollowed out; empty where it is solid
 * @param splits how it is cut apart where it is larger than its sheet
 */
public record Sheet(
    String materialId,
    double thicknessMm,
    boolean oversize,
    boolean turned,
    Optional<Outline> own,
    Optional<Double> offset,
    Optional<Frame> frame,
    Splits splits) {

  /** The thickest sheet, in mm. */
  public static final double THICKEST_MM = 200;

  private static final double MOST_OFFSET_MM = 1000;

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
    if (offset.filter(it -> !(Math.abs(it) <= MOST_OFFSET_MM)).isPresent()) {
      throw new IllegalArgumentException(
          "A layer follows its part within 1 m of it; found " + offset.get() + " mm");
    }
  }

  /** A sheet that is cut to the line. */
  public static Sheet of(String materialId, double thicknessMm) {
    return new Sheet(
        materialId,
        thicknessMm,
        false,
        false,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Splits.PROPOSED);
  }

  public Sheet withOversize(boolean changed) {
    return new Sheet(materialId, thicknessMm, changed, turned, own, offset, frame, splits);
  }

  public Sheet withTurned(boolean changed) {
    return new Sheet(materialId, thicknessMm, oversize, changed, own, offset, frame, splits);
  }

  /** The same with an outline drawn by itself, or cut to the part's. */
  public Sheet withOwn(Optional<Outline> changed) {
    return new Sheet(
        materialId, thicknessMm, oversize, turned, changed, Optional.empty(), frame, splits);
  }

  /** The same with an outline that follows the part's at a distance. */
  public Sheet following(Outline outline, double mm) {
    return new Sheet(
        materialId,
        thicknessMm,
        oversize,
        turned,
        Optional.of(outline),
        Optional.of(mm),
        frame,
        splits);
  }

  /** The same hollowed out, or solid again. */
  public Sheet withFrame(Optional<Frame> changed) {
    return new Sheet(materialId, thicknessMm, oversize, turned, own, offset, changed, splits);
  }

  /** The same cut apart another way. */
  public Sheet with(Splits changed) {
    return new Sheet(materialId, thicknessMm, oversize, turned, own, offset, frame, changed);
  }

  /** The same of another foam. */
  public Sheet withMaterial(String changedId, double mm) {
    return new Sheet(changedId, mm, oversize, turned, own, offset, frame, splits);
  }

  /** The same on a part that is made larger or smaller: its thickness stays. */
  Sheet times(double factor) {
    return new Sheet(
        materialId,
        thicknessMm,
        oversize,
        turned,
        own.map(it -> it.times(factor)),
        offset.map(it -> it * factor),
        frame,
        splits.times(factor));
  }

  /** True where another is of the same foam and thickness. */
  public boolean sameFoam(Sheet other) {
    return materialId.equals(other.materialId) && thicknessMm == other.thicknessMm;
  }
}
