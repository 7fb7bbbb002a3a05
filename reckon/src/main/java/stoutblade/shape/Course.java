package stoutblade.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * The way that a part runs from its near end to its far one: straight up its frame, or along a
 * curved centre line. Places on it are said as so far aside of the line, to the right, and so far
 * along it.
 *
 * <p>A curve is laid out as a ladder: rungs square to it, so close that what lies between two of
 * them is as good as straight. Beside the line a place lies between two rungs in the same share as
 * its foot on the line, which keeps both ways of reckoning, to and from a straight line, exact to
 * one another. Before its ends and past them the line goes on straight.
 */
public final class Course {

  /** Straight up its frame: aside is x there, along is y. */
  public static final Course STRAIGHT = new Course(List.of());

  /** How far the line between two rungs may lie from the curve, in mm. */
  private static final double SAG_MM = 0.002;

  /** How far the points may lie from the curve between which the rungs are measured out, in mm. */
  private static final double FINE_MM = 1e-5;

  private static final double LEAST_RUNG_MM = 0.25;
  private static final double MOST_RUNG_MM = 4;
  private static final int MOST_RUNGS = 4000;

  /** Straight edges are laid round a bend in pieces of so much, in mm. */
  private static final double PIECE_MM = 1;

  private final List<Point> line;
  private final Point[] normals;
  private final double[] lengths;

  /** Areas laid straight: each is asked for at many places along. */
  private final Map<Region, Region> known = Collections.synchronizedMap(new IdentityHashMap<>());

  private Course(List<Point> line) {
    this.line = line;
    this.lengths = new double[line.size()];
    this.normals = new Point[line.size()];
    for (int i = 1; i < lengths.length; i++) {
      lengths[i] = lengths[i - 1] + line.get(i).distance(line.get(i - 1));
    }
    for (int i = 0; i < normals.length; i++) {
      normals[i] = normal(i);
    }
  }

  /** To the right of the line, square to it. */
  private Point normal(int i) {
    int last = line.size() - 1;
    Point along;
    if (i > 0 && i < last) {
      along = unit(chord(i).plus(chord(i + 1)));
    } else {
      // At an end it goes on turning as it did.
      Point end = chord(i == 0 ? 1 : last);
      Point next = chord(i == 0 ? 2 : last - 1);
      double turn = Math.asin(Math.clamp(cross(next, end), -1, 1)) / 2;
      along = end.turned(turn);
    }
    return new Point(along.y(), -along.x());
  }

  /** Which way it goes to a rung from the one before. */
  private Point chord(int i) {
    return unit(line.get(i).minus(line.get(i - 1)));
  }

  private static Point unit(Point way) {
    return way.times(1 / Math.max(way.length(), 1e-12));
  }

  /** Along a centre line where there is one; else straight. */
  public static Course of(Optional<CurvedAxis> axis) {
    return axis.map(Course::along).orElse(STRAIGHT);
  }

  /** Along a centre line. */
  public static Course along(CurvedAxis axis) {
    List<Point> fine = axis.path().flattened(FINE_MM);
    double length = 0;
    double tightest = Double.POSITIVE_INFINITY;
    for (int i = 1; i < fine.size(); i++) {
      length += fine.get(i).distance(fine.get(i - 1));
      if (i + 1 < fine.size()) {
        tightest = Math.min(tightest, radius(fine.get(i - 1), fine.get(i), fine.get(i + 1)));
      }
    }
    double rung =
        Math.clamp(Math.sqrt(8 * SAG_MM * Math.max(tightest, 1)), LEAST_RUNG_MM, MOST_RUNG_MM);
    int count = (int) Math.clamp(Math.ceil(length / rung), 2, MOST_RUNGS);
    return new Course(spaced(fine, count));
  }

  private static double radius(Point a, Point b, Point c) {
    double area = Math.abs(b.minus(a).x() * c.minus(a).y() - b.minus(a).y() * c.minus(a).x());
    double sides = a.distance(b) * b.distance(c) * a.distance(c);
    return area < 1e-12 * sides ? Double.POSITIVE_INFINITY : sides / (2 * area);
  }

  private static List<Point> spaced(List<Point> fine, int count) {
    double[] far = new double[fine.size()];
    for (int i = 1; i < far.length; i++) {
      far[i] = far[i - 1] + fine.get(i).distance(fine.get(i - 1));
    }
    List<Point> found = new ArrayList<>();
    int at = 1;
    for (int i = 0; i <= count; i++) {
      double wanted = far[far.length - 1] * i / count;
      while (at < far.length - 1 && far[at] < wanted) {
        at++;
      }
      double step = far[at] - far[at - 1];
      double share = step == 0 ? 0 : Math.clamp((wanted - far[at - 1]) / step, 0, 1);
      found.add(fine.get(at - 1).towards(fine.get(at), share));
    }
    return List.copyOf(found);
  }

