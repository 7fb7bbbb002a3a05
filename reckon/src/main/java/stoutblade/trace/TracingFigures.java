package stoutblade.trace;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Box;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/** The figures of outlines that were traced: how large they are, and how many nodes they take. */
public final class TracingFigures {

  private static final double FINE = 0.02;

  private TracingFigures() {}

  /**
   * The figures of outlines.
   *
   * @param id begins the figures' ids
   * @param toleranceMm how far the outlines may lie from what was traced; the sides are unsure by
   *     it at both ends
   */
  public static List<Figure> of(String id, List<WholeOutline> outlines, double toleranceMm) {
    if (outlines.isEmpty()) {
      return List.of();
    }
    Box box = Box.around(outlines.getFirst().path().flattened(FINE));
    List<Figure> figures = new ArrayList<>();
    figures.add(side(id + ".height", "Outline, height", box.height(), toleranceMm));
    figures.add(side(id + ".width", "Outline, width", box.width(), toleranceMm));
    figures.add(area(id + ".area", outlines.getFirst(), toleranceMm));
    figures.add(count(id + ".outlines", "Outlines", outlines.size()));
    figures.add(
        count(id + ".nodes", "Nodes", outlines.stream().mapToInt(it -> it.nodes().size()).sum()));
    return List.copyOf(figures);
  }

  private static Figure side(String id, String label, double mm, double toleranceMm) {
    return Figure.found(
        id,
        label,
        mm,
        Quantity.LENGTH,
        "between the furthest places of the first outline",
        Source.GEOMETRY,
        Uncertainty.of(id, toleranceMm / Math.sqrt(2)));
  }

  private static Figure area(String id, WholeOutline outline, double toleranceMm) {
    double along = outline.path().length(FINE);
    return Figure.found(
        id,
        "Outline, area",
        Region.inside(outline.path(), FINE).area(),
        Quantity.AREA,
        "inside the first outline",
        Source.GEOMETRY,
        Uncertainty.of(id, along * toleranceMm / 2));
  }

  private static Figure count(String id, String label, int count) {
    return Figure.found(
        id, label, count, Quantity.COUNT, "counted", Source.GEOMETRY, Uncertainty.NONE);
  }
}
