package stoutblade.build;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import stoutblade.event.Event;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * Free time that is kept between the last step and when everything is done: something always takes
 * longer.
 *
 * @param minutes how much of it
 * @param from when it begins: all steps end before
 */
record Reserve(Figure minutes, LocalDateTime from) {

  private static final double SHARE = 0.2;
  private static final int EVENINGS = 2;
  private static final int FURTHEST_DAYS = 3 * 366;

  /**
   * The reserve before an event.
   *
   * @param handsOn all that is still to do
   */
  static Reserve of(Figure handsOn, FreeHours hours, Event event) {
    Optional<Double> chosen = event.reserveMinutes();
    LocalDateTime end = event.readyBy();
    if (chosen.isPresent()) {
      Figure minutes =
          Figure.given(
              "build.reserve",
              "Kept in reserve before the event",
              chosen.get(),
              Quantity.DURATION,
              Source.DECIDED);
      return new Reserve(minutes, before(end, chosen.get(), 0, hours));
    }
    Figure share =
        Figure.computed(
            "build.reserve",
            "Kept in reserve before the event",
            Quantity.DURATION,
            "{%s} / 5".formatted(handsOn.id()),
            Source.assumption("a fifth of the work, and two evenings at least"),
            handsOn);
    // Where nothing is left to do nothing has to be kept for it.
    int evenings = handsOn.value() > 0 ? EVENINGS : 0;
    return new Reserve(share, before(end, SHARE * handsOn.value(), evenings, hours));
  }

  /** The latest time after which so much is free, on so many days at least. */
  private static LocalDateTime before(
      LocalDateTime end, double minutes, int days, FreeHours hours) {
    double left = minutes;
    int passed = 0;
    LocalDate day = end.toLocalDate();
    LocalDateTime from = end;
    for (int i = 0; i < FURTHEST_DAYS && (left > 0 || passed < days); i++) {
      boolean used = false;
      for (FreeHours.Stretch stretch : List.copyOf(hours.on(day)).reversed()) {
        LocalDateTime starts = day.atTime(stretch.from());
        LocalDateTime ends = day.atTime(stretch.to());
        ends = ends.isAfter(end) ? end : ends;
        if (!ends.isAfter(starts) || (left <= 0 && passed >= days)) {
          continue;
        }
        long free = java.time.Duration.between(starts, ends).toMinutes();
        boolean whole = passed < days || left >= free;
        from = whole ? starts : ends.minusMinutes((long) Math.ceil(left));
        left -= free;
        used = true;
      }
      passed += used ? 1 : 0;
      day = day.minusDays(1);
    }
    return from;
  }
}
