package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import stoutblade.feature.Blank;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.measure.Figure;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.ProfileChange;

/** Sections that change along a part, against shapes whose volume is worked by hand. */
class SectionChangesTest {

  private static final double THICK = 20;

  /** 80 mm wide, 300 mm long, cut straight at both ends, its base at 0. */
  private static final HalfOutline STRAIGHT =
      new HalfOutline(List.of(Node.corner(40, 0), Node.corner(40, 300), Node.corner(0, 300)));

  private static final Profile DIAMOND = Profile.FLAT.with(Profile.Kind.DIAMOND);

  private static Solid solid(Profile profile, ProfileChange... changes) {
    return Solid.of(
        PlateForm.of(new Blank("d1", "Any", STRAIGHT, List.of(), THICK), Typeface.NONE),
        layering(profile, changes));
  }

  private static Layering layering(Profile profile, ProfileChange... changes) {
    return Layering.of(2, "foam", THICK / 2, profile).withChanges(List.of(changes));
  }

  /** A prism of a diamond, then a box. */
  @Test
  void at_once_it_is_one_prism_beside_the_other() {
    Solid solid = solid(DIAMOND, new ProfileChange(100, 0, Profile.FLAT));

    double byHand = 100 * 80 * THICK / 2 + 200 * 80 * THICK;
    assertThat(solid.volume()).isCloseTo(byHand, within(byHand * 2e-3));
    assertThat(solid.sectionArea(50)).isCloseTo(80 * THICK / 2, within(2.0));
    assertThat(solid.sectionArea(150)).isCloseTo(80 * THICK, within(2.0));
  }

  /** Between the two every section has an edge that goes evenly from none to the full thickness. */
  @Test
  void going_over_it_takes_a_share_of_each() {
    Solid solid = solid(DIAMOND, new ProfileChange(100, 100, Profile.FLAT));

    double wide = 80 * THICK;
    double byHand = 100 * wide / 2 + 100 * wide * 3 / 4 + 100 * wide;
    assertThat(solid.volume()).isCloseTo(byHand, within(byHand * 2e-3));
    assertThat(solid.halfThicknessAt(new Point(40, 150))).isCloseTo(5, within(0.05));
    assertThat(solid.halfThicknessAt(new Point(20, 150))).isCloseTo(7.5, within(0.05));
    assertThat(solid.sectionArea(150)).isCloseTo(wide * 3 / 4, within(wide * 5e-3));
  }

  /** At 7.5 mm over the middle half way along, the line lies half way in. */
  @Test
  void a_layer_is_cut_where_the_section_there_reaches_it() {
    Solid solid = solid(DIAMOND, new ProfileChange(100, 100, Profile.FLAT));

    assertThat(solid.widest(17.5, 17.5).across(150).getFirst().length())
        .isCloseTo(40, within(0.05));
    assertThat(solid.widest(17.5, 17.5).across(99).getFirst().length()).isCloseTo(20, within(0.05));
    assertThat(solid.widest(17.5, 17.5).across(250).getFirst().length())
        .isCloseTo(80, within(0.05));
  }

  /** Planes 80 wide: a diamond's four faces against two faces and two sides. */
  @Test
  void the_outside_is_measured_on_the_slant() {
    Solid solid = solid(DIAMOND, new ProfileChange(150, 0, Profile.FLAT));

    double diamond = 150 * 4 * Math.hypot(40, THICK / 2);
    double box = 150 * (2 * 80 + 2 * THICK);
    double end = 80 * THICK;
    assertThat(solid.surface()).isCloseTo(diamond + box + end, within(0.02 * diamond));
  }

  @Test
  void a_rounded_edge_stays_on_the_stretch_that_is_as_high() {
    Solid solid = solid(Profile.bevel(20, 4).withRound(3), new ProfileChange(100, 0, Profile.FLAT));

    assertThat(solid.halfThicknessAt(new Point(39.9, 250))).isBetween(7.0, 8.0);
    assertThat(solid.halfThicknessAt(new Point(36, 250))).isCloseTo(10, within(0.01));
    assertThat(solid.halfThicknessAt(new Point(20, 50))).isCloseTo(10, within(0.01));
  }

  /** Beyond the end of the part nothing is left to change. */
  @Test
  void a_change_beyond_the_part_changes_nothing() {
    double alone = solid(DIAMOND).volume();

    assertThat(solid(DIAMOND, new ProfileChange(320, 40, Profile.FLAT)).volume())
        .isCloseTo(alone, within(alone * 1e-3));
    assertThat(solid(DIAMOND, new ProfileChange(299.99, 40, Profile.FLAT)).volume())
        .isCloseTo(alone, within(alone * 1e-3));
  }

  @Test
  void the_figures_name_the_section_that_follows_and_its_angle() {
    Layers layers =
        Samples.layers(
            Samples.form(Samples.BLADE),
            Layering.of(2, "foam", 10, DIAMOND)
                .withChanges(List.of(new ProfileChange(80, 20, Profile.bevel(10, 10)))));

    assertThat(layers.figures())
        .extracting(Figure::id)
        .contains("layers.change1", "layers.change1.angle");
    Figure angle =
        layers.figures().stream()
            .filter(it -> it.id().equals("layers.change1.angle"))
            .findFirst()
            .orElseThrow();
    assertThat(angle.value()).isCloseTo(Math.atan(5.0 / 10), within(1e-9));
  }

  @Test
  void larger_it_changes_further_on_and_taper_and_back_are_those_of_the_whole() {
    Layering layering =
        layering(
            DIAMOND.withTip(0.5).withFlatBack(true),
            new ProfileChange(100, 40, Profile.bevel(10, 2)));

    ProfileChange larger = layering.times(2).changes().getFirst();
    assertThat(larger.fromMm()).isEqualTo(200);
    assertThat(larger.overMm()).isEqualTo(80);
    assertThat(larger.profile().widthMm()).isEqualTo(20);
    assertThat(larger.profile().tip()).isEqualTo(0.5);
    assertThat(larger.profile().flatBack()).isTrue();
    assertThat(layering.edgeAt(50)).isEqualTo(0);
    assertThat(layering.edgeAt(120)).isEqualTo(1);
    assertThat(layering.edgeAt(250)).isEqualTo(2);
  }

  @Test
  void changes_come_in_order_and_thinner_sheets_take_their_edges_along() {
    assertThatThrownBy(
            () ->
                layering(
                    DIAMOND,
                    new ProfileChange(100, 40, Profile.FLAT),
                    new ProfileChange(120, 0, DIAMOND)))
        .hasMessageContaining("14 cm along, or further on; found 12 cm");
    assertThatThrownBy(() -> new ProfileChange(0, 10, DIAMOND)).hasMessageContaining("above 0");
    assertThatThrownBy(() -> new ProfileChange(10, -1, DIAMOND)).hasMessageContaining("found");

    Layering thin =
        layering(DIAMOND, new ProfileChange(100, 0, DIAMOND.withEdge(18))).withMaterial("foam", 4);
    assertThat(thin.changes().getFirst().profile().edgeMm()).isEqualTo(8);
  }
}
