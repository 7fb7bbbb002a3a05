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
    CAP("cap", "caps"),
    COUPLING("coupling", "couplings"),
    ELBOW_45("elbow of 45°", "elbows of 45°"),
    ELBOW_90("elbow of 90°", "elbows of 90°"),
    TEE("tee", "tees"),
    CROSS("cross", "crosses");

    private final String one;
    private final String many;

    Kind(String one, String many) {
      this.one = one;
      this.many = many;
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
