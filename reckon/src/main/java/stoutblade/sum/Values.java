package stoutblade.sum;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Units;

/** What was typed into a sum; what was not typed is as usual. */
final class Values {

  private static final Source TYPED = Source.measured("typed into this sum");

  private final String sum;
  private final Map<String, Entry> entries = new HashMap<>();
  private final Map<String, Double> typed;
  private final Map<String, Figure> worn;

  /**
   * Checks what was typed.
   *
   * @param worn what is known of the wearer, for what was not
   * @throws IllegalArgumentException if a name is not asked for, or a value is beyond what makes
   *     sense, with what was expected
   */
  Values(String sum, List<Entry> asked, Map<String, Double> typed, Map<String, Figure> worn) {
    this.sum = sum;
    this.typed = Map.copyOf(typed);
    this.worn = Map.copyOf(worn);
    asked.forEach(it -> entries.put(it.key(), it));
    typed.forEach(this::check);
  }

  private void check(String key, double value) {
    Entry entry = entries.get(key);
    if (entry == null) {
      throw new IllegalArgumentException(
          "'"
              + sum
              + "' asks for "
              + String.join(", ", entries.keySet().stream().sorted().toList())
              + "; found '"
              + key
              + "'");
    }
    boolean whole = entry.quantity() != Quantity.COUNT || value == Math.rint(value);
    if (!(value >= entry.least() && value <= entry.most()) || !whole) {
      throw new IllegalArgumentException(
          entry.label()
              + ": from "
              + shown(entry, entry.least())
              + " to "
              + shown(entry, entry.most())
              + (entry.quantity() == Quantity.COUNT ? ", whole" : "")
              + "; found "
              + shown(entry, value));
    }
  }

  private static String shown(Entry entry, double value) {
    return entry.quantity() == Quantity.COUNT
        ? Display.decimal(value, 3)
        : Display.show(value, entry.quantity(), Units.METRIC);
  }

  double get(String key) {
    Double own = typed.get(key);
    return own != null ? own : worn(key).map(Figure::value).orElse(entries.get(key).usual());
  }

  /** A size of the wearer, where nothing else was typed. */
  private Optional<Figure> worn(String key) {
    return Optional.ofNullable(worn.get(key))
        .filter(it -> !typed.containsKey(key))
        .map(
            it ->
                Figure.computed(
                    sum + "." + key,
                    entries.get(key).label(),
                    it.quantity(),
                    "{" + it.id() + "}",
                    it.source(),
                    it));
  }

  int count(String key) {
    return (int) get(key);
  }

  Figure figure(String key) {
    Entry entry = entries.get(key);
    Optional<Figure> own = worn(key);
    if (own.isPresent()) {
      return own.get();
    }
    return Figure.given(sum + "." + key, entry.label(), get(key), entry.quantity(), TYPED);
  }
}
