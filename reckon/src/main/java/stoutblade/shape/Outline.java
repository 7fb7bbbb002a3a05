package stoutblade.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A closed outline through nodes: drawn whole, or as half of one that is mirrored. */
public sealed interface Outline permits HalfOutline, WholeOutline {

  /** A curve is looked at in so many straight pieces where something near it is looked for. */
  int NEAREST_PIECES = 24;

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
    return eachSide().get(checked(index, sides()));
  }

  /**
   * The side of some that is nearest to a place.
   *
   * @param sides the curves of each
   * @param reach how near it has to be, in mm
   */
  static Optional<Integer> nearest(List<List<Cubic>> sides, Point place, double reach) {
    Integer best = null;
    double least = reach;
    for (int i = 0; i < sides.size(); i++) {
      for (Cubic cubic : sides.get(i)) {
        for (int part = 0; part < NEAREST_PIECES; part++) {
          double away =
              place.distanceToSegment(
                  cubic.at(part / (double) NEAREST_PIECES),
                  cubic.at((part + 1) / (double) NEAREST_PIECES));
          if (away <= least) {
            least = away;
            best = i;
          }
        }
      }
    }
    return Optional.ofNullable(best);
  }

  /** The same through other nodes. */
  Outline through(List<Node> changed);

  /** The node that a side ends at. */
  default int after(int side) {
    return (checked(side, nodes().size()) + 1) % nodes().size();
  }

  /**
   * A node by its number.
   *
   * @throws IllegalArgumentException if there is none
   */
  default Node node(int index) {
    return nodes().get(checked(index, nodes().size()));
  }

  private static int checked(int index, int count) {
    if (index < 0 || index >= count) {
      throw new IllegalArgumentException(
          "There are " + count + " places for a node; found number " + (index + 1L));
    }
    return index;
  }

  /** The outline with one node put in another's place. */
  default Outline with(int index, Node node) {
    List<Node> changed = new ArrayList<>(nodes());
    changed.set(checked(index, nodes().size()), node);
    return through(changed);
  }

  /** The outline with a node added before the given place. */
  default Outline inserted(int index, Node node) {
    List<Node> changed = new ArrayList<>(nodes());
    changed.add(checked(index, nodes().size() + 1), node);
    return through(changed);
  }

  /** The outline without one of its nodes. */
  default Outline without(int index) {
    List<Node> changed = new ArrayList<>(nodes());
    changed.remove(checked(index, nodes().size()));
    return through(changed);
  }

  /** The same made larger about the origin. */
  default Outline times(double factor) {
    return through(nodes().stream().map(it -> it.times(factor)).toList());
  }

  /** The nodes all round: those that were drawn, with their mirror images where half is drawn. */
  List<Node> allNodes();
}
