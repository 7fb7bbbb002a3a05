package stoutblade.desktop.sums;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import stoutblade.stock.Catalogue;
import stoutblade.sum.Answer;
import stoutblade.sum.Entry;
import stoutblade.sum.Sum;

/** What is chosen and typed in the bench sums, kept for as long as the window is open. */
final class SumsModel {

  private final Catalogue catalogue;
  private final Map<Sum, Map<String, Double>> typed = new HashMap<>();
  private Sum chosen = Sum.ALL.getFirst();

  SumsModel(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  Sum chosen() {
    return chosen;
  }

  void choose(Sum sum) {
    chosen = sum;
  }

  /** Goes so many sums on or back. */
  void step(int by) {
    int count = Sum.ALL.size();
    chosen = Sum.ALL.get(Math.floorMod(Sum.ALL.indexOf(chosen) + by, count));
  }

  double value(Entry entry) {
    return typed.getOrDefault(chosen, Map.of()).getOrDefault(entry.key(), entry.usual());
  }

  /** True where something was typed. */
  boolean changed() {
    return !typed.getOrDefault(chosen, Map.of()).isEmpty();
  }

  /** Makes the chosen sum as it usually is. */
  void reset() {
    typed.remove(chosen);
  }

  /**
   * Takes a value, which stays also where the sum cannot be worked out with it: the next value may
   * mend that.
   *
   * @return why it makes no sense by itself, or empty where it is taken
   */
  Optional<String> type(Entry entry, double value) {
    try {
      chosen.answer(Map.of(entry.key(), value), catalogue);
    } catch (IllegalArgumentException e) {
      if (value < entry.least() || value > entry.most() || !whole(entry, value)) {
        return Optional.of(e.getMessage());
      }
    }
    typed.computeIfAbsent(chosen, it -> new HashMap<>()).put(entry.key(), value);
    return Optional.empty();
  }

  private static boolean whole(Entry entry, double value) {
    return entry.quantity() != stoutblade.measure.Quantity.COUNT || value == Math.rint(value);
  }

  /** The answer. */
  Result result() {
    return result(chosen, typed.getOrDefault(chosen, Map.of()));
  }

  /** A sum's answer to its usual values. */
  Optional<Answer> usual(Sum sum) {
    return result(sum, Map.of()).answer;
  }

  private Result result(Sum sum, Map<String, Double> values) {
    try {
      return new Result(Optional.of(sum.answer(values, catalogue)), "");
    } catch (IllegalArgumentException e) {
      return new Result(Optional.empty(), e.getMessage());
    }
  }

  /**
   * What comes of what was typed.
   *
   * @param answer the answer, where there is one
   * @param why why there is none
   */
  record Result(Optional<Answer> answer, String why) {}
}
