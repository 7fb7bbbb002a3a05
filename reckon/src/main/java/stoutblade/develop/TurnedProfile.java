package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Cubic;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/** The curve that, turned about the axis, gives a dish: by the way along it from the axis. */
public sealed interface TurnedProfile {

  /** The way from the axis to the rim along the curve, in mm. */
  double length();

  /** The distance from the axis after so much of the way, in mm. */
  double radius(double along);

  /** How that distance grows by the way: 1 straight outwards, 0 along the axis. */
  double growth(double along);

  /** The distance of the rim from the axis, in mm. */
  default double rim() {
    return radius(length());
  }

  /**
   * A cap of a sphere.
   *
   * @param sphereMm the sphere's radius, in mm
   * @param opening the angle at its centre from the axis to the rim, in radians
   */
  record Cap(double sphereMm, double opening) implements TurnedProfile {

    @Override
    public double length() {
      return sphereMm * opening;
    }

    @Override
    public double radius(double along) {
      return sphereMm * Math.sin(along / sphereMm);
    }

    @Override
    public double growth(double along) {
      return Math.cos(along / sphereMm);
    }
  }

  /**
   * A curve that was drawn, taken in fine steps.
   *
   * @param points from the axis to the rim: x outwards, y along the axis, in mm
   */
  record Drawn(List<Point> points) implements TurnedProfile {

    private static final double STEP_MM = 0.01;

    /**
     * Copies and checks the points.
     *
     * @throws IllegalArgumentException if the curve does not start on the axis or comes back to it
     */
    public Drawn {
      points = List.copyOf(points);
      if (points.size() < 2 || Math.abs(points.getFirst().x()) > 1e-6) {
        throw new IllegalArgumentException("A profile starts on its axis and has two places");
      }
      for (int i = 1; i < points.size(); i++) {
        if (!(points.get(i).x() > 0)) {
          throw new IllegalArgumentException(
              "A profile stays on one side of its axis; found " + points.get(i));
        }
      }
    }

    /** A smooth curve through nodes, from the axis to the rim. */
    public static Drawn through(List<Node> nodes) {
      List<Node> there = new ArrayList<>(nodes);
      for (int i = nodes.size() - 1; i > 0; i--) {
        there.add(nodes.get(i).movedTo(nodes.get(i).at().mirrored()).withBulge(0));
      }
      // Closed by its mirror image, so that it crosses the axis at a right angle.
      WholeOutline whole = new WholeOutline(there);
      List<Cubic> half = new ArrayList<>();
      whole.eachSide().subList(0, nodes.size() - 1).forEach(half::addAll);
      return new Drawn(new Path(half, false).flattened(STEP_MM));
    }

    @Override
    public double length() {
      double sum = 0;
      for (int i = 1; i < points.size(); i++) {
        sum += points.get(i - 1).distance(points.get(i));
      }
      return sum;
    }

    @Override
    public double radius(double along) {
      double left = along;
      for (int i = 1; i < points.size(); i++) {
        double piece = points.get(i - 1).distance(points.get(i));
        if (left <= piece && piece > 0) {
          return points.get(i - 1).towards(points.get(i), left / piece).x();
        }
        left -= piece;
      }
      return points.getLast().x();
    }

    @Override
    public double growth(double along) {
      double step = length() * 1e-3;
      double from = Math.max(0, along - step);
      double to = Math.min(length(), along + step);
      return (radius(to) - radius(from)) / (to - from);
    }
  }
}
