package stoutblade.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import stoutblade.shape.Cubic;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/** Where something is, once or repeated evenly. Lengths are in mm, angles in radians. */
public sealed interface Where {

  /** The most repeats. */
  int MOST = 720;

  /** How many there are. */
  int count();

  /** The places, in order, in the frame of what carries it. */
  List<Spot> spots(Outline carrier);

  /**
   * The same without some of them.
   *
   * @param without the numbers of those that are left out, counted from 1
   */
  default List<Spot> spots(Outline carrier, Set<Integer> without) {
    List<Spot> all = spots(carrier);
    return without.isEmpty()
        ? all
        : IntStream.range(0, all.size())
            .filter(i -> !without.contains(i + 1))
            .mapToObj(all::get)
            .toList();
  }

  /** The middle of its places, in mm; the origin for those along an edge, which move with it. */
  default Point middle() {
    return switch (this) {
      case At it -> it.spot().at();
      case Ring it -> it.centre();
      case Row it -> it.from().towards(it.to(), 0.5);
      case Along it -> new Point(0, 0);
    };
  }

  /** The same with another number. */
  Where withCount(int changed);

  /** The same moved. */
  Where moved(Point by);

  /**
   * The places between these, for something that keeps its own distance from what these are on.
   *
   * @param own where it is now: the radius, the line or the distance from the edge that it keeps
   * @throws IllegalArgumentException if there are none between; the message can be shown
   */
  Where between(Where own);

  /** The same made larger about the origin. */
  Where times(double factor);

  /**
   * One place.
   *
   * @param spot where
   */
  record At(Spot spot) implements Where {

    /** A place with nothing turned. */
    public static At of(double x, double y) {
      return new At(new Spot(new Point(x, y), 0));
    }

    @Override
    public int count() {
      return 1;
    }

    @Override
    public List<Spot> spots(Outline carrier) {
      return List.of(spot);
    }

    @Override
    public At withCount(int changed) {
      return this;
    }

    @Override
    public Where between(Where own) {
      throw new IllegalArgumentException("Between the repeats of what is there once is nothing");
    }

    @Override
    public At moved(Point by) {
      return new At(new Spot(spot.at().plus(by), spot.turn()));
    }

    @Override
    public At times(double factor) {
      return new At(spot.times(factor));
    }
  }

  /**
   * Evenly round a ring, each turned outwards.
   *
   * @param centre the ring's
   * @param radiusMm above 0
   * @param count at least 1
   * @param from the angle of the first, counter-clockwise from straight up
   */
  record Ring(Point centre, double radiusMm, int count, double from) implements Where {

    /**
     * Checks the sizes.
     *
     * @throws IllegalArgumentException if one is out of range
     */
    public Ring {
      checked(count);
      if (!(radiusMm > 0)) {
        throw new IllegalArgumentException(
            "A ring of repeats has a radius above 0; found " + radiusMm + " mm");
      }
    }

    @Override
    public List<Spot> spots(Outline carrier) {
      List<Spot> spots = new ArrayList<>();
      for (int i = 0; i < count; i++) {
        double turn = from + 2 * Math.PI * i / count;
        Point out = new Point(-Math.sin(turn), Math.cos(turn)).times(radiusMm);
        spots.add(new Spot(centre.plus(out), turn));
      }
      return spots;
    }

    @Override
    public Ring withCount(int changed) {
      return new Ring(centre, radiusMm, changed, from);
    }

    @Override
    public Ring between(Where own) {
      double radius = own instanceof Ring it ? it.radiusMm() : radiusMm;
      return new Ring(centre, radius, count, from + Math.PI / count);
    }

    @Override
    public Ring moved(Point by) {
      return new Ring(centre.plus(by), radiusMm, count, from);
    }

    @Override
    public Ring times(double factor) {
      return new Ring(centre.times(factor), radiusMm * factor, count, from);
    }
  }

  /**
   * Evenly from one place to another, the first and the last at the ends; a single one in the
   * middle. Each is turned so that its own right lies along the row.
   *
   * @param from the first place
   * @param to the last place
   * @param count at least 1
   */
  record Row(Point from, Point to, int count) implements Where {

    /**
     * Checks the places.
     *
     * @throws IllegalArgumentException if they are one, or the number is out of range
     */
    public Row {
      checked(count);
      if (from.distance(to) < 1e-6) {
        throw new IllegalArgumentException("A row runs from one place to another; found one place");
      }
    }

    /** The way from its first place to its last, in mm. */
    public double length() {
      return from.distance(to);
    }

    /** Which way it runs, counter-clockwise from the x axis. */
    public double turn() {
      return Math.atan2(to.y() - from.y(), to.x() - from.x());
    }

    @Override
    public List<Spot> spots(Outline carrier) {
      List<Spot> spots = new ArrayList<>();
      for (int i = 0; i < count; i++) {
        double share = count == 1 ? 0.5 : i / (count - 1.0);
        spots.add(new Spot(from.towards(to, share), turn()));
      }
      return spots;
    }

    @Override
    public Row withCount(int changed) {
      return new Row(from, to, changed);
    }

    @Override
    public Where between(Where own) {
      if (count < 2) {
        throw new IllegalArgumentException("Between the repeats of what is there once is nothing");
      }
      Point way = to.minus(from).times(1 / length());
      Point square = new Point(-way.y(), way.x());
      Point to = own instanceof Row it ? it.from().minus(from) : new Point(0, 0);
      Point aside = square.times(to.x() * square.x() + to.y() * square.y());
      Point step = way.times(length() / (count - 1) / 2);
      Point first = from.plus(aside).plus(step);
      Point last = this.to.plus(aside).minus(step);
      return count == 2 ? new At(new Spot(first, turn())) : new Row(first, last, count - 1);
    }

