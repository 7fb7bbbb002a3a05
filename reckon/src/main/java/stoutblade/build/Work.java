package stoutblade.build;

import java.util.List;
import java.util.Optional;
import stoutblade.core.CoreReckoning;
import stoutblade.finish.CoatReckoning;
import stoutblade.layer.Layers;
import stoutblade.measure.Units;
import stoutblade.part.BladeForm;

/**
 * What the steps of making a blade follow from.
 *
 * @param bladeName what the maker calls it
 * @param form its form
 * @param layers its layers
 * @param core its core, if it has one
 * @param coats its coats, in order
 * @param pages pages of templates to print and join
 * @param shoppingLines things still to buy
 * @param units the units in which steps are worded
 */
public record Work(
    String bladeName,
    BladeForm form,
    Layers layers,
    Optional<CoreReckoning> core,
    List<CoatReckoning> coats,
    int pages,
    int shoppingLines,
    Units units) {

  /** Copies the coats. */
  public Work {
    coats = List.copyOf(coats);
  }
}
