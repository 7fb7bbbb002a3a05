package stoutblade.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** Outlines with a length, angle, radius or width that was typed, met exactly. */
public final class Exact {

  private static final double TOLERANCE_MM = 0.002;

  /** Where an offset point comes to lie turns on the direction of its last short pieces. */
  private static final double TIP_MM = 1e-4;

  /** Nodes are fitted to an offset so closely that it keeps within 0.02 mm of the true one. */
  private static final double FITTED_MM = 0.01;

  private static final double LENGTH_OFF_MM = 1e-6;
  private static final double NEAR_MM = 0.5;
  private static final double MOST_OFFSET_MM = 1000;
  private static final int ROUNDS = 60;

  private Exact() {}

  // == MEASURES

  /** The length of a side from corner to corner, in mm, its rounded ends left out. */
  public static double length(Outline outline, int side) {
    Node start = outline.node(side);
    Point end = outline.node(outline.after(side)).at();
    if (start.bulge() != 0 && !start.at().equals(end)) {
      return Arc.between(start.at(), end, start.bulge()).length();
    }
    List<Cubic> curves = outline.side(side);
    return curves.stream().allMatch(Cubic::straight) || cornered(outline, side)
        ? start.at().distance(end)
        : new Path(curves, false).length(TOLERANCE_MM);
  }

  private static boolean cornered(Outline outline, int side) {
    return outline.node(side).kind() != Node.Kind.CURVE
        && outline.node(outline.after(side)).kind() != Node.Kind.CURVE;
  }

  /** The angle between the two sides at a node, inside the outline run counter-clockwise. */
  public static double angle(Outline outline, int index) {
    List<Node> all = outline.allNodes();
    Point here = outline.node(index).at();
    Point in = all.get(Math.floorMod(index - 1, all.size())).at().minus(here);
    Point out = all.get((index + 1) % all.size()).at().minus(here);
    double angle = out.angleTo(in);
    return angle < 0 ? angle + 2 * Math.PI : angle;
  }

  /** The radius of a side that is an arc, in mm; 0 for one that is none. */
  public static double radius(Outline outline, int side) {
    Node start = outline.node(side);
    return start.bulge() == 0
        ? 0
        : Math.copySign(
            Arc.between(start.at(), outline.node(outline.after(side)).at(), start.bulge()).radius(),
            start.bulge());
  }

  // == SETTING

  /**
   * Makes a side so long: its end moves along the line from its start.
   *
   * @param mm above 0
   */
  public static Outline withLength(Outline outline, int side, double mm) {
    if (!(mm > 0)) {
      throw new IllegalArgumentException("A side has a length above 0; found " + mm + " mm");
    }
    Outline changed = outline;
    // A curve's length does not follow its chord quite evenly: repeated until it is met.
    for (int i = 0; i < ROUNDS; i++) {
      double now = length(changed, side);
      if (Math.abs(now - mm) < LENGTH_OFF_MM) {
        break;
      }
      int end = changed.after(side);
      Point from = changed.node(side).at();
      Node node = changed.node(end);
      changed = changed.with(end, node.movedTo(from.towards(node.at(), mm / now)));
    }
    return changed;
  }

  /** Turns the side after a node about it so that the two sides meet at an angle, in radians. */
  public static Outline withAngle(Outline outline, int index, double radians) {
    if (!(radians > 0 && radians < 2 * Math.PI)) {
      throw new IllegalArgumentException(
          "Two sides meet at more than 0° and less than 360°; found " + Math.toDegrees(radians));
    }
    if (index >= outline.sides()) {
      throw new IllegalArgumentException("No side starts at the last node of half an outline");
    }
    return turned(outline, index, angle(outline, index) - radians);
  }

  /** Turns a side about its start so that it runs as another one does, or straight against it. */
  public static Outline parallel(Outline outline, int side, int as) {
    if (side == as) {
      throw new IllegalArgumentException("A side is parallel to itself: choose another");
    }
    double turn = direction(outline, as) - direction(outline, side);
    return turned(outline, side, turn - Math.PI * Math.rint(turn / Math.PI));
  }

  private static double direction(Outline outline, int side) {
    Point way = outline.node(outline.after(side)).at().minus(outline.node(side).at());
    return Math.atan2(way.y(), way.x());
  }

  private static Outline turned(Outline outline, int side, double by) {
    int end = outline.after(side);
    Point about = outline.node(side).at();
    Node node = outline.node(end);
    Point turned = about.plus(node.at().minus(about).turned(by));
    return outline.with(end, node.movedTo(snapped(turned)));
  }

  /** Places off the centre line or the base by rounding errors only are on it. */
  private static Point snapped(Point at) {
    return new Point(Math.abs(at.x()) < 1e-9 ? 0 : at.x(), Math.abs(at.y()) < 1e-9 ? 0 : at.y());
  }

  /**
   * Makes a side an arc of a radius, or straight.
   *
   * @param mm positive where it runs counter-clockwise, outwards on most outlines; 0 for straight
   */
  public static Outline withRadius(Outline outline, int side, double mm) {
    Node start = outline.node(side);
    double chord = start.at().distance(outline.node(outline.after(side)).at());
    return outline.with(side, start.withBulge(mm == 0 ? 0 : Arc.bulge(chord, mm)));
  }

