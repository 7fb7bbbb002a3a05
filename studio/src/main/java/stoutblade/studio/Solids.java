package stoutblade.studio;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import stoutblade.demo.Demo;
import stoutblade.shape.Point;

/** The demo's 3D models: the Reedcutter as OBJ in metres, the Fog Bell as STL in millimetres. */
final class Solids {

  private static final int AROUND = 72;

  private Solids() {}

  static void write(Path folder) throws IOException {
    Path obj = folder.resolve("reedcutter.obj");
    Files.writeString(obj, reedcutter());
    System.out.println(obj);
    Path stl = folder.resolve("fog-bell.stl");
    Files.write(stl, bell());
    System.out.println(stl);
  }

  // == REEDCUTTER

  /** A round haft with a butt cap, and the leaf with bevelled edges. */
  private static String reedcutter() {
    Obj obj = new Obj("Reedcutter, in metres");
    double[][] haft = {
      {0, 0.0},
      {0.021, 0.0},
      {0.024, 0.02},
      {0.021, 0.05},
      {0.0165, 0.06},
      {0.0165, 1.30},
      {0.022, 1.31},
      {0.024, 1.34},
      {0.022, 1.37},
      {0, 1.37}
    };
    obj.turned(haft, 48);
    List<Point> ring = new ArrayList<>(Demo.leaf().outline().flattened(0.15));
    ring.removeLast();
    obj.leaf(ring, 1.34);
    return obj.text();
  }

  /** Writes an OBJ. */
  private static final class Obj {

    private final StringBuilder vertices = new StringBuilder();
    private final StringBuilder faces = new StringBuilder();
    private final String title;
    private int count;

    Obj(String title) {
      this.title = title;
    }

    String text() {
      return "# " + title + "\n" + vertices + faces;
    }

    private int vertex(double x, double y, double z) {
      vertices.append(String.format(Locale.ROOT, "v %.5f %.5f %.5f%n", x, y, z));
      return ++count;
    }

    private void face(int... corners) {
      faces.append('f');
      for (int corner : corners) {
        faces.append(' ').append(corner);
      }
      faces.append('\n');
    }

    /** A profile of radius and height turned about the upright. */
    void turned(double[][] profile, int around) {
      int[][] rings = new int[profile.length][];
      for (int i = 0; i < profile.length; i++) {
        rings[i] = new int[profile[i][0] == 0 ? 1 : around];
        for (int k = 0; k < rings[i].length; k++) {
          double a = 2 * Math.PI * k / around;
          rings[i][k] =
              vertex(profile[i][0] * Math.cos(a), profile[i][1], -profile[i][0] * Math.sin(a));
        }
      }
      for (int i = 1; i < rings.length; i++) {
        for (int k = 0; k < around; k++) {
          int next = (k + 1) % around;
          int a = rings[i - 1][k % rings[i - 1].length];
          int b = rings[i - 1][next % rings[i - 1].length];
          int c = rings[i][next % rings[i].length];
          int d = rings[i][k % rings[i].length];
          if (a == b) {
            face(a, c, d);
          } else if (c == d) {
            face(a, b, c);
          } else {
            face(a, b, c, d);
          }
        }
      }
    }

    /** The leaf: two mirrored faces, each falling from a ridge along the middle to the edge. */
    void leaf(List<Point> ring, double base) {
      double half = 0.010;
      double edge = 0.002;
      int n = ring.size();
      int[] front = new int[n];
      int[] back = new int[n];
      int[] ridgeFront = new int[n];
      int[] ridgeBack = new int[n];
      for (int i = 0; i < n; i++) {
        Point p = ring.get(i).times(0.001);
        front[i] = vertex(p.x(), base + p.y(), edge);
        back[i] = vertex(p.x(), base + p.y(), -edge);
        ridgeFront[i] = vertex(0.35 * p.x(), base + p.y() * 0.98, half);
        ridgeBack[i] = vertex(0.35 * p.x(), base + p.y() * 0.98, -half);
      }
      for (int i = 0; i < n; i++) {
        int next = (i + 1) % n;
        face(front[i], front[next], ridgeFront[next], ridgeFront[i]);
        face(back[next], back[i], ridgeBack[i], ridgeBack[next]);
        face(back[i], back[next], front[next], front[i]);
      }
      int middleFront = vertex(0, base + 0.2, half);
      int middleBack = vertex(0, base + 0.2, -half);
      for (int i = 0; i < n; i++) {
        int next = (i + 1) % n;
        face(ridgeFront[i], ridgeFront[next], middleFront);
        face(ridgeBack[next], ridgeBack[i], middleBack);
      }
    }
  }

  // == FOG BELL

  /** A bell 620 mm high and 560 mm wide with a lip, a crown and a clapper; z is up, in mm. */
  private static byte[] bell() {
    double[][] outside = {
      {280, 0},
      {276, 18},
      {250, 60},
      {214, 140},
      {186, 240},
      {170, 340},
      {158, 420},
      {138, 470},
      {96, 505},
      {40, 520},
      {40, 548},
      {70, 566},
      {74, 590},
      {52, 612},
      {0, 620}
    };
    double[][] inside = {
      {0, 480},
      {80, 470},
      {124, 440},
      {142, 400},
      {156, 320},
      {174, 226},
      {204, 128},
      {240, 46},
      {264, 12},
      {272, 0},
      {280, 0}
    };
    double[][] clapper = {
      {0, 30}, {34, 34}, {52, 62}, {50, 96}, {26, 122}, {9, 132}, {9, 470}, {0, 478}
    };
    List<double[]> triangles = new ArrayList<>();
    turned(triangles, inside);
    turned(triangles, outside);
    turned(triangles, clapper);
    ByteBuffer out = ByteBuffer.allocate(84 + 50 * triangles.size()).order(ByteOrder.LITTLE_ENDIAN);
    out.position(80);
    out.putInt(triangles.size());
    for (double[] corners : triangles) {
      out.putFloat(0).putFloat(0).putFloat(0);
      for (double value : corners) {
        out.putFloat((float) value);
      }
      out.putShort((short) 0);
    }
    return out.array();
  }

  private static void turned(List<double[]> into, double[][] profile) {
    for (int i = 1; i < profile.length; i++) {
      for (int k = 0; k < AROUND; k++) {
        double[] a = on(profile[i - 1], k);
        double[] b = on(profile[i - 1], k + 1);
        double[] c = on(profile[i], k + 1);
        double[] d = on(profile[i], k);
        add(into, a, b, c);
        add(into, a, c, d);
      }
    }
  }

  private static double[] on(double[] profile, int k) {
    double angle = 2 * Math.PI * (k % AROUND) / AROUND;
    return new double[] {profile[0] * Math.cos(angle), profile[0] * Math.sin(angle), profile[1]};
  }

  private static void add(List<double[]> into, double[] a, double[] b, double[] c) {
    if (same(a, b) || same(b, c) || same(c, a)) {
      return;
    }
    into.add(new double[] {a[0], a[1], a[2], b[0], b[1], b[2], c[0], c[1], c[2]});
  }

  private static boolean same(double[] a, double[] b) {
    return a[0] == b[0] && a[1] == b[1] && a[2] == b[2];
  }
}
