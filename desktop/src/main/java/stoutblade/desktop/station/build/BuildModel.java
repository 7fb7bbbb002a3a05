package stoutblade.desktop.station.build;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.chrono.IsoChronology;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.DateTimeParseException;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import stoutblade.build.FreeHours;
import stoutblade.build.Plan;
import stoutblade.build.Step;
import stoutblade.derive.Derived;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Edits;
import stoutblade.event.CoreRule;
import stoutblade.event.Event;
import stoutblade.journal.Journal;
import stoutblade.measure.DateEntry;

/** The work that is to be done, the event that it is for, and the hours there are for it. */
final class BuildModel {

  private static final double MINUTES = 60;

  /** So many of the next steps are shown at first: nobody works on more of them at once. */
  private static final int NEXT = 24;

  private final Desk desk;
  private boolean everything;

  BuildModel(Desk desk) {
    this.desk = desk;
  }

  /** What is to be done next, and how much there is after that. */
  record Next(List<Step> steps, int after) {}

  // == THE EVENT

  /** Says when the event is, and what it is called; a name that is blank stays as it was. */
  void event(String name, LocalDate day, String time) {
    Event old = desk.project().event();
    desk.attempt(
        () ->
            Edits.event(
                new Event(
                    name.isBlank() ? old.name() : name.strip(),
                    day.atTime(DateEntry.time(time)),
                    old.readyBeforeMinutes(),
                    old.reserveMinutes(),
                    old.cores())));
  }

  /** Notes what the event says of cores. */
  void cores(CoreRule rule) {
    desk.perform(Edits.event(desk.project().event().with(rule)));
  }

  CoreRule cores() {
    return desk.project().event().cores();
  }

  /** Reads the day of the event as it is typed, in the order of the system. */
  LocalDate day(String typed) {
    return DateEntry.day(typed, desk.now().toLocalDate(), order(Locale.getDefault()));
  }

  /** What stands first where a place writes a day with numbers. */
  static DateEntry.Order order(Locale locale) {
    String pattern =
        DateTimeFormatterBuilder.getLocalizedDateTimePattern(
            FormatStyle.SHORT, null, IsoChronology.INSTANCE, locale);
    return pattern.indexOf('M') < pattern.indexOf('d') && !pattern.startsWith("y")
        ? DateEntry.Order.MONTH_FIRST
        : DateEntry.Order.DAY_FIRST;
  }

  /** Keeps so many hours in reserve; empty for what is proposed. */
  boolean reserve(Optional<Double> hours) {
    return desk.perform(Edits.reserve(hours.map(it -> it * MINUTES)));
  }

  /** What is kept in reserve, in hours, where there is a plan. */
  Optional<Double> reserve() {
    return desk.derived().plan().map(it -> it.reserve().value() / MINUTES);
  }

  boolean ownReserve() {
    return desk.project().event().reserveMinutes().isPresent();
  }

  // == FREE HOURS

  /** The free hours of a weekday, as they are typed. */
  String hours(DayOfWeek weekday) {
    return String.join(
        ", ",
        desk.project().freeHours().week().getOrDefault(weekday, List.of()).stream()
            .map(it -> it.from() + "-" + it.to())
            .toList());
  }

  void hours(DayOfWeek weekday, String text) {
    try {
      desk.perform(Edits.freeHours(desk.project().freeHours().with(weekday, stretches(text))));
    } catch (DateTimeParseException e) {
      desk.say(Texts.BUILD.of("free-hours-are-written-as", text));
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
    }
  }

  /** Reads stretches of a day: {@code 9:00-12:00, 14-18}. */
  static List<FreeHours.Stretch> stretches(String text) {
    List<FreeHours.Stretch> all = new ArrayList<>();
    for (String part : text.split(",", -1)) {
      if (!part.isBlank() && !part.strip().equalsIgnoreCase(Texts.BUILD.of("none"))) {
        String[] ends = part.strip().split("\\s*[-–]\\s*", -1);
        if (ends.length != 2) {
          throw new DateTimeParseException(Texts.BUILD.of("from-and-to"), part, 0);
        }
        all.add(new FreeHours.Stretch(clock(ends[0]), clock(ends[1])));
      }
    }
    return all;
  }

  private static LocalTime clock(String text) {
    return DateEntry.time(text);
  }

  // == THE STEPS

  /** What is to be done, in the order in which it is; what has no time first. */
  Next next(Plan plan) {
    Journal journal = desk.project().journal();
    Map<String, LocalDateTime> starts = new HashMap<>();
    plan.placed().forEach(it -> starts.put(it.step().id(), it.start()));
    List<Step> open =
        plan.steps().stream()
            .filter(step -> journal.of(step.id()).isEmpty())
            .sorted(Comparator.comparing(step -> starts.getOrDefault(step.id(), LocalDateTime.MIN)))
            .toList();
    int shown = everything ? open.size() : Math.min(NEXT, open.size());
    return new Next(open.subList(0, shown), open.size() - shown);
  }

  /** Shows all steps from now on. */
  void showEverything() {
    everything = true;
  }

  void done(Step step) {
    desk.perform(
        Edits.done(
            new Journal.Done(
                step.id(), Math.round(step.minutes()), desk.now().withSecond(0).withNano(0))));
  }

  void notDone(Step step) {
    desk.perform(Edits.notDone(step.id()));
  }

  // == THE GLUE

  /** True where glue that a step spreads is drying. */
  boolean drying(Step step) {
    return desk.project().journal().clocks().containsKey(step.id());
  }

  void startClock(Step step) {
    desk.perform(Edits.startClock(step.id(), desk.clock().instant()));
  }

  void stopClock(Step step) {
    desk.perform(Edits.stopClock(step.id()));
  }

  // == THE CALENDAR

  /** The first and last day that the calendar shows. */
  static LocalDate[] days(Derived derived, LocalDate today) {
    LocalDate event = derived.project().event().starts().toLocalDate();
    LocalDate first =
        derived.plan().flatMap(Plan::startBy).map(LocalDateTime::toLocalDate).orElse(event);
    LocalDate from = first.isBefore(today) ? first : today;
    return new LocalDate[] {from.isAfter(event) ? event : from, event};
  }
}
