package stoutblade.desktop.station.draft;

import java.util.List;
import stoutblade.feature.Feature;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.shape.Course;
import stoutblade.shape.Point;

/** The points by which the place of something is held on the mat. */
final class Handles {

  private static final double LEAST_MM = 0.5;

  private Handles() {}

  /** The handles; none along an edge, which moves with its outline. */
  static List<Point> of(Where where) {
    return switch (where) {
      case Where.At it -> List.of(it.spot().at());
      case Where.Ring it -> List.of(it.centre(), first(it));
      case Where.Row it -> List.of(it.middle(), it.from(), it.to());
      case Where.Along it -> List.of();
    };
  }

  /** Those of a detail; a fuller lies along the centre line of its part. */
  static List<Point> of(Feature feature, Course course) {
    List<Point> own = of(feature.where());
    return bends(feature, course)
        ? own.stream().map(it -> course.at(it.x(), it.y())).toList()
        : own;
  }

  private static boolean bends(Feature feature, Course course) {
    return feature.kind() == Feature.Kind.FULLER && course.bends();
  }

  /** A detail with one of its handles moved. */
  static Feature moved(Feature feature, Course course, int handle, Point to) {
    Point place = bends(feature, course) ? course.straight(to) : to;
    return feature.at(moved(feature.where(), handle, place));
  }

  private static Point first(Where.Ring ring) {
    Point out = new Point(-Math.sin(ring.from()), Math.cos(ring.from()));
    return ring.centre().plus(out.times(ring.radiusMm()));
  }

  /** The place with one of its handles moved. */
  static Where moved(Where where, int handle, Point to) {
    return switch (where) {
      case Where.At it -> new Where.At(new Spot(to, it.spot().turn()));
      case Where.Ring it -> {
        if (handle == 0) {
          yield new Where.Ring(to, it.radiusMm(), it.count(), it.from());
        }
        Point out = to.minus(it.centre());
        yield new Where.Ring(
            it.centre(),
            Math.max(LEAST_MM, out.length()),
            it.count(),
            Math.atan2(-out.x(), out.y()));
      }
      case Where.Row it -> {
        Point from = handle == 1 ? to : it.from();
        Point end = handle == 2 ? to : it.to();
        if (handle == 0) {
          Point by = to.minus(it.middle());
          yield it.moved(by);
        }
        yield from.distance(end) < LEAST_MM ? it : new Where.Row(from, end, it.count());
      }
      case Where.Along it -> it;
    };
  }
}
