package stoutblade.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.DecimalFormatSymbols;
import java.util.Currency;
import java.util.Locale;
import java.util.Optional;

/** Writes quantities for people, in the units in use. Numbers are written with a decimal point. */
public final class Display {

  private static final double MM_IN_M = 1000;
  private static final double MM2_PER_SQUARE_FOOT = Units.MM_PER_FOOT * Units.MM_PER_FOOT;
  private static final double MM3_PER_ML = 1000;

  /** The money of the system's region: prices are in the maker's own. */
  private static final String MONEY = money(Locale.getDefault(Locale.Category.FORMAT));

  private Display() {}

  /** What follows a price in a region: its sign; nothing where no region is set. */
  static String money(Locale region) {
    if (region.getCountry().isEmpty()) {
      return "";
    }
    try {
      return Optional.ofNullable(Currency.getInstance(region))
          .map(it -> " " + it.getSymbol(region))
          .orElse("");
    } catch (IllegalArgumentException e) {
      // A region that java.util.Currency does not know.
      return "";
    }
  }

  /** Writes a value of a quantity, with its unit. */
  public static String show(double value, Quantity quantity, Units units) {
    if (!Double.isFinite(value)) {
      return "–";
    }
    return switch (quantity) {
      case LENGTH -> length(value, units);
      case AREA -> area(value, units);
      case VOLUME -> volume(value, units);
      case FLUID -> fluid(value, units);
      case MASS -> mass(value, units);
      case ANGLE -> decimal(Math.toDegrees(value), 1) + "°";
      case DURATION -> duration(value);
      case COUNT -> decimal(value, 0);
      case MONEY -> decimal(value, 2) + MONEY;
      case RATIO -> significant(value, 4);
      case PIXELS -> decimal(value, 1) + " px";
      case MM_PER_PIXEL ->
          units.metric()
              ? significant(value, 4) + " mm/px"
              : significant(value / Units.MM_PER_INCH, 4) + " in/px";
      case FREQUENCY -> decimal(value, 1) + " Hz";
      case MODULUS -> significant(value / 1000, 3) + " GPa";
      case STRESS -> significant(value, 3) + " N/mm²";
      case INERTIA -> significant(value / 1e9, 3) + " kg·m²";
      case DENSITY -> decimal(value * 1e6, 0) + " kg/m³";
      case BENDING_STIFFNESS -> significant(value / 1e6, 3) + " N·m²";
      case SECOND_MOMENT -> significant(value, 4) + " mm⁴";
      case SPREAD -> decimal(value * 1000, 0) + " ml/m²";
    };
  }

  /**
   * Writes a value with half its range, as 57.18 ± 0.44 cm; the range is left out where it would
   * show as nothing.
   */
  public static String showWithRange(double value, double half, Quantity quantity, Units units) {
    String shown = showRounded(value, half, quantity, units);
    String range = range(value, half, quantity, units);
    if (half == 0
        || range.startsWith("0 ")
        || range.startsWith("0°")
        || range.startsWith("under")) {
      return shown;
    }
    int unit = range.indexOf(' ');
    String suffix = unit < 0 ? "" : range.substring(unit);
    boolean shared = !suffix.isEmpty() && shown.endsWith(suffix) && !shown.contains("'");
    String bare = shared ? shown.substring(0, shown.length() - suffix.length()) : shown;
    return bare + " ± " + range;
  }

  /** Writes a value to the figures that its range leaves it, without the range. */
  public static String showRounded(double value, double half, Quantity quantity, Units units) {
    if (quantity == Quantity.LENGTH && units.metric() && Double.isFinite(value)) {
      return metric(value, value, half);
    }
    if (quantity == Quantity.MM_PER_PIXEL && half > 0 && Double.isFinite(value)) {
      double unit = units.metric() ? 1 : Units.MM_PER_INCH;
      return decimal(value / unit, Math.min(8, placesOfTwo(half / unit)))
          + (units.metric() ? " mm/px" : " in/px");
    }
    return show(value, quantity, units);
  }

  /** How many decimals show two figures of a range. */
  private static int placesOfTwo(double half) {
    return Math.max(0, 1 - (int) Math.floor(Math.log10(half) + 1e-9));
  }

