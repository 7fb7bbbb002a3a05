package stoutblade.layer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import stoutblade.feature.Fuller;
import stoutblade.shape.Box;
import stoutblade.shape.Course;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.Span;
import stoutblade.stack.Profile;

/**
 * How far one side of a part rises over the plane that it rises from: to its full height, less
 * where something bounds it. In mm.
 *
 * <p>The area that reaches a height is what all bounds allow together, so it follows from offsets
 * and sections of the outline alone; the volume is the sum of these areas over the height. The sum
 * is a Gauss–Legendre sum (Abramowitz and Stegun, table 25.4, from memory): of six places where the
 * areas change smoothly, exact for polynomials up to degree 11; else of four in each of several
 * stretches.
 */
final class HeightField {

  private static final double[] SIX_NODES = {
    0.238619186083197, 0.661209386466265, 0.932469514203152
  };
  private static final double[] SIX_WEIGHTS = {
    0.467913934572691, 0.360761573048139, 0.171324492379170
  };
  private static final double[] FOUR_NODES = {0.339981043584856, 0.861136311594053};
  private static final double[] FOUR_WEIGHTS = {0.652145154862546, 0.347854845137454};
  private static final int STRETCHES = 4;
  private static final int SURFACE_STRIPS = 8;
  private static final int SECTIONS = 100;
  private static final int ROWS = 48;
  private static final int SQUARES = 32;
  private static final double TROUGH_STEP_MM = 0.25;

  /** How far the line of a layer may lie from the true one, in mm. */
  static final double TOLERANCE_MM = 0.01;

  /** For volumes coarser lines are enough: 0.05 mm round a blade is a few parts in 10 000. */
  private static final double VOLUME_TOLERANCE_MM = 0.05;

  private final Region drawn;
  private final Region face;
  private final Course course;
  private final double low;
  private final double high;
  private final List<Bound> bounds;
  private final List<Bound.Trough> troughs;
  private final List<Double> breaks;
  private final List<Double> joints;
  private final boolean smooth;
  private final List<Weighted> areas;
  private final Map<Double, Region> known = new ConcurrentHashMap<>();

  /** The area at some height, with its weight in the sum over the height. */
  record Weighted(double height, Region region, double weightMm) {

    /** What of it is in some area. */
    Weighted in(Region part) {
      return new Weighted(height, region.intersection(part), weightMm);
    }
  }

  /**
   * A side.
   *
   * @param drawn the area inside the outline as it is drawn
   * @param face the area that is left of it, with what stands out of it
   * @param course the way along it
   * @param low the height right at the edge, which everything reaches
   * @param high the full height
   * @param bounds what keeps it from that
   * @param fullers those on this side
   * @param breaks heights between which areas are even, where they jump there
   * @param joints heights where one foam ends and another begins
   * @param smooth true where a short sum is exact
   */
  HeightField(
      Region drawn,
      Region face,
      Course course,
      double low,
      double high,
      List<Bound> bounds,
      List<Fuller> fullers,
      List<Double> breaks,
      List<Double> joints,
      boolean smooth) {
    this.drawn = drawn;
    this.face = face;
    this.course = course;
    this.low = Math.min(low, high);
    this.high = high;
    this.bounds = bounds;
    this.troughs =
        fullers.stream().filter(it -> !it.raised()).map(it -> new Bound.Trough(it, high)).toList();
    this.breaks = breaks;
    this.joints = joints;
    this.smooth = smooth;
    this.areas = bounds.isEmpty() ? List.of() : areas();
  }

  boolean troughed() {
    return !troughs.isEmpty();
  }

  double high() {
    return high;
  }

  /** The height at a place, 0 or more; without what is laid on. */
  double at(Point place) {
    double at = without(place);
    for (Bound.Trough trough : troughs) {
      at = Math.min(at, trough.at(place));
    }
    return Math.max(0, at);
  }

  /** The height at a place without its troughs. */
  private double without(Point place) {
    if (face != drawn && !drawn.contains(place)) {
      return low;
    }
    double at = high;
    for (Bound bound : bounds) {
      at = Math.min(at, bound.at(place));
    }
    return at;
  }

  /** The area that reaches a height; each is worked out once. */
  Region reaching(double height) {
    return known.computeIfAbsent(height, this::reached);
  }

  private Region reached(double height) {
    Region area = reaching(height, TOLERANCE_MM);
    for (Bound.Trough trough : troughs) {
      area = trough.reaching(area, height, TOLERANCE_MM);
    }
    return area;
  }

