package stoutblade.desktop.station.size;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.util.StringConverter;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Meshes;
import stoutblade.desktop.Style;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.SizeEdits;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Stated;
import stoutblade.mesh.MeshSection;
import stoutblade.mesh.SectionFigures;
import stoutblade.project.Station;
import stoutblade.reference.Axis;
import stoutblade.reference.Model;
import stoutblade.reference.ModelSize;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Box;
import stoutblade.shape.NodeFitting;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.trace.Tracing;

/** One model from a side: which way it stands, how large it is, its outline and sections. */
final class ModelDesk {

  private static final double WITHIN_MM = 0.1;
  private static final double HEALTH_WIDE = 300;

  /** Room beside the model for its cut with its sizes, as a share of the width. */
  private static final double BESIDE = 0.4;

  private final Desk desk;
  private final Meshes meshes;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final MaskingTape tape;
  private final BorderPane node = new BorderPane(mat);
  private final TextField name = PlainText.field();
  private final ToggleGroup views = new ToggleGroup();
  private final ComboBox<Unit> unit = new ComboBox<>();
  private final ToggleButton span = new ToggleButton(Key.KNOWN.on(Texts.SIZE.of("known-length")));
  private final EntryField spanLength;
  private final Button asTall = new Button(Texts.SIZE.of("as-tall-as-the-character"));
  private final CheckBox whole = new CheckBox(Texts.SIZE.of("the-whole-prop"));
  private final ToggleButton cut = new ToggleButton(Key.CUT.on(Texts.SIZE.of("along-a-line")));
  private final Label health = mat.note("model-health", HEALTH_WIDE);
  private String modelId = "";
  private View view = View.FRONT;
  private Optional<Point> spanFrom = Optional.empty();
  private Optional<Point> spanTo = Optional.empty();
  private Optional<Point> cutFrom = Optional.empty();
  private Optional<Point> cutTo = Optional.empty();
  private String fittedTo = "";
  private boolean showing;

  /** Units that a model may be in. */
  private enum Unit {
    MM(Texts.SIZE.of("1-unit-is-1-mm"), 1),
    CM(Texts.SIZE.of("1-unit-is-1-cm"), 10),
    M(Texts.SIZE.of("1-unit-is-1-m"), 1000),
    INCH(Texts.SIZE.of("1-unit-is-1-in"), 25.4),
    FOOT(Texts.SIZE.of("1-unit-is-1-ft"), 304.8);

    private final String words;
    private final double mm;

    Unit(String words, double mm) {
      this.words = words;
      this.mm = mm;
    }
  }

  ModelDesk(Desk desk, Meshes meshes) {
    this.desk = desk;
    this.meshes = meshes;
    this.tape = new MaskingTape(desk, mat, place -> Optional.empty());
    mat.setCalled(Texts.SIZE.of("model"));
    mat.setId("model-mat");
    mat.setDrawing(this::draw);
    mat.setHand(new Spanning());
    mat.setPending(desk::busy);
    spanLength = EntryField.length(desk, this::known);
    spanLength.setPrefColumnCount(5);
    spanLength.setId("model-length");
    name.setId("model-name");
    name.setPrefColumnCount(10);
    name.setOnAction(event -> desk.attempt(() -> SizeEdits.modelName(modelId, name.getText())));
    unit.setId("model-unit");
    unit.getItems().setAll(Unit.values());
    unit.setConverter(words());
    unit.setPromptText(Texts.SIZE.of("another-way"));
    unit.setOnAction(
        event -> {
          if (!showing && unit.getValue() != null) {
            desk.attempt(
                () -> SizeEdits.modelRuler(modelId, new Model.OwnUnit(unit.getValue().mm)));
          }
        });
    span.setId("model-span");
    asTall.setId("model-as-tall");
    asTall.setOnAction(
        event -> desk.attempt(() -> SizeEdits.modelRuler(modelId, new Model.AsTallAsCharacter())));
    whole.setId("model-whole");
    whole.setOnAction(
        event -> desk.attempt(() -> SizeEdits.showsWhole(modelId, whole.isSelected())));
    cut.setId("model-cut");
    health.getStyleClass().add(Style.SOFT);
    health.setPrefWidth(HEALTH_WIDE);
    node.setBottom(tray());
  }

