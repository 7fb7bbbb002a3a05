package stoutblade.formats;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.apache.pdfbox.util.Matrix;
import stoutblade.shape.Box;
import stoutblade.shape.Cubic;
import stoutblade.shape.Point;
import stoutblade.template.Label;
import stoutblade.template.Stroke;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/**
 * A template as a PDF at true size: a page map, then one page for each window of the tiling, with
 * join marks, a check length, the scale and the project on each.
 */
public final class TemplatePdf {

  /** The check length on every page, in mm. */
  public static final double CHECK_MM = 100;

  private static final double POINTS_PER_MM = 72 / 25.4;
  private static final Color INK = new Color(0x1b1f22);
  private static final int MOST_KINDS = 14;
  private static final double SMALL_MM = 2.3;
  private static final Color PALE = new Color(0x7d858a);

  private final Template template;
  private final Tiling tiling;
  private final String project;
  private final String scale;
  private final PDDocument pdf;
  private final PDFont font;
  private final PDFont bold;
  private final Map<Stroke.Kind, PDOptionalContentGroup> purposes =
      new EnumMap<>(Stroke.Kind.class);
  private final PDOptionalContentGroup words = new PDOptionalContentGroup("Words");

  private TemplatePdf(
      Template template, Tiling tiling, String project, String scale, PDDocument pdf)
      throws IOException {
    this.template = template;
    this.tiling = tiling;
    this.project = project;
    this.scale = scale;
    this.pdf = pdf;
    this.font = font(pdf, "Asap-Regular.ttf");
    this.bold = font(pdf, "Asap-SemiBold.ttf");
  }

  /**
   * Writes the PDF.
   *
   * @param project the project's name, for every page
   * @param scale what the scale is, in words, for every page
   */
  public static void write(
      Path file, Template template, Tiling tiling, String project, String scale)
      throws IOException {
    try (PDDocument pdf = new PDDocument()) {
      new TemplatePdf(template, tiling, project, scale, pdf).pages();
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      pdf.save(bytes);
      SafeWrite.write(file, bytes.toByteArray());
    }
  }

  private static PDFont font(PDDocument pdf, String name) throws IOException {
    try (InputStream in = TemplatePdf.class.getResourceAsStream("/stoutblade/fonts/" + name)) {
      return PDType0Font.load(pdf, in);
    }
  }

  private void pages() throws IOException {
    PDDocumentInformation about = new PDDocumentInformation();
    about.setTitle(project + ": " + template.title());
    about.setCreator("Stout Blade");
    pdf.setDocumentInformation(about);
    PDViewerPreferences preferences = new PDViewerPreferences(new COSDictionary());
    preferences.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
    pdf.getDocumentCatalog().setViewerPreferences(preferences);
    PDOptionalContentProperties contents = new PDOptionalContentProperties();
    for (Stroke.Kind kind : template.kinds()) {
      PDOptionalContentGroup group = new PDOptionalContentGroup(kind.words());
      contents.addGroup(group);
      purposes.put(kind, group);
    }
    contents.addGroup(words);
    pdf.getDocumentCatalog().setOCProperties(contents);
    if (tiling.tiles().size() > 1) {
      mapPage();
    }
    for (Tiling.Tile tile : tiling.tiles()) {
      tilePage(tile);
    }
  }

  private Sheet sheet() throws IOException {
    PDPage page =
        new PDPage(
            new PDRectangle(
                (float) (tiling.pageWidthMm() * POINTS_PER_MM),
                (float) (tiling.pageHeightMm() * POINTS_PER_MM)));
    pdf.addPage(page);
    return new Sheet(new PDPageContentStream(pdf, page));
  }

  // == PAGE MAP

