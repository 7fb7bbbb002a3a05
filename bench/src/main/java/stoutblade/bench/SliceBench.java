package stoutblade.bench;

import java.io.IOException;
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
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.slice.Sliced;
import stoutblade.slice.Slicer;
import stoutblade.slice.Slicing;

/**
 * The knotted tube sliced in layers of 10 mm and of 2 mm, hollowed and pegged: time against its
 * triangles and against the layers.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 1, time = 3)
@Measurement(iterations = 2, time = 4)
@Fork(value = 1, jvmArgsAppend = "-Xmx3g")
public class SliceBench {

  @Param({"10000", "100000", "1000000"})
  private int triangles;

  @Param({"10", "2"})
  private double layerMm;

  private Mesh mesh;

  /** Reads the model once. */
  @Setup(Level.Trial)
  public void make() throws IOException {
    mesh = ModelFile.read("knot.stl", MeshBench.knot(triangles), share -> {}).mesh();
  }

  /** The whole slicing. */
  @Benchmark
  public Sliced slice() {
    return Slicer.of(
        mesh,
        Orientation.Z_UP,
        1,
        Slicing.square(View.TOP, List.of(layerMm), 12, 6, 600, 1000),
        share -> {});
  }
}
