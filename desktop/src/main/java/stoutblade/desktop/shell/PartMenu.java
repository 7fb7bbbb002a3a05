package stoutblade.desktop.shell;

import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Change;
import stoutblade.edit.PartEdits;
import stoutblade.edit.PropEdits;
import stoutblade.part.Part;
import stoutblade.part.Placing;

/** What can be done with a part on the rack: named, put in order, made again, mirrored, removed. */
final class PartMenu extends RackMenu {

  PartMenu(Desk desk, TemplateFiles files, Part part) {
    super(desk, "rack-name", part.name(), name -> PartEdits.name(part.id(), name));
    String id = part.id();
    getItems()
        .addAll(
            item("rack-up", Texts.WINDOW.of("move-up"), PartEdits.order(id, -1)),
            item("rack-down", Texts.WINDOW.of("move-down"), PartEdits.order(id, 1)),
            item("rack-again", Texts.WINDOW.of("another-like-it"), PartEdits.again(id)),
            item("rack-mirror", Texts.WINDOW.of("cut-mirrored"), mirrored(part)),
            held(part),
            copies(id),
            item(
                "rack-files",
                Texts.WINDOW.of("copy-its-templates-as-pdf"),
                () -> files.copy(TemplateFiles.Meant.part(desk.prop().id(), id))),
            item("rack-remove", Texts.WINDOW.of("remove"), PartEdits.remove(id)));
  }

  private MenuItem held(Part part) {
    CheckMenuItem item = new CheckMenuItem(Texts.WINDOW.of("keeps-its-size"));
    item.setId("rack-held");
    item.setSelected(part.held());
    item.setOnAction(event -> desk.perform(PartEdits.held(part.id(), item.isSelected())));
    return item;
  }

  /** The other props, in which the part is made as well. */
  private Menu copies(String id) {
    Menu menu = new Menu(Texts.WINDOW.of("make-it-for-another-prop"));
    menu.setId("rack-copy");
    String own = desk.prop().id();
    desk.project().props().stream()
        .filter(it -> !it.id().equals(own))
        .forEach(
            it ->
                menu.getItems()
                    .add(
                        item(
                            "rack-copy-" + it.id(),
                            it.name(),
                            PropEdits.copyPart(own, id, it.id()))));
    menu.setVisible(!menu.getItems().isEmpty());
    return menu;
  }

  /** All of it mirrored, or none. */
  private static Change mirrored(Part part) {
    Placing placing = part.placing();
    int now = placing.mirrored() == placing.copies() ? 0 : placing.copies();
    return PartEdits.place(
        part.id(), Texts.WINDOW.of("cut-mirrored"), it -> it.made(it.copies(), now));
  }
}
