package stoutblade.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.mesh.MeshSamples.Turn;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

class MeshSectionTest {

  @Property(tries = 40)
  void a_sphere_is_cut_in_circles(@ForAll @DoubleRange(min = -90, max = 90) double height) {
    MeshSection cut =
        new MeshSection.Cutter(MeshSamples.sphere(100, 240, new Turn(0.7, 0.2)))
            .across(Orientation.Z_UP, View.TOP, height);

    assertThat(cut.closed()).isTrue();
    assertThat(cut.loops()).hasSize(1);
    assertThat(cut.area() / (Math.PI * (1e4 - height * height))).isCloseTo(1, within(2e-3));
  }

  @Test
  void a_torus_is_cut_in_two_circles_or_in_a_ring() {
    MeshSection.Cutter cutter = new MeshSection.Cutter(MeshSamples.torus(100, 20, 240, Turn.NONE));

    MeshSection upright = cutter.across(Orientation.Z_UP, View.FRONT, 0);
    MeshSection level = cutter.across(Orientation.Z_UP, View.TOP, 1e-3);

    assertThat(upright.loops()).hasSize(2);
    assertThat(upright.area()).isCloseTo(2 * Math.PI * 400, within(3.0));
    assertThat(level.loops()).hasSize(2);
    assertThat(level.area()).isCloseTo(Math.PI * (120 * 120 - 80 * 80), within(30.0));
  }

  /** The middle plane square to a cube's diagonal cuts a regular hexagon: 3√3 ÷ 4. */
  @Test
  void a_cube_is_cut_in_a_hexagon() {
    MeshSection cut =
        new MeshSection.Cutter(MeshSamples.cube())
            .by(new double[] {2, 2, 2}, new double[] {0.5, 0.5, 0.5});

    assertThat(cut.area()).isCloseTo(3 * Math.sqrt(3) / 4, within(1e-9));
  }

  /** A cube cut along a line aslant of 30°: 1 ÷ cos 30° long and 1 high. */
  @Test
  void a_cut_along_a_drawn_line_is_as_long_as_the_line_in_the_model() {
    Point from = new Point(-1, 0.5 - 1.5 * Math.tan(Math.PI / 6));
    Point to = new Point(2, 0.5 + 1.5 * Math.tan(Math.PI / 6));

    MeshSection cut =
        new MeshSection.Cutter(MeshSamples.cube()).along(Orientation.Z_UP, View.FRONT, from, to);

    assertThat(cut.area()).isCloseTo(1 / Math.cos(Math.PI / 6), within(1e-6));
    Box box = Box.around(cut.loops().getFirst());
    assertThat(box.width()).isCloseTo(1 / Math.cos(Math.PI / 6), within(1e-6));
    assertThat(box.height()).isCloseTo(1, within(1e-6));
  }

  @Test
  void a_plane_through_corners_and_faces_still_closes() {
    MeshSection.Cutter cutter = new MeshSection.Cutter(MeshSamples.cube());

    assertThat(cutter.by(new double[] {1, -1, 0}, new double[] {0, 0, 0}).closed()).isTrue();
    assertThat(cutter.by(new double[] {0, 0, 1}, new double[] {0, 0, 1}).area())
        .isCloseTo(1, within(1e-6));
    assertThat(cutter.by(new double[] {0, 0, 1}, new double[] {0, 0, 5}).loops()).isEmpty();
    assertThatThrownBy(() -> cutter.by(new double[3], new double[3]))
        .hasMessageContaining("direction");
  }

  @Test
  void a_cut_that_runs_into_a_hole_is_open() {
    Mesh open =
        MeshSamples.mesh(
            it -> {
              for (int i = 0; i < 8; i++) {
                it.vertex(i & 1, i >> 1 & 1, i >> 2);
              }
              it.face(0, 1, 5, 4);
              it.face(1, 3, 7, 5);
              it.face(3, 2, 6, 7);
            });

    MeshSection cut =
        new MeshSection.Cutter(open).by(new double[] {0, 0, 1}, new double[] {0, 0, 0.5});

    assertThat(cut.closed()).isFalse();
    assertThat(cut.loops()).hasSize(1);
    assertThat(cut.area()).isCloseTo(1, within(1e-9));
  }
}
