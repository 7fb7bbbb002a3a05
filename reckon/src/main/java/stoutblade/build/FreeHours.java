package stoutblade.build;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * When the maker can work.
 *
 * @param week stretches of each day of the week, in order and not overlapping
 * @param away days without work
 */
public record FreeHours(Map<DayOfWeek, List<Stretch>> week, Set<LocalDate> away) {

  /**
   * A stretch of a day.
   *
   * @param from its start
   * @param to its end, after its start
   */
  public record Stretch(LocalTime from, LocalTime to) {

    /**
     * Checks the order.
     *
     * @throws IllegalArgumentException if it does not end after it starts
     */
    public Stretch {
      if (!to.isAfter(from)) {
        throw new IllegalArgumentException(
            "Free hours end after they start; found " + from + " to " + to);
      }
    }

    /** Its length in minutes. */
    public long minutes() {
      return java.time.Duration.between(from, to).toMinutes();
    }
  }

  /** Evenings from 19:00 to 21:30 and weekend days from 10:00 to 16:00. */
  public static final FreeHours EVENINGS_AND_WEEKENDS = evenings();

  /**
   * Copies, sorts and checks the stretches.
   *
   * @throws IllegalArgumentException if two stretches of a day overlap
   */
  public FreeHours {
    EnumMap<DayOfWeek, List<Stretch>> sorted = new EnumMap<>(DayOfWeek.class);
    week.forEach((day, stretches) -> sorted.put(day, inOrder(day, stretches)));
    week = Map.copyOf(sorted);
    away = java.util.Collections.unmodifiableSet(new TreeSet<>(away));
  }

  private static List<Stretch> inOrder(DayOfWeek day, List<Stretch> stretches) {
    List<Stretch> sorted = new ArrayList<>(stretches);
    sorted.sort(Comparator.comparing(Stretch::from));
    for (int i = 1; i < sorted.size(); i++) {
      if (sorted.get(i).from().isBefore(sorted.get(i - 1).to())) {
        throw new IllegalArgumentException("Free hours of " + day + " overlap");
      }
    }
    return List.copyOf(sorted);
  }

  private static FreeHours evenings() {
    Map<DayOfWeek, List<Stretch>> week = new EnumMap<>(DayOfWeek.class);
    for (DayOfWeek day : DayOfWeek.values()) {
      boolean weekend = day == DayOfWeek.SATURDAY || day == DayOfWeek.SUNDAY;
      week.put(
          day,
          List.of(
              weekend
                  ? new Stretch(LocalTime.of(10, 0), LocalTime.of(16, 0))
                  : new Stretch(LocalTime.of(19, 0), LocalTime.of(21, 30))));
    }
    return new FreeHours(week, Set.of());
  }

  /** The stretches of a date, in order. */
  public List<Stretch> on(LocalDate date) {
    return away.contains(date) ? List.of() : week.getOrDefault(date.getDayOfWeek(), List.of());
  }

  /** The longest stretch of the week, in minutes; 0 where there is none. */
  public long longest() {
    return week.values().stream().flatMap(List::stream).mapToLong(Stretch::minutes).max().orElse(0);
  }

  /** The same hours with other stretches on one day of the week. */
  public FreeHours with(DayOfWeek day, List<Stretch> stretches) {
    Map<DayOfWeek, List<Stretch>> changed = new EnumMap<>(DayOfWeek.class);
    changed.putAll(week);
    changed.put(day, stretches);
    return new FreeHours(changed, away);
  }
}
