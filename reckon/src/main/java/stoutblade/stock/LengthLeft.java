package stoutblade.stock;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import stoutblade.measure.Display;
import stoutblade.measure.EntryException;
import stoutblade.measure.LengthEntry;
import stoutblade.measure.Units;

/**
 * Lengths of a rod or tube that are there already.
 *
 * @param rodId its id in the catalogue
 * @param lengthMm how long each is
 * @param count how many
 */
public record LengthLeft(String rodId, double lengthMm, int count) {

  /** The most of one kind, of whatever lengths. */
  public static final int MOST = 200;

  private static final double LONGEST_MM = 20_000;
  private static final Pattern COUNTED = Pattern.compile("(\\d{1,4})\\s*[×x]\\s*(.+)");

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if it is no length, or there are none or too many
   */
  public LengthLeft {
    if (!(lengthMm >= 1 && lengthMm <= LONGEST_MM) || count < 1 || count > MOST) {
      throw new IllegalArgumentException(
          "What is there of a rod are 1 to %d lengths of 1 mm to 20 m; found %d of %s mm"
              .formatted(MOST, count, Display.decimal(lengthMm, 1)));
    }
  }

  /**
   * Reads lengths as they are typed: '120 cm, 2 × 45 cm'; nothing for none.
   *
   * @throws EntryException if one is no length; the message can be shown
   */
  public static List<LengthLeft> parse(String rodId, String typed, Units units) {
    List<LengthLeft> all = new ArrayList<>();
    for (String each : typed.split("[,;]", -1)) {
      String text = each.strip();
      if (text.isEmpty()) {
        continue;
      }
      Matcher counted = COUNTED.matcher(text);
      boolean several = counted.matches();
      double mm = LengthEntry.parse(several ? counted.group(2) : text, units);
      all.add(new LengthLeft(rodId, mm, several ? Integer.parseInt(counted.group(1)) : 1));
    }
    return all;
  }

  /** Lengths as they can be typed. */
  public static String words(List<LengthLeft> all, Units units) {
    return all.stream()
        .map(it -> (it.count > 1 ? it.count + " × " : "") + Display.length(it.lengthMm, units))
        .collect(Collectors.joining(", "));
  }

  /** The lengths that are there of a rod, each by itself, the shortest first. */
  public static List<Double> of(String rodId, List<LengthLeft> all) {
    List<Double> each = new ArrayList<>();
    all.stream()
        .filter(it -> it.rodId.equals(rodId))
        .forEach(it -> each.addAll(Collections.nCopies(it.count, it.lengthMm)));
    Collections.sort(each);
    return each;
  }
}
