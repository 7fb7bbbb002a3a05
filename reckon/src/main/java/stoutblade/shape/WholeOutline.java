package stoutblade.shape;

import java.util.ArrayList;
import java.util.List;

/**
 * A closed outline through nodes.
 *
 * @param nodes three or more in order round it, in mm; two where a side between them is an arc
 */
public record WholeOutline(List<Node> nodes) implements Outline {

  /** The most nodes that an outline takes. */
  public static final int MOST_NODES = 5000;

  private static final double CENTRED_MM = 0.1;

  /** The furthest a node lies from the origin, in mm. */
  public static final double FURTHEST_MM = 100_000;

  /**
   * Checks the number of nodes and how far they lie.
   *
   * @throws IllegalArgumentException if there are too few or too many, or one lies too far away
   */
  public WholeOutline {
    nodes = List.copyOf(nodes);
    boolean arcs = nodes.size() == 2 && nodes.stream().anyMatch(it -> it.bulge() != 0);
    if ((nodes.size() < 3 && !arcs) || nodes.size() > MOST_NODES) {
      throw new IllegalArgumentException(
          "A closed outline has 3 to " + MOST_NODES + " nodes; found " + nodes.size());
    }
    for (Node node : nodes) {
      if (node.at().length() > FURTHEST_MM) {
        throw new IllegalArgumentException(
            "A node lies more than 100 m away; found " + node.at() + " mm");
      }
    }
  }

  /** A circle about a place. */
  public static WholeOutline circle(Point centre, double radius) {
    Point across = new Point(radius, 0);
    return new WholeOutline(
        List.of(
            new Node(centre.plus(across), Node.Kind.CORNER, 0, 1),
            new Node(centre.minus(across), Node.Kind.CORNER, 0, 1)));
  }

  /** The same about its own middle. */
  public WholeOutline centred() {
    Point middle = Box.around(path().flattened(CENTRED_MM)).centre();
    return through(nodes.stream().map(it -> it.movedTo(it.at().minus(middle))).toList());
  }

  /** The curves through the nodes. */
  public Path path() {
    List<Cubic> all = new ArrayList<>();
    Spline.round(nodes).forEach(all::addAll);
    return new Path(all, true);
  }

  @Override
  public Path outline() {
    return path();
  }

  @Override
  public boolean drawn() {
    return true;
  }

  @Override
  public int sides() {
    return nodes.size();
  }

  @Override
  public List<List<Cubic>> eachSide() {
    return Spline.round(nodes);
  }

  @Override
  public List<Node> allNodes() {
    return nodes;
  }

  @Override
  public WholeOutline through(List<Node> changed) {
    return new WholeOutline(changed);
  }

  @Override
  public WholeOutline times(double factor) {
    return (WholeOutline) Outline.super.times(factor);
  }
}
