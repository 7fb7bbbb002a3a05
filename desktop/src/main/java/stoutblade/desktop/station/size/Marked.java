package stoutblade.desktop.station.size;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.edit.Change;
import stoutblade.edit.SizeEdits;
import stoutblade.reference.Mark;
import stoutblade.reference.Reference;
import stoutblade.shape.Point;

/**
 * Something marked on a picture, with its places in pixels.
 *
 * @param what which of the marks
 * @param points its places
 */
record Marked(What what, List<Point> points) {

  /** Which of the marks of a picture. */
  sealed interface What {}

  /** A ruler of an id. */
  record OfRuler(String id) implements What {}

  /** A measure of an id. */
  record OfMeasure(String id) implements What {}

  /** The whole prop. */
  record OfWhole() implements What {}

  /** The blade's centre line. */
  record OfLine() implements What {}

  /** All that is marked on a picture. */
  static List<Marked> on(Reference reference) {
    List<Marked> all = new ArrayList<>();
    reference.rulers().forEach(it -> all.add(new Marked(new OfRuler(it.id()), it.by().points())));
    reference.whole().ifPresent(it -> all.add(new Marked(new OfWhole(), it.points())));
    reference.centreLine().ifPresent(it -> all.add(new Marked(new OfLine(), it.points())));
    reference.measures().forEach(it -> all.add(new Marked(new OfMeasure(it.id()), it.points())));
    return all;
  }

  Marked at(List<Point> places) {
    return new Marked(what, List.copyOf(places));
  }

  Marked moved(int index, Point to) {
    List<Point> places = new ArrayList<>(points);
    places.set(index, to);
    return at(places);
  }

  /** The edit that puts the mark where it is now. */
  Optional<Change> edit(Reference reference) {
    return switch (what) {
      case OfRuler it ->
          reference
              .ruler(it.id())
              .map(ruler -> SizeEdits.ruler(reference.id(), ruler.with(ruler.by().at(points))));
      case OfMeasure it ->
          reference
              .measure(it.id())
              .map(measure -> SizeEdits.measure(reference.id(), measure.at(points)));
      case OfWhole it -> Optional.of(SizeEdits.whole(reference.id(), mark()));
      case OfLine it -> Optional.of(SizeEdits.centreLine(reference.id(), mark()));
    };
  }

  private Mark mark() {
    return new Mark(points.get(0), points.get(1));
  }
}
