package stoutblade.desktop.shell;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Style;

/** The tray below a mat: the few things that are decided at a station, each under its name. */
public final class Tray extends FlowPane {

  /** An empty tray. */
  public Tray() {
    super(10, 6);
    getStyleClass().add(Style.TRAY);
    setAlignment(Pos.BOTTOM_LEFT);
  }

  /** Puts a control in the tray under a name. */
  public Tray with(String name, Node control) {
    Label label = new Label(name);
    label.getStyleClass().add(Style.TRAY_LABEL);
    label.setLabelFor(control);
    getChildren().add(new VBox(2, label, control));
    return this;
  }

  /**
   * A button for a tray.
   *
   * @param action what it does
   * @param after what follows whatever it did, such as showing it
   */
  public static Button button(String id, String words, Runnable action, Runnable after) {
    Button button = new Button(words);
    button.setId(id);
    button.setOnAction(
        event -> {
          action.run();
          after.run();
        });
    return button;
  }

  /** Puts a control in the tray that says itself what it is. */
  public Tray with(Node control) {
    getChildren().add(control);
    return this;
  }
}
