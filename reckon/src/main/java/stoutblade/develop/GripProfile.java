package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.polynomials.PolynomialFunction;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import stoutblade.shape.Span;

/**
 * How thick a grip is along it: a smooth curve through its diameters at equal distances, which is
 * nowhere thicker or thinner than the two diameters that it runs between (Fritsch and Carlson 1980,
 * monotone piecewise cubic interpolation; from memory).
 *
 * @param lengthMm how long it is
 * @param acrossMm its diameters from the lower end to the upper one, five or more, in mm
 */
public record GripProfile(double lengthMm, List<Double> acrossMm) {

  private static final int LEAST = 5;
  private static final int STEPS = 800;
  private static final int HALVINGS = 40;

  /**
   * Copies and checks the diameters.
   *
   * @throws IllegalArgumentException if one is not above 0
   */
  public GripProfile {
    acrossMm = List.copyOf(acrossMm);
    Form.above(lengthMm, 0, "The grip's length in mm");
    if (acrossMm.size() < LEAST) {
      throw new IllegalArgumentException(
          "A grip has a diameter at " + LEAST + " places or more; found " + acrossMm.size());
    }
    acrossMm.forEach(it -> Form.above(it, 0, "The grip's diameter in mm"));
  }

  /** The curve itself: the radius in mm by the place from the lower end. */
  private PolynomialSplineFunction curve() {
    int count = acrossMm.size() - 1;
    double step = lengthMm / count;
    double[] places = new double[count + 1];
    double[] radii = new double[count + 1];
    double[] secants = new double[count];
    for (int i = 0; i <= count; i++) {
      places[i] = i == count ? lengthMm : step * i;
      radii[i] = acrossMm.get(i) / 2;
    }
    for (int i = 0; i < count; i++) {
      secants[i] = (radii[i + 1] - radii[i]) / step;
    }
    PolynomialFunction[] pieces = new PolynomialFunction[count];
    for (int i = 0; i < count; i++) {
      double from = slope(secants, i);
      double to = slope(secants, i + 1);
      pieces[i] =
          new PolynomialFunction(
              radii[i],
              from,
              (3 * secants[i] - 2 * from - to) / step,
              (from + to - 2 * secants[i]) / (step * step));
    }
    return new PolynomialSplineFunction(places, pieces);
  }

  /** The slope at a place: none where it turns, else the harmonic mean of those beside it. */
  private static double slope(double[] secants, int i) {
    if (i == 0 || i == secants.length) {
      double near = i == 0 ? secants[0] : secants[i - 1];
      double next = i == 0 ? secants[1] : secants[i - 2];
      double end = (3 * near - next) / 2;
      return end * near <= 0 ? 0 : Math.abs(end) > 3 * Math.abs(near) ? 3 * near : end;
    }
    double before = secants[i - 1];
    double after = secants[i];
    return before * after <= 0 ? 0 : 2 * before * after / (before + after);
  }

  /** Its radii at so many equal steps, ends included, in mm. */
  public List<Double> radii() {
    PolynomialSplineFunction curve = curve();
    List<Double> radii = new ArrayList<>();
    for (int i = 0; i <= STEPS; i++) {
      radii.add(curve.value(place(i)));
    }
    return radii;
  }

  private double place(int step) {
    return step == STEPS ? lengthMm : lengthMm * step / STEPS;
  }

  /** The thickest and the thinnest radius, in mm. */
  public Span extremes() {
    List<Double> radii = radii();
    return new Span(
        radii.stream().mapToDouble(it -> it).min().orElseThrow(),
        radii.stream().mapToDouble(it -> it).max().orElseThrow());
  }

  /** Where it is thicker than a radius, from the lower end, in mm. */
  public List<Span> thickerThan(double radius) {
    PolynomialSplineFunction curve = curve();
    List<Span> spans = new ArrayList<>();
    double from = Double.NaN;
    for (int i = 0; i <= STEPS; i++) {
      boolean inside = curve.value(place(i)) > radius;
      if (inside && Double.isNaN(from)) {
        from = i == 0 ? 0 : crossing(curve, place(i - 1), place(i), radius);
      } else if (!inside && !Double.isNaN(from)) {
        spans.add(new Span(from, crossing(curve, place(i), place(i - 1), radius)));
        from = Double.NaN;
      }
    }
    if (!Double.isNaN(from)) {
      spans.add(new Span(from, lengthMm));
    }
    return spans;
  }

  /** Between a place where it is not thicker and one where it is. */
  private static double crossing(
      PolynomialSplineFunction curve, double thin, double thick, double radius) {
    double low = thin;
    double high = thick;
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (low + high) / 2;
      if (curve.value(middle) > radius) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return high;
  }
}
