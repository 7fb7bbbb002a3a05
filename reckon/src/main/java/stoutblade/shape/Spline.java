package stoutblade.shape;

import java.util.ArrayList;
import java.util.List;

/**
 * Curves through nodes: a Catmull–Rom spline with centripetal spacing, which makes no loops or
 * cusps within a piece (Yuksel, Schaefer and Keyser, 'Parameterization and applications of
 * Catmull–Rom curves', Computer-Aided Design 43, 2011; from memory).
 */
final class Spline {

  private final List<Node> nodes;

  private Spline(List<Node> nodes) {
    this.nodes = nodes;
  }

  /** Curves through all nodes in order, open at both ends. */
  static List<Cubic> through(List<Node> nodes) {
    Spline spline = new Spline(nodes);
    List<Cubic> cubics = new ArrayList<>();
    for (int i = 0; i + 1 < nodes.size(); i++) {
      cubics.add(spline.piece(i));
    }
    return cubics;
  }

  private Cubic piece(int i) {
    Point start = nodes.get(i).at();
    Point end = nodes.get(i + 1).at();
    boolean smoothStart = smooth(i);
    boolean smoothEnd = smooth(i + 1);
    if (!smoothStart && !smoothEnd) {
      return Cubic.line(start, end);
    }
    double third = knot(i) / 3;
    Point control1 = smoothStart ? start.plus(tangent(i).times(third)) : start;
    Point control2 = smoothEnd ? end.minus(tangent(i + 1).times(third)) : end;
    if (!smoothStart) {
      control1 = start.towards(bend(end, control2), 2 / 3.0);
    }
    if (!smoothEnd) {
      control2 = end.towards(bend(start, control1), 2 / 3.0);
    }
    return new Cubic(start, control1, control2, end);
  }

  /** The control of the parabola whose end and tangent are given: a corner takes no stand. */
  private static Point bend(Point smoothEnd, Point control) {
    return smoothEnd.plus(control.minus(smoothEnd).times(1.5));
  }

  private boolean smooth(int i) {
    return nodes.get(i).kind() == Node.Kind.CURVE && i > 0 && i + 1 < nodes.size();
  }

  /** The derivative at a node by the parameter whose steps are roots of the chords. */
  private Point tangent(int i) {
    Point before = nodes.get(i - 1).at();
    Point here = nodes.get(i).at();
    Point after = nodes.get(i + 1).at();
    double d1 = knot(i - 1);
    double d2 = knot(i);
    return here.minus(before)
        .times(1 / d1)
        .minus(after.minus(before).times(1 / (d1 + d2)))
        .plus(after.minus(here).times(1 / d2));
  }

  private double knot(int i) {
    return Math.max(1e-6, Math.sqrt(nodes.get(i).at().distance(nodes.get(i + 1).at())));
  }
}
