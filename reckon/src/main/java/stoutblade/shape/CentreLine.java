package stoutblade.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The line midway along a bent strip, such as a hook or a crescent, and how far along it a place
 * lies.
 *
 * <p>A way from end to end that keeps away from the edge (shortest paths over a grid, each step
 * dearer near the edge: Dijkstra 1959) is drawn onto the middles of its own sections, over and
 * over, until every section stands square to the line and is halved by it.
 */
public final class CentreLine {

  /** A part whose length is no more than so many times its width has no long way. */
  private static final double SLENDER = 4;

  /** A line is bent where its ends lie nearer to each other by more than this share of it. */
  private static final double STRAIGHT = 0.97;

  /** Two outlines that differ by less than this share of their area are one. */
  private static final double SAME_SHARE = 0.02;

  private static final int MOST_STATIONS = 240;
  private static final int FEWEST_STATIONS = 30;

  /** Stations to a width. */
  private static final double TO_A_WIDTH = 10;

  private static final int ROUNDS = 8;

  /** How near to the outline it is looked at. */
  private static final double NEAR_MM = 0.05;

  /** Cells of a way, at least. */
  private static final int FEWEST = 8;

  /** A section square to the line is no longer than so many times twice the way to the edge. */
  private static final double MOST_ASKEW = 1.25;

  /** Stations to either side from which the direction of a strip is told. */
  private static final int BESIDE = 3;

  /** A way over a grid may run into a corner from so many widths before the end. */
  private static final double CORNER = 1.5;

  /** A section counts from so many of its lengths before the end: on a way into a corner none. */
  private static final double FROM_END = 0.75;

  /** Stations from which the bend at an end is told. */
  private static final int BENDING = 10;

  private static final double LEVEL_SHARE = 0.05;

  private final Strip strip;
  private final List<Point> line;
  private final double[] lengths;

  /** A strip, with its edges for the many distances that are asked for. */
  private record Strip(Region region, double wide, List<Polyline> edges) {

    static Strip of(Region region) {
      return new Strip(
          region,
          2 * region.area() / region.perimeter(),
          region.rings().stream().map(it -> Polyline.of(Path.through(it, true), NEAR_MM)).toList());
    }

    boolean holds(Point place) {
      return region.across(place.y()).stream().anyMatch(it -> it.holds(place.x()));
    }

    double toEdge(Point place) {
      return edges.stream()
          .mapToDouble(it -> it.distance(place.x(), place.y()))
          .min()
          .orElse(Double.POSITIVE_INFINITY);
    }
  }

  private CentreLine(Strip strip, List<Point> line) {
    this.strip = strip;
    this.line = line;
    this.lengths = lengths(line);
  }

  /**
   * The centre line of an area, from the end nearer to the bottom to the other.
   *
   * @return empty where the area is no bent strip: as broad as long, straight, or alike on both
   *     sides of the line up its middle
   */
  public static Optional<CentreLine> of(Region region) {
    return of(region, STRAIGHT);
  }

  /**
   * The same where it is bent ever so little.
   *
   * @param straight the ends of a line that is straight lie further apart than this share of it
   */
  static Optional<CentreLine> of(Region region, double straight) {
    if (region.isEmpty() || region.partCount() != 1 || region.asymmetry() < SAME_SHARE) {
      return Optional.empty();
    }
    Strip coarse = Strip.of(region.simplified(NEAR_MM));
    List<Point> way = new StripWay(coarse.region).line();
    if (way.size() < FEWEST) {
      return Optional.empty();
    }
    List<Point> line = trimmed(spaced(way, coarse.wide), CORNER * coarse.wide);
    for (int i = 0; i < ROUNDS; i++) {
      line = smoothed(line);
    }
    line = toTheEnds(coarse, line);
    for (int i = 0; i < ROUNDS; i++) {
      line = toTheEnds(coarse, smoothed(midway(coarse, spaced(line, coarse.wide))));
    }
    double length = total(line);
    boolean slender = length * length > SLENDER * region.area();
    boolean bent = line.getFirst().distance(line.getLast()) < straight * length;
    boolean sound = length < total(way) + 2 * coarse.wide;
    return slender && bent && sound
        ? Optional.of(new CentreLine(coarse, fromBase(coarse, spaced(line, coarse.wide))))
        : Optional.empty();
  }

