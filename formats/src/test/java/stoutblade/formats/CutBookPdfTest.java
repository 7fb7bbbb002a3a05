package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import stoutblade.demo.Demo;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.measure.Units;
import stoutblade.nest.AroundPins;
import stoutblade.nest.NestJob;
import stoutblade.nest.Nesting;
import stoutblade.nest.SheetPlan;
import stoutblade.project.Project;
import stoutblade.project.Samples;
import stoutblade.stock.CutList;
import stoutblade.stock.Laying;
import stoutblade.template.Paper;
import stoutblade.template.PaperScale;

/** The cut book and the check page, read back by PDFBox. */
class CutBookPdfTest {

  @TempDir private Path folder;

  private static Derived derive(Project project) {
    return new Reckoner(CatalogueFile.shipped(), new ShippedTypeface())
        .derive(project, Samples.NOW, Units.METRIC);
  }

  private static Nesting laid(CutList.Kind kind, Project project) {
    NestJob job = kind.job(project.leftovers(), 3, 0);
    return AroundPins.lay(job, SheetPlan.NONE, 1, it -> {}, () -> true);
  }

  private static List<String> pages(Path file) throws IOException {
    List<String> all = new ArrayList<>();
    try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(file))) {
      for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setStartPage(page);
        stripper.setEndPage(page);
        all.add(stripper.getText(pdf));
      }
    }
    return all;
  }

  @Test
  void every_piece_is_in_the_list_on_its_sheet_and_has_a_label() throws IOException {
    Project demo = Demo.open(Samples.NOW).project();
    // Two letters that are set as one are read back as another one.
    CutList.Kind kind =
        derive(demo).shopping().orElseThrow().pieces().kinds().stream()
            .filter(it -> it.count() > 2 && !it.words().contains("ff"))
            .filter(it -> laid(it, demo).complete())
            .findFirst()
            .orElseThrow();
    SheetPlan plan = SheetPlan.of(laid(kind, demo), SheetPlan.NONE);
    Laying laying = Laying.none(kind).with(plan, kind.mark());
    Derived derived = derive(demo.withCutting(demo.cutting().with(laying)));
    Path file = folder.resolve("book.pdf");
    CutBookPdf.write(file, derived, Units.METRIC);

    List<String> pages = pages(file);
    List<String> own = pages.stream().filter(it -> it.contains(kind.words())).toList();
    assertThat(own.getFirst())
        .contains("%d pieces on %d sheet".formatted(kind.count(), plan.sheets().size()));
    // The list goes on until the first sheet is drawn.
    String list =
        pages.stream()
            .dropWhile(it -> !it.equals(own.getFirst()))
            .takeWhile(it -> !it.contains("Sheet 1 of "))
            .collect(Collectors.joining());
    for (CutList.Entry it : kind.entries()) {
      assertThat(list).contains(it.words()).contains("sheet ");
      long labels =
          own.stream()
              .filter(page -> page.contains(" of %d, ".formatted(it.count())))
              .flatMap(String::lines)
              .filter(line -> line.contains(it.words()))
              .count();
      assertThat(labels).as(it.words()).isPositive();
    }
    assertThat(pages)
        .filteredOn(it -> it.contains("By hand · " + kind.words()))
        .allMatch(it -> it.contains("cuts"))
        .anyMatch(it -> it.contains("Band saw: fence at 40 mm"));
    assertThat(pages).anyMatch(it -> it.contains("Sheet 1 of " + plan.sheets().size()));
    assertThat(String.join("", pages)).contains("not laid on sheets yet");
  }

  @Test
  void a_project_without_sheets_has_no_book() {
    assertThatThrownBy(
            () -> CutBookPdf.write(folder.resolve("b.pdf"), derive(Samples.bare()), Units.METRIC))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("nothing is cut from sheets yet");
  }

  // == CHECK PAGE

  /** The longest line across and the longest along, in points. */
  private static double[] longest(Path file) throws IOException {
    double[] longest = new double[2];
    try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(file))) {
      PDPage page = pdf.getPage(0);
      new PDFGraphicsStreamEngine(page) {
        private final List<Point2D> line = new ArrayList<>();

        @Override
        public void moveTo(float x, float y) {
          line.clear();
          line.add(new Point2D.Double(x, y));
        }

        @Override
        public void lineTo(float x, float y) {
          line.add(new Point2D.Double(x, y));
        }

        @Override
        public void strokePath() {
          double x = line.getFirst().getX() - line.getLast().getX();
          double y = line.getFirst().getY() - line.getLast().getY();
          longest[0] = Math.max(longest[0], Math.abs(x));
          longest[1] = Math.max(longest[1], Math.abs(y));
        }

        @Override
        public Point2D getCurrentPoint() {
          return line.getLast();
        }

        @Override
        public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {}

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int rule) {}

        @Override
        public void curveTo(float a, float b, float c, float d, float e, float f) {}

        @Override
        public void closePath() {}

        @Override
        public void endPath() {}

        @Override
        public void fillPath(int rule) {}

        @Override
        public void fillAndStrokePath(int rule) {}

        @Override
        public void shadingFill(COSName name) {}

        void run() throws IOException {
          processPage(page);
        }
      }.run();
    }
    return longest;
  }

  /** 100 mm are 283.46 points of 1/72 in; on a printer that is off, so much less or more. */
  @Test
  void what_a_printer_is_off_by_is_taken_back() throws IOException {
    Path file = folder.resolve("check.pdf");
    CheckPagePdf.write(file, Paper.A4);
    double points = 100 * 72 / 25.4;
    assertThat(longest(file)[0]).isCloseTo(points, within(0.01));
    assertThat(longest(file)[1]).isCloseTo(points, within(0.01));

    byte[] before = Files.readAllBytes(file);
    PrinterCorrection.apply(file, PaperScale.TRUE);
    assertThat(Files.readAllBytes(file)).isEqualTo(before);

    PrinterCorrection.apply(file, PaperScale.measured(101, 99.2));
    AffineTransform printer = AffineTransform.getScaleInstance(1.01, 0.992);
    Point2D printed =
        printer.deltaTransform(new Point2D.Double(longest(file)[0], longest(file)[1]), null);
    assertThat(printed.getX()).isCloseTo(points, within(0.02));
    assertThat(printed.getY()).isCloseTo(points, within(0.02));
  }

  @Test
  void a_printer_that_fits_to_the_page_is_no_printer_that_is_off() {
    assertThatThrownBy(() -> PaperScale.measured(95, 100))
        .hasMessageContaining("97 to 103 mm; found 95.0");
  }
}
