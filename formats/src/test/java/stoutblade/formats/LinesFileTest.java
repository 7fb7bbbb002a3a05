package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import stoutblade.shape.Box;
import stoutblade.shape.Cubic;
import stoutblade.shape.Point;

/** Files of lines as a whole, and the splines in them. */
class LinesFileTest {

  @TempDir private Path folder;

  private static LinesFile read(String name, String text) throws IOException {
    return LinesFile.read(name, text.getBytes(StandardCharsets.UTF_8));
  }

  private static String svg(String inside) {
    return "<svg width='500mm' height='500mm' viewBox='0 0 500 500'>" + inside + "</svg>";
  }

  @Test
  void the_kind_is_seen_from_what_is_inside_not_from_the_ending() throws IOException {
    assertThat(read("leaf.dxf", svg("<rect width='9' height='5'/>")).outlines()).hasSize(1);
    assertThat(read("leaf.svg", "\uFEFF  \n" + svg("<circle r='4'/>")).outlines()).hasSize(1);
    assertThatThrownBy(() -> read("leaf.svg", "0\nSECTION\n2\nENTITIES\n0\nEOF\n"))
        .hasMessageContaining("no closed outline in it: 0 open lines");
  }

  @Test
  void what_was_read_left_out_and_not_read_is_said() throws IOException {
    LinesFile file =
        read(
            "two leaves.svg",
            svg("<circle r='9'/><circle r='4'/><path d='M0 0 H9'/><text>x</text>"));
    assertThat(file.name()).isEqualTo("two leaves");
    assertThat(file.words())
        .startsWith("2 outlines, units: the size of the page")
        .contains("1 open lines are left out")
        .contains("not read: text");
  }

  @Test
  void a_missing_file_is_named_and_one_without_outlines_says_what_is_there() {
    assertThatThrownBy(() -> LinesFile.read(folder.resolve("none.svg")))
        .hasMessage("none.svg: there is no such file");
    assertThatThrownBy(() -> read("open.svg", svg("<path d='M0 0 H9'/><text>x</text>")))
        .hasMessageContaining("1 open lines")
        .hasMessageContaining("Not read: text");
  }

  /** A star whose corners alone are more than a tracing takes. */
  @Test
  void more_nodes_than_are_kept_are_refused_with_their_bound() {
    StringBuilder star = new StringBuilder();
    for (int i = 0; i < 6000; i++) {
      double angle = 2 * Math.PI * i / 6000;
      double radius = i % 2 == 0 ? 240 : 180;
      star.append(
          String.format(
              Locale.ROOT,
              "%.4f,%.4f ",
              250 + radius * Math.cos(angle),
              250 + radius * Math.sin(angle)));
    }
    assertThatThrownBy(() -> read("star.svg", svg("<polygon points='" + star + "'/>")))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("star.svg")
        .hasMessageContaining("nodes");
  }

  @Test
  void a_frame_round_the_page_is_never_taken_first() throws IOException {
    String svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='210mm' height='297mm' viewBox='0 0 210"
            + " 297'><rect width='210' height='297'/><circle cx='80' cy='90' r='30'/></svg>";
    LinesFile file = LinesFile.read("page.svg", svg.getBytes(StandardCharsets.UTF_8));

    assertThat(Box.around(file.outlines().getFirst().path().flattened(0.1)).width())
        .isCloseTo(60, within(0.2));
    assertThat(file.outlines()).hasSize(2);
    assertThat(file.words()).contains("a frame as large as the page stands last", "press the one");
    // A board with a hole is no frame.
    String board =
        "<svg xmlns='http://www.w3.org/2000/svg' width='210mm' height='297mm' viewBox='0 0 210"
            + " 297'><rect width='150' height='120'/><circle cx='80' cy='60' r='30'/></svg>";
    LinesFile plate = LinesFile.read("board.svg", board.getBytes(StandardCharsets.UTF_8));
    assertThat(Box.around(plate.outlines().getFirst().path().flattened(0.1)).width())
        .isCloseTo(150, within(0.2));
    assertThat(plate.words()).doesNotContain("a frame");
  }

  @Test
  void specks_alone_are_no_outline() {
    assertThatThrownBy(() -> read("dust.svg", svg("<rect width='0.2' height='0.3'/>")))
        .hasMessageContaining("dust.svg: only specks");
  }

  @Test
  void a_file_on_the_disk_is_read_as_its_bytes_are() throws IOException {
    Path file = Files.writeString(folder.resolve("disc.svg"), svg("<circle r='30'/>"));
    LinesFile read = LinesFile.read(file);
    assertThat(read.name()).isEqualTo("disc");
    assertThat(read.toleranceMm()).isEqualTo(0.05);
  }

  // == SPLINES

  private static final List<Point> CONTROLS =
      List.of(new Point(0, 0), new Point(2, 6), new Point(8, 7), new Point(10, 1));

  /** Four controls between two knots of four are Bézier's curve. */
  @Test
  void a_spline_of_one_span_is_the_curve_of_its_controls() {
    BSpline spline =
        BSpline.of(3, List.of(0.0, 0.0, 0.0, 0.0, 1.0, 1.0, 1.0, 1.0), CONTROLS, List.of())
            .orElseThrow();
    Cubic bezier = new Cubic(CONTROLS.get(0), CONTROLS.get(1), CONTROLS.get(2), CONTROLS.get(3));
    List<Cubic> pieces = spline.cubics();
    for (int i = 0; i < pieces.size(); i++) {
      for (double t = 0; t <= 1; t += 0.25) {
        double whole = (i + t) / pieces.size();
        assertThat(pieces.get(i).at(t).distance(bezier.at(whole))).isLessThan(1e-4);
      }
    }
  }

  /** A quarter of a circle by weights 1, √½, 1 (Piegl and Tiller, The NURBS Book, from memory). */
  @Test
  void weights_make_a_true_quarter_of_a_circle() {
    BSpline quarter =
        BSpline.of(
                2,
                List.of(0.0, 0.0, 0.0, 1.0, 1.0, 1.0),
                List.of(new Point(50, 0), new Point(50, 50), new Point(0, 50)),
                List.of(1.0, Math.sqrt(0.5), 1.0))
            .orElseThrow();
    for (Cubic piece : quarter.cubics()) {
      for (double t = 0; t <= 1; t += 0.25) {
        assertThat(piece.at(t).length()).isCloseTo(50, within(1e-3));
      }
    }
  }

  @Test
  void numbers_that_make_no_spline_make_none() {
    List<Double> knots = List.of(0.0, 0.0, 0.0, 0.0, 1.0, 1.0, 1.0, 1.0);
    assertThat(BSpline.of(3, knots.subList(0, 7), CONTROLS, List.of())).isEmpty();
    assertThat(BSpline.of(0, knots, CONTROLS, List.of())).isEmpty();
    assertThat(BSpline.of(3, knots.reversed(), CONTROLS, List.of())).isEmpty();
    assertThat(BSpline.of(3, Collections.nCopies(8, 1.0), CONTROLS, List.of())).isEmpty();
    assertThat(BSpline.of(5, knots, CONTROLS, List.of())).isEmpty();
  }
}
