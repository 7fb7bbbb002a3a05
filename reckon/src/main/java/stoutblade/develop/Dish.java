package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A dish or dome: a cap of a sphere, laid out as a disc with darts, as segments of it, or as gores.
 *
 * <p>At the way s from the middle the sheet has the girth 2πs and the dish 2πr(s): the darts take
 * the difference, so each of n is 2π(s − r)/n wide there.
 *
 * @param rimMm outside diameter of the rim, in mm
 * @param depthMm depth outside from the rim to the middle, in mm; half the diameter for a dome
 * @param foamMm the foam's thickness, in mm
 * @param parts how many darts, or gores
 * @param way how it is laid out
 * @param segments in how many equal segments the darted disc is cut; divides the number of darts
 */
public record Dish(double rimMm, double depthMm, double foamMm, int parts, Way way, int segments)
    implements Form {

  /** How a dish is laid out. */
  public enum Way {
    DARTS,
    GORES
  }

  private static final int MOST_PARTS = 96;
  private static final int CURVES = 24;

  /** Darts narrower than this are not cut: a knife's own width closes them. */
  private static final double KNIFE_MM = 0.3;

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if they make no dish, with the reason
   */
  public Dish {
    Form.above(rimMm, 0, "The rim's diameter in mm");
    Form.above(foamMm, 0, "The foam's thickness in mm");
    Form.above(depthMm, 0, "The depth in mm");
    Form.above(sphere(rimMm, depthMm) - foamMm, 0, "The curve's radius less the foam in mm");
    if (depthMm > rimMm) {
      throw new IllegalArgumentException(
          "A dish deeper than it is wide cannot be laid out as one; found "
              + depthMm
              + " mm deep, "
              + rimMm
              + " mm across");
    }
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

  private static double sphere(double rim, double depth) {
    return (rim * rim / 4 + depth * depth) / (2 * depth);
  }

  /** The curve through the middle of the foam. */
  public Profile.Cap profile() {
    double sphere = sphere(rimMm, depthMm);
    double quarter = Math.asin(Math.min(1, rimMm / 2 / sphere));
    return new Profile.Cap(sphere - foamMm / 2, depthMm > sphere ? Math.PI - quarter : quarter);
  }

  /**
   * The depth that comes of darts of a width at the rim.
   *
   * @param dartMm width of each dart at the rim, in mm
   * @throws IllegalArgumentException if no dish up to a dome has such darts
   */
  public static double depthOf(double rimMm, double foamMm, int darts, double dartMm) {
    double low = rimMm * 1e-6;
    double high = rimMm / 2;
    if (dartAt(rimMm, high, foamMm, darts) < dartMm || !(dartMm > 0)) {
      throw new IllegalArgumentException(
          "Darts of "
              + dartMm
              + " mm are wider than a whole dome's, or none; at most "
              + Math.floor(dartAt(rimMm, high, foamMm, darts) * 10) / 10
              + " mm here");
    }
    for (int i = 0; i < 60; i++) {
      double middle = (low + high) / 2;
      if (dartAt(rimMm, middle, foamMm, darts) < dartMm) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return (low + high) / 2;
  }

  private static double dartAt(double rim, double depth, double foam, int darts) {
    Profile.Cap cap = new Dish(rim, depth, foam, darts, Way.DARTS, 1).profile();
    return 2 * Math.PI * (cap.length() - cap.rim()) / darts;
  }

  @Override
  public Developed develop(String id) {
    return new Developed(panels(profile()), figures(id), words());
  }

  private List<Figure> figures(String id) {
    Figure rim = Form.length(id + ".rim", "Rim outside, across", rimMm);
    Figure depth = Form.length(id + ".depth", "Depth outside", depthMm);
    Figure foam = Form.length(id + ".foam", "Foam", foamMm);
    Figure count = Form.count(id + ".parts", way == Way.DARTS ? "Darts" : "Gores", parts);
    Figure sphere =
        Figure.computed(
            id + ".sphere",
            "Radius of the curve outside",
            Quantity.LENGTH,
            "({%1$s}^2 / 4 + {%2$s}^2) / (2 * {%2$s})".formatted(rim.id(), depth.id()),
            Source.handbook("spherical cap: r = (a² + h²) / 2h"),
            rim,
            depth);
    String quarter = "asin(min(1, {%s} / 2 / {%s}))".formatted(rim.id(), sphere.id());
    boolean past = depthMm > sphere.value();
    Figure opening =
        Figure.computed(
            id + ".opening",
            "From the middle to the rim, at the centre of the curve",
            Quantity.ANGLE,
            past ? "pi - " + quarter : quarter,
            Source.GEOMETRY,
            rim,
            sphere);
    Figure reach =
        Figure.computed(
            id + ".reach",
            "From the middle to the rim, along the foam",
            Quantity.LENGTH,
            "({%s} - {%s} / 2) * {%s}".formatted(sphere.id(), foam.id(), opening.id()),
            THROUGH_THE_MIDDLE,
            sphere,
            foam,
            opening);
    if (way == Way.GORES) {
      Figure wide =
          Figure.computed(
              id + ".wide",
              "A gore at the rim",
              Quantity.LENGTH,
              "2 * pi * ({%s} - {%s} / 2) * sin({%s}) / {%s}"
                  .formatted(sphere.id(), foam.id(), opening.id(), count.id()),
              THROUGH_THE_MIDDLE,
              sphere,
              foam,
              opening,
              count);
      return List.of(reach, wide, sphere, opening);
    }
    Figure disc =
        Figure.computed(
            id + ".disc",
            "Disc to cut, across",
            Quantity.LENGTH,
            "2 * {%s}".formatted(reach.id()),
            Source.GEOMETRY,
            reach);
    Figure dart =
        Figure.computed(
            id + ".dart",
            "Each dart at the rim",
            Quantity.LENGTH,
            "2 * pi * ({%1$s} - ({%2$s} - {%3$s} / 2) * sin({%4$s})) / {%5$s}"
                .formatted(reach.id(), sphere.id(), foam.id(), opening.id(), count.id()),
            Source.handbook("the girth of the disc less the girth of the cap, shared out"),
            reach,
            sphere,
            foam,
            opening,
            count);
    return List.of(disc, dart, reach, sphere, opening);
  }

  private List<String> words() {
    return way == Way.DARTS
        ? List.of(
            "Warm the disc over a round thing before the darts are glued, so that no seam pulls.",
            "A ring glued inside the rim stiffens it.")
        : List.of("Glue gores in pairs, the pairs in halves, the halves last.");
  }

  // == PANELS

  private List<Panel> panels(Profile profile) {
    if (way == Way.GORES) {
      return List.of(gore(profile));
    }
    double from = notable(profile);
    if (segments == 1) {
      return List.of(disc(profile, from));
    }
    return List.of(segment(profile, from));
  }

  /** The way from the middle at which a dart is wider than a knife's cut, in mm. */
  private double notable(Profile profile) {
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
  private double half(Profile profile, double along) {
    return along < 1e-9 ? Math.PI / parts : Math.PI * profile.radius(along) / along / parts;
  }

  /** The edge of a petal, on its left (+1) or right (−1) seen from the middle. */
  private Path petalEdge(Profile profile, double centre, int side, double from, double to) {
    return Path.following(
        s -> petalPlace(profile, centre, side, s),
        s -> {
          double h = profile.length() * 1e-6;
          double low = Math.max(0, s - h);
          return petalPlace(profile, centre, side, s + h)
              .minus(petalPlace(profile, centre, side, low))
              .times(1 / (s + h - low));
        },
        from,
        to,
        CURVES);
  }

  private Point petalPlace(Profile profile, double centre, int side, double along) {
    double angle = centre + side * half(profile, along);
    return new Point(along * Math.cos(angle), along * Math.sin(angle));
  }

  private Path rim(Profile profile, double centre) {
    double half = half(profile, profile.length());
    return Path.arc(new Point(0, 0), profile.length(), centre - half, centre + half);
  }

  private Panel disc(Profile profile, double from) {
    List<Edge> edges = new ArrayList<>();
    for (int i = 0; i < parts; i++) {
      double centre = 2 * Math.PI * i / parts;
      edges.add(Edge.free(rim(profile, centre)));
      dart(edges, profile, centre, from, Integer.toString(i + 1));
    }
    return Panel.of("Disc with " + parts + " darts", 1, edges);
  }

  /** The two edges of the dart after a petal, counter-clockwise. */
  private void dart(List<Edge> edges, Profile profile, double centre, double from, String number) {
    double next = centre + 2 * Math.PI / parts;
    Path in = petalEdge(profile, centre, 1, profile.length(), from);
    Path out = petalEdge(profile, next, -1, from, profile.length());
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

  private Panel segment(Profile profile, double from) {
    int petals = parts / segments;
    List<Edge> edges = new ArrayList<>();
    edges.add(new Edge("A", petalEdge(profile, 0, -1, 0, profile.length()), 0));
    for (int i = 0; i < petals; i++) {
      double centre = 2 * Math.PI * i / parts;
      edges.add(Edge.free(rim(profile, centre)));
      if (i < petals - 1) {
        dart(edges, profile, centre, from, Integer.toString(i + 1));
      }
    }
    double last = 2 * Math.PI * (petals - 1) / parts;
    edges.add(new Edge("A", petalEdge(profile, last, 1, profile.length(), 0), 0));
    return Panel.of("Segment, one of " + segments, segments, edges);
  }

  private Panel gore(Profile profile) {
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
