package stoutblade.template;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/** The figures of a template: copies and pages. */
final class TemplateFigures {

  private TemplateFigures() {}

  static List<Figure> of(Template template, Tiling tiling) {
    return List.of(
        Figure.found(
            "cut.pieces",
            "Pieces to cut",
            template.copies().size(),
            Quantity.COUNT,
            "copies named on the template",
            Source.GEOMETRY,
            Uncertainty.NONE),
        Figure.found(
            "cut.mirrored",
            "Mirrored pieces",
            (double) template.mirroredCopies(),
            Quantity.COUNT,
            "copies for which the paper is turned over",
            Source.GEOMETRY,
            Uncertainty.NONE),
        Figure.found(
            "cut.pages",
            "Pages of " + tiling.paper().label(),
            tiling.tiles().size(),
            Quantity.COUNT,
            "windows of the paper less margins and foot, overlapping by 12 mm, that hold a line",
            Source.standard("ISO 216 and inch paper sizes"),
            Uncertainty.NONE));
  }
}
