package stoutblade.stock;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import stoutblade.measure.Display;
import stoutblade.measure.Quantity;
import stoutblade.measure.Units;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * How a piece is cut by hand: windows first, the smallest before the others, then the outline; what
 * lies on one line in one go.
 *
 * @param runs what is cut, in order
 * @param pricks places that are pricked through the template: corners of what lies within, ends of
 *     lines, middles of what is round
 * @param fence how it is cut with a band saw along a fence, where it is long and straight
 */
public record HandCut(List<Run> runs, List<Point> pricks, Optional<Fence> fence) {

  private static final double LOOKED_AT_MM = 0.1;

  /** Edges that turn by more make a corner; so do long ones that turn by less. */
  private static final double CORNER = Math.toRadians(40);

  private static final double BLUNT = Math.toRadians(12);
  private static final double BLUNT_MM = 5;

  /** A stretch as long as this is straight by itself, and no part of a curve. */
  private static final double LONG_MM = 40;

  private static final double BENT = Math.toRadians(0.5);
  private static final double STRAIGHT_MM = 0.2;
  private static final double ON_LINE_MM = 0.3;
  private static final double PARALLEL = Math.toRadians(0.3);
  private static final double PRICKED_MM = 1;

  /** Pieces as long as this, and so many times as long as wide, are ripped along a fence. */
  private static final double RIPPED_MM = 200;

  private static final double SLENDER = 3;

  /**
   * One stretch.
   *
   * @param number which cut it belongs to, from 1; what lies on one line has the same
   * @param straight true where it is cut along a ruler
   * @param window true where it is cut out of the middle
   * @param line where it runs, in mm
   * @param lean how far the blade leans from square, in radians
   */
  public record Run(int number, boolean straight, boolean window, List<Point> line, double lean) {

    /** Copies the line. */
    public Run {
      line = List.copyOf(line);
    }

    /** How long it is, in mm. */
    public double lengthMm() {
      double sum = 0;
      for (int i = 1; i < line.size(); i++) {
        sum += line.get(i - 1).distance(line.get(i));
      }
      return sum;
    }

    private Point way() {
      Point way = line.getLast().minus(line.getFirst());
      return way.times(1 / way.length());
    }

    private double off(Point place) {
      Point from = place.minus(line.getFirst());
      Point way = way();
      return way.x() * from.y() - way.y() * from.x();
    }

    private boolean onLineWith(Run other) {
      return straight
          && other.straight
          && window == other.window
          && Math.abs(off(other.line.getFirst())) < ON_LINE_MM
          && Math.abs(off(other.line.getLast())) < ON_LINE_MM;
    }
  }

  /**
   * A long piece on a band saw.
   *
   * @param widthMm from the fence to the blade
   * @param lengthMm how long it is
   * @param tilts how far the table leans for either long edge, in radians
   * @param ends the angles of both ends to the long edges, in radians; none where they are shaped
   */
  public record Fence(double widthMm, double lengthMm, List<Double> tilts, List<Double> ends) {

    /** Copies the lists. */
    public Fence {
      tilts = List.copyOf(tilts);
      ends = List.copyOf(ends);
    }

    /** How it is set, in words. */
    public String words(Units units) {
      List<Double> leaning = tilts.stream().filter(it -> Math.abs(it) > BENT).toList();
      String tilt =
          leaning.isEmpty()
              ? ""
              : ", table at %s for %s"
                  .formatted(
                      angles(leaning, units), leaning.size() == 2 ? "both edges" : "one edge");
      return "fence at %s, %s long%s, %s"
          .formatted(
              Display.length(widthMm, units),
              Display.length(lengthMm, units),
              tilt,
              ends.isEmpty()
                  ? "ends shaped"
                  : ends.stream().allMatch(it -> Math.abs(it - Math.PI / 2) < BENT)
                      ? "ends square"
                      : "ends at " + angles(ends, units));
    }

