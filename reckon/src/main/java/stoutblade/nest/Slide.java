package stoutblade.nest;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * A piece that is moved by hand on a sheet: it slides along what lies there and along the edge, and
 * never lies over either.
 */
public final class Slide {

  /** No piece is so thin that it would be stepped over. */
  private static final double STEP_MM = 2;

  private static final double NEAR_MM = 0.005;

  /** It goes round so many corners in one move. */
  private static final int BENDS = 12;

  /** The directions beside the wanted one that are tried, in degrees. */
  private static final double[] ASIDE = {10, 20, 30, 40, 50, 60, 70, 80, 85, 88};

  private static final double FURTHEST_OFF_MM = 60;

  private final NestShape shape;
  private final int copy;
  private final Point middle;
  private final Form form;
  private final Bed bed;
  private final List<Posed> others = new ArrayList<>();
  private final Posed now = new Posed();
  private final Posed trial = new Posed();
  private final boolean mirrored;

  /**
   * A piece on a sheet.
   *
   * @param job whose gap and rim are kept
   * @param sheet where it is moved
   * @param there what else lies there
   * @param moved the piece, here or on another sheet
   * @throws IllegalArgumentException if the rim leaves nothing of the sheet
   */
  public Slide(NestJob job, NestSheet sheet, List<Nesting.Placed> there, Nesting.Placed moved) {
    bed =
        Prepared.bed(sheet, job)
            .orElseThrow(
                () -> new IllegalArgumentException("The rim leaves nothing of this sheet"));
    shape = moved.shape();
    copy = moved.copy();
    mirrored = moved.lay().mirrored();
    Region grown = Prepared.grown(shape, job.gapMm());
    middle = grown.box().centre();
    form = mirrored ? Prepared.form(grown).mirrored() : Prepared.form(grown);
    put(now, moved.lay(), middle, form);
    for (Nesting.Placed it : there) {
      Region own = Prepared.grown(it.shape(), job.gapMm());
      Form other = Prepared.form(own);
      Posed posed = new Posed();
      put(posed, it.lay(), own.box().centre(), it.lay().mirrored() ? other.mirrored() : other);
      others.add(posed);
    }
  }

  private static void put(Posed to, Lay lay, Point middle, Form form) {
    Point at = lay.place(middle);
    to.put(form, at.x(), at.y(), lay.angle());
  }

  /** Where it is now. */
  public Nesting.Placed placed() {
    Point at = new Point(now.x, now.y);
    return new Nesting.Placed(shape, copy, Lay.of(middle, at, now.angle, mirrored));
  }

  /** The middle of its box, on the sheet. */
  public Point at() {
    return new Point(now.x, now.y);
  }

  /** Where the search has the middle, if the middle of the box round it as it lies is there. */
  public Point middleFor(Point boxMiddle) {
    return boxMiddle.plus(at().minus(placed().box().centre()));
  }

  private boolean free(Point at, double angle) {
    trial.put(form, at.x(), at.y(), angle);
    return bed.holds(trial) && others.stream().noneMatch(trial::meets);
  }

  private void take(Point at, double angle) {
    now.put(form, at.x(), at.y(), angle);
  }

  /** True where it has no room where it is. */
  public boolean stuck() {
    return !free(at(), now.angle);
  }

  /**
   * Moves it there if there is room, else as near as it comes by sliding.
   *
   * @param to where the middle of its box is wanted
   */
  public void to(Point to) {
    if (free(to, now.angle)) {
      take(to, now.angle);
      return;
    }
    if (stuck()) {
      return;
    }
    Point at = at();
    for (int bend = 0; bend < BENDS && at.distance(to) > NEAR_MM; bend++) {
      Point next = best(at, to);
      if (next.distance(at) < NEAR_MM) {
        break;
      }
      at = next;
    }
    take(at, now.angle);
  }

  /** The nearest to a place that is reached in one direction. */
  private Point best(Point from, Point to) {
    Point straight = travelled(from, to);
    if (straight.distance(to) < NEAR_MM) {
      return straight;
    }
    Point best = straight;
    double rest = straight.distance(to);
    for (double aside : ASIDE) {
      for (int side = -1; side <= 1; side += 2) {
        double off = side * Math.toRadians(aside);
        Point along = to.minus(straight).times(Math.cos(off)).turned(off);
        Point reached = travelled(straight, straight.plus(along));
        if (reached.distance(to) < rest - NEAR_MM) {
          rest = reached.distance(to);
          best = reached;
        }
      }
    }
    return best;
  }

  /** How far it comes on a straight way. */
  private Point travelled(Point from, Point to) {
    double length = from.distance(to);
    int steps = (int) Math.max(1, Math.ceil(length / STEP_MM));
    double reached = 0;
    double blocked = 1;
    for (int i = 1; i <= steps; i++) {
      double share = (double) i / steps;
      if (!free(from.towards(to, share), now.angle)) {
        blocked = share;
        break;
      }
      reached = share;
    }
    while (reached < 1 && (blocked - reached) * length > NEAR_MM / 2) {
      double half = (reached + blocked) / 2;
      if (free(from.towards(to, half), now.angle)) {
        reached = half;
      } else {
        blocked = half;
      }
    }
    return from.towards(to, reached);
  }

  /**
   * Turns it about the middle of its box; where it has no room there, it is moved aside a little.
   *
   * @return true where it is turned
   */
  public boolean turn(double radians) {
    double angle = shape.turning().nearest(now.angle + radians);
    Optional<Point> room = nearest(at(), angle);
    room.ifPresent(it -> take(it, angle));
    return room.isPresent() && Math.abs(angle - now.angle) < 1e-12;
  }

  private Optional<Point> nearest(Point at, double angle) {
    if (free(at, angle)) {
      return Optional.of(at);
    }
    for (double off = 1; off <= FURTHEST_OFF_MM; off += off < 10 ? 1 : 4) {
      for (int i = 0; i < 24; i++) {
        Point there = at.plus(new Point(off, 0).turned(2 * Math.PI * i / 24));
        if (free(there, angle)) {
          return Optional.of(there);
        }
      }
    }
    return Optional.empty();
  }
}
