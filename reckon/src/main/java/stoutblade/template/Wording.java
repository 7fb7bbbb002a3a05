package stoutblade.template;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * Words set on a template so that none crosses a line that is cut or another's words: inside the
 * piece that they are about, along its longer way where they fit; else below the pieces, with a
 * leader line.
 */
final class Wording {

  /** The smallest letters that are read at a bench, in mm. */
  private static final double SMALLEST_MM = 2;

  private static final double CLEAR_MM = 0.8;
  private static final double LINES_APART = 1.5;
  private static final double OUTSIDE_MM = 3.2;
  private static final double BELOW_MM = 8;
  private static final double LINE_MM = 0.3;
  private static final int GRID = 12;
  private static final int AWAY = 8;
  private static final int WAYS = 12;

  /**
   * Words about a piece.
   *
   * @param lines one below the other
   * @param face the piece
   * @param near where they are wanted
   * @param mostMm the size that is wanted
   * @param local true where they belong to the place and not to the piece
   */
  record Words(List<String> lines, Region face, Point near, double mostMm, boolean local) {

    static Words about(List<String> lines, Region face, Point near, double mostMm) {
      return new Words(lines, face, near, mostMm, false);
    }

    static Words at(String line, Region face, Point near, double mostMm) {
      return new Words(List.of(line), face, near, mostMm, true);
    }
  }

  /** A line that no word may cross, with the box round it: most words are nowhere near it. */
  private record Barrier(List<Point> line, Box box) {

    boolean crosses(Box other) {
      if (!box.meets(other)) {
        return false;
      }
      for (int i = 1; i < line.size(); i++) {
        if (Clip.touches(line.get(i - 1), line.get(i), other)) {
          return true;
        }
      }
      return false;
    }
  }

  private final List<Stroke> strokes;
  private final List<Barrier> barriers = new ArrayList<>();
  private final List<Label> labels = new ArrayList<>();
  private final List<Stroke> leaders = new ArrayList<>();
  private final List<Words> outside = new ArrayList<>();

  private Wording(List<Stroke> strokes) {
    this.strokes = strokes;
    for (Stroke stroke : strokes) {
      if (stroke.kind() == Stroke.Kind.CUT || stroke.kind() == Stroke.Kind.JOINT) {
        List<Point> line = stroke.path().flattened(LINE_MM);
        barriers.add(new Barrier(line, Box.around(line)));
      }
    }
  }

  /** A template with its words set, in the order in which they are given. */
  static Template set(
      String id,
      String title,
      List<Template.Copy> copies,
      List<Stroke> strokes,
      List<Words> words) {
    Wording wording = new Wording(strokes);
    words.forEach(wording::inside);
    wording.below();
    List<Stroke> all = new ArrayList<>(strokes);
    all.addAll(wording.leaders);
    return new Template(id, title, copies, all, wording.labels);
  }

  // == INSIDE

  private void inside(Words words) {
    if (words.lines().isEmpty() || words.face().isEmpty()) {
      return;
    }
    Box box = words.face().box();
    boolean upright = box.height() >= box.width();
    List<Point> places = places(words, box);
    for (double size = words.mostMm(); size > SMALLEST_MM * 0.9; size = smaller(size)) {
      for (List<String> rows : arranged(words.lines())) {
        for (boolean way : new boolean[] {upright, !upright}) {
          Optional<Point> at = fits(rows, size, way, places, words.face());
          if (at.isPresent()) {
            put(rows, at.get(), size, way);
            return;
          }
        }
      }
    }
    outside.add(words);
  }

  private static double smaller(double size) {
    return size > SMALLEST_MM ? Math.max(SMALLEST_MM, size * 0.8) : 0;
  }

  /** One below the other; two or three in a row where that is too high. */
  private static List<List<String>> arranged(List<String> lines) {
    List<List<String>> all = new ArrayList<>(List.of(lines));
    for (int each = 2; each <= Math.min(3, lines.size()); each++) {
      List<String> rows = new ArrayList<>();
      for (int i = 0; i < lines.size(); i += each) {
        rows.add(String.join(" · ", lines.subList(i, Math.min(lines.size(), i + each))));
      }
      all.add(rows);
    }
    return all;
  }

