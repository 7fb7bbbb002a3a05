package stoutblade.catalogue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/**
 * A kind of sheet in the catalogue: foam, board, felt and so on.
 *
 * @param id catalogue id
 * @param name the kind of sheet
 * @param familyId what family of sheets it belongs to
 * @param thicknessesMm what can be bought, in mm, thin to thick
 * @param densityGPerMm3 mass per volume, in g/mm³
 * @param sheetWidthMm width of the usual sheet
 * @param sheetLengthMm length of the usual sheet
 * @param textured true where one face is textured and must be ground before glue holds
 * @param modulus how stiff it is: Young's modulus, in N/mm²
 * @param pricePerM2Mm what a square metre costs for each millimetre of thickness, in the maker's
 *     own money
 * @param source where the values come from
 * @param otherOffers in which other sizes and packs it is sold
 */
public record SheetMaterial(
    String id,
    String name,
    String familyId,
    List<Double> thicknessesMm,
    double densityGPerMm3,
    double sheetWidthMm,
    double sheetLengthMm,
    boolean textured,
    double modulus,
    double pricePerM2Mm,
    String source,
    List<SheetOffer> otherOffers) {

  /** How far sheets of one grade differ in density: one standard deviation, as a share. */
  private static final double DENSITY_SHARE = 0.08;

  /** Its name up to what it weighs, for where there is little room. */
  public String shortName() {
    int about = name.indexOf(", about");
    return about < 0 ? name : name.substring(0, about);
  }

  /**
   * Checks that it can be a sheet.
   *
   * @throws IllegalArgumentException if a size or the density is not positive
   */
  public SheetMaterial {
    thicknessesMm = List.copyOf(thicknessesMm);
    otherOffers = List.copyOf(otherOffers);
    if (thicknessesMm.isEmpty() || thicknessesMm.stream().anyMatch(t -> !(t > 0))) {
      throw new IllegalArgumentException(id + ": a sheet has thicknesses above 0 mm");
    }
    if (!(modulus > 0) || !(pricePerM2Mm >= 0)) {
      throw new IllegalArgumentException(
          id + ": a sheet's stiffness is above 0 and its price not below");
    }
    if (!(densityGPerMm3 > 0) || !(sheetWidthMm > 0) || !(sheetLengthMm > 0)) {
      throw new IllegalArgumentException(id + ": density and size of a sheet are above 0");
    }
  }

  /** A sheet of the usual family. */
  public SheetMaterial(
      String id,
      String name,
      List<Double> thicknessesMm,
      double densityGPerMm3,
      double sheetWidthMm,
      double sheetLengthMm,
      boolean textured,
      double modulus,
      double pricePerM2Mm,
      String source) {
    this(
        id,
        name,
        SheetFamily.USUAL,
        thicknessesMm,
        densityGPerMm3,
        sheetWidthMm,
        sheetLengthMm,
        textured,
        modulus,
        pricePerM2Mm,
        source,
        List.of());
  }

  /** In which sizes and packs it is sold, the usual one first. */
  public List<SheetOffer> offers() {
    List<SheetOffer> all = new ArrayList<>();
    all.add(new SheetOffer(sheetWidthMm, sheetLengthMm, 1, pricePerM2Mm));
    all.addAll(otherOffers);
    return all;
  }

  /** The largest sheet of it: what is larger is cut apart. */
  public SheetOffer largest() {
    return offers().stream().max(Comparator.comparing(SheetOffer::areaMm2)).orElseThrow();
  }

  /** A sheet like it, of another density. */
  public SheetMaterial withDensity(String ownId, double gPerMm3) {
    return new SheetMaterial(
        ownId,
        name,
        familyId,
        thicknessesMm,
        gPerMm3,
        sheetWidthMm,
        sheetLengthMm,
        textured,
        modulus,
        pricePerM2Mm,
        source,
        otherOffers);
  }

  /** The same sold in other sizes, too. */
  public SheetMaterial withOffers(List<SheetOffer> changed) {
    return new SheetMaterial(
        id,
        name,
        familyId,
        thicknessesMm,
        densityGPerMm3,
        sheetWidthMm,
        sheetLengthMm,
        textured,
        modulus,
        pricePerM2Mm,
        source,
        changed);
  }

  /** How unsure its density is, as a share of it: one cause for all that is made of it. */
  public Uncertainty densityDoubt() {
    return Uncertainty.of("density." + id, DENSITY_SHARE);
  }

  /**
   * Its density as a figure.
   *
   * @param figureId the figure's id
   */
  public Figure density(String figureId) {
    return new Figure(
        figureId,
        "Density of " + name,
        densityGPerMm3,
        Quantity.DENSITY,
        "",
        List.of(),
        Source.catalogue(source + "; sheets of one grade differ by 8 % (our assumption)"),
        densityDoubt().times(densityGPerMm3));
  }
}
