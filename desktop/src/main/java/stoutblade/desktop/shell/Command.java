package stoutblade.desktop.shell;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCombination;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Style;
import stoutblade.desktop.texts.Texts;
import stoutblade.project.Station;

/**
 * Something that can be done now, by its name.
 *
 * @param name what it is called
 * @param key the key that does it; empty for none
 * @param run does it
 */
public record Command(String name, String key, Runnable run) {

  /** All that can be done: stations, props, parts, and every button and menu that is in sight. */
  public static List<Command> all(Desk desk, Parent root) {
    Map<String, Command> all = new LinkedHashMap<>();
    for (Station station : Station.values()) {
      add(
          all,
          new Command(
              Texts.WINDOW.of("go-to", station.title()),
              Integer.toString(station.number()),
              () -> desk.goTo(station)));
    }
    desk.project()
        .props()
        .forEach(
            it ->
                add(
                    all,
                    new Command(
                        Texts.WINDOW.of("look-at-all-of", it.name()),
                        "",
                        () -> desk.goToWhole(it.id()))));
    desk.prop()
        .parts()
        .forEach(
            it ->
                add(
                    all,
                    new Command(
                        Texts.WINDOW.of("look-at", it.name()), "", () -> desk.goToPart(it.id()))));
    inSight(root, all);
    Key.ON_DRAWINGS.forEach(
        it ->
            add(
                all,
                new Command(
                    it.meaning().substring(0, 1).toUpperCase(Locale.ROOT)
                        + it.meaning().substring(1),
                    it.label(),
                    () -> it.press(focused(root)))));
    return List.copyOf(all.values());
  }

  /** What the controls within something do. */
  static List<Command> within(Parent controls) {
    Map<String, Command> all = new LinkedHashMap<>();
    inSight(controls, all);
    all.remove(Texts.WINDOW.of("more"));
    all.remove(Texts.WINDOW.of("less"));
    return List.copyOf(all.values());
  }

  private static Node focused(Parent root) {
    Node owner = root.getScene().getFocusOwner();
    return owner == null ? root : owner;
  }

  private static void add(Map<String, Command> all, Command command) {
    all.putIfAbsent(command.name, command);
  }

  private static void inSight(Node node, Map<String, Command> all) {
    if (!(node.isVisible() || Tray.folded(node)) || node.isDisabled() || isCard(node)) {
      return;
    }
    if (node instanceof MenuButton menu) {
      if (menu.getOnShowing() != null) {
        // A menu that is filled when it opens has to be filled to be read.
        menu.getOnShowing().handle(new Event(MenuButton.ON_SHOWING));
      }
      menu.getItems().forEach(it -> item(called(menu.getText()), it, all));
    } else if (node instanceof ButtonBase button && !name(button).isEmpty()) {
      add(all, new Command(called(name(button)), keyOf(name(button)), button::fire));
    } else if (node instanceof Parent parent) {
      parent.getChildrenUnmodifiable().forEach(it -> inSight(it, all));
    }
  }

  /** Cards of the rack and figures are looked at by their names above. */
  private static boolean isCard(Node node) {
    List<String> styles = node.getStyleClass();
    return styles.contains(Style.RACK) || styles.contains(Style.SLIP);
  }

  private static void item(String under, MenuItem item, Map<String, Command> all) {
    if (item.isDisable() || !item.isVisible() || item instanceof SeparatorMenuItem) {
      return;
    }
    if (item instanceof Menu menu) {
      menu.getItems().forEach(it -> item(under + ": " + called(menu.getText()), it, all));
    } else if (!(item instanceof CustomMenuItem) && item.getText() != null) {
      KeyCombination key = item.getAccelerator();
      add(
          all,
          new Command(
              under + ": " + called(item.getText()),
              key == null ? keyOf(item.getText()) : key.getDisplayText(),
              item::fire));
    }
  }

  private static String name(ButtonBase button) {
    String words = button.getText() == null ? "" : button.getText().strip();
    return words.length() > 1 || button.getAccessibleText() == null
        ? words
        : button.getAccessibleText();
  }

  private static String called(String words) {
    int key = words.lastIndexOf(Key.BEFORE);
    String name = key > 0 ? words.substring(0, key) : words;
    return name.replace("…", "").replaceAll("\\s+", " ").strip();
  }

  private static String keyOf(String words) {
    int key = words.lastIndexOf(Key.BEFORE);
    return key > 0 ? words.substring(key).strip() : "";
  }

  /** Those whose names hold all words that were typed; those that begin with them first. */
  public static List<Command> matching(List<Command> all, String typed) {
    String wanted = typed.strip().toLowerCase(Locale.ROOT);
    List<String> words = List.of(wanted.split("\\s+"));
    List<Command> first = new ArrayList<>();
    List<Command> then = new ArrayList<>();
    for (Command command : all) {
      String name = command.name.toLowerCase(Locale.ROOT);
      boolean key = command.key.equalsIgnoreCase(wanted);
      if (key || name.startsWith(wanted)) {
        first.add(command);
      } else if (words.stream().allMatch(name::contains)) {
        then.add(command);
      }
    }
    first.addAll(then);
    return first;
  }
}
