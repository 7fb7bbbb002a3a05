package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.develop.Cone;
import stoutblade.measure.Units;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.template.FlatTemplate;
import stoutblade.template.Making;
import stoutblade.template.Template;
import stoutblade.trace.LineWork;

/**
 * Lines into DXF and out of it, with ezdxf, a general-purpose library in another language, on the
 * other side.
 */
class DxfTest {

  @TempDir private Path folder;

  private static LineWork read(String... pairs) throws IOException {
    return DxfReader.read(
        "lines.dxf", String.join("\n", pairs).getBytes(StandardCharsets.US_ASCII));
  }

  private static String[] entities(String... pairs) {
    List<String> all = new ArrayList<>(List.of("0", "SECTION", "2", "ENTITIES"));
    all.addAll(Arrays.asList(pairs));
    all.addAll(List.of("0", "ENDSEC", "0", "EOF"));
    return all.toArray(String[]::new);
  }

  /** Runs a script with ezdxf at hand and gives what it prints. */
  private String python(String script, Path file) throws IOException, InterruptedException {
    Path code = Files.writeString(folder.resolve("script.py"), script);
    Process process =
        new ProcessBuilder("/usr/bin/python3", code.toString(), file.toString())
            .redirectErrorStream(true)
            .start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(process.exitValue()).as(said).isZero();
    return said;
  }

  /** Written by a general DXF library, with layers off, frozen and not to be printed. */
  @Test
  void what_is_not_shown_is_left_out_and_said() throws IOException, InterruptedException {
    Path file = folder.resolve("layers.dxf");
    python(
        """
        import sys, ezdxf
        doc = ezdxf.new('R2010', units=4)
        for name in ('CUT', 'OFF', 'FROZEN', 'NOPLOT'): doc.layers.add(name)
        doc.layers.get('OFF').off()
        doc.layers.get('FROZEN').freeze()
        doc.layers.get('NOPLOT').dxf.plot = 0
        m = doc.modelspace()
        for i, name in enumerate(('CUT', 'OFF', 'FROZEN', 'NOPLOT')):
            m.add_circle((100 * i, 0), 10, dxfattribs={'layer': name})
        m.add_polyline2d([(0, 0), (5, 0), (5, 5)], close=True, dxfattribs={'layer': 'OFF'})
        block = doc.blocks.new('B')
        block.add_circle((0, 0), 4)
        block.add_circle((0, 0), 5, dxfattribs={'layer': 'CUT'})
        m.add_blockref('B', (50, 50), dxfattribs={'layer': 'FROZEN'})
        doc.layout('Layout1').add_circle((0, 0), 77)
        doc.saveas(sys.argv[1])
        """,
        file);

    LineWork work = DxfReader.read("layers.dxf", Files.readAllBytes(file));

    assertThat(work.lines()).hasSize(1);
    assertThat(work.lines().getFirst().layer()).isEqualTo("CUT");
    assertThat(work.unread())
        .anyMatch(it -> it.endsWith("on layers that are off"))
        .anyMatch(it -> it.endsWith("on layers that are frozen"))
        .contains("1 on layers that are not printed")
        .anyMatch(it -> it.endsWith("in paper space"));
  }

  @Test
  void what_is_marked_as_invisible_is_left_out() throws IOException {
    String circle = "0\nCIRCLE\n8\n0\n%s10\n0\n20\n0\n40\n2\n";
    LineWork work =
        DxfReader.read(
            "i.dxf",
            ("0\nSECTION\n2\nENTITIES\n"
                    + circle.formatted("60\n1\n")
                    + circle.formatted("60\n0\n")
                    + "0\nENDSEC\n0\nEOF\n")
                .getBytes(java.nio.charset.StandardCharsets.US_ASCII));

    assertThat(work.lines()).hasSize(1);
    assertThat(work.unread()).containsExactly("1 hidden");
  }

