package stoutblade.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import stoutblade.build.Plan.Placed;
import stoutblade.build.Plan.Sitting;
import stoutblade.build.Step.Need;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

class SchedulerTest {

  private static final LocalDateTime READY = LocalDateTime.of(2031, 3, 29, 12, 0);
  private static final FreeHours HOURS = FreeHours.EVENINGS_AND_WEEKENDS;

  private static Step step(String id, double minutes, boolean divisible, Need... needs) {
    Figure time =
        Figure.given("t." + id, id, minutes, Quantity.DURATION, Source.assumption("test"));
    return new Step(id, id, "", time, List.of(needs), List.of(), List.of(), "", divisible, "");
  }

  private static Scheduler.Outcome place(Step... steps) {
    return Scheduler.place(List.of(steps), Set.of(), HOURS, READY);
  }

  private static Placed placed(Scheduler.Outcome outcome, String id) {
    return outcome.placed().stream()
        .filter(it -> it.step().id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void a_lone_step_ends_when_everything_must_be_done() {
    Placed only = placed(place(step("a", 60, false)), "a");

    assertThat(only.end()).isEqualTo(READY);
    assertThat(only.start()).isEqualTo(READY.minusMinutes(60));
  }

  @Test
  void a_wait_pushes_the_step_before_it_back_into_free_hours() {
    Scheduler.Outcome outcome =
        place(step("a", 60, false), step("b", 60, false, Need.after("a", 24 * 60, "cures")));

    Placed a = placed(outcome, "a");
    assertThat(a.end()).isBeforeOrEqualTo(placed(outcome, "b").start().minusDays(1));
    assertThat(a.start().toLocalTime()).isEqualTo(LocalTime.of(20, 30));
  }

  @Test
  void what_must_not_wait_long_is_kept_together() {
    Scheduler.Outcome outcome =
        place(
            step("spread", 20, false),
            step("join", 15, false, Need.between("spread", 10, 60, "open time")));

    long wait =
        ChronoUnit.MINUTES.between(
            placed(outcome, "spread").end(), placed(outcome, "join").start());
    assertThat(wait).isBetween(10L, 60L);
  }

  @Test
  void long_divisible_work_is_spread_over_sittings_and_other_work_is_not() {
    Scheduler.Outcome spread = place(step("sand", 900, true));
    Scheduler.Outcome whole = place(step("cast", 900, false));

    assertThat(placed(spread, "sand").sittings().size()).isGreaterThan(1);
    assertThat(placed(spread, "sand").sittings().stream().mapToLong(Sitting::minutes).sum())
        .isEqualTo(900);
    assertThat(whole.unplaced()).hasSize(1);
    assertThat(whole.unplaced().getFirst().reason())
        .isEqualTo("it takes 15 h at a stretch; the longest free stretch of the week is 6 h");
  }

  @Test
  void without_free_hours_nothing_finds_a_place() {
    FreeHours none = new FreeHours(Map.of(), Set.of());

    Scheduler.Outcome outcome =
        Scheduler.place(List.of(step("a", 60, true)), Set.of(), none, READY);

    assertThat(outcome.unplaced().getFirst().reason()).contains("no free hours");
    assertThat(none.longest()).isZero();
  }

  @Test
  void days_away_are_kept_free() {
    FreeHours away = new FreeHours(HOURS.week(), Set.of(READY.toLocalDate()));

    Scheduler.Outcome outcome =
        Scheduler.place(List.of(step("a", 60, false)), Set.of(), away, READY);

    assertThat(placed(outcome, "a").end().toLocalDate()).isBefore(READY.toLocalDate());
  }

  @Test
  void steps_in_a_circle_are_a_mistake_of_the_caller() {
    assertThatThrownBy(
            () -> place(step("a", 5, false, Need.after("b")), step("b", 5, false, Need.after("a"))))
        .hasMessageContaining("need one another");
  }

  /** Whatever the steps: order, waits, free hours and one pair of hands are kept. */
  @Property(tries = 150)
  void every_plan_keeps_its_promises(@ForAll long seed) {
    Random random = new Random(seed);
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < 14; i++) {
      List<Need> needs = new ArrayList<>();
      if (i > 0) {
        String before = "s" + random.nextInt(i);
        needs.add(
            switch (random.nextInt(4)) {
              case 0 -> Need.after(before);
              case 1 -> Need.after(before, random.nextInt(2000), "dries");
              case 2 -> Need.after("s" + (i - 1), 30, "dries");
              default -> Need.after("s" + (i - 1));
            });
      }
      steps.add(
          step("s" + i, 5 + random.nextInt(110), random.nextBoolean(), needs.toArray(Need[]::new)));
    }

    Scheduler.Outcome outcome = Scheduler.place(steps, Set.of(), HOURS, READY);

    assertThat(outcome.unplaced()).isEmpty();
    for (Placed placed : outcome.placed()) {
      assertThat(placed.end()).isBeforeOrEqualTo(READY);
      placed.sittings().forEach(SchedulerTest::assertFree);
      for (Need need : placed.step().needs()) {
        LocalDateTime before = placed(outcome, need.stepId()).end();
        assertThat(before.plusMinutes((long) need.notBefore())).isBeforeOrEqualTo(placed.start());
      }
    }
    assertNoOverlap(outcome.placed().stream().flatMap(it -> it.sittings().stream()).toList());
  }

  private static void assertFree(Sitting sitting) {
    LocalDate day = sitting.from().toLocalDate();
    assertThat(HOURS.on(day))
        .anyMatch(
            free ->
                !sitting.from().isBefore(day.atTime(free.from()))
                    && !sitting.to().isAfter(day.atTime(free.to())));
  }

  private static void assertNoOverlap(List<Sitting> sittings) {
    List<Sitting> sorted = new ArrayList<>(sittings);
    sorted.sort(java.util.Comparator.comparing(Sitting::from));
    for (int i = 1; i < sorted.size(); i++) {
      assertThat(sorted.get(i).from()).isAfterOrEqualTo(sorted.get(i - 1).to());
    }
  }

  @Test
  void free_hours_are_checked() {
    FreeHours.Stretch evening = new FreeHours.Stretch(LocalTime.of(19, 0), LocalTime.of(21, 30));
    assertThat(evening.minutes()).isEqualTo(150);
    assertThatThrownBy(() -> new FreeHours.Stretch(LocalTime.NOON, LocalTime.NOON))
        .hasMessageContaining("end after they start");
    assertThatThrownBy(
            () ->
                new FreeHours(
                    Map.of(
                        DayOfWeek.MONDAY,
                        List.of(
                            evening,
                            new FreeHours.Stretch(LocalTime.of(20, 0), LocalTime.of(22, 0)))),
                    Set.of()))
        .hasMessageContaining("overlap");
    assertThat(HOURS.with(DayOfWeek.MONDAY, List.of()).on(LocalDate.of(2031, 3, 3))).isEmpty();
    assertThat(Need.after("x").notAfter()).isEqualTo(OptionalDouble.empty());
  }
}
