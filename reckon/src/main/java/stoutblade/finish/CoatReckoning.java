package stoutblade.finish;

import java.util.List;
import stoutblade.catalogue.Coating;
import stoutblade.measure.Doubt;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * What the coats of one coating use up, against what is on the shelf.
 *
 * @param coating the coating
 * @param coats how many coats
 * @param need what they use up, losses included
 * @param onShelf what is there
 * @param missing what is missing; 0 where there is enough
 * @param lastWhole how many whole coats the shelf is good for
 */
public record CoatReckoning(
    Coating coating, Figure coats, Figure need, Figure onShelf, Figure missing, Figure lastWhole) {

  /**
   * Works out the coats.
   *
   * @param surface the area to cover
   * @param onShelfMm3 what is there, in mm³
   */
  public static CoatReckoning of(
      Coats planned, Coating coating, Figure surface, double onShelfMm3) {
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
    String perCoat = "{layers.surface} * {%s.spread} / (1 - {%s.loss})".formatted(id, id);
    Figure need =
        Figure.computed(
            id + ".need",
            coating.name() + ": needed",
            Quantity.VOLUME,
            "{%s.coats} * %s".formatted(id, perCoat),
            Source.GEOMETRY,
            coats,
            surface,
            spread,
            loss);
    Figure one =
        Figure.computed(
            id + ".one",
            coating.name() + ": one coat",
            Quantity.VOLUME,
            perCoat,
            Source.GEOMETRY,
            surface,
            spread,
            loss);
    Figure onShelf =
        Figure.given(
            id + ".shelf",
            coating.name() + ": on the shelf",
            onShelfMm3,
            Quantity.VOLUME,
            Source.measured("stated in this project"));
    Figure missing =
        Figure.computed(
            id + ".missing",
            coating.name() + ": missing",
            Quantity.VOLUME,
            "max(0, {%s.need} - {%s.shelf})".formatted(id, id),
            Source.GEOMETRY,
            need,
            onShelf);
    Figure lastWhole =
        Figure.found(
            id + ".whole",
            coating.name() + ": coats the shelf is good for",
            one.value() == 0 ? planned.count() : Math.floor(onShelfMm3 / one.value() + 1e-9),
            Quantity.COUNT,
            "{%s.shelf} ÷ {%s.one}, whole coats only".formatted(id, id),
            Source.GEOMETRY,
            Doubt.NONE,
            onShelf,
            one);
    return new CoatReckoning(coating, coats, need, onShelf, missing, lastWhole);
  }

  /** True where the last coat would run out. */
  public boolean runsOut() {
    return missing.value() > 0.5;
  }

  /** All figures that a person is shown, in order. */
  public List<Figure> figures() {
    return coating.spread() == 0
        ? List.of(coats)
        : List.of(coats, need, onShelf, missing, lastWhole);
  }
}
