package stoutblade.desktop.station.core;

import java.util.List;
import stoutblade.core.CoreReckoning;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.station.PropOverview;
import stoutblade.desktop.texts.Texts;
import stoutblade.feature.Spot;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Point;

/** The cores of all parts of a prop, and where all of it balances. */
public final class WholeCore implements PropOverview.Content {

  private final Desk desk;

  /** Of the prop that is looked at. */
  public WholeCore(Desk desk) {
    this.desk = desk;
  }

  @Override
  public String key() {
    return "core";
  }

  @Override
  public String ofAll() {
    String sizes = PropOverview.sizes(desk);
    return desk.reckoned()
        .whole()
        .balance()
        .map(
            it ->
                Texts.CORE.of(
                    "balances-from-its-lower-end", sizes, Display.length(it.value(), desk.units())))
        .orElse(sizes);
  }

  @Override
  public String of(PartReckoning part) {
    return part.core()
        .map(
            it ->
                Texts.CORE.of(
                    "tip-hangs-balances-from-its",
                    it.rod().name(),
                    shown(it.length()),
                    shown(it.droop()),
                    shown(it.balance())))
        .orElse(
            part.part().core().isPresent()
                ? Texts.CORE.of("its-core-cannot-be-worked")
                : Texts.CORE.of("no-core"));
  }

  private String shown(Figure figure) {
    return figure.show(desk.units());
  }

  @Override
  public void over(Pen pen) {
    for (PartReckoning part : desk.reckoned().parts()) {
      part.core()
          .ifPresent(
              core ->
                  desk.reckoned()
                      .assembly()
                      .spots()
                      .get(part.id())
                      .forEach(spot -> core(pen, part, core, spot)));
    }
  }

  private static void core(Pen pen, PartReckoning part, CoreReckoning core, Spot spot) {
    double near = part.body().orElseThrow().nearMm();
    List<Point> line =
        part.body()
            .orElseThrow()
            .course()
            .line(0, near + core.choice().startMm(), near + core.choice().endMm());
    pen.stroke(
        List.of(line.stream().map(spot::place).toList()),
        pen.colour(Ink.CORE),
        Math.max(2, core.width().value() * pen.zoom()));
    Point balance = spot.place(core.balancePoint());
    pen.dot(balance, 7, pen.colour(Ink.PAPER));
    pen.dot(balance, 5, pen.colour(Ink.MEASURE));
  }
}
