package stoutblade.mesh;

import java.util.Arrays;
import stoutblade.reference.Extent;

/**
 * Triangles over shared corners, in plain arrays: a million of them take about 20 MB.
 *
 * <p>Made by {@link MeshBuilder}, which joins corners at one place and checks everything.
 */
public final class Mesh {

  private final float[] xyz;
  private final int[] corners;
  private final Extent extent;

  Mesh(float[] xyz, int[] corners) {
    this.xyz = xyz;
    this.corners = corners;
    this.extent = extentOf(xyz, corners);
  }

  /**
   * A mesh as it is given, nothing joined or checked: for pictures of what was worked out.
   *
   * @param xyz the places of the vertices, one after another
   * @param corners three indices for each triangle
   */
  public static Mesh asTheyAre(float[] xyz, int[] corners) {
    return new Mesh(xyz.clone(), corners.clone());
  }

  private static Extent extentOf(float[] xyz, int[] corners) {
    double[] least = new double[3];
    double[] most = new double[3];
    Arrays.fill(least, Double.POSITIVE_INFINITY);
    Arrays.fill(most, Double.NEGATIVE_INFINITY);
    for (int corner : corners) {
      for (int axis = 0; axis < 3; axis++) {
        float value = xyz[3 * corner + axis];
        least[axis] = Math.min(least[axis], value);
        most[axis] = Math.max(most[axis], value);
      }
    }
    return new Extent(least[0], least[1], least[2], most[0], most[1], most[2]);
  }

  /** How many triangles there are. */
  public int triangles() {
    return corners.length / 3;
  }

  /** How many corners there are. */
  public int vertices() {
    return xyz.length / 3;
  }

  /** The box around all triangles. */
  public Extent extent() {
    return extent;
  }

  /** A corner of a triangle: the index of its vertex. */
  public int corner(int triangle, int which) {
    return corners[3 * triangle + which];
  }

  public double x(int vertex) {
    return xyz[3 * vertex];
  }

  public double y(int vertex) {
    return xyz[3 * vertex + 1];
  }

  public double z(int vertex) {
    return xyz[3 * vertex + 2];
  }

  /** The vertex of a half-edge: half-edge 3t + k runs from corner k of triangle t to the next. */
  int from(int halfEdge) {
    return corners[halfEdge];
  }

  int to(int halfEdge) {
    return corners[next(halfEdge)];
  }

  /** The corner of the triangle that a half-edge leaves out. */
  int apex(int halfEdge) {
    return corners[next(next(halfEdge))];
  }

  static int next(int halfEdge) {
    return halfEdge % 3 == 2 ? halfEdge - 2 : halfEdge + 1;
  }
}
