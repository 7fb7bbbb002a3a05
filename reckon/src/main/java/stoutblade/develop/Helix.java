package stoutblade.develop;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A strip wound round a tube in a helix, its ends cut level with the tube's.
 *
 * <p>Laid out flat the tube is a rectangle, and the strip crosses it at the angle whose sine is the
 * strip's free width over the way round.
 *
 * @param formerMm outside diameter of the tube, in mm
 * @param foamMm the strip's thickness, in mm
 * @param widthMm the strip's width, in mm
 * @param overlapMm how far each turn lies over the one below, in mm
 * @param coveredMm the length of tube that is covered, in mm
 */
public record Helix(
    double formerMm, double foamMm, double widthMm, double overlapMm, double coveredMm)
    implements Form {

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is not positive, or the strip is too wide to be wound
   */
  public Helix {
    Form.above(formerMm, 0, "The tube's diameter in mm");
    Form.above(foamMm, 0, "The strip's thickness in mm");
    Form.above(coveredMm, 0, "The length covered in mm");
    if (!(overlapMm >= 0)) {
      throw new IllegalArgumentException("The overlap in mm is not negative; found " + overlapMm);
    }
    Form.above(widthMm - overlapMm, 0, "The strip's width without its overlap in mm");
    Form.above(
        Math.PI * (formerMm + foamMm) - (widthMm - overlapMm),
        0,
        "The way round less the strip's free width in mm");
  }

  @Override
  public Developed develop(String id) {
    Figure former = Form.length(id + ".former", "Tube, across", formerMm);
    Figure foam = Form.length(id + ".foam", "Strip, thickness", foamMm);
    Figure wide = Form.length(id + ".wide", "Strip, width", widthMm);
    Figure overlap = Form.length(id + ".overlap", "Overlap", overlapMm);
    Figure covered = Form.length(id + ".covered", "Tube covered", coveredMm);
    Figure round =
        Figure.computed(
            id + ".round",
            "Once round",
            Quantity.LENGTH,
            "pi * ({%s} + {%s})".formatted(former.id(), foam.id()),
            THROUGH_THE_MIDDLE,
            former,
            foam);
    Figure angle =
        Figure.computed(
            id + ".angle",
            "Ends, angle to the long edge",
            Quantity.ANGLE,
            "asin(({%s} - {%s}) / {%s})".formatted(wide.id(), overlap.id(), round.id()),
            Source.GEOMETRY,
            wide,
            overlap,
            round);
    Figure length =
        Figure.computed(
            id + ".length",
            "Long edge",
            Quantity.LENGTH,
            "{%s} / sin({%s})".formatted(covered.id(), angle.id()),
            Source.GEOMETRY,
            covered,
            angle);
    Figure advance =
        Figure.computed(
            id + ".advance",
            "Up by each turn",
            Quantity.LENGTH,
            "{%s} * tan({%s})".formatted(round.id(), angle.id()),
            Source.GEOMETRY,
            round,
            angle);
    return new Developed(
        List.of(panel(length.value(), angle.value())),
        List.of(length, angle, advance, round),
        List.of());
  }

  private Panel panel(double length, double angle) {
    Point across = new Point(widthMm / Math.tan(angle), widthMm);
    Point along = new Point(length, 0);
    Point start = new Point(0, 0);
    boolean butted = overlapMm == 0;
    Panel bare =
        Panel.polygon(
            "Strip", 1, List.of(start, along, along.plus(across), across), List.of("", "", "", ""));
    if (butted) {
      return bare;
    }
    Point lap = across.times((widthMm - overlapMm) / widthMm);
    return new Panel("Strip", 1, bare.edges(), List.of(), List.of(Path.line(lap, lap.plus(along))));
  }
}
