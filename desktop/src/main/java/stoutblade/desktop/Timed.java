package stoutblade.desktop;

import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/** Work that betters its answer for as long as it is let, and keeps the best when it is stopped. */
public final class Timed {

  private static final double NANOS = 1e9;

  private Timed() {}

  /**
   * True once the time is up, or the work was cancelled.
   *
   * @param progress takes the share that is done; throws when the work is cancelled
   */
  public static BooleanSupplier until(double seconds, DoubleConsumer progress) {
    long start = System.nanoTime();
    AtomicBoolean ended = new AtomicBoolean();
    return () -> {
      double share = (System.nanoTime() - start) / NANOS / seconds;
      try {
        progress.accept(Math.min(1, share));
      } catch (CancellationException e) {
        ended.set(true);
      }
      return ended.get() || share >= 1;
    };
  }
}
