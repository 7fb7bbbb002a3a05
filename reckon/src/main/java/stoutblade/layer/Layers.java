package stoutblade.layer;

import java.util.List;
import stoutblade.catalogue.Foam;
import stoutblade.measure.Doubt;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.part.BladeForm;

/**
 * What the chosen layers come to.
 *
 * @param foam the foam
 * @param solid the solid they make
 * @param layer thickness of a layer
 * @param thickness both layers together
 * @param bevelWidth width of the bevel
 * @param edge thickness at the edge
 * @param bevelAngle angle of the bevel from the face
 * @param volume volume of foam before channels are cut
 * @param sanded volume to sand off for the bevels
 * @param surface outside to be finished
 */
public record Layers(
    Foam foam,
    BladeSolid solid,
    Figure layer,
    Figure thickness,
    Figure bevelWidth,
    Figure edge,
    Figure bevelAngle,
    Figure volume,
    Figure sanded,
    Figure surface) {

  /** Works out the layers of a blade. */
  public static Layers of(BladeForm form, Layering layering, Foam foam) {
    BladeSolid solid = new BladeSolid(form, layering);
    Figure layer =
        Figure.given(
            "layers.layer", "Each layer", layering.thicknessMm(), Quantity.LENGTH, Source.DECIDED);
    Figure bevel =
        Figure.given(
            "layers.bevel",
            "Bevel width on the face",
            layering.bevelMm(),
            Quantity.LENGTH,
            Source.DECIDED);
    Figure edge =
        Figure.given(
            "layers.edge",
            "Thickness at the edge",
            layering.edgeMm(),
            Quantity.LENGTH,
            Source.DECIDED);
    Figure thickness =
        Figure.computed(
            "layers.thickness",
            "Both layers",
            Quantity.LENGTH,
            "2 * {layers.layer}",
            Source.GEOMETRY,
            layer);
    return new Layers(
        foam,
        solid,
        layer,
        thickness,
        bevel,
        edge,
        angle(thickness, edge, bevel),
        volume(form, solid),
        sanded(form, solid, thickness),
        surface(form, solid));
  }

  private static Figure angle(Figure thickness, Figure edge, Figure bevel) {
    if (bevel.value() == 0) {
      return Figure.found(
          "layers.angle",
          "Bevel angle from the face",
          0,
          Quantity.ANGLE,
          "no bevel",
          Source.GEOMETRY,
          Doubt.NONE);
    }
    return Figure.computed(
        "layers.angle",
        "Bevel angle from the face",
        Quantity.ANGLE,
        "atan(({layers.thickness} - {layers.edge}) / (2 * {layers.bevel}))",
        Source.practice("the line where the bevel stops and the edge give the angle"),
        thickness,
        edge,
        bevel);
  }

  private static Figure volume(BladeForm form, BladeSolid solid) {
    double value = solid.volume();
    return Figure.found(
        "layers.volume",
        "Foam left in the blade",
        value,
        Quantity.VOLUME,
        "thickness added up over {blade.area}: full inside the bevel line, falling evenly to the"
            + " edge outside it"
            + (form.fullers().isEmpty() ? "" : "; less what fullers take off both faces"),
        Source.GEOMETRY,
        form.area().doubt().times(value / form.area().value()),
        form.area());
  }

  private static Figure sanded(BladeForm form, BladeSolid solid, Figure thickness) {
    return Figure.found(
        "layers.sanded",
        "Foam to sand off",
        solid.sanded(),
        Quantity.VOLUME,
        "{blade.area} × {layers.thickness} less what is left inside the bevels",
        Source.GEOMETRY,
        Doubt.NONE,
        form.area(),
        thickness);
  }

  private static Figure surface(BladeForm form, BladeSolid solid) {
    double value = solid.surface();
    return Figure.found(
        "layers.surface",
        "Surface to finish",
        value,
        Quantity.AREA,
        "both faces of {blade.area}, the bevels measured on the slant, and the edge round"
            + " {blade.girth}",
        Source.GEOMETRY,
        form.area().doubt().times(value / form.area().value()),
        form.area(),
        form.girth());
  }

  /** All figures that a person is shown, in order. */
  public List<Figure> figures() {
    return List.of(layer, thickness, bevelWidth, edge, bevelAngle, volume, sanded, surface);
  }
}
