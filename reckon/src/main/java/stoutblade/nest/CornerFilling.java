package stoutblade.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * Fills one free corner after the other, the furthest back first, with the piece that touches most
 * of what is round it: a corner of the piece is put into that corner. Pieces that were cut from one
 * another find each other again.
 */
final class CornerFilling {

  /** Edges no further apart than this touch. */
  private static final double TOUCHES_MM = 0.12;

  /** What touches counts so much by itself, and fully where so many more corners meet. */
  private static final double LONE = 0.4;

  private static final double ENOUGH = 4;

  private static final double SLIVER_MM = 0.1;

  /** A corner of what is there that is so near is the one that is meant. */
  private static final double SNAP_MM = 2;

  private static final double HAIR_MM = 0.02;

  /** So many random places are tried for what fits no corner. */
  private static final int TRIES = 400;

  private final Layout layout;
  private final List<Face> faces;
  private final List<Integer> left;
  private final Posed trial = new Posed();
  private final Set<Point> dead = new HashSet<>();
  private Region free;
  private int bed;
  private double touched;
  private double around;

  /**
   * The exact edges of a shape, with the gap round it, about the middle of its box.
   *
   * @param region its edges
   * @param over the same turned over
   * @param perimeter how long its edges are
   */
  record Face(Region region, Region over, double perimeter) {

    Region region(boolean mirrored) {
      return mirrored ? over : region;
    }
  }

  /**
   * Where a piece could lie.
   *
   * @param touching how much of its edge touches what is there
   * @param score how good that is, among others for the same corner
   */
  record Fit(
      int piece, double x, double y, double angle, boolean over, double touching, double score) {}

  /** A free corner: where it is, and which way its sides go. */
  private record Corner(Point at, Point before, Point after) {}

  /** Nothing is laid yet. */
  CornerFilling(Layout layout, List<Face> faces) {
    this.layout = layout;
    this.faces = faces;
    this.left = new ArrayList<>();
    for (int i = 0; i < layout.pieces.size(); i++) {
      layout.bedOf[i] = -1;
      left.add(i);
    }
    left.sort(Comparator.comparing(it -> -layout.pieces.get(it).form().area));
    free = layout.beds.getFirst().region;
  }

  /** The same, to go another way from here. */
  private CornerFilling(CornerFilling from) {
    layout = new Layout(from.layout.pieces, from.layout.beds);
    for (int i = 0; i < layout.posed.length; i++) {
      layout.bedOf[i] = from.layout.bedOf[i];
      if (layout.bedOf[i] >= 0) {
        layout.put(i, from.layout.posed[i], layout.bedOf[i], from.layout.mirrored[i]);
      }
    }
    faces = from.faces;
    left = new ArrayList<>(from.left);
    dead.addAll(from.dead);
    free = from.free;
    bed = from.bed;
    touched = from.touched;
    around = from.around;
  }

  /** What is laid so far. */
  Layout layout() {
    return layout;
  }

  /** What is not. */
  List<Integer> left() {
    return left;
  }

  /** How much of the edges of what is laid touches something, with one more piece. */
  double touchedWith(Fit fit) {
    return (touched + fit.touching) / (around + faces.get(fit.piece).perimeter);
  }

  /** What it comes to with one more piece: the same for the same pieces in the same places. */
  long keyWith(Fit fit) {
    long key = key(fit.piece, fit.x, fit.y);
    for (int i = 0; i < layout.posed.length; i++) {
      if (layout.bedOf[i] >= 0) {
        key += key(i, layout.posed[i].x, layout.posed[i].y);
      }
    }
    return key;
  }

  private long key(int piece, double x, double y) {
    return (Math.round(x) * 1_000_003 + Math.round(y)) * 31
        + layout.pieces.get(piece).shape().id().hashCode() * 7919L;
  }

  /** This one with one more piece. */
  CornerFilling with(Fit fit) {
    CornerFilling next = new CornerFilling(this);
    next.take(fit);
    return next;
  }

  /**
   * The best ways to fill the next corner; none where all sheets are full or all is laid.
   *
   * @param most so many of them
   * @param width so many corners are looked at
   */
  List<Fit> fits(int most, int width) {
    while (!left.isEmpty()) {
      List<Corner> corners = corners(width);
      if (corners.isEmpty()) {
        if (bed + 1 == layout.beds.size()) {
          return List.of();
        }
        bed++;
        dead.clear();
        free = layout.beds.get(bed).region;
        continue;
      }
      List<Fit> all = new ArrayList<>();
      for (Corner corner : corners) {
        List<Fit> own = fits(corner);
        if (own.isEmpty()) {
          dead.add(corner.at);
        }
        all.addAll(own);
      }
      if (!all.isEmpty()) {
        all.sort(Comparator.comparing(it -> -it.score));
        return all.subList(0, Math.min(most, all.size()));
      }
    }
    return List.of();
  }

  /** Lays what fits no corner where there is room, on the sheets from the first on. */
  void finish(Random random) {
    for (int on = 0; on < layout.beds.size() && !left.isEmpty(); on++) {
      bed = on;
      free = Region.evenOdd(List.of());
      for (int piece : List.copyOf(left)) {
        anywhere(piece, random);
      }
    }
  }

