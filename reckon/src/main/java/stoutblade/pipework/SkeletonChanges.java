package stoutblade.pipework;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Predicate;
import stoutblade.pipework.Skeleton.Run;

/**
 * What can be done to a skeleton. Everything that is in line with what is moved goes along with it,
 * so that square stays square.
 */
public final class SkeletonChanges {

  /** Joints that differ by less are in line. */
  private static final double IN_LINE_MM = 0.05;

  private SkeletonChanges() {}

  /**
   * Another pipe from a joint.
   *
   * @param by from there to its end, in mm
   */
  public static Skeleton longerBy(Skeleton it, int joint, Joint by) {
    List<Joint> joints = new ArrayList<>(it.joints());
    Joint end = it.joints().get(joint).plus(by);
    List<Run> pipes = new ArrayList<>(it.pipes());
    int there = at(it, end).orElse(joints.size());
    if (there == joints.size()) {
      joints.add(end);
    }
    pipes.add(new Run(joint, there));
    Map<Integer, Double> bends = new TreeMap<>(it.bends());
    bends.remove(joint);
    bends.remove(there);
    return new Skeleton(joints, pipes, it.capped(), bends);
  }

  /** The joint at a place, where there is one: a chain can be closed. */
  private static Optional<Integer> at(Skeleton it, Joint place) {
    for (int i = 0; i < it.joints().size(); i++) {
      if (it.joints().get(i).distance(place) < IN_LINE_MM) {
        return Optional.of(i);
      }
    }
    return Optional.empty();
  }

  /**
   * A pipe made another length from joint to joint. What hangs on its far end goes with it; in a
   * ring, all that lies beyond it.
   *
   * @throws IllegalArgumentException if nothing is left of a pipe so
   */
  public static Skeleton lengthened(Skeleton it, int pipe, double mm) {
    Run run = it.pipes().get(pipe);
    Joint from = it.joints().get(run.from());
    Joint to = it.joints().get(run.to());
    Joint way = from.way(to);
    Joint by = way.times(mm - from.distance(to));
    Set<Integer> far = beyond(it, run);
    if (far.contains(run.from())) {
      double limit = way.dot(to) - IN_LINE_MM;
      return moved(it, by, i -> way.dot(it.joints().get(i)) >= limit);
    }
    return moved(it, by, far::contains);
  }

  /** What is reached from the far end of a pipe without passing it. */
  private static Set<Integer> beyond(Skeleton it, Run run) {
    List<Run> others = new ArrayList<>(it.pipes());
    others.remove(run);
    return Skeleton.reached(others, run.to());
  }

  /** A joint moved sideways, upwards or towards the viewer; those in line with it go along. */
  public static Skeleton moved(Skeleton it, int joint, Joint to) {
    Joint at = it.joints().get(joint);
    Skeleton sideways =
        moved(it, new Joint(to.x() - at.x(), 0, 0), i -> inLine(it.joints().get(i).x(), at.x()));
    Skeleton upwards =
        moved(
            sideways,
            new Joint(0, to.y() - at.y(), 0),
            i -> inLine(sideways.joints().get(i).y(), at.y()));
    return moved(
        upwards,
        new Joint(0, 0, to.z() - at.z()),
        i -> inLine(upwards.joints().get(i).z(), at.z()));
  }

  private static boolean inLine(double one, double other) {
    return Math.abs(one - other) < IN_LINE_MM;
  }

  private static Skeleton moved(Skeleton it, Joint by, Predicate<Integer> which) {
    List<Joint> joints = new ArrayList<>();
    for (int i = 0; i < it.joints().size(); i++) {
      Joint own = it.joints().get(i);
      joints.add(which.test(i) ? own.plus(by) : own);
    }
    return new Skeleton(joints, it.pipes(), it.capped(), it.bends());
  }

  /**
   * Without a pipe, and without what then hangs on nothing at its far end.
   *
   * @throws IllegalArgumentException if it is the last one
   */
  public static Skeleton without(Skeleton it, int pipe) {
    List<Run> left = new ArrayList<>(it.pipes());
    Run gone = left.remove(pipe);
    if (left.isEmpty()) {
      throw new IllegalArgumentException("A skeleton has one pipe at least: remove the part");
    }
    Set<Integer> near = Skeleton.reached(left, gone.from());
    Set<Integer> kept = near.size() > 1 ? near : Skeleton.reached(left, gone.to());
    left.removeIf(run -> !kept.contains(run.from()));
    return only(it, kept, left);
  }

  /** The joints that are kept, counted anew. */
  private static Skeleton only(Skeleton it, Set<Integer> kept, List<Run> pipes) {
    Map<Integer, Integer> now = new HashMap<>();
    List<Joint> joints = new ArrayList<>();
    for (int i : new TreeSet<>(kept)) {
      now.put(i, joints.size());
      joints.add(it.joints().get(i));
    }
    List<Run> runs =
        pipes.stream().map(run -> new Run(now.get(run.from()), now.get(run.to()))).toList();
    Map<Integer, Double> bends = new TreeMap<>();
    it.bends()
        .forEach(
            (joint, radius) -> {
              boolean two = pipes.stream().filter(run -> run.at(joint)).count() == 2;
              if (two) {
                bends.put(now.get(joint), radius);
              }
            });
    return new Skeleton(joints, runs, it.capped(), bends);
  }

  /** A pipe in two, with a joint in its middle. */
  public static Skeleton split(Skeleton it, int pipe) {
    Run run = it.pipes().get(pipe);
    List<Joint> joints = new ArrayList<>(it.joints());
    joints.add(joints.get(run.from()).plus(joints.get(run.to())).times(0.5));
    List<Run> pipes = new ArrayList<>(it.pipes());
    pipes.set(pipe, new Run(run.from(), joints.size() - 1));
    pipes.add(pipe + 1, new Run(joints.size() - 1, run.to()));
    return new Skeleton(joints, pipes, it.capped(), it.bends());
  }

  /** A joint where one pipe is bent round a radius; empty for a fitting. */
  public static Skeleton bent(Skeleton it, int joint, Optional<Double> radiusMm) {
    Map<Integer, Double> bends = new TreeMap<>(it.bends());
    bends.remove(joint);
    radiusMm.ifPresent(mm -> bends.put(joint, mm));
    return new Skeleton(it.joints(), it.pipes(), it.capped(), bends);
  }

  /** Open ends with a cap, or without. */
  public static Skeleton capped(Skeleton it, boolean capped) {
    return new Skeleton(it.joints(), it.pipes(), capped, it.bends());
  }

  /** All of it larger or smaller about the origin; bends keep their radius: pipe is what it is. */
  public static Skeleton times(Skeleton it, double factor) {
    return new Skeleton(
        it.joints().stream().map(joint -> joint.times(factor)).toList(),
        it.pipes(),
        it.capped(),
        it.bends());
  }
}
