package stoutblade.derive;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import stoutblade.core.Channel;
import stoutblade.core.CoreReckoning;
import stoutblade.develop.Panel;
import stoutblade.feature.Marking;
import stoutblade.feature.PlateForm;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;
import stoutblade.layer.Pocket;
import stoutblade.shape.Path;
import stoutblade.shape.Region;

/**
 * What is cut for the layers of a part, with what is cut out of each, drawn and engraved on it as
 * it lies with its front up.
 *
 * @param form the part
 * @param layers its layers
 * @param core the core between them
 */
record LayerPieces(PlateForm form, Layers layers, Optional<CoreReckoning> core) {

  private static final double LOOKED_AT_MM = 0.05;

  /** What is smaller is no piece, but what an opening left at the edge. */
  private static final double SLIVER_MM2 = 1;

  /** Smaller flat places are not drawn. */
  private static final double SPECK_MM2 = 25;

  /** The pieces of one layer. */
  List<Panel> of(Layer layer) {
    List<Path> out = new ArrayList<>();
    List<Path> drawn = new ArrayList<>();
    for (Pocket it : Pocket.of(form, layers)) {
      if (it.layer().number() == layer.number()) {
        List<Path> own =
            it.recess().spots().stream().map(at -> at.place(it.recess().outline())).toList();
        (it.through() ? out : drawn).addAll(own);
      }
    }
    if (layer.worked()) {
      layer.filled().parts().stream()
          .filter(it -> it.area() > SPECK_MM2)
          .flatMap(it -> it.rings().stream())
          .forEach(it -> drawn.add(Path.through(it, true)));
    }
    core.ifPresent(it -> drawn.addAll(channel(it, layer)));
    List<Path> engraved = new ArrayList<>();
    if (layer.number() == layers.each().size()) {
      engraved.addAll(engraved(form));
      drawn.addAll(drawn(form));
    }
    String name = "layer " + layer.number();
    List<Panel> panels = new ArrayList<>();
    for (Region piece : layer.pieces()) {
      Region left = out.isEmpty() ? piece : piece.difference(Region.union(out, LOOKED_AT_MM));
      left.parts().stream()
          .filter(it -> it.area() > SLIVER_MM2)
          .forEach(it -> panels.add(Panel.within(name, 1, it, drawn, engraved)));
    }
    return panels;
  }

  private List<Path> channel(CoreReckoning own, Layer layer) {
    return Channel.of(layers, own).stream()
        .filter(it -> it.layer().number() == layer.number())
        .map(it -> it.around(layers, 0, own.choice().startMm(), own.choice().endMm()))
        .filter(it -> !it.isEmpty())
        .map(it -> Path.through(it, true))
        .toList();
  }

  /** What is cut of a part in one piece. */
  static List<Panel> of(PlateForm form) {
    List<Path> drawn = drawn(form);
    List<Path> engraved = engraved(form);
    return form.cutPanels().stream().map(it -> it.with(drawn, engraved)).toList();
  }

  private static List<Path> engraved(PlateForm form) {
    return lines(form, it -> it == Marking.Kind.ENGRAVE);
  }

  /** What lies hidden behind the front is not drawn on it. */
  private static List<Path> drawn(PlateForm form) {
    return lines(form, it -> it != Marking.Kind.ENGRAVE && it != Marking.Kind.HIDDEN);
  }

  private static List<Path> lines(PlateForm form, Predicate<Marking.Kind> which) {
    return form.markings().stream().filter(it -> which.test(it.kind())).map(Marking::path).toList();
  }
}
