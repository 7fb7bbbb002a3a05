package stoutblade.develop;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A plate that lies on a face, goes over its edge and lies on the other face.
 *
 * @param halfMm how far it reaches on each face, in mm
 * @param crossedMm the thickness that it crosses, in mm
 * @param lengthMm its length along the edge, in mm
 */
public record OverEdge(double halfMm, double crossedMm, double lengthMm) implements Form {

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is not positive
   */
  public OverEdge {
    Form.above(halfMm, 0, "The reach on a face in mm");
    Form.above(crossedMm, 0, "The thickness crossed in mm");
    Form.above(lengthMm, 0, "The length in mm");
  }

  @Override
  public Developed develop(String id) {
    Figure half = Form.length(id + ".half", "On each face", halfMm);
    Figure crossed = Form.length(id + ".crossed", "Thickness crossed", crossedMm);
    Figure width =
        Figure.computed(
            id + ".width",
            "Width to cut",
            Quantity.LENGTH,
            "{%1$s} + {%2$s} + {%1$s}".formatted(half.id(), crossed.id()),
            Source.practice(
                "a plate over an edge is one half, the thickness it crosses, and the other half"
                    + " mirrored"),
            half,
            crossed);
    Panel bare = Panel.strip("Plate", 1, lengthMm, width.value(), "");
    return new Developed(
        List.of(
            new Panel(
                bare.name(),
                1,
                bare.edges(),
                List.of(),
                List.of(bend(halfMm), bend(halfMm + crossedMm)))),
        List.of(width),
        List.of("Score the inside of both bends and warm them before it is glued."));
  }

  private Path bend(double y) {
    return Path.line(new Point(0, y), new Point(lengthMm, y));
  }
}
