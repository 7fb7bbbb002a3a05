package stoutblade.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Course;
import stoutblade.shape.CurvedAxis;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/** Parts that bend with their centre line keep their widths. */
class BendingTest {

  private static final WholeOutline BOARD =
      new WholeOutline(
          List.of(
              Node.corner(-20, 0),
              Node.corner(20, 0),
              Node.corner(20, 400),
              Node.corner(-20, 400)));

  private static Project then(Project project, Change edit) {
    return edit.in(Prop.FIRST).applyTo(project);
  }

  private static Project board() {
    Project project = then(Samples.bare(), PartEdits.addPlate("Board", BOARD, 10));
    return then(project, AxisEdits.upright("d1"));
  }

  private static Cut cut(Project project) {
    return project.first().needed("d1").cut().orElseThrow();
  }

  @Property(tries = 40)
  void it_is_as_wide_as_before_wherever_it_bends(
      @ForAll @DoubleRange(min = -70, max = 70) double middle,
      @ForAll @DoubleRange(min = -60, max = 60) double end) {
    Project bent = then(board(), AxisEdits.bend("d1", 1, new Point(middle, 200)));
    bent = then(bent, AxisEdits.bend("d1", 2, new Point(end, 395)));

    Course course = Course.of(cut(bent).axis());
    Region straight = course.straight(Region.inside(cut(bent).outline().outline(), 0.01));
    double length = course.length().orElseThrow();
    for (double along = 20; along < length - 30; along += 15) {
      assertThat(straight.widthAt(along)).isCloseTo(40, within(0.6));
    }
  }

  @Test
  void bent_back_it_is_what_it_was() {
    Project bent = then(board(), AxisEdits.bend("d1", 1, new Point(50, 200)));
    Project back = then(bent, AxisEdits.bend("d1", 1, new Point(0, 200)));

    Region before = Region.inside(BOARD.outline(), 0.01);
    Region after = Region.inside(cut(back).outline().outline(), 0.01);
    assertThat(after.difference(before.offset(0.05)).area()).isLessThan(0.1);
    assertThat(before.difference(after.offset(0.05)).area()).isLessThan(0.1);
  }

  @Test
  void a_hole_goes_along_and_a_fuller_stays_on_the_line() {
    Project holed =
        then(
            board(),
            PartEdits.addFeature(
                "d1", "Hole", Feature.Kind.HOLE, Map.of(), "", Where.At.of(8, 300)));
    holed =
        then(
            holed,
            PartEdits.addFeature(
                "d1",
                "Fuller",
                Feature.Kind.FULLER,
                Map.of(),
                "",
                new Where.Row(new Point(0, 50), new Point(0, 350), 1)));
    Project bent = then(holed, AxisEdits.bend("d1", 1, new Point(40, 200)));

    Course course = Course.of(cut(bent).axis());
    Where.At hole = (Where.At) cut(bent).features().get(0).where();
    double length = course.length().orElseThrow();
    assertThat(course.straight(hole.spot().at()).x()).isCloseTo(8, within(1e-6));
    assertThat(course.straight(hole.spot().at()).y()).isCloseTo(length * 0.75, within(1e-6));
    assertThat(hole.spot().turn()).as("it leans as the line does there").isPositive();
    Where.Row fuller = (Where.Row) cut(bent).features().get(1).where();
    assertThat(fuller.from().x()).isZero();
    assertThat(fuller.to().y()).isCloseTo(length * 0.875, within(1e-6));
  }

  @Test
  void half_an_outline_is_drawn_whole_and_a_round_one_does_not_bend() {
    Project blade = then(Samples.whole(), AxisEdits.upright("d1"));
    assertThat(cut(blade).half()).isFalse();
    assertThat(cut(blade).axis()).map(CurvedAxis::nodes).map(List::size).contains(3);
    assertThatThrownBy(
            () ->
                then(
                    then(
                        Samples.bare(),
                        PartEdits.addPlate("Disc", WholeOutline.circle(new Point(0, 0), 50), 5)),
                    AxisEdits.midway("d1")))
        .hasMessageContaining("does not bend");
    assertThatThrownBy(() -> then(Samples.whole(), AxisEdits.moveNode("d1", 0, new Point(1, 1))))
        .hasMessageContaining("no centre line");
    assertThat(cut(then(blade, AxisEdits.straight("d1"))).axis()).isEqualTo(Optional.empty());
  }
}
