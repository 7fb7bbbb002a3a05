package stoutblade.shape;

import java.util.ArrayList;
import java.util.List;

/**
 * Curves through nodes: a Catmull–Rom spline with centripetal spacing, which makes no loops or
 * cusps within a piece (Yuksel, Schaefer and Keyser, 'Parameterization and applications of
 * Catmull–Rom curves', Computer-Aided Design 43, 2011; from memory).
 */
final class Spline {

  private static final double ONE_PLACE_MM = 1e-9;

  private final List<Node> nodes;
  private final boolean closed;

  private Spline(List<Node> nodes, boolean closed) {
    this.nodes = nodes;
    this.closed = closed;
  }

  /** The curves of each side, open at both ends. */
  static List<List<Cubic>> through(List<Node> nodes) {
    return new Spline(nodes, false).sides(nodes.size() - 1);
  }

  /** The curves of each side, the last of which runs back to the first node. */
  static List<List<Cubic>> round(List<Node> nodes) {
    return new Spline(nodes, true).sides(nodes.size());
  }

  private List<List<Cubic>> sides(int count) {
    List<List<Cubic>> sides = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      sides.add(node(i).bulge() == 0 ? piece(i) : arc(i));
    }
    return sides;
  }

  // == ARCS

  private List<Cubic> arc(int i) {
    Point start = node(i).at();
    Point end = node(i + 1).at();
    if (onePlace(start, end)) {
      return List.of(Cubic.line(start, end));
    }
    Arc arc = Arc.between(start, end, node(i).bulge());
    List<Cubic> curves = new ArrayList<>(arc.path().cubics());
    Cubic first = curves.getFirst();
    curves.set(0, new Cubic(start, first.control1(), first.control2(), first.end()));
    Cubic last = curves.removeLast();
    curves.add(new Cubic(last.start(), last.control1(), last.control2(), end));
    return curves;
  }

  // == CORNERS

  /** A straight side, less what its corners take, after the corner at its start. */
  private List<Cubic> straight(int i) {
    Point start = node(i).at();
    Point end = node(i + 1).at();
    double length = start.distance(end);
    double atStart = taken(i);
    double atEnd = taken(i + 1);
    if (length == 0) {
      return List.of(Cubic.line(start, end));
    }
    Point from = start.towards(end, atStart / length);
    Point to = end.towards(start, atEnd / length);
    List<Cubic> curves = new ArrayList<>();
    if (atStart > 0) {
      Point before = node(i - 1).at();
      curves.addAll(corner(i, start.towards(before, atStart / start.distance(before)), from));
    }
    if (curves.isEmpty() || from.distance(to) > 1e-9) {
      curves.add(Cubic.line(from, to));
    }
    return curves;
  }

  /** Two nodes on one another have no side between them, whatever it was to be. */
  private static boolean onePlace(Point a, Point b) {
    return a.distance(b) < ONE_PLACE_MM;
  }

  private List<Cubic> corner(int i, Point from, Point to) {
    if (node(i).kind() == Node.Kind.CHAMFER || onePlace(from, to)) {
      return List.of(Cubic.line(from, to));
    }
    double turn = turn(i);
    Arc arc = Arc.between(from, to, Math.tan(turn / 4));
    List<Cubic> curves = new ArrayList<>(arc.path().cubics());
    Cubic last = curves.removeLast();
    curves.add(new Cubic(last.start(), last.control1(), last.control2(), to));
    return curves;
  }

  /** How far the outline turns at a node, to the left, in radians. */
  private double turn(int i) {
    return node(i).at().turn(node(i - 1).at(), node(i + 1).at());
  }

  /**
   * What a rounded or chamfered corner takes off each of its sides: nothing where one is not
   * straight, and where two corners share a side that is too short for both, each its share.
   */
  private double taken(int i) {
    double wanted = wanted(i);
    return wanted == 0 ? 0 : wanted * Math.min(room(i - 1), room(i));
  }

  private double room(int side) {
    double length = node(side).at().distance(node(side + 1).at());
    return Math.min(1, length / (wanted(side) + wanted(side + 1)));
  }

  private double wanted(int i) {
    Node node = node(i);
    boolean ends = !closed && (i <= 0 || i + 1 >= nodes.size());
    if (!node.kind().eased() || node.ease() == 0 || ends || curved(i - 1) || curved(i)) {
      return 0;
    }
    // A rounding of radius r touches its sides r·tan(turn/2) from the corner.
    return node.kind() == Node.Kind.CHAMFER
        ? node.ease()
        : node.ease() * Math.tan(Math.abs(turn(i)) / 2);
  }

  private boolean curved(int side) {
    return node(side).bulge() != 0 || smooth(side) || smooth(side + 1);
  }

  // == CURVES

  private Node node(int i) {
    return nodes.get(closed ? Math.floorMod(i, nodes.size()) : i);
  }

  private List<Cubic> piece(int i) {
    Point start = node(i).at();
    Point end = node(i + 1).at();
    boolean smoothStart = smooth(i);
    boolean smoothEnd = smooth(i + 1);
    if (!smoothStart && !smoothEnd) {
      return straight(i);
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
    return List.of(new Cubic(start, control1, control2, end));
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
    Point free =
        here.minus(before)
            .times(1 / d1)
            .minus(after.minus(before).times(1 / (d1 + d2)))
            .plus(after.minus(here).times(1 / d2));
    if (node(i - 1).bulge() != 0 && !onePlace(before, here)) {
      return Arc.between(before, here, node(i - 1).bulge()).directionAtEnd().times(free.length());
    }
    if (node(i).bulge() != 0 && !onePlace(here, after)) {
      return Arc.between(here, after, node(i).bulge()).directionAtStart().times(free.length());
    }
    return free;
  }

  private double knot(int i) {
    return Math.max(1e-6, Math.sqrt(node(i).at().distance(node(i + 1).at())));
  }
}
