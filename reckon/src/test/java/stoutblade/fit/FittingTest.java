package stoutblade.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import stoutblade.derive.Derived;
import stoutblade.edit.Change;
import stoutblade.edit.SizeEdits;
import stoutblade.edit.WearerEdits;
import stoutblade.finding.Finding;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.wearer.Wearer;
import stoutblade.wearer.Wearers;

class FittingTest {

  private static final Wearer WEARER = new Wearer("W", 1740);

  private static Figure mm(String id, double value) {
    return Figure.given(id, id, value, Quantity.LENGTH, Source.GEOMETRY);
  }

  private static Fitting fit(Carry carry, double length, double width, Passage... passages) {
    return Fitting.of(
        WEARER, carry, List.of(passages), new Fitting.Bulk(mm("l", length), mm("w", width)));
  }

  private static Carry at(double grip) {
    return Carry.UNSAID.with(Carry.Length.GRIP_AT, Optional.of(grip));
  }

  /**
   * Drillis and Contini 1966 (from memory): the hand hangs at 0.818 − 0.186 − 0.146 − 0.108 ÷ 2 of
   * the stature.
   */
  @Test
  void the_hand_hangs_at_the_published_fractions() {
    Fitting fit = fit(at(100), 900, 60);

    assertThat(fit.body().get(Fitting.HAND_HEIGHT).value())
        .isCloseTo(1740 * (0.818 - 0.186 - 0.146 - 0.054), within(1e-6));
    assertThat(fit.lowest().get(Pose.HANGING).value()).isCloseTo(1740 * 0.432 - 800, within(1e-6));
    assertThat(fit.lowest().get(Pose.UPRIGHT).value()).isCloseTo(1740 * 0.632 - 100, within(1e-6));
  }

  @Test
  void two_hands_with_gloves_take_twice_a_hands_breadth_and_more() {
    Carry carry = Carry.UNSAID.withHands(2).with(Carry.Length.GRIP_LENGTH, Optional.of(150.0));

    assertThat(fit(carry, 1900, 150).handle().orElseThrow().value())
        .isCloseTo(2 * (1740 * 0.05 + 10), within(1e-6));
    assertThat(fit(Carry.UNSAID, 1900, 150).handle()).isEmpty();
  }

  @Test
  void what_comes_apart_is_as_long_as_its_longer_piece() {
    Carry apart = Carry.UNSAID.with(Carry.Length.APART_AT, Optional.of(800.0));

    assertThat(fit(apart, 1900, 150).piece().value()).isEqualTo(1100);
    assertThat(fit(Carry.UNSAID, 1900, 150).piece().value()).isEqualTo(1900);
  }

  @Test
  void a_pole_goes_through_a_door_lengthwise_and_into_a_rack_only_where_it_is_short_enough() {
    Passage rack = new Passage("Rack", 400, 500, Optional.of(1200.0));

    assertThat(fit(Carry.UNSAID, 1900, 150, Passage.DOOR, rack).passed())
        .containsEntry("Door", true)
        .containsEntry("Rack", false);
    assertThat(fit(Carry.UNSAID, 1150, 150, rack).passed()).containsEntry("Rack", true);
    // 1280 mm lies aslant in 1200 × 500.
    assertThat(fit(Carry.UNSAID, 1280, 20, rack).passed()).containsEntry("Rack", true);
  }

  /**
   * Carver 1957 (from memory): a rectangle fits aslant exactly where, turned by some angle, its own
   * box fits; tried by turning it in small steps.
   */
  @Property(tries = 200)
  void a_rectangle_fits_where_turning_it_says_so(
      @ForAll @DoubleRange(min = 100, max = 1400) double p,
      @ForAll @DoubleRange(min = 10, max = 700) double q,
      @ForAll @DoubleRange(min = 300, max = 1000) double b) {
    double a = 1000;
    double slack = Double.NEGATIVE_INFINITY;
    for (int i = 0; i <= 9000; i++) {
      double t = Math.PI / 2 * i / 9000;
      double wide = p * Math.cos(t) + q * Math.sin(t);
      double high = p * Math.sin(t) + q * Math.cos(t);
      slack = Math.max(slack, Math.min(a - wide, b - high));
    }

    if (Math.abs(slack) > 0.3) {
      assertThat(Passing.rectangleIn(p, q, a, b)).isEqualTo(slack > 0);
    }
  }

  // == POSTURES

