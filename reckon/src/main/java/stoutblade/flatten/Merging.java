package stoutblade.flatten;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import stoutblade.mesh.Mesh;

/** Takes seams away again that two pieces can do without, the longest first. */
final class Merging {

  private final Mesh mesh;
  private final Seams kept;
  private final double unitMm;
  private final Predicate<LaidFlat.Piece> lies;
  private final Set<Pair> tried = new HashSet<>();
  private List<Patch> pieces;
  private Seams seams;

  private record Pair(Patch one, Patch other) {}

  private record Shared(Pair pair, Set<Seams.Edge> edges, double length) {}

  /**
   * Takes pieces up.
   *
   * @param kept seams that stay
   * @param lies tells whether a piece lies well
   */
  Merging(
      Mesh mesh,
      Seams kept,
      Seams seams,
      double unitMm,
      List<Patch> pieces,
      Predicate<LaidFlat.Piece> lies) {
    this.mesh = mesh;
    this.kept = kept;
    this.seams = seams;
    this.unitMm = unitMm;
    this.pieces = pieces;
    this.lies = lies;
  }

  List<Patch> pieces() {
    return pieces;
  }

  Seams seams() {
    return seams;
  }

  /**
   * Merges as many as it can.
   *
   * @param step called before each trial; may throw to stop
   */
  void merge(Runnable step) {
    boolean merged = true;
    while (merged) {
      merged = false;
      for (Shared shared : shared()) {
        if (tried.add(shared.pair)) {
          step.run();
          if (merge(shared)) {
            merged = true;
            break;
          }
        }
      }
    }
  }

  private List<Shared> shared() {
    Map<Seams.Edge, Patch> sides = new HashMap<>();
    Map<Pair, Shared> found = new LinkedHashMap<>();
    for (Patch piece : pieces) {
      int[] rim = piece.rim();
      for (int i = 0; i < rim.length; i++) {
        int to = rim[(i + 1) % rim.length];
        Seams.Edge edge = Seams.Edge.of(piece.source(rim[i]), piece.source(to));
        Patch other = seams.edges().contains(edge) ? sides.put(edge, piece) : null;
        if (other != null && other != piece && !kept.edges().contains(edge)) {
          Pair pair = new Pair(other, piece);
          Shared before = found.getOrDefault(pair, new Shared(pair, new HashSet<>(), 0));
          before.edges.add(edge);
          found.put(
              pair, new Shared(pair, before.edges, before.length + piece.distance(rim[i], to)));
        }
      }
    }
    return found.values().stream().sorted(Comparator.comparingDouble(it -> -it.length)).toList();
  }

  private boolean merge(Shared shared) {
    Set<Seams.Edge> fewer = new HashSet<>(seams.edges());
    fewer.removeAll(shared.edges);
    Seams left = new Seams(fewer);
    Optional<Patch> one = whole(shared.pair, left);
    if (one.isEmpty()
        || !lies.test(new LaidFlat.Piece(one.get(), Flattening.roughly(one.get(), it -> {})))) {
      return false;
    }
    List<Patch> now = new ArrayList<>(pieces);
    now.removeIf(it -> it == shared.pair.one || it == shared.pair.other);
    now.add(one.get());
    pieces = now;
    seams = left;
    return true;
  }

  /** Both together, where one edge runs round them. */
  private Optional<Patch> whole(Pair pair, Seams left) {
    int[] faces =
        IntStream.concat(IntStream.of(pair.one.faces()), IntStream.of(pair.other.faces()))
            .toArray();
    try {
      List<Patch> whole = Patch.pieces(mesh, faces, left, unitMm);
      return whole.size() == 1 ? Optional.of(whole.getFirst()) : Optional.empty();
    } catch (IllegalArgumentException e) {
      // Round a ring of pieces two edges would run: the seam stays.
      return Optional.empty();
    }
  }
}
