package stoutblade.flatten;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import stoutblade.mesh.Joined;
import stoutblade.mesh.Mesh;

/**
 * The shortest cuts after which one edge runs round faces, whatever holes, handles and paths
 * through they have: of all edges those are left whole that a tree of shortest paths or a tree over
 * the faces needs; each of the others closes a loop, and is cut with the paths to its ends
 * (Eppstein's tree and cotree; the greedy choice is Erickson and Whittlesey's; both from memory).
 */
final class Opening {

  /** Faces that close on themselves are tried from so many places. */
  private static final int ROOTS = 8;

  private final CutFaces cut;
  private final ShortestPaths paths;
  private final Map<Integer, Integer> before = new HashMap<>();
  private final Map<Integer, Double> far;

  private Opening(CutFaces cut, ShortestPaths paths, Set<Integer> roots) {
    this.cut = cut;
    this.paths = paths;
    this.far = paths.spread(roots, Set.of(), Set.of(), before);
  }

  /** The seams with what else is to be cut. */
  static Seams of(Mesh mesh, int[] triangles, Seams seams) {
    Seams more = seams;
    CutFaces all = CutFaces.of(mesh, triangles, seams);
    for (int[] shell : all.pieces()) {
      int[] own = Arrays.stream(shell).map(all::triangle).toArray();
      more = opened(CutFaces.of(mesh, own, seams), more);
    }
    return more;
  }

  private static Seams opened(CutFaces cut, Seams seams) {
    ShortestPaths paths = ShortestPaths.over(cut);
    Set<Integer> rim = new HashSet<>();
    for (int h = 0; h < cut.halfEdges(); h++) {
      if (cut.across(h) == CutFaces.RIM) {
        rim.add(cut.place(h));
        rim.add(cut.end(h));
      }
    }
    if (!rim.isEmpty()) {
      return new Opening(cut, paths, rim).added(seams);
    }
    int first = paths.furthest(0);
    Opening best = new Opening(cut, paths, Set.of(first));
    if (best.loops().isEmpty()) {
      return best.slit(first, seams);
    }
    for (int i = 0; i < ROOTS; i++) {
      int root = (int) ((long) i * cut.places() / ROOTS);
      Opening other = new Opening(cut, paths, Set.of(root));
      if (other.length() < best.length()) {
        best = other;
      }
    }
    return best.added(seams);
  }

  /** Over a ball the way between two far places. */
  private Seams slit(int one, Seams seams) {
    int other = paths.furthest(one);
    List<Integer> way = new ArrayList<>(paths.shortest(one, Set.of(other)));
    if (way.size() == 2) {
      // A slit of one edge opens nothing: its two sides would be one and the same.
      way.add(paths.beside(other, one));
    }
    return seams.with(sources(way));
  }

  private List<Integer> sources(List<Integer> way) {
    return way.stream().map(cut::source).toList();
  }

  /** The half-edges that close loops. */
  private List<Integer> loops() {
    Joined faces = new Joined(cut.halfEdges() / 3);
    return IntStream.range(0, cut.halfEdges())
        .filter(h -> cut.across(h) > h && !inTree(h))
        .boxed()
        .sorted(Comparator.comparingDouble((Integer h) -> -loop(h)))
        .filter(
            h -> {
              int one = faces.root(h / 3);
              int other = faces.root(cut.across(h) / 3);
              faces.join(one, other);
              return one == other;
            })
        .toList();
  }

  private boolean inTree(int h) {
    int from = cut.place(h);
    int to = cut.end(h);
    return Integer.valueOf(from).equals(before.get(to))
        || Integer.valueOf(to).equals(before.get(from));
  }

  private double loop(int h) {
    return far.get(cut.place(h)) + far.get(cut.end(h)) + cut.distance(cut.place(h), cut.end(h));
  }

  private double length() {
    return loops().stream().mapToDouble(this::loop).sum();
  }

  private Seams added(Seams seams) {
    Map<Integer, Set<Integer>> next = new HashMap<>();
    for (int h : loops()) {
      join(next, cut.place(h), cut.end(h));
      for (int end : new int[] {cut.place(h), cut.end(h)}) {
        for (int at = end; before.get(at) != null; at = before.get(at)) {
          join(next, at, before.get(at));
        }
      }
    }
    prune(next);
    Seams more = seams;
    for (Map.Entry<Integer, Set<Integer>> place : next.entrySet()) {
      for (int other : place.getValue()) {
        more = more.with(sources(List.of(place.getKey(), other)));
      }
    }
    return more;
  }

  private static void join(Map<Integer, Set<Integer>> next, int a, int b) {
    next.computeIfAbsent(a, it -> new HashSet<>()).add(b);
    next.computeIfAbsent(b, it -> new HashSet<>()).add(a);
  }

  /** Takes cuts away that lead to no other and to no edge. */
  private void prune(Map<Integer, Set<Integer>> next) {
    boolean closed = before.size() == cut.places() - 1;
    Deque<Integer> ends = new ArrayDeque<>(next.keySet());
    while (closed && !ends.isEmpty()) {
      int at = ends.remove();
      Set<Integer> others = next.get(at);
      if (others.size() == 1) {
        int other = others.iterator().next();
        others.clear();
        next.get(other).remove(at);
        ends.add(other);
      }
    }
  }
}
