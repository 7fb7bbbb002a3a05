package stoutblade.core;

import java.util.List;
import stoutblade.catalogue.Glue;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/** The glue that fills the gap between a core and its channel. */
public final class BedGlue {

  private BedGlue() {}

  /**
   * How much of it one core takes, in mm³. Polyurethane glue foams to about three times its volume:
   * a third of the gap is filled. Any other fills all of it.
   *
   * @param id the figure's id
   * @param height the core's, under the id that it has where this is used
   * @param width the same
   * @param inFoam how long it lies in foam
   */
  public static Figure volume(
      String id, CoreReckoning core, Figure height, Figure width, Figure inFoam, Glue glue) {
    boolean foams = glue.id().equals(Glue.FOR_CORE);
    Figure gap =
        Figure.given(
            id + ".gap",
            "Gap round the core",
            0.5,
            Quantity.LENGTH,
            Source.assumption("a channel rounded out by hand is about 0.5 mm wide of the rod"));
    String across = "{" + height.id() + "}";
    if (core.section().square()) {
      return Figure.computed(
          id,
          "Glue round one core",
          Quantity.FLUID,
          "2 * ({%s} + {%s}) * {%s} * {%s}%s"
              .formatted(height.id(), width.id(), gap.id(), inFoam.id(), foams ? " / 3" : ""),
          foams
              ? Source.practice("it foams to three times its volume: fill a third of the gap")
              : Source.GEOMETRY,
          gap,
          height,
          width,
          inFoam);
    }
    boolean squeezed = core.section().squeezed();
    String flats =
        squeezed ? " + 2 * ({%s} - %s) * {%s}".formatted(width.id(), across, gap.id()) : "";
    String corners =
        core.choice().groove() == Groove.ROUND ? "" : "(1 - pi / 4) * " + across + "^2 + ";
    return Figure.computed(
        id,
        "Glue round one core",
        Quantity.FLUID,
        "(%spi * (%s + {%s}) * {%s}%s) * {%s}%s"
            .formatted(
                corners, across, gap.id(), gap.id(), flats, inFoam.id(), foams ? " / 3" : ""),
        foams
            ? Source.practice("it foams to three times its volume: fill a third of the gap")
            : Source.GEOMETRY,
        (squeezed ? List.of(gap, height, width, inFoam) : List.of(gap, height, inFoam))
            .toArray(Figure[]::new));
  }
}
