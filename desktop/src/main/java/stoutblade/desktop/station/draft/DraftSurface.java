package stoutblade.desktop.station.draft;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import stoutblade.derive.Derived;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Meshes;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.shell.RunsUnder;
import stoutblade.desktop.station.Surface;
import stoutblade.desktop.texts.Texts;
import stoutblade.part.Bought;
import stoutblade.part.Part;

/** Draft: the outline of the blade or of a plate, or the prop put together. */
public final class DraftSurface implements Surface {

  private final Desk desk;
  private final OutlineDesk outlines;
  private final PropDesk prop;
  private final PatchDesk patch;
  private final SkeletonDesk skeleton;
  private final NewPart newPart;
  private final ToggleButton together =
      new ToggleButton(Key.ASSEMBLE.on(Texts.DRAFT.of("assemble")));
  private final RunsUnder node;

  /** The bought thing that was selected last because it was looked at. */
  private Optional<String> taken = Optional.empty();

  /** The surface. */
  public DraftSurface(Desk desk, Pictures pictures, Meshes meshes, BackgroundTasks tasks) {
    this.desk = desk;
    this.outlines = new OutlineDesk(desk, pictures);
    this.prop = new PropDesk(desk, pictures);
    this.patch = new PatchDesk(desk, tasks, meshes);
    this.skeleton = new SkeletonDesk(desk);
    this.newPart = new NewPart(desk);
    together.setId("together");
    together.setOnAction(event -> turn());
    node = new RunsUnder(new HBox(8, together, newPart.menu()));
  }

  @Override
  public Node node() {
    return node;
  }

  private void turn() {
    if (desk.partProperty().get().equals(Desk.PROP) || thing().isPresent()) {
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

  /** The bought thing that is looked at: it has no outline of its own, and is shown on the prop. */
  private Optional<String> thing() {
    return desk.prop()
        .part(desk.partProperty().get())
        .filter(it -> it.shape() instanceof Bought)
        .map(Part::id);
  }

  /** The skeleton of pipe that is looked at. */
  private Optional<String> skeleton() {
    return desk.prop()
        .part(desk.partProperty().get())
        .filter(it -> it.piped().isPresent())
        .map(Part::id);
  }

  private boolean put() {
    boolean asked = desk.partProperty().get().equals(Desk.PROP);
    boolean bladeless = skeleton().isEmpty() && outlines.empty() && !desk.prop().parts().isEmpty();
    return asked || bladeless || thing().isPresent();
  }

  @Override
  public void show(Derived derived) {
    Optional<String> model = model();
    boolean put = model.isEmpty() && put();
    together.setSelected(put);
    if (thing().isEmpty()) {
      taken = Optional.empty();
    }
    if (model.isPresent()) {
      node.show(patch.node());
      patch.show(derived, model.get());
    } else if (skeleton().isPresent()) {
      node.show(skeleton.node());
      skeleton.show(derived, skeleton().get());
    } else if (put) {
      node.show(prop.node());
      thing().filter(it -> !taken.equals(thing())).ifPresent(prop::select);
      prop.show(derived);
      taken = thing();
    } else {
      node.show(outlines.node());
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
    } else if (skeleton().isPresent()) {
      return skeleton.key(event);
    } else {
      return put() ? prop.key(event) : outlines.key(event);
    }
    return true;
  }
}
