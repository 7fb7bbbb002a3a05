package stoutblade.wearer;

import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * Who bears the prop in its own world: the character that the pictures show.
 *
 * @param name what the character is called
 * @param heightMm the character's height in mm
 */
public record ShownCharacter(String name, double heightMm) {

  private static final double STATED_STD_MM = 10;

  /**
   * Checks the height.
   *
   * @throws IllegalArgumentException if it is out of range
   */
  public ShownCharacter {
    if (!(heightMm >= 100 && heightMm <= 10_000)) {
      throw new IllegalArgumentException(
          "A character's height lies between 10 cm and 10 m; found " + heightMm / 10 + " cm");
    }
  }

  /** The height as a figure. */
  public Figure height() {
    return Figure.given(
        "bearer.height",
        "Character's height",
        heightMm,
        Quantity.LENGTH,
        Source.measured("stated, give or take a centimetre"),
        STATED_STD_MM);
  }
}
