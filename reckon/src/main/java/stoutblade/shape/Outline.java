package stoutblade.shape;

import java.util.ArrayList;
import java.util.List;

/** A closed outline through nodes: drawn whole, or as half of one that is mirrored. */
public sealed interface Outline permits HalfOutline, WholeOutline {

  /** The nodes that were drawn, in order, in mm. */
  List<Node> nodes();

  /** True where there is enough of it to be a shape. */
  boolean drawn();

  /**
   * The curves all round.
   *
   * @throws IllegalStateException if nothing is drawn
   */
  Path outline();

  /** How many sides run from one drawn node to the next. */
  int sides();

  /**
   * The curves of every side, each from its node to the next, with the corner at its start: worked
   * out together, as each depends on its neighbours.
   */
  List<List<Cubic>> eachSide();

  /** The curves of one side. */
  default List<Cubic> side(int index) {
    return eachSide().get(index);
  }

  /** The same through other nodes. */
  Outline through(List<Node> changed);

  /** The node that a side ends at. */
  default int after(int side) {
    return (side + 1) % nodes().size();
  }

  /** The outline with one node put in another's place. */
  default Outline with(int index, Node node) {
    List<Node> changed = new ArrayList<>(nodes());
    changed.set(index, node);
    return through(changed);
  }

  /** The outline with a node added before the given place. */
  default Outline inserted(int index, Node node) {
    List<Node> changed = new ArrayList<>(nodes());
    changed.add(index, node);
    return through(changed);
  }

  /** The outline without one of its nodes. */
  default Outline without(int index) {
    List<Node> changed = new ArrayList<>(nodes());
    changed.remove(index);
    return through(changed);
  }

  /** The same made larger about the origin. */
  default Outline times(double factor) {
    return through(nodes().stream().map(it -> it.times(factor)).toList());
  }

  /** The nodes all round: those that were drawn, with their mirror images where half is drawn. */
  List<Node> allNodes();
}
