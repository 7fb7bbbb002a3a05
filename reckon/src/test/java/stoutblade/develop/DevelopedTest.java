package stoutblade.develop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.special.elliptic.legendre.LegendreEllipticIntegral;
import org.junit.jupiter.api.Test;
import stoutblade.measure.Figure;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** Shapes laid out flat, against worked examples and other libraries. */
class DevelopedTest {

  private static final double INCH = 25.4;

  private static double figure(Form form, String key) {
    return form.develop("x").figures().stream()
        .filter(it -> it.id().equals("x." + key))
        .mapToDouble(Figure::value)
        .findFirst()
        .orElseThrow();
  }

  /** Common practice: a ring is π(D + t) long; worked by hand for 100 and 10 mm. */
  @Test
  void a_ring_is_measured_through_the_middle_of_its_foam() {
    assertThat(figure(new Ring(100, Ring.Known.FORMER, 10, 30), "length"))
        .isCloseTo(345.575, within(0.001));
    assertThat(figure(new Ring(120, Ring.Known.OUTSIDE, 10, 30), "length"))
        .isCloseTo(345.575, within(0.001));
  }

  /** Worked by hand: 22, 26 and 30 mm through the middles of three turns of 4 mm on 18 mm. */
  @Test
  void each_turn_goes_round_the_ones_below_it_and_may_be_stepped() {
    Wraps wraps = new Wraps(18, List.of(4.0, 4.0, 4.0), 150, 12);
    assertThat(figure(wraps, "turn1.length")).isCloseTo(Math.PI * 22, within(1e-9));
    assertThat(figure(wraps, "turn3.length")).isCloseTo(Math.PI * 38, within(1e-9));
    assertThat(figure(wraps, "turn3.width")).isEqualTo(102);
    assertThat(figure(wraps, "turn3.outside")).isEqualTo(42);
  }

  /** A 5-12-13 triangle: foot 100, height 120, slope 130; the sheet opens by 360° · 50/130. */
  @Test
  void a_thin_cone_is_a_sector_of_its_slope() {
    Cone cone = new Cone(100, 0, 120, 1e-9, 0, 1);
    assertThat(figure(cone, "outer")).isCloseTo(130, within(1e-6));
    assertThat(figure(cone, "spread")).isCloseTo(Math.toRadians(138.4615), within(1e-5));
    assertThat(cone.develop("x").panels().getFirst().edges()).hasSize(3);
  }

  /** Common practice: a 24 in rim with 16 darts of about 3/16 in comes out about 3 in deep. */
  @Test
  void a_shield_of_sixteen_darts_comes_out_three_inches_deep() {
    double depth = Dish.depthOf(24 * INCH, 10, 16, 3.0 / 16 * INCH);
    assertThat(depth / INCH).isCloseTo(3, within(0.15));
  }

  /** Spherical cap: rim 600, depth 75: r = (300² + 75²)/150 = 637.5 (any table of solids). */
  @Test
  void a_dish_is_a_cap_of_the_sphere_that_the_formulas_say() {
    Dish dish = new Dish(600, 75, 10, 16, Dish.Way.DARTS, 4);
    assertThat(figure(dish, "sphere")).isCloseTo(637.5, within(1e-9));
    double opening = Math.asin(300 / 637.5);
    assertThat(figure(dish, "disc")).isCloseTo(2 * 632.5 * opening, within(1e-9));
    Developed flat = dish.develop("x");
    assertThat(flat.panels()).singleElement().satisfies(it -> assertThat(it.count()).isEqualTo(4));
    assertThat(flat.seams().get("A")).hasSize(8);
    assertThat(flat.seams().keySet()).containsExactly("1", "2", "3", "A");
  }

  @Test
  void a_dome_of_gores_has_gores_as_long_as_a_quarter_of_its_circle() {
    Dish dome = new Dish(400, 200, 6, 8, Dish.Way.GORES, 1);
    assertThat(figure(dome, "reach")).isCloseTo(197 * Math.PI / 2, within(1e-6));
    assertThat(figure(dome, "wide")).isCloseTo(2 * Math.PI * 197 / 8, within(1e-6));
    assertThat(dome.develop("x").panels().getFirst().box().height())
        .isCloseTo(197 * Math.PI / 2, within(1e-6));
  }

