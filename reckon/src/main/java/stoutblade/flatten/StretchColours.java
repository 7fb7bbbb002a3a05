package stoutblade.flatten;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Optional;
import stoutblade.mesh.Mesh;
import stoutblade.mesh.Shading;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;

/**
 * How the foam stretches, as colours: what is chosen is pale, what is stretched warm, what is
 * squeezed cold, full colour where it is as much as the foam forgives.
 */
public final class StretchColours {

  private static final int CHOSEN = 0xd9c38f;
  private static final int EVEN = 0xdcd3c4;
  private static final int WARM = 0xc4501c;
  private static final int COLD = 0x1c6aa6;

  private final int[] faces;
  private final int[][] pieces;

  private StretchColours(int[] faces, int[][] pieces) {
    this.faces = faces;
    this.pieces = pieces;
  }

  /**
   * The colours.
   *
   * @param forgives how much a length may change, as a share
   * @param count how many faces the mesh has
   */
  public static StretchColours of(
      BitSet chosen, Optional<LaidFlat> laid, double forgives, int count) {
    int[] faces = new int[count];
    Arrays.fill(faces, -1);
    chosen.stream().forEach(it -> faces[it] = CHOSEN);
    int[][] pieces = laid.map(it -> new int[it.pieces().size()][]).orElseGet(() -> new int[0][]);
    for (int i = 0; i < pieces.length; i++) {
      LaidFlat.Piece piece = laid.orElseThrow().pieces().get(i);
      pieces[i] = new int[piece.patch().triangles()];
      for (int t = 0; t < pieces[i].length; t++) {
        double stretched = piece.flat().stretched(t) - 1;
        double squeezed = 1 - piece.flat().squeezed(t);
        int colour =
            stretched >= squeezed
                ? mixed(WARM, stretched / forgives)
                : mixed(COLD, squeezed / forgives);
        pieces[i][t] = colour;
        faces[piece.patch().face(t)] = colour;
      }
    }
    return new StretchColours(faces, pieces);
  }

  private static int mixed(int colour, double share) {
    double amount = Math.clamp(share, 0, 1);
    int mixed = 0;
    for (int shift = 0; shift <= 16; shift += 8) {
      int from = EVEN >> shift & 0xff;
      int to = colour >> shift & 0xff;
      mixed |= (int) Math.round(from + (to - from) * amount) << shift;
    }
    return mixed;
  }

  /** The colour of a face of the mesh, as 0xRRGGBB; −1 where it is not chosen. */
  public int ofFace(int face) {
    return faces[face];
  }

  /** The colour of a face of a piece. */
  public int ofPiece(int piece, int triangle) {
    return pieces[piece][triangle];
  }

  /** A picture of a piece as it lies flat, in mm. */
  public Shading map(LaidFlat laid, int index, int longestPx) {
    LaidFlat.Piece piece = laid.pieces().get(index);
    Patch patch = piece.patch();
    float[] xyz = new float[3 * patch.vertices()];
    for (int v = 0; v < patch.vertices(); v++) {
      xyz[3 * v] = (float) piece.flat().at(v).x();
      xyz[3 * v + 1] = (float) piece.flat().at(v).y();
    }
    int[] corners = new int[3 * patch.triangles()];
    Arrays.setAll(corners, patch::corner);
    Mesh flat = Mesh.asTheyAre(xyz, corners);
    return Shading.of(
        flat, Orientation.Y_UP, View.FRONT, longestPx, it -> ofPiece(index, it), share -> {});
  }
}
