package stoutblade.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.build.GlueClock.Reading;
import stoutblade.build.GlueClock.Stage;

class WordsTest {

  @ParameterizedTest
  @CsvSource({
    "2031-03-03T12:00, 2031-03-27T17:30, 24 days left",
    "2031-03-03T12:00, 2031-03-05T12:00, 2 days left",
    "2031-03-03T12:00, 2031-03-05T11:59, 47 h left",
    "2031-03-03T12:00, 2031-03-03T12:45, 45 min left",
    "2031-03-03T12:00, 2031-03-03T11:59, The day has passed",
  })
  void the_tape_counts_down(String now, String starts, String words) {
    assertThat(TapeView.countdown(LocalDateTime.parse(now), LocalDateTime.parse(starts)))
        .isEqualTo(words);
  }

  @Test
  void a_clock_says_what_to_do_and_for_how_long() {
    assertThat(Shelf.words(new Reading(Stage.WAIT, Duration.ofSeconds(239), 0.5)))
        .isEqualTo("Wait, 3:59 left");
    assertThat(Shelf.words(new Reading(Stage.JOIN_NOW, Duration.ofMinutes(50), 0)))
        .isEqualTo("Join now, 50:00 left");
    assertThat(Shelf.words(new Reading(Stage.TOO_LATE, Duration.ZERO, 1)))
        .isEqualTo("Too late: coat again");
  }
}
