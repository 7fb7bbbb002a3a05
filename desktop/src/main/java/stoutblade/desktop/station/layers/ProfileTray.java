package stoutblade.desktop.station.layers;

import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.DoubleSupplier;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.shell.Chips;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.LayerEdits;
import stoutblade.measure.Display;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/** The cross-section that the layers are worked to. */
final class ProfileTray {

  private final Desk desk;
  private final LayersModel model;
  private final Tray tray = new Tray();
  private final ComboBox<Profile.Kind> kind = new ComboBox<>();
  private final EntryField bevel;
  private final EntryField edge;
  private final EntryField round;
  private final EntryField tip;
  private final EntryField steps;
  private final CurvePad bends;
  private final DoubleSupplier station;
  private final Runnable after;
  private final Chips chips = new Chips();
  private final Button another;
  private final Button out;
  private final EntryField from;
  private final EntryField over;
  private final CheckBox flatBack = new CheckBox(Texts.LAYERS.of("flat-back"));
  private String laidOut = "";
  private boolean showing;

  /**
   * The tray.
   *
   * @param station where the section is taken, in mm along
   * @param after what follows when another section is looked at
   */
  ProfileTray(Desk desk, LayersModel model, DoubleSupplier station, Runnable after) {
    this.desk = desk;
    this.model = model;
    this.station = station;
    this.after = after;
    tray.widthProperty().addListener(it -> chips.within(tray.getWidth()));
    another =
        Tray.button(
            "another-section", Texts.LAYERS.of("new-profile-from-here"), this::another, () -> {});
    out = Tray.button("remove-section", Texts.LAYERS.of("take-out"), this::takeOut, () -> {});
    from =
        EntryField.length(
            desk, mm -> desk.perform(LayerEdits.sectionFrom(model.id(), model.section(), mm)));
    from.setId("along-from");
    over =
        EntryField.length(
            desk, mm -> desk.perform(LayerEdits.sectionOver(model.id(), model.section(), mm)));
    over.setId("along-over");
    kind.getItems().setAll(Profile.Kind.values());
    kind.setConverter(Choices.named(Profile.Kind::title));
    kind.setId("profile");
    kind.setOnAction(
        event -> {
          if (!showing && kind.getValue() != null) {
            desk.perform(LayerEdits.kind(model.id(), model.section(), kind.getValue()));
          }
        });
    bevel = length("bevel", Texts.LAYERS.of("bevel-width"), mm -> it -> it.withWidth(mm));
    edge = length("edge", Texts.LAYERS.of("edge-thickness"), mm -> it -> it.withEdge(mm));
    round = length("round", Texts.LAYERS.of("round-the-edge"), mm -> it -> it.withRound(mm));
    tip =
        EntryField.number(
            desk,
            "%",
            () -> Texts.LAYERS.of("a-share-of-the-full"),
            share -> change(Texts.LAYERS.of("taper"), it -> it.withTip(share / 100)));
    tip.setId("taper");
    steps =
        EntryField.number(
            desk,
            "",
            () -> Texts.LAYERS.of("how-many-steps"),
            count -> change(Texts.LAYERS.of("steps"), it -> it.withSteps((int) Math.rint(count))));
    steps.setId("steps");
    bends =
        new CurvePad(
            places -> change(Texts.LAYERS.of("bend-the-curve"), it -> it.withCurve(places)));
    for (EntryField field : List.of(bevel, edge, round, tip, steps, from, over)) {
      field.setPrefColumnCount(5);
    }
    flatBack.setId("flat-back");
    flatBack.setOnAction(
        event -> {
          if (!showing) {
            change(Texts.LAYERS.of("flat-back-edit"), it -> it.withFlatBack(flatBack.isSelected()));
          }
        });
  }

  Tray tray() {
    return tray;
  }

  private EntryField length(String id, String name, DoubleFunction<UnaryOperator<Profile>> change) {
    EntryField field = EntryField.length(desk, mm -> change(name, change.apply(mm)));
    field.setId(id);
    return field;
  }

