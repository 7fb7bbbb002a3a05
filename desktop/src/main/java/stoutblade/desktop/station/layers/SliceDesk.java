package stoutblade.desktop.station.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoublePredicate;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.BorderPane;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Meshes;
import stoutblade.desktop.Style;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Change;
import stoutblade.edit.PartEdits;
import stoutblade.formats.ModelFile;
import stoutblade.measure.Display;
import stoutblade.mesh.Mesh;
import stoutblade.part.Part;
import stoutblade.part.Slices;
import stoutblade.reference.Model;
import stoutblade.reference.ModelSize;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.slice.Fitted;
import stoutblade.slice.Sliced;
import stoutblade.slice.SlicedFigures;
import stoutblade.slice.Slicer;
import stoutblade.slice.Slicing;

/** A model cut into layers: how, and what comes of it, taken apart. */
final class SliceDesk {

  private static final double USUAL_WALL_MM = 25;
  private static final double USUAL_PEG_MM = 9;

  private final Desk desk;
  private final BackgroundTasks tasks;
  private final Meshes meshes;
  private final ApartView apart = new ApartView("slice-mat", () -> -1);
  private final Label note = apart.node().note("slice-note", 520);
  private final BorderPane node = new BorderPane(apart.node());
  private final Tray tray = new Tray();
  private final ComboBox<View> along = new ComboBox<>();
  private final ComboBox<SheetMaterial> foam = new ComboBox<>();
  private final ComboBox<Double> thickness = new ComboBox<>();
  private final CheckBox hollow = new CheckBox(Texts.LAYERS.of("hollow-walls-of"));
  private final EntryField wall;
  private final CheckBox pegged = new CheckBox(Texts.LAYERS.of("pegs-of"));
  private final EntryField peg;
  private final Button slice = new Button(Texts.LAYERS.of("slice-it"));
  private final Button keep = new Button(Texts.LAYERS.of("keep-as-a-part"));
  private final Button inPlace = new Button(Texts.LAYERS.of("keep-in-place-of-the"));
  private final CheckBox fit = new CheckBox(Texts.LAYERS.of("fitted-to-its-height"));
  private final EntryField leaned;
  private final EntryField turned;
  private final Slider pull = new Slider(0, 3, 1);
  private String modelId = "";
  private double lean;
  private double turn;
  private double wallMm = USUAL_WALL_MM;
  private double pegMm = USUAL_PEG_MM;
  private Optional<Sliced> sliced = Optional.empty();
  private double slicedPegMm;
  private boolean showing;

  SliceDesk(Desk desk, BackgroundTasks tasks, Meshes meshes) {
    this.desk = desk;
    this.tasks = tasks;
    this.meshes = meshes;
    meshes.whenChanged(
        () -> {
          if (!modelId.isEmpty()) {
            enable();
          }
        });
    along.setId("slice-along");
    along.getItems().setAll(View.values());
    along.setConverter(
        Choices.named(it -> Texts.LAYERS.of("square-to-the", it.words().toLowerCase(Locale.ROOT))));
    along.setValue(View.TOP);
    foam.setId("slice-foam");
    foam.getItems().setAll(desk.catalogue().sheets());
    foam.setConverter(Choices.named(SheetMaterial::shortName));
    foam.setPrefWidth(176);
    foam.setOnAction(event -> offer());
    thickness.setId("slice-thickness");
    thickness.setConverter(Choices.named(mm -> Display.length(mm, desk.units())));
    wall =
        EntryField.length(
            desk,
            mm -> {
              wallMm = mm;
              hollow.setSelected(true);
              return true;
            });
    peg =
        EntryField.length(
            desk,
            mm -> {
              pegMm = mm;
              pegged.setSelected(true);
              return true;
            });
    hollow.setId("slice-hollow");
    wall.setId("slice-wall");
    wall.setPrefColumnCount(5);
    pegged.setId("slice-pegged");
    pegged.setSelected(true);
    peg.setId("slice-peg");
    peg.setPrefColumnCount(5);
    slice.setId("slice-it");
    slice.getStyleClass().add(Style.PRIMARY);
    slice.setOnAction(event -> start());
    keep.setId("slice-keep");
    keep.setOnAction(event -> keep());
    inPlace.setId("slice-in-place");
    inPlace.setOnAction(event -> keepInPlace());
    inPlace.managedProperty().bind(inPlace.visibleProperty());
    fit.setId("slice-fit");
    leaned = degrees(it -> tip(it, turn));
    leaned.setId("slice-lean");
    turned = degrees(it -> tip(lean, it));
    turned.setId("slice-turn");
    leaned.setPrefColumnCount(4);
    turned.setPrefColumnCount(4);
    pull.setId("slice-pull");
    pull.setPrefWidth(100);
    pull.valueProperty().addListener((it, was, is) -> apart.setApart(is.doubleValue()));
    tray.with(" ", slice)
        .with(" ", keep)
        .with(" ", inPlace)
        .with(Texts.LAYERS.of("layers-lie"), along)
        .with(Texts.LAYERS.of("leaned-by"), leaned)
        .with(Texts.LAYERS.of("turned-by"), turned)
        .with(Texts.LAYERS.of("sheet"), foam)
        .with(Texts.LAYERS.of("each-layer"), thickness)
        .with(" ", fit)
        .with(" ", hollow)
        .with(" ", wall)
        .with(" ", pegged)
        .with(" ", peg)
        .with(Texts.LAYERS.of("pulled-apart-label"), pull);
  }

  private EntryField degrees(DoublePredicate change) {
    return EntryField.number(
        desk,
        "°",
        () -> Texts.LAYERS.of("an-angle-in-degrees-from"),
        it -> change.test(Math.toRadians(it)));
  }

