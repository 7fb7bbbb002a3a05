package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A tube whose end is cut to lie on a round thing: a foot on a barrel, a branch on a haft.
 *
 * <p>With the round thing of radius R along the first axis and the tube's axis leaning by θ from it
 * and passing it e aside, a place on the tube at φ round it and s along it lies on the round thing
 * where (s sin θ − r cos φ cos θ)² + (e + r sin φ)² = R² (the equations of both cylinders; any
 * handbook of sheet-metal development has it for θ = 90° and e = 0).
 *
 * @param outsideMm outside diameter of the tube, in mm
 * @param foamMm the foam's thickness, in mm
 * @param onMm diameter of what it lies on, in mm
 * @param angle between both axes, in radians
 * @param asideMm how far the tube's axis passes beside the other, in mm
 * @param lengthMm length along the tube's axis, from the other axis to the far end, in mm
 */
public record Cope(
    double outsideMm, double foamMm, double onMm, double angle, double asideMm, double lengthMm)
    implements Form {

  private static final int CURVES = 128;
  private static final int LEANS = 8;

  /** A tube that reaches nearer than this to the sides of the other would end in a feather. */
  private static final double WIDEST = 0.98;

  private static final double SHARPEST = Math.toRadians(20);

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if the tube does not lie on the other, with the reason
   */
  public Cope {
    Form.above(foamMm, 0, "The foam's thickness in mm");
    Form.above(outsideMm - 2 * foamMm, 0, "The tube's diameter inside in mm");
    Form.above(onMm, 0, "The diameter of what it lies on in mm");
    if (!(angle >= SHARPEST && angle <= Math.PI - SHARPEST)) {
      throw new IllegalArgumentException(
          "The tube leans by 20° to 160° from what it lies on; found "
              + Math.toDegrees(angle)
              + "°");
    }
    double reach = Math.abs(asideMm) + outsideMm / 2;
    if (!(reach <= WIDEST * onMm / 2)) {
      throw new IllegalArgumentException(
          ("The tube reaches %.1f mm aside, beyond what it lies on, which is %.1f mm to each side:"
                  + " a narrower tube, or one less aside")
              .formatted(reach, onMm / 2));
    }
    double most = 0;
    for (int i = 0; i < CURVES; i++) {
      most =
          Math.max(most, along(angle, onMm / 2, asideMm, outsideMm / 2, 2 * Math.PI * i / CURVES));
    }
    Form.above(lengthMm - most, 1, "What is left of the tube at its shortest, mm,");
  }

  /** How far along the tube's axis its end lies at an angle round it, in mm. */
  private static double along(double angle, double on, double aside, double radius, double round) {
    double across = aside + radius * Math.sin(round);
    double up = Math.sqrt(on * on - across * across);
    return (up + radius * Math.cos(round) * Math.cos(angle)) / Math.sin(angle);
  }

  /** The middle of the foam's thickness. */
  private double radius() {
    return (outsideMm - foamMm) / 2;
  }

  private double end(double round) {
    return along(angle, onMm / 2, asideMm, radius(), round);
  }

  private double slope(double round) {
    double across = asideMm + radius() * Math.sin(round);
    double up = Math.sqrt(onMm * onMm / 4 - across * across);
    double per =
        -across * radius() * Math.cos(round) / up - radius() * Math.sin(round) * Math.cos(angle);
    return per / Math.sin(angle) / radius();
  }

  /** The end of the outer face at an angle round the tube, in mm along its axis. */
  public double outerEnd(double round) {
    return along(angle, onMm / 2, asideMm, outsideMm / 2, round);
  }

  @Override
  public Developed develop(String id) {
    Figure outside = Form.length(id + ".outside", "Tube outside, across", outsideMm);
    Figure foam = Form.length(id + ".foam", "Foam", foamMm);
    Figure round =
        Figure.computed(
            id + ".round",
            "Once round",
            Quantity.LENGTH,
            "pi * ({%s} - {%s})".formatted(outside.id(), foam.id()),
            THROUGH_THE_MIDDLE,
            outside,
            foam);
    Figure on = Form.length(id + ".on", "Lies on a round, across", onMm);
    Figure lean = Form.angle(id + ".angle", "Between both axes", angle);
    Figure aside = Form.length(id + ".aside", "Axis aside by", asideMm);
    Figure length = Form.length(id + ".length", "From the round's axis to the far end", lengthMm);
    List<Figure> of = List.of(outside, foam, on, lean, aside, length);
    List<Figure> figures = new ArrayList<>(List.of(round));
    figures.add(side(id, "seam", "Length at the seam", 0, 1, of));
    figures.add(side(id, "first", "Length a quarter round", 1, 0, of));
    figures.add(side(id, "half", "Length half round", 0, -1, of));
    figures.add(side(id, "third", "Length three quarters round", -1, 0, of));
    return new Developed(
        List.of(panel()),
        figures,
        List.of(
            "Lean the knife along the wavy edge as is written at it: there the foam lies flat on"
                + " what it stands on.",
            "Print it on paper, too, and wrap that round the tube where it is a tube already: the"
                + " wave is the line to cut.",
            "The seam lies where the tube leans over, at its shortest side; the first half of the"
                + " strip turns to the side that the axis lies aside."));
  }

  /** How long the tube is along its side, at the sine and cosine of an angle round it. */
  private static Figure side(
      String id, String key, String label, int sine, int cosine, List<Figure> of) {
    String[] ids = of.stream().map(it -> "{" + it.id() + "}").toArray(String[]::new);
    String radius = "(" + ids[0] + " - " + ids[1] + ") / 2";
    String across = ids[4] + plus(sine) + (sine == 0 ? "" : radius);
    String along = cosine == 0 ? "" : plus(cosine) + radius + " * cos(" + ids[3] + ")";
    return Figure.computed(
        id + "." + key,
        label,
        Quantity.LENGTH,
        "%s - (sqrt((%s / 2)^2 - (%s)^2)%s) / sin(%s)"
            .formatted(ids[5], ids[2], across, along, ids[3]),
        Source.handbook("two cylinders that meet, developed"),
        of.toArray(Figure[]::new));
  }

  private static String plus(int sign) {
    return sign == 0 ? "" : sign > 0 ? " + " : " - ";
  }

  private Panel panel() {
    double radius = radius();
    double round = 2 * Math.PI * radius;
    Path wave =
        Path.following(
            x -> new Point(x, lengthMm - end(x / radius)),
            x -> new Point(1, -slope(x / radius)),
            round,
            0,
            CURVES);
    Path far = Path.line(new Point(0, 0), new Point(round, 0));
    return Panel.of(
        "Coped tube",
        1,
        List.of(
            Edge.free(far),
            Edge.straight("A", far.end(), wave.start(), 0),
            new Edge("", wave, 0, leans()),
            Edge.straight("A", wave.end(), far.start(), 0)));
  }

  /**
   * How far the knife leans: the angle between the cut's face, which looks at the other's axis, and
   * one that is square to the sheet. Outer and inner face end at different places along the tube:
   * the lean is the arc tangent of their distance over the foam's thickness.
   */
  private List<Edge.Lean> leans() {
    List<Edge.Lean> leans = new ArrayList<>();
    for (int i = 0; i < LEANS; i++) {
      double share = (i + 0.5) / LEANS;
      double at = 2 * Math.PI * share;
      double outer = along(angle, onMm / 2, asideMm, outsideMm / 2, at);
      double inner = along(angle, onMm / 2, asideMm, outsideMm / 2 - foamMm, at);
      leans.add(new Edge.Lean(share, Math.atan((inner - outer) / foamMm)));
    }
    return leans;
  }
}
