package stoutblade.desktop.station.size;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import stoutblade.catalogue.Thing;
import stoutblade.desktop.Desk;
import stoutblade.desktop.station.size.Marked.OfLine;
import stoutblade.desktop.station.size.Marked.OfMeasure;
import stoutblade.desktop.station.size.Marked.OfRuler;
import stoutblade.desktop.station.size.Marked.OfWhole;
import stoutblade.desktop.station.size.Marked.What;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Change;
import stoutblade.edit.SizeEdits;
import stoutblade.measure.Stated;
import stoutblade.reference.Mark;
import stoutblade.reference.Measure;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.shape.Point;
import stoutblade.wearer.Segment;

/**
 * Marking one picture: which tool is up, which places it has taken, what is held and selected.
 * Places are in pixels of the picture.
 */
final class PictureModel {

  private final Desk desk;
  private final ObjectProperty<Tool> tool = new SimpleObjectProperty<>();
  private final ObjectProperty<What> selected = new SimpleObjectProperty<>();
  private BiConsumer<Tool, List<Point>> boxes = (which, places) -> {};
  private String pictureId = "";
  private List<Point> placing = List.of();
  private Optional<Marked> held = Optional.empty();
  private int heldPlace;
  private int selectedPlace;
  private boolean dragged;

  PictureModel(Desk desk) {
    this.desk = desk;
    tool.addListener(it -> placing = List.of());
  }

  /** Told of boxes and lines that mark nothing: level, crop, trace. */
  void setBoxes(BiConsumer<Tool, List<Point>> boxes) {
    this.boxes = boxes;
  }

  /** What the next press marks; null where it takes hold of what is there. */
  ObjectProperty<Tool> toolProperty() {
    return tool;
  }

  /** The mark that is selected; null for none. */
  ObjectProperty<What> selectedProperty() {
    return selected;
  }

  /** Shows another picture. */
  void look(String id) {
    if (!id.equals(pictureId)) {
      pictureId = id;
      selected.set(null);
      held = Optional.empty();
      placing = List.of();
    }
  }

  Optional<Reference> reference() {
    return desk.prop().size().reference(pictureId);
  }

  /** The selected ruler. */
  Optional<Ruler> ruler() {
    return selected.get() instanceof OfRuler it
        ? reference().flatMap(on -> on.ruler(it.id()))
        : Optional.empty();
  }

  /** The selected measure. */
  Optional<Measure> measure() {
    return selected.get() instanceof OfMeasure it
        ? reference().flatMap(on -> on.measure(it.id()))
        : Optional.empty();
  }

  /** The index of the selected place of the selected mark. */
  int selectedPlace() {
    return selectedPlace;
  }

  /** The places that the tool has taken so far. */
  List<Point> placing() {
    return placing;
  }

  /** The marks as they are to be drawn: the one being moved as it is now. */
  List<Marked> marks() {
    return reference().map(Marked::on).orElse(List.of()).stream()
        .map(it -> held.filter(now -> now.what().equals(it.what())).orElse(it))
        .toList();
  }

  /** True while a place is held. */
  boolean holding() {
    return held.isPresent();
  }

  /** What is marked or selected, as it is read aloud. */
  String said() {
    Tool up = tool.get();
    if (up != null) {
      return Texts.SIZE.of("place-to-mark", up.words(), placing.size() + 1, up.how());
    }
    return ruler()
        .map(Ruler::name)
        .or(() -> measure().map(Measure::name))
        .map(it -> Texts.SIZE.of("place-of-mark", it, selectedPlace + 1))
        .orElse("");
  }

  /** True while a mark is being moved. */
  boolean moving(What what) {
    return held.filter(it -> it.what().equals(what)).isPresent();
  }

  // == POINTER

  /**
   * Takes a place for the tool, or takes hold of a mark's place near it; on the line of a selected
   * bent figure it adds a place.
   *
   * @param reach how near, in pixels of the picture
   */
  boolean press(Point px, double reach) {
    if (reference().isEmpty()) {
      return false;
    }
    dragged = false;
    if (tool.get() != null) {
      placing = with(placing, px);
      return true;
    }
    held = nearest(px, reach).or(() -> bent(px, reach));
    held.ifPresentOrElse(
        it -> {
          selected.set(it.what());
          selectedPlace = heldPlace;
        },
        () -> selected.set(null));
    return held.isPresent();
  }

