package stoutblade.develop;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * A band or skin once round a closed outline, against its edge.
 *
 * <p>A curve at the distance d outside a closed one is longer by 2πd, whatever its shape (Steiner's
 * formula); inward corners take more, so the band is trimmed where it closes.
 *
 * @param roundMm the length of the outline, in mm
 * @param foamMm the band's thickness, in mm
 * @param widthMm its width, in mm
 */
public record RimBand(double roundMm, double foamMm, double widthMm) implements Form {

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is not positive
   */
  public RimBand {
    Form.above(roundMm, 0, "The way round in mm");
    Form.above(foamMm, 0, "The band's thickness in mm");
    Form.above(widthMm, 0, "The band's width in mm");
  }

  @Override
  public Developed develop(String id) {
    Figure round = Form.length(id + ".round", "Once round the outline", roundMm);
    Figure foam = Form.length(id + ".foam", "Band, thickness", foamMm);
    Figure length =
        Figure.computed(
            id + ".length",
            "Band to cut",
            Quantity.LENGTH,
            "{%s} + pi * {%s}".formatted(round.id(), foam.id()),
            Source.handbook(
                "Steiner's formula: a parallel curve is longer by 2π times its distance"),
            round,
            foam);
    return new Developed(
        List.of(Panel.strip("Band", 1, length.value(), widthMm, "A")),
        List.of(length),
        List.of("Start and end where it will not be seen: the back, under a strap."));
  }
}
