package stoutblade.core;

import java.util.function.DoubleUnaryOperator;

/**
 * A bar held level at one end: deflection by its own weight and lowest bending frequency.
 *
 * <p>The bending stiffness is the same from the hold to the end of the core; beyond it the bar runs
 * on straight. Moment and curvature are integrated twice by the trapezoid rule (Euler–Bernoulli;
 * Roark's Formulas for Stress and Strain gives wL⁴/8EI for an even load, which a test compares).
 * The frequency is Rayleigh's quotient with the static deflection as the shape, a little above the
 * true one: 3.530 for 3.516 on an even bar.
 */
final class Cantilever {

  /** Standard acceleration of gravity in mm/s² (3rd CGPM, 1901). */
  static final double GRAVITY_MM = 9806.65;

  /** In how many steps it is summed. */
  static final int STEPS = 400;

  private final double step;
  private final double[] loads;
  private final double[] deflection;

  private Cantilever(double step, double[] loads, double[] deflection) {
    this.step = step;
    this.loads = loads;
    this.deflection = deflection;
  }

  /**
   * Bends a bar.
   *
   * @param coreMm length of the stiff part from the hold, in mm
   * @param lengthMm length of the whole bar from the hold, in mm, at least coreMm
   * @param stiffness bending stiffness EI in N·mm²
   * @param massPerMm mass per length in g/mm at a distance from the hold
   */
  static Cantilever bend(
      double coreMm, double lengthMm, double stiffness, DoubleUnaryOperator massPerMm) {
    double[] masses = new double[STEPS + 1];
    for (int i = 0; i <= STEPS; i++) {
      masses[i] = massPerMm.applyAsDouble(i * lengthMm / STEPS);
    }
    return bend(coreMm, lengthMm, stiffness, masses);
  }

  /**
   * Bends a bar.
   *
   * @param masses mass per length in g/mm at {@link #STEPS} + 1 places, evenly from the hold on
   */
  static Cantilever bend(double coreMm, double lengthMm, double stiffness, double[] masses) {
    double step = lengthMm / STEPS;
    double[] slope = slope(moments(masses, step), step, coreMm, stiffness);
    double[] deflection = summed(slope, step);
    return new Cantilever(step, masses, deflection);
  }

  /** The bending moment, summed from the free end: force first, then moment. */
  private static double[] moments(double[] masses, double step) {
    double[] moments = new double[STEPS + 1];
    double force = 0;
    double moment = 0;
    for (int i = STEPS - 1; i >= 0; i--) {
      double before = force;
      // g times mm/s² is µN: a million of them make a newton.
      force += (masses[i] + masses[i + 1]) / 2 * step * GRAVITY_MM * 1e-6;
      moment += (before + force) / 2 * step;
      moments[i] = moment;
    }
    return moments;
  }

  /** M/EI summed from the hold; the core may end within a step. */
  private static double[] slope(double[] moments, double step, double coreMm, double stiffness) {
    double[] slope = new double[STEPS + 1];
    for (int i = 1; i <= STEPS; i++) {
      double share = Math.clamp(coreMm / step - (i - 1), 0, 1);
      double middle = moments[i - 1] + share / 2 * (moments[i] - moments[i - 1]);
      slope[i] = slope[i - 1] + share * step * middle / stiffness;
    }
    return slope;
  }

  private static double[] summed(double[] values, double step) {
    double[] sums = new double[values.length];
    for (int i = 1; i < values.length; i++) {
      sums[i] = sums[i - 1] + (values[i - 1] + values[i]) / 2 * step;
    }
    return sums;
  }

  /** How far the free end hangs below the hold, in mm. */
  double droop() {
    return deflection[STEPS];
  }

  /** The lowest bending frequency in Hz. */
  double frequency() {
    double work = 0;
    double energy = 0;
    for (int i = 0; i <= STEPS; i++) {
      double part = (i == 0 || i == STEPS ? 0.5 : 1) * loads[i] * step;
      work += part * deflection[i];
      energy += part * deflection[i] * deflection[i];
    }
    return Math.sqrt(GRAVITY_MM * work / energy) / (2 * Math.PI);
  }
}
