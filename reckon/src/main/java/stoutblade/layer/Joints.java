package stoutblade.layer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * Where a layer is cut apart that is larger than its sheet: its pieces are glued edge to edge.
 *
 * @param across places across at which it is cut, in mm
 * @param along places along at which it is cut
 */
public record Joints(List<Double> across, List<Double> along) {

  /** Nothing is cut apart. */
  public static final Joints NONE = new Joints(List.of(), List.of());

  private static final double SPECK_MM2 = 1;
  private static final int SHIFTS = 8;

  /** A joint this share of a piece away from those beside it is bridged by them. */
  private static final double STAGGER = 0.25;

  /** Copies the lists. */
  public Joints {
    across = List.copyOf(across);
    along = List.copyOf(along);
  }

  /**
   * Even pieces; in every other layer the joints lie half way between those of the next.
   *
   * @param wide width of the sheet, in mm
   * @param high length of the sheet
   * @param index the layer's number
   */
  public static Joints even(Region layer, double wide, double high, int index) {
    return layer.isEmpty() ? NONE : at(layer.box(), wide, high, index % 2 == 0 ? 0 : 0.5);
  }

  /**
   * Joints that show as little as may be, none of them near one of the layer in front.
   *
   * @param wide width of the sheet, in mm
   * @param high length of the sheet
   * @param front the joints of the layer in front
   */
  static Joints leastSeen(Region layer, double wide, double high, Optional<Joints> front) {
    if (layer.isEmpty()) {
      return NONE;
    }
    Box box = layer.box();
    Joints first = at(box, wide, high, 0);
    if (first.none()) {
      return NONE;
    }
    double apart = STAGGER * Math.min(wide, high);
    // Moved on, a row has a piece more: only where the layer in front asks for it.
    Comparator<Joints> best =
        Comparator.comparing((Joints it) -> front.filter(own -> it.near(own, apart)).isPresent())
            .thenComparing(it -> it.across.size() + it.along.size())
            .thenComparing(it -> it.length(layer));
    return IntStream.range(0, SHIFTS)
        .mapToObj(it -> at(box, wide, high, (double) it / SHIFTS))
        .min(best)
        .orElse(first);
  }

  /** With the longer side along the longer side of the sheet; moved on by a share of a piece. */
  private static Joints at(Box box, double wide, double high, double share) {
    boolean turned = box.width() > box.height();
    return new Joints(
        cuts(box.minX(), box.maxX(), turned ? high : wide, share),
        cuts(box.minY(), box.maxY(), turned ? wide : high, share));
  }

  /** Places that cut a stretch into pieces no longer than a sheet. */
  static List<Double> cuts(double from, double to, double most, double share) {
    if (to - from <= most) {
      return List.of();
    }
    double step = (to - from) / Math.ceil((to - from) / most);
    return DoubleStream.iterate(
            from + (share == 0 ? step : share * step), at -> at < to - 1e-6, at -> at + step)
        .boxed()
        .toList();
  }

  public boolean none() {
    return across.isEmpty() && along.isEmpty();
  }

  /** True where one of them lies less than a distance from one of others, or on it. */
  boolean near(Joints others, double distance) {
    return near(across, others.across, distance) || near(along, others.along, distance);
  }

  private static boolean near(List<Double> own, List<Double> others, double distance) {
    return own.stream()
        .anyMatch(it -> others.stream().anyMatch(o -> Math.abs(it - o) < distance - 1e-9));
  }

  /** The lines of the joints inside a layer. */
  public List<List<Point>> lines(Region layer) {
    List<List<Point>> all = new ArrayList<>();
    for (double x : across) {
      all.addAll(layer.inside(List.of(new Point(x, -Box.FAR_MM), new Point(x, Box.FAR_MM))));
    }
    for (double y : along) {
      all.addAll(layer.inside(List.of(new Point(-Box.FAR_MM, y), new Point(Box.FAR_MM, y))));
    }
    return all;
  }

  /** How long all joints are, in mm. */
  public double length(Region layer) {
    return lines(layer).stream().mapToDouble(it -> it.getFirst().distance(it.getLast())).sum();
  }

  /** The pieces of a layer. */
  public List<Region> pieces(Region layer) {
    List<Region> pieces = new ArrayList<>();
    for (double[] x : spans(across)) {
      for (double[] y : spans(along)) {
        Region cut =
            none() ? layer : layer.intersection(Region.of(new Box(x[0], y[0], x[1], y[1])));
        cut.parts().stream().filter(it -> it.area() > SPECK_MM2).forEach(pieces::add);
      }
    }
    return pieces;
  }

  private static List<double[]> spans(List<Double> cuts) {
    List<double[]> spans = new ArrayList<>();
    double last = -Box.FAR_MM;
    for (double cut : cuts) {
      spans.add(new double[] {last, cut});
      last = cut;
    }
    spans.add(new double[] {last, Box.FAR_MM});
    return spans;
  }
}
