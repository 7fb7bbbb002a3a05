package stoutblade.formats;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import stoutblade.shape.Box;
import stoutblade.template.Paper;
import stoutblade.trace.MarkerSheet;

/** Writes the marker sheet of a paper as PDF at true size, with a length to check the print by. */
public final class MarkerSheetPdf {

  private static final double POINTS_PER_MM = 72 / 25.4;
  private static final double CHECK_MM = 100;

  private MarkerSheetPdf() {}

  /** Writes the sheet. */
  public static void write(Path file, Paper paper) throws IOException {
    MarkerSheet sheet = MarkerSheet.of(paper);
    try (PDDocument pdf = new PDDocument()) {
      PDPage page =
          new PDPage(
              new PDRectangle(
                  (float) (paper.widthMm() * POINTS_PER_MM),
                  (float) (paper.heightMm() * POINTS_PER_MM)));
      pdf.addPage(page);
      try (PDPageContentStream out = new PDPageContentStream(pdf, page)) {
        draw(pdf, out, sheet);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      pdf.save(bytes);
      SafeWrite.write(file, bytes.toByteArray());
    }
  }

  private static void draw(PDDocument pdf, PDPageContentStream out, MarkerSheet sheet)
      throws IOException {
    double high = sheet.paper().heightMm();
    out.setNonStrokingColor(Color.BLACK);
    for (MarkerSheet.Marker marker : sheet.markers()) {
      for (Box box : Markers.squares(marker)) {
        fill(out, box, high);
      }
    }
    // The check stands between the markers of the foot, clear of them and of the field.
    double y = high - 4.5;
    double left = (sheet.paper().widthMm() - CHECK_MM) / 2;
    fill(out, new Box(left, y, left + CHECK_MM, y + 0.3), high);
    fill(out, new Box(left, y - 2, left + 0.3, y + 2), high);
    fill(out, new Box(left + CHECK_MM - 0.3, y - 2, left + CHECK_MM, y + 2), high);
    try (InputStream in =
        MarkerSheetPdf.class.getResourceAsStream("/stoutblade/fonts/Asap-Regular.ttf")) {
      PDFont font = PDType0Font.load(pdf, in);
      text(
          out,
          font,
          "Marker sheet "
              + sheet.paper().label()
              + ": the line is 100 mm long, else print again at 100 %. Lay the paper in the middle,"
              + " all flat; photograph all of it.",
          sheet.paper(),
          high);
    }
  }

  private static void text(
      PDPageContentStream out, PDFont font, String words, Paper paper, double high)
      throws IOException {
    float size = (float) (3.0 * POINTS_PER_MM);
    double wide = font.getStringWidth(words) / 1000 * size / POINTS_PER_MM;
    float fitted = (float) (size * Math.min(1, (paper.widthMm() - 24) / wide));
    out.beginText();
    out.setFont(font, fitted);
    out.newLineAtOffset((float) (12 * POINTS_PER_MM), (float) ((high - 9) * POINTS_PER_MM));
    out.showText(words);
    out.endText();
  }

  private static void fill(PDPageContentStream out, Box box, double high) throws IOException {
    out.addRect(
        (float) (box.minX() * POINTS_PER_MM),
        (float) ((high - box.maxY()) * POINTS_PER_MM),
        (float) (box.width() * POINTS_PER_MM),
        (float) (box.height() * POINTS_PER_MM));
    out.fill();
  }
}
