package stoutblade.sum;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.hipparchus.analysis.integration.SimpsonIntegrator;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;
import stoutblade.catalogue.Catalogue;

/** Openings, straps and plates against girths worked by hand and another library's numbers. */
class WornTest {

  private static final Catalogue NONE =
      new Catalogue(
          List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of());

  private static double value(String sum, String figure, Map<String, Double> typed) {
    return Answers.figure(Sum.named(sum).orElseThrow().answer(typed, NONE), figure);
  }

  /** Once round the ellipse, added up by another library, lets the padded girth through. */
  @Property(tries = 60)
  void once_round_the_oval_is_what_goes_through_it(
      @ForAll @DoubleRange(min = 120, max = 700) double round,
      @ForAll @DoubleRange(min = 0, max = 20) double padding,
      @ForAll @DoubleRange(min = 1, max = 2.5) double flat) {
    Map<String, Double> typed =
        Map.of("round", round, "padding", padding, "flat", flat, "give", 0.0);
    double a = value("opening", "opening.wide", typed) / 2;
    double b = value("opening", "opening.high", typed) / 2;

    double length =
        new SimpsonIntegrator()
            .integrate(100_000, t -> Math.hypot(a * Math.sin(t), b * Math.cos(t)), 0, 2 * Math.PI);

    assertThat(a / b).isCloseTo(flat, within(1e-9));
    assertThat(length).isCloseTo(round + 2 * Math.PI * (padding + 4), within(length * 2e-4));
  }

  /** A beam of the plate's strip, integrated by another library from its layers one by one. */
  @Property(tries = 40)
  void a_plate_gives_way_as_a_beam_of_its_layers_does(
      @ForAll @IntRange(min = 1, max = 4) int half,
      @ForAll @DoubleRange(min = 2, max = 12) double each,
      @ForAll @DoubleRange(min = 0, max = 6) double inside,
      @ForAll @DoubleRange(min = 0.5, max = 9) double foam) {
    Map<String, Double> typed =
        Map.of("layers", 2.0 * half, "each", each, "inside", inside, "foam", foam, "push", 20.0);
    double stiff = 0;
    double top = half * each + inside / 2;
    int strips = 20_000;
    for (int i = 0; i < strips; i++) {
      double z = -top + 2 * top * (i + 0.5) / strips;
      stiff += (Math.abs(z) < inside / 2 ? 900 : foam) * z * z * 150 * 2 * top / strips;
    }
    double bends = stiff;
    double force = 20 * 9.80665 / 1000;
    double[] end =
        new DormandPrince853Integrator(1e-6, 10, 1e-12, 1e-12)
            .integrate(
                new OrdinaryDifferentialEquation() {
                  @Override
                  public int getDimension() {
                    return 2;
                  }

                  @Override
                  public double[] computeDerivatives(double x, double[] y) {
                    return new double[] {y[1], force * (250 - x) / bends};
                  }
                },
                new ODEState(0, new double[] {0, 0}),
                250)
            .getPrimaryState();

    double sag = value("plate", "plate.sag", typed);
    assertThat(sag).isCloseTo(end[0], within(end[0] * 0.005));
  }

  /** A hand of 220 mm round the knuckles, bare, no room: 220 / pi = 70.03 mm. By hand. */
  @Test
  void a_hand_goes_through_what_is_as_far_round_as_it_is() {
    Map<String, Double> bare = Map.of("round", 220.0, "padding", 0.0, "play", 0.0, "give", 0.0);
    assertThat(value("opening", "opening.across", bare)).isCloseTo(70.028, within(0.001));
  }

  @Test
  void an_elbow_beyond_the_rim_and_a_board_out_of_the_middle_are_said() {
    Answer small = Sum.named("straps").orElseThrow().answer(Map.of("across", 300.0), NONE);
    assertThat(small.words().getFirst()).contains("stands out past the rim");
    assertThatThrownBy(() -> Sum.named("plate").orElseThrow().answer(Map.of("inside", 3.0), NONE))
        .hasMessageContaining("an even number of layers; found 3");
    assertThatThrownBy(() -> Sum.named("straps").orElseThrow().answer(Map.of("inset", 400.0), NONE))
        .hasMessageContaining("beyond the fist");
  }
}
