package stoutblade.desktop.station.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.property.DoubleProperty;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.shell.Trays;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Followers;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.OutlineEdits;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Feature;
import stoutblade.part.Cut;
import stoutblade.part.Follow;
import stoutblade.part.Part;
import stoutblade.shape.Box;
import stoutblade.shape.Exact;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** The trays below an outline: what is always there, and what belongs to what is selected. */
final class OutlineTrays {

  private static final double FIRST_TOOTH_MM = 15;

  private final ToggleButton bothFaces = new ToggleButton(Texts.DRAFT.of("on-both-faces"));
  private final Desk desk;
  private final OutlineModel model;
  private final Runnable after;
  private final Trays node = new Trays();
  private final Tray always = new Tray();
  private final ToggleButton trace = new ToggleButton(Key.DRAW.on(Texts.DRAFT.of("add-nodes")));
  private final MenuButton features = new MenuButton(Key.DETAILS.on(Texts.DRAFT.of("add-details")));
  private final Button whole = new Button(Texts.DRAFT.of("draw-it-whole"));
  private final Slider dim = new Slider(0, 1, 0.85);
  private final EntryField offset;
  private final MaterialFields material;

  private final Tray wholeTray = new Tray();
  private final EntryField length;
  private final EntryField width;
  private final EntryField station;
  private final EntryField stationWidth;
  private double stationMm = 100;

  private final Tray nodeTray = new Tray();
  private final EntryField across;
  private final EntryField along;
  private final EntryField ease;
  private final EntryField angle;
  private final ComboBox<Node.Kind> kind = new ComboBox<>();

  private final Tray sideTray = new Tray();
  private Button parallel;
  private Button bevelIt;
  private Button teethOnIt;
  private final EntryField sideLength;
  private final EntryField radius;

  private final ComboBox<Integer> layer = new ComboBox<>();
  private final Button asPart;
  private final EntryField layerFollows;
  private final Button openingDone;
  private final EntryField teeth;
  private final EntryField toothDeep;
  private double toothDeepMm = FIRST_TOOTH_MM;

  private final Tray severalTray = new Tray();
  private final FeatureTray featureTray;
  private final FollowFields following;
  private final CutOutMenu cutOuts;
  private final AxisFields axis;
  private boolean showing;

  OutlineTrays(Desk desk, OutlineModel model, Runnable after) {
    this.desk = desk;
    this.model = model;
    this.after = after;
    this.material = new MaterialFields(desk, "plate-", model::part);
    this.featureTray = new FeatureTray(desk, model, after);
    this.following = new FollowFields(desk, model::id, after);
    this.cutOuts = new CutOutMenu(desk, model, after);
    this.axis = new AxisFields(desk, model, after);
    length =
        EntryField.length(desk, mm -> desk.perform(OutlineEdits.length(model.outlineId(), mm)));
    width = EntryField.length(desk, mm -> desk.perform(OutlineEdits.width(model.outlineId(), mm)));
    station =
        EntryField.length(
            desk,
            mm -> {
              stationMm = mm;
              values();
              return true;
            });
    stationWidth =
        EntryField.length(
            desk, mm -> desk.perform(OutlineEdits.widthAt(model.outlineId(), stationMm, mm)));
    across = EntryField.length(desk, mm -> model.moveTo(mm, at().y()));
    along = EntryField.length(desk, mm -> model.moveTo(at().x(), mm));
    ease =
        EntryField.length(
            desk, mm -> model.node(Texts.DRAFT.of("size-of-a-corner"), it -> it.withEase(mm)));
    angle =
        EntryField.number(
            desk,
            "°",
            () -> Texts.DRAFT.of("an-angle-in-degrees"),
            value ->
                model
                    .selected()
                    .map(
                        it ->
                            desk.perform(
                                OutlineEdits.angle(model.outlineId(), it, Math.toRadians(value))))
                    .orElse(false));
    sideLength =
        EntryField.length(
            desk,
            mm -> onSide(it -> desk.perform(OutlineEdits.sideLength(model.outlineId(), it, mm))));
    radius =
        EntryField.length(
            desk,
            mm -> onSide(it -> desk.perform(OutlineEdits.sideRadius(model.outlineId(), it, mm))));
    offset =
        EntryField.length(desk, mm -> desk.perform(OutlineEdits.offset(model.outlineId(), mm)));
    asPart =
        button(
            "layer-as-part",
            Texts.DRAFT.of("as-the-part"),
            () ->
                model.layer().ifPresent(it -> desk.perform(LayerEdits.asThePart(model.id(), it))));
    openingDone =
        button("opening-done", Texts.DRAFT.of("back-to-the-part-esc"), () -> model.open(""));
    layerFollows =
        EntryField.length(
            desk,
            mm ->
                model
                    .layer()
                    .map(it -> desk.perform(Followers.layer(model.id(), it, mm)))
                    .orElse(false));
    layerFollows.setId("layer-follows");
    layerFollows.setPrefColumnCount(5);
    teeth =
        EntryField.number(
            desk,
            "",
            () -> Texts.DRAFT.of("how-many-teeth"),
            count ->
                onSide(
                    it ->
                        desk.perform(
                            OutlineEdits.teeth(
                                model.outlineId(), it, (int) Math.rint(count), toothDeepMm))));
    toothDeep =
        EntryField.length(
            desk,
            mm -> {
              toothDeepMm = mm;
              return true;
            });
    layOut();
  }

