package stoutblade.flatten;

import java.util.HashMap;
import java.util.Map;
import stoutblade.mesh.Mesh;
import stoutblade.mesh.MeshBuilder;

/**
 * Meshes of shapes that are given as the places where a function is below nothing: a corner in each
 * cell that the surface crosses, a face across each edge that it crosses (surface nets, from
 * memory). Invented shapes in the manner of those that meshes are usually tried on.
 */
final class Blobs {

  /** The distance from a surface, roughly; below 0 inside. */
  interface Field {
    double at(double x, double y, double z);
  }

  private final Field field;
  private final double reach;
  private final int cells;
  private final MeshBuilder builder = new MeshBuilder();
  private final Map<Integer, Integer> corners = new HashMap<>();

  private Blobs(Field field, double reach, int cells) {
    this.field = field;
    this.reach = reach;
    this.cells = cells;
  }

  static Mesh mesh(Field field, double reach, int cells) {
    return new Blobs(field, reach, cells).made();
  }

  private double place(int i) {
    return reach * (2.0 * i / cells - 1);
  }

  private double value(int i, int j, int k) {
    return field.at(place(i), place(j), place(k));
  }

  private Mesh made() {
    for (int i = 0; i < cells; i++) {
      for (int j = 0; j < cells; j++) {
        for (int k = 0; k < cells; k++) {
          corner(i, j, k);
        }
      }
    }
    for (int i = 1; i < cells; i++) {
      for (int j = 1; j < cells; j++) {
        for (int k = 1; k < cells; k++) {
          for (int axis = 0; axis < 3; axis++) {
            face(new int[] {i, j, k}, axis);
          }
        }
      }
    }
    return builder.build();
  }

  /** The mean of where the surface crosses the cell's edges. */
  private void corner(int i, int j, int k) {
    double[] sum = new double[3];
    int count = 0;
    for (int axis = 0; axis < 3; axis++) {
      for (int side = 0; side < 4; side++) {
        int[] from = {i, j, k};
        from[(axis + 1) % 3] += side & 1;
        from[(axis + 2) % 3] += side >> 1;
        int[] to = from.clone();
        to[axis]++;
        double a = value(from[0], from[1], from[2]);
        double b = value(to[0], to[1], to[2]);
        if (a < 0 != b < 0) {
          for (int c = 0; c < 3; c++) {
            sum[c] += place(from[c]) + (place(to[c]) - place(from[c])) * a / (a - b);
          }
          count++;
        }
      }
    }
    if (count > 0) {
      corners.put(number(i, j, k), builder.vertex(sum[0] / count, sum[1] / count, sum[2] / count));
    }
  }

  private int number(int i, int j, int k) {
    return (i * cells + j) * cells + k;
  }

  /** The face between the four cells about an edge that the surface crosses. */
  private void face(int[] from, int axis) {
    int[] to = from.clone();
    to[axis]++;
    boolean inside = value(from[0], from[1], from[2]) < 0;
    if (to[axis] > cells || inside == value(to[0], to[1], to[2]) < 0) {
      return;
    }
    int[] ring = new int[4];
    int[][] about = {{0, 0}, {1, 0}, {1, 1}, {0, 1}};
    for (int c = 0; c < 4; c++) {
      int[] cell = from.clone();
      cell[(axis + 1) % 3] -= about[c][0];
      cell[(axis + 2) % 3] -= about[c][1];
      ring[inside ? c : 3 - c] = corners.get(number(cell[0], cell[1], cell[2]));
    }
    builder.face(ring[0], ring[1], ring[2], ring[3]);
  }

  // == SHAPES

  private static double ball(double x, double y, double z, double radius) {
    return Math.sqrt(x * x + y * y + z * z) - radius;
  }