  private static StringConverter<Unit> words() {
    return new StringConverter<>() {
      @Override
      public String toString(Unit it) {
        return it == null ? "" : it.words;
      }

      @Override
      public Unit fromString(String text) {
        throw new UnsupportedOperationException(Texts.SIZE.of("chosen-not-typed"));
      }
    };
  }

  private Tray tray() {
    Tray tray = new Tray().with(Texts.SIZE.of("this-model-is"), name);
    String label = Texts.SIZE.of("seen-from");
    for (View it : View.values()) {
      ToggleButton button = new ToggleButton(it.words());
      button.setId("view-" + it.name().toLowerCase(java.util.Locale.ROOT));
      button.setToggleGroup(views);
      button.setSelected(it == view);
      button.setOnAction(
          event -> {
            button.setSelected(true);
            look(it);
          });
      tray.with(label, button);
      label = " ";
    }
    Button around = new Button(Texts.SIZE.of("turn"));
    around.setId("model-turn");
    around.setOnAction(event -> orient(ModelDesk::turned));
    Button over = new Button(Texts.SIZE.of("tip"));
    over.setId("model-tip");
    over.setOnAction(event -> orient(ModelDesk::tipped));
    MenuItem remove = new MenuItem(Texts.SIZE.of("remove-the-model"));
    remove.setOnAction(event -> desk.attempt(() -> SizeEdits.removeModel(modelId)));
    MenuItem keep = new MenuItem(Texts.SIZE.of("keep-this-outline"));
    keep.setOnAction(event -> keep(false));
    MenuButton more = new MenuButton(Texts.SIZE.of("keep-remove"), null, keep, remove);
    more.setId("model-more");
    Button draft = new Button(Texts.SIZE.of("draft-from-it"));
    draft.setId("model-draft");
    draft.setOnAction(event -> keep(true));
    return tray.with(Texts.SIZE.of("its-size"), unit)
        .with(" ", span)
        .with(Texts.SIZE.of("is-long"), spanLength)
        .with(Texts.SIZE.of("or"), asTall)
        .with(Texts.SIZE.of("outline"), draft)
        .with(Texts.SIZE.of("from-end-to-end"), whole)
        .with(Texts.SIZE.of("cut-through"), cut)
        .with(Texts.SIZE.of("stand-it"), around)
        .with(" ", over)
        .with(" ", more);
  }

  Node node() {
    return node;
  }

  private Optional<Model> model() {
    return desk.prop().size().model(modelId);
  }

  private Optional<ModelSize> size() {
    return Optional.ofNullable(desk.reckoned().sizing().models().get(modelId));
  }

  /** mm of the prop for a unit of the model; 1 until its size was said. */
  private double mm() {
    return size().flatMap(ModelSize::perUnit).orElse(1.0);
  }

  // == SHOWING

  void show(String id) {
    if (!id.equals(modelId)) {
      modelId = id;
      forget();
    }
    Optional<Model> model = model();
    if (model.isEmpty()) {
      return;
    }
    showing = true;
    Optional<ModelSize> size = size();
    boolean scaled = size.flatMap(ModelSize::perUnit).isPresent();
    mat.setUnits(desk.units());
    mat.setRuled(scaled);
    if (!name.isFocused()) {
      name.setText(model.get().name());
    }
    whole.setSelected(model.get().showsWhole());
    unit.setValue(null);
    spanLength.showNothing();
    model.get().ruler().ifPresent(this::showRuler);
    health.setText(health(model.get()));
    fit(model.get(), scaled);
    tape.show(
        desk.findingsOf(Station.SIZE).stream()
            .filter(it -> it.id().equals("size." + id + ".unit"))
            .toList());
    showFigures();
    showing = false;
    mat.redraw();
  }

