package stoutblade.desktop.station.cut;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Display;
import stoutblade.nest.Nesting;
import stoutblade.nest.SheetPlan;
import stoutblade.nest.SheetTemplates;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sheets in rows on the mat, at true scale, with what lies on them. */
final class SheetsDrawing {

  private static final double BETWEEN_MM = 80;
  private static final double NUMBER_PX = 12;
  private static final double LEAST_ROOM_PX = 9;
  private static final double FLAT_MM = 0.2;

  private final SheetsModel model;
  private final Map<String, SheetTemplates.Room> rooms = new HashMap<>();
  private List<Laid> laid = List.of();

  /**
   * A sheet with where its corner lies on the mat.
   *
   * @param number which of those that are shown
   */
  record Laid(int number, SheetPlan.Held held, Point by) {

    Box box() {
      return held.sheet().outline().box().moved(by);
    }

    /** Where a place of the mat is on the sheet. */
    Point onSheet(Point mat) {
      return mat.minus(by);
    }
  }

  /** A piece that is in a hand. */
  record InHand(SheetsModel.Spot spot, int onSheet, Nesting.Placed placed) {}

  SheetsDrawing(SheetsModel model) {
    this.model = model;
  }

  /** Lays the sheets out in rows, so that all of them are about as wide as the mat. */
  void update() {
    rooms.clear();
    List<Laid> all = new ArrayList<>();
    List<SheetPlan.Held> sheets = model.shown().map(it -> it.fitted().sheets()).orElse(List.of());
    int row = (int) Math.max(1, Math.ceil(Math.sqrt(sheets.size())));
    double x = 0;
    double y = 0;
    double high = 0;
    for (SheetPlan.Held it : sheets) {
      Box box = it.sheet().outline().box();
      if (!all.isEmpty() && all.size() % row == 0) {
        x = 0;
        y -= high + BETWEEN_MM;
        high = 0;
      }
      all.add(new Laid(all.size(), it, new Point(x - box.minX(), y - box.minY())));
      x += box.width() + BETWEEN_MM;
      high = Math.max(high, box.height());
    }
    laid = all;
  }

  List<Laid> laid() {
    return laid;
  }

  Optional<Box> box() {
    return laid.stream().map(Laid::box).reduce(Box::with);
  }

  /** The sheet at a place. */
  Optional<Laid> sheetAt(Point mat) {
    return laid.stream()
        .filter(it -> it.held.sheet().outline().contains(it.onSheet(mat)))
        .findFirst();
  }

  /** The piece at a place. */
  Optional<SheetsModel.Spot> pieceAt(Point mat) {
    for (Laid sheet : laid) {
      List<SheetPlan.HeldPiece> pieces = sheet.held.pieces();
      for (int i = 0; i < pieces.size(); i++) {
        if (pieces.get(i).placed().region().contains(sheet.onSheet(mat))) {
          return Optional.of(new SheetsModel.Spot(sheet.number, i));
        }
      }
    }
    return Optional.empty();
  }

  // == DRAWING

  /**
   * Draws all of it.
   *
   * @param selected the piece that is selected
   * @param path the part that lights up, as 'prop/part'
   */
  void draw(Pen pen, Optional<SheetsModel.Spot> selected, Optional<InHand> inHand, String path) {
    for (Laid sheet : laid) {
      drawSheet(pen, sheet);
      for (int i = 0; i < sheet.held.pieces().size(); i++) {
        SheetsModel.Spot spot = new SheetsModel.Spot(sheet.number, i);
        if (inHand.filter(it -> it.spot.equals(spot)).isEmpty()) {
          Look look = look(spot, selected.filter(spot::equals).isPresent(), path);
          drawPiece(pen, sheet, model.placed(spot), look);
        }
      }
    }
    inHand.ifPresent(
        it -> drawPiece(pen, laid.get(it.onSheet), it.placed, look(it.spot, true, path)));
  }

  /** How a piece is to look. */
  private record Look(int number, boolean selected, boolean looked, boolean pinned, boolean cut) {}

  private Look look(SheetsModel.Spot spot, boolean selected, String path) {
    var entry = model.shown().orElseThrow().kind().entry(model.placed(spot).shape().id());
    return new Look(
        entry.number(),
        selected,
        entry.path().equals(path),
        model.pinned(spot),
        model.cut(spot.sheet()));
  }

  private void drawSheet(Pen pen, Laid sheet) {
    List<List<Point>> rings =
        sheet.held.sheet().outline().rings().stream()
            .map(ring -> ring.stream().map(sheet.by::plus).toList())
            .toList();
    boolean cut = model.cut(sheet.number);
    pen.fill(rings, pen.faint(Ink.FOAM, cut ? 0.12 : 0.35));
    pen.stroke(rings, pen.colour(cut ? Ink.SOFT : Ink.INK), 1.6);
    double share =
        sheet.held.pieces().stream().mapToDouble(it -> it.placed().shape().outline().area()).sum()
            / sheet.held.sheet().outline().area();
    String what =
        cut
            ? Texts.CUT.of("cut")
            : sheet.held.sheet().price() > 0
                ? Texts.CUT.of("sheet-alone")
                : Texts.CUT.of("left-over");
    pen.words(
        Texts.CUT.of("of-it-pieces", what, sheet.number + 1, Display.decimal(share * 100, 0)),
        new Point(sheet.box().centre().x(), sheet.box().minY()),
        0,
        14,
        12,
        pen.colour(Ink.SOFT));
  }

  /** A piece; what is selected and the part that is looked at stand out, what stays has a dot. */
  private void drawPiece(Pen pen, Laid sheet, Nesting.Placed piece, Look look) {
    List<Path> lines =
        piece.shape().lines().stream()
            .map(it -> it.moved(at -> piece.lay().place(at)).moved(sheet.by::plus))
            .toList();
    List<List<Point>> rings = lines.stream().map(it -> it.flattened(FLAT_MM)).toList();
    pen.fill(
        rings,
        look.cut
            ? pen.faint(Ink.FOAM, 0.5)
            : pen.colour(look.looked || look.selected ? Ink.PAPER : Ink.FOAM));
    Ink ink = look.selected || look.looked ? Ink.SELECTED : Ink.INK;
    double wide = look.selected ? 3.2 : look.looked ? 2.2 : 1.1;
    lines.forEach(it -> pen.stroke(it, pen.colour(ink), wide));
    SheetTemplates.Room room =
        rooms.computeIfAbsent(piece.shape().id(), id -> SheetTemplates.Room.of(piece));
    if (room.radius() * pen.zoom() > LEAST_ROOM_PX) {
      Point middle = piece.lay().place(room.middle()).plus(sheet.by);
      String number = Integer.toString(look.number);
      pen.words(look.pinned ? number + " •" : number, middle, 0, 4, NUMBER_PX, pen.colour(Ink.INK));
    }
  }
}
