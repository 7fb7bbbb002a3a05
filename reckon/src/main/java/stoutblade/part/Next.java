package stoutblade.part;

/**
 * How a part stands next to another on the same line, as beads do on a thread: it stays there when
 * that one moves or changes its size.
 *
 * @param toId the part that it stands next to
 * @param below true for the lower end of that part, false for its upper end
 * @param gapMm what is left free between both, in mm; below 0 where one reaches into the other
 */
public record Next(String toId, boolean below, double gapMm) {

  /** The widest gap, and the furthest that one reaches into another. */
  public static final double MOST_MM = 2000;

  /**
   * Checks the gap.
   *
   * @throws IllegalArgumentException if it is not finite or too wide
   */
  public Next {
    if (!(Math.abs(gapMm) <= MOST_MM)) {
      throw new IllegalArgumentException(
          "What stands next to a part is within 2 m of it; found " + gapMm + " mm");
    }
  }

  public Next withGap(double mm) {
    return new Next(toId, below, mm);
  }
}
