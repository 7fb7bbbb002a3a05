package stoutblade.studio;

/** Signed distances to simple solids, in metres, and how they are joined. */
final class Shapes {

  private Shapes() {}

  static double ball(double x, double y, double z, double r) {
    return Math.sqrt(x * x + y * y + z * z) - r;
  }

  /** Close to the distance of an ellipsoid; never far too great. */
  static double egg(double x, double y, double z, double rx, double ry, double rz) {
    double k = Math.sqrt(sq(x / rx) + sq(y / ry) + sq(z / rz));
    return (k - 1) * Math.min(rx, Math.min(ry, rz));
  }

  static double box(double x, double y, double z, double hx, double hy, double hz) {
    double dx = Math.abs(x) - hx;
    double dy = Math.abs(y) - hy;
    double dz = Math.abs(z) - hz;
    double outside = Math.sqrt(sq(Math.max(dx, 0)) + sq(Math.max(dy, 0)) + sq(Math.max(dz, 0)));
    return outside + Math.min(0, Math.max(dx, Math.max(dy, dz)));
  }

  /** A limb from a to b whose radius runs from ra to rb. */
  static double limb(Vec p, Vec a, Vec b, double ra, double rb) {
    double bx = b.x() - a.x();
    double by = b.y() - a.y();
    double bz = b.z() - a.z();
    double px = p.x() - a.x();
    double py = p.y() - a.y();
    double pz = p.z() - a.z();
    double t = Math.clamp((px * bx + py * by + pz * bz) / (bx * bx + by * by + bz * bz), 0, 1);
    return Math.sqrt(sq(px - bx * t) + sq(py - by * t) + sq(pz - bz * t)) - (ra + (rb - ra) * t);
  }

  /** The union with its crease filled to about a size k. */
  static double blend(double a, double b, double k) {
    double h = Math.max(k - Math.abs(a - b), 0) / k;
    return Math.min(a, b) - h * h * k / 4;
  }

  static double sq(double v) {
    return v * v;
  }
}
