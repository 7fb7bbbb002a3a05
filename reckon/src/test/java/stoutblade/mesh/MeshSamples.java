package stoutblade.mesh;

import java.util.function.Consumer;

/** Meshes of known shapes, turned as may be. */
public final class MeshSamples {

  private MeshSamples() {}

  /** A turn about the x axis and then about the z axis, in radians. */
  public record Turn(double aboutX, double aboutZ) {

    public static final Turn NONE = new Turn(0, 0);

    double[] of(double x, double y, double z) {
      double y1 = y * Math.cos(aboutX) - z * Math.sin(aboutX);
      double z1 = y * Math.sin(aboutX) + z * Math.cos(aboutX);
      return new double[] {
        x * Math.cos(aboutZ) - y1 * Math.sin(aboutZ),
        x * Math.sin(aboutZ) + y1 * Math.cos(aboutZ),
        z1
      };
    }
  }

  static Mesh mesh(Consumer<MeshBuilder> faces) {
    MeshBuilder builder = new MeshBuilder();
    faces.accept(builder);
    return builder.build();
  }

  private static int vertex(MeshBuilder into, Turn turn, double x, double y, double z) {
    double[] at = turn.of(x, y, z);
    return into.vertex(at[0], at[1], at[2]);
  }

  public static Mesh sphere(double radius, int around, Turn turn) {
    return mesh(
        it -> {
          int rows = around / 2;
          for (int row = 0; row <= rows; row++) {
            double lat = Math.PI * row / rows;
            for (int k = 0; k < around; k++) {
              double lon = 2 * Math.PI * k / around;
              vertex(
                  it,
                  turn,
                  radius * Math.sin(lat) * Math.cos(lon),
                  radius * Math.sin(lat) * Math.sin(lon),
                  radius * Math.cos(lat));
            }
          }
          for (int row = 0; row < rows; row++) {
            quads(it, row, around);
          }
        });
  }

  private static void quads(MeshBuilder it, int row, int around) {
    for (int k = 0; k < around; k++) {
      int next = (k + 1) % around;
      it.face(
          row * around + k, (row + 1) * around + k, (row + 1) * around + next, row * around + next);
    }
  }

  public static Mesh torus(double big, double small, int around, Turn turn) {
    return mesh(
        it -> {
          for (int row = 0; row < around; row++) {
            double a = 2 * Math.PI * row / around;
            for (int k = 0; k < around; k++) {
              double b = 2 * Math.PI * k / around;
              double out = big + small * Math.cos(b);
              vertex(it, turn, out * Math.cos(a), out * Math.sin(a), small * Math.sin(b));
            }
          }
          for (int row = 0; row < around; row++) {
            int next = (row + 1) % around;
            for (int k = 0; k < around; k++) {
              int right = (k + 1) % around;
              it.face(
                  row * around + k, next * around + k, next * around + right, row * around + right);
            }
          }
        });
  }

  /** A cone with its foot on z = 0. */
  public static Mesh cone(double radius, double height, int around, Turn turn) {
    return mesh(
        it -> {
          for (int k = 0; k < around; k++) {
            double a = 2 * Math.PI * k / around;
            vertex(it, turn, radius * Math.cos(a), radius * Math.sin(a), 0);
          }
          int apex = vertex(it, turn, 0, 0, height);
          int foot = vertex(it, turn, 0, 0, 0);
          for (int k = 0; k < around; k++) {
            int next = (k + 1) % around;
            it.face(k, next, apex);
            it.face(next, k, foot);
          }
        });
  }

  public static Mesh cube() {
    return mesh(
        it -> {
          for (int i = 0; i < 8; i++) {
            it.vertex(i & 1, i >> 1 & 1, i >> 2);
          }
          it.face(0, 2, 3, 1);
          it.face(4, 5, 7, 6);
          it.face(0, 1, 5, 4);
          it.face(2, 6, 7, 3);
          it.face(0, 4, 6, 2);
          it.face(1, 3, 7, 5);
        });
  }
}
