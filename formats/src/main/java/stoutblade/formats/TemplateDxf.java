package stoutblade.formats;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
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

  private final StringBuilder out = new StringBuilder();

  private TemplateDxf() {}

  /** Writes the DXF. */
  public static void write(Path file, Template template) throws IOException {
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
    int colour = 1;
    for (Stroke.Kind kind : template.kinds()) {
      layer(kind.name(), colour++);
    }
    layer(WORDS, colour);
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
    String layer = stroke.kind().name();
    List<Point> points = stroke.path().flattened(TOLERANCE_MM);
    boolean closed = stroke.path().closed();
    pair(0, "POLYLINE");
    pair(8, layer);
    pair(66, "1");
    number(10, 0);
    number(20, 0);
    number(30, 0);
    pair(70, closed ? "1" : "0");
    int count = closed ? points.size() - 1 : points.size();
    for (Point point : points.subList(0, count)) {
      pair(0, "VERTEX");
      pair(8, layer);
      number(10, point.x());
      number(20, point.y());
      number(30, 0);
    }
    pair(0, "SEQEND");
    pair(8, layer);
  }

  private void words(Label label) {
    pair(0, "TEXT");
    pair(8, WORDS);
    number(10, label.at().x());
    number(20, label.at().y());
    number(30, 0);
    number(40, label.sizeMm());
    pair(1, ascii(label.text()));
    number(50, 90);
  }

  /** The old form knows no other letters. */
  private static String ascii(String text) {
    StringBuilder plain = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char letter = text.charAt(i);
      switch (letter) {
        case '°' -> plain.append("%%d");
        case '×' -> plain.append('x');
        case '–', '−' -> plain.append('-');
        default -> plain.append(letter < ' ' || letter > '~' ? '?' : letter);
      }
    }
    return plain.toString();
  }
}
