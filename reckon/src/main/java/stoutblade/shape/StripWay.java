package stoutblade.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.PriorityQueue;

/** A rough way from one end of a strip to the other, over a grid, that keeps away from the edge. */
final class StripWay {

  private static final double MOST_CELLS = 20_000;

  /** So many cells go across a strip of even width. */
  private static final double ACROSS = 5;

  private final Box box;
  private final double cell;
  private final int wide;
  private final int high;
  private final double[] clear;

  StripWay(Region region) {
    box = region.box();
    double width = 2 * region.area() / region.perimeter();
    cell = Math.max(width / ACROSS, Math.sqrt(box.width() * box.height() / MOST_CELLS));
    wide = (int) Math.ceil(box.width() / cell);
    high = (int) Math.ceil(box.height() / cell);
    clear = new double[wide * high];
    List<Polyline> edges =
        region.rings().stream().map(it -> Polyline.of(Path.through(it, true), cell / 20)).toList();
    for (int row = 0; row < high; row++) {
      for (Span span : region.across(centre(row * wide).y())) {
        for (int column = 0; column < wide; column++) {
          Point at = centre(row * wide + column);
          if (span.holds(at.x())) {
            clear[row * wide + column] =
                edges.stream().mapToDouble(it -> it.distance(at.x(), at.y())).min().orElse(0);
          }
        }
      }
    }
  }

  private Point centre(int at) {
    int row = at / wide;
    return new Point(box.minX() + (at % wide + 0.5) * cell, box.minY() + (row + 0.5) * cell);
  }

  /** The way; empty where nothing is inside. */
  List<Point> line() {
    int any = 0;
    for (int i = 0; i < clear.length; i++) {
      any = clear[i] > clear[any] ? i : any;
    }
    int one = furthest(spread(any, false).far);
    int other = furthest(spread(one, false).far);
    int[] from = spread(one, true).from;
    List<Point> line = new ArrayList<>();
    for (int at = other; at >= 0; at = from[at]) {
      line.add(centre(at));
    }
    return line;
  }

  private static int furthest(double[] far) {
    int most = 0;
    for (int i = 0; i < far.length; i++) {
      if (!Double.isInfinite(far[i]) && (Double.isInfinite(far[most]) || far[i] > far[most])) {
        most = i;
      }
    }
    return most;
  }

  /** How far every cell is from one, and from which it was reached; -1 for none. */
  private static final class Spread {
    private final double[] far;
    private final int[] from;

    Spread(int cells) {
      far = new double[cells];
      from = new int[cells];
      Arrays.fill(far, Double.POSITIVE_INFINITY);
      Arrays.fill(from, -1);
    }
  }

  private record Reached(int at, double far) {}

  private Spread spread(int start, boolean inMiddle) {
    Spread spread = new Spread(clear.length);
    PriorityQueue<Reached> waiting = new PriorityQueue<>((a, b) -> Double.compare(a.far, b.far));
    spread.far[start] = 0;
    waiting.add(new Reached(start, 0));
    while (!waiting.isEmpty()) {
      Reached next = waiting.remove();
      if (next.far > spread.far[next.at]) {
        continue;
      }
      for (int k = 0; k < 9; k++) {
        int column = next.at % wide + k % 3 - 1;
        int row = next.at / wide + k / 3 - 1;
        int to = row * wide + column;
        if (column < 0 || column >= wide || row < 0 || row >= high || clear[to] == 0) {
          continue;
        }
        double step = Math.hypot(k % 3 - 1, k / 3 - 1);
        double reached =
            next.far + (inMiddle ? step * cell * cell / (clear[to] * clear[to]) : step);
        if (reached < spread.far[to]) {
          spread.far[to] = reached;
          spread.from[to] = next.at;
          waiting.add(new Reached(to, reached));
        }
      }
    }
    return spread;
  }
}
