package stoutblade.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import stoutblade.edit.PartEdits;
import stoutblade.part.Workmanship;
import stoutblade.part.Workmanship.Bedding;
import stoutblade.part.Workmanship.BevelTime;
import stoutblade.part.Workmanship.ChannelTime;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.stack.Band;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/** What can be chosen of how a part is made, and what follows from it. */
class WorkChoicesTest {

  private static final Layering FOUR = Layering.of(4, "foam", 6, Profile.bevel(20, 4));

  private static Project chosen(Project project, UnaryOperator<Workmanship> change) {
    return PartEdits.workmanship(First.ID, "Choose", change).in(Prop.FIRST).applyTo(project);
  }

  private static List<String> ids(Project project) {
    String own = Prop.FIRST + "/" + First.ID + "/";
    return plan(project).steps().stream()
        .map(Step::id)
        .filter(it -> it.startsWith(own))
        .map(it -> it.substring(own.length()))
        .toList();
  }

  private static Plan plan(Project project) {
    return Samples.derive(project).plan().orElseThrow();
  }

  @Test
  void the_channel_is_cut_when_the_maker_says() {
    Project whole = Samples.whole();

    assertThat(ids(whole)).containsSubsequence("groove", "cut", "core-fit");
    assertThat(ids(chosen(whole, it -> it.withChannel(Optional.of(ChannelTime.AFTER_CUTTING)))))
        .containsSubsequence("cut", "groove", "core-fit");
  }

  /** In one go: laid in while the cement dries, and closed before its own glue sets. */
  @Test
  void a_core_may_be_closed_in_in_one_go() {
    Project whole = Samples.whole();
    Project once = chosen(whole, it -> it.withBedding(Optional.of(Bedding.IN_ONE_GO)));

    assertThat(ids(whole)).containsSubsequence("core-fit", "core-bed", "spread", "join");
    assertThat(ids(once)).containsSubsequence("core-fit", "spread", "core-bed", "join");
    Step join =
        plan(once).steps().stream().filter(it -> it.id().endsWith("/join")).findFirst().get();
    assertThat(join.needs())
        .anySatisfy(
            it -> {
              assertThat(it.stepId()).endsWith("/core-bed");
              assertThat(it.notAfter()).hasValue(Samples.FOAMING.joinByMinutes());
            });
  }

  /** Of four layers it is the joint over the core that closes it in, not the first. */
  @Test
  void the_joint_over_the_core_closes_it_in() {
    Project once =
        chosen(
            First.with(Samples.whole(), FOUR),
            it -> it.withBedding(Optional.of(Bedding.IN_ONE_GO)));

    assertThat(ids(once))
        .containsSubsequence("join-1", "spread-2", "core-bed", "join-2", "spread-3");
  }

  @Test
  void layers_may_be_bevelled_one_by_one() {
    Project whole = Samples.whole();
    Project each = chosen(whole, it -> it.withBevel(Optional.of(BevelTime.EACH_LAYER)));

    assertThat(ids(whole)).containsSubsequence("join", "bevel-line", "bevel", "sand");
    assertThat(ids(each))
        .containsSubsequence("cut", "bevel-line", "bevel", "spread", "join", "sand");
    assertThat(ids(each)).containsOnlyOnce("bevel");
  }

  /** A band hides the joints: nothing is bevelled before it is on, whatever was chosen once. */
  @Test
  void what_cannot_be_done_is_not_open() {
    Project banded =
        First.with(
            Samples.whole(),
            Layering.of(2, "foam", 10, Profile.bevel(20, 4))
                .with(Optional.of(new Band("foam", 5))));
    Project each = chosen(banded, it -> it.withBevel(Optional.of(BevelTime.EACH_LAYER)));

    assertThat(First.of(Samples.derive(each)).choices().bevel().open()).isFalse();
    assertThat(ids(each)).isEqualTo(ids(banded));
  }

  @Test
  void grits_are_those_that_were_chosen() {
    Project own = chosen(Samples.whole(), it -> it.withGrits(List.of(120, 240, 600)));

    Step sand =
        plan(own).steps().stream().filter(it -> it.id().endsWith("/sand")).findFirst().get();
    assertThat(sand.title()).isEqualTo("Sand smooth, 120 then 240 then 600 grit");
    assertThatThrownBy(() -> chosen(Samples.whole(), it -> it.withGrits(List.of(400, 220))))
        .hasMessageContaining("coarse to fine; found 220 after 400");
    assertThatThrownBy(() -> chosen(Samples.whole(), it -> it.withGrits(List.of(5))))
        .hasMessageContaining("from 24 to 3000; found 5");
  }

  static Stream<Arguments> ways() {
    return Stream.of(ChannelTime.values())
        .flatMap(
            channel ->
                Stream.of(Bedding.values())
                    .flatMap(
                        bedding ->
                            Stream.of(BevelTime.values())
                                .flatMap(
                                    bevel ->
                                        Stream.of(1, 2, 3, 4)
                                            .map(
                                                layers ->
                                                    Arguments.of(
                                                        channel, bedding, bevel, layers)))));
  }

  /**
   * Whatever is chosen: every step stands after those that it needs, is placed, and every wait and
   * every window between two steps is kept on the calendar.
   */
  @ParameterizedTest
  @MethodSource("ways")
  void every_way_gives_a_plan_that_keeps_its_waits(
      ChannelTime channel, Bedding bedding, BevelTime bevel, int layers) {
    Project project =
        chosen(
            First.with(Samples.whole(), Layering.of(layers, "foam", 10, Profile.bevel(20, 4))),
            it ->
                it.withChannel(Optional.of(channel))
                    .withBedding(Optional.of(bedding))
                    .withBevel(Optional.of(bevel)));

    Plan plan = plan(project);

    assertThat(plan.unplaced()).isEmpty();
    List<String> ids = plan.steps().stream().map(Step::id).toList();
    assertThat(ids).doesNotHaveDuplicates();
    Map<String, Plan.Placed> placed =
        plan.placed().stream().collect(Collectors.toMap(it -> it.step().id(), Function.identity()));
    for (Step step : plan.steps()) {
      for (Step.Need need : step.needs()) {
        assertThat(ids.indexOf(need.stepId())).isBetween(0, ids.indexOf(step.id()) - 1);
        double wait =
            Duration.between(placed.get(need.stepId()).end(), placed.get(step.id()).start())
                    .toSeconds()
                / 60.0;
        assertThat(wait).as(need + " of " + step.id()).isGreaterThanOrEqualTo(need.notBefore());
        if (need.notAfter().isPresent()) {
          assertThat(wait)
              .as(need + " of " + step.id())
              .isLessThanOrEqualTo(need.notAfter().getAsDouble());
        }
      }
    }
  }
}
