package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import stoutblade.machine.Cutter;
import stoutblade.machine.MachineSheet;
import stoutblade.machine.ToolPath;
import stoutblade.machine.ToolPathMaker;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;
import stoutblade.template.Label;

/**
 * What machines read, read back by readers of another language: ezdxf for DXF, and for the plain
 * ones a few lines that know nothing of ours.
 */
class MachineFilesTest {

  /** Prints 'form purpose length' for each purpose in each of the four files. */
  private static final String READER =
      """
      import sys, re, math, ezdxf
      import xml.etree.ElementTree as tree
      stem = sys.argv[1]
      def say(form, sums):
          for name, (length, ends) in sorted(sums.items()):
              print(form, name, '%.5f' % length, '%.4f %.4f %.4f %.4f' % ends)
      def add(sums, name, points):
          own = sum(math.dist(a, b) for a, b in zip(points, points[1:]))
          length, ends = sums.get(name, (0, (1e9, 1e9, -1e9, -1e9)))
          xs = [p[0] for p in points]; ys = [p[1] for p in points]
          sums[name] = (length + own, (min(ends[0], *xs), min(ends[1], *ys),
                                       max(ends[2], *xs), max(ends[3], *ys)))
      # HP-GL
      sums = {}; pen = None; at = (0, 0); line = []
      for word in open(stem + '.hpgl').read().replace('\\n', '').split(';'):
          code, rest = word[:2], word[2:]
          if code == 'SP': pen = rest
          if code in ('PU', 'PD') and rest:
              n = [int(v) / 40 for v in rest.split(',')]
              to = list(zip(n[::2], n[1::2]))
              if code == 'PU': at = to[-1]
              else:
                  add(sums, pen, [at] + to); at = to[-1]
      say('hpgl', sums)
      # G-code
      sums = {}; name = None; at = (0.0, 0.0); z = 5.0; deepest = 0.0
      for raw in open(stem + '.nc'):
          note = re.match(r'\\((\\w+)\\)', raw)
          if note: name = note.group(1); continue
          words = dict((w[0], float(w[1:])) for w in raw.split())
          if 'Z' in words: z = words['Z']; deepest = min(deepest, z)
          if 'X' in words:
              to = (words['X'], words['Y'])
              if words['G'] == 1:
                  assert z < 0, raw
                  add(sums, name, [at, to])
              else: assert z > 0, raw
              at = to
      print('deepest', deepest)
      say('nc', sums)
      # DXF
      doc = ezdxf.readfile(stem + '.dxf')
      audit = doc.audit()
      print('faults', len(audit.errors))
      sums = {}
      for it in doc.modelspace():
          points = [tuple(v.dxf.location)[:2] for v in it.vertices]
          if it.is_closed: points.append(points[0])
          add(sums, it.dxf.layer, points)
      say('dxf', sums)
      # SVG
      sums = {}
      for group in tree.parse(stem + '.svg').getroot():
          for path in group.findall('{http://www.w3.org/2000/svg}path'):
              words = re.findall(r'[MLZ]|-?[\\d.]+', path.get('d'))
              if not group.get('data-layer'): continue
              n = [float(w) for w in words if w not in 'MLZ']
              points = list(zip(n[::2], n[1::2]))
              if words[-1] == 'Z': points.append(points[0])
              add(sums, group.get('data-layer'), points)
      say('svg', sums)
      """;

  @TempDir private Path folder;

  private Map<String, double[]> read(String stem) throws IOException, InterruptedException {
    Path code = Files.writeString(folder.resolve("reader.py"), READER);
    Process process =
        new ProcessBuilder("/usr/bin/python3", code.toString(), folder.resolve(stem).toString())
            .redirectErrorStream(true)
            .start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(process.exitValue()).as(said).isZero();
    Map<String, double[]> all = new HashMap<>();
    for (String line : said.lines().toList()) {
      List<String> words = List.of(line.split(" ", -1));
      int names = words.size() == 2 ? 1 : 2;
      all.put(
          String.join(" ", words.subList(0, names)),
          words.subList(names, words.size()).stream().mapToDouble(Double::parseDouble).toArray());
    }
    return all;
  }