  private boolean onSide(Function<Integer, Boolean> edit) {
    return model.side().map(edit).orElse(false);
  }

  private Point at() {
    return model.selectedNode().map(Node::at).orElse(new Point(0, 0));
  }

  Trays node() {
    return node;
  }

  /** How strongly the picture underneath shows. */
  DoubleProperty dim() {
    return dim.valueProperty();
  }

  /** Opens the list of what can be worked into it. */
  void openFeatures() {
    if (!features.isDisabled()) {
      features.show();
    }
  }

  // == LAYING OUT

  private void layOut() {
    bothFaces.setId("both-faces");
    bothFaces.setOnAction(
        event -> desk.perform(PartEdits.bothFaces(model.id(), bothFaces.isSelected())));
    length.setId("blade-length");
    width.setId("blade-width");
    station.setId("station");
    stationWidth.setId("station-width");
    across.setId("node-across");
    along.setId("node-along");
    ease.setId("node-ease");
    angle.setId("node-angle");
    kind.setId("node-kind");
    sideLength.setId("side-length");
    radius.setId("side-radius");
    offset.setId("offset");
    layer.setId("outline-of");
    layer.setConverter(Choices.named(OutlineTrays::named));
    layer.setOnAction(
        event -> {
          if (!showing && layer.getValue() != null) {
            desk.layerProperty().set(layer.getValue());
            after.run();
          }
        });
    teeth.setId("teeth");
    toothDeep.setId("tooth-deep");
    teeth.setPrefColumnCount(3);
    toothDeep.setPrefColumnCount(5);
    for (EntryField field :
        List.of(offset, across, along, ease, angle, sideLength, radius, station, stationWidth)) {
      field.setPrefColumnCount(5);
    }
    trace.setId("trace");
    features.setId("features");
    whole.setId("draw-whole");
    trace.selectedProperty().bindBidirectional(model.tracingProperty());
    dim.setPrefWidth(80);
    features.setOnShowing(event -> cutOuts.fill());
    for (Feature.Kind it : Feature.Kind.values()) {
      if (it == Feature.Kind.CUTOUT) {
        features.getItems().add(cutOuts.menu());
        continue;
      }
      MenuItem item = new MenuItem(it.title());
      item.setId("add-" + it.name().toLowerCase(Locale.ROOT));
      item.setOnAction(event -> featureTray.add(it));
      features.getItems().add(item);
    }
    whole.setOnAction(
        event -> {
          desk.perform(OutlineEdits.whole(model.outlineId()));
          after.run();
        });
    kind.getItems().setAll(Node.Kind.values());
    kind.setConverter(Choices.named(Node.Kind::words));
    kind.setOnAction(
        event -> {
          if (!showing && kind.getValue() != null) {
            model.node(kind.getValue().words(), this::as);
            after.run();
          }
        });
    wholeTray.with(Texts.DRAFT.of("length"), length).with(Texts.DRAFT.of("greatest-width"), width);
    nodeTray
        .with(Texts.DRAFT.of("node-across"), across)
        .with(Texts.DRAFT.of("node-along"), along)
        .with(
            Texts.DRAFT.of("selected-node"),
            button("turn-node", Key.CORNER.on(Texts.DRAFT.of("corner-or-curve")), model::turn))
        .with(Texts.DRAFT.of("it-is"), kind)
        .with(Texts.DRAFT.of("radius-or-cut"), ease)
        .with(Texts.DRAFT.of("angle"), angle)
        .with(" ", button("remove-node", Texts.DRAFT.of("remove-del"), model::remove));
    parallel = button("side-parallel", Texts.DRAFT.of("parallel-to"), model::askParallel);
    bevelIt =
        button(
            "side-bevel",
            Texts.DRAFT.of("bevel-it"),
            () -> featureTray.addAlongSide(Feature.Kind.BEVEL));
    teethOnIt =
        button(
            "side-teeth",
            Texts.DRAFT.of("teeth-on-it"),
            () -> featureTray.addAlongSide(Feature.Kind.TEETH));
    severalTray
        .with(
            Texts.DRAFT.of("nodes-in-line"),
            button("align-across", Texts.DRAFT.of("sideways"), () -> align(Exact.Line.ACROSS)))
        .with(
            " ", button("align-along", Texts.DRAFT.of("lengthwise"), () -> align(Exact.Line.ALONG)))
        .with(
            Texts.DRAFT.of("spaced"),
            button(
                "space-nodes",
                Texts.DRAFT.of("evenly"),
                () -> desk.perform(OutlineEdits.space(model.outlineId(), model.several()))))
        .with(" ", button("remove-nodes", Texts.DRAFT.of("remove-del"), model::remove));
  }

