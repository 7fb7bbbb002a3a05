package stoutblade.finish;

import java.util.List;
import stoutblade.catalogue.Coating;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * What the coats of one coating use up on a part, all that are made of it together.
 *
 * @param coating the coating
 * @param coats how many coats
 * @param need what they use up, losses included
 * @param one what one coat uses up
 */
public record CoatReckoning(Coating coating, Figure coats, Figure need, Figure one) {

  /**
   * Works out the coats.
   *
   * @param surface the area to cover of one
   * @param made how many are made
   */
  public static CoatReckoning of(Coats planned, Coating coating, Figure surface, Figure made) {
    String id = "finish." + coating.id();
    Source catalogue = Source.catalogue(coating.name() + ": " + coating.source());
    Figure coats =
        Figure.given(
            id + ".coats",
            coating.name() + ": coats",
            planned.count(),
            Quantity.COUNT,
            Source.DECIDED);
    Figure spread =
        Figure.given(
            id + ".spread",
            "Left on the piece per coat",
            coating.spread(),
            Quantity.SPREAD,
            catalogue);
    Figure loss =
        Figure.given(
            id + ".loss", "Share lost beside the piece", coating.loss(), Quantity.RATIO, catalogue);
    String perCoat =
        "{%s} * {%s} * {%s.spread} / (1 - {%s.loss})".formatted(surface.id(), made.id(), id, id);
    Figure need =
        Figure.computed(
            id + ".need",
            coating.name() + ": needed",
            Quantity.FLUID,
            "{%s.coats} * %s".formatted(id, perCoat),
            Source.GEOMETRY,
            coats,
            surface,
            made,
            spread,
            loss);
    Figure one =
        Figure.computed(
            id + ".one",
            coating.name() + ": one coat",
            Quantity.FLUID,
            perCoat,
            Source.GEOMETRY,
            surface,
            made,
            spread,
            loss);
    return new CoatReckoning(coating, coats, need, one);
  }

  /** True where heat closes the foam: nothing is used up. */
  public boolean heat() {
    return coating.spread() == 0;
  }

  /** All figures that a person is shown, in order. */
  public List<Figure> figures() {
    return heat() ? List.of(coats) : List.of(coats, need);
  }
}
