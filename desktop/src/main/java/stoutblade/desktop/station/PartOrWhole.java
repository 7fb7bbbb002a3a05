package stoutblade.desktop.station;

import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import stoutblade.derive.Derived;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.Panes;

/** A station that shows one part, or all of the prop where that is what is looked at. */
public final class PartOrWhole implements Surface {

  private final Desk desk;
  private final Surface part;
  private final Surface whole;
  private final StackPane node = new StackPane();

  /** The surface, of what shows one part and what shows all of them. */
  public PartOrWhole(Desk desk, Surface part, Surface whole) {
    this.desk = desk;
    this.part = part;
    this.whole = whole;
    desk.partProperty().addListener(it -> turn());
    turn();
  }

  private Surface now() {
    return desk.whole() ? whole : part;
  }

  private void turn() {
    Panes.put(node, now().node());
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    turn();
    if (desk.whole()) {
      desk.showNothingBeside();
    }
    now().show(derived);
  }

  @Override
  public boolean shortcut(KeyEvent event) {
    return now().shortcut(event);
  }

  @Override
  public boolean key(KeyEvent event) {
    return now().key(event);
  }
}
