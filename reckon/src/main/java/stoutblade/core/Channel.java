package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;
import stoutblade.shape.Point;
import stoutblade.shape.Span;

/**
 * The channel that a core in the middle of all layers wants in one layer.
 *
 * @param layer the layer
 * @param widthMm its width where it is widest
 * @param depthMm how deep it is from the face that looks to the middle; for a layer that has the
 *     middle inside, all that is cut of it
 * @param through true where it goes through the layer: a slot
 * @param areaMm2 what it takes out of the layer's section
 */
public record Channel(
    Layer layer, double widthMm, double depthMm, boolean through, double areaMm2) {

  private static final double SAME_MM = 1e-6;

  /**
   * Where it lies on its layer, all round; nothing where it ends before it begins.
   *
   * @param aside how far beside the middle, in mm
   * @param startMm where it begins, from the near end of the part
   * @param endMm where it ends
   */
  public List<Point> around(Layers layers, double aside, double startMm, double endMm) {
    double near = layers.solid().near();
    double start = Math.max(0, startMm);
    double half = widthMm / 2;
    return endMm <= start
        ? List.of()
        : layers
            .solid()
            .course()
            .strip(new Span(aside - half, aside + half), near + start, near + endMm);
  }

  /** The channels of a core, from the back. */
  public static List<Channel> of(Layers layers, CoreReckoning core) {
    return of(layers, core.section(), core.choice().groove());
  }

  /**
   * The channels in all layers that the core crosses, from the back.
   *
   * @param core its section
   * @param groove how it is cut
   */
  public static List<Channel> of(Layers layers, RodSection core, Groove groove) {
    double reach = groove.reach(core);
    double middle = layers.thickness().value() / 2;
    List<Channel> all = new ArrayList<>();
    for (Layer layer : layers.each()) {
      double from = Math.max(layer.from() - middle, -reach);
      double to = Math.min(layer.to() - middle, reach);
      if (to - from > SAME_MM) {
        double nearest = from > 0 ? from : to < 0 ? -to : 0;
        all.add(
            new Channel(
                layer,
                2 * groove.half(core, nearest),
                to - from,
                to - from > layer.to() - layer.from() - SAME_MM,
                groove.upTo(core, to) - groove.upTo(core, from)));
      }
    }
    return all;
  }
}
