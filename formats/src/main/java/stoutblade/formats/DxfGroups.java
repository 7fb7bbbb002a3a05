package stoutblade.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import stoutblade.shape.Point;

/**
 * The group codes and values of one entity of a DXF.
 *
 * @param file the file's name, for messages
 * @param all its groups, in order
 */
record DxfGroups(String file, List<Pair> all) {

  private static final int MOST_LINES = 4_000_000;

  /** A group code with its value, and the line of the file that it is on. */
  record Pair(int code, String value, int line) {}

  /** All groups of a file. */
  static List<Pair> pairs(String name, String text) throws FormatException {
    List<Pair> pairs = new ArrayList<>();
    String[] all = text.split("\r\n|\n|\r", MOST_LINES + 1);
    if (all.length > MOST_LINES) {
      throw new FormatException(name, "more than " + MOST_LINES + " lines of text");
    }
    for (int i = 0; i + 1 < all.length; i += 2) {
      String code = all[i].strip();
      if (!code.matches("-?[0-9]{1,5}")) {
        throw new FormatException(
            name,
            pairs.isEmpty()
                ? "no DXF: its first line is no group code"
                : "line " + (i + 1) + ": expected a group code; found '" + shortened(code) + "'");
      }
      pairs.add(new Pair(Integer.parseInt(code), all[i + 1].strip(), i + 2));
    }
    if (pairs.isEmpty()) {
      throw new FormatException(name, "there is nothing in it");
    }
    return pairs;
  }

  static String shortened(String text) {
    return text.length() > 30 ? text.substring(0, 30) + "…" : text;
  }

  private static FormatException fault(String name, Pair at, String expected) {
    return new FormatException(
        name,
        "line " + at.line + ": expected " + expected + "; found '" + shortened(at.value) + "'");
  }

  /** The number that a group is. */
  static double number(String name, Pair pair) throws FormatException {
    try {
      double value = Double.parseDouble(pair.value);
      if (Double.isFinite(value)) {
        return value;
      }
    } catch (NumberFormatException e) {
      // Said below.
    }
    throw fault(name, pair, "a number");
  }

  OptionalDouble get(int code) throws FormatException {
    for (Pair pair : all) {
      if (pair.code == code) {
        return OptionalDouble.of(number(file, pair));
      }
    }
    return OptionalDouble.empty();
  }

  double need(int code, String what) throws FormatException {
    OptionalDouble value = get(code);
    if (value.isEmpty()) {
      throw new FormatException(
          file, "line " + (all.isEmpty() ? 0 : all.getFirst().line) + ": " + what + " is missing");
    }
    return value.getAsDouble();
  }

  double or(int code, double otherwise) throws FormatException {
    return get(code).orElse(otherwise);
  }

  Point point(int code, String what) throws FormatException {
    return new Point(need(code, what), need(code + 10, what));
  }

  /** The first value of a code, as it is written. */
  Optional<String> text(int code) {
    return all.stream().filter(it -> it.code == code).map(Pair::value).findFirst();
  }

  /** The line of the file that it begins on. */
  int line() {
    return all.isEmpty() ? 0 : all.getFirst().line;
  }

  String layer() {
    return all.stream()
        .filter(it -> it.code == 8)
        .map(Pair::value)
        .findFirst()
        .filter(it -> !it.equals("0"))
        .orElse("");
  }

  /** Every value of a code, in order. */
  List<Double> each(int code) throws FormatException {
    List<Double> values = new ArrayList<>();
    for (Pair pair : all) {
      if (pair.code == code) {
        values.add(number(file, pair));
      }
    }
    return values;
  }
}
