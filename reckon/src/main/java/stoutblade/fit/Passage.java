package stoutblade.fit;

import java.util.List;
import java.util.Optional;

/**
 * Something on the way that the prop must go through or into.
 *
 * @param name what it is
 * @param widthMm its clear width
 * @param heightMm its clear height
 * @param lengthMm how long the space behind it is; empty for an opening that anything long passes
 */
public record Passage(String name, double widthMm, double heightMm, Optional<Double> lengthMm) {

  /** A door of a house. */
  public static final Passage DOOR = new Passage("Door", 760, 1980, Optional.empty());

  /** What stands on many ways; sizes are our assumptions: measure your own. */
  public static final List<Passage> USUAL =
      List.of(
          DOOR,
          new Passage("Car, seats down", 950, 700, Optional.of(1650.0)),
          new Passage("Suitcase", 480, 280, Optional.of(740.0)),
          new Passage("Train rack", 400, 500, Optional.of(1900.0)));

  /** The most that are kept. */
  public static final int MOST = 24;

  /**
   * Checks name and sizes.
   *
   * @throws IllegalArgumentException if the name is blank or a size out of range
   */
  public Passage {
    if (name.isBlank() || name.length() > 60) {
      throw new IllegalArgumentException("A passage has a name; found '" + name + "'");
    }
    check(widthMm);
    check(heightMm);
    lengthMm.ifPresent(Passage::check);
  }

  private static void check(double mm) {
    if (!(mm >= 10 && mm <= 50_000)) {
      throw new IllegalArgumentException(
          "A passage measures between 1 cm and 50 m; found " + mm + " mm");
    }
  }
}
