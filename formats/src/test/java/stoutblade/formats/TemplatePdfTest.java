package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.develop.Ring;
import stoutblade.edit.Edits;
import stoutblade.edit.PropEdits;
import stoutblade.measure.Units;
import stoutblade.project.First;
import stoutblade.project.Prop;
import stoutblade.shape.Box;
import stoutblade.shape.Cubic;
import stoutblade.shape.Point;
import stoutblade.template.FlatTemplate;
import stoutblade.template.Making;
import stoutblade.template.Paper;
import stoutblade.template.Stroke;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/** Reads the PDF back with its library and measures what is on the pages. */
class TemplatePdfTest {

  private static final double MM_PER_POINT = 25.4 / 72;
  private static final double LENGTH_MM = 0.05;

  @TempDir private Path folder;

  private static Derived on(Paper paper) throws IOException {
    return new Reckoner(CatalogueFile.shipped())
        .derive(
            Edits.paper(paper).in(Prop.FIRST).applyTo(FormatSamples.demo().project()),
            FormatSamples.NOW,
            Units.METRIC);
  }

  private Path written(Derived derived) throws IOException {
    return Exports.writeTemplate(
        new Exports.Sheets(
            folder, derived.project().first().name(), Exports.scale(derived.first(), Units.METRIC)),
        First.template(derived).orElseThrow(),
        derived.project().paper());
  }

  /** Every path that is stroked on a page, as the points that its operators name, in mm. */
  private static List<List<Point>> strokes(PDPage page) throws IOException {
    List<List<Point>> found = new ArrayList<>();
    new PDFGraphicsStreamEngine(page) {
      private List<Point> path = new ArrayList<>();

      private void add(double x, double y) {
        path.add(new Point(x * MM_PER_POINT, y * MM_PER_POINT));
      }

      @Override
      public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
        for (Point2D at : new Point2D[] {a, b, c, d}) {
          add(at.getX(), at.getY());
        }
      }

      @Override
      public void moveTo(float x, float y) {
        add(x, y);
      }

      @Override
      public void lineTo(float x, float y) {
        add(x, y);
      }

      @Override
      public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        add(x1, y1);
        add(x2, y2);
        add(x3, y3);
      }

      @Override
      public Point2D getCurrentPoint() {
        Point last = path.getLast();
        return new Point2D.Double(last.x() / MM_PER_POINT, last.y() / MM_PER_POINT);
      }

      @Override
      public void closePath() {}

      @Override
      public void endPath() {
        path = new ArrayList<>();
      }

      @Override
      public void strokePath() {
        found.add(path);
        path = new ArrayList<>();
      }

      @Override
      public void fillPath(int rule) {
        path = new ArrayList<>();
      }

      @Override
      public void fillAndStrokePath(int rule) {
        strokePath();
      }

      @Override
      public void clip(int rule) {}

      @Override
      public void drawImage(PDImage image) {}

