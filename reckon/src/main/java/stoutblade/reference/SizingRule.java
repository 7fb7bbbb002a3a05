package stoutblade.reference;

/**
 * Which size the prop gets: what it has in its own world, what keeps its ratio to the one who
 * carries it, or a length of one's own.
 */
public sealed interface SizingRule {

  /** The size that it has in its world, whoever carries it. */
  SizingRule TRUE_SIZE = new Blend(0);

  /** Its ratio to the character is kept: a shorter wearer carries a shorter one. */
  SizingRule IN_PROPORTION = new Blend(1);

  /**
   * Between the two.
   *
   * @param share 0 for true size, 1 for in proportion
   */
  record Blend(double share) implements SizingRule {

    /** Checks the share. */
    public Blend {
      if (!(share >= 0 && share <= 1)) {
        throw new IllegalArgumentException(
            "Between true size, 0, and in proportion, 1; found " + share);
      }
    }
  }

  /**
   * A length of one's own for the whole prop.
   *
   * @param lengthMm in mm
   */
  record Target(double lengthMm) implements SizingRule {

    /** Checks the length. */
    public Target {
      if (!(lengthMm >= 10 && lengthMm <= 20_000)) {
        throw new IllegalArgumentException(
            "A prop is between 1 cm and 20 m long; found " + lengthMm + " mm");
      }
    }
  }
}
