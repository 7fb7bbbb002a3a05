package stoutblade.desktop.shell;

import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.PropEdits;
import stoutblade.project.Prop;

/** What can be done with a prop on the rack: named, put in order, made again, removed. */
final class PropMenu extends RackMenu {

  PropMenu(Desk desk, TemplateFiles files, Prop prop) {
    super(desk, "rack-prop-name", prop.name(), name -> PropEdits.name(name).in(prop.id()));
    String id = prop.id();
    getItems()
        .addAll(
            item("rack-prop-up", Texts.WINDOW.of("move-up"), PropEdits.order(id, -1)),
            item("rack-prop-down", Texts.WINDOW.of("move-down"), PropEdits.order(id, 1)),
            item(
                "rack-prop-again",
                Texts.WINDOW.of("another-like-it"),
                () -> desk.addProp(PropEdits.again(id))),
            item(
                "rack-prop-files",
                Texts.WINDOW.of("copy-its-templates-as-pdf"),
                () -> files.copy(TemplateFiles.Meant.prop(id))),
            item("rack-prop-remove", Texts.WINDOW.of("remove"), PropEdits.remove(id)));
  }
}
