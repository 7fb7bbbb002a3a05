package stoutblade.shape;

import java.util.ArrayList;
import java.util.List;

/**
 * Curves that follow one another.
 *
 * @param cubics the curves, each starting where the one before ends
 * @param closed true where the last ends at the start of the first
 */
public record Path(List<Cubic> cubics, boolean closed) {

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

  /** A straight piece between two points. */
  public static Path line(Point from, Point to) {
    return through(List.of(from, to), false);
  }

  /** Points along the path that keep within a tolerance of it; a closed path repeats its start. */
  public List<Point> flattened(double tolerance) {
    List<Point> points = new ArrayList<>();
    points.add(cubics.getFirst().start());
    for (Cubic cubic : cubics) {
      cubic.flattenInto(points, tolerance);
    }
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
