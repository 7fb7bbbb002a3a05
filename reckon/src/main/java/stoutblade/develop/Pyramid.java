package stoutblade.develop;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Point;

/**
 * A pyramid of equal sides, whole or with its tip cut off.
 *
 * @param sides how many sides it has
 * @param footMm outside width of a side at the foot, in mm
 * @param topMm outside width of a side at the upper end, in mm; 0 for a whole pyramid
 * @param heightMm its height, in mm
 */
public record Pyramid(int sides, double footMm, double topMm, double heightMm) implements Form {

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if they make no pyramid, with the reason
   */
  public Pyramid {
    Prism.checkSides(sides);
    Form.above(heightMm, 0, "The height in mm");
    if (!(topMm >= 0 && footMm > topMm)) {
      throw new IllegalArgumentException(
          "A pyramid is wider at its foot than above; found " + footMm + " and " + topMm + " mm");
    }
  }

  @Override
  public Developed develop(String id) {
    Figure count = Form.count(id + ".sides", "Sides", sides);
    Figure foot = Form.length(id + ".foot", "A side at the foot", footMm);
    Figure top = Form.length(id + ".top", "A side at the upper end", topMm);
    Figure height = Form.length(id + ".height", "Height", heightMm);
    Figure back =
        Figure.computed(
            id + ".back",
            "The upper end stands back by",
            Quantity.LENGTH,
            "({%s} - {%s}) / 2 / tan(pi / {%s})".formatted(foot.id(), top.id(), count.id()),
            Source.GEOMETRY,
            foot,
            top,
            count);
    Figure slope =
        Figure.computed(
            id + ".slope",
            "Height of a side along its slope",
            Quantity.LENGTH,
            "sqrt({%s}^2 + {%s}^2)".formatted(height.id(), back.id()),
            Source.GEOMETRY,
            height,
            back);
    Figure lean =
        Figure.computed(
            id + ".lean",
            "Edges lean from square by",
            Quantity.ANGLE,
            "asin({%s} / {%s} * sin(pi / {%s}))".formatted(height.id(), slope.id(), count.id()),
            Source.handbook("half the angle between neighbouring sides of a regular pyramid"),
            height,
            slope,
            count);
    double inset = (footMm - topMm) / 2;
    double tall = slope.value();
    Point a = new Point(0, 0);
    Point b = new Point(footMm, 0);
    List<Edge> edges =
        topMm > 0
            ? List.of(
                Edge.straight("", a, b, 0),
                Edge.straight("A", b, new Point(footMm - inset, tall), lean.value()),
                Edge.straight("", new Point(footMm - inset, tall), new Point(inset, tall), 0),
                Edge.straight("A", new Point(inset, tall), a, lean.value()))
            : List.of(
                Edge.straight("", a, b, 0),
                Edge.straight("A", b, new Point(footMm / 2, tall), lean.value()),
                Edge.straight("A", new Point(footMm / 2, tall), a, lean.value()));
    return new Developed(
        List.of(Panel.of("Side", sides, edges)), List.of(slope, lean, back), List.of());
  }
}
