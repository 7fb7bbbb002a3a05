package stoutblade.slice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.mesh.Mesh;
import stoutblade.mesh.MeshSamples;
import stoutblade.mesh.MeshSamples.Turn;
import stoutblade.project.Samples;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Region;
import stoutblade.slice.Sliced.Slice;

/** Models in layers, against closed forms and an independent volume. */
class SlicerTest {

  private static Slicing every(double mm) {
    return Slicing.square(View.TOP, List.of(mm), 0, 0, 1000, 1000);
  }

  private static Sliced slice(Mesh mesh, Slicing slicing) {
    return Slicer.of(mesh, Orientation.Z_UP, 1, slicing, share -> {});
  }

  /** The divergence theorem over the triangles: another way to the volume. */
  private static double volume(Mesh mesh) {
    double six = 0;
    for (int t = 0; t < mesh.triangles(); t++) {
      int a = mesh.corner(t, 0);
      int b = mesh.corner(t, 1);
      int c = mesh.corner(t, 2);
      six +=
          mesh.x(a) * (mesh.y(b) * mesh.z(c) - mesh.z(b) * mesh.y(c))
              + mesh.y(a) * (mesh.z(b) * mesh.x(c) - mesh.x(b) * mesh.z(c))
              + mesh.z(a) * (mesh.x(b) * mesh.y(c) - mesh.y(b) * mesh.x(c));
    }
    return Math.abs(six / 6);
  }

  @Property(tries = 12)
  void the_volume_lies_between_what_layers_fill_and_what_they_are_cut_to(
      @ForAll @DoubleRange(min = 0, max = 3) double one,
      @ForAll @DoubleRange(min = 0, max = 3) double two,
      @ForAll @DoubleRange(min = 3, max = 25) double thick) {
    Mesh torus = MeshSamples.torus(100, 30, 60, new Turn(one, two));

    Sliced sliced = slice(torus, every(thick));

    assertThat(volume(torus)).isBetween(sliced.least() * 0.999, sliced.most() * 1.001);
  }

  @ParameterizedTest
  @CsvSource({"sphere", "torus", "cone"})
  void ever_thinner_layers_close_in_on_the_volume_at_the_expected_rate(String kind) {
    Mesh mesh =
        switch (kind) {
          case "sphere" -> MeshSamples.sphere(80, 120, Turn.NONE);
          case "torus" -> MeshSamples.torus(80, 30, 120, new Turn(0.4, 0.9));
          default -> MeshSamples.cone(60, 120, 120, new Turn(0.3, 0));
        };
    double closed =
        switch (kind) {
          case "sphere" -> 4.0 / 3 * Math.PI * Math.pow(80, 3);
          case "torus" -> 2 * Math.PI * 80 * Math.PI * 30 * 30;
          default -> Math.PI * 60 * 60 * 120 / 3;
        };

    Sliced few = slice(mesh, every(12));
    Sliced many = slice(mesh, every(3));
    double middle = (many.least() + many.most()) / 2;

    assertThat(volume(mesh)).isCloseTo(closed, within(closed * 5e-3));
    assertThat(middle).isCloseTo(closed, within(closed * 0.02));
    assertThat((few.most() - few.least()) / (many.most() - many.least()))
        .as("a quarter of the thickness, a quarter of the gap")
        .isBetween(3.2, 5.0);
  }

  @Test
  void layers_of_a_standing_cone_nest() {
    Sliced cone = slice(MeshSamples.cone(60, 120, 90, Turn.NONE), every(10));

    assertThat(cone.slices()).hasSize(12);
    List<Double> areas = cone.slices().stream().map(it -> it.outer().area()).toList();
    boolean up = areas.getFirst() > areas.getLast();
    for (int i = 1; i < cone.slices().size(); i++) {
      Region wider = cone.slices().get(up ? i - 1 : i).outer();
      Region narrower = cone.slices().get(up ? i : i - 1).outer();
      assertThat(narrower.difference(wider).area()).isLessThan(0.5);
    }
  }

  @Test
  void holes_of_a_torus_stay_open() {
    Slice middle = slice(MeshSamples.torus(100, 30, 90, Turn.NONE), every(10)).slices().get(2);

    assertThat(middle.outer().parts()).hasSize(1);
    assertThat(middle.outer().rings()).as("outside and hole").hasSize(2);
  }

