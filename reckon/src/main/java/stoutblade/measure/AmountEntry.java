package stoutblade.measure;

import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a weight, a volume of what is poured or a time as a person types it: 1.5 kg, 1 lb 4 oz, 250
 * ml, 1/2 fl oz, 1 h 30, 1:30.
 *
 * <pre>
 * amount  := number | part (part)*
 * part    := number unit                        the last one of a time may lack its unit: minutes
 * number  := decimal | (whole ' ')? fraction | whole? glyph
 * time    := whole ':' two digits               1:30 is an hour and a half
 * </pre>
 */
public final class AmountEntry {

  private static final int LONGEST_TEXT = 60;

  /** More than anybody weighs, pours or works: t, m³ and years are slips of the finger. */
  private static final double LIMIT = 1e9;

  private static final double MM3_PER_ML = 1000;
  private static final double MINUTES_PER_HOUR = 60;

  private static final String DECIMAL = "\\d+(?:[.,]\\d+)?|[.,]\\d+";
  private static final String FRACTION = "(?:(\\d+)[ -])?(\\d+)/(\\d+)";
  private static final String GLYPH = "(\\d*) ?([½¼¾⅛⅜⅝⅞])";
  private static final Pattern PART =
      Pattern.compile("(?:" + FRACTION + "|" + GLYPH + "|(" + DECIMAL + ")) ?([a-z]+(?: oz)?)?");
  private static final Pattern CLOCK = Pattern.compile("(\\d{1,3}):([0-5]\\d)");
  private static final Pattern THOUSANDS = Pattern.compile("0*[1-9]\\d*,\\d{3}");

  private static final Map<String, Double> MASSES =
      Map.ofEntries(
          Map.entry("g", 1.0),
          Map.entry("gr", 1.0),
          Map.entry("gram", 1.0),
          Map.entry("grams", 1.0),
          Map.entry("kg", 1000.0),
          Map.entry("kilo", 1000.0),
          Map.entry("kilos", 1000.0),
          Map.entry("oz", Units.G_PER_OUNCE),
          Map.entry("ounce", Units.G_PER_OUNCE),
          Map.entry("ounces", Units.G_PER_OUNCE),
          Map.entry("lb", Units.G_PER_POUND),
          Map.entry("lbs", Units.G_PER_POUND),
          Map.entry("pound", Units.G_PER_POUND),
          Map.entry("pounds", Units.G_PER_POUND));

  private static final Map<String, Double> FLUIDS =
      Map.ofEntries(
          Map.entry("ml", MM3_PER_ML),
          Map.entry("cc", MM3_PER_ML),
          Map.entry("cl", 10 * MM3_PER_ML),
          Map.entry("l", 1000 * MM3_PER_ML),
          Map.entry("litre", 1000 * MM3_PER_ML),
          Map.entry("litres", 1000 * MM3_PER_ML),
          Map.entry("liter", 1000 * MM3_PER_ML),
          Map.entry("liters", 1000 * MM3_PER_ML),
          Map.entry("floz", Units.MM3_PER_FLUID_OUNCE),
          Map.entry("fl oz", Units.MM3_PER_FLUID_OUNCE),
          Map.entry("oz", Units.MM3_PER_FLUID_OUNCE));

  private static final Map<String, Double> TIMES =
      Map.ofEntries(
          Map.entry("m", 1.0),
          Map.entry("min", 1.0),
          Map.entry("mins", 1.0),
          Map.entry("minute", 1.0),
          Map.entry("minutes", 1.0),
          Map.entry("h", MINUTES_PER_HOUR),
          Map.entry("hr", MINUTES_PER_HOUR),
          Map.entry("hrs", MINUTES_PER_HOUR),
          Map.entry("hour", MINUTES_PER_HOUR),
          Map.entry("hours", MINUTES_PER_HOUR));

  private final String typed;
  private final Quantity quantity;
  private final Map<String, Double> units;

  private AmountEntry(String typed, Quantity quantity) {
    this.typed = SeenText.of(typed).strip();
    this.quantity = quantity;
    this.units =
        switch (quantity) {
          case MASS -> MASSES;
          case FLUID -> FLUIDS;
          case DURATION -> TIMES;
          default -> throw new IllegalArgumentException("No amounts are typed of " + quantity);
        };
  }