  private boolean tip(double leaning, double turning) {
    if (Math.abs(leaning) > Math.PI / 2 || Math.abs(turning) > Math.PI / 2) {
      desk.say(Texts.LAYERS.of("layers-lean-and-turn-by"));
      return false;
    }
    lean = leaning;
    turn = turning;
    return true;
  }

  BorderPane node() {
    return node;
  }

  Tray tray() {
    return tray;
  }

  private Optional<Model> model() {
    return desk.prop().size().model(modelId);
  }

  private Optional<Double> perUnit() {
    return Optional.ofNullable(desk.reckoned().sizing().models().get(modelId))
        .flatMap(ModelSize::perUnit);
  }

  void show(String id) {
    if (!id.equals(modelId)) {
      modelId = id;
      sliced = Optional.empty();
    }
    if (foam.getValue() == null) {
      foam.setValue(desk.catalogue().sheet(desk.prop().defaults().materialId()).orElse(null));
      offer();
    }
    leaned.show(Math.toDegrees(lean));
    turned.show(Math.toDegrees(turn));
    wall.show(wallMm);
    peg.show(pegMm);
    enable();
    look();
  }

  private void offer() {
    if (showing || foam.getValue() == null) {
      return;
    }
    showing = true;
    Double was = thickness.getValue();
    List<Double> there = foam.getValue().thicknessesMm();
    thickness.getItems().setAll(there);
    thickness.setValue(
        was != null && there.contains(was)
            ? was
            : there.stream().filter(it -> it >= 10).findFirst().orElse(there.getLast()));
    showing = false;
  }

  /** Says what is missing before it can be sliced. */
  private void enable() {
    boolean read = model().flatMap(meshes::file).isPresent();
    slice.setDisable(!read || perUnit().isEmpty());
    keep.setDisable(sliced.isEmpty());
    inPlace.setDisable(sliced.isEmpty());
    inPlace.setVisible(before().isPresent());
    before().ifPresent(it -> inPlace.setText(Texts.LAYERS.of("keep-in-place-of", it.name())));
    if (perUnit().isEmpty()) {
      note.setText(Texts.LAYERS.of("say-at-size-how-large"));
    } else if (sliced.isEmpty()) {
      note.setText(Texts.LAYERS.of("choose-the-foam-then-slice"));
    } else {
      note.setText("");
    }
    note.setVisible(!note.getText().isEmpty());
  }

  /** How it is sliced, as it is chosen; the sheets are fitted to the height later. */
  private Slicing slicing(double pegs) {
    return new Slicing(
        along.getValue(),
        lean,
        turn,
        List.of(thickness.getValue()),
        hollow.isSelected() ? wallMm : 0,
        pegs,
        foam.getValue().largest().widthMm(),
        foam.getValue().largest().lengthMm());
  }

  private static Slicing fitted(
      Slicing slicing, Mesh mesh, Orientation orientation, double mm, SheetMaterial foam) {
    double high = Slicer.high(mesh, orientation, mm, slicing);
    return slicing.withSheets(Fitted.sheets(foam, slicing.sheets().getFirst(), high));
  }

  private void start() {
    Optional<ModelFile> file = model().flatMap(meshes::file);
    if (file.isEmpty() || perUnit().isEmpty() || foam.getValue() == null) {
      return;
    }
    String of = modelId;
    Model model = model().orElseThrow();
    double mm = perUnit().get();
    double pegs = pegged.isSelected() ? pegMm : 0;
    SheetMaterial chosen = foam.getValue();
    boolean toHeight = fit.isSelected();
    Slicing slicing;
    try {
      slicing = slicing(pegs);
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
      return;
    }
    slice.setDisable(true);
    tasks.start(
        Texts.LAYERS.of("slicing", model.name()),
        progress -> {
          Mesh mesh = file.get().mesh();
          Slicing how = toHeight ? fitted(slicing, mesh, model.orientation(), mm, chosen) : slicing;
          return Slicer.of(mesh, model.orientation(), mm, how, progress);
        },
        found -> {
          if (of.equals(modelId)) {
            sliced = Optional.of(found);
            slicedPegMm = pegs;
            look();
          }
        },
        this::enable);
  }

  private void look() {
    apart.show(sliced.map(it -> Pile.of(it, slicedPegMm, desk.units())));
    desk.besideProperty()
        .set(sliced.map(it -> SlicedFigures.of(it, foam.getValue())).orElse(new ArrayList<>()));
  }

  /** The part that was sliced from this model before. */
  private Optional<Part> before() {
    return desk.prop().parts().stream()
        .filter(it -> it.slices().filter(own -> own.origin().modelId().equals(modelId)).isPresent())
        .findFirst();
  }

  private Slices.Origin origin(Sliced it) {
    String name =
        model().map(Model::name).orElse(Texts.LAYERS.of("model")).replaceAll("\\.[A-Za-z]+$", "");
    return new Slices.Origin(name, modelId, it.perUnit());
  }

  private void keep() {
    sliced.ifPresent(
        it -> {
          Slices.Origin origin = origin(it);
          kept(
              PartEdits.addSliced(
                  Texts.LAYERS.of("in-layers", origin.name()),
                  origin,
                  it,
                  foam.getValue().id(),
                  slicedPegMm));
        });
  }

  private void keepInPlace() {
    sliced.ifPresent(
        it ->
            before()
                .ifPresent(
                    old ->
                        kept(
                            PartEdits.slicedAnew(
                                old.id(), origin(it), it, foam.getValue().id(), slicedPegMm))));
  }

  private void kept(Change edit) {
    desk.perform(
        edit,
        () -> {
          desk.say(Texts.LAYERS.of("kept-as-a-part-its"));
          enable();
        });
  }
}
