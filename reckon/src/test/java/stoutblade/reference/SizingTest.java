package stoutblade.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.derive.Refit;
import stoutblade.edit.OutlineEdits;
import stoutblade.edit.PropEdit;
import stoutblade.edit.SizeEdits;
import stoutblade.measure.Stated;
import stoutblade.measure.Units;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Point;
import stoutblade.wearer.ShownCharacter;

class SizingTest {

  private static final Mark WHOLE = new Mark(new Point(700, 1100), new Point(700, 150));

  /** A picture at 2 mm to the pixel for a character of 1740 mm; the whole prop is 1900 mm. */
  private static Project project(double characterMm) {
    Project bare = Samples.pictured(Samples.picture().withWhole(Optional.of(WHOLE)));
    return SizeEdits.character(Optional.of(new ShownCharacter("Character", characterMm)))
        .in(Prop.FIRST)
        .applyTo(bare);
  }

  private static Sizing sizing(Project project) {
    return project.first().size().sizing(First.wearer(project));
  }

  private static double whole(Project project) {
    return sizing(project).wholeLength().orElseThrow().value();
  }

  private static double blade(Project project) {
    return First.sizes(Samples.derive(project)).length().value();
  }

  @Test
  void without_a_character_both_rules_give_the_same_size() {
    Project bare = Samples.pictured(Samples.picture().withWhole(Optional.of(WHOLE)));

    assertThat(whole(First.rule(SizingRule.IN_PROPORTION, bare).in(Prop.FIRST).applyTo(bare)))
        .isEqualTo(whole(bare))
        .isCloseTo(1900, within(1e-9));
  }

  /**
   * Common practice: a template drawn at 1:1 for a character of 5 ft 7 in is scaled for another
   * wearer by the ratio of statures; the other rule keeps the object's own size.
   */
  @Test
  void in_proportion_is_true_size_times_the_ratio_of_statures() {
    Project trueSize = project(67 * 25.4);

    Project inProportion =
        First.rule(SizingRule.IN_PROPORTION, trueSize).in(Prop.FIRST).applyTo(trueSize);

    assertThat(whole(trueSize)).isCloseTo(950 * 67 * 25.4 / 870, within(1e-9));
    assertThat(whole(inProportion) / whole(trueSize)).isCloseTo(1740 / (67 * 25.4), within(1e-9));
    assertThat(blade(inProportion) / blade(trueSize)).isCloseTo(1740 / (67 * 25.4), within(1e-9));
  }

  @Test
  void the_choice_is_one_edit_that_names_its_factor_and_moves_core_and_handle() {
    Project trueSize = project(1933.333333333);
    PropEdit edit = First.rule(SizingRule.IN_PROPORTION, trueSize);

    Project smaller = edit.in(Prop.FIRST).applyTo(trueSize);

    assertThat(edit.name()).isEqualTo("Size of the prop × 0.9");
    assertThat(First.core(smaller).orElseThrow().endMm())
        .isCloseTo(First.core(trueSize).orElseThrow().endMm() * 0.9, within(1e-6));
    assertThat(First.layering(smaller).sheets()).isEqualTo(First.layering(trueSize).sheets());
  }

  @Property(tries = 50)
  void between_the_rules_the_size_lies_between(
      @ForAll @DoubleRange(min = 0, max = 1) double share,
      @ForAll @DoubleRange(min = 1400, max = 2200) double character) {
    Project trueSize = project(character);
    Project between =
        First.rule(new SizingRule.Blend(share), trueSize).in(Prop.FIRST).applyTo(trueSize);

    double expected = 1 + share * (1740 / character - 1);

    assertThat(sizing(between).factor().value()).isCloseTo(expected, within(1e-12));
    assertThat(whole(between)).isCloseTo(whole(trueSize) * expected, within(1e-6));
  }

  /** Common practice: a form of 30 in cut down for a shield of 24 in is reduced by 0.8. */
  @Test
  void a_length_aimed_at_is_met_and_stays_met_when_a_ruler_changes() {
    Project thirty = project(1740 * 762 / 1900.0);
    Project aimed =
        First.rule(new SizingRule.Target(24 * 25.4), thirty).in(Prop.FIRST).applyTo(thirty);

    Project remarked = SizeEdits.ruler("p1", Samples.figure(1000)).in(Prop.FIRST).applyTo(aimed);

    assertThat(sizing(aimed).factor().value()).isCloseTo(0.8, within(1e-9));
    assertThat(blade(aimed)).isCloseTo(blade(thirty) * 0.8, within(1e-9));
    assertThat(whole(remarked)).isCloseTo(24 * 25.4, within(1e-9));
    assertThat(blade(remarked)).isCloseTo(blade(aimed), within(1e-9));
    assertThat(sizing(aimed).wholeLength().orElseThrow().uncertainty().std()).isLessThan(1e-6);
  }

  @Test
  void going_there_and_back_leaves_the_blade_as_it_was() {
    Project start = project(1600);

    Project there = First.rule(SizingRule.IN_PROPORTION, start).in(Prop.FIRST).applyTo(start);
    Project back = First.rule(SizingRule.TRUE_SIZE, there).in(Prop.FIRST).applyTo(there);

    assertThat(blade(back)).isCloseTo(blade(start), within(1e-9));
    assertThat(back.first().size()).isEqualTo(start.first().size());
  }

