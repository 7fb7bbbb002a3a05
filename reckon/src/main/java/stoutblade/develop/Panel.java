package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import stoutblade.shape.Box;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * A flat piece to cut.
 *
 * @param name what it is called on the template
 * @param count how many are cut
 * @param edges round it counter-clockwise, each starting where the one before ends; turned round
 *     where they are given clockwise
 * @param windows what is cut out of it, inside first
 * @param lines drawn on it: where it is bent, where something is glued on
 * @param marks what is engraved on it or laid on it: letters, rivets, ornament
 */
public record Panel(
    String name,
    int count,
    List<Edge> edges,
    List<Path> windows,
    List<Path> lines,
    List<Path> marks) {

  private static final double JOINED_MM = 1e-6;
  private static final double DRAWN_MM = 0.05;

  /**
   * Copies the lists and checks that the edges close.
   *
   * @throws IllegalArgumentException if they do not, or if none is cut
   */
  public Panel {
    edges = List.copyOf(edges);
    windows = List.copyOf(windows);
    lines = List.copyOf(lines);
    marks = List.copyOf(marks);
    if (count < 1) {
      throw new IllegalArgumentException("At least one of '" + name + "' is cut; found " + count);
    }
    for (int i = 0; i < edges.size(); i++) {
      Point end = edges.get(i).path().end();
      Point next = edges.get((i + 1) % edges.size()).path().start();
      if (end.distance(next) > JOINED_MM) {
        throw new IllegalArgumentException("The edges of '" + name + "' do not close at " + end);
      }
    }
    if (area(around(edges)) < 0) {
      edges = edges.reversed().stream().map(Edge::reversed).toList();
    }
  }

  private static Path around(List<Edge> edges) {
    List<Cubic> all = new ArrayList<>();
    edges.forEach(it -> all.addAll(it.path().cubics()));
    return new Path(all, true);
  }

  /** A panel with nothing engraved or laid on it. */
  public Panel(String name, int count, List<Edge> edges, List<Path> windows, List<Path> lines) {
    this(name, count, edges, windows, lines, List.of());
  }

  /** A panel with nothing cut out of it or drawn on it. */
  public static Panel of(String name, int count, List<Edge> edges) {
    return new Panel(name, count, edges, List.of(), List.of());
  }

  /**
   * A panel round an area, with what of some lines lies in it.
   *
   * @param area in one part
   * @param drawn lines that are drawn, on it and elsewhere
   * @param engraved lines that are engraved
   */
  public static Panel within(
      String name, int count, Region area, List<Path> drawn, List<Path> engraved) {
    List<Path> rings = area.rings().stream().map(it -> Path.through(it, true)).toList();
    return new Panel(
        name,
        count,
        List.of(Edge.free(rings.getFirst())),
        rings.subList(1, rings.size()),
        inside(area, drawn),
        inside(area, engraved));
  }

  /** The same with what of some lines lies in it. */
  public Panel with(List<Path> drawn, List<Path> engraved) {
    if (drawn.isEmpty() && engraved.isEmpty()) {
      return this;
    }
    List<List<Point>> rings = new ArrayList<>();
    rings.add(outline().flattened(DRAWN_MM));
    windows.forEach(it -> rings.add(it.flattened(DRAWN_MM)));
    Region area = Region.evenOdd(rings);
    return new Panel(name, count, edges, windows, inside(area, drawn), inside(area, engraved));
  }

  private static List<Path> inside(Region area, List<Path> lines) {
    List<Path> all = new ArrayList<>();
    for (Path line : lines) {
      List<Point> points = line.flattened(DRAWN_MM);
      if (area.contains(points)) {
        all.add(line);
        continue;
      }
      List<List<Point>> stretches = area.inside(points);
      if (stretches.size() == 1 && whole(stretches.getFirst(), points)) {
        all.add(line);
      } else {
        stretches.forEach(it -> all.add(Path.through(it, false)));
      }
    }
    return all;
  }

  /** True where nothing was cut off a line. */
  private static boolean whole(List<Point> left, List<Point> line) {
    Point start = line.getFirst();
    Point end = line.getLast();
    boolean same =
        left.getFirst().distance(start) < JOINED_MM && left.getLast().distance(end) < JOINED_MM;
    return same && left.size() == line.size();
  }

  /** A panel with straight edges. */
  static Panel polygon(String name, int count, List<Point> corners, List<String> seams) {
    return polygon(name, count, corners, seams, 0);
  }

  /** A polygon all of whose edges lean by so much, in radians. */
  static Panel polygon(
      String name, int count, List<Point> corners, List<String> seams, double lean) {
    List<Edge> edges = new ArrayList<>();
    for (int i = 0; i < corners.size(); i++) {
      Point to = corners.get((i + 1) % corners.size());
      edges.add(Edge.straight(seams.get(i), corners.get(i), to, lean));
    }
    return of(name, count, edges);
  }

  /** A rectangle whose short ends meet: a ring or tube before it is rolled. */
  public static Panel strip(String name, int count, double length, double width, String seam) {
    return polygon(
        name,
        count,
        List.of(
            new Point(0, 0), new Point(length, 0), new Point(length, width), new Point(0, width)),
        List.of("", seam, "", seam));
  }

  /** One of equal pieces of a flat ring. */
  static Panel ringPiece(
      String name, int count, double inner, double outer, int pieces, String seam) {
    double half = Math.PI / pieces;
    Point middle = new Point(0, 0);
    Path out = Path.arc(middle, outer, Math.PI / 2 - half, Math.PI / 2 + half);
    Path in = Path.arc(middle, inner, Math.PI / 2 + half, Math.PI / 2 - half);
    return of(
        name,
        count,
        List.of(
            Edge.free(out),
            Edge.straight(seam, out.end(), in.start(), 0),
            Edge.free(in),
            Edge.straight(seam, in.end(), out.start(), 0)));
  }

  /** The outline. */
  public Path outline() {
    return around(edges);
  }

  /** The smallest box round it. */
  public Box box() {
    return Box.around(outline().extremes());
  }

  /** The area of one, in mm², by Green's theorem, with what is cut out left out. */
  public double area() {
    double area = area(outline());
    for (Path window : windows) {
      area -= Math.abs(area(window));
    }
    return area;
  }

  /** The area inside a closed path, in mm²: positive where it runs counter-clockwise. */
  public static double area(Path path) {
    return path.cubics().stream().mapToDouble(Panel::swept).sum();
  }

  /** Half of ∮ x dy − y dx along one curve, in closed form. */
  private static double swept(Cubic curve) {
    Point from = curve.start();
    Point a = curve.control1().minus(from);
    Point b = curve.control2().minus(from);
    Point c = curve.end().minus(from);
    double bulge =
        a.x() * (b.y() + c.y()) - b.x() * (a.y() - 2 * c.y()) - c.x() * (a.y() + 2 * b.y());
    return 0.15 * bulge + (from.x() * curve.end().y() - curve.end().x() * from.y()) / 2;
  }

  /** The same elsewhere. */
  Panel moved(UnaryOperator<Point> to) {
    return new Panel(
        name,
        count,
        edges.stream()
            .map(it -> new Edge(it.seam(), it.path().moved(to), it.bevel(), it.leans()))
            .toList(),
        windows.stream().map(it -> it.moved(to)).toList(),
        lines.stream().map(it -> it.moved(to)).toList(),
        marks.stream().map(it -> it.moved(to)).toList());
  }
}