  private static List<Point> with(List<Point> points, Point more) {
    List<Point> all = new ArrayList<>(points);
    all.add(more);
    return List.copyOf(all);
  }

  private Optional<Marked> nearest(Point px, double reach) {
    Marked best = null;
    double least = reach;
    for (Marked mark : marks()) {
      for (int i = 0; i < mark.points().size(); i++) {
        double away = mark.points().get(i).distance(px);
        if (away <= least) {
          least = away;
          best = mark;
          heldPlace = i;
        }
      }
    }
    return Optional.ofNullable(best);
  }

  private Optional<Marked> bent(Point px, double reach) {
    Optional<Ruler.FigureHeight> figure =
        ruler()
            .map(Ruler::by)
            .filter(Ruler.FigureHeight.class::isInstance)
            .map(Ruler.FigureHeight.class::cast);
    if (figure.isEmpty()) {
      return Optional.empty();
    }
    List<Point> line = figure.get().line();
    for (int i = 1; i < line.size() && line.size() < Tool.FIGURE.most(); i++) {
      if (px.distanceToSegment(line.get(i - 1), line.get(i)) <= reach) {
        List<Point> more = new ArrayList<>(line);
        more.add(i, px);
        heldPlace = i;
        return Optional.of(new Marked(selected.get(), more));
      }
    }
    return Optional.empty();
  }

  void drag(Point px, double reach) {
    if (tool.get() != null && !placing.isEmpty()) {
      Point first = placing.getFirst();
      if (dragged || (placing.size() == 1 && first.distance(px) > reach)) {
        dragged = true;
        placing = List.of(first, px);
      }
      return;
    }
    held = held.map(it -> it.moved(heldPlace, px));
  }

  /** Lets go: a mark with all its places becomes an edit. */
  void release() {
    if (tool.get() != null) {
      Tool up = tool.get();
      boolean pair = dragged && placing.size() == 2 && up.least() == 2;
      if (dragged && up.least() > 2) {
        placing = List.of(placing.getFirst());
        desk.say(up.how());
      } else if (pair && up.most() == 24) {
        finish();
      } else if (placing.size() >= up.most()) {
        finish();
      } else if (pair && up.most() == 2) {
        finish();
      }
      dragged = false;
      return;
    }
    Optional<Marked> moved = held;
    held = Optional.empty();
    reference()
        .ifPresent(
            on ->
                moved
                    .filter(it -> !Marked.on(on).contains(it))
                    .ifPresent(it -> desk.attempt(() -> it.edit(on).orElseThrow())));
  }

  /** Ends a mark that takes as many places as wanted. */
  boolean finish() {
    Tool up = tool.get();
    if (up == null || reference().isEmpty()) {
      return false;
    }
    if (placing.size() < up.least()) {
      desk.say(up.how());
      return true;
    }
    List<Point> places = placing;
    placing = List.of();
    if (up == Tool.LEVEL || up == Tool.CROP || up == Tool.TRACE || Tool.CAMERA.contains(up)) {
      tool.set(null);
      boxes.accept(up, places);
      return true;
    }
    Reference on = reference().get();
    Optional<What> made = make(up, places, on);
    if (made.isPresent()) {
      tool.set(null);
      selected.set(made.get());
      selectedPlace = places.size() - 1;
    }
    return true;
  }

  private Optional<What> make(Tool up, List<Point> places, Reference on) {
    String id = on.id();
    if (up == Tool.WHOLE) {
      return made(() -> SizeEdits.whole(id, mark(places)), new OfWhole());
    }
    if (up == Tool.CENTRE_LINE) {
      return made(() -> SizeEdits.centreLine(id, mark(places)), new OfLine());
    }
    if (up.measure().isPresent()) {
      String next = on.nextMeasureId();
      Measure.Kind kind = up.measure().get();
      return made(
          () -> SizeEdits.measure(id, new Measure(next, kind.words(), kind, places)),
          new OfMeasure(next));
    }
    String next = on.nextRulerId();
    return made(() -> SizeEdits.ruler(id, ruler(up, next, places)), new OfRuler(next));
  }

