package stoutblade.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Geometry;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/** Answers that are kept, pinned, changed by hand and cut; checked by another library (JTS). */
class SheetPlanTest {

  private static final NestSheet SHEET = NestSheet.bought("sheet", 420, 300, 10);

  private static NestJob job(long seed, double gap, int shapes) {
    Random random = new Random(seed);
    List<NestShape> all = new ArrayList<>();
    for (int i = 0; i < shapes; i++) {
      Region shape = Checked.blob(random, 25 + 45 * random.nextDouble());
      all.add(NestShape.of("p" + i, shape, 1 + i % 2, Turning.ANY, i % 3 == 0));
    }
    return new NestJob(all, List.of(SHEET), gap, gap);
  }

  private static Nesting laid(NestJob job, SheetPlan pins, int asked) {
    return AroundPins.lay(job, pins, 1, it -> {}, Checked.after(asked));
  }

  /** Pins every third piece of what was found. */
  private static SheetPlan pinned(SheetPlan plan) {
    List<SheetPlan.Sheet> sheets = new ArrayList<>();
    int number = 0;
    for (SheetPlan.Sheet sheet : plan.sheets()) {
      List<SheetPlan.Piece> pieces = new ArrayList<>();
      for (SheetPlan.Piece it : sheet.pieces()) {
        pieces.add(new SheetPlan.Piece(it.shape(), it.mark(), it.lay(), number++ % 3 == 0));
      }
      sheets.add(new SheetPlan.Sheet(sheet.id(), sheet.rings(), sheet.cut(), pieces));
    }
    return new SheetPlan(sheets);
  }

  // == KEPT

  @Test
  void what_is_kept_comes_back_as_it_was() {
    NestJob job = job(1, 2, 8);
    Nesting found = laid(job, SheetPlan.NONE, 300);
    SheetPlan plan = SheetPlan.of(found, SheetPlan.NONE);
    SheetPlan.Fitted again = plan.on(job(1, 2, 8));
    assertThat(again.whole()).isTrue();
    assertThat(SheetPlan.changes(again)).isEmpty();
    assertThat(again.nesting().price()).isEqualTo(found.price());
    assertThat(again.nesting().lastUsedMm()).isCloseTo(found.lastUsedMm(), within(1e-9));
    Checked.holds(job, again.nesting());
  }

  /** One more, one less, one along other lines: each is said, and the others stay. */
  @Test
  void what_has_changed_since_is_said() {
    NestJob job = job(2, 2, 6);
    SheetPlan plan = SheetPlan.of(laid(job, SheetPlan.NONE, 300), SheetPlan.NONE);
    List<NestShape> other = new ArrayList<>(job.shapes());
    other.remove(0);
    NestShape second = other.getFirst();
    other.set(
        0,
        NestShape.of(
            second.id(),
            second.outline().moved(it -> it.times(1.01)),
            second.count(),
            Turning.ANY,
            false));
    other.add(NestShape.of("new", Region.of(new Box(0, 0, 20, 20)), 3, Turning.ANY, false));
    SheetPlan.Fitted now = plan.on(new NestJob(other, List.of(SHEET), 2, 2));
    assertThat(now.whole()).isFalse();
    assertThat(now.gone()).containsExactly("p0");
    assertThat(now.changed()).containsOnly("p1").hasSize(second.count());
    assertThat(now.fresh()).contains("new", "new", "new").hasSize(3 + second.count());
    assertThat(SheetPlan.changes(now))
        .isEqualTo("3 new, 2 cut along other lines, 1 no longer wanted");
  }

  @Test
  void a_leftover_that_is_not_there_any_more_gives_its_pieces_back() {
    NestShape disc = NestShape.of("disc", Region.of(new Box(0, 0, 50, 50)), 2, Turning.ANY, false);
    NestSheet offcut = new NestSheet("left over 1", Region.of(new Box(0, 0, 120, 60)), 1, 0);
    NestJob with = new NestJob(List.of(disc), List.of(offcut, SHEET), 2, 0);
    SheetPlan plan = SheetPlan.of(laid(with, SheetPlan.NONE, 300), SheetPlan.NONE);
    assertThat(plan.sheets()).extracting(SheetPlan.Sheet::id).containsExactly("left over 1");
    SheetPlan.Fitted without = plan.on(new NestJob(List.of(disc), List.of(SHEET), 2, 0));
    assertThat(without.fresh()).hasSize(2);
    NestSheet smaller = new NestSheet("left over 1", Region.of(new Box(0, 0, 90, 60)), 1, 0);
    assertThat(plan.on(new NestJob(List.of(disc), List.of(smaller, SHEET), 2, 0)).fresh())
        .hasSize(2);
  }

