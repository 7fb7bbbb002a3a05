package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Homography;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Polyline;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;
import stoutblade.template.Paper;
import stoutblade.trace.Flattened;
import stoutblade.trace.MarkerSheet;
import stoutblade.trace.Pixels;
import stoutblade.trace.Tracer;

class SheetReaderTest {

  private static final int WIDE = 2400;
  private static final int HIGH = 3200;

  /** A leaf 300 mm long and 110 mm wide in the middle of an A3 sheet, in mm, y downwards. */
  private static final Path LEAF =
      moved(
          new HalfOutline(
                  List.of(
                      Node.corner(10, 0),
                      Node.curve(14, 25),
                      Node.corner(48, 60),
                      Node.curve(55, 120),
                      Node.curve(34, 215),
                      Node.corner(0, 300)))
              .outline());

  private static Path moved(Path path) {
    return Path.through(
        path.flattened(0.01).stream().map(p -> new Point(148.5 + p.x(), 360 - p.y())).toList(),
        true);
  }

  /** What the camera sees: a sheet on a table under uneven light, blurred, with noise. */
  static Pixels photograph(
      MarkerSheet sheet, Region ink, Homography toSheet, double blur, double noise, long seed) {
    List<Box> black = sheet.markers().stream().flatMap(it -> Markers.squares(it).stream()).toList();
    boolean[] grid = new boolean[4000 * 5000];
    double cell = 0.1;
    for (Box box : black) {
      for (int y = (int) Math.round(box.minY() / cell); y < Math.round(box.maxY() / cell); y++) {
        for (int x = (int) Math.round(box.minX() / cell); x < Math.round(box.maxX() / cell); x++) {
          grid[y * 4000 + x] = true;
        }
      }
    }
    for (int y = 0; y < 5000; y++) {
      for (var span : ink.across((y + 0.5) * cell)) {
        for (int x = (int) Math.ceil(span.from() / cell - 0.5); (x + 0.5) * cell < span.to(); x++) {
          grid[y * 4000 + x] = true;
        }
      }
    }
    double[] light = new double[WIDE * HIGH];
    for (int y = 0; y < HIGH; y++) {
      for (int x = 0; x < WIDE; x++) {
        double sum = 0;
        for (int s = 0; s < 9; s++) {
          int down = s / 3;
          Point p = toSheet.apply(new Point(x + (s % 3 + 0.5) / 3, y + (down + 0.5) / 3));
          boolean on =
              p.x() >= 0
                  && p.y() >= 0
                  && p.x() < sheet.paper().widthMm()
                  && p.y() < sheet.paper().heightMm();
          sum += !on ? 0.25 : grid[at(p.y() / cell) * 4000 + at(p.x() / cell)] ? 0.05 : 0.85;
        }
        light[y * WIDE + x] = sum / 9 * (1.05 - 0.3 * x / WIDE - 0.15 * y / HIGH);
      }
    }
    return developed(blurred(light, blur), noise, seed);
  }

  private static int at(double cells) {
    return (int) cells;
  }

  private static double[] blurred(double[] from, double sigma) {
    int reach = (int) Math.ceil(2.5 * sigma);
    double[] kernel = new double[2 * reach + 1];
    double total = 0;
    for (int k = -reach; k <= reach; k++) {
      kernel[k + reach] = Math.exp(-k * k / (2 * sigma * sigma));
      total += kernel[k + reach];
    }
    double[] across = new double[from.length];
    double[] both = new double[from.length];
    for (int i = 0; i < from.length; i++) {
      int x = i % WIDE;
      for (int k = -reach; k <= reach; k++) {
        across[i] += kernel[k + reach] / total * from[i - x + Math.clamp(x + k, 0, WIDE - 1)];
      }
    }
    for (int i = 0; i < from.length; i++) {
      int y = i / WIDE;
      for (int k = -reach; k <= reach; k++) {
        both[i] +=
            kernel[k + reach] / total * across[Math.clamp(y + k, 0, HIGH - 1) * WIDE + i % WIDE];
      }
    }
    return both;
  }

  private static Pixels developed(double[] light, double noise, long seed) {
    Random random = new Random(seed);
    int[] argb = new int[light.length];
    for (int i = 0; i < light.length; i++) {
      double c = Math.clamp(light[i], 0, 1);
      double code = c <= 0.0031308 ? 12.92 * c : 1.055 * Math.pow(c, 1 / 2.4) - 0.055;
      int v = Math.clamp(Math.round(255 * code + noise * random.nextGaussian()), 0, 255);
      argb[i] = 0xff000000 | v << 16 | v << 8 | v;
    }
    return new Pixels(WIDE, HIGH, argb);
  }

