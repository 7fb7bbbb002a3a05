package stoutblade.stock;

import stoutblade.nest.NestJob;
import stoutblade.nest.SheetPlan;

/**
 * How the pieces of one kind of sheet are laid, as the maker decided: it is bought by for as long
 * as the cut list is what it was.
 *
 * @param materialId what they are cut from
 * @param thicknessMm how thick
 * @param gapMm kept between pieces
 * @param rimMm kept free along the edges of sheets
 * @param listMark of what was asked for when they were laid
 * @param plan where they lie
 */
public record Laying(
    String materialId,
    double thicknessMm,
    double gapMm,
    double rimMm,
    String listMark,
    SheetPlan plan) {

  /** What is kept between pieces where nothing is said (common practice for a knife). */
  public static final double USUAL_GAP_MM = 3;

  private static final double MOST_MM = 500;
  private static final double SAME_MM = 1e-6;

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is out of range
   */
  public Laying {
    if (!(thicknessMm > 0)
        || !(gapMm >= 0 && gapMm <= MOST_MM)
        || !(rimMm >= 0 && rimMm <= MOST_MM)) {
      throw new IllegalArgumentException(
          "A gap and a rim are 0 to %.0f mm; found %s and %s".formatted(MOST_MM, gapMm, rimMm));
    }
  }

  /** One with nothing laid yet. */
  public static Laying none(CutList.Kind kind) {
    return new Laying(kind.foam().id(), kind.thicknessMm(), USUAL_GAP_MM, 0, "", SheetPlan.NONE);
  }

  /** True where it is of that kind. */
  public boolean isOf(CutList.Kind kind) {
    return isOf(kind.foam().id(), kind.thicknessMm());
  }

  /** True where it is of a material and thickness. */
  public boolean isOf(String material, double mm) {
    return materialId.equals(material) && Math.abs(thicknessMm - mm) < SAME_MM;
  }

  /** The same with a gap and a rim. */
  public Laying with(double gap, double rim) {
    return new Laying(materialId, thicknessMm, gap, rim, listMark, plan);
  }

  /** The same with other places, for a list as it is now. */
  public Laying with(SheetPlan other, String mark) {
    return new Laying(materialId, thicknessMm, gapMm, rimMm, mark, other);
  }

  /** How many sheets must be bought for it. */
  public int toBuy() {
    return Buying.sheets(plan).size();
  }

  /** How many pieces lie somewhere. */
  int laid() {
    return plan.sheets().stream().mapToInt(it -> it.pieces().size()).sum();
  }

  /** What is left of it now. */
  public SheetPlan.Fitted on(NestJob job) {
    return plan.on(job);
  }
}