  /** A curve that was drawn as a circle is the cap. */
  @Test
  void a_drawn_profile_of_a_circle_is_the_cap() {
    TurnedProfile.Cap cap = new TurnedProfile.Cap(300, 1);
    List<Node> nodes = new java.util.ArrayList<>();
    for (int i = 0; i <= 8; i++) {
      double angle = i / 8.0;
      nodes.add(Node.curve(300 * Math.sin(angle), 300 * (1 - Math.cos(angle))));
    }
    nodes.set(0, Node.curve(0, 0));
    nodes.set(8, Node.corner(nodes.get(8).at().x(), nodes.get(8).at().y()));
    TurnedProfile.Drawn drawn = TurnedProfile.Drawn.through(nodes);
    assertThat(drawn.length()).isCloseTo(cap.length(), within(0.3));
    assertThat(drawn.radius(150)).isCloseTo(cap.radius(150), within(0.2));
    assertThat(drawn.growth(150)).isCloseTo(cap.growth(150), within(0.01));
  }

  /** A plane cuts a tube in an ellipse; its length by Hipparchus' complete elliptic integral. */
  @Test
  void the_wavy_edge_of_an_elbow_is_as_long_as_the_ellipse_it_closes_to() {
    Elbow elbow = new Elbow(104, 4, Math.PI / 2, 3, 120, 60);
    double mitre = Math.PI / 8;
    double k = Math.sin(mitre);
    double ellipse = 4 * 50 / Math.cos(mitre) * LegendreEllipticIntegral.bigE(k * k);
    Edge wavy = elbow.develop("x").seams().get("A").getFirst();
    assertThat(wavy.length()).isCloseTo(ellipse, within(0.01));
    assertThat(figure(elbow, "wave")).isCloseTo(100 * Math.tan(mitre), within(1e-9));
  }

  /**
   * The knife's lean against the planes themselves: the tube's face and the mitre's plane meet, and
   * the angle of the cut to the face's normal is measured between vectors.
   */
  @Test
  void the_edge_of_an_elbow_leans_as_its_plane_does() {
    double mitre = Math.toRadians(22.5);
    Edge wavy =
        new Elbow(104, 4, Math.PI / 2, 3, 120, 60)
            .develop("x").panels().getFirst().edges().stream()
                .filter(it -> it.seam().equals("A"))
                .findFirst()
                .orElseThrow();
    double[] plane = {-Math.sin(mitre), 0, Math.cos(mitre)};

    assertThat(wavy.leans()).hasSize(8);
    for (Edge.Lean lean : wavy.leans()) {
      double round = 2 * Math.PI * lean.share();
      double[] face = {Math.cos(round), Math.sin(round), 0};
      double[] cut = cross(cross(plane, face), plane);
      double cosine = dot(cut, face) / Math.sqrt(dot(cut, cut));
      assertThat(Math.abs(lean.radians()))
          .isCloseTo(Math.acos(Math.min(1, Math.abs(cosine))), within(1e-7));
    }
    assertThat(wavy.leans().getFirst().radians()).as("inside of the bend").isNegative();
    assertThat(wavy.leans().get(4).radians()).as("outside of the bend").isPositive();
  }

  private static double dot(double[] a, double[] b) {
    return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
  }

