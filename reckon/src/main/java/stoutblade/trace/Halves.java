package stoutblade.trace;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.NodeFitting;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/**
 * Half a blade's outline from a whole one: its width is taken square to its long axis and split
 * evenly to both sides, so small differences between them are averaged.
 */
public final class Halves {

  private static final int STATIONS = 500;
  private static final double FLATTENING = 0.02;

  private Halves() {}

  /**
   * The half of an outline about its long axis, its lower end at the base.
   *
   * @param tolerance how far the half may lie from the mean of both sides, in mm
   * @throws IllegalArgumentException if the outline has no area
   */
  public static HalfOutline of(WholeOutline outline, double tolerance) {
    List<Point> ring = outline.path().flattened(FLATTENING);
    Axis axis = Axis.of(ring);
    List<Point> laid = ring.stream().map(axis::lay).toList();
    double least = laid.stream().mapToDouble(Point::y).min().orElseThrow();
    double most = laid.stream().mapToDouble(Point::y).max().orElseThrow();
    double length = most - least;
    if (!(length > tolerance)) {
      throw new IllegalArgumentException("The outline is too small for a blade");
    }
    Region region =
        Region.evenOdd(List.of(laid.stream().map(p -> new Point(p.x(), p.y() - least)).toList()));
    return new HalfOutline(onSide(NodeFitting.open(profile(region, length), tolerance), length));
  }

  private static List<Point> profile(Region region, double length) {
    List<Point> profile = new ArrayList<>();
    double inset = length * 1e-5;
    for (int i = 0; i <= STATIONS; i++) {
      double y = length * i / STATIONS;
      double half = region.widthAt(Math.clamp(y, inset, length - inset)) / 2;
      profile.add(new Point(half, y));
    }
    if (profile.getLast().x() < length / STATIONS) {
      profile.set(STATIONS, new Point(0, length));
    }
    return profile;
  }

  private static List<Node> onSide(List<Node> nodes, double length) {
    List<Node> kept = new ArrayList<>();
    for (int i = 0; i < nodes.size(); i++) {
      Point at = nodes.get(i).at();
      double y = i == 0 ? 0 : Math.clamp(at.y(), 0, length);
      kept.add(nodes.get(i).movedTo(new Point(Math.max(0, at.x()), y)));
    }
    return kept;
  }

  /** The long axis through the middle of an area, pointing up. */
  private record Axis(Point centre, Point along) {

    /** The eigenvector of the second moments of area of a polygon (Green's theorem). */
    static Axis of(List<Point> ring) {
      double area = 0;
      double x = 0;
      double y = 0;
      double xx = 0;
      double yy = 0;
      double xy = 0;
      Point o = ring.getFirst();
      for (int i = 0; i < ring.size(); i++) {
        Point p = ring.get(i).minus(o);
        Point q = ring.get((i + 1) % ring.size()).minus(o);
        double cross = p.x() * q.y() - q.x() * p.y();
        area += cross / 2;
        x += (p.x() + q.x()) * cross / 6;
        y += (p.y() + q.y()) * cross / 6;
        xx += (p.x() * p.x() + p.x() * q.x() + q.x() * q.x()) * cross / 12;
        yy += (p.y() * p.y() + p.y() * q.y() + q.y() * q.y()) * cross / 12;
        xy += (p.x() * q.y() + 2 * p.x() * p.y() + 2 * q.x() * q.y() + q.x() * p.y()) * cross / 24;
      }
      if (area == 0) {
        throw new IllegalArgumentException("The outline has no area");
      }
      double cx = x / area;
      double cy = y / area;
      double a = xx / area - cx * cx;
      double b = xy / area - cx * cy;
      double c = yy / area - cy * cy;
      double angle = 0.5 * Math.atan2(2 * b, a - c);
      Point along = new Point(Math.cos(angle), Math.sin(angle));
      return new Axis(o.plus(new Point(cx, cy)), along.y() < 0 ? along.times(-1) : along);
    }

    Point lay(Point p) {
      Point from = p.minus(centre);
      return new Point(from.x() * along.y() - from.y() * along.x(), from.dot(along));
    }
  }
}
