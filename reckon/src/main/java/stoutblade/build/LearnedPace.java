package stoutblade.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import stoutblade.journal.Journal;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/**
 * The pace of work as it turned out: steps that are not done yet take their planned time times what
 * steps of the same kind took over what they were planned for.
 */
final class LearnedPace {

  /** However one step went, the next does not take more, or less, than this many times the plan. */
  private static final double MOST = 4;

  private LearnedPace() {}

  /**
   * The steps with their times learned.
   *
   * @param steps as they are planned
   */
  static List<Step> of(List<Step> steps, Journal journal) {
    Map<String, Figure> factors = factors(steps, journal);
    List<Step> learned = new ArrayList<>();
    for (Step step : steps) {
      Optional<Figure> factor = Optional.ofNullable(factors.get(step.paceId()));
      boolean open = journal.of(step.id()).isEmpty();
      learned.add(factor.filter(it -> open).map(it -> step.taking(times(step, it))).orElse(step));
    }
    return learned;
  }

  private static Map<String, Figure> factors(List<Step> steps, Journal journal) {
    Map<String, List<Step>> done = new TreeMap<>();
    for (Step step : steps) {
      if (journal.of(step.id()).isPresent() && !step.paceId().isEmpty()) {
        done.computeIfAbsent(step.paceId(), it -> new ArrayList<>()).add(step);
      }
    }
    Map<String, Figure> factors = new TreeMap<>();
    done.forEach((pace, own) -> factor(pace, own, journal).ifPresent(it -> factors.put(pace, it)));
    return factors;
  }

  private static Optional<Figure> factor(String pace, List<Step> done, Journal journal) {
    double planned = done.stream().mapToDouble(Step::minutes).sum();
    double took =
        done.stream().mapToDouble(it -> journal.of(it.id()).orElseThrow().minutes()).sum();
    if (planned <= 0 || took <= 0) {
      return Optional.empty();
    }
    return Optional.of(
        Figure.found(
            "build.learned." + pace,
            "Took, over what was planned",
            Math.clamp(took / planned, 1 / MOST, MOST),
            Quantity.RATIO,
            "time noted for "
                + done.size()
                + (done.size() == 1 ? " step" : " steps")
                + " of this kind, over what was planned; between a quarter and four times",
            new Source(Source.Kind.LOG, "noted with the steps"),
            Uncertainty.NONE,
            done.stream().map(Step::handsOn).toArray(Figure[]::new)));
  }

  private static Figure times(Step step, Figure factor) {
    return Figure.computed(
        step.handsOn().id() + ".learned",
        step.handsOn().label(),
        Quantity.DURATION,
        "{%s} * {%s}".formatted(step.handsOn().id(), factor.id()),
        Source.GEOMETRY,
        step.handsOn(),
        factor);
  }
}
