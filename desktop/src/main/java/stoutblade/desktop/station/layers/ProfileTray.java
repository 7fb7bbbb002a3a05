package stoutblade.desktop.station.layers;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.project.LayerEdits;
import stoutblade.shape.Point;
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
  private final EntryField bendIn;
  private final EntryField bendHigh;
  private final CheckBox flatBack = new CheckBox("flat back");
  private String laidOut = "";
  private boolean showing;

  ProfileTray(Desk desk, LayersModel model) {
    this.desk = desk;
    this.model = model;
    kind.getItems().setAll(Profile.Kind.values());
    kind.setConverter(Choices.named(Profile.Kind::title));
    kind.setId("profile");
    kind.setOnAction(
        event -> {
          if (!showing && kind.getValue() != null) {
            desk.perform(LayerEdits.kind(model.id(), kind.getValue()));
          }
        });
    bevel = length("bevel", "Bevel width", mm -> it -> it.withWidth(mm));
    edge = length("edge", "Edge thickness", mm -> it -> it.withEdge(mm));
    round = length("round", "Round the edge", mm -> it -> it.withRound(mm));
    tip =
        EntryField.number(
            desk,
            "%",
            () -> "a share of the full thickness, in per cent",
            share -> change("Taper", it -> it.withTip(share / 100)));
    tip.setId("taper");
    steps =
        EntryField.number(
            desk,
            "",
            () -> "how many steps",
            count -> change("Steps", it -> it.withSteps((int) Math.rint(count))));
    steps.setId("steps");
    bendIn = share("bend-in", "how far in, in per cent", (it, share) -> new Point(share, it.y()));
    bendHigh = share("bend-high", "how high, in per cent", (it, share) -> new Point(it.x(), share));
    for (EntryField field : List.of(bevel, edge, round, tip, steps, bendIn, bendHigh)) {
      field.setPrefColumnCount(5);
    }
    flatBack.setId("flat-back");
    flatBack.setOnAction(
        event -> {
          if (!showing) {
            change("Flat back", it -> it.withFlatBack(flatBack.isSelected()));
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

  /** One coordinate of the middle place of a free curve. */
  private EntryField share(String id, String expected, BiFunction<Point, Double, Point> change) {
    EntryField field =
        EntryField.number(
            desk,
            "%",
            () -> expected,
            share ->
                change(
                    "Bend the curve",
                    it -> it.withCurve(List.of(change.apply(bend(it), share / 100)))));
    field.setId(id);
    return field;
  }

  private static Point bend(Profile profile) {
    List<Point> curve = profile.curve();
    return curve.isEmpty() ? new Point(0.5, 0.5) : curve.get(curve.size() / 2);
  }

  private boolean change(String name, UnaryOperator<Profile> change) {
    return desk.perform(LayerEdits.profile(model.id(), name, change));
  }

  void show(EntryField at) {
    Profile profile = model.layering().profile();
    String key = profile.kind() + "";
    if (!key.equals(laidOut)) {
      laidOut = key;
      layOut(profile.kind(), at);
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
    bendIn.show(bend(profile).x() * 100);
    bendHigh.show(bend(profile).y() * 100);
  }

  /** Only what the kind asks for. */
  private void layOut(Profile.Kind chosen, EntryField at) {
    tray.getChildren().clear();
    tray.with("Cross-section", kind);
    boolean wide = !chosen.across() && chosen != Profile.Kind.FLAT;
    if (wide) {
      tray.with(chosen == Profile.Kind.BEVEL ? "Bevel width" : "Over a width of", bevel);
    }
    if (chosen != Profile.Kind.FLAT) {
      tray.with("Edge thickness", edge);
    }
    if (chosen == Profile.Kind.STEPPED) {
      tray.with("Steps", steps);
    }
    if (chosen == Profile.Kind.FREE) {
      tray.with("Bends, so far in", bendIn).with("so high", bendHigh);
    }
    tray.with("Edge rounded by", round)
        .with("Thickness at the far end", tip)
        .with(" ", flatBack)
        .with("Section at", at);
  }
}
