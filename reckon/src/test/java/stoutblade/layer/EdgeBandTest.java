package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.build.Step;
import stoutblade.derive.Derived;
import stoutblade.develop.Panel;
import stoutblade.feature.Blank;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Samples;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Band;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stock.Shopping;
import stoutblade.template.LayerTemplates;
import stoutblade.template.Making;
import stoutblade.template.Stroke;
import stoutblade.template.Template;

/** A strip round the edge of a stack, worked by hand. */
class EdgeBandTest {

  private static final Outline DISC = WholeOutline.circle(new Point(0, 0), 100);
  private static final Outline BOARD =
      new WholeOutline(
          List.of(
              Node.corner(-150, -100),
              Node.corner(150, -100),
              Node.corner(150, 100),
              Node.corner(-150, 100)));

  private static Layering banded(Profile profile) {
    return Layering.of(2, "foam", 10, profile).with(Optional.of(new Band("foam", 4)));
  }

  private static PlateForm form(Outline outline) {
    return PlateForm.of(new Blank("d1", "Any", outline, List.of(), 10), Typeface.NONE);
  }

  private static Layers layers(Outline outline, Profile profile) {
    return Layers.of(form(outline), banded(profile), Samples.CATALOGUE::sheet).orElseThrow();
  }

  private static EdgeBand band(Outline outline, Profile profile) {
    return layers(outline, profile).band().orElseThrow();
  }

  /** Its middle runs at a radius of 98; the layers are discs of 96. */
  @Test
  void round_a_disc_it_is_as_long_as_the_circle_in_its_middle() {
    Layers layers = layers(DISC, Profile.FLAT);
    EdgeBand band = layers.band().orElseThrow();

    assertThat(band.length().value()).isCloseTo(2 * Math.PI * 98, within(0.1));
    assertThat(band.width().value()).isCloseTo(22, within(1e-6));
    assertThat(band.corners()).isEmpty();
    assertThat(layers.each().getFirst().cut().area()).isCloseTo(Math.PI * 96 * 96, within(2.0));
    assertThat(band.start().y()).isCloseTo(-100, within(0.2));
  }

  /** A rectangle loses a quarter turn of 2 mm at each of its four corners: 1000 less 4π. */
  @Test
  void at_corners_it_is_scored_and_its_ends_meet_low_and_off_them() {
    EdgeBand band = band(BOARD, Profile.FLAT);

    assertThat(band.length().value()).isCloseTo(1000 - 2 * Math.PI * 2, within(1e-6));
    assertThat(band.corners()).hasSize(4);
    double scale = band.length().value() / 1000;
    double right = 150 - band.start().x();
    boolean onward = Math.abs(band.corners().getFirst() / scale - right) < 1e-6;
    assertThat(band.corners().get(0) / scale).isCloseTo(onward ? right : 300 - right, within(1e-6));
    assertThat(band.corners().get(1) - band.corners().get(0)).isCloseTo(200 * scale, within(1e-6));
    assertThat(band.corners().get(2) - band.corners().get(1)).isCloseTo(300 * scale, within(1e-6));
    assertThat(band.start().y()).isCloseTo(-100, within(1e-9));
    assertThat(Math.abs(band.start().x())).isLessThan(130);
  }

  /** Bevelled 20 wide from 4 to 20, 4 mm in it is 4 + 16 · 4/20 thick: planed with the bevel. */
  @Test
  void on_a_bevel_it_is_as_wide_as_the_layers_are_thick_where_it_ends() {
    EdgeBand band = band(DISC, Profile.bevel(20, 4));

    assertThat(band.width().value()).isCloseTo(7.2 + 2, within(0.05));
  }

