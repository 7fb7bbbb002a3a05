package stoutblade.machine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * Puts the lines of a sheet into the order in which a machine takes them: what is engraved and
 * drawn first, then what is furthest inside, and among those the nearest next. The width of the cut
 * is taken off outside of each piece.
 */
public final class ToolPathMaker {

  /** How far straight pieces may lie from curves, in mm. */
  private static final double FLAT_MM = 0.004;

  /** A corner turns by at least so much. */
  private static final double SHARP = Math.toRadians(25);

  private static final double LEAST_BETWEEN_BRIDGES_MM = 10;
  private static final double NOTHING_MM = 1e-6;

  private final Cutter cutter;
  private final List<ToolPath.Stretch> done = new ArrayList<>();
  private Point at = new Point(0, 0);

  /** A closed line that is cut; how many others lie round it. */
  private record Contour(List<Point> ring, ToolPath.Purpose purpose, Region inside, int depth) {

    Contour deeper(int by) {
      return new Contour(ring, purpose, inside, by);
    }
  }

  private ToolPathMaker(Cutter cutter) {
    this.cutter = cutter;
  }

  /** The way of a machine over a sheet. */
  public static ToolPath of(MachineSheet sheet, Cutter cutter) {
    ToolPathMaker maker = new ToolPathMaker(cutter);
    maker.open(ToolPath.Purpose.ENGRAVE, lines(sheet, MachineSheet.Piece::engraved));
    maker.open(ToolPath.Purpose.DRAW, lines(sheet, MachineSheet.Piece::drawn));
    maker.cuts(sheet);
    return new ToolPath(maker.done);
  }

  private static List<Path> lines(
      MachineSheet sheet, Function<MachineSheet.Piece, List<Path>> which) {
    return sheet.pieces().stream().flatMap(it -> which.apply(it).stream()).toList();
  }

  private void take(ToolPath.Purpose purpose, List<Point> points) {
    done.add(new ToolPath.Stretch(purpose, points));
    at = points.getLast();
  }

  // == LINES ON THE FACE

  /** Each from the end that is nearer, the nearest next. */
  private void open(ToolPath.Purpose purpose, List<Path> lines) {
    List<List<Point>> left = new ArrayList<>();
    lines.stream().map(it -> it.flattened(FLAT_MM)).filter(it -> it.size() > 1).forEach(left::add);
    while (!left.isEmpty()) {
      List<Point> next =
          left.stream()
              .min(
                  Comparator.comparing(
                      it -> Math.min(at.distance(it.getFirst()), at.distance(it.getLast()))))
              .orElseThrow();
      left.remove(next);
      boolean turned = at.distance(next.getLast()) < at.distance(next.getFirst());
      take(purpose, turned ? next.reversed() : next);
    }
  }

  // == CUTS

  private void cuts(MachineSheet sheet) {
    List<Contour> all = new ArrayList<>();
    for (MachineSheet.Piece piece : sheet.pieces()) {
      Region inside =
          Region.evenOdd(piece.edges().stream().map(it -> it.flattened(FLAT_MM)).toList());
      Region cut =
          cutter.kerfMm() > 0 ? inside.offsetRounded(cutter.kerfMm() / 2, FLAT_MM) : inside;
      for (Region part : cut.parts()) {
        List<List<Point>> rings = part.rings();
        for (int i = 0; i < rings.size(); i++) {
          ToolPath.Purpose purpose = i == 0 ? ToolPath.Purpose.OUTSIDE : ToolPath.Purpose.INSIDE;
          Region own = Region.evenOdd(List.of(rings.get(i)));
          all.add(new Contour(rings.get(i), purpose, own, 0));
        }
      }
    }
    List<Contour> left =
        new ArrayList<>(all.stream().map(it -> it.deeper(around(it, all))).toList());
    int deepest = left.stream().mapToInt(Contour::depth).max().orElse(0);
    for (int depth = deepest; depth >= 0; depth--) {
      int level = depth;
      List<Contour> now = new ArrayList<>(left.stream().filter(it -> it.depth == level).toList());
      while (!now.isEmpty()) {
        Contour next = now.stream().min(Comparator.comparing(this::near)).orElseThrow();
        now.remove(next);
        cut(next);
      }
    }
  }

  private static int around(Contour it, List<Contour> all) {
    int count = 0;
    for (Contour other : all) {
      if (other.inside.area() > it.inside.area()
          && other.inside.contains(it.inside.rings().getFirst().getFirst())
          && other.inside.contains(it.inside.centre())) {
        count++;
      }
    }
    return count;
  }

  private double near(Contour it) {
    return it.ring.stream().mapToDouble(at::distance).min().orElse(0);
  }

