package stoutblade.shape;

/**
 * A point of an outline, with the side that starts there.
 *
 * @param at where
 * @param kind how the outline passes it
 * @param ease the radius of a rounded corner, or how far back along each side a chamfer starts, in
 *     mm; 0 where nothing is taken off
 * @param bulge the tangent of a quarter of the angle of the arc that the side from here makes:
 *     positive where it runs counter-clockwise, 0 where the side is no arc
 */
public record Node(Point at, Kind kind, double ease, double bulge) {

  /** The most that an arc bulges: a little over three quarters of a circle. */
  public static final double MOST_BULGE = 2.5;

  private static final double LEAST_BULGE = 1e-9;
  private static final double MOST_EASE_MM = 5000;

  /** How the outline passes a node. */
  public enum Kind {
    CORNER("Corner"),
    CURVE("Curve"),
    ROUND("Rounded"),
    CHAMFER("Chamfered");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    /** The word on the screen. */
    public String words() {
      return words;
    }

    /** True where a size of the corner belongs to it. */
    public boolean eased() {
      return this == ROUND || this == CHAMFER;
    }
  }

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is out of range, with what it is
   */
  public Node {
    if (!(ease >= 0 && ease <= MOST_EASE_MM)) {
      throw new IllegalArgumentException(
          "A corner is rounded or chamfered by 0 to 5000 mm; found " + ease);
    }
    if (!(Math.abs(bulge) <= MOST_BULGE)) {
      throw new IllegalArgumentException(
          "An arc is at most three quarters of a circle; found "
              + Math.toDegrees(4 * Math.atan(Math.abs(bulge)))
              + "°");
    }
    // Its middle would lie beyond what can be reckoned with: nobody can tell it from a straight
    // one.
    bulge = Math.abs(bulge) < LEAST_BULGE ? 0 : bulge;
  }

  /** A node with nothing taken off, and no arc after it. */
  public Node(Point at, Kind kind) {
    this(at, kind, 0, 0);
  }

  /** A node where the outline turns. */
  public static Node corner(double x, double y) {
    return new Node(new Point(x, y), Kind.CORNER);
  }

  /** A node that the outline runs through smoothly. */
  public static Node curve(double x, double y) {
    return new Node(new Point(x, y), Kind.CURVE);
  }

  /** A node where the corner is rounded. */
  public static Node round(double x, double y, double radiusMm) {
    return new Node(new Point(x, y), Kind.ROUND, radiusMm, 0);
  }

  /** The same kind of node elsewhere. */
  public Node movedTo(Point place) {
    return new Node(place, kind, ease, bulge);
  }

  /** A corner made a curve, anything else a corner. */
  public Node turned() {
    return with(kind == Kind.CORNER ? Kind.CURVE : Kind.CORNER);
  }

  /** The node with another kind. */
  public Node with(Kind changed) {
    return new Node(at, changed, changed.eased() ? ease : 0, bulge);
  }

  /** The node with another size of its corner. */
  public Node withEase(double mm) {
    return new Node(at, kind, mm, bulge);
  }

  /** The node with another arc after it. */
  public Node withBulge(double changed) {
    return new Node(at, kind, ease, changed);
  }

  /** The node of the outline made larger about the origin. */
  Node times(double factor) {
    return new Node(at.times(factor), kind, ease * factor, bulge);
  }
}
