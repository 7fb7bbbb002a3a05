package stoutblade.desktop.station.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import stoutblade.build.Step;
import stoutblade.derive.Derived;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.PartDrawing;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.OverList;
import stoutblade.desktop.station.Surface;
import stoutblade.desktop.texts.Texts;
import stoutblade.journal.Journal;
import stoutblade.journal.Journal.Built;
import stoutblade.measure.Display;
import stoutblade.measure.Quantity;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** Log: time taken against time planned, step by step, and each built part over the planned one. */
public final class LogSurface implements Surface {

  private static final String UNSAID = Texts.LOG.of("not-said");
  private static final String STIFF = Texts.LOG.of("stiff-enough");
  private static final String LIMP = Texts.LOG.of("limp");
  private static final double BAR = 210;
  private static final double MARK = 86;
  private static final double TAKEN = 300;
  private static final double MOST_STRETCH = 3;

  private final Desk desk;
  private final LogModel model;
  private final MatView mat = new MatView(Lie.LYING);
  private final VBox rows = new VBox(4);
  private final BorderPane node = new OverList(mat, 210, rows);
  private final EntryField length;
  private final EntryField width;
  private final EntryField mass;
  private final ComboBox<String> felt = new ComboBox<>();
  private boolean showing;

  /** The surface. */
  public LogSurface(Desk desk) {
    this.desk = desk;
    this.model = new LogModel(desk);
    mat.setCalled(Texts.LOG.of("what-was-built"));
    mat.setId("log-mat");
    mat.setDrawing(this::draw);
    length = EntryField.length(desk, model::length);
    width = EntryField.length(desk, model::width);
    length.setId("built-length");
    width.setId("built-width");
    mass = EntryField.amount(desk, Quantity.MASS, model::mass);
    mass.setId("built-mass");
    felt.setId("built-felt");
    felt.getItems().setAll(UNSAID, STIFF, LIMP);
    felt.setPrefWidth(140);
    felt.setOnAction(
        event -> {
          if (!showing && felt.getValue() != null) {
            model.felt(
                felt.getValue().equals(UNSAID)
                    ? Optional.empty()
                    : Optional.of(felt.getValue().equals(LIMP)));
          }
        });
    node.setBottom(
        new Tray()
            .with(Texts.LOG.of("built-length"), length)
            .with(Texts.LOG.of("built-greatest-width"), width)
            .with(Texts.LOG.of("built-weight-with-core"), mass)
            .with(Texts.LOG.of("feels-in-the-hand"), felt));
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    OverList.fit(mat, desk, 40);
    Built built = model.built();
    built.lengthMm().ifPresentOrElse(length::show, length::showNothing);
    built.widthMm().ifPresentOrElse(width::show, width::showNothing);
    built.massG().ifPresentOrElse(mass::show, mass::showNothing);
    showing = true;
    felt.setValue(built.felt().map(it -> it.limp() ? LIMP : STIFF).orElse(UNSAID));
    felt.setDisable(!model.feels());
    showing = false;
    showRows();
    mat.redraw();
  }

  private void showRows() {
    List<Node> lines = new ArrayList<>();
    Label legend = new Label(Texts.LOG.of("time-for-each-step-pale"));
    legend.getStyleClass().add(Style.SOFT);
    lines.add(legend);
    double scale = BAR / model.longest();
    model.steps().forEach(step -> lines.add(row(step, model.done(step), scale)));
    rows.getChildren().setAll(lines);
  }

  private Node row(Step step, Optional<Journal.Done> done, double scale) {
    Label title = new Label(step.title());
    title.setMaxWidth(Double.MAX_VALUE);
    title.setMinWidth(0);
    WrappedText.in(title);
    HBox.setHgrow(title, Priority.ALWAYS);
    Region planned = bar(step.minutes() * scale, "bar-planned");
    StackPane bars = new StackPane(planned);
    done.ifPresent(it -> bars.getChildren().add(bar(it.minutes() * scale, "bar-taken")));
    bars.setAlignment(Pos.CENTER_LEFT);
    bars.setPrefWidth(BAR);
    bars.setMinWidth(BAR);
    HBox row = new HBox(10, title, bars, taken(step, done));
    row.setAlignment(Pos.CENTER_LEFT);
    row.getStyleClass().add(Style.CARD);
    row.setId("log-" + Style.nodeId(step.id()));
    return row;
  }

