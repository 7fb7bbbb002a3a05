package stoutblade.desktop.station.draft;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.SizeFields;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Between;
import stoutblade.desktop.station.LeftOut;
import stoutblade.desktop.station.PlaceFields;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.shape.Box;
import stoutblade.shape.Course;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;

/** The tray of what is worked into a plate or the blade: its sizes, its words, its places. */
final class FeatureTray {

  private final Desk desk;
  private final OutlineModel model;
  private final Runnable after;
  private final Tray tray = new Tray();
  private final PlaceFields places;
  private final PlaceFields edgeOnly;
  private Optional<SizeFields> sizes = Optional.empty();
  private final LeftOut leftOut;
  private final Between between;
  private String laidOut = "";

  FeatureTray(Desk desk, OutlineModel model, Runnable after) {
    this.desk = desk;
    this.model = model;
    this.after = after;
    leftOut =
        new LeftOut(
            desk,
            "feature-left-out",
            without -> {
              boolean done =
                  model.change(Texts.DRAFT.of("leave-out"), it -> it.leavingOut(without));
              after.run();
              return done;
            });
    between =
        new Between(
            "feature-between",
            other -> {
              model.change(Texts.DRAFT.of("place-between"), it -> it.among(other));
              after.run();
            });
    Placed placed = new Placed();
    places = new PlaceFields(desk, "feature-at-", Arrays.asList(PlaceFields.Way.values()), placed);
    edgeOnly = new PlaceFields(desk, "feature-at-", List.of(PlaceFields.Way.EDGE), placed);
  }

  /** The tray, laid out for a feature. */
  Tray laidOut(Feature feature) {
    String key = key(feature);
    if (!key.equals(laidOut)) {
      layOut(feature);
      laidOut = key;
    }
    return tray;
  }

  private String key(Feature feature) {
    return model.id()
        + feature.id()
        + feature.kind()
        + placeFields(feature).key()
        + (feature.where().count() > 1)
        + repeated(feature);
  }

  /** What is repeated, and does not stand between what is looked at itself. */
  private Map<String, String> repeated(Feature feature) {
    Map<String, String> names = new LinkedHashMap<>();
    for (Feature it : model.blank().features()) {
      boolean many = it.where().count() > 1 && it.kind() != Feature.Kind.BEVEL;
      if (many && !it.id().equals(feature.id()) && !it.between().equals(feature.id())) {
        names.put(it.id(), it.kind().title() + " × " + it.where().count());
      }
    }
    return names;
  }

  /** Shows its values; none where the fields are still those of another kind of feature. */
  void show(Feature feature) {
    if (!key(feature).equals(laidOut)) {
      return;
    }
    sizes.ifPresent(fields -> fields.show(entry -> feature.size(entry.key())));
    placeFields(feature).show();
    between.show(repeated(feature), feature.between());
  }

  private Button button(String id, String words, Runnable action) {
    return Tray.button(id, words, action, after);
  }

  /** Adds a feature at a usual place, and selects it. */
  void add(Feature.Kind it) {
    Outline outline = model.outline();
    Box box = Box.around(outline.outline().flattened(1));
    Point middle = box.centre();
    double reach = Math.min(box.width(), box.height());
    Where where =
        switch (it.reach()) {
          case ANYWHERE -> Where.At.of(middle.x(), middle.y());
          case EDGE ->
              it == Feature.Kind.BEVEL
                  ? new Where.Along(0, outline.sides(), 0, 1)
                  : new Where.Along(0, outline.sides(), 0, 12);
          case LINE ->
              it == Feature.Kind.FULLER && model.axis().shown().isPresent()
                  ? alongAxis()
                  : new Where.Row(
                      new Point(middle.x(), box.minY() + box.height() * 0.2),
                      new Point(middle.x(), box.minY() + box.height() * 0.8),
                      it == Feature.Kind.SCORES
                          ? (int) Math.max(2, Math.rint(reach * 0.6 / 6.35))
                          : 1);
        };
    String words = it == Feature.Kind.LETTERS ? Texts.DRAFT.of("lantern") : "";
    add(it, words, where);
    after.run();
  }

  /** Along the middle stretch of the centre line. */
  private Where alongAxis() {
    double length = Course.of(model.axis().shown()).length().orElseThrow();
    return new Where.Row(new Point(0, length * 0.2), new Point(0, length * 0.8), 1);
  }

  private void add(Feature.Kind kind, String words, Where where) {
    desk.perform(PartEdits.addFeature(model.id(), kind, words, where), this::selectLast);
  }

  private void selectLast() {
    model.selectFeature(model.blank().features().getLast().id());
  }

  /** Adds a feature along the selected side, and selects it. */
  void addAlongSide(Feature.Kind it) {
    model
        .side()
        .ifPresent(
            side -> add(it, "", new Where.Along(side, 1, 0, it == Feature.Kind.BEVEL ? 1 : 8)));
  }

  private final class Placed implements PlaceFields.Placed {

    @Override
    public Optional<Where> where() {
      return model.feature().map(Feature::where);
    }

    @Override
    public Outline carrier() {
      return model.outline();
    }

    @Override
    public boolean put(String what, Function<Where, Where> change) {
      boolean done = model.change(what, it -> it.at(change.apply(it.where())));
      after.run();
      return done;
    }
  }

  private PlaceFields placeFields(Feature feature) {
    return feature.kind().reach() == Feature.Reach.EDGE ? edgeOnly : places;
  }

  private void layOut(Feature feature) {
    SizeFields fields =
        new SizeFields(
            desk,
            "feature-",
            (entry, value) ->
                model.change(
                    feature.kind().title() + ": " + entry.label(),
                    it -> it.with(entry.key(), value)),
            after);
    sizes = Optional.of(fields);
    tray.getChildren().clear();
    if (feature.kind() == Feature.Kind.LETTERS) {
      TextField words = PlainText.field(feature.words());
      words.setId("feature-words");
      words.setPrefColumnCount(12);
      words.setOnAction(
          event -> {
            model.change(Texts.DRAFT.of("lettering"), it -> it.saying(words.getText().strip()));
            after.run();
          });
      tray.with(Texts.DRAFT.of("it-says"), words);
    }
    feature
        .kind()
        .entries()
        .forEach(it -> tray.with(feature.kind().title() + ": " + it.label(), fields.control(it)));
    if (feature.kind() != Feature.Kind.BEVEL) {
      placeFields(feature).into(tray);
      between.show(repeated(feature), feature.between());
      if (between.any()) {
        tray.with(Texts.DRAFT.of("between-those-of"), between.control());
      }
    }
    if (feature.where().count() > 1 && feature.kind() != Feature.Kind.BEVEL) {
      tray.with(Texts.DRAFT.of("left-out"), leftOut.of(feature));
    }
    if (feature.kind() == Feature.Kind.CUTOUT) {
      tray.with(
          " ",
          button("feature-nodes", Texts.DRAFT.of("its-nodes"), () -> model.open(feature.id())));
    }
    if (feature.where() instanceof Where.At) {
      tray.with(" ", button("feature-mirror", Texts.DRAFT.of("mirror-image"), this::mirror));
    }
    tray.with(" ", button("feature-remove", Texts.DRAFT.of("remove-del"), model::remove));
  }

  /** The same on the other side of the axis. */
  private void mirror() {
    Feature now = model.feature().orElseThrow();
    if (now.where() instanceof Where.At at) {
      desk.perform(PartEdits.mirrored(model.id(), now.id(), at));
      selectLast();
    }
  }
}
