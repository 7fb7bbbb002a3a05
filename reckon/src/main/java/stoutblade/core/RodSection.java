package stoutblade.core;

import java.util.List;
import stoutblade.catalogue.Rod;
import stoutblade.section.Oval;
import stoutblade.shape.Path;

/**
 * The section of a core across its line: round, or squeezed to two half rounds with flat sides
 * between. The flat sides lie in the plane of the layers. Lengths in mm.
 *
 * @param radius half its height
 * @param flat half the length of its flat sides; 0 for a round one
 * @param wall how thick its wall is; 0 for a solid one
 */
public record RodSection(double radius, double flat, double wall) {

  /** A pipe is squeezed to about this share of its diameter and no further (common practice). */
  public static final double LEAST_SHARE = 0.5;

  /** A round one without a bore. */
  public static RodSection round(double radius) {
    return new RodSection(radius, 0, 0);
  }

  /**
   * That of a chosen core. The wall keeps its length (common practice): what the half rounds lose,
   * the flat sides gain. What cannot be squeezed so is round.
   */
  public static RodSection of(CoreChoice choice, Rod rod) {
    double outside = rod.outerMm();
    double wall = rod.innerMm() > 0 ? (outside - rod.innerMm()) / 2 : 0;
    return choice
        .squeezedMm()
        .filter(it -> squeezes(rod, it))
        .map(high -> new RodSection(high / 2, Oval.flat(outside, high), wall))
        .orElse(new RodSection(outside / 2, 0, wall));
  }

  /** True for a pipe that goes soft with heat, and has a height between its walls and itself. */
  public static boolean squeezes(Rod rod, double highMm) {
    return rod.softens()
        && rod.innerMm() > 0
        && highMm < rod.outerMm()
        && highMm > rod.outerMm() - rod.innerMm();
  }

  /** True where it was squeezed. */
  public boolean squeezed() {
    return flat > 0;
  }

  /** How wide it is. */
  public double widthMm() {
    return 2 * (radius + flat);
  }

  /** Its outline and, where it is hollow, that of its bore; x across and y up. */
  public List<Path> outlines() {
    Path outer = Oval.outline(flat, radius);
    return wall > 0 ? List.of(outer, Oval.outline(flat, radius - wall)) : List.of(outer);
  }
}
