package stoutblade.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Places beside a curved line, against arcs of circles, where all is known. */
class CourseTest {

  /** An arc to the left about (−R, 0), from (0, 0) upwards. */
  private static CurvedAxis arc(double radius, double sweep) {
    Point end = new Point(radius * Math.cos(sweep) - radius, radius * Math.sin(sweep));
    return new CurvedAxis(
        List.of(
            new Node(new Point(0, 0), Node.Kind.CORNER, 0, Math.tan(sweep / 4)),
            Node.corner(end.x(), end.y())));
  }

  private static Point onArc(double radius, double aside, double angle) {
    return new Point(
        (radius + aside) * Math.cos(angle) - radius, (radius + aside) * Math.sin(angle));
  }

  @Property(tries = 200)
  void beside_an_arc_a_place_lies_where_the_circle_says(
      @ForAll @DoubleRange(min = 60, max = 4000) double radius,
      @ForAll @DoubleRange(min = 0.2, max = 2.5) double sweep,
      @ForAll @DoubleRange(min = 0.02, max = 0.98) double share,
      @ForAll @DoubleRange(min = -0.7, max = 0.7) double out) {
    Course course = Course.along(arc(radius, sweep));
    double aside = out * Math.min(radius, 200);
    Point place = onArc(radius, aside, sweep * share);

    assertThat(course.length().orElseThrow()).isCloseTo(radius * sweep, within(0.01));
    assertThat(course.at(aside, radius * sweep * share).distance(place)).isLessThan(0.02);
    Point straight = course.straight(place);
    assertThat(straight.x()).isCloseTo(aside, within(0.01));
    assertThat(straight.y()).isCloseTo(radius * sweep * share, within(0.02));
    assertThat(course.bendAt(radius * sweep / 2)).isCloseTo(1 / radius, within(0.01 / radius));
  }

  @Property(tries = 200)
  void both_ways_of_reckoning_turn_each_other_round(
      @ForAll @DoubleRange(min = -40, max = 40) double aside,
      @ForAll @DoubleRange(min = -60, max = 520) double along,
      @ForAll @DoubleRange(min = -60, max = 60) double bow) {
    Course course =
        Course.along(
            new CurvedAxis(
                List.of(
                    Node.curve(0, 0),
                    Node.curve(bow, 150),
                    Node.curve(-bow / 2, 320),
                    Node.curve(bow, 460))));

    Point back = course.straight(course.at(aside, along));

    assertThat(back.x()).isCloseTo(aside, within(1e-6));
    assertThat(back.y()).isCloseTo(along, within(1e-6));
  }

  /** A sector of a ring: its area by the difference of two circles. */
  @Test
  void a_strip_laid_straight_is_a_box_and_bends_back_to_itself() {
    Course course = Course.along(arc(300, 1));
    Region box = Region.of(new Box(-30, 0, 30, 300));
    Region bent = course.bent(box);

    assertThat(bent.area()).isCloseTo((330.0 * 330 - 270 * 270) / 2, within(0.5));
    Region straight = course.straight(bent);
    assertThat(straight.difference(box.offset(0.01)).area()).isLessThan(0.01);
    assertThat(box.difference(straight.offset(0.01)).area()).isLessThan(0.01);
    double summed = IntStream.range(0, 300).mapToDouble(i -> course.widthAt(bent, i + 0.5)).sum();
    assertThat(summed).as("its widths, added up").isCloseTo(bent.area(), within(1.0));
    assertThat(course.widthAt(bent, 150)).isCloseTo(60, within(0.05));
  }

  /** What lies further out in the bend counts for more. */
  @Test
  void what_lies_outside_in_a_bend_is_longer() {
    Course course = Course.along(arc(200, 1));
    Region outer = course.bent(Region.of(new Box(0, 0, 50, 200)));

    assertThat(course.widthAt(outer, 100))
        .isCloseTo((250.0 * 250 - 200 * 200) / 2 / 200, within(0.05));
  }

  /** The middle of an arc lies sin(a)/a of its radius from its centre. */
  @Test
  void its_middle_is_that_of_its_length() {
    Course course = Course.along(arc(200, 2));
    Point middle = course.middle(0, 400);

    assertThat(middle.distance(new Point(-200, 0))).isCloseTo(200 * Math.sin(1), within(0.02));
  }

  @Test
  void it_says_where_sections_would_run_into_each_other() {
    Course tight = Course.along(arc(40, 2));

    assertThat(tight.crowded(tight.bent(Region.of(new Box(-30, 0, 30, 80))))).isEmpty();
    assertThat(tight.crowded(Region.of(new Box(-100, -50, 50, 100)))).isPresent();
    assertThat(tight.tightest(0, 80)).isCloseTo(40, within(0.1));
    assertThat(Course.STRAIGHT.tightest(0, 80)).isInfinite();
  }

  @Test
  void midway_between_the_edges_of_a_bow_it_is_the_arc_between_them() {
    Course course = Course.along(arc(300, 1.4));
    Region bow = course.bent(Region.of(new Box(-25, 0, 25, 420)));
    WholeOutline outline = NodeFitting.closed(bow.rings().getFirst(), 0.05);

    Course found = Course.along(CurvedAxis.midway(outline));

    assertThat(found.length().orElseThrow()).isCloseTo(420, within(2.0));
    for (double along = 20; along < 400; along += 20) {
      assertThat(Math.abs(course.straight(found.at(along)).x())).isLessThan(1);
    }
    assertThatThrownBy(() -> CurvedAxis.midway(WholeOutline.circle(new Point(0, 0), 50)))
        .hasMessageContaining("does not bend");
  }

  @Test
  void a_line_of_one_place_is_none() {
    assertThatThrownBy(() -> new CurvedAxis(List.of(Node.curve(0, 0))))
        .hasMessageContaining("2 to 60 nodes");
    assertThatThrownBy(() -> new CurvedAxis(List.of(Node.curve(0, 0), Node.curve(0, 0.1))))
        .hasMessageContaining("0.5 mm apart");
  }
}
