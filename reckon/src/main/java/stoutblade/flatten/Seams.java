package stoutblade.flatten;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Edges of a mesh along which it is cut before it is laid flat.
 *
 * @param edges each by its two vertices, the lesser first
 */
public record Seams(Set<Edge> edges) {

  /** No seam. */
  public static final Seams NONE = new Seams(Set.of());

  /**
   * An edge.
   *
   * @param low the lesser vertex
   * @param high the greater vertex
   */
  public record Edge(int low, int high) {

    /** The edge between two vertices, whichever way round. */
    public static Edge of(int a, int b) {
      return new Edge(Math.min(a, b), Math.max(a, b));
    }
  }

  /** Copies the edges. */
  public Seams {
    edges = Set.copyOf(edges);
  }

  /** The same with a way through vertices cut too. */
  public Seams with(List<Integer> way) {
    Set<Edge> more = new HashSet<>(edges);
    for (int i = 1; i < way.size(); i++) {
      more.add(Edge.of(way.get(i - 1), way.get(i)));
    }
    return new Seams(more);
  }

  public boolean cuts(int a, int b) {
    return edges.contains(Edge.of(a, b));
  }

  /**
   * The seams as chains between their ends and the places where they meet each other or an edge of
   * the faces.
   *
   * @param ends further vertices at which a chain ends
   */
  List<List<Integer>> chains(Collection<Integer> ends) {
    Map<Integer, List<Integer>> next = new HashMap<>();
    for (Edge edge : edges.stream().sorted(Seams::order).toList()) {
      next.computeIfAbsent(edge.low(), it -> new ArrayList<>()).add(edge.high());
      next.computeIfAbsent(edge.high(), it -> new ArrayList<>()).add(edge.low());
    }
    Set<Integer> stops = new HashSet<>(ends);
    next.forEach(
        (vertex, others) -> {
          if (others.size() != 2) {
            stops.add(vertex);
          }
        });
    Set<Edge> left = new HashSet<>(edges);
    List<List<Integer>> chains = new ArrayList<>();
    List<Integer> starts = new ArrayList<>(next.keySet().stream().sorted().toList());
    starts.sort(Comparator.comparing(it -> !stops.contains(it)));
    for (int start : starts) {
      for (int second : next.get(start)) {
        if (left.contains(Edge.of(start, second))) {
          chains.add(chain(start, second, next, stops, left));
        }
      }
    }
    return chains;
  }

  private static int order(Edge a, Edge b) {
    return a.low() != b.low()
        ? Integer.compare(a.low(), b.low())
        : Integer.compare(a.high(), b.high());
  }

  private static List<Integer> chain(
      int start, int second, Map<Integer, List<Integer>> next, Set<Integer> stops, Set<Edge> left) {
    List<Integer> chain = new ArrayList<>(List.of(start, second));
    left.remove(Edge.of(start, second));
    int at = second;
    while (!stops.contains(at) && at != start) {
      int from = at;
      int before = chain.get(chain.size() - 2);
      int onward =
          next.get(from).stream()
              .filter(it -> it != before && left.contains(Edge.of(from, it)))
              .findFirst()
              .orElse(-1);
      if (onward < 0) {
        break;
      }
      left.remove(Edge.of(from, onward));
      chain.add(onward);
      at = onward;
    }
    return chain;
  }
}
