package stoutblade.desktop.station.draft;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import stoutblade.derive.Derived;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Meshes;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.shell.Panes;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Surface;

/** Draft: the outline of the blade or of a plate, or the prop put together. */
public final class DraftSurface implements Surface {

  private final Desk desk;
  private final OutlineDesk outlines;
  private final PropDesk prop;
  private final PatchDesk patch;
  private final NewPart newPart;
  private final ToggleButton together = new ToggleButton(Key.ASSEMBLE.on("Assemble"));
  private final StackPane middle = new StackPane();
  private final BorderPane node = new BorderPane(middle);

  /** The surface. */
  public DraftSurface(Desk desk, Pictures pictures, Meshes meshes, BackgroundTasks tasks) {
    this.desk = desk;
    this.outlines = new OutlineDesk(desk, pictures);
    this.prop = new PropDesk(desk, pictures);
    this.patch = new PatchDesk(desk, tasks, meshes);
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

  /** The model whose faces are being laid flat, where that is what is done. */
  private Optional<String> model() {
    String looked = desk.partProperty().get();
    return Optional.of(looked)
        .filter(it -> it.startsWith(Desk.MODEL))
        .map(it -> it.substring(Desk.MODEL.length()))
        .filter(it -> desk.prop().size().model(it).isPresent());
  }

  private boolean put() {
    boolean asked = desk.partProperty().get().equals(Desk.PROP);
    boolean bladeless = outlines.empty() && !desk.prop().parts().isEmpty();
    return asked || bladeless;
  }

  @Override
  public void show(Derived derived) {
    Optional<String> model = model();
    boolean put = model.isEmpty() && put();
    together.setSelected(put);
    if (model.isPresent()) {
      Panes.put(middle, patch.node());
      patch.show(derived, model.get());
    } else if (put) {
      Panes.put(middle, prop.node());
      prop.show(derived);
    } else {
      Panes.put(middle, outlines.node());
      outlines.show(derived);
    }
  }

  @Override
  public boolean key(KeyEvent event) {
    if (Key.ASSEMBLE.is(event)) {
      turn();
    } else if (Key.PART.is(event)) {
      newPart.menu().show();
    } else if (model().isPresent()) {
      return patch.key(event);
    } else {
      return put() ? prop.key(event) : outlines.key(event);
    }
    return true;
  }
}