  private Button button(String id, String words, Runnable action) {
    return Tray.button(id, words, action, after);
  }

  /** A rounding or chamfer starts with a size that can be seen. */
  private Node as(Node node) {
    Node.Kind wanted = kind.getValue();
    Node changed = node.with(wanted);
    return wanted.eased() && node.ease() == 0 ? changed.withEase(10) : changed;
  }

  private void align(Exact.Line line) {
    desk.perform(OutlineEdits.align(model.outlineId(), model.several(), line));
  }

  // == SHOWING

  /** Shows the tray of what is selected, and its values. */
  void show() {
    always.lay(this::ofAll);
    features.setDisable(!model.outline().drawn() || model.layer().isPresent());
    Tray now = wholeTray;
    if (model.feature().isPresent()) {
      now = featureTray.laidOut(model.feature().get());
    } else if (model.axis().selected().isPresent()) {
      now = axis.ofNode();
    } else if (model.several().size() > 1) {
      now = severalTray;
    } else if (model.selectedNode().isPresent()) {
      now = nodeTray;
    } else if (model.side().isPresent()) {
      now = sideTray;
      sideTray.lay(this::sides);
    } else {
      wholeTray.lay(this::ofWhole);
    }
    node.show(List.of(now, always), now);
    values();
  }

  /** How the outline that is looked at follows another. */
  private Optional<Follow> follow() {
    return model
        .part()
        .filter(it -> model.layer().isEmpty())
        .flatMap(Part::cut)
        .flatMap(Cut::follow);
  }

  private void ofWhole() {
    if (follow().isPresent()) {
      following.into(wholeTray, follow().get());
      return;
    }
    wholeTray.with(Texts.DRAFT.of("length"), length).with(Texts.DRAFT.of("greatest-width"), width);
    if (model.opening().isPresent()) {
      wholeTray.with(Texts.DRAFT.of("this-is-a-cut-out"), openingDone);
    }
    if (model.layer().isPresent()) {
      wholeTray.with(Texts.DRAFT.of("follows-the-part-outside-by"), layerFollows);
    }
    if (model.half()) {
      wholeTray
          .with(Texts.DRAFT.of("at-from-the-base"), station)
          .with(Texts.DRAFT.of("it-is-wide"), stationWidth);
    }
  }

