package stoutblade.formats;

import java.awt.geom.AffineTransform;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.PathParser;
import stoutblade.shape.Path;
import stoutblade.trace.LineWork;

/**
 * Reads the lines of an SVG at true size. Strokes' widths, fills and styles are nothing to a knife
 * and are not looked at; what is drawn but cannot be read as lines (text, pictures, copies of other
 * elements) is said.
 *
 * <p>Nothing outside the file is ever looked for. CSS Values 3: an inch is 96 px.
 */
public final class SvgReader {

  private static final double MM_PER_PX = 25.4 / 96;
  private static final int DEEPEST = 100;
  private static final int MOST_ELEMENTS = 200_000;
  private static final int MOST_CURVES = 1_000_000;

  /** A length of more letters is none, and would keep the pattern busy. */
  private static final int LONGEST_LENGTH = 80;

  private static final double LARGEST_MM = 100_000;
  private static final Pattern LENGTH =
      Pattern.compile("\\s*([+-]?[0-9]*\\.?[0-9]+(?:[eE][+-]?[0-9]+)?)\\s*([a-zA-Z%]*)\\s*");
  private static final Pattern NUMBER =
      Pattern.compile("[+-]?(?:[0-9]+\\.?[0-9]*|\\.[0-9]+)(?:[eE][+-]?[0-9]+)?");
  private static final Map<String, Double> UNITS =
      Map.of(
          "", MM_PER_PX, "px", MM_PER_PX, "mm", 1.0, "cm", 10.0, "in", 25.4, "pt", 25.4 / 72, "pc",
          25.4 / 6, "q", 0.25);
  private static final Map<String, String> UNREAD =
      Map.of(
          "text", "text: turn it into outlines first",
          "image", "a picture: open it at Size",
          "use", "copies of other elements",
          "foreignObject", "something that is not SVG");

