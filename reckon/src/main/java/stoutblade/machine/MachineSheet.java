package stoutblade.machine;

import java.util.List;
import stoutblade.shape.Path;
import stoutblade.shape.Region;

/**
 * A sheet as it lies on a machine's bed, with its corner at the bed's.
 *
 * @param edge of the sheet
 * @param pieces what is cut from it
 */
public record MachineSheet(Region edge, List<Piece> pieces) {

  /**
   * A piece.
   *
   * @param edges its outer edge and those of what is cut out of it
   * @param engraved lines that are engraved
   * @param drawn lines that are drawn: where it is bent, where something lies
   */
  public record Piece(List<Path> edges, List<Path> engraved, List<Path> drawn) {

    /** Copies the lines. */
    public Piece {
      edges = List.copyOf(edges);
      engraved = List.copyOf(engraved);
      drawn = List.copyOf(drawn);
    }
  }

  /** Copies the pieces. */
  public MachineSheet {
    pieces = List.copyOf(pieces);
  }
}
