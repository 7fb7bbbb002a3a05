package stoutblade.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

class ExactTest {

  private static final WholeOutline SQUARE =
      new WholeOutline(
          List.of(
              Node.corner(0, 0), Node.corner(100, 0), Node.corner(100, 100), Node.corner(0, 100)));

  private static final HalfOutline BLADE =
      new HalfOutline(
          List.of(
              Node.corner(20, 0), Node.curve(40, 120), Node.curve(35, 300), Node.corner(0, 480)));

  // == ARCS AND CORNERS

  /** A half circle on a side of 100: its area is π·50²/2 (any handbook). */
  @Test
  void a_side_with_bulge_one_is_a_half_circle() {
    WholeOutline arched = SQUARE.through(arc(1));

    assertThat(Region.inside(arched.path(), 1e-4).area())
        .isCloseTo(10_000 + Math.PI * 2500 / 2, within(0.05));
    assertThat(Exact.length(arched, 0)).isCloseTo(Math.PI * 50, within(1e-9));
    assertThat(Exact.radius(arched, 0)).isCloseTo(50, within(1e-9));
  }

  private static List<Node> arc(double bulge) {
    List<Node> nodes = new java.util.ArrayList<>(SQUARE.nodes());
    nodes.set(0, nodes.getFirst().withBulge(bulge));
    return nodes;
  }

  /** Every point of an arc lies its radius from the centre, and it ends where the side does. */
  @Property
  void an_arc_keeps_its_radius(
      @ForAll @DoubleRange(min = 0.02, max = 2.4) double bulge, @ForAll boolean clockwise) {
    double signed = clockwise ? -bulge : bulge;
    Arc arc = Arc.between(new Point(3, -7), new Point(63, 21), signed);

    assertThat(arc.path().flattened(1e-4))
        .allSatisfy(
            it -> assertThat(it.distance(arc.centre())).isCloseTo(arc.radius(), within(2e-4)));
    assertThat(arc.path().end().distance(new Point(63, 21))).isLessThan(1e-9);
    if (bulge <= 1) {
      assertThat(Arc.bulge(Math.hypot(60, 28), Math.copySign(arc.radius(), signed)))
          .isCloseTo(signed, within(1e-7));
    }
  }

  /** A rounding of radius r takes r²(1 − π/4) off a square corner; a chamfer of c takes c²/2. */
  @Property
  void a_rounded_or_chamfered_square_corner_loses_what_the_handbook_says(
      @ForAll @DoubleRange(min = 0.5, max = 49) double size) {
    double whole = 10_000;
    double round = area(Node.Kind.ROUND, size);
    double chamfer = area(Node.Kind.CHAMFER, size);

    assertThat(whole - round).isCloseTo(size * size * (1 - Math.PI / 4), within(0.05));
    assertThat(whole - chamfer).isCloseTo(size * size / 2, within(1e-6));
  }

  private static double area(Node.Kind kind, double size) {
    Outline eased = SQUARE.with(1, SQUARE.nodes().get(1).with(kind).withEase(size));
    return Region.inside(eased.outline(), 1e-4).area();
  }

  @Test
  void two_roundings_that_want_more_than_their_side_share_it() {
    WholeOutline eased =
        SQUARE.through(
            SQUARE.nodes().stream().map(it -> it.with(Node.Kind.ROUND).withEase(90)).toList());

    // Each gets half its side: a circle of radius 50.
    assertThat(Region.inside(eased.path(), 1e-4).area()).isCloseTo(Math.PI * 2500, within(0.05));
    assertThat(Region.crossing(eased.path(), 0.001)).isEmpty();
  }

  @Test
  void an_arc_on_half_an_outline_is_mirrored_with_it() {
    HalfOutline round =
        new HalfOutline(
            List.of(
                new Node(new Point(50, 0), Node.Kind.CORNER, 0, Math.tan(Math.PI / 8)),
                Node.corner(0, 50)));

    assertThat(Region.inside(round.outline(), 1e-4).area())
        .isCloseTo(Math.PI * 2500 / 2, within(0.05));
    Region face = Region.inside(round.outline(), 1e-3);
    for (double y = 2; y < 49; y += 5) {
      Span across = face.across(y).getFirst();
      assertThat(across.from()).isCloseTo(-across.to(), within(1e-9));
    }
  }

  // == TYPED SIZES

  @Property
  void typed_sizes_are_met(
      @ForAll @IntRange(min = 0, max = 3) int side,
      @ForAll @DoubleRange(min = 5, max = 400) double mm,
      @ForAll @DoubleRange(min = 20, max = 160) double degrees) {
    assertThat(Exact.length(Exact.withLength(SQUARE, side, mm), side)).isCloseTo(mm, within(1e-5));
    Outline turned = Exact.withAngle(SQUARE, side, Math.toRadians(degrees));
    assertThat(Exact.angle(turned, side)).isCloseTo(Math.toRadians(degrees), within(1e-9));
    double radius = 50 + mm;
    assertThat(Exact.radius(Exact.withRadius(SQUARE, side, radius), side))
        .isCloseTo(radius, within(1e-6));
  }

