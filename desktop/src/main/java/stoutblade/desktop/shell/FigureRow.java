package stoutblade.desktop.shell;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;

/** A figure: its label and value; opened, its working, whose inputs open in the same way. */
final class FigureRow extends VBox {

  private static final int DEEPEST = 8;
  private static final double WIDTH = Slip.WIDE - 40;
  private static final double INDENT = 17;
  private static final double GAP = 8;

  private static final double LEAST_LABEL = 96;
  private static final Text RULER = new Text();
  private static final Font VALUE = new Font("Asap SemiBold", 15);

  private final Units units;
  private final Label label = new Label();
  private final Label value = new Label();
  private final Label change = new Label();
  private final VBox values = new VBox();
  private final Button head = new Button();

  /** The label with its value beside it, or below where there is no room or it stands large. */
  private final HBox side = new HBox(GAP);

  private final VBox under = new VBox();
  private final HBox valuesUnder = new HBox(GAP);
  private Figure figure;
  private final int depth;
  private boolean open;
  private boolean large;

  FigureRow(Figure figure, Units units, int depth) {
    this.figure = figure;
    this.units = units;
    this.depth = depth;
    getStyleClass().add(Style.FIGURE);
    WrappedText.in(label);
    label.getStyleClass().add(Style.FIGURE_LABEL);
    value.getStyleClass().add(Style.FIGURE_VALUE);
    value.setMinWidth(Region.USE_PREF_SIZE);
    change.getStyleClass().add(Style.FIGURE_CHANGE);
    change.setMinWidth(Region.USE_PREF_SIZE);
    change.setVisible(false);
    change.managedProperty().bind(change.visibleProperty());
    values.setAlignment(Pos.CENTER_RIGHT);
    valuesUnder.setAlignment(Pos.BASELINE_LEFT);
    side.setAlignment(Pos.CENTER_LEFT);
    head.setMaxWidth(Double.MAX_VALUE);
    head.setId("figure-" + Style.nodeId(figure.id()));
    head.setOnAction(event -> toggle());
    getChildren().add(head);
    write();
  }

  /** Stands large among the others. */
  void enlarge() {
    large = true;
    getStyleClass().add(Style.FIGURE_LARGE);
    write();
  }

  /**
   * Shows another figure of the same id and units; an open working is written anew.
   *
   * @param edited true after an edit: by how much it changed is said until the next
   */
  void show(Figure now, boolean edited) {
    if (edited) {
      double by = now.value() - figure.value();
      boolean seen = !now.show(units).equals(figure.show(units));
      change.setText(
          seen ? (by > 0 ? "+" : "−") + Display.show(Math.abs(by), now.quantity(), units) : "");
      change.setVisible(seen);
    }
    figure = now;
    write();
    if (open) {
      getChildren().set(1, working());
    }
  }

  private void write() {
    label.setText(figure.label());
    value.setText(figure.showWithRange(units));
    head.setAccessibleText(figure.label() + ", " + value.getText());
    // A wrapping label in a button's graphic gets its height only from a width that is fixed.
    double room = WIDTH - INDENT * depth;
    double forValue = widthOf(value.getText());
    boolean below = large || room - forValue - GAP < LEAST_LABEL;
    double forLabel = below ? room : room - forValue - GAP;
    label.setMinWidth(forLabel);
    label.setPrefWidth(forLabel);
    label.setMaxWidth(forLabel);
    values.setMinWidth(forValue);
    Pane pane = below ? under : side;
    if (head.getGraphic() != pane) {
      lay(below);
      head.setGraphic(pane);
    }
  }

  private void lay(boolean below) {
    if (below) {
      values.getChildren().clear();
      valuesUnder.getChildren().setAll(value, change);
      under.getChildren().setAll(label, valuesUnder);
    } else {
      valuesUnder.getChildren().clear();
      values.getChildren().setAll(value, change);
      side.getChildren().setAll(label, values);
    }
  }

  String figureId() {
    return figure.id();
  }

  boolean open() {
    return open;
  }

  boolean shows(Figure other, Units now) {
    return figure.id().equals(other.id()) && units.equals(now);
  }

  private static double widthOf(String words) {
    RULER.setFont(VALUE);
    RULER.setText(words);
    return Math.ceil(RULER.getLayoutBounds().getWidth()) + 2;
  }

  /** Opens or closes the working. */
  void toggle() {
    open = !open;
    if (open) {
      getChildren().add(working());
    } else {
      getChildren().remove(1);
    }
  }

  private Node working() {
    VBox working = new VBox(4);
    working.getStyleClass().add(Style.WORKING);
    if (!figure.formula().isEmpty()) {
      add(working, figure.inWords(), Style.WORKING_FORMULA);
      if (!figure.inNumbers(units).equals(figure.inWords())) {
        add(working, "= " + figure.inNumbers(units), Style.WORKING_FORMULA);
      }
    }
    add(working, figure.source().text(), Style.SOFT);
    if (!figure.uncertainty().parts().isEmpty()) {
      add(working, Texts.WINDOW.of("holds-the-true-value-about"), Style.SOFT);
    }
    if (depth < DEEPEST) {
      figure
          .inputs()
          .forEach(input -> working.getChildren().add(new FigureRow(input, units, depth + 1)));
    }
    return working;
  }

  private static void add(VBox into, String words, String style) {
    Label label = new Label(words);
    WrappedText.in(label);
    label.setMinHeight(Region.USE_PREF_SIZE);
    label.getStyleClass().add(style);
    into.getChildren().add(label);
  }
}
