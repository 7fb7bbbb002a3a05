package stoutblade.build;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import stoutblade.event.Event;
import stoutblade.journal.Journal;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/** Plans the steps back from the event through the free hours. */
public final class Planner {

  private Planner() {}

  /**
   * Plans the work that is not done yet.
   *
   * @param steps all steps, each after those it needs
   * @param now the time of planning; it moves no step, but says how much free time is left
   */
  public static Plan plan(
      List<Step> steps, Journal journal, FreeHours hours, Event event, LocalDateTime now) {
    List<Step> learned = LearnedPace.of(steps, journal);
    Set<String> done =
        journal.done().stream().map(Journal.Done::stepId).collect(Collectors.toSet());
    Figure handsOn = handsOn(learned, done);
    Reserve reserve = Reserve.of(handsOn, hours, event);
    Scheduler.Outcome kept = Scheduler.place(learned, done, hours, reserve.from());
    Plan plan = plan(learned, kept, handsOn, reserve, true, spare(kept, hours, now));
    if (plan.spare().value() >= 0 && kept.unplaced().isEmpty()) {
      return plan;
    }
    // Time that was kept is used where nothing else is left.
    Scheduler.Outcome all = Scheduler.place(learned, done, hours, event.readyBy());
    return plan(learned, all, handsOn, reserve, false, spare(all, hours, now));
  }

  private static Plan plan(
      List<Step> steps,
      Scheduler.Outcome outcome,
      Figure handsOn,
      Reserve reserve,
      boolean reserved,
      Figure spare) {
    return new Plan(
        steps,
        outcome.placed(),
        outcome.unplaced(),
        handsOn,
        reserve.minutes(),
        reserved || reserve.minutes().value() == 0,
        spare);
  }

  private static Figure handsOn(List<Step> steps, Set<String> done) {
    List<Figure> times =
        steps.stream().filter(step -> !done.contains(step.id())).map(Step::handsOn).toList();
    return Figure.found(
        "build.hands-on",
        "Hands-on time still to do",
        times.stream().mapToDouble(Figure::value).sum(),
        Quantity.DURATION,
        "sum over the steps that are not done",
        Source.GEOMETRY,
        Uncertainty.NONE,
        times.toArray(Figure[]::new));
  }

  /**
   * Free time from now to the first step, less what should already have been worked: one number for
   * both being early and being late.
   */
  private static Figure spare(Scheduler.Outcome outcome, FreeHours hours, LocalDateTime now) {
    LocalDateTime first =
        outcome.placed().stream().map(Plan.Placed::start).min(LocalDateTime::compareTo).orElse(now);
    double missed =
        outcome.placed().stream()
            .flatMap(placed -> placed.sittings().stream())
            .filter(sitting -> sitting.from().isBefore(now))
            .mapToLong(
                sitting ->
                    ChronoUnit.MINUTES.between(
                        sitting.from(), sitting.to().isBefore(now) ? sitting.to() : now))
            .sum();
    double free = first.isAfter(now) ? freeMinutes(hours, now, first) : 0;
    return Figure.found(
        "build.spare",
        "Free time to spare",
        free - missed,
        Quantity.DURATION,
        "free hours from now to the first step, less work whose latest time has passed",
        Source.GEOMETRY,
        Uncertainty.NONE);
  }

  private static long freeMinutes(FreeHours hours, LocalDateTime from, LocalDateTime to) {
    long sum = 0;
    for (LocalDate day = from.toLocalDate();
        !day.isAfter(to.toLocalDate());
        day = day.plusDays(1)) {
      for (FreeHours.Stretch stretch : hours.on(day)) {
        LocalDateTime start = later(day.atTime(stretch.from()), from);
        LocalDateTime end = earlier(day.atTime(stretch.to()), to);
        sum += Math.max(0, ChronoUnit.MINUTES.between(start, end));
      }
    }
    return sum;
  }

  private static LocalDateTime later(LocalDateTime a, LocalDateTime b) {
    return a.isAfter(b) ? a : b;
  }

  private static LocalDateTime earlier(LocalDateTime a, LocalDateTime b) {
    return a.isBefore(b) ? a : b;
  }
}
