package stoutblade.part;

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
import stoutblade.feature.PanelFeature;
import stoutblade.measure.Quantity;
import stoutblade.shape.Path;
import stoutblade.stack.Layering;
import stoutblade.sum.Entry;
import stoutblade.sum.Sum;

/**
 * A shape that is wrapped, turned or folded: a bench sum with its sizes, kept.
 *
 * @param sum the key of the sum that lays it out
 * @param sizes what was typed, by the keys of its entries, in the units of their quantities; the
 *     thickness of its sheet is the part's
 * @param worked what is worked into its patterns
 */
public record Formed(String sum, Map<String, Double> sizes, List<PanelFeature> worked)
    implements Shape {

  /** The key of the thickness of the sheet. */
  public static final String THICKNESS = "foam";

  /** Thicknesses of sheet, which stay when the prop is made larger or smaller. */
  private static final Set<String> THICKNESSES = Set.of(THICKNESS, "crossed");

  private static final Catalogue NONE =
      new Catalogue(
          List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of());

  /**
   * Copies the sizes.
   *
   * @throws IllegalArgumentException if there is no such sum, or it cuts no sheet
   */
  public Formed {
    sizes = new TreeMap<>(sizes);
    sizes.remove(THICKNESS);
    sizes = java.util.Collections.unmodifiableMap(sizes);
    worked = PanelFeature.checked(worked);
    thickness(sum);
  }

  /** One that nothing is worked into. */
  public Formed(String sum, Map<String, Double> sizes) {
    this(sum, sizes, List.of());
  }

  /** The same with other things worked into its patterns. */
  public Formed withWorked(List<PanelFeature> changed) {
    return new Formed(sum, sizes, changed);
  }

  private static Sum named(String sum) {
    return Sum.named(sum)
        .orElseThrow(() -> new IllegalArgumentException("There is no sum '" + sum + "'"));
  }

  private static Entry thickness(String sum) {
    return named(sum).entries().stream()
        .filter(it -> it.key().equals(THICKNESS))
        .findFirst()
        .orElseThrow(
            () -> new IllegalArgumentException("The sum '" + sum + "' has no foam to cut"));
  }

  /** The thickness among what was typed into a sum, or the usual one, in mm. */
  public static double thicknessMm(String sum, Map<String, Double> typed) {
    return typed.getOrDefault(THICKNESS, thickness(sum).usual());
  }

  /** The sum that lays it out. */
  public Sum shape() {
    return named(sum);
  }

  /** All that is typed into the sum. */
  public Map<String, Double> entries(double thicknessMm) {
    Map<String, Double> all = new TreeMap<>(sizes);
    all.put(THICKNESS, thicknessMm);
    return all;
  }

  /** The form that its sizes make of a sheet. */
  public Form form(double thicknessMm) {
    return shape()
        .answer(entries(thicknessMm), NONE)
        .form()
        .orElseThrow(() -> new IllegalArgumentException("The sum '" + sum + "' lays no shape out"));
  }

  @Override
  public Optional<Strip> strip(double thicknessMm) {
    return form(thicknessMm) instanceof Moulding it ? Optional.of(it.strip()) : Optional.empty();
  }

  @Override
  public Developed developed(String name, double thicknessMm) {
    return form(thicknessMm).develop("part");
  }

  @Override
  public List<Path> seen(double thicknessMm, boolean facing) {
    return Elevation.of(form(thicknessMm), facing);
  }

  /** The same with one size changed. */
  public Formed with(String key, double value) {
    Map<String, Double> changed = new TreeMap<>(sizes);
    changed.put(key, value);
    return new Formed(sum, changed, worked);
  }

  /** Sizes that were left as usual become sizes of their own. */
  @Override
  public Formed times(double factor) {
    Map<String, Double> changed = new TreeMap<>(sizes);
    for (Entry entry : shape().entries()) {
      if (entry.quantity() == Quantity.LENGTH && !THICKNESSES.contains(entry.key())) {
        changed.put(entry.key(), sizes.getOrDefault(entry.key(), entry.usual()) * factor);
      }
    }
    return new Formed(sum, changed, worked.stream().map(it -> it.times(factor)).toList());
  }

  /** Checks that its sizes make a shape of that sheet, too. */
  @Override
  public void check(Optional<Layering> stack) {
    Shape.checkOneSheet(stack);
    form(stack.orElseThrow().thicknessMm());
  }
}
