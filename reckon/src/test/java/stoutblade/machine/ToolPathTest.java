package stoutblade.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import stoutblade.catalogue.SheetFamily;
import stoutblade.nest.AroundPins;
import stoutblade.nest.NestJob;
import stoutblade.nest.NestShape;
import stoutblade.nest.NestSheet;
import stoutblade.nest.Nesting;
import stoutblade.nest.SheetPlan;
import stoutblade.nest.Turning;
import stoutblade.project.Samples;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/** The way of a tool over a sheet, checked by another library's geometry (JTS). */
class ToolPathTest {

  private static final GeometryFactory SHAPES = new GeometryFactory();
  private static final Region SHEET = Region.of(new Box(0, 0, 500, 400));
  private static final Cutter PLAIN =
      new Cutter(
          Cutter.Kind.KNIFE,
          new Cutter.Bed(600, 500, 0),
          0,
          0,
          new Cutter.Pace(1000, 500, 4000, 1),
          Cutter.Bridges.NONE);

  private static Path box(double x, double y, double wide, double high) {
    return Path.through(new Box(x, y, x + wide, y + high).corners(), true);
  }

  private static Path circle(double x, double y, double radius) {
    return WholeOutline.circle(new Point(x, y), radius).path();
  }

  private static MachineSheet.Piece piece(Path... edges) {
    return new MachineSheet.Piece(List.of(edges), List.of(), List.of());
  }

  private static Geometry polygon(List<Point> ring) {
    return SHAPES.createPolygon(
        ring.stream().map(it -> new Coordinate(it.x(), it.y())).toArray(Coordinate[]::new));
  }

  private static Geometry line(List<Point> points) {
    return SHAPES.createLineString(
        points.stream().map(it -> new Coordinate(it.x(), it.y())).toArray(Coordinate[]::new));
  }

  // == ORDER

  /** A frame with a window and a disc lying in it: furthest inside first, outside last. */
  @Test
  void what_is_inside_is_cut_first_and_what_is_engraved_before_that() {
    MachineSheet.Piece frame =
        new MachineSheet.Piece(
            List.of(box(50, 50, 300, 300), box(120, 120, 160, 160)),
            List.of(Path.line(new Point(60, 60), new Point(90, 60))),
            List.of(Path.line(new Point(340, 340), new Point(300, 340))));
    MachineSheet.Piece disc = piece(circle(200, 200, 60), circle(200, 200, 20));
    ToolPath path = ToolPathMaker.of(new MachineSheet(SHEET, List.of(frame, disc)), PLAIN);
    assertThat(path.stretches())
        .extracting(ToolPath.Stretch::purpose)
        .containsExactly(
            ToolPath.Purpose.ENGRAVE,
            ToolPath.Purpose.DRAW,
            ToolPath.Purpose.INSIDE,
            ToolPath.Purpose.OUTSIDE,
            ToolPath.Purpose.INSIDE,
            ToolPath.Purpose.OUTSIDE);
    assertThat(path.stretches().stream().skip(2).map(ToolPath.Stretch::lengthMm).toList())
        .satisfiesExactly(
            it -> assertThat(it).isCloseTo(2 * Math.PI * 20, within(0.05)),
            it -> assertThat(it).isCloseTo(2 * Math.PI * 60, within(0.05)),
            it -> assertThat(it).isCloseTo(640, within(1e-6)),
            it -> assertThat(it).isCloseTo(1200, within(1e-6)));
  }

  /** Of pieces beside one another the nearest is next: no way back across the sheet. */
  @Test
  void the_nearest_is_next() {
    List<MachineSheet.Piece> row = new ArrayList<>();
    for (int i : new int[] {3, 0, 4, 1, 2}) {
      row.add(piece(box(10 + 90 * i, 10, 70, 70)));
    }
    ToolPath path = ToolPathMaker.of(new MachineSheet(SHEET, row), PLAIN);
    assertThat(path.stretches())
        .extracting(it -> it.points().stream().mapToDouble(Point::x).min().orElseThrow())
        .containsExactly(10.0, 100.0, 190.0, 280.0, 370.0);
    assertThat(path.travelMm(PLAIN.pace())).isLessThan(4 * 90 + 20);
  }

