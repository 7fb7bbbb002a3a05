package stoutblade.sum;

import java.util.List;
import stoutblade.measure.Quantity;

/**
 * A size that a sum asks for.
 *
 * @param key its name on the command line: lower-case letters
 * @param label its name on the screen
 * @param quantity what it measures; its value is in that quantity's unit
 * @param usual what it is until something else is typed
 * @param least the smallest that makes sense
 * @param most the largest that makes sense
 * @param choices words to choose from, whose numbers are the values; empty for a size
 */
public record Entry(
    String key,
    String label,
    Quantity quantity,
    double usual,
    double least,
    double most,
    List<String> choices) {

  private static final double LONGEST_MM = 20_000;

  /** Copies the choices. */
  public Entry {
    choices = List.copyOf(choices);
  }

  public static Entry length(String key, String label, double usual) {
    return new Entry(key, label, Quantity.LENGTH, usual, 0.1, LONGEST_MM, List.of());
  }

  /** A length that may be nothing. */
  public static Entry lengthOrNone(String key, String label, double usual) {
    return new Entry(key, label, Quantity.LENGTH, usual, 0, LONGEST_MM, List.of());
  }

  /** A length that may be below nothing. */
  static Entry lengthEitherWay(String key, String label, double usual) {
    return new Entry(key, label, Quantity.LENGTH, usual, -LONGEST_MM, LONGEST_MM, List.of());
  }

  public static Entry count(String key, String label, int usual, int least, int most) {
    return new Entry(key, label, Quantity.COUNT, usual, least, most, List.of());
  }

  static Entry angle(String key, String label, double degrees, double least, double most) {
    return new Entry(
        key,
        label,
        Quantity.ANGLE,
        Math.toRadians(degrees),
        Math.toRadians(least),
        Math.toRadians(most),
        List.of());
  }

  static Entry number(String key, String label, double usual, double least, double most) {
    return new Entry(key, label, Quantity.RATIO, usual, least, most, List.of());
  }

  public static Entry mass(String key, String label, double usual) {
    return new Entry(key, label, Quantity.MASS, usual, 0.1, 100_000, List.of());
  }

  public static Entry choice(String key, String label, String... words) {
    return new Entry(key, label, Quantity.COUNT, 0, 0, words.length - 1, List.of(words));
  }
}
