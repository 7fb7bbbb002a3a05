package stoutblade.reference;

import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * A marked thing whose real length is known: it checks the scale.
 *
 * @param name what the thing is
 * @param lengthMm its real length in mm
 * @param mark where it lies on the picture
 */
public record KnownLength(String name, double lengthMm, Mark mark) {

  /**
   * Checks the length.
   *
   * @throws IllegalArgumentException if it is not between 1 mm and 100 m
   */
  public KnownLength {
    if (!(lengthMm >= 1 && lengthMm <= 100_000)) {
      throw new IllegalArgumentException(
          "A known length lies between 1 mm and 100 m; found "
              + Display.length(lengthMm, Units.METRIC));
    }
  }
}
