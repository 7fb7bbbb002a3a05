package stoutblade.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.junit.jupiter.api.Test;
import stoutblade.feature.PlateForm;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/**
 * What other parts do to a core that bears them, against closed forms and a library's integrals.
 */
class AttachedTest {

  private static final double STIFFNESS = 130_000 * Math.PI / 64 * (10_000 - 4096);
  private static final double NEWTON_PER_GRAM = 9.80665e-3;
  private static final CoreChoice CHOICE = new CoreChoice("tube-10", -200, 700, 0);

  private static Figure grams(double mass) {
    return new Figure(
        "head",
        "Head",
        mass,
        Quantity.MASS,
        "",
        List.of(),
        Source.DECIDED,
        Uncertainty.of("head", 0.1).times(mass));
  }

  private static Cored strip() {
    HalfOutline strip = new HalfOutline(List.of(Node.corner(30, 0), Node.corner(30, 700)));
    PlateForm form = Samples.form(strip);
    return Samples.cored(form, Samples.layers(form, Layering.of(2, "foam", 10, Profile.FLAT)));
  }

  private static CoreReckoning bearing(Attached... others) {
    return CoreReckoning.of(strip().bearing(List.of(others)), CHOICE, Samples.TUBE);
  }

  private static double integral(UnivariateFunction of, double from, double to) {
    return new GaussIntegratorFactory().legendre(20, from, to).integrate(of);
  }

  /** However it is spread: all of its weight, its balance and its inertia stay what they were. */
  @Property(tries = 200)
  void its_weight_balances_where_the_part_does(
      @ForAll @DoubleRange(min = -400, max = 700) double from,
      @ForAll @DoubleRange(min = 2, max = 500) double length,
      @ForAll @DoubleRange(min = 0, max = 1) double share,
      @ForAll @DoubleRange(min = -300, max = 600) double about) {
    double at = from + share * length;
    Attached it = Attached.of("Head", grams(80), from, from + length, at);
    assertThat(it.fromMm()).isGreaterThanOrEqualTo(Math.min(from, at - 0.5) - 1e-9);
    assertThat(it.toMm()).isLessThanOrEqualTo(Math.max(from + length, at + 0.5) + 1e-9);
    double small = 1e-4;
    UnivariateFunction density = s -> it.between(s - small, s + small) / (2 * small);
    double end = small * 2;
    double low = it.fromMm() + end;
    double high = it.toMm() - end;
    assertThat(it.between(-1e4, 1e4)).isCloseTo(80, within(1e-9));
    double mass = integral(density, low, high);
    double moment = integral(s -> density.value(s) * s, low, high);
    assertThat(moment / mass).isCloseTo(at, within(0.01));
    double square = integral(s -> density.value(s) * (s - about) * (s - about), low, high);
    assertThat(it.inertia(about) * mass / 80).isCloseTo(square, within(1 + square * 2e-3));
    assertThat(integral(density, low, (low + high) / 2)).isPositive();
  }

  /** Roark: a load P at a from the hold of a bar of L hangs its end by P·a²·(3L − a) / 6EI. */
  @Test
  void a_head_near_the_end_bends_it_by_the_closed_form() {
    for (double at : new double[] {100, 350, 650}) {
      double more =
          bearing(Attached.of("Head", grams(200), at - 0.5, at + 0.5, at)).droop().value()
              - bearing().droop().value();
      double load = 200 * NEWTON_PER_GRAM;
      double expected = load * at * at * (3 * 700 - at) / (6 * STIFFNESS);
      assertThat(more).isCloseTo(expected, within(expected * 5e-3));
    }
  }

  /** Roark: an even load w over all of L hangs its end by w·L⁴ / 8EI. */
  @Test
  void a_cover_all_along_bends_it_by_the_closed_form() {
    double more =
        bearing(Attached.of("Cover", grams(200), 0, 700, 350)).droop().value()
            - bearing().droop().value();
    double expected = 200 * NEWTON_PER_GRAM / 700 * Math.pow(700, 4) / (8 * STIFFNESS);
    assertThat(more).isCloseTo(expected, within(expected * 1e-3));
  }

  /** Blevins, from memory: a heavy mass on a light bar swings at √(3EI / (m·L³)) / 2π. */
  @Test
  void a_heavy_head_swings_by_the_closed_form() {
    double grams = 20_000;
    CoreReckoning core = bearing(Attached.of("Head", grams(grams), 699, 700, 699.5));
    double newtonPerMm = 3 * STIFFNESS / Math.pow(699.5, 3);
    double expected = Math.sqrt(newtonPerMm * 1e3 / (grams * 1e-3)) / (2 * Math.PI);
    assertThat(core.frequency().value()).isCloseTo(expected, within(expected * 0.01));
  }

  @Test
  void what_is_behind_the_hold_bends_nothing_and_what_is_beyond_the_end_counts_there() {
    CoreReckoning alone = bearing();
    CoreReckoning pommel = bearing(Attached.of("Pommel", grams(200), -200, -150, -170));
    assertThat(pommel.droop().value()).isCloseTo(alone.droop().value(), within(1e-9));
    assertThat(pommel.inertia().value() - alone.inertia().value())
        .isCloseTo(200 * (170.0 * 170 + 50 * 50 / 12.0), within(200 * 200.0));
    double at = bearing(Attached.of("Head", grams(200), 699, 700, 699.5)).droop().value();
    double beyond = bearing(Attached.of("Head", grams(200), 749, 750, 749.5)).droop().value();
    assertThat(beyond).isCloseTo(at, within(at * 1e-6));
  }

  /** Twice as unsure where the head is all that matters: its share of the droop is said. */
  @Test
  void its_doubt_is_carried_and_it_weighs_nothing_in_the_part() {
    Attached head = Attached.of("Head", grams(200), 640, 660, 650);
    CoreReckoning core = bearing(head);
    CoreReckoning alone = bearing();
    assertThat(core.droop().uncertainty().parts().get("head"))
        .isCloseTo(0.1 * (core.droop().value() - alone.droop().value()), within(1e-3));
    assertThat(core.mass().value()).isEqualTo(alone.mass().value());
    assertThat(core.balance().value()).isEqualTo(alone.balance().value());
    Optional<Figure> all =
        core.figures().stream().filter(it -> it.id().equals("core.bears")).findFirst();
    assertThat(all.orElseThrow().value()).isCloseTo(core.mass().value() + 200, within(1e-9));
    assertThat(alone.figures()).noneMatch(it -> it.id().equals("core.bears"));
  }
}
