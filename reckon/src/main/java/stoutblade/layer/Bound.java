package stoutblade.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import stoutblade.feature.Fuller;
import stoutblade.shape.Box;
import stoutblade.shape.CentreLine;
import stoutblade.shape.Course;
import stoutblade.shape.Point;
import stoutblade.shape.Polyline;
import stoutblade.shape.Region;
import stoutblade.shape.Span;
import stoutblade.stack.Profile;

/** What keeps a face from its full height somewhere. Heights and lengths are in mm. */
sealed interface Bound
    permits Along,
        Bound.FromEdge,
        Bound.Rounded,
        Bound.Across,
        Bound.Taper,
        Bound.Bent,
        Bound.Trough {

  /** Lines that need not be nearer than this are drawn from fewer pieces. */
  double FINE_MM = 0.02;

  /** The height that it allows at a place. */
  double at(Point place);

  /**
   * Where it allows a height.
   *
   * @param from the area that is asked about
   * @param tolerance how far arcs may lie from true ones, in mm
   */
  Region reaching(Region from, double height, double tolerance);

  /**
   * Rises from an edge over a width.
   *
   * @param edges lines along it
   * @param coarse the same of fewer pieces, for what need not be so near
   * @param lines the same, for distances
   * @param profile how it rises
   * @param wide over how much
   * @param low the height at the edge
   * @param high the height where it is full
   */
  record FromEdge(
      List<List<Point>> edges,
      List<List<Point>> coarse,
      List<Polyline> lines,
      Profile profile,
      double wide,
      double low,
      double high)
      implements Bound {

    @Override
    public double at(Point place) {
      double share = Math.min(1, nearest(lines, place) / wide);
      return low + (high - low) * profile.risen(share);
    }

    @Override
    public Region reaching(Region from, double height, double tolerance) {
      return height <= low
          ? from
          : away(
              tolerance > FINE_MM ? coarse : edges,
              from,
              wide * profile.reached((height - low) / (high - low)),
              tolerance);
    }
  }

  private static double nearest(List<Polyline> lines, Point place) {
    return lines.stream()
        .mapToDouble(it -> it.distance(place.x(), place.y()))
        .min()
        .orElse(Double.POSITIVE_INFINITY);
  }

  private static Region away(
      List<List<Point>> edges, Region from, double distance, double tolerance) {
    Region left = from;
    for (List<Point> edge : edges) {
      left = left.furtherThan(edge, distance, tolerance);
    }
    return left;
  }

  /**
   * The corner of an edge, rounded.
   *
   * @param edges lines along it
   * @param lines the same, for distances
   * @param radius of the rounding
   * @param high where the rounding ends: the height that far in
   */
  record Rounded(List<List<Point>> edges, List<Polyline> lines, double radius, double high)
      implements Bound {

    @Override
    public double at(Point place) {
      double left = radius - nearest(lines, place);
      return left <= 0
          ? Double.POSITIVE_INFINITY
          : high - radius + Math.sqrt(radius * radius - left * left);
    }

    @Override
    public Region reaching(Region from, double height, double tolerance) {
      double over = height - (high - radius);
      if (over <= 0) {
        return from;
      }
      double up = Math.min(over, radius);
      return away(
          edges, from, radius - Math.sqrt(Math.max(0, radius * radius - up * up)), tolerance);
    }
  }

  /**
   * Rises from both ends of every section across to a ridge midway.
   *
   * @param drawn what is cut across
   * @param profile how it rises
   * @param low the height at the edge
   * @param high the height at the ridge, at the near end
   * @param taper the share of it that is left, along
   * @param slices heights over lines across, where the taper follows a bend, by how far apart they
   *     are; filled as they are asked for
   */
  record Across(
      Region drawn,
      Profile profile,
      double low,
      double high,
      Taper taper,
      Map<Double, List<Slice>> slices)
      implements Bound {

    private static final double STEP_MM = 0.5;
    private static final double COARSE_STEP_MM = 2;

    Across(Region drawn, Profile profile, double low, double high, Taper taper) {
      this(drawn, profile, low, high, taper, new ConcurrentHashMap<>());
    }

    @Override
    public double at(Point place) {
      double share = 0;
      for (Span span : drawn.across(place.y())) {
        if (span.holds(place.x()) && span.length() > 0) {
          share = 2 * Math.min(place.x() - span.from(), span.to() - place.x()) / span.length();
        }
      }
      double full = high * taper.share(place);
      return Math.min(low, full) + Math.max(0, full - low) * profile.risen(share);
    }

    @Override
    public Region reaching(Region from, double height, double tolerance) {
      if (height <= Math.min(low, high * profile.tip())) {
        return from;
      }
      if (from.isEmpty()) {
        return from;
      }
      double step = tolerance > FINE_MM ? COARSE_STEP_MM : STEP_MM;
      if (taper.bends()) {
        return sliced(from, height, step, tolerance);
      }
      // A little more than is asked about: its ends are cut off square.
      Box box = from.box().grown(1);
      List<Double> places = Strips.along(drawn, box.minY(), box.maxY(), step);
      return Strips.of(places, y -> shrunk(y, height), from, tolerance);
    }

    /** What of the section at a place along is that high. */
    private List<Span> shrunk(double y, double height) {
      double full = high * taper.share(new Point(0, y));
      double edge = Math.min(low, full);
      if (height > full) {
        return List.of();
      }
      double share = full > edge ? profile.reached((height - edge) / (full - edge)) : 0;
      return drawn.across(y).stream()
          .map(
              it ->
                  new Span(it.from() + share * it.length() / 2, it.to() - share * it.length() / 2))
          .toList();
    }

    /** The same where the full height is another from place to place across. */
    private Region sliced(Region from, double height, double step, double tolerance) {
      Map<Double, List<Span>> spans = new TreeMap<>();
      for (Slice slice : slices.computeIfAbsent(step, this::slices)) {
        spans.computeIfAbsent(slice.y(), y -> new ArrayList<>()).addAll(slice.reaching(height));
      }
      return Strips.of(List.copyOf(spans.keySet()), spans::get, from, tolerance);
    }

    private List<Slice> slices(double step) {
      Box box = drawn.box().grown(1);
      return Strips.along(drawn, box.minY(), box.maxY(), step).stream()
          .flatMap(y -> drawn.across(y).stream().map(span -> Slice.of(span, y, this::at)))
          .toList();
    }
  }

  /**
   * Planed thinner towards the far end.
   *
   * @param from the near end, along
   * @param to the far end
   * @param bent the line that it follows where the part is bent; else it goes straight along
   * @param high the full height at the near end
   * @param tip the share of it at the far end
   */
  record Taper(double from, double to, Optional<CentreLine> bent, double high, double tip)
      implements Bound {

    /** The taper of an outline, over the length of its centre line where that is curved. */
    static Taper of(Region drawn, Course course, double high, double tip) {
      if (course.bends()) {
        return new Taper(0, course.length().orElseThrow(), Optional.empty(), high, tip);
      }
      Box box = drawn.box();
      return new Taper(
          box.minY(), box.maxY(), tip == 1 ? Optional.empty() : CentreLine.of(drawn), high, tip);
    }

    boolean bends() {
      return bent.isPresent();
    }

    double share(Point place) {
      double along =
          bends() ? bent.get().share(place) : Math.clamp((place.y() - from) / (to - from), 0, 1);
      return 1 + (tip - 1) * along;
    }

    @Override
    public double at(Point place) {
      return high * share(place);
    }

    @Override
    public Region reaching(Region from, double height, double tolerance) {
      if (tip == 1 || height <= high * tip) {
        return from;
      }
      double along = (1 - height / high) / (1 - tip);
      if (bends()) {
        return bent.get().upTo(from, along);
      }
      double end = this.from + (to - this.from) * along;
      return from.intersection(Region.of(new Box(-Box.FAR_MM, -Box.FAR_MM, Box.FAR_MM, end)));
    }
  }

  /**
   * A bound that is said of the part with its centre line laid straight.
   *
   * @param inner what it is there
   * @param course the way that the line runs
   */
  record Bent(Bound inner, Course course) implements Bound {

    @Override
    public double at(Point place) {
      return inner.at(course.straight(place));
    }

    @Override
    public Region reaching(Region from, double height, double tolerance) {
      Region straight = course.straight(from);
      Region left = inner.reaching(straight, height, tolerance);
      return left.equals(straight) ? from : course.bent(left).intersection(from);
    }
  }

  /**
   * A trough.
   *
   * @param fuller where it runs
   * @param high the height of the face that it is routed from
   */
  record Trough(Fuller fuller, double high) implements Bound {

    @Override
    public double at(Point place) {
      return high + fuller.heightAt(place);
    }

    @Override
    public Region reaching(Region from, double height, double tolerance) {
      double wide = fuller.wideAt(high - height);
      return wide <= 0
          ? from
          : from.difference(Region.inside(fuller.around(wide), Math.max(tolerance / 4, 0.002)));
    }
  }
}
