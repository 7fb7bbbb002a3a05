package stoutblade.mesh;

import java.util.List;
import java.util.function.DoubleConsumer;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.trace.Contours;
import stoutblade.trace.Field;

/**
 * The outline of a rough mesh, followed on a fine raster: its folds are too many to cut the picture
 * by. It lies within one pixel of the true one.
 */
final class RasterSilhouette {

  private static final int PIXELS = 3000;

  private final Mesh mesh;
  private final double[] px;
  private final double[] py;
  private final DoubleConsumer progress;
  private final double pixel;
  private double minX = Double.POSITIVE_INFINITY;
  private double minY = Double.POSITIVE_INFINITY;
  private double maxX = Double.NEGATIVE_INFINITY;
  private double maxY = Double.NEGATIVE_INFINITY;

  RasterSilhouette(Mesh mesh, double[] px, double[] py, double size, DoubleConsumer progress) {
    this.mesh = mesh;
    this.px = px;
    this.py = py;
    this.progress = progress;
    this.pixel = size / PIXELS;
  }

  Silhouette silhouette() {
    for (int t = 0; t < mesh.triangles(); t++) {
      for (int k = 0; k < 3; k++) {
        int v = mesh.corner(t, k);
        minX = Math.min(minX, px[v]);
        maxX = Math.max(maxX, px[v]);
        minY = Math.min(minY, py[v]);
        maxY = Math.max(maxY, py[v]);
      }
    }
    int width = (int) Math.ceil((maxX - minX) / pixel) + 4;
    int height = (int) Math.ceil((maxY - minY) / pixel) + 4;
    Field field = new Field(width, height);
    field.fill(-1);
    for (int t = 0; t < mesh.triangles(); t++) {
      paint(field, mesh.corner(t, 0), mesh.corner(t, 1), mesh.corner(t, 2));
      if ((t & 0xffff) == 0) {
        progress.accept(0.35 + 0.5 * t / mesh.triangles());
      }
    }
    List<List<Point>> rings =
        Contours.of(field).stream().map(ring -> ring.stream().map(this::place).toList()).toList();
    return new Silhouette(Region.evenOdd(rings), pixel);
  }

  /** Paints the pixels whose middles lie in a triangle. */
  private void paint(Field field, int a, int b, int c) {
    double low = Math.min(py[a], Math.min(py[b], py[c]));
    double high = Math.max(py[a], Math.max(py[b], py[c]));
    for (int row = (int) Math.ceil(row(low)); row <= row(high); row++) {
      double y = minY + (row - 2) * pixel;
      double left = Double.POSITIVE_INFINITY;
      double right = Double.NEGATIVE_INFINITY;
      int[] ring = {a, b, c, a};
      for (int k = 0; k < 3; k++) {
        double y0 = py[ring[k]];
        double y1 = py[ring[k + 1]];
        if (Math.min(y0, y1) <= y && y <= Math.max(y0, y1)) {
          double share = y1 == y0 ? 0 : (y - y0) / (y1 - y0);
          double x = px[ring[k]] + share * (px[ring[k + 1]] - px[ring[k]]);
          left = Math.min(left, y1 == y0 ? Math.min(px[ring[k]], px[ring[k + 1]]) : x);
          right = Math.max(right, y1 == y0 ? Math.max(px[ring[k]], px[ring[k + 1]]) : x);
        }
      }
      for (int x = (int) Math.ceil(column(left)); x <= column(right); x++) {
        field.set(x, row, 1);
      }
    }
  }

  private double row(double y) {
    return (y - minY) / pixel + 2;
  }

  private double column(double x) {
    return (x - minX) / pixel + 2;
  }

  private Point place(Point px) {
    return new Point(minX + (px.x() - 2) * pixel, minY + (px.y() - 2) * pixel);
  }
}
