package stoutblade.desktop.station;

import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.PartDrawing;

/** A drawing with a list below it, which is scrolled. */
public final class OverList extends BorderPane {

  private static final double LARGER = 20;

  /**
   * Lays them out.
   *
   * @param highPx how high the drawing is
   */
  public OverList(MatView mat, double highPx, VBox rows) {
    mat.setPrefHeight(highPx);
    mat.setMaxHeight(highPx + LARGER);
    rows.getStyleClass().add(Style.LIST);
    ScrollPane list = new ScrollPane(rows);
    list.setFitToWidth(true);
    list.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    setTop(mat);
    setCenter(list);
  }

  /** Shows the part that is looked at whole on a drawing. */
  public static void fit(MatView mat, Desk desk, double marginPx) {
    mat.setUnits(desk.units());
    desk.looked()
        .ifPresent(
            part -> {
              mat.setLie(PartDrawing.lie(part));
              PartDrawing.box(part).ifPresent(it -> mat.fitAnew(it, marginPx));
            });
  }
}
