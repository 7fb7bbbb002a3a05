package stoutblade.body;

import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.part.Part;
import stoutblade.part.Piped;
import stoutblade.pipework.Piping;
import stoutblade.shape.Box;

/** The body of a skeleton of pipe: its pipes are sawn, nothing is cut from a sheet. */
final class PipedBody {

  private PipedBody() {}

  /** Empty where no fitting joins it as it is drawn: a finding says so. */
  static Optional<Body> of(Part part, Piped piped, Catalogue catalogue) {
    try {
      return Optional.of(body(part, piped.piping(catalogue)));
    } catch (IllegalArgumentException notMade) {
      return Optional.empty();
    }
  }

  private static Body body(Part part, Piping piping) {
    Box box = Sizes.box(part);
    return new Body(
        part.name(),
        Sizes.length(box),
        Sizes.width(box),
        given("part.cut", "Nothing to cut from a sheet", Quantity.LENGTH),
        piping.surface(),
        given("part.glued", "No faces to spread with glue", Quantity.AREA),
        volume(piping),
        Optional.of(piping.mass()),
        List.of(),
        box.minY(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        0,
        0,
        piping.figures(),
        Optional.of(piping));
  }

  private static Figure volume(Piping piping) {
    Figure all = piping.all();
    Figure across =
        Figure.given(
            "part.across",
            "Pipe, outside",
            piping.rod().outerMm(),
            Quantity.LENGTH,
            Source.catalogue(piping.rod().name()));
    return Figure.computed(
        "part.volume",
        "Room it takes",
        Quantity.VOLUME,
        "pi / 4 * {part.across}^2 * {%s}".formatted(all.id()),
        Source.assumption("as of its pipes, without fittings"),
        across,
        all);
  }

  private static Figure given(String id, String label, Quantity quantity) {
    return Figure.given(id, label, 0, quantity, Source.DECIDED);
  }
}
