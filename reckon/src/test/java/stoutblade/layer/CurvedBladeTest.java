package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.core.Channel;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreReckoning;
import stoutblade.feature.Feature;
import stoutblade.feature.Fuller;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.project.Samples;
import stoutblade.shape.CurvedAxis;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.Span;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.ProfileChange;

/**
 * A blade bent to a part of a ring, against what is worked by hand: by Pappus' second theorem a
 * section that is alike on both sides of the middle line sweeps its area times the line's length.
 */
class CurvedBladeTest {

  private static final double RADIUS = 300;
  private static final double HALF = 25;
  private static final double LONG = 360;
  private static final double THICK = 20;
  private static final Profile DIAMOND = Profile.FLAT.with(Profile.Kind.DIAMOND);

  /** A part of a ring about (−300, 0), from the x axis on. */
  private static WholeOutline ring() {
    double sweep = LONG / RADIUS;
    double bulge = Math.tan(sweep / 4);
    Point cos = new Point(Math.cos(sweep), Math.sin(sweep));
    Point outer = cos.times(RADIUS + HALF).minus(new Point(RADIUS, 0));
    Point inner = cos.times(RADIUS - HALF).minus(new Point(RADIUS, 0));
    return new WholeOutline(
        List.of(
            new Node(new Point(HALF, 0), Node.Kind.CORNER, 0, bulge),
            new Node(outer, Node.Kind.CORNER, 0, 0),
            new Node(inner, Node.Kind.CORNER, 0, -bulge),
            new Node(new Point(-HALF, 0), Node.Kind.CORNER, 0, 0)));
  }

  private static CurvedAxis axis() {
    double sweep = LONG / RADIUS;
    Point end =
        new Point(Math.cos(sweep), Math.sin(sweep)).times(RADIUS).minus(new Point(RADIUS, 0));
    return new CurvedAxis(
        List.of(
            new Node(new Point(0, 0), Node.Kind.CORNER, 0, Math.tan(sweep / 4)),
            new Node(end, Node.Kind.CORNER, 0, 0)));
  }

  private static PlateForm form(Feature... features) {
    Cut cut = new Cut(ring(), List.of(features), true, "").withAxis(Optional.of(axis()));
    return PlateForm.of(cut.blank("d1", "Hook", THICK / 2), Typeface.NONE);
  }

  private static Layers layers(Profile profile, ProfileChange... changes) {
    return Samples.layers(
        form(), Layering.of(2, "foam", THICK / 2, profile).withChanges(List.of(changes)));
  }

  private static Point at(double aside, double along) {
    double angle = along / RADIUS;
    return new Point(Math.cos(angle), Math.sin(angle))
        .times(RADIUS + aside)
        .minus(new Point(RADIUS, 0));
  }

  @Test
  void a_ridge_runs_along_the_centre_line() {
    Solid solid = layers(DIAMOND).solid();

    assertThat(solid.volume())
        .isCloseTo(2 * HALF * THICK / 2 * LONG, within(2 * HALF * THICK / 2 * LONG * 1e-3));
    for (double along = 10; along < LONG; along += 50) {
      assertThat(solid.halfThicknessAt(at(0, along))).isCloseTo(THICK / 2, within(0.05));
      assertThat(solid.halfThicknessAt(at(HALF / 2, along))).isCloseTo(THICK / 4, within(0.05));
      assertThat(solid.halfThicknessAt(at(-HALF / 2, along))).isCloseTo(THICK / 4, within(0.05));
      assertThat(solid.sectionArea(along)).isCloseTo(HALF * THICK, within(1.0));
    }
  }

  @Test
  void it_tapers_along_its_length() {
    Solid solid = layers(Profile.FLAT.withTip(0.5)).solid();

    assertThat(solid.volume())
        .isCloseTo(2 * HALF * THICK * 0.75 * LONG, within(2 * HALF * THICK * LONG * 2e-3));
    assertThat(2 * solid.halfThicknessAt(at(10, LONG / 2))).isCloseTo(0.75 * THICK, within(0.05));
    assertThat(2 * solid.halfThicknessAt(at(-20, LONG / 2))).isCloseTo(0.75 * THICK, within(0.05));
  }

