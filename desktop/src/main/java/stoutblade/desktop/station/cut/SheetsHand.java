package stoutblade.desktop.station.cut;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.mat.Arrows;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.texts.Texts;
import stoutblade.nest.Slide;
import stoutblade.project.PartRef;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Point;
import stoutblade.stock.CutList;

/** A hand that moves pieces on their sheets: they slide along one another. */
final class SheetsHand implements MatView.Hand {

  private static final double TURN = Math.toRadians(15);

  private final Desk desk;
  private final SheetsModel model;
  private final SheetsDrawing drawing;
  private final Runnable redraw;
  private Optional<SheetsModel.Spot> selected = Optional.empty();
  private Optional<Held> held = Optional.empty();

  /** What is held: where it was taken, and how it slides. */
  private record Held(
      SheetsModel.Spot spot, int onSheet, Slide slide, Point grabbed, boolean moved) {}

  /**
   * A hand.
   *
   * @param redraw called once what is selected or held has changed
   */
  SheetsHand(Desk desk, SheetsModel model, SheetsDrawing drawing, Runnable redraw) {
    this.desk = desk;
    this.model = model;
    this.drawing = drawing;
    this.redraw = redraw;
  }

  /** The piece that is selected, as long as it is there. */
  Optional<SheetsModel.Spot> spot() {
    return selected.filter(
        it ->
            it.sheet() < drawing.laid().size()
                && it.piece() < drawing.laid().get(it.sheet()).held().pieces().size());
  }

  /** What is in the hand. */
  Optional<SheetsDrawing.InHand> inHand() {
    return held.filter(Held::moved)
        .map(it -> new SheetsDrawing.InHand(it.spot, it.onSheet, it.slide.placed()));
  }

  private CutList.Entry entry(SheetsModel.Spot spot) {
    return model.shown().orElseThrow().kind().entry(model.placed(spot).shape().id());
  }

  /**
   * Selects a piece, and goes to the part that it belongs to; one of another prop lights up here
   * alone, as that prop would have its own stations.
   */
  private void select(Optional<SheetsModel.Spot> spot) {
    selected = spot;
    spot.map(this::entry)
        .map(CutList.Entry::path)
        .map(PartRef::of)
        .filter(it -> it.propId().equals(desk.prop().id()))
        .ifPresent(it -> desk.goToPart(it.partId()));
    redraw.run();
  }

  /** The part that lights up, as 'prop/part': that of the piece, else the one that is looked at. */
  String path() {
    return spot()
        .map(this::entry)
        .map(CutList.Entry::path)
        .or(() -> desk.looked().map(PartReckoning::path))
        .orElse("");
  }

  @Override
  public boolean press(Point place, MouseEvent event) {
    Optional<SheetsModel.Spot> spot = drawing.pieceAt(place);
    select(spot);
    if (spot.isEmpty() || model.looking()) {
      return spot.isPresent();
    }
    SheetsModel.Spot it = spot.get();
    held =
        model.cut(it.sheet())
            ? Optional.empty()
            : model
                .take(it, it.sheet())
                .map(slide -> new Held(it, it.sheet(), slide, offset(it, place), false));
    return true;
  }

  /** Where the middle of the piece is, from where it was taken. */
  private Point offset(SheetsModel.Spot spot, Point place) {
    SheetsDrawing.Laid sheet = drawing.laid().get(spot.sheet());
    return model.placed(spot).box().centre().minus(sheet.onSheet(place));
  }

  @Override
  public void drag(Point place, MouseEvent event) {
    held = held.flatMap(it -> dragged(it, place));
    redraw.run();
  }

  /** Slides it on its sheet, or puts it onto another one that is pointed at. */
  private Optional<Held> dragged(Held it, Point place) {
    int onto = drawing.sheetAt(place).map(SheetsDrawing.Laid::number).orElse(it.onSheet);
    if (onto != it.onSheet && !model.cut(onto)) {
      Optional<Slide> other = model.take(it.spot, onto);
      Point there = drawing.laid().get(onto).onSheet(place).plus(it.grabbed);
      other.ifPresent(slide -> slide.to(slide.middleFor(there)));
      if (other.filter(slide -> !slide.stuck()).isPresent()) {
        return Optional.of(new Held(it.spot, onto, other.get(), it.grabbed, true));
      }
    }
    Point there = drawing.laid().get(it.onSheet).onSheet(place).plus(it.grabbed);
    it.slide.to(it.slide.middleFor(there));
    return Optional.of(new Held(it.spot, it.onSheet, it.slide, it.grabbed, true));
  }

  @Override
  public void release(Point place, MouseEvent event) {
    Optional<Held> now = held;
    held = Optional.empty();
    now.filter(Held::moved)
        .filter(it -> it.onSheet != it.spot.sheet() || !same(it))
        .ifPresent(it -> model.put(it.spot, it.onSheet, it.slide.placed()));
    redraw.run();
  }

  private boolean same(Held it) {
    return it.slide.placed().lay().equals(model.placed(it.spot).lay());
  }

  @Override
  public boolean key(KeyEvent event) {
    Optional<Point> by = Arrows.by(event);
    if (by.isPresent() && spot().isPresent()) {
      nudge(by.get());
    } else if (Key.TURN.is(event)) {
      turn(event.isShiftDown() ? -TURN : TURN);
    } else if (Key.STAYS.is(event)) {
      pin();
    } else if (Key.PLACE.is(event)) {
      next(event.isShiftDown() ? -1 : 1);
    } else {
      return false;
    }
    return true;
  }

  private void nudge(Point by) {
    SheetsModel.Spot it = spot().orElseThrow();
    model
        .take(it, it.sheet())
        .ifPresent(
            slide -> {
              slide.to(slide.at().plus(by));
              model.put(it, it.sheet(), slide.placed());
            });
  }

  /** Turns what is selected, by 15° or as far as its grain lets it. */
  void turn(double radians) {
    if (spot().isEmpty()) {
      desk.say(Texts.CUT.of("select-a-piece-first-press", Key.PLACE.label()));
      return;
    }
    SheetsModel.Spot it = spot().get();
    boolean grained = model.shown().orElseThrow().kind().grained();
    model
        .take(it, it.sheet())
        .ifPresent(
            slide -> {
              if (slide.turn(grained ? Math.PI : radians)) {
                model.put(it, it.sheet(), slide.placed());
              } else {
                desk.say(Texts.CUT.of("there-is-no-room-to"));
              }
            });
  }

  /** Turns what is selected by 15°. */
  void turn() {
    turn(TURN);
  }

  /** What is selected stays, or no longer. */
  void pin() {
    spot()
        .ifPresentOrElse(
            model::pin,
            () -> desk.say(Texts.CUT.of("select-a-piece-first-press", Key.PLACE.label())));
  }

  private void next(int by) {
    List<SheetsModel.Spot> all =
        drawing.laid().stream()
            .flatMap(
                sheet ->
                    java.util.stream.IntStream.range(0, sheet.held().pieces().size())
                        .mapToObj(i -> new SheetsModel.Spot(sheet.number(), i)))
            .toList();
    if (!all.isEmpty()) {
      int now = spot().map(all::indexOf).orElse(by > 0 ? -1 : 0);
      select(Optional.of(all.get(Math.floorMod(now + by, all.size()))));
    }
  }

  @Override
  public String selected() {
    return spot()
        .map(
            it -> {
              String words = entry(it).words();
              return model.pinned(it) ? Texts.CUT.of("piece-that-stays", words) : words;
            })
        .orElse("");
  }
}
