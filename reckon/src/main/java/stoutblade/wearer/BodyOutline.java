package stoutblade.wearer;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A standing figure seen from the front or from its right side, with its landmarks at the published
 * fractions of stature; widths between the landmarks are drawn by eye and measure nothing.
 */
public final class BodyOutline {

  private BodyOutline() {}

  /**
   * The outline of a body standing at y = 0 about x = 0.
   *
   * @param stature in mm
   * @return closed paths in mm: the body, the arms at its sides, the head
   */
  public static List<Path> of(double stature) {
    List<Path> paths = new ArrayList<>(front(stature));
    Path arm = arm(stature);
    paths.add(arm);
    paths.add(arm.mirrored());
    return List.copyOf(paths);
  }

  /** Head, trunk and legs from the front, without the arms. */
  public static List<Path> front(double stature) {
    return List.of(head(stature), trunk(stature));
  }

  /** The arm that hangs at the left side of a picture from the front. */
  public static Path hangingArm(double stature) {
    return arm(stature).mirrored();
  }

  /** Head, trunk and legs from the side, looking to the right, without the arms. */
  public static List<Path> side(double stature) {
    double[] places = {
      -0.035,
      0.0,
      0.115,
      0.0,
      0.115,
      0.018,
      0.05,
      0.045,
      0.035,
      0.10,
      0.03,
      0.20,
      0.045,
      Segment.KNEE_HEIGHT.fraction(),
      0.06,
      0.40,
      0.065,
      0.47,
      0.06,
      Segment.HIP_HEIGHT.fraction(),
      0.065,
      0.60,
      0.06,
      0.66,
      0.075,
      0.73,
      0.05,
      0.80,
      0.022,
      0.835,
      0.03,
      0.862,
      0.055,
      Segment.CHIN_HEIGHT.fraction(),
      0.064,
      0.91,
      0.058,
      0.95,
      0.03,
      0.99,
      -0.01,
      1.002,
      -0.05,
      0.978,
      -0.058,
      0.93,
      -0.035,
      0.88,
      -0.03,
      0.85,
      -0.055,
      Segment.SHOULDER_HEIGHT.fraction(),
      -0.075,
      0.74,
      -0.06,
      0.66,
      -0.05,
      0.60,
      -0.075,
      Segment.HIP_HEIGHT.fraction(),
      -0.07,
      0.48,
      -0.05,
      0.42,
      -0.04,
      0.30,
      -0.055,
      0.21,
      -0.03,
      0.08,
      -0.04,
      0.03,
    };
    List<Point> loop = new ArrayList<>();
    for (int i = 0; i < places.length; i += 2) {
      loop.add(new Point(places[i] * stature, places[i + 1] * stature));
    }
    return List.of(Path.through(smoothed(loop), true));
  }

  /** An arm from the shoulder over the elbow to the middle of the grip, with the hand round it. */
  public static Path arm(Point shoulder, Point elbow, Point grip, double stature) {
    List<Point> line = List.of(shoulder, elbow, grip);
    double[] half = {0.026 * stature, 0.021 * stature, 0.02 * stature};
    List<Point> left = new ArrayList<>();
    List<Point> right = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      Point along = line.get(Math.min(i + 1, 2)).minus(line.get(Math.max(i - 1, 0)));
      Point across =
          new Point(-along.y(), along.x()).times(half[i] / Math.max(1e-9, along.length()));
      left.add(line.get(i).plus(across));
      right.add(line.get(i).minus(across));
    }
    Point out = grip.minus(elbow);
    Point tip = grip.plus(out.times(0.035 * stature / Math.max(1e-9, out.length())));
    List<Point> loop = new ArrayList<>(left);
    loop.add(tip);
    loop.addAll(right.reversed());
    return Path.through(smoothed(loop), true);
  }

  private static Path head(double h) {
    return half(h, 0.022, 0.862, 0.040, 0.888, 0.050, 0.93, 0.046, 0.985, 0.020, 1.0);
  }

  /** Trunk and legs: down the inside of one leg, round its foot and up the outside. */
  private static Path trunk(double h) {
    double shoulder = Segment.SHOULDER_WIDTH.fraction() / 2;
    double hip = Segment.HIP_WIDTH.fraction() / 2;
    return half(
        h,
        0.0,
        0.470,
        0.014,
        0.440,
        0.024,
        Segment.KNEE_HEIGHT.fraction(),
        0.028,
        Segment.ANKLE_HEIGHT.fraction() + 0.02,
        0.022,
        0.006,
        0.040,
        0.0,
        0.082,
        0.004,
        0.066,
        Segment.ANKLE_HEIGHT.fraction() + 0.02,
        0.078,
        0.20,
        0.074,
        Segment.KNEE_HEIGHT.fraction(),
        hip + 0.004,
        0.46,
        hip,
        Segment.HIP_HEIGHT.fraction(),
        0.080,
        0.63,
        0.098,
        0.74,
        shoulder - 0.012,
        0.80,
        shoulder - 0.030,
        Segment.SHOULDER_HEIGHT.fraction(),
        0.036,
        0.842,
        0.028,
        0.868,
        0.0,
        0.872);
  }

  private static Path arm(double h) {
    double shoulder = Segment.SHOULDER_HEIGHT.fraction();
    double elbow = shoulder - Segment.UPPER_ARM.fraction();
    double wrist = elbow - Segment.FOREARM.fraction();
    double tip = wrist - Segment.HAND.fraction();
    double out = Segment.SHOULDER_WIDTH.fraction() / 2;
    List<Point> loop = new ArrayList<>();
    double[] places = {
      out - 0.030,
      shoulder - 0.010,
      out + 0.004,
      shoulder - 0.030,
      out + 0.016,
      elbow + 0.06,
      out + 0.020,
      elbow,
      out + 0.022,
      wrist,
      out + 0.030,
      wrist - 0.05,
      out + 0.014,
      tip,
      out - 0.004,
      wrist - 0.04,
      out + 0.002,
      wrist,
      out - 0.014,
      elbow,
      out - 0.026,
      elbow + 0.09,
    };
    for (int i = 0; i < places.length; i += 2) {
      loop.add(new Point(places[i] * h, places[i + 1] * h));
    }
    return Path.through(smoothed(loop), true);
  }

  /** A loop from places on one side, as shares of the stature, and their images on the other. */
  private static Path half(double h, double... places) {
    List<Point> side = new ArrayList<>();
    for (int i = 0; i < places.length; i += 2) {
      side.add(new Point(places[i] * h, places[i + 1] * h));
    }
    List<Point> loop = new ArrayList<>(side);
    for (Point place : side.reversed()) {
      if (place.x() > 0) {
        loop.add(place.mirrored());
      }
    }
    return Path.through(smoothed(loop), true);
  }

  /** Three rounds of corner cutting (Chaikin 1974) make the loop round. */
  private static List<Point> smoothed(List<Point> loop) {
    List<Point> points = loop;
    for (int round = 0; round < 3; round++) {
      List<Point> cut = new ArrayList<>();
      for (int i = 0; i < points.size(); i++) {
        Point here = points.get(i);
        Point next = points.get((i + 1) % points.size());
        cut.add(here.towards(next, 0.25));
        cut.add(here.towards(next, 0.75));
      }
      points = cut;
    }
    return points;
  }
}
