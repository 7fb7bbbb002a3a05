package stoutblade.bench;

import java.util.Arrays;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import stoutblade.fuzz.Fuzz;

/**
 * Runs the benchmarks: {@code start}, {@code redraw}, {@code event}, {@code reckon}, {@code mesh},
 * {@code flatten}, {@code plate}, {@code range}, {@code nest}, or all of them; or {@code fuzz}, the
 * long runs of {@link Fuzz}.
 */
public final class Main {

  private Main() {}

  /** Takes the name of one, or nothing for all. */
  public static void main(String[] arguments) throws Exception {
    String which = arguments.length == 0 ? "all" : arguments[0];
    switch (which) {
      case "start" -> StartBench.run();
      case "redraw" -> RedrawBench.run();
      case "event" -> EventBench.run();
      case "reckon" -> jmh(ReckonBench.class);
      case "mesh" -> jmh(MeshBench.class);
      case "flatten" -> jmh(FlattenBench.class);
      case "slice" -> jmh(SliceBench.class);
      case "stack" -> jmh(StackBench.class);
      case "plate" -> jmh(PlateBench.class);
      case "range" -> RangeBench.run();
      case "nest" ->
          NestBench.run(EventBench.demo(), Arrays.copyOfRange(arguments, 1, arguments.length));
      case "fuzz" -> Fuzz.main(Arrays.copyOfRange(arguments, 1, arguments.length));
      case "all" -> {
        StartBench.run();
        jmh(ReckonBench.class);
        jmh(MeshBench.class);
        jmh(FlattenBench.class);
        jmh(SliceBench.class);
        jmh(StackBench.class);
        jmh(PlateBench.class);
        RangeBench.run();
        NestBench.run(EventBench.demo());
        EventBench.run();
        RedrawBench.run();
      }
      default -> {
        System.err.println(
            "A benchmark is start, redraw, event, reckon, mesh, flatten, slice, stack, plate, range, nest"
                + " or fuzz; found '"
                + which
                + "'");
        System.exit(2);
      }
    }
  }

  private static void jmh(Class<?> benchmark) throws RunnerException {
    new Runner(
            new OptionsBuilder()
                .include(benchmark.getSimpleName())
                .addProfiler(GCProfiler.class)
                .build())
        .run();
  }
}
