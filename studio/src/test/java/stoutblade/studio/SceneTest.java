package stoutblade.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import stoutblade.demo.Demo;
import stoutblade.reference.Reference;
import stoutblade.shape.Point;

/** The scene has the sizes that it claims, and the demo's marks lie where the camera sees them. */
class SceneTest {

  private static final Camera CAMERA = Studio.CAMERA;

  private final Quay scene = new Quay();

  private static Point seen(Vec place) {
    Vec px = CAMERA.project(place);
    return new Point(px.x(), px.y());
  }

  @Test
  void a_ray_through_where_a_place_is_seen_leads_to_the_place() {
    for (Vec place : new Vec[] {Quay.HEAD, Quay.TIP, Quay.BUTT, Quay.CRATE_TOP}) {
      Point px = seen(place);
      Vec ray = CAMERA.ray(px.x(), px.y());
      Vec to = place.minus(CAMERA.eye());
      assertThat(ray.cross(to).length() / to.length()).isCloseTo(0, within(1e-9));
    }
  }

  @Test
  void the_prop_is_1_90_m_and_its_leaf_is_steel() {
    assertThat(Quay.TIP.minus(Quay.BUTT).length()).isCloseTo(1.9, within(1e-9));
    Vec inLeaf = Quay.BUTT.mix(Quay.TIP, 0.8);
    assertThat(scene.distance(inLeaf)).isNegative();
    assertThat(scene.stuffAt(inLeaf.plus(new Vec(0.02, 0, 0.0)))).isEqualTo(Quay.Stuff.STEEL);
    assertThat(scene.distance(Quay.TIP.plus(new Vec(0, 0.05, 0)))).isPositive();
  }

  @Test
  void the_hood_reaches_the_stature_and_no_higher() {
    assertThat(scene.distance(new Vec(0, 1.72, -0.015))).isNegative();
    assertThat(scene.distance(new Vec(0, 1.76, -0.015))).isPositive();
  }

  /** A person marks within a few pixels of the true places. */
  @Test
  void the_demos_marks_are_near_what_the_camera_sees() throws java.io.IOException {
    Reference marks =
        Demo.open(LocalDateTime.of(2031, 3, 3, 12, 0))
            .project()
            .first()
            .size()
            .references()
            .getFirst();

    assertNear(marks, "r1", Quay.HEAD, Quay.HEEL);
    assertNear(marks, "r2", Quay.CRATE_TOP, Quay.CRATE_FOOT);
    assertNear(marks.whole().orElseThrow().from(), Quay.BUTT);
    assertNear(marks.whole().orElseThrow().to(), Quay.TIP);
  }

  private static void assertNear(Reference marks, String ruler, Vec from, Vec to) {
    var points = marks.ruler(ruler).orElseThrow().by().points();
    assertNear(points.getFirst(), from);
    assertNear(points.getLast(), to);
  }

  private static void assertNear(Point marked, Vec place) {
    assertThat(marked.distance(seen(place))).isLessThan(4);
  }

  @Test
  void solids_have_their_distances() {
    assertThat(Shapes.ball(2, 0, 0, 0.5)).isCloseTo(1.5, within(1e-12));
    assertThat(Shapes.box(2, 3, 0, 1, 1, 1)).isCloseTo(Math.sqrt(1 + 4), within(1e-12));
    assertThat(Shapes.box(0.5, 0, 0, 1, 1, 1)).isCloseTo(-0.5, within(1e-12));
    assertThat(Shapes.limb(new Vec(1, 5, 0), new Vec(0, 0, 0), new Vec(0, 10, 0), 0.2, 0.4))
        .isCloseTo(1 - 0.3, within(1e-12));
    assertThat(Shapes.blend(0.5, 2, 0.1)).isEqualTo(0.5);
    assertThat(Shapes.blend(0.5, 0.5, 0.1)).isLessThan(0.5);
  }

  @Test
  void noise_is_the_same_every_time_and_stays_between_nothing_and_one() {
    for (int i = 0; i < 500; i++) {
      double value = Noise.smooth(i * 0.37, i * 0.11, 2);
      assertThat(value).isBetween(0.0, 1.0).isEqualTo(Noise.smooth(i * 0.37, i * 0.11, 2));
    }
    assertThat(Quay.mortar(0.0, 0.0)).isEqualTo(1);
    assertThat(Quay.mortar(0.11, 0.037)).isLessThan(0.01);
  }
}
