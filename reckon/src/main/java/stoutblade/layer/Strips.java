package stoutblade.layer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.Span;

/** An area from what of every line across belongs to it. */
final class Strips {

  private static final double BESIDE_MM = 1e-4;
  private static final double CORNER = Math.toRadians(2);

  private final List<Path> strips = new ArrayList<>();
  private final List<Point> left = new ArrayList<>();
  private final List<Point> right = new ArrayList<>();

  private Strips() {}

  /**
   * The area.
   *
   * @param places along, rising
   * @param across what belongs to it at a place along
   */
  static Region of(
      List<Double> places, DoubleFunction<List<Span>> across, Region from, double tolerance) {
    return new Strips().made(places, across, from, tolerance);
  }

  /**
   * Places along an area: even steps, and just before and after every corner.
   *
   * @param step how far apart, at most, in mm
   */
  static List<Double> along(Region drawn, double from, double to, double step) {
    Box box = drawn.box();
    double low = Math.max(from, box.minY());
    double high = Math.min(to, box.maxY());
    int steps = (int) Math.ceil(Math.max(0, high - low) / step);
    DoubleStream even =
        IntStream.range(0, steps).mapToDouble(i -> low + (high - low) * (i + 0.5) / steps);
    DoubleStream beside =
        drawn.rings().stream()
            .flatMap(Strips::corners)
            .flatMapToDouble(it -> DoubleStream.of(it.y() - BESIDE_MM, it.y() + BESIDE_MM));
    return DoubleStream.concat(even, beside)
        .filter(y -> y > low && y < high)
        .boxed()
        .sorted(Comparator.naturalOrder())
        .distinct()
        .toList();
  }

  /** Where a ring turns at once: between them even steps follow it well enough. */
  private static Stream<Point> corners(List<Point> ring) {
    List<Point> all = new ArrayList<>();
    for (int i = 1; i < ring.size(); i++) {
      Point after = i + 1 < ring.size() ? ring.get(i + 1) : ring.get(1);
      double turn = ring.get(i).turn(ring.get(i - 1), after);
      if (Math.abs(turn) > CORNER) {
        all.add(ring.get(i));
      }
    }
    return all.stream();
  }

  private Region made(
      List<Double> places, DoubleFunction<List<Span>> across, Region from, double tolerance) {
    List<Span> before = List.of();
    double beforeY = 0;
    for (double y : places) {
      List<Span> spans = across.apply(y);
      boolean one = spans.size() == 1;
      if (one) {
        left.add(new Point(spans.getFirst().from(), y));
        right.add(new Point(spans.getFirst().to(), y));
      }
      if (!one && !left.isEmpty()) {
        close();
      }
      if (spans.size() > 1 && spans.size() == before.size()) {
        for (int i = 0; i < spans.size(); i++) {
          strips.add(quad(before.get(i), beforeY, spans.get(i), y));
        }
      } else if (spans.size() != before.size()) {
        // Somewhere between the two a stretch begins, ends, parts or joins: half way will do.
        double middle = (beforeY + y) / 2;
        for (Span span : before) {
          strips.add(quad(span, beforeY, span, middle));
        }
        for (Span span : spans.isEmpty() || places.getFirst() == y ? List.<Span>of() : spans) {
          strips.add(quad(span, middle, span, y));
        }
      }
      before = spans;
      beforeY = y;
    }
    close();
    return strips.isEmpty()
        ? Region.evenOdd(List.of())
        : Region.union(strips, tolerance).intersection(from);
  }

  private void close() {
    if (left.size() > 1) {
      List<Point> ring = new ArrayList<>(left);
      ring.addAll(right.reversed());
      strips.add(Path.through(ring, true));
    }
    left.clear();
    right.clear();
  }

  private static Path quad(Span below, double y, Span above, double top) {
    return Path.through(
        List.of(
            new Point(below.from(), y),
            new Point(below.to(), y),
            new Point(above.to(), top),
            new Point(above.from(), top)),
        true);
  }
}
