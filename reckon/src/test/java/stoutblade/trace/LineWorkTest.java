package stoutblade.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/** Lines from elsewhere, put together to outlines. */
class LineWorkTest {

  private static LineWork.Line line(String layer, double x1, double y1, double x2, double y2) {
    return new LineWork.Line(layer, "", Path.line(new Point(x1, y1), new Point(x2, y2)));
  }

  private static LineWork work(List<LineWork.Line> lines) {
    return new LineWork(lines, List.of(), "millimetres", new FileUnit(1, true), Optional.empty());
  }

  private static List<LineWork.Line> square(String layer, double x, double side) {
    return List.of(
        line(layer, x, 0, x + side, 0),
        line(layer, x + side, 0, x + side, side),
        line(layer, x + side, side, x, side),
        line(layer, x, side, x, 0));
  }

  private static double area(Path ring) {
    return Region.inside(ring, 0.01).area();
  }

  @Test
  void lines_make_the_same_rings_in_whatever_order_and_direction_they_come() {
    Random random = new Random(11);
    for (int i = 0; i < 50; i++) {
      List<LineWork.Line> lines = new ArrayList<>(square("", 0, 40));
      lines.addAll(square("", 100, 20));
      Collections.shuffle(lines, random);
      lines.replaceAll(
          it ->
              random.nextBoolean()
                  ? it
                  : new LineWork.Line(it.layer(), it.name(), it.path().reversed()));

      LineWork work = work(lines);

      assertThat(work.loose()).isZero();
      assertThat(work.rings()).hasSize(2).allMatch(Path::closed);
      assertThat(work.rings().stream().mapToDouble(LineWorkTest::area).sum())
          .isCloseTo(2000, within(1e-6));
    }
  }

  @Test
  void ends_meet_within_two_hundredths_of_a_millimetre_and_no_further() {
    List<LineWork.Line> near = new ArrayList<>(square("", 0, 40).subList(0, 3));
    near.add(line("", 0.01, 40.01, 0, 0.015));
    assertThat(work(near).rings()).hasSize(1);

    List<LineWork.Line> far = new ArrayList<>(square("", 0, 40).subList(0, 3));
    far.add(line("", 0.05, 40, 0, 0));
    assertThat(work(far).rings()).isEmpty();
    assertThat(work(far).loose()).isEqualTo(4);
  }

  @Test
  void lines_of_another_layer_do_not_close_a_ring() {
    List<LineWork.Line> lines = new ArrayList<>(square("cut", 0, 40).subList(0, 3));
    lines.add(line("score", 0, 40, 0, 0));
    LineWork work = work(lines);
    assertThat(work.rings()).isEmpty();
    assertThat(work.layers()).containsExactly("cut", "score");
  }

  @Test
  void a_single_line_that_comes_back_to_its_start_is_a_ring() {
    Path open =
        Path.through(
            List.of(new Point(0, 0), new Point(30, 0), new Point(30, 30), new Point(0, 0.001)),
            false);
    assertThat(work(List.of(new LineWork.Line("", "flag", open))).rings()).hasSize(1);
  }

  @Test
  void outlines_come_largest_first_without_specks_and_keep_their_corners() {
    List<LineWork.Line> lines = new ArrayList<>(square("", 0, 0.3));
    lines.addAll(square("", 50, 20));
    lines.addAll(square("", 100, 40));

    List<WholeOutline> outlines =
        work(lines).largest().stream()
            .map(it -> LineWork.Ring.outline(it.points(0.05, 10_000), 0.05))
            .toList();

    assertThat(outlines).hasSize(2);
    assertThat(outlines.getFirst().nodes()).hasSize(4);
    assertThat(area(outlines.getFirst().path())).isCloseTo(1600, within(1e-3));
    assertThat(area(outlines.getLast().path())).isCloseTo(400, within(1e-3));
  }
}