  @Test
  void two_pictures_that_show_the_whole_prop_are_weighed() {
    Project one = project(1740);
    Reference side =
        Reference.of("p2", "Side", Samples.picture().picture())
            .with(Camera.FLAT)
            .with(Samples.figure(870))
            .withWhole(Optional.of(new Mark(new Point(700, 1150), new Point(700, 150))));
    Project two = SizeEdits.addPicture(side).in(Prop.FIRST).applyTo(one);

    assertThat(whole(two)).isBetween(1900.0, 2000.0);
    assertThat(sizing(two).trueLength().orElseThrow().agree()).isFalse();
    assertThat(Samples.derive(two).findings())
        .anyMatch(it -> it.id().equals("size.lengths") && it.why().contains("10 cm"));
  }

  @Test
  void the_centre_line_lies_on_one_picture_and_moving_it_there_rescales_nothing() {
    Project one = project(1740);
    Reference side =
        Reference.of("p2", "Side", Samples.picture().picture())
            .with(Camera.FLAT)
            .with(Samples.figure(435));
    Project two = SizeEdits.addPicture(side).in(Prop.FIRST).applyTo(one);

    Project moved = SizeEdits.centreLine("p2", WHOLE).in(Prop.FIRST).applyTo(two);

    assertThat(moved.first().size().traced().orElseThrow().id()).isEqualTo("p2");
    assertThat(moved.first().size().references().getFirst().centreLine()).isEmpty();
    assertThat(blade(moved)).isCloseTo(blade(two), within(1e-9));
  }

  @Test
  void a_change_of_size_says_what_does_not_follow_and_what_no_longer_fits() {
    Project large = project(1740);
    Project small = First.rule(new SizingRule.Target(665), large).in(Prop.FIRST).applyTo(large);

    Refit refit =
        Refit.between(Samples.derive(large), Samples.derive(small), Units.METRIC).orElseThrow();

    assertThat(refit.factor()).isCloseTo(0.35, within(1e-9));
    assertThat(refit.words())
        .startsWith("The whole prop is now 0.35 times as large as it was: the foam stays 10 mm;")
        .contains("the core stays Dowel 9 mm")
        .contains("instead of");
    Project longer = OutlineEdits.length(First.ID, 900).in(Prop.FIRST).applyTo(large);
    assertThat(Refit.between(Samples.derive(large), Samples.derive(longer), Units.METRIC))
        .isEmpty();
  }

  // == MODELS

  private static final Model MODEL =
      new Model(
          "s1",
          "Model",
          "b".repeat(64),
          12,
          new Extent(0, 0, 0, 0.3, 1.9, 0.05),
          Orientation.Y_UP,
          Optional.empty(),
          true);

  private static Sizing with(Model model) {
    return Sizing.of(
        First.wearer(Samples.whole()),
        Optional.empty(),
        SizingRule.TRUE_SIZE,
        List.of(),
        List.of(model));
  }

  @Test
  void a_model_has_no_size_until_its_unit_is_said() {
    assertThat(with(MODEL).models().get("s1").mmPerUnit()).isEmpty();
    assertThat(with(MODEL).wholeLength()).isEmpty();

    Sizing metres = with(MODEL.withRuler(new Model.OwnUnit(1000)));

    assertThat(metres.wholeLength().orElseThrow().value()).isCloseTo(1900, within(1e-9));
    assertThat(metres.models().get("s1").sides())
        .extracting(it -> Math.round(it.value()))
        .containsExactly(1900L, 300L, 50L);
  }

  @Test
  void a_model_is_sized_by_a_known_length_or_by_the_figure() {
    Model span =
        MODEL.withRuler(
            new Model.KnownSpan(
                Stated.exactly(600), View.FRONT, new Point(0, 0), new Point(0, 0.3)));

    assertThat(with(span).wholeLength().orElseThrow().value()).isCloseTo(3800, within(1e-9));
    assertThat(
            with(MODEL.withRuler(new Model.AsTallAsCharacter()))
                .wholeLength()
                .orElseThrow()
                .value())
        .isCloseTo(1740, within(1e-9));
    assertThat(span.withOrientation(Orientation.Z_UP).ruler()).isEmpty();
  }

  @Test
  void a_model_stands_as_it_is_turned() {
    Orientation zUp = Orientation.Z_UP;

    assertThat(zUp.in(View.FRONT, 1, 2, 3)).isEqualTo(new Point(1, 3));
    assertThat(zUp.in(View.SIDE, 1, 2, 3)).isEqualTo(new Point(2, 3));
    assertThat(zUp.in(View.TOP, 1, 2, 3)).isEqualTo(new Point(1, 2));
    assertThat(Orientation.Y_UP.in(View.FRONT, 1, 2, 3)).isEqualTo(new Point(1, 2));
    assertThat(Orientation.Y_UP.in(View.SIDE, 1, 2, 3)).isEqualTo(new Point(-3, 2));
    assertThatThrownBy(() -> new Orientation(Axis.X_UP, Axis.X_DOWN))
        .hasMessageContaining("square to each other");
  }
}
