package stoutblade.section;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A pipe that was squeezed to an oval with two flat sides: two half rounds and what is straight
 * between them. Its wall keeps its length (common practice). Second moments are those of a
 * rectangle and of half discs (handbooks of mechanics, properties of sections; from memory); those
 * of a wall are the outer less the inner.
 */
public final class Oval {

  /** Where its properties come from. */
  public static final Source SECTIONS =
      Source.handbook("properties of sections: rectangle and half discs, the outer less the inner");

  private Oval() {}

  /**
   * How wide it is.
   *
   * @param across the pipe's diameter before
   * @param height what it is squeezed to
   */
  public static Figure width(String id, String label, Figure across, Figure height) {
    return Figure.computed(
        id,
        label,
        Quantity.LENGTH,
        "{%2$s} + pi * ({%1$s} - {%2$s}) / 2".formatted(across.id(), height.id()),
        Source.practice("the wall keeps its length: W = H + π(D − H)/2"),
        across,
        height);
  }

  /** Half the length of its flat sides, in mm. */
  public static double flat(double acrossMm, double heightMm) {
    return Math.PI * (acrossMm - heightMm) / 4;
  }

  /**
   * The second moment of one so high with flat sides so long, about the axis through both rounds.
   *
   * @param high a formula
   * @param flat a formula
   */
  public static String level(String high, String flat) {
    return "%2$s * %1$s^3 / 12 + pi / 64 * %1$s^4".formatted(high, flat);
  }

  /** The same about the axis across, halfway between the rounds. */
  public static String upright(String high, String flat) {
    String radius = "(" + high + " / 2)";
    return ("%1$s * %2$s^3 / 12 + 2 * ((pi / 8 - 8 / (9 * pi)) * %3$s^4"
            + " + pi / 2 * %3$s^2 * (%2$s / 2 + 4 / (3 * pi) * %3$s)^2)")
        .formatted(high, flat, radius);
  }

  /**
   * Its outline about its middle.
   *
   * @param flat half the length of its flat sides, in mm; 0 for a round
   * @param radius half its height, in mm
   */
  public static Path outline(double flat, double radius) {
    if (flat == 0) {
      return new Path(Path.arc(new Point(0, 0), radius, 0, 2 * Math.PI).cubics(), true);
    }
    Path right = Path.arc(new Point(flat, 0), radius, -Math.PI / 2, Math.PI / 2);
    Path left = Path.arc(new Point(-flat, 0), radius, Math.PI / 2, 3 * Math.PI / 2);
    List<Cubic> all = new ArrayList<>(right.cubics());
    all.addAll(Path.line(right.end(), left.start()).cubics());
    all.addAll(left.cubics());
    all.addAll(Path.line(left.end(), right.start()).cubics());
    return new Path(all, true);
  }
}
