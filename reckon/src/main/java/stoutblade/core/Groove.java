package stoutblade.core;

import java.util.List;
import stoutblade.shape.Point;

/**
 * How the channel of a round core is cut. Lengths in mm; heights are over the middle of the core.
 */
public enum Groove {
  /** Rounded out with a ball-nosed bit, so that it holds the rod all round. */
  ROUND("Round", 1),
  /** Two cuts at 45°, so deep that the rod touches both sides. */
  VEE("V, at 45°", Math.sqrt(2)),
  /** As wide as the rod with a flat ground, as a router with a straight bit cuts it. */
  SQUARE("Square", 1);

  private static final int ROUND_PLACES = 6;

  private final String title;
  private final double reach;

  Groove(String title, double reach) {
    this.title = title;
    this.reach = reach;
  }

  /** Its name on the screen. */
  public String title() {
    return title;
  }

  /** Up to what height it is cut from the middle, for a core of a radius. */
  public double reach(double radius) {
    return reach * radius;
  }

  /** Half its width at a height. */
  public double half(double radius, double height) {
    double up = Math.min(Math.abs(height), reach(radius));
    return switch (this) {
      case ROUND -> Math.sqrt(radius * radius - up * up);
      case VEE -> reach(radius) - up;
      case SQUARE -> radius;
    };
  }

  /** The area of its section from the middle up to a height, below 0 for one below, in mm². */
  double upTo(double radius, double height) {
    double up = Math.clamp(height, -reach(radius), reach(radius));
    double share = up / radius;
    return switch (this) {
      case ROUND -> radius * radius * (Math.asin(share) + share * Math.sqrt(1 - share * share));
      case VEE -> 2 * up * reach(radius) - up * Math.abs(up);
      case SQUARE -> 2 * radius * up;
    };
  }

  /** The area of its whole section, in mm². */
  public double area(double radius) {
    return 2 * upTo(radius, reach(radius));
  }

  /** Places on its upper right outline, x across and y up: where foam over it is measured. */
  List<Point> places(double radius) {
    return switch (this) {
      case ROUND ->
          java.util.stream.IntStream.range(0, ROUND_PLACES)
              .mapToDouble(i -> Math.PI / 2 * i / ROUND_PLACES)
              .mapToObj(it -> new Point(radius * Math.sin(it), radius * Math.cos(it)))
              .toList();
      case VEE -> List.of(new Point(0, reach(radius)), new Point(reach(radius), 0));
      case SQUARE -> List.of(new Point(0, radius), new Point(radius, radius));
    };
  }
}