  private void ofAll() {
    boolean plate = !model.lies() || !model.half();
    if (follow().isEmpty()) {
      always.with(Texts.DRAFT.of("base-to-tip-one-edge"), trace);
    }
    if (model.sheets().size() > 1) {
      always.with(Texts.DRAFT.of("outline-of"), layer);
      model
          .layer()
          .filter(it -> model.sheets().get(it).own().isPresent())
          .ifPresent(it -> always.with(" ", asPart));
    }
    if (model.layer().isEmpty()) {
      always.with(Texts.DRAFT.of("details"), features);
      if (model.part().isPresent()) {
        bothFaces.setSelected(model.blank().bothFaces());
        always.with(Texts.DRAFT.of("what-is-worked-in"), bothFaces);
      }
    }
    if (follow().isEmpty() && (plate || model.layer().isPresent())) {
      always.with(Texts.DRAFT.of("offset-all-round"), offset);
      if (model.half()) {
        always.with(" ", whole);
      }
    }
    if (model.layer().isEmpty() && model.outline().drawn() && follow().isEmpty()) {
      axis.into(always);
    }
    if (plate && model.layer().isEmpty()) {
      material.into(always);
    }
    if (desk.reckoned().placement().isPresent()) {
      always.with(Texts.DRAFT.of("picture"), dim);
    }
  }

  /** What is worked into a part lies on its outline; the outline of a layer is cut as it is. */
  private void sides() {
    sideTray
        .with(Texts.DRAFT.of("side-length"), sideLength)
        .with(Texts.DRAFT.of("arc-radius-0-straight"), radius)
        .with(" ", parallel);
    if (model.layer().isPresent()) {
      sideTray
          .with(Texts.DRAFT.of("teeth-deep"), toothDeep)
          .with(Texts.DRAFT.of("how-many"), teeth);
    } else {
      sideTray.with(" ", bevelIt).with(" ", teethOnIt);
    }
  }

  private static String named(int layer) {
    return layer < 0 ? Texts.DRAFT.of("the-part") : Texts.DRAFT.of("layer", layer + 1);
  }

  private void showLayers() {
    List<Integer> all = new ArrayList<>(List.of(-1));
    for (int i = 0; i < model.sheets().size(); i++) {
      all.add(i);
    }
    if (!layer.getItems().equals(all)) {
      layer.getItems().setAll(all);
    }
    layer.setValue(model.layer().orElse(-1));
    model
        .layer()
        .flatMap(it -> model.sheets().get(it).offset())
        .ifPresentOrElse(layerFollows::show, layerFollows::showNothing);
    toothDeep.show(toothDeepMm);
    teeth.showNothing();
  }

  /** Shows the values of what is selected. */
  void values() {
    showing = true;
    Outline outline = model.outline();
    offset.show(0);
    showLayers();
    material.show();
    if (outline.drawn()) {
      Box box = Box.around(outline.outline().flattened(0.02));
      length.show(outline instanceof HalfOutline ? box.maxY() : box.height());
      width.show(box.width());
      station.show(stationMm);
      showWidth(outline);
    } else {
      length.showNothing();
      width.showNothing();
      stationWidth.showNothing();
      station.show(stationMm);
    }
    model
        .selectedNode()
        .ifPresentOrElse(
            it -> {
              across.show(it.at().x());
              along.show(it.at().y());
              kind.setValue(it.kind());
              ease.show(it.ease());
              ease.setDisable(!it.kind().eased());
              boolean cornered = outline.drawn() && outline.allNodes().size() > 2;
              angle.setDisable(!cornered || model.selected().orElse(0) >= outline.sides());
              if (cornered) {
                angle.show(Math.toDegrees(Exact.angle(outline, model.selected().orElseThrow())));
              } else {
                angle.showNothing();
              }
            },
            () -> {
              across.showNothing();
              along.showNothing();
            });
    model
        .side()
        .ifPresent(
            it -> {
              sideLength.show(Exact.length(outline, it));
              radius.show(Exact.radius(outline, it));
            });
    model.feature().ifPresent(featureTray::show);
    axis.values();
    showing = false;
  }

  private void showWidth(Outline outline) {
    double wide =
        Region.crossing(outline.outline(), 0.1).isPresent()
            ? 0
            : Region.inside(outline.outline(), 0.02).widthAt(stationMm);
    stationWidth.show(wide);
  }
}
