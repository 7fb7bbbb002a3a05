package stoutblade.catalogue;

/**
 * A seal, primer, paint or clear coat in the catalogue.
 *
 * @param id catalogue id
 * @param name the kind of coating
 * @param role what it is for
 * @param colour its colour as {@code #rrggbb}, for drawing
 * @param spread volume that stays on the piece in one coat, in mm³/mm²; 0 for none (heat)
 * @param loss share of what is used that does not end on the piece, 0 to under 1
 * @param betweenMinutes drying before the next coat of the same
 * @param cureMinutes before the next system or handling
 * @param containerMm3 what the usual container holds, in mm³; 0 for none
 * @param usualCoats coats that are usual
 * @param driedGPerMm3 what stays of it on the piece when it is dry, in g/mm³ as it was spread
 * @param caution what to beware of
 * @param source where the values come from
 */
public record Coating(
    String id,
    String name,
    Role role,
    String colour,
    double spread,
    double loss,
    double betweenMinutes,
    double cureMinutes,
    double containerMm3,
    int usualCoats,
    double driedGPerMm3,
    String caution,
    String source) {

  /** What a coating is for, in the order in which they go on. */
  public enum Role {
    SEAL("Seal"),
    PRIMER("Prime"),
    PAINT("Paint"),
    /** Thinned colour that is left in the grooves. */
    WASH("Age"),
    CLEAR("Protect");

    private final String verb;

    Role(String verb) {
      this.verb = verb;
    }

    /** The word on a step. */
    public String verb() {
      return verb;
    }
  }

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException if a value is out of range
   */
  public Coating {
    if (!(spread >= 0)
        || !(driedGPerMm3 >= 0)
        || !(loss >= 0 && loss < 1)
        || !(betweenMinutes >= 0)) {
      throw new IllegalArgumentException(
          id + ": spread and drying are not negative and loss is a share below 1");
    }
    if (!(cureMinutes >= 0) || !(containerMm3 >= 0) || usualCoats < 1) {
      throw new IllegalArgumentException(
          id + ": cure and container are not negative and at least one coat is usual");
    }
    if (!colour.matches("#[0-9a-f]{6}")) {
      throw new IllegalArgumentException(id + ": a colour is #rrggbb; found " + colour);
    }
  }
}