  // == CORNERS

  /** The corners furthest back in room that is large enough for something. */
  private List<Corner> corners(int width) {
    double smallest = layout.pieces.get(left.getLast()).form().area;
    List<Corner> all = new ArrayList<>();
    for (Region part : free.parts()) {
      if (part.area() < smallest * 0.98) {
        continue;
      }
      for (List<Point> ring : part.rings()) {
        int count = ring.size() - 1;
        for (int i = 0; i < count; i++) {
          Point at = ring.get(i);
          if (!dead.contains(at)) {
            all.add(new Corner(at, ring.get((i + count - 1) % count), ring.get(i + 1)));
          }
        }
      }
    }
    all.sort(Comparator.comparing(it -> it.at.x() + it.at.y() * 1e-3));
    return all.subList(0, Math.min(width, all.size()));
  }

  /** The corner that is meant, without the hair that was left round what lies there. */
  private Point exact(Point about) {
    Point best = layout.beds.get(bed).nearestCorner(about);
    double least = best.distance(about);
    for (int i = 0; i < layout.posed.length; i++) {
      if (layout.bedOf[i] != bed) {
        continue;
      }
      Posed it = layout.posed[i];
      if (about.x() < it.minX - 1
          || about.x() > it.maxX + 1
          || about.y() < it.minY - 1
          || about.y() > it.maxY + 1) {
        continue;
      }
      for (List<Point> ring : faces.get(i).region(layout.mirrored[i]).rings()) {
        for (Point corner : ring) {
          Point at = corner.turned(it.angle).plus(new Point(it.x, it.y));
          if (at.distance(about) < least) {
            least = at.distance(about);
            best = at;
          }
        }
      }
    }
    return least < SNAP_MM ? best : about;
  }

  // == WHAT FITS

  /** The best place of each piece in a corner. */
  private List<Fit> fits(Corner corner) {
    Corner sides = new Corner(exact(corner.at), exact(corner.before), exact(corner.after));
    Set<String> seen = new HashSet<>();
    List<Fit> all = new ArrayList<>();
    for (int piece : left) {
      NestShape shape = layout.pieces.get(piece).shape();
      if (!seen.add(shape.id())) {
        continue;
      }
      Fit best = best(sides, piece, false);
      if (shape.mirrors()) {
        Fit over = best(sides, piece, true);
        best = best == null || (over != null && over.score > best.score) ? over : best;
      }
      if (best != null) {
        all.add(best);
      }
    }
    return all;
  }

  private Fit best(Corner corner, int piece, boolean over) {
    Layout.Piece it = layout.pieces.get(piece);
    Fit best = null;
    List<Point> ring = faces.get(piece).region(over).rings().getFirst();
    int count = ring.size() - 1;
    for (int i = 0; i < count; i++) {
      Point before = ring.get((i + count - 1) % count);
      Point after = ring.get(i + 1);
      for (double angle : angles(it.shape().turning(), corner, ring.get(i), before, after)) {
        Point to = corner.at.minus(ring.get(i).turned(angle));
        trial.put(it.form(over), to.x(), to.y(), angle);
        if (layout.loss(piece, trial, bed, 1e-300) > 0) {
          continue;
        }
        double touching = touching(piece, over);
        double score = touching / faces.get(piece).perimeter;
        if (best == null || score > best.score) {
          best = new Fit(piece, to.x(), to.y(), angle, over, touching, score);
        }
      }
    }
    return best;
  }

  /** The angles that are allowed; where any is, those at which a side lies along one of these. */
  private static List<Double> angles(
      Turning turning, Corner corner, Point at, Point before, Point after) {
    if (!turning.free()) {
      return turning.angles();
    }
    List<Double> all = new ArrayList<>();
    for (Point side : List.of(corner.before, corner.after)) {
      for (Point own : List.of(before, after)) {
        all.add(own.minus(at).angleTo(side.minus(corner.at)));
      }
    }
    return all;
  }

  /** How much of its edge touches what bounds the free room. */
  private double touching(int piece, boolean over) {
    double touching = 0;
    List<List<Point>> rings = free.rings();
    for (List<Point> own : faces.get(piece).region(over).rings()) {
      for (int i = 0; i + 1 < own.size(); i++) {
        touching += touching(placed(own.get(i)), placed(own.get(i + 1)), rings);
      }
    }
    return touching * (LONE + (1 - LONE) * Math.min(1, (met(piece, over, rings) - 1.0) / ENOUGH));
  }

  /** How many of its corners lie in corners of the free room. */
  private int met(int piece, boolean over, List<List<Point>> rings) {
    int met = 0;
    for (List<Point> own : faces.get(piece).region(over).rings()) {
      for (int i = 0; i + 1 < own.size(); i++) {
        Point at = placed(own.get(i));
        met += meets(at, rings) ? 1 : 0;
      }
    }
    return met;
  }

  private static boolean meets(Point at, List<List<Point>> rings) {
    for (List<Point> ring : rings) {
      for (Point it : ring) {
        if (Math.abs(it.x() - at.x()) < TOUCHES_MM && Math.abs(it.y() - at.y()) < TOUCHES_MM) {
          return true;
        }
      }
    }
    return false;
  }

