package stoutblade.desktop.station.size;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.desktop.Meshes;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Display;
import stoutblade.measure.Quantity;
import stoutblade.measure.Units;
import stoutblade.mesh.MeshSection;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** A model from a side, what is marked on it and what a cut through it shows. */
final class ModelDrawing {

  private final Pen pen;
  private final Units units;
  private final double mm;
  private final boolean scaled;

  /**
   * A drawing.
   *
   * @param mm mm of the prop for a unit of the model
   * @param scaled true where that is known
   */
  ModelDrawing(Pen pen, Units units, double mm, boolean scaled) {
    this.pen = pen;
    this.units = units;
    this.mm = mm;
    this.scaled = scaled;
  }

  /** The model as it looks, with its outline and, where its size is known, how large it is. */
  void seen(Meshes.Seen seen) {
    Box frame = seen.frame();
    double step = frame.width() / seen.image().getWidth() * mm;
    pen.picture(
        seen.image(),
        new Point(frame.minX() * mm, frame.maxY() * mm),
        new Point(step, 0),
        new Point(0, -step),
        new Box(0, 0, seen.image().getWidth(), seen.image().getHeight()),
        0.85);
    List<List<Point>> rings =
        seen.silhouette().region().rings().stream()
            .map(ring -> ring.stream().map(it -> it.times(mm)).toList())
            .toList();
    pen.stroke(rings, pen.colour(Ink.INK), 2);
    if (scaled && !rings.isEmpty()) {
      measures(Box.around(rings.stream().flatMap(List::stream).toList()));
    }
  }

  private void measures(Box box) {
    double away = 26 / pen.zoom();
    pen.measure(
        new Point(box.maxX() + away, box.minY()),
        new Point(box.maxX() + away, box.maxY()),
        Display.length(box.height(), units),
        pen.colour(Ink.MEASURE));
    pen.measure(
        new Point(box.maxX(), box.minY() - away),
        new Point(box.minX(), box.minY() - away),
        Display.length(box.width(), units),
        pen.colour(Ink.MEASURE));
  }

  /**
   * A cut square to the view along a line that is drawn on it, and beside the model what it shows.
   *
   * @param from where the line begins, in the model's own units
   * @param model what the model takes up, in mm
   */
  void cut(Point from, Point to, Optional<MeshSection> section, Box model) {
    pen.line(from.times(mm), to.times(mm), pen.colour(Ink.SELECTED), 2, 10, 4, 2, 4);
    List<List<Point>> loops =
        section.map(MeshSection::loops).orElse(List.of()).stream().map(this::closed).toList();
    if (loops.isEmpty()) {
      return;
    }
    Box cut = Box.around(loops.stream().flatMap(List::stream).toList());
    Point beside =
        new Point(
            model.maxX() + 90 / pen.zoom() - cut.minX(), model.centre().y() - cut.centre().y());
    List<List<Point>> laid =
        loops.stream().map(loop -> loop.stream().map(beside::plus).toList()).toList();
    pen.fill(laid, pen.colour(Ink.FOAM));
    pen.stroke(laid, pen.colour(Ink.SELECTED), 2);
    double away = 20 / pen.zoom();
    pen.measure(
        new Point(cut.maxX(), cut.minY() - away).plus(beside),
        new Point(cut.minX(), cut.minY() - away).plus(beside),
        Display.length(cut.width(), units),
        pen.colour(Ink.MEASURE));
    pen.measure(
        new Point(cut.maxX() + away, cut.minY()).plus(beside),
        new Point(cut.maxX() + away, cut.maxY()).plus(beside),
        Display.length(cut.height(), units),
        pen.colour(Ink.MEASURE));
    String area = Display.show(section.get().area() * mm * mm, Quantity.AREA, units);
    pen.plate(
        section.get().closed() ? area : Texts.SIZE.of("open-at-a-hole", area),
        new Point(cut.centre().x(), cut.maxY() + away).plus(beside),
        pen.colour(Ink.INK));
  }

  private List<Point> closed(List<Point> loop) {
    List<Point> ring = new ArrayList<>(loop.stream().map(it -> it.times(mm)).toList());
    ring.add(ring.getFirst());
    return ring;
  }

  /** A length that is marked on it, between places in the model's own units. */
  void span(Point first, Point second) {
    Point from = first.times(mm);
    Point to = second.times(mm);
    pen.line(from, to, pen.colour(Ink.SELECTED), 2);
    pen.sight(from, pen.colour(Ink.SELECTED));
    pen.sight(to, pen.colour(Ink.SELECTED));
  }
}