  // == THE WIDTH OF THE CUT

  /** What is left after a cut of its width is the piece as it is drawn, window and all. */
  @ParameterizedTest
  @ValueSource(doubles = {0.2, 1, 3})
  void the_width_of_the_cut_is_taken_outside_of_the_piece(double kerf) {
    Path outer = circle(200, 200, 100);
    Path window = box(160, 170, 70, 50);
    ToolPath path =
        ToolPathMaker.of(
            new MachineSheet(SHEET, List.of(piece(outer, window))), PLAIN.withKerf(kerf));
    assertThat(path.stretches()).hasSize(2).allMatch(ToolPath.Stretch::closed);
    Geometry wanted = polygon(outer.flattened(0.001)).difference(polygon(window.flattened(0.001)));
    Geometry swept =
        line(path.stretches().get(0).points())
            .buffer(kerf / 2, 32)
            .union(line(path.stretches().get(1).points()).buffer(kerf / 2, 32));
    Geometry left =
        polygon(path.stretches().get(1).points())
            .difference(polygon(path.stretches().get(0).points()))
            .difference(swept);
    // A round tool leaves r²(1 − π/4) in each of the window's four corners.
    double corners = kerf * kerf * (1 - Math.PI / 4);
    assertThat(left.symDifference(wanted).getArea() - corners)
        .isBetween(-0.5, 0.006 * wanted.getLength());
    double radius = path.stretches().get(1).start().distance(new Point(200, 200));
    assertThat(radius).isCloseTo(100 + kerf / 2, within(0.006));
  }

  // == BRIDGES

  @Test
  void bridges_stay_uncut_and_the_rest_is_cut_once() {
    ToolPath path =
        ToolPathMaker.of(
            new MachineSheet(SHEET, List.of(piece(box(20, 20, 200, 100), box(60, 50, 40, 40)))),
            PLAIN.with(new Cutter.Bridges(4, 5)));
    List<ToolPath.Stretch> outside =
        path.stretches().stream().filter(it -> it.purpose() == ToolPath.Purpose.OUTSIDE).toList();
    assertThat(outside).hasSize(4).noneMatch(ToolPath.Stretch::closed);
    assertThat(outside.stream().mapToDouble(ToolPath.Stretch::lengthMm).sum())
        .isCloseTo(600 - 4 * 5, within(1e-6));
    Geometry ring = line(box(20, 20, 200, 100).flattened(0.01));
    for (int i = 0; i < 4; i++) {
      assertThat(ring.covers(line(outside.get(i).points()).buffer(1e-9))).isFalse();
      double gap = outside.get(i).end().distance(outside.get((i + 1) % 4).start());
      assertThat(gap).isLessThanOrEqualTo(5 + 1e-6).isGreaterThan(3.5);
    }
    assertThat(path.stretches().getFirst().closed()).as("a window has none").isTrue();
  }

  /** A disc of 8 mm has no room for four bridges of 5 mm: it keeps one. */
  @Test
  void small_pieces_have_fewer_bridges() {
    ToolPath path =
        ToolPathMaker.of(
            new MachineSheet(SHEET, List.of(piece(circle(50, 50, 4)))),
            PLAIN.with(new Cutter.Bridges(4, 5)));
    assertThat(path.stretches()).hasSize(1);
    assertThat(path.lengthMm()).isCloseTo(2 * Math.PI * 4 - 5, within(0.02));
  }

  // == PAST CORNERS

  @Test
  void a_blade_runs_on_past_each_corner() {
    ToolPath path =
        ToolPathMaker.of(
            new MachineSheet(SHEET, List.of(piece(box(20, 20, 200, 100)))), PLAIN.withOvercut(0.5));
    assertThat(path.stretches()).hasSize(4);
    assertThat(path.lengthMm()).isCloseTo(600 + 8 * 0.5, within(1e-6));
    assertThat(path.stretches())
        .allMatch(it -> it.start().x() == it.end().x() || it.start().y() == it.end().y());
    ToolPath round =
        ToolPathMaker.of(
            new MachineSheet(SHEET, List.of(piece(circle(100, 100, 50)))), PLAIN.withOvercut(0.5));
    assertThat(round.lengthMm()).isCloseTo(2 * Math.PI * 50 + 0.5, within(0.05));
  }