  /** The base is the lower end; where both are as low, the wider. */
  private static List<Point> fromBase(Strip strip, List<Point> line) {
    double up = line.getLast().y() - line.getFirst().y();
    double first = wide(strip, line, 2);
    double last = wide(strip, line, line.size() - 3);
    boolean level = Math.abs(up) < LEVEL_SHARE * total(line);
    return (level ? first >= last : up > 0) ? line : line.reversed();
  }

  private static double wide(Strip strip, List<Point> line, int at) {
    return section(strip, line, at).map(it -> it.get(0).distance(it.get(1))).orElse(0.0);
  }

  // == THE LINE

  /** Without so much at either end: a way over a grid runs into corners there. */
  private static List<Point> trimmed(List<Point> line, double byMm) {
    double[] lengths = lengths(line);
    double most = lengths[line.size() - 1];
    double by = Math.min(byMm, most / 4);
    List<Point> found = new ArrayList<>();
    for (int i = 0; i < lengths.length; i++) {
      if (lengths[i] >= by && lengths[i] <= most - by) {
        found.add(line.get(i));
      }
    }
    return found;
  }

  /** The middles of its sections; none of those that might run into the edge of an end. */
  private static List<Point> midway(Strip strip, List<Point> line) {
    double[] lengths = lengths(line);
    double most = lengths[line.size() - 1];
    List<Point> found = new ArrayList<>();
    for (int i = 1; i + 1 < line.size(); i++) {
      Optional<List<Point>> section = section(strip, line, i);
      if (section.isPresent()) {
        Point left = section.get().get(0);
        Point right = section.get().get(1);
        double toEnd = Math.min(lengths[i], most - lengths[i]);
        double wide = left.distance(right);
        Point middle = left.plus(right).times(0.5);
        // Past a corner a section may run on into the next leg: such a place stays where it is.
        boolean square = wide < MOST_ASKEW * 2 * strip.toEdge(middle);
        if (toEnd > FROM_END * wide) {
          found.add(square ? middle : line.get(i));
        }
      }
    }
    return found.size() < 3 ? line : found;
  }

  private static List<Point> smoothed(List<Point> line) {
    List<Point> found = new ArrayList<>(line);
    for (int i = 1; i + 1 < line.size(); i++) {
      Point beside = line.get(i - 1).plus(line.get(i + 1));
      found.set(i, line.get(i).times(2).plus(beside).times(0.25));
    }
    return found;
  }

  /** Both ends go on to the edge, bending on as they bend. */
  private static List<Point> toTheEnds(Strip strip, List<Point> line) {
    return toTheEnd(strip, toTheEnd(strip, line).reversed()).reversed();
  }

  private static List<Point> toTheEnd(Strip strip, List<Point> line) {
    List<Point> found = new ArrayList<>(line);
    while (found.size() > 3 && !strip.holds(found.getLast())) {
      found.removeLast();
    }
    int last = found.size() - 1;
    int back = Math.min(BENDING, last / 2);
    Point middle = found.get(last - back);
    Point on = found.get(last).minus(middle);
    Point before = middle.minus(found.get(last - 2 * back));
    double turn = new Point(0, 0).turn(before.times(-1), on) / back;
    Point step = on.times(1.0 / back).turned(turn * back / 2);
    Point at = found.getLast();
    for (int i = 0; i < MOST_STATIONS && strip.holds(at.plus(step)); i++) {
      at = at.plus(step);
      found.add(at);
      step = step.turned(turn);
    }
    hit(strip, at, step).ifPresent(found::add);
    return found;
  }

  private static List<Point> spaced(List<Point> line, double wide) {
    double[] lengths = lengths(line);
    double total = lengths[lengths.length - 1];
    int stations = (int) Math.clamp(TO_A_WIDTH * total / wide, FEWEST_STATIONS, MOST_STATIONS);
    List<Point> found = new ArrayList<>();
    int at = 1;
    for (int i = 0; i <= stations; i++) {
      double wanted = total * i / stations;
      while (at < line.size() - 1 && lengths[at] < wanted) {
        at++;
      }
      double step = lengths[at] - lengths[at - 1];
      double share = step == 0 ? 0 : Math.clamp((wanted - lengths[at - 1]) / step, 0, 1);
      found.add(between(line.get(at - 1), line.get(at), share));
    }
    return found;
  }

  private static Point between(Point one, Point two, double share) {
    return one.plus(two.minus(one).times(share));
  }

  private static double[] lengths(List<Point> line) {
    double[] lengths = new double[line.size()];
    for (int i = 1; i < lengths.length; i++) {
      lengths[i] = lengths[i - 1] + line.get(i).distance(line.get(i - 1));
    }
    return lengths;
  }

