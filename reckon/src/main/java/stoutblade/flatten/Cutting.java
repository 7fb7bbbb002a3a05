package stoutblade.flatten;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** ShortestPaths to cut a patch, as the vertices of it that they run through. */
final class Cutting {

  /** A seam across leaves at least this share of the edge on each side, where it can. */
  private static final double LEAST_SHARE = 0.15;

  /** What a way that leaves less counts as longer, in mm. */
  private static final double LONGER_MM = 1e6;

  private final Patch patch;
  private final ShortestPaths paths;
  private final Map<Integer, Integer> along = new HashMap<>();

  Cutting(Patch patch) {
    this.patch = patch;
    this.paths = ShortestPaths.over(patch);
    for (int i = 0; i < patch.rimLength(); i++) {
      along.put(patch.rimAt(i), i);
    }
  }

  /** From a vertex inside the shortest way to the edge. */
  List<Integer> dart(int vertex) {
    return paths.shortest(vertex, along.keySet());
  }

  /**
   * Right across half way between two far vertices; where no vertex lies inside, along one edge.
   *
   * @return empty for a piece of a single face
   */
  List<Integer> halved() {
    int one = paths.furthest(patch.rimAt(0));
    List<Integer> way = paths.shortest(one, Set.of(paths.furthest(one)));
    Map<Integer, Double> far =
        paths.spread(Set.of(way.get(way.size() / 2)), Set.of(), Set.of(), new HashMap<>());
    Comparator<Integer> nearest =
        Comparator.<Integer, Boolean>comparing(along::containsKey)
            .thenComparing(far::get)
            .thenComparing(it -> it);
    return far.keySet().stream()
        .sorted(nearest)
        .map(this::across)
        .filter(it -> !it.isEmpty())
        .findFirst()
        .orElse(List.of());
  }

  /** Right across through a vertex, from edge to edge the shortest way. */
  List<Integer> across(int vertex) {
    Map<Integer, Integer> before = new HashMap<>();
    Map<Integer, Double> far = paths.spread(Set.of(vertex), Set.of(), along.keySet(), before);
    if (along.containsKey(vertex)) {
      return end(vertex, Set.of(), far, before);
    }
    int first =
        along.keySet().stream()
            .filter(far::containsKey)
            .min((a, b) -> Double.compare(far.get(a), far.get(b)))
            .orElseThrow();
    List<Integer> one = ShortestPaths.way(first, before);
    List<Integer> other = end(first, new HashSet<>(one), far, before);
    if (other.isEmpty()) {
      return one;
    }
    List<Integer> way = new ArrayList<>(one.reversed());
    way.addAll(other.subList(1, other.size()));
    return way;
  }

  /** The best way from the vertex to the edge, away from where another way has ended. */
  private List<Integer> end(
      int first, Set<Integer> taken, Map<Integer, Double> far, Map<Integer, Integer> before) {
    List<Integer> best = List.of();
    double least = Double.POSITIVE_INFINITY;
    for (int at : along.keySet()) {
      if (at == first || !far.containsKey(at)) {
        continue;
      }
      List<Integer> way = ShortestPaths.way(at, before);
      int apart = Math.abs(along.get(at) - along.get(first));
      double share = Math.min(apart, patch.rimLength() - apart) / (double) patch.rimLength();
      boolean rim = way.size() == 2 && apart == 1;
      boolean shared = way.subList(1, way.size()).stream().anyMatch(taken::contains);
      double price = far.get(at) + (share < LEAST_SHARE ? LONGER_MM : 0);
      if (!rim && !shared && price < least) {
        least = price;
        best = way;
      }
    }
    return best;
  }

  /** The vertex inside round which the foam gives most. */
  static int worst(LaidFlat.Piece piece) {
    LaidFlat.Strain[] strains = piece.strains();
    Set<Integer> rim = Arrays.stream(piece.patch().rim()).boxed().collect(Collectors.toSet());
    return IntStream.range(0, strains.length)
        .filter(it -> !rim.contains(it))
        .boxed()
        .max(Comparator.comparingDouble(it -> strains[it].most()))
        .orElse(-1);
  }
}
