package stoutblade.develop;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;

/**
 * One turn of foam round something: a ring, a tube, a collar.
 *
 * @param diameterMm the diameter that is known, in mm
 * @param known whether it is that of the former inside, or of the ring outside
 * @param foamMm the foam's thickness, in mm
 * @param widthMm how wide the ring is along its axis, in mm
 */
public record Ring(double diameterMm, Known known, double foamMm, double widthMm) implements Form {

  /** Which diameter is known. */
  public enum Known {
    FORMER,
    OUTSIDE
  }

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is not positive, or the foam fills the ring
   */
  public Ring {
    Form.above(foamMm, 0, "The foam's thickness in mm");
    Form.above(widthMm, 0, "The width in mm");
    Form.above(
        diameterMm,
        known == Known.OUTSIDE ? 2 * foamMm : 0,
        known == Known.OUTSIDE ? "The outside diameter in mm" : "The former's diameter in mm");
  }

  /** The outside diameter, in mm. */
  public double outsideMm() {
    return known == Known.OUTSIDE ? diameterMm : diameterMm + 2 * foamMm;
  }

  /** The diameter through the middle of the foam, in mm. */
  public double middleMm() {
    return known == Known.FORMER ? diameterMm + foamMm : diameterMm - foamMm;
  }

  @Override
  public Developed develop(String id) {
    boolean former = known == Known.FORMER;
    Figure across =
        Form.length(id + ".across", former ? "Former, across" : "Ring outside, across", diameterMm);
    Figure foam = Form.length(id + ".foam", "Foam", foamMm);
    Figure length =
        Figure.computed(
            id + ".length",
            "Length to cut",
            Quantity.LENGTH,
            former
                ? "pi * ({%s.across} + {%s.foam})".formatted(id, id)
                : "pi * ({%s.across} - {%s.foam})".formatted(id, id),
            THROUGH_THE_MIDDLE,
            across,
            foam);
    Figure other =
        Figure.computed(
            id + (former ? ".outside" : ".inside"),
            former ? "Ring outside, across" : "Ring inside, across",
            Quantity.LENGTH,
            (former ? "{%s.across} + 2 * {%s.foam}" : "{%s.across} - 2 * {%s.foam}")
                .formatted(id, id),
            stoutblade.measure.Source.GEOMETRY,
            across,
            foam);
    return new Developed(
        List.of(Panel.strip("Ring", 1, length.value(), widthMm, "A")),
        List.of(length, other),
        List.of(
            "Lean both ends a little so that the seam closes on the outside, glue the seam alone,"
                + " then warm the sides away from it until it is round."));
  }
}
