package stoutblade.flatten;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import stoutblade.mesh.Mesh;

/** Shortest ways along the edges of some faces of a mesh (Dijkstra). */
public final class Ways {

  private final Mesh mesh;
  private final Map<Integer, Set<Integer>> next = new HashMap<>();
  private final Map<Seams.Edge, Integer> faces = new HashMap<>();

  private record Reached(int vertex, double far) {}

  /** Ways over some faces. */
  public Ways(Mesh mesh, int[] triangles) {
    this.mesh = mesh;
    for (int triangle : triangles) {
      for (int k = 0; k < 3; k++) {
        int a = mesh.corner(triangle, k);
        int b = mesh.corner(triangle, (k + 1) % 3);
        next.computeIfAbsent(a, it -> new HashSet<>()).add(b);
        next.computeIfAbsent(b, it -> new HashSet<>()).add(a);
        faces.merge(Seams.Edge.of(a, b), 1, Integer::sum);
      }
    }
  }

  /** True where a vertex belongs to the faces. */
  public boolean holds(int vertex) {
    return next.containsKey(vertex);
  }

  /** The vertices on the edges that only one of the faces has, loop by loop. */
  public List<Set<Integer>> loops() {
    Map<Integer, Set<Integer>> free = new HashMap<>();
    faces.forEach(
        (edge, count) -> {
          if (count == 1) {
            free.computeIfAbsent(edge.low(), it -> new HashSet<>()).add(edge.high());
            free.computeIfAbsent(edge.high(), it -> new HashSet<>()).add(edge.low());
          }
        });
    List<Set<Integer>> loops = new ArrayList<>();
    Set<Integer> left = new HashSet<>(free.keySet());
    while (!left.isEmpty()) {
      Set<Integer> loop = new HashSet<>();
      List<Integer> waiting = new ArrayList<>(List.of(left.iterator().next()));
      while (!waiting.isEmpty()) {
        int at = waiting.removeLast();
        if (loop.add(at)) {
          waiting.addAll(free.get(at));
        }
      }
      left.removeAll(loop);
      loops.add(loop);
    }
    return loops;
  }

  /**
   * The shortest way from one vertex to the nearest of some.
   *
   * @return the vertices on it, both ends among them; empty where there is none
   */
  public List<Integer> shortest(int from, Set<Integer> to) {
    Map<Integer, Integer> before = new HashMap<>();
    Map<Integer, Double> far = spread(from, to, before);
    Integer end =
        to.stream()
            .filter(far::containsKey)
            .min((a, b) -> Double.compare(far.get(a), far.get(b)))
            .orElse(null);
    List<Integer> way = new ArrayList<>();
    for (Integer at = end; at != null; at = before.get(at)) {
      way.addFirst(at);
    }
    return way;
  }

  /** A vertex next to one, other than another. */
  int beside(int vertex, int not) {
    return next.get(vertex).stream().filter(it -> it != not).sorted().findFirst().orElseThrow();
  }

  /** The vertex that is furthest from one, along the edges. */
  public int furthest(int from) {
    return spread(from, Set.of(), new HashMap<>()).entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .orElseThrow()
        .getKey();
  }

  /** The distances from a vertex; it ends at the first of those looked for. */
  private Map<Integer, Double> spread(int from, Set<Integer> to, Map<Integer, Integer> before) {
    Map<Integer, Double> far = new HashMap<>();
    Set<Integer> done = new HashSet<>();
    PriorityQueue<Reached> waiting = new PriorityQueue<>((a, b) -> Double.compare(a.far, b.far));
    far.put(from, 0.0);
    waiting.add(new Reached(from, 0));
    while (!waiting.isEmpty()) {
      Reached at = waiting.remove();
      if (!done.add(at.vertex)) {
        continue;
      }
      if (to.contains(at.vertex)) {
        break;
      }
      for (int other : next.getOrDefault(at.vertex, Set.of())) {
        double way = at.far + distance(at.vertex, other);
        if (way < far.getOrDefault(other, Double.POSITIVE_INFINITY)) {
          far.put(other, way);
          before.put(other, at.vertex);
          waiting.add(new Reached(other, way));
        }
      }
    }
    far.keySet().retainAll(done);
    return far;
  }

  private double distance(int a, int b) {
    double[] by = {mesh.x(a) - mesh.x(b), mesh.y(a) - mesh.y(b), mesh.z(a) - mesh.z(b)};
    return Math.sqrt(Arrays.stream(by).map(it -> it * it).sum());
  }
}
