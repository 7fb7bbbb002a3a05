package stoutblade.nest;

import java.util.List;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** A sheet as the search sees it: where pieces may lie. */
final class Bed {

  /** What turning and moving may be off by. */
  private static final double ROUNDING = 1e-9;

  final NestSheet sheet;
  final Region region;
  final double minX;
  final double minY;

  /** As far as it is used at most; moved nearer to make what is used shorter. */
  double maxX;

  final double maxY;
  final double area;

  /** True for what fills its box. */
  private final boolean box;

  private final Posed edges = new Posed();
  private final Region room;

  /** What lies on it already. */
  private final List<Posed> taken;

  /**
   * A bed.
   *
   * @param room where pieces may lie within its edges
   * @param region the same without what is taken
   * @param taken what lies on it already
   */
  Bed(NestSheet sheet, Region room, Region region, List<Posed> taken) {
    this.sheet = sheet;
    this.room = room;
    this.region = region;
    this.taken = taken;
    Box around = room.box();
    minX = around.minX();
    minY = around.minY();
    maxX = around.maxX();
    maxY = around.maxY();
    area = region.area();
    box = room.area() > around.width() * around.height() * (1 - 1e-9);
    edges.put(Form.of(room, around.centre()), around.centre().x(), around.centre().y(), 0);
  }

  private Bed(Bed like) {
    sheet = like.sheet;
    room = like.room;
    region = like.region;
    minX = like.minX;
    minY = like.minY;
    maxX = like.maxX;
    maxY = like.maxY;
    area = like.area;
    box = like.box;
    edges.put(like.edges);
    taken = like.taken.stream().map(Bed::copy).toList();
  }

  private static Posed copy(Posed it) {
    Posed copy = new Posed();
    copy.put(it);
    return copy;
  }

  /**
   * The same for one search alone: what lies on a bed notes down which edges are near while it is
   * compared, so that two searches at a time must not share it.
   */
  Bed own() {
    return new Bed(this);
  }

  /** The same, used no further than so. */
  Bed upTo(double mm) {
    Bed it = own();
    it.maxX = Math.min(maxX, mm);
    return it;
  }

  /** True where a piece lies on it with all of itself. */
  boolean holds(Posed it) {
    if (it.minX < minX - ROUNDING
        || it.maxX > maxX + ROUNDING
        || it.minY < minY - ROUNDING
        || it.maxY > maxY + ROUNDING) {
      return false;
    }
    boolean within =
        box || (!it.crosses(edges) && edges.holds(it.circleX[0], it.circleY[0]) && !covers(it));
    return within && taken.stream().noneMatch(it::meets);
  }

  /** True where a hole of the sheet lies under a piece whose edges do not cross it. */
  private boolean covers(Posed it) {
    int start = edges.form.ends[0];
    for (int i = 1; i < edges.form.ends.length; i++) {
      if (it.holds(edges.xs[start], edges.ys[start])) {
        return true;
      }
      start = edges.form.ends[i];
    }
    return false;
  }

  /** How much a piece that is not all on it is off it. */
  double off(Posed it) {
    double over =
        Math.max(0, minX - it.minX)
            + Math.max(0, it.maxX - maxX)
            + Math.max(0, minY - it.minY)
            + Math.max(0, it.maxY - maxY);
    double sum = over * it.form.reach;
    double lain = 0;
    for (Posed other : taken) {
      lain += it.meets(other) ? it.overlap(other) : 0;
    }
    if (lain > 0 && over == 0 && box) {
      return lain;
    }
    if (!box) {
      for (int i = 0; i < it.form.circleR.length; i++) {
        double x = it.circleX[i];
        double y = it.circleY[i];
        double r = it.form.circleR[i];
        double near = Rings.distance(edges.xs, edges.ys, edges.form.ends, x, y);
        double deep = edges.holds(x, y) ? r - near : r + near;
        double least = 0.02 * it.form.reach;
        sum += r * (deep >= least ? deep : least * least / (2 * least - deep));
      }
    }
    return lain + 2 * Math.sqrt(sum + 1e-6) * it.form.weight * it.form.weight;
  }

  /** The corner that is nearest to a place. */
  Point nearestCorner(Point to) {
    Point best = to;
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < edges.form.xs.length; i++) {
      Point corner = new Point(edges.xs[i], edges.ys[i]);
      if (corner.distance(to) < least) {
        least = corner.distance(to);
        best = corner;
      }
    }
    return best;
  }
}
