package stoutblade.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import stoutblade.shape.Box;
import stoutblade.shape.NodeFitting;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/**
 * Lines that were drawn elsewhere, at true size, y up.
 *
 * @param lines the lines, in mm
 * @param unread what could not be read, in words, each once
 * @param unit what a unit of the file means, in words
 * @param scale how long that is
 * @param page the page that it is drawn on, in mm, where the file has one
 */
public record LineWork(
    List<Line> lines, List<String> unread, String unit, FileUnit scale, Optional<Box> page) {

  /** Smaller things are specks, in mm. */
  private static final double SPECK_MM = 0.5;

  private static final double COARSE_MM = 0.1;

  /** A background is at least so much of its page. */
  private static final double NEARLY_PAGE = 0.97;

  private static final double JUST_MM = 0.01;

  /** A frame is drawn up to so much inside its sheet on both sides together, in mm. */
  private static final double BORDER_MM = 45;

  /** ISO 216 A4 to A0, and US Letter and Tabloid, in mm. */
  private static final double[][] SHEETS_MM = {
    {210, 297}, {297, 420}, {420, 594}, {594, 841}, {841, 1189}, {215.9, 279.4}, {279.4, 431.8}
  };

  /**
   * A line.
   *
   * @param layer the layer or group that it lies in; empty for none
   * @param name its own name; empty for none
   * @param path where it runs, in mm
   */
  public record Line(String layer, String name, Path path) {}

  /** Copies the lists. */
  public LineWork {
    lines = List.copyOf(lines);
    unread = List.copyOf(unread);
  }

  /** What all closed lines together may take, in points: minutes of work lie beyond. */
  private static final int MOST_POINTS = 1_000_000;

  /** Closed paths: lines that are closed, and open ones of a layer whose ends meet. */
  public List<Path> rings() {
    return byLayer().stream().flatMap(it -> Joining.of(it).rings().stream()).toList();
  }

  /** How many lines are open and close to no ring. */
  public int loose() {
    return byLayer().stream().mapToInt(it -> Joining.of(it).loose()).sum();
  }

  /** How wide the gaps are over which nearly closed lines were closed, in mm. */
  public List<Double> bridged() {
    return byLayer().stream().flatMap(it -> Joining.of(it).bridged().stream()).toList();
  }

  private List<List<Path>> byLayer() {
    Map<String, List<Path>> layers = new LinkedHashMap<>();
    lines.forEach(it -> layers.computeIfAbsent(it.layer, key -> new ArrayList<>()).add(it.path));
    return List.copyOf(layers.values());
  }

  /**
   * The closed lines, the largest first, frames round the page last; specks are left out.
   *
   * @throws IllegalArgumentException if they are so long and so much bent that they take more than
   *     a million points
   * @throws CancellationException if the thread was told to stop
   */
  public List<Ring> largest() {
    List<Ring> all = new ArrayList<>();
    int left = MOST_POINTS;
    for (Path path : rings()) {
      if (Thread.currentThread().isInterrupted()) {
        throw new CancellationException("stopped");
      }
      List<Point> coarse = path.flattened(COARSE_MM, left);
      left -= coarse.size();
      Ring ring = Ring.of(path, coarse);
      if (ring.worthwhile()) {
        all.add(ring);
      }
    }
    all.sort(Comparator.comparingDouble((Ring it) -> -it.area));
    List<Ring> sorted = new ArrayList<>(all.stream().filter(it -> !frame(it, all)).toList());
    all.stream().filter(it -> frame(it, all)).map(Ring::framed).forEach(sorted::add);
    return sorted;
  }

  /** A rectangle as large as the page, or as a sheet of paper, round all else. */
  private boolean frame(Ring ring, List<Ring> all) {
    Box box = ring.box;
    boolean rectangle = ring.area > 0.999 * box.width() * box.height();
    if (!rectangle || all.size() < 2) {
      return false;
    }
    boolean asPage =
        page.filter(
                it ->
                    box.width() > it.width() * NEARLY_PAGE
                        && box.height() > it.height() * NEARLY_PAGE)
            .isPresent();
    boolean roundAll = all.stream().allMatch(it -> encloses(box.grown(JUST_MM), it.box));
    return asPage || (roundAll && paper(box));
  }

  private static boolean encloses(Box outer, Box inner) {
    return outer.with(inner).equals(outer);
  }

  private static boolean paper(Box box) {
    double small = Math.min(box.width(), box.height());
    double large = Math.max(box.width(), box.height());
    for (double[] sheet : SHEETS_MM) {
      boolean fits =
          small <= sheet[0] + 1
              && small >= sheet[0] - BORDER_MM
              && large <= sheet[1] + 1
              && large >= sheet[1] - BORDER_MM;
      if (fits) {
        return true;
      }
    }
    return false;
  }

  /**
   * A closed line.
   *
   * @param path where it runs, in mm
   * @param box round it
   * @param area inside it, in mm²
   * @param frame true where it is taken for a frame round the page
   */
  public record Ring(Path path, Box box, double area, boolean frame) {

    Ring framed() {
      return new Ring(path, box, area, true);
    }

    /**
     * Points along it, from which nodes can be found.
     *
     * @param toleranceMm how far the nodes' curves may lie from it
     * @param most the most points
     * @throws IllegalArgumentException if it takes more
     */
    public List<Point> points(double toleranceMm, int most) {
      return path.flattened(toleranceMm / 4, most);
    }

    /**
     * It, through nodes.
     *
     * @param points along it, for the same tolerance
     * @param toleranceMm how far the nodes' curves may lie from it
     * @throws IllegalArgumentException if no outline can be made of it
     */
    public static WholeOutline outline(List<Point> points, double toleranceMm) {
      return NodeFitting.closed(points, toleranceMm);
    }

    static Ring of(Path path, List<Point> coarse) {
      double twice = 0;
      for (int i = 0; i < coarse.size(); i++) {
        Point a = coarse.get(i);
        Point b = coarse.get((i + 1) % coarse.size());
        twice += a.x() * b.y() - b.x() * a.y();
      }
      return new Ring(path, Box.around(coarse), Math.abs(twice) / 2, false);
    }

    boolean worthwhile() {
      return Math.min(box.width(), box.height()) >= SPECK_MM;
    }
  }

  /** The layers that lines lie in, in order; the empty name stands for none. */
  public List<String> layers() {
    return lines.stream().map(Line::layer).distinct().toList();
  }
}
