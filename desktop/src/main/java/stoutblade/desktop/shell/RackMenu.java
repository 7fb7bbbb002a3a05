package stoutblade.desktop.shell;

import java.util.function.Function;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import stoutblade.desktop.Desk;
import stoutblade.edit.Change;

/** The menu of something on the rack, with its name to be changed at the top. */
abstract class RackMenu extends ContextMenu {

  final Desk desk;

  /**
   * A menu.
   *
   * @param id of the field with the name
   * @param renamed the change that gives it another name
   */
  RackMenu(Desk desk, String id, String name, Function<String, Change> renamed) {
    this.desk = desk;
    TextField field = PlainText.field(name);
    field.setId(id);
    field.setOnAction(
        event -> {
          hide();
          desk.perform(renamed.apply(field.getText()));
        });
    getItems().addAll(new CustomMenuItem(field, false), new SeparatorMenuItem());
  }

  /** An item that makes a change. */
  final MenuItem item(String id, String words, Change change) {
    return item(id, words, () -> desk.perform(change));
  }

  /** An item that does something. */
  static MenuItem item(String id, String words, Runnable action) {
    MenuItem item = new MenuItem(words);
    item.setId(id);
    item.setOnAction(event -> action.run());
    return item;
  }
}
