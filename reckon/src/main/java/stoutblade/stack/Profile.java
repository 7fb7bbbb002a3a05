package stoutblade.stack;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.shape.Point;

/**
 * The cross-section that a part is worked to.
 *
 * <p>From its edge, where it is {@code edgeMm} thick, to its full thickness it rises along a curve.
 * Some kinds rise over a fixed width inwards from the edge, whatever way the edge runs; the others
 * rise to a ridge midway between the two edges of every section across.
 *
 * @param kind the curve
 * @param widthMm how far from the edge it reaches its full thickness, for the kinds that have a
 *     width
 * @param edgeMm thickness left at the edge, front and back together
 * @param tip thickness at the far end of its length as a share of the full thickness: 1 for none
 *     planed off
 * @param roundMm radius by which the corners of the edge are rounded
 * @param steps how many steps, for a stepped one
 * @param curve for a free one the places between the edge and the ridge: x from 0 at the edge to 1
 *     at the ridge, y from 0 for the edge's thickness to 1 for the full one, both rising
 * @param flatBack true where all of it is worked into the front and the back stays flat
 */
public record Profile(
    Kind kind,
    double widthMm,
    double edgeMm,
    double tip,
    double roundMm,
    int steps,
    List<Point> curve,
    boolean flatBack) {

  /** The most steps of a stepped profile. */
  public static final int MOST_STEPS = 20;

  private static final int MOST_PLACES = 40;
  private static final double MOST_WIDTH_MM = 1000;

  /** Kinds of cross-section. */
  public enum Kind {
    FLAT("Flat", false),
    BEVEL("Bevelled", false),
    HOLLOW("Hollow", false),
    ROUND("Rounded over", false),
    STEPPED("Stepped", false),
    DIAMOND("Diamond", true),
    LENS("Lens", true),
    FREE("Free curve", true);

    private final String title;
    private final boolean across;

    Kind(String title, boolean across) {
      this.title = title;
      this.across = across;
    }

    /** Its name on the screen. */
    public String title() {
      return title;
    }

    /** True where it rises to a ridge midway across; else over a width from the edge. */
    public boolean across() {
      return across;
    }
  }

  /** Nothing worked off. */
  public static final Profile FLAT =
      new Profile(Kind.FLAT, 0, 0, 1, 0, 3, List.of(new Point(0.5, 0.7)), false);

  /**
   * Copies the curve and checks the sizes.
   *
   * @throws IllegalArgumentException if one is out of range; the message can be shown
   */
  public Profile {
    curve = List.copyOf(curve);
    if (!(widthMm >= 0 && widthMm <= MOST_WIDTH_MM)) {
      throw new IllegalArgumentException(
          "A bevel is between 0 and 1 m wide; found " + shown(widthMm));
    }
    if (!(edgeMm >= 0)) {
      throw new IllegalArgumentException("An edge is 0 thick or thicker; found " + shown(edgeMm));
    }
    if (!(tip >= 0.02 && tip <= 1)) {
      throw new IllegalArgumentException(
          "The far end is 2 to 100 % as thick as the near one; found " + Math.round(tip * 100));
    }
    if (!(roundMm >= 0 && roundMm <= 200)) {
      throw new IllegalArgumentException(
          "An edge is rounded by 0 to 20 cm; found " + shown(roundMm));
    }
    if (steps < 1 || steps > MOST_STEPS) {
      throw new IllegalArgumentException(
          "A stepped section has 1 to " + MOST_STEPS + " steps; found " + steps);
    }
    checkCurve(curve);
  }

  private static String shown(double mm) {
    return Display.length(mm, Units.METRIC);
  }

  private static void checkCurve(List<Point> curve) {
    Point last = new Point(0, 0);
    if (curve.size() > MOST_PLACES) {
      throw new IllegalArgumentException(
          "A free curve has up to " + MOST_PLACES + " places; found " + curve.size());
    }
    for (Point place : curve) {
      if (!(place.x() > last.x() && place.y() >= last.y() && place.x() < 1 && place.y() <= 1)) {
        throw new IllegalArgumentException(
            "A free curve rises from the edge to the ridge, each place further on than the one"
                + " before; found "
                + place.x()
                + ", "
                + place.y());
      }
      last = place;
    }
  }

  /** A straight bevel. */
  public static Profile bevel(double widthMm, double edgeMm) {
    return FLAT.with(Kind.BEVEL).withWidth(widthMm).withEdge(edgeMm);
  }

  /** True where nothing is worked off round its edge. */
  public boolean flat(double thicknessMm) {
    boolean steep = !kind.across() && widthMm == 0;
    return kind == Kind.FLAT || steep || edgeMm >= thicknessMm;
  }

  public Profile with(Kind changed) {
    return new Profile(changed, widthMm, edgeMm, tip, roundMm, steps, curve, flatBack);
  }

  /** The same made larger or smaller: thicknesses stay. */
  Profile times(double factor) {
    return withWidth(Math.min(MOST_WIDTH_MM, widthMm * factor));
  }

  public Profile withWidth(double mm) {
    return new Profile(kind, mm, edgeMm, tip, roundMm, steps, curve, flatBack);
  }

  public Profile withEdge(double mm) {
    return new Profile(kind, widthMm, mm, tip, roundMm, steps, curve, flatBack);
  }

  public Profile withTip(double share) {
    return new Profile(kind, widthMm, edgeMm, share, roundMm, steps, curve, flatBack);
  }

  public Profile withRound(double mm) {
    return new Profile(kind, widthMm, edgeMm, tip, mm, steps, curve, flatBack);
  }

  public Profile withSteps(int changed) {
    return new Profile(kind, widthMm, edgeMm, tip, roundMm, changed, curve, flatBack);
  }

  public Profile withCurve(List<Point> changed) {
    return new Profile(kind, widthMm, edgeMm, tip, roundMm, steps, changed, flatBack);
  }

  public Profile withFlatBack(boolean changed) {
    return new Profile(kind, widthMm, edgeMm, tip, roundMm, steps, curve, changed);
  }

  // == THE CURVE

  /**
   * How far it has risen, from 0 at the edge to 1 where it is full.
   *
   * @param share how far in, from 0 at the edge to 1
   */
  public double risen(double share) {
    double u = Math.clamp(share, 0, 1);
    return switch (kind) {
      case FLAT -> 1;
      case BEVEL, DIAMOND -> u;
      case HOLLOW -> u * u;
      case ROUND -> Math.sqrt(u * (2 - u));
      case STEPPED -> Math.floor(u * steps + 1e-12) / steps;
      case LENS -> u * (2 - u);
      case FREE -> along(places(), u, false);
    };
  }

  /** The least share at which it has risen so far: what {@link #risen} turns round. */
  public double reached(double rise) {
    double t = Math.clamp(rise, 0, 1);
    return switch (kind) {
      case FLAT -> 0;
      case BEVEL, DIAMOND -> t;
      case HOLLOW -> Math.sqrt(t);
      case ROUND, LENS -> 1 - Math.sqrt(Math.max(0, 1 - (kind == Kind.ROUND ? t * t : t)));
      case STEPPED -> Math.max(0, Math.ceil(t * steps - 1e-12)) / steps;
      case FREE -> along(places(), t, true);
    };
  }

  private List<Point> places() {
    List<Point> all = new ArrayList<>();
    all.add(new Point(0, 0));
    all.addAll(curve);
    all.add(new Point(1, 1));
    return all;
  }

  /** Between places, straight; turned round the least x that reaches a y. */
  private static double along(List<Point> places, double value, boolean turned) {
    for (int i = 1; i < places.size(); i++) {
      Point from = places.get(i - 1);
      Point to = places.get(i);
      double low = turned ? from.y() : from.x();
      double high = turned ? to.y() : to.x();
      if (value <= high) {
        double share = high > low ? Math.max(0, value - low) / (high - low) : 0;
        return turned
            ? from.x() + share * (to.x() - from.x())
            : from.y() + share * (to.y() - from.y());
      }
    }
    return 1;
  }

  /**
   * True where the areas at all heights change smoothly, so that a short sum over them is exact.
   */
  public boolean smooth() {
    return (kind == Kind.BEVEL || kind == Kind.DIAMOND || kind == Kind.FLAT)
        && roundMm == 0
        && tip == 1;
  }
}
