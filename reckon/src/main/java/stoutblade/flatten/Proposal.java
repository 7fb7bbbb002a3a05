package stoutblade.flatten;

import java.util.function.DoubleConsumer;
import stoutblade.mesh.Mesh;

/** Seams that make faces fit to be laid flat: few and short ones. */
public final class Proposal {

  private Proposal() {}

  /**
   * Lays faces flat with so many seams that every piece lies in one sheet: first the shortest by
   * which one edge runs round it, then darts and seams across where it would lie over itself or the
   * foam would have to give more than it forgives.
   *
   * @param unitMm millimetres to a unit of the mesh
   * @param forgives how much a length of the foam may change, as a share
   * @param progress takes the share that is done, 0 to 1; may throw to stop
   */
  public static LaidFlat of(
      Mesh mesh,
      int[] triangles,
      Seams before,
      double unitMm,
      double forgives,
      DoubleConsumer progress) {
    Seams open = opened(mesh, triangles, before);
    return Relief.of(mesh, triangles, before, open, unitMm, forgives, true, progress);
  }

  /** Adds only the shortest seams after which one edge runs round each piece. */
  public static Seams opened(Mesh mesh, int[] triangles, Seams before) {
    return Opening.of(mesh, triangles, before);
  }
}
