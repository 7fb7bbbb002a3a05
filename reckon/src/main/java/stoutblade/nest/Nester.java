package stoutblade.nest;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * Lays pieces on sheets, better and better for as long as it is let. The same job with the same
 * seed goes through the same answers in the same order; only how far it comes depends on the time.
 */
public final class Nester {

  /** So many places are looked at by each of two searches before they are compared. */
  private static final long LOOKS = 150_000;

  /** So many searches run side by side, whatever the machine has, so that they find the same. */
  private static final int SEARCHES = 2;

  /** The fillings of corners that are tried before pieces are let overlap. */
  private static final List<Beam> BEAMS =
      List.of(new Beam(1, 1, 1), new Beam(6, 3, 1), new Beam(12, 4, 3), new Beam(24, 4, 1));

  /** With more pieces than this, filling corners takes longer than what it is worth. */
  private static final int MOST_FILLED = 80;

  /** More pieces than this are laid in rows alone. */
  private static final int MOST_SEARCHED = 1200;

  private static final double LEAST_SHORTER = 0.0005;

  private final Prepared job;
  private final long seed;
  private final BooleanSupplier stop;
  private final Consumer<Nesting> better;
  private State best;

  /** One filling. */
  private record Beam(int ways, int each, int width) {

    CornerBeam beam(BooleanSupplier stop) {
      return new CornerBeam(ways, each, width, stop);
    }
  }

  /** An answer: where everything lies, and what that comes to. */
  private record State(Layout layout, List<Integer> left, Nesting nesting) {}

  /**
   * A run.
   *
   * @param seed chooses among equal ways
   * @param better is given each answer that is better than the last, from the first on
   * @param stop asked often; true to end
   */
  public Nester(NestJob job, long seed, Consumer<Nesting> better, BooleanSupplier stop) {
    this.job = Prepared.of(job);
    this.seed = seed;
    this.better = better;
    this.stop = stop;
  }

  /**
   * Runs until it is stopped, or nothing better can be.
   *
   * @return the best answer
   */
  public Nesting run() {
    first();
    if (job.pieces().size() > MOST_SEARCHED || job.beds().isEmpty()) {
      return best.nesting;
    }
    ExecutorService searches = Executors.newFixedThreadPool(SEARCHES, Nester::search);
    try {
      if (job.pieces().size() <= MOST_FILLED) {
        fillings(searches);
      }
      rounds(searches);
    } finally {
      searches.shutdownNow();
    }
    return best.nesting;
  }

  /** A search does not keep a program running that has ended. */
  private static Thread search(Runnable work) {
    Thread thread = new Thread(work, "laying pieces");
    thread.setDaemon(true);
    return thread;
  }

  private boolean ended() {
    return stop.getAsBoolean();
  }

  // == FIRST ANSWERS

  private void first() {
    Layout layout = new Layout(job.pieces(), job.plenty());
    offer(layout, new BoxRows(layout).lay());
  }

  private void fillings(ExecutorService searches) {
    for (int i = 0; i < BEAMS.size() && !ended(); i += SEARCHES) {
      List<Future<State>> all = new ArrayList<>();
      for (int k = 0; k < SEARCHES; k++) {
        int run = i + k;
        all.add(searches.submit(() -> filled(run)));
      }
      all.forEach(this::take);
    }
  }

  private State filled(int run) {
    Layout layout = new Layout(job.pieces(), own(job.plenty()));
    Random random = new Random(seed * 31 + run);
    CornerFilling filled =
        BEAMS.get(run).beam(stop).run(new CornerFilling(layout, job.faces()), random);
    return new State(filled.layout(), filled.left(), job.nesting(filled.layout(), filled.left()));
  }

  private static List<Bed> own(List<Bed> beds) {
    return beds.stream().map(Bed::own).toList();
  }

  // == ROUNDS

  private void rounds(ExecutorService searches) {
    double shorter = 0.03;
    for (int round = 0; !ended(); round++) {
      List<List<Bed>> goals = job.goals(best.layout, best.left, shorter, round);
      if (goals.isEmpty()) {
        return;
      }
      List<Future<State>> all = new ArrayList<>();
      for (int k = 0; k < SEARCHES; k++) {
        List<Bed> goal = goals.get(k % goals.size());
        Random random = new Random((seed * 1_000_003 + round) * 31 + k);
        Layout from = best.layout;
        all.add(searches.submit(() -> separated(from, goal, random)));
      }
      boolean found = false;
      for (Future<State> it : all) {
        found |= take(it);
      }
      shorter = found ? Math.min(0.05, shorter * 1.3) : Math.max(LEAST_SHORTER, shorter * 0.6);
    }
  }

  /** All pieces on other beds without overlap; null where that is not found. */
  private State separated(Layout from, List<Bed> goal, Random random) {
    Layout layout = from.on(own(goal));
    scatter(layout, from, random);
    if (!new Separation(layout, random).run(LOOKS, stop)) {
      return null;
    }
    return new State(layout, List.of(), job.nesting(layout, List.of()));
  }

  /** What lay beyond the beds that are left goes somewhere on them. */
  private void scatter(Layout layout, Layout from, Random random) {
    for (int i = 0; i < layout.posed.length; i++) {
      int bed = from.bedOf[i];
      Bed on = bed >= 0 && bed < layout.beds.size() ? layout.beds.get(bed) : null;
      Posed it = layout.posed[i];
      if (on == null || it.form == null || it.maxX > on.maxX + it.form.reach) {
        int to = random.nextInt(layout.beds.size());
        Bed other = layout.beds.get(to);
        Form form = layout.pieces.get(i).form();
        double angle = layout.pieces.get(i).shape().turning().nearest(0);
        double x = within(other.minX, other.maxX, form.reach, random);
        double y = within(other.minY, other.maxY, form.reach, random);
        Posed there = new Posed();
        there.put(form, x, y, angle);
        layout.put(i, there, to, false);
      }
    }
  }

  private static double within(double from, double to, double reach, Random random) {
    return from + reach + random.nextDouble() * Math.max(0, to - from - 2 * reach);
  }

  // == ANSWERS

  private boolean take(Future<State> found) {
    try {
      State state = found.get();
      if (state != null && (best == null || state.nesting.betterThan(best.nesting))) {
        best = state;
        better.accept(state.nesting);
        return true;
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (ExecutionException e) {
      throw new IllegalStateException(e.getCause());
    }
    return false;
  }

  private void offer(Layout layout, List<Integer> left) {
    Nesting nesting = job.nesting(layout, left);
    if (best == null || nesting.betterThan(best.nesting)) {
      best = new State(layout, left, nesting);
      better.accept(nesting);
    }
  }
}
