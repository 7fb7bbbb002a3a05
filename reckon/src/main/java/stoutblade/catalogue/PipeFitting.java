package stoutblade.catalogue;

/**
 * A fitting that pipes of one size are pushed into.
 *
 * @param rodId the pipe's id
 * @param kind what it joins
 * @param takeOffMm from where the middle lines of its pipes meet to the end of a pipe in it, in mm
 * @param socketMm how deep a pipe goes into it, in mm
 * @param source where the sizes come from
 */
public record PipeFitting(
    String rodId, Kind kind, double takeOffMm, double socketMm, String source) {

  /** What a fitting joins. */
  public enum Kind {
    CAP("cap", "caps", 1),
    COUPLING("coupling", "couplings", 2),
    ELBOW_45("elbow of 45°", "elbows of 45°", 2),
    ELBOW_90("elbow of 90°", "elbows of 90°", 2),
    TEE("tee", "tees", 3),
    CROSS("cross", "crosses", 4);

    private final String one;
    private final String many;
    private final int ends;

    Kind(String one, String many, int ends) {
      this.one = one;
      this.many = many;
      this.ends = ends;
    }

    /** How many pipes go into one. */
    public int ends() {
      return ends;
    }

    /** So many of them, in words. */
    public String counted(long count) {
      return count + " " + (count == 1 ? one : many);
    }

    /** Its name inside a sentence. */
    public String words() {
      return one;
    }
  }

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is not above 0, but for the take-off of a cap
   */
  public PipeFitting {
    if (!(takeOffMm >= 0) || !(socketMm > 0) || (takeOffMm == 0 && kind != Kind.CAP)) {
      throw new IllegalArgumentException(
          "A " + kind.words() + " for " + rodId + " has a socket and a take-off above 0");
    }
  }
}
