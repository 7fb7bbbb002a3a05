package stoutblade.formats;

import java.awt.Color;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.util.Matrix;
import stoutblade.shape.Box;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.template.Label;
import stoutblade.template.Stroke;
import stoutblade.template.Tiling;

/** A page being drawn on, in mm from its lower left corner. */
final class PdfSheet implements AutoCloseable {

  static final Color INK = new Color(0x1b1f22);
  static final Color PALE = new Color(0x7d858a);

  private static final double POINTS_PER_MM = 72 / 25.4;

  /** Where the template lies on a page: enlarged by a factor, then moved, in mm. */
  record Frame(double factor, double right, double up) {

    /** The page itself. */
    static final Frame PAGE = new Frame(1, 0, 0);

    Point at(Point mm) {
      return new Point(mm.x() * factor + right, mm.y() * factor + up);
    }
  }

  private final PDPageContentStream out;
  private final PDFont font;
  private final PDFont bold;

  /** The typefaces of a document. */
  record Faces(PDFont font, PDFont bold) {

    /** Those that ship with the application, put into a document. */
    static Faces of(PDDocument pdf) throws IOException {
      return new Faces(face(pdf, "Asap-Regular.ttf"), face(pdf, "Asap-SemiBold.ttf"));
    }

    private static PDFont face(PDDocument pdf, String name) throws IOException {
      try (InputStream in = PdfSheet.class.getResourceAsStream("/stoutblade/fonts/" + name)) {
        return PDType0Font.load(pdf, in);
      }
    }
  }

  /** A new page of a document, so wide and high in mm. */
  PdfSheet(PDDocument pdf, Faces faces, double widthMm, double heightMm) throws IOException {
    PDPage page =
        new PDPage(
            new PDRectangle((float) (widthMm * POINTS_PER_MM), (float) (heightMm * POINTS_PER_MM)));
    pdf.addPage(page);
    this.out = new PDPageContentStream(pdf, page);
    this.font = faces.font;
    this.bold = faces.bold;
  }

  /** What follows is of a layer that can be hidden. */
  void begin(PDOptionalContentGroup layer) throws IOException {
    out.beginMarkedContent(COSName.OC, layer);
  }

  /** What follows is no longer of the layer. */
  void end() throws IOException {
    out.endMarkedContent();
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

  void pen(double widthMm, double... dashesMm) throws IOException {
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

  /** A line where it is, in mm of the page. */
  void line(Path path) throws IOException {
    line(new Frame(1, 0, 0), path);
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
    path(frame, stroke.path());
    out.stroke();
  }

  /** A line with the pen as it is. */
  void line(Frame frame, Path path) throws IOException {
    path(frame, path);
    out.stroke();
  }

  /** What lies inside a closed line. */
  void fill(Frame frame, Path path, Color colour) throws IOException {
    out.setNonStrokingColor(colour);
    path(frame, path);
    out.fill();
  }

  private void path(Frame frame, Path path) throws IOException {
    List<Cubic> cubics = path.cubics();
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
    if (path.closed()) {
      out.closePath();
    }
  }

  void label(Frame frame, Label label) throws IOException {
    Point at = frame.at(label.at());
    double length = width(label.sizeMm(), label.text());
    Matrix place =
        label.upright()
            ? Matrix.getRotateInstance(
                Math.PI / 2, pt(at.x() + label.sizeMm() / 3), pt(at.y() - length / 2))
            : Matrix.getTranslateInstance(pt(at.x() - length / 2), pt(at.y() - label.sizeMm() / 3));
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
      text(false, 3, at.x() + 2.4, at.y() + 1.2, INK, join.words());
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
    text(false, 2.9, left + 2, y + 3.2, INK, words);
  }

  void text(boolean strong, double sizeMm, double x, double y, Color colour, String words)
      throws IOException {
    show(strong ? bold : font, sizeMm, Matrix.getTranslateInstance(pt(x), pt(y)), colour, words);
  }

  /** Smaller than that, where there is not so much room. */
  void text(boolean strong, double sizeMm, double roomMm, double x, double y, String words)
      throws IOException {
    double fits = sizeMm * roomMm / width(sizeMm, words);
    text(strong, Math.min(sizeMm, fits), x, y, INK, words);
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

  double width(double sizeMm, String words) throws IOException {
    return font.getStringWidth(drawable(font, words)) / 1000 * sizeMm;
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