  /** A spline given by points that it runs through, as the library's own interpolation has it. */
  @Test
  void splines_run_through_their_fit_points() throws IOException, InterruptedException {
    Path file = folder.resolve("fit.dxf");
    String said =
        python(
            """
            import sys, ezdxf
            from ezdxf.math import Vec3, cubic_bezier_interpolation
            points = [(0, 0), (30, 40), (80, 40), (110, 0), (150, 10)]
            doc = ezdxf.new('R2010', units=4)
            doc.modelspace().add_spline(fit_points=points)
            doc.saveas(sys.argv[1])
            """,
            file);
    assertThat(said).isBlank();

    LineWork work = DxfReader.read("fit.dxf", Files.readAllBytes(file));

    assertThat(work.lines()).hasSize(1);
    stoutblade.shape.Path path = work.lines().getFirst().path();
    assertThat(path.cubics()).hasSize(4);
    for (int i = 1; i < 4; i++) {
      // Smooth where pieces meet: handles lie opposite each other.
      Point in = path.cubics().get(i - 1).end().minus(path.cubics().get(i - 1).control2());
      Point out = path.cubics().get(i).control1().minus(path.cubics().get(i).start());
      assertThat(in.angleTo(out)).isCloseTo(0, within(1e-9));
    }
    assertThat(path.cubics().get(1).end()).isEqualTo(new Point(80, 40));
  }

  @ParameterizedTest
  @CsvSource({"0, inches, 25.4", "1, millimetres, 1"})
  void a_drawing_without_units_is_asked_about_by_the_measures_it_is_set_up_for(
      int measurement, String words, double mm) throws IOException {
    LineWork work =
        DxfReader.read(
            "m.dxf",
            ("0\nSECTION\n2\nHEADER\n9\n$MEASUREMENT\n70\n"
                    + measurement
                    + "\n9\n$INSUNITS\n70\n0\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nCIRCLE\n8\n0\n10\n0\n20"
                    + "\n0\n40\n2\n0\nENDSEC\n0\nEOF\n")
                .getBytes(java.nio.charset.StandardCharsets.US_ASCII));

    assertThat(work.scale().said()).isFalse();
    assertThat(work.scale().mm()).isEqualTo(mm);
    assertThat(work.unit()).startsWith(words);
    assertThat(work.lines().getFirst().path().length(0.01))
        .isCloseTo(4 * Math.PI * mm, within(0.1));
  }

  @Test
  void what_another_library_writes_is_read_at_true_size() throws IOException, InterruptedException {
    Path file = folder.resolve("made.dxf");
    python(
        """
        import sys, ezdxf
        doc = ezdxf.new('R2010', units=1)
        doc.layers.add('CUT')
        m = doc.modelspace()
        cut = {'layer': 'CUT'}
        m.add_lwpolyline([(0, 0, 0), (4, 0, 1), (4, 2, 0), (0, 2, 0)], format='xyb',
                         close=True, dxfattribs=cut)
        m.add_circle((10, 10), 3, dxfattribs=cut)
        m.add_ellipse((20, 0), major_axis=(5, 0), ratio=0.4, dxfattribs=cut)
        m.add_arc((0, 0), 2, 350, 80, dxfattribs={'layer': 'ARCS'})
        m.add_open_spline([(0, 0), (1, 3), (4, 3), (6, 0), (9, 1)], degree=3,
                          dxfattribs={'layer': 'SPLINES'})
        m.add_text('words')
        doc.saveas(sys.argv[1])
        """,
        file);

    LineWork work = DxfReader.read("made.dxf", Files.readAllBytes(file));

    assertThat(work.unit()).isEqualTo("inches");
    assertThat(work.layers()).containsExactly("CUT", "ARCS", "SPLINES");
    assertThat(work.unread()).singleElement().asString().startsWith("text");
    double inch2 = 25.4 * 25.4;
    List<stoutblade.shape.Path> rings = work.rings();
    // A rectangle of 4 × 2 with half a disc of radius 1 on its side.
    assertThat(Region.inside(rings.get(0), 0.001).area())
        .isCloseTo((8 + Math.PI / 2) * inch2, within(0.5));
    assertThat(Region.inside(rings.get(1), 0.001).area())
        .isCloseTo(9 * Math.PI * inch2, within(1.0));
    assertThat(Region.inside(rings.get(2), 0.001).area())
        .isCloseTo(10 * Math.PI * inch2, within(1.0));
    assertThat(work.lines().get(3).path().length(0.001))
        .isCloseTo(2 * Math.PI / 2 * 25.4, within(0.01));

    // The spline, as ezdxf evaluates it.
    String said =
        python(
            """
            import sys, ezdxf
            from ezdxf.math import BSpline
            s = next(iter(ezdxf.readfile(sys.argv[1]).modelspace().query('SPLINE')))
            for p in s.construction_tool().approximate(400): print(p.x, p.y)
            """,
            file);
    List<Point> ours = work.lines().get(4).path().flattened(0.001);
    for (String line : said.strip().split("\n", -1)) {
      String[] xy = line.split(" ", -1);
      Point there = new Point(Double.parseDouble(xy[0]) * 25.4, Double.parseDouble(xy[1]) * 25.4);
      double nearest = Double.POSITIVE_INFINITY;
      for (int i = 1; i < ours.size(); i++) {
        nearest = Math.min(nearest, there.distanceToSegment(ours.get(i - 1), ours.get(i)));
      }
      assertThat(nearest).isLessThan(0.01);
    }
  }

