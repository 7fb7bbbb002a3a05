package stoutblade.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;

class HomographyTest {

  private static final List<Point> SQUARE =
      List.of(new Point(0, 0), new Point(1, 0), new Point(1, 1), new Point(0, 1));

  /**
   * Closed form for the unit square: Heckbert, Fundamentals of Texture Mapping and Image Warping,
   * 1989, section 2.2.3 (from memory).
   */
  @Property(tries = 200)
  void four_corners_agree_with_the_closed_form(
      @ForAll @DoubleRange(min = -0.3, max = 0.3) double a,
      @ForAll @DoubleRange(min = -0.3, max = 0.3) double b,
      @ForAll @DoubleRange(min = -0.3, max = 0.3) double c,
      @ForAll @DoubleRange(min = 0.1, max = 0.9) double u,
      @ForAll @DoubleRange(min = 0.1, max = 0.9) double v) {
    List<Point> seen =
        List.of(
            new Point(a, b), new Point(3 + b, c), new Point(4 + c, 2 + a), new Point(b, 2.5 - c));

    Point found = Homography.taking(SQUARE, seen).apply(new Point(u, v));

    assertThat(found.distance(heckbert(seen, u, v))).isLessThan(1e-9);
  }

  private static Point heckbert(List<Point> q, double u, double v) {
    Point d1 = q.get(1).minus(q.get(2));
    Point d2 = q.get(3).minus(q.get(2));
    Point s = q.get(0).minus(q.get(1)).plus(q.get(2)).minus(q.get(3));
    double det = d1.x() * d2.y() - d2.x() * d1.y();
    double g = (s.x() * d2.y() - d2.x() * s.y()) / det;
    double h = (d1.x() * s.y() - s.x() * d1.y()) / det;
    Point a = q.get(1).minus(q.get(0)).plus(q.get(1).times(g));
    Point b = q.get(3).minus(q.get(0)).plus(q.get(3).times(h));
    return a.times(u).plus(b.times(v)).plus(q.get(0)).times(1 / (g * u + h * v + 1));
  }

  /** Least squares with the last entry set to 1, solved by Hipparchus' QR decomposition. */
  @Test
  void many_pairs_agree_with_an_independent_least_squares_solution() {
    Random random = new Random(11);
    Homography truth =
        Homography.taking(
            SQUARE,
            List.of(new Point(10, 20), new Point(320, 35), new Point(300, 260), new Point(5, 240)));
    List<Point> from = new ArrayList<>();
    List<Point> to = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      Point p = new Point(random.nextDouble(), random.nextDouble());
      from.add(p);
      to.add(
          truth
              .apply(p)
              .plus(new Point(0.05 * random.nextGaussian(), 0.05 * random.nextGaussian())));
    }

    Homography found = Homography.taking(from, to);

    RealVector other = byQr(from, to);
    for (Point p : SQUARE) {
      double w = other.getEntry(6) * p.x() + other.getEntry(7) * p.y() + 1;
      Point expected =
          new Point(
              (other.getEntry(0) * p.x() + other.getEntry(1) * p.y() + other.getEntry(2)) / w,
              (other.getEntry(3) * p.x() + other.getEntry(4) * p.y() + other.getEntry(5)) / w);
      assertThat(found.apply(p).distance(expected)).isLessThan(0.02);
      assertThat(found.apply(p).distance(truth.apply(p))).isLessThan(0.1);
    }
  }

  private static RealVector byQr(List<Point> from, List<Point> to) {
    double[][] rows = new double[2 * from.size()][];
    double[] right = new double[2 * from.size()];
    for (int i = 0; i < from.size(); i++) {
      Point p = from.get(i);
      Point q = to.get(i);
      rows[2 * i] = new double[] {p.x(), p.y(), 1, 0, 0, 0, -q.x() * p.x(), -q.x() * p.y()};
      rows[2 * i + 1] = new double[] {0, 0, 0, p.x(), p.y(), 1, -q.y() * p.x(), -q.y() * p.y()};
      right[2 * i] = q.x();
      right[2 * i + 1] = q.y();
    }
    return new QRDecomposition(new Array2DRowRealMatrix(rows))
        .getSolver()
        .solve(new ArrayRealVector(right));
  }

  @Property(tries = 100)
  void the_map_back_undoes_it(
      @ForAll @DoubleRange(min = 0.5, max = 4) double factor,
      @ForAll @DoubleRange(min = -3, max = 3) double angle,
      @ForAll @DoubleRange(min = -50, max = 50) double x) {
    Homography map =
        Homography.similar(factor, angle, new Point(x, -x))
            .after(
                Homography.taking(
                    SQUARE,
                    List.of(new Point(0, 0), new Point(5, 1), new Point(4, 4), new Point(-1, 3))));
    Point p = new Point(0.3, 0.8);

    assertThat(map.inverse().apply(map.apply(p)).distance(p)).isLessThan(1e-9);
  }

  @Test
  void a_turn_by_a_quarter_is_counter_clockwise_where_y_runs_up() {
    Point turned = Homography.similar(2, Math.PI / 2, new Point(1, 0)).apply(new Point(1, 0));

    assertThat(turned.x()).isCloseTo(1, within(1e-12));
    assertThat(turned.y()).isCloseTo(2, within(1e-12));
  }

  @Test
  void corners_on_a_line_or_too_few_are_refused() {
    List<Point> line = List.of(new Point(0, 0), new Point(1, 0), new Point(2, 0), new Point(0, 1));

    assertThatThrownBy(() -> Homography.taking(SQUARE, line)).hasMessageContaining("on one line");
    assertThatThrownBy(() -> Homography.taking(line, SQUARE)).hasMessageContaining("on one line");
    assertThatThrownBy(() -> Homography.taking(SQUARE.subList(0, 3), SQUARE.subList(0, 3)))
        .hasMessageContaining("four pairs");
  }
}