  /** The figures of the model, and of the cut through it. */
  private void showFigures() {
    List<Figure> figures = new ArrayList<>(size().map(ModelSize::figures).orElse(List.of()));
    Optional<Figure> perUnit = size().flatMap(ModelSize::mmPerUnit);
    if (perUnit.isPresent()) {
      section()
          .ifPresent(
              it ->
                  figures.addAll(SectionFigures.of("size." + modelId + ".cut", it, perUnit.get())));
    }
    desk.besideProperty().set(figures);
  }

  private Optional<MeshSection> section() {
    return model()
        .filter(it -> cutFrom.isPresent() && cutTo.isPresent())
        .flatMap(it -> meshes.section(it, view, cutFrom.get(), cutTo.get()));
  }

  private void showRuler(Model.ModelRuler ruler) {
    switch (ruler) {
      case Model.OwnUnit it ->
          unit.setValue(
              List.of(Unit.values()).stream()
                  .filter(one -> one.mm == it.mm())
                  .findFirst()
                  .orElse(null));
      case Model.KnownSpan it -> spanLength.show(it.length().value());
      case Model.AsTallAsCharacter it -> {}
    }
  }

  private String health(Model model) {
    return meshes
        .file(model)
        .map(
            it -> {
              List<String> words = it.check().words();
              String count = Texts.SIZE.of("faces", Display.decimal(it.check().triangles(), 0));
              return words.isEmpty()
                  ? Texts.SIZE.of("sound", count)
                  : Texts.SIZE.of("its-outline-holds-all-the", count, String.join("; ", words));
            })
        .orElse(Texts.SIZE.of("reading"));
  }

  private void fit(Model model, boolean scaled) {
    String now = model.digest() + model.orientation() + view + scaled + mm();
    if (!now.equals(fittedTo)) {
      fittedTo = now;
      mat.fit(bounds(model), 58);
    }
  }

  /** Makes room for the cut, which is shown beside the model. */
  private void fitWithCut(Model model) {
    Box box = bounds(model);
    section()
        .map(it -> it.loops().stream().flatMap(List::stream).toList())
        .filter(it -> !it.isEmpty())
        .map(it -> Box.around(it).width() * mm())
        .ifPresent(
            wide ->
                mat.fit(
                    new Box(
                        box.minX(),
                        box.minY(),
                        box.maxX() + wide + BESIDE * box.width(),
                        box.maxY()),
                    58));
  }

  private Box bounds(Model model) {
    List<Point> corners = new ArrayList<>();
    var e = model.extent();
    for (int i = 0; i < 8; i++) {
      corners.add(
          model
              .orientation()
              .in(
                  view,
                  (i & 1) == 0 ? e.minX() : e.maxX(),
                  (i & 2) == 0 ? e.minY() : e.maxY(),
                  (i & 4) == 0 ? e.minZ() : e.maxZ())
              .times(mm()));
    }
    return Box.around(corners);
  }

  private void look(View at) {
    view = at;
    forget();
    show(modelId);
  }

  /** What was drawn on one view says nothing on another. */
  private void forget() {
    spanFrom = Optional.empty();
    spanTo = Optional.empty();
    cutFrom = Optional.empty();
    cutTo = Optional.empty();
  }

  // == CHANGES

  private interface Turn {
    Orientation of(Orientation before);
  }

  private void orient(Turn turn) {
    model()
        .ifPresent(
            it -> desk.attempt(() -> SizeEdits.orientation(modelId, turn.of(it.orientation()))));
  }

  /** A quarter turn about the upright: what was at our right faces us. */
  private static Orientation turned(Orientation before) {
    int right = 3 - before.up().index() - before.front().index();
    boolean cyclic = (before.up().index() + 1) % 3 == before.front().index();
    int sign = before.up().sign() * before.front().sign() * (cyclic ? 1 : -1);
    return new Orientation(before.up(), axis(right, sign));
  }

  /** A quarter turn towards us: what was up faces us. */
  private static Orientation tipped(Orientation before) {
    return new Orientation(axis(before.front().index(), -before.front().sign()), before.up());
  }

