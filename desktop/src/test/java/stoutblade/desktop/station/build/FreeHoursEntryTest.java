package stoutblade.desktop.station.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import org.junit.jupiter.api.Test;
import stoutblade.build.FreeHours.Stretch;
import stoutblade.measure.EntryException;

class FreeHoursEntryTest {

  @Test
  void hours_are_read_as_they_are_typed() {
    assertThat(BuildModel.stretches("19:00-21:30"))
        .containsExactly(new Stretch(LocalTime.of(19, 0), LocalTime.of(21, 30)));
    assertThat(BuildModel.stretches("9-12, 14:00 – 18:15"))
        .containsExactly(
            new Stretch(LocalTime.of(9, 0), LocalTime.NOON),
            new Stretch(LocalTime.of(14, 0), LocalTime.of(18, 15)));
    assertThat(BuildModel.stretches("none")).isEmpty();
    assertThat(BuildModel.stretches(" ")).isEmpty();
  }

  @Test
  void what_is_no_time_is_refused() {
    assertThatThrownBy(() -> BuildModel.stretches("evenings"))
        .isInstanceOf(DateTimeParseException.class);
    assertThatThrownBy(() -> BuildModel.stretches("19-26")).isInstanceOf(EntryException.class);
    assertThatThrownBy(() -> BuildModel.stretches("21-19"))
        .hasMessageContaining("end after they start");
  }
}
