package stoutblade.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A non-uniform rational B-spline, evaluated by de Boor's algorithm.
 *
 * @param degree of its pieces, 1 to 10
 * @param knots as many as the points and one more than the degree
 * @param points its controls
 * @param weights one for each
 */
record BSpline(int degree, List<Double> knots, List<Point> points, List<Double> weights) {

  private static final int MOST_DEGREE = 10;

  /**
   * Curves between two knots; a cubic piece follows a smooth one to the fourth power of a share.
   */
  private static final int PIECES = 8;

  /** A curve, where the numbers make one. */
  static Optional<BSpline> of(
      int degree, List<Double> knots, List<Point> points, List<Double> weights) {
    boolean fits =
        degree >= 1
            && degree <= MOST_DEGREE
            && points.size() > degree
            && knots.size() == points.size() + degree + 1;
    for (int i = 1; fits && i < knots.size(); i++) {
      fits = knots.get(i) >= knots.get(i - 1);
    }
    // A span of next to nothing divides by next to nothing.
    if (!fits || !(knots.get(points.size()) - knots.get(degree) > 1e-12)) {
      return Optional.empty();
    }
    boolean weighted = weights.size() == points.size() && weights.stream().allMatch(it -> it > 0);
    List<Double> all = weighted ? weights : java.util.Collections.nCopies(points.size(), 1.0);
    return Optional.of(new BSpline(degree, knots, points, all));
  }

  /** Curves that follow it: exact for pieces without weights of degree three and less. */
  List<Cubic> cubics() {
    List<Cubic> all = new ArrayList<>();
    for (int i = degree; i < points.size(); i++) {
      double from = knots.get(i);
      double to = knots.get(i + 1);
      int span = i;
      if (to > from) {
        all.addAll(
            Path.following(u -> at(span, u), u -> slope(span, u, from, to), from, to, PIECES)
                .cubics());
      }
    }
    return all;
  }

  private Point slope(int span, double u, double from, double to) {
    double step = (to - from) * 1e-5;
    double a = Math.max(from, u - step);
    double b = Math.min(to, u + step);
    return at(span, b).minus(at(span, a)).times(1 / (b - a));
  }

  /** A place between a knot and the next, both included. */
  private Point at(int span, double u) {
    double[][] worked = new double[degree + 1][3];
    for (int j = 0; j <= degree; j++) {
      int k = span - degree + j;
      double w = weights.get(k);
      worked[j][0] = points.get(k).x() * w;
      worked[j][1] = points.get(k).y() * w;
      worked[j][2] = w;
    }
    for (int r = 1; r <= degree; r++) {
      for (int j = degree; j >= r; j--) {
        double low = knots.get(span - degree + j);
        double high = knots.get(span + 1 + j - r);
        double share = high > low ? (u - low) / (high - low) : 0;
        for (int c = 0; c < 3; c++) {
          worked[j][c] = worked[j - 1][c] * (1 - share) + worked[j][c] * share;
        }
      }
    }
    double[] end = worked[degree];
    return new Point(end[0] / end[2], end[1] / end[2]);
  }
}