  /** The insert's place, scale, turn and rows, as ezdxf works them out by taking blocks apart. */
  @Test
  void blocks_that_another_library_inserts_are_where_it_says() throws Exception {
    Path file = folder.resolve("blocks.dxf");
    String said =
        python(
            """
            import sys, ezdxf
            doc = ezdxf.new('R2010', units=4)
            doc.layers.add('RIVETS')
            inner = doc.blocks.new('INNER', base_point=(1, 0))
            inner.add_circle((3, 2), 2)
            inner.add_lwpolyline([(0, 0), (6, 0), (6, 4)], close=True, dxfattribs={'layer': 'CUT'})
            outer = doc.blocks.new('OUTER', base_point=(2, 2))
            outer.add_blockref('INNER', (10, 5), dxfattribs={'rotation': 30})
            outer.add_circle((0, 0), 5)
            m = doc.modelspace()
            m.add_blockref('OUTER', (100, 50), dxfattribs={'layer': 'RIVETS', 'rotation': 40,
                'xscale': 2, 'yscale': 2})
            m.add_blockref('OUTER', (-30, 10), dxfattribs={'layer': 'RIVETS', 'xscale': -1})
            m.add_blockref('INNER', (300, 300), dxfattribs={'layer': 'RIVETS', 'rotation': 15,
                'column_count': 3, 'row_count': 2, 'column_spacing': 20, 'row_spacing': 30})
            doc.saveas(sys.argv[1])
            def walk(e):
                if e.dxftype() == 'INSERT':
                    for one in (e.multi_insert() if e.mcount > 1 else [e]):
                        for x in one.virtual_entities(): yield from walk(x)
                else: yield e
            from ezdxf.bbox import extents
            for e in m:
                for x in walk(e):
                    b = extents([x], fast=False)
                    print(b.extmin.x, b.extmin.y, b.extmax.x, b.extmax.y)
            """,
            file);

    LineWork work = DxfReader.read("blocks.dxf", Files.readAllBytes(file));

    String[] boxes = said.strip().split("\n", -1);
    assertThat(work.lines()).hasSize(boxes.length).hasSize(18);
    List<Box> ours =
        work.lines().stream().map(it -> Box.around(it.path().flattened(0.0005))).toList();
    for (String line : boxes) {
      double[] at = Arrays.stream(line.split(" ", -1)).mapToDouble(Double::parseDouble).toArray();
      assertThat(ours)
          .as(line)
          .anyMatch(
              it ->
                  Math.abs(it.minX() - at[0]) < 0.05
                      && Math.abs(it.minY() - at[1]) < 0.05
                      && Math.abs(it.maxX() - at[2]) < 0.05
                      && Math.abs(it.maxY() - at[3]) < 0.05);
    }
    assertThat(work.layers()).containsExactlyInAnyOrder("RIVETS", "CUT");
    assertThat(work.unread()).isEmpty();
  }

  private static LineWork blocks(List<String> blocks, String... entities) throws IOException {
    List<String> all = new ArrayList<>(List.of("0", "SECTION", "2", "BLOCKS"));
    all.addAll(blocks);
    all.addAll(List.of("0", "ENDSEC"));
    all.addAll(Arrays.asList(entities(entities)));
    return read(all.toArray(String[]::new));
  }