  /**
   * SheetMaterial of the layers and of the band are all of the solid; the glue is on both of each
   * joint.
   */
  @Test
  void weight_and_glue_count_it() {
    Layers with = layers(DISC, Profile.FLAT);
    Layers without =
        Layers.of(form(DISC), Layering.of(2, "foam", 10, Profile.FLAT), Samples.CATALOGUE::sheet)
            .orElseThrow();

    assertThat(with.mass().value()).isCloseTo(without.mass().value(), within(1e-6));
    assertThat(with.glued().value())
        .isCloseTo(2 * Math.PI * 96 * 96 + 2 * 2 * Math.PI * 98 * 20, within(10.0));
    assertThat(with.sanded().value()).isCloseTo(0, within(1.0));
    Layering mixed = Layering.of(2, "foam", 10, Profile.FLAT).with(Optional.of(new Band("mat", 4)));
    Layers other = Layers.of(form(DISC), mixed, Samples.CATALOGUE::sheet).orElseThrow();
    double ring = Math.PI * (100 * 100 - 96 * 96) * 20;
    assertThat(other.mass().value())
        .isCloseTo(
            (without.volume().value() - ring) * Samples.FOAM.densityGPerMm3()
                + ring * Samples.MAT.densityGPerMm3(),
            within(0.05));
    assertThat(with.figures()).extracting(Figure::id).contains("layers.band.length");
  }

  @Test
  void it_has_a_template_of_its_own_and_is_bought() {
    Layers layers = layers(BOARD, Profile.FLAT);
    List<Template> all =
        LayerTemplates.of(
            form(BOARD), layers, Optional.empty(), Making.once("d1", "Board"), Units.METRIC);

    Template strip = all.getLast();
    assertThat(strip.id()).endsWith("-band");
    assertThat(strip.strokes()).filteredOn(it -> it.kind() == Stroke.Kind.BEND).hasSize(4);
    assertThat(strip.labels()).anyMatch(it -> it.text().contains("Seam hidden: at the bottom"));
    assertThat(all.getFirst().strokes()).anyMatch(it -> it.kind() == Stroke.Kind.CUT);
  }

  /** The blade's runs from its base round the tip; no sheet is as long, so it is joined. */
  @Test
  void round_a_blade_it_is_open_joined_and_in_the_plan() {
    Project project = First.with(Samples.whole(), banded(Profile.FLAT));
    Derived derived = Samples.derive(project);
    EdgeBand band = First.layers(derived).orElseThrow().band().orElseThrow();

    double edge = 2 * (350 + Math.hypot(50, 150));
    double turned = 2 * Math.atan2(50, 150) + (Math.PI - 2 * Math.atan2(50, 150));
    assertThat(band.length().value()).isCloseTo(edge - turned * 2, within(0.05));
    double sheet = Math.max(Samples.FOAM.sheetLengthMm(), Samples.FOAM.sheetWidthMm());
    List<Panel> panels = band.panels("Band");
    assertThat(panels.stream().mapToDouble(it -> it.box().width()).sum())
        .isCloseTo(band.length().value(), within(1e-6));
    assertThat(panels).allSatisfy(it -> assertThat(it.box().width()).isLessThan(sheet));
    for (double joint : band.joints()) {
      for (double corner : band.corners()) {
        assertThat(Math.abs(joint - corner)).isGreaterThan(9);
      }
    }
    assertThat(derived.plan().orElseThrow().steps())
        .extracting(Step::id)
        .containsSubsequence("p1/d1/join", "p1/d1/band", "p1/d1/sand");
    Step spread =
        derived.plan().orElseThrow().steps().stream()
            .filter(it -> it.id().equals("p1/d1/spread"))
            .findFirst()
            .orElseThrow();
    double between = 2 * First.layers(derived).orElseThrow().solid().within().area();
    assertThat(spread.handsOn().value())
        .as("5 min and 10 for each square metre between the layers")
        .isCloseTo(5 + 10 * between / 1e6, within(1e-3));
    assertThat(derived.shopping().orElseThrow().lines())
        .extracting(Shopping.Line::name)
        .anyMatch(it -> it.contains("4 mm"));
    assertThat(First.templates(derived).getLast().id()).isEqualTo("d1-test-blade-band");
  }

  @Test
  void it_is_no_thicker_than_goes_round_an_edge() {
    assertThatThrownBy(() -> new Band("foam", 25)).hasMessageContaining("up to 2 cm");
    assertThatThrownBy(() -> new Band("foam", 0)).hasMessageContaining("found 0");
  }
}
