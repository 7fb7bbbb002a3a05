package stoutblade.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import stoutblade.project.Samples;

class PolylineTest {

  private static final Path EDGE = Samples.BLADE.edge();
  private static final Polyline LINE = Polyline.of(EDGE, 0.01);

  /** A second opinion by the geometry library. */
  @Property
  void the_distance_is_the_librarys(
      @ForAll @DoubleRange(min = -120, max = 120) double x,
      @ForAll @DoubleRange(min = -50, max = 600) double y) {
    GeometryFactory factory = new GeometryFactory();
    LineString line =
        factory.createLineString(
            EDGE.flattened(0.01).stream()
                .map(p -> new Coordinate(p.x(), p.y()))
                .toArray(Coordinate[]::new));

    double library = line.distance(factory.createPoint(new Coordinate(x, y)));

    assertThat(LINE.distance(x, y)).isCloseTo(library, within(1e-9));
  }

  /** Of many pieces most are never looked at; the answer is the same. */
  @Property
  void of_many_pieces_the_nearest_is_found(
      @ForAll @DoubleRange(min = -150, max = 150) double x,
      @ForAll @DoubleRange(min = -150, max = 150) double y) {
    Path ring = WholeOutline.circle(new Point(10, -5), 80).outline();
    List<Point> points = ring.flattened(0.001);
    double least = Double.POSITIVE_INFINITY;
    for (int i = 1; i < points.size(); i++) {
      least = Math.min(least, new Point(x, y).distanceToSegment(points.get(i - 1), points.get(i)));
    }

    assertThat(points).hasSizeGreaterThan(100);
    assertThat(Polyline.of(ring, 0.001).distance(x, y)).isCloseTo(least, within(1e-9));
  }

  @Test
  void its_length_is_that_of_its_path() {
    assertThat(LINE.length()).isCloseTo(EDGE.length(0.01), within(1e-9));
  }

  @Test
  void paths_points_and_boxes_are_checked() {
    assertThatThrownBy(() -> new Path(List.of(), false)).hasMessageContaining("at least one");
    assertThatThrownBy(() -> Box.around(List.of())).hasMessageContaining("at least one point");
    assertThatThrownBy(() -> new Box(1, 0, 0, 1)).hasMessageContaining("maxima above");
  }

  @Test
  void cubics_mirror_and_enlarge() {
    Cubic cubic = new Cubic(new Point(0, 0), new Point(10, 5), new Point(10, 15), new Point(0, 20));

    assertThat(cubic.mirrored().at(0.5).x()).isEqualTo(-cubic.at(0.5).x());
    assertThat(cubic.times(3).at(0.5)).isEqualTo(cubic.at(0.5).times(3));
    assertThat(cubic.straight()).isFalse();
    assertThat(Cubic.line(new Point(1, 1), new Point(5, 9)).straight()).isTrue();
    Path mirrored = new Path(List.of(cubic), false).mirrored();
    assertThat(mirrored.length(0.01))
        .isCloseTo(new Path(List.of(cubic), false).length(0.01), within(1e-9));
  }
}
