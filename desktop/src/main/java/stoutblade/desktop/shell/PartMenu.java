package stoutblade.desktop.shell;

import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import stoutblade.desktop.Desk;
import stoutblade.part.Part;
import stoutblade.project.Edit;
import stoutblade.project.PartEdits;
import stoutblade.prop.Placing;

/** What can be done with a part on the rack: named, put in order, made again, mirrored, removed. */
final class PartMenu extends ContextMenu {

  private final Desk desk;

  PartMenu(Desk desk, Part part) {
    this.desk = desk;
    String id = part.id();
    TextField name = PlainText.field(part.name());
    name.setId("rack-name");
    name.setOnAction(
        event -> {
          hide();
          desk.perform(PartEdits.name(id, name.getText()));
        });
    getItems()
        .addAll(
            new CustomMenuItem(name, false),
            new SeparatorMenuItem(),
            item("rack-up", "Move up", PartEdits.order(id, -1)),
            item("rack-down", "Move down", PartEdits.order(id, 1)),
            item("rack-again", "Another like it", PartEdits.again(id)),
            item("rack-mirror", "Cut mirrored", mirrored(part)),
            item("rack-remove", "Remove", PartEdits.remove(id)));
  }

  private MenuItem item(String id, String words, Edit edit) {
    MenuItem item = new MenuItem(words);
    item.setId(id);
    item.setOnAction(event -> desk.perform(edit));
    return item;
  }

  /** All of it mirrored, or none. */
  private static Edit mirrored(Part part) {
    Placing placing = part.placing();
    int now = placing.mirrored() == placing.copies() ? 0 : placing.copies();
    return PartEdits.place(part.id(), "Cut mirrored", it -> it.made(it.copies(), now));
  }
}
