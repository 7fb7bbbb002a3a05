package stoutblade.shape;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.locationtech.jts.algorithm.PointLocation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.Polygonal;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** An area of the plane bounded by straight pieces, with any number of parts and holes; in mm. */
public final class Region {

  private static final GeometryFactory FACTORY = new GeometryFactory();

  private static final double MITRE_LIMIT = 5;

  /** Half the width of a cut. */
  private static final double CUT_MM = 1e-4;

  private final Geometry geometry;

  /** Made when first asked what lies inside; where two threads ask at once, either will do. */
  private volatile PreparedGeometry prepared;

  /** Made when first asked how far its boundary is. */
  private volatile IndexedFacetDistance facets;

  /** Worked out when they are first asked for: most areas are only steps to others. */
  private volatile List<List<Point>> rings;

  private volatile Rows rows;
  private volatile Row lastRow;

  /** What a line across was last: many places on it are asked for one after another. */
  private record Row(double y, List<Span> spans) {}

  private Region(Geometry geometry) {
    this.geometry = geometry;
  }

  /**
   * The area inside a closed path.
   *
   * @param tolerance how far the straight pieces may lie from the curves, in mm
   */
  public static Region inside(Path path, double tolerance) {
    return new Region(FACTORY.createPolygon(coordinates(closed(path.flattened(tolerance)))));
  }

  /** The area of a box. */
  public static Region of(Box box) {
    return new Region(
        FACTORY.toGeometry(new Envelope(box.minX(), box.maxX(), box.minY(), box.maxY())));
  }

  /** The area of polygons of the geometry library, in whatever unit they are in. */
  public static Region of(Geometry polygons) {
    return new Region(polygons);
  }

  /**
   * The area inside of rings that do not cross: a ring inside an odd number of others is a hole.
   *
   * @param rings without or with their first point repeated
   */
  public static Region evenOdd(List<List<Point>> rings) {
    List<Polygon> whole =
        rings.stream()
            .filter(ring -> ring.size() > 2)
            .map(ring -> FACTORY.createPolygon(coordinates(repeated(ring))))
            .sorted(java.util.Comparator.comparing(Polygon::getArea).reversed())
            .toList();
    List<Polygon> shells = new ArrayList<>();
    List<List<LinearRing>> holes = new ArrayList<>();
    int[] shellOf = new int[whole.size()];
    for (int i = 0; i < whole.size(); i++) {
      Coordinate at = whole.get(i).getCoordinate();
      int around = 0;
      int nearest = -1;
      for (int j = 0; j < i; j++) {
        if (whole.get(j).getEnvelopeInternal().contains(at)
            && PointLocation.isInRing(at, whole.get(j).getExteriorRing().getCoordinates())) {
          around++;
          nearest = shellOf[j] >= 0 ? shellOf[j] : nearest;
        }
      }
      // Where rings cross, one may begin inside a hole but outside of what the hole is in.
      shellOf[i] = -1;
      if (around % 2 == 0 || nearest < 0) {
        shellOf[i] = shells.size();
        shells.add(whole.get(i));
        holes.add(new ArrayList<>());
      } else {
        holes.get(nearest).add(whole.get(i).getExteriorRing());
      }
    }
    Polygon[] parts = new Polygon[shells.size()];
    for (int i = 0; i < parts.length; i++) {
      parts[i] =
          FACTORY.createPolygon(
              shells.get(i).getExteriorRing(), holes.get(i).toArray(LinearRing[]::new));
    }
    return new Region(FACTORY.createMultiPolygon(parts));
  }

  private static List<Point> repeated(List<Point> ring) {
    List<Point> closed = new ArrayList<>(ring);
    if (!closed.getFirst().equals(closed.getLast())) {
      closed.add(closed.getFirst());
    }
    return closed;
  }

  /** Every corner moved; the moving keeps inside what is inside. */
  public Region moved(UnaryOperator<Point> to) {
    return evenOdd(rings().stream().map(ring -> ring.stream().map(to).toList()).toList());
  }

  /** Where a closed path touches or crosses itself, if it does, in mm. */
  public static Optional<Point> crossing(Path path, double tolerance) {
    Geometry polygon = FACTORY.createPolygon(coordinates(closed(path.flattened(tolerance))));
    TopologyValidationError fault = new IsValidOp(polygon).getValidationError();
    return Optional.ofNullable(fault).map(at -> point(at.getCoordinate()));
  }

