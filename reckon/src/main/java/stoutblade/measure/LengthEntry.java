package stoutblade.measure;

import java.util.Locale;
import java.util.Map;

/**
 * Reads a length as a person types it, sums included.
 *
 * <pre>
 * sum      := product (('+' | '-') product)*
 * product  := factor (('*' | '/') factor)*
 * factor   := '-' factor | '(' sum ')' | quantity
 * quantity := number unit? | number foot '-'? number inch? 5'7"   5 ft 7 1/2 in   5'-7"
 * number   := decimal | fraction | whole (' ' | '-') fraction | whole? glyph
 * decimal  := digits (('.' | ',') digits)?                 12.5   12,5
 * fraction := digits '/' digits                            3/16
 * glyph    := one of the single-character fractions        ½
 * </pre>
 *
 * <p>Where no term has a unit the whole sum is read in the unit that stands for bare numbers; where
 * one has, all must have. A hyphen without spaces round it joins feet and inches, or a whole number
 * of inches and its fraction; with a space on both sides it takes away. What could be either is
 * refused with both ways to write it.
 */
public final class LengthEntry {

  /** The longest length that is taken, either way, in millimetres: 100 m. */
  public static final double LIMIT_MM = 100_000;

  private static final int LONGEST_TEXT = 200;
  private static final int DEEPEST = 20;

  private static final Map<String, Double> MM_PER_UNIT =
      Map.ofEntries(
          Map.entry("mm", 1.0),
          Map.entry("cm", 10.0),
          Map.entry("m", 1000.0),
          Map.entry("in", Units.MM_PER_INCH),
          Map.entry("inch", Units.MM_PER_INCH),
          Map.entry("inches", Units.MM_PER_INCH),
          Map.entry("\"", Units.MM_PER_INCH),
          Map.entry("ft", Units.MM_PER_FOOT),
          Map.entry("foot", Units.MM_PER_FOOT),
          Map.entry("feet", Units.MM_PER_FOOT),
          Map.entry("'", Units.MM_PER_FOOT));

  /** The fractions that are one character. */
  static final Map<Character, Double> GLYPHS =
      Map.of(
          '½', 1 / 2.0, '¼', 1 / 4.0, '¾', 3 / 4.0, '⅛', 1 / 8.0, '⅜', 3 / 8.0, '⅝', 5 / 8.0, '⅞',
          7 / 8.0);

  private final String typed;
  private final String text;
  private final double bareUnitMm;
  private int at;
  private int depth;
  private String bareTerm = "";
  private boolean unitSeen;
  private boolean hyphenated;

  private LengthEntry(String typed, double bareUnitMm) {
    this.typed = SeenText.of(typed).strip();
    this.text =
        this.typed
            .toLowerCase(Locale.ROOT)
            .replace("''", "\"")
            .replace('″', '"')
            .replace('”', '"')
            .replace('“', '"')
            .replace('′', '\'')
            .replace('’', '\'')
            .replace('×', '*')
            .replace('÷', '/')
            .replace('−', '-')
            .replace('⁄', '/')
            .replace('\u00a0', ' ')
            .replace('\u202f', ' ');
    this.bareUnitMm = bareUnitMm;
  }

  /**
   * Reads a length; a bare number is millimetres in metric and inches otherwise.
   *
   * @return the length in mm
   * @throws EntryException if the text is no length; the message is for the person who typed it
   */
  public static double parse(String typed, Units units) {
    return parse(typed, units.metric() ? 1.0 : Units.MM_PER_INCH);
  }

  /**
   * Reads a length; a bare number counts in the given unit.
   *
   * @param bareUnitMm mm in the unit of a bare number
   * @return the length in mm
   * @throws EntryException if the text is no length; the message is for the person who typed it
   */
  public static double parse(String typed, double bareUnitMm) {
    return new LengthEntry(typed, bareUnitMm).read();
  }

  private double read() {
    if (text.isEmpty()) {
      throw new EntryException("Nothing typed: a length is expected, such as 56 cm or 22 1/8\"");
    }
    if (text.length() > LONGEST_TEXT) {
      throw new EntryException(
          "A length takes at most " + LONGEST_TEXT + " characters; found " + text.length());
    }
    Term result = sum();
    skipSpace();
    if (at < text.length()) {
      throw fault("'" + text.substring(at) + "' is not understood");
    }
    return checked(result);
  }

