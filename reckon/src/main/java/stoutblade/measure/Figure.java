package stoutblade.measure;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A number that reaches a person, with its working.
 *
 * @param id dotted name, unique within a project's figures, such as {@code blade.length}
 * @param label what it is, in the trade's words, without a full stop
 * @param value in the unit of its quantity
 * @param quantity what it measures
 * @param formula how it came about, with inputs as {@code {id}}; empty for a value that was given
 * @param inputs the figures it came from
 * @param source where the formula or the value comes from
 * @param uncertainty how unsure it is
 */
public record Figure(
    String id,
    String label,
    double value,
    Quantity quantity,
    String formula,
    List<Figure> inputs,
    Source source,
    Uncertainty uncertainty) {

  /** Copies the inputs. */
  public Figure {
    if (id.isBlank() || label.isBlank()) {
      throw new IllegalArgumentException("A figure has an id and a label; found '" + id + "'");
    }
    inputs = List.copyOf(inputs);
  }

  /** A value that was given: typed, marked, read from a catalogue or a standard. */
  public static Figure given(
      String id, String label, double value, Quantity quantity, Source source) {
    return new Figure(id, label, value, quantity, "", List.of(), source, Uncertainty.NONE);
  }

  /** A given value with its standard deviation, in the value's unit. */
  public static Figure given(
      String id, String label, double value, Quantity quantity, Source source, double std) {
    return new Figure(id, label, value, quantity, "", List.of(), source, Uncertainty.of(id, std));
  }

  /**
   * Computes a figure from its formula; the uncertainty of the inputs is carried through it by
   * central differences, cause by cause.
   *
   * @throws IllegalArgumentException if the formula is malformed or names an input not given
   */
  public static Figure computed(
      String id, String label, Quantity quantity, String formula, Source source, Figure... inputs) {
    List<Figure> from = List.of(inputs);
    Formula.Term term = Formula.read(formula, name -> number(from, name));
    double[] values = from.stream().mapToDouble(Figure::value).toArray();
    Uncertainty uncertainty = Uncertainty.NONE;
    for (Figure input : from) {
      if (!input.uncertainty.parts().isEmpty()) {
        double slope = slope(term, values, number(from, input.id), input.uncertainty.std());
        uncertainty = uncertainty.plus(input.uncertainty.times(slope));
      }
    }
    return new Figure(id, label, term.of(values), quantity, formula, from, source, uncertainty);
  }

  /** The sum of one or more figures of a quantity; their doubts are carried through. */
  public static Figure sum(String id, String label, Quantity quantity, List<Figure> parts) {
    double sum = 0;
    for (Figure it : parts) {
      sum += it.value;
    }
    Uncertainty uncertainty = Uncertainty.sum(parts.stream().map(Figure::uncertainty).toList());
    return new Figure(id, label, sum, quantity, plus(parts), parts, Source.GEOMETRY, uncertainty);
  }

  /** The formula that adds figures up. */
  public static String plus(List<Figure> parts) {
    return parts.stream().map(it -> "{" + it.id + "}").collect(Collectors.joining(" + "));
  }

  /**
   * A figure found by a procedure rather than a formula of one line.
   *
   * @param words the procedure in words; inputs may be named as {@code {id}}
   */
  public static Figure found(
      String id,
      String label,
      double value,
      Quantity quantity,
      String words,
      Source source,
      Uncertainty uncertainty,
      Figure... inputs) {
    return new Figure(id, label, value, quantity, words, List.of(inputs), source, uncertainty);
  }

  /**
   * A length or an area measured on something that was traced at this scale, with its uncertainty.
   *
   * @param words how it was measured; the scale is named after them
   */
  public Figure scaling(String ownId, String ownLabel, double measured, Quantity of, String words) {
    int power = of == Quantity.AREA ? 2 : 1;
    return found(
        ownId,
        ownLabel,
        measured,
        of,
        words + " {" + id + "}",
        Source.GEOMETRY,
        uncertainty.times(power * measured / value),
        this);
  }

  /** The same under another label. */
  public Figure labelled(String changed) {
    return new Figure(id, changed, value, quantity, formula, inputs, source, uncertainty);
  }

  /** The same under another id, whose formula names inputs that have other ids, too. */
  Figure renamed(String changedId, String changedFormula, List<Figure> changedInputs) {
    return new Figure(
        changedId, label, value, quantity, changedFormula, changedInputs, source, uncertainty);
  }

  /** The same figure with more uncertainty. */
  public Figure also(Uncertainty more) {
    return new Figure(id, label, value, quantity, formula, inputs, source, uncertainty.plus(more));
  }

  private static double slope(Formula.Term term, double[] values, int varied, double std) {
    double step = Math.max(Math.abs(values[varied]) * 1e-6, std * 1e-3);
    return (shifted(term, values, varied, step) - shifted(term, values, varied, -step))
        / (2 * step);
  }

  private static double shifted(Formula.Term term, double[] values, int varied, double by) {
    double[] shifted = values.clone();
    shifted[varied] += by;
    return term.of(shifted);
  }

  private static int number(List<Figure> from, String name) {
    for (int i = 0; i < from.size(); i++) {
      if (from.get(i).id.equals(name)) {
        return i;
      }
    }
    throw new IllegalArgumentException("The formula names no input " + name);
  }

  /** The value as text in the units in use. */
  public String show(Units units) {
    return Display.show(value, quantity, units);
  }

  /** The value with the range that holds it about 95 times in 100, where one is worth showing. */
  public String showWithRange(Units units) {
    return Display.showWithRange(value, uncertainty.range95(), quantity, units);
  }

  /** The value to the figures that its range leaves it, for where there is no room for both. */
  public String showRounded(Units units) {
    return Display.showRounded(value, uncertainty.range95(), quantity, units);
  }

  /** The formula with the inputs' labels in it; empty for a given value. */
  public String inWords() {
    return write(input -> input.label);
  }

  /** The formula with the inputs' values in it; empty for a given value. */
  public String inNumbers(Units units) {
    return write(input -> input.show(units));
  }

  private String write(Function<Figure, String> shown) {
    return Formula.write(formula, name -> shown.apply(inputs.get(number(inputs, name))));
  }
}
