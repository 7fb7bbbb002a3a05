package stoutblade.flatten;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import stoutblade.mesh.Mesh;

/**
 * Faces of a mesh that can be laid flat in one piece: they hang together, every edge has one or two
 * of them, and one edge runs round them all.
 */
public final class Patch {

  private final double[] xyz;
  private final int[] corners;
  private final int[] rim;
  private final int[] sources;
  private final int[] faces;

  private Patch(int[] faces, int[] sources, double[] xyz, int[] corners, int[] rim) {
    this.faces = faces;
    this.sources = sources;
    this.xyz = xyz;
    this.corners = corners;
    this.rim = rim;
  }

  /** All faces of a mesh, each of its units being so many millimetres. */
  public static Patch of(Mesh mesh, double unitMm) {
    int[] all = new int[mesh.triangles()];
    Arrays.setAll(all, i -> i);
    return of(mesh, all, unitMm);
  }

  /**
   * Some faces of a mesh.
   *
   * @param triangles their numbers
   * @param unitMm millimetres to a unit of the mesh
   * @throws IllegalArgumentException if they cannot be laid flat in one piece, with the reason and
   *     what would mend it
   */
  public static Patch of(Mesh mesh, int[] triangles, double unitMm) {
    if (triangles.length == 0) {
      throw new IllegalArgumentException("No face is chosen");
    }
    Map<Integer, Integer> local = new HashMap<>();
    int[] corners = new int[3 * triangles.length];
    for (int i = 0; i < triangles.length; i++) {
      for (int k = 0; k < 3; k++) {
        int vertex = mesh.corner(triangles[i], k);
        Integer known = local.putIfAbsent(vertex, local.size());
        corners[3 * i + k] = known == null ? local.size() - 1 : known;
      }
    }
    int[] sources = new int[local.size()];
    local.forEach((vertex, at) -> sources[at] = vertex);
    return made(mesh, triangles, corners, sources, unitMm);
  }

  private static Patch made(
      Mesh mesh, int[] triangles, int[] corners, int[] sources, double unitMm) {
    double[] xyz = new double[3 * sources.length];
    for (int at = 0; at < sources.length; at++) {
      xyz[3 * at] = mesh.x(sources[at]) * unitMm;
      xyz[3 * at + 1] = mesh.y(sources[at]) * unitMm;
      xyz[3 * at + 2] = mesh.z(sources[at]) * unitMm;
    }
    return new Patch(triangles, sources, xyz, corners, rim(corners, sources.length));
  }

  /**
   * Some faces of a mesh cut along seams: a patch for each piece that hangs together. A vertex on a
   * seam is one vertex on each side of it.
   *
   * @throws IllegalArgumentException if a piece cannot be laid flat, with the reason
   */
  public static List<Patch> pieces(Mesh mesh, int[] triangles, Seams seams, double unitMm) {
    if (triangles.length == 0) {
      throw new IllegalArgumentException("No face is chosen");
    }
    CutFaces cut = CutFaces.of(mesh, triangles, seams);
    return cut.pieces().stream().map(it -> piece(mesh, it, cut, unitMm)).toList();
  }

  private static Patch piece(Mesh mesh, int[] group, CutFaces cut, double unitMm) {
    Map<Integer, Integer> local = new HashMap<>();
    int[] own = new int[group.length];
    int[] corners = new int[3 * group.length];
    List<Integer> sources = new ArrayList<>();
    for (int i = 0; i < own.length; i++) {
      own[i] = cut.triangle(group[i]);
      for (int k = 0; k < 3; k++) {
        corners[3 * i + k] =
            local.computeIfAbsent(
                cut.place(3 * group[i] + k),
                it -> {
                  sources.add(cut.source(it));
                  return sources.size() - 1;
                });
      }
    }
    return made(mesh, own, corners, sources.stream().mapToInt(it -> it).toArray(), unitMm);
  }

  /** The faces of the mesh that the faces of the patch are. */
  int[] faces() {
    return faces.clone();
  }

  /** The face of the mesh that a face of the patch is. */
  public int face(int triangle) {
    return faces[triangle];
  }

  /** The vertices of the one edge round the faces, in their order, with checks of everything. */
  private static int[] rim(int[] corners, int vertices) {
    Map<Long, Integer> edges = new HashMap<>();
    for (int h = 0; h < corners.length; h++) {
      long key = key(corners[h], corners[next(h)]);
      if (edges.put(key, h) != null) {
        throw new IllegalArgumentException(
            "Two faces run along one edge in the same way: a face is turned over, or three meet"
                + " there. Choose other faces, or mend the model.");
      }
    }
    int[] after = new int[vertices];
    Arrays.fill(after, -1);
    int free = 0;
    for (int h = 0; h < corners.length; h++) {
      int from = corners[h];
      int to = corners[next(h)];
      if (!edges.containsKey(key(to, from))) {
        if (after[from] >= 0) {
          throw new IllegalArgumentException(
              "The faces touch in a single corner. Choose faces that share edges.");
        }
        after[from] = to;
        free++;
      }
    }
    if (free == 0) {
      throw new IllegalArgumentException(
          "The faces close on themselves: there is no edge to lay them flat from. Cut a seam.");
    }
    int[] rim = loop(after, free);
    int edgesInAll = (corners.length + free) / 2;
    if (rim.length < free || vertices - edgesInAll + corners.length / 3 != 1) {
      throw new IllegalArgumentException(
          "The faces lie in pieces, or there is a hole in them or a way through. Take one piece,"
              + " and cut a seam from the hole to the edge.");
    }
    return rim;
  }

  private static int[] loop(int[] after, int most) {
    int start = 0;
    while (after[start] < 0) {
      start++;
    }
    int[] rim = new int[most];
    int count = 0;
    int at = start;
    do {
      rim[count++] = at;
      at = after[at];
    } while (at != start && count < most && at >= 0);
    return Arrays.copyOf(rim, count);
  }

  private static long key(int from, int to) {
    return ((long) from << 32) | to;
  }

  static int next(int halfEdge) {
    return halfEdge % 3 == 2 ? halfEdge - 2 : halfEdge + 1;
  }

  /** How many faces it has. */
  public int triangles() {
    return corners.length / 3;
  }

  /** How many corners it has. */
  public int vertices() {
    return xyz.length / 3;
  }

  /** The vertex of the mesh that a vertex of the patch is. */
  public int source(int vertex) {
    return sources[vertex];
  }

  /** The vertex of the patch at a corner: corner k of face t is 3t + k. */
  public int corner(int halfEdge) {
    return corners[halfEdge];
  }

  /** The vertices round it, in order, with the faces on the left. */
  public int[] rim() {
    return rim.clone();
  }

  int rimLength() {
    return rim.length;
  }

  int rimAt(int index) {
    return rim[Math.floorMod(index, rim.length)];
  }

  /** The distance of two vertices, in mm. */
  double distance(int a, int b) {
    double dx = xyz[3 * a] - xyz[3 * b];
    double dy = xyz[3 * a + 1] - xyz[3 * b + 1];
    double dz = xyz[3 * a + 2] - xyz[3 * b + 2];
    return Math.sqrt(dx * dx + dy * dy + dz * dz);
  }
}
