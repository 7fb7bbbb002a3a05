package stoutblade.bench;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import stoutblade.formats.ModelFile;
import stoutblade.mesh.Mesh;
import stoutblade.mesh.MeshSection;
import stoutblade.mesh.Shading;
import stoutblade.mesh.Silhouette;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;

/**
 * A knotted tube of 10 000, 100 000 and a million triangles: read with its check, seen from a side,
 * cut forty times. Time and memory should grow with the triangles.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 4)
@Fork(value = 1, jvmArgsAppend = "-Xmx3g")
public class MeshBench {

  private static final int SECTIONS = 40;

  @Param({"10000", "100000", "1000000"})
  private int triangles;

  private byte[] stl;
  private Mesh mesh;

  /** Makes the file and reads it once. */
  @Setup(Level.Trial)
  public void make() throws IOException {
    stl = knot(triangles);
    mesh = ModelFile.read("knot.stl", stl, share -> {}).mesh();
  }

  /** A trefoil knot with a tube round it, as binary STL. */
  static byte[] knot(int triangles) {
    int along = (int) Math.round(Math.sqrt(triangles * 6.0));
    int around = triangles / 2 / along;
    double[][][] at = new double[along][around][];
    for (int i = 0; i < along; i++) {
      double t = 2 * Math.PI * i / along;
      double[] here = centre(t);
      double[] ahead = centre(t + 1e-4);
      double[] tangent = unit(minus(ahead, here));
      double[] side = unit(cross(tangent, new double[] {0.3, 0.2, 1}));
      double[] up = cross(side, tangent);
      for (int k = 0; k < around; k++) {
        double a = 2 * Math.PI * k / around;
        double r = 28 + 2 * Math.sin(9 * t + 3 * a);
        at[i][k] =
            new double[] {
              here[0] + r * (Math.cos(a) * side[0] + Math.sin(a) * up[0]),
              here[1] + r * (Math.cos(a) * side[1] + Math.sin(a) * up[1]),
              here[2] + r * (Math.cos(a) * side[2] + Math.sin(a) * up[2])
            };
      }
    }
    int count = 2 * along * around;
    ByteBuffer out = ByteBuffer.allocate(84 + 50 * count).order(ByteOrder.LITTLE_ENDIAN);
    out.position(80);
    out.putInt(count);
    for (int i = 0; i < along; i++) {
      double[][] here = at[i];
      double[][] next = at[(i + 1) % along];
      for (int k = 0; k < around; k++) {
        int right = (k + 1) % around;
        put(out, here[k], next[k], next[right]);
        put(out, here[k], next[right], here[right]);
      }
    }
    return out.array();
  }

  private static void put(ByteBuffer out, double[]... corners) {
    out.putFloat(0).putFloat(0).putFloat(0);
    for (double[] corner : corners) {
      for (double value : corner) {
        out.putFloat((float) value);
      }
    }
    out.putShort((short) 0);
  }

  private static double[] centre(double t) {
    return new double[] {
      100 * (Math.sin(t) + 2 * Math.sin(2 * t)),
      100 * (Math.cos(t) - 2 * Math.cos(2 * t)),
      -100 * Math.sin(3 * t)
    };
  }

  private static double[] minus(double[] a, double[] b) {
    return new double[] {a[0] - b[0], a[1] - b[1], a[2] - b[2]};
  }

  private static double[] cross(double[] a, double[] b) {
    return new double[] {
      a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]
    };
  }

  private static double[] unit(double[] a) {
    double length = Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
    return new double[] {a[0] / length, a[1] / length, a[2] / length};
  }

  /** Read, joined and checked. */
  @Benchmark
  public ModelFile read() throws IOException {
    return ModelFile.read("knot.stl", stl, share -> {});
  }

  /** The outline from the front. */
  @Benchmark
  public Silhouette silhouette() {
    return Silhouette.of(mesh, Orientation.Z_UP, View.FRONT);
  }

  /** How it looks from the front. */
  @Benchmark
  public Shading shading() {
    return Shading.of(mesh, Orientation.Z_UP, View.FRONT, 900, share -> {});
  }

  /** Forty sections. */
  @Benchmark
  public List<MeshSection> sections() {
    MeshSection.Cutter cutter = new MeshSection.Cutter(mesh);
    List<MeshSection> all = new ArrayList<>();
    for (int i = 0; i < SECTIONS; i++) {
      double share = (i + 0.5) / SECTIONS;
      all.add(
          cutter.across(
              Orientation.Z_UP, View.TOP, mesh.extent().minZ() + share * mesh.extent().along(2)));
    }
    return all;
  }
}
