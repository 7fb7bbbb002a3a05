package stoutblade.develop;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A disc that closes a tube: set into it, or glued over its end.
 *
 * @param acrossMm outside diameter of the tube, in mm
 * @param wallMm thickness of its wall, in mm
 * @param glueMm how much the glue takes all round, in mm
 * @param foamMm thickness of the disc, in mm
 * @param inside true where it is set into the tube
 */
public record Insert(double acrossMm, double wallMm, double glueMm, double foamMm, boolean inside)
    implements Form {

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if nothing is left of the disc, with the reason
   */
  public Insert {
    Form.above(wallMm, 0, "The tube's wall in mm");
    Form.above(foamMm, 0, "The disc's thickness in mm");
    if (!(glueMm >= 0)) {
      throw new IllegalArgumentException("The glue takes 0 mm or more; found " + glueMm);
    }
    Form.above(acrossMm - 2 * (wallMm + glueMm), 0, "What is left inside the tube, across in mm,");
  }

  /** Diameter of the disc, in mm. */
  public double discMm() {
    return inside ? acrossMm - 2 * (wallMm + glueMm) : acrossMm;
  }

  @Override
  public Developed develop(String id) {
    Figure across = Form.length(id + ".across", "Tube outside, across", acrossMm);
    Figure wall = Form.length(id + ".wall", "Tube, wall", wallMm);
    Figure glue = Form.length(id + ".glue", "Glue all round", glueMm);
    Figure disc =
        inside
            ? Figure.computed(
                id + ".disc",
                "Disc, across",
                Quantity.LENGTH,
                "{%s} - 2 * {%s} - 2 * {%s}".formatted(across.id(), wall.id(), glue.id()),
                Source.GEOMETRY,
                across,
                wall,
                glue)
            : Figure.computed(
                id + ".disc",
                "Disc, across",
                Quantity.LENGTH,
                "{%s}".formatted(across.id()),
                Source.GEOMETRY,
                across);
    Figure round =
        Figure.computed(
            id + ".round",
            "Once round it",
            Quantity.LENGTH,
            "pi * {%s}".formatted(disc.id()),
            Source.GEOMETRY,
            disc);
    double radius = discMm() / 2;
    Path edge = new Path(Path.arc(new Point(0, 0), radius, 0, 2 * Math.PI).cubics(), true);
    return new Developed(
        List.of(Panel.of("Disc", 1, List.of(Edge.free(edge)))),
        List.of(disc, round),
        List.of(
            inside
                ? "Set it in dry first; a disc that has to be pressed in spreads the tube's seam."
                : "Trim it flush once the glue holds."));
  }
}
