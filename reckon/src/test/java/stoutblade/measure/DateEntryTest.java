package stoutblade.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.measure.DateEntry.Order;

/** Days and times as people type them. */
class DateEntryTest {

  private static final LocalDate TODAY = LocalDate.of(2026, 11, 29);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "2026-12-12 | 2026-12-12",
        "12 dec | 2026-12-12",
        "12 December | 2026-12-12",
        "12th of | refused",
        "dec 12 | 2026-12-12",
        "Dec. 12th, 2027 | 2027-12-12",
        "12dec | 2026-12-12",
        "12.12.2026 | 2026-12-12",
        "12/12/26 | 2026-12-12",
        "Sat 12 Dec 2026 | 2026-12-12",
        "3 sept | 2027-09-03",
        "1 jan | 2027-01-01",
        "29 nov | 2026-11-29",
        "28 nov | 2027-11-28",
        "29 feb | 2028-02-29",
        "today | 2026-11-29",
        "tomorrow | 2026-11-30",
        "31 apr | refused",
        "12 foo | refused",
        "12/13/2026 | refused",
        "soon | refused"
      })
  void days_are_read_as_they_are_typed(String typed, String expected) {
    if (expected.equals("refused")) {
      assertThatThrownBy(() -> DateEntry.day(typed, TODAY, Order.DAY_FIRST))
          .isInstanceOf(EntryException.class)
          .hasMessageContaining(typed);
    } else {
      assertThat(DateEntry.day(typed, TODAY, Order.DAY_FIRST)).isEqualTo(expected);
    }
  }

  @ParameterizedTest
  @CsvSource({"DAY_FIRST, 2027-05-04", "MONTH_FIRST, 2027-04-05"})
  void two_numbers_are_in_the_order_of_the_system(Order order, LocalDate expected) {
    assertThat(DateEntry.day("4/5/2027", TODAY, order)).isEqualTo(expected);
    assertThat(DateEntry.day("4/5", TODAY, order)).isEqualTo(expected);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "17:30 | 17:30",
        "17.30 | 17:30",
        "5.30 pm | 17:30",
        "5pm | 17:00",
        "12 am | 00:00",
        "12 pm | 12:00",
        "9 | 09:00",
        "17h30 | 17:30",
        "noon | 12:00"
      })
  void times_are_read_as_they_are_typed(String typed, LocalTime expected) {
    assertThat(DateEntry.time(typed)).isEqualTo(expected);
  }

  @ParameterizedTest
  @ValueSource(strings = {"25:00", "13 pm", "17:75", "evening", "-3", ""})
  void what_is_no_time_is_refused_with_the_reason(String typed) {
    assertThatThrownBy(() -> DateEntry.time(typed))
        .isInstanceOf(EntryException.class)
        .hasMessageContaining("a time is expected, such as 17:30");
  }

  /** Nobody means marks of direction; and what is said back is no longer than can be read. */
  @Test
  void what_cannot_be_seen_is_not_said_back() {
    assertThat(DateEntry.day("12\u202e dec\u0007", TODAY, Order.DAY_FIRST)).isEqualTo("2026-12-12");
    assertThatThrownBy(
            () ->
                DateEntry.day("1\u202e80 \u0007cm\ud800" + "9".repeat(900), TODAY, Order.DAY_FIRST))
        .hasMessageStartingWith("'180 cm999")
        .hasMessageNotContainingAny("\u202e", "\u0007", "\ud800")
        .satisfies(it -> assertThat(it.getMessage()).hasSizeLessThan(160));
  }

  /** Against the library's own writer: what it writes is read back, with the year or without. */
  @Property
  void a_day_that_is_written_reads_back(@ForAll @IntRange(max = 3000) int ahead) {
    LocalDate day = TODAY.plusDays(ahead);
    for (String form : new String[] {"d MMM yyyy", "EEE d MMMM yyyy", "MMMM d, yyyy", "d.M.yyyy"}) {
      String typed = DateTimeFormatter.ofPattern(form, Locale.ENGLISH).format(day);
      assertThat(DateEntry.day(typed, TODAY, Order.DAY_FIRST)).as(typed).isEqualTo(day);
    }
    LocalDate next =
        DateEntry.day(
            DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH).format(day),
            TODAY,
            Order.DAY_FIRST);
    assertThat(next).isAfterOrEqualTo(TODAY).isBeforeOrEqualTo(day);
  }
}
