package stoutblade.desktop.station.layers;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import stoutblade.derive.Derived;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Meshes;
import stoutblade.desktop.Style;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.RunsUnder;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.shell.Trays;
import stoutblade.desktop.station.Layered;
import stoutblade.desktop.station.SectionDesk;
import stoutblade.desktop.station.Surface;
import stoutblade.desktop.texts.Texts;
import stoutblade.project.Station;

/** Layers: which sheets, worked to which section; in section, taken apart, finished. */
public final class LayersSurface implements Surface {

  private final LayersModel model;
  private final SectionDesk section;
  private final ApartView apart;
  private final FinishedView finished;
  private final FindPane find;
  private final SplitDesk splits;
  private final StackTray stack;
  private final ProfileTray profile;
  private final SliceDesk slices;
  private final Desk desk;
  private final BorderPane node = new BorderPane();
  private final Trays below = new Trays();
  private final Slider pull = new Slider(0, 2, 1);
  private final HBox pulling = new HBox(8);
  private final EntryField at;
  private final Map<LayersModel.View, ToggleButton> views = new EnumMap<>(LayersModel.View.class);
  private final HBox above = new HBox(8);
  private final RunsUnder middle = new RunsUnder(above);

  /** The surface. */
  public LayersSurface(Desk desk, BackgroundTasks tasks, Meshes meshes) {
    this.desk = desk;
    this.slices = new SliceDesk(desk, tasks, meshes);
    this.model = new LayersModel(desk);
    this.splits = new SplitDesk(desk, model, this::after);
    this.section = new SectionDesk(desk, Station.LAYERS, splits::draw);
    section.setGrip(splits);
    this.apart = new ApartView("apart-mat", () -> model.selected().orElse(-1));
    this.finished = new FinishedView(desk, tasks, model);
    this.find = new FindPane(desk, tasks, model);
    this.stack = new StackTray(desk, model, splits, this::after);
    this.profile = new ProfileTray(desk, model, section::stationMm, this::after);
    at =
        EntryField.length(
            desk,
            mm -> {
              section.moveStation(mm);
              return true;
            });
    at.setId("section-at");
    at.setPrefColumnCount(5);
    ToggleGroup group = new ToggleGroup();
    for (LayersModel.View view : LayersModel.View.values()) {
      ToggleButton button = new ToggleButton(view.words());
      button.setId("view-" + view.name().toLowerCase(Locale.ROOT));
      button.setToggleGroup(group);
      button.setOnAction(event -> look(view));
      views.put(view, button);
      above.getChildren().add(button);
    }
    pull.setId("pull-apart");
    pull.setPrefWidth(110);
    pull.valueProperty().addListener((it, was, is) -> apart.setApart(is.doubleValue()));
    Label words = new Label(Texts.LAYERS.of("pulled-apart"));
    words.getStyleClass().add(Style.SOFT);
    words.setLabelFor(pull);
    pulling.getChildren().setAll(pull, words);
    pulling.setAlignment(Pos.CENTER_LEFT);
    pulling.managedProperty().bind(pulling.visibleProperty());
    above.getChildren().add(pulling);
    node.setCenter(middle);
    node.setBottom(below);
  }

  @Override
  public Node node() {
    return node;
  }

  private void look(LayersModel.View view) {
    model.setView(view);
    show(desk.derived());
  }

  private void after() {
    show(desk.derived());
    apart.node().redraw();
  }

  /** The model that is sliced, where that is what is looked at. */
  private Optional<String> sliced() {
    String looked = desk.partProperty().get();
    return Optional.of(looked)
        .filter(it -> it.startsWith(Desk.SLICE))
        .map(it -> it.substring(Desk.SLICE.length()))
        .filter(it -> desk.prop().size().model(it).isPresent());
  }

  @Override
  public void show(Derived derived) {
    if (sliced().isPresent()) {
      node.setBottom(slices.tray());
      node.setCenter(slices.node());
      slices.show(sliced().get());
      return;
    }
    node.setBottom(below);
    node.setCenter(middle);
    Optional<Layered> layered = model.layered();
    LayersModel.View view = model.view();
    views.get(view).setSelected(true);
    pulling.setVisible(view == LayersModel.View.APART);
    switch (view) {
      case SECTION -> middle.show(section);
      case APART -> middle.show(apart.node());
      case FINISHED, OFF -> middle.show(finished.node());
      case FIND -> middle.show(find.node());
    }
    // Behind another view the section still tells its figures.
    section.show(derived, desk.looked());
    if (!Double.isNaN(section.stationMm())) {
      at.show(section.stationMm());
    }
    switch (view) {
      case SECTION -> {}
      case APART -> apart.show(layered.map(it -> Pile.of(it, desk.units())));
      case FINISHED, OFF -> finished.show(layered);
      case FIND -> find.show();
    }
    if (view == LayersModel.View.FIND) {
      // A stack is found for all layers.
      model.select(-1);
    }
    stack.show();
    profile.show(at);
    if (view == LayersModel.View.FIND || layered.isEmpty()) {
      below.show(List.of());
    } else {
      List<Tray> trays = new ArrayList<>(stack.trays());
      trays.add(profile.tray());
      below.show(trays);
    }
  }

  @Override
  public boolean key(KeyEvent event) {
    if (sliced().isPresent()) {
      return false;
    }
    if (Key.PREVIOUS.is(event)) {
      look(model.view().step(-1));
    } else if (Key.NEXT.is(event)) {
      look(model.view().step(1));
    } else if (Key.ADD.is(event)) {
      stack.add();
    } else if (Key.REMOVE.is(event)) {
      stack.remove();
    } else {
      return false;
    }
    return true;
  }
}
