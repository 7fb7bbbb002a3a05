package stoutblade.formats;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.trace.FileUnit;
import stoutblade.trace.LineWork;

/**
 * Reads the lines of a DXF in text form at true size: lines, arcs, circles, ellipses, polylines
 * with their bulges, and splines, with their layers, and blocks where they are inserted.
 * Dimensions, hatches and texts are said.
 *
 * <p>Group codes as in the published DXF reference (from memory); units by $INSUNITS.
 */
public final class DxfReader {

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
          "TEXT",
          "text: turn it into outlines first",
          "MTEXT",
          "text: turn it into outlines first",
          "ATTRIB",
          "text: turn it into outlines first",
          "DIMENSION",
          "dimensions",
          "HATCH",
          "hatches",
          "3DFACE",
          "faces in space",
          "3DSOLID",
          "solids",
          "POINT",
          "points");

  /** Ends of other entities, and what is not drawn. */
  private static final Set<String> LAID_OUT = Set.of("SEQEND", "ATTDEF", "EOF", "VERTEX");

  private static final int DEEPEST_BLOCK = 12;
  private static final int MOST_INSERTS = 100_000;

  /** Pairs that are gone through, those of a block anew for each time that it is inserted. */
  private static final long MOST_STEPS = 20_000_000;

  private static final int MOST_UNREAD = 20;

  /** Angles and parameters beyond this are no angles: what is left of a turn is rounding. */
  private static final double LARGEST_ANGLE = 1e6;

  private final String name;
  private final List<DxfGroups.Pair> pairs;
  private final Map<String, Block> blocks = new HashMap<>();
  private final List<LineWork.Line> lines = new ArrayList<>();
  private final Set<String> unread = new LinkedHashSet<>();
  private final Map<String, String> notShown = new HashMap<>();
  private final Map<String, Integer> leftOut = new TreeMap<>();
  private double mm = 1;
  private boolean measured;
  private int unitCode;
  private int curves;
  private int inserts;
  private long steps;
  private final Deque<Inserted> inside = new ArrayDeque<>();

  /** The pair at which the entity that is being read begins. */
  private int entity;

  /**
   * A named group of entities.
   *
   * @param from where its first entity begins
   * @param base the place that is laid on the place of an insert
   */
  private record Block(int from, Point base) {}

  /**
   * A block where it is inserted.
   *
   * @param name the block
   * @param layer what its entities without a layer of their own are on
   * @param placed what it does to a place
   */
  private record Inserted(String name, String layer, UnaryOperator<Point> placed) {}

  private DxfReader(String name, List<DxfGroups.Pair> pairs) {
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
    DxfReader reader = new DxfReader(name, DxfGroups.pairs(name, text));
    try {
      reader.document();
    } catch (IllegalArgumentException | ArithmeticException e) {
      throw reader.odd(e);
    }
    boolean stated = UNITS.containsKey(reader.unitCode);
    reader.leftOut.forEach((why, count) -> reader.unread.add(count + " " + why));
    return new LineWork(
        reader.lines,
        List.copyOf(reader.unread),
        stated ? UNIT_WORDS.get(reader.unitCode) : reader.guessed(),
        new FileUnit(reader.mm, stated),
        Optional.empty());
  }

  /** Without stated units all that is known is which measures the drawing was set up for. */
  private String guessed() {
    return (mm == 1 ? "millimetres" : "inches")
        + (measured ? ", as the drawing is set up for them" : "")
        + "; the file does not say what its units are";
  }

  /** Numbers that are each possible, but make no line together. */
  private FormatException odd(RuntimeException e) {
    DxfGroups.Pair at = pairs.get(Math.min(entity, pairs.size() - 1));
    return new FormatException(
        name,
        "line "
            + at.line()
            + ": the sizes of this "
            + DxfGroups.shortened(at.value())
            + " make no line",
        e);
  }

  private void document() throws FormatException {
    String section = "";
    int entities = -1;
    for (int i = 0; i < pairs.size(); i++) {
      DxfGroups.Pair pair = pairs.get(i);
      if (pair.code() == 0 && pair.value().equals("SECTION") && i + 1 < pairs.size()) {
        section = pairs.get(i + 1).value();
        entities = section.equals("ENTITIES") ? i + 2 : entities;
      } else if (section.equals("HEADER") && pair.value().equals("$INSUNITS")) {
        if (i + 1 < pairs.size()) {
          unitCode = (int) DxfGroups.number(name, pairs.get(i + 1));
          mm = UNITS.getOrDefault(unitCode, mm);
        }
      } else if (section.equals("HEADER") && pair.value().equals("$MEASUREMENT")) {
        measurement(i + 1);
      } else if (section.equals("TABLES") && pair.code() == 0 && pair.value().equals("LAYER")) {
        layer(i);
      } else if (section.equals("BLOCKS") && pair.code() == 0 && pair.value().equals("BLOCK")) {
        block(i);
      }
    }
    if (entities < 0) {
      throw new FormatException(name, "there is no ENTITIES section in it, or the file breaks off");
    }
    run(entities);
  }

  /** 0 for inches, 1 for metric; it only counts where no unit is stated. */
  private void measurement(int at) throws FormatException {
    if (at < pairs.size() && !UNITS.containsKey(unitCode)) {
      measured = true;
      mm = DxfGroups.number(name, pairs.get(at)) == 0 ? 25.4 : 1;
    }
  }

  /** A layer that is off (a colour below 0), frozen, or not printed is not there for the maker. */
  private void layer(int from) throws FormatException {
    DxfGroups groups = groups(from + 1, next(from));
    boolean frozen = ((int) groups.or(70, 0) & 1) == 1;
    String why =
        groups.or(62, 7) < 0
            ? "off"
            : frozen ? "frozen" : groups.or(290, 1) == 0 ? "not printed" : "";
    if (!why.isEmpty()) {
      groups.text(2).ifPresent(it -> notShown.put(it.toUpperCase(Locale.ROOT), why));
    }
  }

  /** Why something is left out; empty where it is shown. */
  private String hidden(DxfGroups groups) throws FormatException {
    // A loop of its own: it is asked for every entity of every block that is put in.
    for (DxfGroups.Pair pair : groups.all()) {
      if (pair.code() == 67 && pair.value().equals("1")) {
        return "in paper space";
      }
      if (pair.code() == 60 && pair.value().equals("1")) {
        return "hidden";
      }
    }
    if (notShown.isEmpty()) {
      return "";
    }
    String own = groups.layer();
    String layer = own.isEmpty() && !inside.isEmpty() ? inside.peek().layer : own;
    String why =
        notShown.getOrDefault((layer.isEmpty() ? "0" : layer).toUpperCase(Locale.ROOT), "");
    return why.isEmpty() ? "" : "on layers that are " + why;
  }

  /** Reads entities from a pair on, until the block or the section ends. */
  private void run(int from) throws FormatException {
    int at = from;
    while (at < pairs.size()) {
      DxfGroups.Pair pair = pairs.get(at);
      if (pair.code() == 0 && (pair.value().equals("ENDBLK") || pair.value().equals("ENDSEC"))) {
        return;
      }
      at = pair.code() == 0 ? entity(at) : at + 1;
    }
  }

  private DxfGroups groups(int from, int to) {
    return new DxfGroups(name, pairs.subList(from, to));
  }

  // == BLOCKS

  private void block(int from) throws FormatException {
    int to = next(from);
    DxfGroups groups = groups(from + 1, to);
    Optional<String> named = groups.text(2);
    if (named.isPresent()) {
      blocks.put(named.get(), new Block(to, new Point(groups.or(10, 0), groups.or(20, 0))));
    }
  }

  private void insert(DxfGroups groups, boolean turned) throws FormatException {
    String block = groups.text(2).orElse("");
    Block found = blocks.get(block);
    if (found == null) {
      unread("a block that is not in the file");
      return;
    }
    boolean within = inside.stream().anyMatch(it -> it.name.equals(block));
    if (within || inside.size() >= DEEPEST_BLOCK) {
      throw new FormatException(
          name,
          "line "
              + groups.line()
              + (within
                  ? ": the block '" + DxfGroups.shortened(block) + "' holds itself"
                  : ": blocks in blocks, more than " + DEEPEST_BLOCK + " deep"));
    }
    int columns = Math.max(1, (int) groups.or(70, 1));
    int rows = Math.max(1, (int) groups.or(71, 1));
    for (long i = 0; i < (long) columns * rows; i++) {
      if (++inserts > MOST_INSERTS) {
        throw new FormatException(name, "more than " + MOST_INSERTS + " blocks are inserted");
      }
      Point step =
          new Point(i % columns * groups.or(44, 0), Math.floorDiv(i, columns) * groups.or(45, 0));
      inside.push(new Inserted(block, groups.layer(), placed(groups, found, step, turned)));
      run(found.from);
      inside.pop();
    }
  }

  /**
   * Scaled about the block's base, shifted by its step in the rows, turned and put in its place.
   */
  private static UnaryOperator<Point> placed(
      DxfGroups groups, Block block, Point step, boolean turned) throws FormatException {
    Point at = groups.point(10, "a place");
    double across = groups.or(41, 1);
    double along = groups.or(42, 1);
    double angle = Math.toRadians(groups.or(50, 0));
    return place -> {
      Point own = place.minus(block.base);
      Point scaled = new Point(own.x() * across, own.y() * along).plus(step);
      Point put = scaled.turned(angle).plus(at);
      return turned ? new Point(-put.x(), put.y()) : put;
    };
  }

  // == ENTITIES

  /** Reads the entity that begins at a pair; gives where the next one begins. */
  private int entity(int from) throws FormatException {
    Inside.goOn();
    entity = from;
    int to = next(from);
    steps += to - from;
    if (steps > MOST_STEPS) {
      throw new FormatException(
          name,
          "its blocks, put in wherever they are inserted, come to more than "
              + MOST_STEPS
              + " lines of text");
    }
    String kind = pairs.get(from).value().toUpperCase(Locale.ROOT);
    DxfGroups groups = groups(from + 1, to);
    if (groups.or(210, 0) != 0 || groups.or(220, 0) != 0) {
      unread("something that does not lie flat");
      return to;
    }
    String why = LAID_OUT.contains(kind) ? "" : hidden(groups);
    if (!why.isEmpty()) {
      leftOut.merge(why, 1, Integer::sum);
      return kind.equals("POLYLINE") ? afterVertices(to) : to;
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
        double start = Math.toRadians(within(groups, groups.need(50, "a start angle")));
        double end = Math.toRadians(within(groups, groups.need(51, "an end angle")));
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
      case "INSERT" -> insert(groups, turned);
      case "SEQEND", "ATTDEF", "EOF" -> {}
      default ->
          unread(UNREAD.getOrDefault(kind, DxfGroups.shortened(kind.toLowerCase(Locale.ROOT))));
    }
    return to;
  }

  private int afterVertices(int from) {
    int at = from;
    while (at < pairs.size() && pairs.get(at).value().equals("VERTEX")) {
      at = next(at);
    }
    return at;
  }

  private void unread(String what) {
    if (unread.size() < MOST_UNREAD) {
      unread.add(what);
    }
  }

  private double within(DxfGroups groups, double angle) throws FormatException {
    if (!(Math.abs(angle) <= LARGEST_ANGLE)) {
      throw new FormatException(
          name, "line " + groups.line() + ": expected an angle; found " + angle);
    }
    return angle;
  }

  private int next(int from) {
    int to = from + 1;
    while (to < pairs.size() && pairs.get(to).code() != 0) {
      to++;
    }
    return to;
  }

  private void add(DxfGroups groups, boolean turned, List<Cubic> units, boolean closed)
      throws FormatException {
    curves += units.size();
    if (curves > MOST_CURVES) {
      throw new FormatException(name, "more than " + MOST_CURVES + " pieces of line");
    }
    if (units.stream().allMatch(it -> it.start().distance(it.end()) == 0)) {
      return;
    }
    Path own = new Path(units, closed).moved(it -> new Point(turned ? -it.x() : it.x(), it.y()));
    String layer = groups.layer();
    for (Inserted block : inside) {
      own = own.moved(block.placed);
      layer = layer.isEmpty() ? block.layer : layer;
    }
    Path path = own.moved(it -> it.times(mm));
    if (path.beyond(LARGEST_MM)) {
      throw new FormatException(
          name, "a line lies more than 100 m away: its units cannot be right");
    }
    lines.add(new LineWork.Line(layer, "", path));
  }

  private static List<Cubic> arc(DxfGroups groups, double from, double to) throws FormatException {
    double radius = groups.need(40, "a radius");
    if (!(radius > 0) || from == to) {
      return List.of(Cubic.line(new Point(0, 0), new Point(0, 0)));
    }
    return Path.arc(groups.point(10, "a centre"), radius, from, to).cubics();
  }

  private void ellipse(DxfGroups groups, boolean turned) throws FormatException {
    Point centre = groups.point(10, "a centre");
    Point major = groups.point(11, "an axis");
    double ratio = groups.need(40, "the ratio of its axes");
    double from = within(groups, groups.or(41, 0));
    double to = within(groups, groups.or(42, 2 * Math.PI));
    if (to <= from) {
      to += 2 * Math.PI;
    }
    Point minor = new Point(-major.y() * ratio, major.x() * ratio);
    Path unit = Path.arc(new Point(0, 0), 1, from, Math.min(to, from + 2 * Math.PI));
    Path placed = unit.moved(it -> centre.plus(major.times(it.x())).plus(minor.times(it.y())));
    add(groups, turned, placed.cubics(), to - from > 2 * Math.PI - 1e-9);
  }

  private void light(DxfGroups groups, boolean turned) throws FormatException {
    List<Point> points = new ArrayList<>();
    List<Double> bulges = new ArrayList<>();
    double x = 0;
    for (DxfGroups.Pair pair : groups.all()) {
      switch (pair.code()) {
        case 10 -> x = DxfGroups.number(name, pair);
        case 20 -> {
          points.add(new Point(x, DxfGroups.number(name, pair)));
          bulges.add(0.0);
        }
        case 42 -> {
          if (!bulges.isEmpty()) {
            bulges.set(bulges.size() - 1, DxfGroups.number(name, pair));
          }
        }
        default -> {}
      }
    }
    polyline(groups, turned, points, bulges, ((int) groups.or(70, 0) & 1) == 1);
  }

  private int heavy(DxfGroups groups, boolean turned, int from) throws FormatException {
    int flags = (int) groups.or(70, 0);
    List<Point> points = new ArrayList<>();
    List<Double> bulges = new ArrayList<>();
    int at = from;
    while (at < pairs.size() && pairs.get(at).value().equals("VERTEX")) {
      int to = next(at);
      DxfGroups vertex = groups(at + 1, to);
      points.add(vertex.point(10, "a vertex"));
      bulges.add(vertex.or(42, 0));
      at = to;
    }
    if ((flags & (16 | 64)) != 0) {
      unread("meshes");
    } else {
      polyline(groups, turned, points, bulges, (flags & 1) == 1);
    }
    return at;
  }

  private void polyline(
      DxfGroups groups, boolean turned, List<Point> points, List<Double> bulges, boolean closed)
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

  private void spline(DxfGroups groups, boolean turned) throws FormatException {
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
      fitted(groups, turned, closed);
      return;
    }
    add(groups, turned, curve.get().cubics(), closed);
  }

  /** A spline that is given by the points that it runs through, and by its ends' directions. */
  private void fitted(DxfGroups groups, boolean turned, boolean closed) throws FormatException {
    List<Double> xs = groups.each(11);
    List<Double> ys = groups.each(21);
    List<Point> points = new ArrayList<>();
    for (int i = 0; i < Math.min(xs.size(), ys.size()); i++) {
      Point at = new Point(xs.get(i), ys.get(i));
      if (points.isEmpty() || points.getLast().distance(at) > 0) {
        points.add(at);
      }
    }
    if (points.size() < 2) {
      unread("a spline without points");
      return;
    }
    add(
        groups,
        turned,
        FitSpline.through(points, direction(groups, 12, 22), direction(groups, 13, 23)),
        closed);
  }

  private static Optional<Point> direction(DxfGroups groups, int x, int y) throws FormatException {
    Point way = new Point(groups.or(x, 0), groups.or(y, 0));
    return way.length() > 0 ? Optional.of(way) : Optional.empty();
  }
}
