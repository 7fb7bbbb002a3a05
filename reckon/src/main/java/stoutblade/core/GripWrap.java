package stoutblade.core;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * Turns of thin foam round the core where it is held, until it fills the hand.
 *
 * <p>A ring round a former is measured through the middle of its foam, π(D + t); each further turn
 * goes round the ones below it.
 */
final class GripWrap {

  private static final Source THROUGH_THE_MIDDLE =
      Source.practice(
          "a ring's length is taken through the middle of its foam, not round the tube");

  private GripWrap() {}

  /**
   * The turns round a core.
   *
   * @param diameter the core's outside diameter; at least one turn is made
   */
  static List<Figure> round(Figure diameter) {
    Figure foam =
        Figure.given(
            "grip.foam",
            "Foam of the turns",
            2,
            Quantity.LENGTH,
            Source.practice("a handle is wrapped in turns of 2 mm"));
    Figure grip =
        Figure.given(
            "grip.least",
            "Least thickness that fills a hand",
            32,
            Quantity.LENGTH,
            Source.handbook("NIOSH 2004-164, hand tools: about 32 to 50 mm (from memory)"));
    Figure turns =
        Figure.computed(
            "grip.turns",
            "Turns of 2 mm to fill the hand",
            Quantity.COUNT,
            "max(1, ceil(({grip.least} - {core.diameter}) / (2 * {grip.foam})))",
            Source.GEOMETRY,
            grip,
            diameter,
            foam);
    Figure first =
        Figure.computed(
            "grip.first",
            "First turn, length",
            Quantity.LENGTH,
            "pi * ({core.diameter} + {grip.foam})",
            THROUGH_THE_MIDDLE,
            diameter,
            foam);
    Figure last =
        Figure.computed(
            "grip.last",
            "Last turn, length",
            Quantity.LENGTH,
            "pi * ({core.diameter} + (2 * {grip.turns} - 1) * {grip.foam})",
            THROUGH_THE_MIDDLE,
            diameter,
            turns,
            foam);
    return List.of(turns, first, last);
  }
}
