package stoutblade.bench;

import java.io.IOException;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs the benchmarks: {@code start}, {@code redraw}, {@code reckon}, or all of them. */
public final class Main {

  private Main() {}

  /** Takes the name of one, or nothing for all. */
  public static void main(String[] arguments)
      throws IOException, InterruptedException, RunnerException {
    String which = arguments.length == 0 ? "all" : arguments[0];
    switch (which) {
      case "start" -> StartBench.run();
      case "redraw" -> RedrawBench.run();
      case "reckon" -> reckon();
      case "all" -> {
        StartBench.run();
        reckon();
        RedrawBench.run();
      }
      default -> {
        System.err.println("A benchmark is start, redraw or reckon; found '" + which + "'");
        System.exit(2);
      }
    }
  }

  private static void reckon() throws RunnerException {
    new Runner(new OptionsBuilder().include(ReckonBench.class.getSimpleName()).build()).run();
  }
}
