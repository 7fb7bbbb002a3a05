package stoutblade.stack;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * What is left of a layer that is hollowed out: a rim all round, a spine along the axis for a core
 * or for screws, and ribs or a web of round holes between.
 *
 * @param way what stands between
 * @param rimMm how wide the rim is, in mm
 * @param ribMm how wide a rib is, or the web between two holes at its narrowest
 * @param everyMm from one rib, or from the middle of one hole, to the next
 * @param spineMm how wide the spine is; 0 for none
 */
public record Frame(Way way, double rimMm, double ribMm, double everyMm, double spineMm) {

  /** What stands between rim and spine. */
  public enum Way {
    RIBS("ribs across"),
    HOLES("round holes");

    private final String words;

    Way(String words) {
      this.words = words;
    }

    /** In words. */
    public String words() {
      return words;
    }
  }

  /** A frame to begin with. */
  public static final Frame USUAL = new Frame(Way.RIBS, 20, 15, 80, 40);

  private static final double MOST_MM = 1000;
  private static final double LEAST_OPEN_MM = 4;

  /** How far a hole's corners may lie from its circle between them, in mm. */
  private static final double ROUND_MM = 0.02;

  /** More holes than this in one layer are not cut. */
  private static final int MOST_HOLES = 4000;

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is out of range, or the ribs leave nothing open; the
   *     message can be shown
   */
  public Frame {
    range("The rim", rimMm, 1);
    range("A rib", ribMm, 1);
    range("The spine", spineMm, 0);
    range("From one to the next", everyMm, 1);
    if (everyMm - ribMm < LEAST_OPEN_MM) {
      throw new IllegalArgumentException(
          "Between two ribs at least 4 mm are open; found "
              + Display.length(everyMm - ribMm, Units.METRIC));
    }
  }

  private static void range(String what, double mm, double least) {
    if (!(mm >= least && mm <= MOST_MM)) {
      throw new IllegalArgumentException(
          what + ": from " + Display.length(least, Units.METRIC) + " to 1 m; found " + mm + " mm");
    }
  }

  public Frame withWay(Way changed) {
    return new Frame(changed, rimMm, ribMm, everyMm, spineMm);
  }

  public Frame withRim(double mm) {
    return new Frame(way, mm, ribMm, everyMm, spineMm);
  }

  public Frame withRib(double mm) {
    return new Frame(way, rimMm, mm, everyMm, spineMm);
  }

  public Frame withEvery(double mm) {
    return new Frame(way, rimMm, ribMm, mm, spineMm);
  }

  public Frame withSpine(double mm) {
    return new Frame(way, rimMm, ribMm, everyMm, mm);
  }

  /**
   * What is cut out of a layer; empty where the rim takes all of it, and where there would be more
   * holes than anybody cuts.
   */
  public Region pockets(Region layer) {
    Region inside = inside(layer);
    if (inside.isEmpty() || tooMany(inside.box())) {
      return Region.evenOdd(List.of());
    }
    return way == Way.RIBS ? betweenRibs(inside) : holes(inside);
  }

  private Region inside(Region layer) {
    Region inside = layer.offset(-rimMm);
    if (spineMm == 0 || inside.isEmpty()) {
      return inside;
    }
    Box all = inside.box().grown(1);
    return inside.difference(Region.of(new Box(-spineMm / 2, all.minY(), spineMm / 2, all.maxY())));
  }

  /** How far from one hole to the next where a layer would have too many; empty where not. */
  public Optional<Frame> wider(Region layer) {
    Region inside = inside(layer);
    if (inside.isEmpty() || !tooMany(inside.box())) {
      return Optional.empty();
    }
    double wider = everyMm;
    Frame found = this;
    while (found.tooMany(inside.box()) && wider < MOST_MM) {
      wider = Math.min(MOST_MM, Math.ceil(wider * 1.25));
      found = withEvery(wider);
    }
    return Optional.of(found);
  }

  private boolean tooMany(Box inside) {
    return way == Way.HOLES && (2.0 * up(inside) + 1) * (2.0 * across(inside) + 1) > MOST_HOLES;
  }

  private double row() {
    return everyMm * Math.sqrt(3) / 2;
  }

  private int up(Box inside) {
    return (int) Math.ceil(inside.height() / 2 / row());
  }

  private int across(Box inside) {
    return (int) Math.ceil(inside.width() / 2 / everyMm) + 1;
  }

  /** Ribs on either side of the middle, so that both ends are alike. */
  private Region betweenRibs(Region inside) {
    Box box = inside.box().grown(1);
    double middle = box.centre().y();
    List<List<Point>> ribs = new ArrayList<>();
    int reach = (int) Math.ceil(box.height() / 2 / everyMm) + 1;
    for (int i = -reach; i <= reach; i++) {
      double low = middle + i * everyMm - ribMm / 2;
      ribs.add(
          List.of(
              new Point(box.minX(), low),
              new Point(box.maxX(), low),
              new Point(box.maxX(), low + ribMm),
              new Point(box.minX(), low + ribMm)));
    }
    return inside.difference(Region.evenOdd(ribs));
  }

  /** Holes at the corners of triangles, those alone that lie inside whole. */
  private Region holes(Region inside) {
    Box box = inside.box();
    double radius = (everyMm - ribMm) / 2;
    Point middle = box.centre();
    int up = up(box);
    int across = across(box);
    List<List<Point>> rings = new ArrayList<>();
    for (int i = -up; i <= up; i++) {
      for (int j = -across; j <= across; j++) {
        double aside = Math.floorMod(i, 2) == 0 ? 0 : everyMm / 2;
        List<Point> ring = ring(middle.plus(new Point(j * everyMm + aside, i * row())), radius);
        if (inside.contains(Region.evenOdd(List.of(ring)))) {
          rings.add(ring);
        }
      }
    }
    return Region.evenOdd(rings);
  }

  private static List<Point> ring(Point at, double radius) {
    List<Point> ring = new ArrayList<>();
    int corners = (int) Math.ceil(Math.PI / Math.acos(1 - Math.min(1, ROUND_MM / radius)));
    for (int i = 0; i < corners; i++) {
      double turn = 2 * Math.PI * i / corners;
      ring.add(at.plus(new Point(radius * Math.cos(turn), radius * Math.sin(turn))));
    }
    return ring;
  }
}
