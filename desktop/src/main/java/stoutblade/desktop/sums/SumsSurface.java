package stoutblade.desktop.sums;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import stoutblade.derive.Derived;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Style;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.RunsUnder;
import stoutblade.desktop.shell.SizeFields;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.shell.Trays;
import stoutblade.desktop.station.Surface;
import stoutblade.desktop.texts.Texts;
import stoutblade.develop.Panel;
import stoutblade.edit.PartEdits;
import stoutblade.measure.Display;
import stoutblade.measure.Quantity;
import stoutblade.part.Part;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Point;
import stoutblade.sum.Answer;
import stoutblade.sum.Drawing;
import stoutblade.sum.Entry;
import stoutblade.sum.ShapeSums;
import stoutblade.sum.Sum;
import stoutblade.template.FlatTemplate;
import stoutblade.template.Making;
import stoutblade.template.Template;

/** Bench sums: drawers of small drawings to choose from, the chosen one on the mat, its sizes. */
public final class SumsSurface implements Surface {

  private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");
  private static final double TILE = 76;
  private static final double HIGH = 58;
  private static final double PICTURE = 28;
  private static final int PER_ROW = 4;

  private final Desk desk;
  private final SumsModel model;
  private final Consumer<Template> printer;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final Label words = mat.note("sum-words", 380);
  private final Trays below = new Trays();
  private Tray sized = new Tray();
  private final PatternTray patterns;
  private final BorderPane node = new BorderPane();
  private final HBox above = new HBox(8);
  private final RunsUnder middle = new RunsUnder(above);
  private final Map<Sum, Button> tiles = new LinkedHashMap<>();
  private Optional<SizeFields> fields = Optional.empty();
  private String laidOut = "";

  /**
   * The surface.
   *
   * @param tasks what draws the tiles beside the window
   * @param printer prints a template at full size
   */
  public SumsSurface(Desk desk, BackgroundTasks tasks, Consumer<Template> printer) {
    this.desk = desk;
    this.printer = printer;
    this.model = new SumsModel(desk);
    this.patterns = new PatternTray(desk, () -> show(desk.derived()));
    mat.setCalled(Texts.SUMS.of("what-the-sum-lays-out"));
    mat.setId("sum-mat");
    mat.setDrawing(this::draw);
    mat.setHand(new Pulling());
    middle.show(mat);
    node.setCenter(middle);
    node.setLeft(drawers());
    node.setBottom(below);
    tasks.start(
        Texts.SUMS.of("drawing-the-sums"),
        () -> SumsModel.usual(desk.catalogue()),
        // One after another: all at once would hold the window up.
        usual ->
            usual.forEach(
                (sum, answer) ->
                    Platform.runLater(() -> tiles.get(sum).setGraphic(picture(answer)))));
  }

  @Override
  public Node node() {
    return node;
  }

  // == DRAWERS

  private Node drawers() {
    VBox all = new VBox(6);
    all.setPadding(new Insets(8, 8, 8, 10));
    Map<String, FlowPane> rows = new LinkedHashMap<>();
    for (Sum sum : Sum.ALL) {
      FlowPane row =
          rows.computeIfAbsent(
              sum.drawer(),
              it -> {
                Label label = new Label(it);
                label.getStyleClass().add(Style.TRAY_LABEL);
                FlowPane pane = new FlowPane(5, 5);
                pane.setPrefWrapLength(PER_ROW * (TILE + 5));
                all.getChildren().add(new VBox(2, label, pane));
                return pane;
              });
      row.getChildren().add(tile(sum));
    }
    ScrollPane scroll = new ScrollPane(all);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add(Style.STRIP);
    scroll.setMinWidth(PER_ROW * (TILE + 5) + 34);
    return scroll;
  }

  private Button tile(Sum sum) {
    Button tile = new Button(sum.title());
    tile.setId("sum-" + sum.key());
    tile.getStyleClass().add(Style.SUM_TILE);
    tile.setContentDisplay(ContentDisplay.TOP);
    tile.setPrefSize(TILE, HIGH);
    tile.setMinSize(TILE, HIGH);
    tile.setOnAction(event -> choose(sum));
    tiles.put(sum, tile);
    return tile;
  }

