package stoutblade.event;

import java.time.LocalDateTime;
import java.util.Optional;

/**
 * The event that the prop is made for.
 *
 * @param name what it is called
 * @param starts when it starts, local time there
 * @param readyBeforeMinutes how long before that everything is done
 * @param reserveMinutes free time that is kept between the last step and then; empty for a fifth of
 *     the work, and two evenings at least
 * @param cores what its rules say of cores
 */
public record Event(
    String name,
    LocalDateTime starts,
    double readyBeforeMinutes,
    Optional<Double> reserveMinutes,
    CoreRule cores) {

  private static final double MOST_RESERVE = 1000 * 60;

  /** Done by the evening before. */
  public static final double USUAL_READY_BEFORE = 12 * 60;

  /**
   * Checks the margin and the year.
   *
   * @throws IllegalArgumentException if the margin is negative or over a year
   */
  public Event {
    if (!(readyBeforeMinutes >= 0 && readyBeforeMinutes <= 366 * 24 * 60)) {
      throw new IllegalArgumentException(
          "Everything is done between 0 and 366 days before the event; found "
              + readyBeforeMinutes
              + " minutes");
    }
    if (reserveMinutes.isPresent()
        && !(reserveMinutes.get() >= 0 && reserveMinutes.get() <= MOST_RESERVE)) {
      throw new IllegalArgumentException(
          "Between 0 and 1000 hours are kept in reserve; found "
              + reserveMinutes.get()
              + " minutes");
    }
    if (starts.getYear() < 2000 || starts.getYear() > 2200) {
      throw new IllegalArgumentException(
          "An event lies between the years 2000 and 2200; found " + starts.getYear());
    }
  }

  /** An event with the usual reserve. */
  public Event(String name, LocalDateTime starts, double readyBeforeMinutes) {
    this(name, starts, readyBeforeMinutes, Optional.empty(), CoreRule.ANY);
  }

  /** The same with another reserve. */
  public Event keeping(Optional<Double> minutes) {
    return new Event(name, starts, readyBeforeMinutes, minutes, cores);
  }

  /** The same with another rule for cores. */
  public Event with(CoreRule rule) {
    return new Event(name, starts, readyBeforeMinutes, reserveMinutes, rule);
  }

  /** When everything is done. */
  public LocalDateTime readyBy() {
    return starts.minusMinutes(Math.round(readyBeforeMinutes));
  }
}
