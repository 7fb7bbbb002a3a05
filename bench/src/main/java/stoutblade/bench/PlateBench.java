package stoutblade.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import stoutblade.feature.PlateForm;
import stoutblade.formats.ShippedTypeface;
import stoutblade.part.Part;

/** The form of a plate with a feature of every kind, and what is too thin of it, by its nodes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PlateBench {

  /** How many nodes the outline has. */
  @Param({"30", "100", "300", "1000"})
  public int nodes;

  private final ShippedTypeface typeface = new ShippedTypeface();
  private Part plate;
  private PlateForm form;

  @Setup
  public void draft() {
    plate = Plates.of("d1", nodes);
    form = PlateForm.of(plate.blank().orElseThrow(), typeface);
  }

  @Benchmark
  public PlateForm form() {
    return PlateForm.of(plate.blank().orElseThrow(), typeface);
  }

  @Benchmark
  public PlateForm whileDragged() {
    return PlateForm.roughly(plate.blank().orElseThrow(), typeface);
  }

  @Benchmark
  public List<PlateForm.Sliver> slivers() {
    return form.slivers(10);
  }
}