  // == SIMULATED

  private static SimulatedCutter.Run run(MachineSheet sheet, Cutter cutter, SheetFamily family) {
    return SimulatedCutter.run(ToolPathMaker.of(sheet, cutter), cutter, sheet, family, 2);
  }

  @Test
  void time_is_that_of_cuts_and_of_ways_between() {
    MachineSheet sheet = new MachineSheet(SHEET, List.of(piece(box(30, 40, 100, 100))));
    SimulatedCutter.Run run =
        run(sheet, PLAIN.with(new Cutter.Pace(1000, 500, 4000, 3)), Samples.EVA);
    assertThat(run.crashes()).isEmpty();
    assertThat(run.line().value()).isCloseTo(400, within(1e-6));
    assertThat(run.travel().value()).isCloseTo(50, within(1e-6));
    assertThat(run.time().value()).isCloseTo(3 * 400.0 / 1000 + 50.0 / 4000, within(1e-9));
  }

  /** A line of 100 mm engraved once at 500 mm a minute, then the same square three times. */
  @Test
  void engraving_has_its_own_speed_and_one_pass() {
    MachineSheet.Piece square =
        new MachineSheet.Piece(
            piece(box(30, 40, 100, 100)).edges(),
            List.of(Path.line(new Point(30, 90), new Point(130, 90))),
            List.of());
    SimulatedCutter.Run run =
        run(
            new MachineSheet(SHEET, List.of(square)),
            PLAIN.with(new Cutter.Pace(1000, 500, 4000, 3)),
            Samples.EVA);
    double way = run.travel().value();
    assertThat(run.time().value())
        .isCloseTo(100.0 / 500 + 3 * 400.0 / 1000 + way / 4000, within(1e-9));
    assertThat(run.line().value()).isCloseTo(500, within(1e-6));
  }

  @Test
  void what_would_go_wrong_is_said() {
    MachineSheet sheet =
        new MachineSheet(SHEET, List.of(piece(box(5, 5, 400, 300)), piece(box(410, 5, 80, 80))));
    assertThat(run(sheet, PLAIN, Samples.EVA).crashes()).isEmpty();
    assertThat(run(sheet, PLAIN.with(new Cutter.Bed(480, 500, 0)), Samples.EVA).crashes())
        .singleElement()
        .satisfies(
            it -> {
              assertThat(it.fault()).isEqualTo(SimulatedCutter.Fault.OFF_THE_BED);
              assertThat(it.words()).contains("by 10.0 mm");
              assertThat(it.at().orElseThrow().x()).isGreaterThan(480);
            });
    assertThat(run(sheet, PLAIN.with(new Cutter.Bed(600, 500, 20)), Samples.EVA).crashes())
        .extracting(SimulatedCutter.Crash::fault)
        .containsExactly(SimulatedCutter.Fault.THROUGH_THE_CLAMP);
    assertThat(run(sheet, PLAIN.withKerf(3), Samples.EVA).crashes())
        .extracting(SimulatedCutter.Crash::fault)
        .contains(SimulatedCutter.Fault.INTO_A_NEIGHBOUR);
    MachineSheet atCorner = new MachineSheet(SHEET, List.of(piece(box(0, 0, 400, 300))));
    assertThat(run(atCorner, PLAIN.withKerf(0.4).withOvercut(0.5), Samples.EVA).crashes())
        .as("past the corner of the sheet")
        .isEmpty();
    MachineSheet off = new MachineSheet(SHEET, List.of(piece(box(450, 5, 80, 80))));
    assertThat(run(off, PLAIN, Samples.EVA).crashes())
        .extracting(SimulatedCutter.Crash::fault)
        .containsExactly(SimulatedCutter.Fault.OFF_THE_SHEET);
  }

