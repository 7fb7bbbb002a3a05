package stoutblade.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.catalogue.Glue;
import stoutblade.project.Samples;

class GlueClockTest {

  private static final Instant SPREAD = Instant.parse("2031-03-03T19:00:00Z");

  /** Common practice for contact cement: join from 10 min on, no later than 60. */
  @ParameterizedTest
  @CsvSource({
    "0, WAIT, 600",
    "599, WAIT, 1",
    "600, JOIN_NOW, 3000",
    "1800, JOIN_NOW, 1800",
    "3600, JOIN_NOW, 0",
    "3601, TOO_LATE, 0",
    "-30, WAIT, 600",
  })
  void says_wait_join_now_and_too_late(long seconds, GlueClock.Stage stage, long left) {
    GlueClock.Reading reading = GlueClock.read(Samples.CEMENT, SPREAD, SPREAD.plusSeconds(seconds));

    assertThat(reading.stage()).isEqualTo(stage);
    assertThat(reading.left()).isEqualTo(Duration.ofSeconds(left));
    assertThat(reading.share()).isBetween(0.0, 1.0);
  }

  @Test
  void a_stage_runs_from_nothing_to_all() {
    assertThat(GlueClock.read(Samples.CEMENT, SPREAD, SPREAD.plusSeconds(300)).share())
        .isEqualTo(0.5);
    assertThat(GlueClock.Stage.TOO_LATE.words()).isEqualTo("Too late: coat again");
  }

  @Test
  void a_glue_that_must_be_joined_before_it_may_be_is_refused() {
    assertThatThrownBy(() -> new Glue("g", "g", 10, 10, 0, 0, 0, 0, "", ""))
        .hasMessageContaining("joined after its wait");
    assertThatThrownBy(() -> new Glue("g", "g", 1, 10, 50, 10, 0, 0, "", ""))
        .hasMessageContaining("in order");
  }
}
