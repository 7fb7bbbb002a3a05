package stoutblade.shape;

import java.util.List;

/**
 * A closed outline through nodes.
 *
 * @param nodes three or more, in order round it, in mm
 */
public record Outline(List<Node> nodes) {

  /** The most nodes that an outline takes. */
  public static final int MOST_NODES = 5000;

  /**
   * Checks the number of nodes.
   *
   * @throws IllegalArgumentException if there are too few or too many
   */
  public Outline {
    nodes = List.copyOf(nodes);
    if (nodes.size() < 3 || nodes.size() > MOST_NODES) {
      throw new IllegalArgumentException(
          "A closed outline has 3 to " + MOST_NODES + " nodes; found " + nodes.size());
    }
  }

  /** The curves through the nodes. */
  public Path path() {
    return new Path(Spline.round(nodes), true);
  }

  /** The same enlarged about the origin. */
  public Outline times(double factor) {
    return new Outline(nodes.stream().map(node -> node.movedTo(node.at().times(factor))).toList());
  }
}
