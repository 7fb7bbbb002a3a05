package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import stoutblade.catalogue.Rod;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

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
        .map(high -> new RodSection(high / 2, Math.PI * (outside - high) / 4, wall))
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

  /** The same that lies further inside by so much. */
  private RodSection inside(double by) {
    return new RodSection(radius - by, flat, 0);
  }

  /** Its outline and, where it is hollow, that of its bore; x across and y up. */
  public List<Path> outlines() {
    List<Path> all = new ArrayList<>(List.of(outline()));
    if (wall > 0) {
      all.add(inside(wall).outline());
    }
    return all;
  }

  private Path outline() {
    if (!squeezed()) {
      return new Path(Path.arc(new Point(0, 0), radius, 0, 2 * Math.PI).cubics(), true);
    }
    double quarter = Math.PI / 2;
    Point right = new Point(flat, 0);
    Point left = new Point(-flat, 0);
    Point up = new Point(0, radius);
    List<Cubic> all = new ArrayList<>(Path.arc(right, radius, -quarter, quarter).cubics());
    all.addAll(Path.line(right.plus(up), left.plus(up)).cubics());
    all.addAll(Path.arc(left, radius, quarter, 3 * quarter).cubics());
    all.addAll(Path.line(left.minus(up), right.minus(up)).cubics());
    return new Path(all, true);
  }
}
