package stoutblade.layer;

import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.develop.Panel;

/**
 * The strips that cover splices, of thin foam (common practice): the part's own where it is sold
 * thin, else the thinnest that there is.
 *
 * @param foam their foam
 * @param thicknessMm how thick they are
 * @param panels the strips
 */
public record CoverStrips(SheetMaterial foam, double thicknessMm, List<Panel> panels) {

  /** SheetMaterial up to this thickness is thin: our assumption. */
  private static final double THIN_MM = 3;

  /** Copies the list. */
  public CoverStrips {
    panels = List.copyOf(panels);
  }

  /**
   * The strips for some panels.
   *
   * @param own the panels' foam
   * @param all the foams that there are
   * @return empty where every panel fits a sheet
   */
  public static Optional<CoverStrips> of(
      Splices splices, List<Panel> panels, SheetMaterial own, List<SheetMaterial> all) {
    List<Panel> strips = splices.strips(panels);
    if (strips.isEmpty()) {
      return Optional.empty();
    }
    SheetMaterial foam =
        thinnest(own) <= THIN_MM
            ? own
            : all.stream().min(Comparator.comparingDouble(CoverStrips::thinnest)).orElse(own);
    return Optional.of(new CoverStrips(foam, thinnest(foam), strips));
  }

  private static double thinnest(SheetMaterial foam) {
    return Collections.min(foam.thicknessesMm());
  }

  /** The area of all of them, in mm². */
  public double areaMm2() {
    return panels.stream().mapToDouble(it -> it.count() * it.area()).sum();
  }
}
