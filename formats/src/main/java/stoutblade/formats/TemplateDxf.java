package stoutblade.formats;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.template.Label;
import stoutblade.template.Stroke;
import stoutblade.template.Template;

/**
 * A template as DXF at true size in millimetres, one layer for each kind of line, for cutters and
 * drawing programs. The oldest common form (R12): every reader takes it.
 */
public final class TemplateDxf {

  /** How far the straight pieces may lie from the curves, in mm. */
  private static final double TOLERANCE_MM = 0.01;

  private static final String WORDS = "WORDS";

  /** Dark grey in the palette of DXF. */
  private static final int WORDS_COLOUR = 250;

  private final StringBuilder out = new StringBuilder();

  private TemplateDxf() {}

  /** Writes the DXF. */
  public static void write(java.nio.file.Path file, Template template) throws IOException {
    SafeWrite.write(file, text(template).getBytes(StandardCharsets.US_ASCII));
  }

  /** The file's text. */
  static String text(Template template) {
    TemplateDxf dxf = new TemplateDxf();
    dxf.header();
    dxf.layers(template);
    dxf.entities(template);
    dxf.pair(0, "EOF");
    return dxf.out.toString();
  }

  private void pair(int code, String value) {
    out.append(code).append('\n').append(value).append('\n');
  }

  private void number(int code, double value) {
    pair(code, String.format(Locale.ROOT, "%.6f", value));
  }

  private void section(String name) {
    pair(0, "SECTION");
    pair(2, name);
  }

  private void header() {
    section("HEADER");
    pair(9, "$ACADVER");
    pair(1, "AC1009");
    pair(9, "$INSUNITS");
    pair(70, "4");
    pair(0, "ENDSEC");
  }

  private void layers(Template template) {
    section("TABLES");
    pair(0, "TABLE");
    pair(2, "LAYER");
    pair(70, Integer.toString(template.kinds().size() + 1));
    for (Stroke.Kind kind : template.kinds()) {
      layer(kind.name(), LineStyle.of(kind).number());
    }
    layer(WORDS, WORDS_COLOUR);
    pair(0, "ENDTAB");
    pair(0, "ENDSEC");
  }

  private void layer(String name, int colour) {
    pair(0, "LAYER");
    pair(2, name);
    pair(70, "0");
    pair(62, Integer.toString(colour));
    pair(6, "CONTINUOUS");
  }

  private void entities(Template template) {
    section("ENTITIES");
    template.strokes().forEach(this::polyline);
    template.labels().forEach(this::words);
    pair(0, "ENDSEC");
  }

  private void polyline(Stroke stroke) {
    List<Corner> corners = new ArrayList<>();
    for (Cubic cubic : stroke.path().cubics()) {
      OptionalDouble bulge = Arcs.bulge(cubic);
      if (cubic.straight() || bulge.isPresent()) {
        corners.add(new Corner(cubic.start(), bulge.orElse(0)));
      } else {
        List<Point> points = new Path(List.of(cubic), false).flattened(TOLERANCE_MM);
        points.subList(0, points.size() - 1).forEach(it -> corners.add(new Corner(it, 0)));
      }
    }
    boolean closed = stroke.path().closed();
    if (!closed) {
      corners.add(new Corner(stroke.path().end(), 0));
    }
    polyline(stroke.kind().name(), corners, closed);
  }

  /**
   * A corner of a polyline.
   *
   * @param bulge of the arc that follows it; 0 for a straight piece
   */
  private record Corner(Point at, double bulge) {}

  private void polyline(String layer, List<Corner> corners, boolean closed) {
    pair(0, "POLYLINE");
    pair(8, layer);
    pair(66, "1");
    number(10, 0);
    number(20, 0);
    number(30, 0);
    pair(70, closed ? "1" : "0");
    for (Corner corner : corners) {
      pair(0, "VERTEX");
      pair(8, layer);
      number(10, corner.at.x());
      number(20, corner.at.y());
      number(30, 0);
      if (corner.bulge != 0) {
        number(42, corner.bulge);
      }
    }
    pair(0, "SEQEND");
    pair(8, layer);
  }

  /** In single strokes: a machine engraves them as they are. */
  private void words(Label label) {
    for (List<Point> line : StrokeLetters.of(label)) {
      polyline(WORDS, line.stream().map(it -> new Corner(it, 0)).toList(), false);
    }
  }
}
