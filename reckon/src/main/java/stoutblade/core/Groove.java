package stoutblade.core;

import java.util.List;
import java.util.stream.IntStream;
import stoutblade.shape.Point;

/** How the channel of a core is cut. Lengths in mm; heights are over the middle of the core. */
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

  /** How it is cut for a core: what has flat sides lies in a square channel. */
  public Groove of(RodSection core) {
    return core.square() ? SQUARE : this;
  }

  /** Up to what height it is cut from the middle, for a core with a section. */
  public double reach(RodSection core) {
    return of(core).reach * core.radius();
  }

  /** Half its width at a height. */
  public double half(RodSection core, double height) {
    double radius = core.radius();
    double up = Math.min(Math.abs(height), reach(core));
    return core.flat()
        + switch (of(core)) {
          case ROUND -> Math.sqrt(radius * radius - up * up);
          case VEE -> reach(core) - up;
          case SQUARE -> radius;
        };
  }

  /** The area of its section from the middle up to a height, below 0 for one below, in mm². */
  double upTo(RodSection core, double height) {
    double radius = core.radius();
    double up = Math.clamp(height, -reach(core), reach(core));
    double share = up / radius;
    return 2 * core.flat() * up
        + switch (of(core)) {
          case ROUND -> radius * radius * (Math.asin(share) + share * Math.sqrt(1 - share * share));
          case VEE -> 2 * up * reach(core) - up * Math.abs(up);
          case SQUARE -> 2 * radius * up;
        };
  }

  /** The area of its whole section, in mm². */
  public double area(RodSection core) {
    return 2 * upTo(core, reach(core));
  }

  /** Places on its upper right outline, x across and y up: where foam over it is measured. */
  List<Point> places(RodSection core) {
    double radius = core.radius();
    double flat = core.flat();
    return switch (of(core)) {
      case ROUND ->
          IntStream.range(0, ROUND_PLACES)
              .mapToDouble(i -> Math.PI / 2 * i / ROUND_PLACES)
              .mapToObj(it -> new Point(flat + radius * Math.sin(it), radius * Math.cos(it)))
              .toList();
      case VEE -> List.of(new Point(flat, reach(core)), new Point(flat + reach(core), 0));
      case SQUARE -> List.of(new Point(0, radius), new Point(flat + radius, radius));
    };
  }
}
