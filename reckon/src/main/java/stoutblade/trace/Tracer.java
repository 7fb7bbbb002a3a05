package stoutblade.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleConsumer;
import java.util.function.UnaryOperator;
import stoutblade.shape.NodeFitting;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/**
 * Follows what is drawn or cut out on a picture: the edge of what is darker or lighter than its
 * surroundings, or of one colour, or the middle of a drawn line.
 */
public final class Tracer {

  /** The most outlines that are kept of one picture. */
  private static final int MOST_OUTLINES = Tracing.MOST_OUTLINES;

  /** A line is thin: its area over its length is at most this share of its length. */
  private static final double THIN = 0.04;

  private Tracer() {}

  /** What is told apart from what. */
  public enum By {
    DARK("What is dark"),
    LIGHT("What is light"),
    COLOUR("What has this colour");

    private final String words;

    By(String words) {
      this.words = words;
    }

    /** What it is called. */
    public String words() {
      return words;
    }
  }

  /**
   * How to trace.
   *
   * @param by what is told apart
   * @param rgb the colour that is wanted, 0xRRGGBB; used for a colour only
   * @param bias moves the level between the two from -1, less is taken, over 0 to 1, more is taken
   * @param blurPx how far the picture is smoothed first, in pixels
   * @param lineMiddle true where a drawn line is followed along its middle
   * @param toleranceMm how far the nodes' curves may lie from what was followed, in mm
   * @param leastMm2 what is smaller than this is let go, in mm²
   */
  public record Options(
      By by,
      int rgb,
      double bias,
      double blurPx,
      boolean lineMiddle,
      double toleranceMm,
      double leastMm2) {

    /** Dark on light, within 0.2 mm. */
    public static final Options USUAL = new Options(By.DARK, 0, 0, 1, true, 0.2, 20);

    /**
     * Checks the ranges.
     *
     * @throws IllegalArgumentException if one is out of range
     */
    public Options {
      if (!(Math.abs(bias) <= 1 && blurPx >= 0 && blurPx <= 50)) {
        throw new IllegalArgumentException(
            "The level lies between -1 and 1, smoothing below 50 px");
      }
      if (!(toleranceMm >= 0.01 && toleranceMm <= 50)) {
        throw new IllegalArgumentException(
            "Curves follow within 0.01 to 50 mm; found " + toleranceMm + " mm");
      }
    }

    public Options withBy(By changed, int colour) {
      return new Options(changed, colour, bias, blurPx, lineMiddle, toleranceMm, leastMm2);
    }

    public Options withBias(double changed) {
      return new Options(by, rgb, changed, blurPx, lineMiddle, toleranceMm, leastMm2);
    }

    public Options withLineMiddle(boolean changed) {
      return new Options(by, rgb, bias, blurPx, changed, toleranceMm, leastMm2);
    }

    public Options withTolerance(double mm) {
      return new Options(by, rgb, bias, blurPx, lineMiddle, mm, leastMm2);
    }
  }

  /**
   * What was found.
   *
   * @param outlines the outlines, largest first
   * @param lineWidthMm how wide the drawn line is; 0 where none was followed along its middle
   */
  public record Result(List<WholeOutline> outlines, double lineWidthMm) {}

  /**
   * Traces a picture.
   *
   * @param toMm from places between the middles of its pixels to mm, y up
   * @param mmPerPixel how large a pixel is
   * @param progress takes the share that is done, 0 to 1; may throw to stop
   */
  public static Result trace(
      Pixels picture,
      UnaryOperator<Point> toMm,
      double mmPerPixel,
      Options options,
      DoubleConsumer progress) {
    Field field = Separation.of(picture, options).blurred(options.blurPx);
    progress.accept(0.4);
    double leastPx2 = options.leastMm2 / (mmPerPixel * mmPerPixel);
    List<List<Point>> rings =
        Contours.of(field).stream()
            .filter(ring -> Math.abs(area(ring)) >= leastPx2)
            .sorted(Comparator.comparing((List<Point> ring) -> -Math.abs(area(ring))))
            .limit(MOST_OUTLINES)
            .map(ring -> ring.stream().map(toMm).toList())
            .toList();
    progress.accept(0.6);
    Middle middle = options.lineMiddle ? Middle.of(rings) : new Middle(rings, 0);
    List<WholeOutline> outlines = new ArrayList<>();
    for (int i = 0; i < middle.rings.size(); i++) {
      outlines.add(NodeFitting.closed(middle.rings.get(i), options.toleranceMm));
      progress.accept(0.6 + 0.4 * (i + 1) / middle.rings.size());
    }
    return new Result(List.copyOf(outlines), middle.widthMm);
  }

  static double area(List<Point> ring) {
    double twice = 0;
    for (int i = 0; i < ring.size(); i++) {
      Point a = ring.get(i);
      Point b = ring.get((i + 1) % ring.size());
      twice += a.x() * b.y() - b.x() * a.y();
    }
    return twice / 2;
  }

  /** Rings along the middle of drawn lines: the outer edge of a line moved in by half its width. */
  private record Middle(List<List<Point>> rings, double widthMm) {

    static Middle of(List<List<Point>> rings) {
      if (rings.size() < 2) {
        return new Middle(rings, 0);
      }
      List<Point> outer = rings.getFirst();
      List<Point> inner = rings.get(1);
      double between = Math.abs(area(outer)) - Math.abs(area(inner));
      double along = (length(outer) + length(inner)) / 2;
      double width = between / along;
      if (!Region.evenOdd(List.of(outer)).contains(inner.getFirst()) || width > THIN * along) {
        return new Middle(rings, 0);
      }
      List<List<Point>> moved = new ArrayList<>();
      moved.addAll(Region.evenOdd(List.of(outer)).offset(-width / 2).rings());
      rings.subList(2, rings.size()).forEach(moved::add);
      return new Middle(moved, width);
    }

    private static double length(List<Point> ring) {
      double sum = 0;
      for (int i = 0; i < ring.size(); i++) {
        sum += ring.get(i).distance(ring.get((i + 1) % ring.size()));
      }
      return sum;
    }
  }
}
