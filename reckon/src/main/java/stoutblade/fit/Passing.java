package stoutblade.fit;

/** Whether a box-shaped thing goes through an opening or into a space. */
public final class Passing {

  private Passing() {}

  /**
   * Whether a rectangle can be laid in another, turned as may be.
   *
   * <p>Carver, 'Solution to Problem 523', American Mathematical Monthly 64 (1957); from memory.
   *
   * @return true where it fits
   */
  public static boolean rectangleIn(double length, double width, double space, double spaceWide) {
    double p = Math.max(length, width);
    double q = Math.min(length, width);
    double a = Math.max(space, spaceWide);
    double b = Math.min(space, spaceWide);
    if (p <= a && q <= b) {
      return true;
    }
    if (p <= a || q > b) {
      return false;
    }
    double square = p * p + q * q;
    double under = square - a * a;
    return under >= 0 && b >= (2 * p * q * a + (p * p - q * q) * Math.sqrt(under)) / square;
  }

  /**
   * Whether a thing passes: through an opening with its two smaller sides, carried lengthwise; into
   * a space, laid flat in one of its three planes, straight or aslant.
   *
   * @param length the longest side of the thing, in mm
   * @param width the next, in mm
   * @param thickness the least, in mm
   */
  public static boolean passes(double length, double width, double thickness, Passage passage) {
    if (passage.lengthMm().isEmpty()) {
      return rectangleIn(width, thickness, passage.widthMm(), passage.heightMm());
    }
    double[] space = {passage.lengthMm().get(), passage.widthMm(), passage.heightMm()};
    for (int flat = 0; flat < 3; flat++) {
      double a = space[(flat + 1) % 3];
      double b = space[(flat + 2) % 3];
      double left = space[flat];
      if ((thickness <= left && rectangleIn(length, width, a, b))
          || (width <= left && rectangleIn(length, thickness, a, b))
          || (length <= left && rectangleIn(width, thickness, a, b))) {
        return true;
      }
    }
    return false;
  }
}