  private static String range(double value, double half, Quantity quantity, Units units) {
    return switch (quantity) {
      case LENGTH -> {
        if (!units.metric()) {
          yield decimal(half / Units.MM_PER_INCH, 2) + "\"";
        }
        yield metric(half, value, half);
      }
      case MM_PER_PIXEL ->
          units.metric()
              ? significant(half, 2) + " mm/px"
              : significant(half / Units.MM_PER_INCH, 2) + " in/px";
      case AREA ->
          units.metric() && Math.abs(value) >= 1e5
              ? decimal(half / 1e6, 3) + " m²"
              : area(half, units);
      default -> show(half, quantity, units);
    };
  }

  /** A length beside its range, in the unit of a value and to two figures of the range. */
  private static String metric(double mm, double value, double half) {
    boolean small = Math.abs(value) < 99.95;
    double shownHalf = small ? half : half / 10;
    int finest = small ? 1 : 2;
    int places = shownHalf <= 0 ? finest : Math.min(placesOfTwo(shownHalf), finest);
    return small ? decimal(mm, places) + " mm" : decimal(mm / 10, places) + " cm";
  }

  /**
   * Writes a length: metric in mm below 10 cm and in cm from there, to the tenth of a millimetre;
   * otherwise in inches and fractions, with feet from 4 ft.
   *
   * @param mm the length in mm
   */
  public static String length(double mm, Units units) {
    if (units.metric()) {
      return Math.abs(mm) < 99.95 ? decimal(mm, 1) + " mm" : decimal(mm / 10, 2) + " cm";
    }
    return fraction(mm, units.denominator());
  }

  /** A long way that is cut or gone, no finer than it is looked at, in m or ft. */
  public static String way(double mm, Units units) {
    return units.metric()
        ? decimal(mm / MM_IN_M, 1) + " m"
        : decimal(mm / Units.MM_PER_FOOT, 0) + " ft";
  }

  /**
   * The unit in which a length is written, for what is typed over it without one: whoever reads 170
   * cm and types 175 means centimetres. Feet and inches are typed over in inches.
   *
   * @param mm the length in mm
   * @return mm in that unit
   */
  public static double lengthUnitMm(double mm, Units units) {
    if (!units.metric()) {
      return Units.MM_PER_INCH;
    }
    return length(mm, units).endsWith("cm") ? 10 : 1;
  }

  /**
   * The unit in which a weight or a volume of what is poured is written, for what is typed over it
   * without one.
   *
   * @param value g or mm³
   * @return g or mm³ in that unit
   */
  public static double amountUnit(double value, Quantity quantity, Units units) {
    return switch (quantity) {
      case MASS ->
          units.metric()
              ? Math.abs(value) < 1000 ? 1 : 1000
              : Math.abs(value) < Units.G_PER_POUND ? Units.G_PER_OUNCE : Units.G_PER_POUND;
      case FLUID -> units.metric() ? MM3_PER_ML : Units.MM3_PER_FLUID_OUNCE;
      default -> throw new IllegalArgumentException("No amounts are typed of " + quantity);
    };
  }

  /**
   * Writes a weight or a volume of what is poured as it was typed: finer than what is worked out,
   * for nothing that was measured is rounded away.
   *
   * @param value g or mm³
   */
  public static String amount(double value, Quantity quantity, Units units) {
    double unit = amountUnit(value, quantity, units);
    if (quantity == Quantity.FLUID) {
      return decimal(value / unit, units.metric() ? 1 : 2) + (units.metric() ? " ml" : " fl oz");
    }
    return mass(value, units, units.metric() ? 1 : 2, 3);
  }

  private static String fraction(double mm, int denominator) {
    long parts = Math.round(Math.abs(mm) / Units.MM_PER_INCH * denominator);
    String sign = mm < 0 && parts > 0 ? "-" : "";
    long feet = parts >= 48L * denominator ? parts / (12L * denominator) : 0;
    long rest = parts - feet * 12 * denominator;
    String inches = mixed(rest, denominator);
    if (feet == 0) {
      return sign + inches + "\"";
    }
    return sign + feet + "'" + (rest == 0 ? "" : " " + inches + "\"");
  }

  private static String mixed(long parts, int denominator) {
    long whole = parts / denominator;
    long above = parts % denominator;
    if (above == 0) {
      return Long.toString(whole);
    }
    int shared = Integer.lowestOneBit((int) above);
    String fraction = above / shared + "/" + denominator / shared;
    return whole == 0 ? fraction : whole + " " + fraction;
  }