  /** A rod with round ends between two places. */
  private static double rod(
      double x, double y, double z, double[] from, double[] to, double radius) {
    double dx = to[0] - from[0];
    double dy = to[1] - from[1];
    double dz = to[2] - from[2];
    double share =
        ((x - from[0]) * dx + (y - from[1]) * dy + (z - from[2]) * dz)
            / (dx * dx + dy * dy + dz * dz);
    double t = Math.clamp(share, 0, 1);
    return ball(x - from[0] - t * dx, y - from[1] - t * dy, z - from[2] - t * dz, radius);
  }

  /** Two shapes run into each other. */
  private static double soft(double a, double b, double by) {
    double h = Math.max(by - Math.abs(a - b), 0) / by;
    return Math.min(a, b) - h * h * by / 4;
  }

  /** A sitting animal with a head and two long ears; about 200 mm high. */
  static Mesh hare(int cells) {
    return mesh(
        (x, y, z) -> {
          double body = ball(x / 1.2, y + 30, z, 52);
          double head = ball(x - 46, y - 36, z, 34);
          double ear = rod(x, y, z - 14, new double[] {40, 60, 0}, new double[] {18, 100, 6}, 9);
          double other = rod(x, y, z + 14, new double[] {40, 60, 0}, new double[] {22, 102, -6}, 9);
          double tail = ball(x + 68, y + 42, z, 15);
          return soft(soft(soft(body, head, 16), Math.min(ear, other), 8), tail, 6);
        },
        125,
        cells);
  }

  /** A kettle: a belly with a spout and a handle through which one can reach. */
  static Mesh kettle(int cells) {
    return mesh(
        (x, y, z) -> {
          double belly = ball(x, y * 1.25, z, 62);
          double spout = rod(x, y, z, new double[] {50, -12, 0}, new double[] {104, 42, 0}, 13);
          double out = Math.hypot(x + 66, y) - 34;
          double handle = Math.hypot(out, z) - 9;
          double knob = ball(x, y - 54, z, 12);
          return soft(soft(soft(belly, spout, 12), handle, 6), knob, 5);
        },
        125,
        cells);
  }

  /** A tube round a line that runs twice through its own hole and never meets itself. */
  static Mesh knot(int along, int around) {
    MeshBuilder it = new MeshBuilder();
    for (int i = 0; i < along; i++) {
      double t = 2 * Math.PI * i / along;
      double[] at = trefoil(t);
      double[] way = normal(minus(trefoil(t + 1e-4), trefoil(t - 1e-4)));
      double[] side = normal(cross(way, new double[] {0, 0, 1}));
      double[] up = cross(side, way);
      for (int k = 0; k < around; k++) {
        double a = 2 * Math.PI * k / around;
        it.vertex(
            at[0] + 16 * (Math.cos(a) * side[0] + Math.sin(a) * up[0]),
            at[1] + 16 * (Math.cos(a) * side[1] + Math.sin(a) * up[1]),
            at[2] + 16 * (Math.cos(a) * side[2] + Math.sin(a) * up[2]));
      }
    }
    for (int i = 0; i < along; i++) {
      int next = (i + 1) % along;
      for (int k = 0; k < around; k++) {
        int beside = (k + 1) % around;
        it.face(i * around + k, next * around + k, next * around + beside, i * around + beside);
      }
    }
    return it.build();
  }

  private static double[] trefoil(double t) {
    return new double[] {
      40 * (Math.sin(t) + 2 * Math.sin(2 * t)),
      40 * (Math.cos(t) - 2 * Math.cos(2 * t)),
      -40 * Math.sin(3 * t)
    };
  }

  private static double[] minus(double[] a, double[] b) {
    return new double[] {a[0] - b[0], a[1] - b[1], a[2] - b[2]};
  }

  private static double[] cross(double[] a, double[] b) {
    return new double[] {
      a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]
    };
  }

  private static double[] normal(double[] a) {
    double size = Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
    return new double[] {a[0] / size, a[1] / size, a[2] / size};
  }
}
