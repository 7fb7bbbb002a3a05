package stoutblade.nest;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * A shape as the search sees it, about the middle of its box: the corners of its rings, and circles
 * that lie inside it and fill it roughly. Two shapes whose circles meet lie over one another; by
 * how much the circles do, it is told how far apart they have to be moved.
 */
final class Form {

  /** How many circles a shape is filled with at most. */
  private static final int CIRCLES = 10;

  /** A circle smaller than this share of the largest says nothing. */
  private static final double SMALLEST = 0.12;

  /** So many places across its box are looked at for middles of circles. */
  private static final int ACROSS = 18;

  private static final double JUST_INSIDE = 0.999;

  final double[] xs;
  final double[] ys;

  /** Where each ring ends among the corners. */
  final int[] ends;

  final double[] circleX;
  final double[] circleY;
  final double[] circleR;
  final double area;

  /** How far its furthest corner is from the middle. */
  final double reach;

  /** Large ones weigh more where they overlap: the fourth root of the area of its box. */
  final double weight;

  final double width;
  final double height;

  private Form(double[] xs, double[] ys, int[] ends, double[][] circles, double area) {
    this.xs = xs;
    this.ys = ys;
    this.ends = ends;
    this.circleX = circles[0];
    this.circleY = circles[1];
    this.circleR = circles[2];
    this.area = area;
    double far = 0;
    double wide = 0;
    double high = 0;
    for (int i = 0; i < xs.length; i++) {
      far = Math.max(far, Math.hypot(xs[i], ys[i]));
      wide = Math.max(wide, Math.abs(xs[i]));
      high = Math.max(high, Math.abs(ys[i]));
    }
    this.reach = far;
    this.width = 2 * wide;
    this.height = 2 * high;
    this.weight = Math.pow(width * height, 0.25);
  }

  /**
   * What lies inside some edges.
   *
   * @param middle what becomes the origin
   */
  static Form of(Region region, Point middle) {
    List<double[]> corners = new ArrayList<>();
    List<Integer> ends = new ArrayList<>();
    for (List<Point> ring : region.rings()) {
      for (Point it : ring.subList(0, ring.size() - 1)) {
        corners.add(new double[] {it.x() - middle.x(), it.y() - middle.y()});
      }
      ends.add(corners.size());
    }
    double[] xs = corners.stream().mapToDouble(it -> it[0]).toArray();
    double[] ys = corners.stream().mapToDouble(it -> it[1]).toArray();
    int[] all = ends.stream().mapToInt(Integer::intValue).toArray();
    return new Form(xs, ys, all, circles(xs, ys, all, region.box()), region.area());
  }

  /** The same turned over about its y axis. */
  Form mirrored() {
    return new Form(
        negative(xs), ys, ends, new double[][] {negative(circleX), circleY, circleR}, area);
  }

  private static double[] negative(double[] of) {
    double[] all = new double[of.length];
    for (int i = 0; i < of.length; i++) {
      all[i] = -of[i];
    }
    return all;
  }

  // == CIRCLES

  /** The largest circle inside, then the largest beside those that are there. */
  private static double[][] circles(double[] xs, double[] ys, int[] ends, Box box) {
    List<double[]> free = new ArrayList<>();
    double stepX = box.width() / ACROSS;
    double stepY = box.height() / ACROSS;
    for (int i = 0; i < ACROSS; i++) {
      for (int k = 0; k < ACROSS; k++) {
        double x = -box.width() / 2 + (i + 0.5) * stepX;
        double y = -box.height() / 2 + (k + 0.5) * stepY;
        if (Rings.holds(xs, ys, ends, x, y)) {
          free.add(new double[] {x, y, Rings.distance(xs, ys, ends, x, y)});
        }
      }
    }
    List<double[]> found = new ArrayList<>();
    while (found.size() < CIRCLES) {
      double[] best = largest(free, found);
      if (best == null
          || (!found.isEmpty() && room(best, found) < SMALLEST * found.getFirst()[2])) {
        break;
      }
      double[] circle = bettered(xs, ys, ends, best, found, Math.max(stepX, stepY));
      found.add(circle);
    }
    if (found.isEmpty()) {
      // Too thin for any of the places that were looked at: beside the middle of its first edge.
      found.add(thin(xs, ys, ends));
    }
    double[][] all = new double[3][found.size()];
    for (int i = 0; i < found.size(); i++) {
      all[0][i] = found.get(i)[0];
      all[1][i] = found.get(i)[1];
      all[2][i] = found.get(i)[2];
    }
    return all;
  }

  private static double[] largest(List<double[]> free, List<double[]> found) {
    double[] best = null;
    double most = 0;
    for (double[] it : free) {
      double room = room(it, found);
      if (room > most) {
        most = room;
        best = it;
      }
    }
    return best;
  }

  /** How large a circle round a place may be, beside those that are there. */
  private static double room(double[] place, List<double[]> found) {
    double room = place[2];
    for (double[] it : found) {
      room = Math.min(room, Math.hypot(place[0] - it[0], place[1] - it[1]) - it[2]);
    }
    return room;
  }

  /** Moves the middle about for as long as the circle grows. */
  private static double[] bettered(
      double[] xs, double[] ys, int[] ends, double[] from, List<double[]> found, double first) {
    double[] best = from.clone();
    double most = room(best, found);
    for (double step = first / 2; step > first / 20; step /= 2) {
      boolean moved = true;
      while (moved) {
        moved = false;
        for (int way = 0; way < 4; way++) {
          double x = best[0] + (way == 0 ? step : way == 1 ? -step : 0);
          double y = best[1] + (way == 2 ? step : way == 3 ? -step : 0);
          if (Rings.holds(xs, ys, ends, x, y)) {
            double[] tried = {x, y, Rings.distance(xs, ys, ends, x, y)};
            double room = room(tried, found);
            if (room > most) {
              most = room;
              best = tried;
              moved = true;
            }
          }
        }
      }
    }
    return new double[] {best[0], best[1], most * JUST_INSIDE};
  }

  private static double[] thin(double[] xs, double[] ys, int[] ends) {
    int next = ends[0] > 1 ? 1 : 0;
    double x = (xs[0] + xs[next]) / 2;
    double y = (ys[0] + ys[next]) / 2;
    double length = Math.hypot(xs[next] - xs[0], ys[next] - ys[0]);
    double acrossX = -(ys[next] - ys[0]) / length;
    double acrossY = (xs[next] - xs[0]) / length;
    for (double step = length; step > 1e-9; step /= 2) {
      for (int side = -1; side <= 1; side += 2) {
        double atX = x + side * step * acrossX;
        double atY = y + side * step * acrossY;
        if (Rings.holds(xs, ys, ends, atX, atY)) {
          return new double[] {atX, atY, Rings.distance(xs, ys, ends, atX, atY) * JUST_INSIDE};
        }
      }
    }
    return new double[] {x, y, 1e-9};
  }
}
