package stoutblade.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Doubt;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.prop.PlateForm;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * The shape that a drafted outline makes.
 *
 * @param outline the whole outline as it is drawn, closed along the base, in mm
 * @param edge the outline without the base: what is bevelled
 * @param drawn the area inside the outline
 * @param worked what is worked into it
 * @param face the area that is left of it
 * @param length from base to tip
 * @param width the greatest width
 * @param widestAt where along the blade it is widest
 * @param area the area of one face
 * @param girth the length of the edge, once round
 */
public record BladeForm(
    Path outline,
    Path edge,
    Region drawn,
    PlateForm worked,
    Region face,
    Figure length,
    Figure width,
    Figure widestAt,
    Figure area,
    Figure girth) {

  /** How far straight pieces may lie from the drafted curves, in mm. */
  public static final double TOLERANCE_MM = 0.01;

  /** Where the outline of a drafted blade crosses itself, if it does. */
  public static Optional<Point> crossing(Blade blade) {
    return Region.crossing(blade.half().outline(), TOLERANCE_MM);
  }

  /**
   * Works out the form.
   *
   * @param worked the blade with what is worked into it
   * @param scale the scale of the picture it was traced on, which lends it its doubt; none for a
   *     blade drawn by numbers
   * @throws IllegalArgumentException if the outline crosses itself, or is not half a blade's
   */
  public static BladeForm of(PlateForm worked, Optional<Figure> scale) {
    if (worked.crossing().isPresent()) {
      throw new IllegalArgumentException("The outline crosses itself");
    }
    if (!(worked.slab().outline() instanceof HalfOutline half)) {
      throw new IllegalArgumentException("A blade is drawn as half its outline");
    }
    Path outline = half.outline();
    Region drawn =
        worked.slab().features().isEmpty() ? worked.face() : Region.inside(outline, TOLERANCE_MM);
    return new Measuring(
            outline, half.edge(), drawn, worked, worked.reshaped() ? worked.face() : drawn, scale)
        .form();
  }

  /** The box around the outline, in mm. */
  public Box box() {
    double half = width.value() / 2;
    return new Box(-half, 0, half, length.value());
  }

  /** All figures that a person is shown, in order. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>(List.of(length, width, widestAt, area, girth));
    all.addAll(worked.featureFigures());
    return all;
  }

  /** The measuring of one outline. */
  private record Measuring(
      Path outline,
      Path edge,
      Region drawn,
      PlateForm worked,
      Region face,
      Optional<Figure> scale) {

    BladeForm form() {
      List<Point> points = outline.extremes();
      double least = points.stream().mapToDouble(Point::y).min().orElseThrow();
      double greatest = points.stream().mapToDouble(Point::y).max().orElseThrow();
      Point widest =
          points.stream()
              .max((a, b) -> Double.compare(Math.abs(a.x()), Math.abs(b.x())))
              .orElseThrow();
      return new BladeForm(
          outline,
          edge,
          drawn,
          worked,
          face,
          measured(
              "blade.length",
              "Length, base to tip",
              greatest - least,
              Quantity.LENGTH,
              "highest less lowest point of the outline"),
          measured(
              "blade.width",
              "Greatest width",
              2 * Math.abs(widest.x()),
              Quantity.LENGTH,
              "twice the greatest distance of the outline from the centre line"),
          measured(
              "blade.widest-at",
              "Widest at, from the base",
              widest.y(),
              Quantity.LENGTH,
              "height of the point furthest from the centre line"),
          measured(
              "blade.area",
              "Area of one face",
              face.area(),
              Quantity.AREA,
              "shoelace formula over the outline, in pieces that keep within 0.01 mm of it, less what"
                  + " is cut out"),
          measured(
              "blade.girth",
              "Edge, once round",
              edge.length(TOLERANCE_MM),
              Quantity.LENGTH,
              "sum of the pieces of the outline from base round the tip to base"));
    }

    private Figure measured(
        String id, String label, double value, Quantity quantity, String words) {
      return scale
          .map(it -> it.scaling(id, label, value, quantity, words + "; traced at"))
          .orElseGet(
              () -> Figure.found(id, label, value, quantity, words, Source.GEOMETRY, Doubt.NONE));
    }
  }
}