  private Region reaching(double height, double tolerance) {
    if (height > high + 1e-9) {
      return Region.evenOdd(List.of());
    }
    Region area = drawn;
    for (Bound bound : bounds) {
      area = bound.reaching(area, height, tolerance);
    }
    if (face == drawn) {
      return area;
    }
    // What stands out of the outline is as high as the edge.
    return area == drawn ? face : area.intersection(face);
  }

  private List<Weighted> areas() {
    List<Weighted> found = new ArrayList<>();
    // Below the edge's own height a rounded edge takes off, too.
    double round = everywhere();
    List<Double> ends = new ArrayList<>(List.of(round, (round + low) / 2, low));
    if (!breaks.isEmpty()) {
      ends.addAll(breaks);
    } else if (!smooth) {
      for (int i = 1; i < STRETCHES; i++) {
        ends.add(low + (high - low) * i / STRETCHES);
      }
    }
    bounds.stream()
        .filter(Along.class::isInstance)
        .flatMap(it -> ((Along) it).lows().stream())
        .filter(it -> it > low && it < high)
        .forEach(ends::add);
    joints.stream().filter(it -> it > round && it < high).forEach(ends::add);
    ends.add(high);
    ends.sort(Comparator.naturalOrder());
    for (int i = 1; i < ends.size(); i++) {
      stretch(ends.get(i - 1), ends.get(i), found);
    }
    return found;
  }

  private void stretch(double from, double to, List<Weighted> found) {
    double half = (to - from) / 2;
    if (half <= 0) {
      return;
    }
    if (!breaks.isEmpty() && from >= low) {
      double height = from + half;
      found.add(new Weighted(height, reaching(height, VOLUME_TOLERANCE_MM), 2 * half));
      return;
    }
    double[] nodes = smooth ? SIX_NODES : FOUR_NODES;
    double[] weights = smooth ? SIX_WEIGHTS : FOUR_WEIGHTS;
    for (int i = 0; i < nodes.length; i++) {
      for (int sign = -1; sign <= 1; sign += 2) {
        double height = from + half * (1 + sign * nodes[i]);
        found.add(new Weighted(height, reaching(height, VOLUME_TOLERANCE_MM), weights[i] * half));
      }
    }
  }

  /** The height up to which all of the face reaches. */
  private double everywhere() {
    if (bounds.isEmpty()) {
      return high;
    }
    double least = low;
    for (Bound bound : bounds) {
      Stream<Bound> own = bound instanceof Along it ? it.bounds() : Stream.of(bound);
      least =
          own.filter(Bound.Rounded.class::isInstance)
              .map(Bound.Rounded.class::cast)
              .mapToDouble(it -> Math.max(0, it.high() - it.radius()))
              .reduce(least, Math::min);
    }
    return least;
  }

  /** The volume over the plane, without troughs, in mm³. */
  double volume() {
    double sum = everywhere() * face.area();
    for (Weighted area : areas) {
      sum += area.weightMm * area.region.area();
    }
    return sum;
  }

  /**
   * What lies between two heights over the plane, less what troughs take off there.
   *
   * @param part the part of the face that counts
   */
  Portion between(double from, double to, Region part) {
    double bottom = Math.max(0, from);
    double top = Math.min(to, high);
    if (top <= bottom) {
      return Portion.NONE;
    }
    double even = Math.max(0, Math.min(top, everywhere()) - bottom);
    List<Weighted> own =
        areas.stream()
            .filter(it -> it.height > bottom && it.height < top)
            .map(it -> part == face ? it : it.in(part))
            .toList();
    double volume = even * part.area();
    Point moment = part.firstMoment().times(even);
    for (Weighted area : own) {
      volume += area.weightMm * area.region.area();
      moment = moment.plus(area.region.firstMoment().times(area.weightMm));
    }
    for (Bound.Trough trough : troughs) {
      double off = routed(trough, bottom, top);
      volume -= off;
      moment = moment.minus(trough.fuller().middle().times(off));
    }
    return new Portion(volume, moment, y -> across(even, part, own, bottom, top, y));
  }

  private double across(
      double even, Region part, List<Weighted> own, double bottom, double top, double y) {
    double sum = even * course.widthAt(part, y);
    for (Weighted area : own) {
      sum += area.weightMm * course.widthAt(area.region, y);
    }
    return sum - routed(y, bottom, top);
  }

