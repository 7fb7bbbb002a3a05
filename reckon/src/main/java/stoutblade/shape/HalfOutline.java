package stoutblade.shape;

import java.util.ArrayList;
import java.util.List;

/**
 * Half of an outline, mirrored about the centre line x = 0.
 *
 * <p>The nodes run from the base, y = 0, to the tip along the side with positive x. A last node on
 * the centre line makes a point (corner) or a round (curve); off it, the tip is cut square.
 *
 * @param nodes the nodes, in mm; none while nothing is drawn
 */
public record HalfOutline(List<Node> nodes) implements Outline {

  /** An outline that is not drawn yet. */
  public static final HalfOutline EMPTY = new HalfOutline(List.of());

  /** The most nodes that an outline takes. */
  public static final int MOST_NODES = 2000;

  /** The furthest a node lies from the base, in mm. */
  public static final double FURTHEST_MM = 10_000;

  private static final double ON_CENTRE = 1e-9;

  /**
   * Checks count and extent.
   *
   * @throws IllegalArgumentException if the first node is off the base, or another lies below it,
   *     left of the centre line or out of reach
   */
  public HalfOutline {
    nodes = List.copyOf(nodes);
    if (nodes.size() > MOST_NODES) {
      throw new IllegalArgumentException(
          "An outline takes at most " + MOST_NODES + " nodes; found " + nodes.size());
    }
    if (!nodes.isEmpty() && nodes.getFirst().at().y() != 0) {
      throw new IllegalArgumentException(
          "The first node lies on the base, at 0 along the blade; found "
              + nodes.getFirst().at().y());
    }
    for (int i = 0; i < nodes.size(); i++) {
      check(i, nodes.get(i).at());
    }
  }

  private static void check(int index, Point at) {
    if (at.x() < 0) {
      throw new IllegalArgumentException(
          "Node "
              + (index + 1)
              + " lies "
              + -at.x()
              + " mm beyond the centre line; half an outline"
              + " stays on one side of it");
    }
    if (at.y() < 0) {
      throw new IllegalArgumentException(
          "Node " + (index + 1) + " lies below the base; found " + at.y() + " mm along the blade");
    }
    if (at.length() > FURTHEST_MM) {
      throw new IllegalArgumentException(
          "Node " + (index + 1) + " lies more than 10 m from the base; found " + at);
    }
  }

  @Override
  public boolean drawn() {
    return nodes.size() >= 2
        && nodes.stream().anyMatch(node -> node.at().x() > ON_CENTRE)
        && box().height() > 0;
  }

  private Box box() {
    return Box.around(nodes.stream().map(Node::at).toList());
  }

  /**
   * The edge from the base on one side round the tip to the base on the other.
   *
   * @throws IllegalStateException if nothing is drawn
   */
  public Path edge() {
    if (!drawn()) {
      throw new IllegalStateException("The outline is not drawn yet");
    }
    List<Cubic> all = new ArrayList<>();
    Spline.through(allNodes()).forEach(all::addAll);
    return new Path(all, false);
  }

  /** The whole outline: the edge, closed along the base. */
  @Override
  public Path outline() {
    List<Cubic> cubics = new ArrayList<>(edge().cubics());
    Point baseRight = cubics.getFirst().start();
    Point baseLeft = cubics.getLast().end();
    if (baseRight.distance(baseLeft) > ON_CENTRE) {
      cubics.add(Cubic.line(baseLeft, baseRight));
    }
    return new Path(cubics, true);
  }

  @Override
  public List<Node> allNodes() {
    List<Node> all = new ArrayList<>(nodes);
    if (all.isEmpty()) {
      return all;
    }
    int last = nodes.size() - 1;
    boolean pointed = nodes.getLast().at().x() <= ON_CENTRE;
    // The side across a square tip is straight; a mirrored arc bulges as its image does.
    all.set(last, nodes.getLast().withBulge(pointed ? bulgeBefore(last) : 0));
    for (int i = pointed ? last - 1 : last; i >= 0; i--) {
      Node node = nodes.get(i);
      all.add(node.movedTo(node.at().mirrored()).withBulge(bulgeBefore(i)));
    }
    return all;
  }

  private double bulgeBefore(int index) {
    return index == 0 ? 0 : nodes.get(index - 1).bulge();
  }

  @Override
  public int sides() {
    return Math.max(0, nodes.size() - 1);
  }

  @Override
  public List<List<Cubic>> eachSide() {
    return Spline.through(allNodes()).subList(0, sides());
  }

  @Override
  public HalfOutline through(List<Node> changed) {
    return new HalfOutline(changed);
  }

  @Override
  public HalfOutline times(double factor) {
    return (HalfOutline) Outline.super.times(factor);
  }

  @Override
  public HalfOutline with(int index, Node node) {
    return (HalfOutline) Outline.super.with(index, node);
  }

  @Override
  public HalfOutline inserted(int index, Node node) {
    return (HalfOutline) Outline.super.inserted(index, node);
  }

  @Override
  public HalfOutline without(int index) {
    return (HalfOutline) Outline.super.without(index);
  }
}
