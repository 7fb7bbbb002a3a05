package stoutblade.pipework;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.PipeFitting;
import stoutblade.catalogue.PipeFitting.Kind;

/**
 * Pipes between joints, drawn by their middle lines.
 *
 * @param joints where middle lines meet or end
 * @param pipes which joints each pipe runs between
 * @param capped true where open ends get a cap; otherwise the pipe ends at its joint
 */
public record Skeleton(List<Joint> joints, List<Run> pipes, boolean capped) {

  /** The most pipes of one skeleton. */
  public static final int MOST = 200;

  private static final double SQUARE = Math.PI / 2;
  private static final double HALF_SQUARE = Math.PI / 4;

  /** A fitting takes up less than this: 1°. */
  private static final double OFF = Math.toRadians(1);

  private static final double LEAST_MM = 0.1;

  /**
   * A pipe's middle line.
   *
   * @param from the number of a joint, from 0
   * @param to the number of another
   */
  public record Run(int from, int to) {

    private int other(int joint) {
      return joint == from ? to : from;
    }

    private boolean at(int joint) {
      return joint == from || joint == to;
    }
  }

  /**
   * Copies the lists.
   *
   * @throws IllegalArgumentException if a pipe runs nowhere, or twice between two joints
   */
  public Skeleton {
    joints = List.copyOf(joints);
    pipes = List.copyOf(pipes);
    if (pipes.isEmpty() || pipes.size() > MOST) {
      throw new IllegalArgumentException(
          "A skeleton has 1 to " + MOST + " pipes; found " + pipes.size());
    }
    for (int i = 0; i < pipes.size(); i++) {
      Run run = pipes.get(i);
      if (Math.min(run.from, run.to) < 0 || Math.max(run.from, run.to) >= joints.size()) {
        throw new IllegalArgumentException(
            "Pipe " + (i + 1) + " ends at a joint that is not there");
      }
      double apart = joints.get(run.from).distance(joints.get(run.to));
      if (!(apart >= LEAST_MM && Double.isFinite(apart))) {
        throw new IllegalArgumentException("Pipe " + (i + 1) + " has no length");
      }
      for (Run other : pipes.subList(0, i)) {
        if (other.at(run.from) && other.at(run.to)) {
          throw new IllegalArgumentException(
              "Two pipes lie on one another: pipe " + (i + 1) + " is there already");
        }
      }
    }
  }

  /** The numbers of the joints that a joint is joined to. */
  private List<Integer> neighbours(int joint) {
    return pipes.stream().filter(it -> it.at(joint)).map(it -> it.other(joint)).toList();
  }

  /**
   * The kind of fitting at a joint; empty for an open end.
   *
   * @throws IllegalArgumentException if no fitting joins pipes so, with what would
   */
  public Optional<Kind> kind(int joint) {
    List<Integer> to = neighbours(joint);
    if (to.size() < 2) {
      return capped && to.size() == 1 ? Optional.of(Kind.CAP) : Optional.empty();
    }
    List<Double> angles = new ArrayList<>();
    for (int i = 0; i < to.size(); i++) {
      for (int k = 0; k < i; k++) {
        angles.add(joints.get(joint).angle(joints.get(to.get(i)), joints.get(to.get(k))));
      }
    }
    Collections.sort(angles);
    return Optional.of(
        switch (to.size()) {
          case 2 -> bent(joint, Math.PI - angles.getFirst());
          case 3 -> three(joint, angles);
          case 4 -> four(joint, angles);
          default ->
              throw new IllegalArgumentException(
                  name(joint) + ": no fitting joins " + to.size() + " pipes");
        });
  }

  private static String name(int joint) {
    return "Joint " + (joint + 1);
  }

  private static boolean is(double angle, double wanted) {
    return Math.abs(angle - wanted) < OFF;
  }

  private static Kind bent(int joint, double bend) {
    if (is(bend, 0)) {
      return Kind.COUPLING;
    }
    if (is(bend, HALF_SQUARE)) {
      return Kind.ELBOW_45;
    }
    if (is(bend, SQUARE)) {
      return Kind.ELBOW_90;
    }
    throw new IllegalArgumentException(
        "%s: elbows bend by 45° or 90°; found %.1f°. Bend the pipe in heat there, or move a joint"
            .formatted(name(joint), Math.toDegrees(bend)));
  }

  private static Kind three(int joint, List<Double> angles) {
    boolean tee =
        is(angles.get(0), SQUARE) && is(angles.get(1), SQUARE) && is(angles.get(2), Math.PI);
    if (!tee) {
      throw new IllegalArgumentException(
          name(joint) + ": a tee joins a straight run and one pipe square to it");
    }
    return Kind.TEE;
  }

  private static Kind four(int joint, List<Double> angles) {
    boolean cross =
        angles.subList(0, 4).stream().allMatch(it -> is(it, SQUARE))
            && angles.subList(4, 6).stream().allMatch(it -> is(it, Math.PI));
    if (!cross) {
      throw new IllegalArgumentException(
          name(joint) + ": a cross joins two straight runs square to each other");
    }
    return Kind.CROSS;
  }

  // == CUTTING

  /**
   * A pipe as it is cut.
   *
   * @param run where it is
   * @param centresMm from joint to joint
   * @param fromMm what the fitting at its first joint takes off
   * @param toMm the same at its other one
   * @param hiddenMm how much of it is inside both
   */
  public record Cut(Run run, double centresMm, double fromMm, double toMm, double hiddenMm) {

    /** The length to cut, in mm. */
    public double lengthMm() {
      return centresMm - fromMm - toMm;
    }

    /** What is seen of it between its fittings, in mm. */
    public double seenMm() {
      return lengthMm() - hiddenMm;
    }
  }

  /**
   * Every pipe as it is cut from one kind of pipe.
   *
   * @throws IllegalArgumentException if there is no such fitting, or two of them leave no pipe
   *     between them
   */
  public List<Cut> cuts(Catalogue catalogue, String rodId) {
    List<Cut> cuts = new ArrayList<>();
    for (int i = 0; i < pipes.size(); i++) {
      Run run = pipes.get(i);
      Optional<PipeFitting> from = fitting(catalogue, rodId, run.from);
      Optional<PipeFitting> to = fitting(catalogue, rodId, run.to);
      double hidden = socket(from) + socket(to);
      Cut cut =
          new Cut(
              run,
              joints.get(run.from).distance(joints.get(run.to)),
              from.map(PipeFitting::takeOffMm).orElse(0.0),
              to.map(PipeFitting::takeOffMm).orElse(0.0),
              hidden);
      if (cut.seenMm() < 0) {
        throw new IllegalArgumentException(
            "Pipe %d: its fittings need %.1f mm from middle to middle; found %.1f mm"
                .formatted(i + 1, cut.fromMm() + cut.toMm() + hidden, cut.centresMm()));
      }
      cuts.add(cut);
    }
    return cuts;
  }

  private static double socket(Optional<PipeFitting> fitting) {
    return fitting.map(PipeFitting::socketMm).orElse(0.0);
  }

  private Optional<PipeFitting> fitting(Catalogue catalogue, String rodId, int joint) {
    return kind(joint).map(it -> catalogue.fitting(rodId, it));
  }

  /** How many fittings of each kind are bought. */
  public Map<Kind, Long> fittings() {
    Map<Kind, Long> all = new EnumMap<>(Kind.class);
    for (int i = 0; i < joints.size(); i++) {
      kind(i).ifPresent(it -> all.merge(it, 1L, Long::sum));
    }
    return all;
  }
}
