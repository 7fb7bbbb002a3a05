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
import stoutblade.catalogue.SheetMaterial;
import stoutblade.formats.CatalogueFile;
import stoutblade.stack.Choice;
import stoutblade.stack.StackFinder;
import stoutblade.stack.Wish;

/** Stacks of the whole catalogue that come near a thickness, by how many layers are allowed. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class StackBench {

  @Param({"2", "4", "6"})
  private int layers;

  private List<SheetMaterial> foams;

  /** Reads the catalogue. */
  @Setup(Level.Trial)
  public void make() throws IOException {
    foams = CatalogueFile.shipped().sheets();
  }

  /** The twelve best stacks of about 40 mm. */
  @Benchmark
  public List<Choice> find() {
    Wish wish =
        new Wish(
            40,
            1,
            layers,
            foams,
            List.of(),
            50_000,
            Wish.Outside.HARD,
            false,
            Wish.Criterion.DEVIATION);
    return StackFinder.best(wish, 12);
  }
}
