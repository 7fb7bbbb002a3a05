package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.print.DocFlavor;
import javax.print.StreamPrintServiceFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import stoutblade.template.Paper;

/**
 * What arrives at a printer is read back: the Java runtime's own PostScript printer writes what it
 * was told to draw, and PostScript's points (1/72 in, its language reference) are measured.
 */
class PrintQueueTest {

  private static final double MM = 25.4 / 72;
  private static final String NUMBER = "(-?[\\d.]+)";

  @TempDir private Path folder;

  private String printed(Paper paper) throws IOException {
    Path pdf = folder.resolve("markers.pdf");
    MarkerSheetPdf.write(pdf, paper);
    Path out = folder.resolve("printed.ps");
    try (OutputStream tray = Files.newOutputStream(out)) {
      queue(tray).print(pdf, paper, 1);
    }
    return Files.readString(out, StandardCharsets.ISO_8859_1);
  }

  private static PrintQueue queue(OutputStream tray) {
    return new PrintQueue(
        StreamPrintServiceFactory.lookupStreamPrintServiceFactories(
            DocFlavor.SERVICE_FORMATTED.PAGEABLE, "application/postscript")[0]
            .getPrintService(tray));
  }

  /** Widths of filled shapes that are hardly high: lines along. */
  private static List<Double> linesAlong(String postscript) {
    List<Double> widths = new ArrayList<>();
    Pattern place = Pattern.compile(NUMBER + " " + NUMBER + " [ML]\\n");
    for (String shape : Pattern.compile("\\n[NP]\\n").splitAsStream(postscript).toList()) {
      double left = Double.MAX_VALUE;
      double right = -Double.MAX_VALUE;
      double low = Double.MAX_VALUE;
      double high = -Double.MAX_VALUE;
      Matcher at = place.matcher(shape);
      while (at.find()) {
        left = Math.min(left, Double.parseDouble(at.group(1)));
        right = Math.max(right, Double.parseDouble(at.group(1)));
        low = Math.min(low, Double.parseDouble(at.group(2)));
        high = Math.max(high, Double.parseDouble(at.group(2)));
      }
      if (high - low < 4) {
        widths.add((right - left) * MM);
      }
    }
    return widths;
  }

  @Test
  void the_check_length_comes_out_of_the_printer_as_it_is() throws IOException {
    String postscript = printed(Paper.A4);
    // The device's own units, and what it is told to draw in, are each other's inverse: 100 %.
    assertThat(postscript).contains("[72 300.0 div 0 0 72 300.0 div 0 0]concat");
    Matcher scale = Pattern.compile("\\[" + NUMBER + " 0\\.0 0\\.0").matcher(postscript);
    int scales = 0;
    while (scale.find()) {
      assertThat(Double.parseDouble(scale.group(1)) * 72 / 300).isCloseTo(1, within(1e-5));
      scales++;
    }
    assertThat(scales).isPositive();
    assertThat(linesAlong(postscript))
        .anySatisfy(it -> assertThat(it).isCloseTo(TemplatePdf.CHECK_MM, within(0.05)));
  }

  @Test
  void the_sheet_is_the_page_s_own() throws IOException {
    Matcher size =
        Pattern.compile("/PageSize \\[" + NUMBER + " " + NUMBER + "]")
            .matcher(printed(Paper.LETTER));
    assertThat(size.find()).isTrue();
    assertThat(Double.parseDouble(size.group(1)) * MM).isCloseTo(215.9, within(0.1));
    assertThat(Double.parseDouble(size.group(2)) * MM).isCloseTo(279.4, within(0.1));
  }

  @Test
  void a_printer_without_the_paper_is_not_left_to_shrink_the_pages() throws IOException {
    Path pdf = folder.resolve("markers.pdf");
    MarkerSheetPdf.write(pdf, Paper.TABLOID);
    try (OutputStream tray = OutputStream.nullOutputStream()) {
      PrintQueue queue = queue(tray);
      assertThat(queue.takes(Paper.A3)).isTrue();
      assertThat(queue.takes(Paper.TABLOID)).isFalse();
      assertThatThrownBy(() -> queue.print(pdf, Paper.TABLOID, 1))
          .isInstanceOf(FormatException.class)
          .hasMessageContaining("no Tabloid");
    }
  }

  @Test
  void the_system_s_printers_can_be_asked_for_where_there_are_none() {
    assertThat(PrintQueue.all()).doesNotContainNull();
  }
}
