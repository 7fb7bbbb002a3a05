package stoutblade.mesh;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import stoutblade.mesh.MeshSamples.Turn;
import stoutblade.reference.Axis;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;

/** What holds of every mesh. */
class SilhouetteLaws {

  private static double area(Mesh mesh, Orientation orientation, View view) {
    return Silhouette.of(mesh, orientation, view).region().area();
  }

  private static Mesh bell(double aboutX, double aboutZ) {
    return MeshSamples.cone(40, 90, 37, new Turn(aboutX, aboutZ));
  }

  /** From behind a thing covers what it covers from the front. */
  @Property(tries = 20)
  void front_and_back_cover_the_same(
      @ForAll @DoubleRange(min = 0, max = 3) double aboutX,
      @ForAll @DoubleRange(min = 0, max = 3) double aboutZ) {
    Mesh mesh = bell(aboutX, aboutZ);
    double front = area(mesh, new Orientation(Axis.Z_UP, Axis.Y_DOWN), View.FRONT);
    double back = area(mesh, new Orientation(Axis.Z_UP, Axis.Y_UP), View.FRONT);

    assertThat(back / front).isBetween(1 - 1e-6, 1 + 1e-6);
  }

  /** What is seen from the side is what is seen from the front once the thing is turned. */
  @Property(tries = 20)
  void the_side_is_the_front_of_the_thing_turned(
      @ForAll @DoubleRange(min = 0, max = 3) double aboutX) {
    Mesh mesh = bell(aboutX, 0.3);
    double side = area(mesh, new Orientation(Axis.Z_UP, Axis.Y_DOWN), View.SIDE);
    double turned = area(mesh, new Orientation(Axis.Z_UP, Axis.X_UP), View.FRONT);

    assertThat(turned / side).isBetween(1 - 1e-6, 1 + 1e-6);
  }

  /** Cauchy: of a convex body the mean silhouette is a quarter of its surface (from memory). */
  @Property(tries = 3)
  void the_mean_silhouette_of_a_cube_is_a_quarter_of_its_surface(
      @ForAll @IntRange(min = 1, max = 1000) int seed) {
    java.util.Random random = new java.util.Random(seed);
    double sum = 0;
    int runs = 400;
    for (int i = 0; i < runs; i++) {
      double z = 2 * random.nextDouble() - 1;
      double turn = 2 * Math.PI * random.nextDouble();
      sum += area(turnedCube(Math.acos(z), turn), Orientation.Z_UP, View.FRONT);
    }

    assertThat(sum / runs).isBetween(1.5 * 0.975, 1.5 * 1.025);
  }

  private static Mesh turnedCube(double tilt, double turn) {
    Mesh cube = MeshSamples.cube();
    return MeshSamples.mesh(
        it -> {
          for (int v = 0; v < cube.vertices(); v++) {
            double x = cube.x(v) * Math.cos(turn) - cube.z(v) * Math.sin(turn);
            double z = cube.x(v) * Math.sin(turn) + cube.z(v) * Math.cos(turn);
            double y = cube.y(v) * Math.cos(tilt) - z * Math.sin(tilt);
            it.vertex(x, y, cube.y(v) * Math.sin(tilt) + z * Math.cos(tilt));
          }
          for (int t = 0; t < cube.triangles(); t++) {
            it.face(cube.corner(t, 0), cube.corner(t, 1), cube.corner(t, 2));
          }
        });
  }

  /** The sections of a thing, added up, are its volume. */
  @Property(tries = 10)
  void sections_add_up_to_the_volume(@ForAll @DoubleRange(min = 0, max = 1.5) double aboutX) {
    Mesh cone = MeshSamples.cone(40, 90, 90, new Turn(aboutX, 0.2));
    MeshSection.Cutter cutter = new MeshSection.Cutter(cone);
    double low = cone.extent().minZ();
    double step = cone.extent().along(2) / 200;
    double volume = 0;
    for (int i = 0; i < 200; i++) {
      volume += cutter.across(Orientation.Z_UP, View.TOP, low + (i + 0.5) * step).area() * step;
    }

    assertThat(volume / (Math.PI * 40 * 40 * 90 / 3)).isBetween(0.995, 1.005);
  }
}
