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

  /** How wide it is, in pixels. */
  public static final double WIDE = 304;

  private final Desk desk;
  private final VBox rows = new VBox();
  private List<FigureRow> shown = List.of();

  /** A slip that follows the desk. */
  public Slip(Desk desk) {
    this.desk = desk;
    getStyleClass().add(Style.SLIP);
    setContent(rows);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setPrefWidth(WIDE);
    setMinWidth(WIDE);
    desk.derivedProperty().addListener(it -> show());
    desk.stationProperty().addListener(it -> show());
    desk.sumsProperty().addListener(it -> show());
    desk.propProperty().addListener(it -> show());
    desk.partProperty().addListener(it -> show());
    desk.besideProperty().addListener(it -> show());
    show();
  }

  private void show() {
    List<Figure> figures = new ArrayList<>();
    if (!desk.sumsProperty().get()) {
      figures.addAll(
          desk.derived().figuresOf(desk.stationProperty().get(), desk.prop().id(), lookedAt()));
    }
    figures.addAll(desk.besideProperty().get());
    if (sameRows(figures)) {
      for (int i = 0; i < figures.size(); i++) {
        shown.get(i).show(figures.get(i));
      }
      return;
    }
    Set<String> open = new HashSet<>();
    shown.stream().filter(FigureRow::open).map(FigureRow::figureId).forEach(open::add);
    shown = figures.stream().map(it -> row(it, open)).toList();
    rows.getChildren().setAll(title());
    if (figures.isEmpty()) {
      Label nothing = new Label("Nothing to reckon here yet.");
      nothing.getStyleClass().add(Style.SOFT);
      rows.getChildren().add(nothing);
    }
    rows.getChildren().addAll(shown);
  }

  /** The part whose figures are shown; none while the whole prop or a model is looked at. */
  private String lookedAt() {
    String looked = desk.partProperty().get();
    return looked.isEmpty() ? desk.lookedId() : looked;
  }

  /** True where the rows that are there only need other values: most edits change no row. */
  private boolean sameRows(List<Figure> figures) {
    if (figures.isEmpty() || figures.size() != shown.size()) {
      return false;
    }
    for (int i = 0; i < figures.size(); i++) {
      if (!shown.get(i).shows(figures.get(i), desk.units())) {
        return false;
      }
    }
    return true;
  }

  private FigureRow row(Figure figure, Set<String> open) {
    FigureRow row = new FigureRow(figure, desk.units(), 0);
    if (open.contains(figure.id())) {
      row.toggle();
    }
    return row;
  }

  private static Label title() {
    Label title = new Label("The reckoning");
    title.getStyleClass().add(Style.SLIP_TITLE);
    return title;
  }
}