  private void mapPage() throws IOException {
    try (Sheet sheet = sheet()) {
      double left = Tiling.MARGIN_MM;
      double top = tiling.pageHeightMm() - Tiling.MARGIN_MM;
      sheet.text(bold, 7, left, top - 7, INK, project);
      sheet.text(font, 4.2, left, top - 15, INK, template.title() + " · page map");
      double y = top - 24;
      for (String line : cuts()) {
        sheet.text(font, 3.8, left, y, INK, line);
        y -= 5.5;
      }
      y = legend(sheet, left, y - 2);
      overview(
          sheet,
          new Box(
              left,
              Tiling.MARGIN_MM + Tiling.FOOT_MM + 6,
              tiling.pageWidthMm() - Tiling.MARGIN_MM,
              y - 4));
      foot(sheet, "page map");
    }
  }

  /** What is cut: pieces of one kind and hand on one line. */
  private List<String> cuts() {
    Map<Template.Copy, Integer> kinds = new LinkedHashMap<>();
    for (Template.Copy copy : template.copies()) {
      String kind = copy.name().replaceAll(" [0-9]+$", "");
      kinds.merge(new Template.Copy(kind, copy.mirrored()), 1, Integer::sum);
    }
    List<String> lines = new ArrayList<>();
    kinds.forEach((kind, count) -> lines.add("Cut " + count + " " + kind.words()));
    int more = lines.size() - MOST_KINDS;
    if (more > 0) {
      lines.subList(MOST_KINDS, lines.size()).clear();
      lines.add("and " + more + " more kinds, named on the pieces");
    }
    return lines;
  }

  private double legend(Sheet sheet, double left, double top) throws IOException {
    double y = top;
    for (Stroke.Kind kind : template.kinds()) {
      sheet.pen(kind);
      sheet.line(new Point(left, y + 1.2), new Point(left + 18, y + 1.2));
      sheet.text(font, 3.4, left + 22, y, INK, kind.words());
      y -= 5.5;
    }
    sheet.text(
        font,
        3.4,
        left,
        y,
        INK,
        "Join pages on the pale lines: put mark on mark, the letters side by side.");
    sheet.text(
        font,
        3.4,
        left,
        y - 5,
        INK,
        "Print at 100 %, without fitting to the page. Measure the check length first.");
    return y - 8;
  }

  private void overview(Sheet sheet, Box room) throws IOException {
    Box all = tiling.tiles().getFirst().window();
    for (Tiling.Tile tile : tiling.tiles()) {
      all = all.with(tile.window());
    }
    double factor = Math.min(room.width() / all.width(), room.height() / all.height());
    Frame frame =
        new Frame(
            factor,
            room.centre().x() - all.centre().x() * factor,
            room.centre().y() - all.centre().y() * factor);
    for (Tiling.Tile tile : tiling.tiles()) {
      sheet.thin(PALE);
      sheet.box(frame, tile.window());
    }
    for (Stroke stroke : template.strokes()) {
      sheet.pen(stroke.kind());
      sheet.path(frame, stroke);
    }
    for (Tiling.Tile tile : tiling.tiles()) {
      Point corner = frame.at(new Point(tile.window().minX(), tile.window().maxY()));
      sheet.text(bold, 7, corner.x() + 2.5, corner.y() - 11, INK, tile.letter());
    }
  }

  // == TILES

  private void tilePage(Tiling.Tile tile) throws IOException {
    try (Sheet sheet = sheet()) {
      Box window = tile.window();
      Frame frame =
          new Frame(
              1,
              Tiling.MARGIN_MM - window.minX(),
              Tiling.MARGIN_MM + Tiling.FOOT_MM - window.minY());
      sheet.clipTo(frame, window);
      for (Stroke.Kind kind : template.kinds()) {
        sheet.out.beginMarkedContent(COSName.OC, purposes.get(kind));
        sheet.pen(kind);
        for (Stroke stroke : template.strokes()) {
          if (stroke.kind() == kind) {
            sheet.path(frame, stroke);
          }
        }
        sheet.out.endMarkedContent();
      }
      sheet.out.beginMarkedContent(COSName.OC, words);
      for (Label label : template.labels()) {
        sheet.label(frame, label);
      }
      sheet.out.endMarkedContent();
      for (Tiling.Join join : tiling.joinsOf(tile)) {
        sheet.join(frame, join);
      }
      sheet.endClip();
      sheet.text(
          bold,
          9,
          Tiling.MARGIN_MM + 2,
          tiling.pageHeightMm() - Tiling.MARGIN_MM - 22,
          PALE,
          tile.letter());
      if (tiling.tiles().size() == 1) {
        shortLegend(sheet);
      }
      foot(sheet, "page " + tile.letter() + " of " + tiling.tiles().size());
    }
  }