  /** True where it runs along a centre line of its own. */
  public boolean bends() {
    return !line.isEmpty();
  }

  /** The length of its centre line; none where it is straight. */
  public Optional<Double> length() {
    return bends() ? Optional.of(lengths[lengths.length - 1]) : Optional.empty();
  }

  // == PLACES

  /** The place on it so far along, in mm. */
  public Point at(double along) {
    return at(0, along);
  }

  /** The place so far to the right of it, so far along. */
  public Point at(double aside, double along) {
    if (!bends()) {
      return new Point(aside, along);
    }
    int last = lengths.length - 1;
    if (along <= 0 || along >= lengths[last]) {
      int end = along <= 0 ? 0 : last;
      Point on = new Point(-normals[end].y(), normals[end].x()).times(along - lengths[end]);
      return line.get(end).plus(on).plus(normals[end].times(aside));
    }
    int next = next(along);
    double share = (along - lengths[next - 1]) / (lengths[next] - lengths[next - 1]);
    return rung(next - 1, aside).towards(rung(next, aside), share);
  }

  private int next(double along) {
    int found = Arrays.binarySearch(lengths, along);
    return Math.clamp(found < 0 ? -found - 1 : found, 1, lengths.length - 1);
  }

  private Point rung(int i, double aside) {
    return line.get(i).plus(normals[i].times(aside));
  }

  /** How far along a place lies, in mm. */
  public double along(Point place) {
    return straight(place).y();
  }

  /** A place said as so far aside (x) and so far along (y). */
  public Point straight(Point place) {
    if (!bends()) {
      return place;
    }
    Point best = null;
    double nearest = Double.POSITIVE_INFINITY;
    double before = past(0, place);
    if (before <= 0) {
      best = beyond(0, place);
      nearest = Math.abs(best.x()) - before;
    }
    for (int i = 1; i < lengths.length; i++) {
      double after = past(i, place);
      if (before >= 0 && after <= 0) {
        Point own = between(i, place);
        if (Math.abs(own.x()) < nearest) {
          best = own;
          nearest = Math.abs(own.x());
        }
      }
      before = after;
    }
    if (before >= 0) {
      Point own = beyond(lengths.length - 1, place);
      if (Math.abs(own.x()) + before < nearest) {
        best = own;
      }
    }
    return best == null ? beyond(0, place) : best;
  }

  /** How far a place lies past a rung, on the way along. */
  private double past(int i, Point place) {
    Point normal = normals[i];
    Point on = line.get(i);
    return (place.y() - on.y()) * normal.x() - (place.x() - on.x()) * normal.y();
  }

  private Point beyond(int end, Point place) {
    Point to = place.minus(line.get(end));
    double aside = to.x() * normals[end].x() + to.y() * normals[end].y();
    return new Point(aside, lengths[end] + past(end, place));
  }

  /**
   * Between two rungs: the place is L + a·N, with L and N so far from one rung to the next as the
   * share t; that it lies on this line makes a quadratic equation for t.
   */
  private Point between(int i, Point place) {
    Point way = line.get(i).minus(line.get(i - 1));
    Point turned = normals[i].minus(normals[i - 1]);
    Point to = place.minus(line.get(i - 1));
    Point first = normals[i - 1];
    double square = -cross(way, turned);
    double half = cross(to, turned) - cross(way, first);
    double still = cross(to, first);
    double t;
    if (Math.abs(square) < 1e-12 * Math.abs(half)) {
      t = half == 0 ? 0 : -still / half;
    } else {
      double root = Math.sqrt(Math.max(0, half * half - 4 * square * still));
      double one = -2 * still / (half + Math.copySign(root, half));
      double other = -(half + Math.copySign(root, half)) / (2 * square);
      t = one >= -1e-9 && one <= 1 + 1e-9 ? one : other;
    }
    double share = Math.clamp(t, 0, 1);
    Point normal = first.plus(turned.times(share));
    Point from = place.minus(line.get(i - 1).plus(way.times(share)));
    double aside = (from.x() * normal.x() + from.y() * normal.y()) / dot(normal);
    return new Point(aside, lengths[i - 1] + share * (lengths[i] - lengths[i - 1]));
  }

  private static double dot(Point it) {
    return it.x() * it.x() + it.y() * it.y();
  }

  private static double cross(Point a, Point b) {
    return a.x() * b.y() - a.y() * b.x();
  }

  // == LINES AND AREAS

