package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.apache.batik.parser.AWTPathProducer;
import org.jfree.svg.SVGGraphics2D;
import org.jfree.svg.SVGUnits;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;
import stoutblade.trace.LineWork;

/** Lines out of SVG files, against other libraries and against damage. */
class SvgReaderTest {

  private static LineWork read(String svg) throws IOException {
    return SvgReader.read("lines.svg", svg.getBytes(StandardCharsets.UTF_8));
  }

  private static String page(String inside) {
    return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"200mm\" height=\"100mm\""
        + " viewBox=\"0 0 200 100\">"
        + inside
        + "</svg>";
  }

  private static Path one(String inside) throws IOException {
    LineWork work = read(page(inside));
    assertThat(work.lines()).hasSize(1);
    return work.lines().getFirst().path();
  }

  private static double area(Path path) {
    return Region.inside(path, 0.001).area();
  }

  @Test
  void shapes_have_their_size_in_millimetres_with_y_up() throws IOException {
    Box box = Box.around(one("<rect x='10' y='20' width='30' height='40'/>").flattened(0.01));
    assertThat(box).isEqualTo(new Box(10, 40, 40, 80));

    Path circle = one("<circle cx='100' cy='50' r='40'/>");
    assertThat(circle.closed()).isTrue();
    for (Point at : circle.flattened(0.001)) {
      assertThat(at.distance(new Point(100, 50))).isCloseTo(40, within(1e-5));
    }
    assertThat(area(one("<ellipse cx='50' cy='50' rx='40' ry='10'/>")))
        .isCloseTo(Math.PI * 400, within(0.05));
    assertThat(one("<line x1='0' y1='0' x2='30' y2='40'/>").length(0.01))
        .isCloseTo(50, within(1e-9));
    assertThat(area(one("<polygon points='0,0 30,0 30,40'/>"))).isCloseTo(600, within(1e-9));
    assertThat(one("<polyline points='0 0 30 0 30 40'/>").closed()).isFalse();
    assertThat(area(one("<rect width='60' height='40' rx='10'/>")))
        .isCloseTo(2400 - (4 - Math.PI) * 100, within(0.01));
  }

