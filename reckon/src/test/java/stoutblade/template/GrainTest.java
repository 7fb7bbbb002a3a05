package stoutblade.template;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** The mark that lies along the sheet. */
class GrainTest {

  private static Region rectangle(double wide, double high) {
    return Region.inside(
        Path.through(
            List.of(new Point(0, 0), new Point(wide, 0), new Point(wide, high), new Point(0, high)),
            true),
        0.01);
  }

  private static Path shaft(List<Stroke> marks) {
    return marks.getFirst().path();
  }

  @Property(tries = 200)
  void it_lies_inside_and_along_the_longer_side(
      @ForAll @DoubleRange(min = 20, max = 800) double wide,
      @ForAll @DoubleRange(min = 20, max = 800) double high) {
    Region face = rectangle(wide, high);

    List<Stroke> marks = Grain.alongLonger(face);

    assertThat(marks).hasSize(3).allMatch(it -> it.kind() == Stroke.Kind.GRAIN);
    Point way = shaft(marks).end().minus(shaft(marks).start());
    assertThat(Math.abs(high >= wide ? way.x() : way.y())).isLessThan(1e-9);
    assertThat(marks)
        .allSatisfy(
            it -> assertThat(it.path().flattened(0.1)).allMatch(place -> face.contains(place)));
  }

  @Test
  void on_a_ring_it_lies_in_the_foam_and_not_in_the_hole() {
    Path outer = Path.arc(new Point(0, 0), 100, 0, 2 * Math.PI);
    Path inner = Path.arc(new Point(0, 0), 70, 0, 2 * Math.PI);
    Region ring = Region.evenOdd(List.of(outer.flattened(0.1), inner.flattened(0.1)));

    List<Stroke> marks = Grain.along(ring);

    assertThat(marks).isNotEmpty();
    assertThat(shaft(marks).flattened(0.1)).allMatch(ring::contains);
  }

  @Test
  void what_is_too_small_for_a_mark_has_none() {
    assertThat(Grain.along(rectangle(5, 5))).isEmpty();
    assertThat(Grain.along(Region.evenOdd(List.of()))).isEmpty();
  }
}
