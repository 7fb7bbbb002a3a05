package stoutblade.mesh;

import java.util.Arrays;

/**
 * Gathers vertices and faces and makes a mesh of them: corners at one place become one, faces of
 * more corners become fans, triangles without an area are left out.
 */
public final class MeshBuilder {

  /** The most triangles that are taken. */
  public static final int MOST_TRIANGLES = 6_000_000;

  private static final int MOST_VERTICES = 3 * MOST_TRIANGLES;

  /** Corners nearer than this share of the longest side are one. */
  private static final double ONE_PLACE = 1e-7;

  private float[] xyz = new float[3 * 1024];
  private int vertices;
  private int[] corners = new int[3 * 1024];
  private int triangles;
  private int flat;

  /** How many vertices were added. */
  public int vertices() {
    return vertices;
  }

  /** How many triangles were added. */
  public int triangles() {
    return triangles;
  }

  /**
   * Adds a vertex.
   *
   * @return its index
   * @throws IllegalArgumentException if a coordinate is no number, or there are too many
   */
  public int vertex(double x, double y, double z) {
    if (!(Math.abs(x) <= 1e12 && Math.abs(y) <= 1e12 && Math.abs(z) <= 1e12)) {
      throw new IllegalArgumentException(
          "corner " + (vertices + 1) + " lies nowhere: " + x + ", " + y + ", " + z);
    }
    if (vertices >= MOST_VERTICES) {
      throw tooMany();
    }
    if (3 * vertices + 3 > xyz.length) {
      xyz = Arrays.copyOf(xyz, xyz.length * 2);
    }
    xyz[3 * vertices] = (float) x;
    xyz[3 * vertices + 1] = (float) y;
    xyz[3 * vertices + 2] = (float) z;
    return vertices++;
  }

  /**
   * Adds a face of three or more corners, as a fan.
   *
   * @throws IllegalArgumentException if a corner is not among the vertices that were added
   */
  public void face(int... face) {
    if (face.length < 3) {
      throw new IllegalArgumentException(
          "face " + (triangles + 1) + " has " + face.length + " corners; three are the least");
    }
    for (int corner : face) {
      if (corner < 0 || corner >= vertices) {
        throw new IllegalArgumentException(
            "face "
                + (triangles + 1)
                + " names corner "
                + ((long) corner + 1)
                + "; there are "
                + vertices);
      }
    }
    for (int i = 2; i < face.length; i++) {
      triangle(face[0], face[i - 1], face[i]);
    }
  }

  private void triangle(int a, int b, int c) {
    if (triangles >= MOST_TRIANGLES) {
      throw tooMany();
    }
    if (3 * triangles + 3 > corners.length) {
      corners = Arrays.copyOf(corners, corners.length * 2);
    }
    corners[3 * triangles] = a;
    corners[3 * triangles + 1] = b;
    corners[3 * triangles + 2] = c;
    triangles++;
  }

  private static IllegalArgumentException tooMany() {
    return new IllegalArgumentException(
        "more than " + MOST_TRIANGLES + " triangles; thin the model out first");
  }

  /** How many triangles were left out because they have no area. */
  public int flatTriangles() {
    return flat;
  }

  /**
   * The mesh.
   *
   * @throws IllegalArgumentException if there is no triangle with an area
   */
  public Mesh build() {
    int[] joined = joined();
    int[] kept = new int[3 * triangles];
    int count = 0;
    for (int t = 0; t < triangles; t++) {
      int a = joined[corners[3 * t]];
      int b = joined[corners[3 * t + 1]];
      int c = joined[corners[3 * t + 2]];
      if (a == b || b == c || c == a) {
        flat++;
      } else {
        kept[count++] = a;
        kept[count++] = b;
        kept[count++] = c;
      }
    }
    if (count == 0) {
      throw new IllegalArgumentException(
          triangles == 0 ? "it has no faces" : "none of its faces has an area");
    }
    return new Mesh(xyz, Arrays.copyOf(kept, count));
  }

  /** For each vertex the first one at its place; the coordinates are moved to the front. */
  private int[] joined() {
    double cell = Math.max(longest() * ONE_PLACE, Float.MIN_NORMAL);
    int mask = Integer.highestOneBit(Math.max(16, 2 * vertices)) * 2 - 1;
    int[] table = new int[mask + 1];
    Arrays.fill(table, -1);
    int[] joined = new int[vertices];
    int unique = 0;
    for (int v = 0; v < vertices; v++) {
      long x = Math.round(xyz[3 * v] / cell);
      long y = Math.round(xyz[3 * v + 1] / cell);
      long z = Math.round(xyz[3 * v + 2] / cell);
      int slot = (int) (mixed(x, y, z) & mask);
      while (table[slot] >= 0 && !same(table[slot], x, y, z, cell)) {
        slot = (slot + 1) & mask;
      }
      if (table[slot] < 0) {
        table[slot] = unique;
        System.arraycopy(xyz, 3 * v, xyz, 3 * unique, 3);
        unique++;
      }
      joined[v] = table[slot];
    }
    xyz = Arrays.copyOf(xyz, 3 * unique);
    return joined;
  }

  private boolean same(int vertex, long x, long y, long z, double cell) {
    return Math.round(xyz[3 * vertex] / cell) == x
        && Math.round(xyz[3 * vertex + 1] / cell) == y
        && Math.round(xyz[3 * vertex + 2] / cell) == z;
  }

  /** Spreads three cell numbers over all bits (the finalizer of MurmurHash3, public domain). */
  private static long mixed(long x, long y, long z) {
    long h = x * 0x9E3779B97F4A7C15L + y * 0xC2B2AE3D27D4EB4FL + z * 0x165667B19E3779F9L;
    h ^= h >>> 33;
    h *= 0xff51afd7ed558ccdL;
    h ^= h >>> 33;
    return h;
  }

  private double longest() {
    double longest = 0;
    for (int axis = 0; axis < 3; axis++) {
      float least = Float.POSITIVE_INFINITY;
      float most = Float.NEGATIVE_INFINITY;
      for (int v = 0; v < vertices; v++) {
        least = Math.min(least, xyz[3 * v + axis]);
        most = Math.max(most, xyz[3 * v + axis]);
      }
      longest = Math.max(longest, most - least);
    }
    return longest;
  }
}