  /**
   * Reads an amount.
   *
   * @param quantity {@code MASS}, {@code FLUID} or {@code DURATION}
   * @param bareUnit what a number without a unit counts in, in g, mm³ or minutes
   * @return g, mm³ or minutes
   * @throws EntryException if the text is no such amount; the message is for the person who typed
   *     it
   */
  public static double parse(String typed, Quantity quantity, double bareUnit) {
    return new AmountEntry(typed, quantity).read(bareUnit);
  }

  private double read(double bareUnit) {
    String text =
        typed
            .toLowerCase(Locale.ROOT)
            .replace('⁄', '/')
            .replace('\u00a0', ' ')
            .replace('\u202f', ' ')
            .replaceAll("(?<=[a-z])\\.", "")
            .replaceAll("\\s+", " ")
            .strip();
    if (text.isEmpty() || text.length() > LONGEST_TEXT) {
      throw fault("");
    }
    Matcher clock = CLOCK.matcher(text);
    double amount =
        quantity == Quantity.DURATION && clock.matches()
            ? MINUTES_PER_HOUR * Integer.parseInt(clock.group(1)) + Integer.parseInt(clock.group(2))
            : parts(text, bareUnit);
    if (amount > LIMIT) {
      throw fault("that is too much");
    }
    return amount;
  }

  private double parts(String text, double bareUnit) {
    Matcher part = PART.matcher(text);
    Set<Double> seen = new HashSet<>();
    double amount = 0;
    int at = 0;
    while (at < text.length()) {
      boolean found = part.region(at, text.length()).lookingAt();
      boolean last = found && part.end() == text.length();
      boolean cut = found && !last && part.group(7) == null && !part.group().endsWith(" ");
      if (!found || cut) {
        throw fault("'" + text.substring(at) + "' is not understood");
      }
      boolean afterHours = last && seen.contains(MINUTES_PER_HOUR);
      double unit = unit(part.group(7), at == 0 && last, afterHours, bareUnit);
      if (!seen.add(unit)) {
        throw fault("one unit is there twice");
      }
      amount += number(part) * unit;
      at = part.end();
      while (at < text.length() && text.charAt(at) == ' ') {
        at++;
      }
    }
    return amount;
  }

  /** What a number counts in: bare where it stands alone, minutes after hours. */
  private double unit(String word, boolean alone, boolean afterHours, double bareUnit) {
    if (word == null) {
      if (alone) {
        return bareUnit;
      }
      if (afterHours && quantity == Quantity.DURATION) {
        return 1;
      }
      throw fault("a number lacks its unit");
    }
    Double unit = units.get(word);
    if (unit == null) {
      throw fault("'" + word + "' is no unit of it");
    }
    return unit;
  }

  private double number(Matcher part) {
    if (part.group(3) != null) {
      double below = Double.parseDouble(part.group(3));
      if (below == 0) {
        throw fault("a fraction over 0");
      }
      return whole(part.group(1)) + Double.parseDouble(part.group(2)) / below;
    }
    if (part.group(5) != null) {
      return whole(part.group(4)) + LengthEntry.GLYPHS.get(part.group(5).charAt(0));
    }
    String decimal = part.group(6);
    if (THOUSANDS.matcher(decimal).matches()) {
      throw fault("a comma marks decimals; write " + decimal.replace(",", "") + " or use a point");
    }
    return Double.parseDouble(decimal.replace(',', '.'));
  }

  private static double whole(String digits) {
    return digits == null || digits.isEmpty() ? 0 : Double.parseDouble(digits);
  }

  private EntryException fault(String what) {
    String expected =
        switch (quantity) {
          case MASS -> "a weight is expected, such as 850 g, 1.5 kg or 1 lb 4 oz";
          case FLUID -> "how much is expected, such as 250 ml, 1.5 l or 8 fl oz";
          default -> "a time is expected, such as 45 min, 1 h 30 or 1:30";
        };
    return new EntryException(
        "'" + shortened() + "': " + expected + (what.isEmpty() ? "" : "; " + what));
  }

  private String shortened() {
    return typed.length() > LONGEST_TEXT ? typed.substring(0, LONGEST_TEXT) + "…" : typed;
  }
}
