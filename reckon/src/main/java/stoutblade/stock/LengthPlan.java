package stoutblade.stock;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Which pieces are sawn from which lengths, those that are there already and those that are sold,
 * so that as few as possible are bought.
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
   * One length.
   *
   * @param cuts what is sawn from it, the longest first
   * @param leftMm what is left over
   * @param longMm how long it is
   * @param there true where it is there already, false where it is bought
   */
  public record Bar(List<Cut> cuts, double leftMm, double longMm, boolean there) {

    /** Copies the list. */
    public Bar {
      cuts = List.copyOf(cuts);
    }
  }

  /** Copies the list. */
  public LengthPlan {
    bars = List.copyOf(bars);
  }

  /** How many are bought. */
  public long toBuy() {
    return bars.stream().filter(it -> !it.there()).count();
  }

  /** The plan with the fewest lengths where none is there. */
  public static LengthPlan of(List<Cut> cuts, double soldMm, double kerfMm) {
    return of(cuts, List.of(), soldMm, kerfMm);
  }

  /**
   * The plan that buys the fewest lengths. A piece that is longer than what is sold takes whole
   * lengths, and what it has over is sawn like any other.
   *
   * @param there how long those are that are there already, in mm
   * @param kerfMm what the saw takes between two pieces, in mm
   * @throws IllegalArgumentException if nothing is sold
   */
  public static LengthPlan of(List<Cut> cuts, List<Double> there, double soldMm, double kerfMm) {
    if (!(soldMm > 0) || !(kerfMm >= 0)) {
      throw new IllegalArgumentException(
          "Lengths are sold above 0 mm long, and a saw takes 0 mm or more; found %s and %s"
              .formatted(soldMm, kerfMm));
    }
    List<Bar> bars = new ArrayList<>();
    List<Double> has = new ArrayList<>(there);
    Collections.sort(has);
    List<Cut> left = new ArrayList<>();
    for (Cut cut : longestFirst(cuts)) {
      Optional<Double> whole =
          has.stream().filter(it -> cut.mm() > soldMm && it >= cut.mm() - UNIT_MM).findFirst();
      if (whole.isPresent()) {
        // Longer than it is sold, and one that is there is long enough.
        has.remove(whole.get());
        double rest = Math.max(0, whole.get() - cut.mm());
        bars.add(new Bar(List.of(cut), rest, whole.get(), true));
      } else {
        joined(cut, soldMm, bars, left);
      }
    }
    List<Cut> sorted = longestFirst(left);
    long[] sizes = sorted.stream().mapToLong(it -> units(it.mm() + kerfMm)).toArray();
    long[] own = has.stream().mapToLong(it -> units(it + kerfMm)).toArray();
    LengthSearch search = new LengthSearch(sizes, own, units(soldMm + kerfMm));
    List<List<Integer>> bins = search.bins();
    for (int k = 0; k < bins.size(); k++) {
      List<Cut> sawn = bins.get(k).stream().map(sorted::get).toList();
      if (!sawn.isEmpty()) {
        double used = sawn.stream().mapToDouble(Cut::mm).sum() + kerfMm * (sawn.size() - 1);
        double full = k < own.length ? has.get(k) : soldMm;
        bars.add(new Bar(sawn, Math.max(0, full - used), full, k < own.length));
      }
    }
    return new LengthPlan(soldMm, bars, search.proven());
  }

  private static List<Cut> longestFirst(List<Cut> cuts) {
    List<Cut> sorted = new ArrayList<>(cuts);
    sorted.sort((one, other) -> Double.compare(other.mm(), one.mm()));
    return sorted;
  }

  /** A piece that is longer than what is sold takes whole lengths and a rest. */
  private static void joined(Cut cut, double soldMm, List<Bar> bars, List<Cut> left) {
    int whole = (int) Math.floor(cut.mm() / soldMm);
    double over = cut.mm() - whole * soldMm;
    String name = whole > 0 ? cut.name() + ", joined" : cut.name();
    for (int i = 0; i < whole; i++) {
      bars.add(new Bar(List.of(new Cut(name, soldMm)), 0, soldMm, false));
    }
    if (over > UNIT_MM / 2) {
      left.add(new Cut(name, over));
    }
  }

  private static long units(double mm) {
    return Math.round(mm / UNIT_MM);
  }
}
