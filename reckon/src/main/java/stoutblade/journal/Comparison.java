package stoutblade.journal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/**
 * The built thing against the plan.
 *
 * @param lines one for each thing measured
 * @param times time taken against time planned, for steps that are done
 */
public record Comparison(List<Line> lines, Optional<Line> times) {

  /**
   * One measure.
   *
   * @param planned what was planned
   * @param real what was measured
   * @param difference measured less planned
   */
  public record Line(Figure planned, Figure real, Figure difference) {}

  /** Copies the lines. */
  public Comparison {
    lines = List.copyOf(lines);
  }

  /**
   * Compares a measure with its plan.
   *
   * @param real the measure, in the unit of the planned figure
   */
  public static Line line(String id, String label, Figure planned, double real) {
    Figure measured =
        Figure.given(
            "log." + id,
            label + ", measured",
            real,
            planned.quantity(),
            Source.measured("on the built thing"));
    return new Line(planned, measured, difference(id, label, planned, measured));
  }

  /** Compares the time taken for steps with the time planned for them. */
  public static Line times(Journal journal, List<Figure> planned) {
    Figure sum =
        Figure.found(
            "log.time.planned",
            "Steps done: planned",
            planned.stream().mapToDouble(Figure::value).sum(),
            Quantity.DURATION,
            "sum over the steps that are done",
            Source.GEOMETRY,
            Uncertainty.NONE,
            planned.toArray(Figure[]::new));
    Figure real =
        Figure.given(
            "log.time",
            "Steps done: took",
            journal.done().stream().mapToDouble(Journal.Done::minutes).sum(),
            Quantity.DURATION,
            new Source(Source.Kind.LOG, "noted with the steps"));
    return new Line(sum, real, difference("time", "Steps done", sum, real));
  }

  private static Figure difference(String id, String label, Figure planned, Figure real) {
    return Figure.computed(
        "log." + id + ".difference",
        label + ": difference",
        planned.quantity(),
        "{%s} - {%s}".formatted(real.id(), planned.id()),
        Source.GEOMETRY,
        real,
        planned);
  }

  /** All figures, in order. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>();
    for (Line line : lines) {
      all.addAll(List.of(line.real(), line.difference()));
    }
    times.ifPresent(line -> all.addAll(List.of(line.planned(), line.real(), line.difference())));
    return all;
  }
}
