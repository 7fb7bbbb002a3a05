package stoutblade.desktop.station.layers;

import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.desktop.Desk;
import stoutblade.desktop.station.PropOverview;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Display;
import stoutblade.reckoning.PartReckoning;
import stoutblade.stack.Sheet;

/** The sheets of all parts of a prop. */
public final class WholeLayers implements PropOverview.Content {

  private final Desk desk;

  /** Of the prop that is looked at. */
  public WholeLayers(Desk desk) {
    this.desk = desk;
  }

  @Override
  public String key() {
    return "layers";
  }

  @Override
  public String ofAll() {
    return PropOverview.sizes(desk);
  }

  @Override
  public String of(PartReckoning part) {
    if (part.part().stack().isEmpty()) {
      return Texts.LAYERS.of("bought");
    }
    List<Sheet> sheets = part.part().layering().sheets();
    List<String> names =
        sheets.stream()
            .map(Sheet::materialId)
            .distinct()
            .map(id -> desk.catalogue().sheet(id).map(SheetMaterial::shortName).orElse(id))
            .toList();
    String thick = Display.length(part.part().thicknessMm(), desk.units());
    String mass =
        part.mass().map(it -> it.show(desk.units())).orElse(Texts.LAYERS.of("not-weighed-yet"));
    String of = names.stream().reduce((one, two) -> Texts.LAYERS.of("and", one, two)).orElse("");
    return of
        + ", "
        + (sheets.size() == 1
            ? thick
            : Texts.LAYERS.of("layers", sheets.size(), thick, thicknesses(sheets)))
        + "; "
        + mass;
  }

  private String thicknesses(List<Sheet> sheets) {
    Optional<Sheet> other =
        sheets.stream()
            .filter(it -> it.thicknessMm() != sheets.getFirst().thicknessMm())
            .findFirst();
    return other.isEmpty()
        ? ""
        : " ("
            + String.join(
                " + ",
                sheets.stream().map(it -> Display.length(it.thicknessMm(), desk.units())).toList())
            + ")";
  }
}
