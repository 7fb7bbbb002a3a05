package stoutblade.desktop.station.draft;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import stoutblade.desktop.Desk;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Where;
import stoutblade.part.Part;
import stoutblade.shape.Box;
import stoutblade.shape.Exact;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.trace.Tracing;

/** Cut-outs along any outline: one that was traced or opened, or that of another part. */
final class CutOutMenu {

  private final Desk desk;
  private final OutlineModel model;
  private final Runnable after;
  private final Menu menu = new Menu("Cut-out along an outline");

  CutOutMenu(Desk desk, OutlineModel model, Runnable after) {
    this.desk = desk;
    this.model = model;
    this.after = after;
    menu.setId("add-cutout");
    fill();
  }

  Menu menu() {
    return menu;
  }

  /** Offers what there is now. */
  void fill() {
    List<MenuItem> items = new ArrayList<>();
    for (Tracing tracing : desk.prop().size().tracings()) {
      items.add(item("cutout-" + tracing.id(), tracing.name(), tracing.outlines().getFirst()));
    }
    for (Part part : desk.prop().parts()) {
      part.cut()
          .filter(it -> it.outline().drawn() && !part.id().equals(model.id()))
          .ifPresent(
              it -> items.add(item("cutout-" + part.id(), part.name(), Exact.whole(it.outline()))));
    }
    if (items.isEmpty()) {
      MenuItem none = new MenuItem("Trace or open an outline first, at Size");
      none.setDisable(true);
      items.add(none);
    }
    menu.getItems().setAll(items);
  }

  private MenuItem item(String id, String name, WholeOutline outline) {
    MenuItem item = new MenuItem("As " + name);
    item.setMnemonicParsing(false);
    item.setId(id);
    item.setOnAction(event -> add(outline));
    return item;
  }

  /** The outline is cut out in the middle of the part, about its own middle. */
  private void add(WholeOutline outline) {
    Point middle = Box.around(model.outline().outline().flattened(1)).centre();
    desk.perform(
        PartEdits.addCutOut(model.id(), outline.centred(), Where.At.of(middle.x(), middle.y())),
        () -> {
          model.selectFeature(model.blank().features().getLast().id());
          after.run();
        });
  }
}
