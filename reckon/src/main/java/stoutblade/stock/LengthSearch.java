package stoutblade.stock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Packs sizes into bins that are there and as few more of one capacity as it can.
 *
 * <p>Best fit, the largest first, gives a first answer; the bound of Martello and Toth (L2;
 * Knapsack Problems, 1990, from memory) says how few there are at least where none is there; else
 * what is more than goes into those. Between the two every number of bins is tried by a search in
 * depth, which skips what is the same but for the order and gives up where more would be wasted
 * than there is to waste.
 */
final class LengthSearch {

  /** So many places are tried for one number of bins before it is given up. */
  private static final int MOST_TRIED = 400_000;

  private final long[] sizes;
  private final long[] there;
  private final long capacity;
  private final long total;
  private List<List<Integer>> best;
  private boolean proven = true;
  private int tried;

  /**
   * A search.
   *
   * @param sizes from the largest to the smallest, each at most the capacity
   * @param there the capacities of bins that are there already
   * @param capacity of every further bin, at least the largest size
   */
  LengthSearch(long[] sizes, long[] there, long capacity) {
    this.sizes = sizes.clone();
    this.there = there.clone();
    this.capacity = capacity;
    this.total = Arrays.stream(sizes).sum();
    this.best = bestFit();
    better();
  }

  /** The numbers of the sizes in each bin, those that are there first, perhaps empty. */
  List<List<Integer>> bins() {
    return best;
  }

  /** True where no fewer bins can do. */
  boolean proven() {
    return proven;
  }

  private List<List<Integer>> bestFit() {
    List<List<Integer>> bins = new ArrayList<>();
    List<Long> left = new ArrayList<>();
    for (long own : there) {
      bins.add(new ArrayList<>());
      left.add(own);
    }
    for (int i = 0; i < sizes.length; i++) {
      int at = -1;
      for (int k = 0; k < left.size(); k++) {
        if (left.get(k) >= sizes[i] && (at < 0 || left.get(k) < left.get(at))) {
          at = k;
        }
      }
      if (at < 0) {
        at = bins.size();
        bins.add(new ArrayList<>());
        left.add(capacity);
      }
      bins.get(at).add(i);
      left.set(at, left.get(at) - sizes[i]);
    }
    return bins;
  }

  /** The least number of bins that can be, by sizes that cannot share one. */
  private int least() {
    long inThem = Arrays.stream(there).sum();
    int least = (int) Math.max(0, Math.ceilDiv(total - inThem, capacity));
    if (there.length > 0) {
      return least;
    }
    for (long size : sizes) {
      long small = Math.min(size, capacity - size);
      if (small > capacity / 2) {
        continue;
      }
      long alone = 0;
      long half = 0;
      long halfSum = 0;
      long rest = 0;
      for (long it : sizes) {
        if (it > capacity - small) {
          alone++;
        } else if (2 * it > capacity) {
          half++;
          halfSum += it;
        } else if (it >= small) {
          rest += it;
        }
      }
      long more = Math.max(0, Math.ceilDiv(rest - (half * capacity - halfSum), capacity));
      least = (int) Math.max(least, alone + half + more);
    }
    return least;
  }

  private void better() {
    long inThem = Arrays.stream(there).sum();
    for (int count = least(); count < best.size() - there.length; count++) {
      long[] left = Arrays.copyOf(there, there.length + count);
      Arrays.fill(left, there.length, left.length, capacity);
      int[] bins = new int[sizes.length];
      tried = 0;
      if (fits(0, left, bins, inThem + count * capacity - total)) {
        best = gathered(bins, left.length);
        return;
      }
      if (tried >= MOST_TRIED) {
        proven = false;
      }
    }
  }

  /** Places a size and all after it. */
  private boolean fits(int i, long[] left, int[] bins, long waste) {
    if (i == sizes.length) {
      return true;
    }
    if (++tried >= MOST_TRIED || wasted(left) > waste) {
      return false;
    }
    int first = i > 0 && sizes[i] == sizes[i - 1] ? bins[i - 1] : 0;
    for (int k = first; k < left.length; k++) {
      if (left[k] >= sizes[i] && !seen(left, k, first)) {
        left[k] -= sizes[i];
        bins[i] = k;
        if (fits(i + 1, left, bins, waste)) {
          return true;
        }
        left[k] += sizes[i];
        if (left[k] == sizes[i]) {
          // It fills this one exactly: nothing is better.
          return false;
        }
      }
    }
    return false;
  }

  /** True where a bin before has as much left. */
  private static boolean seen(long[] left, int at, int first) {
    for (int k = first; k < at; k++) {
      if (left[k] == left[at]) {
        return true;
      }
    }
    return false;
  }

  /** What is left in bins that nothing goes into any more. */
  private long wasted(long[] left) {
    long smallest = sizes[sizes.length - 1];
    long sum = 0;
    for (long it : left) {
      sum += it < smallest ? it : 0;
    }
    return sum;
  }

  private List<List<Integer>> gathered(int[] bins, int count) {
    List<List<Integer>> all = new ArrayList<>();
    for (int k = 0; k < count; k++) {
      all.add(new ArrayList<>());
    }
    for (int i = 0; i < bins.length; i++) {
      all.get(bins[i]).add(i);
    }
    return all;
  }
}
