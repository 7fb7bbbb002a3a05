package stoutblade.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

class RegionLaws {

  private static Path box(double half, double height) {
    return new HalfOutline(List.of(Node.corner(half, 0), Node.corner(half, height))).outline();
  }

  /** A second opinion: the geometry library shrinks the polygon of a random leaf itself. */
  @Property(tries = 100)
  void what_lies_away_from_the_whole_outline_is_the_librarys_shrunk_polygon(
      @ForAll @DoubleRange(min = 30, max = 90) double wide,
      @ForAll @DoubleRange(min = 60, max = 500) double high,
      @ForAll @DoubleRange(min = 2, max = 25) double by) {
    Path leaf =
        new HalfOutline(
                List.of(
                    Node.corner(wide / 2, 0),
                    Node.curve(wide, high * 0.4),
                    Node.curve(wide * 0.6, high * 0.7),
                    Node.corner(0, high)))
            .outline();
    List<Point> ring = leaf.flattened(0.01);

    double ours = Region.inside(leaf, 0.01).furtherThan(ring, by, 0.005).area();

    Coordinate[] corners =
        ring.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
    corners[corners.length - 1] = corners[0];
    double library = new GeometryFactory().createPolygon(corners).buffer(-by, 64).getArea();
    assertThat(ours).isCloseTo(library, within(0.02 * leaf.length(0.01)));
  }

  /** Worked by hand: round a straight edge the strip and two half circles are taken away. */
  @Test
  void a_strip_round_a_line_is_as_worked_by_hand() {
    Region box = Region.inside(box(100, 400), 0.01);

    double left = box.furtherThan(List.of(new Point(0, 150), new Point(0, 250)), 30, 0.002).area();

    double strip = 100 * 60 + Math.PI * 30 * 30;
    assertThat(box.area() - left).isCloseTo(strip, within(0.5));
  }

  @Property(tries = 100)
  void what_lies_away_from_the_edge_of_a_rectangle_is_a_smaller_one(
      @ForAll @DoubleRange(min = 40, max = 200) double half,
      @ForAll @DoubleRange(min = 100, max = 900) double height,
      @ForAll @DoubleRange(min = 1, max = 30) double by) {
    Path outline = box(half, height);

    Region inner = Region.inside(outline, 0.01).furtherThan(outline.flattened(0.01), by, 0.01);

    double expected = 2 * (half - by) * (height - 2 * by);
    assertThat(inner.area()).isCloseTo(expected, within(0.02 * (4 * half + 2 * height)));
  }

  /**
   * The sentence at quadrantSegments: the sagitta of a piece stays below the tolerance. Eight
   * pieces, the library's default, are off by 0.48 % of the radius.
   */
  @Property
  void arcs_keep_within_their_tolerance(
      @ForAll @DoubleRange(min = 0.5, max = 500) double radius,
      @ForAll @DoubleRange(min = 0.01, max = 0.5) double tolerance) {
    int pieces = Region.quadrantSegments(radius, tolerance);

    double sagitta = radius * (1 - Math.cos(Math.PI / 4 / pieces));

    assertThat(sagitta).isLessThanOrEqualTo(tolerance * 1.0001);
  }

  @Test
  void the_librarys_default_of_eight_pieces_would_be_off_by_half_a_percent() {
    assertThat(1 - Math.cos(Math.PI / 4 / 8)).isCloseTo(0.0048, within(0.0001));
  }

  @Test
  void lines_across_find_every_stretch() {
    Region ring =
        Region.inside(box(100, 400), 0.01)
            .furtherThan(List.of(new Point(0, 150), new Point(0, 250)), 30, 0.01);

    assertThat(ring.across(200)).hasSize(2);
    assertThat(ring.widthAt(200)).isCloseTo(140, within(0.05));
    assertThat(ring.across(50)).hasSize(1);
    assertThat(ring.across(500)).isEmpty();
    assertThat(ring.across(200).getFirst().holds(-60)).isTrue();
    assertThat(ring.rings()).hasSize(2);
  }

  @Test
  void the_moment_of_a_rectangle_is_its_area_times_half_its_height() {
    Region region = Region.inside(box(50, 400), 0.01);

    assertThat(region.firstMoment().y()).isCloseTo(100 * 400 * 200.0, within(1e-3));
  }

  @Property
  void flattening_keeps_within_the_tolerance_of_the_curve(
      @ForAll @DoubleRange(min = 5, max = 300) double bend) {
    Cubic cubic =
        new Cubic(new Point(0, 0), new Point(bend, 100), new Point(bend, 300), new Point(0, 400));
    List<Point> points = new Path(List.of(cubic), false).flattened(0.05);

    for (int i = 0; i <= 50; i++) {
      Point on = cubic.at(i / 50.0);
      double least = Double.POSITIVE_INFINITY;
      for (int j = 1; j < points.size(); j++) {
        least = Math.min(least, on.distanceToSegment(points.get(j - 1), points.get(j)));
      }
      assertThat(least).isLessThan(0.0501);
    }
  }

  /** A hole that runs out over its shell, as a bad file may have it, still answers. */
  @Test
  void lines_that_cross_are_mended_where_it_matters() {
    List<Point> shell =
        List.of(new Point(0, 0), new Point(100, 0), new Point(100, 100), new Point(0, 100));
    List<Point> hole =
        List.of(new Point(20, 20), new Point(20, 60), new Point(140, 60), new Point(140, 20));
    Region region = Region.evenOdd(List.of(shell, hole));
    List<Point> line = List.of(new Point(-50, 40), new Point(200, 40));

    double inside =
        region.inside(line).stream().mapToDouble(it -> it.getFirst().distance(it.getLast())).sum();
    assertThat(inside).isBetween(20.0, 60.0);
    Region left = region.difference(Region.evenOdd(List.of(hole)));
    assertThat(left.area()).isCloseTo(100 * 100 - 80 * 40, within(1.0));
  }

  @Test
  void boxes_grow_join_and_meet() {
    Box box = Box.around(List.of(new Point(0, 0), new Point(10, 20)));

    assertThat(box.grown(1)).isEqualTo(new Box(-1, -1, 11, 21));
    assertThat(box.with(new Box(5, 5, 30, 6)).width()).isEqualTo(30);
    assertThat(box.meets(new Box(10, 20, 11, 21))).isTrue();
    assertThat(box.meets(new Box(11, 0, 12, 1))).isFalse();
    assertThat(box.centre()).isEqualTo(new Point(5, 10));
  }
}