    @Override
    public Row moved(Point by) {
      return new Row(from.plus(by), to.plus(by), count);
    }

    @Override
    public Row times(double factor) {
      return new Row(from.times(factor), to.times(factor), count);
    }
  }

  /**
   * Evenly along sides of the carrier's outline: each has an equal share of the way and stands in
   * its middle, so that the spaces close all round. Each is turned so that its own up points out of
   * the outline.
   *
   * @param side the first side, from 0; on half an outline its mirror image is meant too
   * @param sides how many sides, one after the other
   * @param insetMm how far inside the edge, in mm; negative outside
   * @param count at least 1, on each half of half an outline
   * @param shift by what share of their distance they stand further on: 0, or 0.5 for those
   *     between; on a line with ends the one at its end is left out
   */
  record Along(int side, int sides, double insetMm, int count, double shift) implements Where {

    private static final double STEP_MM = 0.02;

    /**
     * Checks the sides.
     *
     * @throws IllegalArgumentException if a number is out of range
     */
    public Along {
      checked(count);
      if (side < 0 || sides < 1) {
        throw new IllegalArgumentException(
            "Repeats along an edge take one side or more; found " + sides + " from " + side);
      }
      if (!(shift >= 0 && shift < 1)) {
        throw new IllegalArgumentException(
            "Repeats stand less than one further on; found " + shift);
      }
    }

    /** Those that stand in the middle of their shares. */
    public Along(int side, int sides, double insetMm, int count) {
      this(side, sides, insetMm, count, 0);
    }

    /** Every side of an outline. */
    public static Along all(Outline outline, double insetMm, int count) {
      return new Along(0, outline.sides(), insetMm, count);
    }

    /**
     * The edges, as lines from end to end: one, or on half an outline one on each half, or one
     * round the tip where the sides meet there; none while nothing is drawn.
     */
    public List<List<Point>> edges(Outline carrier) {
      return edges(carrier, STEP_MM);
    }

    /**
     * The same within a tolerance.
     *
     * @param tolerance how far straight pieces may lie from the curves, in mm
     */
    List<List<Point>> edges(Outline carrier, double tolerance) {
      if (!carrier.drawn()) {
        return List.of();
      }
      List<Cubic> run = new ArrayList<>();
      List<List<Cubic>> all = carrier.eachSide();
      int there = all.size();
      for (int i = 0; i < Math.min(sides, there); i++) {
        run.addAll(all.get((Math.min(side, there - 1) + i) % there));
      }
      List<Point> line = new Path(run, false).flattened(tolerance);
      if (carrier instanceof WholeOutline) {
        return List.of(line);
      }
      List<Point> image = line.reversed().stream().map(Point::mirrored).toList();
      if (Math.abs(line.getLast().x()) < 1e-9) {
        List<Point> round = new ArrayList<>(line);
        round.addAll(image.subList(1, image.size()));
        return List.of(round);
      }
      return List.of(line, image);
    }

    @Override
    public List<Spot> spots(Outline carrier) {
      List<Spot> spots = new ArrayList<>();
      List<List<Point>> edges = edges(carrier);
      // A line round the tip of half an outline carries the repeats of both halves.
      boolean half = carrier instanceof HalfOutline;
      int each = half && edges.size() == 1 ? 2 * count : count;
      for (List<Point> edge : edges) {
        double length = 0;
        for (int i = 1; i < edge.size(); i++) {
          length += edge.get(i - 1).distance(edge.get(i));
        }
        boolean open = edge.getFirst().distance(edge.getLast()) > STEP_MM;
        int there = open && shift + 0.5 >= 1 ? each - 1 : each;
        double start = open ? 0.5 + shift : (0.5 + shift) % 1;
        double done = 0;
        int next = 0;
        for (int i = 1; i < edge.size() && next < there; i++) {
          double piece = edge.get(i - 1).distance(edge.get(i));
          while (next < there && length * (next + start) / each <= done + piece + 1e-9) {
            double share = piece == 0 ? 0 : (length * (next + start) / each - done) / piece;
            Point way = edge.get(i).minus(edge.get(i - 1)).times(1 / Math.max(piece, 1e-12));
            Point out = new Point(way.y(), -way.x());
            Point at = edge.get(i - 1).towards(edge.get(i), share).minus(out.times(insetMm));
            spots.add(new Spot(at, Math.atan2(-out.x(), out.y())));
            next++;
          }
          done += piece;
        }
      }
      return spots;
    }

    @Override
    public Along withCount(int changed) {
      return new Along(side, sides, insetMm, changed, shift);
    }

    @Override
    public Along between(Where own) {
      double inset = own instanceof Along it ? it.insetMm() : insetMm;
      return new Along(side, sides, inset, count, (shift + 0.5) % 1);
    }

    /** It moves with its outline only. */
    @Override
    public Along moved(Point by) {
      return this;
    }

    @Override
    public Along times(double factor) {
      return new Along(side, sides, insetMm * factor, count, shift);
    }
  }

  private static void checked(int count) {
    if (count < 1 || count > MOST) {
      throw new IllegalArgumentException("There are 1 to " + MOST + " repeats; found " + count);
    }
  }
}
