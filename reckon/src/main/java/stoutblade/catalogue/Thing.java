package stoutblade.catalogue;

import stoutblade.measure.Stated;

/**
 * A thing of known size.
 *
 * @param id short name without spaces
 * @param name what it is
 * @param longMm its longer side, in mm
 * @param shortMm its shorter side, in mm; the same as the longer where it has one size only
 * @param spread one standard deviation of both, as a share
 * @param flat true where it is a rectangle with corners to mark
 * @param source where the sizes come from
 */
public record Thing(
    String id,
    String name,
    double longMm,
    double shortMm,
    double spread,
    boolean flat,
    String source) {

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is not above 0 or they are the wrong way round
   */
  public Thing {
    if (!(shortMm > 0 && longMm >= shortMm && spread >= 0 && spread < 1)) {
      throw new IllegalArgumentException(
          "A thing of known size has a longer and a shorter side; found " + name);
    }
  }

  /** The longer side with its uncertainty. */
  public Stated longSide() {
    return new Stated(longMm, longMm * spread);
  }

  /** The shorter side with its uncertainty. */
  public Stated shortSide() {
    return new Stated(shortMm, shortMm * spread);
  }

  @Override
  public String toString() {
    return name;
  }
}
