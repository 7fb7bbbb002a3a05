package stoutblade.flatten;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import stoutblade.mesh.Mesh;

/** Shortest paths along the edges of faces (Dijkstra). */
public final class ShortestPaths {

  private final Map<Integer, Set<Integer>> next = new HashMap<>();
  private final Far far;

  private record Reached(int place, double far) {}

  /** The distance of two places. */
  private interface Far {
    double between(int a, int b);
  }

  private ShortestPaths(int[] corners, Far far) {
    this.far = far;
    for (int h = 0; h < corners.length; h++) {
      int a = corners[h];
      int b = corners[Patch.next(h)];
      next.computeIfAbsent(a, it -> new HashSet<>()).add(b);
      next.computeIfAbsent(b, it -> new HashSet<>()).add(a);
    }
  }

  /** ShortestPaths over some faces of a mesh, from vertex to vertex. */
  public static ShortestPaths over(Mesh mesh, int[] triangles) {
    int[] corners = new int[3 * triangles.length];
    for (int h = 0; h < corners.length; h++) {
      corners[h] = mesh.corner(triangles[h / 3], h % 3);
    }
    return new ShortestPaths(
        corners,
        (a, b) ->
            Math.hypot(
                mesh.x(a) - mesh.x(b), Math.hypot(mesh.y(a) - mesh.y(b), mesh.z(a) - mesh.z(b))));
  }

  /** ShortestPaths that cross no seam, from place to place. */
  static ShortestPaths over(CutFaces cut) {
    return new ShortestPaths(cut.corners(), cut::distance);
  }

  /** ShortestPaths inside a patch, from vertex to vertex of it. */
  static ShortestPaths over(Patch patch) {
    int[] corners = new int[3 * patch.triangles()];
    for (int h = 0; h < corners.length; h++) {
      corners[h] = patch.corner(h);
    }
    return new ShortestPaths(corners, patch::distance);
  }

  /** True where a vertex belongs to the faces. */
  public boolean holds(int vertex) {
    return next.containsKey(vertex);
  }

  /**
   * The shortest way from one vertex to the nearest of some.
   *
   * @return the vertices on it, both ends among them; empty where there is none
   */
  public List<Integer> shortest(int from, Set<Integer> to) {
    Map<Integer, Integer> before = new HashMap<>();
    Map<Integer, Double> reached = spread(Set.of(from), to, Set.of(), before);
    Integer end =
        to.stream()
            .filter(reached::containsKey)
            .min((a, b) -> Double.compare(reached.get(a), reached.get(b)))
            .orElse(null);
    return end == null ? List.of() : way(end, before);
  }

  /** The way to an end by what comes before each place. */
  static List<Integer> way(int end, Map<Integer, Integer> before) {
    List<Integer> way = new ArrayList<>();
    for (Integer at = end; at != null; at = before.get(at)) {
      way.addFirst(at);
    }
    return way;
  }

  Set<Integer> beside(int vertex) {
    return next.get(vertex);
  }

  /** A vertex next to one, other than another. */
  int beside(int vertex, int not) {
    return next.get(vertex).stream().filter(it -> it != not).sorted().findFirst().orElseThrow();
  }

  /** The vertex that is furthest from one, along the edges. */
  public int furthest(int from) {
    return spread(Set.of(from), Set.of(), Set.of(), new HashMap<>()).entrySet().stream()
        .max(
            Map.Entry.<Integer, Double>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
        .orElseThrow()
        .getKey();
  }

  /**
   * The distances from some vertices.
   *
   * @param to where it ends: at the first of these that is reached; with none it goes everywhere
   * @param blind what may be reached and not gone through
   * @param before takes what comes before each vertex on its way
   */
  Map<Integer, Double> spread(
      Set<Integer> roots, Set<Integer> to, Set<Integer> blind, Map<Integer, Integer> before) {
    Map<Integer, Double> reached = new HashMap<>();
    Set<Integer> done = new HashSet<>();
    PriorityQueue<Reached> waiting = new PriorityQueue<>((a, b) -> Double.compare(a.far, b.far));
    for (int root : roots) {
      reached.put(root, 0.0);
      waiting.add(new Reached(root, 0));
    }
    while (!waiting.isEmpty()) {
      Reached at = waiting.remove();
      if (!done.add(at.place)) {
        continue;
      }
      if (to.contains(at.place)) {
        break;
      }
      if (blind.contains(at.place) && !roots.contains(at.place)) {
        continue;
      }
      for (int other : next.getOrDefault(at.place, Set.of())) {
        double way = at.far + far.between(at.place, other);
        if (way < reached.getOrDefault(other, Double.POSITIVE_INFINITY)) {
          reached.put(other, way);
          before.put(other, at.place);
          waiting.add(new Reached(other, way));
        }
      }
    }
    reached.keySet().retainAll(done);
    return reached;
  }
}
