package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.feature.PlateForm;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

class SolidTest {

  private static final double HALF = 50;
  private static final double LENGTH = 400;
  private static final HalfOutline BOX =
      new HalfOutline(List.of(Node.corner(HALF, 0), Node.corner(HALF, LENGTH)));

  private static Solid solid(HalfOutline outline, double layer, double bevel, double edge) {
    return solid(Samples.form(outline), Layering.of(2, "foam", layer, Profile.bevel(bevel, edge)));
  }

  private static Solid solid(PlateForm form, Layering layering) {
    return Solid.of(form, layering);
  }

  @Test
  void without_a_bevel_it_is_a_slab() {
    Solid blank = solid(BOX, 10, 0, 20);

    assertThat(blank.volume()).isCloseTo(100 * 400 * 20, within(1e-6));
    assertThat(blank.sectionArea(200)).isCloseTo(100 * 20, within(1e-9));
    assertThat(blank.halfThicknessAt(new Point(49, 200))).isEqualTo(10);
    assertThat(blank.moment().y()).isCloseTo(100 * 400 * 20 * 200.0, within(1.0));
    assertThat(blank.surface()).isCloseTo(2 * 100 * 400 + 20 * (400 + 400 + 100), within(1e-6));
  }

  /**
   * Worked by hand: a bevel of width b round three sides of a box takes off (T − e)/2 on average
   * over its strip; in the corners of the square tip the strips overlap, which leaves (T − e)·b²/3
   * less to take off for each of the two.
   */
  @Test
  void the_volume_of_a_bevelled_box_as_worked_by_hand() {
    double t = 20;
    double e = 4;
    double b = 18;
    double strips = (t - e) / 2 * b * (2 * LENGTH + 2 * HALF);
    double corners = 2 * (t - e) * b * b / 3;

    Solid box = solid(BOX, t / 2, b, e);

    double expected = 2 * HALF * LENGTH * t - strips + corners;
    assertThat(box.volume()).isCloseTo(expected, within(expected * 5e-4));
  }

  /** The same by a library: the thickness integrated over the face of a pointed blade. */
  @Test
  void volume_and_moment_agree_with_an_integration_by_a_library() {
    Solid pointed = solid(Samples.BLADE, 10, 20, 4);
    IterativeLegendreGaussIntegrator gauss = integrator();

    double volume = gauss.integrate(100_000_000, y -> sectionByLibrary(pointed, y), 0.001, 499.999);
    double moment =
        gauss.integrate(100_000_000, y -> y * sectionByLibrary(pointed, y), 0.001, 499.999);

    assertThat(pointed.volume()).isCloseTo(volume, within(volume * 1e-3));
    assertThat(pointed.moment().y()).isCloseTo(moment, within(moment * 1e-3));
  }

  private static IterativeLegendreGaussIntegrator integrator() {
    return new IterativeLegendreGaussIntegrator(5, 1e-4, 1e-3);
  }

  private static double sectionByLibrary(Solid solid, double y) {
    double half = y <= 350 ? 50 : 50 * (500 - y) / 150;
    return 2
        * integrator()
            .integrate(1_000_000, x -> 2 * solid.halfThicknessAt(new Point(x, y)), 0, half);
  }

  @ParameterizedTest
  @CsvSource({"100", "200", "300", "420", "470"})
  void a_section_drawn_has_the_area_that_is_reckoned_with(double y) {
    Solid pointed = solid(Samples.BLADE, 10, 20, 4);

    List<Point> front = pointed.sectionAt(y, 0.25).getFirst().front();
    double drawn = 0;
    for (int i = 1; i < front.size(); i++) {
      Point a = front.get(i - 1);
      Point b = front.get(i);
      drawn += (b.x() - a.x()) * (a.y() + b.y());
    }

    assertThat(pointed.sectionArea(y)).isCloseTo(drawn, within(drawn * 0.012));
  }

