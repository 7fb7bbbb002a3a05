package stoutblade.pipework;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.pipework.Skeleton.Run;

/**
 * Two pipes that run into one another where no joint is.
 *
 * @param one the number of a pipe, from 0
 * @param other the number of another
 * @param at where
 */
public record Clash(int one, int other, Joint at) {

  private static final int STEPS = 40;
  private static final double ENDS = 1e-9;

  /** The first two of a skeleton whose middle lines come nearer than a pipe is thick. */
  public static Optional<Clash> of(Skeleton skeleton, double acrossMm) {
    List<Run> runs = skeleton.pipes();
    for (int i = 0; i < runs.size(); i++) {
      for (int k = 0; k < i; k++) {
        Run one = runs.get(k);
        Run other = runs.get(i);
        boolean joined = one.at(other.from()) || one.at(other.to());
        if (!joined) {
          Near near = near(skeleton, one, other);
          if (near.mm < acrossMm - ENDS) {
            return Optional.of(new Clash(k, i, near.at));
          }
        }
      }
    }
    return Optional.empty();
  }

  private record Near(double mm, Joint at) {}

  /** Where two straight lines come nearest: their distance is a convex function of both places. */
  private static Near near(Skeleton skeleton, Run one, Run other) {
    List<Joint> ends = new ArrayList<>();
    for (int it : List.of(one.from(), one.to(), other.from(), other.to())) {
      ends.add(skeleton.joints().get(it));
    }
    double low = 0;
    double high = 1;
    for (int i = 0; i < STEPS; i++) {
      double third = (high - low) / 3;
      if (at(ends, low + third).mm <= at(ends, high - third).mm) {
        high -= third;
      } else {
        low += third;
      }
    }
    return at(ends, (low + high) / 2);
  }

  /** The distance of a place on the first line from the second. */
  private static Near at(List<Joint> ends, double share) {
    Joint along = ends.get(1).minus(ends.get(0));
    Joint place = ends.get(0).plus(along.times(share));
    Joint way = ends.get(3).minus(ends.get(2));
    double foot = Math.clamp(place.minus(ends.get(2)).dot(way) / way.dot(way), 0, 1);
    return new Near(place.distance(ends.get(2).plus(way.times(foot))), place);
  }
}
