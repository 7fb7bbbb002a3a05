package stoutblade.desktop.station.layers;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import stoutblade.build.Closing;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.shell.Chips;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.shell.TrayMenu;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.LayerEdits;
import stoutblade.measure.Display;
import stoutblade.stack.Band;
import stoutblade.stack.Sheet;

/** The layers as a row from the back to the front, and what is decided about the selected one. */
final class StackTray {

  static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");

  private static final double CLOSING_WIDE = 780;
  private static final double AROUND = 30;
  private static final double BAND_WIDE = 130;

  private final Desk desk;
  private final LayersModel model;
  private final Runnable after;
  private final Chips chips = new Chips();
  private final Tray one = new Tray();
  private final Tray all = new Tray();
  private final ComboBox<SheetMaterial> foam = new ComboBox<>();
  private final ComboBox<Double> thickness = new ComboBox<>();
  private final CheckBox oversize = new CheckBox(Texts.LAYERS.of("glue-large-then-trim"));
  private final CheckBox turned = new CheckBox(Texts.LAYERS.of("texture-to-the-back"));
  private final ComboBox<Optional<SheetMaterial>> bandFoam = new ComboBox<>();
  private final ComboBox<Double> bandThickness = new ComboBox<>();
  private final Label closing = new Label();
  private final EntryField allowance;
  private final Button add = button("add-layer", Key.ADD.on(Texts.LAYERS.of("add")), this::add);
  private final Button back = button("layer-back", Texts.LAYERS.of("back"), () -> move(-1));
  private final Button front = button("layer-front", Texts.LAYERS.of("front"), () -> move(1));
  private final Button draw = button("layer-outline", Texts.LAYERS.of("own-outline"), this::draw);
  private final Button out = button("remove-layer", Texts.LAYERS.of("out-del"), this::remove);
  private final HollowMenu hollow;
  private final SplitDesk splits;
  private String laidOut = "";
  private boolean showing;

  StackTray(Desk desk, LayersModel model, SplitDesk splits, Runnable after) {
    this.desk = desk;
    this.model = model;
    this.splits = splits;
    this.after = after;
    this.hollow = new HollowMenu(desk, model);
    all.widthProperty()
        .addListener(
            it -> {
              chips.within(all.getWidth());
              closing.setPrefWidth(Math.clamp(all.getWidth() - AROUND, 0, CLOSING_WIDE));
            });
    foam.getItems().setAll(desk.catalogue().sheets());
    foam.setConverter(Choices.named(SheetMaterial::name));
    foam.setId("foam");
    foam.setPrefWidth(160);
    foam.setOnAction(event -> chooseFoam());
    thickness.setConverter(Choices.named(mm -> Display.length(mm, desk.units())));
    thickness.setId("thickness");
    thickness.setOnAction(event -> chooseThickness());
    oversize.setId("oversize");
    oversize.setOnAction(
        event ->
            one(
                Texts.LAYERS.of("glue-large-then-trim-edit"),
                it -> it.withOversize(oversize.isSelected())));
    turned.setId("turned");
    turned.setOnAction(
        event ->
            one(Texts.LAYERS.of("turn-a-sheet-over"), it -> it.withTurned(turned.isSelected())));
    allowance = EntryField.length(desk, mm -> desk.perform(LayerEdits.allowance(model.id(), mm)));
    allowance.setId("allowance");
    allowance.setPrefColumnCount(5);
    bandFoam.getItems().add(Optional.empty());
    desk.catalogue().sheets().forEach(it -> bandFoam.getItems().add(Optional.of(it)));
    bandFoam.setConverter(
        Choices.named(it -> it.map(SheetMaterial::shortName).orElse(Texts.LAYERS.of("none"))));
    bandFoam.setId("band-foam");
    bandFoam.setAccessibleText(Texts.LAYERS.of("sheet-of-the-band"));
    bandFoam.setPrefWidth(BAND_WIDE);
    bandFoam.setOnAction(event -> chooseBand());
    bandThickness.setConverter(Choices.named(mm -> Display.length(mm, desk.units())));
    bandThickness.setId("band-thickness");
    bandThickness.setAccessibleText(Texts.LAYERS.of("thickness-of-the-band"));
    bandThickness.setOnAction(event -> chooseBandThickness());
    bandThickness.managedProperty().bind(bandThickness.visibleProperty());
    closing.setId("closing");
    WrappedText.in(closing);
    closing.setPrefWidth(CLOSING_WIDE);
    closing.minHeightProperty().set(Region.USE_PREF_SIZE);
    closing.managedProperty().bind(closing.visibleProperty());
    closing.getStyleClass().add(Style.SOFT);
    turned.managedProperty().bind(turned.visibleProperty());
  }

