package stoutblade.formats;

import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.PathParser;
import stoutblade.formats.SvgFrame.Along;
import stoutblade.formats.SvgTree.Element;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.trace.FileUnit;
import stoutblade.trace.LineWork;

/**
 * Reads the lines of an SVG at true size: what is shown of it, with copies, nested pages and moves
 * resolved. Strokes' widths, fills and colours are nothing to a knife and are not looked at; what
 * is hidden, and what is drawn but cannot be read as lines (text, pictures), is said.
 *
 * <p>Nothing outside the file is ever looked for, and copies of copies are bounded. CSS Values 3:
 * an inch is 96 px.
 */
public final class SvgReader {

  private static final int MOST_VISITED = 400_000;
  private static final int MOST_CURVES = 1_000_000;
  private static final double LARGEST_MM = 100_000;
  private static final Map<String, String> UNREAD =
      Map.of(
          "text", "text: turn it into outlines first",
          "image", "a picture: open it at Size",
          "foreignObject", "something that is not SVG");

  /** What is inside these is not drawn where it stands. */
  private static final Set<String> NOT_HERE =
      Set.of(
          "defs",
          "symbol",
          "clipPath",
          "mask",
          "marker",
          "pattern",
          "linearGradient",
          "radialGradient",
          "style",
          "script",
          "metadata",
          "title",
          "desc");

  private final String name;
  private final SvgTree tree;
  private final List<LineWork.Line> lines = new ArrayList<>();
  private final Set<String> unread = new LinkedHashSet<>();
  private final Set<Element> copying = new HashSet<>();
  private int visited;
  private int curves;
  private int hidden;
  private String unit = "";
  private double unitMm = SvgFrame.MM_PER_PX;
  private Box sheet;
  private boolean stated;

  private SvgReader(String name, SvgTree tree) {
    this.name = name;
    this.tree = tree;
  }

  /**
   * What an element is drawn with.
   *
   * @param frame where it lies
   * @param layer the group that it lies in
   * @param visible false where it is hidden, but may be shown again inside
   */
  private record Context(SvgFrame frame, String layer, boolean visible) {}

  /**
   * Reads a file's lines.
   *
   * @throws FormatException if it is no SVG, damaged or beyond what is read; the message says what
   */
  public static LineWork read(String name, byte[] file) throws IOException {
    SvgReader reader = new SvgReader(name, SvgTree.read(name, file));
    try {
      return reader.lines();
    } catch (FormatException | CancellationException e) {
      throw e;
    } catch (RuntimeException e) {
      // The libraries throw all kinds of exceptions at damaged files.
      throw new FormatException(name, "no readable SVG: it is damaged", e);
    }
  }

  private LineWork lines() throws FormatException {
    Element root = tree.root();
    Context page = new Context(page(root.at()), "", true);
    if (shown(tree.styles().of(root))) {
      inside(root, page, 0);
    }
    if (hidden > 0) {
      unread.add(hidden + (hidden == 1 ? " hidden shape" : " hidden shapes"));
    }
    return new LineWork(
        lines, List.copyOf(unread), unit, new FileUnit(unitMm, stated), Optional.ofNullable(sheet));
  }

  private FormatException fault(String what) {
    return new FormatException(name, what);
  }

  static String shortened(String text) {
    return text.length() > 40 ? text.substring(0, 40) + "…" : text;
  }

  // == GOING THROUGH

  private void inside(Element element, Context in, int depth) throws FormatException {
    for (Element one : element.inside()) {
      element(one, in, depth + 1);
    }
  }

  private void element(Element element, Context in, int depth) throws FormatException {
    Inside.goOn();
    if (++visited > MOST_VISITED) {
      throw fault("copies of copies: more than " + MOST_VISITED + " elements in all");
    }
    if (depth > SvgTree.DEEPEST) {
      throw fault("nested deeper than " + SvgTree.DEEPEST + " levels");
    }
    if (NOT_HERE.contains(element.tag())) {
      return;
    }
    try {
      drawn(element, in, depth);
    } catch (IllegalArgumentException e) {
      throw new FormatException(
          name,
          "line " + element.line() + ": <" + shortened(element.tag()) + ">: " + e.getMessage(),
          e);
    }
  }

