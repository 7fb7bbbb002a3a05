package stoutblade.shape;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Few nodes whose curves keep within a tolerance of many points.
 *
 * <p>Corners are found first, where the way turns sharply over a few tolerances; between them nodes
 * are added where the curve is furthest off, and then those are taken out again that are not
 * needed.
 */
public final class NodeFitting {

  private static final double SHARP_RAD = Math.toRadians(38);

  /** The way looked at on each side of a corner, in tolerances. */
  private static final double LOOK = 8;

  /** An outline that has come to so many nodes may lie further off than its tolerance. */
  public static final int MOST_NODES = 900;

  private static final int PIECES = 12;
  private static final int MOST_BETWEEN = 6000;

  private final List<Point> points;
  private final boolean closed;
  private final double tolerance;
  private final double[] along;
  private final TreeMap<Integer, Node> nodes = new TreeMap<>();

  /**
   * How far each curve is off, by the index at its start: a new node changes only a few of them.
   */
  private final Map<Integer, Measured> measured = new HashMap<>();

  private NodeFitting(List<Point> points, boolean closed, double tolerance) {
    this.points = points;
    this.closed = closed;
    this.tolerance = tolerance;
    this.along = new double[points.size() + 1];
    for (int i = 0; i < points.size(); i++) {
      along[i + 1] = along[i] + points.get(i).distance(at(i + 1));
    }
  }

  /**
   * A closed outline along a ring.
   *
   * @param ring three points or more; the first may be repeated at the end
   * @param tolerance in the unit of the points
   */
  public static WholeOutline closed(List<Point> ring, double tolerance) {
    if (ring.stream().distinct().count() < 3) {
      throw new IllegalArgumentException("An outline takes three places that lie apart");
    }
    List<Point> round = new ArrayList<>(ring);
    round.add(ring.getFirst());
    List<Point> points = distinct(round, tolerance);
    if (points.size() > 1 && points.getFirst().distance(points.getLast()) < tolerance * 0.05) {
      points.removeLast();
    }
    if (points.size() < 3) {
      throw new IllegalArgumentException("An outline takes three places that lie apart");
    }
    NodeFitting fitting = new NodeFitting(points, true, tolerance);
    fitting.fit();
    return new WholeOutline(List.copyOf(fitting.nodes.values()));
  }

  /**
   * Nodes along a line from its first point to its last, which become corners.
   *
   * @param line two points or more
   * @param tolerance in the unit of the points
   */
  public static List<Node> open(List<Point> line, double tolerance) {
    List<Point> points = distinct(line, tolerance);
    if (points.size() < 2) {
      throw new IllegalArgumentException("A line takes two places that lie apart");
    }
    NodeFitting fitting = new NodeFitting(points, false, tolerance);
    fitting.fit();
    return List.copyOf(fitting.nodes.values());
  }

  /** Drops points on one another and puts some between those that lie far apart. */
  private static List<Point> distinct(List<Point> points, double tolerance) {
    double total = 0;
    for (int i = 1; i < points.size(); i++) {
      total += points.get(i).distance(points.get(i - 1));
    }
    double step = Math.max(2 * tolerance, total / MOST_BETWEEN);
    List<Point> kept = new ArrayList<>();
    for (Point point : points) {
      if (kept.isEmpty()) {
        kept.add(point);
        continue;
      }
      Point last = kept.getLast();
      double away = last.distance(point);
      if (away <= tolerance * 0.02) {
        continue;
      }
      int pieces = (int) Math.ceil(away / step);
      for (int k = 1; k < pieces; k++) {
        kept.add(last.towards(point, k / (double) pieces));
      }
      kept.add(point);
    }
    return kept;
  }

  private Point at(int i) {
    return points.get(
        closed ? Math.floorMod(i, points.size()) : Math.clamp(i, 0, points.size() - 1));
  }

  private double total() {
    return closed ? along[points.size()] : along[points.size() - 1];
  }

  /** The place a way along from a point, between points. */
  private Point walked(int from, double way) {
    double wanted = along[Math.floorMod(from, points.size())] + way;
    if (closed) {
      wanted = wanted - Math.floor(wanted / total()) * total();
    } else {
      wanted = Math.clamp(wanted, 0, total());
    }
    int low = 0;
    int high = closed ? points.size() : points.size() - 1;
    while (high - low > 1) {
      int middle = (low + high) / 2;
      if (along[middle] <= wanted) {
        low = middle;
      } else {
        high = middle;
      }
    }
    double length = along[low + 1] - along[low];
    return at(low).towards(at(low + 1), length == 0 ? 0 : (wanted - along[low]) / length);
  }

  // == FITTING

  private void fit() {
    corners();
    anchors();
    while (nodes.size() < MOST_NODES) {
      Worst worst = worst();
      if (worst.off <= tolerance) {
        break;
      }
      nodes.put(worst.index, smooth(worst.index));
    }
    thin();
  }

  /** A node that the outline runs through smoothly: noise is averaged over a tolerance. */
  private Node smooth(int index) {
    Point sum = at(index);
    int count = 1;
    for (double way : new double[] {-tolerance, -tolerance / 2, tolerance / 2, tolerance}) {
      sum = sum.plus(walked(index, way));
      count++;
    }
    return new Node(sum.times(1.0 / count), Node.Kind.CURVE);
  }