  /** What is inside these is not drawn where it stands. */
  private static final Set<String> HIDDEN =
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
          "metadata");

  private final String name;
  private final List<LineWork.Line> lines = new ArrayList<>();
  private final Set<String> unread = new LinkedHashSet<>();
  private final Deque<AffineTransform> frames = new ArrayDeque<>();
  private final Deque<String> layers = new ArrayDeque<>();
  private int elements;
  private int curves;
  private String unit = "";
  private boolean stated;

  private SvgReader(String name) {
    this.name = name;
  }

  /**
   * Reads a file's lines.
   *
   * @throws FormatException if it is no SVG, damaged or beyond what is read; the message says what
   */
  public static LineWork read(String name, byte[] file) throws IOException {
    SvgReader reader = new SvgReader(name);
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    // Our own bound comes first, with its own message.
    factory.setProperty("jdk.xml.maxElementDepth", Integer.toString(2 * DEEPEST));
    factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
    try {
      XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(file));
      reader.document(xml);
      xml.close();
    } catch (XMLStreamException e) {
      throw new FormatException(
          name,
          "no readable SVG: line "
              + e.getLocation().getLineNumber()
              + " of it is damaged, or refers to something outside",
          e);
    } catch (FormatException | CancellationException e) {
      throw e;
    } catch (RuntimeException e) {
      // The libraries throw all kinds of exceptions at damaged files.
      throw new FormatException(name, "no readable SVG: it is damaged", e);
    }
    return new LineWork(reader.lines, List.copyOf(reader.unread), reader.unit, reader.stated);
  }

  private FormatException fault(String what) {
    return new FormatException(name, what);
  }

  private void document(XMLStreamReader xml) throws XMLStreamException, FormatException {
    int hidden = 0;
    while (xml.hasNext()) {
      switch (xml.next()) {
        case XMLStreamConstants.START_ELEMENT -> {
          count();
          String tag = xml.getLocalName();
          if (hidden > 0 || HIDDEN.contains(tag)) {
            hidden++;
          } else {
            start(tag, attributes(xml), xml.getLocation().getLineNumber());
          }
        }
        case XMLStreamConstants.END_ELEMENT -> {
          if (hidden > 0) {
            hidden--;
          } else {
            frames.pop();
            layers.pop();
          }
        }
        case XMLStreamConstants.ENTITY_REFERENCE ->
            throw fault(
                "it refers to something outside of what stands in it: &"
                    + xml.getLocalName()
                    + ";");
        default -> {}
      }
    }
    if (elements == 0) {
      throw fault("there is nothing in it");
    }
  }

  private void count() throws FormatException {
    Inside.goOn();
    elements++;
    if (elements > MOST_ELEMENTS) {
      throw fault("more than " + MOST_ELEMENTS + " elements");
    }
  }

  private static Map<String, String> attributes(XMLStreamReader xml) {
    Map<String, String> all = new LinkedHashMap<>();
    for (int i = 0; i < xml.getAttributeCount(); i++) {
      all.put(xml.getAttributeLocalName(i), xml.getAttributeValue(i));
    }
    return all;
  }

  private void start(String tag, Map<String, String> at, int line) throws FormatException {
    try {
      start(tag, at);
    } catch (IllegalArgumentException e) {
      throw new FormatException(
          name, "line " + line + ": <" + shortened(tag) + ">: " + e.getMessage(), e);
    } catch (RuntimeException e) {
      throw new FormatException(
          name, "line " + line + ": <" + shortened(tag) + "> cannot be read", e);
    }
  }

  private static String shortened(String text) {
    return text.length() > 40 ? text.substring(0, 40) + "…" : text;
  }

  private void start(String tag, Map<String, String> at) throws FormatException {
    if (frames.size() >= DEEPEST) {
      throw fault("nested deeper than " + DEEPEST + " levels");
    }
    if (frames.isEmpty()) {
      if (!tag.equals("svg")) {
        throw fault("no SVG: it begins with <" + tag + ">");
      }
      frames.push(page(at));
      layers.push("");
      return;
    }
    AffineTransform frame = new AffineTransform(frames.peek());
    if (at.containsKey("transform")) {
      frame.concatenate(transform(at.get("transform")));
    }
    frames.push(frame);
    String label = at.getOrDefault("label", at.getOrDefault("id", ""));
    layers.push(tag.equals("g") && !label.isEmpty() ? label : layers.peek());
    if (UNREAD.containsKey(tag)) {
      unread.add(UNREAD.get(tag));
    } else if (!"none".equals(at.get("display"))) {
      shape(tag, at).forEach(it -> lines.add(new LineWork.Line(layers.peek(), label, it)));
    }
  }

  private static AffineTransform transform(String text) {
    try {
      return AWTTransformProducer.createAffineTransform(text);
    } catch (ParseException e) {
      throw new IllegalArgumentException("'" + shortened(text) + "' is no way of moving it", e);
    }
  }

  // == THE PAGE

  /** From the file's units to millimetres, y up. */
  private AffineTransform page(Map<String, String> at) throws FormatException {
    Optional<double[]> view = Optional.ofNullable(at.get("viewBox")).map(SvgReader::numbers);
    Optional<Double> width = Optional.ofNullable(at.get("width")).flatMap(SvgReader::absolute);
    Optional<Double> height = Optional.ofNullable(at.get("height")).flatMap(SvgReader::absolute);
    stated = width.isPresent() && !bare(at.get("width"));
    double perUnit = MM_PER_PX;
    double top = 0;
    if (view.isPresent()) {
      double[] box = view.get();
      if (box.length != 4 || !(box[2] > 0) || !(box[3] > 0)) {
        throw fault("its viewBox is not four numbers with a width and a height");
      }
      // The picture keeps its proportion: the lesser of both scales, as 'meet' prescribes.
      double across = width.map(it -> it / box[2]).orElse(Double.POSITIVE_INFINITY);
      double down = height.map(it -> it / box[3]).orElse(Double.POSITIVE_INFINITY);
      double least = Math.min(across, down);
      perUnit = Double.isFinite(least) ? least : MM_PER_PX;
      top = box[1];
    }
    if (!(perUnit > 1e-9 && perUnit < 1e6)) {
      throw fault("its size makes no sense: a unit would be " + perUnit + " mm");
    }
    double bottom =
        top + view.map(it -> it[3]).orElse(height.map(it -> it / MM_PER_PX).orElse(0.0));
    unit = stated ? "the size of the page" : "96 units to the inch, as the file names no size";
    return new AffineTransform(perUnit, 0, 0, -perUnit, 0, bottom * perUnit);
  }

  private static boolean bare(String length) {
    return length.strip().matches("[0-9.eE+-]*");
  }

  private static Optional<Double> absolute(String length) {
    Matcher matcher = LENGTH.matcher(length);
    if (length.length() > LONGEST_LENGTH || !matcher.matches()) {
      return Optional.empty();
    }
    double number = Double.parseDouble(matcher.group(1));
    return Optional.ofNullable(UNITS.get(matcher.group(2).toLowerCase(Locale.ROOT)))
        .map(it -> it * number);
  }

  private static double[] numbers(String text) {
    Matcher matcher = NUMBER.matcher(text);
    List<Double> all = new ArrayList<>();
    while (matcher.find()) {
      if (all.size() > 2 * MOST_CURVES) {
        throw new IllegalArgumentException("more than " + 2 * MOST_CURVES + " numbers");
      }
      all.add(Double.parseDouble(matcher.group()));
    }
    return all.stream().mapToDouble(Double::doubleValue).toArray();
  }

  // == SHAPES

  private List<Path> shape(String tag, Map<String, String> at) throws FormatException {
    SvgPath path = new SvgPath(frames.peek(), MOST_CURVES - curves);
    switch (tag) {
      case "path" -> parsed(at.getOrDefault("d", ""), path);
      case "rect" ->
          path.rectangle(
              number(at, "x"),
              number(at, "y"),
              number(at, "width"),
              number(at, "height"),
              radius(at, "rx", "ry"),
              radius(at, "ry", "rx"));
      case "circle" ->
          path.ellipse(number(at, "cx"), number(at, "cy"), number(at, "r"), number(at, "r"));
      case "ellipse" ->
          path.ellipse(number(at, "cx"), number(at, "cy"), number(at, "rx"), number(at, "ry"));
      case "line" ->
          path.points(
              new double[] {number(at, "x1"), number(at, "y1"), number(at, "x2"), number(at, "y2")},
              false);
      case "polyline" -> path.points(numbers(at.getOrDefault("points", "")), false);
      case "polygon" -> path.points(numbers(at.getOrDefault("points", "")), true);
      default -> {}
    }
    List<Path> all = path.done();
    for (Path one : all) {
      check(one);
    }
    return all;
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

  private static double number(Map<String, String> at, String key) {
    String text = at.getOrDefault(key, "0");
    Matcher matcher = LENGTH.matcher(text);
    if (text.length() > LONGEST_LENGTH || !matcher.matches()) {
      throw new IllegalArgumentException(
          key + ": expected a length; found '" + shortened(text) + "'");
    }
    String unit = matcher.group(2).toLowerCase(Locale.ROOT);
    double value = Double.parseDouble(matcher.group(1));
    Double mm = UNITS.get(unit);
    if (mm == null) {
      throw new IllegalArgumentException(
          key + ": expected a length in px, mm, cm, in, pt or pc; found '" + shortened(text) + "'");
    }
    return unit.isEmpty() ? value : value * mm / MM_PER_PX;
  }

  private static double radius(Map<String, String> at, String key, String other) {
    return number(at, at.containsKey(key) ? key : other);
  }
}
