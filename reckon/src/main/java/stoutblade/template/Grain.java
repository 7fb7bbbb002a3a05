package stoutblade.template;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.Span;

/**
 * The mark that lies along the sheet: an arrow with two heads inside the piece, aside of its
 * middle, so that all pieces of one kind get the same way of the sheet's roll and texture.
 */
final class Grain {

  private static final double LONGEST_MM = 50;
  private static final double SHORTEST_MM = 6;
  private static final double FILLS = 0.6;
  private static final double HEAD = 0.12;
  private static final double LEANS = Math.toRadians(25);
  private static final double ASIDE = 0.28;
  private static final double[] HEIGHTS = {0.25, 0.18, 0.35, 0.6, 0.75};

  private Grain() {}

  /** Up or down the piece, as a plate and a blade lie on the sheet. */
  static List<Stroke> along(Region face) {
    return arrow(face, true);
  }

  /** Along the longer side of the piece, as a strip or a wrap comes off the roll. */
  static List<Stroke> alongLonger(Region face) {
    Box box = box(face);
    return arrow(face, box.height() >= box.width());
  }

  private static Box box(Region face) {
    return face.box();
  }

  private static List<Stroke> arrow(Region face, boolean upright) {
    if (face.isEmpty()) {
      return List.of();
    }
    Box box = box(face);
    for (double height : HEIGHTS) {
      double y = box.minY() + box.height() * height;
      Optional<Span> widest = face.across(y).stream().max(Comparator.comparing(Span::length));
      if (widest.isEmpty()) {
        continue;
      }
      Span span = widest.get();
      Optional<Path> line = upright ? up(face, span, y) : right(span, y);
      if (line.isPresent()) {
        return heads(line.get());
      }
    }
    return List.of();
  }

  private static Optional<Path> right(Span span, double y) {
    return line(new Point(span.from(), y), new Point(span.to(), y), new Point(span.middle(), y));
  }

  private static Optional<Path> up(Region face, Span span, double y) {
    double x = span.from() + span.length() * ASIDE;
    Box box = box(face);
    Point at = new Point(x, y);
    return face.inside(List.of(new Point(x, box.minY()), new Point(x, box.maxY()))).stream()
        .filter(
            it ->
                it.getFirst().distance(at) + it.getLast().distance(at)
                    <= it.getFirst().distance(it.getLast()) + 1e-6)
        .findFirst()
        .flatMap(it -> line(it.getFirst(), it.getLast(), at));
  }

  /** A line about a place on the way between two ends. */
  private static Optional<Path> line(Point from, Point to, Point at) {
    double room = 2 * Math.min(from.distance(at), to.distance(at));
    double length = Math.min(LONGEST_MM, FILLS * room);
    if (length < SHORTEST_MM) {
      return Optional.empty();
    }
    Point half = to.minus(from).times(length / 2 / from.distance(to));
    return Optional.of(Path.line(at.minus(half), at.plus(half)));
  }

  private static List<Stroke> heads(Path line) {
    Point from = line.start();
    Point to = line.end();
    Point back = from.minus(to).times(HEAD);
    return List.of(
        new Stroke(Stroke.Kind.GRAIN, line),
        new Stroke(Stroke.Kind.GRAIN, head(to, back)),
        new Stroke(Stroke.Kind.GRAIN, head(from, back.times(-1))));
  }

  private static Path head(Point tip, Point back) {
    return Path.through(
        List.of(tip.plus(back.turned(LEANS)), tip, tip.plus(back.turned(-LEANS))), false);
  }
}