  @Test
  void a_hollowed_ball_keeps_its_wall_all_round() {
    Slicing hollow = Slicing.square(View.TOP, List.of(10.0), 20, 0, 1000, 1000);
    Sliced ball = slice(MeshSamples.sphere(80, 120, Turn.NONE), hollow);

    assertThat(ball.slices().getFirst().hollow().isEmpty()).isTrue();
    assertThat(ball.slices().get(1).hollow().isEmpty()).as("within the wall").isTrue();
    Region inside = ball.slices().get(8).hollow();
    double reach = Math.sqrt(inside.area() / Math.PI);
    assertThat(reach).as("no nearer than the wall to any layer beside").isBetween(45.0, 60.0);
    assertThat(ball.cut()).isLessThan(ball.most());
    for (Slice it : ball.slices()) {
      assertThat(it.hollow().offsetRounded(19.5, 0.1).difference(it.outer()).area()).isLessThan(1);
    }
  }

  @Test
  void pegs_go_through_foam_and_every_joint_has_some() {
    Slicing pegged = Slicing.square(View.TOP, List.of(8.0), 0, 6, 1000, 1000);
    Sliced cone = slice(MeshSamples.torus(90, 35, 90, new Turn(0.6, 0.2)), pegged);

    List<Slice> slices = cone.slices();
    for (int i = 1; i < slices.size(); i++) {
      Slice above = slices.get(i);
      List<stoutblade.shape.Point> shared = new ArrayList<>(slices.get(i - 1).pegs());
      shared.retainAll(above.pegs());
      double room =
          above
              .inner()
              .offsetRounded(-7, 0.1)
              .intersection(slices.get(i - 1).inner().offsetRounded(-7, 0.1))
              .area();
      if (room > 1) {
        assertThat(shared).as("joint below layer " + above.number()).isNotEmpty();
      }
      assertThat(above.pegs())
          .allSatisfy(
              it -> {
                assertThat(above.outer().contains(it)).isTrue();
                assertThat(above.outer().distanceToBoundary(it)).isGreaterThan(6);
              });
    }
  }

  /** A ball of radius 100: at a height z its surface is √(100² − z²) from the axis, to hand. */
  @Test
  void pegs_stay_three_millimetres_inside_the_finished_surface_in_both_layers() {
    Slicing pegged = Slicing.square(View.TOP, List.of(12.0), 0, 6, 1000, 1000);
    Sliced ball = slice(MeshSamples.sphere(100, 160, Turn.NONE), pegged);

    int checked = 0;
    List<Slice> slices = ball.slices();
    for (int i = 1; i < slices.size(); i++) {
      List<stoutblade.shape.Point> shared = new ArrayList<>(slices.get(i - 1).pegs());
      shared.retainAll(slices.get(i).pegs());
      for (stoutblade.shape.Point peg : shared) {
        for (double z = slices.get(i).from() - 6; z <= slices.get(i).from() + 6; z += 1) {
          double surface = Math.sqrt(Math.max(0, 100 * 100 - (z - 100) * (z - 100)));
          assertThat(surface - peg.length() - 3).as("joint " + i + " at " + z).isGreaterThan(2.9);
          checked++;
        }
      }
    }
    assertThat(checked).isGreaterThan(100);
  }

  @Test
  void joints_never_lie_over_one_another_in_neighbouring_layers() {
    Slicing small = Slicing.square(View.TOP, List.of(20.0), 0, 0, 90, 130);
    Sliced ball = slice(MeshSamples.sphere(100, 120, Turn.NONE), small);

    for (Slice it : ball.slices()) {
      double pieces = it.pieces().stream().mapToDouble(Region::area).sum();
      assertThat(pieces).isCloseTo(it.outer().area(), within(it.outer().area() * 1e-3));
      assertThat(it.pieces())
          .allSatisfy(
              piece -> {
                var box = piece.box();
                assertThat(Math.min(box.width(), box.height())).isLessThanOrEqualTo(90.001);
                assertThat(Math.max(box.width(), box.height())).isLessThanOrEqualTo(130.001);
              });
    }
  }

  private static Slicing tipped(double thick, double lean, double turn) {
    return new Slicing(View.TOP, lean, turn, List.of(thick), 0, 0, 1000, 1000);
  }

