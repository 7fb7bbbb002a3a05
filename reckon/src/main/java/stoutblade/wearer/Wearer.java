package stoutblade.wearer;

import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * The person who carries the prop.
 *
 * @param name what the person or the character is called
 * @param heightMm standing height (stature) in mm
 */
public record Wearer(String name, double heightMm) {

  /** The least height taken, in mm. */
  public static final double SHORTEST_MM = 500;

  /** The greatest height taken, in mm. */
  public static final double TALLEST_MM = 2500;

  /**
   * Checks the height.
   *
   * @throws IllegalArgumentException if it is no person's height; the message can be shown
   */
  public Wearer {
    if (!(heightMm >= SHORTEST_MM && heightMm <= TALLEST_MM)) {
      throw new IllegalArgumentException(
          "A wearer's height lies between 50 cm and 250 cm; found "
              + Display.length(heightMm, Units.METRIC));
    }
  }
}
