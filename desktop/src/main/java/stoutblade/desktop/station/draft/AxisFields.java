package stoutblade.desktop.station.draft;

import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.AxisEdits;
import stoutblade.edit.PropEdit;
import stoutblade.shape.Point;

/** The centre line of a part: where it comes from, and the places of its nodes. */
final class AxisFields {

  private final Desk desk;
  private final OutlineModel model;
  private final Runnable after;
  private final MenuButton choice = new MenuButton(Texts.DRAFT.of("straight"));
  private final Tray nodeTray = new Tray();
  private final EntryField across;
  private final EntryField along;

  AxisFields(Desk desk, OutlineModel model, Runnable after) {
    this.desk = desk;
    this.model = model;
    this.after = after;
    choice.setId("centre-line");
    choice
        .getItems()
        .setAll(
            item("centre-straight", Texts.DRAFT.of("straight-up"), AxisEdits::straight),
            item("centre-midway", Texts.DRAFT.of("midway-between-the-edges"), AxisEdits::midway),
            item("centre-drawn", Texts.DRAFT.of("drawn-by-hand"), AxisEdits::upright));
    across = EntryField.length(desk, mm -> model.axis().moveTo(new Point(mm, place().y())));
    along = EntryField.length(desk, mm -> model.axis().moveTo(new Point(place().x(), mm)));
    across.setId("centre-across");
    along.setId("centre-along");
    across.setPrefColumnCount(5);
    along.setPrefColumnCount(5);
    Button remove =
        Tray.button("centre-remove", Texts.DRAFT.of("remove-del"), model::remove, after);
    ToggleButton bends = new ToggleButton(Texts.DRAFT.of("bends-along"));
    bends.setId("centre-bends");
    bends.selectedProperty().bindBidirectional(model.axis().bendsProperty());
    nodeTray
        .with(Texts.DRAFT.of("centre-line-across"), across)
        .with(Texts.DRAFT.of("centre-line-along"), along)
        .with(Texts.DRAFT.of("the-outline"), bends)
        .with(" ", remove);
  }

  private Point place() {
    return model.axis().place().orElse(new Point(0, 0));
  }

  private MenuItem item(
      String id, String words, java.util.function.Function<String, PropEdit> edit) {
    MenuItem item = new MenuItem(words);
    item.setId(id);
    item.setOnAction(
        event -> {
          model.select(-1);
          desk.perform(edit.apply(model.id()), after);
        });
    return item;
  }

  /** Where it comes from. */
  void into(Tray tray) {
    choice.setText(
        model.axis().shown().isPresent() ? Texts.DRAFT.of("curved") : Texts.DRAFT.of("straight"));
    tray.with(Texts.DRAFT.of("centre-line"), choice);
  }

  /** The tray of its selected node. */
  Tray ofNode() {
    return nodeTray;
  }

  /** Shows the values of its selected node. */
  void values() {
    model
        .axis()
        .place()
        .ifPresent(
            it -> {
              across.show(it.x());
              along.show(it.y());
            });
  }
}
