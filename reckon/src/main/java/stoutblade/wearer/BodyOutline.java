package stoutblade.wearer;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A standing figure seen from the front, with its landmarks at the published fractions of stature;
 * widths between the landmarks are drawn by eye and measure nothing.
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
    List<Path> paths = new ArrayList<>();
    paths.add(head(stature));
    paths.add(trunk(stature));
    Path arm = arm(stature);
    paths.add(arm);
    paths.add(arm.mirrored());
    return List.copyOf(paths);
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
