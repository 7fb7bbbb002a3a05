package stoutblade.desktop.station.size;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.Style;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.shell.TrayMenu;
import stoutblade.desktop.shell.Trays;
import stoutblade.desktop.station.Figures;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.SizeEdits;
import stoutblade.finding.Finding;
import stoutblade.finding.Place;
import stoutblade.measure.Stated;
import stoutblade.project.Station;
import stoutblade.reference.Dressing;
import stoutblade.reference.Mark;
import stoutblade.reference.Measure;
import stoutblade.reference.PictureSize;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * One picture on the mat with everything that is marked on it, and beside it, on the same ground
 * and at the same scale, the wearer with the prop.
 */
final class PictureDesk {

  private static final double REACH_PX = 16;
  private static final double BRIGHTER = 0.25;

  private final Desk desk;
  private final PictureModel model;
  private final PictureDrawing drawing;
  private final TraceDesk tracing;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final MaskingTape tape;
  private final Agreement agreement = new Agreement();
  private final BorderPane node = new BorderPane();
  private final Map<Tool, ToggleButton> tools = new EnumMap<>(Tool.class);
  private final RulerTray rulerTray;

  /** As high as a row of controls: what comes in its place must not move the picture. */
  private static final double ROW_PX = 66;

  private final Trays below = new Trays();
  private final Tray toolTray;
  private final Label how = new Label();
  private final TextField pictureName = PlainText.field();
  private final TextField measureName = PlainText.field();
  private final EntryField precision;
  private final EntryField distance;
  private final EntryField distanceStd;
  private final Tray pictureTray;
  private final Tray measureTray;
  private final CameraTray cameraTray;
  private boolean cameraUp;
  private String fittedTo = "";

  PictureDesk(Desk desk, Pictures pictures, TraceDesk tracing) {
    this.desk = desk;
    this.tracing = tracing;
    this.model = new PictureModel(desk);
    this.drawing = new PictureDrawing(desk, pictures, model);
    this.tape = new MaskingTape(desk, mat, this::where);
    this.rulerTray = new RulerTray(desk, model);
    this.cameraTray =
        new CameraTray(
            desk,
            model,
            () -> {
              cameraUp = false;
              showLower();
            });
    mat.setCalled(Texts.SIZE.of("picture-with-its-marks"));
    mat.setId("size-mat");
    mat.setDrawing(this::draw);
    mat.setHand(new Marking());
    mat.setPending(desk::busy);
    mat.over().getChildren().add(agreement);
    mat.pin(agreement);
    model.setBoxes(this::boxed);
    precision =
        EntryField.number(
            desk,
            "px",
            () -> Texts.SIZE.of("the-accuracy-is-a-number"),
            px -> desk.attempt(() -> SizeEdits.markingPrecision(id(), px)));
    distance =
        EntryField.length(
            desk, mm -> distance(new Stated(mm, stated().map(Stated::std).orElse(mm * 0.1))));
    distanceStd =
        EntryField.length(
            desk, mm -> stated().isPresent() && distance(new Stated(stated().get().value(), mm)));
    pictureTray = pictureTray();
    measureTray = measureTray();
    toolTray = toolTray();
    model.toolProperty().addListener(it -> showTools());
    model.selectedProperty().addListener(it -> showLower());
    node.setCenter(mat);
    how.getStyleClass().addAll(Style.TRAY, Style.HOW);
    how.setId("how");
    how.setMaxWidth(Double.MAX_VALUE);
    how.setMinHeight(ROW_PX);
    node.setBottom(below);
    mat.setMenu(() -> TrayMenu.of(below));
  }

  Node node() {
    return node;
  }

  private String id() {
    return model.reference().map(Reference::id).orElse("");
  }

  private Optional<Stated> stated() {
    return model.reference().flatMap(Reference::distance);
  }

  private boolean distance(Stated mm) {
    return desk.attempt(() -> SizeEdits.distance(id(), Optional.of(mm)));
  }

  // == TRAYS

