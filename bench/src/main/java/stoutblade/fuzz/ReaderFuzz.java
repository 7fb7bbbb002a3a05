package stoutblade.fuzz;

import com.sun.management.ThreadMXBean;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Pattern;
import stoutblade.formats.FormatException;
import stoutblade.measure.EntryException;

/**
 * Damaged files for every reader. The law: a reader gives what it read, or throws its documented
 * exception alone, with words that a person can use, and takes no more memory than a small file is
 * worth.
 */
public final class ReaderFuzz {

  /** No word of a library or of a class has a place in a message. */
  private static final Pattern NOT_FOR_PEOPLE =
      Pattern.compile(
          "\\bnull\\b|line -1|INCLUDE_SOURCE|Exception|StreamReadFeature|java\\.|com\\.|org\\.|de\\.javagl"
              + "|\\[Source|@[0-9a-f]{6}|out of bounds");

  /** What a damaged file of at most 256 kB may cost: the most that a whole one ever does. */
  private static final long MOST_BYTES = 1_200_000_000L;

  private static final ThreadMXBean THREADS = (ThreadMXBean) ManagementFactory.getThreadMXBean();

  private final Random random;
  private final List<Targets.Target> targets;
  private final Map<String, Count> counts = new TreeMap<>();
  private final Map<String, String> broken = new TreeMap<>();
  private final Map<String, byte[]> inputs = new HashMap<>();
  private final Map<String, byte[]> slowest = new HashMap<>();

  /** What came of the files for one reader. */
  private static final class Count {
    private long read;
    private long refused;
    private long most;
    private double slowest;
    private double millis;
  }

  /**
   * A run.
   *
   * @param folder a folder to write to
   */
  public ReaderFuzz(long seed, Path folder) throws IOException {
    this.random = new Random(seed);
    this.targets = new Targets(folder).all();
    for (Targets.Target it : targets) {
      counts.put(it.name(), new Count());
      for (byte[] seed1 : it.seeds()) {
        whole(it, seed1);
      }
    }
  }

  /** A seed that is refused would test nothing behind its first line. */
  private static void whole(Targets.Target target, byte[] seed) throws IOException {
    boolean known = List.of("gif", "bmp", "project.json").contains(target.name());
    if (!known) {
      target.reading().read(seed);
    }
  }

  /** Tries so many damaged files, the readers in turn. */
  public void run(long count) {
    Mutations mutations = new Mutations(random);
    for (long i = 0; i < count; i++) {
      Targets.Target target = targets.get((int) (i % targets.size()));
      List<byte[]> seeds = target.seeds();
      byte[] seed = seeds.get(random.nextInt(seeds.size()));
      one(target, mutations.of(seed, seeds));
    }
  }

  private void one(Targets.Target target, byte[] file) {
    Count count = counts.get(target.name());
    long bytes = THREADS.getCurrentThreadAllocatedBytes();
    long nanos = THREADS.getCurrentThreadCpuTime();
    try {
      target.reading().read(file);
      count.read++;
    } catch (FormatException | EntryException e) {
      count.refused++;
      // What was found is shown as it is.
      String own = e instanceof EntryException ? "" : e.getMessage().replaceAll("'[^']*'?", "");
      if (NOT_FOR_PEOPLE.matcher(own).find() || !e.getMessage().contains(target.file())) {
        note(target, "says '" + e.getMessage() + "'", "words", file);
      }
    } catch (IOException | RuntimeException | StackOverflowError | OutOfMemoryError e) {
      note(target, e + at(e), e.getClass().getSimpleName() + at(e), file);
    }
    long taken = THREADS.getCurrentThreadAllocatedBytes() - bytes;
    count.most = Math.max(count.most, taken);
    double millis = (THREADS.getCurrentThreadCpuTime() - nanos) / 1e6;
    count.millis += millis;
    if (millis > count.slowest) {
      count.slowest = millis;
      slowest.put(target.name(), file);
    }
    if (taken > MOST_BYTES) {
      note(target, "took " + taken / 1_000_000 + " MB", "memory", file);
    }
  }

  private static String at(Throwable fault) {
    for (StackTraceElement it : fault.getStackTrace()) {
      if (it.getClassName().startsWith("stoutblade.")) {
        return " at " + it;
      }
    }
    return "";
  }

  private void note(Targets.Target target, String what, String kind, byte[] file) {
    String key = target.name() + ": " + kind;
    broken.putIfAbsent(key, what);
    inputs.putIfAbsent(key, file);
  }

  /** What broke the law, by reader and place. */
  public Map<String, String> broken() {
    return broken;
  }

  /** The first file that broke it so. */
  public byte[] input(String key) {
    return inputs.get(key);
  }

  /** The file that took a reader longest, where it has read any. */
  public byte[] slowest(String reader) {
    return slowest.get(reader);
  }

  /** A line for each reader. */
  public List<String> words() {
    List<String> all = new ArrayList<>();
    counts.forEach(
        (name, it) ->
            all.add(
                "%-14s %7d read, %7d refused; at most %5.0f MB allocated, %6.0f ms of a processor; "
                        .formatted(name, it.read, it.refused, it.most / 1e6, it.slowest)
                    + "%.0f s in all".formatted(it.millis / 1e3)));
    return all;
  }
}
