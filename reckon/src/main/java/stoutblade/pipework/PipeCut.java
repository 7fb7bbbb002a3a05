package stoutblade.pipework;

import java.util.List;

/**
 * One pipe as it is cut: from one fitting or open end to the next, through the bends between.
 *
 * @param joints the joints that it passes, its ends first and last
 * @param bends where it is bent in heat
 * @param centresMm along its middle line from its first joint to its last, round its bends
 * @param fromMm what the fitting at its first joint takes off
 * @param toMm the same at its last one
 * @param hiddenMm how much of it is inside both
 */
public record PipeCut(
    List<Integer> joints,
    List<Bend> bends,
    double centresMm,
    double fromMm,
    double toMm,
    double hiddenMm) {

  /**
   * A bend in heat.
   *
   * @param joint where the straight runs would meet
   * @param angle how much it bends, in radians
   * @param radius of its middle line, in mm
   * @param startMm how far from the end of the cut pipe it begins
   */
  public record Bend(int joint, double angle, double radius, double startMm) {

    /** How long its middle line is. */
    public double lengthMm() {
      return radius * angle;
    }

    /** From where it begins to where the straight runs would meet. */
    public double tangentMm() {
      return tangent(angle, radius);
    }

    static double tangent(double angle, double radius) {
      return radius * Math.tan(angle / 2);
    }
  }

  /** Copies the lists. */
  public PipeCut {
    joints = List.copyOf(joints);
    bends = List.copyOf(bends);
  }

  /** The number of its first joint. */
  public int from() {
    return joints.getFirst();
  }

  /** The number of its last joint. */
  public int to() {
    return joints.getLast();
  }

  /** The length to cut, in mm. */
  public double lengthMm() {
    return centresMm - fromMm - toMm;
  }

  /** What is seen of it between its fittings, in mm. */
  public double seenMm() {
    return lengthMm() - hiddenMm;
  }
}
