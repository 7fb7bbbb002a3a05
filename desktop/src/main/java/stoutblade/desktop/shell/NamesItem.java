package stoutblade.desktop.shell;

import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Change;
import stoutblade.edit.Edits;
import stoutblade.edit.PropEdits;
import stoutblade.edit.WearerEdits;

/**
 * The names of the work, the prop and its wearer, in the menu of the tape's case; Enter takes what
 * is typed.
 */
public final class NamesItem extends CustomMenuItem {

  private static final int WIDE = 18;

  private final Desk desk;
  private final GridPane grid = new GridPane(8, 6);

  /** An item that follows the desk. */
  public NamesItem(Desk desk) {
    this.desk = desk;
    setHideOnClick(false);
    setContent(grid);
    add(Texts.WINDOW.of("project"), "work-name", () -> desk.project().name(), Edits::name);
    add(Texts.WINDOW.of("prop"), "prop-name", () -> desk.prop().name(), PropEdits::name);
    add(
        Texts.WINDOW.of("wearer"),
        "wearer-name",
        () -> desk.wearer().name(),
        it -> WearerEdits.name(desk.prop().wearerId(), it));
  }

  private void add(String label, String id, Supplier<String> now, Function<String, Change> edit) {
    TextField field = PlainText.field(now.get());
    field.setId(id);
    field.setPrefColumnCount(WIDE);
    field.setOnAction(event -> desk.perform(edit.apply(field.getText())));
    desk.derivedProperty().addListener(it -> field.setText(now.get()));
    desk.propProperty().addListener(it -> field.setText(now.get()));
    grid.addRow(grid.getRowCount(), new Label(label), field);
  }
}
