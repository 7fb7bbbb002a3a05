package stoutblade.pipework;

import java.util.ArrayList;
import java.util.List;
import stoutblade.pipework.Skeleton.Run;

/** Skeletons to begin with; their lower left joint is at the origin. Lengths in mm. */
public final class Skeletons {

  private Skeletons() {}

  /** Two uprights and what joins them above, open at both ends. */
  public static Skeleton yoke(double wide, double high) {
    return new Skeleton(corners(wide, high), around(4, false), false);
  }

  /** A frame of four elbows. */
  public static Skeleton frame(double wide, double high) {
    return new Skeleton(corners(wide, high), around(4, true), false);
  }

  /**
   * A frame with a bar across.
   *
   * @param bar how far that is over its lower pipe
   * @throws IllegalArgumentException if the bar is not inside it
   */
  public static Skeleton barred(double wide, double high, double bar) {
    if (!(bar > 0 && bar < high)) {
      throw new IllegalArgumentException("The bar lies between the lower and the upper pipe");
    }
    List<Run> runs = new ArrayList<>(around(6, true));
    runs.add(new Run(1, 4));
    return new Skeleton(
        List.of(
            new Joint(0, 0, 0),
            new Joint(0, bar, 0),
            new Joint(0, high, 0),
            new Joint(wide, high, 0),
            new Joint(wide, bar, 0),
            new Joint(wide, 0, 0)),
        runs,
        false);
  }

  /** An upright with what lies across its top. */
  public static Skeleton tee(double wide, double high) {
    return new Skeleton(
        List.of(
            new Joint(wide / 2, 0, 0),
            new Joint(wide / 2, high, 0),
            new Joint(0, high, 0),
            new Joint(wide, high, 0)),
        List.of(new Run(0, 1), new Run(1, 2), new Run(1, 3)),
        false);
  }

  private static List<Joint> corners(double wide, double high) {
    return List.of(
        new Joint(0, 0, 0), new Joint(0, high, 0), new Joint(wide, high, 0), new Joint(wide, 0, 0));
  }

  private static List<Run> around(int joints, boolean closed) {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i + 1 < joints; i++) {
      runs.add(new Run(i, i + 1));
    }
    if (closed) {
      runs.add(new Run(joints - 1, 0));
    }
    return runs;
  }
}