  private static String area(double mm2, Units units) {
    if (units.metric()) {
      return Math.abs(mm2) < 1e5 ? decimal(mm2 / 100, 1) + " cm²" : decimal(mm2 / 1e6, 3) + " m²";
    }
    return Math.abs(mm2) < MM2_PER_SQUARE_FOOT
        ? decimal(mm2 / (Units.MM_PER_INCH * Units.MM_PER_INCH), 1) + " sq in"
        : decimal(mm2 / MM2_PER_SQUARE_FOOT, 2) + " sq ft";
  }

  /** Foam is not poured: its volume is in cubes. */
  private static String volume(double mm3, Units units) {
    if (units.metric()) {
      return decimal(mm3 / 1000, Math.abs(mm3) < 1e4 ? 1 : 0) + " cm³";
    }
    double cubicInches = mm3 / Math.pow(Units.MM_PER_INCH, 3);
    return decimal(cubicInches, Math.abs(cubicInches) < 10 ? 2 : 1) + " cu in";
  }

  private static String fluid(double mm3, Units units) {
    if (units.metric()) {
      return Math.abs(mm3) < 1e4 ? decimal(mm3 / 1000, 1) + " ml" : decimal(mm3 / 1000, 0) + " ml";
    }
    return decimal(mm3 / Units.MM3_PER_FLUID_OUNCE, 2) + " fl oz";
  }

  private static String mass(double g, Units units) {
    return mass(g, units, units.metric() ? 0 : 1, 2);
  }

  /** A weight with so many decimals in g or oz, or in kg or lb. */
  private static String mass(double g, Units units, int small, int large) {
    double unit = amountUnit(g, Quantity.MASS, units);
    if (units.metric()) {
      return unit == 1 ? decimal(g, small) + " g" : decimal(g / unit, large) + " kg";
    }
    return unit == Units.G_PER_OUNCE
        ? decimal(g / unit, small) + " oz"
        : decimal(g / unit, large) + " lb";
  }

  /**
   * Writes a duration as hours and minutes; from 100 hours on as whole days, or as hours where it
   * is none: nobody works four days of 24 hours.
   */
  public static String duration(double minutes) {
    long whole = Math.round(Math.abs(minutes));
    String sign = minutes < 0 && whole > 0 ? "-" : "";
    if (whole < 60) {
      return sign + (whole == 0 && minutes > 0 ? "under 1" : whole) + " min";
    }
    if (whole < 100 * 60) {
      return sign + whole / 60 + " h" + (whole % 60 == 0 ? "" : " " + whole % 60 + " min");
    }
    long hours = Math.round(whole / 60.0);
    return sign + (hours % 24 == 0 ? hours / 24 + " d" : hours + " h");
  }

  /** Writes a number with at most so many decimals, without trailing zeros. */
  public static String decimal(double value, int places) {
    if (!Double.isFinite(value)) {
      return "–";
    }
    return plain(BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP));
  }

  private static String significant(double value, int digits) {
    if (value == 0 || !Double.isFinite(value)) {
      return value == 0 ? "0" : "–";
    }
    int magnitude = (int) Math.floor(Math.log10(Math.abs(value)));
    return plain(
        BigDecimal.valueOf(value)
            .setScale(Math.max(0, digits - 1 - magnitude), RoundingMode.HALF_UP));
  }

  /** Groups thousands with a no-break space, so that they are never taken for decimals. */
  private static String plain(BigDecimal value) {
    BigDecimal shown = value.signum() == 0 ? BigDecimal.ZERO : value.stripTrailingZeros();
    String text = shown.toPlainString();
    int dot = text.indexOf('.');
    String whole = dot < 0 ? text : text.substring(0, dot);
    if (whole.replace("-", "").length() < 5) {
      return text;
    }
    DecimalFormatSymbols symbols = new DecimalFormatSymbols(Locale.ROOT);
    symbols.setGroupingSeparator('\u00a0');
    String grouped = new java.text.DecimalFormat("#,##0", symbols).format(new BigDecimal(whole));
    return dot < 0 ? grouped : grouped + text.substring(dot);
  }
}