  /** The commands of a path as Batik's own producer draws them; its arcs are off by 0.03 %. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "M10 10 L60 10 60 60 z",
        "m10 10 h50 v30 h-50 z m5 5 v20 h10 v-20 z",
        "M10 50 C20 10 40 10 50 50 S80 90 90 50",
        "M10 50 c10 -40 30 -40 40 0 s30 40 40 0 z",
        "M10 50 Q30 10 50 50 T90 50",
        "M10 50 q20 -40 40 0 t40 0 40 0",
        "M20 20 A45 30 30 1 0 70 60",
        "M20 20 a60 45 -15 0 1 50 40 z",
        "M20 20 A35 35 0 0 1 60 60 A45 40 70 1 1 20 20",
        "M.5.5.75-2e1 10-5"
      })
  void a_path_runs_where_another_library_draws_it(String data) throws IOException {
    LineWork work = read(page("<path d='" + data + "'/>"));
    Shape shape = AWTPathProducer.createShape(new StringReader(data), PathIterator.WIND_EVEN_ODD);
    Rectangle2D bounds = Path2D.Double.class.cast(new Path2D.Double(shape)).getBounds2D();
    Box box =
        work.lines().stream()
            .map(it -> Box.around(it.path().flattened(0.001)))
            .reduce(Box::with)
            .orElseThrow();

    Shape outline = new BasicStroke(0.1f).createStrokedShape(shape);
    for (LineWork.Line line : work.lines()) {
      for (Point at : line.path().flattened(0.01)) {
        assertThat(outline.intersects(at.x() - 0.02, 100 - at.y() - 0.02, 0.04, 0.04))
            .as("%s of %s", at, data)
            .isTrue();
      }
    }
    assertThat(box.width()).isLessThanOrEqualTo(bounds.getWidth() + 0.05);
  }

  /** Written by JFreeSVG, which knows nothing of us. */
  @Test
  void what_another_library_writes_is_read_at_true_size() throws IOException {
    SVGGraphics2D out = new SVGGraphics2D(300, 200, SVGUnits.MM);
    out.draw(new RoundRectangle2D.Double(20, 30, 120, 80, 20, 20));
    out.transform(AffineTransform.getRotateInstance(0.5, 200, 100));
    out.draw(new Arc2D.Double(150, 60, 100, 80, 30, 200, Arc2D.CHORD));
    String svg =
        out.getSVGElement(null, true, new org.jfree.svg.ViewBox(0, 0, 300, 200), null, null);

    LineWork work = read(svg);

    assertThat(work.lines()).hasSize(2);
    assertThat(work.scale().said()).isTrue();
    // Java's own round corners are off by 0.03 % of their radius.
    assertThat(area(work.lines().getFirst().path()))
        .isCloseTo(120 * 80 - (4 - Math.PI) * 100, within(0.3));
    double sweep = Math.toRadians(200);
    double segment = 50 * 40 / 2.0 * (sweep - Math.sin(sweep));
    assertThat(area(work.lines().getLast().path())).isCloseTo(segment, within(segment * 1e-3));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "width='4in' height='2in' viewBox='0 0 40 20' | 2.54  | true",
        "width='100mm' height='50mm'                  | 0.2645833 | true",
        "viewBox='0 0 40 20'                          | 0.2645833 | false",
        "width='400' height='200' viewBox='0 0 40 20' | 2.6458333 | false",
        "width='10cm' height='1cm' viewBox='0 0 10 10'| 1     | true",
        "width='100%' height='100%' viewBox='0 0 9 9' | 0.2645833 | false",
        "''                                           | 0.2645833 | false"
      })
  void units_are_those_of_the_page(String page, double mm, boolean stated) throws IOException {
    LineWork work = read("<svg " + page + "><line x2='10'/></svg>");
    assertThat(work.lines().getFirst().path().length(0.01)).isCloseTo(10 * mm, within(1e-5));
    assertThat(work.scale().said()).isEqualTo(stated);
  }

  @Test
  void layers_names_and_nested_frames_are_kept_and_what_is_not_read_is_said() throws IOException {
    LineWork work =
        read(
            page(
                "<defs><path d='M0 0 L9 9'/></defs>"
                    + "<g id='cut' transform='translate(10 10)'><g transform='scale(2)'>"
                    + "<path id='blade' d='M0 0 H10'/></g></g>"
                    + "<text x='3'>Words</text><image href='http://nowhere/x.png'/>"
                    + "<use href='http://nowhere/x.svg#a'/><path display='none' d='M0 0 H10'/>"));

    assertThat(work.lines())
        .singleElement()
        .satisfies(
            it -> {
              assertThat(it.layer()).isEqualTo("cut");
              assertThat(it.name()).isEqualTo("blade");
              assertThat(it.path().start()).isEqualTo(new Point(10, 90));
              assertThat(it.path().end()).isEqualTo(new Point(30, 90));
            });
    assertThat(work.unread())
        .hasSize(4)
        .anyMatch(it -> it.startsWith("text"))
        .contains("1 hidden shape", "copies of what is in other files");
  }

  /** Where a square of 10 mm at the origin comes to lie, by hand: left, bottom, right, top. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // Copies, with a move of their own and one of what they copy.
        "<defs><rect id='r' width='10' height='10'/></defs><use href='#r' x='5' y='20'/>"
            + "|5, 70, 15, 80",
        "<g id='r' transform='scale(2)'><rect width='0' height='0'/></g><rect id='q' width='10'"
            + " height='10' visibility='hidden'/><g visibility='visible'><use href='#q'"
            + " transform='translate(100 0)'/></g>|",
        // A symbol is fitted into the size of its copy.
        "<symbol id='s' viewBox='0 0 5 5'><rect width='5' height='5'/></symbol>"
            + "<use href='#s' x='10' y='10' width='20' height='20'/>|10, 70, 30, 90",
        // A page in a page, fitted in its middle, at its end, and stretched.
        "<svg x='10' y='10' width='40' height='20' viewBox='0 0 10 10'><rect width='10'"
            + " height='10'/></svg>|20, 70, 40, 90",
        "<svg width='40' height='20' viewBox='0 0 10 10' preserveAspectRatio='xMaxYMid meet'>"
            + "<rect width='10' height='10'/></svg>|20, 80, 40, 100",
        "<svg width='40' height='20' viewBox='0 0 10 10' preserveAspectRatio='none'>"
            + "<rect width='10' height='10'/></svg>|0, 80, 40, 100",
        "<svg width='40' height='20' viewBox='0 0 10 10' preserveAspectRatio='xMinYMin slice'>"
            + "<rect width='10' height='10'/></svg>|0, 60, 40, 100",
        // Percent of the page.
        "<rect x='10%' y='50%' width='5%' height='10%'/>|20, 40, 30, 50",
        // Moves by style, with units, about a place.
        "<rect width='10' height='10' style='transform: translate(5px, 20px)'/>|5, 70, 15, 80",
        "<rect width='10' height='10' style='transform: rotate(0.5turn);"
            + " transform-origin: 10px 10px'/>|10, 80, 20, 90",
        // Hidden by style, by class, by id, by what it is in.
        "<rect width='10' height='10' style='display:none'/>|",
        "<style>.cut {stroke: red} .guide, .note { display: none }</style><rect class='cut"
            + " guide' width='10' height='10'/>|",
        "<style>rect.a{visibility:hidden} #b{visibility:visible}</style><rect class='a'"
            + " width='10' height='10'/><rect class='a' id='b' width='10' height='10'/>"
            + "|0, 90, 10, 100",
        "<g style='display:none'><rect width='10' height='10'/></g>|",
        "<g visibility='hidden'><rect width='10' height='10'/></g>|",
        "<style>@media print { rect { display: none } }</style><rect width='10' height='10'/>"
            + "|0, 90, 10, 100",
        "<style>/* rect{display:none} */</style><rect width='10' height='10'/>|0, 90, 10, 100",
      })
  void what_is_shown_is_read_where_it_is_shown(String inside, String expected) throws IOException {
    LineWork work = read(page(inside));

    if (expected == null) {
      assertThat(work.lines()).isEmpty();
      assertThat(work.unread()).anyMatch(it -> it.contains("hidden shape"));
      return;
    }
    assertThat(work.lines()).hasSize(1);
    double[] box = SvgFrame.numbers(expected);
    Box found = Box.around(work.lines().getFirst().path().flattened(0.001));
    assertThat(new double[] {found.minX(), found.minY(), found.maxX(), found.maxY()})
        .containsExactly(box, within(1e-9));
  }

  /** Copies of copies would be 10 to the power of 9 squares. */
  @Test
  void copies_of_copies_are_bounded_and_circles_end() {
    StringBuilder inside = new StringBuilder("<rect id='u0' width='1' height='1'/>");
    for (int i = 1; i < 10; i++) {
      inside.append("<g id='u").append(i).append("'>");
      inside.append("<use href='#u%d'/>".formatted(i - 1).repeat(10)).append("</g>");
    }
    assertThatThrownBy(() -> read(page(inside.toString())))
        .hasMessageContaining("copies of copies");
    assertThatCode(
            () ->
                read(
                    page(
                        "<g id='a'><use href='#a'/><use href='#b'/></g><g id='b'><use"
                            + " href='#a'/></g>")))
        .doesNotThrowAnyException();
  }

  @Test
  void nearly_closed_lines_are_closed_and_it_is_said() throws IOException {
    LinesFile file =
        LinesFile.read(
            "nearly.svg",
            page("<path d='M0 0 H50 V30 H0 V0.3'/><path d='M60 0 H90 V20 H60 V5'/>")
                .getBytes(StandardCharsets.UTF_8));

    assertThat(file.outlines()).hasSize(1);
    assertThat(file.words()).contains("1 line was not quite closed", "0.3 mm", "1 open lines");
  }

  @Test
  void open_lines_that_meet_make_a_ring_and_the_largest_comes_first() throws IOException {
    LineWork work =
        read(
            page(
                "<circle cx='20' cy='20' r='5'/>"
                    + "<path d='M0 0 H80'/><path d='M80 60 V0'/><path d='M80 60 H0'/>"
                    + "<path d='M0 60 L0.005 0'/><path d='M100 0 H150'/>"));

    assertThat(work.rings()).hasSize(2);
    assertThat(work.loose()).isEqualTo(1);
    WholeOutline first = outline(work.largest().getFirst(), 0.1);
    assertThat(first.nodes()).hasSize(4);
    assertThat(Region.inside(first.path(), 0.01).area()).isCloseTo(4800, within(1.0));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "`just some words`|no readable SVG",
        "``|no readable SVG",
        "`<html><body/></html>`|no SVG: it begins with <html>",
        "`<svg><path d='M0 0`|no readable SVG",
        "`<svg viewBox='0 0 -4 3'/>`|viewBox",
        "`<svg width='1e300mm' viewBox='0 0 1 1'/>`|makes no sense",
        "`<svg><rect width='wide' height='3'/></svg>`|line 1: <rect>: width: expected a length",
        "`<svg><line x2='1e12'/></svg>`|100 m away",
        "`<svg><g transform='spin(3)'><line x2='3'/></g></svg>`|line 1: <g>: 'spin(3)' is no way",
        "`<!DOCTYPE s [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><svg><text>&x;</text></svg>`|outside"
      })
  void a_file_that_is_no_svg_ends_in_a_clear_message(String svg, String said) {
    String text = svg == null ? "" : svg;
    assertThatThrownBy(() -> read(text))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("lines.svg")
        .hasMessageContaining(said);
  }

  /** SVG 1.1, F.6.6: radii that are too small are enlarged until the ellipse just reaches. */
  @Test
  void an_arc_with_too_small_a_radius_is_half_a_circle_about_the_middle() throws IOException {
    for (Point at : one("<path d='M20 20 A5 5 0 0 1 60 60'/>").flattened(0.001)) {
      assertThat(at.distance(new Point(40, 60))).isCloseTo(Math.hypot(20, 20), within(1e-4));
    }
  }

  @Test
  void nesting_is_bounded_and_entities_are_never_expanded() throws IOException {
    assertThatThrownBy(() -> read("<svg>" + "<g>".repeat(500) + "</g>".repeat(500) + "</svg>"))
        .hasMessageContaining("nested deeper");
    StringBuilder bomb = new StringBuilder("<!DOCTYPE s [<!ENTITY e0 'M0 0 H9'>");
    for (int i = 1; i < 30; i++) {
      bomb.append("<!ENTITY e" + i + " '" + ("&e" + (i - 1) + ";").repeat(10) + "'>");
    }
    bomb.append("]><svg><text>&e29;</text></svg>");
    try {
      assertThat(read(bomb.toString()).lines()).isEmpty();
    } catch (FormatException e) {
      assertThat(e.getMessage()).contains("lines.svg");
    }
  }

  /** Numbers of a million digits, and as many rings: no pattern or sorting goes round in them. */
  @Test
  void long_numbers_and_many_rings_are_taken_in_their_stride() throws IOException {
    String long1 = "1".repeat(1_000_000);
    assertThatThrownBy(() -> read(page("<rect width='" + long1 + "!' height='3'/>")))
        .hasMessageStartingWith("lines.svg: line ")
        .hasMessageContaining("<rect>: width: expected a length; found '1111");
    StringBuilder rings = new StringBuilder();
    for (int i = 0; i < 20_000; i++) {
      rings.append("<rect x='" + i % 140 + "' y='" + i / 140 + "' width='0.7' height='0.9'/>");
    }
    LineWork work = read(page(rings.toString()));
    assertThat(work.largest()).hasSize(20_000);
  }

  /** Whatever is damaged, it is read or refused in words. */
  @Test
  void damage_is_read_or_refused() throws IOException {
    String sound =
        page(
            "<g id='a' transform='rotate(30 10 10)'><path d='M20 20 a30 20 -15 0 1 50 40 z'/>"
                + "<rect x='1' y='2' width='30' height='40' rx='3'/></g>");
    Random random = new Random(3);
    int refused = 0;
    for (int i = 0; i < 800; i++) {
      byte[] bytes = sound.getBytes(StandardCharsets.UTF_8);
      for (int k = 0; k < 1 + random.nextInt(4); k++) {
        bytes[random.nextInt(bytes.length)] = (byte) (32 + random.nextInt(95));
      }
      try {
        SvgReader.read("lines.svg", bytes);
      } catch (FormatException e) {
        assertThat(e.getMessage()).contains("lines.svg");
        refused++;
      }
    }
    assertThat(refused).isBetween(50, 790);
  }

  private static WholeOutline outline(LineWork.Ring ring, double tolerance) {
    return LineWork.Ring.outline(ring.points(tolerance, 100_000), tolerance);
  }
}