  private static double[] cross(double[] a, double[] b) {
    return new double[] {
      a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]
    };
  }

  /** Common practice: 180° over n per edge; four sides 45°. */
  @Test
  void a_box_is_mitred_at_45_degrees_and_its_ends_fit() {
    Prism box = new Prism(4, 200, 120, 80, 10, 2);
    assertThat(figure(box, "lean")).isCloseTo(Math.PI / 4, within(1e-12));
    assertThat(figure(box, "inside")).isCloseTo(180, within(1e-9));
    assertThat(box.develop("x").panels()).extracting(Panel::count).containsExactly(2, 2, 2);
    assertThat(new Prism(6, 100, 100, 50, 5, 1).develop("x").seams().get("B")).hasSize(12);
  }

  /** A cube has six sides alike: its ends are cut as its walls, and it is no higher than wide. */
  @Test
  void the_ends_of_a_cube_are_mitred_as_its_sides() {
    Prism cube = new Prism(4, 120, 120, 120, 10, 2);
    for (Panel panel : cube.develop("x").panels()) {
      assertThat(panel.box().width()).isCloseTo(120, within(1e-9));
      assertThat(panel.box().height()).isCloseTo(120, within(1e-9));
      assertThat(panel.edges()).extracting(Edge::bevel).containsOnly(Math.PI / 4);
    }
    assertThat(figure(cube, "within")).isCloseTo(100, within(1e-9));
    assertThatThrownBy(() -> new Prism(4, 120, 120, 20, 10, 2))
        .hasMessageContaining("inside its ends");
    List<Edge> open = new Prism(4, 120, 120, 120, 10, 1).develop("x").panels().getFirst().edges();
    assertThat(open)
        .extracting(Edge::bevel)
        .containsExactly(Math.PI / 4, Math.PI / 4, 0.0, Math.PI / 4);
  }

  /** Half the angle between the sides' normals, worked out in space. */
  @Test
  void a_pyramid_leans_by_half_the_angle_between_its_sides() {
    Pyramid pyramid = new Pyramid(5, 120, 40, 90);
    double apothem = (120 - 40) / 2 / Math.tan(Math.PI / 5);
    double tilt = Math.atan(apothem / 90);
    double turn = 2 * Math.PI / 5;
    double[] one = {Math.cos(tilt), 0, Math.sin(tilt)};
    double[] two = {
      Math.cos(tilt) * Math.cos(turn), Math.cos(tilt) * Math.sin(turn), Math.sin(tilt)
    };
    double dot = one[0] * two[0] + one[1] * two[1] + one[2] * two[2];
    assertThat(figure(pyramid, "lean")).isCloseTo(Math.acos(dot) / 2, within(1e-12));
    assertThat(figure(pyramid, "slope")).isCloseTo(Math.hypot(90, apothem), within(1e-9));
  }

  /** Common practice: one half, the thickness crossed (about 1/2 in), the other half. */
  @Test
  void a_plate_over_an_edge_is_two_halves_and_the_thickness() {
    OverEdge plate = new OverEdge(3 * INCH, INCH / 2, 100);
    assertThat(figure(plate, "width")).isCloseTo(6.5 * INCH, within(1e-9));
    assertThat(plate.develop("x").panels().getFirst().lines()).hasSize(2);
  }

  /** Against the boundary of JTS's buffer at half the band's thickness. */
  @Test
  void a_band_is_as_long_as_the_parallel_through_its_middle() {
    Path ellipse =
        Path.following(
            a -> new Point(200 * Math.cos(a), 120 * Math.sin(a)),
            a -> new Point(-200 * Math.sin(a), 120 * Math.cos(a)),
            0,
            2 * Math.PI,
            64);
    double round = ellipse.length(1e-4);
    List<Point> parallel =
        Region.inside(new Path(ellipse.cubics(), true), 1e-4).offset(5).rings().getFirst();
    double sum = 0;
    for (int i = 0; i < parallel.size(); i++) {
      sum += parallel.get(i).distance(parallel.get((i + 1) % parallel.size()));
    }
    assertThat(figure(new RimBand(round, 10, 20), "length")).isCloseTo(sum, within(0.05));
  }

  @Test
  void a_strip_wound_at_thirty_degrees_rises_by_the_tangent() {
    // Once round 200 mm, free width 100 mm: the sine is a half.
    Helix helix = new Helix(200 / Math.PI - 2, 2, 110, 10, 400);
    assertThat(figure(helix, "angle")).isCloseTo(Math.PI / 6, within(1e-9));
    assertThat(figure(helix, "length")).isCloseTo(800, within(1e-6));
    assertThat(figure(helix, "advance")).isCloseTo(200 * Math.tan(Math.PI / 6), within(1e-6));
    assertThat(helix.develop("x").panels().getFirst().lines()).hasSize(1);
  }

  @Test
  void sizes_that_make_no_shape_are_refused_with_the_reason() {
    assertThatThrownBy(() -> new Ring(10, Ring.Known.OUTSIDE, 6, 20))
        .hasMessageContaining("outside diameter");
    assertThatThrownBy(() -> new Cone(50, 60, 100, 5, 0, 1)).hasMessageContaining("wider at its");
    assertThatThrownBy(() -> new Cone(100, 20, 100, 5, 1.2, 1)).hasMessageContaining("leans");
    assertThatThrownBy(() -> new Dish(600, 75, 10, 16, Dish.Way.DARTS, 3))
        .hasMessageContaining("16 darts do not make 3 segments");
    assertThatThrownBy(() -> Dish.depthOf(600, 10, 16, 80)).hasMessageContaining("whole dome");
    assertThatThrownBy(() -> new Helix(20, 2, 90, 0, 100)).hasMessageContaining("way round");
    assertThatThrownBy(() -> new Elbow(100, 5, Math.PI / 2, 4, 40, 10))
        .hasMessageContaining("radius of the bend");
    assertThatThrownBy(() -> new Wraps(20, List.of(2.0, 2.0), 40, 30))
        .hasMessageContaining("outermost");
    assertThatThrownBy(
            () ->
                Panel.of(
                    "Open",
                    1,
                    List.of(
                        Edge.free(Path.line(new Point(0, 0), new Point(1, 0))),
                        Edge.free(Path.line(new Point(1, 1), new Point(0, 0))))))
        .hasMessageContaining("do not close");
  }
}
