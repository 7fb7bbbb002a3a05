package stoutblade.studio;

/** Value noise with no state: the same place always gives the same value, 0 to 1. */
final class Noise {

  private Noise() {}

  static double hash(int x, int y, int z) {
    int h = x * 374761393 + y * 668265263 + z * 1274126177;
    h = (h ^ (h >>> 13)) * 1274126177;
    h ^= h >>> 16;
    return (h & 0xffffff) / (double) 0xffffff;
  }

  static double smooth(double x, double y, double z) {
    int ix = (int) Math.floor(x);
    int iy = (int) Math.floor(y);
    int iz = (int) Math.floor(z);
    double fx = ease(x - ix);
    double fy = ease(y - iy);
    double fz = ease(z - iz);
    double sum = 0;
    for (int c = 0; c < 8; c++) {
      int cx = c & 1;
      int cy = (c >> 1) & 1;
      int cz = (c >> 2) & 1;
      double weight = (cx == 1 ? fx : 1 - fx) * (cy == 1 ? fy : 1 - fy) * (cz == 1 ? fz : 1 - fz);
      sum += weight * hash(ix + cx, iy + cy, iz + cz);
    }
    return sum;
  }

  private static double ease(double t) {
    return t * t * (3 - 2 * t);
  }

  static double layered(double x, double y, double z, int layers) {
    double sum = 0;
    double weight = 0.5;
    for (int i = 0; i < layers; i++) {
      sum += weight * smooth(x, y, z);
      x *= 2.03;
      y *= 2.03;
      z *= 2.03;
      weight /= 2;
    }
    return sum;
  }
}
