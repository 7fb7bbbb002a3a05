package stoutblade.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Teeth along a side of an outline. */
public final class Teeth {

  /** The most teeth of a side. */
  public static final int MOST = 100;

  private static final double NEAR_MM = 0.01;
  private static final double BESIDE_MM = 0.2;

  /** A curved side is held at its quarters. */
  private static final int HELD_AT = 4;

  private Teeth() {}

  /**
   * An outline with pointed teeth along one of its sides, all alike, standing out of it.
   *
   * @param side counted from 0
   * @param count how many
   * @param deepMm how far they stand out; below 0 they are cut in
   * @throws IllegalArgumentException if there is no such side, or count or depth cannot be cut; the
   *     message can be shown
   */
  public static Outline along(Outline outline, int side, int count, double deepMm) {
    if (side < 0 || side >= outline.sides()) {
      throw new IllegalArgumentException("Choose a side first");
    }
    if (count < 1 || count > MOST) {
      throw new IllegalArgumentException("A side has 1 to " + MOST + " teeth; found " + count);
    }
    if (!Double.isFinite(deepMm) || deepMm == 0) {
      throw new IllegalArgumentException("Teeth stand out by a length; found " + deepMm + " mm");
    }
    Map<Integer, List<Node>> more = new TreeMap<>(Comparator.reverseOrder());
    Outline with = outline.with(side, outline.node(side).withBulge(0));
    // Up to the corners on both sides: a curve is told by the nodes that it runs through.
    int node = side;
    while (smooth(outline, node)) {
      int before = node > 0 ? node - 1 : outline.sides() - 1;
      boolean apart = before == side || outline.after(before) != node;
      if (apart || arc(outline, before) || more.containsKey(before)) {
        break;
      }
      more.put(before, held(outline, before));
      node = before;
    }
    node = outline.after(side);
    while (smooth(outline, node) && node < outline.sides() && node != side) {
      if (arc(outline, node) || more.containsKey(node)) {
        break;
      }
      more.put(node, held(outline, node));
      node = outline.after(node);
    }
    for (int end : List.of(side, outline.after(side))) {
      if (smooth(outline, end)) {
        with = with.with(end, with.node(end).with(Node.Kind.CORNER));
      }
    }
    more.put(side, pointed(outline, side, count, deepMm));
    for (Map.Entry<Integer, List<Node>> it : more.entrySet()) {
      for (int i = 0; i < it.getValue().size(); i++) {
        with = with.inserted(it.getKey() + 1 + i, it.getValue().get(i));
      }
    }
    return with;
  }

  private static boolean smooth(Outline outline, int node) {
    return outline.node(node).kind() == Node.Kind.CURVE;
  }

  /** An arc stays where it is, whatever its ends are. */
  private static boolean arc(Outline outline, int side) {
    return outline.node(side).bulge() != 0;
  }

  /** Places on a curved side, which keep it where it is when its end becomes a corner. */
  private static List<Node> held(Outline outline, int side) {
    List<Point> line = new Path(outline.side(side), false).flattened(NEAR_MM);
    double length = length(line);
    List<Node> nodes = new ArrayList<>();
    for (int i = 1; i < HELD_AT; i++) {
      Point at = at(line, length * i / HELD_AT);
      nodes.add(Node.curve(at.x(), at.y()));
    }
    return nodes;
  }

  private static List<Node> pointed(Outline outline, int side, int count, double deepMm) {
    List<Point> line = new Path(outline.side(side), false).flattened(NEAR_MM);
    double length = length(line);
    Region inside = Region.inside(outline.outline(), NEAR_MM);
    List<Node> nodes = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Point middle = at(line, length * (i + 0.5) / count);
      Point beside = at(line, length * (i + 0.5) / count + NEAR_MM).minus(middle);
      Point out = new Point(beside.y(), -beside.x()).times(1 / beside.length());
      if (inside.contains(middle.plus(out.times(BESIDE_MM)))) {
        out = out.times(-1);
      }
      Point tip = middle.plus(out.times(deepMm));
      nodes.add(Node.corner(tip.x(), tip.y()));
      if (i + 1 < count) {
        Point root = at(line, length * (i + 1) / count);
        nodes.add(Node.corner(root.x(), root.y()));
      }
    }
    return nodes;
  }

  private static double length(List<Point> line) {
    double length = 0;
    for (int i = 1; i < line.size(); i++) {
      length += line.get(i).distance(line.get(i - 1));
    }
    return length;
  }

  private static Point at(List<Point> line, double along) {
    double left = along;
    for (int i = 1; i < line.size(); i++) {
      double step = line.get(i).distance(line.get(i - 1));
      if (left <= step || i + 1 == line.size()) {
        return line.get(i - 1).towards(line.get(i), left / step);
      }
      left -= step;
    }
    throw new IllegalStateException("A side runs through two places or more");
  }
}
