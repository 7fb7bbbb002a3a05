package stoutblade.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;

class CantileverTest {

  private static final double EI = 37.7e6;

  /** Roark's Formulas: the free end of a cantilever under an even load sinks by wL⁴/8EI. */
  @Property
  void droop_of_an_even_bar_is_roarks(
      @ForAll @DoubleRange(min = 200, max = 2500) double length,
      @ForAll @DoubleRange(min = 0.01, max = 2) double gramsPerMm) {
    Cantilever bar = Cantilever.bend(length, length, EI, x -> gramsPerMm);

    double w = gramsPerMm * 9.80665e-3;
    double roark = w * Math.pow(length, 4) / (8 * EI);
    assertThat(bar.droop()).isCloseTo(roark, within(roark * 1e-4));
  }

  /** Blevins: the lowest frequency of an even cantilever is (1.8751²/2π)·√(EI/mL⁴). */
  @Property
  void frequency_of_an_even_bar_is_blevins_within_half_a_percent(
      @ForAll @DoubleRange(min = 200, max = 2500) double length,
      @ForAll @DoubleRange(min = 0.01, max = 2) double gramsPerMm) {
    Cantilever bar = Cantilever.bend(length, length, EI, x -> gramsPerMm);

    double metres = length / 1000;
    double blevins =
        1.8751 * 1.8751 / (2 * Math.PI) * Math.sqrt(EI * 1e-6 / (gramsPerMm * Math.pow(metres, 4)));
    assertThat(bar.frequency()).isBetween(blevins * 0.9999, blevins * 1.0005);
  }

  /** Second opinion: EI·y″ = M(x) integrated by a library's Runge–Kutta method. */
  @Test
  void droop_of_a_tapering_bar_agrees_with_a_librarys_integration() {
    double length = 600;
    IterativeLegendreGaussIntegrator gauss = new IterativeLegendreGaussIntegrator(6, 1e-10, 1e-12);
    OrdinaryDifferentialEquation bending =
        new OrdinaryDifferentialEquation() {
          @Override
          public int getDimension() {
            return 2;
          }

          @Override
          public double[] computeDerivatives(double x, double[] state) {
            double moment =
                x >= length
                    ? 0
                    : gauss.integrate(1_000_000, s -> load(s) * 9.80665e-3 * (s - x), x, length);
            return new double[] {state[1], moment / EI};
          }
        };
    double[] end =
        new DormandPrince853Integrator(0.01, 20, 1e-10, 1e-10)
            .integrate(bending, new ODEState(0, new double[] {0, 0}), length)
            .getPrimaryState();

    Cantilever bar = Cantilever.bend(length, length, EI, CantileverTest::load);

    assertThat(bar.droop()).isCloseTo(end[0], within(end[0] * 1e-4));
  }

  private static double load(double x) {
    return 0.6 * (1 - x / 700);
  }

  @Test
  void beyond_the_core_it_runs_on_straight() {
    Cantilever whole = Cantilever.bend(500, 500, EI, x -> x <= 500 ? 0.3 : 0);
    Cantilever longer = Cantilever.bend(500, 600, EI, x -> x <= 500 ? 0.3 : 0);

    double slope = 0.3 * 9.80665e-3 * Math.pow(500, 3) / (6 * EI);
    assertThat(longer.droop()).isCloseTo(whole.droop() + slope * 100, within(whole.droop() * 0.02));
  }
}
