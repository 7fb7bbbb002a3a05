package stoutblade.catalogue;

import java.util.List;

/**
 * A kind of foam sheet in the catalogue.
 *
 * @param id catalogue id
 * @param name the kind of foam
 * @param thicknessesMm what can be bought, in mm, thin to thick
 * @param densityGPerMm3 mass per volume, in g/mm³
 * @param sheetWidthMm width of the usual sheet
 * @param sheetLengthMm length of the usual sheet
 * @param textured true where one face is textured and must be ground before glue holds
 * @param source where the values come from
 */
public record Foam(
    String id,
    String name,
    List<Double> thicknessesMm,
    double densityGPerMm3,
    double sheetWidthMm,
    double sheetLengthMm,
    boolean textured,
    String source) {

  /**
   * Checks that it can be a sheet.
   *
   * @throws IllegalArgumentException if a size or the density is not positive
   */
  public Foam {
    thicknessesMm = List.copyOf(thicknessesMm);
    if (thicknessesMm.isEmpty() || thicknessesMm.stream().anyMatch(t -> !(t > 0))) {
      throw new IllegalArgumentException(id + ": a foam has thicknesses above 0 mm");
    }
    if (!(densityGPerMm3 > 0) || !(sheetWidthMm > 0) || !(sheetLengthMm > 0)) {
      throw new IllegalArgumentException(id + ": density and sheet size of a foam are above 0");
    }
  }
}