  private Tray toolTray() {
    Tray tray = new Tray();
    tray.setHgap(6);
    String label = Texts.SIZE.of("set-the-scale");
    for (Tool tool : Tool.RULERS) {
      tray.with(label, toggle(tool));
      label = " ";
    }
    tray.with(Texts.SIZE.of("of-the-prop"), toggle(Tool.WHOLE)).with(" ", toggle(Tool.CENTRE_LINE));
    tray.with(Texts.SIZE.of("outline"), toggle(Tool.TRACE));
    MenuButton measure = new MenuButton(Texts.SIZE.of("measure"));
    measure.setId("measure");
    measure.getStyleClass().add(Style.TOOL);
    for (Tool tool : Tool.MEASURES) {
      measure.getItems().add(item(tool.words(), () -> take(tool)));
    }
    MenuButton lay = new MenuButton(Texts.SIZE.of("picture"));
    lay.setId("lay-picture");
    lay.getStyleClass().add(Style.TOOL);
    lay.getItems()
        .addAll(
            item(
                Texts.SIZE.of("turn-by-a-quarter"),
                () -> dress(Texts.SIZE.of("turn-the-picture"), Dressing::turned)),
            item(Tool.LEVEL.words(), () -> take(Tool.LEVEL)),
            item(
                Texts.SIZE.of("as-level-as-it-came"),
                () -> dress(Texts.SIZE.of("level"), it -> it.withLevel(0))),
            item(Tool.CROP.words(), () -> take(Tool.CROP)),
            item(
                Texts.SIZE.of("show-all-of-it"),
                () -> dress(Texts.SIZE.of("show-all"), it -> it.withCrop(Optional.empty()))),
            item(Texts.SIZE.of("brighter"), () -> brighten(BRIGHTER)),
            item(Texts.SIZE.of("darker"), () -> brighten(-BRIGHTER)),
            item(Texts.SIZE.of("how-it-was-taken"), this::showCamera),
            item(Tool.HORIZON.words(), () -> take(Tool.HORIZON)),
            item(Tool.UPRIGHT.words(), () -> take(Tool.UPRIGHT)),
            item(
                Texts.SIZE.of("remove-it"),
                () -> desk.attempt(() -> SizeEdits.removePicture(id()))));
    return tray.with(Texts.SIZE.of("measurements"), measure)
        .with(Texts.SIZE.of("rotate-and-crop"), lay);
  }

  private ToggleButton toggle(Tool tool) {
    ToggleButton button =
        new ToggleButton(tool.key().map(it -> it.on(tool.words())).orElse(tool.words()));
    button.setId("mark-" + tool.key().map(Key::label).orElse(tool.name()));
    button.getStyleClass().add(Style.TOOL);
    button.setTooltip(new Tooltip(tool.how()));
    button.setOnAction(event -> model.toolProperty().set(button.isSelected() ? tool : null));
    tools.put(tool, button);
    return button;
  }

  private static MenuItem item(String words, Runnable action) {
    MenuItem item = new MenuItem(words);
    item.setOnAction(event -> action.run());
    return item;
  }

  private void take(Tool tool) {
    model.toolProperty().set(tool);
    mat.requestFocus();
  }

  private void dress(String name, java.util.function.UnaryOperator<Dressing> change) {
    desk.attempt(() -> SizeEdits.dressing(id(), name, change));
  }

  private void brighten(double by) {
    dress(
        Texts.SIZE.of("brightness"),
        it -> it.withBrightness(Math.clamp(it.brightness() + by, -1, 1)));
  }

  private Tray pictureTray() {
    pictureName.setId("picture-name");
    pictureName.setPrefColumnCount(12);
    pictureName.setOnAction(
        event -> desk.attempt(() -> SizeEdits.pictureName(id(), pictureName.getText())));
    Button taken = new Button(Texts.SIZE.of("how-it-was-taken"));
    taken.setId("how-taken");
    taken.setOnAction(event -> showCamera());
    precision.setId("marking-precision");
    precision.setPrefColumnCount(4);
    distance.setId("lens-distance");
    distanceStd.setPrefColumnCount(5);
    return new Tray()
        .with(Texts.SIZE.of("this-picture-is"), pictureName)
        .with(Texts.SIZE.of("accuracy"), precision)
        .with(Texts.SIZE.of("camera-distance"), distance)
        .with(Texts.SIZE.of("give-or-take"), distanceStd)
        .with(" ", taken);
  }

  /** What is said of the camera, in the place of what is said of the picture. */
  private void showCamera() {
    model.selectedProperty().set(null);
    model.toolProperty().set(null);
    cameraUp = true;
    showLower();
  }

