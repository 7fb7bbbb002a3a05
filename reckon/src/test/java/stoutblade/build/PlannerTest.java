package stoutblade.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import stoutblade.edit.Edits;
import stoutblade.event.Event;
import stoutblade.journal.Journal;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;

class PlannerTest {

  private static Plan plan(Project project) {
    return Samples.derive(project).plan().orElseThrow();
  }

  @Test
  void everything_is_done_before_it_must_be() {
    Plan plan = plan(Samples.whole());

    assertThat(plan.unplaced()).isEmpty();
    assertThat(plan.placed()).hasSameSizeAs(plan.steps());
    assertThat(plan.placed()).allMatch(it -> !it.end().isAfter(Samples.whole().event().readyBy()));
  }

  @Test
  void hands_on_time_is_the_sum_of_what_is_left() {
    Project begun =
        Edits.done(new Journal.Done("all/print", 30, Samples.NOW))
            .in(Prop.FIRST)
            .applyTo(Samples.whole());
    double print = plan(Samples.whole()).step("all/print").orElseThrow().minutes();

    double before = plan(Samples.whole()).handsOn().value();
    double after = plan(begun).handsOn().value();

    assertThat(before - after).isCloseTo(print, org.assertj.core.api.Assertions.within(1e-9));
  }

  @Test
  void spare_time_counts_free_hours_only_and_turns_negative_when_late() {
    Event later = new Event("Later", Samples.NOW.plusWeeks(5), Event.USUAL_READY_BEFORE);
    double four = plan(Samples.whole()).spare().value();
    double five = plan(Edits.event(later).in(Prop.FIRST).applyTo(Samples.whole())).spare().value();
    double soon =
        plan(Edits.event(new Event("Soon", Samples.NOW.plusDays(2), 0))
                .in(Prop.FIRST)
                .applyTo(Samples.whole()))
            .spare()
            .value();

    // A week has five evenings of 2 h 30 and two days of 6 h.
    assertThat(five - four).isEqualTo(5 * 150 + 2 * 360.0);
    assertThat(soon).isNegative();
  }

  @Test
  void with_all_steps_done_nothing_is_left() {
    Project all = Samples.whole();
    for (Step step : plan(all).steps()) {
      all = Edits.done(new Journal.Done(step.id(), 10, Samples.NOW)).in(Prop.FIRST).applyTo(all);
    }

    assertThat(plan(all).placed()).isEmpty();
    assertThat(plan(all).startBy()).isEmpty();
    assertThat(plan(all).handsOn().value()).isZero();
  }

  @Test
  void events_and_notes_are_checked() {
    LocalDateTime longAgo = LocalDateTime.of(1999, 1, 1, 1, 1);
    assertThatThrownBy(() -> new Event("x", longAgo, 0)).hasMessageContaining("2000 and 2200");
    assertThatThrownBy(() -> new Event("x", Samples.NOW, -1)).hasMessageContaining("0 and 366");
    assertThatThrownBy(() -> new Journal.Done("x", -1, Samples.NOW))
        .hasMessageContaining("0 and 1000 hours");
    assertThatThrownBy(() -> Journal.Built.NOTHING.withLength(0))
        .hasMessageContaining("measures and weighs something");
  }

  @Test
  void a_clock_of_a_step_stops_when_it_is_done() {
    Project running =
        Edits.startClock("p1/d1/spread", java.time.Instant.EPOCH)
            .in(Prop.FIRST)
            .applyTo(Samples.whole());

    assertThat(running.journal().clocks()).containsKey("p1/d1/spread");
    assertThat(Edits.stopClock("p1/d1/spread").in(Prop.FIRST).applyTo(running).journal().clocks())
        .isEmpty();
    assertThat(
            Edits.done(new Journal.Done("p1/d1/spread", 10, Samples.NOW))
                .in(Prop.FIRST)
                .applyTo(running)
                .journal()
                .clocks())
        .isEmpty();
  }
}
