package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import stoutblade.core.Channel;
import stoutblade.core.Groove;
import stoutblade.core.RodSection;
import stoutblade.feature.Blank;
import stoutblade.feature.Feature;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.feature.Where;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;

/** Solids of layers against closed forms. */
class SolidFormsTest {

  private static final WholeOutline DISC = WholeOutline.circle(new Point(0, 0), 50);
  private static final WholeOutline BOARD =
      new WholeOutline(
          List.of(
              Node.corner(-100, -60),
              Node.corner(100, -60),
              Node.corner(100, 60),
              Node.corner(-100, 60)));

  private static PlateForm form(Outline outline, Feature... features) {
    return PlateForm.of(new Blank("d1", "Any", outline, List.of(features), 10), Typeface.NONE);
  }

  private static Solid solid(Outline outline, double thick, Profile profile) {
    return Solid.of(form(outline), Layering.of(1, "foam", thick, profile));
  }

  /** A disc of radius 50 rounded over from its middle is half an ellipsoid on each side. */
  @Test
  void a_disc_rounded_over_to_its_middle_is_an_ellipsoid() {
    Solid solid = solid(DISC, 60, Profile.FLAT.with(Profile.Kind.ROUND).withWidth(50));

    double ellipsoid = 4.0 / 3 * Math.PI * 50 * 50 * 30;
    assertThat(solid.volume()).isCloseTo(ellipsoid, within(ellipsoid * 3e-3));
    assertThat(solid.halfThicknessAt(new Point(30, 0))).isCloseTo(24, within(0.02));
  }

  /** As high as it is wide it is a ball. */
  @Test
  void and_as_high_as_wide_it_is_a_ball() {
    Solid solid = solid(DISC, 100, Profile.FLAT.with(Profile.Kind.ROUND).withWidth(50));

    double ball = 4.0 / 3 * Math.PI * 50 * 50 * 50;
    assertThat(solid.volume()).isCloseTo(ball, within(ball * 3e-3));
    assertThat(solid.surface()).isCloseTo(4 * Math.PI * 2500, within(4 * Math.PI * 2500 * 0.03));
  }

  @Test
  void a_disc_bevelled_to_its_middle_is_a_double_cone() {
    Solid solid = solid(DISC, 40, Profile.bevel(50, 0));

    double cones = 2 * Math.PI * 50 * 50 * 20 / 3;
    assertThat(solid.volume()).isCloseTo(cones, within(cones * 1e-3));
    double slant = 2 * Math.PI * 50 * Math.hypot(50, 20);
    assertThat(solid.surface()).isCloseTo(slant, within(slant * 1e-3));
  }

  @Test
  void with_a_flat_back_it_is_one_cone() {
    Solid solid = solid(DISC, 40, Profile.bevel(50, 0).withFlatBack(true));

    double cone = Math.PI * 50 * 50 * 40 / 3;
    assertThat(solid.volume()).isCloseTo(cone, within(cone * 1e-3));
    assertThat(solid.backAt(new Point(10, 0))).isZero();
    assertThat(solid.frontAt(new Point(25, 0))).isCloseTo(20, within(0.02));
  }

  /** A ring with its outer and inner edge rounded over is a torus (Pappus). */
  @Test
  void a_ring_rounded_over_is_a_torus() {
    Feature hole =
        new Feature("f1", Feature.Kind.HOLE, Map.of("across", 60.0), "", Where.At.of(0, 0));
    Region ring = form(DISC, hole).face();

    assertThat(ring.area()).isCloseTo(Math.PI * (2500 - 900), within(1.0));
    double sum = 0;
    double step = 0.25;
    for (double height = step / 2; height < 10; height += step) {
      double in = 10 - Math.sqrt(100 - height * height);
      sum += 2 * step * ring.offset(-in).area();
    }
    double torus = 2 * Math.PI * 40 * Math.PI * 100;
    assertThat(sum).isCloseTo(torus, within(torus * 2e-3));
  }

  /** A diamond blade: half the box of its outline, whatever its taper in width. */
  @Test
  void a_diamond_section_is_half_of_the_slab() {
    HalfOutline wedge = new HalfOutline(List.of(Node.corner(40, 0), Node.corner(0, 300)));
    Solid solid = solid(wedge, 20, Profile.FLAT.with(Profile.Kind.DIAMOND));

    double blank = 40 * 300 * 20.0;
    assertThat(solid.volume()).isCloseTo(blank / 2, within(blank * 2e-3));
    assertThat(solid.halfThicknessAt(new Point(0, 250))).isCloseTo(10, within(1e-3));
    assertThat(solid.sectionArea(150)).isCloseTo(40 * 20 / 2.0, within(1.0));
  }

