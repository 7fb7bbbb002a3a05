package stoutblade.mesh;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Deque;
import java.util.OptionalInt;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Point;

/** Choosing faces and corners of a mesh by where one presses on it. */
public final class Faces {

  private final Mesh mesh;
  private final Edges edges;

  private Faces(Mesh mesh, Edges edges) {
    this.mesh = mesh;
    this.edges = edges;
  }

  /** Prepares a mesh, in time in proportion to its triangles. */
  public static Faces of(Mesh mesh) {
    return new Faces(mesh, Edges.of(mesh));
  }

  /**
   * The faces that hang together with one, over edges that turn by no more than an angle.
   *
   * @param mostTurn in radians: 0 for what lies in one plane
   * @return their numbers, in order
   */
  public int[] smooth(int seed, double mostTurn) {
    double least = Math.cos(mostTurn) - 1e-9;
    BitSet taken = new BitSet(mesh.triangles());
    Deque<Integer> waiting = new ArrayDeque<>();
    taken.set(seed);
    waiting.add(seed);
    while (!waiting.isEmpty()) {
      int face = waiting.removeFirst();
      for (int k = 0; k < 3; k++) {
        int other = edges.other(3 * face + k);
        if (other >= 0 && !taken.get(other / 3)) {
          double turn = cosine(face, other / 3);
          if ((edges.flipped(3 * face + k) ? -turn : turn) >= least) {
            taken.set(other / 3);
            waiting.add(other / 3);
          }
        }
      }
    }
    return taken.stream().toArray();
  }

  private double cosine(int a, int b) {
    double[] one = normal(a);
    double[] two = normal(b);
    double dot = one[0] * two[0] + one[1] * two[1] + one[2] * two[2];
    double size =
        Math.sqrt(one[0] * one[0] + one[1] * one[1] + one[2] * one[2])
            * Math.sqrt(two[0] * two[0] + two[1] * two[1] + two[2] * two[2]);
    // A face without area has no direction of its own: it goes with its neighbours.
    return size == 0 ? 1 : dot / size;
  }

  private double[] normal(int face) {
    int a = mesh.corner(face, 0);
    int b = mesh.corner(face, 1);
    int c = mesh.corner(face, 2);
    double ux = mesh.x(b) - mesh.x(a);
    double uy = mesh.y(b) - mesh.y(a);
    double uz = mesh.z(b) - mesh.z(a);
    double vx = mesh.x(c) - mesh.x(a);
    double vy = mesh.y(c) - mesh.y(a);
    double vz = mesh.z(c) - mesh.z(a);
    return new double[] {uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx};
  }

  /** The foremost face at a place of a view, if there is one. */
  public OptionalInt at(Orientation orientation, View view, Point place) {
    int best = -1;
    double foremost = Double.NEGATIVE_INFINITY;
    double[] x = new double[3];
    double[] y = new double[3];
    double[] z = new double[3];
    for (int face = 0; face < mesh.triangles(); face++) {
      for (int k = 0; k < 3; k++) {
        int v = mesh.corner(face, k);
        x[k] = orientation.across(view, mesh.x(v), mesh.y(v), mesh.z(v)) - place.x();
        y[k] = orientation.along(view, mesh.x(v), mesh.y(v), mesh.z(v)) - place.y();
        z[k] = orientation.towards(view, mesh.x(v), mesh.y(v), mesh.z(v));
      }
      double depth = depth(x, y, z);
      if (depth > foremost) {
        foremost = depth;
        best = face;
      }
    }
    return best < 0 ? OptionalInt.empty() : OptionalInt.of(best);
  }

  /** How far forward a triangle is over the origin; −∞ where it does not lie over it. */
  private static double depth(double[] x, double[] y, double[] z) {
    double area = (x[1] - x[0]) * (y[2] - y[0]) - (x[2] - x[0]) * (y[1] - y[0]);
    if (area == 0) {
      return Double.NEGATIVE_INFINITY;
    }
    double a = (x[1] * y[2] - x[2] * y[1]) / area;
    double b = (x[2] * y[0] - x[0] * y[2]) / area;
    double c = 1 - a - b;
    return a < 0 || b < 0 || c < 0 ? Double.NEGATIVE_INFINITY : a * z[0] + b * z[1] + c * z[2];
  }

  /** The corner of the foremost face at a place of a view that is nearest to it. */
  public OptionalInt cornerAt(Orientation orientation, View view, Point place) {
    OptionalInt face = at(orientation, view, place);
    if (face.isEmpty()) {
      return OptionalInt.empty();
    }
    return Arrays.stream(new int[] {0, 1, 2})
        .map(k -> mesh.corner(face.getAsInt(), k))
        .reduce(
            (a, b) ->
                seen(orientation, view, a).distance(place)
                        <= seen(orientation, view, b).distance(place)
                    ? a
                    : b);
  }

  private Point seen(Orientation orientation, View view, int v) {
    return orientation.in(view, mesh.x(v), mesh.y(v), mesh.z(v));
  }
}
