package stoutblade.layer;

import java.util.ArrayList;
import java.util.List;
import stoutblade.part.BladeForm;
import stoutblade.prop.Fuller;
import stoutblade.shape.Point;
import stoutblade.shape.Polyline;
import stoutblade.shape.Region;
import stoutblade.shape.Span;

/**
 * The solid that two bevelled layers make.
 *
 * <p>The thickness at a distance d from the edge is e + (T − e)·min(d, b)/b. Integrals over the
 * face follow from the areas that lie further than s from the edge (the coarea formula): ∫
 * thickness dA = e·A(0) + (T − e)/b · ∫₀ᵇ A(s) ds, and likewise along any line across the blade.
 * The integral over s is a Gauss–Legendre sum (Abramowitz and Stegun, table 25.4, from memory),
 * exact for polynomials up to degree 11.
 *
 * <p>What is cut out of the blade is cut through it; what stands out of its outline is as thick as
 * its edge. Fullers are on both faces.
 */
public final class BladeSolid {

  private static final double[] GAUSS_NODES = {
    0.238619186083197, 0.661209386466265, 0.932469514203152
  };
  private static final double[] GAUSS_WEIGHTS = {
    0.467913934572691, 0.360761573048139, 0.171324492379170
  };

  /** How far an offset may lie from the true one, in mm. */
  private static final double OFFSET_TOLERANCE_MM = 0.02;

  /** For volumes a coarser offset is enough: 0.1 mm round a blade is a few parts in 10 000. */
  private static final double VOLUME_TOLERANCE_MM = 0.1;

  private static final double FULLER_STEP_MM = 0.25;

  private final double layerMm;
  private final double edgeMm;
  private final double bevelMm;
  private final Region face;
  private final Region drawn;
  private final List<Fuller> fullers;
  private final Region flat;
  private final Polyline edge;
  private final List<Weighted> insets;

  /** The area further than some distance from the edge, with its weight in the sum over s. */
  private record Weighted(Region region, double weightMm) {}

  /** The solid of a blade's form with the layering that was decided. */
  public BladeSolid(BladeForm form, Layering layering) {
    this.layerMm = layering.thicknessMm();
    this.edgeMm = layering.edgeMm();
    this.bevelMm = layering.bevelMm();
    this.face = form.face();
    this.drawn = form.drawn();
    this.fullers = form.fullers();
    this.flat =
        away(form.edge().flattened(OFFSET_TOLERANCE_MM / 2), bevelMm, OFFSET_TOLERANCE_MM / 2);
    this.edge = Polyline.of(form.edge(), OFFSET_TOLERANCE_MM);
    this.insets = bevelled() ? insets(form.edge().flattened(VOLUME_TOLERANCE_MM / 2)) : List.of();
  }

  /** What is left of the blade further than a distance inside the edge as it is drawn. */
  private Region away(List<Point> line, double distance, double tolerance) {
    Region inside = drawn.awayFrom(line, distance, tolerance);
    return face == drawn ? inside : inside.common(face);
  }

  private boolean bevelled() {
    return bevelMm > 0 && edgeMm < thickness();
  }

  private List<Weighted> insets(List<Point> line) {
    List<Weighted> found = new ArrayList<>();
    for (int i = 0; i < GAUSS_NODES.length; i++) {
      for (int sign = -1; sign <= 1; sign += 2) {
        double s = bevelMm / 2 * (1 + sign * GAUSS_NODES[i]);
        found.add(
            new Weighted(away(line, s, VOLUME_TOLERANCE_MM / 2), GAUSS_WEIGHTS[i] * bevelMm / 2));
      }
    }
    return found;
  }

  /** Thickness of both layers together, in mm. */
  public double thickness() {
    return 2 * layerMm;
  }

  /** The whole face of a layer. */
  public Region face() {
    return face;
  }

  /** What the bevel leaves flat on each outer face: its boundary is the bevel line. */
  public Region flat() {
    return flat;
  }

  /** Distance of a place on the face to the bevelled edge, in mm: 0 on what stands out of it. */
  public double distanceToEdge(Point place) {
    boolean outside = face != drawn && !drawn.holds(place);
    return outside ? 0 : edge.distance(place.x(), place.y());
  }

