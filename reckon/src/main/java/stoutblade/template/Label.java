package stoutblade.template;

import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * Words on a template.
 *
 * @param text the words
 * @param at the middle of the words, in mm
 * @param sizeMm height of the letters' em, in mm
 * @param upright true where they run along the part, upwards; false across it
 */
public record Label(String text, Point at, double sizeMm, boolean upright) {

  /** How much of its em a letter is wide at most, all in all: capitals and digits are wide. */
  private static final double WIDE = 0.6;

  private static final double NARROW = 0.36;
  private static final double HIGH = 1.15;
  private static final String NARROW_LETTERS = "ijlftrI.,:;'|!()[] -";

  /** Words that run along the part. */
  public Label(String text, Point at, double sizeMm) {
    this(text, at, sizeMm, true);
  }

  /** How long words of a size are at most, in mm. */
  static double length(String text, double sizeMm) {
    double ems = 0;
    for (int i = 0; i < text.length(); i++) {
      char letter = text.charAt(i);
      ems +=
          NARROW_LETTERS.indexOf(letter) >= 0
              ? NARROW
              : letter == 'm' || letter == 'M' ? 0.95 : WIDE;
    }
    return ems * sizeMm;
  }

  /** The box that the words fill at most, in mm. */
  public Box box() {
    double along = length(text, sizeMm) / 2;
    double across = sizeMm * HIGH / 2;
    double x = upright ? across : along;
    double y = upright ? along : across;
    return new Box(at.x() - x, at.y() - y, at.x() + x, at.y() + y);
  }
}
