package stoutblade.nest;

import java.util.List;
import stoutblade.shape.Box;
import stoutblade.shape.Region;

/**
 * A kind of sheet to cut from.
 *
 * @param id unique within the job
 * @param outline its edge, and holes in it where it is an offcut; in mm
 * @param count how many there are; {@link #UNLIMITED} for what can be bought
 * @param price what one costs; 0 for what is there already
 * @param roll true where only so much of its length, along x, is cut off as is used
 * @param taken pieces that lie on it already
 */
public record NestSheet(
    String id, Region outline, int count, double price, boolean roll, List<Region> taken) {

  /** As many as are wanted. */
  public static final int UNLIMITED = Integer.MAX_VALUE;

  /**
   * Checks it.
   *
   * @throws IllegalArgumentException if it is nothing, there are none, or it costs less than
   *     nothing
   */
  public NestSheet {
    taken = List.copyOf(taken);
    if (outline.isEmpty() || !(outline.area() > 0)) {
      throw new IllegalArgumentException(id + ": there is nothing of this sheet");
    }
    if (count < 1 || !(price >= 0)) {
      throw new IllegalArgumentException(
          id + ": there is at least one sheet, at no less than nothing");
    }
  }

  /** A sheet on which nothing lies yet. */
  public NestSheet(String id, Region outline, int count, double price, boolean roll) {
    this(id, outline, count, price, roll, List.of());
  }

  /** A sheet that can be bought, with its corners at 0 and its sizes. */
  public static NestSheet bought(String id, double widthMm, double lengthMm, double price) {
    return new NestSheet(id, Region.of(new Box(0, 0, widthMm, lengthMm)), UNLIMITED, price, false);
  }

  /** A roll, so wide, of which up to so much is cut off. */
  public static NestSheet roll(String id, double widthMm, double longestMm, double price) {
    return new NestSheet(id, Region.of(new Box(0, 0, longestMm, widthMm)), 1, price, true);
  }
}
