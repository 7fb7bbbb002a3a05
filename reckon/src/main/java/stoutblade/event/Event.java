package stoutblade.event;

import java.time.LocalDateTime;

/**
 * The event that the prop is made for.
 *
 * @param name what it is called
 * @param starts when it starts, local time there
 * @param readyBeforeMinutes how long before that everything is done
 */
public record Event(String name, LocalDateTime starts, double readyBeforeMinutes) {

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
    if (starts.getYear() < 2000 || starts.getYear() > 2200) {
      throw new IllegalArgumentException(
          "An event lies between the years 2000 and 2200; found " + starts.getYear());
    }
  }

  /** When everything is done. */
  public LocalDateTime readyBy() {
    return starts.minusMinutes(Math.round(readyBeforeMinutes));
  }
}
