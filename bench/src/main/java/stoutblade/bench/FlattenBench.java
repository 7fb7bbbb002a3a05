package stoutblade.bench;

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
import stoutblade.flatten.Flattening;
import stoutblade.flatten.Patch;
import stoutblade.mesh.Mesh;
import stoutblade.mesh.MeshBuilder;

/** A saddle of 2 000 and 20 000 triangles laid flat. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 1, time = 4)
@Measurement(iterations = 3, time = 4)
@Fork(1)
public class FlattenBench {

  @Param({"2000", "20000"})
  private int triangles;

  private Mesh mesh;

  /** Makes the saddle. */
  @Setup(Level.Trial)
  public void make() {
    int side = (int) Math.round(Math.sqrt(triangles / 2.0));
    MeshBuilder builder = new MeshBuilder();
    for (int j = 0; j <= side; j++) {
      for (int i = 0; i <= side; i++) {
        double x = 2.0 * i / side - 1;
        double y = 2.0 * j / side - 1;
        builder.vertex(200 * x, 200 * y, 80 * (x * x - y * y));
      }
    }
    for (int j = 0; j < side; j++) {
      for (int i = 0; i < side; i++) {
        int a = j * (side + 1) + i;
        builder.face(a, a + 1, a + side + 2, a + side + 1);
      }
    }
    mesh = builder.build();
  }

  /** Lays it flat. */
  @Benchmark
  public double flatten() {
    return Flattening.of(Patch.of(mesh, 1), share -> {}).energy();
  }
}