  /** A single page has no map: what its lines mean stands in a row over its foot. */
  private void shortLegend(Sheet sheet) throws IOException {
    double x = Tiling.MARGIN_MM;
    double y = Tiling.MARGIN_MM + Tiling.FOOT_MM - 3;
    for (Stroke.Kind kind : template.kinds()) {
      double wide = 12 + sheet.width(font, SMALL_MM, kind.words()) + 4;
      if (x + wide > tiling.pageWidthMm() - Tiling.MARGIN_MM) {
        return;
      }
      sheet.pen(kind);
      sheet.line(new Point(x, y + 0.8), new Point(x + 10, y + 0.8));
      sheet.text(font, SMALL_MM, x + 12, y, INK, kind.words());
      x += wide;
    }
  }

  /** The strip at the foot: check lengths in both units, project, template, page and scale. */
  private void foot(Sheet sheet, String page) throws IOException {
    double left = Tiling.MARGIN_MM;
    double base = Tiling.MARGIN_MM;
    sheet.bar(left, base + 9, CHECK_MM, 10, "100 mm: measure it before you cut");
    sheet.bar(left, base + 1, 4 * 25.4, 25.4, "4 in");
    double right = left + 4 * 25.4 + 5;
    sheet.text(bold, 3.2, right, base + 11, INK, project);
    sheet.text(font, 2.9, right, base + 6.5, INK, template.title() + " · " + page);
    sheet.text(font, 2.9, right, base + 2.2, INK, scale);
  }

  /** Where the template lies on a page: enlarged by a factor, then moved, in mm. */
  private record Frame(double factor, double right, double up) {

    Point at(Point mm) {
      return new Point(mm.x() * factor + right, mm.y() * factor + up);
    }
  }

  /** A page being drawn on, in mm from its lower left corner. */
  private final class Sheet implements AutoCloseable {

    private final PDPageContentStream out;

    Sheet(PDPageContentStream out) {
      this.out = out;
    }

    @Override
    public void close() throws IOException {
      out.close();
    }

    void pen(Stroke.Kind kind) throws IOException {
      out.setStrokingColor(INK);
      LineStyle style = LineStyle.of(kind);
      pen(style.widthMm(), style.dashesMm().stream().mapToDouble(Double::doubleValue).toArray());
    }

    void thin(Color colour) throws IOException {
      pen(0.18);
      out.setStrokingColor(colour);
    }

    private void pen(double widthMm, double... dashesMm) throws IOException {
      out.setLineWidth(pt(widthMm));
      float[] dashes = new float[dashesMm.length];
      for (int i = 0; i < dashes.length; i++) {
        dashes[i] = pt(dashesMm[i]);
      }
      out.setLineDashPattern(dashes, 0);
    }

    private float pt(double mm) {
      return (float) (mm * POINTS_PER_MM);
    }

    void line(Point from, Point to) throws IOException {
      out.moveTo(pt(from.x()), pt(from.y()));
      out.lineTo(pt(to.x()), pt(to.y()));
      out.stroke();
    }

    void box(Frame frame, Box box) throws IOException {
      rectangle(frame, box);
      out.stroke();
    }

    private void rectangle(Frame frame, Box box) throws IOException {
      Point corner = frame.at(new Point(box.minX(), box.minY()));
      out.addRect(
          pt(corner.x()),
          pt(corner.y()),
          pt(box.width() * frame.factor),
          pt(box.height() * frame.factor));
    }

    void clipTo(Frame frame, Box box) throws IOException {
      out.saveGraphicsState();
      rectangle(frame, box);
      out.clip();
    }

