package stoutblade.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import stoutblade.mesh.MeshSamples.Turn;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Box;
import stoutblade.trace.Pixels;

class MeshBuilderTest {

  /** Corners given anew for each face, as STL does, become one at each place. */
  @Property(tries = 20)
  void corners_at_one_place_become_one(@ForAll @IntRange(min = 3, max = 40) int around) {
    Mesh joined = MeshSamples.sphere(10, 2 * around, Turn.NONE);
    MeshBuilder loose = new MeshBuilder();
    for (int t = 0; t < joined.triangles(); t++) {
      int first = loose.vertices();
      for (int k = 0; k < 3; k++) {
        int v = joined.corner(t, k);
        loose.vertex(joined.x(v), joined.y(v), joined.z(v));
      }
      loose.face(first, first + 1, first + 2);
    }

    Mesh again = loose.build();

    assertThat(again.triangles()).isEqualTo(joined.triangles());
    assertThat(again.vertices()).isEqualTo(joined.vertices());
    assertThat(MeshCheck.of(again, 0).sound()).isTrue();
    assertThat(MeshCheck.of(again, 0).pieces()).isEqualTo(1);
  }

  @Test
  void faces_of_many_corners_become_fans_and_flat_ones_are_left_out() {
    MeshBuilder builder = new MeshBuilder();
    for (int k = 0; k < 6; k++) {
      builder.vertex(Math.cos(k), Math.sin(k), 0);
    }
    builder.face(0, 1, 2, 3, 4, 5);
    builder.face(0, 1, 1);

    Mesh mesh = builder.build();

    assertThat(mesh.triangles()).isEqualTo(4);
    assertThat(builder.flatTriangles()).isEqualTo(1);
  }

  @Test
  void what_cannot_be_is_refused_with_its_place() {
    MeshBuilder builder = new MeshBuilder();
    builder.vertex(0, 0, 0);
    assertThatThrownBy(() -> builder.vertex(Double.NaN, 0, 0))
        .hasMessageContaining("corner 2 lies nowhere");
    assertThatThrownBy(() -> builder.vertex(Double.POSITIVE_INFINITY, 0, 0))
        .hasMessageContaining("lies nowhere");
    assertThatThrownBy(() -> builder.face(0, 1, 2))
        .hasMessageContaining("names corner 2; there are 1");
    assertThatThrownBy(() -> builder.face(0, -1, 0)).hasMessageContaining("names corner 0");
    assertThatThrownBy(() -> builder.face(0, 0)).hasMessageContaining("three are the least");
    assertThatThrownBy(builder::build).hasMessageContaining("no faces");
    builder.face(0, 0, 0);
    assertThatThrownBy(builder::build).hasMessageContaining("none of its faces has an area");
  }

  @Test
  void the_extent_is_that_of_what_is_used() {
    MeshBuilder builder = new MeshBuilder();
    builder.vertex(500, 500, 500);
    builder.vertex(0, 0, 0);
    builder.vertex(2, 0, 0);
    builder.vertex(0, 3, 1);
    builder.face(1, 2, 3);

    assertThat(builder.build().extent().longest()).isEqualTo(3);
  }

  // == HOW IT LOOKS

  @Test
  void a_sphere_is_lit_in_its_middle_dark_at_its_rim_and_clear_around() {
    Shading look =
        Shading.of(
            MeshSamples.sphere(100, 90, Turn.NONE), Orientation.Z_UP, View.FRONT, 200, share -> {});
    Pixels pixels = look.pixels();
    int middle = pixels.argb(pixels.width() / 2, pixels.height() / 2) & 0xff;
    int rim = pixels.argb(4, pixels.height() / 2) & 0xff;

    assertThat(middle).isGreaterThan(rim + 60);
    assertThat(pixels.argb(1, 1) >>> 24).isZero();
    Box frame = look.frame();
    assertThat(frame.width()).isCloseTo(200, within(3.0));
    assertThat(frame.centre().x()).isCloseTo(0, within(2.0));
  }

  /** Two sheets one behind the other: the nearer one is seen, from each side another. */
  @Test
  void what_is_nearer_hides_what_is_behind() {
    Mesh two =
        MeshSamples.mesh(
            it -> {
              it.vertex(0, -1, 0);
              it.vertex(10, -1, 0);
              it.vertex(0, -1, 10);
              it.vertex(0, 1, 0);
              it.vertex(10, 5, 0);
              it.vertex(0, 5, 10);
              it.face(0, 1, 2);
              it.face(3, 4, 5);
            });

    int front = shade(two, Orientation.Z_UP);
    int back =
        shade(two, new Orientation(stoutblade.reference.Axis.Z_UP, stoutblade.reference.Axis.Y_UP));

    assertThat(front).as("square on: brightest").isGreaterThan(195);
    assertThat(back).as("aslant: darker").isLessThan(front);
  }

  private static int shade(Mesh mesh, Orientation orientation) {
    Pixels pixels = Shading.of(mesh, orientation, View.FRONT, 40, share -> {}).pixels();
    boolean mirrored = orientation.front() == stoutblade.reference.Axis.Y_UP;
    return pixels.argb(mirrored ? pixels.width() - 8 : 8, pixels.height() - 8) & 0xff;
  }
}
