package stoutblade.measure;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads days and times as people type them. */
public final class DateEntry {

  /** In what order a day and a month that are both numbers stand. */
  public enum Order {
    DAY_FIRST,
    MONTH_FIRST
  }

  private static final String EXPECTED =
      "a day is expected, such as 12 Dec, 12 December 2031 or 2031-12-12";

  private static final int SHORTEST_MONTH = 3;
  private static final int CENTURY = 100;

  private static final int LONGEST = 60;

  private static final Pattern ISO = Pattern.compile("(\\d{4})-(\\d{1,2})-(\\d{1,2})");
  private static final Pattern NUMBERS =
      Pattern.compile("(\\d{1,2})\\s*[./-]\\s*(\\d{1,2})(?:\\s*[./-]\\s*(\\d{4}|\\d{2}))?\\.?");
  private static final Pattern DAY_AND_NAME =
      Pattern.compile("(\\d{1,2})(?:st|nd|rd|th|\\.)?\\s*([a-z]+)\\.?,?\\s*(\\d{4}|\\d{2})?");
  private static final Pattern NAME_AND_DAY =
      Pattern.compile("([a-z]+)\\.?\\s*(\\d{1,2})(?:st|nd|rd|th)?,?(?:\\s+(\\d{4}|\\d{2}))?");
  private static final Pattern TIME =
      Pattern.compile("(\\d{1,2})(?:[:.h]\\s*(\\d{2}))?\\s*(am|pm|a\\.m\\.|p\\.m\\.)?h?");

  private DateEntry() {}

  /**
   * Reads a day; one without a year is the next there is.
   *
   * @param pasted what was typed or pasted
   * @param today what the next day counts from
   * @param order what a day and a month that are both numbers mean
   * @throws EntryException if the text is no day; the message is for the person who typed it
   */
  public static LocalDate day(String pasted, LocalDate today, Order order) {
    String typed = plain(pasted);
    String text = typed.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    List<String> weekdays = List.of("mon", "tue", "wed", "thu", "fri", "sat", "sun");
    int space = text.indexOf(' ');
    if (space > 0 && weekdays.stream().anyMatch(text::startsWith)) {
      text = text.substring(space + 1);
    }
    if (text.isEmpty()) {
      throw new EntryException("Nothing typed: " + EXPECTED);
    }
    if (text.equals("today")) {
      return today;
    }
    if (text.equals("tomorrow")) {
      return today.plusDays(1);
    }
    Matcher iso = ISO.matcher(text);
    if (iso.matches()) {
      return date(typed, number(iso.group(1)), number(iso.group(2)), number(iso.group(3)));
    }
    Matcher numbers = NUMBERS.matcher(text);
    if (numbers.matches()) {
      int one = number(numbers.group(1));
      int other = number(numbers.group(2));
      boolean dayFirst = order == Order.DAY_FIRST;
      return day(typed, today, numbers.group(3), dayFirst ? other : one, dayFirst ? one : other);
    }
    Matcher named = DAY_AND_NAME.matcher(text);
    if (named.matches()) {
      return day(
          typed, today, named.group(3), month(typed, named.group(2)), number(named.group(1)));
    }
    Matcher before = NAME_AND_DAY.matcher(text);
    if (before.matches()) {
      return day(
          typed, today, before.group(3), month(typed, before.group(1)), number(before.group(2)));
    }
    throw new EntryException("'" + typed.strip() + "': " + EXPECTED);
  }

  private static LocalDate day(
      String typed, LocalDate today, String year, int month, int dayOfMonth) {
    if (year != null) {
      int stated = number(year);
      return date(
          typed,
          stated < CENTURY ? today.getYear() / CENTURY * CENTURY + stated : stated,
          month,
          dayOfMonth);
    }
    for (int ahead = 0; ahead <= 8; ahead++) {
      // The next there is, of 29 February in a leap year.
      Optional<LocalDate> next = maybe(today.getYear() + ahead, month, dayOfMonth);
      if (next.filter(it -> !it.isBefore(today)).isPresent()) {
        return next.get();
      }
    }
    return date(typed, today.getYear(), month, dayOfMonth);
  }

  private static Optional<LocalDate> maybe(int year, int month, int dayOfMonth) {
    try {
      return Optional.of(LocalDate.of(year, month, dayOfMonth));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  private static LocalDate date(String typed, int year, int month, int dayOfMonth) {
    return maybe(year, month, dayOfMonth)
        .orElseThrow(
            () ->
                new EntryException(
                    "'"
                        + typed.strip()
                        + "': there is no day "
                        + dayOfMonth
                        + " of month "
                        + month
                        + " in "
                        + year));
  }

  private static int month(String typed, String word) {
    return Arrays.stream(Month.values())
        .filter(
            it ->
                (word.length() >= SHORTEST_MONTH
                        && it.name().toLowerCase(Locale.ROOT).startsWith(word))
                    || (it == Month.SEPTEMBER && word.equals("sept")))
        .findFirst()
        .map(Month::getValue)
        .orElseThrow(
            () -> new EntryException("'" + typed.strip() + "': '" + word + "' is no month"));
  }

  /**
   * Reads a time of day: {@code 17:30}, {@code 5.30 pm}, {@code 9}.
   *
   * @throws EntryException if the text is no time; the message is for the person who typed it
   */
  public static LocalTime time(String pasted) {
    String typed = plain(pasted);
    String text = typed.strip().toLowerCase(Locale.ROOT);
    if (text.equals("noon")) {
      return LocalTime.NOON;
    }
    Matcher time = TIME.matcher(text);
    if (time.matches()) {
      int hour = number(time.group(1));
      int minute = time.group(2) == null ? 0 : number(time.group(2));
      String half = time.group(3) == null ? "" : time.group(3).replace(".", "");
      boolean twelve = !half.isEmpty();
      if ((!twelve || (hour >= 1 && hour <= 12)) && hour <= 23 && minute <= 59) {
        int full = twelve ? hour % 12 + (half.equals("pm") ? 12 : 0) : hour;
        return LocalTime.of(full, minute).truncatedTo(ChronoUnit.MINUTES);
      }
    }
    throw new EntryException(
        "'" + typed.strip() + "': a time is expected, such as 17:30, 5.30 pm or 9");
  }

  /** What of a text can be seen and read: it is said back to whoever typed it. */
  private static String plain(String typed) {
    String seen = SeenText.of(typed);
    return seen.length() > LONGEST ? seen.substring(0, LONGEST) + "…" : seen;
  }

  private static int number(String digits) {
    return Integer.parseInt(digits);
  }
}
