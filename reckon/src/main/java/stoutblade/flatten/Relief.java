package stoutblade.flatten;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import stoutblade.mesh.Mesh;

/**
 * Cuts that let pieces lie flat: darts to where the foam would have to give most, and, where darts
 * do not help, a seam right across a piece. Each piece is laid flat anew after each cut, so that no
 * cut is made that is not needed.
 */
final class Relief {

  private static final int MOST_CUTS = 240;

  /** So many darts go into a piece before it is divided. */
  private static final int DARTS_FIRST = 3;

  /** So many go into one that is not to be divided. */
  private static final int MOST_DARTS = 16;

  /** What lies so well roughly lies well. */
  private static final double ROUGH = 0.95;

  /** Where foam would give so many times what it forgives, a piece is divided and not darted. */
  private static final double FAR = 4;

  private static final double CUT_SHARE = 0.5;
  private static final double MERGED_SHARE = 0.8;

  private final Mesh mesh;
  private final double unitMm;
  private final double forgives;
  private final boolean divide;
  private final Seams kept;
  private Seams seams;
  private int cuts;

  private final List<LaidFlat.Piece> laid = new ArrayList<>();

  private record Waiting(Patch patch, int darts) {}

  private Relief(
      Mesh mesh, Seams kept, Seams seams, double unitMm, double forgives, boolean divide) {
    this.mesh = mesh;
    this.kept = kept;
    this.seams = seams;
    this.unitMm = unitMm;
    this.forgives = forgives;
    this.divide = divide;
  }

  /**
   * Faces laid flat with the cuts that are wanted.
   *
   * @param kept seams that stay
   * @param seams those, and more that may be given up for others
   * @param divide true to divide pieces where darts do not help
   * @param progress takes the share that is done, 0 to 1; may throw to stop
   * @throws IllegalArgumentException if the faces cannot be laid flat along the seams
   */
  static LaidFlat of(
      Mesh mesh,
      int[] triangles,
      Seams kept,
      Seams seams,
      double unitMm,
      double forgives,
      boolean divide,
      DoubleConsumer progress) {
    Relief relief = new Relief(mesh, kept, seams, unitMm, forgives, divide);
    relief.work(LaidFlat.patches(mesh, triangles, seams, unitMm), progress);
    progress.accept(1);
    return new LaidFlat(relief.seams, relief.laid);
  }

  private void work(List<Patch> patches, DoubleConsumer progress) {
    List<Patch> rough =
        cut(patches, roughly(), it -> progress.accept(CUT_SHARE * it)).stream()
            .map(LaidFlat.Piece::patch)
            .toList();
    if (divide) {
      Merging merging =
          new Merging(
              mesh, kept, seams, unitMm, rough, it -> Fault.of(it, 0, ROUGH * forgives).isEmpty());
      merging.merge(() -> progress.accept(CUT_SHARE));
      rough = merging.pieces();
      seams = merging.seams();
    }
    Laying accurately = new Laying(1, Flattening::of);
    laid.addAll(
        cut(rough, accurately, it -> progress.accept(MERGED_SHARE + (1 - MERGED_SHARE) * it)));
    if (divide) {
      match(accurately, progress);
    }
  }

  /** Divides pieces until the edges of all seams are equally long, but for what is eased in. */
  private void match(Laying laying, DoubleConsumer progress) {
    LaidFlat now = new LaidFlat(seams, laid);
    List<Fault> faults = Fault.differing(now);
    while (!faults.isEmpty() && cuts < MOST_CUTS) {
      progress.accept(1);
      Fault fault = faults.getFirst();
      Patch patch = laid.remove(fault.piece()).patch();
      seams = fault.divided(now);
      cuts++;
      laid.addAll(
          cut(Patch.pieces(mesh, patch.faces(), seams, unitMm), laying, it -> progress.accept(1)));
      now = new LaidFlat(seams, laid);
      faults = Fault.differing(now);
    }
  }

  /** How a patch is laid flat to see how it lies, and what share of what foam forgives counts. */
  private record Laying(double share, Way way) {

    interface Way {
      Flattening of(Patch patch, Seams seams, DoubleConsumer progress);
    }
  }

  private static Laying roughly() {
    return new Laying(ROUGH, (patch, seams, step) -> Flattening.roughly(patch, step));
  }

  private List<LaidFlat.Piece> cut(List<Patch> patches, Laying laying, DoubleConsumer progress) {
    Deque<Waiting> waiting = new ArrayDeque<>();
    patches.forEach(it -> waiting.add(new Waiting(it, 0)));
    int all = patches.stream().mapToInt(Patch::triangles).sum();
    int done = 0;
    List<LaidFlat.Piece> lie = new ArrayList<>();
    while (!waiting.isEmpty()) {
      Waiting at = waiting.remove();
      double share = done / (double) all;
      progress.accept(share);
      LaidFlat.Piece piece =
          new LaidFlat.Piece(
              at.patch, laying.way.of(at.patch, seams, it -> progress.accept(share)));
      List<Integer> way =
          cuts < MOST_CUTS ? way(piece, at.darts, laying.share * forgives) : List.of();
      if (way.isEmpty()) {
        lie.add(piece);
        done += at.patch.triangles();
        continue;
      }
      cuts++;
      seams = seams.with(way.stream().map(at.patch::source).toList());
      List<Patch> cut = Patch.pieces(mesh, at.patch.faces(), seams, unitMm);
      cut.forEach(it -> waiting.addFirst(new Waiting(it, cut.size() == 1 ? at.darts + 1 : 0)));
    }
    return lie;
  }

  /** The vertices along which a piece is cut; none where it lies well, or where nothing helps. */
  private List<Integer> way(LaidFlat.Piece piece, int darts, double most) {
    Optional<Fault> fault = Fault.of(piece, 0, most);
    if (fault.isEmpty()) {
      return List.of();
    }
    Cutting cutting = new Cutting(piece.patch());
    int worst = Cutting.worst(piece);
    boolean over = fault.get().kind() == Fault.Kind.OVERLAPS;
    if (!divide) {
      return worst >= 0 && !over && darts < MOST_DARTS ? cutting.dart(worst) : List.of();
    }
    if (worst < 0 || over || piece.strains()[worst].most() > FAR * forgives) {
      return cutting.halved();
    }
    return darts < DARTS_FIRST ? cutting.dart(worst) : cutting.across(worst);
  }
}
