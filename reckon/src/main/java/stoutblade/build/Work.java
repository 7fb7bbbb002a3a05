package stoutblade.build;

import java.util.List;
import java.util.Optional;
import stoutblade.body.Body;
import stoutblade.core.CoreReckoning;
import stoutblade.feature.Fixing;
import stoutblade.finish.CoatReckoning;
import stoutblade.measure.Units;

/**
 * What the steps of making a part follow from.
 *
 * @param body what follows from its shape and sheets
 * @param made how many are made
 * @param core its core, if it has one
 * @param coats its coats, in order
 * @param choices the ways of working that are taken
 * @param fixings what holds it to others, and comes off again
 * @param carrier what it is fixed to, if it is fixed to a part
 * @param buys true where something has to be bought first
 * @param units the units in which steps are worded
 */
public record Work(
    Body body,
    int made,
    Optional<CoreReckoning> core,
    List<CoatReckoning> coats,
    WorkChoices choices,
    List<Fixing> fixings,
    Optional<Carrier> carrier,
    boolean buys,
    Units units) {

  /** Copies the coats. */
  public Work {
    coats = List.copyOf(coats);
    fixings = List.copyOf(fixings);
  }

  /**
   * What a part is fixed to.
   *
   * @param name what the maker calls it
   * @param shapedStep the id of the step after which it can be fixed to, as it is called outside
   */
  public record Carrier(String name, String shapedStep) {}
}
