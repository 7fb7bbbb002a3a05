package stoutblade.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.catalogue.Rod;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.feature.Blank;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;

class CoreReckoningTest {

  private static CoreReckoning reckon(double layer, double bevel, double edge, CoreChoice choice) {
    return reckon(Samples.BLADE, layer, bevel, edge, choice);
  }

  private static CoreReckoning reckon(
      HalfOutline outline, double layer, double bevel, double edge, CoreChoice choice) {
    PlateForm form = Samples.form(outline);
    Layers layers = Samples.layers(form, Layering.of(2, "foam", layer, Profile.bevel(bevel, edge)));
    Rod rod = Samples.CATALOGUE.rod(choice.rodId()).orElseThrow();
    return CoreReckoning.of(Samples.cored(form, layers), choice, rod);
  }

  private static Figure figure(CoreReckoning core, String id) {
    return core.figures().stream().filter(it -> it.id().equals(id)).findFirst().orElseThrow();
  }

  /** Common practice: a 9 mm dowel in a blade of two 10 mm layers; 4.5 mm to each side. */
  @Test
  void a_nine_millimetre_dowel_fits_two_layers_of_ten() {
    CoreReckoning core = reckon(10, 20, 4, new CoreChoice("dowel-9", -200, 400, -50));

    assertThat(core.bed().orElseThrow().depth().value()).isEqualTo(4.5);
    assertThat(core.bed().orElseThrow().deepest().value()).isEqualTo(5);
    assertThat(core.tooDeep()).isFalse();
    assertThat(figure(core, "core.channel").value()).isCloseTo(9, within(1e-12));
    assertThat(figure(core, "core.v-depth").value()).isCloseTo(4.5, within(1e-12));
    assertThat(core.shows()).isFalse();
  }

  @Test
  void the_same_dowel_is_too_deep_for_layers_of_six() {
    CoreReckoning core = reckon(6, 20, 4, new CoreChoice("dowel-9", -200, 400, -50));

    assertThat(core.tooDeep()).isTrue();
    assertThat(core.bed().orElseThrow().leastCover().value()).isCloseTo(1.5, within(1e-6));
    assertThat(core.shows()).isTrue();
  }

  @Test
  void cover_in_a_slab_is_the_layer_less_the_radius_everywhere() {
    CoreReckoning core = reckon(10, 0, 20, new CoreChoice("dowel-9", 0, 300, 0));

    assertThat(core.bed().orElseThrow().leastCover().value()).isCloseTo(5.5, within(1e-9));
  }

  @Test
  void towards_the_point_the_cover_runs_out_and_the_end_is_proposed() {
    CoreReckoning far = reckon(10, 20, 4, new CoreChoice("dowel-9", -200, 495, -50));

    assertThat(far.shows()).isTrue();
    assertThat(far.bed().orElseThrow().leastCoverAt().value()).isGreaterThan(450);
    assertThat(far.bed().orElseThrow().furthestEnd().value()).isBetween(400.0, 495.0);
    CoreReckoning mended =
        reckon(
            10,
            20,
            4,
            new CoreChoice("dowel-9", -200, far.bed().orElseThrow().furthestEnd().value(), -50));
    assertThat(mended.shows()).isFalse();
  }

  /** Worked by hand: π/4 (10² − 8²) mm² × 600 mm × 1575 kg/m³ = 26.72 g. */
  @Test
  void the_weight_of_a_tube_is_as_worked_by_hand() {
    CoreReckoning core = reckon(10, 0, 20, new CoreChoice("tube-10", -200, 400, 0));

    assertThat(figure(core, "core.rod-mass").value()).isCloseTo(26.72, within(0.01));
    double foam = (100 * 350 + 100 * 150 / 2.0) * 20 - Math.PI / 4 * 100 * 399.99;
    assertThat(core.mass().value()).isCloseTo(foam * 150e-6 + 26.72, within(0.02));
  }

  /** Worked by hand: a blank alone balances at its middle; the tube's tang pulls it down. */
  @Test
  void the_balance_point_follows_the_moments() {
    HalfOutline box = new HalfOutline(List.of(Node.corner(50, 0), Node.corner(50, 400)));
    CoreReckoning core = reckon(box, 10, 0, 20, new CoreChoice("tube-10", -200, 400, 0));

    double channel = Math.PI / 4 * 100 * 400;
    double foam = (100 * 400 * 20 - channel) * 150e-6;
    double rod = 26.7192;
    double expected = (foam * 200 + rod * 100) / (foam + rod);
    assertThat(core.balance().value()).isCloseTo(expected, within(0.05));
  }

