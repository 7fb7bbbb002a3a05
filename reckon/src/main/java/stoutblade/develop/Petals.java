package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * The flat pieces of a surface turned about an axis: a disc with darts, segments of it, or gores.
 *
 * @param profile the curve through the middle of the foam
 * @param parts how many darts, or gores
 * @param way how it is laid out
 * @param segments in how many equal segments the darted disc is cut
 */
record Petals(TurnedProfile profile, int parts, Dish.Way way, int segments) {

  private static final int MOST_PARTS = 96;
  private static final int CURVES = 24;

  /** Darts narrower than this are not cut: a knife's own width closes them. */
  private static final double KNIFE_MM = 0.3;

  /**
   * Checks the numbers.
   *
   * @throws IllegalArgumentException if they do not go together, with the reason
   */
  static void check(int parts, int segments) {
    if (parts < 3 || parts > MOST_PARTS) {
      throw new IllegalArgumentException(
          "There are 3 to " + MOST_PARTS + " darts or gores; found " + parts);
    }
    if (segments < 1 || parts % segments != 0) {
      throw new IllegalArgumentException(
          "The segments share the darts out evenly: "
              + parts
              + " darts do not make "
              + segments
              + " segments");
    }
  }

  /** The disc to cut, of which the way to the rim is half. */
  static Figure disc(String id, Figure reach) {
    return Figure.computed(
        id + ".disc",
        "Disc to cut, across",
        Quantity.LENGTH,
        "2 * {%s}".formatted(reach.id()),
        Source.GEOMETRY,
        reach);
  }

  /**
   * Where a place of the darted disc is seen along the axis, once it is closed.
   *
   * @param outsideMm half of the rim outside
   * @return nothing for a place in a dart or past the rim
   */
  Optional<Point> facing(Point place, double outsideMm) {
    double along = place.length();
    if (along > profile.length()) {
      return Optional.empty();
    }
    double turn = Math.atan2(place.y(), place.x());
    double petal = 2 * Math.PI / parts;
    double centre = Math.rint(turn / petal) * petal;
    double away = turn - centre;
    if (Math.abs(away) > half(along) + 1e-9) {
      return Optional.empty();
    }
    double round = centre + away / half(along) * petal / 2;
    double radius = profile.radius(along) * outsideMm / profile.rim();
    return Optional.of(new Point(radius * Math.cos(round), radius * Math.sin(round)));
  }

  /** The pieces to cut. */
  List<Panel> panels() {
    if (way == Dish.Way.GORES) {
      return List.of(gore());
    }
    double from = notable();
    if (segments == 1) {
      return List.of(disc(from));
    }
    return List.of(segment(from));
  }

  /** The way from the middle at which a dart is wider than a knife's cut, in mm. */
  private double notable() {
    double low = 0;
    double high = profile.length();
    for (int i = 0; i < 50; i++) {
      double middle = (low + high) / 2;
      if (2 * Math.PI * (middle - profile.radius(middle)) / parts < KNIFE_MM) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return low;
  }

  /** Half the angle that a petal between two darts takes at a way from the middle. */
  private double half(double along) {
    return along < 1e-9 ? Math.PI / parts : Math.PI * profile.radius(along) / along / parts;
  }

  /** The edge of a petal, on its left (+1) or right (−1) seen from the middle. */
  private Path petalEdge(double centre, int side, double from, double to) {
    return Path.following(
        s -> petalPlace(centre, side, s),
        s -> {
          double h = profile.length() * 1e-6;
          double low = Math.max(0, s - h);
          // Past the rim a drawn profile does not go on.
          double high = Math.min(profile.length(), s + h);
          return petalPlace(centre, side, high)
              .minus(petalPlace(centre, side, low))
              .times(1 / (high - low));
        },
        from,
        to,
        CURVES);
  }

  private Point petalPlace(double centre, int side, double along) {
    double angle = centre + side * half(along);
    return new Point(along * Math.cos(angle), along * Math.sin(angle));
  }

  private Path rim(double centre) {
    double half = half(profile.length());
    return Path.arc(new Point(0, 0), profile.length(), centre - half, centre + half);
  }

  private Panel disc(double from) {
    List<Edge> edges = new ArrayList<>();
    for (int i = 0; i < parts; i++) {
      double centre = 2 * Math.PI * i / parts;
      edges.add(Edge.free(rim(centre)));
      dart(edges, centre, from, Integer.toString(i + 1));
    }
    return Panel.of("Disc with " + parts + " darts", 1, edges);
  }

  /** The two edges of the dart after a petal, counter-clockwise. */
  private void dart(List<Edge> edges, double centre, double from, String number) {
    double next = centre + 2 * Math.PI / parts;
    Path in = petalEdge(centre, 1, profile.length(), from);
    Path out = petalEdge(next, -1, from, profile.length());
    // The dart ends in one point, between the two edges.
    Point tip = in.end().towards(out.start(), 0.5);
    edges.add(new Edge(number, endingAt(in, tip), 0));
    edges.add(new Edge(number, endingAt(out.reversed(), tip).reversed(), 0));
  }

  private static Path endingAt(Path path, Point tip) {
    List<Cubic> all = new ArrayList<>(path.cubics());
    Cubic last = all.removeLast();
    all.add(new Cubic(last.start(), last.control1(), last.control2(), tip));
    return new Path(all, false);
  }

  private Panel segment(double from) {
    int petals = parts / segments;
    List<Edge> edges = new ArrayList<>();
    edges.add(new Edge("A", petalEdge(0, -1, 0, profile.length()), 0));
    for (int i = 0; i < petals; i++) {
      double centre = 2 * Math.PI * i / parts;
      edges.add(Edge.free(rim(centre)));
      if (i < petals - 1) {
        dart(edges, centre, from, Integer.toString(i + 1));
      }
    }
    double last = 2 * Math.PI * (petals - 1) / parts;
    edges.add(new Edge("A", petalEdge(last, 1, profile.length(), 0), 0));
    return Panel.of("Segment, one of " + segments, segments, edges);
  }

  private Panel gore() {
    double length = profile.length();
    double share = Math.PI / parts;
    Path right =
        Path.following(
            s -> new Point(share * profile.radius(s), length - s),
            s -> new Point(share * profile.growth(s), -1),
            length,
            0,
            CURVES);
    Path left = right.moved(Point::mirrored).reversed();
    return Panel.of(
        "Gore",
        parts,
        List.of(
            Edge.free(Path.line(left.end(), right.start())),
            new Edge("A", right, 0),
            new Edge("A", left, 0)));
  }
}
