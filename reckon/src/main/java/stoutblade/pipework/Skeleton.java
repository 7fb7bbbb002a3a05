package stoutblade.pipework;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.PipeFitting.Kind;

/**
 * Pipes between joints, drawn by their middle lines, all in one piece.
 *
 * @param joints where middle lines meet or end
 * @param pipes which joints each pipe runs between
 * @param capped true where open ends get a cap; otherwise the pipe ends at its joint
 * @param bends joints where one pipe is bent in heat, and round which radius its middle line then
 *     runs, in mm; a fitting stands at any other
 */
public record Skeleton(
    List<Joint> joints, List<Run> pipes, boolean capped, Map<Integer, Double> bends) {

  /** The most pipes of one skeleton. */
  public static final int MOST = 200;

  private static final double SQUARE = Math.PI / 2;
  private static final double HALF_SQUARE = Math.PI / 4;

  /** A fitting takes up less than this: 1°. */
  private static final double OFF = Math.toRadians(1);

  private static final double LEAST_MM = 0.1;
  private static final double WIDEST_MM = 20_000;

  /**
   * A pipe's middle line.
   *
   * @param from the number of a joint, from 0
   * @param to the number of another
   */
  public record Run(int from, int to) {

    int other(int joint) {
      return joint == from ? to : from;
    }

    boolean at(int joint) {
      return joint == from || joint == to;
    }
  }

  /**
   * Copies the lists.
   *
   * @throws IllegalArgumentException if a pipe runs nowhere, or twice between two joints, they are
   *     not all in one piece, or a joint is bent where not two pipes meet
   */
  public Skeleton {
    joints = List.copyOf(joints);
    pipes = List.copyOf(pipes);
    bends = Collections.unmodifiableMap(new TreeMap<>(bends));
    for (Joint it : joints) {
      double furthest = Math.max(Math.abs(it.x()), Math.max(Math.abs(it.y()), Math.abs(it.z())));
      if (!(furthest <= WIDEST_MM)) {
        throw new IllegalArgumentException(
            "A joint lies within 20 m; found %s, %s, %s".formatted(it.x(), it.y(), it.z()));
      }
    }
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
    if (reached(pipes, pipes.getFirst().from).size() < joints.size()) {
      throw new IllegalArgumentException("The pipes of a skeleton are all in one piece");
    }
    for (Map.Entry<Integer, Double> it : bends.entrySet()) {
      int joint = it.getKey();
      if (pipes.stream().filter(run -> run.at(joint)).count() != 2) {
        throw new IllegalArgumentException(
            name(joint) + ": a pipe is bent where two runs of it meet, and nothing else");
      }
      if (!(it.getValue() >= LEAST_MM && it.getValue() <= WIDEST_MM)) {
        throw new IllegalArgumentException(
            "%s: a bend has a radius of 0.1 mm to 20 m; found %s mm"
                .formatted(name(joint), it.getValue()));
      }
    }
  }

  /** One that nothing is bent in. */
  public Skeleton(List<Joint> joints, List<Run> pipes, boolean capped) {
    this(joints, pipes, capped, Map.of());
  }

  /** The joints that are reached from one over pipes. */
  static Set<Integer> reached(List<Run> pipes, int from) {
    Set<Integer> reached = new TreeSet<>(Set.of(from));
    boolean more = true;
    while (more) {
      more = false;
      for (Run run : pipes) {
        if (reached.contains(run.from) != reached.contains(run.to)) {
          reached.addAll(List.of(run.from, run.to));
          more = true;
        }
      }
    }
    return reached;
  }

  /** How many pipes meet at a joint; the two runs of a bend count as two. */
  public int meets(int joint) {
    return neighbours(joint).size();
  }

  /** The numbers of the joints that a joint is joined to. */
  List<Integer> neighbours(int joint) {
    return pipes.stream().filter(it -> it.at(joint)).map(it -> it.other(joint)).toList();
  }

  /**
   * The kind of fitting at a joint; empty for an open end, and where a pipe is bent.
   *
   * @throws IllegalArgumentException if no fitting joins pipes so, with what would
   */
  public Optional<Kind> kind(int joint) {
    List<Integer> to = neighbours(joint);
    if (bends.containsKey(joint)) {
      return Optional.empty();
    }
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

  static String name(int joint) {
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

  // == PIPES

  /**
   * The joints that each pipe passes, from one end over its bends to the other.
   *
   * @throws IllegalArgumentException if a pipe that is only bent closes on itself
   */
  public List<List<Integer>> chains() {
    List<List<Integer>> chains = new ArrayList<>();
    Set<Run> done = new HashSet<>();
    for (Run run : pipes) {
      if (done.add(run)) {
        List<Integer> back = new ArrayList<>(further(run.to, run.from, done));
        Collections.reverse(back);
        back.addAll(further(run.from, run.to, done));
        chains.add(back);
      }
    }
    return chains;
  }

  /** The joints from the end of a run on, as far as the pipe is bent and not joined. */
  private List<Integer> further(int from, int to, Set<Run> done) {
    List<Integer> joints = new ArrayList<>(List.of(to));
    int before = from;
    while (bends.containsKey(joints.getLast())) {
      int at = joints.getLast();
      int came = before;
      Run next =
          pipes.stream().filter(it -> it.at(at) && it.other(at) != came).findFirst().orElseThrow();
      if (!done.add(next)) {
        throw new IllegalArgumentException(
            "A pipe that is only bent closes on itself: it needs a fitting somewhere");
      }
      before = at;
      joints.add(next.other(at));
    }
    return joints;
  }

  /** The middle line of a pipe from joint to joint, its bends in pieces of a degree or so. */
  public List<Joint> middleLine(List<Integer> chain) {
    List<Joint> line = new ArrayList<>(List.of(joints.get(chain.getFirst())));
    for (int i = 1; i < chain.size() - 1; i++) {
      line.addAll(bend(chain.get(i - 1), chain.get(i), chain.get(i + 1)));
    }
    line.add(joints.get(chain.getLast()));
    return line;
  }

  private List<Joint> bend(int before, int at, int after) {
    Joint corner = joints.get(at);
    Joint in = corner.way(joints.get(before));
    Joint out = corner.way(joints.get(after));
    double angle = Math.PI - corner.angle(joints.get(before), joints.get(after));
    double radius = bends.get(at);
    if (angle < OFF) {
      return List.of(corner);
    }
    // The middle of the bend lies on the line that halves the corner.
    Joint half = in.plus(out);
    Joint middle =
        corner.plus(half.times(radius / Math.cos(angle / 2) / Math.sqrt(half.dot(half))));
    Joint start = corner.plus(in.times(PipeCut.Bend.tangent(angle, radius)));
    Joint outwards = start.minus(middle);
    Joint along = in.times(-radius);
    int steps = (int) Math.ceil(angle / OFF);
    List<Joint> arc = new ArrayList<>();
    for (int i = 0; i <= steps; i++) {
      double turn = angle * i / steps;
      arc.add(middle.plus(outwards.times(Math.cos(turn))).plus(along.times(Math.sin(turn))));
    }
    return arc;
  }

  /**
   * Every pipe as it is cut from one kind of pipe.
   *
   * @throws IllegalArgumentException if no fitting joins pipes as they are drawn, or fittings and
   *     bends leave no pipe between them; the message can be shown
   */
  public List<PipeCut> cuts(Catalogue catalogue, String rodId) {
    return CutList.of(this, catalogue, rodId);
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
