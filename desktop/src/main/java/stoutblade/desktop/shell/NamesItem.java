package stoutblade.desktop.shell;

import java.util.function.Function;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import stoutblade.desktop.Desk;
import stoutblade.project.Edit;
import stoutblade.project.Edits;
import stoutblade.project.Project;
import stoutblade.project.SizeEdits;

/** The names of prop and wearer, in the menu of the tape's case; Enter takes what is typed. */
public final class NamesItem extends CustomMenuItem {

  private final Desk desk;
  private final GridPane grid = new GridPane(8, 6);

  /** An item that follows the desk. */
  public NamesItem(Desk desk) {
    this.desk = desk;
    setHideOnClick(false);
    setContent(grid);
    add("Prop", "prop-name", Project::name, Edits::name);
    add("Wearer", "wearer-name", it -> it.wearer().name(), SizeEdits::wearerName);
  }

  private void add(
      String label, String id, Function<Project, String> now, Function<String, Edit> edit) {
    TextField field = PlainText.field(now.apply(desk.project()));
    field.setId(id);
    field.setOnAction(event -> desk.perform(edit.apply(field.getText())));
    desk.derivedProperty().addListener(it -> field.setText(now.apply(desk.project())));
    grid.addRow(grid.getRowCount(), new Label(label), field);
  }
}
