package stoutblade.core;

import stoutblade.measure.Display;

/**
 * What does not feel limp in the hand.
 *
 * @param droopShare the most that the far end hangs, held level, as a share of how far it is from
 *     the hold
 * @param leastHz the slowest that it may swing, in Hz
 */
public record Limits(double droopShare, double leastHz) {

  /** A starting guess without source. */
  public static final Limits USUAL = new Limits(0.01, 3);

  private static final double MOST_HZ = 1000;

  /**
   * Checks both.
   *
   * @throws IllegalArgumentException if one is out of range
   */
  public Limits {
    if (!(droopShare > 0 && droopShare <= 1)) {
      throw new IllegalArgumentException(
          "The droop allowed is above 0 and at most the whole length; found "
              + Display.decimal(droopShare * 100, 1)
              + " in 100");
    }
    if (!(leastHz > 0 && leastHz <= MOST_HZ)) {
      throw new IllegalArgumentException(
          "A prop swings at something up to 1000 Hz; found " + Display.decimal(leastHz, 1));
    }
  }

  public Limits withDroopShare(double share) {
    return new Limits(share, leastHz);
  }

  public Limits withLeastHz(double hz) {
    return new Limits(droopShare, hz);
  }
}