  private boolean change(String name, UnaryOperator<Profile> change) {
    return desk.perform(LayerEdits.profile(model.id(), model.section(), name, change));
  }

  // == SECTIONS ALONG

  private void another() {
    double near = model.layered().map(it -> it.layers().solid().near()).orElse(0.0);
    double from = station.getAsDouble() - near;
    desk.perform(
        LayerEdits.addSection(model.id(), from),
        () -> {
          model.lookAtSection(LayerEdits.sectionAt(model.layering(), from));
          after.run();
        });
  }

  private void takeOut() {
    int number = model.section();
    if (number > 0) {
      desk.perform(
          LayerEdits.removeSection(model.id(), number),
          () -> {
            model.lookAtSection(number - 1);
            after.run();
          });
    }
  }

  private Button chip(int number) {
    Layering layering = model.layering();
    double from = number == 0 ? 0 : layering.changes().get(number - 1).fromMm();
    Button chip =
        new Button(
            Texts.LAYERS.of(
                "from",
                LayerEdits.section(layering, number).kind().title(),
                Display.length(from, desk.units())));
    chip.setId("along-" + (number + 1));
    chip.getStyleClass().add(Style.STRIP_CARD);
    chip.pseudoClassStateChanged(StackTray.CURRENT, model.section() == number);
    chip.setOnAction(
        event -> {
          model.lookAtSection(number);
          after.run();
        });
    return chip;
  }

  void show(EntryField at) {
    Layering layering = model.layering();
    int section = model.section();
    Profile profile = LayerEdits.section(layering, section);
    String key = profile.kind() + " " + (section > 0) + layering.changes().isEmpty();
    if (!key.equals(laidOut)) {
      laidOut = key;
      layOut(profile.kind(), at, section > 0);
    }
    chips.getChildren().clear();
    for (int i = 0; i <= layering.changes().size(); i++) {
      chips.getChildren().add(chip(i));
    }
    if (section > 0) {
      from.show(layering.changes().get(section - 1).fromMm());
      over.show(layering.changes().get(section - 1).overMm());
    }
    showing = true;
    kind.setValue(profile.kind());
    flatBack.setSelected(profile.flatBack());
    showing = false;
    bevel.show(profile.widthMm());
    edge.show(profile.edgeMm());
    round.show(profile.roundMm());
    tip.show(profile.tip() * 100);
    steps.show(profile.steps());
    bends.show(profile.curve());
  }

  /** Only what the kind asks for. */
  private void layOut(Profile.Kind chosen, EntryField at, boolean follows) {
    tray.getChildren().clear();
    if (!model.layering().changes().isEmpty()) {
      tray.with(Texts.LAYERS.of("sections-along"), chips);
    }
    tray.with(Texts.LAYERS.of("cross-section"), kind);
    if (follows) {
      tray.with(Texts.LAYERS.of("from-along"), from).with(Texts.LAYERS.of("goes-over-in"), over);
    }
    boolean wide = !chosen.across() && chosen != Profile.Kind.FLAT;
    if (wide) {
      tray.with(
          chosen == Profile.Kind.BEVEL
              ? Texts.LAYERS.of("bevel-width")
              : Texts.LAYERS.of("over-a-width-of"),
          bevel);
    }
    if (chosen != Profile.Kind.FLAT) {
      tray.with(Texts.LAYERS.of("edge-thickness"), edge);
    }
    if (chosen == Profile.Kind.STEPPED) {
      tray.with(Texts.LAYERS.of("steps"), steps);
    }
    if (chosen == Profile.Kind.FREE) {
      tray.with(Texts.LAYERS.of("from-edge-to-ridge-click"), bends.node());
    }
    if (!follows) {
      tray.with(Texts.LAYERS.of("edge-rounded-by"), round)
          .with(Texts.LAYERS.of("thickness-at-the-far-end"), tip)
          .with(" ", flatBack);
    }
    tray.with(Texts.LAYERS.of("section-at"), at).with(" ", another);
    if (follows) {
      tray.with(" ", out);
    }
  }
}
