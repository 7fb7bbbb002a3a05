package stoutblade.fuzz;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;

/**
 * The long runs: damaged files, random edits, random hands on a window, kills. {@code
 * docs/reliability.md} has the figures of one.
 */
public final class Fuzz {

  private static final Map<String, Long> USUAL =
      Map.of(
          "--files",
          1_000_000L,
          "--edits",
          50_000L,
          "--minutes",
          30L,
          "--kills",
          100L,
          "--seed",
          1L);
  private static final int WEIGH_EVERY = 500;

  private Fuzz() {}

  /**
   * Runs all of it and prints what came of it; ends with 1 where a law was broken.
   *
   * @param arguments {@code --files N}, {@code --edits N}, {@code --minutes N}, {@code --kills N},
   *     {@code --seed N}; 0 leaves one out
   */
  public static void main(String[] arguments) throws Exception {
    Map<String, Long> asked = new HashMap<>(USUAL);
    for (int i = 0; i + 1 < arguments.length; i += 2) {
      if (!USUAL.containsKey(arguments[i])) {
        System.err.println("'" + arguments[i] + "' is none of " + USUAL.keySet());
        System.exit(2);
      }
      asked.put(arguments[i], Long.parseLong(arguments[i + 1]));
    }
    long seed = asked.get("--seed");
    boolean sound = files(asked.get("--files"), seed);
    sound &= edits(asked.get("--edits"), seed);
    sound &= kills(asked.get("--kills").intValue());
    sound &= monkey(asked.get("--minutes"), seed);
    System.exit(sound ? 0 : 1);
  }

  private static boolean files(long count, long seed) throws IOException {
    if (count == 0) {
      return true;
    }
    long start = System.nanoTime();
    ReaderFuzz fuzz = new ReaderFuzz(seed, Files.createTempDirectory("stoutblade-fuzz"));
    fuzz.run(count);
    System.out.printf("%,d damaged files in %,d s%n", count, seconds(start));
    fuzz.words().forEach(System.out::println);
    for (Map.Entry<String, String> it : fuzz.broken().entrySet()) {
      Path input = Files.createTempFile("stoutblade-broken", "");
      Files.write(input, fuzz.input(it.getKey()));
      System.out.println("BROKEN " + it.getKey() + ": " + it.getValue() + " by " + input);
    }
    return fuzz.broken().isEmpty();
  }

  private static boolean edits(long count, long seed) throws IOException {
    if (count == 0) {
      return true;
    }
    long start = System.nanoTime();
    ProjectFuzz fuzz =
        new ProjectFuzz(
            seed, Starts.all(), Starts.throughAFile(Files.createTempDirectory("stoutblade-fuzz")));
    fuzz.run(count);
    System.out.println(fuzz.words() + " in " + seconds(start) + " s");
    fuzz.broken()
        .forEach(
            (key, it) ->
                System.out.println(
                    "BROKEN "
                        + it.times()
                        + " times "
                        + key
                        + ": "
                        + it.fault()
                        + " after "
                        + it.edits()));
    fuzz.slow()
        .forEach(
            it ->
                System.out.printf(
                    "worked out in %.0f ms after %s%n", it.millis(), tail(it.edit())));
    return fuzz.broken().isEmpty();
  }

  private static String tail(String edits) {
    return edits.length() > 120 ? "… " + edits.substring(edits.length() - 120) : edits;
  }

  private static boolean kills(int count) throws IOException, InterruptedException {
    if (count == 0) {
      return true;
    }
    long start = System.nanoTime();
    KillRun run = new KillRun(Files.createTempDirectory("stoutblade-kills"));
    run.run(count);
    System.out.println(count + " kills of a window in " + seconds(start) + " s");
    run.words().forEach(System.out::println);
    return run.broken().isEmpty();
  }

  private static boolean monkey(long minutes, long seed) throws Exception {
    if (minutes == 0) {
      return true;
    }
    CountDownLatch started = new CountDownLatch(1);
    Platform.startup(started::countDown);
    started.await();
    Platform.setImplicitExit(false);
    MonkeyRun run = new MonkeyRun(seed, Files.createTempDirectory("stoutblade-monkey"));
    long end = System.nanoTime() + TimeUnit.MINUTES.toNanos(minutes);
    run.run(
        () -> {
          if (run.acted() % WEIGH_EVERY == 0) {
            run.weigh();
          }
          return System.nanoTime() < end;
        });
    System.out.printf("%,d random actions in %d minutes%n", run.acted(), minutes);
    List<Double> heap = run.heapMb();
    System.out.println(
        "heap after collection, MB: " + heap.stream().map(it -> "%.0f".formatted(it)).toList());
    System.out.println(
        "shown without being derived: "
            + run.underived()
            + ", refused and made all the same: "
            + run.refusedYetApplied());
    run.thrown()
        .forEach((key, times) -> System.out.println("BROKEN thrown " + times + " times: " + key));
    run.traces().forEach(System.out::println);
    run.heldUp()
        .forEach(
            (key, millis) ->
                System.out.printf("window's thread busy for %.0f ms: %s%n", millis, key));
    return run.thrown().isEmpty() && run.underived() + run.refusedYetApplied() == 0;
  }

  private static long seconds(long start) {
    return TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - start);
  }
}