  private void drawn(Element element, Context in, int depth) throws FormatException {
    Map<String, String> style = tree.styles().of(element);
    boolean visible = visible(style, in.visible);
    if (!shown(style)) {
      hidden += shapes(element, 0);
      return;
    }
    String label = element.at().getOrDefault("label", element.get("id"));
    boolean group = element.tag().equals("g") && !label.isEmpty();
    SvgFrame frame = in.frame.moved(in.frame.transform(style));
    Context own = new Context(frame, group ? label : in.layer, visible);
    switch (element.tag()) {
      case "svg" -> inside(element, nested(element, own), depth);
      case "use" -> copy(element, own, depth);
      case "switch" -> {
        if (!element.inside().isEmpty()) {
          element(element.inside().getFirst(), own, depth + 1);
        }
      }
      default -> {
        if (UNREAD.containsKey(element.tag())) {
          unread.add(UNREAD.get(element.tag()));
        } else {
          shape(element, own, label);
          inside(element, own, depth);
        }
      }
    }
  }

  private static boolean shown(Map<String, String> style) {
    return !"none".equals(style.get("display"));
  }

  /** Hidden is passed on, and taken back by who is visible inside. */
  private static boolean visible(Map<String, String> style, boolean before) {
    return switch (style.getOrDefault("visibility", "inherit")) {
      case "hidden", "collapse" -> false;
      case "visible" -> true;
      default -> before;
    };
  }

  /** How many shapes are in something that is not shown. */
  private static int shapes(Element element, int depth) {
    int count = element.inside().isEmpty() && !NOT_HERE.contains(element.tag()) ? 1 : 0;
    for (Element one : depth > SvgTree.DEEPEST ? List.<Element>of() : element.inside()) {
      count += shapes(one, depth + 1);
    }
    return count;
  }

  /** A page inside a page has a place and a size of its own. */
  private static Context nested(Element element, Context in) {
    Map<String, String> at = element.at();
    SvgFrame frame = in.frame;
    double wide = at.containsKey("width") ? frame.length(at, "width", Along.WIDTH) : frame.width();
    double high =
        at.containsKey("height") ? frame.length(at, "height", Along.HEIGHT) : frame.height();
    return new Context(
        frame.inside(
            at,
            frame.length(at, "x", Along.WIDTH),
            frame.length(at, "y", Along.HEIGHT),
            wide,
            high),
        in.layer,
        in.visible);
  }

  /** A copy of something that stands elsewhere in the file. */
  private void copy(Element use, Context in, int depth) throws FormatException {
    String to = use.get("href");
    Element copied = to.startsWith("#") ? tree.byId().get(to.substring(1)) : null;
    if (copied == null) {
      unread.add(
          to.startsWith("#") ? "a copy of what is not there" : "copies of what is in other files");
      return;
    }
    if (!copying.add(copied)) {
      unread.add("a copy of itself");
      return;
    }
    SvgFrame frame =
        in.frame.moved(
            AffineTransform.getTranslateInstance(
                in.frame.length(use.at(), "x", Along.WIDTH),
                in.frame.length(use.at(), "y", Along.HEIGHT)));
    Context own = new Context(frame, in.layer, in.visible);
    if (copied.tag().equals("symbol") || copied.tag().equals("svg")) {
      Map<String, String> at = new HashMap<>(copied.at());
      at.remove("x");
      at.remove("y");
      for (String size : List.of("width", "height")) {
        if (use.at().containsKey(size)) {
          at.put(size, use.get(size));
        }
      }
      inside(copied, nested(new Element("svg", at, List.of(), copied.line()), own), depth + 1);
    } else {
      element(copied, own, depth + 1);
    }
    copying.remove(copied);
  }

  // == THE PAGE

