package stoutblade.feature;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Cubic;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/** Closed shapes about their own place, their up along y; in mm. */
public final class Motifs {

  /** How far the tip of a barb reaches aside of its middle, in widths of its root. */
  private static final double BARB_OVER = 0.75;

  /** How high its inner corner lies, as a share of it. */
  private static final double BARB_ROOT = 0.3;

  private Motifs() {}

  public static Path disc(double across) {
    return WholeOutline.circle(new Point(0, 0), across / 2).path();
  }

  /** A rectangle with round ends, its length across. */
  static Path slot(double length, double width) {
    double reach = Math.max(0, (length - width) / 2);
    if (reach == 0) {
      return disc(width);
    }
    double half = width / 2;
    return new WholeOutline(
            List.of(
                Node.corner(-reach, -half),
                new Node(new Point(reach, -half), Node.Kind.CORNER, 0, 1),
                Node.corner(reach, half),
                new Node(new Point(-reach, half), Node.Kind.CORNER, 0, 1)))
        .path();
  }

  /** A rectangle with rounded corners. */
  static Path window(double wide, double high, double corner) {
    double x = wide / 2;
    double y = high / 2;
    double radius = Math.min(corner, Math.min(x, y));
    return new WholeOutline(
            List.of(
                Node.round(-x, -y, radius),
                Node.round(x, -y, radius),
                Node.round(x, y, radius),
                Node.round(-x, y, radius)))
        .path();
  }

  /**
   * A tooth, or with a negative height a notch, on an edge at y = 0: its root reaches past the edge
   * so that it joins a bent one.
   *
   * @param shape 0 pointed, 1 round, 2 square, 3 upright on its first side, 4 on its last, 5
   *     leaning over its first side as a barb does
   */
  static Path tooth(int shape, double wide, double high) {
    double root = -Math.signum(high) * Math.min(wide, 4);
    double half = wide / 2;
    List<Point> points = new ArrayList<>(List.of(new Point(-half, root), new Point(half, root)));
    switch (shape) {
      case 0 -> points.addAll(List.of(new Point(half, 0), new Point(0, high)));
      case 1 -> {
        for (int i = 0; i < 24; i++) {
          double turn = Math.PI * i / 24;
          points.add(new Point(half * Math.cos(turn), high * Math.sin(turn)));
        }
      }
      case 3 -> points.addAll(List.of(new Point(half, 0), new Point(-half, high)));
      case 4 -> points.addAll(List.of(new Point(half, high)));
      case 5 ->
          points.addAll(
              List.of(
                  new Point(half, 0),
                  new Point(-wide * BARB_OVER, high),
                  new Point(-half + wide * BARB_ROOT, high * BARB_ROOT)));
      default -> points.addAll(List.of(new Point(half, high), new Point(-half, high)));
    }
    points.add(new Point(-half, 0));
    return Path.through(points, true);
  }

  /** An ornament that stands on its place. */
  static Path ornament(int shape, double wide, double high) {
    double half = wide / 2;
    return switch (shape) {
      case 0 ->
          Path.through(List.of(new Point(-half, 0), new Point(half, 0), new Point(0, high)), true);
      case 1 -> {
        double arm = Math.min(high * 0.4, wide * 0.45);
        yield Path.through(
            List.of(
                new Point(-half, 0),
                new Point(0, high - arm),
                new Point(half, 0),
                new Point(half, arm),
                new Point(0, high),
                new Point(-half, arm)),
            true);
      }
      case 2 -> wave(half, high);
      case 3 ->
          new WholeOutline(
                  List.of(
                      Node.corner(-half, 0),
                      Node.corner(half, 0),
                      Node.curve(half * 0.92, high * 0.55),
                      Node.curve(0, high),
                      Node.curve(-half * 0.92, high * 0.55)))
              .path();
      default -> disc(wide).moved(it -> it.plus(new Point(0, high / 2)));
    };
  }

  /** A breaking wave: it rises on the left and curls over to the right. */
  private static Path wave(double half, double high) {
    Point left = new Point(-half, 0);
    Point crest = new Point(half * 0.35, high);
    Point lip = new Point(half * 0.8, high * 0.45);
    Point hollow = new Point(half * 0.3, high * 0.55);
    Point right = new Point(half, 0);
    return new Path(
        List.of(
            Cubic.line(left, right),
            new Cubic(right, new Point(half * 0.35, 0), new Point(half * 0.02, high * 0.2), hollow),
            new Cubic(
                hollow,
                new Point(half * 0.38, high * 0.75),
                new Point(half * 0.66, high * 0.72),
                lip),
            new Cubic(
                lip, new Point(half * 0.98, high * 0.82), new Point(half * 0.75, high), crest),
            new Cubic(
                crest, new Point(-half * 0.3, high), new Point(-half * 0.45, high * 0.1), left)),
        true);
  }
}
