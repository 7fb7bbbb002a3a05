package stoutblade.studio;

import static stoutblade.studio.Shapes.blend;
import static stoutblade.studio.Shapes.box;
import static stoutblade.studio.Shapes.egg;
import static stoutblade.studio.Shapes.limb;
import static stoutblade.studio.Shapes.sq;

import java.util.List;
import stoutblade.demo.Demo;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * The Ferrywarden on the quay of Osiermouth, with the Reedcutter, a crate and a lantern.
 *
 * <p>True sizes: she stands 1.74 m, the Reedcutter measures 1.90 m, its leaf 0.56 m, the crate is
 * 0.60 m high with its front in the plane in which she stands.
 */
final class Quay {

  static final Vec HEAD = new Vec(0, 1.74, 0);
  static final Vec HEEL = new Vec(0, 0, 0);
  static final Vec BUTT = new Vec(0.515, 0, 0.03);
  static final Vec TIP = new Vec(0.455, Math.sqrt(1.9 * 1.9 - 0.06 * 0.06), 0.03);
  static final Vec CRATE_TOP = new Vec(-0.42, 0.6, 0.0);
  static final Vec CRATE_FOOT = new Vec(-0.42, 0, 0.0);
  static final double LEAF = 0.56;
  static final Vec LEAF_BASE = TIP.minus(TIP.minus(BUTT).unit().times(LEAF));

  /** The corners of the crate's front, 0.36 by 0.60 m, from the top left clockwise. */
  static final List<Vec> CRATE_FRONT =
      List.of(new Vec(-0.78, 0.6, 0), CRATE_TOP, CRATE_FOOT, new Vec(-0.78, 0, 0));

  static final Vec LANTERN = new Vec(-0.285, 0.60, 0.06);

  private static final Vec ALONG = TIP.minus(BUTT).unit();
  private static final Vec ACROSS = new Vec(ALONG.y(), -ALONG.x(), 0);
  private static final double TOTAL = 1.9;

  /** What a surface is made of. */
  enum Stuff {
    PLANKS,
    BRICK,
    PLASTER,
    DOOR,
    CLOAK,
    TUNIC,
    LEATHER,
    SKIN,
    STEEL,
    WOOD,
    BRASS,
    CORD,
    CRATE,
    GLOW,
    SCARF,
    EYES
  }

  private final double[] leafX;
  private final double[] leafY;

  Quay() {
    Path outline = Demo.leaf().outline();
    List<Point> points = outline.flattened(0.5);
    leafX = points.stream().mapToDouble(p -> p.x() / 1000).toArray();
    leafY = points.stream().mapToDouble(p -> p.y() / 1000).toArray();
  }

  double distance(Vec p) {
    return Math.min(surroundings(p), Math.min(figure(p), Math.min(prop(p), things(p))));
  }

  // == SURROUNDINGS

  private static double surroundings(Vec p) {
    return Math.min(
        p.y() + planks(p), Math.min(p.z() + 2.6 + brickDepth(p.x(), p.y()), leftWall(p)));
  }

  private static double planks(Vec p) {
    double u = p.x() / 0.21 - Math.floor(p.x() / 0.21);
    return 0.006 * Math.exp(-sq(Math.min(u, 1 - u) / 0.03));
  }

  private static double leftWall(Vec p) {
    return p.x() + 1.75;
  }

  private static double brickDepth(double x, double y) {
    return inDoor(x, y) ? 0.03 : 0.008 * mortar(x, y);
  }

  /** 1 in the mortar, 0 on a brick of 0.215 × 0.065 m in stretcher bond. */
  static double mortar(double x, double y) {
    int row = (int) Math.floor(y / 0.075);
    double u = x / 0.225 + (row % 2 == 0 ? 0 : 0.5);
    double fu = u - Math.floor(u);
    double fv = y / 0.075 - row;
    double edge = Math.min(Math.min(fu, 1 - fu) * 0.225, Math.min(fv, 1 - fv) * 0.075);
    return edge < 0.005 ? 1 : Math.exp(-sq((edge - 0.005) / 0.003));
  }

  // == FIGURE