  private static Axis axis(int index, int sign) {
    for (Axis axis : Axis.values()) {
      if (axis.index() == index && axis.sign() == sign) {
        return axis;
      }
    }
    throw new IllegalArgumentException(Texts.SIZE.of("there-is-no-axis", index));
  }

  private boolean known(double mm) {
    if (spanFrom.isEmpty() || spanTo.isEmpty()) {
      desk.say(Texts.SIZE.of("take-known-length-drag-along"));
      return false;
    }
    return desk.attempt(
        () ->
            SizeEdits.modelRuler(
                modelId,
                new Model.KnownSpan(
                    new Stated(mm, 0.002 * mm), view, spanFrom.get(), spanTo.get())));
  }

  private void keep(boolean asDraft) {
    Optional<Model> model = model();
    Optional<Meshes.Seen> seen = model.flatMap(it -> meshes.seen(it, view));
    if (size().flatMap(ModelSize::perUnit).isEmpty()) {
      desk.say(Texts.SIZE.of("say-how-large-the-model"));
      return;
    }
    if (seen.isEmpty()) {
      desk.say(Texts.SIZE.of("the-outline-is-still-being"));
      return;
    }
    try {
      List<WholeOutline> outlines = outlines(seen.get());
      String called = model.get().name() + ", " + view.words().toLowerCase(java.util.Locale.ROOT);
      desk.perform(
          SizeEdits.addTracing(called, modelId, outlines, WITHIN_MM),
          () -> {
            if (asDraft) {
              TraceDesk.draft(desk, called, outlines.getFirst(), WITHIN_MM, modelId);
            }
          });
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
    }
  }

  private List<WholeOutline> outlines(Meshes.Seen seen) {
    double mm = mm();
    return seen.silhouette().region().rings().stream()
        .map(ring -> ring.stream().map(it -> it.times(mm)).toList())
        .filter(ring -> Box.around(ring).width() + Box.around(ring).height() > 10 * WITHIN_MM)
        .limit(Tracing.MOST_OUTLINES)
        .map(ring -> NodeFitting.closed(ring, WITHIN_MM))
        .toList();
  }

  private void draw(Pen pen) {
    model()
        .ifPresent(
            it -> {
              boolean scaled = size().flatMap(ModelSize::perUnit).isPresent();
              ModelDrawing drawing = new ModelDrawing(pen, desk.units(), mm(), scaled);
              meshes.seen(it, view).ifPresent(drawing::seen);
              cutFrom.ifPresent(
                  from -> drawing.cut(from, cutTo.orElse(from), section(), bounds(it)));
              spanFrom.ifPresent(from -> drawing.span(from, spanTo.orElse(from)));
            });
    tape.mark(pen);
  }

  // == HAND

  /** Marking a known length on the model, or a line to cut along. */
  private final class Spanning implements MatView.Hand {

    @Override
    public boolean press(Point place, MouseEvent event) {
      Optional<Point> at = Optional.of(place.times(1 / mm()));
      if (span.isSelected()) {
        spanFrom = at;
        spanTo = at;
        return true;
      }
      if (cut.isSelected()) {
        cutFrom = at;
        cutTo = at;
        return true;
      }
      return false;
    }

    @Override
    public void drag(Point place, MouseEvent event) {
      Optional<Point> at = Optional.of(place.times(1 / mm()));
      if (span.isSelected()) {
        spanTo = at;
      } else {
        cutTo = at;
      }
    }

    @Override
    public void release(Point place, MouseEvent event) {
      if (span.isSelected()) {
        span.setSelected(false);
        desk.say(Texts.SIZE.of("now-type-how-long-that"));
        spanLength.requestFocus();
      } else {
        showFigures();
        model().ifPresent(ModelDesk.this::fitWithCut);
      }
    }
  }

  boolean key(KeyEvent event) {
    if (Key.KNOWN.is(event)) {
      span.setSelected(!span.isSelected());
    } else if (Key.CUT.is(event)) {
      cut.setSelected(!cut.isSelected());
    } else {
      return false;
    }
    return true;
  }
}
