package stoutblade.stack;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import stoutblade.catalogue.SheetMaterial;

/**
 * Finds the stacks that come near a thickness.
 *
 * <p>A stack is sensible when its two outer layers are of one foam and all between them of one
 * foam, the same or another. All such stacks are compared: for each pair of outer layers the inner
 * ones whose sum fits are looked up in a list that is sorted by sum.
 */
public final class StackFinder {

  private static final double SAME_MM = 1e-9;

  private final Wish wish;
  private final Comparator<Choice> order;
  private final PriorityQueue<Choice> best;
  private final int wanted;

  private StackFinder(Wish wish, int wanted) {
    this.wish = wish;
    this.wanted = wanted;
    this.order = Choice.order(wish);
    this.best = new PriorityQueue<>(order.reversed());
  }

  /**
   * The best stacks for a wish, the best first; fewer where there are fewer.
   *
   * @param wanted how many
   */
  public static List<Choice> best(Wish wish, int wanted) {
    return new StackFinder(wish, wanted).found();
  }

  /**
   * Sums of inner layers of one foam.
   *
   * @param thick thicknesses of each, thin to thick
   * @param sums their sums, ascending
   */
  @SuppressWarnings("ArrayRecordComponent") // looked up millions of times
  private record Inner(double[][] thick, double[] sums) {

    static Inner of(List<Double> thicknesses, int most) {
      List<double[]> all = new ArrayList<>();
      all.add(new double[0]);
      gather(thicknesses, 0, most, new double[0], all);
      all.sort(Comparator.comparingDouble(Inner::sum));
      return new Inner(
          all.toArray(double[][]::new), all.stream().mapToDouble(Inner::sum).toArray());
    }

    private static void gather(
        List<Double> thicknesses, int from, int left, double[] taken, List<double[]> into) {
      for (int i = from; i < thicknesses.size() && left > 0; i++) {
        double[] more = Arrays.copyOf(taken, taken.length + 1);
        more[taken.length] = thicknesses.get(i);
        into.add(more);
        gather(thicknesses, i, left - 1, more, into);
      }
    }

    private static double sum(double[] values) {
      return Arrays.stream(values).sum();
    }

    /** The first whose sum is no less. */
    int from(double least) {
      int at = Arrays.binarySearch(sums, least);
      int first = at < 0 ? -at - 1 : at;
      while (first > 0 && sums[first - 1] >= least) {
        first--;
      }
      return first;
    }
  }

  private List<Choice> found() {
    if (!wish.skinned()) {
      wish.foams().forEach(this::single);
    }
    for (SheetMaterial inside : wish.foams()) {
      Inner inner = Inner.of(inside.thicknessesMm(), wish.most() - 2);
      for (SheetMaterial outside : wish.foams()) {
        outer(outside, inside, inner);
      }
    }
    List<Choice> all = new ArrayList<>(best);
    all.sort(order);
    return all;
  }

  private void single(SheetMaterial foam) {
    for (double mm : foam.thicknessesMm()) {
      if (Math.abs(mm - wish.thicknessMm()) <= wish.withinMm() + SAME_MM) {
        offer(List.of(Sheet.of(foam.id(), mm)), List.of(foam));
      }
    }
  }

  private void outer(SheetMaterial outside, SheetMaterial inside, Inner inner) {
    List<Double> skins = outside.thicknessesMm();
    for (int i = 0; i < skins.size() && wish.most() >= 2; i++) {
      for (int k = i; k < skins.size(); k++) {
        if (!wish.skinned() || skins.get(k) <= Wish.SKIN_MM) {
          filled(outside, skins.get(i), skins.get(k), inside, inner);
        }
      }
    }
  }

  private void filled(
      SheetMaterial outside, double back, double front, SheetMaterial inside, Inner inner) {
    double left = wish.thicknessMm() - back - front;
    double least = left - wish.withinMm() - SAME_MM;
    for (int i = inner.from(least); i < inner.sums.length; i++) {
      if (inner.sums[i] > left + wish.withinMm() + SAME_MM) {
        return;
      }
      // Without inner layers one foam for them is as good as another.
      boolean told = inner.thick[i].length > 0 || inside.equals(outside);
      int glueUps = inner.thick[i].length + 1;
      if (told
          && hopeful(inner.sums[i] - left, glueUps, outside, back + front, inside, inner.sums[i])) {
        arranged(outside, back, front, inside, inner.thick[i]);
      }
    }
  }

  /** False where it is worse than all that were kept, by what counts most alone. */
  private boolean hopeful(
      double off,
      int glueUps,
      SheetMaterial outside,
      double outer,
      SheetMaterial inside,
      double between) {
    if (best.size() < wanted) {
      return true;
    }
    Choice worst = best.peek();
    int byGlue = Integer.compare(glueUps, worst.glueUps());
    return switch (wish.first()) {
      case DEVIATION -> {
        int byDeviation = Long.compare(Choice.tenths(off), Choice.tenths(worst.deviationMm()));
        yield byDeviation < 0 || (byDeviation == 0 && byGlue <= 0);
      }
      case GLUE_UPS -> byGlue <= 0;
      case WEIGHT -> {
        double perMm2 = outer * outside.densityGPerMm3() + between * inside.densityGPerMm3();
        yield Choice.weightTenths(perMm2 * wish.areaMm2()) <= Choice.weightTenths(worst.massG());
      }
      case COST -> {
        // What is left over costs nothing, so only without it this is all that it costs.
        double perMm2 = outer * outside.pricePerM2Mm() + between * inside.pricePerM2Mm();
        yield !wish.leftovers().isEmpty()
            || Choice.costHundredths(perMm2 * wish.areaMm2() / Choice.MM2_IN_M2)
                <= Choice.costHundredths(worst.cost());
      }
      case BOUGHT, SYMMETRY, SURFACE -> true;
    };
  }

  /**
   * The same on both sides where that can be; what order the inner ones have matters no further.
   */
  private void arranged(
      SheetMaterial outside, double back, double front, SheetMaterial inside, double[] between) {
    List<Sheet> sheets = new ArrayList<>();
    List<SheetMaterial> foams = new ArrayList<>();
    sheets.add(Sheet.of(outside.id(), back));
    foams.add(outside);
    for (double mm : mirrored(between)) {
      sheets.add(Sheet.of(inside.id(), mm));
      foams.add(inside);
    }
    sheets.add(Sheet.of(outside.id(), front));
    foams.add(outside);
    offer(sheets, foams);
  }

  /** Pairs to both ends, thick ones outside; what is single in the middle. */
  private static double[] mirrored(double[] thin) {
    double[] placed = new double[thin.length];
    List<Double> single = new ArrayList<>();
    int at = 0;
    for (int i = thin.length - 1; i >= 0; i--) {
      if (i > 0 && thin[i] == thin[i - 1]) {
        placed[at] = thin[i];
        placed[placed.length - 1 - at] = thin[i];
        at++;
        i--;
      } else {
        single.add(thin[i]);
      }
    }
    for (double mm : single) {
      placed[at++] = mm;
    }
    return placed;
  }

  private void offer(List<Sheet> sheets, List<SheetMaterial> foams) {
    Choice choice = Choice.of(sheets, foams, wish);
    if (best.size() < wanted) {
      best.add(choice);
    } else if (order.compare(choice, best.peek()) < 0) {
      best.poll();
      best.add(choice);
    }
  }
}
