package stoutblade.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import stoutblade.develop.Cone;
import stoutblade.develop.Developed;
import stoutblade.develop.Dish;
import stoutblade.develop.Form;
import stoutblade.develop.Panel;
import stoutblade.develop.Prism;
import stoutblade.develop.Ring;
import stoutblade.develop.Turned;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * What is worked into flat patterns, as it is seen on the thing that they are closed to: on the
 * front half of a ring or a cone from the side, on a dish along its axis, on the front of a box.
 *
 * @param lines as they lie on the pattern
 * @param seen where a place of it is seen; nothing where it lies behind
 */
record RoundDetails(List<Path> lines, Function<Point, Optional<Point>> seen) {

  private static final double LOOKED_AT_MM = 0.05;
  private static final double QUARTER = Math.PI / 2;

  /**
   * The lines that are seen, in the frame of the part.
   *
   * @param flat its patterns with what is worked into them
   * @param facing true along its axis; false from the side
   */
  static List<Path> of(Form form, Developed flat, boolean facing) {
    return patterns(form, flat, facing).stream().flatMap(it -> it.all().stream()).toList();
  }

  private static List<RoundDetails> patterns(Form form, Developed flat, boolean facing) {
    Panel first = flat.panels().getFirst();
    return switch (form) {
      case Ring it -> facing ? List.of() : List.of(on(first, place -> ring(it, first, place)));
      case Cone it ->
          facing || it.pieces() > 1 ? List.of() : List.of(on(first, place -> cone(it, place)));
      case Dish it ->
          facing && it.way() == Dish.Way.DARTS && it.segments() == 1
              ? List.of(on(first, place -> it.facing(place)))
              : List.of();
      case Turned it ->
          facing && it.way() == Dish.Way.DARTS && it.segments() == 1
              ? List.of(on(first, place -> it.facing(place)))
              : List.of();
      case Prism it -> box(it, flat, facing);
      default -> List.of();
    };
  }

  private static RoundDetails on(Panel panel, Function<Point, Optional<Point>> seen) {
    List<Path> lines = new ArrayList<>(panel.marks());
    lines.addAll(panel.windows());
    return new RoundDetails(lines, seen);
  }

  /** Those of which every place is seen. */
  private List<Path> all() {
    List<Path> all = new ArrayList<>();
    for (Path line : lines) {
      List<Point> points = new ArrayList<>();
      boolean front = true;
      for (Point place : line.flattened(LOOKED_AT_MM)) {
        Optional<Point> own = seen.apply(place);
        front &= own.isPresent();
        own.ifPresent(points::add);
      }
      if (front && points.size() > 1) {
        all.add(Path.through(points, line.closed()));
      }
    }
    return all;
  }

  /** The seam is at the back. */
  private static Optional<Point> ring(Ring ring, Panel panel, Point place) {
    double round = 2 * Math.PI * (place.x() / panel.box().width() - 0.5);
    return Math.abs(round) < QUARTER
        ? Optional.of(
            new Point(ring.outsideMm() / 2 * Math.sin(round), place.y() - ring.widthMm() / 2))
        : Optional.empty();
  }

  /** The pattern's tip is its origin, its middle line the front. */
  private static Optional<Point> cone(Cone cone, Point place) {
    double sine = Math.sin(cone.lean());
    double far = place.length();
    double round = Math.atan2(place.x(), -place.y()) / sine;
    if (!(Math.abs(round) < QUARTER)) {
      return Optional.empty();
    }
    double up = (cone.middleFoot() / sine - far) * Math.cos(cone.lean());
    double outside = far * sine + cone.foamMm() / 2 / Math.cos(cone.lean());
    return Optional.of(new Point(outside * Math.sin(round), up - cone.heightMm() / 2));
  }

  /** Its front from the side, its upper end along its axis. */
  private static List<RoundDetails> box(Prism box, Developed flat, boolean facing) {
    if (facing) {
      return flat.panels().stream()
          .filter(it -> box.sides() == 4 && it.name().equals("End"))
          .map(it -> on(it, place -> middle(box.sideMm(), box.secondMm(), place)))
          .toList();
    }
    return box.sides() == 4
        ? List.of(
            on(flat.panels().getFirst(), place -> middle(box.sideMm(), box.heightMm(), place)))
        : List.of();
  }

  private static Optional<Point> middle(double wide, double high, Point place) {
    return Optional.of(place.minus(new Point(wide / 2, high / 2)));
  }
}