  private static double figure(Vec p) {
    if (box(p.x(), p.y() - 0.87, p.z(), 0.62, 0.9, 0.4) > 0.25) {
      return box(p.x(), p.y() - 0.87, p.z(), 0.55, 0.88, 0.35);
    }
    double cloth = Math.min(Math.min(cloak(p), tunic(p)), scarf(p));
    return Math.min(cloth, Math.min(leather(p), Math.min(skin(p), eyes(p))));
  }

  private static double skin(Vec p) {
    double face = egg(p.x(), p.y() - 1.605, p.z() - 0.02, 0.072, 0.108, 0.088);
    double nose = egg(p.x(), p.y() - 1.600, p.z() - 0.108, 0.012, 0.030, 0.02);
    double brow = egg(p.x(), p.y() - 1.640, p.z() - 0.092, 0.052, 0.010, 0.016);
    double sockets = egg(Math.abs(p.x()) - 0.028, p.y() - 1.622, p.z() - 0.108, 0.02, 0.011, 0.014);
    double neck = limb(p, new Vec(0, 1.5, 0), new Vec(0, 1.42, 0), 0.05, 0.055);
    double head = Math.max(blend(blend(blend(face, nose, 0.03), brow, 0.02), neck, 0.04), -sockets);
    return Math.min(head, Math.min(hand(p, 0.478, 1.18, 0.06), hand(p, -0.285, 0.83, 0.05)));
  }

  private static double hand(Vec p, double x, double y, double z) {
    double palm = egg(p.x() - x, p.y() - y, p.z() - z, 0.038, 0.05, 0.036);
    double fingers =
        egg(p.x() - x + 0.004, p.y() - y + 0.012, p.z() - z - 0.022, 0.034, 0.042, 0.02);
    return blend(palm, fingers, 0.02);
  }

  private static double cloak(Vec p) {
    double hood = egg(p.x(), p.y() - 1.615, p.z() + 0.015, 0.112, 0.125, 0.125);
    double opening = egg(p.x(), p.y() - 1.59, p.z() - 0.13, 0.082, 0.118, 0.13);
    double hooded = Math.max(hood, -opening);
    double mantle = egg(p.x(), p.y() - 1.40, p.z() + 0.005, 0.235, 0.12, 0.15);
    double top = blend(hooded, mantle, 0.07);
    double share = Math.clamp((1.42 - p.y()) / 1.12, 0, 1);
    double angle = Math.atan2(p.x(), -(p.z() + 0.05));
    double folds = 0.018 * share * Math.sin(angle * 13 + 2 * Math.sin(p.y() * 3));
    double radius = 0.20 + 0.17 * share + folds;
    double ring = Math.sqrt(sq(p.x() / 1.05) + sq((p.z() + 0.05) * 1.55)) - radius;
    double hem = Math.max(p.y() - 1.42, 0.28 + 0.02 * Math.sin(angle * 5) - p.y());
    double cape = Math.max(Math.max(Math.abs(ring) - 0.008, hem), p.z() - 0.03) * 0.6;
    return Math.min(top, cape);
  }

  private static double tunic(Vec p) {
    double chest = egg(p.x(), p.y() - 1.27, p.z(), 0.185, 0.22, 0.125);
    double share = Math.clamp((1.12 - p.y()) / 0.5, 0, 1);
    double angle = Math.atan2(p.x(), p.z());
    double radius = 0.150 + 0.075 * share + 0.010 * share * Math.sin(angle * 11 + 1);
    double round = Math.sqrt(sq(p.x()) + sq(p.z() * 1.35)) - radius;
    double skirt = Math.max(round, Math.max(p.y() - 1.16, 0.60 - p.y())) * 0.75;
    double body = blend(chest, skirt, 0.05);
    double right =
        blend(
            limb(p, new Vec(0.18, 1.40, 0), new Vec(0.345, 1.17, 0.0), 0.066, 0.054),
            limb(p, new Vec(0.345, 1.17, 0.0), new Vec(0.455, 1.18, 0.05), 0.054, 0.042),
            0.03);
    double left =
        blend(
            limb(p, new Vec(-0.18, 1.40, 0), new Vec(-0.265, 1.12, 0.0), 0.066, 0.054),
            limb(p, new Vec(-0.265, 1.12, 0.0), new Vec(-0.285, 0.88, 0.04), 0.054, 0.042),
            0.03);
    return blend(body, Math.min(right, left), 0.05);
  }

