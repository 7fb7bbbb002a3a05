package stoutblade.shape;

import java.util.Arrays;
import java.util.List;

/**
 * The edges of rings, put into rows by how high they lie, so that a line across looks only at those
 * of its row: such lines are asked for by the thousand.
 */
final class Rows {

  private static final int MOST_ROWS = 256;
  private static final int EDGES_EACH = 4;

  /** An edge lies in each row that it runs through; with more than this of them rows are fewer. */
  private static final int MOST_TIMES = 8;

  private final double low;
  private final double high;
  private final int count;

  /** Where the edges of each row begin in the arrays below; after the last row their end. */
  private final int[] starts;

  private final double[] fromX;
  private final double[] fromY;
  private final double[] toX;
  private final double[] toY;

  private Rows(double low, double high, int count, int[] starts) {
    int entries = starts[count];
    this.low = low;
    this.high = high;
    this.count = count;
    this.starts = starts;
    this.fromX = new double[entries];
    this.fromY = new double[entries];
    this.toX = new double[entries];
    this.toY = new double[entries];
  }

  /** The rows of closed rings, the first point of each repeated at its end. */
  static Rows of(List<List<Point>> rings) {
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    int edges = 0;
    for (List<Point> ring : rings) {
      edges += ring.size() - 1;
      for (Point it : ring) {
        low = Math.min(low, it.y());
        high = Math.max(high, it.y());
      }
    }
    int count = Math.clamp(edges / EDGES_EACH, 1, MOST_ROWS);
    int[] starts = starts(rings, low, high, count);
    while (count > 1 && starts[count] > (long) MOST_TIMES * edges) {
      count /= 2;
      starts = starts(rings, low, high, count);
    }
    Rows rows = new Rows(low, high, count, starts);
    rows.fill(rings);
    return rows;
  }

  private static int[] starts(List<List<Point>> rings, double low, double high, int count) {
    int[] starts = new int[count + 1];
    for (List<Point> ring : rings) {
      for (int i = 1; i < ring.size(); i++) {
        double one = ring.get(i - 1).y();
        double other = ring.get(i).y();
        int last = row(Math.max(one, other), low, high, count);
        for (int row = row(Math.min(one, other), low, high, count); row <= last; row++) {
          starts[row + 1]++;
        }
      }
    }
    Arrays.parallelPrefix(starts, Integer::sum);
    return starts;
  }

  private static int row(double y, double low, double high, int count) {
    return high > low ? (int) Math.clamp((y - low) / (high - low) * count, 0.0, count - 1.0) : 0;
  }

  private void fill(List<List<Point>> rings) {
    int[] next = starts.clone();
    for (List<Point> ring : rings) {
      for (int i = 1; i < ring.size(); i++) {
        Point one = ring.get(i - 1);
        Point other = ring.get(i);
        int last = row(Math.max(one.y(), other.y()), low, high, count);
        for (int row = row(Math.min(one.y(), other.y()), low, high, count); row <= last; row++) {
          int at = next[row]++;
          fromX[at] = one.x();
          fromY[at] = one.y();
          toX[at] = other.x();
          toY[at] = other.y();
        }
      }
    }
  }

  /** Where the line at a height crosses the rings, from left to right. */
  double[] crossings(double y) {
    if (!(y >= low && y <= high)) {
      return new double[0];
    }
    double[] found = new double[8];
    int crossed = 0;
    int row = row(y, low, high, count);
    for (int i = starts[row]; i < starts[row + 1]; i++) {
      if ((fromY[i] <= y) != (toY[i] <= y)) {
        if (crossed == found.length) {
          found = Arrays.copyOf(found, 2 * crossed);
        }
        double share = (y - fromY[i]) / (toY[i] - fromY[i]);
        found[crossed++] = fromX[i] + (toX[i] - fromX[i]) * share;
      }
    }
    double[] sorted = Arrays.copyOf(found, crossed);
    Arrays.sort(sorted);
    return sorted;
  }
}
