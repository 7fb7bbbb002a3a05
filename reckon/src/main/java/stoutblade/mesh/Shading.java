package stoutblade.mesh;

import java.util.Arrays;
import java.util.function.DoubleConsumer;
import java.util.function.IntUnaryOperator;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Box;
import stoutblade.trace.Pixels;

/**
 * A mesh as it looks from a side, lit from where one looks: for choosing up and front, and for
 * pressing on.
 *
 * @param pixels the picture; clear where the mesh is not
 * @param frame where it lies in the view, in the mesh's units, y up
 */
public record Shading(Pixels pixels, Box frame) {

  private static final double DARKEST = 0.2;
  private static final double LIGHTEST = 0.8;

  /**
   * Draws a mesh with a depth buffer.
   *
   * @param longestPx the longer side of the picture, in pixels
   * @param progress takes the share that is done, 0 to 1; may throw to stop
   */
  public static Shading of(
      Mesh mesh, Orientation orientation, View view, int longestPx, DoubleConsumer progress) {
    return of(mesh, orientation, view, longestPx, face -> -1, progress);
  }

  /**
   * The same with some faces in colour.
   *
   * @param colours the colour of a face as 0xRRGGBB, or −1 for grey
   */
  public static Shading of(
      Mesh mesh,
      Orientation orientation,
      View view,
      int longestPx,
      IntUnaryOperator colours,
      DoubleConsumer progress) {
    return new Work(mesh, orientation, view, longestPx, colours, progress).shading();
  }

  private static final class Work {

    private final Mesh mesh;
    private final IntUnaryOperator colours;
    private final DoubleConsumer progress;
    private final double[] x;
    private final double[] y;
    private final double[] z;
    private final double perPixel;
    private final int width;
    private final int height;
    private final double minX;
    private final double maxY;
    private final float[] depth;
    private final int[] argb;

    Work(
        Mesh mesh,
        Orientation orientation,
        View view,
        int longestPx,
        IntUnaryOperator colours,
        DoubleConsumer progress) {
      this.mesh = mesh;
      this.colours = colours;
      this.progress = progress;
      int count = mesh.vertices();
      x = new double[count];
      y = new double[count];
      z = new double[count];
      for (int v = 0; v < count; v++) {
        x[v] = orientation.across(view, mesh.x(v), mesh.y(v), mesh.z(v));
        y[v] = orientation.along(view, mesh.x(v), mesh.y(v), mesh.z(v));
        z[v] = orientation.towards(view, mesh.x(v), mesh.y(v), mesh.z(v));
      }
      minX = Arrays.stream(x).min().orElse(0);
      maxY = Arrays.stream(y).max().orElse(0);
      double wide = Arrays.stream(x).max().orElse(0) - minX;
      double high = maxY - Arrays.stream(y).min().orElse(0);
      perPixel = Math.max(Math.max(wide, high), Double.MIN_NORMAL) / longestPx;
      width = Math.max(2, (int) Math.ceil(wide / perPixel) + 1);
      height = Math.max(2, (int) Math.ceil(high / perPixel) + 1);
      depth = new float[width * height];
      argb = new int[width * height];
      Arrays.fill(depth, Float.NEGATIVE_INFINITY);
    }

    Shading shading() {
      for (int t = 0; t < mesh.triangles(); t++) {
        paint(mesh.corner(t, 0), mesh.corner(t, 1), mesh.corner(t, 2), colours.applyAsInt(t));
        if ((t & 0xffff) == 0) {
          progress.accept(t / (double) mesh.triangles());
        }
      }
      return new Shading(
          new Pixels(width, height, argb),
          new Box(minX, maxY - height * perPixel, minX + width * perPixel, maxY));
    }

    private void paint(int a, int b, int c, int tint) {
      double ux = x[b] - x[a];
      double uy = y[b] - y[a];
      double uz = z[b] - z[a];
      double vx = x[c] - x[a];
      double vy = y[c] - y[a];
      double vz = z[c] - z[a];
      double nz = ux * vy - uy * vx;
      double size =
          Math.sqrt(Math.pow(uy * vz - uz * vy, 2) + Math.pow(uz * vx - ux * vz, 2) + nz * nz);
      if (nz == 0 || size == 0) {
        return;
      }
      // Faces may be turned over: what is seen is lit.
      double light = DARKEST + (LIGHTEST - DARKEST) * Math.abs(nz) / size;
      int colour = tint < 0 ? lit(0xffffff, light) : lit(tint, light / LIGHTEST);
      int left = column(Math.min(x[a], Math.min(x[b], x[c])));
      int right = column(Math.max(x[a], Math.max(x[b], x[c])));
      int top = row(Math.max(y[a], Math.max(y[b], y[c])));
      int low = row(Math.min(y[a], Math.min(y[b], y[c])));
      for (int py = top; py <= low; py++) {
        double atY = maxY - (py + 0.5) * perPixel - y[a];
        for (int px = left; px <= right; px++) {
          double atX = minX + (px + 0.5) * perPixel - x[a];
          double s = (atX * vy - atY * vx) / nz;
          double r = (ux * atY - uy * atX) / nz;
          if (s >= -1e-9 && r >= -1e-9 && s + r <= 1 + 1e-9) {
            float at = (float) (z[a] + s * uz + r * vz);
            int i = py * width + px;
            if (at > depth[i]) {
              depth[i] = at;
              argb[i] = colour;
            }
          }
        }
      }
    }

    private static int lit(int colour, double light) {
      int lit = 0xff000000;
      for (int shift = 0; shift <= 16; shift += 8) {
        lit |= (int) Math.round((colour >> shift & 0xff) * light) << shift;
      }
      return lit;
    }

    private int column(double atX) {
      return Math.clamp((long) Math.floor((atX - minX) / perPixel), 0, width - 1);
    }

    private int row(double atY) {
      return Math.clamp((long) Math.floor((maxY - atY) / perPixel), 0, height - 1);
    }
  }
}
