package stoutblade.mesh;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** The figures of a section through a model, at the size in which the prop is made. */
public final class SectionFigures {

  private static final Source CUT = Source.measured("cut through the model's triangles");

  private SectionFigures() {}

  /**
   * The figures of a section.
   *
   * @param id begins the figures' ids
   * @param perUnit mm of the prop as made for a unit of the model
   */
  public static List<Figure> of(String id, MeshSection section, Figure perUnit) {
    List<Point> all = section.loops().stream().flatMap(List::stream).toList();
    if (all.isEmpty()) {
      return List.of();
    }
    Box box = Box.around(all);
    return List.of(
        length(id + ".wide", "Cut, along the line", box.width(), perUnit),
        length(id + ".thick", "Cut, through the model", box.height(), perUnit),
        area(id + ".area", section.area(), perUnit));
  }

  private static Figure length(String id, String label, double units, Figure perUnit) {
    Figure own = own(id, label, units);
    return Figure.computed(
        id,
        label,
        Quantity.LENGTH,
        "{" + own.id() + "} * {" + perUnit.id() + "}",
        Source.GEOMETRY,
        own,
        perUnit);
  }

  private static Figure area(String id, double units, Figure perUnit) {
    Figure own = own(id, "Cut, area", units);
    return Figure.computed(
        id,
        "Cut, area",
        Quantity.AREA,
        "{" + own.id() + "} * {" + perUnit.id() + "}^2",
        Source.GEOMETRY,
        own,
        perUnit);
  }

  private static Figure own(String id, String label, double units) {
    return Figure.given(id + ".units", label + ", in units", units, Quantity.RATIO, CUT);
  }
}
