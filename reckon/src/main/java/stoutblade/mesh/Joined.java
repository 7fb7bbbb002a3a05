package stoutblade.mesh;

import java.util.Arrays;
import java.util.stream.IntStream;

/** Things that are joined step by step (union by halving paths: Tarjan, from memory). */
public final class Joined {

  private final int[] above;

  /** So many things, each by itself. */
  public Joined(int count) {
    above = new int[count];
    Arrays.setAll(above, i -> i);
  }

  /** What stands for all that a thing is joined with. */
  public int root(int at) {
    int root = at;
    while (above[root] != root) {
      above[root] = above[above[root]];
      root = above[root];
    }
    return root;
  }

  /** Joins all that one thing is joined with to all that another is. */
  public void join(int a, int b) {
    above[root(a)] = root(b);
  }

  /** In how many groups of two or more they lie. */
  public int groups() {
    return (int)
        IntStream.range(0, above.length)
            .filter(it -> above[it] != it)
            .map(this::root)
            .distinct()
            .count();
  }
}