  /** What the search laid along the edges of a sheet, and of what is held down, can be cut. */
  @ParameterizedTest
  @ValueSource(doubles = {0, 30})
  void what_was_laid_on_a_sheet_can_be_cut_from_it(double clamp) {
    List<NestShape> shapes =
        List.of(
            NestShape.of(
                "disc", List.of(circle(0, 0, 60), circle(0, 0, 20)), 4, Turning.ANY, false),
            NestShape.of("bar", List.of(box(0, 0, 140, 50)), 5, Turning.ANY, false));
    NestSheet bought = NestSheet.bought("sheet", 500, 400, 1);
    // A mill reaches half its width beside a piece.
    double rim = clamp > 0 ? clamp + 1.5 : 0;
    NestJob job = new NestJob(shapes, List.of(bought), 3.5, rim);
    Nesting nesting = AroundPins.lay(job, SheetPlan.NONE, 1, it -> {}, () -> true);
    assertThat(nesting.complete()).isTrue();
    for (Nesting.Used used : nesting.sheets()) {
      List<MachineSheet.Piece> pieces =
          used.pieces().stream()
              .map(
                  it ->
                      new MachineSheet.Piece(
                          it.shape().lines().stream()
                              .map(own -> own.moved(it.lay()::place))
                              .toList(),
                          List.of(),
                          List.of()))
              .toList();
      MachineSheet sheet = new MachineSheet(SHEET, pieces);
      for (Cutter.Kind kind : Cutter.Kind.values()) {
        Cutter cutter = Cutter.usual(kind).with(new Cutter.Bed(600, 500, clamp));
        assertThat(
                SimulatedCutter.run(
                        ToolPathMaker.of(sheet, cutter), cutter, sheet, Samples.EVA, 3.5)
                    .crashes())
            .as("%s, %s", kind, used.sheet().id())
            .isEmpty();
      }
    }
  }

  /** Chlorine in the sheet becomes hydrogen chloride in a laser (common practice). */
  @Test
  void what_must_not_go_into_a_laser_is_refused_with_the_reason() {
    SheetFamily vinyl =
        new SheetFamily(
            "v",
            "Vinyl",
            false,
            true,
            true,
            false,
            false,
            true,
            "vinyl holds chlorine",
            List.of("g"),
            List.of(),
            "",
            "test");
    MachineSheet sheet = new MachineSheet(SHEET, List.of(piece(box(5, 5, 40, 30))));
    Cutter laser = Cutter.usual(Cutter.Kind.LASER);
    assertThat(run(sheet, laser, vinyl).crashes())
        .singleElement()
        .satisfies(it -> assertThat(it.words()).contains("Not in a laser: vinyl holds chlorine"));
    assertThat(run(sheet, laser, Samples.EVA).crashes()).isEmpty();
    assertThat(run(sheet, Cutter.usual(Cutter.Kind.KNIFE), vinyl).crashes()).isEmpty();
  }

  @Test
  void a_way_is_gone_as_far_as_one_has_come() {
    Random random = new Random(4);
    MachineSheet sheet =
        new MachineSheet(
            SHEET, List.of(piece(circle(100, 100, 60)), piece(box(200, 100, 90, 120))));
    ToolPath path = ToolPathMaker.of(sheet, PLAIN);
    for (int i = 0; i < 30; i++) {
      double mm = random.nextDouble() * path.lengthMm();
      assertThat(path.upTo(mm).lengthMm()).isCloseTo(mm, within(1e-6));
    }
    assertThat(path.upTo(path.lengthMm() + 1)).isEqualTo(path);
    assertThat(path.upTo(0).stretches()).isEmpty();
  }

  @Test
  void a_machine_that_cannot_be_is_refused() {
    assertThatThrownBy(() -> new Cutter.Pace(0, 1, 1, 1))
        .hasMessageContaining("The speed of cutting: 1 to");
    assertThatThrownBy(() -> new Cutter.Bed(5, 5, 0))
        .hasMessageContaining("The bed: 10 to 20,000 mm");
    assertThatThrownBy(() -> new Cutter.Pace(1, 1, 1, 99)).hasMessageContaining("Passes: 1 to 50");
    assertThatThrownBy(() -> PLAIN.withKerf(Double.NaN)).hasMessageContaining("width of the cut");
  }
}
