package stoutblade.prop;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import stoutblade.catalogue.Catalogue;
import stoutblade.develop.Developed;
import stoutblade.develop.Form;
import stoutblade.develop.Moulding;
import stoutblade.develop.Strip;
import stoutblade.measure.Quantity;
import stoutblade.shape.Path;
import stoutblade.sum.Entry;
import stoutblade.sum.Sum;

/**
 * A part of the prop that is wrapped, turned or folded: a bench sum with its sizes, kept.
 *
 * @param id unique among the project's parts, such as {@code d1}
 * @param name what the maker calls it
 * @param sum the key of the sum that lays it out
 * @param sizes what was typed, by the keys of its entries, in the units of their quantities
 * @param foamId the catalogue id of its foam
 * @param placing where it is on the prop
 */
public record ShapedPart(
    String id, String name, String sum, Map<String, Double> sizes, String foamId, Placing placing)
    implements Part {

  private static final String THICKNESS = "foam";

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
    form(sum, sizes);
    Part.check(id, name, thickness(sum, sizes));
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

  /** The form that its sizes make. */
  public Form form() {
    return form(sum, sizes);
  }

  @Override
  public Optional<Strip> strip() {
    return form() instanceof Moulding it ? Optional.of(it.strip()) : Optional.empty();
  }

  @Override
  public Developed developed() {
    return form().develop("part." + id);
  }

  @Override
  public List<Path> seen() {
    return Seen.of(form(), placing.facing());
  }

  @Override
  public double thicknessMm() {
    return thickness(sum, sizes);
  }

  private static double thickness(String sum, Map<String, Double> sizes) {
    return Sum.named(sum).orElseThrow().entries().stream()
        .filter(it -> it.key().equals(THICKNESS))
        .findFirst()
        .map(it -> sizes.getOrDefault(THICKNESS, it.usual()))
        .orElseThrow(
            () -> new IllegalArgumentException("The sum '" + sum + "' has no foam to cut"));
  }

  /** The same with one size changed. */
  public ShapedPart with(String key, double value) {
    Map<String, Double> changed = new TreeMap<>(sizes);
    changed.put(key, value);
    return new ShapedPart(id, name, sum, changed, foamId, placing);
  }

  @Override
  public ShapedPart withId(String changed) {
    return new ShapedPart(changed, name, sum, sizes, foamId, placing);
  }

  @Override
  public ShapedPart withName(String changed) {
    return new ShapedPart(id, changed, sum, sizes, foamId, placing);
  }

  @Override
  public ShapedPart withFoam(String changedId, double mm) {
    return new ShapedPart(id, name, sum, with(THICKNESS, mm).sizes, changedId, placing);
  }

  @Override
  public ShapedPart withPlacing(Placing changed) {
    return new ShapedPart(id, name, sum, sizes, foamId, changed);
  }

  /** Sizes that were left as usual become sizes of their own. */
  @Override
  public ShapedPart times(double factor) {
    Map<String, Double> changed = new TreeMap<>(sizes);
    for (Entry entry : shape().entries()) {
      if (entry.quantity() == Quantity.LENGTH && !THICKNESSES.contains(entry.key())) {
        changed.put(entry.key(), sizes.getOrDefault(entry.key(), entry.usual()) * factor);
      }
    }
    return new ShapedPart(id, name, sum, changed, foamId, placing.times(factor));
  }
}
