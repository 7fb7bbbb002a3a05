package stoutblade.formats;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import stoutblade.shape.Point;
import stoutblade.template.Paper;

/** A page with a length of 100 mm across and one along, and what is done with their measures. */
public final class CheckPagePdf {

  private static final double CHECK_MM = TemplatePdf.CHECK_MM;
  private static final double TICK_MM = 4;
  private static final double FROM_MM = 40;
  private static final double LETTERS_MM = 4;
  private static final List<String> WORDS =
      List.of(
          "Print this page at 100 %, without fitting it to the paper.",
          "Measure both lines with a steel rule, and type what you find at Cut.",
          "Both lines are 100 mm long, from tick to tick.");

  private CheckPagePdf() {}

  /** Writes the page. */
  public static void write(Path file, Paper paper) throws IOException {
    try (PDDocument pdf = new PDDocument()) {
      PdfSheet.Faces faces = PdfSheet.Faces.of(pdf);
      try (PdfSheet page = new PdfSheet(pdf, faces, paper.widthMm(), paper.heightMm())) {
        page.thin(PdfSheet.INK);
        double to = FROM_MM + CHECK_MM;
        for (double end : List.of(FROM_MM, to)) {
          page.line(new Point(end, FROM_MM - TICK_MM), new Point(end, FROM_MM + TICK_MM));
          page.line(new Point(FROM_MM - TICK_MM, end), new Point(FROM_MM + TICK_MM, end));
        }
        page.line(new Point(FROM_MM, FROM_MM), new Point(to, FROM_MM));
        page.line(new Point(FROM_MM, FROM_MM), new Point(FROM_MM, to));
        double y = FROM_MM + CHECK_MM / 3;
        for (String words : WORDS) {
          page.text(false, LETTERS_MM, FROM_MM + 2 * TICK_MM, y, PdfSheet.INK, words);
          y += 2 * LETTERS_MM;
        }
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      pdf.save(bytes);
      SafeWrite.write(file, bytes.toByteArray());
    }
  }
}
