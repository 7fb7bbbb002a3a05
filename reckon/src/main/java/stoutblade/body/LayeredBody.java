package stoutblade.body;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.feature.Measures;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/** The body of what is cut along an outline and worked from layers. */
final class LayeredBody {

  private LayeredBody() {}

  static Optional<Body> of(Body.Given given) {
    return given
        .layers()
        .flatMap(
            layers ->
                given.form().orElseThrow().measures().map(sizes -> body(given, layers, sizes)));
  }

  private static Body body(Body.Given given, Layers layers, Measures sizes) {
    List<Figure> further = new ArrayList<>();
    sizes.inside().ifPresent(further::add);
    layers.solid().course().length().ifPresent(it -> further.add(along(it, sizes.length())));
    int joints = layers.each().stream().mapToInt(it -> it.joints().lines(it.cut()).size()).sum();
    return new Body(
        given.part().name(),
        sizes.length(),
        sizes.width(),
        lines(layers, sizes.edge()),
        layers.surface(),
        layers.glued(),
        layers.volume(),
        Optional.of(layers.mass()),
        layers.shares(),
        layers.solid().near(),
        given.form(),
        given.layers(),
        given.covers(),
        layers.each().stream().mapToInt(it -> it.pieces().size()).sum(),
        joints,
        further,
        Optional.empty());
  }

  private static Figure along(double mm, Figure length) {
    return Figure.found(
        Body.ALONG,
        "Length along its centre line",
        mm,
        Quantity.LENGTH,
        "the curve through the nodes of its centre line; {part.length} is straight up",
        Source.GEOMETRY,
        length.uncertainty().times(mm / length.value()),
        length);
  }

  /** Once round every layer; where layers have outlines of their own, round each of these. */
  private static Figure lines(Layers layers, Figure edge) {
    if (layers.solid().alike()) {
      return Figure.computed(
          "part.cut",
          "Outlines to cut",
          Quantity.LENGTH,
          layers.each().size() + " * {" + edge.id() + "}",
          Source.GEOMETRY,
          edge);
    }
    return Figure.found(
        "part.cut",
        "Outlines to cut",
        layers.each().stream().mapToDouble(it -> it.cut().perimeter()).sum(),
        Quantity.LENGTH,
        "once round what is cut of each layer; the part's own is {" + edge.id() + "}",
        Source.GEOMETRY,
        edge.uncertainty(),
        edge);
  }
}
