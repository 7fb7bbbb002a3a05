package stoutblade.develop;

import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/** A shape of a few sizes that can be laid out flat. */
public sealed interface Form
    permits Cone,
        Cope,
        Cover,
        Dish,
        DoubleWall,
        RimBand,
        Elbow,
        Helix,
        Insert,
        Lidded,
        Moulding,
        OverEdge,
        Prism,
        Pyramid,
        Ring,
        Rings,
        Swelling,
        Turned,
        Wraps {

  /** Where the middle of the foam's thickness comes from. */
  Source THROUGH_THE_MIDDLE =
      Source.practice(
          "foam bends about the middle of its thickness: lengths are taken there, not round the"
              + " tube");

  /**
   * Lays it out flat.
   *
   * @param id what the ids of its figures begin with
   */
  Developed develop(String id);

  /** A length that was chosen. */
  static Figure length(String id, String label, double mm) {
    return Figure.given(id, label, mm, Quantity.LENGTH, Source.DECIDED);
  }

  /** A number that was chosen. */
  static Figure count(String id, String label, int count) {
    return Figure.given(id, label, count, Quantity.COUNT, Source.DECIDED);
  }

  /** An angle that was chosen, in radians. */
  static Figure angle(String id, String label, double radians) {
    return Figure.given(id, label, radians, Quantity.ANGLE, Source.DECIDED);
  }

  /**
   * Checks a size.
   *
   * @throws IllegalArgumentException if it is not above the least, with what it is
   */
  static void above(double value, double least, String what) {
    if (!(value > least)) {
      throw new IllegalArgumentException(what + " has to be above " + least + "; found " + value);
    }
  }
}