  /** A hand-held view of an A3 sheet: from the side, a little turned. */
  static Homography view(MarkerSheet sheet, double slant) {
    double w = sheet.paper().widthMm();
    double h = sheet.paper().heightMm();
    return Homography.taking(
        List.of(
            new Point(260 + slant, 160),
            new Point(2180 - slant * 0.7, 240 + slant * 0.3),
            new Point(2330, 3020),
            new Point(90, 2900)),
        List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h)));
  }

  private static double farthest(List<Point> from, List<Point> to) {
    Polyline line = Polyline.of(Path.through(to, true), 0.01);
    return from.stream().mapToDouble(p -> line.distance(p.x(), p.y())).max().orElseThrow();
  }

  /**
   * A paper pattern, photographed aslant, blurred and noisy, comes back within 0.5 mm of its true
   * outline at 300 mm size, with fewer than 60 nodes.
   */
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3})
  void a_photographed_pattern_comes_back_within_half_a_millimetre(int seed) throws Exception {
    MarkerSheet sheet = MarkerSheet.of(Paper.A3);
    Pixels photograph =
        photograph(
            sheet,
            Region.inside(LEAF, 0.01),
            view(sheet, 90 * seed),
            0.6 + 0.3 * seed,
            2 + seed,
            seed);

    SheetReader read = SheetReader.read("pattern.png", photograph);
    Flattened field = read.field(photograph, share -> {});
    Tracer.Result traced =
        Tracer.trace(field.pixels(), field::place, field.step(), Tracer.Options.USUAL, share -> {});

    assertThat(read.found()).isEqualTo(sheet.markers().size());
    assertThat(read.missMm()).isLessThan(0.25);
    WholeOutline outline = traced.outlines().getFirst();
    assertThat(outline.nodes()).hasSizeLessThan(60);
    List<Point> found = outline.path().flattened(0.02);
    assertThat(farthest(found, LEAF.flattened(0.02))).isLessThan(0.5);
    assertThat(farthest(LEAF.flattened(0.5), found)).isLessThan(0.5);
    assertThat(Region.inside(outline.path(), 0.01).area() / Region.inside(LEAF, 0.01).area())
        .isCloseTo(1, within(0.004));
  }

  @Test
  void a_sheet_turned_upside_down_and_half_covered_is_still_read() throws Exception {
    MarkerSheet sheet = MarkerSheet.of(Paper.A4);
    double w = sheet.paper().widthMm();
    double h = sheet.paper().heightMm();
    Homography upsideDown =
        Homography.taking(
            List.of(
                new Point(2250, 3100),
                new Point(150, 3060),
                new Point(240, 130),
                new Point(2200, 90)),
            List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h)));
    MarkerSheet covered =
        new MarkerSheet(sheet.paper(), sheet.markers().subList(4, 14), sheet.field());
    Pixels photograph = photograph(covered, Region.evenOdd(List.of()), upsideDown, 0.8, 2, 4);

    SheetReader read = SheetReader.read("sheet.png", photograph);

    assertThat(read.sheet().paper()).isEqualTo(Paper.A4);
    assertThat(read.found()).isEqualTo(10);
    Point middle = new Point(1200, 1600);
    assertThat(read.toSheet().apply(middle).distance(upsideDown.apply(middle))).isLessThan(0.15);
  }

  @Test
  void a_photograph_without_markers_says_what_is_missing() {
    Pixels blank = new Pixels(400, 300, new int[400 * 300]);

    assertThatThrownBy(() -> SheetReader.read("blank.png", blank))
        .hasMessageContaining("blank.png: no marker is seen");
  }

  @ParameterizedTest
  @EnumSource(Paper.class)
  void every_sheet_has_markers_of_its_own_and_room_between_them(Paper paper) {
    MarkerSheet sheet = MarkerSheet.of(paper);
    List<Box> placed = new ArrayList<>();
    for (MarkerSheet.Marker marker : sheet.markers()) {
      Box box = Box.around(marker.corners());
      assertThat(placed.stream().anyMatch(it -> it.grown(4).meets(box))).isFalse();
      assertThat(box.grown(4).meets(sheet.field())).isFalse();
      assertThat(box.minX() >= 10 && box.maxX() <= paper.widthMm() - 10).isTrue();
      placed.add(box);
    }
    assertThat(MarkerSheet.with(sheet.markers().stream().map(it -> it.number()).toList()).paper())
        .isEqualTo(paper);
    assertThatThrownBy(() -> MarkerSheet.with(List.of(990))).hasMessageContaining("our sheets");
  }

  @Test
  void codes_keep_apart_in_every_turn() {
    long[] codes = Markers.codes();
    for (int i = 0; i < codes.length; i++) {
      for (int j = 0; j < i; j++) {
        long turned = codes[j];
        for (int turn = 0; turn < 4; turn++) {
          assertThat(Long.bitCount(codes[i] ^ turned)).isGreaterThanOrEqualTo(5);
          turned = Markers.turned(turned);
        }
      }
    }
    assertThat(Markers.turned(Markers.turned(Markers.turned(Markers.turned(codes[0])))))
        .isEqualTo(codes[0]);
  }
}
