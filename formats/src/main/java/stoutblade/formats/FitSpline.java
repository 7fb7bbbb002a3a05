package stoutblade.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.shape.Cubic;
import stoutblade.shape.Point;

/**
 * A cubic spline through points, smooth to its second derivative, its parameter the way from point
 * to point. An end without a direction is natural: it has no curvature there (any textbook of
 * numerical mathematics).
 */
final class FitSpline {

  private FitSpline() {}

  /**
   * The curves from point to point.
   *
   * @param points two or more, neighbours apart
   * @param start the direction at the first, of any length
   * @param end the direction at the last
   */
  static List<Cubic> through(List<Point> points, Optional<Point> start, Optional<Point> end) {
    int last = points.size() - 1;
    double[] steps = new double[last];
    for (int i = 0; i < last; i++) {
      steps[i] = points.get(i + 1).distance(points.get(i));
    }
    Point[] slopes = slopes(points, steps, start, end);
    List<Cubic> all = new ArrayList<>();
    for (int i = 0; i < last; i++) {
      Point from = points.get(i);
      Point to = points.get(i + 1);
      all.add(
          new Cubic(
              from,
              from.plus(slopes[i].times(steps[i] / 3)),
              to.minus(slopes[i + 1].times(steps[i] / 3)),
              to));
    }
    return all;
  }

  /** The first derivatives at all points: three unknowns in a row, solved forwards and back. */
  private static Point[] slopes(
      List<Point> points, double[] steps, Optional<Point> start, Optional<Point> end) {
    int last = steps.length;
    double[] above = new double[last + 1];
    Point[] right = new Point[last + 1];
    Point first = points.get(1).minus(points.get(0)).times(1 / steps[0]);
    above[0] = start.isPresent() ? 0 : 0.5;
    right[0] = start.map(it -> it.times(1 / it.length())).orElse(first.times(1.5));
    for (int i = 1; i <= last; i++) {
      double below;
      double middle;
      double after = 0;
      Point wanted;
      if (i < last) {
        below = steps[i];
        middle = 2 * (steps[i - 1] + steps[i]);
        after = steps[i - 1];
        Point one = points.get(i).minus(points.get(i - 1)).times(3 * steps[i] / steps[i - 1]);
        Point two = points.get(i + 1).minus(points.get(i)).times(3 * steps[i - 1] / steps[i]);
        wanted = one.plus(two);
      } else if (end.isPresent()) {
        below = 0;
        middle = 1;
        wanted = end.get().times(1 / end.get().length());
      } else {
        below = 0.5;
        middle = 1;
        wanted = points.get(i).minus(points.get(i - 1)).times(1.5 / steps[i - 1]);
      }
      double pivot = middle - below * above[i - 1];
      above[i] = after / pivot;
      right[i] = wanted.minus(right[i - 1].times(below)).times(1 / pivot);
    }
    for (int i = last - 1; i >= 0; i--) {
      right[i] = right[i].minus(right[i + 1].times(above[i]));
    }
    return right;
  }
}