  /** A cube of 40 tipped over an edge is 40 · √2 high, over a corner 40 · √3. */
  @Test
  void tipped_it_is_as_high_as_it_lies() {
    Mesh cube = MeshSamples.cube();
    double edge = Math.PI / 4;
    double corner = Math.atan(1 / Math.sqrt(2));

    assertThat(Slicer.high(cube, Orientation.Z_UP, 40, tipped(5, 0, 0)))
        .isCloseTo(40, within(1e-3));
    assertThat(Slicer.high(cube, Orientation.Z_UP, 40, tipped(5, edge, 0)))
        .isCloseTo(40 * Math.sqrt(2), within(1e-3));
    assertThat(Slicer.high(cube, Orientation.Z_UP, 40, tipped(5, 0, -edge)))
        .isCloseTo(40 * Math.sqrt(2), within(1e-3));
    assertThat(Slicer.high(cube, Orientation.Z_UP, 40, tipped(5, edge, corner)))
        .isCloseTo(40 * Math.sqrt(3), within(1e-3));
  }

  /** However it is tipped, the volume is the same. */
  @Property(tries = 8)
  void tipped_the_volume_lies_between_the_same_bounds(
      @ForAll @DoubleRange(min = -1.5, max = 1.5) double lean,
      @ForAll @DoubleRange(min = -1.5, max = 1.5) double turn) {
    Mesh torus = MeshSamples.torus(100, 30, 60, Turn.NONE);
    Sliced sliced = slice(torus, tipped(6, lean, turn));

    assertThat(volume(torus)).isBetween(sliced.least() * 0.999, sliced.most() * 1.001);
    assertThat(sliced.most() - sliced.least()).isLessThan(volume(torus) * 0.6);
  }

  @Test
  void it_tips_by_no_more_than_a_right_angle() {
    assertThatThrownBy(() -> tipped(5, 2, 0)).hasMessageContaining("up to 90°");
    assertThatThrownBy(() -> tipped(5, 0, Double.NaN)).hasMessageContaining("up to 90°");
  }

  /** 47 in sheets of 12 is 24 and 23, which 10, 8 and 5 or 12, 6 and 5 come to. */
  @Test
  void thicknesses_are_fitted_to_the_height_by_the_stack_finder() {
    assertThat(Fitted.sheets(Samples.FOAM, 12, 47)).hasSize(5).startsWith(12.0, 12.0);
    assertThat(sum(Fitted.sheets(Samples.FOAM, 12, 47))).isEqualTo(47);
    assertThat(Fitted.sheets(Samples.FOAM, 10, 10)).containsExactly(10.0);
    assertThat(sum(Fitted.sheets(Samples.FOAM, 12, 2))).isEqualTo(5);
  }

  @Property(tries = 200)
  void what_is_fitted_is_never_further_off_than_whole_sheets_alone(
      @ForAll @DoubleRange(min = 3, max = 400) double high) {
    double fitted = sum(Fitted.sheets(Samples.FOAM, 10, high));
    double alone = Math.max(10, 10 * Math.rint(high / 10));

    assertThat(Math.abs(fitted - high)).isLessThanOrEqualTo(Math.abs(alone - high) + 0.051);
  }

  private static double sum(List<Double> all) {
    return all.stream().mapToDouble(Double::doubleValue).sum();
  }

  @Test
  void sheets_are_taken_in_turn_and_a_scale_counts() {
    Slicing turns = Slicing.square(View.TOP, List.of(10.0, 5.0), 0, 0, 1000, 1000);
    Sliced cube = Slicer.of(MeshSamples.cube(), Orientation.Z_UP, 40, turns, share -> {});

    assertThat(cube.slices())
        .extracting(Slice::thickness)
        .containsExactly(10.0, 5.0, 10.0, 5.0, 10.0);
    assertThat(cube.most()).isCloseTo(40 * 40 * 40, within(1.0));
    assertThat(cube.glued()).isCloseTo(2 * 4 * 1600, within(1.0));
  }

  @Test
  void it_is_cancelled_and_bounded() {
    Mesh ball = MeshSamples.sphere(80, 60, Turn.NONE);
    assertThatThrownBy(
            () ->
                Slicer.of(
                    ball,
                    Orientation.Z_UP,
                    1,
                    every(5),
                    share -> {
                      if (share > 0.4) {
                        throw new CancellationException();
                      }
                    }))
        .isInstanceOf(CancellationException.class);
    assertThatThrownBy(() -> Slicer.of(ball, Orientation.Z_UP, 1000, every(5), share -> {}))
        .hasMessageContaining("More than 600 layers");
    assertThatThrownBy(() -> every(0)).hasMessageContaining("thicker than 0");
    assertThatThrownBy(() -> Slicing.square(View.TOP, List.of(5.0), -1, 0, 500, 500))
        .hasMessageContaining("Walls and pegs");
  }
}
