package stoutblade.flatten;

import java.util.Arrays;

/** Things that are joined step by step (union and find). */
final class Joined {

  private final int[] above;

  Joined(int count) {
    above = new int[count];
    Arrays.setAll(above, i -> i);
  }

  /** What stands for all that a thing is joined with. */
  int root(int at) {
    int root = at;
    while (above[root] != root) {
      above[root] = above[above[root]];
      root = above[root];
    }
    return root;
  }

  void join(int a, int b) {
    above[root(a)] = root(b);
  }
}
