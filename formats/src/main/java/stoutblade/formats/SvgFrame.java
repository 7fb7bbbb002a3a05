package stoutblade.formats;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;

/**
 * Where things of an SVG lie: the frame that they are drawn in, and how large that is for lengths
 * in percent.
 *
 * @param to from the frame's units to millimetres, y up
 * @param width of the frame, in its units
 * @param height the same
 */
record SvgFrame(AffineTransform to, double width, double height) {

  static final double MM_PER_PX = 25.4 / 96;

  /** A length of more letters is none, and would keep the pattern busy. */
  private static final int LONGEST_LENGTH = 80;

  private static final int MOST_NUMBERS = 2_000_000;
  private static final Pattern LENGTH =
      Pattern.compile("\\s*([+-]?[0-9]*\\.?[0-9]+(?:[eE][+-]?[0-9]+)?)\\s*([a-zA-Z%]*)\\s*");
  private static final Pattern NUMBER =
      Pattern.compile("[+-]?(?:[0-9]+\\.?[0-9]*|\\.[0-9]+)(?:[eE][+-]?[0-9]+)?");
  private static final Pattern IN_CSS =
      Pattern.compile("([+-]?(?:[0-9]+\\.?[0-9]*|\\.[0-9]+)(?:[eE][+-]?[0-9]+)?)([a-zA-Z%]+)");

  /** In user units: pixels of a 96th of an inch. */
  private static final Map<String, Double> UNITS =
      Map.of(
          "",
          1.0,
          "px",
          1.0,
          "mm",
          1 / MM_PER_PX,
          "cm",
          10 / MM_PER_PX,
          "in",
          96.0,
          "pt",
          96.0 / 72,
          "pc",
          16.0,
          "q",
          0.25 / MM_PER_PX);

  private static final Map<String, Double> DEGREES =
      Map.of("deg", 1.0, "rad", 180 / Math.PI, "grad", 0.9, "turn", 360.0);

  /** Along which side of the frame a percentage is counted. */
  enum Along {
    WIDTH,
    HEIGHT,
    DIAGONAL
  }

  /** The same frame moved. */
  SvgFrame moved(AffineTransform by) {
    AffineTransform all = new AffineTransform(to);
    all.concatenate(by);
    return new SvgFrame(all, width, height);
  }

  /**
   * A length in units of the frame; 0 where there is none.
   *
   * @throws IllegalArgumentException if it is no length
   */
  double length(Map<String, String> at, String key, Along along) {
    String text = at.getOrDefault(key, "0");
    Matcher matcher = LENGTH.matcher(text);
    if (text.length() > LONGEST_LENGTH || !matcher.matches()) {
      throw new IllegalArgumentException(
          key + ": expected a length; found '" + SvgReader.shortened(text) + "'");
    }
    double value = Double.parseDouble(matcher.group(1));
    String unit = matcher.group(2).toLowerCase(Locale.ROOT);
    if (unit.equals("%")) {
      return value / 100 * whole(along);
    }
    Double px = UNITS.get(unit);
    if (px == null) {
      throw new IllegalArgumentException(
          key
              + ": expected a length in px, mm, cm, in, pt, pc or %; found '"
              + SvgReader.shortened(text)
              + "'");
    }
    return value * px;
  }

  private double whole(Along along) {
    return switch (along) {
      case WIDTH -> width;
      case HEIGHT -> height;
      case DIAGONAL -> Math.hypot(width, height) / Math.sqrt(2);
    };
  }

  // == TRANSFORMS

  /**
   * A move as an attribute or a style says it; styles may have units.
   *
   * @throws IllegalArgumentException if it is none
   */
  AffineTransform transform(Map<String, String> style) {
    String text = style.getOrDefault("transform", "none").strip();
    if (text.equals("none") || text.isEmpty()) {
      return new AffineTransform();
    }
    AffineTransform by;
    try {
      by = AWTTransformProducer.createAffineTransform(bare(text));
    } catch (ParseException e) {
      throw new IllegalArgumentException(
          "'" + SvgReader.shortened(text) + "' is no way of moving it", e);
    }
    double[] origin = numbers(bare(style.getOrDefault("transform-origin", "0 0")));
    if (origin.length < 2 || (origin[0] == 0 && origin[1] == 0)) {
      return by;
    }
    AffineTransform about = AffineTransform.getTranslateInstance(origin[0], origin[1]);
    about.concatenate(by);
    about.translate(-origin[0], -origin[1]);
    return about;
  }

