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
 * @param outerMm outside diameter in mm; of what is flat or square, how thick it is
 * @param innerMm inside diameter in mm, or between the walls; 0 for a solid rod
 * @param wideMm how wide it is where it is flat or square, as wide as thick or wider; 0 for a round
 *     one
 * @param modulus Young's modulus in N/mm²
 * @param modulusStd how unsure that is: one standard deviation, in N/mm²
 * @param strength the stress of bending that its material is stated to bear, in N/mm²; 0 where none
 *     is known
 * @param densityGPerMm3 mass per volume, in g/mm³
 * @param lengthMm the length it is sold in, in mm
 * @param price what one length costs; 0 where that is not known
 * @param softens true for what goes soft with gentle heat, so that it can be bent and squeezed
 * @param source where the values come from
 */
public record Rod(
    String id,
    String name,
    double outerMm,
    double innerMm,
    double wideMm,
    double modulus,
    double modulusStd,
    double strength,
    double densityGPerMm3,
    double lengthMm,
    double price,
    boolean softens,
    String source) {

  /** Glass in resin is about 2.0 g/cm³, aluminium 2.7. */
  private static final double LIGHTEST_METAL = 2.4e-3;

  /** How far rods of one kind differ in density: one standard deviation, as a share. */
  private static final double DENSITY_SHARE = 0.05;

  /** A round one whose strength and price are not known. */
  public Rod(
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
    this(
        id,
        name,
        outerMm,
        innerMm,
        0,
        modulus,
        modulusStd,
        0,
        densityGPerMm3,
        lengthMm,
        0,
        softens,
        source);
  }

  /** True for metal: no wood, plastic, glass or carbon is as dense as the lightest in use. */
  public boolean metal() {
    return densityGPerMm3 > LIGHTEST_METAL;
  }

  /** True for what has flat sides. */
  public boolean square() {
    return wideMm > 0;
  }

  /**
   * The same with a bore drilled through it.
   *
   * @throws IllegalArgumentException if that is as wide as the rod
   */
  public Rod drilled(double boreMm) {
    return new Rod(
        id,
        name,
        outerMm,
        boreMm,
        wideMm,
        modulus,
        modulusStd,
        strength,
        densityGPerMm3,
        lengthMm,
        price,
        softens,
        source);
  }

  /** The area of its section, in mm². */
  public double areaMm2() {
    double inside = wideMm - (outerMm - innerMm);
    return square()
        ? outerMm * wideMm - (innerMm > 0 ? innerMm * inside : 0)
        : Math.PI / 4 * (outerMm * outerMm - innerMm * innerMm);
  }

  /** Its second moment of area, bent over its flat side, in mm⁴. */
  public double secondMomentMm4() {
    double inside = wideMm - (outerMm - innerMm);
    return square()
        ? (wideMm * Math.pow(outerMm, 3) - (innerMm > 0 ? inside * Math.pow(innerMm, 3) : 0)) / 12
        : Math.PI / 64 * (Math.pow(outerMm, 4) - Math.pow(innerMm, 4));
  }

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
    if (!(wideMm == 0 || wideMm >= outerMm) || !(strength >= 0) || !(price >= 0)) {
      throw new IllegalArgumentException(
          id + ": what is flat is as wide as thick or wider; strength and price are not negative");
    }
    if (!(modulus > 0) || !(modulusStd >= 0) || !(densityGPerMm3 > 0) || !(lengthMm > 0)) {
      throw new IllegalArgumentException(id + ": modulus, density and length of a rod are above 0");
    }
  }
}