  @ParameterizedTest
  @EnumSource(Pose.class)
  void in_every_pose_the_grip_is_where_the_hand_is_and_the_prop_keeps_its_length(Pose pose) {
    for (boolean side : new boolean[] {false, true}) {
      Posture posture = Posture.of(pose, side, 1740, 1900, 1000);

      assertThat(posture.place(new Point(0, posture.gripAt())).distance(posture.grip()))
          .isLessThan(1e-9);
      assertThat(posture.place(new Point(0, 0)).distance(posture.place(new Point(0, 1900))))
          .isCloseTo(1900, within(1e-9));
      Box body =
          Box.around(posture.body().stream().flatMap(it -> it.flattened(2).stream()).toList());
      assertThat(body.minY()).isBetween(-1.0, 15.0);
      assertThat(body.maxY()).isBetween(1700.0, 2400.0);
      assertThat(posture.body()).allMatch(Path::closed);
    }
  }

  @Test
  void a_long_prop_held_high_stands_on_the_floor() {
    Posture posture = Posture.of(Pose.UPRIGHT, false, 1740, 2600, 1500);

    assertThat(posture.place(new Point(0, 0)).y()).isCloseTo(0, within(1e-9));
  }

  // == FINDINGS

  private static Derived with(Change... edits) {
    Project project = Samples.whole();
    for (Change edit : edits) {
      project = edit.in(Prop.FIRST).applyTo(project);
    }
    return Samples.derive(project);
  }

  private static Change carry(Carry.Length length, double mm) {
    return SizeEdits.carry(length.words(), it -> it.with(length, Optional.of(mm)));
  }

  private static Finding found(Derived derived, String id) {
    return derived.findings().stream().filter(it -> it.id().equals(id)).findFirst().orElseThrow();
  }

  private static void assertEachMends(Derived derived, String id) {
    Finding finding = found(derived, id);
    assertThat(finding.mends()).isNotEmpty();
    for (Change mend : finding.mends()) {
      assertThat(Samples.derive(mend.in(Prop.FIRST).applyTo(derived.project())).findings())
          .noneMatch(it -> it.id().equals(id));
    }
  }

  /** NIOSH publication 2004-164 (from memory): a power grip measures 32 to 50 mm across. */
  @Test
  void a_grip_too_thick_or_too_thin_is_said_and_mended() {
    assertEachMends(with(carry(Carry.Length.GRIP_DIAMETER, 62)), "size.fit.grip");
    assertEachMends(with(carry(Carry.Length.GRIP_DIAMETER, 20)), "size.fit.grip");
    assertThat(with(carry(Carry.Length.GRIP_DIAMETER, 38)).findings()).isEmpty();
  }

  @Test
  void a_handle_too_short_and_a_tip_that_drags_are_said_and_mended() {
    assertEachMends(with(carry(Carry.Length.GRIP_LENGTH, 60)), "size.fit.handle");
    assertEachMends(
        with(
            carry(Carry.Length.GRIP_AT, 100),
            WearerEdits.height(Wearers.FIRST, 900),
            SizeEdits.carry("Hanging", it -> it.withRest(Pose.HANGING))),
        "size.fit.drags");
  }

  @Test
  void a_shield_that_leaves_the_knee_bare_and_straps_too_near_are_said() {
    Derived derived =
        with(
            SizeEdits.carry("Arm", it -> it.withKind(Carry.Kind.ARM).withRest(Pose.ARM)),
            carry(Carry.Length.STRAP_SPAN, 150));

    assertThat(found(derived, "size.fit.knee").severity()).isEqualTo(Finding.Severity.NEXT);
    assertEachMends(derived, "size.fit.straps");
  }

  @Test
  void what_does_not_go_in_is_made_to_come_apart() {
    Derived derived =
        with(SizeEdits.passages(List.of(new Passage("Box", 200, 200, Optional.of(450.0)))));

    assertThat(found(derived, "size.fit.way.box").why()).contains("70 cm");
    assertEachMends(derived, "size.fit.way.box");
  }

  @Test
  void a_weight_limit_is_kept_in_mind() {
    assertThat(
            found(
                    with(WearerEdits.weightLimit(Wearers.FIRST, Optional.of(50.0))),
                    "size.fit.weight")
                .why())
        .contains("50 g");
  }

  @Test
  void what_is_said_is_checked() {
    assertThatThrownBy(() -> Carry.UNSAID.withHands(3)).hasMessageContaining("One hand or two");
    assertThatThrownBy(() -> at(-1)).hasMessageContaining("0 and 20 m");
    assertThatThrownBy(() -> new Passage(" ", 100, 100, Optional.empty()))
        .hasMessageContaining("name");
    assertThatThrownBy(() -> new Passage("Gap", 1, 100, Optional.empty()))
        .hasMessageContaining("1 cm and 50 m");
    assertThat(at(100).times(2).gripAtMm()).contains(200.0);
  }
}