  /** Lengths in pixels and angles in degrees, without units. */
  private static String bare(String text) {
    if (text.length() > MOST_NUMBERS) {
      throw new IllegalArgumentException("a transform of more than a million letters");
    }
    return IN_CSS
        .matcher(text.replace("translateX", "translate").replace("scaleX", "scale"))
        .replaceAll(
            it -> {
              double value = Double.parseDouble(it.group(1));
              String unit = it.group(2).toLowerCase(Locale.ROOT);
              double factor = DEGREES.getOrDefault(unit, UNITS.getOrDefault(unit, Double.NaN));
              if (Double.isNaN(factor)) {
                throw new IllegalArgumentException(
                    "'" + SvgReader.shortened(text) + "' is no way of moving it");
              }
              return Double.toString(value * factor);
            });
  }

  static double[] numbers(String text) {
    Matcher matcher = NUMBER.matcher(text);
    List<Double> all = new ArrayList<>();
    while (matcher.find()) {
      if (all.size() > MOST_NUMBERS) {
        throw new IllegalArgumentException("more than " + MOST_NUMBERS + " numbers");
      }
      all.add(Double.parseDouble(matcher.group()));
    }
    return all.stream().mapToDouble(Double::doubleValue).toArray();
  }

  // == VIEW BOXES

  /**
   * The frame inside of something with a view box: laid into a rectangle of this frame as
   * 'preserveAspectRatio' says (SVG 1.1, 7.8).
   *
   * @throws IllegalArgumentException if the view box is none
   */
  SvgFrame inside(Map<String, String> at, double x, double y, double wide, double high) {
    AffineTransform into = AffineTransform.getTranslateInstance(x, y);
    Optional<double[]> view = viewBox(at);
    if (view.isEmpty()) {
      SvgFrame frame = moved(into);
      return new SvgFrame(frame.to, wide, high);
    }
    double[] box = view.get();
    into.concatenate(fitted(at.getOrDefault("preserveAspectRatio", ""), box, wide, high));
    return new SvgFrame(moved(into).to, box[2], box[3]);
  }

  /** From the units of a view box to those of what it is laid into. */
  static AffineTransform fitted(String how, double[] box, double wide, double high) {
    double across = wide / box[2];
    double down = high / box[3];
    String said = how.strip().isEmpty() ? "xMidYMid" : how.strip();
    if (said.startsWith("none")) {
      return new AffineTransform(across, 0, 0, down, -box[0] * across, -box[1] * down);
    }
    double scale = said.contains("slice") ? Math.max(across, down) : Math.min(across, down);
    double left = share(said, "xMin", "xMax") * (wide - box[2] * scale);
    double top = share(said, "YMin", "YMax") * (high - box[3] * scale);
    return new AffineTransform(scale, 0, 0, scale, left - box[0] * scale, top - box[1] * scale);
  }

  private static double share(String said, String least, String most) {
    return said.contains(least) ? 0 : said.contains(most) ? 1 : 0.5;
  }

  /**
   * A view box.
   *
   * @throws IllegalArgumentException if it is not four numbers with a width and a height
   */
  static Optional<double[]> viewBox(Map<String, String> at) {
    if (!at.containsKey("viewBox")) {
      return Optional.empty();
    }
    double[] box = numbers(at.get("viewBox"));
    if (box.length != 4 || !(box[2] > 0) || !(box[3] > 0)) {
      throw new IllegalArgumentException(
          "its viewBox is not four numbers with a width and a height");
    }
    return Optional.of(box);
  }

  /** A length that does not depend on what it is in, in pixels; empty for any other. */
  static Optional<Double> absolute(String length) {
    Matcher matcher = LENGTH.matcher(length);
    if (length.length() > LONGEST_LENGTH || !matcher.matches()) {
      return Optional.empty();
    }
    double number = Double.parseDouble(matcher.group(1));
    return Optional.ofNullable(UNITS.get(matcher.group(2).toLowerCase(Locale.ROOT)))
        .map(it -> it * number);
  }

  /** True for a length without a unit. */
  static boolean unitless(String length) {
    return length.strip().matches("[0-9.eE+-]*");
  }
}
