package stoutblade.shape;

/**
 * A point that an outline passes through.
 *
 * @param at where
 * @param kind whether the outline turns there or runs on smoothly
 */
public record Node(Point at, Kind kind) {

  /** How the outline passes a node. */
  public enum Kind {
    CORNER,
    CURVE
  }

  /** A node where the outline turns. */
  public static Node corner(double x, double y) {
    return new Node(new Point(x, y), Kind.CORNER);
  }

  /** A node that the outline runs through smoothly. */
  public static Node curve(double x, double y) {
    return new Node(new Point(x, y), Kind.CURVE);
  }

  /** The same kind of node elsewhere. */
  public Node movedTo(Point place) {
    return new Node(place, kind);
  }

  /** The node with the other kind. */
  public Node turned() {
    return new Node(at, kind == Kind.CORNER ? Kind.CURVE : Kind.CORNER);
  }
}
