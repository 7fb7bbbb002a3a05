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
import stoutblade.shape.Course;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.Span;

/**
 * A section that changes along: between two sections, as high as a share of each, which goes evenly
 * from one to the other.
 */
final class Along implements Bound {

  private static final int EVERY = 3;
  private static final double STEP_MM = 1;

  /**
   * One section.
   *
   * @param bounds what bounds it
   * @param low its height at the edge
   * @param from where it is reached, along
   * @param to where it begins to go over into the next
   */
  record Run(List<Bound> bounds, double low, double from, double to) {

    double at(Point place, double high) {
      return bounds.stream().mapToDouble(it -> it.at(place)).reduce(high, Math::min);
    }
  }

  private final Region drawn;
  private final Course course;
  private final double high;
  private final List<Run> runs;
  private final Map<Integer, List<Slice>> between = new ConcurrentHashMap<>();

  /**
   * The bound.
   *
   * @param drawn the area inside the outline
   * @param course the way that its sections follow one another
   * @param high the height where nothing bounds it
   * @param runs the sections in order along
   */
  Along(Region drawn, Course course, double high, List<Run> runs) {
    this.drawn = drawn;
    this.course = course;
    this.high = high;
    this.runs = List.copyOf(runs);
  }

  /** Its heights at the edge: there the areas begin to shrink. */
  List<Double> lows() {
    return runs.stream().map(Run::low).distinct().sorted().toList();
  }

  /** What bounds its sections. */
  Stream<Bound> bounds() {
    return runs.stream().flatMap(it -> it.bounds.stream());
  }

  @Override
  public double at(Point place) {
    int last = runs.size() - 1;
    double along = course.along(place);
    for (int i = 0; i <= last; i++) {
      Run run = runs.get(i);
      if (i == last || along <= run.to) {
        return run.at(place, high);
      }
      Run next = runs.get(i + 1);
      if (along < next.from) {
        double share = (along - run.to) / (next.from - run.to);
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
          from.intersection(
              band(i == 0 ? -Box.FAR_MM : run.from, i == runs.size() - 1 ? Box.FAR_MM : run.to));
      for (Bound bound : run.bounds) {
        left = bound.reaching(left, height, tolerance);
      }
      all = all == null ? left : all.unionWith(left);
      if (i > 0 && run.from > runs.get(i - 1).to) {
        all = all.unionWith(between(i, from, height, tolerance));
      }
    }
    return all;
  }

  /** All that lies between two places along. */
  private Region band(double from, double to) {
    if (!course.bends()) {
      return Region.of(new Box(-Box.FAR_MM, from, Box.FAR_MM, to));
    }
    Box all = course.straight(drawn).box().grown(1);
    double low = Math.max(from, all.minY());
    double high = Math.min(to, all.maxY());
    return low < high
        ? course.bent(Region.of(new Box(all.minX(), low, all.maxX(), high)))
        : Region.evenOdd(List.of());
  }

  /** Where a stretch that goes over into the next section reaches a height. */
  private Region between(int next, Region from, double height, double tolerance) {
    double low = runs.get(next - 1).to;
    double high = runs.get(next).from;
    List<Slice> lines = between.computeIfAbsent(next, it -> lines(low, high));
    List<Double> all = lines.stream().map(Slice::y).distinct().toList();
    List<Double> places = tolerance > FINE_MM ? fewer(all) : all;
    Set<Double> wanted = new HashSet<>(places);
    Map<Double, List<Span>> spans = new HashMap<>();
    for (Slice line : lines) {
      if (wanted.contains(line.y())) {
        spans.computeIfAbsent(line.y(), it -> new ArrayList<>()).addAll(line.reaching(height));
      }
    }
    Region straight = course.straight(from.intersection(band(low, high)));
    return course.bent(Strips.of(places, y -> spans.get(y), straight, tolerance));
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

  /** Heights on lines across. */
  private List<Slice> lines(double low, double high) {
    List<Double> places = new ArrayList<>(List.of(low));
    Region straight = course.straight(drawn);
    places.addAll(Strips.along(straight, low, high, STEP_MM));
    places.add(high);
    List<Slice> all = new ArrayList<>();
    for (double y : places) {
      for (Span span : straight.across(y)) {
        all.add(Slice.of(span, y, it -> at(course.at(it.x(), it.y()))));
      }
    }
    return all;
  }
}
