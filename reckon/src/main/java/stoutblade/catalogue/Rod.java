package stoutblade.catalogue;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/**
 * A rod or tube in the catalogue.
 *
 * @param id catalogue id
 * @param name the kind of rod
 * @param outerMm outside diameter in mm
 * @param innerMm inside diameter in mm; 0 for a solid rod
 * @param modulus Young's modulus in N/mm²
 * @param modulusStd how unsure that is: one standard deviation, in N/mm²
 * @param densityGPerMm3 mass per volume, in g/mm³
 * @param lengthMm the length it is sold in, in mm
 * @param softens true for what goes soft with gentle heat, so that it can be bent and squeezed
 * @param source where the values come from
 */
public record Rod(
    String id,
    String name,
    double outerMm,
    double innerMm,
    double modulus,
    double modulusStd,
    double densityGPerMm3,
    double lengthMm,
    boolean softens,
    String source) {

  /** How far rods of one kind differ in density: one standard deviation, as a share. */
  private static final double DENSITY_SHARE = 0.05;

  /** How unsure its density is, as a share of it. */
  public Uncertainty densityDoubt() {
    return Uncertainty.of("density." + id, DENSITY_SHARE);
  }

  /** Its density as a figure, with how unsure it is. */
  public Figure density(String figureId) {
    return new Figure(
        figureId,
        "Density of the rod",
        densityGPerMm3,
        Quantity.DENSITY,
        "",
        List.of(),
        Source.catalogue(name + ": " + source + "; rods of a kind differ by 5 % (our assumption)"),
        densityDoubt().times(densityGPerMm3));
  }

  /**
   * Checks that it can be a rod.
   *
   * @throws IllegalArgumentException if a size or property is out of range
   */
  public Rod {
    if (!(outerMm > 0) || !(innerMm >= 0) || innerMm >= outerMm) {
      throw new IllegalArgumentException(
          id + ": a rod's inside is smaller than its outside; found " + innerMm + " in " + outerMm);
    }
    if (!(modulus > 0) || !(modulusStd >= 0) || !(densityGPerMm3 > 0) || !(lengthMm > 0)) {
      throw new IllegalArgumentException(id + ": modulus, density and length of a rod are above 0");
    }
  }
}
