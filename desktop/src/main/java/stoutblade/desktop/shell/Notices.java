package stoutblade.desktop.shell;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;

/** What is said, below the slip: the latest notice, and what can be taken up after a crash. */
public final class Notices extends VBox {

  private static final String NOTICE = "notice";

  private final Desk desk;

  /** Notices that follow the desk. */
  public Notices(Desk desk) {
    super(6);
    this.desk = desk;
    desk.noticeProperty().addListener(it -> show());
  }

  private void show() {
    String words = desk.noticeProperty().get();
    getChildren().removeIf(it -> NOTICE.equals(it.getId()));
    if (!words.isBlank()) {
      Button seen = new Button("Seen");
      seen.setOnAction(event -> desk.say(""));
      getChildren().add(bar(NOTICE, words, seen));
    }
  }

  /**
   * Offers what a program that did not end well had open; either answer takes the offer away.
   *
   * @param project its name
   */
  public void offer(String project, Runnable takeUp, Runnable throwAway) {
    Button yes = new Button("Take it up");
    Button no = new Button("Throw it away");
    VBox bar =
        bar(
            "recovery",
            "'"
                + project
                + "' was open when the program last stopped"
                + " without being closed. It is as it was after the last edit.",
            yes,
            no);
    yes.setOnAction(event -> answer(bar, takeUp));
    no.setOnAction(event -> answer(bar, throwAway));
    getChildren().add(bar);
  }

  private void answer(VBox bar, Runnable action) {
    getChildren().remove(bar);
    action.run();
  }

  private static VBox bar(String id, String words, Button... buttons) {
    Label label = new Label(words);
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    for (Button button : buttons) {
      button.setMinWidth(Region.USE_PREF_SIZE);
    }
    VBox bar = new VBox(8, label, new HBox(8, buttons));
    bar.setId(id);
    bar.setMaxWidth(Slip.WIDE);
    bar.getStyleClass().add(Style.NOTICE);
    return bar;
  }
}
