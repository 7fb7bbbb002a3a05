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
 * @param stepMm of a roll, only so much of its length, along x, is cut off as is used, in such
 *     steps; 0 for a sheet
 * @param taken pieces that lie on it already
 */
public record NestSheet(
    String id, Region outline, int count, double price, double stepMm, List<Region> taken) {

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
    if (count < 1 || !(price >= 0) || !(stepMm >= 0)) {
      throw new IllegalArgumentException(
          id + ": there is at least one sheet, at no less than nothing");
    }
  }

  /** A sheet on which nothing lies yet. */
  public NestSheet(String id, Region outline, int count, double price) {
    this(id, outline, count, price, 0, List.of());
  }

  /** A sheet that can be bought, with its corners at 0 and its sizes. */
  public static NestSheet bought(String id, double widthMm, double lengthMm, double price) {
    return new NestSheet(id, Region.of(new Box(0, 0, widthMm, lengthMm)), UNLIMITED, price);
  }

  /**
   * One roll, so wide, of which lengths of up to so much are cut off.
   *
   * @param price what the longest would cost
   * @param stepMm what is cut off is a multiple of this
   */
  public static NestSheet roll(
      String id, double widthMm, double longestMm, double price, double stepMm) {
    Region all = Region.of(new Box(0, 0, longestMm, widthMm));
    return new NestSheet(id, all, 1, price, stepMm, List.of());
  }

  /** True for a roll. */
  public boolean roll() {
    return stepMm > 0;
  }

  /**
   * A length that is cut off.
   *
   * @param usedMm how far it is used; more is cut off, up to the next step
   */
  NestSheet cutOff(double usedMm) {
    Box box = outline.box();
    double length = Math.min(box.width(), Math.ceil(usedMm / stepMm - 1e-9) * stepMm);
    Region own = Region.of(new Box(box.minX(), box.minY(), box.minX() + length, box.maxY()));
    return new NestSheet(id, own, 1, price * length / box.width());
  }
}
