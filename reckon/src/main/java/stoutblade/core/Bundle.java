package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import stoutblade.shape.Point;

/** Round rods of one kind that are glued together side by side, each touching its neighbours. */
public final class Bundle {

  /** How far out the middles lie, and whether one lies in the middle, by how many there are. */
  private static final Map<Integer, Ring> RINGS =
      new TreeMap<>(
          Map.of(
              3, new Ring(3, 1 / Math.sqrt(3), false, "2 / sqrt(3)"),
              4, new Ring(4, 1 / Math.sqrt(2), false, "sqrt(2)"),
              7, new Ring(6, 1, true, "2")));

  private Bundle() {}

  /** Rods round a middle; how far out in diameters of one, and twice that in a formula's words. */
  private record Ring(int around, double out, boolean middle, String twice) {}

  /** How many make a bundle that is as stiff all round; 1 for a rod by itself. */
  public static List<Integer> counts() {
    List<Integer> all = new ArrayList<>(List.of(1));
    all.addAll(RINGS.keySet());
    return List.copyOf(all);
  }

  /** How wide it is over all, in diameters of one. */
  static double across(int count) {
    return count == 1 ? 1 : 1 + 2 * RINGS.get(count).out;
  }

  /** The same in the words of a formula. */
  static String acrossFormula(int count) {
    return "(1 + " + RINGS.get(count).twice + ")";
  }

  /** Where the middles of the rods lie, in diameters of one. */
  static List<Point> middles(int count) {
    if (count == 1) {
      return List.of(new Point(0, 0));
    }
    Ring ring = RINGS.get(count);
    List<Point> all = new ArrayList<>();
    for (int i = 0; i < ring.around; i++) {
      double turn = Math.PI / 2 + 2 * Math.PI * i / ring.around;
      all.add(new Point(ring.out * Math.cos(turn), ring.out * Math.sin(turn)));
    }
    if (ring.middle) {
      all.add(new Point(0, 0));
    }
    return all;
  }

  /** The sum of the squares of their heights over the middle, in diameters of one squared. */
  static double spread(int count) {
    return middles(count).stream().mapToDouble(it -> it.y() * it.y()).sum();
  }
}
