package stoutblade.studio;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import stoutblade.nest.NestShape;
import stoutblade.nest.Turning;
import stoutblade.shape.Region;

/** A rectangle cut at random into pieces: how densely they can be laid is known, all of it. */
public final class Jigsaw {

  /** How wide the rectangle is, in mm. */
  public static final double WIDE = 600;

  /** And how long. */
  public static final double LONG = 1000;

  private static final GeometryFactory SHAPES = new GeometryFactory();

  private Jigsaw() {}

  /**
   * The pieces, each moved and turned from where it was.
   *
   * @param count how many, about
   * @param turning how they may be turned back
   */
  public static List<NestShape> of(int count, Turning turning, Random random) {
    List<Polygon> pieces = cut(count, random);
    List<NestShape> shapes = new ArrayList<>();
    for (Polygon it : pieces) {
      double turn =
          switch (turning) {
            case NONE -> 0;
            case HALF -> Math.PI * random.nextInt(2);
            case QUARTER -> Math.PI / 2 * random.nextInt(4);
            case ANY -> 2 * Math.PI * random.nextDouble();
          };
      Geometry moved =
          AffineTransformation.rotationInstance(turn)
              .compose(
                  AffineTransformation.translationInstance(
                      1000 * random.nextDouble(), 1000 * random.nextDouble()))
              .transform(it);
      shapes.add(NestShape.of("piece " + shapes.size(), Region.of(moved), 1, turning, false));
    }
    return shapes;
  }

  private static List<Polygon> cut(int count, Random random) {
    List<Polygon> pieces = new ArrayList<>();
    pieces.add(
        SHAPES.createPolygon(
            new Coordinate[] {
              new Coordinate(0, 0),
              new Coordinate(LONG, 0),
              new Coordinate(LONG, WIDE),
              new Coordinate(0, WIDE),
              new Coordinate(0, 0)
            }));
    while (pieces.size() < count) {
      pieces.sort(Comparator.comparing(it -> -it.getArea()));
      Polygon largest = pieces.remove(random.nextInt(Math.min(4, pieces.size())));
      List<Polygon> parts =
          random.nextInt(12) == 0 ? holed(largest, random) : split(largest, random);
      boolean good =
          parts.size() >= 2
              && parts.stream().allMatch(it -> it.getArea() > 0.15 * WIDE * LONG / count);
      pieces.addAll(good ? parts : List.of(largest));
    }
    return pieces;
  }

  /** A line across, straight, with kinks, or a wave. */
  private static List<Polygon> split(Polygon of, Random random) {
    Coordinate middle = of.getInteriorPoint().getCoordinate();
    double angle = Math.PI * random.nextDouble();
    double far = Math.hypot(WIDE, LONG);
    double size = Math.sqrt(of.getArea());
    int kind = random.nextInt(3);
    double high = kind == 0 ? 0 : size * (0.08 + 0.15 * random.nextDouble());
    double wave = size * (0.5 + random.nextDouble());
    List<Coordinate> line = new ArrayList<>();
    double step = kind == 2 ? wave / 12 : wave / 2;
    for (double along = -far; along <= far; along += step) {
      double aside =
          kind == 2
              ? high * Math.sin(2 * Math.PI * along / wave)
              : high * (2 * random.nextDouble() - 1);
      line.add(
          new Coordinate(
              middle.x + along * Math.cos(angle) - aside * Math.sin(angle),
              middle.y + along * Math.sin(angle) + aside * Math.cos(angle)));
    }
    Geometry cut = SHAPES.createLineString(line.toArray(Coordinate[]::new));
    Polygonizer polygonizer = new Polygonizer();
    polygonizer.add(of.getBoundary().union(cut));
    List<Polygon> parts = new ArrayList<>();
    for (Object it : (Collection<?>) polygonizer.getPolygons()) {
      Polygon part = (Polygon) it;
      if (of.contains(part.getInteriorPoint())) {
        parts.add(part);
      }
    }
    return parts;
  }

  /** A piece out of its middle. */
  private static List<Polygon> holed(Polygon of, Random random) {
    MaximumInscribedCircle circle = new MaximumInscribedCircle(of, 0.5);
    Coordinate middle = circle.getCenter().getCoordinate();
    double radius = circle.getRadiusLine().getLength();
    int corners = 4 + random.nextInt(12);
    Coordinate[] ring = new Coordinate[corners + 1];
    for (int i = 0; i < corners; i++) {
      double r = radius * (0.6 + 0.3 * random.nextDouble());
      double turn = 2 * Math.PI * i / corners;
      ring[i] = new Coordinate(middle.x + r * Math.cos(turn), middle.y + r * Math.sin(turn));
    }
    ring[corners] = ring[0];
    Polygon inside = SHAPES.createPolygon(ring);
    return List.of((Polygon) of.difference(inside), inside);
  }
}
