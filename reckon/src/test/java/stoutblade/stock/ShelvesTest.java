package stoutblade.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import stoutblade.edit.PartEdits;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Wish;

/** Pieces laid in rows on sheets. */
class ShelvesTest {

  private static int sheets(List<Box> boxes) {
    return Shelves.sheets(boxes, 600, 1000, 5);
  }

  private static Box box(double width, double height) {
    return new Box(0, 0, width, height);
  }

  /** 195 + 5 go three times across 600 + 5 and five times along 1000 + 5. */
  @Test
  void equal_squares_fill_a_sheet_as_a_grid_does() {
    assertThat(sheets(Collections.nCopies(15, box(195, 195)))).isEqualTo(1);
    assertThat(sheets(Collections.nCopies(16, box(195, 195)))).isEqualTo(2);
  }

  @Test
  void pieces_are_turned_and_what_is_too_large_is_told() {
    assertThat(sheets(List.of(box(990, 100)))).isEqualTo(1);
    assertThat(sheets(List.of(box(100, 990)))).isEqualTo(1);
    assertThat(sheets(List.of(box(700, 700)))).isEqualTo(-1);
    assertThat(sheets(List.of())).isZero();
  }

  /** Never fewer than the area wants, and at most twice that and one (Coffman and others). */
  @Property
  void rows_take_between_the_area_and_about_twice_it(
      @ForAll @IntRange(min = 1, max = 60) int count, @ForAll @IntRange(max = 9999) int seed) {
    java.util.Random random = new java.util.Random(seed);
    List<Box> boxes = new ArrayList<>();
    double area = 0;
    for (int i = 0; i < count; i++) {
      Box box = box(20 + 250 * random.nextDouble(), 20 + 250 * random.nextDouble());
      boxes.add(box);
      area += (box.width() + 5) * (box.height() + 5);
    }
    double least = area / (605 * 1005);

    assertThat(sheets(boxes)).isBetween((int) Math.ceil(least), (int) Math.ceil(3 * least) + 1);
  }

  @Test
  void parts_of_one_foam_and_thickness_stand_in_one_line_and_long_strips_are_joined() {
    Project project = Samples.bare();
    for (String name : List.of("One", "Two", "Three", "Four")) {
      project =
          PartEdits.addShape(name, "ring", Map.of("across", 400.0, "foam", 10.0, "width", 30.0))
              .in(Prop.FIRST)
              .applyTo(project);
    }
    Shopping.Line line =
        Samples.derive(project).shopping().orElseThrow().lines().stream()
            .filter(it -> it.name().contains("10 mm, for One, Two and 2 more"))
            .findFirst()
            .orElseThrow();

    // π(400 + 10) · 30, four times.
    assertThat(line.need().value()).isCloseTo(4 * Math.PI * 410 * 30, within(1e-3));
    assertThat(line.buy().value()).isEqualTo(1);
    // Each is longer than a sheet: a strip of 30 · 60 over its splice, of the thinnest foam.
    assertThat(Samples.derive(project).shopping().orElseThrow().lines())
        .filteredOn(it -> it.name().contains("5 mm, for One, Two and 2 more"))
        .singleElement()
        .satisfies(it -> assertThat(it.need().value()).isCloseTo(4 * 30 * 60, within(1.0)));
  }

  /** Discs of 100 mm: what is left over holds some of them, and none that is wider than it. */
  @Test
  void small_pieces_come_from_what_is_left_over() {
    Project discs =
        PartEdits.addPlate("Disc", WholeOutline.circle(new Point(0, 0), 50), 10)
            .in(Prop.FIRST)
            .applyTo(Samples.bare());
    assertThat(buy(discs, 0)).isEqualTo(1);
    assertThat(buy(discs, 99 * 99)).as("too small for one").isEqualTo(1);
    assertThat(buy(discs, 150 * 150)).as("one fits").isEqualTo(0);
    Project two = PartEdits.place("d1", "Two", it -> it.made(2, 0)).in(Prop.FIRST).applyTo(discs);
    assertThat(buy(two, 150 * 150)).as("one of two fits").isEqualTo(1);
  }

  private static double buy(Project project, double leftMm2) {
    return Samples.derive(project.withLeftovers(List.of(new Wish.Leftover("foam", 10, leftMm2))))
        .shopping()
        .orElseThrow()
        .lines()
        .getFirst()
        .buy()
        .value();
  }
}