  /** The line so far to the right of it, from one place along to another, as points. */
  public List<Point> line(double aside, double from, double to) {
    List<Point> points = new ArrayList<>(List.of(at(aside, from)));
    for (double rung : lengths) {
      if (rung > from && rung < to) {
        points.add(at(aside, rung));
      }
    }
    points.add(at(aside, to));
    return points;
  }

  /** The strip from one side to another and from one place along to another: its corners round. */
  public List<Point> strip(Span aside, double from, double to) {
    List<Point> around = new ArrayList<>(line(aside.from(), from, to));
    around.addAll(line(aside.to(), from, to).reversed());
    return around;
  }

  /** An area as it is with the line laid straight: x aside, y along. */
  public Region straight(Region area) {
    if (!bends()) {
      return area;
    }
    return known.computeIfAbsent(area, it -> mapped(it, this::straight));
  }

  /** An area of the straight line as it lies along the bent one. */
  public Region bent(Region area) {
    if (!bends()) {
      return area;
    }
    return mapped(area, it -> at(it.x(), it.y()));
  }

  private static Region mapped(Region area, UnaryOperator<Point> to) {
    List<List<Point>> rings = new ArrayList<>();
    for (List<Point> ring : area.rings()) {
      List<Point> own = new ArrayList<>();
      for (int i = 0; i < ring.size(); i++) {
        Point one = ring.get(i);
        Point two = ring.get((i + 1) % ring.size());
        int pieces = Math.max(1, (int) Math.ceil(one.distance(two) / PIECE_MM));
        for (int k = 0; k < pieces; k++) {
          own.add(to.apply(one.towards(two, k / (double) pieces)));
        }
      }
      rings.add(own);
    }
    return Region.evenOdd(rings).offset(0);
  }

  /**
   * How much of an area lies at a place along, for each millimetre of the line: its width there,
   * where the line is straight; where it bends, what lies outside counts for more, 1 + κ·aside, κ
   * to the left.
   */
  public double widthAt(Region area, double along) {
    if (!bends()) {
      return area.widthAt(along);
    }
    double bend = bendAt(along);
    double sum = 0;
    for (Span span : straight(area).across(along)) {
      double squares = span.to() * span.to() - span.from() * span.from();
      sum += span.length() + bend * squares / 2;
    }
    return sum;
  }

  /** How much it turns to the left a millimetre, in radians: 1 over the radius of its bend. */
  public double bendAt(double along) {
    if (!bends() || along <= 0 || along >= lengths[lengths.length - 1]) {
      return 0;
    }
    int next = next(along);
    double turn = Math.asin(Math.clamp(cross(normals[next - 1], normals[next]), -1, 1));
    return turn / (lengths[next] - lengths[next - 1]);
  }

  /** The least radius to which it bends between two places along, in mm; endless where straight. */
  public double tightest(double from, double to) {
    double most = 0;
    for (double rung : lengths) {
      if (rung > from && rung < to) {
        most = Math.max(most, Math.abs(bendAt(rung)));
      }
    }
    return most == 0 ? Double.POSITIVE_INFINITY : 1 / most;
  }

  /** The middle of the line between two places along, by its length. */
  public Point middle(double from, double to) {
    if (!bends() || !(to > from)) {
      return at((from + to) / 2);
    }
    List<Point> points = line(0, from, to);
    Point sum = new Point(0, 0);
    double length = 0;
    for (int i = 1; i < points.size(); i++) {
      double step = points.get(i).distance(points.get(i - 1));
      sum = sum.plus(points.get(i - 1).plus(points.get(i)).times(step / 2));
      length += step;
    }
    return sum.times(1 / length);
  }

  /**
   * The place along where its sections run into each other inside an area, because the line bends
   * more tightly than the area reaches to the side of it; none where all is well.
   */
  public Optional<Double> crowded(Region area) {
    if (!bends() || area.isEmpty()) {
      return Optional.empty();
    }
    Box reached = straight(area).box();
    double reach = Math.max(Math.abs(reached.minX()), Math.abs(reached.maxX()));
    for (int i = 1; i + 1 < lengths.length; i++) {
      double bend = bendAt(lengths[i]);
      if (2 * Math.abs(bend) * reach < 1) {
        // The area reaches nowhere near so far aside.
        continue;
      }
      // To the inside of the bend.
      Point on = line.get(i);
      Point centre = at(-1 / bend, lengths[i]);
      boolean through =
          area.inside(List.of(on, centre)).stream()
              .anyMatch(it -> ends(it, on) && ends(it, centre));
      if (through) {
        return Optional.of(lengths[i]);
      }
    }
    return Optional.empty();
  }

  private static boolean ends(List<Point> line, Point at) {
    return Math.min(line.getFirst().distance(at), line.getLast().distance(at)) < SAG_MM;
  }
}
