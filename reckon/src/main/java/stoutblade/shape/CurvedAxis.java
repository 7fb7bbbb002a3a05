package stoutblade.shape;

import java.util.ArrayList;
import java.util.List;

/**
 * The centre line of a part that is curved: what is said of places along it and beside it is
 * measured on this line.
 *
 * @param nodes two or more, in mm, from its near end to its far one
 */
public record CurvedAxis(List<Node> nodes) {

  /** The most nodes of one. */
  public static final int MOST_NODES = 60;

  /** The shortest, in mm. */
  public static final double LEAST_MM = 5;

  private static final double APART_MM = 0.5;

  /**
   * A line whose ends lie nearer to each other than this share of it bends by a hundredth of it.
   */
  private static final double HARDLY_BENT = 0.9997;

  /** How far the nodes that are found may leave the line midway between the edges, in mm. */
  private static final double FOUND_MM = 0.3;

  /**
   * Copies the nodes and checks them.
   *
   * @throws IllegalArgumentException if there are too few or too many, two that follow one another
   *     lie in one place, or it is too short; the message can be shown
   */
  public CurvedAxis {
    nodes = List.copyOf(nodes);
    if (nodes.size() < 2 || nodes.size() > MOST_NODES) {
      throw new IllegalArgumentException(
          "A centre line has 2 to " + MOST_NODES + " nodes; found " + nodes.size());
    }
    double length = 0;
    for (int i = 0; i < nodes.size(); i++) {
      Point at = nodes.get(i).at();
      if (!(at.length() <= WholeOutline.FURTHEST_MM)) {
        throw new IllegalArgumentException("A node lies more than 100 m away; found " + at + " mm");
      }
      double step = i == 0 ? APART_MM : at.distance(nodes.get(i - 1).at());
      if (step < APART_MM) {
        throw new IllegalArgumentException(
            "Nodes of a centre line lie 0.5 mm apart or more; found " + step + " mm");
      }
      length += i == 0 ? 0 : step;
    }
    if (length < LEAST_MM) {
      throw new IllegalArgumentException(
          "A centre line is 5 mm long or longer; found " + length + " mm");
    }
  }

  /**
   * The line midway between the edges of an outline.
   *
   * @throws IllegalArgumentException where it is no bent strip; the message can be shown
   */
  public static CurvedAxis midway(Outline outline) {
    List<Point> line =
        CentreLine.of(Region.inside(outline.outline(), FOUND_MM / 10), HARDLY_BENT)
            .orElseThrow(
                () ->
                    new IllegalArgumentException(
                        "This outline does not bend: its centre line is straight. Draw one, or"
                            + " leave it straight"))
            .line();
    List<Node> nodes = new ArrayList<>();
    for (Node node : NodeFitting.open(line, FOUND_MM)) {
      nodes.add(Node.curve(node.at().x(), node.at().y()));
    }
    return new CurvedAxis(nodes);
  }

  /** The straight line up the middle of an outline, to be bent by hand. */
  public static CurvedAxis upright(Outline outline) {
    Box box = Box.around(outline.outline().flattened(FOUND_MM));
    double x = outline instanceof HalfOutline ? 0 : box.centre().x();
    return new CurvedAxis(
        List.of(
            Node.curve(x, box.minY()), Node.curve(x, box.centre().y()), Node.curve(x, box.maxY())));
  }

  /** The curves from each node to the next. */
  public List<List<Cubic>> eachSide() {
    return Spline.through(nodes);
  }

  /** The curve through the nodes. */
  public Path path() {
    return new Path(eachSide().stream().flatMap(List::stream).toList(), false);
  }

  /**
   * The same with a node in another place.
   *
   * @throws IllegalArgumentException if there is none of that number
   */
  public CurvedAxis with(int index, Point at) {
    List<Node> changed = new ArrayList<>(nodes);
    changed.set(checked(index), nodes.get(index).movedTo(at));
    return new CurvedAxis(changed);
  }

  /** The same with a node between two others, or before the first or after the last. */
  public CurvedAxis inserted(int index, Point at) {
    List<Node> changed = new ArrayList<>(nodes);
    changed.add(Math.clamp(index, 0, nodes.size()), Node.curve(at.x(), at.y()));
    return new CurvedAxis(changed);
  }

  /** The same without a node. */
  public CurvedAxis without(int index) {
    List<Node> changed = new ArrayList<>(nodes);
    changed.remove(checked(index));
    return new CurvedAxis(changed);
  }

  private int checked(int index) {
    if (index < 0 || index >= nodes.size()) {
      throw new IllegalArgumentException(
          "A centre line of " + nodes.size() + " nodes; found number " + (index + 1L));
    }
    return index;
  }

  /** The same made larger about the origin. */
  public CurvedAxis times(double factor) {
    return new CurvedAxis(nodes.stream().map(it -> it.times(factor)).toList());
  }

  /** The same in another place. */
  public CurvedAxis moved(Point by) {
    return new CurvedAxis(nodes.stream().map(it -> it.movedTo(it.at().plus(by))).toList());
  }
}