  /** The trays, from the top: of the selected layer, where one is, and of all. */
  List<Tray> trays() {
    return model.selected().isPresent() ? List.of(one, all) : List.of(all);
  }

  private Button button(String id, String words, Runnable action) {
    return Tray.button(id, words, action, this::afterwards);
  }

  /** Buttons are made before what follows is known. */
  private void afterwards() {
    after.run();
  }

  private void one(String name, UnaryOperator<Sheet> change) {
    if (!showing) {
      model
          .selected()
          .ifPresent(it -> desk.perform(LayerEdits.sheet(model.id(), it, name, change)));
    }
  }

  /** Adds a layer in front of the selected one, or of all. */
  void add() {
    int at = model.selected().orElse(model.layering().sheets().size() - 1);
    desk.perform(
        LayerEdits.add(model.id(), at),
        () -> {
          model.select(at + 1);
          after.run();
        });
  }

  void remove() {
    model
        .selected()
        .ifPresent(
            it ->
                desk.perform(
                    LayerEdits.remove(model.id(), it),
                    () -> {
                      model.select(Math.max(0, it - 1));
                      after.run();
                    }));
  }

  private void move(int by) {
    model
        .selected()
        .ifPresent(
            it -> {
              int most = model.layering().sheets().size() - 1;
              desk.perform(
                  LayerEdits.move(model.id(), it, by),
                  () -> model.select(Math.clamp(it + by, 0, most)));
            });
  }

  private void draw() {
    model.selected().ifPresent(desk::goToLayer);
  }

  /** The selected layer; where none is, the one in the middle stands for all. */
  private Sheet looked() {
    return model
        .selected()
        .map(it -> model.layering().sheets().get(it))
        .orElse(model.layering().middle());
  }

  private void choose(String materialId, double mm) {
    desk.perform(
        model
            .selected()
            .map(it -> LayerEdits.material(model.id(), it, materialId, mm))
            .orElseGet(() -> LayerEdits.material(model.id(), materialId, mm)));
  }

  private void chooseFoam() {
    SheetMaterial chosen = foam.getValue();
    if (showing || chosen == null) {
      return;
    }
    double wanted = looked().thicknessMm();
    double nearest =
        chosen.thicknessesMm().stream()
            .min((a, b) -> Double.compare(Math.abs(a - wanted), Math.abs(b - wanted)))
            .orElseThrow();
    choose(chosen.id(), nearest);
  }

  // == THE BAND ROUND THE EDGE

  private void chooseBand() {
    if (showing || bandFoam.getValue() == null) {
      return;
    }
    desk.perform(
        bandFoam
            .getValue()
            .map(it -> LayerEdits.band(model.id(), it.id(), it.thicknessesMm().getFirst()))
            .orElseGet(() -> LayerEdits.noBand(model.id())));
  }

  private void chooseBandThickness() {
    if (!showing && bandThickness.getValue() != null) {
      model
          .layering()
          .band()
          .ifPresent(
              it ->
                  desk.perform(
                      LayerEdits.band(model.id(), it.materialId(), bandThickness.getValue())));
    }
  }

  private void showBand() {
    Optional<Band> band = model.layering().band();
    Optional<SheetMaterial> own = band.flatMap(it -> desk.catalogue().sheet(it.materialId()));
    bandFoam.setValue(own);
    bandThickness.setVisible(own.isPresent());
    bandThickness
        .getItems()
        .setAll(
            own.map(SheetMaterial::thicknessesMm).orElse(List.of()).stream()
                .filter(it -> it <= Band.THICKEST_MM)
                .toList());
    bandThickness.setValue(band.map(Band::thicknessMm).orElse(null));
  }

