package stoutblade.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * Goes several ways of filling corners at once, and on from those where most of all edges touches:
 * a piece in the wrong corner is found out by what comes after it.
 */
final class CornerBeam {

  private final int ways;
  private final int each;
  private final int width;
  private final BooleanSupplier stop;

  /** A way on from a filling. */
  private record Branch(CornerFilling from, CornerFilling.Fit fit, double touched) {}

  /**
   * A beam.
   *
   * @param ways how many are gone on at once
   * @param each how many are tried from each
   * @param width how many corners are looked at for each
   */
  CornerBeam(int ways, int each, int width, BooleanSupplier stop) {
    this.ways = ways;
    this.each = each;
    this.width = width;
    this.stop = stop;
  }

  /** The filling with which most is laid and most touches. */
  CornerFilling run(CornerFilling first, Random random) {
    List<CornerFilling> now = List.of(first);
    CornerFilling best = first;
    while (!now.isEmpty() && !stop.getAsBoolean()) {
      best = now.getFirst();
      List<Branch> branches = new ArrayList<>();
      for (CornerFilling it : now) {
        for (CornerFilling.Fit fit : it.fits(each, width)) {
          branches.add(new Branch(it, fit, it.touchedWith(fit)));
        }
      }
      branches.sort(Comparator.comparing(it -> -it.touched));
      Set<Long> seen = new HashSet<>();
      List<CornerFilling> next = new ArrayList<>();
      for (Branch it : branches) {
        if (next.size() < ways && seen.add(it.from.keyWith(it.fit))) {
          next.add(it.from.with(it.fit));
        }
      }
      now = next;
    }
    best.finish(random);
    return best;
  }
}
