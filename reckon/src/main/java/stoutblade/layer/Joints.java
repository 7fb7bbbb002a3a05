package stoutblade.layer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.stack.Splits;

/**
 * Where a layer is cut apart that is larger than its sheet, and how its pieces meet.
 *
 * @param across places across at which it is cut, in mm
 * @param along places along at which it is cut
 * @param joint how the pieces meet
 * @param thicknessMm how thick the layer is: by as much pieces with a bevel lie over one another
 */
public record Joints(
    List<Double> across, List<Double> along, Splits.Joint joint, double thicknessMm) {

  /** Nothing is cut apart. */
  public static final Joints NONE = new Joints(List.of(), List.of(), Splits.Joint.BUTT, 0);

  private static final double SPECK_MM2 = 1;
  private static final int SHIFTS = 8;

  /** Places that need no piece more are tried in so many steps to either side. */
  private static final int ASIDE = 2;

  /** A joint this share of a piece away from those beside it is bridged by them. */
  private static final double STAGGER = 0.25;

  /** One that was moved there may be nearer: by less than this share of a piece, it is said. */
  private static final double NOT_BRIDGED = 0.1;

  /** Fingers are at least so wide, and so many times as wide as the sheet is thick: our choice. */
  private static final double FINGER_MM = 20;

  private static final double FINGER_THICK = 2;

  /** A joint that is shorter lies at a narrow place, and holds little: our assumption. */
  private static final double NARROW_MM = 40;

  /** A joint that is nearer to a corner leaves a thin point: our assumption. */
  private static final double CORNER_MM = 15;

  private static final double SHARP = Math.toRadians(30);
  private static final double SMOOTH_MM = 0.5;

  /** Halves that differ by less of their area are alike. */
  private static final double ALIKE = 0.002;

  private static final double SAME_MM = 1e-6;

  /** Copies the lists. */
  public Joints {
    across = List.copyOf(across);
    along = List.copyOf(along);
  }

  private static Joints plain(List<Double> across, List<Double> along) {
    return new Joints(across, along, Splits.Joint.BUTT, 0);
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

  // == PROPOSED

  /**
   * Joints off points and narrow places, alike in halves that are alike, that show as little as may
   * be; none of them near one of the layer in front.
   *
   * @param wide width of the sheet, in mm
   * @param high length of the sheet
   * @param front the joints of the layer in front
   * @param joint how the pieces meet
   * @param thicknessMm of the layer
   */
  static Joints leastSeen(
      Region layer,
      double wide,
      double high,
      Optional<Joints> front,
      Splits.Joint joint,
      double thicknessMm) {
    if (layer.isEmpty() || at(layer.box(), wide, high, 0).none()) {
      return NONE;
    }
    double more = new Joints(List.of(), List.of(), joint, thicknessMm).lapMm();
    double wideLeft = Math.max(wide / 2, wide - more);
    double highLeft = Math.max(high / 2, high - more);
    double apart = STAGGER * Math.min(wide, high);
    List<Point> corners = corners(layer);
    boolean alike = layer.asymmetry() < ALIKE;
    double middle = layer.box().centre().x();
    // Moved on, a row has a piece more: only where the layer in front, or what is weak, asks for
    // it.
    Comparator<Joints> best =
        Comparator.comparing((Joints it) -> front.filter(own -> it.near(own, apart)).isPresent())
            .thenComparing(it -> it.weak(layer, corners))
            .thenComparing(it -> alike && !it.mirrors(middle))
            .thenComparing(it -> it.across.size() + it.along.size())
            .thenComparing(it -> it.length(layer));
    Joints found = candidates(layer.box(), wideLeft, highLeft).stream().min(best).orElseThrow();
    return new Joints(found.across, found.along, joint, thicknessMm);
  }

  /** As few pieces as may be, moved as far as they fit; then rows with a piece more. */
  private static List<Joints> candidates(Box box, double wide, double high) {
    List<Joints> all = new ArrayList<>();
    all.add(at(box, wide, high, 0));
    boolean turned = box.width() > box.height();
    for (int i = 1; i <= ASIDE; i++) {
      for (int side = -1; side <= 1; side += 2) {
        double share = (double) side * i / ASIDE;
        all.add(
            plain(
                aside(box.minX(), box.maxX(), turned ? high : wide, share),
                aside(box.minY(), box.maxY(), turned ? wide : high, share)));
      }
    }
    for (int i = 1; i < SHIFTS; i++) {
      all.add(at(box, wide, high, (double) i / SHIFTS));
    }
    return all;
  }

  /** Even cuts, all moved by a share of what the pieces are shorter than a sheet. */
  private static List<Double> aside(double from, double to, double most, double share) {
    List<Double> even = cuts(from, to, most, 0);
    if (even.isEmpty()) {
      return even;
    }
    double spare = most - (to - from) / (even.size() + 1);
    double step = (to - from) / (even.size() + 1);
    double by = share * Math.min(spare, step / 2);
    return even.stream().map(it -> it + by).toList();
  }

  /** With the longer side along the longer side of the sheet; moved on by a share of a piece. */
  private static Joints at(Box box, double wide, double high, double share) {
    boolean turned = box.width() > box.height();
    return plain(
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

  /** Corners at which the edge turns sharply. */
  private static List<Point> corners(Region layer) {
    List<Point> sharp = new ArrayList<>();
    for (List<Point> ring : layer.simplified(SMOOTH_MM).rings()) {
      for (int i = 1; i < ring.size(); i++) {
        Point at = ring.get(i);
        double turn = at.turn(ring.get(i - 1), ring.get(i + 1 < ring.size() ? i + 1 : 1));
        if (Math.abs(turn) > SHARP) {
          sharp.add(at);
        }
      }
    }
    return sharp;
  }

  /** How many of its joints are short, and how many corners lie near one. */
  private long weak(Region layer, List<Point> corners) {
    long narrow = lines(layer).stream().filter(it -> length(it) < NARROW_MM).count();
    long near =
        corners.stream()
            .filter(
                at ->
                    across.stream().anyMatch(it -> Math.abs(it - at.x()) < CORNER_MM)
                        || along.stream().anyMatch(it -> Math.abs(it - at.y()) < CORNER_MM))
            .count();
    return narrow + near;
  }

  private boolean mirrors(double middle) {
    return across.stream()
        .allMatch(it -> across.stream().anyMatch(o -> Math.abs(o + it - 2 * middle) < 2 * SAME_MM));
  }

  // == DECIDED

  /** The same places with another one moved there; it stays between those beside it. */
  public Joints moved(boolean isAcross, int index, double mm) {
    List<Double> all = new ArrayList<>(isAcross ? across : along);
    double least = index > 0 ? all.get(index - 1) + leastMm() : Double.NEGATIVE_INFINITY;
    double most =
        index + 1 < all.size() ? all.get(index + 1) - leastMm() : Double.POSITIVE_INFINITY;
    all.set(index, least > most ? all.get(index) : Math.clamp(mm, least, most));
    return new Joints(isAcross ? all : across, isAcross ? along : all, joint, thicknessMm);
  }

  /** Pieces are no narrower than what their joints take. */
  private double leastMm() {
    return 2 * lapMm() + 1;
  }

  /** By how much pieces reach over the place of a joint, both together, in mm. */
  private double lapMm() {
    return switch (joint) {
      case BUTT -> 0;
      case SCARF -> thicknessMm;
      case FINGER -> fingerMm();
    };
  }

  private double fingerMm() {
    return Math.max(FINGER_MM, FINGER_THICK * thicknessMm);
  }

  public boolean none() {
    return across.isEmpty() && along.isEmpty();
  }

  /** True where one of them lies so near one of the next layer that it is not bridged there. */
  public boolean over(Joints others, double sheetMm) {
    return near(others, NOT_BRIDGED * sheetMm);
  }

  boolean near(Joints others, double distance) {
    return near(across, others.across, distance) || near(along, others.along, distance);
  }

  private static boolean near(List<Double> own, List<Double> others, double distance) {
    return own.stream()
        .anyMatch(it -> others.stream().anyMatch(o -> Math.abs(it - o) < distance - 1e-9));
  }

  // == LINES

  /** The lines of the joints inside a layer. */
  public List<List<Point>> lines(Region layer) {
    List<List<Point>> all = new ArrayList<>();
    for (double x : across) {
      all.addAll(layer.inside(curve(layer, true, x, 0)));
    }
    for (double y : along) {
      all.addAll(layer.inside(curve(layer, false, y, 0)));
    }
    return all;
  }

  /** The lines along which pieces are cut: of a bevelled joint one for either side. */
  public List<List<Point>> cutLines(Region layer) {
    if (joint != Splits.Joint.SCARF) {
      return lines(layer);
    }
    return Stream.of(-thicknessMm / 2, thicknessMm / 2)
        .flatMap(by -> shifted(by).lines(layer).stream())
        .toList();
  }

  private Joints shifted(double by) {
    return plain(
        across.stream().map(it -> it + by).toList(), along.stream().map(it -> it + by).toList());
  }

  /** How long all joints are, in mm. */
  public double length(Region layer) {
    return lines(layer).stream().mapToDouble(Joints::length).sum();
  }

  private static double length(List<Point> line) {
    double sum = 0;
    for (int i = 1; i < line.size(); i++) {
      sum += line.get(i - 1).distance(line.get(i));
    }
    return sum;
  }

  /**
   * The line of a joint from far outside to far outside: straight, or with fingers where it lies
   * inside the layer, off the joints that cross it.
   *
   * @param isAcross true for one at a place across, which runs along
   * @param by how far it is moved on
   */
  private List<Point> curve(Region layer, boolean isAcross, double at, double by) {
    List<double[]> line = new ArrayList<>();
    double high = joint == Splits.Joint.FINGER ? fingerMm() : 0;
    if (high > 0) {
      // Turned so that halves of a layer are images of one another.
      Point middle = layer.box().centre();
      high *= at > (isAcross ? middle.x() : middle.y()) ? -1 : 1;
    }
    double low = at + by - high / 2;
    line.add(new double[] {-Box.FAR_MM, low});
    if (high != 0) {
      for (double[] stretch : stretches(layer, isAcross, at)) {
        fingers(stretch, low, low + high, line);
      }
    }
    line.add(new double[] {Box.FAR_MM, low});
    return line.stream()
        .map(it -> isAcross ? new Point(it[1], it[0]) : new Point(it[0], it[1]))
        .toList();
  }

  /** Where a joint lies inside a layer, between those that cross it, in order. */
  private List<double[]> stretches(Region layer, boolean isAcross, double at) {
    List<Point> straight =
        isAcross
            ? List.of(new Point(at, -Box.FAR_MM), new Point(at, Box.FAR_MM))
            : List.of(new Point(-Box.FAR_MM, at), new Point(Box.FAR_MM, at));
    List<double[]> all = new ArrayList<>();
    for (List<Point> it : layer.inside(straight)) {
      double one = isAcross ? it.getFirst().y() : it.getFirst().x();
      double two = isAcross ? it.getLast().y() : it.getLast().x();
      double from = Math.min(one, two);
      double to = Math.max(one, two);
      for (double crossing : isAcross ? along : across) {
        if (crossing > from && crossing < to) {
          all.add(new double[] {from, crossing});
          from = crossing;
        }
      }
      all.add(new double[] {from, to});
    }
    all.sort(Comparator.comparing(it -> it[0]));
    return all;
  }

  /** An odd number of fingers, so that both ends of a stretch are alike. */
  private void fingers(double[] stretch, double low, double high, List<double[]> line) {
    double length = stretch[1] - stretch[0];
    int count = (int) (length / fingerMm());
    count -= count % 2 == 0 ? 1 : 0;
    for (int i = 1; i < count; i += 2) {
      double from = stretch[0] + length * i / count;
      double to = stretch[0] + length * (i + 1) / count;
      line.add(new double[] {from, low});
      line.add(new double[] {from, high});
      line.add(new double[] {to, high});
      line.add(new double[] {to, low});
    }
  }

  // == PIECES

  /** The pieces of a layer; bevelled ones lie over one another by the thickness. */
  public List<Region> pieces(Region layer) {
    if (none()) {
      return layer.parts().stream().filter(it -> it.area() > SPECK_MM2).toList();
    }
    List<Region> columns = bands(layer, true, across);
    List<Region> rows = bands(layer, false, along);
    List<Region> pieces = new ArrayList<>();
    for (Region column : columns) {
      Region own = layer.intersection(column);
      for (Region row : rows) {
        own.intersection(row).parts().stream()
            .filter(it -> it.area() > SPECK_MM2)
            .forEach(pieces::add);
      }
    }
    return pieces;
  }

  /** What lies between one joint and the next, far beyond the layer. */
  private List<Region> bands(Region layer, boolean isAcross, List<Double> places) {
    double lap = joint == Splits.Joint.SCARF ? thicknessMm / 2 : 0;
    List<Region> all = new ArrayList<>();
    for (int i = 0; i <= places.size(); i++) {
      List<Point> ring =
          new ArrayList<>(
              i == 0 ? far(isAcross, -1) : curve(layer, isAcross, places.get(i - 1), -lap));
      List<Point> back =
          i == places.size() ? far(isAcross, 1) : curve(layer, isAcross, places.get(i), lap);
      ring.addAll(back.reversed());
      all.add(Region.evenOdd(List.of(ring)));
    }
    return all;
  }

  private static List<Point> far(boolean isAcross, int side) {
    double at = side * Box.FAR_MM;
    return isAcross
        ? List.of(new Point(at, -Box.FAR_MM), new Point(at, Box.FAR_MM))
        : List.of(new Point(-Box.FAR_MM, at), new Point(Box.FAR_MM, at));
  }
}
