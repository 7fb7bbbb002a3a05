package stoutblade.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.measure.Figure;
import stoutblade.project.Samples;
import stoutblade.reference.Measure.Kind;
import stoutblade.shape.Point;
import stoutblade.wearer.Wearer;

class MeasuredTest {

  private static Figure measured(Kind kind, Point... places) {
    Reference reference = Samples.picture().with(new Measure("m1", "It", kind, List.of(places)));
    return Sizing.of(
            new Wearer("W", 1740),
            Optional.empty(),
            SizingRule.TRUE_SIZE,
            List.of(reference),
            List.of())
        .pictures()
        .get("p1")
        .measures()
        .get("m1")
        .figures()
        .getLast();
  }

  private static Point on(double radius, double angle) {
    return new Point(500 + radius * Math.cos(angle), 700 + radius * Math.sin(angle));
  }

  @Test
  void lengths_angles_and_areas_are_those_of_geometry_at_two_millimetres_to_the_pixel() {
    assertThat(measured(Kind.LENGTH, new Point(0, 0), new Point(30, 40)).value())
        .isCloseTo(100, within(1e-9));
    assertThat(measured(Kind.ANGLE, new Point(100, 0), new Point(0, 0), new Point(0, 50)).value())
        .isCloseTo(Math.PI / 2, within(1e-9));
    assertThat(measured(Kind.AREA, new Point(0, 0), new Point(100, 0), new Point(100, 50)).value())
        .isCloseTo(0.5 * 200 * 100, within(1e-6));
  }

  @Property(tries = 100)
  void three_places_on_a_circle_give_its_diameter_and_the_way_along_it(
      @ForAll @DoubleRange(min = 40, max = 300) double radius,
      @ForAll @DoubleRange(min = 0, max = 6) double from,
      @ForAll @DoubleRange(min = 0.3, max = 2.5) double sweep) {
    Point[] places = {on(radius, from), on(radius, from + sweep / 3), on(radius, from + sweep)};

    assertThat(measured(Kind.CIRCLE, places).value()).isCloseTo(4 * radius, within(1e-5));
    assertThat(measured(Kind.ARC, places).value()).isCloseTo(2 * radius * sweep, within(1e-5));
    assertThat(measured(Kind.ARC, places[2], places[1], places[0]).value())
        .isCloseTo(2 * radius * sweep, within(1e-5));
  }

  @Test
  void places_counted_along_a_line_give_the_way_from_one_to_the_next() {
    Point[] rivets =
        IntStream.range(0, 9).mapToObj(i -> new Point(100 + 12.5 * i, 40)).toArray(Point[]::new);

    assertThat(measured(Kind.COUNT, rivets).value()).isCloseTo(25, within(1e-9));
  }

  /** A short arc says little of its circle: the range grows. */
  @Test
  void a_short_arc_leaves_the_diameter_open() {
    Figure wide = measured(Kind.CIRCLE, on(100, 0), on(100, 1.5), on(100, 3));
    Figure narrow = measured(Kind.CIRCLE, on(100, 0), on(100, 0.15), on(100, 0.3));

    assertThat(narrow.uncertainty().std()).isGreaterThan(20 * wide.uncertainty().std());
    assertThat(wide.uncertainty().std()).isBetween(2.0, 12.0);
  }

  @Test
  void the_number_of_places_is_checked() {
    assertThatThrownBy(() -> measured(Kind.ANGLE, new Point(0, 0), new Point(9, 9)))
        .hasMessage("Angle takes 3 places; found 2");
    assertThatThrownBy(() -> measured(Kind.LENGTH, new Point(0, 0), new Point(1, 0)))
        .hasMessageContaining("lie apart");
  }
}
