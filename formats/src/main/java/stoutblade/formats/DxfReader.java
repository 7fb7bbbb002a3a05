package stoutblade.formats;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.trace.LineWork;

/**
 * Reads the lines of a DXF in text form at true size: lines, arcs, circles, ellipses, polylines
 * with their bulges, and splines, with their layers. Dimensions, hatches, texts and blocks are
 * said.
 *
 * <p>Group codes as in the published DXF reference (from memory); units by $INSUNITS.
 */
public final class DxfReader {

  private static final int MOST_LINES = 4_000_000;
  private static final int MOST_CURVES = 1_000_000;
  private static final double LARGEST_MM = 100_000;
  private static final Map<Integer, Double> UNITS =
      Map.of(
          1, 25.4, 2, 304.8, 4, 1.0, 5, 10.0, 6, 1000.0, 8, 2.54e-5, 9, 0.0254, 10, 914.4, 14,
          100.0);
  private static final Map<Integer, String> UNIT_WORDS =
      Map.of(
          1,
          "inches",
          2,
          "feet",
          4,
          "millimetres",
          5,
          "centimetres",
          6,
          "metres",
          8,
          "microinches",
          9,
          "mils",
          10,
          "yards",
          14,
          "decimetres");
  private static final Map<String, String> UNREAD =
      Map.of(
          "TEXT", "text: turn it into outlines first",
          "MTEXT", "text: turn it into outlines first",
          "INSERT", "blocks: take them apart first",
          "DIMENSION", "dimensions",
          "HATCH", "hatches",
          "3DFACE", "faces in space",
          "3DSOLID", "solids",
          "POINT", "points");

  private final String name;
  private final List<Pair> pairs;
  private final List<LineWork.Line> lines = new ArrayList<>();
  private final Set<String> unread = new LinkedHashSet<>();
  private double mm = 1;
  private int unitCode;
  private int curves;

  /** A group code with its value. */
  private record Pair(int code, String value, int line) {}

  private DxfReader(String name, List<Pair> pairs) {
    this.name = name;
    this.pairs = pairs;
  }

  /**
   * Reads a file's lines.
   *
   * @throws FormatException if it is no DXF, damaged or beyond what is read; the message says what
   */
  public static LineWork read(String name, byte[] file) throws IOException {
    String text = new String(file, StandardCharsets.ISO_8859_1);
    if (text.startsWith("AutoCAD Binary DXF")) {
      throw new FormatException(name, "a binary DXF; save it as DXF in text form");
    }
    DxfReader reader = new DxfReader(name, pairs(name, text));
    reader.document();
    boolean stated = UNITS.containsKey(reader.unitCode);
    return new LineWork(
        reader.lines,
        List.copyOf(reader.unread),
        stated
            ? UNIT_WORDS.get(reader.unitCode)
            : "millimetres, as the file does not say what its units are",
        stated);
  }

  private static List<Pair> pairs(String name, String text) throws FormatException {
    List<Pair> pairs = new ArrayList<>();
    String[] all = text.split("\r\n|\n|\r", MOST_LINES + 1);
    if (all.length > MOST_LINES) {
      throw new FormatException(name, "more than " + MOST_LINES + " lines of text");
    }
    for (int i = 0; i + 1 < all.length; i += 2) {
      String code = all[i].strip();
      if (!code.matches("-?[0-9]{1,5}")) {
        throw new FormatException(
            name,
            pairs.isEmpty()
                ? "no DXF: its first line is no group code"
                : "line " + (i + 1) + ": expected a group code; found '" + shortened(code) + "'");
      }
      pairs.add(new Pair(Integer.parseInt(code), all[i + 1].strip(), i + 2));
    }
    if (pairs.isEmpty()) {
      throw new FormatException(name, "there is nothing in it");
    }
    return pairs;
  }

  private static String shortened(String text) {
    return text.length() > 30 ? text.substring(0, 30) + "…" : text;
  }

  private FormatException fault(Pair at, String expected) {
    return new FormatException(
        name,
        "line " + at.line + ": expected " + expected + "; found '" + shortened(at.value) + "'");
  }

  private void document() throws FormatException {
    String section = "";
    boolean found = false;
    for (int i = 0; i < pairs.size(); i++) {
      Pair pair = pairs.get(i);
      if (pair.code == 0 && pair.value.equals("SECTION") && i + 1 < pairs.size()) {
        section = pairs.get(i + 1).value;
        found |= section.equals("ENTITIES");
      } else if (section.equals("HEADER") && pair.value.equals("$INSUNITS")) {
        if (i + 1 < pairs.size()) {
          unitCode = (int) number(pairs.get(i + 1));
          mm = UNITS.getOrDefault(unitCode, 1.0);
        }
      } else if (section.equals("ENTITIES") && pair.code == 0) {
        i = entity(i) - 1;
      }
    }
    if (!found) {
      throw new FormatException(name, "there is no ENTITIES section in it, or the file breaks off");
    }
  }

