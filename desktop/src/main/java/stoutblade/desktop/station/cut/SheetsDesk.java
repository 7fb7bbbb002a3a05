package stoutblade.desktop.station.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.measure.Display;
import stoutblade.nest.Nesting;
import stoutblade.nest.SheetTemplates;
import stoutblade.part.Part;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.stock.CutList;
import stoutblade.template.Template;

/** Sheets on the mat at true scale, with the pieces of all props that are cut from them. */
final class SheetsDesk {

  private static final double BETWEEN_MM = 80;
  private static final double MARGIN_PX = 40;
  private static final double NUMBER_PX = 12;
  private static final double LEAST_ROOM_PX = 9;

  private final Desk desk;
  private final SheetsModel model;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final Tray tray;
  private final ComboBox<CutList.Kind> kind = new ComboBox<>();
  private final EntryField gap;
  private final EntryField rim;
  private final Button longer = new Button("Look longer");
  private final Button print = new Button("Print…");
  private final Label said = new Label();
  private Optional<Nesting> fitted = Optional.empty();
  private boolean showing;

  /**
   * A desk.
   *
   * @param print prints a template of sheets
   */
  SheetsDesk(Desk desk, BackgroundTasks tasks, Consumer<Template> print) {
    this.desk = desk;
    this.model = new SheetsModel(desk, tasks, this::show);
    mat.setCalled("Sheets with what is cut from them");
    mat.setId("sheets-mat");
    mat.setDrawing(this::draw);
    kind.setId("sheets-kind");
    kind.setPrefWidth(310);
    kind.setConverter(Choices.named(it -> it.words() + ": " + it.count() + " pieces"));
    kind.setOnAction(
        event -> {
          if (!showing && kind.getValue() != null) {
            model.look(kind.getValue());
          }
        });
    gap = EntryField.length(desk, model::gap);
    gap.setId("sheets-gap");
    rim = EntryField.length(desk, model::rim);
    rim.setId("sheets-rim");
    longer.setId("sheets-longer");
    longer.setOnAction(event -> model.longer());
    this.print.setId("sheets-print");
    this.print.setOnAction(event -> model.answer().map(this::template).ifPresent(print));
    said.setId("sheets-said");
    said.getStyleClass().add(Style.FIGURE_VALUE);
    said.setMaxHeight(Double.MAX_VALUE);
    tray =
        new Tray()
            .with("Cut from", kind)
            .with("Between pieces", gap)
            .with("Free along edges", rim)
            .with(" ", longer)
            .with("At full size", this.print);
  }

  Node mat() {
    return mat;
  }

  Tray tray() {
    return tray;
  }

  /** What the answer comes to, in words. */
  Label said() {
    return said;
  }

  private Template template(Nesting nesting) {
    return SheetTemplates.of("sheets", model.kind().orElseThrow().words(), nesting);
  }

  /** Shows what there is; what is not known yet is looked for. */
  void show() {
    mat.setUnits(desk.units());
    showing = true;
    kind.getItems().setAll(model.kinds());
    kind.setValue(model.kind().orElse(null));
    showing = false;
    gap.show(model.gapMm());
    rim.show(model.rimMm());
    model.begin();
    longer.setDisable(model.looking() || model.answer().isEmpty());
    print.setDisable(model.answer().isEmpty());
    said.setText(model.words() + (model.looking() ? " …" : ""));
    Optional<Nesting> now = model.answer();
    if (!now.equals(fitted)) {
      fitted = now;
      now.flatMap(SheetsDesk::box).ifPresent(it -> mat.fitAnew(it, MARGIN_PX));
    }
    mat.redraw();
  }

  // == DRAWING

  /** A sheet with where its corner lies on the mat. */
  private record Laid(Nesting.Used used, Point by) {

    Box box() {
      return used.sheet().outline().box().moved(by);
    }
  }

  /** The sheets in rows, so that all of them are about as wide as the mat. */
  private static List<Laid> laid(Nesting nesting) {
    List<Laid> all = new ArrayList<>();
    int row = (int) Math.max(1, Math.ceil(Math.sqrt(nesting.sheets().size())));
    double x = 0;
    double y = 0;
    double high = 0;
    for (Nesting.Used it : nesting.sheets()) {
      Box box = it.sheet().outline().box();
      if (!all.isEmpty() && all.size() % row == 0) {
        x = 0;
        y -= high + BETWEEN_MM;
        high = 0;
      }
      all.add(new Laid(it, new Point(x - box.minX(), y - box.minY())));
      x += box.width() + BETWEEN_MM;
      high = Math.max(high, box.height());
    }
    return all;
  }

  private static Optional<Box> box(Nesting nesting) {
    return laid(nesting).stream().map(Laid::box).reduce(Box::with);
  }

  private void draw(Pen pen) {
    model
        .answer()
        .ifPresent(
            nesting -> {
              int number = 1;
              for (Laid it : laid(nesting)) {
                drawSheet(pen, it, number++);
                it.used.pieces().forEach(piece -> drawPiece(pen, it, piece));
              }
            });
  }

  private static void drawSheet(Pen pen, Laid laid, int number) {
    List<List<Point>> rings =
        laid.used.sheet().outline().rings().stream()
            .map(ring -> ring.stream().map(laid.by::plus).toList())
            .toList();
    pen.fill(rings, pen.faint(Ink.FOAM, 0.35));
    pen.stroke(rings, pen.colour(Ink.INK), 1.6);
    pen.words(
        "%s %d: %s %% of it pieces"
            .formatted(
                laid.used.sheet().price() > 0 ? "Sheet" : "Left over",
                number,
                Display.decimal(laid.used.share() * 100, 0)),
        new Point(laid.box().centre().x(), laid.box().minY()),
        0,
        14,
        12,
        pen.colour(Ink.SOFT));
  }

  /** A piece; those of the part that is looked at stand out. */
  private void drawPiece(Pen pen, Laid laid, Nesting.Placed piece) {
    List<Path> lines =
        piece.shape().lines().stream()
            .map(it -> it.moved(at -> piece.lay().place(at)).moved(laid.by::plus))
            .toList();
    boolean looked =
        desk.looked()
            .map(PartReckoning::part)
            .map(Part::name)
            .filter(it -> piece.shape().id().contains("  " + it))
            .isPresent();
    List<List<Point>> rings = lines.stream().map(it -> it.flattened(0.2)).toList();
    pen.fill(rings, looked ? pen.colour(Ink.PAPER) : pen.colour(Ink.FOAM));
    lines.forEach(
        it -> pen.stroke(it, pen.colour(looked ? Ink.SELECTED : Ink.INK), looked ? 2.2 : 1.1));
    SheetTemplates.Room room = SheetTemplates.Room.of(piece);
    if (room.radius() * pen.zoom() > LEAST_ROOM_PX) {
      String id = piece.shape().id();
      Point middle = piece.lay().place(room.middle()).plus(laid.by);
      pen.words(id.substring(0, id.indexOf("  ")), middle, 0, 4, NUMBER_PX, pen.colour(Ink.INK));
    }
  }
}
