package stoutblade.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Scale;
import org.junit.jupiter.api.Test;
import stoutblade.catalogue.Rod;
import stoutblade.core.CoreReckoning;
import stoutblade.core.Limits;
import stoutblade.edit.Edits;
import stoutblade.event.CoreRule;
import stoutblade.finding.Finding;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;

/** What was felt in the hand, and what an event says, change what is said of cores. */
class FeltTest {

  /** Starting at 1 in 100 and 3 Hz (the trade's starting guess). */
  @Test
  void nothing_felt_leaves_the_starting_guess() {
    assertThat(Felt.learned(List.of())).isEqualTo(new Limits(0.01, 3));
    assertThat(Felt.learned(List.of(new Felt(false, 0.002, 8)))).isEqualTo(Limits.USUAL);
    assertThat(Felt.learned(List.of(new Felt(true, 0.05, 1)))).isEqualTo(Limits.USUAL);
  }

  /** What was felt last is then told right by the limits. */
  @Property(tries = 300)
  void the_limits_tell_right_what_was_felt(
      @ForAll boolean limp,
      @ForAll @Scale(5) @DoubleRange(min = 1e-4, max = 0.4) double share,
      @ForAll @DoubleRange(min = 0.2, max = 60) double hz) {
    Limits limits = Felt.learned(List.of(new Felt(limp, share, hz)));
    boolean told = share > limits.droopShare() || hz < limits.leastHz();
    assertThat(told).isEqualTo(limp);
  }

  @Test
  void a_built_blade_that_feels_stiff_moves_the_limit_for_all() {
    Project blade = Samples.whole();
    String path = "p1/" + blade.first().parts().getFirst().id();
    CoreReckoning before = core(blade);
    Felt limp = new Felt(true, before.droopShare(), before.frequency().value());
    Project felt = Edits.built(path, it -> it.withFelt(Optional.of(limp))).applyTo(blade);

    CoreReckoning after = core(felt);
    assertThat(before.limp()).as("the sample is within the guess").isFalse();
    assertThat(after.limp()).isTrue();
    assertThat(after.droopAllowed().value()).isLessThan(before.droop().value());
    assertThat(after.droop()).isEqualTo(before.droop());
    assertThatThrownBy(() -> new Felt(true, Double.NaN, 3)).hasMessageContaining("found NaN");
  }

  private static CoreReckoning core(Project project) {
    return Samples.derive(project).first().parts().getFirst().core().orElseThrow();
  }

  @Test
  void what_an_event_does_not_allow_is_found_with_a_mend() {
    Project blade = Samples.whole();
    String id = blade.first().parts().getFirst().id();
    assertThat(rule(blade)).isEmpty();
    Project none = Edits.event(blade.event().with(CoreRule.NONE)).applyTo(blade);
    Finding found = rule(none).orElseThrow();
    assertThat(found.mends()).hasSize(1);
    assertThat(rule(found.mends().getFirst().in(Prop.FIRST).applyTo(none))).isEmpty();

    Rod steel = new Rod("s", "Steel", 6, 0, 200_000, 0, 7.85e-3, 1000, false, "test");
    assertThat(CoreRule.NO_METAL.allows(steel)).isFalse();
    assertThat(CoreRule.ANY.allows(steel)).isTrue();
    Project plain = Edits.event(blade.event().with(CoreRule.NO_METAL)).applyTo(blade);
    assertThat(Samples.CATALOGUE.rod("dowel-9").orElseThrow().metal()).isFalse();
    assertThat(rule(plain)).as("a dowel under " + id).isEmpty();
  }

  private static Optional<Finding> rule(Project project) {
    return Samples.derive(project).findings().stream()
        .filter(it -> it.id().endsWith(".rule"))
        .findFirst();
  }
}
