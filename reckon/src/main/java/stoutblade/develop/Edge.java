package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * One side of a panel.
 *
 * @param seam the letter of the seam that it is glued in, which the edge it meets has too; empty
 *     for a free edge
 * @param path from one corner of the panel to the next, in mm
 * @param bevel how far the cut leans away from square to the sheet, in radians
 * @param leans how far it leans at places along it, where that changes
 */
public record Edge(String seam, Path path, double bevel, List<Lean> leans) {

  /** Notches stand about so far apart along a seam, in mm. */
  static final double NOTCH_PITCH_MM = 60;

  private static final int MOST_NOTCHES = 24;

  /** How far lengths may be off, in mm. */
  static final double TOLERANCE_MM = 0.002;

  /**
   * How far the cut leans at one place.
   *
   * @param share how far along the edge, from 0 to 1
   * @param radians from square to the sheet: positive where its outer face reaches further out
   */
  public record Lean(double share, double radians) {}

  /** An edge that leans by the same all along. */
  public Edge(String seam, Path path, double bevel) {
    this(seam, path, bevel, List.of());
  }

  /**
   * Copies the leans and checks the bevel.
   *
   * @throws IllegalArgumentException if it leans by a right angle or more
   */
  public Edge {
    leans = List.copyOf(leans);
    if (!(Math.abs(bevel) < Math.PI / 2)) {
      throw new IllegalArgumentException(
          "An edge leans by less than a right angle; found " + Math.toDegrees(bevel) + "°");
    }
  }

  /** The same run the other way. */
  Edge reversed() {
    return new Edge(
        seam,
        path.reversed(),
        bevel,
        leans.reversed().stream().map(it -> new Lean(1 - it.share(), it.radians())).toList());
  }

  /** A free edge, cut square. */
  public static Edge free(Path path) {
    return new Edge("", path, 0);
  }

  /** A straight edge that is glued. */
  static Edge straight(String seam, Point from, Point to, double bevel) {
    return new Edge(seam, Path.line(from, to), bevel);
  }

  /** True where it is glued to another. */
  public boolean glued() {
    return !seam.isEmpty();
  }

  /** Its length, in mm. */
  public double length() {
    return path.length(TOLERANCE_MM);
  }

  /**
   * Where notches lie: at equal lengths along it, so that the notches of the edge it meets, which
   * is as long, come to lie against them. None on a free edge.
   */
  public List<Notch> notches() {
    if (!glued()) {
      return List.of();
    }
    double length = length();
    int count = Math.clamp(Math.round(length / NOTCH_PITCH_MM) - 1, 1, MOST_NOTCHES);
    List<Notch> notches = new ArrayList<>();
    for (int i = 1; i <= count; i++) {
      notches.add(at(length * i / (count + 1)));
    }
    return notches;
  }

  /**
   * A notch.
   *
   * @param at where on the edge, in mm
   * @param inward a step of one millimetre into the panel, where its edges run counter-clockwise
   */
  public record Notch(Point at, Point inward) {}

  /** The place so far along the edge, in mm. */
  public Notch at(double along) {
    List<Point> points = path.flattened(TOLERANCE_MM);
    double left = along;
    for (int i = 1; i < points.size(); i++) {
      double piece = points.get(i - 1).distance(points.get(i));
      if (left <= piece && piece > 0) {
        Point step = points.get(i).minus(points.get(i - 1)).times(1 / piece);
        return new Notch(
            points.get(i - 1).towards(points.get(i), left / piece), new Point(-step.y(), step.x()));
      }
      left -= piece;
    }
    Cubic last = path.cubics().getLast();
    return new Notch(last.end(), new Point(0, 0));
  }
}