    private static String angles(List<Double> all, Units units) {
      return all.stream()
          .map(it -> Display.show(Math.abs(it), Quantity.ANGLE, units))
          .distinct()
          .reduce((a, b) -> a + " and " + b)
          .orElse("");
    }
  }

  /** Copies the lists. */
  public HandCut {
    runs = List.copyOf(runs);
    pricks = List.copyOf(pricks);
  }

  /** How a piece is cut. */
  public static HandCut of(Shopping.Cut.Piece piece) {
    List<List<Run>> windows = new ArrayList<>();
    for (Path it : piece.lines().subList(1, piece.lines().size())) {
      windows.add(stretches(it, true, piece.leans()));
    }
    windows.sort(Comparator.comparing(it -> it.stream().mapToDouble(Run::lengthMm).sum()));
    List<Run> runs = new ArrayList<>();
    int number = 0;
    for (List<Run> window : windows) {
      number++;
      for (Run it : window) {
        runs.add(numbered(it, number));
      }
    }
    List<Run> outline = stretches(piece.lines().getFirst(), false, piece.leans());
    List<Run> placed = new ArrayList<>();
    for (Run it : outline) {
      Optional<Run> before = placed.stream().filter(own -> own.onLineWith(it)).findFirst();
      number += before.isPresent() ? 0 : 1;
      placed.add(numbered(it, before.map(Run::number).orElse(number)));
    }
    placed.sort(Comparator.comparing(Run::number));
    runs.addAll(placed);
    return new HandCut(runs, pricks(piece), fence(outline));
  }

  /** How many cuts there are: what lies on one line, and each window, is one. */
  public int cuts() {
    return runs.isEmpty() ? 0 : runs.getLast().number();
  }

  private static Run numbered(Run it, int number) {
    return new Run(number, it.straight, it.window, it.line, it.lean);
  }

  // == STRETCHES

  /** The corners of a closed line, without its first one again. */
  private static List<Point> corners(Path ring) {
    List<Point> all = new ArrayList<>();
    for (Cubic it : ring.cubics()) {
      List<Point> own =
          it.straight()
              ? List.of(it.start(), it.end())
              : new Path(List.of(it), false).flattened(LOOKED_AT_MM);
      own.stream()
          .filter(at -> all.isEmpty() || all.getLast().distance(at) > 1e-6)
          .forEach(all::add);
    }
    while (all.size() > 1 && all.getFirst().distance(all.getLast()) < 1e-6) {
      all.removeLast();
    }
    return all;
  }

  /** Where one stretch of a ring ends and the next begins. */
  private static List<Integer> breaks(List<Point> ring) {
    List<Integer> all = new ArrayList<>();
    int count = ring.size();
    for (int i = 0; i < count; i++) {
      Point at = ring.get(i);
      Point before = ring.get((i + count - 1) % count);
      Point after = ring.get((i + 1) % count);
      double turn = Math.abs(at.turn(before, after));
      double shorter = Math.min(before.distance(at), at.distance(after));
      double longer = Math.max(before.distance(at), at.distance(after));
      if (turn > CORNER
          || (turn > BLUNT && shorter > BLUNT_MM)
          || (turn > BENT && longer > LONG_MM)) {
        all.add(i);
      }
    }
    return all;
  }

  private static List<Run> stretches(Path path, boolean window, List<Shopping.Cut.Lean> leans) {
    List<Point> ring = corners(path);
    List<Integer> breaks = breaks(ring);
    if (breaks.isEmpty()) {
      List<Point> whole = new ArrayList<>(ring);
      whole.add(ring.getFirst());
      return List.of(run(whole, window, leans));
    }
    List<Run> all = new ArrayList<>();
    for (int i = 0; i < breaks.size(); i++) {
      int from = breaks.get(i);
      int to = breaks.get((i + 1) % breaks.size()) + (i + 1 < breaks.size() ? 0 : ring.size());
      List<Point> line = new ArrayList<>();
      for (int k = from; k <= to; k++) {
        line.add(ring.get(k % ring.size()));
      }
      all.add(run(line, window, leans));
    }
    return all;
  }

