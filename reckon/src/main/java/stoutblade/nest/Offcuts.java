package stoutblade.nest;

import java.util.Comparator;
import java.util.List;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** What is left of a sheet once it is cut, as shapes that can be cut from again. */
public final class Offcuts {

  /** What is narrower than this is waste (our assumption). */
  private static final double NARROWEST_MM = 24;

  /** And what is smaller. */
  private static final double SMALLEST_MM2 = 5_000;

  /** Edges are kept to this, inwards. */
  private static final double SIMPLER_MM = 0.5;

  private Offcuts() {}

  /**
   * The offcuts of a sheet, the largest first.
   *
   * @param gapMm what the tool takes and spoils round each piece
   */
  public static List<Region> of(NestSheet sheet, List<Nesting.Placed> pieces, double gapMm) {
    Region rest = sheet.outline();
    for (Nesting.Placed it : pieces) {
      rest = rest.difference(it.region().offset(gapMm / 2));
    }
    Region wide = rest.offset(-NARROWEST_MM / 2);
    if (wide.isEmpty()) {
      return List.of();
    }
    Region kept = wide.offset(NARROWEST_MM / 2).intersection(rest);
    Region simple = kept.offset(-SIMPLER_MM).simplified(SIMPLER_MM).intersection(kept);
    return simple.parts().stream()
        .filter(it -> it.area() >= SMALLEST_MM2)
        .sorted(Comparator.comparing(Region::area).reversed())
        .map(Offcuts::atCorner)
        .toList();
  }

  /** Moved so that its box begins at 0. */
  private static Region atCorner(Region it) {
    Point by = new Point(-it.box().minX(), -it.box().minY());
    return it.moved(by::plus);
  }
}
