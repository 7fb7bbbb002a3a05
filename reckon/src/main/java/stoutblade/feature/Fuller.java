package stoutblade.feature;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import stoutblade.shape.Box;
import stoutblade.shape.Course;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.Span;

/**
 * A fuller: a trough that is routed along a line, half an ellipse across and rounded at its ends;
 * or a flat strip with round ends that is laid on. Lengths in mm.
 *
 * <p>It is said of the part with its centre line laid straight, and bends as that does.
 *
 * @param from the middle of its first end's round
 * @param to the middle of the other's
 * @param wide across
 * @param deep how deep it is in its middle, or how high the strip is
 * @param raised true for a strip
 * @param course the way that the part runs
 */
public record Fuller(
    Point from, Point to, double wide, double deep, boolean raised, Course course) {

  private static final double TOLERANCE_MM = 0.05;
  private static final double FINE_MM = 0.01;
  private static final int SQUARES_ACROSS = 24;
  private static final int PIECES = 200;

  /** One of a part that runs straight. */
  public Fuller(Point from, Point to, double wide, double deep, boolean raised) {
    this(from, to, wide, deep, raised, Course.STRAIGHT);
  }

  /** The fullers among the features of something. */
  public static List<Fuller> of(Blank blank) {
    Course course = Course.of(blank.axis());
    return blank.features().stream()
        .filter(it -> it.kind() == Feature.Kind.FULLER)
        .map(it -> of(it, course))
        .toList();
  }

  /** One feature of it. */
  public static Fuller of(Feature feature, Blank blank) {
    return of(feature, Course.of(blank.axis()));
  }

  private static Fuller of(Feature feature, Course course) {
    Where.Row row = (Where.Row) feature.where();
    double wide = feature.size("wide");
    double inside = Math.max(row.length() - wide, 0) / row.length();
    Point middle = row.from().towards(row.to(), 0.5);
    return new Fuller(
        middle.towards(row.from(), inside),
        middle.towards(row.to(), inside),
        wide,
        feature.size("deep"),
        feature.is("way", 1),
        course);
  }

  /** How long it is from the middle of one end's round to that of the other, in mm. */
  public double length() {
    if (!course.bends()) {
      return from.distance(to);
    }
    double length = 0;
    Point before = course.at(from.x(), from.y());
    for (int i = 1; i <= PIECES; i++) {
      Point next = from.towards(to, i / (double) PIECES);
      Point place = course.at(next.x(), next.y());
      length += before.distance(place);
      before = place;
    }
    return length;
  }

  /** How far it stands over a face at a place on it, in mm; below 0 in a trough. */
  public double heightAt(Point place) {
    double away = 2 * course.straight(place).distanceToSegment(from, to) / wide;
    if (away >= 1) {
      return 0;
    }
    return raised ? deep : -deep * Math.sqrt(1 - away * away);
  }

  /** Its outline. */
  public Path around() {
    return around(wide);
  }

  /** The line at the same distance from its middle all round: as wide as is asked. */
  public Path around(double across) {
    Point way = to.minus(from);
    Spot middle = new Spot(from.towards(to, 0.5), Math.atan2(way.y(), way.x()));
    Path slot = middle.place(Motifs.slot(from.distance(to) + across, across));
    return course.bends()
        ? Path.through(course.bent(Region.inside(slot, FINE_MM)).rings().getFirst(), true)
        : slot;
  }

  /**
   * Where a line across the part runs over it: its outline is a slot, so in one stretch.
   *
   * @param y the place along its course, in mm
   */
  public Optional<Span> across(double y) {
    Point low = from.y() <= to.y() ? from : to;
    Point high = from.y() <= to.y() ? to : from;
    double half = wide / 2;
    if (y <= low.y() - half || y >= high.y() + half) {
      return Optional.empty();
    }
    double left = Double.POSITIVE_INFINITY;
    double right = Double.NEGATIVE_INFINITY;
    for (Point end : List.of(low, high)) {
      double up = Math.abs(y - end.y());
      if (up < half) {
        double reach = Math.sqrt(half * half - up * up);
        left = Math.min(left, end.x() - reach);
        right = Math.max(right, end.x() + reach);
      }
    }
    double length = low.distance(high);
    double rise = high.y() - low.y();
    if (rise > 0) {
      // Its two straight sides, where the line meets them.
      for (int side = -1; side <= 1; side += 2) {
        Point aside = new Point(-rise, high.x() - low.x()).times(side * half / length).plus(low);
        double share = (y - aside.y()) / rise;
        if (share >= 0 && share <= 1) {
          double x = aside.x() + share * (high.x() - low.x());
          left = Math.min(left, x);
          right = Math.max(right, x);
        }
      }
    }
    return Optional.of(new Span(left, right));
  }

  /** How wide a trough is so far below its face, in mm; 0 below its ground. */
  public double wideAt(double below) {
    if (below >= deep) {
      return 0;
    }
    double down = Math.max(0, below) / deep;
    return wide * Math.sqrt(1 - down * down);
  }

  /**
   * How much it adds to a face, in mm³; below 0 for a trough. Its straight stretch has half an
   * ellipse across, π·w·d/4, and its two ends make half an ellipsoid, π·w²·d/6; a strip is its area
   * times its height. Where it runs over the face's edge the part of its area that is inside
   * counts.
   */
  public double volume(Region face) {
    double straight = length();
    double all =
        raised
            ? deep * (straight * wide + Math.PI * wide * wide / 4)
            : -deep * (straight * Math.PI * wide / 4 + Math.PI * wide * wide / 6);
    Region own = Region.inside(around(), TOLERANCE_MM);
    return face.contains(own) ? all : all * face.intersection(own).area() / own.area();
  }

  /**
   * What a trough takes off a face that is not flat below it, in mm³: added up over small squares.
   *
   * @param face the area of the face
   * @param height of the face at a place
   * @param high the height from which the trough's depth is measured
   * @param from the lowest height that counts
   * @param to the highest
   */
  public double below(
      Region face, ToDoubleFunction<Point> height, double high, double from, double to) {
    Box box = Box.around(around().flattened(TOLERANCE_MM));
    double step = wide / SQUARES_ACROSS;
    double sum = 0;
    for (double x = box.minX() + step / 2; x < box.maxX(); x += step) {
      for (double y = box.minY() + step / 2; y < box.maxY(); y += step) {
        Point place = new Point(x, y);
        double trough = heightAt(place);
        if (trough < 0 && face.contains(place)) {
          double top = Math.min(to, height.applyAsDouble(place));
          sum += step * step * Math.max(0, top - Math.max(from, high + trough));
        }
      }
    }
    return sum;
  }

  /** Where the middle of its line is. */
  public Point middle() {
    Point middle = from.towards(to, 0.5);
    return course.at(middle.x(), middle.y());
  }
}
