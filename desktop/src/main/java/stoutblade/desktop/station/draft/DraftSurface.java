package stoutblade.desktop.station.draft;

import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Surface;
import stoutblade.project.Derived;

/** Draft: the outline of the blade or of a plate, or the prop put together. */
public final class DraftSurface implements Surface {

  private final Desk desk;
  private final OutlineDesk outlines;
  private final PropDesk prop;
  private final NewPart newPart;
  private final ToggleButton together = new ToggleButton("Put together  P");
  private final StackPane middle = new StackPane();
  private final BorderPane node = new BorderPane(middle);

  /** The surface. */
  public DraftSurface(Desk desk, Pictures pictures) {
    this.desk = desk;
    this.outlines = new OutlineDesk(desk, pictures);
    this.prop = new PropDesk(desk, pictures);
    this.newPart = new NewPart(desk);
    together.setId("together");
    together.setOnAction(event -> turn());
    node.setTop(new Tray().with(together).with(newPart.menu()));
  }

  @Override
  public Node node() {
    return node;
  }

  private void turn() {
    if (desk.partProperty().get().equals(Desk.PROP)) {
      desk.partProperty().set("");
    } else {
      String from = desk.partProperty().get();
      desk.partProperty().set(Desk.PROP);
      prop.select(from);
    }
  }

  private boolean put() {
    boolean asked = desk.partProperty().get().equals(Desk.PROP);
    boolean bladeless = outlines.empty() && !desk.project().parts().isEmpty();
    return asked || bladeless;
  }

  @Override
  public void show(Derived derived) {
    boolean put = put();
    together.setSelected(put);
    middle.getChildren().setAll(put ? prop.node() : outlines.node());
    if (put) {
      prop.show(derived);
    } else {
      outlines.show(derived);
    }
  }

  @Override
  public boolean key(KeyEvent event) {
    switch (event.getCode()) {
      case P -> turn();
      case M -> newPart.menu().show();
      default -> {
        return put() ? prop.key(event) : outlines.key(event);
      }
    }
    return true;
  }
}