  private Optional<What> made(java.util.function.Supplier<Change> edit, What what) {
    return desk.attempt(edit) ? Optional.of(what) : Optional.empty();
  }

  private static Mark mark(List<Point> places) {
    return new Mark(places.get(0), places.get(1));
  }

  /** A ruler as it is first: what it measures is said afterwards. */
  private Ruler ruler(Tool up, String id, List<Point> places) {
    return switch (up) {
      case FIGURE -> Ruler.of(id, figureName(), new Ruler.FigureHeight(places));
      case BODY ->
          Ruler.of(
              id, Texts.SIZE.of("forearm"), new Ruler.BodySegment(Segment.FOREARM, mark(places)));
      case PRINT ->
          Ruler.of(
              id,
              Texts.SIZE.of("print"),
              new Ruler.PrintRatio(1, new Stated(100, 0.5), mark(places)));
      case RECTANGLE -> rectangle(id, places);
      default ->
          Ruler.of(
              id,
              Texts.SIZE.of("known-object"),
              new Ruler.KnownLength(new Stated(600, 3), Optional.empty(), mark(places)));
    };
  }

  private String figureName() {
    return desk.prop().size().character().map(it -> it.name()).orElse(desk.wearer().name());
  }

  /** A sheet of A4 at first, lying as it was marked. */
  private Ruler rectangle(String id, List<Point> places) {
    Optional<Thing> sheet = desk.catalogue().thing("a4");
    Stated longer = sheet.map(Thing::longSide).orElse(new Stated(297, 1));
    Stated shorter = sheet.map(Thing::shortSide).orElse(new Stated(210, 1));
    double first = places.get(0).distance(places.get(1)) + places.get(2).distance(places.get(3));
    double second = places.get(1).distance(places.get(2)) + places.get(3).distance(places.get(0));
    boolean wide = first > second;
    return Ruler.of(
        id,
        sheet.map(Thing::name).orElse(Texts.SIZE.of("rectangle")),
        new Ruler.SeenRectangle(wide ? longer : shorter, wide ? shorter : longer, places));
  }

  // == KEYS

  /** Moves the selected place by pixels of the picture. */
  boolean nudge(double dx, double dy) {
    Optional<Marked> mark = selectedMark();
    Optional<Reference> on = reference();
    if (mark.isEmpty() || on.isEmpty() || selectedPlace >= mark.get().points().size()) {
      return false;
    }
    Point at = mark.get().points().get(selectedPlace);
    return desk.attempt(
        () ->
            mark.get()
                .moved(selectedPlace, at.plus(new Point(dx, dy)))
                .edit(on.get())
                .orElseThrow());
  }

  private Optional<Marked> selectedMark() {
    return marks().stream().filter(it -> it.what().equals(selected.get())).findFirst();
  }

  /** Selects the next place of a mark. */
  void next() {
    List<Marked> all = marks();
    if (all.isEmpty()) {
      return;
    }
    Optional<Marked> now = selectedMark();
    if (now.isPresent() && selectedPlace + 1 < now.get().points().size()) {
      selectedPlace++;
      return;
    }
    int at = now.map(all::indexOf).orElse(-1);
    selected.set(all.get((at + 1) % all.size()).what());
    selectedPlace = 0;
  }

  /** Removes the selected ruler or measure. */
  void remove() {
    Optional<Reference> on = reference();
    if (on.isEmpty()) {
      return;
    }
    boolean removed =
        switch (selected.get()) {
          case OfRuler it -> desk.attempt(() -> SizeEdits.removeRuler(on.get().id(), it.id()));
          case OfMeasure it -> desk.attempt(() -> SizeEdits.removeMeasure(on.get().id(), it.id()));
          case OfWhole it -> false;
          case OfLine it -> false;
          case null -> false;
        };
    if (removed) {
      selected.set(null);
    }
  }

  /** Changes the selected ruler. */
  boolean change(java.util.function.UnaryOperator<Ruler> change) {
    Optional<Ruler> now = ruler();
    Optional<Reference> on = reference();
    return now.isPresent()
        && on.isPresent()
        && desk.attempt(() -> SizeEdits.ruler(on.get().id(), change.apply(now.get())));
  }
}