  /** With a ridge that runs out to nothing it is a wedge upon a wedge: a third. */
  @Test
  void a_diamond_whose_ridge_runs_out_is_a_sixth_of_the_box() {
    HalfOutline wedge = new HalfOutline(List.of(Node.corner(40, 0), Node.corner(0, 300)));
    Solid solid = solid(wedge, 20, Profile.FLAT.with(Profile.Kind.DIAMOND).withTip(0.02));

    // ∫ of half the width times the thickness, both falling along: 80·20/2·300·(1/3 + 0.02/6).
    double pyramid = 80 * 20 / 2.0 * 300 * (1.0 / 3 + 0.02 / 6);
    assertThat(solid.volume()).isCloseTo(pyramid, within(pyramid * 0.01));
  }

  /** A parabola fills two thirds of its box. */
  @Test
  void a_lens_section_is_two_thirds_of_the_slab() {
    Solid solid = solid(BOARD, 24, Profile.FLAT.with(Profile.Kind.LENS));

    double blank = 200 * 120 * 24.0;
    assertThat(solid.volume()).isCloseTo(blank * 2 / 3, within(blank * 2e-3));
  }

  @Test
  void steps_are_counted_exactly() {
    Profile steps = Profile.FLAT.with(Profile.Kind.STEPPED).withWidth(30).withSteps(3);
    Solid solid = solid(BOARD, 30, steps);

    // Treads 10 wide: 0, 5 and 10 of 15 high on either side, and 15 inside.
    double expected = 0;
    for (double in : new double[] {10, 20, 30}) {
      expected += 2 * 5 * (200 - 2 * in) * (120 - 2 * in);
    }
    assertThat(solid.volume()).isCloseTo(expected, within(expected * 1e-3));
  }

  /**
   * What a rounding of radius r takes off a straight edge: (1 − π/4)·r² along it, corners aside.
   */
  @Test
  void a_rounded_edge_takes_off_its_corner() {
    Solid plain = solid(DISC, 20, Profile.FLAT);
    Solid rounded = solid(DISC, 20, Profile.FLAT.withRound(5));

    // Pappus: the corner's middle of area lies r(10 − 3π)/(12 − 3π) in from both its sides.
    double corner = (1 - Math.PI / 4) * 25;
    double middle = 50 - 5 * (10 - 3 * Math.PI) / (12 - 3 * Math.PI);
    double both = 2 * corner * 2 * Math.PI * middle;
    assertThat(plain.volume() - rounded.volume()).isCloseTo(both, within(both * 0.03));
    assertThat(rounded.halfThicknessAt(new Point(45, 0))).isCloseTo(10, within(0.01));
  }

  @Test
  void a_taper_planes_both_faces() {
    Solid solid = solid(BOARD, 20, Profile.FLAT.withTip(0.5));

    assertThat(solid.volume()).isCloseTo(200 * 120 * 15.0, within(200.0));
    assertThat(solid.halfThicknessAt(new Point(0, 60))).isCloseTo(5, within(1e-6));
  }

  /**
   * A crescent of 90 mm about its middle, 30 mm wide, over 200° from its lower end: at the share t
   * of its angle it is as thick as 20·(1 − t/2), so half of it is 15 on average, and the layer from
   * 15 mm over the back reaches half round.
   */
  @Test
  void a_taper_follows_the_bend_of_a_crescent() {
    double from = Math.toRadians(-80);
    double turn = Math.toRadians(200);
    Point middle = new Point(0, 0);
    Path outer = Path.arc(middle, 105, from, from + turn);
    Path inner = Path.arc(middle, 75, from + turn, from);
    List<Node> nodes = new ArrayList<>();
    outer.flattened(0.01).forEach(it -> nodes.add(Node.corner(it.x(), it.y())));
    inner.flattened(0.01).forEach(it -> nodes.add(Node.corner(it.x(), it.y())));
    Solid solid = solid(new WholeOutline(nodes), 20, Profile.FLAT.withTip(0.5));
    double area = turn / 2 * (105 * 105 - 75 * 75);

    assertThat(solid.volume()).isCloseTo(area * 15, within(area * 15 * 1e-3));
    for (double share : new double[] {0.1, 0.3, 0.5, 0.8, 0.95}) {
      for (double radius : new double[] {78, 90, 102}) {
        double at = from + share * turn;
        Point place = new Point(radius * Math.cos(at), radius * Math.sin(at));
        assertThat(solid.halfThicknessAt(place)).isCloseTo(10 * (1 - share / 2), within(0.02));
      }
    }
    assertThat(solid.widest(17.5, 20).area()).isCloseTo(area / 2, within(area * 1e-3));
    Solid ridged =
        solid(new WholeOutline(nodes), 20, Profile.FLAT.with(Profile.Kind.DIAMOND).withTip(0.5));
    Point onTop = new Point(90 * Math.cos(from + turn / 2), 90 * Math.sin(from + turn / 2));
    assertThat(ridged.halfThicknessAt(onTop)).isCloseTo(7.5, within(0.1));
    assertThat(ridged.volume()).isLessThan(0.6 * solid.volume());
  }

