package stoutblade.desktop.station.draft;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Where;
import stoutblade.part.Part;
import stoutblade.shape.Box;
import stoutblade.shape.Exact;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.trace.Tracing;

/** Cut-outs along any outline: one that was traced or opened, or that of another part. */
final class CutOutMenu {

  /** How far it reaches to either side at first, as a share of the part. */
  private static final double SHARE = 0.15;

  private final Desk desk;
  private final OutlineModel model;
  private final Runnable after;
  private final Menu menu = new Menu(Texts.DRAFT.of("cut-out-along-an-outline"));

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
    MenuItem drawn = new MenuItem(Texts.DRAFT.of("drawn-by-hand"));
    drawn.setId("cutout-drawn");
    drawn.setOnAction(event -> add(begun(), true));
    items.add(drawn);
    for (Tracing tracing : desk.prop().size().tracings()) {
      items.add(item("cutout-" + tracing.id(), tracing.name(), tracing.outlines().getFirst()));
    }
    for (Part part : desk.prop().parts()) {
      part.cut()
          .filter(it -> it.outline().drawn() && !part.id().equals(model.id()))
          .ifPresent(
              it -> items.add(item("cutout-" + part.id(), part.name(), Exact.whole(it.outline()))));
    }
    menu.getItems().setAll(items);
  }

  private MenuItem item(String id, String name, WholeOutline outline) {
    MenuItem item = new MenuItem(Texts.DRAFT.of("as", name));
    item.setMnemonicParsing(false);
    item.setId(id);
    item.setOnAction(event -> add(outline, false));
    return item;
  }

  /** A rectangle of a fair size, to be drawn further by its nodes. */
  private WholeOutline begun() {
    Box box = Box.around(model.outline().outline().flattened(1));
    double half = Math.min(box.width(), box.height()) * SHARE;
    return new WholeOutline(
        List.of(
            Node.corner(-half, -half),
            Node.corner(half, -half),
            Node.corner(half, half),
            Node.corner(-half, half)));
  }

  /** The outline is cut out in the middle of the part, about its own middle. */
  private void add(WholeOutline outline, boolean drawn) {
    Point middle = Box.around(model.outline().outline().flattened(1)).centre();
    desk.perform(
        PartEdits.addCutOut(model.id(), outline.centred(), Where.At.of(middle.x(), middle.y())),
        () -> {
          String added = model.blank().features().getLast().id();
          if (drawn) {
            model.open(added);
          } else {
            model.selectFeature(added);
          }
          after.run();
        });
  }
}