  @Test
  void thickness_falls_evenly_from_the_bevel_line_to_the_edge() {
    Solid box = solid(BOX, 10, 20, 4);

    assertThat(box.halfThicknessAt(new Point(0, 200))).isEqualTo(10);
    assertThat(box.halfThicknessAt(new Point(30, 200))).isCloseTo(10, within(1e-9));
    assertThat(box.halfThicknessAt(new Point(40, 200))).isCloseTo(6, within(1e-9));
    assertThat(box.halfThicknessAt(new Point(50, 200))).isCloseTo(2, within(1e-9));
  }

  @Test
  void the_base_is_not_bevelled() {
    Solid box = solid(BOX, 10, 20, 4);

    assertThat(box.halfThicknessAt(new Point(0, 0.01))).isEqualTo(10);
    assertThat(box.flat().area()).isCloseTo((100 - 40) * (400 - 20), within(30.0));
  }

  @Test
  void a_bevel_wider_than_half_the_blade_leaves_nothing_flat() {
    Solid ridge = solid(BOX, 10, 60, 4);

    assertThat(ridge.flat().isEmpty()).isTrue();
    assertThat(ridge.halfThicknessAt(new Point(0, 200))).isCloseTo(2 + 8 * 50 / 60.0, within(1e-9));
  }

  /**
   * Worked by hand: T = 20 mm at the line, e = 4 mm at the edge, b = 22 mm: atan(16/44) = 19.98°.
   */
  @ParameterizedTest
  @CsvSource({
    "10, 22, 4, 19.9831",
    "6, 12, 0, 26.5651",
    "10, 30, 4, 14.9314",
    "12.5, 25, 5, 21.8014",
  })
  void the_bevel_angle_is_as_worked_by_hand(double layer, double b, double e, double degrees) {
    PlateForm form = Samples.form(BOX);

    Layers layers = Samples.layers(form, Layering.of(2, "foam", layer, Profile.bevel(b, e)));

    assertThat(Math.toDegrees(layers.bevelAngle().value())).isCloseTo(degrees, within(1e-4));
  }

  @Test
  void figures_of_the_layers_belong_together() {
    PlateForm form = Samples.form(Samples.BLADE);
    Layers layers = Samples.layers(form, Layering.of(2, "foam", 10, Profile.bevel(20, 4)));

    assertThat(layers.thickness().value()).isEqualTo(20);
    assertThat(layers.volume().value() + layers.sanded().value())
        .isCloseTo(form.measures().orElseThrow().area().value() * 20, within(1e-6));
    assertThat(layers.surface().value())
        .isGreaterThan(2 * form.measures().orElseThrow().area().value());
    assertThat(layers.figures()).extracting(it -> it.source().note()).doesNotContain("");
  }

  @Test
  void no_bevel_has_no_angle() {
    PlateForm form = Samples.form(BOX);
    Layers layers = Samples.layers(form, Layering.of(2, "foam", 10, Profile.bevel(0, 20)));

    assertThat(layers.bevelAngle().value()).isZero();
    assertThat(layers.sanded().value()).isZero();
  }

  @Test
  void what_cannot_be_cut_from_the_layers_is_refused() {
    assertThatThrownBy(() -> Layering.of(2, "foam", 10, Profile.bevel(20, 21)))
        .hasMessage("The edge is no thicker than all layers, 20 mm; found 21 mm");
    assertThatThrownBy(() -> Layering.of(2, "foam", 0, Profile.bevel(20, 0)))
        .hasMessageContaining("up to 20 cm");
    assertThatThrownBy(() -> Layering.of(2, "foam", 10, Profile.bevel(-1, 0)))
        .hasMessageContaining("between 0");
    assertThatThrownBy(() -> new SheetMaterial("x", "x", List.of(), 1e-6, 1, 1, false, 3, 2, "t"))
        .hasMessageContaining("thicknesses above 0");
    assertThatThrownBy(() -> new SheetMaterial("x", "x", List.of(1.0), 0, 1, 1, false, 3, 2, "t"))
        .hasMessageContaining("density");
    assertThat(
            Layering.of(2, "foam", 10, Profile.bevel(20, 18))
                .withMaterial("other", 5)
                .profile()
                .edgeMm())
        .isEqualTo(10);
  }
}