  /** What a trough takes off between two heights, in mm³. */
  private double routed(Bound.Trough trough, double bottom, double top) {
    Fuller fuller = trough.fuller();
    Region full = bounds.isEmpty() ? face : reaching(high, TOLERANCE_MM);
    boolean onTheFlat = full.contains(Region.inside(fuller.around(), TOLERANCE_MM));
    if (onTheFlat && bottom <= 0 && top >= high) {
      return -fuller.volume(face);
    }
    return fuller.below(face, this::without, high, bottom, top);
  }

  /** The area of the side on the slant, in mm². */
  double surface() {
    double sum = face.area();
    for (Bound bound : bounds) {
      sum +=
          switch (bound) {
            case Bound.FromEdge it -> slanted(it);
            case Bound.Across it -> arched(it);
            case Bound.Rounded it -> 0;
            case Bound.Taper it -> 0;
            case Bound.Bent it -> it.inner() instanceof Bound.Taper ? 0 : sloped(it);
            case Bound.Trough it -> 0;
            case Along it -> sloped(it);
          };
    }
    return sum;
  }

  /** How much larger the strips along an edge are on the slant than from above. */
  private double slanted(Bound.FromEdge edge) {
    int strips = edge.profile().kind() == Profile.Kind.BEVEL ? 1 : SURFACE_STRIPS;
    double more = 0;
    double outer = drawn.area();
    for (int i = 1; i <= strips; i++) {
      double share = (double) i / strips;
      double risen = edge.profile().risen(share) - edge.profile().risen(share - 1.0 / strips);
      double height = edge.low() + (edge.high() - edge.low()) * edge.profile().risen(share);
      double inner = edge.reaching(drawn, height, VOLUME_TOLERANCE_MM).area();
      double slope = (edge.high() - edge.low()) * risen * strips / edge.wide();
      more += (outer - inner) * (Math.hypot(1, slope) - 1);
      outer = inner;
    }
    return more * face.area() / drawn.area();
  }

  /** The same for a side that rises to a ridge: the sections' lines, added up along. */
  private double arched(Bound.Across across) {
    Box box = drawn.box();
    double step = box.height() / SECTIONS;
    double more = 0;
    for (int i = 0; i < SECTIONS; i++) {
      double y = box.minY() + (i + 0.5) * step;
      for (Span span : drawn.across(y)) {
        double along = 0;
        Point before = new Point(span.from(), across.at(new Point(span.from(), y)));
        for (int k = 1; k <= SURFACE_STRIPS * 4; k++) {
          double x = span.from() + span.length() * k / (SURFACE_STRIPS * 4);
          Point next = new Point(x, across.at(new Point(x, y)));
          along += before.distance(next);
          before = next;
        }
        more += (along - span.length()) * step;
      }
    }
    return more;
  }

  /** The same for a section that changes along: in small squares. */
  private double sloped(Bound bound) {
    Box box = drawn.box();
    double step = box.height() / ROWS;
    double more = 0;
    for (int i = 0; i < ROWS; i++) {
      double y = box.minY() + (i + 0.5) * step;
      for (Span span : drawn.across(y)) {
        double wide = span.length() / SQUARES;
        Point before = new Point(span.from(), bound.at(new Point(span.from(), y)));
        for (int k = 1; k <= SQUARES; k++) {
          double x = span.from() + k * wide;
          Point next = new Point(x, bound.at(new Point(x, y)));
          double middle = (before.y() + next.y()) / 2;
          double further = bound.at(new Point(x - wide / 2, y + step / 4));
          double across = (next.y() - before.y()) / wide;
          double along = (further - middle) / (step / 4);
          more += (Math.sqrt(1 + across * across + along * along) - 1) * wide * step;
          before = next;
        }
      }
    }
    return more;
  }

  /** What troughs take off a section across between two heights, in mm². */
  private double routed(double y, double bottom, double top) {
    List<Span> over = troughs.stream().flatMap(it -> it.fuller().across(y).stream()).toList();
    if (over.isEmpty()) {
      return 0;
    }
    double left = over.stream().mapToDouble(Span::from).min().orElse(0);
    double right = over.stream().mapToDouble(Span::to).max().orElse(0);
    double sum = 0;
    for (Span span : course.straight(face).across(y)) {
      double from = Math.max(left, span.from());
      double length = span.common(new Span(left, right));
      int steps = (int) Math.ceil(length / TROUGH_STEP_MM);
      for (int i = 0; i < steps; i++) {
        Point place = course.at(from + (i + 0.5) * length / steps, y);
        double before = Math.min(top, without(place));
        sum += length / steps * Math.max(0, before - Math.max(bottom, at(place)));
      }
    }
    return sum;
  }
}
