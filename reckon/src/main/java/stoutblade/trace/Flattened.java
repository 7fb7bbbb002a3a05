package stoutblade.trace;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Box;
import stoutblade.shape.Homography;
import stoutblade.shape.Point;

/**
 * A picture with its perspective taken out.
 *
 * @param pixels the flattened picture; clear where the picture does not reach
 * @param frame where it lies in the flattened frame
 * @param step how long one of its pixels is in the flattened frame
 */
public record Flattened(Pixels pixels, Box frame, double step) {

  private static final int LARGEST_SIDE = 2600;
  private static final int ALONG_EDGE = 24;

  /**
   * Flattens a picture.
   *
   * @param toFlat from pixels of the picture to the flattened frame
   * @param shown what of the picture is wanted, in its pixels
   * @param focus the box in the flattened frame that matters; twice it is the most that is made,
   *     for near the horizon a flattened picture has no end
   */
  public static Flattened of(Pixels picture, Homography toFlat, Box shown, Box focus) {
    Box reach = focus.grown(0.5 * Math.max(focus.width(), focus.height()));
    Box frame = cut(around(toFlat, shown, focus), reach);
    double step = Math.max(1, Math.max(frame.width(), frame.height()) / LARGEST_SIDE);
    return at(picture, toFlat, frame, step);
  }

  /**
   * Flattens a picture into a given frame.
   *
   * @param step how long a pixel of the result is in the frame
   */
  public static Flattened at(Pixels picture, Homography toFlat, Box frame, double step) {
    int width = Math.max(2, (int) Math.ceil(frame.width() / step));
    int height = Math.max(2, (int) Math.ceil(frame.height() / step));
    Homography back = toFlat.inverse();
    double sign = Math.signum(back.depth(frame.centre()));
    int[] out = new int[width * height];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        Point flat = new Point(frame.minX() + (x + 0.5) * step, frame.minY() + (y + 0.5) * step);
        if (back.depth(flat) * sign > 1e-12) {
          out[y * width + x] = sample(picture, back.apply(flat));
        }
      }
    }
    return new Flattened(new Pixels(width, height, out), frame, step);
  }

  private static int sample(Pixels picture, Point at) {
    double x = at.x() - 0.5;
    double y = at.y() - 0.5;
    if (x < -0.5 || y < -0.5 || x > picture.width() - 0.5 || y > picture.height() - 0.5) {
      return 0;
    }
    int rgb = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      rgb |= (int) Math.round(picture.channel(x, y, shift)) << shift;
    }
    return 0xff000000 | rgb;
  }

  /** The box around the part of the picture that lies on this side of the horizon. */
  private static Box around(Homography toFlat, Box shown, Box focus) {
    double sign = Math.signum(toFlat.depth(toFlat.inverse().apply(focus.centre())));
    List<Point> edge = new ArrayList<>();
    for (int i = 0; i <= ALONG_EDGE; i++) {
      double share = i / (double) ALONG_EDGE;
      double x = shown.minX() + share * shown.width();
      double y = shown.minY() + share * shown.height();
      for (Point p :
          List.of(
              new Point(x, shown.minY()),
              new Point(x, shown.maxY()),
              new Point(shown.minX(), y),
              new Point(shown.maxX(), y))) {
        if (toFlat.depth(p) * sign > 1e-9) {
          edge.add(toFlat.apply(p));
        }
      }
    }
    edge.add(focus.centre());
    return Box.around(edge);
  }

  private static Box cut(Box box, Box to) {
    return new Box(
        Math.max(box.minX(), to.minX()),
        Math.max(box.minY(), to.minY()),
        Math.max(Math.max(box.minX(), to.minX()) + 1, Math.min(box.maxX(), to.maxX())),
        Math.max(Math.max(box.minY(), to.minY()) + 1, Math.min(box.maxY(), to.maxY())));
  }

  /** A place of the flattened frame, from one of its pixels; (0, 0) is the first one's middle. */
  public Point place(Point px) {
    return new Point(frame.minX() + (px.x() + 0.5) * step, frame.minY() + (px.y() + 0.5) * step);
  }
}
