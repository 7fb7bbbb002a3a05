package stoutblade.desktop.station;

import java.util.Optional;
import stoutblade.core.CoreReckoning;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.PartDrawing;
import stoutblade.feature.PlateForm;
import stoutblade.layer.Layers;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Course;

/**
 * A part that is worked from layers.
 *
 * @param id the part's
 * @param form its form
 * @param layers its layers
 * @param core its core
 * @param lie how it lies on the mat
 */
public record Layered(
    String id, PlateForm form, Layers layers, Optional<CoreReckoning> core, Lie lie) {

  /** A part, where it has layers. */
  public static Optional<Layered> of(PartReckoning part) {
    return part.layers()
        .map(
            it ->
                new Layered(
                    part.id(),
                    part.form().orElseThrow(),
                    it,
                    part.core().filter(core -> core.bed().isPresent()),
                    PartDrawing.lie(part)));
  }

  /** True where it lies with its far end to the right. */
  public boolean lies() {
    return lie == Lie.LYING;
  }

  /** The way that it runs. */
  public Course course() {
    return layers.solid().course();
  }

  /** The box round all that is cut of it with its course laid straight: aside and along. */
  public Box straightBox() {
    return course().straight(layers.solid().outermost()).box();
  }

  /** The box round all that is cut of it. */
  public Box box() {
    return layers.solid().outermost().box();
  }
}