  @Test
  void blocks_that_hold_themselves_or_never_end_do_not_hang() throws IOException {
    List<String> itself =
        List.of(
            "0", "BLOCK", "2", "A", "0", "INSERT", "2", "A", "10", "0", "20", "0", "0", "ENDBLK");
    assertThatThrownBy(() -> blocks(itself, "0", "INSERT", "2", "A", "10", "0", "20", "0"))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("the block 'A' holds itself");

    List<String> many = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      many.addAll(List.of("0", "BLOCK", "2", "B" + i));
      many.addAll(List.of("0", "INSERT", "2", "B" + (i + 1), "10", "0", "20", "0"));
      many.addAll(List.of("70", "100", "71", "100", "0", "ENDBLK"));
    }
    many.addAll(List.of("0", "BLOCK", "2", "B10", "0", "ENDBLK"));
    assertThatThrownBy(() -> blocks(many, "0", "INSERT", "2", "B0", "10", "0", "20", "0"))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("blocks are inserted");

    List<String> endless =
        List.of("0", "BLOCK", "2", "A", "0", "LINE", "10", "0", "20", "0", "11", "9", "21", "0");
    assertThat(blocks(endless, "0", "INSERT", "2", "A", "10", "5", "20", "0").lines()).hasSize(1);
    assertThat(blocks(endless, "0", "INSERT", "2", "Z", "10", "5", "20", "0").unread())
        .containsExactly("a block that is not in the file");
  }

  @Test
  void another_library_finds_our_template_at_true_size_with_its_layers()
      throws IOException, InterruptedException {
    Template cone =
        FlatTemplate.of(
            Making.once("cone", "Cone"),
            new Cone(240, 80, 200, 10, 0, 2).develop("x"),
            Units.METRIC);
    Path file = folder.resolve("cone.dxf");
    TemplateDxf.write(file, cone);

    String said =
        python(
            """
            import sys, ezdxf
            doc = ezdxf.readfile(sys.argv[1])
            print(doc.dxfversion, doc.units)
            xs, ys = [], []
            for e in doc.modelspace().query('POLYLINE[layer=="CUT"]'):
                from ezdxf.path import make_path
                for p in make_path(e).flattening(0.001):
                    xs.append(p.x)
                    ys.append(p.y)
                assert e.is_closed
            print(max(xs) - min(xs), max(ys) - min(ys))
            print(len(doc.modelspace().query('POLYLINE[layer=="NOTCH"]')))
            print(len(doc.modelspace().query('POLYLINE[layer=="WORDS"]')))
            print(doc.layers.get('CUT').color, doc.layers.get('NOTCH').color)
            print(sum(len(e.vertices) for e in doc.modelspace().query('POLYLINE[layer=="CUT"]')))
            """,
            file);
    String[] lines = said.strip().split("\n", -1);
    Box box = Box.around(cone.strokes().getFirst().path().flattened(0.001));
    String[] size = lines[1].split(" ", -1);
    assertThat(Double.parseDouble(size[0])).isCloseTo(box.width(), within(0.02));
    assertThat(Double.parseDouble(size[1])).isCloseTo(box.height(), within(0.02));
    assertThat(Integer.parseInt(lines[2])).isPositive();
    assertThat(Integer.parseInt(lines[3]))
        .isEqualTo(cone.labels().stream().mapToInt(it -> StrokeLetters.of(it).size()).sum());
    assertThat(lines[4]).isEqualTo("1 30");
    // Two arcs and two straight sides: arcs stay arcs, in a few pieces.
    assertThat(Integer.parseInt(lines[5])).isLessThan(40);
  }

  @Test
  void what_we_write_we_read_again() throws IOException {
    Template cone =
        FlatTemplate.of(
            Making.once("cone", "Cone"),
            new Cone(240, 80, 200, 10, 0, 1).develop("x"),
            Units.METRIC);
    LineWork work =
        DxfReader.read("cone.dxf", TemplateDxf.text(cone).getBytes(StandardCharsets.US_ASCII));
    assertThat(work.unit()).isEqualTo("millimetres");
    double area = Region.inside(cone.strokes().getFirst().path(), 0.001).area();
    assertThat(Region.inside(work.rings().getFirst(), 0.001).area())
        .isCloseTo(area, within(area * 1e-4));
  }

  @Test
  void a_bulge_is_an_arc_and_an_old_polyline_is_read_too() throws IOException {
    LineWork work =
        read(
            entities(
                "0",
                "POLYLINE",
                "8",
                "A",
                "66",
                "1",
                "70",
                "1",
                "0",
                "VERTEX",
                "10",
                "0",
                "20",
                "0",
                "42",
                "1",
                "0",
                "VERTEX",
                "10",
                "20",
                "20",
                "0",
                "42",
                "1",
                "0",
                "SEQEND"));
    assertThat(Region.inside(work.rings().getFirst(), 0.001).area())
        .isCloseTo(Math.PI * 100, within(0.01));
    assertThat(work.scale().said()).isFalse();
    assertThat(work.layers()).containsExactly("A");
  }

  /** As many controls as the longest outline has points: the time grows with them, not faster. */
  @Test
  void a_spline_of_many_controls_is_read() throws IOException {
    int count = 20_000;
    List<String> pairs = new ArrayList<>(List.of("0", "SPLINE", "8", "S", "71", "3"));
    for (int i = 0; i < count + 4; i++) {
      pairs.addAll(List.of("40", Integer.toString(Math.clamp(i - 3, 0, count - 3))));
    }
    for (int i = 0; i < count; i++) {
      double angle = 2 * Math.PI * i / (count - 1);
      pairs.addAll(List.of("10", Double.toString(90 * Math.cos(angle))));
      pairs.addAll(List.of("20", Double.toString(90 * Math.sin(angle))));
    }
    LineWork work = read(entities(pairs.toArray(String[]::new)));
    assertThat(work.lines().getFirst().path().length(0.01))
        .isCloseTo(2 * Math.PI * 90, within(0.1));
  }

  @Test
  void damage_ends_in_a_message_that_names_the_line() {
    assertThatThrownBy(() -> read("words", "more words")).hasMessageContaining("no DXF");
    assertThatThrownBy(() -> read(""))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("nothing in it");
    assertThatThrownBy(() -> read("0", "SECTION", "2", "HEADER", "0", "ENDSEC"))
        .hasMessageContaining("ENTITIES");
    assertThatThrownBy(() -> read(entities("0", "LINE", "10", "x", "20", "0")))
        .hasMessageContaining("line 8: expected a number; found 'x'");
    assertThatThrownBy(() -> read(entities("0", "LINE", "10", "1", "20", "NaN", "11", "1")))
        .hasMessageContaining("expected a number");
    assertThatThrownBy(() -> read(entities("0", "CIRCLE", "10", "1", "20", "1")))
        .hasMessageContaining("a radius is missing");
    assertThatThrownBy(() -> read(entities("0", "LINE", "eight", "1")))
        .hasMessageContaining("expected a group code; found 'eight'");
    assertThatThrownBy(
            () -> read(entities("0", "LINE", "10", "1e9", "20", "0", "11", "0", "21", "0")))
        .hasMessageContaining("100 m away");
    assertThatThrownBy(
            () ->
                DxfReader.read(
                    "b.dxf", "AutoCAD Binary DXF\r\n".getBytes(StandardCharsets.US_ASCII)))
        .hasMessageContaining("binary");
  }

  @Test
  void random_damage_is_read_or_refused() throws IOException {
    Template cone =
        FlatTemplate.of(
            Making.once("cone", "Cone"),
            new Cone(240, 80, 200, 10, 0, 1).develop("x"),
            Units.METRIC);
    byte[] sound = TemplateDxf.text(cone).getBytes(StandardCharsets.US_ASCII);
    Random random = new Random(5);
    int refused = 0;
    for (int i = 0; i < 300; i++) {
      byte[] bytes = Arrays.copyOf(sound, 200 + random.nextInt(sound.length - 200));
      for (int k = 0; k < random.nextInt(6); k++) {
        bytes[random.nextInt(bytes.length)] = (byte) (32 + random.nextInt(95));
      }
      try {
        DxfReader.read("lines.dxf", bytes);
      } catch (FormatException e) {
        assertThat(e.getMessage()).contains("lines.dxf");
        refused++;
      }
    }
    assertThat(refused).isBetween(20, 299);
  }
}
