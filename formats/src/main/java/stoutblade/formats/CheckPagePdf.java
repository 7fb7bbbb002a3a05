package stoutblade.formats;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;
import stoutblade.template.Paper;
import stoutblade.template.PaperScale;

/** A page with a length of 100 mm across and one along, and what is done with their measures. */
public final class CheckPagePdf {

  private static final double POINTS_PER_MM = 72 / 25.4;
  private static final double CHECK_MM = 100;
  private static final double TICK_MM = 4;
  private static final double FROM_MM = 40;

  private CheckPagePdf() {}

  /** Writes the page. */
  public static void write(Path file, Paper paper) throws IOException {
    try (PDDocument pdf = new PDDocument()) {
      PDPage page = new PDPage(new PDRectangle(points(paper.widthMm()), points(paper.heightMm())));
      pdf.addPage(page);
      try (PDPageContentStream out = new PDPageContentStream(pdf, page);
          InputStream in =
              CheckPagePdf.class.getResourceAsStream("/stoutblade/fonts/Asap-Regular.ttf")) {
        PDFont font = PDType0Font.load(pdf, in);
        out.setStrokingColor(Color.BLACK);
        out.setLineWidth(points(0.2));
        double to = FROM_MM + CHECK_MM;
        for (double end : List.of(FROM_MM, to)) {
          line(out, end, FROM_MM - TICK_MM, end, FROM_MM + TICK_MM);
          line(out, FROM_MM - TICK_MM, end, FROM_MM + TICK_MM, end);
        }
        line(out, FROM_MM, FROM_MM, to, FROM_MM);
        line(out, FROM_MM, FROM_MM, FROM_MM, to);
        words(out, font, 48, "Both lines are 100 mm long, from tick to tick.");
        words(out, font, 41, "Measure them with a steel rule, and type what you find at Cut.");
        words(out, font, 34, "Print this page at 100 %, without fitting it to the paper.");
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      pdf.save(bytes);
      SafeWrite.write(file, bytes.toByteArray());
    }
  }

  private static float points(double mm) {
    return (float) (mm * POINTS_PER_MM);
  }

  private static void line(PDPageContentStream out, double x, double y, double toX, double toY)
      throws IOException {
    out.moveTo(points(x), points(y));
    out.lineTo(points(toX), points(toY));
    out.stroke();
  }

  private static void words(PDPageContentStream out, PDFont font, double up, String words)
      throws IOException {
    out.beginText();
    out.setFont(font, points(4));
    out.newLineAtOffset(points(FROM_MM + 8), points(FROM_MM + up));
    out.showText(words);
    out.endText();
  }

  /**
   * Draws every page of a PDF so much smaller or larger that it comes out true on a printer that is
   * off by so much. A page that lies on its side is printed turned: its width runs along the paper.
   */
  public static void corrected(Path file, PaperScale scale) throws IOException {
    if (scale.none()) {
      return;
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(file))) {
      for (PDPage page : pdf.getPages()) {
        PDRectangle box = page.getMediaBox();
        boolean turned = box.getWidth() > box.getHeight();
        float x = (float) (1 / (turned ? scale.along() : scale.across()));
        float y = (float) (1 / (turned ? scale.across() : scale.along()));
        Matrix about =
            new Matrix(x, 0, 0, y, box.getWidth() / 2 * (1 - x), box.getHeight() / 2 * (1 - y));
        try (PDPageContentStream out =
            new PDPageContentStream(
                pdf, page, PDPageContentStream.AppendMode.PREPEND, false, false)) {
          out.transform(about);
        }
      }
      pdf.save(bytes);
    }
    SafeWrite.write(file, bytes.toByteArray());
  }
}