  private void corners() {
    double look = Math.min(LOOK * tolerance, total() / 8);
    int last = -1;
    double sharpest = 0;
    for (int i = 0; i < points.size(); i++) {
      double turn = turn(i, look);
      boolean near = last >= 0 && along[i] - along[last] < look;
      if (turn < SHARP_RAD) {
        continue;
      }
      if (!near) {
        nodes.put(i, new Node(at(i), Node.Kind.CORNER));
        last = i;
        sharpest = turn;
      } else if (turn > sharpest) {
        nodes.remove(last);
        nodes.put(i, new Node(at(i), Node.Kind.CORNER));
        last = i;
        sharpest = turn;
      }
    }
    if (closed
        && nodes.size() > 1
        && total() - along[nodes.lastKey()] + along[nodes.firstKey()] < look) {
      boolean first = turn(nodes.firstKey(), look) >= turn(nodes.lastKey(), look);
      nodes.remove(first ? nodes.lastKey() : nodes.firstKey());
    }
    new ArrayList<>(nodes.keySet())
        .forEach(i -> nodes.put(i, new Node(sharpened(i, look), Node.Kind.CORNER)));
  }

  /** How far the way turns at a point, looking back and ahead. */
  private double turn(int i, double look) {
    if (!closed && (along[i] < look * 0.5 || total() - along[i] < look * 0.5)) {
      return 0;
    }
    Point back = at(i).minus(walked(i, -look));
    Point ahead = walked(i, look).minus(at(i));
    return Math.abs(back.angleTo(ahead));
  }

  /**
   * A lens rounds a corner off: the corner lies where the two sides, seen from a little further
   * away, would meet.
   */
  private Point sharpened(int i, double look) {
    Point a = walked(i, -look);
    Point b = walked(i, -look * 0.45);
    Point c = walked(i, look * 0.45);
    Point d = walked(i, look);
    Point one = b.minus(a);
    Point two = c.minus(d);
    double cross = one.x() * two.y() - one.y() * two.x();
    if (Math.abs(cross) < 0.2 * one.length() * two.length()) {
      return at(i);
    }
    Point between = d.minus(a);
    double share = (between.x() * two.y() - between.y() * two.x()) / cross;
    Point met = a.plus(one.times(share));
    return met.distance(at(i)) < 2.5 * tolerance ? met : at(i);
  }

  /** Ends of a line are corners; a ring without corners starts with four nodes. */
  private void anchors() {
    if (!closed) {
      nodes.put(0, new Node(points.getFirst(), Node.Kind.CORNER));
      nodes.put(points.size() - 1, new Node(points.getLast(), Node.Kind.CORNER));
      return;
    }
    int wanted = Math.min(4, points.size());
    for (int k = 0; nodes.size() < 3 && k < wanted; k++) {
      int index = k * points.size() / wanted;
      nodes.putIfAbsent(index, new Node(at(index), Node.Kind.CURVE));
    }
  }

  // == HOW FAR OFF

  private record Worst(int index, double off) {}

  private record Measured(Cubic curve, int to, Worst worst) {}

  private List<Cubic> curves() {
    List<Node> all = List.copyOf(nodes.values());
    // Fitted nodes have no arcs and nothing taken off: each side is one curve.
    return (closed ? Spline.round(all) : Spline.through(all)).stream().map(List::getFirst).toList();
  }

  private Worst worst() {
    List<Cubic> curves = curves();
    List<Integer> indices = List.copyOf(nodes.keySet());
    Worst worst = new Worst(-1, -1);
    for (int k = 0; k < curves.size(); k++) {
      int from = indices.get(k);
      int to = k + 1 < indices.size() ? indices.get(k + 1) : indices.getFirst() + points.size();
      Cubic curve = curves.get(k);
      Measured known = measured.get(from);
      if (known == null || known.to != to || !known.curve.equals(curve)) {
        known = new Measured(curve, to, worst(curve, from, to));
        measured.put(from, known);
      }
      Worst here = known.worst;
      if (here.off > worst.off) {
        worst = here;
      }
    }
    return worst;
  }

  /** The point between two nodes that lies furthest from their curve. */
  private Worst worst(Cubic curve, int from, int to) {
    Point[] line = new Point[PIECES + 1];
    for (int k = 0; k <= PIECES; k++) {
      line[k] = curve.at(k / (double) PIECES);
    }
    int worst = -1;
    double off = -1;
    int step = Math.max(1, (to - from) / 160);
    for (int i = from + 1; i < to; i += step) {
      double least = Double.POSITIVE_INFINITY;
      Point p = at(i);
      for (int k = 0; k < PIECES; k++) {
        least = Math.min(least, p.distanceToSegment(line[k], line[k + 1]));
      }
      if (least > off) {
        off = least;
        worst = i;
      }
    }
    // A curve may also stray where no point is: its middle lies near the way's middle.
    return new Worst(
        worst < 0 ? -1 : closed ? Math.floorMod(worst, points.size()) : worst,
        to - from < 2 ? -1 : off);
  }

  /** Takes out nodes that the tolerance does not need. */
  private void thin() {
    for (int index : new ArrayList<>(nodes.keySet())) {
      Node node = nodes.get(index);
      if (node.kind() == Node.Kind.CORNER || nodes.size() <= 3) {
        continue;
      }
      nodes.remove(index);
      if (worst().off > tolerance) {
        nodes.put(index, node);
      }
    }
  }
}