  @Test
  void a_plan_that_lies_nowhere_is_refused() {
    SheetPlan.Piece lost =
        new SheetPlan.Piece("p", "00000000", new Lay(Double.NaN, 0, 0, false), false);
    assertThatThrownBy(
            () -> new SheetPlan(List.of(new SheetPlan.Sheet("s", List.of(), false, List.of(lost)))))
        .hasMessageContaining("lies nowhere");
  }

  // == PINNED

  @ParameterizedTest
  @ValueSource(doubles = {0, 1.5, 8})
  void pinned_pieces_stay_and_the_rest_is_laid_round_them(double gap) {
    NestJob job = job((long) (10 + gap), gap, 9);
    SheetPlan first = pinned(SheetPlan.of(laid(job, SheetPlan.NONE, 150), SheetPlan.NONE));
    List<Nesting> answers = new ArrayList<>();
    Nesting again = AroundPins.lay(job, first.staying(), 77, answers::add, Checked.after(250));
    assertThat(answers).isNotEmpty().last().isEqualTo(again);
    for (Nesting it : answers) {
      Checked.holds(job, it);
      for (SheetPlan.Sheet sheet : first.staying().sheets()) {
        for (SheetPlan.Piece pin : sheet.pieces()) {
          assertThat(it.sheets())
              .flatExtracting(Nesting.Used::pieces)
              .anyMatch(own -> own.shape().id().equals(pin.shape()) && own.lay().equals(pin.lay()));
        }
      }
    }
    SheetPlan kept = SheetPlan.of(again, first);
    assertThat(kept.staying()).isEqualTo(kept.staying().staying());
    assertThat(pins(kept)).isEqualTo(pins(first));
  }

  private static long pins(SheetPlan plan) {
    return plan.sheets().stream()
        .flatMap(it -> it.pieces().stream())
        .filter(SheetPlan.Piece::pinned)
        .count();
  }

  @Test
  void where_all_stays_nothing_is_laid() {
    NestJob job = job(3, 2, 4);
    Nesting found = laid(job, SheetPlan.NONE, 200);
    SheetPlan plan = SheetPlan.of(found, SheetPlan.NONE);
    List<SheetPlan.Sheet> cut =
        plan.sheets().stream()
            .map(it -> new SheetPlan.Sheet(it.id(), it.rings(), true, it.pieces()))
            .toList();
    Nesting same = laid(job, new SheetPlan(cut).staying(), 200);
    assertThat(same.complete()).isTrue();
    assertThat(same.price()).as("what is cut was bought").isZero();
    Checked.holds(job, same);
  }

  // == BY HAND

