package stoutblade.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import stoutblade.catalogue.Rod;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.part.BladeForm;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

class CoreReckoningTest {

  private static CoreReckoning reckon(double layer, double bevel, double edge, CoreChoice choice) {
    return reckon(Samples.BLADE, layer, bevel, edge, choice);
  }

  private static CoreReckoning reckon(
      HalfOutline outline, double layer, double bevel, double edge, CoreChoice choice) {
    BladeForm form = Samples.form(outline);
    Layers layers = Samples.layers(form, Layering.of(2, "foam", layer, Profile.bevel(bevel, edge)));
    Rod rod = Samples.CATALOGUE.rod(choice.rodId()).orElseThrow();
    return CoreReckoning.of(form, layers, choice, rod);
  }

  private static Figure figure(CoreReckoning core, String id) {
    return core.figures().stream().filter(it -> it.id().equals(id)).findFirst().orElseThrow();
  }

  /** Common practice: a 9 mm dowel in a blade of two 10 mm layers; 4.5 mm to each side. */
  @Test
  void a_nine_millimetre_dowel_fits_two_layers_of_ten() {
    CoreReckoning core = reckon(10, 20, 4, new CoreChoice("dowel-9", -200, 400, -50));

    assertThat(core.depth().value()).isEqualTo(4.5);
    assertThat(core.deepest().value()).isEqualTo(5);
    assertThat(core.tooDeep()).isFalse();
    assertThat(figure(core, "core.channel").value()).isCloseTo(9, within(1e-12));
    assertThat(figure(core, "core.v-depth").value()).isCloseTo(4.5, within(1e-12));
    assertThat(core.shows()).isFalse();
  }

  @Test
  void the_same_dowel_is_too_deep_for_layers_of_six() {
    CoreReckoning core = reckon(6, 20, 4, new CoreChoice("dowel-9", -200, 400, -50));

    assertThat(core.tooDeep()).isTrue();
    assertThat(core.leastCover().value()).isCloseTo(1.5, within(1e-6));
    assertThat(core.shows()).isTrue();
  }

  @Test
  void cover_in_a_slab_is_the_layer_less_the_radius_everywhere() {
    CoreReckoning core = reckon(10, 0, 20, new CoreChoice("dowel-9", 0, 300, 0));

    assertThat(core.leastCover().value()).isCloseTo(5.5, within(1e-9));
  }

  @Test
  void towards_the_point_the_cover_runs_out_and_the_end_is_proposed() {
    CoreReckoning far = reckon(10, 20, 4, new CoreChoice("dowel-9", -200, 495, -50));

    assertThat(far.shows()).isTrue();
    assertThat(far.leastCoverAt().value()).isGreaterThan(450);
    assertThat(far.furthestEnd().value()).isBetween(400.0, 495.0);
    CoreReckoning mended =
        reckon(10, 20, 4, new CoreChoice("dowel-9", -200, far.furthestEnd().value(), -50));
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

  /** Worked by hand: a slab alone balances at its middle; the tube's tang pulls it down. */
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
    assertThat(wood.droop().doubt().std())
        .isCloseTo(wood.droop().value() * 1500 / 12_000, within(1e-6));
    assertThat(wood.limp()).isEqualTo(wood.droop().value() > wood.droopAllowed().value());
  }

  @Test
  void what_is_no_core_is_refused() {
    assertThatThrownBy(() -> new CoreChoice("x", 100, 50, 60))
        .hasMessageContaining("nearer the tip");
    assertThatThrownBy(() -> new CoreChoice("x", 0, 50, 60))
        .hasMessageContaining("held between its ends");
    assertThatThrownBy(() -> new CoreChoice("x", -9000, 5000, 0)).hasMessageContaining("10 m");
    assertThatThrownBy(() -> new Rod("r", "r", 10, 10, 1, 0, 1, 1, "t"))
        .hasMessageContaining("smaller than its outside");
    assertThatThrownBy(() -> new Rod("r", "r", 10, 0, 0, 0, 1, 1, "t"))
        .hasMessageContaining("modulus");
  }

  @Test
  void moving_the_start_takes_the_hold_along() {
    assertThat(new CoreChoice("x", -200, 400, -150).withStart(-100).heldAtMm()).isEqualTo(-100);
    assertThat(new CoreChoice("x", -200, 400, -50).times(2))
        .isEqualTo(new CoreChoice("x", -400, 800, -100));
  }
}
