package stoutblade.flatten;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import stoutblade.mesh.Joined;
import stoutblade.mesh.Mesh;

/**
 * Faces of a mesh cut along seams: how they hang together after that. A vertex on a seam is one
 * place on each side of it. Half-edge 3i + k runs from corner k of the i-th face to the next.
 */
final class CutFaces {

  /** There is no face across. */
  static final int RIM = -1;

  private final Mesh mesh;
  private final int[] triangles;
  private final int[] across;
  private final int[] places;
  private final int[] sources;

  private CutFaces(Mesh mesh, int[] triangles, int[] across) {
    this.mesh = mesh;
    this.triangles = triangles;
    this.across = across;
    Joined corners = new Joined(across.length);
    for (int h = 0; h < across.length; h++) {
      if (across[h] > h) {
        corners.join(h, next(across[h]));
        corners.join(next(h), across[h]);
      }
    }
    this.places = new int[across.length];
    Map<Integer, Integer> numbers = new HashMap<>();
    for (int h = 0; h < across.length; h++) {
      Integer known = numbers.putIfAbsent(corners.root(h), numbers.size());
      places[h] = known == null ? numbers.size() - 1 : known;
    }
    this.sources = new int[numbers.size()];
    for (int h = 0; h < across.length; h++) {
      sources[places[h]] = mesh.corner(triangles[h / 3], h % 3);
    }
  }

  static CutFaces of(Mesh mesh, int[] triangles, Seams seams) {
    int[] across = new int[3 * triangles.length];
    Arrays.fill(across, RIM);
    Map<Long, Integer> halves = new HashMap<>();
    for (int h = 0; h < across.length; h++) {
      int from = mesh.corner(triangles[h / 3], h % 3);
      int to = mesh.corner(triangles[h / 3], (h + 1) % 3);
      Integer other = halves.remove(key(to, from));
      if (other == null || seams.cuts(from, to)) {
        halves.put(key(from, to), h);
      } else {
        across[h] = other;
        across[other] = h;
      }
    }
    return new CutFaces(mesh, triangles, across);
  }

  private static long key(int from, int to) {
    return ((long) from << 32) | to;
  }

  private static int next(int halfEdge) {
    return Patch.next(halfEdge);
  }

  int halfEdges() {
    return across.length;
  }

  /** The half-edge of the face across, or {@link #RIM}. */
  int across(int halfEdge) {
    return across[halfEdge];
  }

  /** Where a half-edge begins. */
  int place(int halfEdge) {
    return places[halfEdge];
  }

  /** Where it ends. */
  int end(int halfEdge) {
    return places[next(halfEdge)];
  }

  int places() {
    return sources.length;
  }

  /** The vertex of the mesh at a place. */
  int source(int place) {
    return sources[place];
  }

  double distance(int place, int other) {
    int a = sources[place];
    int b = sources[other];
    double dx = mesh.x(a) - mesh.x(b);
    double dy = mesh.y(a) - mesh.y(b);
    double dz = mesh.z(a) - mesh.z(b);
    return Math.sqrt(dx * dx + dy * dy + dz * dz);
  }

  int[] corners() {
    return places;
  }

  /** The faces by number, in groups that hang together. */
  List<int[]> pieces() {
    Joined faces = new Joined(triangles.length);
    for (int h = 0; h < across.length; h++) {
      if (across[h] > h) {
        faces.join(h / 3, across[h] / 3);
      }
    }
    Map<Integer, List<Integer>> groups = new LinkedHashMap<>();
    for (int i = 0; i < triangles.length; i++) {
      groups.computeIfAbsent(faces.root(i), it -> new ArrayList<>()).add(i);
    }
    return groups.values().stream()
        .map(it -> it.stream().mapToInt(face -> face).toArray())
        .toList();
  }

  /** The face of the mesh that one of these is. */
  int triangle(int face) {
    return triangles[face];
  }
}