  private Point placed(Point own) {
    return own.turned(trial.angle).plus(new Point(trial.x, trial.y));
  }

  private static double touching(Point a, Point b, List<List<Point>> rings) {
    double length = a.distance(b);
    if (length < 1e-9) {
      return 0;
    }
    double ux = (b.x() - a.x()) / length;
    double uy = (b.y() - a.y()) / length;
    double lowX = Math.min(a.x(), b.x()) - TOUCHES_MM;
    double highX = Math.max(a.x(), b.x()) + TOUCHES_MM;
    double lowY = Math.min(a.y(), b.y()) - TOUCHES_MM;
    double highY = Math.max(a.y(), b.y()) + TOUCHES_MM;
    double sum = 0;
    for (List<Point> ring : rings) {
      for (int i = 0; i + 1 < ring.size(); i++) {
        Point p = ring.get(i);
        Point q = ring.get(i + 1);
        if (Math.max(p.x(), q.x()) < lowX
            || Math.min(p.x(), q.x()) > highX
            || Math.max(p.y(), q.y()) < lowY
            || Math.min(p.y(), q.y()) > highY) {
          continue;
        }
        double alongP = (p.x() - a.x()) * ux + (p.y() - a.y()) * uy;
        double alongQ = (q.x() - a.x()) * ux + (q.y() - a.y()) * uy;
        double asideP = (p.y() - a.y()) * ux - (p.x() - a.x()) * uy;
        double asideQ = (q.y() - a.y()) * ux - (q.x() - a.x()) * uy;
        double from = Math.max(0, Math.min(alongP, alongQ));
        double to = Math.min(length, Math.max(alongP, alongQ));
        if (to <= from) {
          continue;
        }
        double slope = (asideQ - asideP) / (alongQ - alongP);
        double atFrom = asideP + slope * (from - alongP);
        double atTo = asideP + slope * (to - alongP);
        if (Math.abs(atFrom) <= TOUCHES_MM && Math.abs(atTo) <= TOUCHES_MM) {
          sum += to - from;
        }
      }
    }
    return Math.min(sum, length);
  }

  // == TAKING

  private void take(Fit fit) {
    trial.put(layout.pieces.get(fit.piece).form(fit.over), fit.x, fit.y, fit.angle);
    layout.put(fit.piece, trial, bed, fit.over);
    left.remove((Integer) fit.piece);
    touched += fit.touching;
    around += faces.get(fit.piece).perimeter;
    Region face = faces.get(fit.piece).region(fit.over);
    Point by = new Point(fit.x, fit.y);
    Region there =
        Region.evenOdd(
            face.rings().stream()
                .map(ring -> ring.stream().map(it -> it.turned(fit.angle).plus(by)).toList())
                .toList());
    free =
        free.difference(there.offset(HAIR_MM))
            .offset(-SLIVER_MM)
            .offset(SLIVER_MM)
            .simplified(SLIVER_MM / 2);
  }

  /** The place furthest back of many at random, moved back for as long as that goes. */
  private void anywhere(int piece, Random random) {
    Layout.Piece it = layout.pieces.get(piece);
    Bed on = layout.beds.get(bed);
    List<Double> angles = it.shape().turning().angles();
    Posed best = new Posed();
    boolean over = false;
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < TRIES; i++) {
      boolean mirrored = it.shape().mirrors() && random.nextBoolean();
      double angle =
          it.shape().turning().free() && i % 2 == 0
              ? random.nextDouble() * 2 * Math.PI
              : angles.get(random.nextInt(angles.size()));
      Form form = it.form(mirrored);
      trial.put(form, 0, 0, angle);
      double x =
          on.minX
              - trial.minX
              + random.nextDouble() * room(on.maxX - on.minX, trial.maxX - trial.minX);
      double y =
          on.minY
              - trial.minY
              + random.nextDouble() * room(on.maxY - on.minY, trial.maxY - trial.minY);
      trial.put(form, x, y, angle);
      if (trial.maxX < least && layout.loss(piece, trial, bed, 1e-300) == 0) {
        back(piece);
        least = trial.maxX;
        best.put(trial);
        over = mirrored;
      }
    }
    if (least < Double.POSITIVE_INFINITY) {
      layout.put(piece, best, bed, over);
      left.remove((Integer) piece);
    }
  }

  private static double room(double all, double taken) {
    return Math.max(0, all - taken);
  }

  /** Moves the trial back and aside as far as it goes. */
  private void back(int piece) {
    double step = trial.form.reach;
    while (step > 0.02) {
      if (!moved(piece, -step, 0) && !moved(piece, 0, -step)) {
        step /= 2;
      }
    }
  }

  private boolean moved(int piece, double x, double y) {
    trial.put(trial.form, trial.x + x, trial.y + y, trial.angle);
    if (layout.loss(piece, trial, bed, 1e-300) == 0) {
      return true;
    }
    trial.put(trial.form, trial.x - x, trial.y - y, trial.angle);
    return false;
  }
}