  @Property
  void a_curved_side_gets_its_length_too(@ForAll @DoubleRange(min = 40, max = 300) double mm) {
    assertThat(Exact.length(Exact.withLength(BLADE, 1, mm), 1)).isCloseTo(mm, within(1e-5));
  }

  @Property
  void a_width_at_a_station_is_met_and_goes_back_to_what_it_was(
      @ForAll @DoubleRange(min = 40, max = 440) double station,
      @ForAll @DoubleRange(min = 40, max = 100) double mm) {
    Assume.that(BLADE.nodes().stream().allMatch(it -> Math.abs(it.at().y() - station) > 30));
    HalfOutline wide = Exact.withWidth(BLADE, station, mm);

    double there =
        wide.nodes().stream()
            .map(Node::at)
            .filter(it -> Math.abs(it.y() - station) <= 0.5)
            .findFirst()
            .orElseThrow()
            .y();
    assertThat(Region.inside(wide.outline(), 1e-4).widthAt(there)).isCloseTo(mm, within(0.02));
    assertThat(Exact.withWidth(wide, there, mm)).isEqualTo(wide);
  }

  @Test
  void sides_become_parallel_the_short_way_round() {
    Outline skew = SQUARE.with(2, Node.corner(120, 90));

    Outline parallel = Exact.parallel(skew, 2, 0);

    Point end = parallel.nodes().get(3).at();
    assertThat(end.y()).isCloseTo(90, within(1e-9));
    assertThat(end.x()).isLessThan(120);
    assertThatThrownBy(() -> Exact.parallel(skew, 1, 1)).hasMessageContaining("choose another");
  }

  @Test
  void nodes_are_brought_in_line_and_spaced_evenly() {
    Outline aligned =
        Exact.aligned(SQUARE.with(2, Node.corner(93, 96)), List.of(1, 2), Exact.Line.ACROSS);
    assertThat(aligned.nodes().get(2).at()).isEqualTo(new Point(100, 96));

    Outline spaced = Exact.spaced(SQUARE.inserted(1, Node.corner(10, 3)), List.of(0, 1, 2));
    assertThat(spaced.nodes().get(1).at()).isEqualTo(new Point(50, 0));
    assertThatThrownBy(() -> Exact.spaced(SQUARE, List.of(0, 1))).hasMessageContaining("three");
  }

  /** The geometry library's own buffer, with mitres and fine arcs, as an independent eye. */
  @Test
  void an_offset_keeps_within_two_hundredths_of_the_librarys_own() {
    for (double mm : new double[] {-12, -3, 4, 15}) {
      WholeOutline offset = Exact.offset(BLADE, mm);

      Polygon drawn = polygon(BLADE.outline().flattened(1e-5));
      BufferParameters mitres =
          new BufferParameters(200, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 5);
      mitres.setSimplifyFactor(0);
      var buffered = new BufferOp(drawn, mitres).getResultGeometry(mm).getBoundary();
      for (Point point : offset.path().flattened(0.005)) {
        assertThat(
                buffered.distance(
                    new GeometryFactory().createPoint(new Coordinate(point.x(), point.y()))))
            .as("offset %s at %s", mm, point)
            // Where a sharp mitre ends turns on the direction of the last tenth of a millimetre.
            .isLessThan(point.y() > 480 ? 0.06 : 0.02);
      }
    }
  }

  private static Polygon polygon(List<Point> points) {
    Coordinate[] ring =
        points.stream().map(it -> new Coordinate(it.x(), it.y())).toArray(Coordinate[]::new);
    ring[ring.length - 1] = ring[0];
    return new GeometryFactory().createPolygon(ring);
  }

  @Test
  void half_drawn_whole_is_the_same_shape() {
    HalfOutline board =
        new HalfOutline(
            List.of(
                Node.corner(0, 0),
                Node.round(60, 0, 12),
                new Node(new Point(80, 90), Node.Kind.CORNER, 0, 0.4),
                Node.corner(0, 150)));
    for (HalfOutline half : List.of(BLADE, board)) {
      assertThat(Region.inside(Exact.whole(half).outline(), 1e-3).area())
          .isCloseTo(Region.inside(half.outline(), 1e-3).area(), within(1.0));
    }
  }

  @Test
  void what_cannot_be_is_refused_with_what_was_expected() {
    assertThatThrownBy(() -> Exact.withLength(SQUARE, 0, 0)).hasMessageContaining("above 0");
    assertThatThrownBy(() -> Exact.withAngle(SQUARE, 0, 7)).hasMessageContaining("360°");
    assertThatThrownBy(() -> Exact.withRadius(SQUARE, 0, 20))
        .hasMessageContaining("at least 50.0 mm");
    assertThatThrownBy(() -> Exact.withWidth(BLADE, 500, 40)).hasMessageContaining("below 480");
    assertThatThrownBy(() -> Exact.offset(SQUARE, -80)).hasMessageContaining("Nothing is left");
    assertThatThrownBy(() -> Node.corner(0, 0).withBulge(9)).hasMessageContaining("three quarters");
    assertThatThrownBy(() -> Node.corner(0, 0).withEase(-1)).hasMessageContaining("0 to 5000");
  }
}