  private static MachineSheet sheet() {
    MachineSheet.Piece frame =
        new MachineSheet.Piece(
            List.of(
                stoutblade.shape.Path.through(new Box(20, 20, 320.5, 220.25).corners(), true),
                WholeOutline.circle(new Point(120, 120), 63.7).path()),
            List.of(stoutblade.shape.Path.line(new Point(230, 60), new Point(300, 133.33))),
            List.of(stoutblade.shape.Path.line(new Point(230, 180), new Point(300, 180))));
    MachineSheet.Piece disc =
        new MachineSheet.Piece(
            List.of(WholeOutline.circle(new Point(420, 120), 47.11).path()), List.of(), List.of());
    return new MachineSheet(Region.of(new Box(0, 0, 500, 300)), List.of(frame, disc));
  }

  private MachineFiles.Job job(Cutter cutter) {
    MachineSheet sheet = sheet();
    return new MachineFiles.Job(
        "Sheet 1",
        sheet,
        ToolPathMaker.of(sheet, cutter),
        cutter,
        10,
        List.of(new Label("1", new Point(260, 120), 6, false)));
  }

  /** True lengths by hand: with a kerf, a circle cut out shrinks and an outer one grows by half. */
  @Test
  void all_files_say_the_same_as_other_readers_read_them()
      throws IOException, InterruptedException {
    double kerf = 0.4;
    Cutter mill =
        new Cutter(
            Cutter.Kind.MILL,
            new Cutter.Bed(600, 400, 0),
            kerf,
            0,
            new Cutter.Pace(1000, 800, 3000, 1),
            Cutter.Bridges.NONE);
    List<Path> files = MachineFiles.write(folder, job(mill));
    assertThat(files)
        .extracting(it -> it.getFileName().toString())
        .containsExactly("sheet-1.svg", "sheet-1.dxf", "sheet-1.hpgl", "sheet-1.nc");
    Map<String, double[]> read = read("sheet-1");

    double inside = 2 * Math.PI * (63.7 - kerf / 2);
    double outside = 2 * (300.5 + 200.25) + Math.PI * kerf + 2 * Math.PI * (47.11 + kerf / 2);
    double engraved = Math.hypot(70, 73.33);
    agrees(read, List.of("hpgl 3", "nc INSIDE", "dxf INSIDE", "svg INSIDE"), inside);
    agrees(read, List.of("hpgl 4", "nc OUTSIDE", "dxf CUT", "svg CUT"), outside);
    agrees(read, List.of("hpgl 1", "nc ENGRAVE", "dxf ENGRAVE", "svg ENGRAVE"), engraved);
    agrees(read, List.of("hpgl 2", "nc DRAW", "dxf BEND", "svg BEND"), 70);
    assertThat(read.get("faults")).containsExactly(0);
    assertThat(read.get("deepest")[0]).isCloseTo(-10.3, within(1e-9));
    for (String it : List.of("hpgl 4", "nc OUTSIDE", "dxf CUT")) {
      assertThat(read.get(it)[1]).as(it).isCloseTo(20 - kerf / 2, within(0.02));
      assertThat(read.get(it)[3]).as(it).isCloseTo(420 + 47.11 + kerf / 2, within(0.02));
    }
  }

  private static void agrees(Map<String, double[]> read, List<String> names, double length) {
    for (String it : names) {
      double within = it.startsWith("nc") ? 0.01 : 0.05;
      assertThat(read).as(it).containsKey(it);
      assertThat(read.get(it)[0]).as(it).isCloseTo(length, within(within));
    }
  }

  /** Cut in three passes, each deeper; what is engraved once. */
  @Test
  void passes_go_deeper_and_a_beam_is_off_between_lines() {
    Cutter mill = Cutter.usual(Cutter.Kind.MILL).with(Cutter.Bridges.NONE);
    ToolPath path = ToolPathMaker.of(sheet(), mill);
    String code = GcodeFile.text(path, mill, 9);
    assertThat(code.lines().filter(it -> it.startsWith("G1 Z")).map(it -> it.split(" ", -1)[1]))
        .startsWith("Z-0.5", "Z-0.5", "Z-3.1", "Z-6.2", "Z-9.3", "Z-3.1");

    Cutter laser = Cutter.usual(Cutter.Kind.LASER);
    String beam = GcodeFile.text(ToolPathMaker.of(sheet(), laser), laser, 9);
    assertThat(beam).doesNotContain("Z").contains("M3 S1000").endsWith("G0 X0 Y0\nM2\n");
    boolean on = false;
    for (String line : beam.lines().toList()) {
      on = line.startsWith("M3") || (on && !line.startsWith("M5"));
      assertThat(line.startsWith("G0") && on).as("moves with the beam on: " + line).isFalse();
      assertThat(line.startsWith("G1") && !on).as("cuts with the beam off: " + line).isFalse();
    }
  }
}
