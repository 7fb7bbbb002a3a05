package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import stoutblade.shape.Point;
import stoutblade.template.Paper;
import stoutblade.trace.Pixels;

class MarkerSheetPdfTest {

  @TempDir Path folder;

  /** The printed sheet, drawn by PDFBox at 150 dots to the inch, is read at its true size. */
  @ParameterizedTest
  @EnumSource(Paper.class)
  void a_printed_sheet_is_read_at_its_true_size(Paper paper) throws Exception {
    Path file = folder.resolve("sheet.pdf");
    MarkerSheetPdf.write(file, paper);
    try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
      BufferedImage image = new PDFRenderer(pdf).renderImageWithDPI(0, 150);
      int[] argb =
          image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
      SheetReader read =
          SheetReader.read("sheet", new Pixels(image.getWidth(), image.getHeight(), argb));

      assertThat(read.sheet().paper()).isEqualTo(paper);
      assertThat(read.found()).isEqualTo(14);
      assertThat(read.missMm()).isLessThan(0.08);
      double mm =
          read.toSheet().apply(new Point(0, 0)).distance(read.toSheet().apply(new Point(0, 150)));
      assertThat(mm).isBetween(25.38, 25.42);
      assertThat(new PDFTextStripper().getText(pdf)).contains("the line is 100 mm long");
    }
  }
}
