package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A tube that turns a corner in straight pieces, mitred where they meet.
 *
 * <p>A tube cut by a plane that leans by α from square, laid out flat, ends in a cosine of height r
 * tan α (any handbook of sheet-metal development). The seams lie on the inside of the bend, where
 * each piece is shortest.
 *
 * @param outsideMm outside diameter, in mm
 * @param foamMm the foam's thickness, in mm
 * @param bend by how much the tube turns in all, in radians
 * @param pieces of how many pieces; one mitre fewer
 * @param bendMm radius of the bend along the middle of the tube, in mm
 * @param legMm straight length at each end beyond the bend, in mm
 */
public record Elbow(
    double outsideMm, double foamMm, double bend, int pieces, double bendMm, double legMm)
    implements Form {

  private static final int MOST_PIECES = 16;
  private static final int CURVES = 32;
  private static final int LEANS = 8;

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if they make no elbow, with the reason
   */
  public Elbow {
    Form.above(foamMm, 0, "The foam's thickness in mm");
    Form.above(outsideMm - 2 * foamMm, 0, "The tube's diameter inside in mm");
    Form.above(bend, 0, "The bend");
    if (bend > Math.PI) {
      throw new IllegalArgumentException(
          "A tube turns back by 180° at most; found " + Math.toDegrees(bend) + "°");
    }
    if (pieces < 2 || pieces > MOST_PIECES) {
      throw new IllegalArgumentException(
          "An elbow has 2 to " + MOST_PIECES + " pieces; found " + pieces);
    }
    if (!(legMm >= 0)) {
      throw new IllegalArgumentException("The legs are not negative; found " + legMm);
    }
    double mitre = bend / 2 / (pieces - 1);
    if (mitre > Math.toRadians(80)) {
      throw new IllegalArgumentException("So sharp a bend wants more pieces");
    }
    double inside = (pieces == 2 ? legMm / Math.tan(mitre) : 0) + bendMm - outsideMm / 2;
    Form.above(inside, 0, "The radius of the bend less half the tube, mm,");
  }

  private double mitre() {
    return bend / 2 / (pieces - 1);
  }

  @Override
  public Developed develop(String id) {
    Figure outside = Form.length(id + ".outside", "Tube outside, across", outsideMm);
    Figure foam = Form.length(id + ".foam", "Foam", foamMm);
    Figure turn = Form.angle(id + ".bend", "Bend", bend);
    Figure count = Form.count(id + ".pieces", "Pieces", pieces);
    Figure radius = Form.length(id + ".radius", "Radius of the bend", bendMm);
    Figure mitre =
        Figure.computed(
            id + ".mitre",
            "Each cut leans from square by",
            Quantity.ANGLE,
            "{%s} / 2 / ({%s} - 1)".formatted(turn.id(), count.id()),
            Source.GEOMETRY,
            turn,
            count);
    Figure round =
        Figure.computed(
            id + ".round",
            "Once round",
            Quantity.LENGTH,
            "pi * ({%s} - {%s})".formatted(outside.id(), foam.id()),
            THROUGH_THE_MIDDLE,
            outside,
            foam);
    Figure wave =
        Figure.computed(
            id + ".wave",
            "Cut, from its lowest to its highest",
            Quantity.LENGTH,
            "({%s} - {%s}) * tan({%s})".formatted(outside.id(), foam.id(), mitre.id()),
            Source.handbook("cylinder cut by a plane, developed: y = r tan α cos φ"),
            outside,
            foam,
            mitre);
    Figure middle =
        Figure.computed(
            id + ".middle",
            "A piece between, along its middle",
            Quantity.LENGTH,
            "2 * {%s} * tan({%s})".formatted(radius.id(), mitre.id()),
            Source.GEOMETRY,
            radius,
            mitre);
    List<Figure> figures = new ArrayList<>(List.of(mitre, round, wave));
    if (pieces > 2) {
      figures.add(middle);
    }
    return new Developed(
        panels(),
        figures,
        List.of(
            "Lean the knife along the wavy edge as is written at it: outwards on the outside of the"
                + " bend, inwards on the inside, square halfway.",
            "All seams lie on the inside of the bend. To keep them out of one line start every second"
                + " piece half a round further along its wave, so that its seam lies on the outside;"
                + " a piece turned half round the tube makes an S of the bend."));
  }

  private List<Panel> panels() {
    List<Panel> all = new ArrayList<>();
    double half = bendMm * Math.tan(mitre());
    all.add(piece("End piece", 2, legMm + half, false, "B"));
    if (pieces > 2) {
      all.add(piece("Piece between", pieces - 2, 2 * half, true, "C"));
    }
    return all;
  }

  /**
   * How far the knife leans round a mitre. The cut's plane leans by α from square to the tube;
   * where the sheet's outer face looks away from the bend by φ, the sine of the angle between plane
   * and face is sin α cos φ (both normals' scalar product).
   */
  private List<Edge.Lean> leans() {
    List<Edge.Lean> leans = new ArrayList<>();
    for (int i = 0; i < LEANS; i++) {
      double share = (i + 0.5) / LEANS;
      // The seam lies on the inside of the bend, where the outer face stays back.
      double lean = -Math.asin(Math.sin(mitre()) * Math.cos(2 * Math.PI * share));
      leans.add(new Edge.Lean(share, lean));
    }
    return leans;
  }

  private Panel piece(String name, int count, double along, boolean both, String side) {
    double radius = (outsideMm - foamMm) / 2;
    double rise = radius * Math.tan(mitre());
    double round = 2 * Math.PI * radius;
    double top = both ? along / 2 : along;
    double foot = both ? -along / 2 : 0;
    Path upper =
        Path.following(
            x -> new Point(x, top - rise * Math.cos(x / radius)),
            x -> new Point(1, rise / radius * Math.sin(x / radius)),
            round,
            0,
            CURVES);
    Path lower =
        both
            ? upper.moved(it -> new Point(it.x(), -it.y())).reversed()
            : Path.line(new Point(0, foot), new Point(round, foot));
    return Panel.of(
        name,
        count,
        List.of(
            new Edge(both ? "A" : "", lower, 0, both ? leans() : List.of()),
            Edge.straight(side, lower.end(), upper.start(), 0),
            new Edge("A", upper, 0, leans()),
            Edge.straight(side, upper.end(), lower.start(), 0)));
  }
}
