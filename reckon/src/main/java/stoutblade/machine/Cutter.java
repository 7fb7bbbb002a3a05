package stoutblade.machine;

/**
 * A machine that cuts or draws on sheets, as its maker set it up.
 *
 * @param kind what it cuts with
 * @param bed how far it reaches
 * @param kerfMm how wide its cut is: half of it is kept outside of each piece
 * @param overcutMm how far a blade runs on past each corner and past the start
 * @param pace how fast it is, and how often it goes along each line
 * @param bridges what stays uncut
 */
public record Cutter(
    Kind kind, Bed bed, double kerfMm, double overcutMm, Pace pace, Bridges bridges) {

  private static final double LARGEST_BED_MM = 20_000;
  private static final double WIDEST_KERF_MM = 20;
  private static final double FASTEST = 200_000;
  private static final int MOST_PASSES = 50;
  private static final int MOST_BRIDGES = 40;

  /** The bed of a machine that takes the usual sheets (our assumption). */
  private static final Bed USUAL_BED = new Bed(1200, 1000, 0);

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
   * How far the tool reaches.
   *
   * @param xMm along x
   * @param yMm along y
   * @param clampMm how wide a strip along the left edge is held down, and must not be cut
   */
  public record Bed(double xMm, double yMm, double clampMm) {

    /**
     * Checks the sizes.
     *
     * @throws IllegalArgumentException if one is out of range; the message says which
     */
    public Bed {
      within("The bed", xMm, 10, LARGEST_BED_MM, "mm");
      within("The bed", yMm, 10, LARGEST_BED_MM, "mm");
      within("The clamped strip", clampMm, 0, LARGEST_BED_MM, "mm");
    }
  }

  /**
   * How fast it is.
   *
   * @param feedMmPerMin how fast it cuts
   * @param drawMmPerMin how fast it engraves and draws
   * @param travelMmPerMin how fast it goes from one cut to the next
   * @param passes how often it goes along each cut
   */
  public record Pace(double feedMmPerMin, double drawMmPerMin, double travelMmPerMin, int passes) {

    /**
     * Checks the numbers.
     *
     * @throws IllegalArgumentException if one is out of range; the message says which
     */
    public Pace {
      within("The speed of cutting", feedMmPerMin, 1, FASTEST, "mm a minute");
      within("The speed of engraving", drawMmPerMin, 1, FASTEST, "mm a minute");
      within("The speed between cuts", travelMmPerMin, 1, FASTEST, "mm a minute");
      within("Passes", passes, 1, MOST_PASSES, "");
    }

    /** How fast it goes along a line for a purpose, in mm a minute. */
    public double along(ToolPath.Purpose purpose) {
      return purpose.cuts() ? feedMmPerMin : drawMmPerMin;
    }

    /** How often it goes along a line for a purpose. */
    public int passes(ToolPath.Purpose purpose) {
      return purpose.cuts() ? passes : 1;
    }

    public Pace withFeed(double mmPerMin) {
      return new Pace(mmPerMin, drawMmPerMin, travelMmPerMin, passes);
    }

    public Pace withDraw(double mmPerMin) {
      return new Pace(feedMmPerMin, mmPerMin, travelMmPerMin, passes);
    }

    public Pace withTravel(double mmPerMin) {
      return new Pace(feedMmPerMin, drawMmPerMin, mmPerMin, passes);
    }

    public Pace withPasses(int changed) {
      return new Pace(feedMmPerMin, drawMmPerMin, travelMmPerMin, changed);
    }
  }

  /**
   * Places of each outer edge that stay uncut, so that nothing tips or shifts.
   *
   * @param count how many
   * @param mm how long each of them is
   */
  public record Bridges(int count, double mm) {

    /** All is cut through. */
    public static final Bridges NONE = new Bridges(0, 0);

    /**
     * Checks the numbers.
     *
     * @throws IllegalArgumentException if one is out of range; the message says which
     */
    public Bridges {
      within("Bridges", count, 0, MOST_BRIDGES, "");
      within("A bridge", mm, 0, 100, "mm");
    }
  }

  /**
   * Checks the tool.
   *
   * @throws IllegalArgumentException if a number is out of range; the message says which
   */
  public Cutter {
    within("The width of the cut", kerfMm, 0, WIDEST_KERF_MM, "mm");
    within("Past corners", overcutMm, 0, WIDEST_KERF_MM, "mm");
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
      case LASER ->
          new Cutter(kind, USUAL_BED, 0.2, 0, new Pace(900, 3000, 6000, 1), new Bridges(0, 0.6));
      case KNIFE ->
          new Cutter(kind, USUAL_BED, 0, 0.5, new Pace(3000, 3000, 6000, 1), new Bridges(0, 2));
      case MILL ->
          new Cutter(kind, USUAL_BED, 3, 0, new Pace(1500, 1500, 3000, 3), new Bridges(4, 6));
      case PEN -> new Cutter(kind, USUAL_BED, 0, 0, new Pace(6000, 6000, 12_000, 1), Bridges.NONE);
    };
  }

  /** How far the tool takes something away beside the edge of a piece, in mm. */
  double besideMm() {
    return kerfMm / 2 + overcutMm;
  }

  public Cutter with(Bed other) {
    return new Cutter(kind, other, kerfMm, overcutMm, pace, bridges);
  }

  public Cutter withKerf(double mm) {
    return new Cutter(kind, bed, mm, overcutMm, pace, bridges);
  }

  public Cutter withOvercut(double mm) {
    return new Cutter(kind, bed, kerfMm, mm, pace, bridges);
  }

  public Cutter with(Pace other) {
    return new Cutter(kind, bed, kerfMm, overcutMm, other, bridges);
  }

  public Cutter with(Bridges other) {
    return new Cutter(kind, bed, kerfMm, overcutMm, pace, other);
  }
}
