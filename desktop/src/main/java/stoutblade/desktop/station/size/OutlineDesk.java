package stoutblade.desktop.station.size;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.station.Figures;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.SizeEdits;
import stoutblade.measure.Display;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.trace.FileUnit;
import stoutblade.trace.Tracing;
import stoutblade.trace.TracingFigures;

/** Outlines that were kept, at the size in which the prop is made. */
final class OutlineDesk {

  private static final double FINE_MM = 0.5;

  private final Desk desk;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final BorderPane node = new BorderPane(mat);
  private final TextField name = PlainText.field();
  private final ComboBox<FileUnit.Usual> unit = new ComboBox<>();
  private final EntryField length;
  private final Tray tray = new Tray();
  private boolean showing;
  private String tracingId = "";

  OutlineDesk(Desk desk) {
    this.desk = desk;
    mat.setCalled(Texts.SIZE.of("outlines-of-the-file"));
    mat.setId("outline-mat");
    mat.setDrawing(this::draw);
    name.setId("outline-name");
    name.setOnAction(
        event -> desk.perform(SizeEdits.tracingName(tracingId, name.getText().strip())));
    Button draft = new Button(Texts.SIZE.of("draft-from-it"));
    draft.setId("outline-draft");
    draft.setOnAction(event -> tracing().ifPresent(this::draft));
    Button remove = new Button(Texts.SIZE.of("remove"));
    remove.setId("outline-remove");
    remove.setOnAction(event -> desk.perform(SizeEdits.removeTracing(tracingId)));
    unit.setId("outline-unit");
    unit.getItems().setAll(FileUnit.USUAL);
    unit.setConverter(Choices.named(FileUnit.Usual::name));
    unit.setOnAction(
        event -> {
          if (!showing && unit.getValue() != null) {
            desk.perform(SizeEdits.tracingUnit(tracingId, unit.getValue().mm()));
          }
        });
    length = EntryField.length(desk, mm -> desk.perform(SizeEdits.tracingLength(tracingId, mm)));
    length.setId("outline-length");
    mat.setHand(new Picking());
    mat.setPending(desk::busy);
    tray.with(Texts.SIZE.of("this-outline-is"), name)
        .with(Texts.SIZE.of("drawn-in"), unit)
        .with(Texts.SIZE.of("its-length-is"), length)
        .with(Texts.SIZE.of("the-blade"), draft)
        .with(" ", remove);
    node.setBottom(tray);
  }

  Node node() {
    return node;
  }

  private Optional<Tracing> tracing() {
    return desk.prop().size().tracing(tracingId);
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
              showing = true;
              unit.setDisable(it.unit().isEmpty());
              unit.setValue(
                  it.unit().filter(FileUnit::said).flatMap(OutlineDesk::usual).orElse(null));
              length.show(Box.around(it.outlines().getFirst().path().flattened(FINE_MM)).height());
              showing = false;
              desk.besideProperty()
                  .set(TracingFigures.of("size." + id, it.outlines(), it.toleranceMm()));
            });
    mat.redraw();
  }

  private static Optional<FileUnit.Usual> usual(FileUnit own) {
    return FileUnit.USUAL.stream()
        .filter(it -> Math.abs(it.mm() - own.mm()) < 1e-9 * own.mm())
        .findFirst();
  }

  /** The outline that is pressed is the one that is taken: the smallest round the place. */
  private final class Picking implements MatView.Hand {

    @Override
    public boolean press(Point place, MouseEvent event) {
      Optional<Integer> pressed = tracing().flatMap(it -> at(it, place));
      pressed
          .filter(it -> it > 0)
          .ifPresent(it -> desk.perform(SizeEdits.takeOutline(tracingId, it)));
      return pressed.isPresent();
    }

    private Optional<Integer> at(Tracing tracing, Point place) {
      Optional<Integer> found = Optional.empty();
      double least = Double.POSITIVE_INFINITY;
      for (int i = 0; i < tracing.outlines().size(); i++) {
        Region region = Region.inside(tracing.outlines().get(i).path(), FINE_MM);
        if (region.area() < least && region.contains(place)) {
          least = region.area();
          found = Optional.of(i);
        }
      }
      return found;
    }
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
