package stoutblade.layer;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.Span;

/**
 * A section that changes along: between two sections, as high as a share of each, which goes evenly
 * from one to the other.
 */
final class Along implements Limit {

  private static final int PLACES = 48;
  private static final int EVERY = 3;
  private static final double STEP_MM = 1;
  private static final int TRIES = 4;
  private static final double NEAR_MM = 1e-4;

  /**
   * One section.
   *
   * @param limits what limits it
   * @param low its height at the edge
   * @param from where it is reached, along
   * @param to where it begins to go over into the next
   */
  record Run(List<Limit> limits, double low, double from, double to) {

    double at(Point place, double high) {
      return limits.stream().mapToDouble(it -> it.at(place)).reduce(high, Math::min);
    }
  }

  /** One stretch of a line across, with heights (y) at places across (x). */
  private record Line(double y, List<Point> heights) {}

  private final Region drawn;
  private final double high;
  private final List<Run> runs;
  private final Map<Integer, List<Line>> between = new ConcurrentHashMap<>();

  /**
   * The limit.
   *
   * @param drawn the area inside the outline
   * @param high the height where nothing limits it
   * @param runs the sections in order along
   */
  Along(Region drawn, double high, List<Run> runs) {
    this.drawn = drawn;
    this.high = high;
    this.runs = List.copyOf(runs);
  }

  /** Its heights at the edge: there the areas begin to shrink. */
  List<Double> lows() {
    return runs.stream().map(Run::low).distinct().sorted().toList();
  }

  /** What limits its sections. */
  Stream<Limit> limits() {
    return runs.stream().flatMap(it -> it.limits.stream());
  }

  @Override
  public double at(Point place) {
    int last = runs.size() - 1;
    for (int i = 0; i <= last; i++) {
      Run run = runs.get(i);
      if (i == last || place.y() <= run.to) {
        return run.at(place, high);
      }
      Run next = runs.get(i + 1);
      if (place.y() < next.from) {
        double share = (place.y() - run.to) / (next.from - run.to);
        return (1 - share) * run.at(place, high) + share * next.at(place, high);
      }
    }
    return high;
  }

  @Override
  public Region reaching(Region from, double height, double tolerance) {
    Region all = null;
    for (int i = 0; i < runs.size(); i++) {
      Run run = runs.get(i);
      Region left =
          from.common(
              band(i == 0 ? -Box.FAR_MM : run.from, i == runs.size() - 1 ? Box.FAR_MM : run.to));
      for (Limit limit : run.limits) {
        left = limit.reaching(left, height, tolerance);
      }
      all = all == null ? left : all.with(left);
      if (i > 0 && run.from > runs.get(i - 1).to) {
        all = all.with(between(i, from, height, tolerance));
      }
    }
    return all;
  }

  private static Region band(double from, double to) {
    return Region.of(new Box(-Box.FAR_MM, from, Box.FAR_MM, to));
  }

  /** Where a stretch that goes over into the next section reaches a height. */
  private Region between(int next, Region from, double height, double tolerance) {
    double low = runs.get(next - 1).to;
    double high = runs.get(next).from;
    List<Line> lines = between.computeIfAbsent(next, it -> lines(low, high));
    List<Double> all = lines.stream().map(Line::y).distinct().toList();
    List<Double> places = tolerance > FINE_MM ? fewer(all) : all;
    Set<Double> wanted = new HashSet<>(places);
    Map<Double, List<Span>> spans = new HashMap<>();
    for (Line line : lines) {
      if (wanted.contains(line.y)) {
        spans.computeIfAbsent(line.y, it -> new ArrayList<>()).addAll(reaching(line, height));
      }
    }
    return Strips.of(places, y -> spans.get(y), from.common(band(low, high)), tolerance);
  }

  /** For what need not be so near every few lines are enough. */
  private static List<Double> fewer(List<Double> all) {
    if (all.size() < EVERY) {
      return all;
    }
    List<Double> some = new ArrayList<>();
    for (int i = 0; i < all.size() - 1; i += EVERY) {
      some.add(all.get(i));
    }
    some.add(all.getLast());
    return some;
  }

  /** Heights on lines across: places lie closer to the edge, where a round section is steep. */
  private List<Line> lines(double low, double high) {
    List<Double> places = new ArrayList<>(List.of(low));
    places.addAll(Strips.along(drawn, low, high, STEP_MM));
    places.add(high);
    List<Line> all = new ArrayList<>();
    for (double y : places) {
      for (Span span : drawn.across(y)) {
        List<Point> heights = new ArrayList<>();
        for (int i = 0; i <= PLACES; i++) {
          double x = span.middle() - span.length() / 2 * Math.cos(Math.PI * i / PLACES);
          heights.add(new Point(x, at(new Point(x, y))));
        }
        all.add(new Line(y, heights));
      }
    }
    return all;
  }

  /** The stretches of a line that reach a height. */
  private List<Span> reaching(Line line, double height) {
    List<Span> spans = new ArrayList<>();
    Point before = line.heights.getFirst();
    double from = before.x();
    for (Point next : line.heights) {
      boolean was = before.y() >= height;
      boolean is = next.y() >= height;
      if (is && !was) {
        from = crossing(line.y, before, next, height);
      } else if (was && !is) {
        spans.add(new Span(from, crossing(line.y, next, before, height)));
      }
      before = next;
    }
    if (before.y() >= height) {
      spans.add(new Span(from, before.x()));
    }
    return spans;
  }

  /**
   * Where it is reached between a place below and one above: by a few false positions, and by
   * halving where they do not find it, as where a stepped section jumps.
   */
  private double crossing(double y, Point below, Point above, double height) {
    Point out = below;
    Point in = above;
    for (int i = 0; Math.abs(in.x() - out.x()) > FINE_MM / 4; i++) {
      double share = i < TRIES ? (height - out.y()) / (in.y() - out.y()) : 0.5;
      double x = out.x() + (in.x() - out.x()) * share;
      Point next = new Point(x, at(new Point(x, y)));
      if (Math.abs(next.y() - height) < NEAR_MM) {
        return x;
      }
      if (next.y() >= height) {
        in = next;
      } else {
        out = next;
      }
    }
    return (out.x() + in.x()) / 2;
  }
}
