package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
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

  private static final int CURVES = 24;

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
    Petals.check(parts, segments);
  }

  private static double sphere(double rim, double depth) {
    return (rim * rim / 4 + depth * depth) / (2 * depth);
  }

  /** The curve through the middle of the foam. */
  public TurnedProfile.Cap profile() {
    double sphere = sphere(rimMm, depthMm);
    double quarter = Math.asin(Math.min(1, rimMm / 2 / sphere));
    return new TurnedProfile.Cap(
        sphere - foamMm / 2, depthMm > sphere ? Math.PI - quarter : quarter);
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
    TurnedProfile.Cap cap = new Dish(rim, depth, foam, darts, Way.DARTS, 1).profile();
    return 2 * Math.PI * (cap.length() - cap.rim()) / darts;
  }

  /** Where a place of the darted disc is seen along the axis; nothing for one in a dart. */
  public Optional<Point> facing(Point place) {
    return new Petals(profile(), parts, way, segments).facing(place, rimMm / 2);
  }

  @Override
  public Developed develop(String id) {
    List<Panel> panels = new Petals(profile(), parts, way, segments).panels();
    return new Developed(panels, figures(id), words(way));
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
    Figure disc = Petals.disc(id, reach);
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

  /** The outside from the middle to the rim: x from the axis, y above the rim, in mm. */
  public List<Point> outside() {
    double sphere = sphere(rimMm, depthMm);
    double opening = profile().opening();
    List<Point> points = new ArrayList<>();
    for (int i = 0; i <= CURVES; i++) {
      double angle = opening * i / CURVES;
      points.add(new Point(sphere * Math.sin(angle), depthMm - sphere * (1 - Math.cos(angle))));
    }
    return points;
  }

  /** What to mind when it is closed. */
  static List<String> words(Way way) {
    return way == Way.DARTS
        ? List.of(
            "Warm the disc over a round thing before the darts are glued, so that no seam pulls.",
            "A ring glued inside the rim stiffens it.")
        : List.of("Glue gores in pairs, the pairs in halves, the halves last.");
  }
}