  private double checked(Term result) {
    if (unitSeen && !bareTerm.isEmpty()) {
      throw fault(
          bareTerm
              + " has no unit while another part has; write "
              + bareTerm
              + " mm or "
              + bareTerm
              + "\"");
    }
    if (result.power != (unitSeen ? 1 : 0)) {
      throw fault("the result is not a length: lengths are added, or multiplied by plain numbers");
    }
    double mm = unitSeen ? result.value : result.value * bareUnitMm;
    if (!Double.isFinite(mm) || Math.abs(mm) > LIMIT_MM) {
      throw fault("longer than 100 m");
    }
    return mm;
  }

  /** A value with its power of length: 0 for a plain number, 1 for mm. */
  private record Term(double value, int power, String text) {}

  private Term sum() {
    if (++depth > DEEPEST) {
      throw fault("too many brackets");
    }
    Term left = product();
    for (char sign = peek(); sign == '+' || sign == '-'; sign = peek()) {
      at++;
      Term right = product();
      noteBare(left, right);
      noteBare(right, left);
      double value = sign == '+' ? left.value + right.value : left.value - right.value;
      left = new Term(value, Math.max(left.power, right.power), left.text);
    }
    depth--;
    return left;
  }

  private void noteBare(Term term, Term other) {
    if (term.power == 0 && other.power != 0) {
      bareTerm = term.text;
    }
  }

  private Term product() {
    Term left = factor();
    for (char sign = peek(); sign == '*' || sign == '/'; sign = peek()) {
      at++;
      Term right = factor();
      if (sign == '/' && right.value == 0) {
        throw fault("divided by nothing");
      }
      left =
          sign == '*'
              ? new Term(left.value * right.value, left.power + right.power, left.text)
              : new Term(left.value / right.value, left.power - right.power, left.text);
    }
    return left;
  }

  private Term factor() {
    char next = peek();
    if (next == '-') {
      at++;
      Term term = factor();
      return new Term(-term.value, term.power, "-" + term.text);
    }
    if (next == '(') {
      at++;
      Term inner = sum();
      if (peek() != ')') {
        throw fault("a closing bracket is missing");
      }
      at++;
      return inner;
    }
    return quantity();
  }

  private Term quantity() {
    skipSpace();
    int from = at;
    hyphenated = false;
    double number = number();
    String unit = unit();
    checkHyphen(from, unit);
    if (unit.isEmpty()) {
      return new Term(number, 0, text.substring(from, at).strip());
    }
    unitSeen = true;
    double mmPerUnit = MM_PER_UNIT.get(unit);
    double mm = number * mmPerUnit;
    if (mmPerUnit == Units.MM_PER_FOOT && (startsNumber() || hyphenJoins(from))) {
      mm += inchesAfterFeet();
    }
    return new Term(mm, 1, text.substring(from, at).strip());
  }

  /**
   * A whole number and a fraction with a hyphen between them are inches; else it may be a minus.
   */
  private void checkHyphen(int from, String unit) {
    boolean inches =
        unit.isEmpty()
            ? bareUnitMm == Units.MM_PER_INCH
            : MM_PER_UNIT.get(unit) >= Units.MM_PER_INCH && !unit.equals("m");
    if (hyphenated && !inches) {
      throw twoWays(from);
    }
  }

  private EntryException twoWays(int from) {
    return fault(
        "'"
            + text.substring(from, at).strip()
            + "' can be read two ways: put spaces round the minus to take away, or leave the hyphen"
            + " out to put together");
  }

  /**
   * After feet: true where a hyphen joins inches to them, which are next then; false where it takes
   * something away, or there is none.
   */
  private boolean hyphenJoins(int from) {
    int back = at;
    if (peek() != '-') {
      at = back;
      return false;
    }
    boolean before = text.charAt(at - 1) == ' ';
    at++;
    boolean after = at < text.length() && text.charAt(at) == ' ';
    int inches = at;
    if (!startsNumber() || (before && after)) {
      at = back;
      return false;
    }
    if (after) {
      throw twoWays(from);
    }
    number();
    String unit = unit();
    if (!unit.isEmpty() && MM_PER_UNIT.get(unit) != Units.MM_PER_INCH) {
      at = back;
      return false;
    }
    if (peek() == '*' || peek() == '/') {
      throw twoWays(from);
    }
    at = inches;
    return true;
  }

  private double inchesAfterFeet() {
    double inches = number();
    String unit = unit();
    if (!unit.isEmpty() && MM_PER_UNIT.get(unit) != Units.MM_PER_INCH) {
      throw fault("after feet come inches, not " + unit);
    }
    if (inches >= 12) {
      throw fault("a foot has 12 inches; to take away put spaces round the minus");
    }
    return inches * Units.MM_PER_INCH;
  }

