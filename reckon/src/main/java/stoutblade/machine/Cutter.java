package stoutblade.machine;

/**
 * A machine that cuts or draws on sheets, as its maker set it up.
 *
 * @param kind what it cuts with
 * @param bedXMm how far it reaches along x
 * @param bedYMm how far along y
 * @param kerfMm how wide its cut is: half of it is kept outside of each piece
 * @param overcutMm how far a blade runs on past each corner and past the start
 * @param feedMmPerMin how fast it cuts
 * @param travelMmPerMin how fast it goes from one cut to the next
 * @param passes how often it goes along each line
 * @param bridges how many places of each outer edge stay uncut, so that nothing tips or shifts
 * @param bridgeMm how long each of them is
 * @param clampMm how wide a strip along the left edge is held down, and must not be cut
 */
public record Cutter(
    Kind kind,
    double bedXMm,
    double bedYMm,
    double kerfMm,
    double overcutMm,
    double feedMmPerMin,
    double travelMmPerMin,
    int passes,
    int bridges,
    double bridgeMm,
    double clampMm) {

  private static final double LARGEST_BED_MM = 20_000;
  private static final double WIDEST_KERF_MM = 20;
  private static final double FASTEST = 200_000;
  private static final int MOST_PASSES = 50;
  private static final int MOST_BRIDGES = 40;

  /** What it cuts with. */
  public enum Kind {
    LASER("Laser"),
    KNIFE("Knife"),
    MILL("Mill"),
    PEN("Pen");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    /** Its words on the screen. */
    public String words() {
      return words;
    }
  }

  /**
   * Checks the numbers.
   *
   * @throws IllegalArgumentException if one is out of range; the message says which
   */
  public Cutter {
    within("The bed", bedXMm, 10, LARGEST_BED_MM, "mm");
    within("The bed", bedYMm, 10, LARGEST_BED_MM, "mm");
    within("The width of the cut", kerfMm, 0, WIDEST_KERF_MM, "mm");
    within("Past corners", overcutMm, 0, WIDEST_KERF_MM, "mm");
    within("The speed of cutting", feedMmPerMin, 1, FASTEST, "mm a minute");
    within("The speed between cuts", travelMmPerMin, 1, FASTEST, "mm a minute");
    within("Passes", passes, 1, MOST_PASSES, "");
    within("Bridges", bridges, 0, MOST_BRIDGES, "");
    within("A bridge", bridgeMm, 0, 100, "mm");
    within("The clamped strip", clampMm, 0, LARGEST_BED_MM, "mm");
  }

  private static void within(String what, double value, double least, double most, String unit) {
    if (!(value >= least && value <= most)) {
      throw new IllegalArgumentException(
          "%s: %s to %s %s; found %s".formatted(what, number(least), number(most), unit, value));
    }
  }

  private static String number(double value) {
    return value == Math.rint(value) ? "%,.0f".formatted(value) : Double.toString(value);
  }

  /** A machine of a kind as it is often set up (our assumptions: each machine has its own). */
  public static Cutter usual(Kind kind) {
    return switch (kind) {
      case LASER -> new Cutter(kind, 1200, 1000, 0.2, 0, 900, 6000, 1, 0, 0.6, 0);
      case KNIFE -> new Cutter(kind, 1200, 1000, 0, 0.5, 3000, 6000, 1, 0, 2, 0);
      case MILL -> new Cutter(kind, 1200, 1000, 3, 0, 1500, 3000, 3, 4, 6, 0);
      case PEN -> new Cutter(kind, 1200, 1000, 0, 0, 6000, 12_000, 1, 0, 0, 0);
    };
  }

  public Cutter withBed(double xMm, double yMm) {
    return new Cutter(
        kind,
        xMm,
        yMm,
        kerfMm,
        overcutMm,
        feedMmPerMin,
        travelMmPerMin,
        passes,
        bridges,
        bridgeMm,
        clampMm);
  }

  public Cutter withKerf(double mm) {
    return new Cutter(
        kind,
        bedXMm,
        bedYMm,
        mm,
        overcutMm,
        feedMmPerMin,
        travelMmPerMin,
        passes,
        bridges,
        bridgeMm,
        clampMm);
  }

  public Cutter withOvercut(double mm) {
    return new Cutter(
        kind,
        bedXMm,
        bedYMm,
        kerfMm,
        mm,
        feedMmPerMin,
        travelMmPerMin,
        passes,
        bridges,
        bridgeMm,
        clampMm);
  }

  public Cutter withFeed(double mmPerMin) {
    return new Cutter(
        kind,
        bedXMm,
        bedYMm,
        kerfMm,
        overcutMm,
        mmPerMin,
        travelMmPerMin,
        passes,
        bridges,
        bridgeMm,
        clampMm);
  }

  public Cutter withPasses(int count) {
    return new Cutter(
        kind,
        bedXMm,
        bedYMm,
        kerfMm,
        overcutMm,
        feedMmPerMin,
        travelMmPerMin,
        count,
        bridges,
        bridgeMm,
        clampMm);
  }

  /** The same with so many bridges of such a length. */
  public Cutter withBridges(int count, double mm) {
    return new Cutter(
        kind,
        bedXMm,
        bedYMm,
        kerfMm,
        overcutMm,
        feedMmPerMin,
        travelMmPerMin,
        passes,
        count,
        mm,
        clampMm);
  }

  public Cutter withClamp(double mm) {
    return new Cutter(
        kind,
        bedXMm,
        bedYMm,
        kerfMm,
        overcutMm,
        feedMmPerMin,
        travelMmPerMin,
        passes,
        bridges,
        bridgeMm,
        mm);
  }
}
