package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * Rings side by side along a barrel, each wider or narrower than the one before by the same.
 *
 * @param barrelMm across the barrel that they lie on
 * @param foamMm the foam's thickness
 * @param count how many
 * @param firstMm how wide the first is, along the barrel
 * @param lastMm how wide the last is
 * @param gapMm what is left free between two
 */
public record Rings(
    double barrelMm, double foamMm, int count, double firstMm, double lastMm, double gapMm)
    implements Form {

  /** The most rings. */
  public static final int MOST = 60;

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is out of range
   */
  public Rings {
    Form.above(barrelMm, 0, "The barrel, across, in mm");
    Form.above(foamMm, 0, "The foam's thickness in mm");
    Form.above(Math.min(firstMm, lastMm), 0, "The width of a ring in mm");
    if (count < 1 || count > MOST) {
      throw new IllegalArgumentException("There are 1 to " + MOST + " rings; found " + count);
    }
    if (!(gapMm >= 0)) {
      throw new IllegalArgumentException("A gap is 0 or more; found " + gapMm + " mm");
    }
  }

  /** How wide a ring is, counted from 0, in mm. */
  public double widthMm(int ring) {
    return count == 1 ? firstMm : firstMm + (lastMm - firstMm) * ring / (count - 1);
  }

  /** Where a ring begins along the barrel, counted from 0, in mm. */
  public double fromMm(int ring) {
    double from = 0;
    for (int i = 0; i < ring; i++) {
      from += widthMm(i) + gapMm;
    }
    return from;
  }

  /** From the first to the end of the last, in mm. */
  public double alongMm() {
    return fromMm(count - 1) + widthMm(count - 1);
  }

  /** Across the rings outside, in mm. */
  public double outsideMm() {
    return barrelMm + 2 * foamMm;
  }

  @Override
  public Developed develop(String id) {
    Figure barrel = Form.length(id + ".barrel", "Barrel, across", barrelMm);
    Figure foam = Form.length(id + ".foam", "Foam", foamMm);
    Figure rings = Form.count(id + ".count", "Rings", count);
    Figure first = Form.length(id + ".first", "First ring, width", firstMm);
    Figure last = Form.length(id + ".last", "Last ring, width", lastMm);
    Figure gap = Form.length(id + ".gap", "Between two", gapMm);
    Figure length =
        Figure.computed(
            id + ".length",
            "Length to cut, each",
            Quantity.LENGTH,
            "pi * ({%s} + {%s})".formatted(barrel.id(), foam.id()),
            THROUGH_THE_MIDDLE,
            barrel,
            foam);
    Figure along =
        Figure.computed(
            id + ".along",
            "All rings, along the barrel",
            Quantity.LENGTH,
            "{%1$s} * ({%2$s} + {%3$s}) / 2 + ({%1$s} - 1) * {%4$s}"
                .formatted(rings.id(), first.id(), count == 1 ? first.id() : last.id(), gap.id()),
            Source.GEOMETRY,
            rings,
            first,
            last,
            gap);
    Figure outside =
        Figure.computed(
            id + ".outside",
            "Rings outside, across",
            Quantity.LENGTH,
            "{%s} + 2 * {%s}".formatted(barrel.id(), foam.id()),
            Source.GEOMETRY,
            barrel,
            foam);
    return new Developed(
        panels(length.value()),
        List.of(length, along, outside),
        List.of(
            "Slide them on in order before an end of the barrel is closed, the seams one beneath"
                + " the other where they are seen least."));
  }

  private List<Panel> panels(double length) {
    if (firstMm == lastMm) {
      return List.of(Panel.strip("Ring", count, length, firstMm, "A"));
    }
    List<Panel> panels = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      panels.add(Panel.strip("Ring " + (i + 1), 1, length, widthMm(i), seam(i)));
    }
    return panels;
  }

  /** A letter of its own for each seam; two letters from the 27th on. */
  private static String seam(int i) {
    String letter = String.valueOf((char) ('A' + i % 26));
    return i < 26 ? letter : letter + letter;
  }
}
