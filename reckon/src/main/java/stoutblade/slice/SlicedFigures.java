package stoutblade.slice;

import java.util.List;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/** The figures of a sliced model. */
public final class SlicedFigures {

  private SlicedFigures() {}

  /** The figures, with the foam that its layers are of. */
  public static List<Figure> of(Sliced sliced, SheetMaterial foam) {
    Figure layers =
        Figure.given(
            "slices.count", "Layers", sliced.slices().size(), Quantity.COUNT, Source.GEOMETRY);
    int pieces = sliced.slices().stream().mapToInt(it -> it.pieces().size()).sum();
    Figure most =
        volume(
            "most",
            "Layers as cut, solid",
            sliced.most(),
            "the largest section within each layer, times its thickness");
    Figure least =
        volume(
            "least",
            "Where layers are full",
            sliced.least(),
            "what all sections within a layer have in common, times its thickness");
    Figure cut =
        volume(
            "cut",
            "Foam in the layers",
            sliced.cut(),
            "area of all pieces, hollowed, times the thickness of their layer");
    Figure density = foam.density("slices.density");
    Figure mass =
        Figure.computed(
            "slices.mass",
            "Weight before sanding",
            Quantity.MASS,
            "{slices.cut} * {slices.density}",
            Source.GEOMETRY,
            cut,
            density);
    Figure sanding =
        Figure.computed(
            "slices.sanded",
            "To sand off at most, cut stepped",
            Quantity.VOLUME,
            "{slices.most} - {slices.least}",
            Source.GEOMETRY,
            most,
            least);
    Figure glued =
        Figure.found(
            "slices.glued",
            "Faces to spread with glue",
            sliced.glued(),
            Quantity.AREA,
            "twice what each layer and the next have in common",
            Source.GEOMETRY,
            Uncertainty.NONE);
    return List.of(
        layers,
        Figure.given("slices.pieces", "Pieces", pieces, Quantity.COUNT, Source.GEOMETRY),
        cut,
        mass,
        sanding,
        glued);
  }

  private static Figure volume(String key, String label, double mm3, String words) {
    return Figure.found(
        "slices." + key, label, mm3, Quantity.VOLUME, words, Source.GEOMETRY, Uncertainty.NONE);
  }
}
