package stoutblade.part;

import java.util.List;
import java.util.Optional;
import stoutblade.develop.Developed;
import stoutblade.feature.Motifs;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.stack.Layering;

/**
 * A thing that is bought or found and not cut from a sheet: a pipe, a ball, a fitting, a strap.
 *
 * @param what it is, for the list to buy
 * @param rodId the rod or tube of the catalogue that it is a length of; empty where it is none
 * @param alongMm how long it is
 * @param acrossMm how wide it is
 * @param massG what one weighs, in g; what a length of rod weighs follows from the catalogue
 * @param price what one costs
 */
public record Bought(
    String what, String rodId, double alongMm, double acrossMm, double massG, double price)
    implements Shape {

  private static final int LONGEST_NAME = 80;
  private static final double LONGEST_MM = 10_000;
  private static final double HEAVIEST_G = 100_000;

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is out of range; the message can be shown
   */
  public Bought {
    if (what.isBlank() || what.length() > LONGEST_NAME) {
      throw new IllegalArgumentException(
          "A bought thing has a name of 1 to "
              + LONGEST_NAME
              + " characters; found '"
              + what
              + "'");
    }
    for (double mm : List.of(alongMm, acrossMm)) {
      if (!(mm > 0 && mm <= LONGEST_MM)) {
        throw new IllegalArgumentException(
            "A bought thing is above 0 and up to 10 m long and wide; found "
                + Display.length(mm, Units.METRIC));
      }
    }
    if (!(massG >= 0 && massG <= HEAVIEST_G)) {
      throw new IllegalArgumentException(
          "A bought thing weighs 0 to 100 kg; found " + massG + " g");
    }
    if (!(price >= 0 && price <= 1e6)) {
      throw new IllegalArgumentException("A bought thing costs 0 to 1000000; found " + price);
    }
  }

  /** True for a length of a rod or tube of the catalogue. */
  public boolean ofRod() {
    return !rodId.isEmpty();
  }

  public Bought along(double mm) {
    return new Bought(what, rodId, mm, acrossMm, massG, price);
  }

  public Bought across(double mm) {
    return new Bought(what, rodId, alongMm, mm, massG, price);
  }

  public Bought weighing(double grams) {
    return new Bought(what, rodId, alongMm, acrossMm, grams, price);
  }

  public Bought costing(double each) {
    return new Bought(what, rodId, alongMm, acrossMm, massG, each);
  }

  /** Nothing is cut for it. */
  @Override
  public Developed developed(String name, double thicknessMm) {
    return new Developed(List.of(), List.of(), List.of());
  }

  /** A bar about its own middle; along its axis a round. */
  @Override
  public List<Path> seen(double thicknessMm, boolean facing) {
    if (facing) {
      return List.of(Motifs.disc(acrossMm));
    }
    double x = acrossMm / 2;
    double y = alongMm / 2;
    return List.of(
        Path.through(
            List.of(new Point(-x, -y), new Point(x, -y), new Point(x, y), new Point(-x, y)), true));
  }

  /** A length of rod becomes longer; what is bought whole stays as it is. */
  @Override
  public Bought times(double factor) {
    return ofRod() ? along(alongMm * factor) : this;
  }

  @Override
  public void check(Optional<Layering> stack) {
    if (stack.isPresent()) {
      throw new IllegalArgumentException(what + " is bought: it has no sheets");
    }
  }
}
