package stoutblade.desktop.shell;

import javafx.scene.Parent;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import stoutblade.desktop.Key;

/** The menu of what is pressed: all that the controls that belong to it do. */
public final class TrayMenu {

  private TrayMenu() {}

  /** A menu with what can be done in a tray or on a card, as it is now. */
  public static ContextMenu of(Parent controls) {
    ContextMenu menu = new ContextMenu();
    for (Command command : Command.within(controls)) {
      String key = command.key().isEmpty() ? "" : Key.BEFORE + command.key();
      MenuItem item = new MenuItem(command.name() + key);
      item.setMnemonicParsing(false);
      item.setOnAction(event -> command.run().run());
      menu.getItems().add(item);
    }
    return menu;
  }

  /** Gives a card the menu of the controls that stand on it. */
  public static void on(Parent card) {
    card.setOnContextMenuRequested(
        event -> {
          of(card).show(card, event.getScreenX(), event.getScreenY());
          event.consume();
        });
  }
}