  /**
   * What is left further than a distance from an edge.
   *
   * @param edge points along the edge; how well they follow it is the caller's choice
   * @param distance in mm
   * @param tolerance how far the arcs of the result may lie from true ones, in mm
   */
  public Region furtherThan(List<Point> edge, double distance, double tolerance) {
    if (distance <= 0) {
      return this;
    }
    LineString line = FACTORY.createLineString(coordinates(edge));
    BufferParameters round = exact(new BufferParameters(quadrantSegments(distance, tolerance)));
    return overlaid(new BufferOp(line, round).getResultGeometry(distance), OverlayNG.DIFFERENCE);
  }

  /**
   * The area grown by a distance all round, or with a negative one shrunk; corners stay sharp.
   *
   * @param distance in mm
   */
  public Region offset(double distance) {
    return offset(distance, 0.02);
  }

  /**
   * The same with arcs, where corners turn too sharply for a mitre, kept within a tolerance.
   *
   * @param tolerance in mm
   */
  public Region offset(double distance, double tolerance) {
    BufferParameters sharp =
        exact(
            new BufferParameters(
                quadrantSegments(Math.abs(distance), tolerance),
                BufferParameters.CAP_FLAT,
                BufferParameters.JOIN_MITRE,
                MITRE_LIMIT));
    return new Region(new BufferOp(geometry, sharp).getResultGeometry(distance));
  }

  /** The area of closed paths together, each by itself a ring. */
  public static Region union(List<Path> paths, double tolerance) {
    List<Geometry> polygons = new ArrayList<>();
    for (Path path : paths) {
      Polygon polygon = FACTORY.createPolygon(coordinates(closed(path.flattened(tolerance))));
      polygons.add(polygon.isValid() ? polygon : polygon.buffer(0));
    }
    return polygons.isEmpty() ? evenOdd(List.of()) : new Region(united(polygons));
  }

  /** Most lie by themselves, which their boxes say: only those that may touch are joined. */
  private static Geometry united(List<Geometry> polygons) {
    STRtree boxes = new STRtree();
    for (int i = 0; i < polygons.size(); i++) {
      boxes.insert(polygons.get(i).getEnvelopeInternal(), i);
    }
    List<Geometry> each = new ArrayList<>();
    boolean[] taken = new boolean[polygons.size()];
    for (int i = 0; i < polygons.size(); i++) {
      if (!taken[i]) {
        List<Geometry> group = new ArrayList<>();
        gather(i, polygons, boxes, taken, group);
        Geometry one = group.size() == 1 ? group.getFirst() : UnaryUnionOp.union(group);
        for (int k = 0; k < one.getNumGeometries(); k++) {
          each.add(one.getGeometryN(k));
        }
      }
    }
    return FACTORY.buildGeometry(each);
  }

  /** Those whose boxes hang together with that of one, box by box. */
  private static void gather(
      int first, List<Geometry> polygons, STRtree boxes, boolean[] taken, List<Geometry> group) {
    Deque<Integer> open = new ArrayDeque<>(List.of(first));
    taken[first] = true;
    while (!open.isEmpty()) {
      Geometry own = polygons.get(open.pop());
      group.add(own);
      boxes.query(
          own.getEnvelopeInternal(),
          other -> {
            int number = (Integer) other;
            if (!taken[number]) {
              taken[number] = true;
              open.push(number);
            }
          });
    }
  }

  /** True where the whole of a line lies inside, away from the boundary. */
  public boolean contains(List<Point> line) {
    return line.size() > 1
        && prepared().containsProperly(FACTORY.createLineString(coordinates(line)));
  }

  /** True where the whole of another area lies inside, away from the boundary. */
  public boolean contains(Region other) {
    return prepared().containsProperly(other.geometry);
  }

  private PreparedGeometry prepared() {
    PreparedGeometry made = prepared;
    if (made == null) {
      made = PreparedGeometryFactory.prepare(geometry);
      prepared = made;
    }
    return made;
  }

  /** Of how many separate parts it is. */
  public int partCount() {
    return geometry.getNumGeometries();
  }

  /** The stretches of a line that lie inside. */
  public List<List<Point>> inside(List<Point> line) {
    Geometry common =
        overlay(FACTORY.createLineString(coordinates(line)), geometry, OverlayNG.INTERSECTION);
    List<List<Point>> stretches = new ArrayList<>();
    for (int i = 0; i < common.getNumGeometries(); i++) {
      if (common.getGeometryN(i) instanceof LineString stretch && !stretch.isEmpty()) {
        stretches.add(Arrays.stream(stretch.getCoordinates()).map(Region::point).toList());
      }
    }
    return stretches;
  }

