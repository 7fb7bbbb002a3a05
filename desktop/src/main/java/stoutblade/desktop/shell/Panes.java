package stoutblade.desktop.shell;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/** What lies in a pane. */
public final class Panes {

  private Panes() {}

  /**
   * Puts nodes in a pane in place of what is there; those that are there already stay, because the
   * toolkit styles and lays out anew whatever is put in, be it the same.
   */
  public static void put(Pane pane, List<? extends Node> wanted) {
    if (!pane.getChildren().equals(wanted)) {
      pane.getChildren().setAll(wanted);
    }
  }

  /** The same of one node. */
  public static void put(Pane pane, Node wanted) {
    put(pane, List.of(wanted));
  }
}
