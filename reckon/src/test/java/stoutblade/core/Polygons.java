package stoutblade.core;

import java.util.List;
import java.util.function.ToDoubleFunction;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sections as polygons of another library. */
final class Polygons {

  private static final GeometryFactory SHAPES = new GeometryFactory();
  private static final double FINE_MM = 0.0005;

  private Polygons() {}

  static Polygon ring(Path path) {
    List<Point> places = path.flattened(FINE_MM);
    Coordinate[] all = new Coordinate[places.size() + 1];
    for (int i = 0; i < all.length; i++) {
      Point at = places.get(i % places.size());
      all[i] = new Coordinate(at.x(), at.y());
    }
    return SHAPES.createPolygon(all);
  }

  /** The second moment of a polygon by its corners: Steger's sum. */
  static double secondMoment(Geometry ring, ToDoubleFunction<Coordinate> from) {
    Coordinate[] all = ring.getCoordinates();
    double sum = 0;
    for (int i = 0; i + 1 < all.length; i++) {
      double cross = all[i].x * all[i + 1].y - all[i + 1].x * all[i].y;
      double a = from.applyAsDouble(all[i]);
      double b = from.applyAsDouble(all[i + 1]);
      sum += cross * (a * a + a * b + b * b);
    }
    return Math.abs(sum) / 12;
  }
}