  /** The stretches of the boundary that lie at a distance from a line. */
  public List<List<Point>> boundaryAt(List<Point> line, double distance) {
    IndexedFacetDistance toLine =
        new IndexedFacetDistance(FACTORY.createLineString(coordinates(line)));
    double close = distance - Math.max(0.05, distance * 0.002);
    List<List<Point>> runs = new ArrayList<>();
    for (List<Point> ring : rings()) {
      List<List<Point>> own = new ArrayList<>();
      List<Point> run = new ArrayList<>();
      for (Point point : ring) {
        double away = toLine.distance(FACTORY.createPoint(new Coordinate(point.x(), point.y())));
        if (away >= close && away <= 2 * distance - close) {
          run.add(point);
        } else if (!run.isEmpty()) {
          own.add(run);
          run = new ArrayList<>();
        }
      }
      if (!run.isEmpty()) {
        own.add(run);
      }
      // A run over the ring's first point is one.
      if (own.size() > 1 && own.getFirst().getFirst().equals(own.getLast().getLast())) {
        List<Point> last = own.removeLast();
        last.addAll(own.getFirst().subList(1, own.getFirst().size()));
        own.set(0, last);
      }
      own.stream().filter(it -> it.size() > 1).forEach(runs::add);
    }
    return runs;
  }

  /** A line of fewer pieces, within a tolerance (Douglas and Peucker). */
  public static List<Point> simplified(List<Point> line, double tolerance) {
    Geometry fewer =
        DouglasPeuckerSimplifier.simplify(FACTORY.createLineString(coordinates(line)), tolerance);
    return Arrays.stream(fewer.getCoordinates()).map(Region::point).toList();
  }

  /** The newer overlay of the library: the older one fails where lines nearly meet. */
  private Region overlaid(Geometry other, int how) {
    Geometry found = overlay(geometry, other, how);
    // Where two only touch, the library tells lines and points, too.
    return new Region(
        found instanceof Polygonal
            ? found
            : FACTORY.buildGeometry(PolygonExtracter.getPolygons(found)));
  }

  /** Lines that cross themselves, as a file may have them, are mended first where they matter. */
  private static Geometry overlay(Geometry one, Geometry other, int how) {
    try {
      return OverlayNGRobust.overlay(one, other, how);
    } catch (TopologyException e) {
      return OverlayNGRobust.overlay(GeometryFixer.fix(one), GeometryFixer.fix(other), how);
    }
  }

  /** What is left of the area outside another. */
  public Region difference(Region other) {
    return overlaid(other.geometry, OverlayNG.DIFFERENCE);
  }

  /** The area of both together. */
  public Region unionWith(Region other) {
    return overlaid(other.geometry, OverlayNG.UNION);
  }

  /** What lies in both. */
  public Region intersection(Region other) {
    return overlaid(other.geometry, OverlayNG.INTERSECTION);
  }

  /** The same with fewer pieces, within a tolerance (Douglas and Peucker). */
  public Region simplified(double tolerance) {
    return new Region(DouglasPeuckerSimplifier.simplify(geometry, tolerance));
  }

  /** The area grown, or shrunk, with round corners. */
  public Region offsetRounded(double distance, double tolerance) {
    BufferParameters round =
        exact(new BufferParameters(quadrantSegments(Math.abs(distance), tolerance)));
    return new Region(new BufferOp(geometry, round).getResultGeometry(distance));
  }

  /** Its parts, each by itself. */
  public List<Region> parts() {
    List<Region> parts = new ArrayList<>();
    for (int i = 0; i < geometry.getNumGeometries(); i++) {
      if (!geometry.getGeometryN(i).isEmpty()) {
        parts.add(new Region(geometry.getGeometryN(i)));
      }
    }
    return parts;
  }

  /** By what share of its area it differs from its image in the upright line through its middle. */
  public double asymmetry() {
    double middle = box().centre().x();
    Region image =
        evenOdd(
            rings().stream()
                .map(
                    ring ->
                        ring.stream().map(it -> new Point(2 * middle - it.x(), it.y())).toList())
                .toList());
    return difference(image).area() / area();
  }

  /**
   * What it falls into where it is cut from one place to another; the cut takes next to nothing.
   */
  List<Region> severed(Point one, Point two) {
    Point along = two.minus(one).times(CUT_MM / one.distance(two));
    Point beside = new Point(-along.y(), along.x());
    Point from = one.minus(along);
    Point to = two.plus(along);
    List<Point> cut =
        List.of(from.minus(beside), to.minus(beside), to.plus(beside), from.plus(beside));
    return difference(evenOdd(List.of(cut))).parts();
  }

  /** Some place well inside. */
  Point inner() {
    return point(geometry.getInteriorPoint().getCoordinate());
  }

