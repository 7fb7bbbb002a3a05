package stoutblade.desktop.station.layers;

import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.layout.GridPane;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.LayerEdits;
import stoutblade.stack.Frame;
import stoutblade.stack.Sheet;

/** Hollows out the layers between the outer two: rim, ribs or holes, spine. */
final class HollowMenu {

  private final Desk desk;
  private final LayersModel model;
  private final MenuButton menu = new MenuButton(Texts.LAYERS.of("solid"));
  private final ComboBox<Frame.Way> way = new ComboBox<>();
  private final EntryField rim;
  private final EntryField rib;
  private final EntryField every;
  private final EntryField spine;
  private boolean showing;

  HollowMenu(Desk desk, LayersModel model) {
    this.desk = desk;
    this.model = model;
    rim = field("hollow-rim", mm -> it -> it.withRim(mm));
    rib = field("hollow-rib", mm -> it -> it.withRib(mm));
    every = field("hollow-every", mm -> it -> it.withEvery(mm));
    spine = field("hollow-spine", mm -> it -> it.withSpine(mm));
    way.setId("hollow-way");
    way.getItems().setAll(Frame.Way.values());
    way.setConverter(Choices.named(Frame.Way::words));
    way.setOnAction(
        event -> {
          if (!showing && way.getValue() != null) {
            change(it -> it.withWay(way.getValue()));
          }
        });
    GridPane grid = new GridPane(8, 6);
    grid.addRow(0, new Label(Texts.LAYERS.of("between-the-faces")), way);
    grid.addRow(1, new Label(Texts.LAYERS.of("rim-width")), rim);
    grid.addRow(2, new Label(Texts.LAYERS.of("rib-or-web-width")), rib);
    grid.addRow(3, new Label(Texts.LAYERS.of("from-one-to-the-next")), every);
    grid.addRow(4, new Label(Texts.LAYERS.of("solid-along-the-middle-0")), spine);
    Button solid = new Button(Texts.LAYERS.of("solid-again"));
    solid.setId("hollow-solid");
    solid.setOnAction(
        event -> {
          desk.perform(LayerEdits.hollow(model.id(), Optional.empty()));
          menu.hide();
        });
    grid.add(solid, 1, 5);
    menu.setId("hollow");
    menu.getItems().setAll(new CustomMenuItem(grid, false));
    menu.setOnShowing(event -> show());
  }

  private EntryField field(String id, DoubleFunction<UnaryOperator<Frame>> change) {
    EntryField field = EntryField.length(desk, mm -> change(change.apply(mm)));
    field.setId(id);
    field.setPrefColumnCount(5);
    return field;
  }

  MenuButton menu() {
    return menu;
  }

  private Optional<Frame> frame() {
    return model.layering().sheets().stream().flatMap(it -> it.frame().stream()).findFirst();
  }

  private boolean change(UnaryOperator<Frame> change) {
    return desk.attempt(
        () ->
            LayerEdits.hollow(model.id(), Optional.of(change.apply(frame().orElse(Frame.USUAL)))));
  }

  /** True where there is something between two faces. */
  boolean possible() {
    return model.layering().sheets().size() > 2
        || model.layering().sheets().stream().map(Sheet::frame).anyMatch(Optional::isPresent);
  }

  void show() {
    Frame now = frame().orElse(Frame.USUAL);
    showing = true;
    menu.setText(
        frame()
            .map(it -> Texts.LAYERS.of("hollow", it.way().words()))
            .orElse(Texts.LAYERS.of("solid")));
    way.setValue(frame().map(Frame::way).orElse(null));
    rim.show(now.rimMm());
    rib.show(now.ribMm());
    every.show(now.everyMm());
    spine.show(now.spineMm());
    showing = false;
  }
}