  private static Region bar(double width, String style) {
    Region bar = new Region();
    bar.setMinWidth(Math.max(2, width));
    bar.setMaxWidth(Math.max(2, width));
    bar.getStyleClass().add(style);
    return bar;
  }

  /** The time taken, in a field; a step that is not done yet is marked done by typing it. */
  private Node taken(Step step, Optional<Journal.Done> done) {
    EntryField field = EntryField.minutes(desk, minutes -> model.mark(step, minutes));
    field.setId("took-" + Style.nodeId(step.id()));
    field.setAccessibleText(Texts.LOG.of("how-long-it-took", step.title()));
    field.setPromptText(Display.decimal(step.minutes(), 0) + " min");
    done.ifPresentOrElse(it -> field.show(it.minutes()), field::showNothing);
    HBox box = new HBox(6, field, done.isPresent() ? isDone(step) : markDone(step));
    box.setMinWidth(TAKEN);
    box.setPrefWidth(TAKEN);
    box.setAlignment(Pos.CENTER_LEFT);
    return box;
  }

  private Node markDone(Step step) {
    Button mark = new Button(Texts.LOG.of("done"));
    mark.setMinWidth(MARK);
    mark.setId("log-done-" + Style.nodeId(step.id()));
    mark.setOnAction(event -> model.mark(step, Math.rint(step.minutes())));
    return mark;
  }

  /**
   * A step that is done: where its button was there is none, so that Enter and a press of Done
   * together do not take it back.
   */
  private Node isDone(Step step) {
    Label is = new Label(Texts.LOG.of("is-done"));
    is.setMinWidth(MARK);
    Button back = new Button(Texts.LOG.of("not-done"));
    back.setMinWidth(MARK);
    back.setId("log-undone-" + Style.nodeId(step.id()));
    back.setOnAction(event -> model.notDone(step));
    HBox box = new HBox(6, is, back);
    box.setAlignment(Pos.CENTER_LEFT);
    return box;
  }

  // == DRAWING

  private void draw(Pen pen) {
    desk.looked()
        .ifPresent(part -> PartDrawing.box(part).ifPresent(box -> drawPart(pen, part, box)));
  }

  private void drawPart(Pen pen, PartReckoning part, Box box) {
    PartDrawing.face(pen, part, pen.faint(Ink.FOAM, 0.7));
    List<List<Point>> rings = PartDrawing.rings(part);
    pen.stroke(rings, pen.colour(Ink.INK), 1.5, 6, 4);
    Built built = desk.project().journal().built(part.path());
    double along = built.lengthMm().orElse(box.height()) / box.height();
    double across = built.widthMm().orElse(box.width()) / box.width();
    boolean measured = built.lengthMm().isPresent() || built.widthMm().isPresent();
    // One that is many times as large as planned would leave nothing of the plan in sight.
    if (measured && along <= MOST_STRETCH && across <= MOST_STRETCH) {
      pen.stroke(stretched(rings, box, across, along), pen.colour(Ink.SELECTED), 2.4);
      pen.plate(
          Texts.LOG.of("as-built"),
          new Point(
              box.centre().x() + box.width() / 2 * across * 0.7, box.minY() + box.height() * 0.62),
          pen.colour(Ink.SELECTED));
    }
    part.core()
        .ifPresent(
            core -> {
              Point at = core.balancePoint();
              pen.dot(at, 6, pen.colour(Ink.MEASURE));
              pen.plate(
                  Texts.LOG.of("should-balance-here"),
                  at.minus(new Point(20 / pen.zoom(), 0)),
                  pen.colour(Ink.MEASURE));
            });
  }

  /** Stretched from the middle of its near end. */
  private static List<List<Point>> stretched(
      List<List<Point>> rings, Box box, double across, double along) {
    double x = box.centre().x();
    double y = box.minY();
    return rings.stream()
        .map(
            ring ->
                ring.stream()
                    .map(it -> new Point(x + (it.x() - x) * across, y + (it.y() - y) * along))
                    .toList())
        .toList();
  }
}