  private Tray measureTray() {
    measureName.setId("measure-name");
    measureName.setOnAction(
        event ->
            model
                .measure()
                .ifPresent(
                    it ->
                        desk.attempt(
                            () ->
                                SizeEdits.measure(
                                    id(), it.withName(measureName.getText().strip())))));
    Button remove = new Button(Texts.SIZE.of("remove-del"));
    remove.setOnAction(event -> model.remove());
    return new Tray().with(Texts.SIZE.of("this-measure-is"), measureName).with(" ", remove);
  }

  private void showTools() {
    tools.forEach((tool, button) -> button.setSelected(tool == model.toolProperty().get()));
    showLower();
  }

  /** Shows what is said of the selected mark; not while it is held, for the mat must not move. */
  private void showLower() {
    if (model.holding()) {
      mat.redraw();
      return;
    }
    Tool up = model.toolProperty().get();
    if (up != null) {
      how.setText(up.how());
      below.show(List.of(toolTray, how), how);
      mat.redraw();
      return;
    }
    Optional<Ruler> ruler = model.ruler();
    Optional<Measure> measure = model.measure();
    ruler.ifPresent(rulerTray::show);
    measure.filter(it -> !measureName.isFocused()).ifPresent(it -> measureName.setText(it.name()));
    cameraUp = cameraUp && ruler.isEmpty() && measure.isEmpty();
    Tray wanted =
        ruler.isPresent()
            ? rulerTray.node()
            : measure.isPresent() ? measureTray : cameraUp ? cameraTray.node() : pictureTray;
    below.show(List.of(toolTray, wanted), wanted == pictureTray ? toolTray : wanted);
    mat.redraw();
  }

  // == SHOWING

  /** Shows a picture. */
  void show(String pictureId) {
    model.look(pictureId);
    mat.setUnits(desk.units());
    Optional<Reference> reference = model.reference();
    if (reference.isEmpty()) {
      return;
    }
    PictureSize size = desk.reckoned().sizing().pictures().get(pictureId);
    mat.setRuled(size.perPixel().isPresent());
    if (!pictureName.isFocused()) {
      pictureName.setText(reference.get().name());
    }
    precision.show(reference.get().markingPx());
    cameraTray.show(reference.get().camera());
    stated()
        .ifPresentOrElse(
            it -> {
              distance.show(it.value());
              distanceStd.show(it.std());
            },
            () -> {
              distance.showNothing();
              distanceStd.showNothing();
            });
    showLower();
    agreement.show(size.scale());
    fit(size);
    tape.show(findings(pictureId));
    desk.besideProperty().set(size.figures());
    mat.redraw();
  }

  /** The findings about this picture, and what comes next. */
  private List<Finding> findings(String pictureId) {
    return desk.findingsOf(Station.SIZE).stream()
        .filter(
            it ->
                it.place() instanceof Place.OnPicture at
                    ? at.pictureId().equals(pictureId)
                    : it.place() instanceof Place.OnStation
                        && it.severity() == Finding.Severity.NEXT)
        .toList();
  }

  /** Fits the mat when another picture lies on it, or it lies another way. */
  private void fit(PictureSize size) {
    Reference reference = size.scale().reference();
    String now =
        reference.id()
            + reference.picture().digest()
            + size.perPixel().isPresent()
            + reference.dressing().quarterTurns()
            + reference.dressing().crop()
            + size.scale().flat().flattened();
    if (!now.equals(fittedTo)) {
      fittedTo = now;
      mat.fit(extent(size), 12);
    }
  }

  private Box extent(PictureSize size) {
    Box picture = new PictureLay(size).extent();
    return size.perPixel().isPresent() ? picture.with(people(picture)) : picture;
  }

  private Box people(Box picture) {
    double tall = desk.wearer().heightMm();
    double x = picture.maxX() + tall * 0.33;
    return new Box(
        x - tall * 0.3, 0, x + tall * 0.42, Math.max(tall, Figures.wholeLength(desk.reckoned())));
  }

  private Optional<PictureSize> size() {
    return model.reference().map(it -> desk.reckoned().sizing().pictures().get(it.id()));
  }

  private Optional<PictureLay> lay() {
    return size().map(PictureLay::new);
  }

  private Optional<Point> where(Place place) {
    return place instanceof Place.OnPicture at
        ? lay().map(it -> it.toMat(at.px()))
        : Optional.empty();
  }

