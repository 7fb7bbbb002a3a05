package stoutblade.desktop.station;

import java.util.Optional;
import stoutblade.core.CoreReckoning;
import stoutblade.desktop.mat.Lie;
import stoutblade.layer.Layers;
import stoutblade.project.Derived;
import stoutblade.project.PartReckoning;
import stoutblade.prop.Assembly;
import stoutblade.prop.PlateForm;
import stoutblade.shape.Box;

/**
 * What has layers: the blade or a plate.
 *
 * @param id the plate's; {@link Assembly#BLADE} for the blade
 * @param form its form
 * @param layers its layers
 * @param core its core
 */
public record Layered(String id, PlateForm form, Layers layers, Optional<CoreReckoning> core) {

  /** The blade, where it is drawn and its foam known. */
  public static Optional<Layered> blade(Derived derived) {
    return derived
        .layers()
        .map(
            it ->
                new Layered(
                    Assembly.BLADE, derived.form().orElseThrow().worked(), it, derived.core()));
  }

  /** A plate, or the blade where the id is of no plate. */
  public static Optional<Layered> of(Derived derived, String id) {
    Optional<PartReckoning> plate = derived.part(id).filter(it -> it.form().isPresent());
    return plate.isEmpty()
        ? blade(derived)
        : plate.flatMap(
            it ->
                it.layers()
                    .map(own -> new Layered(id, it.form().orElseThrow(), own, Optional.empty())));
  }

  /** True for the blade. */
  public boolean blade() {
    return id.equals(Assembly.BLADE);
  }

  /** A blade lies with its tip to the right, a plate stands as it does on the prop. */
  public Lie lie() {
    return blade() ? Lie.LYING : Lie.UPRIGHT;
  }

  /** The box round all that is cut of it. */
  public Box box() {
    return layers.solid().outermost().box();
  }
}
