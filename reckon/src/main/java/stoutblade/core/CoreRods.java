package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Rod;

/**
 * The rods that go with a core, found in the catalogue.
 *
 * @param beside those beside it, as far as there are such rods
 * @param join what joins its pieces, where it comes apart and there is such a rod
 */
public record CoreRods(List<Found> beside, Optional<Rod> join) {

  /** Nothing goes with it. */
  static final CoreRods NONE = new CoreRods(List.of(), Optional.empty());

  /** A rod beside a core. */
  public record Found(Beside choice, Rod rod) {}

  /** Copies the list. */
  public CoreRods {
    beside = List.copyOf(beside);
  }

  /** Those of a core, out of all rods. */
  public static CoreRods of(CoreChoice choice, List<Rod> rods) {
    List<Found> found = new ArrayList<>();
    for (Beside it : choice.beside()) {
      named(it.rodId(), rods).ifPresent(rod -> found.add(new Found(it, rod)));
    }
    return new CoreRods(found, choice.parting().flatMap(it -> named(it.joinId(), rods)));
  }

  private static Optional<Rod> named(String id, List<Rod> rods) {
    return rods.stream().filter(it -> it.id().equals(id)).findFirst();
  }
}