  private static double total(List<Point> line) {
    return lengths(line)[line.size() - 1];
  }

  // == SECTIONS SQUARE TO IT

  private static Optional<List<Point>> section(Strip strip, List<Point> line, int at) {
    int beside = Math.max(1, Math.min(BESIDE, Math.min(at, line.size() - 1 - at)));
    Point along =
        line.get(Math.min(at + beside, line.size() - 1)).minus(line.get(Math.max(at - beside, 0)));
    return section(strip, line.get(at), along);
  }

  private static Optional<List<Point>> section(Strip strip, Point at, Point along) {
    Point square = new Point(-along.y(), along.x());
    Optional<Point> left = hit(strip, at, square);
    Optional<Point> right = hit(strip, at, square.times(-1));
    return left.isPresent() && right.isPresent() && strip.holds(at)
        ? Optional.of(List.of(left.get(), right.get()))
        : Optional.empty();
  }

  /** Where the way from a place in a direction first meets the edge. */
  private static Optional<Point> hit(Strip strip, Point from, Point towards) {
    double nearest = Double.POSITIVE_INFINITY;
    for (List<Point> ring : strip.region.rings()) {
      for (int i = 0; i < ring.size(); i++) {
        Point one = ring.get(i);
        Point side = ring.get((i + 1) % ring.size()).minus(one);
        double across = towards.x() * side.y() - towards.y() * side.x();
        Point to = one.minus(from);
        double on = (to.x() * towards.y() - to.y() * towards.x()) / across;
        double far = (to.x() * side.y() - to.y() * side.x()) / across;
        if (across != 0 && on >= 0 && on <= 1 && far > 1e-9 && far < nearest) {
          nearest = far;
        }
      }
    }
    return Double.isInfinite(nearest)
        ? Optional.empty()
        : Optional.of(from.plus(towards.times(nearest)));
  }

  // == WHERE A PLACE LIES

  /** Its places, from end to end. */
  List<Point> line() {
    return line;
  }

  /** Its length from end to end, in mm. */
  public double length() {
    return lengths[lengths.length - 1];
  }

  /** How far along it the place nearest to a given one lies, as a share of its length. */
  public double share(Point place) {
    double nearest = Double.POSITIVE_INFINITY;
    double found = 0;
    for (int i = 1; i < lengths.length; i++) {
      Point one = line.get(i - 1);
      double dx = line.get(i).x() - one.x();
      double dy = line.get(i).y() - one.y();
      double step = lengths[i] - lengths[i - 1];
      double on = ((place.x() - one.x()) * dx + (place.y() - one.y()) * dy) / (step * step);
      double at = Math.clamp(on, 0, 1);
      double away = Math.hypot(place.x() - one.x() - at * dx, place.y() - one.y() - at * dy);
      if (away < nearest) {
        nearest = away;
        found = lengths[i - 1] + at * step;
      }
    }
    return found / length();
  }

  /**
   * What of an area lies along it up to a place: cut off square to it.
   *
   * @param area within the strip
   * @param share of its length
   */
  public Region upTo(Region area, double share) {
    if (share <= 0 || share >= 1) {
      return share <= 0 ? Region.evenOdd(List.of()) : area;
    }
    double wanted = share * length();
    int at = Arrays.binarySearch(lengths, wanted);
    int next = Math.clamp(at < 0 ? -at - 1 : at, 1, lengths.length - 1);
    Point one = line.get(next - 1);
    Point place =
        between(
            one,
            line.get(next),
            (wanted - lengths[next - 1]) / (lengths[next] - lengths[next - 1]));
    Point along =
        line.get(Math.min(next + 1, line.size() - 1)).minus(line.get(Math.max(next - 2, 0)));
    Optional<List<Point>> section = section(strip, place, along);
    if (section.isEmpty()) {
      return area;
    }
    List<Region> near =
        area.severed(over(section.get().get(0), place), over(section.get().get(1), place)).stream()
            .filter(it -> share(it.inner()) < share)
            .toList();
    return near.stream().reduce(Region::unionWith).orElseGet(() -> Region.evenOdd(List.of()));
  }

  /** A little over the edge, which was looked at from a little way off. */
  private static Point over(Point edge, Point from) {
    Point out = edge.minus(from);
    return edge.plus(out.times(2 * NEAR_MM / out.length()));
  }
}
