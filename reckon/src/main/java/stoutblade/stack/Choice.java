package stoutblade.stack;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.stack.Wish.Criterion;
import stoutblade.stack.Wish.Outside;

/**
 * A stack that answers a wish, with what it is compared by.
 *
 * @param sheets from the back to the front
 * @param thicknessMm all together
 * @param deviationMm how far from the wish, thicker above 0
 * @param bought how many sheets are not there as leftovers
 * @param symmetric true where the front half is the back half turned over
 * @param surfaceModulus of the softer of the outer layers, in N/mm²; of the harder one where a soft
 *     outside is wished
 * @param massG of all layers at full area
 * @param cost of what must be bought
 */
public record Choice(
    List<Sheet> sheets,
    double thicknessMm,
    double deviationMm,
    int bought,
    boolean symmetric,
    double surfaceModulus,
    double massG,
    double cost) {

  private static final double TENTHS = 10;
  private static final double SAME = 1e6;
  static final double MM2_IN_M2 = 1e6;

  /** Copies the sheets. */
  public Choice {
    sheets = List.copyOf(sheets);
  }

  /** How many times it is glued. */
  public int glueUps() {
    return sheets.size() - 1;
  }

  /**
   * Works out what a stack is compared by.
   *
   * @param foams those of the sheets, from the back to the front
   */
  static Choice of(List<Sheet> sheets, List<SheetMaterial> foams, Wish wish) {
    double thickness = 0;
    double mass = 0;
    double cost = 0;
    int bought = 0;
    Map<String, Double> left = new HashMap<>();
    wish.leftovers()
        .forEach(
            it -> left.merge(key(it.materialId(), it.thicknessMm()), it.areaMm2(), Double::sum));
    for (int i = 0; i < sheets.size(); i++) {
      Sheet sheet = sheets.get(i);
      SheetMaterial foam = foams.get(i);
      thickness += sheet.thicknessMm();
      mass += sheet.thicknessMm() * wish.areaMm2() * foam.densityGPerMm3();
      String key = key(sheet.materialId(), sheet.thicknessMm());
      double there = left.getOrDefault(key, 0.0);
      if (there >= wish.areaMm2() && there > 0) {
        left.put(key, there - wish.areaMm2());
      } else {
        bought++;
        cost += sheet.thicknessMm() * wish.areaMm2() / MM2_IN_M2 * foam.pricePerM2Mm();
      }
    }
    return new Choice(
        sheets,
        thickness,
        thickness - wish.thicknessMm(),
        bought,
        symmetric(sheets),
        surface(foams, wish.outside()),
        mass,
        cost);
  }

  private static String key(String materialId, double mm) {
    return materialId + "/" + mm;
  }

  private static boolean symmetric(List<Sheet> sheets) {
    for (int i = 0; i < sheets.size() / 2; i++) {
      if (!sheets.get(i).sameFoam(sheets.get(sheets.size() - 1 - i))) {
        return false;
      }
    }
    return true;
  }

  private static double surface(List<SheetMaterial> foams, Outside outside) {
    double first = foams.getFirst().modulus();
    double last = foams.getLast().modulus();
    return outside == Outside.SOFT ? Math.max(first, last) : Math.min(first, last);
  }

  /**
   * The order of choices: by what counts most first, the others between equals in their own order.
   * Deviations count in tenths of a millimetre.
   */
  static Comparator<Choice> order(Wish wish) {
    Comparator<Choice> order = by(wish.first(), wish.outside());
    for (Criterion next : Criterion.values()) {
      if (next != wish.first()) {
        order = order.thenComparing(by(next, wish.outside()));
      }
    }
    return order.thenComparing(Choice::words);
  }

  private String words() {
    StringBuilder words = new StringBuilder();
    sheets.forEach(
        it -> words.append(it.materialId()).append(' ').append(it.thicknessMm()).append(' '));
    return words.toString();
  }

  /** A deviation as it counts: in whole tenths of a millimetre, either way. */
  static long tenths(double deviationMm) {
    return whole(Math.abs(deviationMm) * TENTHS);
  }

  /** Rounded so that what sums in another order come to is the same, a half as well. */
  private static long whole(double value) {
    return Math.round(Math.rint(value * SAME) / SAME);
  }

  /** A weight as it counts: in whole tenths of a gram. */
  static long weightTenths(double grams) {
    return whole(grams * TENTHS);
  }

  /** A cost as it counts: in whole hundredths. */
  static long costHundredths(double money) {
    return whole(money * TENTHS * TENTHS);
  }

  private static Comparator<Choice> by(Criterion criterion, Outside outside) {
    return switch (criterion) {
      case DEVIATION -> Comparator.comparingLong(it -> tenths(it.deviationMm));
      case GLUE_UPS -> Comparator.comparingInt(Choice::glueUps);
      case BOUGHT -> Comparator.comparingInt(Choice::bought);
      case SYMMETRY -> Comparator.comparing(it -> !it.symmetric);
      case SURFACE ->
          switch (outside) {
            case HARD -> Comparator.comparingDouble(it -> -it.surfaceModulus);
            case SOFT -> Comparator.comparingDouble(it -> it.surfaceModulus);
            case ANY -> Comparator.comparingInt(it -> 0);
          };
      case WEIGHT -> Comparator.comparingLong(it -> weightTenths(it.massG));
      case COST -> Comparator.comparingLong(it -> costHundredths(it.cost));
    };
  }
}
