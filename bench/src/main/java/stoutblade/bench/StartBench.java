package stoutblade.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Start to usable window, against a bare JavaFX window with the same theme, in one run: the two are
 * started in turn, each as a process of its own with the same options, and the medians compared.
 */
final class StartBench {

  private static final int RUNS = 9;

  private StartBench() {}

  /** Runs it and prints the medians and their ratio. */
  static void run() throws IOException, InterruptedException {
    Path archive = Files.createTempDirectory("stoutblade-start");
    List<Long> bare = new ArrayList<>();
    List<Long> whole = new ArrayList<>();
    for (int i = 0; i <= RUNS; i++) {
      long bareMillis = millis(archive.resolve("bare.aot"), "bare");
      long wholeMillis = millis(archive.resolve("whole.aot"), "whole");
      if (i > 0) {
        // The first run of each writes its cache of classes and code, as the launcher's first run
        // does.
        bare.add(bareMillis);
        whole.add(wholeMillis);
      }
    }
    System.out.printf("bare window with the theme: median %d ms %s%n", median(bare), bare);
    System.out.printf("Stout Blade with the demo:  median %d ms %s%n", median(whole), whole);
    System.out.printf("ratio: %.2f%n", (double) median(whole) / median(bare));
  }

  private static long median(List<Long> values) {
    List<Long> sorted = new ArrayList<>(values);
    Collections.sort(sorted);
    return sorted.get(sorted.size() / 2);
  }

  private static long millis(Path archive, String what) throws IOException, InterruptedException {
    Path autosaves = Files.createTempDirectory("stoutblade-autosaves");
    long start = System.nanoTime();
    Process process =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                (Files.exists(archive) ? "-XX:AOTCache=" : "-XX:AOTCacheOutput=") + archive,
                "-Xlog:cds=off",
                "-Xlog:aot=off",
                "--enable-native-access=ALL-UNNAMED",
                "-Dprism.order=sw",
                "-Dstoutblade.autosaves=" + autosaves,
                "-cp",
                System.getProperty("java.class.path"),
                StartProbe.class.getName(),
                what)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.PIPE)
            .start();
    long shown = 0;
    try (var lines = process.inputReader()) {
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        if (line.equals(StartProbe.SHOWN)) {
          shown = System.nanoTime();
        }
      }
    }
    process.waitFor();
    if (shown == 0) {
      throw new IllegalStateException("The " + what + " window was not shown");
    }
    return (shown - start) / 1_000_000;
  }
}
