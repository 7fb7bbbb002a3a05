package stoutblade.catalogue;

import stoutblade.measure.Source;

/**
 * How long a kind of work takes.
 *
 * @param id catalogue id
 * @param name the work
 * @param setUpMinutes once
 * @param minutesPerUnit for each metre, square metre or piece, as the unit says
 * @param unit what is counted: {@code m}, {@code m2}, {@code piece}
 * @param source where the values come from
 */
public record Pace(
    String id, String name, double setUpMinutes, double minutesPerUnit, Unit unit, String source) {

  /** What the work is counted by. */
  public enum Unit {
    METRE,
    SQUARE_METRE,
    PIECE
  }

  /** The source as it is shown. */
  public Source shownSource() {
    return Source.catalogue(name + ": " + source);
  }
}
