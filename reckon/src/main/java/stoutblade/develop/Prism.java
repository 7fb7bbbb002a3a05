package stoutblade.develop;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Point;

/**
 * A box, or a tube with flat sides, mitred along its edges: each edge leans by 180° over the number
 * of sides. Closed ends are mitred, too, so that it is as high as it says.
 *
 * @param sides how many sides it has
 * @param sideMm outside width of a side, in mm
 * @param secondMm outside width of every second side of a box; the same for other numbers of sides
 * @param heightMm its height outside, with closed ends, in mm
 * @param foamMm the foam's thickness, in mm
 * @param lids how many ends are closed
 */
public record Prism(
    int sides, double sideMm, double secondMm, double heightMm, double foamMm, int lids)
    implements Form {

  /** The most sides of one. */
  static final int MOST_SIDES = 24;

  /** An end stands square on the sides: each takes half of the right angle. */
  private static final double END_LEAN = Math.PI / 4;

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if they make no box, with the reason
   */
  public Prism {
    checkSides(sides);
    Form.above(heightMm, 0, "The height in mm");
    Form.above(foamMm, 0, "The foam's thickness in mm");
    double lost = 2 * foamMm * Math.tan(Math.PI / sides);
    Form.above(Math.min(sideMm, secondMm) - lost, 0, "A side's width inside in mm");
    if (sides != 4 && sideMm != secondMm) {
      throw new IllegalArgumentException("Only a box of four sides has two widths");
    }
    if (lids < 0 || lids > 2) {
      throw new IllegalArgumentException("None, one or two ends are closed; found " + lids);
    }
    Form.above(heightMm - lids * foamMm, 0, "The height in mm inside its ends");
  }

  static void checkSides(int sides) {
    if (sides < 3 || sides > MOST_SIDES) {
      throw new IllegalArgumentException("There are 3 to " + MOST_SIDES + " sides; found " + sides);
    }
  }

  /** The figure of the lean of edges at which so many sides meet upright. */
  static Figure lean(String id, Figure count) {
    return Figure.computed(
        id + ".lean",
        "Edges lean from square by",
        Quantity.ANGLE,
        "pi / {%s}".formatted(count.id()),
        Source.practice("mitre of a box of n sides: 180° over n"),
        count);
  }

  @Override
  public Developed develop(String id) {
    Figure count = Form.count(id + ".sides", "Sides", sides);
    Figure side = Form.length(id + ".side", "A side outside", sideMm);
    Figure foam = Form.length(id + ".foam", "Foam", foamMm);
    Figure lean = lean(id, count);
    Figure inside =
        Figure.computed(
            id + ".inside",
            "A side inside",
            Quantity.LENGTH,
            "{%s} - 2 * {%s} * tan({%s})".formatted(side.id(), foam.id(), lean.id()),
            Source.GEOMETRY,
            side,
            foam,
            lean);
    List<Figure> figures = new ArrayList<>(List.of(lean, inside));
    if (lids > 0) {
      figures.add(
          Figure.computed(
              id + ".end-lean",
              "Edges at closed ends lean by",
              Quantity.ANGLE,
              "pi / 4",
              Source.GEOMETRY));
      figures.add(within(id, foam));
    }
    return new Developed(panels(lean.value()), figures, List.of());
  }

  private Figure within(String id, Figure foam) {
    Figure height = Form.length(id + ".height", "Height outside", heightMm);
    Figure ends = Form.count(id + ".ends", "Ends closed", lids);
    return Figure.computed(
        id + ".within",
        "Height inside",
        Quantity.LENGTH,
        "{%s} - {%s} * {%s}".formatted(height.id(), ends.id(), foam.id()),
        Source.GEOMETRY,
        height,
        ends,
        foam);
  }

  private List<Panel> panels(double lean) {
    List<Panel> panels = new ArrayList<>();
    String end = lids > 0 ? "B" : "";
    if (sideMm == secondMm) {
      panels.add(side("Side", sides, sideMm, lean, end));
    } else {
      panels.add(side("Wide side", 2, sideMm, lean, end));
      panels.add(side("Narrow side", 2, secondMm, lean, lids > 0 ? "C" : ""));
    }
    if (lids > 0) {
      panels.add(lid());
    }
    return panels;
  }

  private Panel side(String name, int count, double width, double lean, String end) {
    Point a = new Point(0, 0);
    Point b = new Point(width, 0);
    Point c = new Point(width, heightMm);
    Point d = new Point(0, heightMm);
    String upper = lids == 2 ? end : "";
    double foot = lids > 0 ? END_LEAN : 0;
    double head = lids == 2 ? END_LEAN : 0;
    return Panel.of(
        name,
        count,
        List.of(
            Edge.straight(end, a, b, foot),
            Edge.straight("A", b, c, lean),
            Edge.straight(upper, c, d, head),
            Edge.straight("A", d, a, lean)));
  }

  private Panel lid() {
    if (sideMm != secondMm) {
      return Panel.polygon(
          "End",
          lids,
          List.of(
              new Point(0, 0),
              new Point(sideMm, 0),
              new Point(sideMm, secondMm),
              new Point(0, secondMm)),
          List.of("B", "C", "B", "C"),
          END_LEAN);
    }
    return Panel.polygon(
        "End", lids, corners(sides, sideMm), Collections.nCopies(sides, "B"), END_LEAN);
  }

  /** The corners of a regular polygon, counter-clockwise. */
  static List<Point> corners(int sides, double side) {
    double radius = side / 2 / Math.sin(Math.PI / sides);
    List<Point> corners = new ArrayList<>();
    for (int i = 0; i < sides; i++) {
      double angle = -Math.PI / 2 - Math.PI / sides + 2 * Math.PI * i / sides;
      corners.add(new Point(radius * Math.cos(angle), radius * Math.sin(angle)));
    }
    return corners;
  }
}