  @Test
  void a_stiffer_core_droops_less_and_its_doubt_is_carried() {
    CoreReckoning wood = reckon(10, 20, 4, new CoreChoice("dowel-9", -200, 400, -50));
    CoreReckoning carbon = reckon(10, 20, 4, new CoreChoice("tube-10", -200, 400, -50));

    assertThat(carbon.droop().value()).isLessThan(wood.droop().value());
    assertThat(carbon.frequency().value()).isGreaterThan(wood.frequency().value());
    assertThat(-wood.droop().uncertainty().parts().get("core.modulus"))
        .isCloseTo(wood.droop().value() * 1500 / 12_000, within(1e-6));
    assertThat(wood.limp()).isEqualTo(wood.droop().value() > wood.droopAllowed().value());
  }

  private static final SheetMaterial HEAVY = Samples.FOAM.withDensity("heavy", 300e-6);
  private static final SheetMaterial LIGHT = Samples.FOAM.withDensity("light", 90e-6);
  private static final SheetMaterial BOARD = Samples.FOAM.withDensity("board", 700e-6);
  private static final Map<String, SheetMaterial> FOAMS =
      Map.of("heavy", HEAVY, "light", LIGHT, "board", BOARD);
  private static final HalfOutline STRIP =
      new HalfOutline(List.of(Node.corner(30, 0), Node.corner(30, 700)));

  private static CoreReckoning mixed(Profile profile, Sheet... sheets) {
    PlateForm form = Samples.form(STRIP);
    Layers layers =
        Layers.of(
                form,
                Layering.of(List.of(sheets), profile),
                id -> Optional.ofNullable(FOAMS.get(id)))
            .orElseThrow();
    return CoreReckoning.of(
        Samples.cored(form, layers), new CoreChoice("tube-10", -200, 650, 0), Samples.TUBE);
  }

  /**
   * Worked by hand with moments: half the channel in each layer of 60 x 700 x 10 mm; the droop by a
   * general library's integration of M x / EI. What is heavier, front or back, is the same.
   */
  @Test
  void layers_of_different_foams_weigh_balance_and_bend_each_by_its_own_density() {
    double density = 300e-6 + 90e-6;
    double channel = Math.PI / 8 * 100;
    double foam = (60 * 700 * 10 - channel * 650) * density;
    double moment = (60 * 700 * 10 * 350.0 - channel * 650 * 325) * density;
    double rod = Math.PI / 4 * 36 * 850 * 1575e-6;
    DoubleUnaryOperator load =
        y ->
            (600 - (y <= 650 ? channel : 0)) * density
                + (y <= 650 ? Math.PI / 4 * 36 * 1575e-6 : 0);
    double stiffness = 130_000 * Math.PI / 64 * (10_000 - 4096);
    double expected = droopByIntegration(load, 700, 650, stiffness);
    Sheet heavy = Sheet.of("heavy", 10);
    Sheet light = Sheet.of("light", 10);
    for (CoreReckoning core :
        List.of(
            mixed(Profile.bevel(0, 20), heavy, light), mixed(Profile.bevel(0, 20), light, heavy))) {
      assertThat(core.mass().value()).isCloseTo(foam + rod, within(0.01));
      assertThat(core.balance().value())
          .isCloseTo((moment + rod * 225) / (foam + rod), within(0.02));
      assertThat(core.droop().value()).isCloseTo(expected, within(expected * 5e-4));
    }
  }

  /** Deflection at the end by the unit load: the integral of M(x)·(end − x) / EI. */
  private static double droopByIntegration(
      DoubleUnaryOperator load, double end, double stiff, double stiffness) {
    UnivariateFunction moment =
        x ->
            integral(s -> load.applyAsDouble(s) * 9.80665e-3 * (s - x), x, stiff)
                + integral(s -> load.applyAsDouble(s) * 9.80665e-3 * (s - x), stiff, end);
    return integral(x -> moment.value(x) * (end - x) / stiffness, 0, stiff);
  }

  private static double integral(UnivariateFunction of, double from, double to) {
    return new GaussIntegratorFactory().legendre(12, from, to).integrate(of);
  }

  /** By hand: 2 × 6 mm at 150 kg/m³ round 0.4 mm of board at 700; no rod beyond the foam. */
  @Test
  void a_thin_board_in_the_middle_leaves_the_balance_in_the_middle() {
    CoreReckoning core =
        mixed(
            Profile.bevel(0, 12.4),
            Sheet.of("light", 6),
            Sheet.of("board", 0.4),
            Sheet.of("light", 6));

    assertThat(core.balance().value()).isBetween(200.0, 350.0);
    double board = 60 * 700 * 0.4 * 700e-6;
    double light = 60 * 700 * 12 * 90e-6;
    double cutBoard = 10 * 0.4 * 650 * 700e-6;
    double cutLight = (Math.PI / 4 * 100 - 4) * 650 * 90e-6;
    double rod = Math.PI / 4 * 36 * 850 * 1575e-6;
    assertThat(core.mass().value())
        .isCloseTo(board + light - cutBoard - cutLight + rod, within(0.05));
  }

