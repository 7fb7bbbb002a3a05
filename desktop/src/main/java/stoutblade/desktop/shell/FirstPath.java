package stoutblade.desktop.shell;

import java.util.List;
import javafx.beans.value.ObservableBooleanValue;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.texts.Texts;

/**
 * The first way through the window, above the figures of a project that was begun empty: five
 * steps, the next one with how it is done. It goes away when it is done, or when told.
 */
public final class FirstPath extends VBox {

  private static final PseudoClass DONE = PseudoClass.getPseudoClass("done");

  private final Desk desk;
  private final ObservableBooleanValue aside;
  private boolean walking;

  /**
   * A way that follows the desk.
   *
   * @param aside true while something else needs its room
   */
  public FirstPath(Desk desk, ObservableBooleanValue aside) {
    super(6);
    this.desk = desk;
    this.aside = aside;
    aside.addListener(it -> show());
    setId("first-path");
    getStyleClass().add(Style.FIRST_PATH);
    setPrefWidth(Slip.WIDE);
    setMaxWidth(Slip.WIDE);
    desk.derivedProperty().addListener(it -> show());
    desk.guidedProperty().addListener(it -> show());
    desk.stationProperty().addListener(it -> show());
    show();
  }

  private void show() {
    boolean empty = FirstSteps.empty(desk.project());
    walking =
        desk.guidedProperty().get()
            && desk.project().props().size() == 1
            // What is opened has nothing to undo: then it was not begun here.
            && (empty || (walking && desk.history().undoable().isPresent()));
    setVisible(walking && !aside.get());
    setManaged(walking && !aside.get());
    if (walking) {
      lay(FirstSteps.of(desk.derived(), desk.prop()));
    }
  }

  private void lay(List<FirstSteps> steps) {
    Label heading = new Label(Texts.WINDOW.of("from-a-picture-to-a"));
    heading.getStyleClass().add(Style.HEADING);
    getChildren().setAll(heading);
    boolean next = true;
    for (int i = 0; i < steps.size(); i++) {
      FirstSteps step = steps.get(i);
      getChildren().add(line(i, step, next && !step.done()));
      next = next && step.done();
    }
    Button leave = new Button(next ? Texts.WINDOW.of("done") : Texts.WINDOW.of("i-know-my-way"));
    leave.setId("first-path-leave");
    leave.setOnAction(event -> desk.guidedProperty().set(false));
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    getChildren().add(new HBox(gap, leave));
  }

  private Node line(int index, FirstSteps step, boolean next) {
    Label number = new Label(step.done() ? "✓" : Integer.toString(index + 1));
    number.getStyleClass().add(Style.FIRST_NUMBER);
    number.pseudoClassStateChanged(DONE, step.done());
    number.setMinWidth(Region.USE_PREF_SIZE);
    Label title = new Label(step.title());
    WrappedText.in(title);
    if (!next) {
      title.getStyleClass().add(Style.SOFT);
      HBox line = new HBox(8, number, title);
      line.setAlignment(Pos.CENTER_LEFT);
      return line;
    }
    Label how = new Label(step.how());
    WrappedText.in(how);
    Button go = new Button(Texts.WINDOW.of("go-to", step.station().title()));
    go.setId("first-path-go");
    go.setOnAction(event -> desk.goTo(step.station()));
    boolean there = desk.stationProperty().get() == step.station();
    VBox words = there ? new VBox(4, title, how) : new VBox(4, title, how, go);
    HBox.setHgrow(words, Priority.ALWAYS);
    return new HBox(8, number, words);
  }
}
