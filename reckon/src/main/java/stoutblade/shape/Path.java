package stoutblade.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Curves that follow one another.
 *
 * @param cubics the curves, each starting where the one before ends
 * @param closed true where the last ends at the start of the first
 */
public record Path(List<Cubic> cubics, boolean closed) {

  /** No arc runs round more often than this, in radians. */
  private static final double MOST_SWEEP = 128 * Math.PI;

  /** A line of more points than these is drawn at no size that can be cut. */
  private static final int MOST_POINTS = 2_000_000;

  /** Copies the curves. */
  public Path {
    cubics = List.copyOf(cubics);
    if (cubics.isEmpty()) {
      throw new IllegalArgumentException("A path has at least one curve");
    }
  }

  /** A path of straight pieces through points. */
  public static Path through(List<Point> points, boolean closed) {
    List<Cubic> lines = new ArrayList<>();
    for (int i = 1; i < points.size(); i++) {
      lines.add(Cubic.line(points.get(i - 1), points.get(i)));
    }
    if (closed && !points.getFirst().equals(points.getLast())) {
      lines.add(Cubic.line(points.getLast(), points.getFirst()));
    }
    return new Path(lines, closed);
  }

  /** A straight bar between two places that are apart, half so wide to each side, in mm. */
  public static Path bar(Point from, Point to, double half) {
    Point way = to.minus(from);
    Point side = new Point(-way.y(), way.x()).times(half / way.length());
    return through(List.of(from.plus(side), to.plus(side), to.minus(side), from.minus(side)), true);
  }

  /** A straight piece between two points. */
  public static Path line(Point from, Point to) {
    return through(List.of(from, to), false);
  }

  /**
   * An arc of a circle, in curves of at most a sixteenth of a turn: off by less than 10⁻⁷ of the
   * radius.
   *
   * @param from the angle at which it starts, in radians, counter-clockwise from the x axis
   * @param to the angle at which it ends; smaller for an arc that runs clockwise
   * @throws IllegalArgumentException if it runs round more than 64 times, or an angle is no number
   */
  public static Path arc(Point centre, double radius, double from, double to) {
    if (!(Math.abs(to - from) <= MOST_SWEEP)) {
      throw new IllegalArgumentException(
          "An arc runs round at most 64 times; found from " + from + " to " + to + " radians");
    }
    int count = Math.max(1, (int) Math.ceil(Math.abs(to - from) / (Math.PI / 8) - 1e-9));
    double step = (to - from) / count;
    double handle = radius * 4 / 3 * Math.tan(step / 4);
    List<Cubic> curves = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double a = from + step * i;
      double b = i == count - 1 ? to : from + step * (i + 1);
      Point start = onCircle(centre, radius, a);
      Point end = onCircle(centre, radius, b);
      curves.add(
          new Cubic(
              start,
              start.plus(onCircle(new Point(0, 0), handle, a + Math.PI / 2)),
              end.minus(onCircle(new Point(0, 0), handle, b + Math.PI / 2)),
              end));
    }
    return new Path(curves, false);
  }

  private static Point onCircle(Point centre, double radius, double angle) {
    return new Point(centre.x() + radius * Math.cos(angle), centre.y() + radius * Math.sin(angle));
  }

  /**
   * Curves that follow a place which depends on a parameter: they meet it and its direction at
   * evenly spaced values (Hermite's form of a cubic).
   *
   * @param place the place at a value
   * @param slope its derivative by the value
   * @param from the first value
   * @param to the last value
   * @param pieces the number of curves; at least one is made
   */
  public static Path following(
      DoubleFunction<Point> place,
      DoubleFunction<Point> slope,
      double from,
      double to,
      int pieces) {
    int count = Math.max(1, pieces);
    double third = (to - from) / count / 3;
    List<Cubic> curves = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double a = from + (to - from) * i / count;
      double b = from + (to - from) * (i + 1) / count;
      Point start = place.apply(a);
      Point end = place.apply(b);
      curves.add(
          new Cubic(
              start,
              start.plus(slope.apply(a).times(third)),
              end.minus(slope.apply(b).times(third)),
              end));
    }
    return new Path(curves, false);
  }

  /**
   * True where an end or a control of a curve lies further from the origin than a distance, across
   * or along, or nowhere.
   */
  public boolean beyond(double distance) {
    return cubics.stream()
        .flatMap(it -> Stream.of(it.start(), it.control1(), it.control2(), it.end()))
        .anyMatch(it -> !(Math.max(Math.abs(it.x()), Math.abs(it.y())) <= distance));
  }

  /** Where the path starts. */
  public Point start() {
    return cubics.getFirst().start();
  }

  /** Where the path ends. */
  public Point end() {
    return cubics.getLast().end();
  }

  /** The same path from its end to its start. */
  public Path reversed() {
    return new Path(
        cubics.reversed().stream()
            .map(it -> new Cubic(it.end(), it.control2(), it.control1(), it.start()))
            .toList(),
        closed);
  }

  /** The path with every place moved. */
  public Path moved(UnaryOperator<Point> to) {
    return new Path(
        cubics.stream()
            .map(
                it ->
                    new Cubic(
                        to.apply(it.start()),
                        to.apply(it.control1()),
                        to.apply(it.control2()),
                        to.apply(it.end())))
            .toList(),
        closed);
  }

  /**
   * Points along the path that keep within a tolerance of it; a closed path repeats its start.
   *
   * @throws IllegalArgumentException if it takes more than two million
   */
  public List<Point> flattened(double tolerance) {
    return flattened(tolerance, MOST_POINTS);
  }

  /**
   * The same.
   *
   * @param most the most points
   * @throws IllegalArgumentException if it takes more
   */
  public List<Point> flattened(double tolerance, int most) {
    List<Point> points = new ArrayList<>();
    points.add(cubics.getFirst().start());
    for (Cubic cubic : cubics) {
      cubic.flattenInto(points, tolerance);
      if (points.size() > most) {
        throw new IllegalArgumentException(
            "A line is so long, or so much bent, that it takes more than " + most + " points");
      }
    }
    return points;
  }

  /** Points among which are the furthest ones each way, exactly. */
  public List<Point> extremes() {
    List<Point> points = new ArrayList<>(List.of(start()));
    cubics.forEach(it -> it.extremesInto(points));
    return points;
  }

  /** The image in the line x = 0. */
  public Path mirrored() {
    return new Path(cubics.stream().map(Cubic::mirrored).toList(), closed);
  }

  /** The length along the path, in mm, of its polyline within the tolerance. */
  public double length(double tolerance) {
    List<Point> points = flattened(tolerance);
    double sum = 0;
    for (int i = 1; i < points.size(); i++) {
      sum += points.get(i - 1).distance(points.get(i));
    }
    return sum;
  }
}