  private static Run run(List<Point> line, boolean window, List<Shopping.Cut.Lean> leans) {
    Run curve = new Run(0, false, window, line, 0);
    boolean closed = line.getFirst().distance(line.getLast()) < LOOKED_AT_MM;
    boolean straight =
        !closed && line.stream().allMatch(it -> Math.abs(curve.off(it)) < STRAIGHT_MM);
    Point middle = line.get(line.size() / 2).towards(line.get((line.size() - 1) / 2), 0.5);
    double lean =
        leans.stream()
            .filter(it -> near(it.path(), middle))
            .mapToDouble(Shopping.Cut.Lean::radians)
            .findFirst()
            .orElse(0);
    return new Run(0, straight, window, line, lean);
  }

  private static boolean near(Path path, Point place) {
    List<Point> line = path.flattened(LOOKED_AT_MM);
    for (int i = 1; i < line.size(); i++) {
      if (place.distanceToSegment(line.get(i - 1), line.get(i)) < ON_LINE_MM) {
        return true;
      }
    }
    return false;
  }

  // == PRICKED THROUGH

  private static List<Point> pricks(Shopping.Cut.Piece piece) {
    List<Point> all = new ArrayList<>();
    for (Path it : piece.lines().subList(1, piece.lines().size())) {
      ofRing(it).forEach(at -> add(at, all));
    }
    Stream.concat(piece.drawn().stream(), piece.engraved().stream())
        .flatMap(it -> it.closed() ? ofRing(it).stream() : Stream.of(it.start(), it.end()))
        .forEach(at -> add(at, all));
    return all;
  }

  /** Corners; the middle of what has none. */
  private static List<Point> ofRing(Path path) {
    List<Point> ring = corners(path);
    List<Integer> breaks = breaks(ring);
    if (!breaks.isEmpty()) {
      return breaks.stream().map(ring::get).toList();
    }
    Point sum = ring.stream().reduce(Point::plus).orElseThrow();
    return List.of(sum.times(1.0 / ring.size()));
  }

  private static void add(Point at, List<Point> all) {
    if (all.stream().noneMatch(it -> it.distance(at) < PRICKED_MM)) {
      all.add(at);
    }
  }

  // == ALONG A FENCE

  private static Optional<Fence> fence(List<Run> outline) {
    List<Run> longest = new ArrayList<>(outline.stream().filter(Run::straight).toList());
    longest.sort(Comparator.comparing(it -> -it.lengthMm()));
    if (longest.size() < 2) {
      return Optional.empty();
    }
    Run one = longest.get(0);
    Run two = longest.get(1);
    double width = Math.abs(one.off(two.line.getFirst()));
    boolean parallel =
        Math.abs(Math.abs(one.off(two.line.getFirst())) - Math.abs(one.off(two.line.getLast())))
            < Math.sin(PARALLEL) * two.lengthMm() + ON_LINE_MM;
    if (!parallel || width < ON_LINE_MM || two.lengthMm() < Math.max(RIPPED_MM, SLENDER * width)) {
      return Optional.empty();
    }
    Point way = one.way();
    List<Double> along = outline.stream().flatMap(it -> it.line.stream()).map(way::dot).toList();
    List<Double> ends = new ArrayList<>();
    boolean plain = outline.size() == 4;
    for (Run it : outline) {
      if (!it.equals(one) && !it.equals(two)) {
        plain &= it.straight;
        ends.add(Math.acos(Math.min(1, Math.abs(it.way().dot(way)))));
      }
    }
    return Optional.of(
        new Fence(
            width,
            Collections.max(along) - Collections.min(along),
            List.of(one.lean, two.lean),
            plain ? ends : List.of()));
  }
}
