package stoutblade.desktop.shell;

import stoutblade.desktop.Desk;
import stoutblade.edit.PropEdits;
import stoutblade.project.Prop;

/** What can be done with a prop on the rack: named, put in order, made again, removed. */
final class PropMenu extends RackMenu {

  PropMenu(Desk desk, TemplateFiles files, Prop prop) {
    super(desk, "rack-prop-name", prop.name(), name -> PropEdits.name(name).in(prop.id()));
    String id = prop.id();
    getItems()
        .addAll(
            item("rack-prop-up", "Move up", PropEdits.order(id, -1)),
            item("rack-prop-down", "Move down", PropEdits.order(id, 1)),
            item("rack-prop-again", "Another like it", () -> desk.addProp(PropEdits.again(id))),
            item(
                "rack-prop-files",
                "Copy its templates as PDF",
                () -> files.copy(TemplateFiles.Meant.prop(id))),
            item("rack-prop-remove", "Remove", PropEdits.remove(id)));
  }
}