  /** A box or a line that marks nothing. */
  private void boxed(Tool tool, List<Point> px) {
    Point from = px.get(0);
    Point to = px.get(1);
    switch (tool) {
      case LEVEL -> level(from, to);
      case CROP -> dress(Texts.SIZE.of("show-a-part"), it -> it.withCrop(Optional.of(boxOf(px))));
      case HORIZON, UPRIGHT -> desk.attempt(() -> cameraTray.marked(tool, new Mark(from, to)));
      case TRACE -> size().ifPresent(it -> tracing.picture(it, boxOf(px)));
      default -> throw new IllegalArgumentException(Texts.SIZE.of("no-box-is-drawn-by", tool));
    }
  }

  private Box boxOf(List<Point> px) {
    PictureLay lay = lay().orElseThrow();
    Point a = lay.toMat(px.get(0));
    Point b = lay.toMat(px.get(1));
    List<Point> corners =
        List.of(
            px.get(0),
            px.get(1),
            lay.toPicture(new Point(a.x(), b.y())),
            lay.toPicture(new Point(b.x(), a.y())));
    Box box = Box.around(corners);
    Reference reference = model.reference().orElseThrow();
    double width = reference.picture().widthPx();
    double height = reference.picture().heightPx();
    return new Box(
        Math.clamp(box.minX(), 0, width - 8),
        Math.clamp(box.minY(), 0, height - 8),
        Math.clamp(box.maxX(), 8, width),
        Math.clamp(box.maxY(), 8, height));
  }

  /** Turns the picture so that a line becomes level or upright, whichever is nearer. */
  private void level(Point from, Point to) {
    PictureLay lay = lay().orElseThrow();
    Point along = lay.toMat(to).minus(lay.toMat(from));
    double angle = Math.atan2(along.y(), along.x());
    double quarter = Math.PI / 2;
    double off = angle - Math.round(angle / quarter) * quarter;
    dress(Texts.SIZE.of("level-the-picture"), it -> it.withLevel(it.levelRad() + off));
  }

  private void draw(Pen pen) {
    size()
        .ifPresent(
            it -> {
              drawing.draw(pen, it);
              tape.mark(pen);
            });
  }

  // == HAND

  /** Marking with the pointer and the keys. */
  private final class Marking implements MatView.Hand {

    @Override
    public boolean placing() {
      return model.toolProperty().get() != null;
    }

    @Override
    public String selected() {
      return model.said();
    }

    private double reach(Point place) {
      PictureLay lay = lay().orElseThrow();
      Point here = lay.toPicture(place);
      Point beside = lay.toPicture(place.plus(new Point(REACH_PX / mat.zoom(), 0)));
      return here.distance(beside);
    }

    @Override
    public boolean press(Point place, MouseEvent event) {
      boolean on = lay().map(it -> model.press(it.toPicture(place), reach(place))).orElse(false);
      return on;
    }

    @Override
    public void drag(Point place, MouseEvent event) {
      lay().ifPresent(it -> model.drag(it.toPicture(place), reach(place)));
    }

    @Override
    public void release(Point place, MouseEvent event) {
      model.release();
      showLower();
    }

    @Override
    public boolean key(KeyEvent event) {
      double step = event.isShiftDown() ? 10 : 1;
      if (Key.PLACE.is(event)) {
        model.next();
        showLower();
        return true;
      }
      if (Key.REMOVE.is(event)) {
        model.remove();
        return true;
      }
      switch (event.getCode()) {
        case LEFT -> model.nudge(-step, 0);
        case RIGHT -> model.nudge(step, 0);
        case UP -> model.nudge(0, -step);
        case DOWN -> model.nudge(0, step);
        case ENTER -> model.finish();
        case ESCAPE -> model.toolProperty().set(null);
        default -> {
          return false;
        }
      }
      return true;
    }
  }

  boolean key(KeyEvent event) {
    if (event.getCode() == KeyCode.ENTER && model.finish()) {
      return true;
    }
    for (Tool tool : Tool.values()) {
      if (tool.key().filter(it -> it.is(event)).isPresent()) {
        model.toolProperty().set(model.toolProperty().get() == tool ? null : tool);
        mat.requestFocus();
        return true;
      }
    }
    return false;
  }
}