  /** From its nearest corner round, with bridges, or past the corners. */
  private void cut(Contour contour) {
    List<Point> ring = from(contour.ring, nearest(contour.ring));
    boolean bridged =
        contour.purpose == ToolPath.Purpose.OUTSIDE
            && cutter.bridges().count() > 0
            && cutter.bridges().mm() > 0;
    if (bridged) {
      bridged(ring).forEach(it -> take(contour.purpose, it));
    } else if (cutter.overcutMm() > 0) {
      overcut(ring).forEach(it -> take(contour.purpose, it));
    } else {
      take(contour.purpose, ring);
    }
  }

  private int nearest(List<Point> ring) {
    int best = 0;
    for (int i = 1; i < ring.size() - 1; i++) {
      if (at.distance(ring.get(i)) < at.distance(ring.get(best))) {
        best = i;
      }
    }
    return best;
  }

  /** The ring from one of its corners on, closed. */
  private static List<Point> from(List<Point> ring, int start) {
    int count = ring.size() - 1;
    List<Point> all = new ArrayList<>(count + 1);
    for (int i = 0; i <= count; i++) {
      all.add(ring.get((start + i) % count));
    }
    return all;
  }

  // == BRIDGES

  /** The ring without its bridges, which are spread evenly along it. */
  private List<List<Point>> bridged(List<Point> ring) {
    double length = new ToolPath.Stretch(ToolPath.Purpose.OUTSIDE, ring).lengthMm();
    int count =
        (int)
            Math.min(
                cutter.bridges().count(),
                length / (cutter.bridges().mm() + LEAST_BETWEEN_BRIDGES_MM));
    if (count == 0) {
      return List.of(ring);
    }
    List<List<Point>> all = new ArrayList<>();
    double each = length / count;
    for (int i = 0; i < count; i++) {
      double from = (i + 0.5) * each + cutter.bridges().mm() / 2;
      double to = (i + 1.5) * each - cutter.bridges().mm() / 2;
      all.add(between(ring, from, to));
    }
    return all;
  }

  /** The stretch of a ring between two lengths along it, round past its start. */
  private static List<Point> between(List<Point> ring, double from, double to) {
    List<Point> all = new ArrayList<>();
    double along = 0;
    for (int round = 0; round < 2; round++) {
      for (int i = 1; i < ring.size(); i++) {
        Point a = ring.get(i - 1);
        Point b = ring.get(i);
        double own = a.distance(b);
        double start = Math.max(from, along);
        double end = Math.min(to, along + own);
        if (end > start + NOTHING_MM && own > 0) {
          if (all.isEmpty()) {
            all.add(a.towards(b, (start - along) / own));
          }
          all.add(a.towards(b, (end - along) / own));
        }
        along += own;
      }
    }
    return all;
  }

  // == PAST CORNERS

  /** Each stretch between sharp corners, run on past both of its ends. */
  private List<List<Point>> overcut(List<Point> ring) {
    int count = ring.size() - 1;
    List<Integer> sharp = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Point before = ring.get((i + count - 1) % count);
      Point after = ring.get((i + 1) % count);
      if (turn(before, ring.get(i), after) > SHARP) {
        sharp.add(i);
      }
    }
    if (sharp.isEmpty()) {
      List<Point> round = new ArrayList<>(ring);
      double left = cutter.overcutMm();
      for (int i = 1; i < ring.size() && left > 0; i++) {
        double own = ring.get(i - 1).distance(ring.get(i));
        round.add(own <= left ? ring.get(i) : ring.get(i - 1).towards(ring.get(i), left / own));
        left -= own;
      }
      return List.of(round);
    }
    List<List<Point>> all = new ArrayList<>();
    for (int k = 0; k < sharp.size(); k++) {
      int start = sharp.get(k);
      int end = k + 1 < sharp.size() ? sharp.get(k + 1) : sharp.getFirst() + count;
      List<Point> side = new ArrayList<>();
      for (int i = start; i <= end; i++) {
        side.add(ring.get(i % count));
      }
      all.add(ranOn(side));
    }
    return all;
  }

  private static double turn(Point before, Point at, Point after) {
    Point in = at.minus(before);
    Point out = after.minus(at);
    double cross = in.x() * out.y() - in.y() * out.x();
    double dot = in.x() * out.x() + in.y() * out.y();
    return Math.abs(Math.atan2(cross, dot));
  }

  private List<Point> ranOn(List<Point> side) {
    List<Point> all = new ArrayList<>(side);
    Point start = side.getFirst();
    Point end = side.getLast();
    all.addFirst(past(side.get(1), start));
    all.addLast(past(side.get(side.size() - 2), end));
    return all;
  }

  private Point past(Point from, Point to) {
    return from.towards(to, 1 + cutter.overcutMm() / from.distance(to));
  }
}
