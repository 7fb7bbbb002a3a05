package stoutblade.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import stoutblade.derive.Derived;
import stoutblade.nest.NestJob;
import stoutblade.nest.NestShape;
import stoutblade.nest.NestSheet;
import stoutblade.nest.Nester;
import stoutblade.nest.Nesting;
import stoutblade.nest.Turning;
import stoutblade.stock.CutList;
import stoutblade.studio.Jigsaw;

/** Pieces laid on sheets: how densely after how long, and how long with how many. */
final class NestBench {

  private static final double NANOS = 1e9;
  private static final int FEWEST = 10;
  private static final int MORE = 51;
  private static final double[] AFTER_S = {0.2, 1, 3, 10, 30};
  private static final int[] COUNTS = {20, 50, 100, 200, 500};

  private NestBench() {}

  /**
   * Runs it and prints shares of the known best.
   *
   * @param arguments how many jigsaws of each kind, 10 if none is said
   */
  static void run(Derived demo, String... arguments) {
    int jigsaws = arguments.length == 0 ? 10 : Integer.parseInt(arguments[0]);
    for (Turning turning : List.of(Turning.NONE, Turning.QUARTER, Turning.ANY)) {
      jigsaws(turning, jigsaws);
    }
    counts();
    firstAnswers(demo);
  }

  /** A share of the known best, after a time. */
  private record Mark(double seconds, double share) {}

  private static void jigsaws(Turning turning, int count) {
    List<List<Mark>> all = new ArrayList<>();
    for (int seed = 0; seed < count; seed++) {
      Random random = new Random(seed);
      all.add(laid(Jigsaw.of(FEWEST + random.nextInt(MORE), turning, random), AFTER_S[4]));
    }
    System.out.printf("Jigsaws of 10 to 60 pieces, turned %s, %d of them:%n", turning, count);
    for (double after : AFTER_S) {
      double[] shares = all.stream().mapToDouble(it -> share(it, after)).sorted().toArray();
      System.out.printf(
          "  after %4.1f s: median %.3f, a quarter below %.3f, worst %.3f%n",
          after, shares[count / 2], shares[count / 4], shares[0]);
    }
  }

  private static double share(List<Mark> marks, double after) {
    return marks.stream()
        .filter(it -> it.seconds <= after)
        .mapToDouble(Mark::share)
        .max()
        .orElse(0);
  }

  private static List<Mark> laid(List<NestShape> shapes, double seconds) {
    NestJob job =
        new NestJob(shapes, List.of(NestSheet.roll("roll", Jigsaw.WIDE, 10_000, 1, 1)), 0, 0);
    List<Mark> marks = Collections.synchronizedList(new ArrayList<>());
    long start = System.nanoTime();
    new Nester(
            job,
            1,
            it -> {
              if (it.complete()) {
                marks.add(new Mark(since(start), Jigsaw.LONG / it.lastUsedMm()));
              }
            },
            () -> since(start) >= seconds)
        .run();
    return List.copyOf(marks);
  }

  private static void counts() {
    for (int count : COUNTS) {
      List<Mark> marks = laid(Jigsaw.of(count, Turning.NONE, new Random(count)), AFTER_S[4]);
      System.out.printf(
          "%d pieces: first after %.2f s (%.3f); %s%n",
          count,
          marks.getFirst().seconds,
          marks.getFirst().share,
          String.join(
              ", ",
              Arrays.stream(AFTER_S)
                  .mapToObj(it -> "%.3f after %.1f s".formatted(share(marks, it), it))
                  .toList()));
    }
  }

  /** All kinds of sheets of the demo's props, one after the other. */
  private static void firstAnswers(Derived demo) {
    List<CutList.Kind> kinds = demo.shopping().orElseThrow().pieces().kinds();
    for (String how : List.of("first", "warm")) {
      long start = System.nanoTime();
      int pieces = 0;
      for (CutList.Kind it : kinds) {
        boolean[] there = {false};
        Nesting first =
            new Nester(it.job(List.of(), 3, 0), 1, own -> there[0] = true, () -> there[0]).run();
        pieces += it.count() - first.left().size();
      }
      System.out.printf(
          "The demo's three props, %d pieces of %d kinds of sheets: a first answer of all in %.2f s"
              + " (%s)%n",
          pieces, kinds.size(), since(start), how);
    }
  }

  private static double since(long start) {
    return (System.nanoTime() - start) / NANOS;
  }
}
