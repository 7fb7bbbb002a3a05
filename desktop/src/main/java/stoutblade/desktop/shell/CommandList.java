package stoutblade.desktop.shell;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.texts.Texts;

/** Every command by name in one field, with its key: type some of its words, Enter does it. */
public final class CommandList {

  private static final PseudoClass DARK = PseudoClass.getPseudoClass("dark");
  private static final double WIDE = 460;
  private static final double HIGH = 420;

  private final Desk desk;
  private final Parent root;
  private final Popup popup = new Popup();
  private final TextField field = PlainText.field();
  private final ListView<Command> list = new ListView<>();
  private List<Command> all = List.of();

  /** The commands of a window. */
  public CommandList(Desk desk, Parent root) {
    this.desk = desk;
    this.root = root;
    field.setId("command-field");
    field.textProperty().addListener(it -> filter());
    field.setOnAction(event -> run());
    field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    list.setId("command-list");
    list.setFocusTraversable(false);
    list.setPrefSize(WIDE, HIGH);
    list.setPlaceholder(new Label(Texts.WINDOW.of("nothing-here-is-called-that")));
    list.setCellFactory(it -> new Row());
    list.setOnMouseClicked(event -> run());
    Label how = new Label(Texts.WINDOW.of("enter-does-it-esc-leaves"));
    how.getStyleClass().add(Style.SOFT);
    Label question = new Label(Texts.WINDOW.of("what-do-you-want-to"));
    question.getStyleClass().add(Style.HEADING);
    question.setLabelFor(field);
    VBox box = new VBox(8, question, field, list, how);
    box.getStyleClass().add(Style.COMMANDS);
    popup.getContent().setAll(box);
    popup.setAutoHide(true);
  }

  /** Shows it over the middle of the window. */
  public void show() {
    all = Command.all(desk, root);
    field.clear();
    filter();
    Bounds window = root.localToScreen(root.getLayoutBounds());
    if (window == null) {
      return;
    }
    popup.getScene().getStylesheets().setAll(root.getScene().getStylesheets());
    popup
        .getScene()
        .getRoot()
        .pseudoClassStateChanged(DARK, root.getPseudoClassStates().contains(DARK));
    popup.show(
        root.getScene().getWindow(),
        window.getMinX() + (window.getWidth() - WIDE) / 2,
        window.getMinY() + 80);
    field.requestFocus();
  }

  private void filter() {
    list.getItems().setAll(Command.matching(all, field.getText()));
    list.getSelectionModel().selectFirst();
    list.scrollTo(0);
  }

  private void key(KeyEvent event) {
    int at = list.getSelectionModel().getSelectedIndex();
    if (event.getCode() == KeyCode.DOWN || event.getCode() == KeyCode.UP) {
      int to = at + (event.getCode() == KeyCode.DOWN ? 1 : -1);
      list.getSelectionModel().select(Math.clamp(to, 0, Math.max(0, list.getItems().size() - 1)));
      list.scrollTo(Math.max(0, to - 3));
      event.consume();
    } else if (event.getCode() == KeyCode.ESCAPE) {
      popup.hide();
      event.consume();
    }
  }

  private void run() {
    Command chosen = list.getSelectionModel().getSelectedItem();
    if (chosen != null) {
      popup.hide();
      chosen.run().run();
    }
  }

  /** A command, with its key at the right. */
  private static final class Row extends ListCell<Command> {

    @Override
    protected void updateItem(Command command, boolean empty) {
      super.updateItem(command, empty);
      if (empty || command == null) {
        setGraphic(null);
        return;
      }
      Label name = new Label(command.name());
      name.setMaxWidth(Double.MAX_VALUE);
      HBox.setHgrow(name, Priority.ALWAYS);
      Label key = new Label(command.key());
      key.getStyleClass().add(Style.KEY);
      key.setVisible(!command.key().isEmpty());
      HBox line = new HBox(10, name, key);
      line.setAlignment(Pos.CENTER_LEFT);
      setGraphic(line);
    }
  }
}
