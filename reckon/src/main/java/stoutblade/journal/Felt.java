package stoutblade.journal;

import java.util.Collection;
import stoutblade.core.Limits;

/**
 * How a built thing felt in the hand.
 *
 * @param limp true for limp, false for stiff enough
 * @param droopShare how far its far end was reckoned to hang then, as a share of its reach
 * @param hz how fast it was reckoned to swing then
 */
public record Felt(boolean limp, double droopShare, double hz) {

  /** What felt limp within the limits draws them in to this share of itself. */
  private static final double DRAWN_IN = 0.9;

  /**
   * Checks the values.
   *
   * @throws IllegalArgumentException if one is not above 0
   */
  public Felt {
    if (!(droopShare > 0 && droopShare < 1e3 && hz > 0 && hz < 1e6)) {
      throw new IllegalArgumentException(
          "What is felt hangs and swings; found " + droopShare + " and " + hz + " Hz");
    }
  }

  /**
   * The limits, corrected by what was felt: what was stiff enough beyond one moves it out to there;
   * what was limp within both draws both in, closer than it was.
   */
  public static Limits learned(Collection<Felt> all) {
    Limits limits = Limits.USUAL;
    for (Felt it : all) {
      boolean within = it.droopShare <= limits.droopShare() && it.hz >= limits.leastHz();
      if (!it.limp && !within) {
        limits =
            new Limits(
                Math.min(1, Math.max(limits.droopShare(), it.droopShare)),
                Math.min(limits.leastHz(), it.hz));
      } else if (it.limp && within) {
        limits = new Limits(it.droopShare * DRAWN_IN, Math.min(1000, it.hz / DRAWN_IN));
      }
    }
    return limits;
  }
}
