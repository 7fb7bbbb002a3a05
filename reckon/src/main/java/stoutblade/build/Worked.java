package stoutblade.build;

import stoutblade.layer.Layers;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Units;
import stoutblade.stack.Layering;
import stoutblade.stack.ProfileChange;

/**
 * What is worked off the edge first: the part's own section, or, where that is flat, the first that
 * it goes over into.
 *
 * @param wide how far in from the edge, in words
 * @param down how steep, where that is one angle, and to what thickness
 * @param from from where on, where the part is flat before
 * @param along the edge that is worked
 */
record Worked(String wide, String down, String from, Figure along) {

  /** The first section of layers that is not flat. */
  static Worked of(Layers layers, Figure girth, Units units) {
    Layering layering = layers.layering();
    double thick = layering.thicknessMm();
    if (!layering.profile().flat(thick)) {
      return new Worked(
          layers.bevelWidth().show(units),
          layers.bevelAngle().show(units) + " from the face, to " + layers.edge().show(units),
          "",
          girth);
    }
    ProfileChange first =
        layering.changes().stream()
            .filter(it -> !it.profile().flat(thick))
            .findFirst()
            .orElseThrow();
    Figure along =
        Figure.found(
            "build.bevel.edge",
            "Edge that is worked",
            layers.solid().edgeBeyond(first.fromMm()),
            Quantity.LENGTH,
            "{" + girth.id() + "} beyond where the part stops being flat",
            Source.GEOMETRY,
            girth.uncertainty(),
            girth);
    return new Worked(
        first.profile().kind().across()
            ? "Half the width"
            : Display.length(first.profile().widthMm(), units),
        "Down to " + Display.length(first.profile().edgeMm(), units),
        ", from " + Display.length(first.fromMm(), units) + " along on",
        along);
  }
}
