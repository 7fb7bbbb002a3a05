package stoutblade.desktop.station.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.HBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.station.SectionDesk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.LayerEdits;
import stoutblade.layer.Joints;
import stoutblade.layer.Layer;
import stoutblade.measure.Display;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.stack.Splits;

/** Where a layer is cut apart that is larger than its sheet: joints that are dragged or typed. */
final class SplitDesk implements SectionDesk.Grip {

  private final Desk desk;
  private final LayersModel model;
  private final Runnable after;
  private final ComboBox<Splits.Joint> joint = new ComboBox<>();
  private final ComboBox<Held> which = new ComboBox<>();
  private final EntryField at;
  private final Button proposed;
  private final HBox places;
  private Optional<Held> held = Optional.empty();
  private Optional<Joints> dragged = Optional.empty();
  private boolean showing;

  /** One joint of a layer. */
  private record Held(int layer, boolean across, int index) {

    double mm(Joints joints) {
      return (across ? joints.across() : joints.along()).get(index);
    }

    private boolean in(Joints joints) {
      return index < (across ? joints.across() : joints.along()).size();
    }

    private String words() {
      int number = index + 1;
      return across ? Texts.LAYERS.of("across", number) : Texts.LAYERS.of("along", number);
    }
  }

  /**
   * The controls.
   *
   * @param after is run when another layer is selected
   */
  SplitDesk(Desk desk, LayersModel model, Runnable after) {
    this.desk = desk;
    this.model = model;
    this.after = after;
    joint.setId("split-joint");
    joint.getItems().setAll(Splits.Joint.values());
    joint.setConverter(Choices.named(Splits.Joint::title));
    joint.setOnAction(event -> choose());
    which.setId("split-which");
    which.setAccessibleText(Texts.LAYERS.of("which-joint"));
    which.setConverter(Choices.named(Held::words));
    which.setOnAction(event -> showPlace());
    at = EntryField.length(desk, this::typed);
    at.setId("split-at");
    at.setAccessibleText(Texts.LAYERS.of("where-the-joint-lies-from"));
    at.setPrefColumnCount(5);
    proposed =
        Tray.button(
            "split-proposed",
            Texts.LAYERS.of("as-proposed"),
            () -> selected().ifPresent(this::again),
            after);
    places = new HBox(6, which, at, proposed);
    places.managedProperty().bind(places.visibleProperty());
  }

  /** Puts the controls into the tray of the selected layer. */
  void into(Tray tray) {
    tray.with(Texts.LAYERS.of("larger-than-a-sheet-pieces"), joint)
        .with(Texts.LAYERS.of("joint-at-from-the-edge"), places);
  }

  /** True where the selected layer is cut apart. */
  boolean needed() {
    return selected().filter(it -> !it.joints().none()).isPresent();
  }

  // == THE SELECTED LAYER

  private List<Layer> layers() {
    return model.layered().map(it -> it.layers().each()).orElse(List.of());
  }

  private Optional<Layer> selected() {
    return model.selected().filter(it -> it < layers().size()).map(it -> layers().get(it));
  }

  private void choose() {
    if (!showing && joint.getValue() != null) {
      selected()
          .ifPresent(
              it -> desk.perform(LayerEdits.joint(model.id(), it.number() - 1, joint.getValue())));
    }
  }

  private void again(Layer layer) {
    desk.perform(LayerEdits.splitAsProposed(model.id(), layer.number() - 1));
  }

  private static double edge(Layer layer, Held held) {
    Box box = layer.cut().box();
    return held.across() ? box.minX() : box.minY();
  }

  private boolean typed(double mm) {
    Held chosen = which.getValue();
    return chosen != null
        && selected()
            .filter(it -> chosen.in(it.joints()))
            .map(
                it ->
                    take(
                        it,
                        it.joints().moved(chosen.across(), chosen.index(), edge(it, chosen) + mm)))
            .orElse(false);
  }

  private boolean take(Layer layer, Joints joints) {
    return desk.perform(
        LayerEdits.split(model.id(), layer.number() - 1, joints.across(), joints.along()));
  }

  /** Shows how the selected layer is cut apart. */
  void show() {
    selected()
        .ifPresent(
            it -> {
              showing = true;
              joint.setValue(it.joints().joint());
              Held before = which.getValue();
              List<Held> all = new ArrayList<>();
              for (int i = 0; i < it.joints().across().size(); i++) {
                all.add(new Held(it.number(), true, i));
              }
              for (int i = 0; i < it.joints().along().size(); i++) {
                all.add(new Held(it.number(), false, i));
              }
              which.getItems().setAll(all);
              which.setValue(all.contains(before) ? before : all.stream().findFirst().orElse(null));
              proposed.setDisable(!it.sheet().splits().placed());
              showing = false;
              showPlace();
            });
  }

  private void showPlace() {
    Held chosen = which.getValue();
    Optional<Layer> layer = selected().filter(it -> chosen != null && chosen.in(it.joints()));
    layer.ifPresentOrElse(
        it -> at.show(chosen.mm(it.joints()) - edge(it, chosen)), at::showNothing);
  }

  // == DRAGGED

  /** The joint under a place: of the selected layer, else of the one furthest in front. */
  private Optional<Held> under(Point place, double reachMm) {
    List<Layer> all = selected().map(List::of).orElseGet(() -> layers().reversed());
    for (Layer layer : all) {
      for (boolean across : List.of(true, false)) {
        List<Double> places = across ? layer.joints().across() : layer.joints().along();
        double own = across ? place.x() : place.y();
        for (int i = 0; i < places.size(); i++) {
          if (Math.abs(places.get(i) - own) <= reachMm
              && layer.cut().box().grown(reachMm).contains(place)) {
            return Optional.of(new Held(layer.number(), across, i));
          }
        }
      }
    }
    return Optional.empty();
  }

  @Override
  public boolean takes(Point place, double reachMm) {
    held = under(place, reachMm);
    return held.isPresent();
  }

  private Optional<Layer> layer(Held of) {
    return layers().stream().filter(it -> it.number() == of.layer()).findFirst();
  }

  @Override
  public void to(Point place) {
    held.ifPresent(
        it ->
            dragged =
                layer(it)
                    .filter(own -> it.in(own.joints()))
                    .map(
                        own ->
                            own.joints()
                                .moved(
                                    it.across(),
                                    it.index(),
                                    Math.rint(it.across() ? place.x() : place.y()))));
  }

  @Override
  public void drop() {
    Optional<Joints> to = dragged;
    dragged = Optional.empty();
    Optional<Layer> layer = held.flatMap(this::layer);
    held = Optional.empty();
    layer.ifPresent(
        own -> {
          model.select(own.number() - 1);
          to.ifPresentOrElse(it -> take(own, it), after);
        });
  }

  /** The joints of the selected layer; the one that is being dragged, with where it lies. */
  void draw(Pen pen) {
    if (held.isEmpty() || dragged.isEmpty()) {
      selected()
          .ifPresent(
              it -> pen.stroke(it.joints().cutLines(it.cut()), pen.colour(Ink.SELECTED), 2.2));
      return;
    }
    Held it = held.get();
    Joints joints = dragged.get();
    layer(it)
        .ifPresent(
            own -> {
              pen.stroke(joints.cutLines(own.cut()), pen.colour(Ink.SELECTED), 3);
              double mm = it.mm(joints);
              Box box = own.cut().box();
              Point words =
                  it.across() ? new Point(mm, box.centre().y()) : new Point(box.centre().x(), mm);
              pen.plate(
                  Display.length(mm - edge(own, it), desk.units()),
                  words,
                  pen.colour(Ink.SELECTED));
            });
  }
}