  private static double leather(Vec p) {
    double belt =
        Math.max(
            Math.abs(Math.sqrt(sq(p.x()) + sq(p.z() * 1.3)) - 0.158) - 0.012,
            Math.abs(p.y() - 1.07) - 0.026);
    double legs =
        Math.min(
            limb(p, new Vec(0.085, 0.9, 0), new Vec(0.105, 0.1, 0), 0.085, 0.058),
            limb(p, new Vec(-0.085, 0.9, 0), new Vec(-0.105, 0.1, 0), 0.085, 0.058));
    double boots =
        Math.min(
            egg(p.x() - 0.112, p.y() - 0.045, p.z() - 0.06, 0.056, 0.048, 0.13),
            egg(p.x() + 0.112, p.y() - 0.045, p.z() - 0.06, 0.056, 0.048, 0.13));
    double cuffs =
        Math.min(
            limb(p, new Vec(0.105, 0.40, 0), new Vec(0.105, 0.36, 0), 0.083, 0.083),
            limb(p, new Vec(-0.105, 0.40, 0), new Vec(-0.105, 0.36, 0), 0.083, 0.083));
    return Math.min(belt, Math.min(blend(legs, boots, 0.05), cuffs));
  }

  // == PROP

  /** Along the Reedcutter from the butt, across it, and off its plane. */
  private static Vec inProp(Vec p) {
    Vec to = p.minus(BUTT);
    return new Vec(to.dot(ACROSS), to.dot(ALONG), to.z());
  }

  private double prop(Vec p) {
    Vec q = inProp(p);
    double bound = box(q.x(), q.y() - 0.95, q.z(), 0.09, 0.96, 0.04);
    return bound > 0.1 ? bound : Math.min(Math.min(leaf(q), haft(q)), Math.min(brass(q), cord(q)));
  }

  private double leaf(Vec q) {
    double flat = inLeaf(q.x(), q.y() - (TOTAL - LEAF));
    double half = 0.002 + 0.008 * Math.clamp(-flat / 0.028, 0, 1);
    return Math.max(flat, Math.abs(q.z()) - half) * 0.75;
  }

  /** Signed distance to the leaf's outline, negative inside. */
  private double inLeaf(double x, double y) {
    double least = Double.POSITIVE_INFINITY;
    boolean inside = false;
    for (int i = 0, j = leafX.length - 1; i < leafX.length; j = i++) {
      double ex = leafX[j] - leafX[i];
      double ey = leafY[j] - leafY[i];
      double wx = x - leafX[i];
      double wy = y - leafY[i];
      double square = ex * ex + ey * ey;
      double t = square == 0 ? 0 : Math.clamp((wx * ex + wy * ey) / square, 0, 1);
      least = Math.min(least, sq(wx - ex * t) + sq(wy - ey * t));
      if ((leafY[i] > y) != (leafY[j] > y)
          && x < ex * (y - leafY[i]) / (leafY[j] - leafY[i]) + leafX[i]) {
        inside = !inside;
      }
    }
    return inside ? -Math.sqrt(least) : Math.sqrt(least);
  }

  private static double haft(Vec q) {
    return Math.max(Math.hypot(q.x(), q.z()) - 0.0165, Math.abs(q.y() - 0.66) - 0.66);
  }

  private static double brass(Vec q) {
    double around = Math.hypot(q.x(), q.z());
    double collar = Math.max(around - 0.025, Math.abs(q.y() - 1.325) - 0.035);
    double ring = Math.max(around - 0.029, Math.abs(q.y() - 1.29) - 0.008);
    double butt = Math.max(around - 0.021, Math.abs(q.y() - 0.035) - 0.035);
    return Math.min(collar, Math.min(ring, butt));
  }

