package stoutblade.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;

/**
 * A model at the size in which the prop is made.
 *
 * @param scale the scale in the model's own world
 * @param mmPerUnit mm of the prop as made for a unit of the model; empty until its size was said
 * @param sides height, width and depth as made; none until its size was said
 */
public record ModelSize(ModelScale scale, Optional<Figure> mmPerUnit, List<Figure> sides) {

  static ModelSize of(ModelScale scale, Figure factor) {
    Optional<Figure> made =
        scale
            .mmPerUnit()
            .map(
                own ->
                    Sizing.sized(
                        ModelScale.id(scale.model(), "prop"),
                        "A unit on the prop as made",
                        own,
                        factor));
    List<Figure> sides = made.map(it -> sides(scale.model(), it)).orElse(List.of());
    return new ModelSize(scale, made, sides);
  }

  private static List<Figure> sides(Model model, Figure perUnit) {
    return List.of(
        ModelScale.extent(model, "height", "Height", model.height(), perUnit),
        ModelScale.extent(model, "width", "Width", model.width(), perUnit),
        ModelScale.extent(model, "depth", "Depth", model.depth(), perUnit));
  }

  /** mm of the prop as made for a unit, or nothing. */
  public Optional<Double> perUnit() {
    return mmPerUnit.map(Figure::value);
  }

  /** All figures of the model, in the order in which they are shown. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>(sides);
    scale.mmPerUnit().ifPresent(all::add);
    return all;
  }
}
