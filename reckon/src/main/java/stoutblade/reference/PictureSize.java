package stoutblade.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;

/**
 * A picture at the size in which the prop is made.
 *
 * @param scale the scale in the picture's own world
 * @param mmPerPixel mm of the prop as made for a flat pixel; empty without a scale
 * @param whole the whole prop, as made, by this picture
 * @param centreLine the blade's centre line, as made
 * @param measures what is measured on it, by the measure's id
 */
public record PictureSize(
    Scale scale,
    Optional<Figure> mmPerPixel,
    Optional<Figure> whole,
    Optional<Figure> centreLine,
    Map<String, Measured> measures) {

  static PictureSize of(Scale scale, Figure factor) {
    Reference reference = scale.reference();
    Optional<Figure> perPixel =
        scale
            .mmPerPixel()
            .map(
                own ->
                    Sizing.sized(
                        "size." + reference.id() + ".prop",
                        "A pixel on the prop as made",
                        own,
                        factor));
    Map<String, Measured> measures = new TreeMap<>();
    for (Measure measure : reference.measures()) {
      measures.put(measure.id(), Measured.of(measure, scale, factor));
    }
    return new PictureSize(
        scale,
        perPixel,
        reference.whole().flatMap(it -> length(scale, factor, "whole", "Whole prop", it)),
        reference
            .centreLine()
            .flatMap(it -> length(scale, factor, "line", "Centre line, as marked", it)),
        measures);
  }

  private static Optional<Figure> length(
      Scale scale, Figure factor, String rest, String label, Mark mark) {
    return scale
        .mmPerPixel()
        .map(
            it ->
                Sizing.sized(
                    "size." + scale.reference().id() + "." + rest + ".made",
                    label,
                    scale.length(rest, label + ", in the original", mark.points()),
                    factor));
  }

  /** The picture's frame at the size of the prop: mm for a flat pixel, or nothing. */
  public Optional<Double> perPixel() {
    return mmPerPixel.map(Figure::value);
  }

  /** All figures of the picture, in the order in which they are shown. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>();
    scale.mmPerPixel().ifPresent(all::add);
    scale.readings().forEach(it -> all.add(it.scale()));
    scale
        .weighed()
        .ifPresent(
            weighed ->
                weighed.parts().stream()
                    .filter(Weighed.Part::disagrees)
                    .forEach(it -> all.add(it.gap().orElseThrow())));
    whole.ifPresent(all::add);
    centreLine.ifPresent(all::add);
    measures.values().forEach(it -> all.addAll(it.figures()));
    mmPerPixel.filter(it -> it.quantity() == Quantity.MM_PER_PIXEL).ifPresent(all::add);
    return all;
  }
}
