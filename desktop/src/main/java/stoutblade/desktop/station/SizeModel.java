package stoutblade.desktop.station;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import stoutblade.desktop.Desk;
import stoutblade.project.Edit;
import stoutblade.project.Edits;
import stoutblade.reference.KnownLength;
import stoutblade.reference.Mark;
import stoutblade.reference.Reference;
import stoutblade.shape.Point;

/** What can be marked on the picture, and what is being marked; places in pixels of the picture. */
final class SizeModel {

  /** The marks. */
  enum Kind {
    HEIGHT("Head to heel", "H"),
    CHECK("Known thing", "K"),
    WHOLE("Whole prop", "W"),
    CENTRE_LINE("Centre line", "C");

    private final String words;
    private final String key;

    Kind(String words, String key) {
      this.words = words;
      this.key = key;
    }

    String words() {
      return words;
    }

    String key() {
      return key;
    }
  }

  /** An end of a mark. */
  record End(Kind kind, boolean first) {}

  private final Desk desk;
  private final ObjectProperty<Kind> marking = new SimpleObjectProperty<>();
  private Optional<End> held = Optional.empty();
  private Optional<End> selected = Optional.empty();
  private Optional<Mark> moving = Optional.empty();

  SizeModel(Desk desk) {
    this.desk = desk;
  }

  /** What the next press marks; null where it takes hold of what is there. */
  ObjectProperty<Kind> markingProperty() {
    return marking;
  }

  /** True while a mark is being made or moved. */
  boolean moving(Kind kind) {
    return held.filter(end -> end.kind() == kind).isPresent() && moving.isPresent();
  }

  Optional<End> selected() {
    return selected;
  }

  /** The marks as they are to be drawn: the one being moved as it is now. */
  Map<Kind, Mark> marks() {
    Map<Kind, Mark> marks = new EnumMap<>(Kind.class);
    desk.project()
        .reference()
        .ifPresent(
            reference -> {
              reference.figureHeight().ifPresent(mark -> marks.put(Kind.HEIGHT, mark));
              reference.check().ifPresent(it -> marks.put(Kind.CHECK, it.mark()));
              reference.whole().ifPresent(mark -> marks.put(Kind.WHOLE, mark));
              reference.centreLine().ifPresent(mark -> marks.put(Kind.CENTRE_LINE, mark));
            });
    held.ifPresent(end -> moving.ifPresent(mark -> marks.put(end.kind(), mark)));
    return marks;
  }

  /**
   * Takes hold of the end of a mark near a place, or starts a mark there.
   *
   * @param reach how near, in pixels of the picture
   */
  boolean press(Point px, double reach) {
    if (desk.project().reference().isEmpty()) {
      return false;
    }
    if (marking.get() != null) {
      held = Optional.of(new End(marking.get(), false));
      moving = Optional.of(new Mark(px, px));
    } else {
      held = nearest(px, reach);
      moving = held.map(end -> marks().get(end.kind()));
    }
    selected = held;
    return held.isPresent();
  }

  private Optional<End> nearest(Point px, double reach) {
    End best = null;
    double least = reach;
    for (Map.Entry<Kind, Mark> entry : marks().entrySet()) {
      for (boolean first : new boolean[] {true, false}) {
        Point end = first ? entry.getValue().from() : entry.getValue().to();
        if (end.distance(px) <= least) {
          least = end.distance(px);
          best = new End(entry.getKey(), first);
        }
      }
    }
    return Optional.ofNullable(best);
  }

  void drag(Point px) {
    held.ifPresent(end -> moving = moving.map(mark -> moved(mark, end, px)));
  }

  private static Mark moved(Mark mark, End end, Point px) {
    return end.first() ? new Mark(px, mark.to()) : new Mark(mark.from(), px);
  }

  /** Lets go: the mark becomes an edit. */
  void release() {
    Optional<End> end = held;
    Optional<Mark> mark = moving;
    held = Optional.empty();
    moving = Optional.empty();
    end.ifPresent(it -> mark.ifPresent(made -> finish(it.kind(), made)));
  }

  private void finish(Kind kind, Mark mark) {
    if (mark.equals(marks().get(kind))) {
      return;
    }
    if (mark.lengthPx() < 2) {
      desk.say("Press at one end, drag to the other, and let go there");
      return;
    }
    if (desk.perform(edit(kind, mark))) {
      marking.set(null);
    }
  }

  private Edit edit(Kind kind, Mark mark) {
    return switch (kind) {
      case HEIGHT -> Edits.figureHeight(mark);
      case CHECK ->
          Edits.check(
              known()
                  .map(it -> new KnownLength(it.name(), it.lengthMm(), mark))
                  .orElse(new KnownLength("Known thing", 600, mark)));
      case WHOLE -> Edits.whole(mark);
      case CENTRE_LINE -> Edits.centreLine(mark);
    };
  }

  private Optional<KnownLength> known() {
    return desk.project().reference().flatMap(Reference::check);
  }

  /** Moves the selected end by pixels of the picture. */
  boolean nudge(double dx, double dy) {
    if (selected.isEmpty() || !marks().containsKey(selected.get().kind())) {
      return false;
    }
    End end = selected.get();
    Mark mark = marks().get(end.kind());
    Point from = end.first() ? mark.from() : mark.to();
    return desk.perform(edit(end.kind(), moved(mark, end, from.plus(new Point(dx, dy)))));
  }

  /** Selects the next end of a mark. */
  void next() {
    var ends =
        marks().keySet().stream()
            .flatMap(kind -> java.util.stream.Stream.of(new End(kind, true), new End(kind, false)))
            .toList();
    if (!ends.isEmpty()) {
      int at = selected.map(ends::indexOf).orElse(-1);
      selected = Optional.of(ends.get((at + 1) % ends.size()));
    }
  }

  /** States what the known thing is, or how long. */
  boolean know(String name, double mm) {
    Optional<Mark> mark = Optional.ofNullable(marks().get(Kind.CHECK));
    if (mark.isEmpty()) {
      desk.say("Mark the known thing on the picture first");
      return false;
    }
    try {
      return desk.perform(Edits.check(new KnownLength(name, mm, mark.get())));
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
      return false;
    }
  }
}
