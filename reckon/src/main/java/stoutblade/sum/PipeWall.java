package stoutblade.sum;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * The wall of a pipe that was squeezed to an oval with two flat sides: two half rings and two
 * strips. Second moments are those of a rectangle and of half discs, the outer less the inner
 * (handbooks of mechanics, properties of sections; from memory).
 */
final class PipeWall {

  private static final Source SECTIONS =
      Source.handbook("properties of sections: rectangle and half discs, the outer less the inner");

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
            SECTIONS,
            across,
            wall);
    Figure flat =
        Figure.computed(
            "pipe.through",
            "Second moment, bent over the flat sides",
            Quantity.SECOND_MOMENT,
            level("{pipe.height}", "({pipe.width} - {pipe.height})")
                + " - ("
                + level("({pipe.height} - 2 * {pipe.wall})", "({pipe.width} - {pipe.height})")
                + ")",
            SECTIONS,
            height,
            width,
            wall);
    Figure edge =
        Figure.computed(
            "pipe.sideways",
            "Second moment, bent over the edge",
            Quantity.SECOND_MOMENT,
            upright("{pipe.height}", "({pipe.width} - {pipe.height})")
                + " - ("
                + upright("({pipe.height} - 2 * {pipe.wall})", "({pipe.width} - {pipe.height})")
                + ")",
            SECTIONS,
            height,
            width,
            wall);
    return List.of(area, flat, edge, round);
  }

  /** Of an oval so high with flat sides so long, about the axis through both rounds. */
  private static String level(String high, String flat) {
    return "%2$s * %1$s^3 / 12 + pi / 64 * %1$s^4".formatted(high, flat);
  }

  /** The same about the axis across, halfway between the rounds. */
  private static String upright(String high, String flat) {
    String radius = "(" + high + " / 2)";
    return ("%1$s * %2$s^3 / 12 + 2 * ((pi / 8 - 8 / (9 * pi)) * %3$s^4"
            + " + pi / 2 * %3$s^2 * (%2$s / 2 + 4 / (3 * pi) * %3$s)^2)")
        .formatted(high, flat, radius);
  }
}