  /** Where they might stand, the nearest to where they are wanted first. */
  private static List<Point> places(Words words, Box box) {
    List<Point> all = new ArrayList<>(List.of(words.near()));
    if (words.local()) {
      for (int i = 1; i <= AWAY; i++) {
        for (int k = 0; k < WAYS; k++) {
          double angle = 2 * Math.PI * k / WAYS;
          double away = i * words.mostMm() * 0.7;
          all.add(words.near().plus(new Point(away, 0).turned(angle)));
        }
      }
      return all;
    }
    for (int i = 1; i < GRID; i++) {
      for (int k = 1; k < GRID; k++) {
        all.add(
            new Point(box.minX() + box.width() * i / GRID, box.minY() + box.height() * k / GRID));
      }
    }
    all.sort(Comparator.comparingDouble(it -> it.distance(words.near())));
    return all;
  }

  private Optional<Point> fits(
      List<String> rows, double size, boolean upright, List<Point> places, Region face) {
    Box own = block(rows, size, upright);
    Box room = face.box();
    if (own.width() > room.width() || own.height() > room.height()) {
      return Optional.empty();
    }
    return places.stream()
        .filter(it -> holds(face, it) && free(own.moved(it)) && holds(face, own.moved(it)))
        .findFirst();
  }

  /**
   * The edges of a face are barriers, too: where the middle of a box and its corners are in, all of
   * it is.
   */
  private static boolean holds(Region face, Box box) {
    return box.corners().stream().allMatch(it -> holds(face, it));
  }

  /** By the stretches across: pieces of a slice may touch each other, which the library refuses. */
  private static boolean holds(Region face, Point at) {
    return face.across(at.y()).stream().anyMatch(it -> it.holds(at.x()));
  }

  /** The box of rows about the origin. */
  private static Box block(List<String> rows, double size, boolean upright) {
    double along =
        rows.stream().mapToDouble(it -> Label.length(it, size)).max().orElse(0) / 2 + CLEAR_MM;
    double across = rows.size() * size * LINES_APART / 2 + CLEAR_MM;
    return upright
        ? new Box(-across, -along, across, along)
        : new Box(-along, -across, along, across);
  }

  private boolean free(Box box) {
    return labels.stream().noneMatch(it -> it.box().meets(box))
        && barriers.stream().noneMatch(it -> it.crosses(box));
  }

  private void put(List<String> rows, Point at, double size, boolean upright) {
    for (int i = 0; i < rows.size(); i++) {
      double off = (i - (rows.size() - 1) / 2.0) * size * LINES_APART;
      Point middle = at.plus(upright ? new Point(off, 0) : new Point(0, -off));
      labels.add(new Label(rows.get(i), middle, size, upright));
    }
  }

  // == BELOW

  /** What fits nowhere stands below all pieces, each with a line to what it is about. */
  private void below() {
    if (outside.isEmpty()) {
      return;
    }
    Box all =
        Box.around(strokes.stream().flatMap(it -> it.path().flattened(LINE_MM).stream()).toList());
    for (Words words : outside) {
      Box own = block(words.lines(), OUTSIDE_MM, false);
      Point anchor = words.local() ? words.near() : anchor(words.face());
      double y = all.minY() - BELOW_MM - own.height() / 2;
      while (!free(own.moved(new Point(anchor.x(), y)))) {
        y -= own.height() / 2;
      }
      Point middle = new Point(anchor.x(), y);
      put(words.lines(), middle, OUTSIDE_MM, false);
      leaders.add(
          new Stroke(
              Stroke.Kind.LEADER,
              Path.line(new Point(anchor.x(), y + own.height() / 2 - CLEAR_MM), anchor)));
    }
  }

  private static Point anchor(Region face) {
    Point centre = face.centre();
    if (holds(face, centre)) {
      return centre;
    }
    return face.across(centre.y()).stream()
        .findFirst()
        .map(it -> new Point(it.middle(), centre.y()))
        .orElse(centre);
  }
}
