package stoutblade.edit;

import java.util.ArrayList;
import java.util.List;

/** The order of what stands in a row. */
final class Order {

  private Order() {}

  /** The same with one moved by so many places, as far as there are any. */
  static <T> List<T> moved(List<T> all, T moving, int by) {
    List<T> changed = new ArrayList<>(all);
    int at = changed.indexOf(moving);
    changed.remove(at);
    changed.add(Math.clamp(at + (long) by, 0, changed.size()), moving);
    return changed;
  }
}
