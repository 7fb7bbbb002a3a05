package stoutblade.reckoning;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Supplier;

/**
 * Remembers the last result of a computation for as long as its inputs are the same objects, or
 * lists of the same objects; numbers, words and maps (the shelf, small and copied at every edit)
 * are compared by what they hold.
 */
public final class Memo<T> {

  private List<Object> inputs = List.of();
  private Optional<T> result = Optional.empty();

  /**
   * The result for the inputs: the one remembered, or one worked out now.
   *
   * @throws CancellationException if the thread was told to stop
   */
  public T of(Supplier<T> work, Object... now) {
    if (Parallel.stopped()) {
      throw new CancellationException("stopped");
    }
    if (result.isEmpty() || !same(now)) {
      result = Optional.of(work.get());
      inputs = List.of(now);
    }
    return result.get();
  }

  private boolean same(Object[] now) {
    return same(inputs, List.of(now));
  }

  // Equality would walk whole trees; edits keep the parts that they do not touch.
  @SuppressWarnings("ReferenceEquality")
  private static boolean same(Object was, Object is) {
    if (was == is) {
      return true;
    }
    if (was instanceof List<?> before && is instanceof List<?> now) {
      boolean same = before.size() == now.size();
      for (int i = 0; same && i < before.size(); i++) {
        same = same(before.get(i), now.get(i));
      }
      return same;
    }
    return (is instanceof Number || is instanceof String || is instanceof Map) && is.equals(was);
  }
}
