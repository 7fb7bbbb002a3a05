package stoutblade.mesh;

import java.util.Arrays;

/**
 * Which half-edges of a mesh run along each other, found in time and memory hardly more than in
 * proportion to the triangles, however many meet at one corner: half-edges are put into buckets by
 * their lesser vertex, and those sorted by the greater.
 */
final class Edges {

  /** No other triangle has this edge. */
  static final int ALONE = -1;

  /** More than two triangles have this edge. */
  static final int MANY = -2;

  private final Mesh mesh;
  private final int[] other;

  private Edges(Mesh mesh, int[] other) {
    this.mesh = mesh;
    this.other = other;
  }

  static Edges of(Mesh mesh) {
    int halves = 3 * mesh.triangles();
    int[] start = new int[mesh.vertices() + 1];
    for (int h = 0; h < halves; h++) {
      start[lesser(mesh, h) + 1]++;
    }
    for (int v = 0; v < mesh.vertices(); v++) {
      start[v + 1] += start[v];
    }
    int[] bucket = new int[halves];
    int[] filled = start.clone();
    for (int h = 0; h < halves; h++) {
      bucket[filled[lesser(mesh, h)]++] = h;
    }
    int[] other = new int[halves];
    for (int v = 0; v < mesh.vertices(); v++) {
      pair(mesh, bucket, start[v], start[v + 1], other);
    }
    return new Edges(mesh, other);
  }

  private static int lesser(Mesh mesh, int h) {
    return Math.min(mesh.from(h), mesh.to(h));
  }

  private static int greater(Mesh mesh, int h) {
    return Math.max(mesh.from(h), mesh.to(h));
  }

  /** Sorts a bucket by the greater vertex: what runs along one edge lies together then. */
  private static void pair(Mesh mesh, int[] bucket, int from, int to, int[] other) {
    long[] sorted = new long[to - from];
    for (int i = from; i < to; i++) {
      sorted[i - from] = (long) greater(mesh, bucket[i]) << 32 | bucket[i];
    }
    Arrays.sort(sorted);
    int first = 0;
    while (first < sorted.length) {
      int end = first + 1;
      while (end < sorted.length && sorted[end] >> 32 == sorted[first] >> 32) {
        end++;
      }
      for (int i = first; i < end; i++) {
        int mate = end - first == 2 ? (int) sorted[2 * first + 1 - i] : ALONE;
        other[(int) sorted[i]] = end - first > 2 ? MANY : mate;
      }
      first = end;
    }
  }

  /** The half-edge of the other triangle along this one's edge, or ALONE or MANY. */
  int other(int halfEdge) {
    return other[halfEdge];
  }

  /** True where the two triangles of an edge are turned against each other. */
  boolean flipped(int halfEdge) {
    return other[halfEdge] >= 0 && mesh.from(halfEdge) == mesh.from(other[halfEdge]);
  }
}