  /** The middle of its area, in mm. */
  public Point centre() {
    return point(geometry.getCentroid().getCoordinate());
  }

  /** The distance of a place to its boundary, in mm; 0 where there is none. */
  public double distanceToBoundary(Point place) {
    if (geometry.isEmpty()) {
      return 0;
    }
    IndexedFacetDistance made = facets;
    if (made == null) {
      made = new IndexedFacetDistance(geometry);
      facets = made;
    }
    return made.distance(FACTORY.createPoint(new Coordinate(place.x(), place.y())));
  }

  /** How far another area is away; 0 where they meet. */
  public double distance(Region other) {
    return geometry.distance(other.geometry);
  }

  /** Without the library's own smoothing of hollows, by a hundredth of the distance. */
  private static BufferParameters exact(BufferParameters parameters) {
    parameters.setSimplifyFactor(0);
    return parameters;
  }

  /** True where a place lies inside. */
  public boolean contains(Point place) {
    return prepared().contains(FACTORY.createPoint(new Coordinate(place.x(), place.y())));
  }

  /**
   * How many straight pieces a quarter circle needs: a piece over an angle a lies r(1 − cos(a/2))
   * off its arc at most.
   */
  static int quadrantSegments(double radius, double tolerance) {
    if (radius <= tolerance) {
      return 2;
    }
    double halfAngle = Math.acos(1 - tolerance / radius);
    return Math.max(2, (int) Math.ceil(Math.PI / 4 / halfAngle));
  }

  /** The area, in mm². */
  public double area() {
    return geometry.getArea();
  }

  /** The length of all its boundary, in mm. */
  public double perimeter() {
    return geometry.getLength();
  }

  /** The box round it; it is not empty. */
  public Box box() {
    Envelope around = geometry.getEnvelopeInternal();
    return new Box(around.getMinX(), around.getMinY(), around.getMaxX(), around.getMaxY());
  }

  /** True where nothing is left. */
  public boolean isEmpty() {
    return geometry.isEmpty();
  }

  /** The first moments of area about the origin, ∫ x dA and ∫ y dA, in mm³. */
  public Point firstMoment() {
    return isEmpty() ? new Point(0, 0) : centre().times(area());
  }

  /** The bounding rings, outer ones and holes, each repeating its first point at its end. */
  public List<List<Point>> rings() {
    List<List<Point>> known = rings;
    if (known == null) {
      known = ringsOf(geometry);
      rings = known;
    }
    return known;
  }

  /**
   * Where the line at a height along the blade runs inside the area.
   *
   * @return from and to for each stretch, in mm, from left to right
   */
  public List<Span> across(double y) {
    Row known = lastRow;
    if (known != null && known.y == y) {
      return known.spans;
    }
    double[] crossings = crossings(y);
    List<Span> spans = new ArrayList<>();
    for (int i = 0; i + 1 < crossings.length; i += 2) {
      spans.add(new Span(crossings[i], crossings[i + 1]));
    }
    Row row = new Row(y, List.copyOf(spans));
    lastRow = row;
    return row.spans;
  }

  /** The sum of all stretches at a height along the blade, in mm. */
  public double widthAt(double y) {
    double[] crossings = crossings(y);
    double sum = 0;
    for (int i = 0; i + 1 < crossings.length; i += 2) {
      sum += crossings[i + 1] - crossings[i];
    }
    return sum;
  }

  private double[] crossings(double y) {
    Rows known = rows;
    if (known == null) {
      known = Rows.of(rings());
      rows = known;
    }
    return known.crossings(y);
  }

  private static List<Point> closed(List<Point> points) {
    if (points.getFirst().equals(points.getLast())) {
      return points;
    }
    List<Point> ring = new ArrayList<>(points);
    ring.set(ring.size() - 1, ring.getFirst());
    return ring;
  }

  private static Coordinate[] coordinates(List<Point> points) {
    return points.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
  }

  private static Point point(Coordinate at) {
    return new Point(at.x, at.y);
  }

  private static List<List<Point>> ringsOf(Geometry geometry) {
    List<List<Point>> rings = new ArrayList<>();
    for (int i = 0; i < geometry.getNumGeometries(); i++) {
      if (geometry.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
        rings.add(points(polygon.getExteriorRing()));
        for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
          rings.add(points(polygon.getInteriorRingN(hole)));
        }
      }
    }
    return List.copyOf(rings);
  }

  private static List<Point> points(LinearRing ring) {
    return Arrays.stream(ring.getCoordinates()).map(Region::point).toList();
  }
}
