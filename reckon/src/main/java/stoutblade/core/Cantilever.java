package stoutblade.core;

import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * A bar held level at one end: deflection by its own weight and lowest bending frequency.
 *
 * <p>The bending stiffness is given in stretches from the hold on; where none is, as beyond the end
 * of the core, the bar runs on straight. Moment and curvature are integrated twice by the trapezoid
 * rule (Euler–Bernoulli; Roark's Formulas for Stress and Strain gives wL⁴/8EI for an even load,
 * which a test compares). The frequency is Rayleigh's quotient; its shape is the static deflection,
 * bettered by Stodola's iteration: a shape is what the forces of swinging in the last one bend it
 * to. A test compares it with finite elements.
 */
final class Cantilever {

  /** Standard acceleration of gravity in mm/s² (3rd CGPM, 1901). */
  static final double GRAVITY_MM = 9806.65;

  /** In how many steps it is summed. */
  static final int STEPS = 400;

  /** How often its shape is bettered: after three times nothing of it changes that can be seen. */
  private static final int SHAPES = 3;

  private final Bar bar;
  private final double[] loads;
  private final double[] deflection;
  private final double moment;

  private Cantilever(Bar bar, double[] loads) {
    double[] moments = bar.moments(loads);
    this.bar = bar;
    this.loads = loads;
    this.moment = moments[0];
    this.deflection = bar.deflection(moments);
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

  /** Bends a bar that is equally stiff from its hold to the end of its core. */
  static Cantilever bend(double coreMm, double lengthMm, double stiffness, double[] masses) {
    return bend(List.of(new Stretch(0, coreMm, stiffness)), lengthMm, masses);
  }

  /**
   * A stretch of one stiffness.
   *
   * @param from its start from the hold, in mm
   * @param to its end
   * @param stiffness bending stiffness EI in N·mm²
   */
  record Stretch(double from, double to, double stiffness) {}

  /**
   * Bends a bar.
   *
   * @param stretches that do not overlap
   * @param masses mass per length in g/mm at {@link #STEPS} + 1 places, evenly from the hold on
   */
  static Cantilever bend(List<Stretch> stretches, double lengthMm, double[] masses) {
    return new Bar(stretches, lengthMm).bend(masses);
  }

  /** A bar before anything bends it; what it is worked out from once serves for every load. */
  static final class Bar {

    private final double step;
    private final double[] near = new double[STEPS + 1];
    private final double[] far = new double[STEPS + 1];

    /**
     * A bar of stretches that do not overlap.
     *
     * @param lengthMm length of the whole bar from the hold, in mm
     */
    Bar(List<Stretch> stretches, double lengthMm) {
      this.step = lengthMm / STEPS;
      for (Stretch it : stretches) {
        int last = (int) Math.min(STEPS, Math.ceil(it.to / step));
        for (int i = (int) Math.max(1, Math.floor(it.from / step)); i <= last; i++) {
          // A stretch may start or end within a step; M runs straight from one end of it to the
          // other.
          double low = Math.clamp(it.from / step - (i - 1), 0, 1);
          double high = Math.clamp(it.to / step - (i - 1), 0, 1);
          double middle = (low + high) / 2;
          double compliance = (high - low) * step / it.stiffness;
          near[i] += compliance * (1 - middle);
          far[i] += compliance * middle;
        }
      }
    }

    /** Bends it; masses as of {@link Cantilever#bend(List, double, double[])}. */
    Cantilever bend(double[] masses) {
      return new Cantilever(this, masses);
    }

    /** The bending moment, summed from the free end: force first, then moment. */
    private double[] moments(double[] masses) {
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

    /** M/EI summed twice from the hold: slope first, then how far it hangs. */
    private double[] deflection(double[] moments) {
      double[] deflection = new double[STEPS + 1];
      double slope = 0;
      for (int i = 1; i <= STEPS; i++) {
        double before = slope;
        slope += near[i] * moments[i - 1] + far[i] * moments[i];
        deflection[i] = deflection[i - 1] + (before + slope) / 2 * step;
      }
      return deflection;
    }
  }

  /** The bending moment at the hold, in N·mm. */
  double moment() {
    return moment;
  }

  /** How far it hangs at {@link #STEPS} + 1 places, evenly from the hold on, in mm. */
  List<Double> line() {
    return Arrays.stream(deflection).boxed().toList();
  }

  /** How far the free end hangs below the hold, in mm. */
  double droop() {
    return deflection[STEPS];
  }

  /** The lowest bending frequency in Hz. */
  double frequency() {
    double[] shape = deflection;
    double square = 0;
    for (int i = 0; i < SHAPES; i++) {
      double[] forces = new double[STEPS + 1];
      double tip = Math.abs(shape[STEPS]);
      for (int k = 0; k <= STEPS; k++) {
        forces[k] = loads[k] * shape[k] / tip;
      }
      double[] next = bar.deflection(bar.moments(forces));
      double work = 0;
      double energy = 0;
      for (int k = 0; k <= STEPS; k++) {
        double part = (k == 0 || k == STEPS ? 0.5 : 1) * loads[k] * bar.step;
        work += part * shape[k] / tip * next[k];
        energy += part * next[k] * next[k];
      }
      square = GRAVITY_MM * work / energy;
      shape = next;
    }
    return Math.sqrt(square) / (2 * Math.PI);
  }
}
