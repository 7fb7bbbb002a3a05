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
  private final boolean closed;

  private Spline(List<Node> nodes, boolean closed) {
    this.nodes = nodes;
    this.closed = closed;
  }

  /** Curves through all nodes in order, open at both ends. */
  static List<Cubic> through(List<Node> nodes) {
    Spline spline = new Spline(nodes, false);
    List<Cubic> cubics = new ArrayList<>();
    for (int i = 0; i + 1 < nodes.size(); i++) {
      cubics.add(spline.piece(i));
    }
    return cubics;
  }

  /** Curves through all nodes in order and from the last back to the first. */
  static List<Cubic> round(List<Node> nodes) {
    Spline spline = new Spline(nodes, true);
    List<Cubic> cubics = new ArrayList<>();
    for (int i = 0; i < nodes.size(); i++) {
      cubics.add(spline.piece(i));
    }
    return cubics;
  }

  private Node node(int i) {
    return nodes.get(closed ? Math.floorMod(i, nodes.size()) : i);
  }

  private Cubic piece(int i) {
    Point start = node(i).at();
    Point end = node(i + 1).at();
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
    return node(i).kind() == Node.Kind.CURVE && (closed || (i > 0 && i + 1 < nodes.size()));
  }

  /** The derivative at a node by the parameter whose steps are roots of the chords. */
  private Point tangent(int i) {
    Point before = node(i - 1).at();
    Point here = node(i).at();
    Point after = node(i + 1).at();
    double d1 = knot(i - 1);
    double d2 = knot(i);
    return here.minus(before)
        .times(1 / d1)
        .minus(after.minus(before).times(1 / (d1 + d2)))
        .plus(after.minus(here).times(1 / d2));
  }

  private double knot(int i) {
    return Math.max(1e-6, Math.sqrt(node(i).at().distance(node(i + 1).at())));
  }
}