  private double number(Pair pair) throws FormatException {
    try {
      double value = Double.parseDouble(pair.value);
      if (Double.isFinite(value)) {
        return value;
      }
    } catch (NumberFormatException e) {
      // Said below.
    }
    throw fault(pair, "a number");
  }

  // == ENTITIES

  /** The groups of one entity. */
  private final class Groups {

    private final List<Pair> all;

    Groups(List<Pair> all) {
      this.all = all;
    }

    OptionalDouble get(int code) throws FormatException {
      for (Pair pair : all) {
        if (pair.code == code) {
          return OptionalDouble.of(number(pair));
        }
      }
      return OptionalDouble.empty();
    }

    double need(int code, String what) throws FormatException {
      OptionalDouble value = get(code);
      if (value.isEmpty()) {
        throw new FormatException(
            name,
            "line " + (all.isEmpty() ? 0 : all.getFirst().line) + ": " + what + " is missing");
      }
      return value.getAsDouble();
    }

    double or(int code, double otherwise) throws FormatException {
      return get(code).orElse(otherwise);
    }

    Point point(int code, String what) throws FormatException {
      return new Point(need(code, what), need(code + 10, what));
    }

    String layer() {
      return all.stream()
          .filter(it -> it.code == 8)
          .map(Pair::value)
          .findFirst()
          .filter(it -> !it.equals("0"))
          .orElse("");
    }

    /** Every value of a code, in order. */
    List<Double> each(int code) throws FormatException {
      List<Double> values = new ArrayList<>();
      for (Pair pair : all) {
        if (pair.code == code) {
          values.add(number(pair));
        }
      }
      return values;
    }
  }

  /** Reads the entity that begins at a pair; gives where the next one begins. */
  private int entity(int from) throws FormatException {
    int to = next(from);
    String kind = pairs.get(from).value.toUpperCase(Locale.ROOT);
    Groups groups = new Groups(pairs.subList(from + 1, to));
    if (groups.or(210, 0) != 0 || groups.or(220, 0) != 0) {
      unread.add("something that does not lie flat");
      return to;
    }
    boolean turned = groups.or(230, 1) < 0;
    switch (kind) {
      case "LINE" ->
          add(
              groups,
              turned,
              List.of(Cubic.line(groups.point(10, "a start"), groups.point(11, "an end"))),
              false);
      case "CIRCLE" -> add(groups, turned, arc(groups, 0, 2 * Math.PI), true);
      case "ARC" -> {
        double start = Math.toRadians(groups.need(50, "a start angle"));
        double end = Math.toRadians(groups.need(51, "an end angle"));
        double sweep = end - start;
        double turns = 2 * Math.PI;
        add(
            groups,
            turned,
            arc(groups, start, start + sweep - turns * Math.floor(sweep / turns)),
            false);
      }
      case "ELLIPSE" -> ellipse(groups, turned);
      case "LWPOLYLINE" -> light(groups, turned);
      case "POLYLINE" -> {
        return heavy(groups, turned, to);
      }
      case "SPLINE" -> spline(groups, turned);
      case "ENDSEC", "SEQEND", "EOF" -> {}
      default -> unread.add(UNREAD.getOrDefault(kind, kind.toLowerCase(Locale.ROOT)));
    }
    return to;
  }

  private int next(int from) {
    int to = from + 1;
    while (to < pairs.size() && pairs.get(to).code != 0) {
      to++;
    }
    return to;
  }

  private void add(Groups groups, boolean turned, List<Cubic> units, boolean closed)
      throws FormatException {
    curves += units.size();
    if (curves > MOST_CURVES) {
      throw new FormatException(name, "more than " + MOST_CURVES + " pieces of line");
    }
    if (units.stream().allMatch(it -> it.start().distance(it.end()) == 0)) {
      return;
    }
    Path path =
        new Path(units, closed).moved(it -> new Point((turned ? -mm : mm) * it.x(), mm * it.y()));
    if (path.beyond(LARGEST_MM)) {
      throw new FormatException(
          name, "a line lies more than 100 m away: its units cannot be right");
    }
    lines.add(new LineWork.Line(groups.layer(), "", path));
  }

  private static List<Cubic> arc(Groups groups, double from, double to) throws FormatException {
    double radius = groups.need(40, "a radius");
    if (!(radius > 0) || from == to) {
      return List.of(Cubic.line(new Point(0, 0), new Point(0, 0)));
    }
    return Path.arc(groups.point(10, "a centre"), radius, from, to).cubics();
  }

