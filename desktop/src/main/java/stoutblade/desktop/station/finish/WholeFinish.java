package stoutblade.desktop.station.finish;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.paint.Color;
import stoutblade.catalogue.Coating;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.station.PropDrawing;
import stoutblade.desktop.station.PropOverview;
import stoutblade.desktop.texts.Texts;
import stoutblade.finish.CoatReckoning;
import stoutblade.finish.CoatStock;
import stoutblade.measure.Display;
import stoutblade.reckoning.PartReckoning;

/** The coats of all parts of a prop; each part in the colour that is seen of it in the end. */
public final class WholeFinish implements PropOverview.Content {

  private final Desk desk;

  /** Of the prop that is looked at. */
  public WholeFinish(Desk desk) {
    this.desk = desk;
  }

  @Override
  public String key() {
    return "finish";
  }

  @Override
  public String ofAll() {
    List<CoatStock> missing = desk.derived().coats().stream().filter(CoatStock::runsOut).toList();
    return desk.prop().name()
        + ": "
        + (missing.isEmpty()
            ? Texts.FINISH.of("what-is-on-the-shelf-is")
            : Texts.FINISH.of(
                "to-buy",
                missing.stream()
                    .map(
                        it ->
                            Texts.FINISH.of(
                                "of-which-are-there",
                                it.coating().name(),
                                it.need().show(desk.units()),
                                it.onShelf().show(desk.units())))
                    .collect(Collectors.joining("; "))));
  }

  @Override
  public String of(PartReckoning part) {
    if (part.coats().isEmpty()) {
      return Texts.FINISH.of("no-coats");
    }
    String coats =
        part.coats().stream()
            .map(it -> it.coating().name() + times(it))
            .collect(Collectors.joining(", "));
    return part.body()
        .map(
            it ->
                Texts.FINISH.of(
                    "to-cover",
                    coats,
                    Display.show(
                        it.surface().value() * part.made(), it.surface().quantity(), desk.units())))
        .orElse(coats);
  }

  private static String times(CoatReckoning coats) {
    int count = (int) coats.coats().value();
    return count > 1 ? " × " + count : "";
  }

  @Override
  public PropDrawing.Look look() {
    return (pen, part, opacity) ->
        seen(part)
            .map(it -> Color.web(it.colour(), opacity))
            .orElseGet(() -> pen.faint(Ink.FOAM, opacity));
  }

  /** The last coat that covers. */
  private static Optional<Coating> seen(PartReckoning part) {
    return part.coats().reversed().stream()
        .map(CoatReckoning::coating)
        .filter(it -> it.role() == Coating.Role.PAINT || it.role() == Coating.Role.PRIMER)
        .findFirst();
  }
}