  /** What has to be done before each layer goes on. */
  private String closings() {
    return model
        .layered()
        .map(
            it ->
                Closing.of(it.form(), it.layers(), it.core()).stream()
                    .map(Closing::words)
                    .collect(Collectors.joining(".  ")))
        .filter(it -> !it.isEmpty())
        .map(it -> it + ".")
        .orElse("");
  }

  private void chooseThickness() {
    if (!showing && thickness.getValue() != null) {
      choose(looked().materialId(), thickness.getValue());
    }
  }

  /** The foam of one layer or of all; what else is decided is about one. */
  private void layOut(boolean selected) {
    String key = (selected ? "one" : "all") + hollow.possible() + splits.needed();
    if (key.equals(laidOut)) {
      return;
    }
    laidOut = key;
    one.getChildren().clear();
    all.getChildren().clear();
    all.with(Texts.LAYERS.of("layers-back-to-front"), chips)
        .with(" ", add)
        .with(Texts.LAYERS.of("cut-outside-the-line-by"), allowance)
        .with(Texts.LAYERS.of("band-round-the-edge"), new HBox(6, bandFoam, bandThickness));
    Tray tray = selected ? one : all;
    tray.with(
            selected ? Texts.LAYERS.of("sheet-of-this-layer") : Texts.LAYERS.of("sheet-all-layers"),
            foam)
        .with(
            selected ? Texts.LAYERS.of("its-thickness") : Texts.LAYERS.of("each-layer"), thickness);
    if (hollow.possible()) {
      all.with(Texts.LAYERS.of("layers-between"), hollow.menu());
    }
    all.with(closing);
    if (selected) {
      one.with(turned)
          .with(" ", oversize)
          .with(" ", draw)
          .with(" ", back)
          .with(" ", front)
          .with(" ", out);
      if (splits.needed()) {
        splits.into(one);
      }
    }
  }

  /** Shows the layers. */
  void show() {
    List<Sheet> sheets = model.layering().sheets();
    chips.getChildren().clear();
    for (int i = 0; i < sheets.size(); i++) {
      chips.getChildren().add(chip(sheets.get(i), i));
    }
    allowance.show(model.layering().allowanceMm());
    boolean selected = model.selected().isPresent();
    layOut(selected);
    closing.setText(closings());
    closing.setVisible(!closing.getText().isEmpty());
    Sheet sheet = looked();
    showing = true;
    showBand();
    hollow.show();
    splits.show();
    SheetMaterial own = desk.catalogue().sheet(sheet.materialId()).orElse(null);
    foam.setValue(own);
    thickness.getItems().setAll(own == null ? List.of() : own.thicknessesMm());
    thickness.setValue(sheet.thicknessMm());
    oversize.setSelected(sheet.oversize());
    turned.setSelected(sheet.turned());
    turned.setVisible(own != null && own.textured());
    showing = false;
  }

  private Button chip(Sheet sheet, int index) {
    Button chip =
        new Button((index + 1) + "\n" + Display.length(sheet.thicknessMm(), desk.units()));
    chip.setId("layer-" + (index + 1));
    chip.setContentDisplay(ContentDisplay.TEXT_ONLY);
    chip.getStyleClass().add(Style.STRIP_CARD);
    chip.pseudoClassStateChanged(CURRENT, model.selected().filter(it -> it == index).isPresent());
    chip.setOnAction(
        event -> {
          boolean again = model.selected().filter(it -> it == index).isPresent();
          model.select(again ? -1 : index);
          after.run();
        });
    chip.setOnContextMenuRequested(
        event -> {
          if (model.selected().filter(it -> it == index).isEmpty()) {
            chip.fire();
          }
          // Selecting made the chips anew: what is on the screen now carries the menu.
          TrayMenu.of(one)
              .show(chips.getScene().getWindow(), event.getScreenX(), event.getScreenY());
          event.consume();
        });
    return chip;
  }
}
