package stoutblade.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import stoutblade.edit.Edits;
import stoutblade.event.Event;
import stoutblade.journal.Journal;
import stoutblade.measure.Figure;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;

/** Time that is kept before the event, and paces that were learned. */
class ReserveTest {

  private static Plan plan(Project project) {
    return Samples.derive(project).plan().orElseThrow();
  }

  private static LocalDateTime lastEnd(Plan plan) {
    return plan.placed().stream().map(Plan.Placed::end).max(LocalDateTime::compareTo).orElseThrow();
  }

  /** Free minutes between two times, counted minute by minute. */
  private static long free(FreeHours hours, LocalDateTime from, LocalDateTime to) {
    long count = 0;
    for (LocalDateTime at = from; at.isBefore(to); at = at.plusMinutes(1)) {
      LocalDateTime now = at;
      count +=
          hours.on(now.toLocalDate()).stream()
                  .anyMatch(
                      it ->
                          !now.toLocalTime().isBefore(it.from())
                              && now.toLocalTime().isBefore(it.to()))
              ? 1
              : 0;
    }
    return count;
  }

  @Test
  void a_fifth_of_the_work_is_kept_and_two_evenings_at_least() {
    Project whole = Samples.whole();
    Plan plan = plan(whole);
    LocalDateTime ready = whole.event().readyBy();

    assertThat(plan.reserve().value()).isCloseTo(plan.handsOn().value() / 5, within(1e-9));
    assertThat(plan.reserved()).isTrue();
    assertThat(free(whole.freeHours(), lastEnd(plan), ready))
        .isGreaterThanOrEqualTo((long) plan.reserve().value());
    long days =
        lastEnd(plan)
            .toLocalDate()
            .datesUntil(ready.toLocalDate().plusDays(1))
            .filter(
                it ->
                    free(
                            whole.freeHours(),
                            it.atStartOfDay().isAfter(lastEnd(plan))
                                ? it.atStartOfDay()
                                : lastEnd(plan),
                            it.plusDays(1).atStartOfDay().isBefore(ready)
                                ? it.plusDays(1).atStartOfDay()
                                : ready)
                        > 0)
            .count();
    assertThat(days).isGreaterThanOrEqualTo(2);
  }

  @Property(tries = 20)
  void what_the_maker_keeps_is_kept(@ForAll @IntRange(min = 0, max = 1200) int minutes) {
    Project project =
        Edits.reserve(Optional.of((double) minutes)).in(Prop.FIRST).applyTo(Samples.whole());
    Plan plan = plan(project);

    assertThat(plan.reserve().value()).isEqualTo(minutes);
    assertThat(free(project.freeHours(), lastEnd(plan), project.event().readyBy()))
        .isGreaterThanOrEqualTo(minutes);
  }

  @Test
  void where_there_is_no_time_for_it_the_work_takes_it_and_a_finding_says_so() {
    Project tight = Samples.whole();
    for (int days = 2; days < 28; days++) {
      tight =
          Edits.event(new Event("Soon", Samples.NOW.plusDays(days), 0))
              .in(Prop.FIRST)
              .applyTo(Samples.whole());
      if (plan(tight).spare().value() >= 0) {
        break;
      }
    }

    assertThat(plan(tight).reserved()).isFalse();
    assertThat(plan(tight).spare().value()).isNotNegative();
    assertThat(Samples.derive(tight).findings())
        .anySatisfy(
            it -> {
              assertThat(it.id()).isEqualTo("build.reserve");
              assertThat(it.mends()).hasSize(1);
            });
    Project none = Edits.reserve(Optional.of(0.0)).in(Prop.FIRST).applyTo(tight);
    assertThat(Samples.derive(none).findings()).noneMatch(it -> it.id().equals("build.reserve"));
    assertThatThrownBy(
            () -> Edits.reserve(Optional.of(-5.0)).in(Prop.FIRST).applyTo(Samples.whole()))
        .hasMessageContaining("1000 hours");
  }

  /**
   * Tracing took twice as long as planned, so cutting stays and tracing of another part doubles.
   */
  @Test
  void what_a_step_took_counts_for_steps_of_its_kind_that_are_still_to_do() {
    Project two =
        First.withParts(
            Samples.whole(),
            java.util.List.of(Samples.blade(), Samples.blade().withId("d2").withName("Twin")));
    Plan before = plan(two);
    double planned = before.step("p1/d1/trace").orElseThrow().minutes();
    Project done =
        Edits.done(new Journal.Done("p1/d1/trace", 2 * planned, Samples.NOW))
            .in(Prop.FIRST)
            .applyTo(two);
    Plan after = plan(done);

    Step other = after.step("p1/d2/trace").orElseThrow();
    assertThat(other.minutes()).isCloseTo(2 * planned, within(1e-9));
    assertThat(other.handsOn().inputs()).extracting(Figure::id).contains("build.learned.tracing");
    assertThat(after.step("p1/d1/trace").orElseThrow().minutes()).isEqualTo(planned);
    assertThat(after.step("p1/d2/groove").orElseThrow().minutes())
        .isEqualTo(before.step("p1/d2/groove").orElseThrow().minutes());
  }

  @Test
  void one_odd_note_does_not_throw_the_plan_over() {
    Project odd =
        Edits.done(new Journal.Done("p1/d1/trace", 50_000, Samples.NOW))
            .in(Prop.FIRST)
            .applyTo(
                First.withParts(
                    Samples.whole(),
                    java.util.List.of(Samples.blade(), Samples.blade().withId("d2"))));
    Plan plan = plan(odd);

    assertThat(plan.step("p1/d2/trace").orElseThrow().minutes())
        .isCloseTo(4 * plan.step("p1/d1/trace").orElseThrow().minutes(), within(1e-9));
  }
}
