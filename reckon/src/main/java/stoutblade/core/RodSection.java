package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import stoutblade.catalogue.Rod;
import stoutblade.section.Oval;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * The section of a core across its line: round, or squeezed to two half rounds with flat sides
 * between. The flat sides lie in the plane of the layers. Lengths in mm.
 *
 * @param radius half its height
 * @param flat half the length of its flat sides; 0 for a round one; of a square one, by how much
 *     half its width is more than half its height
 * @param wall how thick its wall is; 0 for a solid one
 * @param square true where its sides are flat all round
 * @param count how many rods are glued together in it, each as wide as fits; 1 for one
 */
public record RodSection(double radius, double flat, double wall, boolean square, int count) {

  /** A pipe is squeezed to about this share of its diameter and no further (common practice). */
  public static final double LEAST_SHARE = 0.5;

  /** One with half rounds at its sides. */
  public RodSection(double radius, double flat, double wall) {
    this(radius, flat, wall, false, 1);
  }

  /** A round one without a bore. */
  public static RodSection round(double radius) {
    return new RodSection(radius, 0, 0);
  }

  /**
   * That of a chosen core. The wall keeps its length (common practice): what the half rounds lose,
   * the flat sides gain. What cannot be squeezed so is round.
   */
  public static RodSection of(CoreChoice choice, Rod rod) {
    RodSection sold = sold(choice.work().worked(rod), choice.work().onEdge());
    int count = choice.work().count(rod);
    if (count > 1) {
      return new RodSection(Bundle.across(count) * sold.radius, 0, sold.wall, false, count);
    }
    return choice
        .work()
        .squeezedMm()
        .filter(it -> squeezes(rod, it))
        .map(high -> new RodSection(high / 2, Oval.flat(rod.outerMm(), high), sold.wall))
        .orElse(sold);
  }

  /** That of a rod as it is sold; what is flat lies flat or stands on its edge. */
  static RodSection sold(Rod rod, boolean onEdge) {
    double wall = rod.innerMm() > 0 ? (rod.outerMm() - rod.innerMm()) / 2 : 0;
    if (!rod.square()) {
      return new RodSection(rod.outerMm() / 2, 0, wall);
    }
    double high = onEdge ? rod.wideMm() : rod.outerMm();
    double wide = onEdge ? rod.outerMm() : rod.wideMm();
    return new RodSection(high / 2, (wide - high) / 2, wall, true, 1);
  }

  /** True for a pipe that goes soft with heat, and has a height between its walls and itself. */
  public static boolean squeezes(Rod rod, double highMm) {
    return rod.softens()
        && !rod.square()
        && rod.innerMm() > 0
        && highMm < rod.outerMm()
        && highMm > rod.outerMm() - rod.innerMm();
  }

  /** True where it was squeezed. */
  public boolean squeezed() {
    return flat > 0 && !square;
  }

  /** True where it is not as wide as it is high, or has flat sides all round. */
  public boolean oblong() {
    return flat != 0 || square;
  }

  /** Its second moment of area when it bends square to the layers, in mm⁴. */
  public double secondMomentMm4() {
    if (count > 1) {
      double one = radius / Bundle.across(count);
      double area = Math.PI * (one * one - (wall > 0 ? (one - wall) * (one - wall) : 0));
      return count * new RodSection(one, 0, wall).secondMomentMm4()
          + area * Bundle.spread(count) * 4 * one * one;
    }
    double inside = radius - wall;
    return wall > 0 ? second(radius) - second(inside) : second(radius);
  }

  private double second(double half) {
    return square
        ? Math.pow(2 * half, 3) * 2 * (half + flat) / 12
        : Math.PI / 4 * Math.pow(half, 4) + 2 * flat * Math.pow(2 * half, 3) / 12;
  }

  /** How wide it is. */
  public double widthMm() {
    return 2 * (radius + flat);
  }

  /**
   * Its outline and, where it is hollow, that of its bore, for each of its rods; x across, y up.
   */
  public List<Path> outlines() {
    if (count > 1) {
      double one = radius / Bundle.across(count);
      List<Path> all = new ArrayList<>();
      for (Point middle : Bundle.middles(count)) {
        Point at = middle.times(2 * one);
        new RodSection(one, 0, wall).outlines().forEach(it -> all.add(it.moved(at::plus)));
      }
      return all;
    }
    if (square) {
      Path outside = box(radius + flat, radius);
      return wall > 0
          ? List.of(outside, box(radius + flat - wall, radius - wall))
          : List.of(outside);
    }
    Path outer = Oval.outline(flat, radius);
    return wall > 0 ? List.of(outer, Oval.outline(flat, radius - wall)) : List.of(outer);
  }

  private static Path box(double wide, double high) {
    return Path.through(
        List.of(
            new Point(-wide, -high),
            new Point(wide, -high),
            new Point(wide, high),
            new Point(-wide, high)),
        true);
  }
}
