package stoutblade.flatten;

import java.util.List;
import stoutblade.develop.Panel;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/** The figures of faces that were laid flat. */
public final class PatchFigures {

  private PatchFigures() {}

  /**
   * The figures, the most wanted first.
   *
   * @param forgives how much a length of the foam may change, as a share
   */
  public static List<Figure> of(LaidFlat laid, double forgives) {
    double stretched =
        laid.pieces().stream().mapToDouble(LaidFlat.Piece::mostStretched).max().orElse(1);
    double squeezed =
        laid.pieces().stream().mapToDouble(LaidFlat.Piece::mostSqueezed).min().orElse(1);
    int faces = laid.pieces().stream().mapToInt(it -> it.patch().triangles()).sum();
    double area = laid.panels().stream().mapToDouble(Panel::area).sum();
    return List.of(
        found(
            "patch.stretched",
            "Foam is stretched, at most, to",
            stretched,
            Quantity.RATIO,
            "one over the lesser singular value of the way each face is laid flat"),
        found(
            "patch.squeezed",
            "Foam is squeezed, at most, to",
            squeezed,
            Quantity.RATIO,
            "one over the greater singular value of the way each face is laid flat"),
        Figure.given(
            "patch.forgives",
            "Foam stretches up to, as a share",
            forgives,
            Quantity.RATIO,
            Source.assumption("warmed foam takes so much without springing back; try a scrap")),
        found(
            "patch.mismatch",
            "Edges of a seam differ by at most",
            laid.mismatchMm(),
            Quantity.LENGTH,
            "the longer less the shorter edge of the seam that differs most"),
        found(
            "patch.area",
            "Foam in all pieces",
            area,
            Quantity.AREA,
            "area inside the lines of the pieces, by Green's theorem"),
        Figure.given(
            "patch.pieces", "Pieces", laid.pieces().size(), Quantity.COUNT, Source.GEOMETRY),
        Figure.given("patch.faces", "Faces", faces, Quantity.COUNT, Source.GEOMETRY));
  }

  private static Figure found(
      String id, String label, double value, Quantity quantity, String words) {
    return Figure.found(id, label, value, quantity, words, Source.GEOMETRY, Uncertainty.NONE);
  }
}