  /** The widths at each height of a bevelled strip, added up by hand; in all six orders. */
  @ParameterizedTest
  @ValueSource(strings = {"012", "021", "102", "120", "201", "210"})
  void three_foams_in_any_order_weigh_and_balance_by_what_their_layers_keep(String order) {
    List<String> ids =
        order.chars().mapToObj(it -> List.of("heavy", "light", "board").get(it - '0')).toList();
    double mass = 0;
    double moment = 0;
    for (int layer = 0; layer < 3; layer++) {
      double density = FOAMS.get(ids.get(layer)).densityGPerMm3();
      for (int i = 0; i < 600; i++) {
        double over = Math.abs(-9 + 6 * layer + (i + 0.5) / 100);
        double inset = 15 * Math.max(0, (over - 3) / 6);
        double slice = 0.01 * (60 - 2 * inset) * (700 - inset) * density;
        mass += slice;
        moment += slice * (700 - inset) / 2;
      }
    }
    PlateForm form = Samples.form(STRIP);
    Layers layers =
        Layers.of(
                form,
                Layering.of(ids.stream().map(it -> Sheet.of(it, 6)).toList(), Profile.bevel(15, 6)),
                id -> Optional.ofNullable(FOAMS.get(id)))
            .orElseThrow();

    assertThat(layers.mass().value()).isCloseTo(mass, within(mass * 1e-3));
    assertThat(
            layers.shares().stream()
                .mapToDouble(it -> it.moment().y() * it.foam().densityGPerMm3())
                .sum())
        .isCloseTo(moment, within(moment * 1e-3));
  }

  @Test
  void the_range_of_droop_and_balance_holds_sizes_and_densities_too() {
    CoreReckoning drawn = reckon(10, 20, 4, new CoreChoice("dowel-9", -200, 400, -50));

    assertThat(drawn.droop().uncertainty().parts())
        .containsKeys("core.modulus", "density.foam", "density.dowel-9");
    assertThat(drawn.balance().uncertainty().parts())
        .containsKeys("density.foam", "density.dowel-9");
    assertThat(drawn.mass().uncertainty().parts()).containsKeys("density.foam", "density.dowel-9");

    // A scale that is 1 % unsure, against the same blade drawn 1 % larger.
    Figure scale =
        Figure.given("scale", "Scale", 0.5, Quantity.MM_PER_PIXEL, Source.measured("test"), 0.005);
    CoreReckoning traced = scaled(1, Optional.of(scale));
    CoreReckoning larger = scaled(1.01, Optional.empty());
    CoreReckoning smaller = scaled(0.99, Optional.empty());
    assertThat(traced.droop().uncertainty().parts().get("scale"))
        .isCloseTo((larger.droop().value() - smaller.droop().value()) / 2, withinPercentage(2));
    assertThat(traced.balance().uncertainty().parts().get("scale"))
        .isCloseTo((larger.balance().value() - smaller.balance().value()) / 2, withinPercentage(2));
    assertThat(traced.mass().uncertainty().parts().get("scale"))
        .isCloseTo((larger.mass().value() - smaller.mass().value()) / 2, withinPercentage(2));
  }

  /** The sample blade in one flat stack, drawn larger about its base. */
  private static CoreReckoning scaled(double factor, Optional<Figure> scale) {
    Blank blank = Samples.blank(Samples.BLADE.times(factor));
    PlateForm form = PlateForm.of(blank.traced(scale), Typeface.NONE);
    Layers layers = Samples.layers(form, Layering.of(2, "foam", 10, Profile.bevel(0, 20)));
    return CoreReckoning.of(
        Samples.cored(form, layers), new CoreChoice("dowel-9", -200, 400, -50), Samples.DOWEL);
  }

  @Test
  void what_is_no_core_is_refused() {
    assertThatThrownBy(() -> new CoreChoice("x", 100, 50, 60))
        .hasMessageContaining("nearer the tip");
    assertThatThrownBy(() -> new CoreChoice("x", 0, 50, 60))
        .hasMessageContaining("held between its ends");
    assertThatThrownBy(() -> new CoreChoice("x", -9000, 5000, 0)).hasMessageContaining("10 m");
    assertThatThrownBy(() -> new Rod("r", "r", 10, 10, 1, 0, 1, 1, false, "t"))
        .hasMessageContaining("smaller than its outside");
    assertThatThrownBy(() -> new Rod("r", "r", 10, 0, 0, 0, 1, 1, false, "t"))
        .hasMessageContaining("modulus");
  }

  @Test
  void moving_the_start_takes_the_hold_along() {
    assertThat(new CoreChoice("x", -200, 400, -150).withStart(-100).heldAtMm()).isEqualTo(-100);
    assertThat(new CoreChoice("x", -200, 400, -50).times(2))
        .isEqualTo(new CoreChoice("x", -400, 800, -100));
  }
}