  private Node picture(Answer answer) {
    MatView picture = new MatView(Lie.UPRIGHT);
    picture.setRuled(false);
    picture.setMouseTransparent(true);
    picture.setFocusTraversable(false);
    picture.setPrefSize(TILE - 14, PICTURE);
    picture.setMinSize(TILE - 14, PICTURE);
    picture.setMaxSize(TILE - 14, PICTURE);
    picture.setDrawing(pen -> SumDrawing.small(pen, answer.drawing()));
    picture.fit(answer.drawing().box(), 3);
    return picture;
  }

  private void choose(Sum sum) {
    model.choose(sum);
    show(desk.derived());
    node.requestFocus();
  }

  // == SIZES

  private void layOut() {
    laidOut = key();
    SizeFields laid =
        new SizeFields(desk, "sum-" + model.chosen().key() + "-", this::type, node::requestFocus);
    fields = Optional.of(laid);
    Tray tray = new Tray();
    model
        .part()
        .ifPresent(
            part -> {
              tray.with(Texts.SUMS.of("this-part-is"), name(part));
              tray.with(Texts.SUMS.of("made"), made(part));
            });
    model.chosen().entries().forEach(it -> tray.with(it.label(), laid.control(it)));
    Button print = new Button(Key.PRINT.on(Texts.SUMS.of("print")));
    print.setId("sums-print");
    print.setOnAction(event -> print());
    print.setDisable(model.result().answer().flatMap(Answer::form).isEmpty());
    above
        .getChildren()
        .setAll(
            model
                .part()
                .map(part -> List.of(print, remove(part)))
                .orElseGet(() -> List.of(keep(), print, usual())));
    sized = tray;
  }

  private Button usual() {
    Button usual = new Button(Texts.SUMS.of("reset"));
    usual.setId("sums-usual");
    usual.setOnAction(
        event -> {
          model.reset();
          show(desk.derived());
        });
    return usual;
  }

  private Button keep() {
    Button keep = new Button(Key.PART.on(Texts.SUMS.of("keep-as-a-part")));
    keep.setId("sums-keep");
    keep.setTooltip(new Tooltip(Texts.SUMS.of("keep-it-as-a-part")));
    keep.setOnAction(event -> keepIt());
    keep.setDisable(model.result().answer().flatMap(Answer::form).isEmpty());
    return keep;
  }

  private void keepIt() {
    if (model.part().isEmpty()
        && model.result().answer().flatMap(Answer::form).isPresent()
        && model.keep()) {
      show(desk.derived());
    }
  }

  private TextField name(Part part) {
    TextField name = PlainText.field(part.name());
    name.setId("part-name");
    name.setPrefColumnCount(7);
    name.setOnAction(
        event -> {
          desk.perform(
              PartEdits.change(
                  part.id(),
                  Texts.SUMS.of("name-a-part"),
                  it -> it.withName(name.getText().strip())));
          node.requestFocus();
        });
    return name;
  }

  private EntryField made(Part part) {
    EntryField made =
        EntryField.number(
            desk,
            "×",
            () -> Texts.SUMS.of("how-many-are-made"),
            value ->
                desk.perform(
                    PartEdits.place(
                        part.id(),
                        Texts.SUMS.of("how-many"),
                        it -> it.made((int) Math.rint(value), it.mirrored()))));
    made.setId("part-count");
    made.setPrefColumnCount(3);
    made.show(part.placing().copies());
    return made;
  }

  private Button remove(Part part) {
    Button remove = new Button(Texts.SUMS.of("remove"));
    remove.setId("part-remove");
    remove.setOnAction(event -> desk.perform(PartEdits.remove(part.id())));
    return remove;
  }

  /** What the tray was laid out for. */
  private String key() {
    return desk.partProperty().get() + "|" + model.chosen().key() + "|" + model.part().isPresent();
  }

  private boolean type(Entry entry, double value) {
    Optional<String> fault = model.type(entry, value);
    fault.ifPresent(desk::say);
    if (fault.isEmpty()) {
      show(desk.derived());
    }
    return fault.isEmpty();
  }

  // == SHOWING

