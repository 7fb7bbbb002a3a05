package stoutblade.formats;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;
import stoutblade.template.PaperScale;

/** Takes back in a PDF what a printer is off by. */
public final class PrinterCorrection {

  private PrinterCorrection() {}

  /**
   * Draws every page so much smaller or larger about its middle that it comes out true. A page that
   * lies on its side is printed turned: its width runs along the paper.
   */
  public static void apply(Path file, PaperScale scale) throws IOException {
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
