package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;

/**
 * The channel that a round core in the middle of all layers wants in one layer.
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
   * The channels in all layers that the core crosses, from the back.
   *
   * @param radius the core's, in mm
   */
  public static List<Channel> of(Layers layers, double radius) {
    double middle = layers.thickness().value() / 2;
    List<Channel> all = new ArrayList<>();
    for (Layer layer : layers.each()) {
      double from = Math.max(layer.from() - middle, -radius);
      double to = Math.min(layer.to() - middle, radius);
      if (to - from > SAME_MM) {
        double nearest = from > 0 ? from : to < 0 ? -to : 0;
        all.add(
            new Channel(
                layer,
                2 * Math.sqrt(radius * radius - nearest * nearest),
                to - from,
                to - from > layer.to() - layer.from() - SAME_MM,
                under(to, radius) - under(from, radius)));
      }
    }
    return all;
  }

  /** The area of a disc about the middle up to a height, in mm². */
  private static double under(double height, double radius) {
    double share = Math.clamp(height / radius, -1, 1);
    return radius * radius * (Math.asin(share) + share * Math.sqrt(1 - share * share));
  }
}
