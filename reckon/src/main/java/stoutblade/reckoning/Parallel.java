package stoutblade.reckoning;

import java.util.List;
import java.util.function.Function;

/**
 * The same work on each of several things that have nothing to do with one another, shared out
 * among the processors. Whoever asked for it can be told to stop, and with them all who help.
 */
public final class Parallel {

  private static final ScopedValue<Thread> ASKED_BY = ScopedValue.newInstance();

  private Parallel() {}

  /** The results, in the order of what they are of. */
  public static <T, R> List<R> map(List<T> all, Function<T, R> work) {
    if (all.size() < 2) {
      return List.copyOf(all.stream().map(work).toList());
    }
    Thread asked = ASKED_BY.orElse(Thread.currentThread());
    return List.copyOf(all.parallelStream().map(it -> on(asked, work, it)).toList());
  }

  private static <T, R> R on(Thread asked, Function<T, R> work, T thing) {
    return ScopedValue.where(ASKED_BY, asked).call(() -> work.apply(thing));
  }

  /** True where whoever asked for the work was told to stop. */
  static boolean stopped() {
    return ASKED_BY.orElse(Thread.currentThread()).isInterrupted();
  }
}
