package stoutblade.catalogue;

/**
 * A glue in the catalogue, with its clock in minutes.
 *
 * @param id catalogue id
 * @param name the kind of glue
 * @param waitMinutes after spreading, not joined before
 * @param joinByMinutes after spreading, joined no later; then it is coated again
 * @param pressMinutes weight or clamps after joining
 * @param strainMinutes after joining, no real stress before
 * @param spread volume on one face per area, in mm³/mm²
 * @param driedGPerMm3 what stays of what was spread when it is dry, in g/mm³
 * @param caution what to beware of
 * @param source where the values come from
 */
public record Glue(
    String id,
    String name,
    double waitMinutes,
    double joinByMinutes,
    double pressMinutes,
    double strainMinutes,
    double spread,
    double driedGPerMm3,
    String caution,
    String source) {

  /** The glue between layers: its clock runs from the step that spreads it. */
  public static final String FOR_LAYERS = "contact-cement";

  /** The glue that beds a core. */
  public static final String FOR_CORE = "polyurethane-glue";

  /** What it is called in a sentence. */
  public String word() {
    return grabs() ? "cement" : "glue";
  }

  /** True where it is spread on both faces and grabs at once when they meet. */
  public boolean grabs() {
    return id.startsWith(FOR_LAYERS);
  }

  /**
   * Checks the order of the clock.
   *
   * @throws IllegalArgumentException if it must be joined before it may be
   */
  public Glue {
    if (!(waitMinutes >= 0) || !(joinByMinutes > waitMinutes)) {
      throw new IllegalArgumentException(
          id
              + ": a glue is joined after its wait; found wait "
              + waitMinutes
              + ", join by "
              + joinByMinutes);
    }
    if (!(pressMinutes >= 0)
        || !(strainMinutes >= pressMinutes)
        || !(spread >= 0)
        || !(driedGPerMm3 >= 0)) {
      throw new IllegalArgumentException(id + ": press, strain and spread of a glue are in order");
    }
  }
}
