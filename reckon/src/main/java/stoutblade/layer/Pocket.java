package stoutblade.layer;

import java.util.ArrayList;
import java.util.List;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Recess;

/**
 * What a recess takes out of one layer.
 *
 * @param recess the recess
 * @param layer the layer
 * @param depthMm how deep it is cut from the face that it opens on
 * @param through true where it goes through the layer
 * @param front true where it opens on the front of the layer
 */
public record Pocket(Recess recess, Layer layer, double depthMm, boolean through, boolean front) {

  private static final double SAME_MM = 1e-6;

  /** The pockets in all layers, from the back. */
  public static List<Pocket> of(PlateForm form, Layers layers) {
    List<Pocket> all = new ArrayList<>();
    for (Recess recess : Recess.of(form.blank().features(), form.blank().outline())) {
      for (Layer layer : layers.each()) {
        double from = Math.max(recess.over(), layer.from());
        double to = Math.min(recess.top(), layer.to());
        if (to - from > SAME_MM) {
          all.add(pocket(recess, layer, from, to, layers.each().size()));
        }
      }
    }
    return all;
  }

  /** A pocket opens where it reaches a face of its layer, else on the joint before the next. */
  private static Pocket pocket(Recess recess, Layer layer, double from, double to, int layers) {
    boolean up = to > layer.to() - SAME_MM;
    boolean down = from < layer.from() + SAME_MM;
    if (up && down) {
      return new Pocket(recess, layer, layer.to() - layer.from(), true, true);
    }
    boolean front = up || (!down && layer.number() < layers);
    return new Pocket(recess, layer, front ? layer.to() - from : to - layer.from(), false, front);
  }
}
