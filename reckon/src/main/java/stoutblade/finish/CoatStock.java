package stoutblade.finish;

import java.util.List;
import stoutblade.catalogue.Coating;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/**
 * What all parts together use up of one coating, against what is on the shelf.
 *
 * @param coating the coating
 * @param need what all its coats use up
 * @param onShelf what is there
 * @param missing what is missing; 0 where there is enough
 * @param lastWhole how many whole coats of everything the shelf is good for
 */
public record CoatStock(
    Coating coating, Figure need, Figure onShelf, Figure missing, Figure lastWhole) {

  private static final double DROP_MM3 = 0.5;

  /**
   * Adds up.
   *
   * @param parts the coats of all parts that take the coating, one or more, under ids that differ
   * @param onShelfMm3 what is there, in mm³
   */
  public static CoatStock of(Coating coating, List<CoatReckoning> parts, double onShelfMm3) {
    String id = "finish." + coating.id();
    Figure need =
        Figure.sum(
            id + ".need",
            coating.name() + ": needed for all parts",
            Quantity.FLUID,
            parts.stream().map(CoatReckoning::need).toList());
    Figure one =
        Figure.sum(
            id + ".one",
            coating.name() + ": one coat",
            Quantity.FLUID,
            parts.stream().map(CoatReckoning::one).toList());
    Figure onShelf =
        Figure.given(
            id + ".shelf",
            coating.name() + ": on the shelf",
            onShelfMm3,
            Quantity.FLUID,
            Source.measured("stated in this project"));
    Figure missing =
        Figure.computed(
            id + ".missing",
            coating.name() + ": missing",
            Quantity.FLUID,
            "max(0, {%s.need} - {%s.shelf})".formatted(id, id),
            Source.GEOMETRY,
            need,
            onShelf);
    double planned = parts.stream().mapToDouble(it -> it.coats().value()).max().orElse(0);
    Figure lastWhole =
        Figure.found(
            id + ".whole",
            coating.name() + ": coats the shelf is good for",
            one.value() == 0 ? planned : Math.floor(onShelfMm3 / one.value() + 1e-9),
            Quantity.COUNT,
            "{%s.shelf} ÷ {%s.one}, whole coats only".formatted(id, id),
            Source.GEOMETRY,
            Uncertainty.NONE,
            onShelf,
            one);
    return new CoatStock(coating, need, onShelf, missing, lastWhole);
  }

  /** True where the last coat would run out. */
  public boolean runsOut() {
    return missing.value() > DROP_MM3;
  }

  /** All figures that a person is shown, in order; the need of one part is shown with it. */
  public List<Figure> figures() {
    if (coating.spread() == 0) {
      return List.of();
    }
    return need.inputs().size() == 1
        ? List.of(onShelf, missing, lastWhole)
        : List.of(need, onShelf, missing, lastWhole);
  }
}
