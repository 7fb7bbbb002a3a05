package stoutblade.stock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.catalogue.SheetOffer;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.nest.SheetPlan;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * What is bought for the sheets that are used: single ones and packs, as cheap as can be.
 *
 * @param lots each with how often
 */
record Buying(List<Lot> lots) {

  private static final double SAME_MM = 1e-3;

  /** Of more sheets than this the rest is bought as what is cheapest for each. */
  private static final int MOST_WEIGHED = 10_000;

  /** So many of one offer. */
  record Lot(SheetOffer offer, int times) {

    private String words(Units units) {
      if (offer.roll()) {
        return (times == 1 ? "" : times + " × ")
            + Display.length(offer.lengthMm(), units)
            + " off the roll, "
            + Display.length(offer.widthMm(), units)
            + " wide";
      }
      String size =
          Display.length(offer.widthMm(), units) + " × " + Display.length(offer.lengthMm(), units);
      return offer.pack() == 1
          ? "%d of %s".formatted(times, size)
          : "%d %s of %d, %s".formatted(times, times == 1 ? "pack" : "packs", offer.pack(), size);
    }
  }

  /** Copies the lots. */
  Buying {
    lots = List.copyOf(lots);
  }

  /** The cheapest that has so many of one size. */
  static Buying of(SheetMaterial foam, double thicknessMm, SheetOffer size, int needed) {
    if (size.roll()) {
      return new Buying(List.of(new Lot(size, needed)));
    }
    List<SheetOffer> offers = new ArrayList<>();
    foam.offers().stream().filter(it -> it.sameSize(size)).forEach(offers::add);
    if (offers.stream().noneMatch(it -> it.pack() == 1)) {
      offers.add(new SheetOffer(size.widthMm(), size.lengthMm(), 1, foam.pricePerM2Mm()));
    }
    Map<SheetOffer, Integer> times = new LinkedHashMap<>();
    SheetOffer cheapest =
        Collections.min(
            offers, Comparator.comparingDouble(it -> it.price(thicknessMm) / it.pack()));
    int beyond = Math.ceilDiv(Math.max(0, needed - MOST_WEIGHED), cheapest.pack());
    if (beyond > 0) {
      times.put(cheapest, beyond);
    }
    int weighed = needed - beyond * cheapest.pack();
    double[] least = new double[weighed + 1];
    int[] taken = new int[weighed + 1];
    Arrays.fill(least, Double.POSITIVE_INFINITY);
    least[0] = 0;
    for (int i = 1; i <= weighed; i++) {
      for (int k = 0; k < offers.size(); k++) {
        SheetOffer it = offers.get(k);
        double price = least[Math.max(0, i - it.pack())] + it.price(thicknessMm);
        if (price < least[i] - 1e-9) {
          least[i] = price;
          taken[i] = k;
        }
      }
    }
    for (int left = weighed; left > 0; ) {
      SheetOffer it = offers.get(taken[left]);
      times.merge(it, 1, Integer::sum);
      left -= it.pack();
    }
    return new Buying(
        times.entrySet().stream().map(it -> new Lot(it.getKey(), it.getValue())).toList());
  }

  /** What is bought for a plan. */
  static Buying of(SheetMaterial foam, double thicknessMm, SheetPlan plan) {
    Map<SheetOffer, Integer> needed = new LinkedHashMap<>();
    sheets(plan).forEach(it -> needed.merge(size(foam, it), 1, Integer::sum));
    List<Lot> lots = new ArrayList<>();
    needed.forEach((size, count) -> lots.addAll(of(foam, thicknessMm, size, count).lots));
    return new Buying(lots);
  }

  /** The sheets of a plan that have to be bought: what is cut or left over is there. */
  static List<SheetPlan.Sheet> sheets(SheetPlan plan) {
    return plan.sheets().stream()
        .filter(it -> !it.cut())
        .filter(it -> it.id().equals(CutList.BOUGHT) || it.id().startsWith(CutList.BOUGHT + " "))
        .toList();
  }

  /** The first offer of its size, or a length off the roll. */
  private static SheetOffer size(SheetMaterial foam, SheetPlan.Sheet sheet) {
    Box box = Box.around(sheet.rings().stream().flatMap(List<Point>::stream).toList());
    if (sheet.id().startsWith(CutList.OFF_THE_ROLL)) {
      Optional<SheetOffer> roll =
          foam.offers().stream()
              .filter(SheetOffer::roll)
              .filter(it -> Math.abs(it.widthMm() - box.height()) < SAME_MM)
              .findFirst();
      if (roll.isPresent()) {
        return roll.get().cutOff(box.width());
      }
    }
    return foam.offers().stream()
        .filter(it -> !it.roll())
        .filter(
            it ->
                Math.abs(it.lengthMm() - box.width()) < SAME_MM
                    && Math.abs(it.widthMm() - box.height()) < SAME_MM)
        .findFirst()
        .orElseGet(() -> new SheetOffer(box.height(), box.width(), 1, foam.pricePerM2Mm()));
  }

  /** What all of it costs. */
  double price(double thicknessMm) {
    return lots.stream().mapToDouble(it -> it.times * it.offer.price(thicknessMm)).sum();
  }

  /** What is bought, in words; empty where it is just sheets of the usual size. */
  String words(SheetMaterial foam, Units units) {
    SheetOffer usual = foam.offers().getFirst();
    boolean plain = lots.stream().allMatch(it -> it.offer.equals(usual));
    return plain
        ? ""
        : lots.stream().map(it -> it.words(units)).reduce((a, b) -> a + ", " + b).orElse("");
  }
}
