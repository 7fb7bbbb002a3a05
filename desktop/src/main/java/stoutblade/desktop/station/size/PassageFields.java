package stoutblade.desktop.station.size;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.SizeEdits;
import stoutblade.fit.Passage;

/** What the prop must pass on its way: doors, cars, cases, each a row of fields. */
final class PassageFields {

  private final Desk desk;
  private final GridPane grid = new GridPane(8, 6);

  PassageFields(Desk desk) {
    this.desk = desk;
  }

  GridPane node() {
    return grid;
  }

  /** Shows what the prop must pass. */
  void show(List<Passage> all) {
    grid.getChildren().clear();
    grid.addRow(
        0,
        new Label(Texts.SIZE.of("through")),
        new Label(Texts.SIZE.of("wide")),
        new Label(Texts.SIZE.of("high")),
        new Label(Texts.SIZE.of("long")));
    for (int i = 0; i < all.size(); i++) {
      passageRow(all, i);
    }
    MenuButton more = new MenuButton(Texts.SIZE.of("add"));
    for (Passage usual : Passage.USUAL) {
      MenuItem item = new MenuItem(usual.name());
      item.setOnAction(
          event -> {
            List<Passage> changed = new ArrayList<>(all);
            changed.add(usual);
            desk.attempt(() -> SizeEdits.passages(changed));
          });
      more.getItems().add(item);
    }
    grid.add(more, 0, all.size() + 1);
  }

  private void passageRow(List<Passage> all, int index) {
    Passage it = all.get(index);
    TextField name = PlainText.field(it.name());
    name.setPrefColumnCount(9);
    name.setOnAction(
        event ->
            replace(
                all,
                index,
                () ->
                    new Passage(
                        name.getText().strip(), it.widthMm(), it.heightMm(), it.lengthMm())));
    EntryField wide =
        EntryField.length(
            desk,
            mm ->
                replace(
                    all, index, () -> new Passage(it.name(), mm, it.heightMm(), it.lengthMm())));
    EntryField high =
        EntryField.length(
            desk,
            mm ->
                replace(all, index, () -> new Passage(it.name(), it.widthMm(), mm, it.lengthMm())));
    EntryField deep =
        EntryField.length(
            desk,
            mm ->
                replace(
                    all,
                    index,
                    () -> new Passage(it.name(), it.widthMm(), it.heightMm(), Optional.of(mm))));
    wide.show(it.widthMm());
    high.show(it.heightMm());
    it.lengthMm().ifPresentOrElse(deep::show, deep::showNothing);
    deep.setPromptText(Texts.SIZE.of("any"));
    Button gone = new Button(Texts.SIZE.of("remove"));
    gone.setOnAction(
        event -> {
          List<Passage> changed = new ArrayList<>(all);
          changed.remove(index);
          desk.attempt(() -> SizeEdits.passages(changed));
        });
    grid.addRow(index + 1, name, wide, high, deep, gone);
  }

  private boolean replace(List<Passage> all, int index, Supplier<Passage> passage) {
    return desk.attempt(
        () -> {
          List<Passage> changed = new ArrayList<>(all);
          changed.set(index, passage.get());
          return SizeEdits.passages(changed);
        });
  }
}