  /** A diamond as far as 100 mm along, a box from 200 mm on, evenly between. */
  @Test
  void its_section_changes_along_its_length() {
    Solid solid = layers(DIAMOND, new ProfileChange(100, 100, Profile.FLAT)).solid();

    double wide = 2 * HALF * THICK;
    double byHand = 100 * wide / 2 + 100 * wide * 3 / 4 + (LONG - 200) * wide;
    assertThat(solid.volume()).isCloseTo(byHand, within(byHand * 3e-3));
    assertThat(solid.halfThicknessAt(at(HALF - 0.01, 150))).isCloseTo(THICK / 4, within(0.05));
    assertThat(solid.halfThicknessAt(at(HALF - 0.01, 250))).isCloseTo(THICK / 2, within(0.05));
  }

  /** The sum of its sections is its volume, whatever its section is. */
  @Test
  void its_sections_add_up_to_it() {
    Solid solid = layers(Profile.bevel(12, 4)).solid();

    double sum = 0;
    for (double along = 0.5; along < LONG; along++) {
      sum += solid.sectionArea(along);
    }
    assertThat(sum).isCloseTo(solid.volume(), within(solid.volume() * 2e-3));
    assertThat(solid.sectionAt(180, 1).getFirst().front().getFirst().x())
        .as("a section is said aside of the line")
        .isCloseTo(-HALF, within(0.05));
  }

  @Test
  void a_fuller_bends_with_it() {
    Feature fuller =
        new Feature(
            "f1",
            Feature.Kind.FULLER,
            Map.of("wide", 10.0, "deep", 3.0),
            "",
            new Where.Row(new Point(0, 50), new Point(0, 310), 1));
    PlateForm form = form(fuller);
    Fuller it = Fuller.of(form.blank()).getFirst();

    assertThat(it.length()).isCloseTo(250, within(0.05));
    assertThat(it.heightAt(at(0, 180))).isCloseTo(-3, within(1e-3));
    assertThat(it.heightAt(at(4, 180))).isCloseTo(-3 * 0.6, within(0.01));
    assertThat(it.heightAt(at(6, 180))).isZero();
    Region around = Region.inside(it.around(), 0.01);
    assertThat(around.area()).isCloseTo(250 * 10 + Math.PI * 25, within(2.0));
    double trough = 250 * Math.PI * 10 * 3 / 4 + Math.PI * 100 * 3 / 6;
    Solid solid = Solid.of(form, Layering.of(2, "foam", THICK / 2, Profile.FLAT));
    assertThat(2 * HALF * THICK * LONG - solid.volume()).isCloseTo(2 * trough, within(20.0));
  }

  @Test
  void a_core_lies_along_it_with_as_much_foam_all_the_way() {
    Layers layers = layers(Profile.FLAT);
    CoreChoice choice = new CoreChoice("dowel-9", -150, 330, 0);
    CoreReckoning core =
        CoreReckoning.of(
            Samples.cored(form(), layers), choice, Samples.CATALOGUE.rod("dowel-9").orElseThrow());

    assertThat(core.inFoam().value()).isCloseTo(330, within(0.05));
    assertThat(core.length().value()).isEqualTo(480);
    assertThat(core.bed().orElseThrow().leastCover().value()).isCloseTo(10 - 4.5, within(0.02));
    assertThat(core.balancePoint().x()).as("it leans as its curve does").isNegative();
    assertThat(Channel.of(layers, core)).hasSize(2);
    List<Point> strip = layers.solid().course().strip(new Span(-4.5, 4.5), 0, 330);
    assertThat(strip)
        .allSatisfy(
            it ->
                assertThat(it.distance(new Point(-RADIUS, 0)) - RADIUS)
                    .satisfies(out -> assertThat(Math.abs(out)).isCloseTo(4.5, within(0.005))));
  }

  /** The middle of a part of a ring: (2/3)·(R³ − r³)/(R² − r²)·sin(a)/a from its centre. */
  @Test
  void its_middle_is_that_of_the_ring() {
    Solid solid = layers(Profile.FLAT).solid();
    Point middle = solid.moment().times(1 / solid.volume());

    double a = LONG / RADIUS / 2;
    double outer = RADIUS + HALF;
    double inner = RADIUS - HALF;
    double far =
        2.0
            / 3
            * (Math.pow(outer, 3) - Math.pow(inner, 3))
            / (outer * outer - inner * inner)
            * Math.sin(a)
            / a;
    Point byHand = new Point(Math.cos(a), Math.sin(a)).times(far).minus(new Point(RADIUS, 0));
    assertThat(middle.distance(byHand)).isLessThan(0.02);
  }
}
