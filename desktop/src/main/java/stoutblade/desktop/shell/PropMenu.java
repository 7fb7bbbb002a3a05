package stoutblade.desktop.shell;

import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import stoutblade.desktop.Desk;
import stoutblade.project.Edit;
import stoutblade.project.Prop;
import stoutblade.project.PropEdits;

/** What can be done with a prop on the rack: named, put in order, made again, removed. */
final class PropMenu extends ContextMenu {

  private final Desk desk;

  PropMenu(Desk desk, Prop prop) {
    this.desk = desk;
    String id = prop.id();
    TextField name = PlainText.field(prop.name());
    name.setId("rack-prop-name");
    name.setOnAction(
        event -> {
          hide();
          desk.perform(PropEdits.name(name.getText()).in(id));
        });
    getItems()
        .addAll(
            new CustomMenuItem(name, false),
            new SeparatorMenuItem(),
            item("rack-prop-up", "Move up", PropEdits.order(id, -1)),
            item("rack-prop-down", "Move down", PropEdits.order(id, 1)),
            again(id),
            item("rack-prop-remove", "Remove", PropEdits.remove(id)));
  }

  private MenuItem item(String id, String words, Edit edit) {
    MenuItem item = new MenuItem(words);
    item.setId(id);
    item.setOnAction(event -> desk.perform(edit));
    return item;
  }

  private MenuItem again(String id) {
    MenuItem item = new MenuItem("Another like it");
    item.setId("rack-prop-again");
    item.setOnAction(
        event ->
            desk.perform(
                PropEdits.again(id), () -> desk.goToProp(desk.project().props().getLast().id())));
    return item;
  }
}
