package stoutblade.desktop.station.size;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Figures;
import stoutblade.measure.Display;
import stoutblade.project.SizeEdits;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.trace.Tracing;
import stoutblade.trace.TracingFigures;

/** Outlines that were kept, at the size in which the prop is made. */
final class OutlineDesk {

  private static final double FINE_MM = 0.5;

  private final Desk desk;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final BorderPane node = new BorderPane(mat);
  private final TextField name = PlainText.field();
  private String tracingId = "";

  OutlineDesk(Desk desk) {
    this.desk = desk;
    mat.setId("outline-mat");
    mat.setDrawing(this::draw);
    name.setId("outline-name");
    name.setOnAction(
        event -> desk.perform(SizeEdits.tracingName(tracingId, name.getText().strip())));
    Button draft = new Button("Draft from it");
    draft.setId("outline-draft");
    draft.setOnAction(event -> tracing().ifPresent(this::draft));
    Button remove = new Button("Remove");
    remove.setId("outline-remove");
    remove.setOnAction(event -> desk.perform(SizeEdits.removeTracing(tracingId)));
    node.setBottom(
        new Tray().with("This outline is", name).with("The blade", draft).with(" ", remove));
  }

  Node node() {
    return node;
  }

  private Optional<Tracing> tracing() {
    return desk.project().size().tracing(tracingId);
  }

  private void draft(Tracing tracing) {
    try {
      TraceDesk.draft(
          desk,
          tracing.name(),
          tracing.outlines().getFirst(),
          tracing.toleranceMm(),
          tracing.from());
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
    }
  }

  /** Shows an outline. */
  void show(String id) {
    tracingId = id;
    mat.setUnits(desk.units());
    tracing()
        .ifPresent(
            it -> {
              if (!name.isFocused()) {
                name.setText(it.name());
              }
              mat.fitAnew(box(it), 60);
              desk.besideProperty()
                  .set(TracingFigures.of("size." + id, it.outlines(), it.toleranceMm()));
            });
    mat.redraw();
  }

  private static Box box(Tracing tracing) {
    return Box.around(
        tracing.outlines().stream().flatMap(it -> it.path().flattened(FINE_MM).stream()).toList());
  }

  private void draw(Pen pen) {
    tracing().ifPresent(it -> draw(pen, it));
  }

  private void draw(Pen pen, Tracing tracing) {
    pen.fill(tracing.outlines().getFirst().path(), pen.faint(Ink.FOAM, 0.6));
    Figures.tracing(pen, tracing.outlines(), Ink.INK);
    Box box = Box.around(tracing.outlines().getFirst().path().flattened(FINE_MM));
    double away = 24 / pen.zoom();
    pen.measure(
        new Point(box.maxX() + away, box.minY()),
        new Point(box.maxX() + away, box.maxY()),
        Display.length(box.height(), desk.units()),
        pen.colour(Ink.MEASURE));
    pen.measure(
        new Point(box.maxX(), box.minY() - away),
        new Point(box.minX(), box.minY() - away),
        Display.length(box.width(), desk.units()),
        pen.colour(Ink.MEASURE));
  }
}