  /** Height of the outer face over the middle plane at a place on the face, in mm. */
  public double halfThicknessAt(Point place) {
    return Math.max(
        0, bevelledAt(place) + fullers.stream().mapToDouble(it -> it.heightAt(place)).sum());
  }

  private double bevelledAt(Point place) {
    if (!bevelled()) {
      return layerMm;
    }
    double share = Math.min(distanceToEdge(place), bevelMm) / bevelMm;
    return edgeMm / 2 + (layerMm - edgeMm / 2) * share;
  }

  /** True where the full thickness reaches at least so far round a place. */
  public boolean fullWithin(Point place, double radius) {
    return (!bevelled() || distanceToEdge(place) - radius >= bevelMm)
        && fullers.stream().noneMatch(it -> it.within(place, radius));
  }

  /** Volume of foam before channels are cut, in mm³. */
  public double volume() {
    double sum = withoutFullers();
    for (Fuller fuller : fullers) {
      sum += 2 * fuller.volume(face);
    }
    return sum;
  }

  /** What the bevels take off both layers, in mm³. */
  public double sanded() {
    return Math.max(0, face.area() * thickness() - withoutFullers());
  }

  private double withoutFullers() {
    double sum = fullShare() * face.area();
    for (Weighted inset : insets) {
      sum += slope() * inset.weightMm * inset.region.area();
    }
    return sum;
  }

  /** First moment of volume about the base, ∫ y dV, in mm⁴. */
  public double momentAlong() {
    double sum = fullShare() * face.momentAlong();
    for (Weighted inset : insets) {
      sum += slope() * inset.weightMm * inset.region.momentAlong();
    }
    for (Fuller fuller : fullers) {
      sum += 2 * fuller.volume(face) * fuller.middle().y();
    }
    return sum;
  }

  /** Area of the cross-section at a height along the blade, in mm². */
  public double sectionArea(double y) {
    double sum = fullShare() * face.widthAt(y);
    for (Weighted inset : insets) {
      sum += slope() * inset.weightMm * inset.region.widthAt(y);
    }
    return sum + 2 * fullersAcross(y);
  }

  /** What the fullers add to one face across the blade, in mm², in steps of a quarter mm. */
  private double fullersAcross(double y) {
    double sum = 0;
    for (Span span : fullers.isEmpty() ? List.<Span>of() : face.across(y)) {
      int steps = Math.max(1, (int) Math.ceil(span.length() / FULLER_STEP_MM));
      double wide = span.length() / steps;
      for (int i = 0; i < steps; i++) {
        Point place = new Point(span.from() + (i + 0.5) * wide, y);
        sum += wide * fullers.stream().mapToDouble(it -> it.heightAt(place)).sum();
      }
    }
    return sum;
  }

  /** The thickness that reaches right to the edge: all of it without a bevel. */
  private double fullShare() {
    return bevelled() ? edgeMm : thickness();
  }

  private double slope() {
    return (thickness() - edgeMm) / bevelMm;
  }

  /**
   * Area of the outside to be finished: both faces, the bevels on the slant, and the edge; the base
   * is not counted. In mm².
   */
  public double surface() {
    double bevelArea = face.area() - flat.area();
    double stretch = bevelled() ? Math.hypot(1, (layerMm - edgeMm / 2) / bevelMm) : 1;
    double rim = bevelled() ? edgeMm : thickness();
    return 2 * (flat.area() + bevelArea * stretch) + edge.length() * rim;
  }

  /**
   * The cross-section at a height along the blade.
   *
   * @param stepMm the greatest distance of its points across
   * @return for each stretch of foam the profile of the front face, from left to right: x across, y
   *     the height over the middle plane; the back is its image
   */
  public List<List<Point>> sectionAt(double y, double stepMm) {
    List<List<Point>> profiles = new ArrayList<>();
    for (Span span : face.across(y)) {
      int steps = Math.max(2, (int) Math.ceil(span.length() / stepMm));
      List<Point> profile = new ArrayList<>();
      for (int i = 0; i <= steps; i++) {
        double x = span.from() + span.length() * i / steps;
        profile.add(new Point(x, halfThicknessAt(new Point(x, y))));
      }
      profiles.add(profile);
    }
    return profiles;
  }
}
