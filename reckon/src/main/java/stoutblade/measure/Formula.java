package stoutblade.measure;

import java.util.Map;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;

/**
 * A formula over named inputs, which is both what is computed and what is shown, so that the
 * working on the screen cannot differ from the sum behind it.
 *
 * <pre>
 * sum     := product (('+' | '-') product)*
 * product := power (('*' | '/') power)*
 * power   := atom ('^' power)?
 * atom    := '-' atom | '(' sum ')' | name '(' sum (',' sum)* ')' | '{' id '}' | '[' unit ']'
 *          | number | 'pi'
 * unit    := '1 m' | '1 m²'      a metre or square metre, in mm or mm²
 * </pre>
 */
final class Formula {

  private static final Map<String, ToDoubleFunction<double[]>> FUNCTIONS =
      Map.ofEntries(
          Map.entry("sqrt", a -> Math.sqrt(a[0])),
          Map.entry("atan", a -> Math.atan(a[0])),
          Map.entry("asin", a -> Math.asin(a[0])),
          Map.entry("tan", a -> Math.tan(a[0])),
          Map.entry("sin", a -> Math.sin(a[0])),
          Map.entry("cos", a -> Math.cos(a[0])),
          Map.entry("abs", a -> Math.abs(a[0])),
          Map.entry("round", a -> Math.rint(a[0])),
          Map.entry("ceil", a -> Math.ceil(a[0] - 1e-9)),
          Map.entry("max", a -> Math.max(a[0], a[1])),
          Map.entry("min", a -> Math.min(a[0], a[1])));

  private static final Map<String, Double> UNITS = Map.of("1 m", 1e3, "1 m²", 1e6);

  private final String text;
  private final ToIntFunction<String> numberOf;
  private int at;

  private Formula(String text, ToIntFunction<String> numberOf) {
    this.text = text;
    this.numberOf = numberOf;
  }

  /** A formula that was read: computed again and again without being read again. */
  interface Term {

    /** Its value for the values of its inputs. */
    double of(double[] inputs);
  }

  /**
   * Reads a formula.
   *
   * @param numberOf which of the inputs an id is
   * @throws IllegalArgumentException if the formula is malformed, with the place
   */
  static Term read(String text, ToIntFunction<String> numberOf) {
    Formula formula = new Formula(text, numberOf);
    Term read = formula.sum();
    if (formula.peek() != '\0') {
      throw formula.fault("nothing more");
    }
    return read;
  }

  /** Writes a formula with each input put in by the given function and signs as on paper. */
  static String write(String text, Function<String, String> shown) {
    StringBuilder out = new StringBuilder();
    int from = 0;
    while (from < text.length()) {
      int open = text.indexOf('{', from);
      int close = text.indexOf('}', from);
      if (open < 0 || close < open) {
        return out.append(signs(text.substring(from))).toString();
      }
      out.append(signs(text.substring(from, open)));
      String value = shown.apply(text.substring(open + 1, close));
      boolean raised = text.startsWith("^", close + 1);
      out.append(raised ? "(" + value + ")" : value);
      from = close + 1;
    }
    return out.toString();
  }

  private static String signs(String text) {
    return text.replace(" * ", " × ")
        .replace(" / ", " ÷ ")
        .replace(" - ", " − ")
        .replaceAll("\\bpi\\b", "π")
        .replaceAll("\\[(1 m²?)]", "$1")
        .replace("sqrt", "√")
        .replace("^2", "²")
        .replace("^3", "³")
        .replace("^4", "⁴");
  }

  private Term sum() {
    Term sum = product();
    for (char sign = peek(); sign == '+' || sign == '-'; sign = peek()) {
      at++;
      Term left = sum;
      Term right = product();
      sum = sign == '+' ? it -> left.of(it) + right.of(it) : it -> left.of(it) - right.of(it);
    }
    return sum;
  }

  private Term product() {
    Term product = power();
    for (char sign = peek(); sign == '*' || sign == '/'; sign = peek()) {
      at++;
      Term left = product;
      Term right = power();
      product = sign == '*' ? it -> left.of(it) * right.of(it) : it -> left.of(it) / right.of(it);
    }
    return product;
  }

  private Term power() {
    Term base = atom();
    if (peek() != '^') {
      return base;
    }
    at++;
    Term exponent = power();
    return it -> Math.pow(base.of(it), exponent.of(it));
  }

  private Term atom() {
    char next = peek();
    if (next == '-') {
      at++;
      Term inner = atom();
      return it -> -inner.of(it);
    }
    if (next == '(') {
      at++;
      Term inner = sum();
      expect(')');
      return inner;
    }
    if (next == '{') {
      int close = text.indexOf('}', at);
      int number = numberOf.applyAsInt(text.substring(at + 1, close));
      at = close + 1;
      return it -> it[number];
    }
    if (next == '[') {
      int close = text.indexOf(']', at);
      double unit = UNITS.get(text.substring(at + 1, close));
      at = close + 1;
      return it -> unit;
    }
    return Character.isLetter(next) ? named() : number();
  }

  private Term named() {
    int from = at;
    while (at < text.length() && Character.isLetter(text.charAt(at))) {
      at++;
    }
    String name = text.substring(from, at);
    if (name.equals("pi")) {
      return it -> Math.PI;
    }
    ToDoubleFunction<double[]> function = FUNCTIONS.get(name);
    if (function == null) {
      throw fault("a known function, not " + name);
    }
    expect('(');
    Term first = sum();
    Term second = it -> Double.NaN;
    if (peek() == ',') {
      at++;
      second = sum();
    }
    expect(')');
    Term last = second;
    return it -> function.applyAsDouble(new double[] {first.of(it), last.of(it)});
  }

  private Term number() {
    peek();
    int from = at;
    while (at < text.length() && (Character.isDigit(text.charAt(at)) || text.charAt(at) == '.')) {
      at++;
    }
    if (from == at) {
      throw fault("a number");
    }
    double value = Double.parseDouble(text.substring(from, at));
    return it -> value;
  }

  private void expect(char wanted) {
    if (peek() != wanted) {
      throw fault("'" + wanted + "'");
    }
    at++;
  }

  private char peek() {
    while (at < text.length() && text.charAt(at) == ' ') {
      at++;
    }
    return at < text.length() ? text.charAt(at) : '\0';
  }

  private IllegalArgumentException fault(String wanted) {
    return new IllegalArgumentException(
        "Formula '" + text + "': expected " + wanted + " at character " + (at + 1));
  }
}
