package stoutblade.studio;

import stoutblade.studio.Quay.Stuff;

/** Light and colour of the quay: low sun, sky, the lantern, soft shadows. */
final class Light {

  private static final Vec SUN = new Vec(-0.55, 0.72, 0.62).unit();
  private static final Vec SUN_COLOUR = new Vec(1.65, 1.32, 0.98);
  private static final Vec SKY_COLOUR = new Vec(0.30, 0.36, 0.46);
  private static final Vec FLAME = new Vec(1.0, 0.62, 0.25);
  private static final double FAR = 14;

  private final Quay scene;

  Light(Quay scene) {
    this.scene = scene;
  }

  /** The light that comes back along a ray. */
  Vec along(Vec from, Vec direction) {
    double t = march(from, direction, 2.5, 150);
    if (t > FAR) {
      return SKY_COLOUR.times(1.6);
    }
    Vec at = from.plus(direction.times(t));
    Stuff stuff = scene.stuffAt(at);
    if (stuff == Stuff.GLOW) {
      return FLAME.times(2.6);
    }
    Vec normal = normal(at, stuff);
    return shade(at, normal, direction, stuff);
  }

  private double march(Vec from, Vec direction, double start, int steps) {
    double t = start;
    for (int i = 0; i < steps; i++) {
      double d = scene.distance(from.plus(direction.times(t)));
      if (d < 0.0004) {
        return t;
      }
      t += d * 0.9;
      if (t > FAR) {
        break;
      }
    }
    return t;
  }

  private Vec normal(Vec p, Stuff stuff) {
    double e = stuff == Stuff.STEEL ? 0.0012 : 0.0007;
    Vec n =
        new Vec(
            scene.distance(p.plus(new Vec(e, 0, 0))) - scene.distance(p.minus(new Vec(e, 0, 0))),
            scene.distance(p.plus(new Vec(0, e, 0))) - scene.distance(p.minus(new Vec(0, e, 0))),
            scene.distance(p.plus(new Vec(0, 0, e))) - scene.distance(p.minus(new Vec(0, 0, e))));
    return n.length() < 1e-12 ? new Vec(0, 0, 1) : n.unit();
  }

  private Vec shade(Vec at, Vec normal, Vec direction, Stuff stuff) {
    Vec colour = colour(at, stuff);
    double facing = Math.max(0, normal.dot(SUN));
    double sun = facing == 0 ? 0 : facing * shadow(at.plus(normal.times(0.003)));
    double open = openness(at, normal);
    Vec light =
        SUN_COLOUR
            .times(sun * dapple(at))
            .plus(SKY_COLOUR.times(open * (0.75 + 0.25 * normal.y())));
    Vec toFlame = Quay.LANTERN.minus(at);
    double near = toFlame.length();
    double flame = Math.max(0, normal.dot(toFlame.times(1 / near))) * 0.035 / (near * near + 0.01);
    light = light.plus(FLAME.times(flame * open));
    Vec lit = colour.times(light);
    double gloss = gloss(stuff);
    if (gloss > 0) {
      Vec mirror = direction.minus(normal.times(2 * direction.dot(normal)));
      double glint = Math.pow(Math.max(0, mirror.dot(SUN)), 24) * sun;
      double sky = 0.5 + 0.5 * mirror.y();
      lit = lit.plus(SUN_COLOUR.times(gloss * glint)).plus(SKY_COLOUR.times(gloss * sky * 0.35));
    }
    return lit;
  }

  private static double gloss(Stuff stuff) {
    return switch (stuff) {
      case STEEL -> 0.7;
      case BRASS -> 0.6;
      case LEATHER, DOOR -> 0.12;
      case EYES -> 0.5;
      default -> 0;
    };
  }

  /** Leaves somewhere outside the picture let the sun through unevenly. */
  private static double dapple(Vec at) {
    double n = Noise.layered(at.x() * 1.1 + at.y() * 0.7, at.z() * 1.1 - at.y() * 0.6, 3.7, 3);
    return 0.55 + 0.75 * Math.clamp((n - 0.30) * 4, 0, 1);
  }

  private double shadow(Vec from) {
    double lit = 1;
    double t = 0.01;
    for (int i = 0; i < 90 && t < 4; i++) {
      double d = scene.distance(from.plus(SUN.times(t)));
      lit = Math.min(lit, 14 * d / t);
      if (lit < 0.01) {
        return 0;
      }
      t += Math.clamp(d * 0.8, 0.004, 0.12);
    }
    return lit;
  }

