package stoutblade.project;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import stoutblade.develop.Developed;
import stoutblade.develop.Form;
import stoutblade.measure.Quantity;
import stoutblade.stock.Catalogue;
import stoutblade.sum.Entry;
import stoutblade.sum.Sum;

/**
 * A part of the prop that is wrapped, turned or folded: a bench sum with its sizes, kept.
 *
 * @param id unique among the project's parts, such as {@code d1}
 * @param name what the maker calls it
 * @param sum the key of the sum that lays it out
 * @param sizes what was typed, by the keys of its entries, in the units of their quantities
 * @param count how many are made
 */
public record ShapedPart(String id, String name, String sum, Map<String, Double> sizes, int count) {

  /** The most parts of one prop. */
  public static final int MOST_PARTS = 200;

  private static final int LONGEST_NAME = 60;
  private static final int MOST_MADE = 200;

  /** Thicknesses of sheet, which stay when the prop is made larger or smaller. */
  private static final Set<String> THICKNESSES = Set.of("foam", "crossed");

  private static final Catalogue NONE =
      new Catalogue(List.of(), List.of(), List.of(), List.of(), List.of(), List.of());

  /**
   * Copies the sizes and checks that they make a shape.
   *
   * @throws IllegalArgumentException if they do not, or the name, id or number is not right
   */
  public ShapedPart {
    sizes = java.util.Collections.unmodifiableMap(new TreeMap<>(sizes));
    if (!id.matches("d[1-9][0-9]{0,3}")) {
      throw new IllegalArgumentException("A part's id is d and a number; found '" + id + "'");
    }
    if (name.isBlank() || name.length() > LONGEST_NAME) {
      throw new IllegalArgumentException(
          "A part has a name of 1 to " + LONGEST_NAME + " characters; found '" + name + "'");
    }
    if (count < 1 || count > MOST_MADE) {
      throw new IllegalArgumentException(
          "Of a part 1 to " + MOST_MADE + " are made; found " + count);
    }
    form(sum, sizes);
  }

  private static Form form(String sum, Map<String, Double> sizes) {
    return Sum.named(sum)
        .orElseThrow(() -> new IllegalArgumentException("There is no sum '" + sum + "'"))
        .answer(sizes, NONE)
        .form()
        .orElseThrow(() -> new IllegalArgumentException("The sum '" + sum + "' lays no shape out"));
  }

  /** The sum that lays it out. */
  public Sum shape() {
    return Sum.named(sum).orElseThrow();
  }

  /** It, laid out flat. */
  public Developed developed() {
    return form(sum, sizes).develop("part." + id);
  }

  /** The same with one size changed. */
  public ShapedPart with(String key, double value) {
    Map<String, Double> changed = new TreeMap<>(sizes);
    changed.put(key, value);
    return new ShapedPart(id, name, sum, changed, count);
  }

  public ShapedPart withName(String changed) {
    return new ShapedPart(id, changed, sum, sizes, count);
  }

  public ShapedPart withCount(int changed) {
    return new ShapedPart(id, name, sum, sizes, changed);
  }

  /**
   * The same made larger or smaller; the thicknesses of sheets stay. Sizes that were left as usual
   * become sizes of their own.
   */
  public ShapedPart times(double factor) {
    Map<String, Double> changed = new TreeMap<>(sizes);
    for (Entry entry : shape().entries()) {
      if (entry.quantity() == Quantity.LENGTH && !THICKNESSES.contains(entry.key())) {
        changed.put(entry.key(), sizes.getOrDefault(entry.key(), entry.usual()) * factor);
      }
    }
    return new ShapedPart(id, name, sum, changed, count);
  }
}
