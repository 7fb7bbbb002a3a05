package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A cone or a cone with its tip cut off, its upper end level or aslant.
 *
 * <p>The diameters are those of the outside, at the foot and, on the axis, at the upper end. In the
 * planes of the ends the middle of the foam lies inside by half its thickness over the cosine of
 * the wall's lean. A place on it at the distance ρ from the tip keeps that distance, and turns
 * about it by the sine of the lean (any handbook of sheet-metal development).
 *
 * @param footMm outside diameter at the foot, in mm
 * @param topMm outside diameter at the upper end, in mm; 0 for a whole cone
 * @param heightMm height along the axis, in mm
 * @param foamMm the foam's thickness, in mm
 * @param slant how far the cut of the upper end leans from level, in radians
 * @param pieces how many equal pieces it is cut from, each with a seam
 * @param seam where the first seam is: by how much round the axis from the line where a slanting
 *     cut is highest, in radians
 */
public record Cone(
    double footMm,
    double topMm,
    double heightMm,
    double foamMm,
    double slant,
    int pieces,
    double seam)
    implements Form {

  private static final int MOST_PIECES = 26;
  private static final int CURVES = 48;

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if they make no cone, with the reason
   */
  public Cone {
    Form.above(heightMm, 0, "The height in mm");
    Form.above(foamMm, 0, "The foam's thickness in mm");
    if (!(topMm >= 0)) {
      throw new IllegalArgumentException("The upper diameter is not negative; found " + topMm);
    }
    if (!(footMm > topMm)) {
      throw new IllegalArgumentException(
          "A cone is wider at its foot than above; found "
              + footMm
              + " and "
              + topMm
              + " mm. Turn it over, or wrap a ring.");
    }
    if (pieces < 1 || pieces > MOST_PIECES) {
      throw new IllegalArgumentException(
          "A cone is cut from 1 to " + MOST_PIECES + " pieces; found " + pieces);
    }
    double lean = lean(footMm, topMm, heightMm);
    Form.above(footMm - foamMm / Math.cos(lean), 0, "The foot's diameter in mm, less the foam,");
    if (!(Math.abs(slant) < Math.PI / 2 - lean - 1e-3)) {
      throw new IllegalArgumentException(
          "The upper cut leans less than the wall does: by "
              + Math.toDegrees(Math.PI / 2 - lean)
              + "° here; found "
              + Math.toDegrees(slant)
              + "°");
    }
    double tip = (footMm / 2 - foamMm / 2 / Math.cos(lean)) / Math.tan(lean);
    double most = Math.tan(Math.abs(slant)) * Math.tan(lean);
    double near = cut(heightMm, tip, most);
    double far = cut(heightMm, tip, -most);
    if (slant != 0 && !(Math.min(near, far) > 0 && Math.max(near, far) < tip)) {
      throw new IllegalArgumentException(
          "The slanting cut runs past the tip or the foot; make it flatter or the cone taller.");
    }
  }

  /** A cone whose seam is where a slanting cut is highest. */
  public Cone(
      double footMm, double topMm, double heightMm, double foamMm, double slant, int pieces) {
    this(footMm, topMm, heightMm, foamMm, slant, pieces, 0);
  }

  private static double lean(double foot, double top, double height) {
    return Math.atan((foot - top) / 2 / height);
  }

  /** Where z = h + k·(tip − z): the height of a slanting cut on one side of the wall. */
  private static double cut(double height, double tip, double k) {
    return (height + tip * k) / (1 + k);
  }

  /** How far the wall leans from the axis, in radians. */
  public double lean() {
    return lean(footMm, topMm, heightMm);
  }

  /** Radius of the middle of the foam in the plane of the foot, in mm. */
  public double middleFoot() {
    return footMm / 2 - foamMm / 2 / Math.cos(lean());
  }

  /** Height over the foot at which the middle of the foam comes to its tip, in mm. */
  double tip() {
    return middleFoot() / Math.tan(lean());
  }

  /** Height of the middle surface at the upper cut, at an angle round the axis, in mm. */
  double cutHeight(double round) {
    if (slant == 0) {
      return Math.min(heightMm, tip());
    }
    // z = h + x·tan(slant) with x = (tip − z)·tan(lean)·cos(round).
    return cut(heightMm, tip(), Math.tan(slant) * Math.tan(lean()) * Math.cos(round));
  }

  @Override
  public Developed develop(String id) {
    Figure foot = Form.length(id + ".foot", "Foot outside, across", footMm);
    Figure top = Form.length(id + ".top", "Upper end outside, across", topMm);
    Figure height = Form.length(id + ".height", "Height", heightMm);
    Figure foam = Form.length(id + ".foam", "Foam", foamMm);
    Figure lean =
        Figure.computed(
            id + ".lean",
            "Wall leans from the axis by",
            Quantity.ANGLE,
            "atan(({%s} - {%s}) / 2 / {%s})".formatted(foot.id(), top.id(), height.id()),
            Source.GEOMETRY,
            foot,
            top,
            height);
    Figure outer =
        Figure.computed(
            id + ".outer",
            "Radius of the long arc",
            Quantity.LENGTH,
            "({%1$s} / 2 - {%2$s} / 2 / cos({%3$s})) / sin({%3$s})"
                .formatted(foot.id(), foam.id(), lean.id()),
            THROUGH_THE_MIDDLE,
            foot,
            foam,
            lean);
    Figure spread =
        Figure.computed(
            id + ".spread",
            "Whole sheet opens by",
            Quantity.ANGLE,
            "2 * pi * sin({%s})".formatted(lean.id()),
            Source.GEOMETRY,
            lean);
    List<Figure> figures = new ArrayList<>(List.of(outer, spread));
    if (slant == 0) {
      figures.add(1, inner(id, top, foam, lean));
    }
    figures.add(lean);
    return new Developed(panels(), figures, words());
  }

  private static Figure inner(String id, Figure top, Figure foam, Figure lean) {
    return Figure.computed(
        id + ".inner",
        "Radius of the short arc",
        Quantity.LENGTH,
        "max(0, ({%1$s} / 2 - {%2$s} / 2 / cos({%3$s})) / sin({%3$s}))"
            .formatted(top.id(), foam.id(), lean.id()),
        THROUGH_THE_MIDDLE,
        top,
        foam,
        lean);
  }

  private List<String> words() {
    return List.of(
        slant != 0
            ? "The foot is level on the finished cone and the upper end slants, so their edges lean"
                + " with the wall; sand them flat once it is glued."
            : "Both ends are level on the finished cone, so their edges lean with the wall; sand them"
                + " flat once it is glued.");
  }

  /** The pieces; with a slanting cut each is another shape. */
  private List<Panel> panels() {
    if (slant == 0) {
      return List.of(panel(0, pieces == 1 ? "Cone" : "Cone, a piece of " + pieces, pieces, "A"));
    }
    List<Panel> all = new ArrayList<>();
    for (int i = 0; i < pieces; i++) {
      all.add(panel(i, pieces == 1 ? "Cone" : "Cone, piece " + (i + 1), 1, ""));
    }
    return all;
  }

  /**
   * A piece, its middle line along y.
   *
   * @param same the letter of both seams; empty for letters of their own
   */
  private Panel panel(int index, String name, int count, String same) {
    double sine = Math.sin(lean());
    double half = Math.PI * sine / pieces;
    double long1 = middleFoot() / sine;
    double from = -Math.PI / 2 - half;
    double to = -Math.PI / 2 + half;
    Path foot = Path.arc(new Point(0, 0), long1, from, to);
    String left = same.isEmpty() ? letter(index) : same;
    String right = same.isEmpty() ? letter((index + 1) % pieces) : same;
    double start = seam + 2 * Math.PI * index / pieces;
    double end = seam + 2 * Math.PI * (index + 1) / pieces;
    List<Edge> edges = new ArrayList<>();
    edges.add(new Edge("", foot, lean()));
    if (near(end) < 1e-9 && near(start) < 1e-9) {
      edges.add(Edge.straight(right, foot.end(), new Point(0, 0), 0));
      edges.add(Edge.straight(left, new Point(0, 0), foot.start(), 0));
    } else {
      Path top = top(start, end, half);
      edges.add(Edge.straight(right, foot.end(), top.start(), 0));
      edges.add(new Edge("", top, lean()));
      edges.add(Edge.straight(left, top.end(), foot.start(), 0));
    }
    return Panel.of(name, count, edges);
  }

  private static String letter(int index) {
    return Character.toString('A' + index);
  }

  /** The upper edge, from the end of a piece back to its start. */
  private Path top(double start, double end, double half) {
    double sine = Math.sin(lean());
    if (slant == 0) {
      return Path.arc(new Point(0, 0), near(start), -Math.PI / 2 + half, -Math.PI / 2 - half);
    }
    return Path.following(
        round -> unrolled(round, start, half, sine),
        round -> {
          double h = 1e-5;
          return unrolled(round + h, start, half, sine)
              .minus(unrolled(round - h, start, half, sine))
              .times(1 / (2 * h));
        },
        end,
        start,
        CURVES);
  }

  private Point unrolled(double round, double start, double half, double sine) {
    double angle = -Math.PI / 2 - half + (round - start) * sine;
    double rho = near(round);
    return new Point(rho * Math.cos(angle), rho * Math.sin(angle));
  }

  /** Distance of the upper cut from the tip along the wall, in mm. */
  private double near(double round) {
    return Math.max(0, (tip() - cutHeight(round)) / Math.cos(lean()));
  }
}