  /** Moved about at random, a piece never lies over another one, and keeps the gap. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void a_piece_slides_and_never_lies_over_anything(long seed) {
    NestJob job = job(20 + seed, 3, 5);
    Nesting found = laid(job, SheetPlan.NONE, 100);
    Nesting.Used used = found.sheets().getFirst();
    List<Nesting.Placed> others = new ArrayList<>(used.pieces());
    Nesting.Placed moved = others.removeFirst();
    Slide slide = new Slide(job, used.sheet(), others, moved);
    assertThat(slide.stuck()).isFalse();
    Random random = new Random(seed);
    double furthest = 0;
    for (int i = 0; i < 60; i++) {
      Point from = slide.at();
      Point to = new Point(random.nextDouble() * 420, random.nextDouble() * 300);
      if (i % 7 == 3) {
        slide.turn(random.nextDouble() * 6);
      } else {
        slide.to(to);
        assertThat(slide.at().distance(to))
            .as("nearer than before")
            .isLessThanOrEqualTo(from.distance(to) + 0.01);
      }
      furthest = Math.max(furthest, slide.at().distance(from));
      Geometry own = Checked.placed(slide.placed());
      for (Nesting.Placed it : others) {
        assertThat(own.distance(Checked.placed(it))).isGreaterThan(3 - 0.01);
      }
      Geometry sheet = Checked.geometry(used.sheet().outline()).buffer(-3 + 0.01);
      assertThat(own.difference(sheet).getArea()).isLessThan(1e-3);
    }
    assertThat(furthest).isGreaterThan(20);
  }

  /** A square that is pushed slantwise against a wall of another one goes along it. */
  @Test
  void it_slides_along_what_it_meets() {
    NestShape wall = NestShape.of("wall", Region.of(new Box(0, 0, 20, 200)), 1, Turning.ANY, false);
    NestShape square =
        NestShape.of("square", Region.of(new Box(0, 0, 30, 30)), 1, Turning.QUARTER, false);
    NestSheet sheet = NestSheet.bought("sheet", 400, 300, 1);
    NestJob job = new NestJob(List.of(wall, square), List.of(sheet), 2, 0);
    Nesting.Placed there = new Nesting.Placed(wall, 0, new Lay(200, 0, 0, false));
    Nesting.Placed moved = new Nesting.Placed(square, 0, new Lay(100, 20, 0, false));
    Slide slide = new Slide(job, sheet, List.of(there), moved);
    slide.to(new Point(205, 120));
    assertThat(slide.at().x()).as("up to the gap").isCloseTo(200 - 2 - 15, within(0.05));
    assertThat(slide.at().y()).as("and along").isCloseTo(120, within(1.0));
    slide.to(new Point(300, 100));
    assertThat(slide.at()).as("past it, where there is room").isEqualTo(new Point(300, 100));
    assertThat(slide.turn(0.4)).as("by right angles alone").isTrue();
    assertThat(slide.placed().lay().angle()).isZero();
    assertThat(slide.turn(1.5)).isTrue();
    assertThat(slide.placed().lay().angle()).isCloseTo(Math.PI / 2, within(1e-12));
  }

  // == OFFCUTS

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void offcuts_are_of_what_is_left_and_nothing_else(long seed) {
    NestJob job = job(40 + seed, 2, 3);
    Nesting found = laid(job, SheetPlan.NONE, 100);
    Nesting.Used used = found.sheets().getFirst();
    Geometry rest = Checked.geometry(used.sheet().outline());
    for (Nesting.Placed it : used.pieces()) {
      rest = rest.difference(Checked.placed(it));
    }
    List<Region> offcuts = Offcuts.of(used.sheet(), used.pieces(), job.gapMm());
    assertThat(offcuts).isNotEmpty();
    double kept = offcuts.stream().mapToDouble(Region::area).sum();
    assertThat(kept).isBetween(0.3 * rest.getArea(), rest.getArea());
    for (Region it : offcuts) {
      Geometry own = Checked.geometry(it);
      assertThat(own.isValid()).isTrue();
      assertThat(own.buffer(-11.5).isEmpty()).as("wide enough to cut from").isFalse();
      assertThat(it.box().minX()).isCloseTo(0, within(1e-9));
    }
  }

  @Test
  void a_ring_leaves_the_sheet_round_it_and_its_hole() {
    Path outer = WholeOutline.circle(new Point(0, 0), 100).path();
    Path inner = WholeOutline.circle(new Point(0, 0), 70).path();
    NestShape ring = NestShape.of("ring", List.of(outer, inner), 1, Turning.ANY, false);
    NestSheet sheet = NestSheet.bought("sheet", 600, 600, 1);
    Nesting.Placed placed = new Nesting.Placed(ring, 0, new Lay(300, 300, 0, false));
    List<Region> offcuts = Offcuts.of(sheet, List.of(placed), 2);
    assertThat(offcuts).hasSize(2);
    assertThat(offcuts.getFirst().rings()).hasSize(2);
    assertThat(offcuts.getFirst().area()).isCloseTo(360_000 - Math.PI * 101 * 101, within(1_500.0));
    assertThat(offcuts.getLast().area()).isCloseTo(Math.PI * 69 * 69, within(500.0));
  }
}