  /** From the file's units to millimetres, y up. */
  private SvgFrame page(Map<String, String> at) throws FormatException {
    Optional<double[]> view;
    try {
      view = SvgFrame.viewBox(at);
    } catch (IllegalArgumentException e) {
      throw fault(e.getMessage());
    }
    Optional<Double> width = Optional.ofNullable(at.get("width")).flatMap(SvgFrame::absolute);
    Optional<Double> height = Optional.ofNullable(at.get("height")).flatMap(SvgFrame::absolute);
    stated = width.isPresent() && !SvgFrame.unitless(at.get("width"));
    unit = stated ? "the size of the page" : "96 units to the inch, as the file names no size";
    AffineTransform to = new AffineTransform();
    double wide = width.orElseGet(() -> view.map(it -> it[2]).orElse(0.0));
    double high = height.orElseGet(() -> view.map(it -> it[3]).orElse(0.0));
    if (view.isPresent()) {
      double[] box = view.get();
      // A side that is not said follows from the other.
      double across = width.map(it -> it / box[2]).orElse(Double.NaN);
      double down = height.map(it -> it / box[3]).orElse(Double.NaN);
      wide = width.orElseGet(() -> box[2] * (Double.isNaN(down) ? 1 : down));
      high = height.orElseGet(() -> box[3] * (Double.isNaN(across) ? 1 : across));
      to = SvgFrame.fitted(at.getOrDefault("preserveAspectRatio", ""), box, wide, high);
    }
    double least = Math.min(to.getScaleX(), to.getScaleY()) * SvgFrame.MM_PER_PX;
    double most = Math.max(to.getScaleX(), to.getScaleY()) * SvgFrame.MM_PER_PX;
    if (!(least > 1e-9 && most < 1e6)) {
      throw fault("its size makes no sense: a unit would be " + least + " mm");
    }
    unitMm = least;
    sheet =
        wide > 0 && high > 0
            ? new Box(0, 0, wide * SvgFrame.MM_PER_PX, high * SvgFrame.MM_PER_PX)
            : null;
    AffineTransform page =
        new AffineTransform(
            SvgFrame.MM_PER_PX, 0, 0, -SvgFrame.MM_PER_PX, 0, high * SvgFrame.MM_PER_PX);
    page.concatenate(to);
    return new SvgFrame(
        page, view.map(it -> it[2]).orElse(wide), view.map(it -> it[3]).orElse(high));
  }

  // == SHAPES

  private void shape(Element element, Context in, String label) throws FormatException {
    SvgPath path = new SvgPath(in.frame.to(), MOST_CURVES - curves);
    draw(element.tag(), element.at(), in.frame, path);
    List<Path> all = path.done();
    if (!in.visible) {
      hidden += all.isEmpty() ? 0 : 1;
      return;
    }
    for (Path one : all) {
      check(one);
      lines.add(new LineWork.Line(in.layer, label, one));
    }
  }

  private void draw(String tag, Map<String, String> at, SvgFrame in, SvgPath path) {
    switch (tag) {
      case "path" -> parsed(at.getOrDefault("d", ""), path);
      case "rect" ->
          path.rectangle(
              in.length(at, "x", Along.WIDTH),
              in.length(at, "y", Along.HEIGHT),
              in.length(at, "width", Along.WIDTH),
              in.length(at, "height", Along.HEIGHT),
              in.length(at, at.containsKey("rx") ? "rx" : "ry", Along.WIDTH),
              in.length(at, at.containsKey("ry") ? "ry" : "rx", Along.HEIGHT));
      case "circle" ->
          path.ellipse(
              in.length(at, "cx", Along.WIDTH),
              in.length(at, "cy", Along.HEIGHT),
              in.length(at, "r", Along.DIAGONAL),
              in.length(at, "r", Along.DIAGONAL));
      case "ellipse" ->
          path.ellipse(
              in.length(at, "cx", Along.WIDTH),
              in.length(at, "cy", Along.HEIGHT),
              in.length(at, "rx", Along.WIDTH),
              in.length(at, "ry", Along.HEIGHT));
      case "line" ->
          path.points(
              new double[] {
                in.length(at, "x1", Along.WIDTH),
                in.length(at, "y1", Along.HEIGHT),
                in.length(at, "x2", Along.WIDTH),
                in.length(at, "y2", Along.HEIGHT)
              },
              false);
      case "polyline" -> path.points(SvgFrame.numbers(at.getOrDefault("points", "")), false);
      case "polygon" -> path.points(SvgFrame.numbers(at.getOrDefault("points", "")), true);
      default -> {}
    }
  }

  private void check(Path path) throws FormatException {
    curves += path.cubics().size();
    if (curves > MOST_CURVES) {
      throw fault("more than " + MOST_CURVES + " pieces of line");
    }
    if (path.beyond(LARGEST_MM)) {
      throw fault("a line lies more than 100 m away: its units cannot be right");
    }
  }

  private void parsed(String data, SvgPath into) {
    PathParser parser = new PathParser();
    parser.setPathHandler(into);
    try {
      parser.parse(data);
    } catch (ParseException e) {
      // As the standard prescribes, what comes before the fault is drawn; we say so.
      unread.add("the rest of a path after a fault in it");
    }
  }
}
