package stoutblade.studio;

/** A vector in metres, or a colour in linear light. */
record Vec(double x, double y, double z) {

  Vec plus(Vec o) {
    return new Vec(x + o.x, y + o.y, z + o.z);
  }

  Vec minus(Vec o) {
    return new Vec(x - o.x, y - o.y, z - o.z);
  }

  Vec times(double f) {
    return new Vec(x * f, y * f, z * f);
  }

  Vec times(Vec o) {
    return new Vec(x * o.x, y * o.y, z * o.z);
  }

  double dot(Vec o) {
    return x * o.x + y * o.y + z * o.z;
  }

  double length() {
    return Math.sqrt(dot(this));
  }

  Vec unit() {
    return times(1 / length());
  }

  Vec cross(Vec o) {
    return new Vec(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
  }

  Vec mix(Vec o, double share) {
    return times(1 - share).plus(o.times(share));
  }
}