  private static double cord(Vec q) {
    double turns = 0.0018 * Math.sin(q.y() * 2 * Math.PI / 0.009);
    return Math.max(Math.hypot(q.x(), q.z()) - 0.0195 - turns, Math.abs(q.y() - 1.05) - 0.13) * 0.7;
  }

  // == THINGS

  private static double things(Vec p) {
    return Math.min(crate(p), Math.min(lantern(p), glass(p)));
  }

  private static double crate(Vec p) {
    double x = p.x() + 0.60;
    double y = p.y() - 0.3;
    double z = p.z() + 0.25;
    if (box(x, y, z, 0.19, 0.31, 0.26) > 0.1) {
      return box(x, y, z, 0.18, 0.30, 0.25);
    }
    double body = box(x, y, z, 0.165, 0.285, 0.235);
    double gap = y / 0.114 - Math.floor(y / 0.114);
    double slats = body + 0.005 * Math.exp(-sq(Math.min(gap, 1 - gap) / 0.04));
    double frame = Math.max(box(x, y, z, 0.18, 0.30, 0.25), -box(x, y, z, 0.125, 0.245, 0.4));
    double post = box(Math.abs(x) - 0.15, y, z, 0.03, 0.30, 0.25);
    return Math.min(slats, Math.min(frame, post));
  }

  private static double lantern(Vec p) {
    double x = p.x() - LANTERN.x();
    double y = p.y() - LANTERN.y();
    double z = p.z() - LANTERN.z();
    double top = Math.max(Math.hypot(x, z) - 0.055 + (y - 0.07) * 0.8, Math.abs(y - 0.095) - 0.028);
    double foot = Math.max(Math.hypot(x, z) - 0.058, Math.abs(y + 0.075) - 0.01);
    double posts =
        Math.max(Math.hypot(Math.abs(x) - 0.038, Math.abs(z) - 0.038) - 0.005, Math.abs(y) - 0.075);
    double handle =
        Math.max(Math.abs(Math.hypot(x, y - 0.16) - 0.045) - 0.004, Math.abs(z) - 0.004);
    return Math.min(Math.min(top, foot), Math.min(posts, handle)) * 0.8;
  }

  private static double glass(Vec p) {
    return box(p.x() - LANTERN.x(), p.y() - LANTERN.y(), p.z() - LANTERN.z(), 0.032, 0.064, 0.032);
  }

  private static double scarf(Vec p) {
    double knit = 0.0025 * Math.sin(p.y() * 420) * Math.sin(p.x() * 300);
    double round = egg(p.x(), p.y() - 1.535, p.z() - 0.022, 0.082, 0.062, 0.102);
    return (round - knit) * 0.7;
  }

  private static double eyes(Vec p) {
    return egg(Math.abs(p.x()) - 0.028, p.y() - 1.620, p.z() - 0.090, 0.012, 0.007, 0.008);
  }

  // == STUFF

  /** What the surface nearest to a place is made of. */
  Stuff stuffAt(Vec p) {
    Vec q = inProp(p);
    double[] to = {
      p.y() + planks(p),
      p.z() + 2.6 + brickDepth(p.x(), p.y()),
      leftWall(p),
      cloak(p),
      tunic(p),
      leather(p),
      skin(p),
      leaf(q),
      haft(q),
      brass(q),
      cord(q),
      crate(p),
      lantern(p),
      glass(p)
    };
    Stuff[] of = {
      Stuff.PLANKS,
      inDoor(p.x(), p.y()) ? Stuff.DOOR : Stuff.BRICK,
      Stuff.PLASTER,
      Stuff.CLOAK,
      Stuff.TUNIC,
      Stuff.LEATHER,
      Stuff.SKIN,
      Stuff.STEEL,
      Stuff.WOOD,
      Stuff.BRASS,
      Stuff.CORD,
      Stuff.CRATE,
      Stuff.BRASS,
      Stuff.GLOW
    };
    int nearest = 0;
    for (int i = 1; i < to.length; i++) {
      nearest = to[i] < to[nearest] ? i : nearest;
    }
    return of[nearest];
  }

  private static boolean inDoor(double x, double y) {
    return Math.abs(x - 0.95) < 0.46 && y < 2.0;
  }
}
