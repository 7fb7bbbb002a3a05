package stoutblade.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.build.Step;
import stoutblade.derive.Derived;
import stoutblade.edit.Change;
import stoutblade.edit.Edits;
import stoutblade.finding.Finding;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;

/** Channels cut round, as a V and square, worked by hand. */
class GrooveTest {

  /** From just inside the base, 0.01 mm, to 400 mm. */
  private static final RodSection ROD = RodSection.round(4.5);

  private static final double IN_FOAM = 399.99;

  /** The area up to a height is what its width adds up to. */
  @Property(tries = 100)
  void areas_are_what_the_widths_add_up_to(
      @ForAll Groove groove,
      @ForAll @DoubleRange(min = 2, max = 20) double radius,
      @ForAll @DoubleRange(min = 0, max = 20) double flat,
      @ForAll @DoubleRange(min = -1.5, max = 1.5) double share) {
    RodSection core = new RodSection(radius, flat, 0);
    double height = share * radius;
    int steps = 4000;
    double sum = 0;
    for (int i = 0; i < steps; i++) {
      double at = height * (i + 0.5) / steps;
      sum += Math.abs(at) > groove.reach(core) ? 0 : 2 * groove.half(core, at) * height / steps;
    }

    assertThat(groove.upTo(core, height)).isCloseTo(sum, within(radius * (radius + flat) * 1e-3));
  }

  /** A rod of 9 touches both sides of a V when its ground lies 4.5 √2 from the middle. */
  @Test
  void a_v_holds_the_rod_where_it_touches_both_sides() {
    assertThat(Groove.VEE.reach(ROD)).isCloseTo(4.5 * Math.sqrt(2), within(1e-9));
    assertThat(Groove.VEE.half(ROD, 0)).isCloseTo(4.5 * Math.sqrt(2), within(1e-9));
    double toSide = Groove.VEE.reach(ROD) / Math.sqrt(2);
    assertThat(toSide).as("from the middle square to a side").isCloseTo(4.5, within(1e-9));
    assertThat(Groove.VEE.area(ROD)).isCloseTo(81, within(1e-9));
    assertThat(Groove.SQUARE.area(ROD)).isCloseTo(81, within(1e-9));
    assertThat(Groove.ROUND.area(ROD)).isCloseTo(Math.PI * 4.5 * 4.5, within(1e-9));
  }

  private static Derived with(Groove groove, double... sheets) {
    List<Sheet> all = java.util.Arrays.stream(sheets).mapToObj(it -> Sheet.of("foam", it)).toList();
    Project project =
        Edits.groove(First.ID, groove)
            .in(Prop.FIRST)
            .applyTo(First.with(Samples.whole(), Layering.of(all, Profile.FLAT)));
    return Samples.derive(project);
  }

  private static CoreReckoning core(Groove groove, double... sheets) {
    return First.core(with(groove, sheets)).orElseThrow();
  }

  @Test
  void depth_width_cover_and_weight_follow() {
    CoreReckoning round = core(Groove.ROUND, 10, 10);
    CoreReckoning vee = core(Groove.VEE, 10, 10);
    CoreReckoning square = core(Groove.SQUARE, 10, 10);

    assertThat(vee.bed().orElseThrow().depth().value()).isCloseTo(4.5 * Math.sqrt(2), within(1e-9));
    assertThat(vee.tooDeep()).isTrue();
    assertThat(square.bed().orElseThrow().depth().value()).isEqualTo(4.5);
    assertThat(square.tooDeep()).isFalse();
    assertThat(
            round.bed().orElseThrow().leastCover().value()
                - vee.bed().orElseThrow().leastCover().value())
        .isCloseTo(4.5 * (Math.sqrt(2) - 1), within(1e-6));
    double more = (81 - Math.PI * 4.5 * 4.5) * IN_FOAM * Samples.FOAM.densityGPerMm3();
    assertThat(round.mass().value() - vee.mass().value()).isCloseTo(more, within(1e-6));
    assertThat(square.mass().value()).isCloseTo(vee.mass().value(), within(1e-9));
    assertThat(round.figures()).anyMatch(it -> it.id().equals("core.v-depth"));
    assertThat(vee.figures()).noneMatch(it -> it.id().equals("core.v-depth"));
  }

  /** A V too deep for its layers is rounded out, or the rod or the layers are others. */
  @Test
  void a_v_too_deep_is_mended() {
    Project vee =
        Edits.groove(First.ID, Groove.VEE)
            .in(Prop.FIRST)
            .applyTo(First.with(Samples.whole(), Layering.of(2, "foam", 10, Profile.FLAT)));
    Finding deep =
        Samples.derive(vee).findings().stream()
            .filter(it -> it.id().equals("core.d1.deep"))
            .findFirst()
            .orElseThrow();

    assertThat(deep.mends()).extracting(Change::name).first().asString().startsWith("Round it out");
    assertThat(deep.mends())
        .allSatisfy(
            it ->
                assertThat(Samples.derive(it.in(Prop.FIRST).applyTo(vee)).findings())
                    .noneMatch(own -> own.id().equals("core.d1.deep")));
  }

  @Test
  void templates_steps_and_glue_say_how_it_is_cut() {
    Derived vee = with(Groove.VEE, 12, 12);

    assertThat(First.templates(vee).getFirst().labels())
        .anyMatch(it -> it.text().startsWith("V at 45°, 12.7 mm wide, 6.4 mm deep"));
    Step groove =
        vee.plan().orElseThrow().steps().stream()
            .filter(it -> it.id().equals("p1/d1/groove"))
            .findFirst()
            .orElseThrow();
    assertThat(groove.tools()).contains("knife held at 45°");
    assertThat(bed(vee) - bed(with(Groove.ROUND, 12, 12)))
        .isCloseTo((81 - Math.PI * 4.5 * 4.5) * IN_FOAM / 3, within(1e-6));
  }

  private static double bed(Derived derived) {
    return derived.shopping().orElseThrow().lines().stream()
        .filter(it -> it.need().id().equals("stock.bed.need"))
        .findFirst()
        .orElseThrow()
        .need()
        .value();
  }

  /** Three layers: a square channel fills the middle one's slot and half the rest on each side. */
  @Test
  void in_several_layers_each_has_its_share() {
    Derived three = with(Groove.SQUARE, 10, 5, 10);
    List<Channel> channels =
        Channel.of(First.layers(three).orElseThrow(), First.core(three).orElseThrow());

    assertThat(channels).extracting(Channel::depthMm).containsExactly(2.0, 5.0, 2.0);
    assertThat(channels).allSatisfy(it -> assertThat(it.widthMm()).isEqualTo(9));
    assertThat(channels.stream().mapToDouble(Channel::areaMm2).sum()).isCloseTo(81, within(1e-9));
    assertThatThrownBy(
            () ->
                Edits.groove(First.ID, Groove.VEE)
                    .in(Prop.FIRST)
                    .applyTo(First.withCore(Samples.whole(), Optional.empty())))
        .hasMessageContaining("core first");
  }
}
