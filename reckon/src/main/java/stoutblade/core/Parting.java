package stoutblade.core;

import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * Where a core comes apart, and what joins its pieces.
 *
 * @param atMm where, measured as the places of the core are
 * @param way how it is joined
 * @param joinId catalogue id of the rod or tube that joins it
 * @param overlapMm how far that goes into, or over, each piece
 * @param lock what keeps it together
 */
public record Parting(double atMm, Way way, String joinId, double overlapMm, Lock lock) {

  private static final double LONGEST_MM = 2_000;

  /** How two pieces are joined. */
  public enum Way {
    SPIGOT("A rod inside both pieces"),
    SLEEVE("A tube over both pieces");

    private final String words;

    Way(String words) {
      this.words = words;
    }

    /** How it is said. */
    public String words() {
      return words;
    }
  }

  /** What keeps two pieces together. */
  public enum Lock {
    FIT("its tight fit", ""),
    PIN("a pin or screw across", "Pin or screw across a joint"),
    MAGNETS("magnets in both ends", "Pair of magnets for a joint"),
    THREAD("a thread", "Threaded stud and insert for a joint");

    private final String words;
    private final String bought;

    Lock(String words, String bought) {
      this.words = words;
      this.bought = bought;
    }

    /** How it is said. */
    public String words() {
      return words;
    }

    /** What is bought for it; empty for nothing. */
    public String bought() {
      return bought;
    }
  }

  /** One that its fit keeps together. */
  public Parting(double atMm, Way way, String joinId, double overlapMm) {
    this(atMm, way, joinId, overlapMm, Lock.FIT);
  }

  /**
   * Checks the overlap.
   *
   * @throws IllegalArgumentException if it is not above 0
   */
  public Parting {
    if (!(overlapMm > 0 && overlapMm <= LONGEST_MM) || !Double.isFinite(atMm)) {
      throw new IllegalArgumentException(
          "A joint of a core overlaps by more than 0 and up to 2 m; found "
              + Display.length(overlapMm, Units.METRIC));
    }
  }

  public Parting at(double mm) {
    return new Parting(mm, way, joinId, overlapMm, lock);
  }

  public Parting with(Way changed) {
    return new Parting(atMm, changed, joinId, overlapMm, lock);
  }

  public Parting joinedBy(String rodId) {
    return new Parting(atMm, way, rodId, overlapMm, lock);
  }

  public Parting overlapping(double mm) {
    return new Parting(atMm, way, joinId, mm, lock);
  }

  public Parting kept(Lock changed) {
    return new Parting(atMm, way, joinId, overlapMm, changed);
  }

  /** Of a prop enlarged about the middle of the part's near end: the overlap is the rod's. */
  Parting times(double factor) {
    return new Parting(atMm * factor, way, joinId, overlapMm, lock);
  }
}
