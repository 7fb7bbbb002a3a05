package stoutblade.desktop.sums;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.desktop.Desk;
import stoutblade.edit.PartEdits;
import stoutblade.finding.Finding;
import stoutblade.finding.Place;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.project.Station;
import stoutblade.sum.Answer;
import stoutblade.sum.Entry;
import stoutblade.sum.Sum;
import stoutblade.wearer.Wearer;

/**
 * What is chosen and typed in the bench sums: either a sum of no part, kept for as long as the
 * window is open, or a part of the project, whose every change is an edit.
 */
final class SumsModel {

  private final Desk desk;
  private final Catalogue catalogue;
  private final Map<Sum, Map<String, Double>> typed = new HashMap<>();
  private Optional<Answered> last = Optional.empty();
  private Sum free = Sum.ALL.getFirst();
  private Optional<Held> held = Optional.empty();

  SumsModel(Desk desk) {
    this.desk = desk;
    this.catalogue = desk.catalogue();
  }

  /** The part that is looked at, where it is one. */
  Optional<Part> part() {
    return desk.prop().part(desk.partProperty().get()).filter(it -> it.formed().isPresent());
  }

  /** What was found of that part at Draft. */
  List<Finding> findings() {
    return part()
        .map(
            part ->
                desk.findingsOf(Station.DRAFT).stream()
                    .filter(
                        it ->
                            it.place() instanceof Place.OnPart on && on.partId().equals(part.id()))
                    .toList())
        .orElse(List.of());
  }

  Sum chosen() {
    return part().flatMap(Part::formed).map(Formed::shape).orElse(free);
  }

  /** Takes up a sum of no part. */
  void choose(Sum sum) {
    desk.partProperty().set("");
    free = sum;
  }

  /** Goes so many sums on or back. */
  void step(int by) {
    int count = Sum.ALL.size();
    choose(Sum.ALL.get(Math.floorMod(Sum.ALL.indexOf(chosen()) + by, count)));
  }

  private Map<String, Double> values() {
    Map<String, Double> kept =
        part()
            .map(it -> it.formed().orElseThrow().entries(it.thicknessMm()))
            .orElseGet(() -> typed.getOrDefault(free, Map.of()));
    if (held.isEmpty()) {
      return kept;
    }
    Map<String, Double> now = new HashMap<>(kept);
    now.put(held.get().key(), held.get().value());
    return now;
  }

  /** A size that is being drawn: it becomes an edit when it is let go. */
  private record Held(String key, double value) {}

  /** Draws a size; one that makes no sense is not taken. */
  void draw(Entry entry, double value) {
    double within = Math.clamp(Math.rint(value * 10) / 10, entry.least(), entry.most());
    Optional<Held> before = held;
    held = Optional.of(new Held(entry.key(), within));
    if (result().answer().isEmpty()) {
      held = before;
    }
  }

  /** The key of the size that is being drawn; empty for none. */
  String drawn() {
    return held.map(Held::key).orElse("");
  }

  /** Lets go of the size that is being drawn. */
  Optional<String> letGo() {
    Optional<Held> last = held;
    held = Optional.empty();
    return last.flatMap(
        it ->
            chosen().entries().stream()
                .filter(entry -> entry.key().equals(it.key()))
                .findFirst()
                .flatMap(entry -> type(entry, it.value())));
  }

  double value(Entry entry) {
    Double own = values().get(entry.key());
    if (own != null) {
      return own;
    }
    Figure worn = worn(chosen(), values()).get(entry.key());
    return worn != null ? worn.value() : entry.usual();
  }

  /**
   * What is known of the prop that is looked at and of who wears it; nothing for what is a part
   * already.
   */
  private Map<String, Figure> worn(Sum sum, Map<String, Double> values) {
    Map<String, Figure> known = new HashMap<>();
    if (part().isEmpty()) {
      Wearer wearer = desk.project().wearer(desk.prop());
      sum.worn(values)
          .forEach((key, measure) -> known.put(key, measure.of(wearer, wearer.height())));
      List<Figure> whole = desk.reckoned().whole().figures();
      sum.ofProp()
          .forEach(
              (key, id) ->
                  whole.stream()
                      .filter(it -> it.id().equals(id))
                      .forEach(it -> known.put(key, it)));
    }
    return known;
  }

  /** Makes the chosen sum as it usually is. */
  void reset() {
    typed.remove(free);
  }

  /**
   * Takes a value. In a sum of no part it stays also where the sum cannot be worked out with it:
   * the next value may mend that.
   *
   * @return why it makes no sense, or empty where it is taken
   */
  Optional<String> type(Entry entry, double value) {
    Optional<Part> part = part();
    if (part.isPresent()) {
      return desk.perform(
              PartEdits.size(
                  part.get().id(), part.get().name() + ": " + entry.label(), entry.key(), value))
          ? Optional.empty()
          : Optional.of(desk.noticeProperty().get());
    }
    if (value < entry.least() || value > entry.most() || !whole(entry, value)) {
      return Optional.of(result(free, Map.of(entry.key(), value)).why);
    }
    typed.computeIfAbsent(free, it -> new HashMap<>()).put(entry.key(), value);
    return Optional.empty();
  }

  private static boolean whole(Entry entry, double value) {
    return entry.quantity() != Quantity.COUNT || value == Math.rint(value);
  }

  /** Keeps the sum as a part of the prop, with all its sizes. */
  boolean keep() {
    Map<String, Double> sizes = new HashMap<>();
    free.entries().forEach(it -> sizes.put(it.key(), value(it)));
    return desk.perform(
        PartEdits.addShape(free.title(), free.key(), sizes),
        () -> desk.partProperty().set(desk.prop().parts().getLast().id()));
  }

  /** The answer. */
  Result result() {
    return result(chosen(), values());
  }

  /** The answers of all sums to their usual values; not on the window's thread. */
  static Map<Sum, Answer> usual(Catalogue catalogue) {
    Map<Sum, Answer> all = new LinkedHashMap<>();
    Sum.ALL.forEach(it -> all.put(it, it.answer(Map.of(), catalogue)));
    return all;
  }

  private Result result(Sum sum, Map<String, Double> values) {
    Asked asked = new Asked(sum, Map.copyOf(values), worn(sum, values));
    if (last.isEmpty() || !last.get().asked.equals(asked)) {
      last = Optional.of(new Answered(asked, worked(asked)));
    }
    return last.get().result;
  }

  private Result worked(Asked asked) {
    try {
      return new Result(Optional.of(asked.sum.answer(asked.values, catalogue, asked.worn)), "");
    } catch (IllegalArgumentException e) {
      return new Result(Optional.empty(), e.getMessage());
    }
  }

  private record Asked(Sum sum, Map<String, Double> values, Map<String, Figure> worn) {}

  /** What was asked for last: it is asked for by everything that is shown of it. */
  private record Answered(Asked asked, Result result) {}

  /**
   * What comes of what was typed.
   *
   * @param answer the answer, where there is one
   * @param why why there is none
   */
  record Result(Optional<Answer> answer, String why) {}
}
