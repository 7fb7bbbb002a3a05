package stoutblade.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class OutlineTest {

  private static final HalfOutline TRIANGLE =
      new HalfOutline(List.of(Node.corner(50, 0), Node.corner(0, 400)));
  private static final HalfOutline BOX =
      new HalfOutline(List.of(Node.corner(50, 0), Node.corner(50, 400)));

  @Test
  void corners_make_straight_pieces_closed_along_the_base() {
    Path outline = TRIANGLE.outline();

    assertThat(outline.cubics()).hasSize(3).allMatch(Cubic::straight);
    assertThat(Region.inside(outline, 0.01).area()).isCloseTo(100 * 400 / 2.0, within(1e-9));
    assertThat(TRIANGLE.edge().closed()).isFalse();
    assertThat(TRIANGLE.edge().length(0.01)).isCloseTo(2 * Math.hypot(50, 400), within(1e-9));
  }

  @Test
  void a_tip_off_the_centre_line_is_cut_square() {
    assertThat(Region.inside(BOX.outline(), 0.01).area()).isCloseTo(100 * 400, within(1e-9));
  }

  @Test
  void both_sides_are_images_of_each_other() {
    HalfOutline leaf =
        new HalfOutline(
            List.of(
                Node.corner(17, 0),
                Node.curve(47, 92),
                Node.corner(76, 122),
                Node.curve(58, 335),
                Node.curve(0, 560)));
    List<Point> points = leaf.edge().flattened(0.01);

    for (int i = 0; i < points.size(); i++) {
      Point image = points.get(points.size() - 1 - i).mirrored();
      assertThat(points.get(i).distance(image)).isLessThan(1e-9);
    }
  }

  /** Nodes on a circle: the curve keeps within a thousandth of the radius between them. */
  @Test
  void a_curve_through_many_nodes_of_a_circle_is_nearly_the_circle() {
    List<Node> nodes = new ArrayList<>();
    int count = 16;
    nodes.add(Node.corner(0, 0));
    for (int i = 1; i < count; i++) {
      double angle = -Math.PI / 2 + Math.PI * i / count;
      nodes.add(Node.curve(100 * Math.cos(angle), 100 + 100 * Math.sin(angle)));
    }
    nodes.add(Node.curve(0, 200));

    List<Point> points = new HalfOutline(nodes).edge().flattened(0.001);

    Point centre = new Point(0, 100);
    long near = points.stream().filter(p -> Math.abs(p.distance(centre) - 100) < 0.1).count();
    assertThat(near).isGreaterThan(points.size() * 9L / 10);
    assertThat(points).allMatch(p -> Math.abs(p.distance(centre) - 100) < 0.6);
  }

  @Test
  void the_curve_passes_every_node() {
    HalfOutline leaf =
        new HalfOutline(
            List.of(
                Node.corner(17, 0), Node.curve(47, 92), Node.curve(58, 335), Node.corner(0, 560)));

    List<Cubic> cubics = leaf.edge().cubics();

    for (int i = 0; i < leaf.nodes().size(); i++) {
      assertThat(cubics.get(i).start()).isEqualTo(leaf.nodes().get(i).at());
    }
  }

  @Test
  void enlarging_enlarges_lengths_by_the_factor_and_areas_by_its_square() {
    double area = Region.inside(TRIANGLE.outline(), 0.01).area();

    HalfOutline larger = TRIANGLE.times(1.25);

    assertThat(Region.inside(larger.outline(), 0.01).area()).isCloseTo(area * 1.5625, within(1e-6));
    assertThat(larger.edge().length(0.01))
        .isCloseTo(1.25 * TRIANGLE.edge().length(0.01), within(1e-9));
  }

  @Test
  void a_bow_tie_crosses_itself_and_says_where() {
    HalfOutline bow =
        new HalfOutline(
            List.of(
                Node.corner(50, 0),
                Node.corner(50, 300),
                Node.corner(20, 100),
                Node.corner(80, 200),
                Node.corner(0, 400)));

    assertThat(Region.crossing(bow.outline(), 0.01))
        .hasValueSatisfying(at -> assertThat(at.y()).isBetween(100.0, 300.0));
    assertThat(Region.crossing(TRIANGLE.outline(), 0.01)).isEmpty();
  }

  @Test
  void half_an_outline_stays_on_its_side_above_the_base_and_within_reach() {
    assertThatThrownBy(() -> new HalfOutline(List.of(Node.corner(-1, 0))))
        .hasMessageContaining("beyond the centre line");
    assertThatThrownBy(() -> new HalfOutline(List.of(Node.corner(1, 5))))
        .hasMessageContaining("lies on the base");
    assertThatThrownBy(() -> new HalfOutline(List.of(Node.corner(1, 0), Node.corner(1, -5))))
        .hasMessageContaining("below the base");
    assertThatThrownBy(() -> new HalfOutline(List.of(Node.corner(1, 0), Node.corner(1, 20_000))))
        .hasMessageContaining("10 m");
    assertThatThrownBy(
            () -> new HalfOutline(java.util.Collections.nCopies(2001, Node.corner(1, 0))))
        .hasMessageContaining("at most 2000 nodes");
    assertThatThrownBy(() -> new Point(Double.NaN, 0)).hasMessageContaining("finite");
  }

  @Test
  void nothing_is_drawn_until_it_encloses_something() {
    assertThat(HalfOutline.EMPTY.drawn()).isFalse();
    assertThat(new HalfOutline(List.of(Node.corner(5, 0))).drawn()).isFalse();
    assertThat(new HalfOutline(List.of(Node.corner(0, 0), Node.corner(0, 9))).drawn()).isFalse();
    assertThat(TRIANGLE.drawn()).isTrue();
    assertThatThrownBy(HalfOutline.EMPTY::outline).isInstanceOf(IllegalStateException.class);
  }

  @Test
  void nodes_are_added_turned_and_removed() {
    HalfOutline more = TRIANGLE.inserted(1, Node.curve(60, 100));

    assertThat(more.nodes()).hasSize(3);
    assertThat(more.with(1, more.nodes().get(1).turned()).nodes().get(1).kind())
        .isEqualTo(Node.Kind.CORNER);
    assertThat(more.without(1)).isEqualTo(TRIANGLE);
  }

  /** A node pulled onto its neighbour leaves no side between them, whatever it was to be. */
  @Test
  void an_arc_between_two_nodes_at_one_place_is_nothing() {
    WholeOutline arched =
        new WholeOutline(
            List.of(
                new Node(new Point(0, 0), Node.Kind.CORNER, 0, 0.5),
                new Node(new Point(40, 0), Node.Kind.CURVE, 0, 0.3),
                Node.round(40, 40, 5),
                Node.curve(0, 40)));
    for (int i = 0; i < 4; i++) {
      Outline met = arched.with(i, arched.node(i).movedTo(arched.node(arched.after(i)).at()));
      assertThat(met.outline().flattened(0.01)).allMatch(it -> Double.isFinite(it.x()));
      assertThat(Exact.length(met, i)).isEqualTo(0);
      Outline almost =
          arched.with(
              i,
              arched.node(i).movedTo(arched.node(arched.after(i)).at().plus(new Point(1e-160, 0))));
      assertThat(almost.outline().flattened(0.01)).allMatch(it -> Double.isFinite(it.y()));
    }
    HalfOutline half =
        new HalfOutline(
            List.of(
                new Node(new Point(30, 0), Node.Kind.CORNER, 0, 0.4),
                new Node(new Point(30, 0), Node.Kind.CURVE, 0, 0),
                Node.corner(0, 90)));
    assertThat(half.outline().flattened(0.01)).allMatch(it -> Double.isFinite(it.x()));
  }

  @Test
  void a_bulge_that_nobody_can_tell_from_a_straight_side_is_one() {
    assertThat(new Node(new Point(0, 0), Node.Kind.CORNER, 0, 1e-300).bulge()).isEqualTo(0);
    assertThat(new Node(new Point(0, 0), Node.Kind.CORNER, 0, -1e-6).bulge()).isEqualTo(-1e-6);
  }

  @Test
  void places_that_are_not_there_are_named() {
    assertThatThrownBy(() -> BOX.with(2, Node.corner(0, 0)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage("There are 2 places for a node; found number 3");
    assertThatThrownBy(() -> BOX.without(-1)).hasMessageContaining("found number 0");
    assertThatThrownBy(() -> BOX.after(7)).hasMessageContaining("found number 8");
    assertThatThrownBy(
            () ->
                new WholeOutline(
                    List.of(Node.corner(0, 0), Node.corner(1e6, 0), Node.corner(0, 9))))
        .hasMessageContaining("more than 100 m away");
  }
}