  private void ellipse(Groups groups, boolean turned) throws FormatException {
    Point centre = groups.point(10, "a centre");
    Point major = groups.point(11, "an axis");
    double ratio = groups.need(40, "the ratio of its axes");
    double from = groups.or(41, 0);
    double to = groups.or(42, 2 * Math.PI);
    if (to <= from) {
      to += 2 * Math.PI;
    }
    Point minor = new Point(-major.y() * ratio, major.x() * ratio);
    Path unit = Path.arc(new Point(0, 0), 1, from, Math.min(to, from + 2 * Math.PI));
    Path placed = unit.moved(it -> centre.plus(major.times(it.x())).plus(minor.times(it.y())));
    add(groups, turned, placed.cubics(), to - from > 2 * Math.PI - 1e-9);
  }

  private void light(Groups groups, boolean turned) throws FormatException {
    List<Point> points = new ArrayList<>();
    List<Double> bulges = new ArrayList<>();
    double x = 0;
    for (Pair pair : groups.all) {
      switch (pair.code) {
        case 10 -> x = number(pair);
        case 20 -> {
          points.add(new Point(x, number(pair)));
          bulges.add(0.0);
        }
        case 42 -> {
          if (!bulges.isEmpty()) {
            bulges.set(bulges.size() - 1, number(pair));
          }
        }
        default -> {}
      }
    }
    polyline(groups, turned, points, bulges, ((int) groups.or(70, 0) & 1) == 1);
  }

  private int heavy(Groups groups, boolean turned, int from) throws FormatException {
    int flags = (int) groups.or(70, 0);
    List<Point> points = new ArrayList<>();
    List<Double> bulges = new ArrayList<>();
    int at = from;
    while (at < pairs.size() && pairs.get(at).value.equals("VERTEX")) {
      int to = next(at);
      Groups vertex = new Groups(pairs.subList(at + 1, to));
      points.add(vertex.point(10, "a vertex"));
      bulges.add(vertex.or(42, 0));
      at = to;
    }
    if ((flags & (16 | 64)) != 0) {
      unread.add("meshes");
    } else {
      polyline(groups, turned, points, bulges, (flags & 1) == 1);
    }
    return at;
  }

  private void polyline(
      Groups groups, boolean turned, List<Point> points, List<Double> bulges, boolean closed)
      throws FormatException {
    List<Cubic> all = new ArrayList<>();
    int pieces = closed ? points.size() : points.size() - 1;
    for (int i = 0; i < pieces; i++) {
      Point from = points.get(i);
      Point to = points.get((i + 1) % points.size());
      if (from.distance(to) > 0) {
        all.addAll(piece(from, to, bulges.get(i)));
      }
    }
    if (!all.isEmpty()) {
      add(groups, turned, all, closed);
    }
  }

  /** A bulge is the tangent of a quarter of the angle of the arc, positive to the left. */
  private static List<Cubic> piece(Point from, Point to, double bulge) {
    if (Math.abs(bulge) < 1e-9) {
      return List.of(Cubic.line(from, to));
    }
    double angle = 4 * Math.atan(bulge);
    double chord = from.distance(to);
    double radius = chord / 2 / Math.sin(angle / 2);
    Point along = to.minus(from).times(1 / chord);
    Point left = new Point(-along.y(), along.x());
    Point centre = from.towards(to, 0.5).plus(left.times(radius * Math.cos(angle / 2)));
    double start = Math.atan2(from.y() - centre.y(), from.x() - centre.x());
    List<Cubic> arc = Path.arc(centre, Math.abs(radius), start, start + angle).cubics();
    // The ends are the vertices themselves, to the last bit.
    List<Cubic> exact = new ArrayList<>(arc);
    Cubic first = exact.getFirst();
    exact.set(0, new Cubic(from, first.control1(), first.control2(), first.end()));
    Cubic last = exact.getLast();
    exact.set(exact.size() - 1, new Cubic(last.start(), last.control1(), last.control2(), to));
    return exact;
  }

  private void spline(Groups groups, boolean turned) throws FormatException {
    int degree = (int) groups.or(71, 3);
    boolean closed = ((int) groups.or(70, 0) & 1) == 1;
    List<Point> points = new ArrayList<>();
    List<Double> xs = groups.each(10);
    List<Double> ys = groups.each(20);
    for (int i = 0; i < Math.min(xs.size(), ys.size()); i++) {
      points.add(new Point(xs.get(i), ys.get(i)));
    }
    Optional<BSpline> curve = BSpline.of(degree, groups.each(40), points, groups.each(41));
    if (curve.isEmpty()) {
      unread.add("a spline that is given by its fit points only");
      return;
    }
    add(groups, turned, curve.get().cubics(), closed);
  }
}
