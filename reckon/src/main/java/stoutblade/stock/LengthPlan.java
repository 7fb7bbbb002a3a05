package stoutblade.stock;

import java.util.ArrayList;
import java.util.List;

/**
 * Which pieces are sawn from which of the lengths that are sold, so that as few as possible are
 * bought.
 *
 * @param soldMm how long they are sold, in mm
 * @param bars each length with what is sawn from it
 * @param proven true where fewer cannot do; false where the search was given up before it knew
 */
public record LengthPlan(double soldMm, List<Bar> bars, boolean proven) {

  /** Lengths are compared to a hundredth of a millimetre. */
  private static final double UNIT_MM = 0.01;

  /**
   * A piece.
   *
   * @param name what it is for
   * @param mm how long it is sawn
   */
  public record Cut(String name, double mm) {

    /**
     * Checks the length.
     *
     * @throws IllegalArgumentException if it is not above 0
     */
    public Cut {
      if (!(mm > 0) || !Double.isFinite(mm)) {
        throw new IllegalArgumentException("A piece has a length above 0; found " + mm);
      }
    }
  }

  /**
   * One length that is bought.
   *
   * @param cuts what is sawn from it, the longest first
   * @param leftMm what is left over
   */
  public record Bar(List<Cut> cuts, double leftMm) {

    /** Copies the list. */
    public Bar {
      cuts = List.copyOf(cuts);
    }
  }

  /** Copies the list. */
  public LengthPlan {
    bars = List.copyOf(bars);
  }

  /**
   * The plan with the fewest lengths. A piece that is longer than what is sold takes whole lengths,
   * and what it has over is sawn like any other.
   *
   * @param kerfMm what the saw takes between two pieces, in mm
   * @throws IllegalArgumentException if nothing is sold
   */
  public static LengthPlan of(List<Cut> cuts, double soldMm, double kerfMm) {
    if (!(soldMm > 0) || !(kerfMm >= 0)) {
      throw new IllegalArgumentException(
          "Lengths are sold above 0 mm long, and a saw takes 0 mm or more; found %s and %s"
              .formatted(soldMm, kerfMm));
    }
    List<Bar> bars = new ArrayList<>();
    List<Cut> left = new ArrayList<>();
    for (Cut cut : cuts) {
      int whole = (int) Math.floor(cut.mm() / soldMm);
      double over = cut.mm() - whole * soldMm;
      String name = whole > 0 ? cut.name() + ", joined" : cut.name();
      for (int i = 0; i < whole; i++) {
        bars.add(new Bar(List.of(new Cut(name, soldMm)), 0));
      }
      if (over > UNIT_MM / 2) {
        left.add(new Cut(name, over));
      }
    }
    left.sort((one, other) -> Double.compare(other.mm(), one.mm()));
    long[] sizes = left.stream().mapToLong(it -> units(it.mm() + kerfMm)).toArray();
    LengthSearch search = new LengthSearch(sizes, units(soldMm + kerfMm));
    for (List<Integer> own : search.bins()) {
      List<Cut> sawn = own.stream().map(left::get).toList();
      double used = sawn.stream().mapToDouble(Cut::mm).sum() + kerfMm * (sawn.size() - 1);
      bars.add(new Bar(sawn, Math.max(0, soldMm - used)));
    }
    return new LengthPlan(soldMm, bars, search.proven());
  }

  private static long units(double mm) {
    return Math.round(mm / UNIT_MM);
  }
}
