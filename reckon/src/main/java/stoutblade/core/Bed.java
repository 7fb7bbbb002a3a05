package stoutblade.core;

import java.util.List;
import stoutblade.measure.Figure;

/**
 * How a core is bedded in layers of foam.
 *
 * @param depth how deep the channel goes into each layer
 * @param deepest how deep it may go
 * @param leastCover the least foam over it
 * @param wantedCover the least foam that is wanted
 * @param leastCoverAt where the least cover is, from the near end
 * @param furthestEnd how far it may run with enough foam over it
 * @param channel how wide its channel is at the glue face
 */
public record Bed(
    Figure depth,
    Figure deepest,
    Figure leastCover,
    Figure wantedCover,
    Figure leastCoverAt,
    Figure furthestEnd,
    Figure channel) {

  /** True where the channel would cut through more than half a layer. */
  public boolean tooDeep() {
    return depth.value() > deepest.value() + 1e-9;
  }

  /** True where too little foam is left over the rod. */
  public boolean shows() {
    return leastCover.value() < wantedCover.value() - 1e-9;
  }

  /** All figures that a person is shown, in order. */
  public List<Figure> figures() {
    return List.of(depth, deepest, leastCover, wantedCover, leastCoverAt, furthestEnd);
  }
}