  /** Two bevels of different widths meet in a mitre: the lower of both counts. */
  @Test
  void bevels_of_their_own_width_meet_in_a_mitre() {
    Feature wide =
        new Feature(
            "f1",
            Feature.Kind.BEVEL,
            Map.of("wide", 40.0, "edge", 0.0),
            "",
            new Where.Along(0, 1, 0, 1));
    Feature narrow =
        new Feature(
            "f2",
            Feature.Kind.BEVEL,
            Map.of("wide", 20.0, "edge", 0.0),
            "",
            new Where.Along(1, 1, 0, 1));
    Solid solid = Solid.of(form(BOARD, wide, narrow), Layering.of(2, "foam", 10, Profile.FLAT));

    assertThat(solid.frontAt(new Point(0, -40))).as("half way up the wide one").isEqualTo(15);
    assertThat(solid.frontAt(new Point(90, 0))).as("half way up the narrow one").isEqualTo(15);
    assertThat(solid.frontAt(new Point(90, -55)))
        .as("in the corner")
        .isCloseTo(11.25, within(1e-6));
    assertThat(solid.flat().area()).isCloseTo(180 * 80, within(1.0));
  }

  /** Lines of layers against JTS' own buffers of the same outline. */
  @ParameterizedTest
  @ValueSource(doubles = {11, 13, 16, 19})
  void a_layers_line_is_the_offset_that_the_geometry_library_finds(double height) {
    Solid solid = solid(BOARD, 20, Profile.bevel(30, 4));
    double in = 30 * (height - 10 - 2) / 8;
    GeometryFactory factory = new GeometryFactory();
    Geometry board =
        factory.createPolygon(
            new Coordinate[] {
              new Coordinate(-100, -60),
              new Coordinate(100, -60),
              new Coordinate(100, 60),
              new Coordinate(-100, 60),
              new Coordinate(-100, -60)
            });
    Geometry theirs = in > 0 ? board.buffer(-in, 200) : board;
    Geometry ours =
        factory.createPolygon(
            solid.widest(height, height).rings().getFirst().stream()
                .map(it -> new Coordinate(it.x(), it.y()))
                .toArray(Coordinate[]::new));

    assertThat(
            org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance.distance(
                ours, theirs, 0.01))
        .isLessThan(0.02);
  }

  /** The channel takes exactly the rod's section, whatever the layers are. */
  @ParameterizedTest
  @ValueSource(strings = {"10,10", "6,4,4,6", "5,6,5", "3,3,3,3,3", "8,2,8", "4,12,4"})
  void channels_take_out_just_the_rods_section(String sheets) {
    List<Sheet> stack =
        java.util.Arrays.stream(sheets.split(",", -1))
            .map(it -> Sheet.of("foam", Double.parseDouble(it)))
            .toList();
    Layers layers = Samples.layers(Samples.form(Samples.BLADE), Layering.of(stack, Profile.FLAT));

    List<Channel> channels = Channel.of(layers, RodSection.round(4.5), Groove.ROUND);

    assertThat(channels.stream().mapToDouble(Channel::areaMm2).sum())
        .isCloseTo(Math.PI * 4.5 * 4.5, within(1e-9));
    assertThat(channels.stream().mapToDouble(Channel::depthMm).sum()).isCloseTo(9, within(1e-9));
    assertThat(channels).allMatch(it -> it.widthMm() <= 9 + 1e-9);
  }

  @Test
  void a_layer_that_the_core_crosses_whole_is_slotted_through() {
    Layers layers =
        Samples.layers(
            Samples.form(Samples.BLADE),
            Layering.of(
                List.of(Sheet.of("foam", 8), Sheet.of("foam", 6), Sheet.of("foam", 8)),
                Profile.FLAT));

    List<Channel> channels = Channel.of(layers, RodSection.round(4.5), Groove.ROUND);

    assertThat(channels).extracting(Channel::through).containsExactly(false, true, false);
    assertThat(channels.getFirst().depthMm()).isCloseTo(1.5, within(1e-9));
    assertThat(channels.getFirst().widthMm())
        .as("the chord 3 mm from the middle")
        .isCloseTo(2 * Math.sqrt(4.5 * 4.5 - 9), within(1e-9));
  }

  /** A fuller on the front of a bevelled plate leaves the back slanted as it was. */
  @Test
  void the_back_keeps_its_slant_where_only_the_front_is_routed() {
    Feature fuller =
        new Feature(
            "f1",
            Feature.Kind.FULLER,
            Map.of(),
            "",
            new Where.Row(new Point(-20, 0), new Point(20, 0), 1));
    Layering layering = Layering.of(2, "foam", 10, Profile.bevel(20, 4));

    assertThat(Solid.of(form(BOARD, fuller), layering).surface())
        .isCloseTo(Solid.of(form(BOARD), layering).surface(), within(1e-6));
  }
}
