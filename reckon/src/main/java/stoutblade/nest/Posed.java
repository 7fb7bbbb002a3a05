package stoutblade.nest;

/** A shape where it lies. The arrays are written over each time that it is put elsewhere. */
final class Posed {

  Form form;
  double x;
  double y;
  double angle;
  double[] xs = new double[0];
  double[] ys = new double[0];
  double[] circleX = new double[0];
  double[] circleY = new double[0];
  double minX;
  double minY;
  double maxX;
  double maxY;

  /** Edges that lie in the box shared with another one, by their second corner. */
  private int[] near = new int[0];

  /** Puts a form with its middle somewhere. */
  void put(Form it, double toX, double toY, double radians) {
    form = it;
    x = toX;
    y = toY;
    angle = radians;
    int count = it.xs.length;
    if (xs.length < count) {
      xs = new double[count];
      ys = new double[count];
      near = new int[2 * count];
    }
    if (circleX.length < it.circleX.length) {
      circleX = new double[it.circleX.length];
      circleY = new double[it.circleX.length];
    }
    double cos = Math.cos(radians);
    double sin = Math.sin(radians);
    minX = Double.POSITIVE_INFINITY;
    minY = Double.POSITIVE_INFINITY;
    maxX = Double.NEGATIVE_INFINITY;
    maxY = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < count; i++) {
      double atX = toX + cos * it.xs[i] - sin * it.ys[i];
      double atY = toY + sin * it.xs[i] + cos * it.ys[i];
      xs[i] = atX;
      ys[i] = atY;
      minX = Math.min(minX, atX);
      maxX = Math.max(maxX, atX);
      minY = Math.min(minY, atY);
      maxY = Math.max(maxY, atY);
    }
    for (int i = 0; i < it.circleX.length; i++) {
      circleX[i] = toX + cos * it.circleX[i] - sin * it.circleY[i];
      circleY[i] = toY + sin * it.circleX[i] + cos * it.circleY[i];
    }
  }

  /** Puts it where another one is. */
  void put(Posed other) {
    put(other.form, other.x, other.y, other.angle);
  }

  private boolean boxMeets(Posed other) {
    return minX < other.maxX && other.minX < maxX && minY < other.maxY && other.minY < maxY;
  }

  /** True where it and another one have anything in common. */
  boolean meets(Posed other) {
    if (!boxMeets(other)) {
      return false;
    }
    Form own = form;
    Form that = other.form;
    for (int i = 0; i < own.circleR.length; i++) {
      for (int k = 0; k < that.circleR.length; k++) {
        double offX = circleX[i] - other.circleX[k];
        double offY = circleY[i] - other.circleY[k];
        double radii = own.circleR[i] + that.circleR[k];
        if (offX * offX + offY * offY < radii * radii) {
          return true;
        }
      }
    }
    return crosses(other)
        || other.holds(circleX[0], circleY[0])
        || holds(other.circleX[0], other.circleY[0]);
  }

  /** True where an edge of it crosses one of another. */
  boolean crosses(Posed other) {
    double lowX = Math.max(minX, other.minX);
    double highX = Math.min(maxX, other.maxX);
    double lowY = Math.max(minY, other.minY);
    double highY = Math.min(maxY, other.maxY);
    int own = nearby(lowX, lowY, highX, highY);
    int that = own == 0 ? 0 : other.nearby(lowX, lowY, highX, highY);
    for (int i = 0; i < own; i++) {
      int a = near[2 * i];
      int b = near[2 * i + 1];
      double ax = xs[a];
      double ay = ys[a];
      double bx = xs[b];
      double by = ys[b];
      double left = Math.min(ax, bx);
      double right = Math.max(ax, bx);
      double low = Math.min(ay, by);
      double high = Math.max(ay, by);
      for (int k = 0; k < that; k++) {
        int c = other.near[2 * k];
        int d = other.near[2 * k + 1];
        double cx = other.xs[c];
        double dx = other.xs[d];
        if ((cx < left && dx < left) || (cx > right && dx > right)) {
          continue;
        }
        double cy = other.ys[c];
        double dy = other.ys[d];
        if ((cy < low && dy < low) || (cy > high && dy > high)) {
          continue;
        }
        if (Rings.cross(ax, ay, bx, by, cx, cy, dx, dy)) {
          return true;
        }
      }
    }
    return false;
  }

  /** Notes the edges that reach into a box. */
  private int nearby(double lowX, double lowY, double highX, double highY) {
    int count = 0;
    int start = 0;
    for (int end : form.ends) {
      int before = end - 1;
      for (int i = start; i < end; i++) {
        double ax = xs[before];
        double bx = xs[i];
        double ay = ys[before];
        double by = ys[i];
        boolean off =
            (ax < lowX && bx < lowX)
                || (ax > highX && bx > highX)
                || (ay < lowY && by < lowY)
                || (ay > highY && by > highY);
        if (!off) {
          near[2 * count] = before;
          near[2 * count + 1] = i;
          count++;
        }
        before = i;
      }
      start = end;
    }
    return count;
  }

  /** True where a place lies in it. */
  boolean holds(double atX, double atY) {
    if (atX < minX || atX > maxX || atY < minY || atY > maxY) {
      return false;
    }
    return Rings.holds(xs, ys, form.ends, atX, atY);
  }

  /** How much it and another one that it meets overlap: above 0, and less the less it is. */
  double overlap(Posed other) {
    Form own = form;
    Form that = other.form;
    double least = LEAST * Math.min(own.reach, that.reach);
    double sum = 0;
    for (int i = 0; i < own.circleR.length; i++) {
      for (int k = 0; k < that.circleR.length; k++) {
        double offX = circleX[i] - other.circleX[k];
        double offY = circleY[i] - other.circleY[k];
        double deep = own.circleR[i] + that.circleR[k] - Math.sqrt(offX * offX + offY * offY);
        double counted = deep >= least ? deep : least * least / (2 * least - deep);
        sum += counted * Math.min(own.circleR[i], that.circleR[k]);
      }
    }
    return Math.sqrt(sum) * own.weight * that.weight;
  }

  /** Circles that are no further over one another than this share of the reach hardly count. */
  private static final double LEAST = 0.02;
}
