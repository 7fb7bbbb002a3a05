package stoutblade.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Homography;
import stoutblade.shape.Point;

/**
 * What a measure on a picture comes to, at the size in which the prop is made.
 *
 * @param measure the measure
 * @param figures its figures, the main one first; none where it takes a scale and there is none
 */
public record Measured(Measure measure, List<Figure> figures) {

  private static final Source MARKED = Source.measured("places marked on the picture");

  static Measured of(Measure measure, Scale scale, Figure factor) {
    return new Measured(measure, new Work(measure, scale, factor).figures());
  }

  /** The main figure. */
  public Optional<Figure> main() {
    return figures.stream().findFirst();
  }

  /** The circle through three points: its centre and radius; empty where they lie on one line. */
  static Optional<Circle> circle(Point a, Point b, Point c) {
    double d = 2 * (a.x() * (b.y() - c.y()) + b.x() * (c.y() - a.y()) + c.x() * (a.y() - b.y()));
    double size = Math.max(a.distance(b), Math.max(b.distance(c), c.distance(a)));
    if (Math.abs(d) < 1e-9 * size * size) {
      return Optional.empty();
    }
    double x =
        (a.dot(a) * (b.y() - c.y()) + b.dot(b) * (c.y() - a.y()) + c.dot(c) * (a.y() - b.y())) / d;
    double y =
        (a.dot(a) * (c.x() - b.x()) + b.dot(b) * (a.x() - c.x()) + c.dot(c) * (b.x() - a.x())) / d;
    Point centre = new Point(x, y);
    return Optional.of(new Circle(centre, centre.distance(a)));
  }

  /**
   * A circle.
   *
   * @param centre its centre
   * @param radius its radius, in the unit of the centre
   */
  public record Circle(Point centre, double radius) {}

  /** The angle of the arc from a over b to c about their circle, in radians. */
  static double sweep(Point centre, Point a, Point b, Point c) {
    double toB = turned(centre, a, b);
    double toC = turned(centre, a, c);
    return toB <= toC ? toC : 2 * Math.PI - toC;
  }

  private static double turned(Point centre, Point from, Point to) {
    Point a = from.minus(centre);
    Point b = to.minus(centre);
    double angle = a.angleTo(b);
    return angle < 0 ? angle + 2 * Math.PI : angle;
  }

  /** The figures of one measure. */
  private record Work(Measure measure, Scale scale, Figure factor) {

    List<Figure> figures() {
      return switch (measure.kind()) {
        case LENGTH -> scaled("", measure.name(), Work::length);
        case ANGLE ->
            List.of(
                flat("", measure.name(), Quantity.ANGLE, "angle at the middle place", Work::angle));
        case CIRCLE ->
            scaled(
                "",
                measure.name() + ", diameter",
                px ->
                    circle(px.get(0), px.get(1), px.get(2))
                        .map(it -> 2 * it.radius())
                        .orElse(Double.NaN));
        case ARC -> scaled("", measure.name() + ", along the arc", Work::arc);
        case AREA -> area();
        case COUNT -> count();
      };
    }

    private static double length(List<Point> px) {
      return px.get(0).distance(px.get(1));
    }

    private static double angle(List<Point> px) {
      Point a = px.get(0).minus(px.get(1));
      Point b = px.get(2).minus(px.get(1));
      return Math.abs(a.angleTo(b));
    }

    private static double arc(List<Point> px) {
      return circle(px.get(0), px.get(1), px.get(2))
          .map(it -> it.radius() * sweep(it.centre(), px.get(0), px.get(1), px.get(2)))
          .orElseGet(() -> px.get(0).distance(px.get(2)));
    }

    private static double polygon(List<Point> px) {
      double twice = 0;
      for (int i = 0; i < px.size(); i++) {
        Point a = px.get(i);
        Point b = px.get((i + 1) % px.size());
        twice += a.x() * b.y() - b.x() * a.y();
      }
      return Math.abs(twice) / 2;
    }

    private List<Figure> area() {
      if (scale.mmPerPixel().isEmpty()) {
        return List.of();
      }
      Figure px =
          flat(
              ".px",
              measure.name() + ", square pixels",
              Quantity.PIXELS,
              "shoelace formula",
              Work::polygon);
      Figure perPixel = perPixel();
      return List.of(
          Figure.computed(
              id(""),
              measure.name(),
              Quantity.AREA,
              "{" + px.id() + "} * {" + perPixel.id() + "}^2",
              Source.GEOMETRY,
              px,
              perPixel));
    }

    private List<Figure> count() {
      List<Figure> all = new ArrayList<>();
      int places = measure.points().size();
      all.add(
          Figure.given(id(".count"), measure.name() + ", counted", places, Quantity.COUNT, MARKED));
      all.addAll(
          scaled("", measure.name() + ", from one to the next", px -> along(px) / (places - 1)));
      return all;
    }

    private static double along(List<Point> px) {
      double sum = 0;
      for (int i = 1; i < px.size(); i++) {
        sum += px.get(i - 1).distance(px.get(i));
      }
      return sum;
    }

    private List<Figure> scaled(String rest, String label, ToDoubleFunction<List<Point>> value) {
      if (scale.mmPerPixel().isEmpty()) {
        return List.of();
      }
      Figure px = flat(rest + ".px", label + ", in pixels", Quantity.PIXELS, "marked", value);
      Figure perPixel = perPixel();
      return List.of(
          Figure.computed(
              id(rest),
              label,
              Quantity.LENGTH,
              "{" + px.id() + "} * {" + perPixel.id() + "}",
              Source.GEOMETRY,
              px,
              perPixel));
    }

    private Figure perPixel() {
      return Sizing.sized(
          "size." + scale.reference().id() + ".prop",
          "A pixel on the prop as made",
          scale.mmPerPixel().orElseThrow(),
          factor);
    }

    /** A value in the flattened frame, with the uncertainty of the marks and of the flattening. */
    private Figure flat(
        String rest,
        String label,
        Quantity quantity,
        String words,
        ToDoubleFunction<List<Point>> value) {
      double px = scale.reference().markingPx();
      // It says where a place cannot be.
      scale.flat().length(measure.points());
      double now = in(scale.flat().map(), measure.points(), value);
      if (!Double.isFinite(now)) {
        now = 0;
      }
      double marks = Flat.markingStd(measure.points(), px, at -> in(scale.flat().map(), at, value));
      double flattening = scale.flat().flatteningStd(px, map -> in(map, measure.points(), value));
      double std = Math.hypot(marks, flattening);
      return Figure.found(
          id(rest),
          label,
          now,
          quantity,
          words,
          MARKED,
          (Double.isFinite(std) ? Uncertainty.of(id(rest), std) : Uncertainty.NONE)
              .plus(tilt(value)));
    }

    private Uncertainty tilt(ToDoubleFunction<List<Point>> value) {
      Uncertainty tilt =
          scale.flat().tiltDoubt(scale.causes(), map -> in(map, measure.points(), value));
      return Double.isFinite(tilt.std()) ? tilt : Uncertainty.NONE;
    }

    private static double in(Homography map, List<Point> px, ToDoubleFunction<List<Point>> value) {
      return value.applyAsDouble(px.stream().map(map::apply).toList());
    }

    private String id(String rest) {
      return "size." + scale.reference().id() + "." + measure.id() + rest;
    }
  }
}
