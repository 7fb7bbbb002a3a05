package stoutblade.body;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.develop.Panel;
import stoutblade.layer.CoverStrips;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.part.Part;
import stoutblade.shape.Box;

/** The body of what is put together from flat pieces: wrapped, folded, darted or sliced. */
final class PanelBody {

  private static final double LINE_MM = 0.05;

  private final Body.Given given;
  private final Part part;
  private final List<Panel> panels;

  private PanelBody(Body.Given given) {
    this.given = given;
    this.part = given.part();
    this.panels = given.flat().panels();
  }

  static Optional<Body> of(Body.Given given) {
    return given.flat().panels().isEmpty()
        ? Optional.empty()
        : Optional.of(new PanelBody(given).body());
  }

  private Body body() {
    Figure area =
        found(
            "part.foam-area",
            "Foam in one",
            sum(Panel::area),
            Quantity.AREA,
            "area of all its pieces, by Green's theorem");
    Figure thick = thickness(area);
    Figure volume =
        Figure.computed(
            "part.volume",
            "Foam in one, volume",
            Quantity.VOLUME,
            "{part.foam-area} * {part.thick}",
            Source.GEOMETRY,
            area,
            thick);
    Box box = Sizes.box(part);
    int seams =
        panels.stream()
                .mapToInt(
                    it ->
                        it.count()
                            * (int) it.edges().stream().filter(e -> !e.seam().isEmpty()).count())
                .sum()
            / 2;
    List<Figure> further = new ArrayList<>(List.of(area));
    return new Body(
        part.name(),
        Sizes.length(box),
        Sizes.width(box),
        found(
            "part.cut",
            "Outlines to cut",
            sum(PanelBody::lines),
            Quantity.LENGTH,
            "round every piece, and round what is cut out of it"),
        surface(area),
        glued(),
        volume,
        given.foam().map(it -> mass(it, area, thick)),
        given.foam().map(it -> Sizes.evenly(it, volume.value(), box)).stream().toList(),
        box.minY(),
        Optional.empty(),
        Optional.empty(),
        given.covers(),
        panels.stream().mapToInt(Panel::count).sum(),
        part.slices().map(it -> it.layers().size() - 1).orElse(seams),
        further,
        Optional.empty());
  }

  private double sum(java.util.function.ToDoubleFunction<Panel> each) {
    return panels.stream().mapToDouble(it -> it.count() * each.applyAsDouble(it)).sum();
  }

  private static double lines(Panel panel) {
    return panel.outline().length(LINE_MM)
        + panel.windows().stream().mapToDouble(it -> it.length(LINE_MM)).sum();
  }

  private Figure surface(Figure area) {
    return part.slices()
        .map(
            it ->
                found(
                    "part.surface",
                    "Surface to finish",
                    SlicedFaces.outside(it, panels),
                    Quantity.AREA,
                    "what of each layer's face the next one leaves free, and the edge round each"))
        .orElseGet(
            () ->
                Figure.computed(
                    "part.surface",
                    "Surface to finish",
                    Quantity.AREA,
                    "1 * {part.foam-area}",
                    Source.practice("the outside of its pieces; the inside is not finished"),
                    area));
  }

  private Figure glued() {
    return part.slices()
        .map(
            it ->
                found(
                    "part.glued",
                    "Faces to spread with glue",
                    SlicedFaces.glued(it, panels),
                    Quantity.AREA,
                    "twice the smaller of every two layers that lie on one another"))
        .orElseGet(
            () ->
                found(
                    "part.glued",
                    "Edges to spread with glue",
                    seamLength() * part.thicknessMm()
                        + 2 * given.covers().map(CoverStrips::areaMm2).orElse(0.0),
                    Quantity.AREA,
                    "every edge of a seam times the thickness; both faces of strips over splices"));
  }

  private double seamLength() {
    return sum(
        panel ->
            panel.edges().stream()
                .filter(it -> !it.seam().isEmpty())
                .mapToDouble(it -> it.path().length(LINE_MM))
                .sum());
  }

  private Figure mass(SheetMaterial foam, Figure area, Figure thick) {
    Figure sheets =
        weight(
            given.covers().isPresent() ? ".panels" : "", area, thick, foam.density("part.density"));
    return given.covers().map(it -> covered(it, sheets)).orElse(sheets);
  }

  private static Figure weight(String key, Figure area, Figure thick, Figure density) {
    return Figure.computed(
        "part.one" + key,
        "Weight of one",
        Quantity.MASS,
        "{%s} * {%s} * {%s}".formatted(area.id(), thick.id(), density.id()),
        Source.GEOMETRY,
        area,
        thick,
        density);
  }

  /** With the strips over its splices. */
  private static Figure covered(CoverStrips covers, Figure panels) {
    Figure area =
        found(
            "part.covers",
            "Strips over splices, in one",
            covers.areaMm2(),
            Quantity.AREA,
            "length of the splices times the width of the strips");
    Figure thick =
        Figure.given(
            "part.covers.thick",
            "Thickness of the strips",
            covers.thicknessMm(),
            Quantity.LENGTH,
            Source.catalogue(covers.foam().source()));
    Figure strips = weight(".covers", area, thick, covers.foam().density("part.covers.density"));
    return Figure.computed(
        "part.one",
        panels.label(),
        Quantity.MASS,
        "{%s} + {%s}".formatted(panels.id(), strips.id()),
        Source.GEOMETRY,
        panels,
        strips);
  }

  private Figure thickness(Figure area) {
    if (part.slices().isEmpty()) {
      return Figure.given(
          "part.thick", "Thickness", part.thicknessMm(), Quantity.LENGTH, Source.DECIDED);
    }
    double volume =
        part.slices().orElseThrow().panelsByThickness().entrySet().stream()
            .mapToDouble(it -> it.getKey() * it.getValue().stream().mapToDouble(Panel::area).sum())
            .sum();
    return Figure.found(
        "part.thick",
        "Thickness of the layers, on average",
        volume / area.value(),
        Quantity.LENGTH,
        "area times thickness of each layer, over {" + area.id() + "}",
        Source.GEOMETRY,
        Uncertainty.NONE,
        area);
  }

  private static Figure found(
      String id, String label, double value, Quantity quantity, String words) {
    return Figure.found(id, label, value, quantity, words, Source.GEOMETRY, Uncertainty.NONE);
  }
}
