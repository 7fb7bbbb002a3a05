package stoutblade.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import stoutblade.shape.Point;
import stoutblade.shape.Span;

/**
 * One stretch of a line across, with the height of a face over it.
 *
 * @param y where the line runs, along
 * @param at the height at a place, in mm
 * @param heights heights (y) at places across (x), from left to right
 */
record Slice(double y, ToDoubleFunction<Point> at, List<Point> heights) {

  private static final int PLACES = 48;
  private static final int TRIES = 4;
  private static final double NEAR_MM = 1e-4;

  /** A stretch: places lie closer to its ends, where a round section is steep. */
  static Slice of(Span span, double y, ToDoubleFunction<Point> at) {
    List<Point> heights = new ArrayList<>();
    for (int i = 0; i <= PLACES; i++) {
      double x = span.middle() - span.length() / 2 * Math.cos(Math.PI * i / PLACES);
      heights.add(new Point(x, at.applyAsDouble(new Point(x, y))));
    }
    return new Slice(y, at, heights);
  }

  /** What of it reaches a height. */
  List<Span> reaching(double height) {
    List<Span> spans = new ArrayList<>();
    Point before = heights.getFirst();
    double from = before.x();
    for (Point next : heights) {
      boolean was = before.y() >= height;
      boolean is = next.y() >= height;
      if (is && !was) {
        from = crossing(before, next, height);
      } else if (was && !is) {
        spans.add(new Span(from, crossing(next, before, height)));
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
  private double crossing(Point below, Point above, double height) {
    Point out = below;
    Point in = above;
    for (int i = 0; Math.abs(in.x() - out.x()) > Bound.FINE_MM / 4; i++) {
      double share = i < TRIES ? (height - out.y()) / (in.y() - out.y()) : 0.5;
      double x = out.x() + (in.x() - out.x()) * share;
      Point next = new Point(x, at.applyAsDouble(new Point(x, y)));
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
