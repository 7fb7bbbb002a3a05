package stoutblade.sum;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.section.Oval;

/** The wall of a pipe that was squeezed flat. */
final class PipeWall {

  private PipeWall() {}

  /** Area of the wall and its second moments, squeezed and as it was. */
  static List<Figure> figures(Figure across, Figure height, Figure width, Figure wall) {
    Figure area =
        Figure.computed(
            "pipe.area",
            "Wall, area of the section",
            Quantity.AREA,
            "pi * ({pipe.across} - {pipe.wall}) * {pipe.wall}",
            Source.GEOMETRY,
            across,
            wall);
    Figure round =
        Figure.computed(
            "pipe.round",
            "Second moment, still round",
            Quantity.SECOND_MOMENT,
            "pi / 64 * ({pipe.across}^4 - ({pipe.across} - 2 * {pipe.wall})^4)",
            Oval.SECTIONS,
            across,
            wall);
    Figure flat =
        Figure.computed(
            "pipe.through",
            "Second moment, bent over the flat sides",
            Quantity.SECOND_MOMENT,
            Oval.level("{pipe.height}", "({pipe.width} - {pipe.height})")
                + " - ("
                + Oval.level("({pipe.height} - 2 * {pipe.wall})", "({pipe.width} - {pipe.height})")
                + ")",
            Oval.SECTIONS,
            height,
            width,
            wall);
    Figure edge =
        Figure.computed(
            "pipe.sideways",
            "Second moment, bent over the edge",
            Quantity.SECOND_MOMENT,
            Oval.upright("{pipe.height}", "({pipe.width} - {pipe.height})")
                + " - ("
                + Oval.upright(
                    "({pipe.height} - 2 * {pipe.wall})", "({pipe.width} - {pipe.height})")
                + ")",
            Oval.SECTIONS,
            height,
            width,
            wall);
    return List.of(area, flat, edge, round);
  }
}