  private double openness(Vec at, Vec normal) {
    double closed = 0;
    double weight = 1;
    for (int i = 1; i <= 5; i++) {
      double step = 0.012 + 0.045 * i;
      closed += weight * (step - scene.distance(at.plus(normal.times(step))));
      weight *= 0.72;
    }
    return Math.clamp(1 - 1.5 * closed, 0.15, 1);
  }

  private static Vec colour(Vec p, Stuff stuff) {
    double grain = Noise.layered(p.x() * 60, p.y() * 60, p.z() * 60, 3);
    double broad = Noise.layered(p.x() * 5, p.y() * 5, p.z() * 5, 3);
    return switch (stuff) {
      case PLANKS -> planks(p);
      case BRICK -> brick(p);
      case PLASTER -> new Vec(0.52, 0.47, 0.39).times(0.7 + 0.5 * broad);
      case DOOR -> door(p);
      case CLOAK -> new Vec(0.075, 0.115, 0.13).times(0.7 + 0.6 * grain + 0.3 * broad);
      case TUNIC -> new Vec(0.34, 0.25, 0.12).times(0.7 + 0.5 * grain);
      case LEATHER -> new Vec(0.14, 0.082, 0.05).times(0.7 + 0.6 * grain);
      case SKIN -> new Vec(0.50, 0.32, 0.235).times(0.92 + 0.12 * grain);
      case STEEL -> new Vec(0.27, 0.29, 0.30).times(0.7 + 0.5 * broad + 0.15 * grain);
      case WOOD ->
          new Vec(0.25, 0.15, 0.08)
              .times(0.6 + 0.7 * Noise.layered(p.x() * 90, p.y() * 5, p.z() * 90, 2));
      case BRASS -> new Vec(0.46, 0.33, 0.12).times(0.7 + 0.4 * broad);
      case CORD -> new Vec(0.36, 0.30, 0.20).times(0.7 + 0.5 * grain);
      case CRATE ->
          new Vec(0.46, 0.34, 0.20)
              .times(0.55 + 0.75 * Noise.layered(p.x() * 7, p.y() * 55, p.z() * 7, 3));
      case GLOW -> FLAME;
      case SCARF -> new Vec(0.40, 0.10, 0.07).times(0.6 + 0.7 * grain);
      case EYES -> new Vec(0.03, 0.025, 0.02);
    };
  }

  private static Vec planks(Vec p) {
    int board = (int) Math.floor(p.x() / 0.21);
    double tone = 0.65 + 0.45 * Noise.hash(board, 3, 9);
    double grain = Noise.layered(p.x() * 60, p.z() * 2.5 + board * 7, 1, 3);
    double u = p.x() / 0.21 - board;
    double gap = Math.min(u, 1 - u) < 0.02 ? 0.25 : 1;
    return new Vec(0.30, 0.255, 0.21).times(tone * gap * (0.55 + 0.8 * grain));
  }

  private static Vec brick(Vec p) {
    int row = (int) Math.floor(p.y() / 0.075);
    int column = (int) Math.floor(p.x() / 0.225 + (row % 2 == 0 ? 0 : 0.5));
    double tone = 0.65 + 0.6 * Noise.hash(column, row, 4);
    double grain = 0.75 + 0.5 * Noise.layered(p.x() * 45, p.y() * 45, 2, 3);
    double damp = 0.7 + 0.3 * Math.clamp(p.y() * 1.4, 0, 1);
    Vec stone = new Vec(0.37, 0.19, 0.135).times(tone * grain * damp);
    return stone.mix(new Vec(0.40, 0.37, 0.33).times(grain * damp), Quay.mortar(p.x(), p.y()));
  }

  private static Vec door(Vec p) {
    double u = (p.x() - 0.49) / 0.153;
    double fu = u - Math.floor(u);
    double gap = Math.min(fu, 1 - fu) < 0.03 ? 0.3 : 1;
    boolean rail = Math.abs(p.y() - 0.35) < 0.06 || Math.abs(p.y() - 1.6) < 0.06;
    double grain = 0.7 + 0.5 * Noise.layered(p.x() * 50, p.y() * 4, 5, 3);
    return new Vec(0.10, 0.17, 0.155).times(grain * (rail ? 1.35 : gap));
  }
}