  @Override
  public void show(Derived derived) {
    if (!laidOut.equals(key())) {
      layOut();
    }
    List<Tray> trays = new ArrayList<>(List.of(sized));
    if (model.part().isPresent()) {
      patterns.show(model.part());
      trays.add(patterns.tray());
    }
    below.show(trays);
    tiles.forEach(
        (sum, tile) ->
            tile.pseudoClassStateChanged(
                CURRENT, model.part().isEmpty() && sum.equals(model.chosen())));
    fields.ifPresent(it -> it.show(model::value));
    SumsModel.Result result = model.result();
    mat.setUnits(desk.units());
    mat.setRuled(result.answer().isPresent());
    words.setText(result.answer().map(it -> String.join("\n", it.words())).orElse(result.why()));
    words.setVisible(!words.getText().isBlank());
    desk.besideProperty().set(result.answer().map(Answer::figures).orElse(List.of()));
    desk.placelessProperty().set(model.findings());
    result.answer().ifPresent(it -> mat.fitAnew(it.drawing().box(), 74));
    mat.redraw();
  }

  /** Its patterns with what is worked into them, while none of its sizes is being drawn. */
  private Optional<List<Panel>> worked() {
    return model
        .part()
        .filter(it -> !it.shape().worked().isEmpty() && model.drawn().isEmpty())
        .flatMap(it -> desk.reckoned().part(it.id()))
        .map(it -> ShapeSums.placed(it.flat()));
  }

  private void draw(Pen pen) {
    model
        .result()
        .answer()
        .ifPresent(
            it -> {
              Drawing drawing = it.drawing();
              SumDrawing.draw(pen, worked().map(drawing::withPanels).orElse(drawing), desk.units());
              SumDrawing.grips(pen, drawing, model.drawn());
            });
  }

  /** Drawing sizes by their grips. */
  private final class Pulling implements MatView.Hand {

    private static final double REACH_PX = 14;
    private Optional<Drawing.Grip> grip = Optional.empty();

    @Override
    public boolean press(Point place, MouseEvent event) {
      grip =
          model.result().answer().map(it -> it.drawing().grips()).orElse(List.of()).stream()
              .filter(it -> it.at().distance(place) * mat.zoom() < REACH_PX)
              .findFirst();
      return grip.isPresent();
    }

    @Override
    public void drag(Point place, MouseEvent event) {
      grip.ifPresent(
          it ->
              model.chosen().entries().stream()
                  .filter(entry -> entry.key().equals(it.key()))
                  .findFirst()
                  .ifPresent(entry -> model.draw(entry, it.sizeAt(place))));
      fields.ifPresent(it -> it.show(model::value));
    }

    @Override
    public void release(Point place, MouseEvent event) {
      grip = Optional.empty();
      model.letGo().ifPresent(desk::say);
      show(desk.derived());
    }
  }

  private void print() {
    Sum sum = model.chosen();
    if (model.part().isPresent()) {
      desk.reckoned()
          .part(model.part().get().id())
          .ifPresent(it -> it.templates(desk.units()).forEach(printer));
      return;
    }
    model
        .result()
        .answer()
        .flatMap(Answer::form)
        .ifPresent(
            form ->
                printer.accept(
                    FlatTemplate.of(
                        Making.once(sum.key(), sum.title() + sizes()),
                        model
                            .part()
                            .flatMap(it -> desk.reckoned().part(it.id()))
                            .map(PartReckoning::flat)
                            .orElseGet(() -> form.develop(sum.key())),
                        desk.units())));
  }

  /** The lengths that were typed, for the print. */
  private String sizes() {
    List<String> sizes =
        model.chosen().entries().stream()
            .filter(it -> it.quantity() == Quantity.LENGTH)
            .map(it -> Display.length(model.value(it), desk.units()))
            .toList();
    return sizes.isEmpty() ? "" : " " + String.join(" × ", sizes);
  }

  @Override
  public boolean key(KeyEvent event) {
    if (Key.PRINT.is(event)) {
      print();
      return true;
    }
    if (Key.PART.is(event)) {
      keepIt();
      return true;
    }
    if (Key.DETAILS.is(event) && model.part().isPresent()) {
      patterns.open();
      return true;
    }
    switch (event.getCode()) {
      case DOWN, RIGHT -> step(1);
      case UP, LEFT -> step(-1);
      default -> {
        return false;
      }
    }
    return true;
  }

  private void step(int by) {
    model.step(by);
    show(desk.derived());
  }
}
