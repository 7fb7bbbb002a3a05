package stoutblade.develop;

import java.util.List;

/**
 * Strip that is bought by the length and not cut from a sheet.
 *
 * @param kind its cross-section, in words
 * @param widthMm how wide it is, in mm
 * @param sectionMm2 the area of its cross-section, in mm²
 * @param freeMm how far it is round its cross-section from foot to foot, in mm
 * @param middleMm how long all pieces are along the middle of the section, in mm: what they weigh
 *     by
 * @param piecesMm how long each piece is on its longest side, with its mitres, in mm
 */
public record Strip(
    String kind,
    double widthMm,
    double sectionMm2,
    double freeMm,
    double middleMm,
    List<Double> piecesMm) {

  /** Copies the list. */
  public Strip {
    piecesMm = List.copyOf(piecesMm);
  }

  /** How much of it is taken with all mitres, in mm. */
  public double boughtMm() {
    return piecesMm.stream().mapToDouble(Double::doubleValue).sum();
  }

  /** What it takes of foam, in mm³. */
  public double volume() {
    return sectionMm2 * middleMm;
  }
}