  /**
   * Makes half an outline so wide at a station: a node near it moves there, else one is added.
   *
   * @param station from the base, in mm
   * @param mm the whole width, above 0
   */
  public static HalfOutline withWidth(HalfOutline half, double station, double mm) {
    double most = half.nodes().stream().mapToDouble(it -> it.at().y()).max().orElse(0);
    if (!(mm > 0) || !(station >= 0 && station < most)) {
      throw new IllegalArgumentException(
          "A width above 0 at a station from 0 to below "
              + Math.rint(most * 10) / 10
              + " mm; found "
              + mm
              + " at "
              + station);
    }
    Point at = new Point(mm / 2, station);
    for (int i = 0; i < half.nodes().size(); i++) {
      Node node = half.node(i);
      if (Math.abs(node.at().y() - station) < NEAR_MM && node.at().x() > 0) {
        return half.with(i, node.movedTo(new Point(at.x(), node.at().y())));
      }
    }
    return half.inserted(sideAt(half, station) + 1, new Node(at, Node.Kind.CURVE));
  }

  /** The outermost side that crosses a station. */
  private static int sideAt(HalfOutline half, double station) {
    int best = -1;
    double widest = -1;
    for (int i = 0; i < half.sides(); i++) {
      List<Point> points = new Path(half.side(i), false).flattened(0.1);
      for (int k = 1; k < points.size(); k++) {
        double low = points.get(k - 1).y();
        double high = points.get(k).y();
        if (Math.min(low, high) <= station && station <= Math.max(low, high)) {
          double x = Math.max(points.get(k - 1).x(), points.get(k).x());
          if (x > widest) {
            widest = x;
            best = i;
          }
        }
      }
    }
    if (best < 0) {
      throw new IllegalArgumentException("The outline does not cross " + station + " mm");
    }
    return best;
  }

  // == SEVERAL NODES

  /** Which way nodes are brought in line. */
  public enum Line {
    /** One distance from the centre line. */
    ACROSS,
    /** One distance along. */
    ALONG
  }

  /** Brings nodes in line with the first of them. */
  public static Outline aligned(Outline outline, List<Integer> indices, Line line) {
    if (indices.size() < 2) {
      throw new IllegalArgumentException("Choose two nodes or more: click them with Ctrl held");
    }
    Point first = outline.node(indices.getFirst()).at();
    Outline changed = outline;
    for (int index : indices) {
      Node node = changed.node(index);
      Point at =
          line == Line.ACROSS
              ? new Point(first.x(), node.at().y())
              : new Point(node.at().x(), first.y());
      changed = changed.with(index, node.movedTo(at));
    }
    return changed;
  }

  /** Spaces nodes evenly on the straight line from the first to the last in order round. */
  public static Outline spaced(Outline outline, List<Integer> indices) {
    Set<Integer> order = new TreeSet<>(indices);
    if (order.size() < 3) {
      throw new IllegalArgumentException("Choose three nodes or more: click them with Ctrl held");
    }
    List<Integer> in = new ArrayList<>(order);
    Point from = outline.node(in.getFirst()).at();
    Point to = outline.node(in.getLast()).at();
    Outline changed = outline;
    for (int i = 1; i + 1 < in.size(); i++) {
      Node node = changed.node(in.get(i));
      changed = changed.with(in.get(i), node.movedTo(from.towards(to, i / (in.size() - 1.0))));
    }
    return changed;
  }

  // == THE WHOLE

  /**
   * The outline moved outwards all round, or inwards, corners sharp.
   *
   * @param mm outwards where positive
   * @throws IllegalArgumentException if nothing is left
   */
  public static WholeOutline offset(Outline outline, double mm) {
    if (!outline.drawn()) {
      throw new IllegalArgumentException("There is no outline yet to offset");
    }
    if (!(Math.abs(mm) <= MOST_OFFSET_MM)) {
      throw new IllegalArgumentException("An outline is offset by up to 1 m; found " + mm + " mm");
    }
    Region region = Region.inside(outline.outline(), TIP_MM).offset(mm, TOLERANCE_MM);
    List<Point> ring =
        region.rings().stream()
            .max(Comparator.comparing(Exact::reach))
            .orElseThrow(
                () -> new IllegalArgumentException("Nothing is left " + -mm + " mm further in"));
    return NodeFitting.closed(ring, FITTED_MM);
  }

  private static double reach(List<Point> ring) {
    Box box = Box.around(ring);
    return box.width() * box.height();
  }

  /** Half an outline as a whole one. */
  public static WholeOutline whole(Outline outline) {
    List<Node> nodes = new ArrayList<>();
    for (Node node : outline.allNodes()) {
      if (nodes.isEmpty() || nodes.getLast().at().distance(node.at()) > LENGTH_OFF_MM) {
        nodes.add(node);
      }
    }
    if (nodes.size() > 1 && nodes.getFirst().at().distance(nodes.getLast().at()) < LENGTH_OFF_MM) {
      nodes.removeLast();
    }
    // The ends of half an outline are corners; inside a whole one they would be curves.
    if (outline instanceof HalfOutline half && !nodes.isEmpty()) {
      nodes.set(0, cornered(nodes.getFirst()));
      if (half.nodes().getFirst().at().x() > 0) {
        nodes.set(nodes.size() - 1, cornered(nodes.getLast()));
      }
    }
    return new WholeOutline(nodes);
  }

  private static Node cornered(Node node) {
    return node.kind() == Node.Kind.CURVE ? node.with(Node.Kind.CORNER) : node;
  }
}