      @Override
      public void shadingFill(COSName name) {}
    }.processPage(page);
    return found;
  }

  private static List<Point> named(Stroke stroke) {
    List<Point> points = new ArrayList<>();
    points.add(stroke.path().cubics().getFirst().start());
    for (Cubic cubic : stroke.path().cubics()) {
      if (!cubic.straight()) {
        points.add(cubic.control1());
        points.add(cubic.control2());
      }
      points.add(cubic.end());
    }
    return points;
  }

  @ParameterizedTest
  @EnumSource(Paper.class)
  void every_line_on_every_page_is_at_true_size_and_place(Paper paper) throws IOException {
    Derived derived = on(paper);
    Template template = First.template(derived).orElseThrow();
    Tiling tiling = Tiling.of(First.template(derived).orElseThrow(), derived.project().paper());
    try (PDDocument pdf = Loader.loadPDF(written(derived).toFile())) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(tiling.tiles().size() + 1);
      for (int i = 0; i < tiling.tiles().size(); i++) {
        PDPage page = pdf.getPage(i + 1);
        assertThat(page.getMediaBox().getWidth() * MM_PER_POINT)
            .isCloseTo(tiling.turned() ? paper.heightMm() : paper.widthMm(), within(0.01));
        List<List<Point>> drawn = strokes(page);
        Point shift =
            new Point(
                Tiling.MARGIN_MM - tiling.tiles().get(i).window().minX(),
                Tiling.MARGIN_MM + Tiling.FOOT_MM - tiling.tiles().get(i).window().minY());
        // One purpose after the other.
        List<Stroke> wanted =
            template.strokes().stream()
                .sorted(Comparator.comparing(it -> template.kinds().indexOf(it.kind())))
                .toList();
        Box window = tiling.tiles().get(i).window();
        int at = 0;
        for (Stroke it : wanted) {
          if (seen(it, window)) {
            // What is all beyond the page need not be on it.
            while (at < drawn.size() && !same(named(it), drawn.get(at), shift)) {
              at++;
            }
            assertThat(at).as(it.kind() + " on page " + i).isLessThan(drawn.size());
            at++;
          }
        }
      }
    }
  }

  /** True where anything of a line is within a window. */
  private static boolean seen(Stroke stroke, Box window) {
    return stroke.path().flattened(0.05).stream().anyMatch(window::contains);
  }

  private static boolean same(List<Point> wanted, List<Point> drawn, Point shift) {
    if (drawn.size() != wanted.size()) {
      return false;
    }
    for (int i = 0; i < wanted.size(); i++) {
      if (!(drawn.get(i).distance(wanted.get(i).plus(shift)) < LENGTH_MM / 2)) {
        return false;
      }
    }
    return true;
  }

  @Test
  void the_check_length_on_every_page_is_a_hundred_millimetres() throws IOException {
    try (PDDocument pdf = Loader.loadPDF(written(on(Paper.A4)).toFile())) {
      for (PDPage page : pdf.getPages()) {
        assertThat(strokes(page))
            .anyMatch(
                it ->
                    it.size() == 2
                        && Math.abs(it.get(0).distance(it.get(1)) - 100) < LENGTH_MM
                        && it.get(0).y() < 25);
      }
    }
  }

  @Test
  void neighbouring_pages_join_without_a_gap() throws IOException {
    Derived derived = on(Paper.A4);
    Tiling tiling = Tiling.of(First.template(derived).orElseThrow(), derived.project().paper());
    try (PDDocument pdf = Loader.loadPDF(written(derived).toFile())) {
      for (Tiling.Join join : tiling.joins()) {
        Point onFirst = mark(pdf, tiling, join, join.first());
        Point onSecond = mark(pdf, tiling, join, join.second());
        assertThat(onFirst.distance(onSecond)).isLessThan(LENGTH_MM);
      }
    }
  }

  /** The template place of the first mark of a join, as it is drawn on a page. */
  private static Point mark(PDDocument pdf, Tiling tiling, Tiling.Join join, String letter)
      throws IOException {
    int index = tiling.tiles().stream().map(Tiling.Tile::letter).toList().indexOf(letter);
    Tiling.Tile tile = tiling.tiles().get(index);
    Point back =
        new Point(
            tile.window().minX() - Tiling.MARGIN_MM,
            tile.window().minY() - Tiling.MARGIN_MM - Tiling.FOOT_MM);
    Point wanted = join.marks().getFirst();
    return strokes(pdf.getPage(index + 1)).stream()
        .filter(it -> it.size() == 4)
        .map(diamond -> diamond.get(0).towards(diamond.get(2), 0.5).plus(back))
        .filter(centre -> centre.distance(wanted) < 1)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void every_page_names_project_scale_and_page() throws IOException {
    try (PDDocument pdf = Loader.loadPDF(written(on(Paper.LETTER)).toFile())) {
      PDFTextStripper text = new PDFTextStripper();
      for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
        text.setStartPage(page);
        text.setEndPage(page);
        assertThat(text.getText(pdf))
            .contains("Reedcutter")
            .contains("Scale 1 : 1, for a wearer of 174 cm")
            .contains("measure it before you cut")
            .contains(page == 1 ? "page map" : "page " + (char) ('A' + page - 2) + " of");
      }
      text.setStartPage(1);
      text.setEndPage(1);
      assertThat(text.getText(pdf))
          .contains("Cut 1 back layer: turn the paper over")
          .contains("Core channel, glue face");
    }
  }

  @Test
  void names_in_any_script_do_not_break_the_page() throws IOException {
    Derived derived =
        new Reckoner(CatalogueFile.shipped())
            .derive(
                PropEdits.name("Łódź 剣 🗡").in(Prop.FIRST).applyTo(FormatSamples.demo().project()),
                FormatSamples.NOW,
                Units.METRIC);

    try (PDDocument pdf = Loader.loadPDF(written(derived).toFile())) {
      assertThat(new PDFTextStripper().getText(pdf)).contains("Łódź ?");
    }
  }

  @Test
  void nobody_scales_it_and_each_purpose_can_be_shown_by_itself() throws IOException {
    Derived derived = on(Paper.A4);
    try (PDDocument pdf = Loader.loadPDF(written(derived).toFile())) {
      assertThat(pdf.getDocumentCatalog().getViewerPreferences().getPrintScaling())
          .isEqualTo("None");
      assertThat(pdf.getDocumentCatalog().getOCProperties().getGroupNames())
          .contains("Words", Stroke.Kind.CUT.words())
          .hasSize(First.template(derived).orElseThrow().kinds().size() + 1);
    }
  }

  @Test
  void one_page_has_no_map_and_paper_is_turned_where_that_saves_pages() throws IOException {
    Template small =
        FlatTemplate.of(
            Making.once("ring", "Ring"),
            new Ring(30, Ring.Known.FORMER, 5, 20).develop("x"),
            Units.METRIC);
    Path one = folder.resolve("one.pdf");
    TemplatePdf.write(one, small, Tiling.of(small, Paper.A4), "Test", "Scale 1 : 1");
    Template wide =
        FlatTemplate.of(
            Making.once("ring", "Ring"),
            new Ring(70, Ring.Known.FORMER, 5, 60).develop("x"),
            Units.METRIC);
    Path turned = folder.resolve("turned.pdf");
    TemplatePdf.write(turned, wide, Tiling.of(wide, Paper.A4), "Test", "Scale 1 : 1");

    try (PDDocument pdf = Loader.loadPDF(one.toFile());
        PDDocument other = Loader.loadPDF(turned.toFile())) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(1);
      assertThat(new PDFTextStripper().getText(pdf))
          .contains("measure it before you cut", Stroke.Kind.CUT.words())
          .doesNotContain("page map");
      assertThat(other.getNumberOfPages()).isEqualTo(1);
      assertThat(other.getPage(0).getMediaBox().getWidth())
          .isGreaterThan(other.getPage(0).getMediaBox().getHeight());
    }
  }
}
