package stoutblade.desktop.shell;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.measure.Figure;

/** The slip: the running reckoning of the station, each figure unfolding to its working. */
public final class Slip extends ScrollPane {

  private final Desk desk;
  private final VBox rows = new VBox();

  /** A slip that follows the desk. */
  public Slip(Desk desk) {
    this.desk = desk;
    getStyleClass().add(Style.SLIP);
    setContent(rows);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setPrefWidth(304);
    setMinWidth(304);
    desk.derivedProperty().addListener(it -> show());
    desk.stationProperty().addListener(it -> show());
    desk.besideProperty().addListener(it -> show());
    show();
  }

  private void show() {
    Set<String> open = openIds();
    List<Figure> figures = new ArrayList<>(desk.derived().figuresOf(desk.stationProperty().get()));
    figures.addAll(desk.besideProperty().get());
    Label title = new Label("The reckoning");
    title.getStyleClass().add(Style.SLIP_TITLE);
    rows.getChildren().setAll(title);
    if (figures.isEmpty()) {
      Label nothing = new Label("Nothing to reckon here yet.");
      nothing.getStyleClass().add(Style.SOFT);
      rows.getChildren().add(nothing);
    }
    for (Figure figure : figures) {
      FigureRow row = new FigureRow(figure, desk.units(), 0);
      if (open.contains(figure.id())) {
        row.toggle();
      }
      rows.getChildren().add(row);
    }
  }

  private Set<String> openIds() {
    Set<String> open = new HashSet<>();
    rows.getChildren()
        .forEach(
            node -> {
              if (node instanceof FigureRow row && row.open()) {
                open.add(row.figureId());
              }
            });
    return open;
  }
}
