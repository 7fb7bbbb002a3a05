package stoutblade.desktop.shell;

import java.util.Locale;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import stoutblade.desktop.Style;
import stoutblade.desktop.texts.Texts;

/**
 * What stands at a side of the window and folds to a narrow edge, to leave the drawing its room.
 */
public final class Fold extends BorderPane {

  /** At which side of the window it stands. */
  public enum Side {
    LEFT("‹", "›"),
    RIGHT("›", "‹");

    private final String fold;
    private final String unfold;

    Side(String fold, String unfold) {
      this.fold = fold;
      this.unfold = unfold;
    }
  }

  private final BooleanProperty folded = new SimpleBooleanProperty();

  /**
   * A fold, open at first.
   *
   * @param what what is folded, for its tip
   * @param key the key that does it
   */
  public Fold(Node content, Side side, String what, String key) {
    Button edge = new Button(side.fold);
    edge.setId("fold-" + what.toLowerCase(Locale.ROOT).replace(' ', '-'));
    edge.getStyleClass().add(Style.FOLD);
    edge.setMaxHeight(Double.MAX_VALUE);
    edge.setFocusTraversable(false);
    edge.setOnAction(event -> turn());
    setCenter(content);
    if (side == Side.LEFT) {
      setRight(edge);
    } else {
      setLeft(edge);
    }
    content.managedProperty().bind(content.visibleProperty());
    content.visibleProperty().bind(folded.not());
    folded.addListener((it, was, is) -> edge.setText(is ? side.unfold : side.fold));
    edge.setTooltip(new Tooltip(Texts.WINDOW.of("fold-away-or-bring-back-key", what, key)));
    edge.setAccessibleText(Texts.WINDOW.of("fold-away-or-bring-back", what));
  }

  /** Folds it away, or brings it back. */
  public void turn() {
    folded.set(!folded.get());
  }
}