  private boolean startsNumber() {
    char next = peek();
    return digit(next) || GLYPHS.containsKey(next);
  }

  private double number() {
    if (!startsNumber()) {
      throw fault(
          "a number is expected "
              + (at < text.length() ? "before '" + text.charAt(at) + "'" : "at the end"));
    }
    if (GLYPHS.containsKey(peek())) {
      return GLYPHS.get(text.charAt(at++));
    }
    String whole = digits();
    char next = at < text.length() ? text.charAt(at) : '\0';
    if (next == '.' || next == ',') {
      return decimal(whole, next);
    }
    double value = Double.parseDouble(whole);
    if (GLYPHS.containsKey(next)) {
      at++;
      return value + GLYPHS.get(next);
    }
    return fractionAfter(value);
  }

  private double decimal(String whole, char mark) {
    at++;
    String rest = at < text.length() && digit(text.charAt(at)) ? digits() : "";
    if (mark == ',' && rest.length() == 3 && !whole.matches("0*")) {
      throw fault("a comma marks decimals; write " + whole + rest + " or " + whole + "." + rest);
    }
    if (at < text.length() && (text.charAt(at) == '.' || text.charAt(at) == ',')) {
      throw fault("two decimal marks in one number");
    }
    return Double.parseDouble(whole + "." + rest + "0");
  }

  /** A whole number just read may be a numerator, or the whole part of a mixed number. */
  private double fractionAfter(double first) {
    int back = at;
    if (peek() == '/') {
      at++;
      if (digit(peek())) {
        return over(first, digits(), back);
      }
      at = back;
      return first;
    }
    at = back;
    if (at < text.length() && (text.charAt(at) == ' ' || text.charAt(at) == '-')) {
      boolean hyphen = text.charAt(at) == '-';
      at++;
      boolean apart = hyphen && at < text.length() && text.charAt(at) == ' ';
      skipSpace();
      if (at < text.length() && GLYPHS.containsKey(text.charAt(at))) {
        hyphenated |= hyphen;
        double fraction = GLYPHS.get(text.charAt(at++));
        return checkedMixed(first, fraction, apart, back);
      }
      if (at < text.length() && digit(text.charAt(at))) {
        double numerator = Double.parseDouble(digits());
        if (at < text.length() && text.charAt(at) == '/') {
          at++;
          if (digit(peek())) {
            hyphenated |= hyphen;
            double fraction = over(numerator, digits(), back);
            return checkedMixed(first, fraction, apart || (hyphen && fraction >= 1), back);
          }
        }
      }
    }
    at = back;
    return first;
  }

  private double checkedMixed(double whole, double fraction, boolean unclear, int back) {
    if (unclear) {
      throw twoWays(Math.max(0, back - 1));
    }
    return whole + fraction;
  }

  private double over(double numerator, String denominator, int back) {
    double below = Double.parseDouble(denominator);
    if (below == 0) {
      throw fault("a fraction over 0");
    }
    if (at < text.length() && (text.charAt(at) == '.' || text.charAt(at) == ',')) {
      at = back;
      throw fault("a fraction is made of whole numbers");
    }
    return numerator / below;
  }

  private String digits() {
    int from = at;
    while (at < text.length() && digit(text.charAt(at))) {
      at++;
    }
    return text.substring(from, at);
  }

  private String unit() {
    char next = peek();
    if (next == '"' || next == '\'') {
      at++;
      return String.valueOf(next);
    }
    int from = at;
    while (at < text.length() && Character.isLetter(text.charAt(at))) {
      at++;
    }
    String word = text.substring(from, at);
    if (!word.isEmpty() && !MM_PER_UNIT.containsKey(word)) {
      throw fault("'" + word + "' is not a unit of length; use mm, cm, m, in or ft");
    }
    return word;
  }

  /** Digits of other scripts look like letters to whoever reads the number afterwards. */
  private static boolean digit(char it) {
    return it >= '0' && it <= '9';
  }

  private char peek() {
    skipSpace();
    return at < text.length() ? text.charAt(at) : '\0';
  }

  private void skipSpace() {
    while (at < text.length() && text.charAt(at) == ' ') {
      at++;
    }
  }

  private EntryException fault(String what) {
    return new EntryException(typed + ": " + what);
  }
}