    void endClip() throws IOException {
      out.restoreGraphicsState();
    }

    void path(Frame frame, Stroke stroke) throws IOException {
      List<Cubic> cubics = stroke.path().cubics();
      Point start = frame.at(cubics.getFirst().start());
      out.moveTo(pt(start.x()), pt(start.y()));
      for (Cubic cubic : cubics) {
        Point end = frame.at(cubic.end());
        if (cubic.straight()) {
          out.lineTo(pt(end.x()), pt(end.y()));
        } else {
          Point one = frame.at(cubic.control1());
          Point two = frame.at(cubic.control2());
          out.curveTo(pt(one.x()), pt(one.y()), pt(two.x()), pt(two.y()), pt(end.x()), pt(end.y()));
        }
      }
      if (stroke.path().closed()) {
        out.closePath();
      }
      out.stroke();
    }

    void label(Frame frame, Label label) throws IOException {
      Point at = frame.at(label.at());
      double length = width(font, label.sizeMm(), label.text());
      Matrix place =
          label.upright()
              ? Matrix.getRotateInstance(
                  Math.PI / 2, pt(at.x() + label.sizeMm() / 3), pt(at.y() - length / 2))
              : Matrix.getTranslateInstance(
                  pt(at.x() - length / 2), pt(at.y() - label.sizeMm() / 3));
      show(font, label.sizeMm(), place, INK, label.text());
    }

    void join(Frame frame, Tiling.Join join) throws IOException {
      thin(PALE);
      line(frame.at(join.from()), frame.at(join.to()));
      for (Point mark : join.marks()) {
        Point at = frame.at(mark);
        thin(INK);
        line(at.plus(new Point(-3, 0)), at.plus(new Point(3, 0)));
        line(at.plus(new Point(0, -3)), at.plus(new Point(0, 3)));
        diamond(at, 2);
        text(font, 3, at.x() + 2.4, at.y() + 1.2, INK, join.words());
      }
    }

    private void diamond(Point at, double half) throws IOException {
      out.moveTo(pt(at.x() - half), pt(at.y()));
      out.lineTo(pt(at.x()), pt(at.y() + half));
      out.lineTo(pt(at.x() + half), pt(at.y()));
      out.lineTo(pt(at.x()), pt(at.y() - half));
      out.closePath();
      out.stroke();
    }

    /** A bar of a known length with ticks. */
    void bar(double left, double y, double length, double tick, String words) throws IOException {
      out.setStrokingColor(INK);
      pen(0.25);
      line(new Point(left, y), new Point(left + length, y));
      for (double at = 0; at <= length + 1e-6; at += tick) {
        boolean end = at < 1e-6 || at > length - 1e-6;
        line(new Point(left + at, y), new Point(left + at, y + (end ? 3 : 1.6)));
      }
      text(font, 2.9, left + 2, y + 3.2, INK, words);
    }

    void text(PDFont face, double sizeMm, double x, double y, Color colour, String words)
        throws IOException {
      show(face, sizeMm, Matrix.getTranslateInstance(pt(x), pt(y)), colour, words);
    }

    private void show(PDFont face, double sizeMm, Matrix place, Color colour, String words)
        throws IOException {
      out.beginText();
      out.setNonStrokingColor(colour);
      out.setFont(face, pt(sizeMm));
      out.setTextMatrix(place);
      out.showText(drawable(face, words));
      out.endText();
    }

    private double width(PDFont face, double sizeMm, String words) throws IOException {
      return face.getStringWidth(drawable(face, words)) / 1000 * sizeMm;
    }

    /** Signs that the font lacks are shown as a question mark rather than failing the page. */
    private String drawable(PDFont face, String words) throws IOException {
      StringBuilder shown = new StringBuilder();
      for (int sign : words.codePoints().toArray()) {
        String one = Character.toString(sign);
        try {
          face.encode(one);
          shown.append(one);
        } catch (IllegalArgumentException e) {
          shown.append('?');
        }
      }
      return shown.toString();
    }
  }
}
