package stoutblade.desktop.shell;

import javafx.beans.value.ChangeListener;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Key;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.texts.Texts;

/**
 * Says beside the figures what the thing under the pointer or under the keys is, while it is asked
 * to.
 */
public final class WhatIsThis extends VBox {

  private static final String HOW = Texts.WINDOW.of("point-at-a-control-or", Key.WHAT.label());

  private final Parent root;
  private final Label words = new Label(HOW);
  private final EventHandler<MouseEvent> pointed = it -> say((Node) it.getTarget());
  private final EventHandler<KeyEvent> left = this::left;
  private final ChangeListener<Node> focused = (of, before, now) -> say(now);

  /** Nothing is asked yet. */
  public WhatIsThis(Parent root) {
    super(6);
    this.root = root;
    setId("what-is-this");
    getStyleClass().add(Style.NOTICE);
    setMaxWidth(Slip.WIDE);
    Label title = new Label(Texts.WINDOW.of("what-is-this"));
    title.getStyleClass().add(Style.MASKING_TITLE);
    words.setId("what-words");
    WrappedText.in(words);
    words.setMinHeight(Region.USE_PREF_SIZE);
    getChildren().setAll(title, words);
    setVisible(false);
    setManaged(false);
  }

  /** Begins to say it, or ends. */
  public void turn() {
    boolean on = !isVisible();
    setVisible(on);
    setManaged(on);
    if (on) {
      words.setText(HOW);
      root.addEventFilter(MouseEvent.MOUSE_MOVED, pointed);
      root.addEventFilter(KeyEvent.KEY_PRESSED, left);
      root.getScene().focusOwnerProperty().addListener(focused);
      say(root.getScene().getFocusOwner());
    } else {
      root.removeEventFilter(MouseEvent.MOUSE_MOVED, pointed);
      root.removeEventFilter(KeyEvent.KEY_PRESSED, left);
      root.getScene().focusOwnerProperty().removeListener(focused);
    }
  }

  private void left(KeyEvent event) {
    if (event.getCode() == KeyCode.ESCAPE) {
      turn();
      event.consume();
    }
  }

  private void say(Node node) {
    if (node != null) {
      What.of(node).ifPresent(words::setText);
    }
  }
}
