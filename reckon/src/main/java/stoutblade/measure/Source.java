package stoutblade.measure;

/**
 * Where a value or the formula behind it comes from.
 *
 * @param kind how far it can be trusted
 * @param note the publication, the practice or the place, for a person to read
 */
public record Source(Kind kind, String note) {

  /** Kinds of source, from a published standard to a guess of our own. */
  public enum Kind {
    STANDARD("standard"),
    HANDBOOK("handbook"),
    GEOMETRY("geometry"),
    CATALOGUE("catalogue"),
    MEASURED("measured"),
    LOG("your log"),
    DECIDED("your choice"),
    COMMON_PRACTICE("common practice"),
    ASSUMPTION("our assumption");

    private final String word;

    Kind(String word) {
      this.word = word;
    }

    /** The word shown to a person. */
    public String word() {
      return word;
    }
  }

  /** A formula of plain geometry or arithmetic. */
  public static final Source GEOMETRY = new Source(Kind.GEOMETRY, "plain geometry and arithmetic");

  /** A value that the user chose. */
  public static final Source DECIDED = new Source(Kind.DECIDED, "chosen in this project");

  /** A published standard. */
  public static Source standard(String note) {
    return new Source(Kind.STANDARD, note);
  }

  /** A handbook or textbook. */
  public static Source handbook(String note) {
    return new Source(Kind.HANDBOOK, note);
  }

  /** A rule of thumb with no published source. */
  public static Source practice(String note) {
    return new Source(Kind.COMMON_PRACTICE, note);
  }

  /** The catalogue of materials. */
  public static Source catalogue(String note) {
    return new Source(Kind.CATALOGUE, note);
  }

  /** Measured or marked by the user. */
  public static Source measured(String note) {
    return new Source(Kind.MEASURED, note);
  }

  /** A guess of our own, to be corrected. */
  public static Source assumption(String note) {
    return new Source(Kind.ASSUMPTION, note);
  }

  /** The kind's word and the note, for a person to read. */
  public String text() {
    return kind.word() + ": " + note;
  }
}
