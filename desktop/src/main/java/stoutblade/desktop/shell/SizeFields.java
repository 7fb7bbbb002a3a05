package stoutblade.desktop.shell;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiPredicate;
import java.util.function.ToDoubleFunction;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Quantity;
import stoutblade.sum.Entry;

/** Fields and buttons for the sizes that something asks for. */
public final class SizeFields {

  private final Desk desk;
  private final String prefix;
  private final BiPredicate<Entry, Double> commit;
  private final Runnable chosen;
  private final Map<Entry, EntryField> fields = new LinkedHashMap<>();
  private final Map<Entry, List<ToggleButton>> choices = new LinkedHashMap<>();

  /**
   * Fields whose ids begin with a prefix.
   *
   * @param commit takes a new value; false where it was refused
   * @param chosen called after a choice, so that the keys go back to the station
   */
  public SizeFields(Desk desk, String prefix, BiPredicate<Entry, Double> commit, Runnable chosen) {
    this.desk = desk;
    this.prefix = prefix;
    this.commit = commit;
    this.chosen = chosen;
  }

  /** The control of a size. */
  public Node control(Entry entry) {
    if (!entry.choices().isEmpty()) {
      return choice(entry);
    }
    EntryField field =
        switch (entry.quantity()) {
          case LENGTH -> EntryField.length(desk, value -> commit.test(entry, value));
          case ANGLE ->
              EntryField.number(
                  desk,
                  "°",
                  () -> Texts.WINDOW.of("is-an-angle-in-degrees", entry.label()),
                  value -> commit.test(entry, Math.toRadians(value)));
          case MASS -> EntryField.amount(desk, Quantity.MASS, value -> commit.test(entry, value));
          default ->
              EntryField.number(
                  desk,
                  "",
                  () -> Texts.WINDOW.of("is-a-number", entry.label()),
                  value -> commit.test(entry, value));
        };
    field.setId(prefix + entry.key());
    field.setPrefColumnCount(5);
    fields.put(entry, field);
    return field;
  }

  private Node choice(Entry entry) {
    HBox row = new HBox(4);
    List<ToggleButton> buttons = new ArrayList<>();
    for (int i = 0; i < entry.choices().size(); i++) {
      double value = i;
      ToggleButton button = new ToggleButton(entry.choices().get(i));
      button.setId(prefix + entry.key() + "-" + i);
      button.setMinWidth(Region.USE_PREF_SIZE);
      button.setOnAction(
          event -> {
            if (commit.test(entry, value)) {
              chosen.run();
            } else {
              button.setSelected(!button.isSelected());
            }
          });
      buttons.add(button);
      row.getChildren().add(button);
    }
    choices.put(entry, buttons);
    return row;
  }

  /** Shows the values. */
  public void show(ToDoubleFunction<Entry> values) {
    fields.forEach(
        (entry, field) -> {
          double value = values.applyAsDouble(entry);
          field.show(entry.quantity() == Quantity.ANGLE ? Math.toDegrees(value) : value);
        });
    choices.forEach(
        (entry, buttons) -> {
          for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).setSelected(i == (int) values.applyAsDouble(entry));
          }
        });
  }
}
