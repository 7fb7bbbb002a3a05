package stoutblade.desktop.station.core;

import java.util.Optional;
import stoutblade.catalogue.Rod;
import stoutblade.core.CoreChoice;
import stoutblade.core.Groove;
import stoutblade.desktop.Desk;
import stoutblade.edit.Edits;
import stoutblade.reckoning.PartReckoning;

/** The core of the part that is looked at. */
final class CoreModel {

  private final Desk desk;

  CoreModel(Desk desk) {
    this.desk = desk;
  }

  /** What was decided about it; empty for no core. */
  Optional<CoreChoice> core() {
    return desk.looked().flatMap(it -> it.part().core());
  }

  /** The rod that it is, where the catalogue has it. */
  Optional<Rod> rod() {
    return core().flatMap(it -> desk.catalogue().rod(it.rodId()));
  }

  /** Takes a rod; the first one lies as it usually does in a part of that shape. */
  void choose(Rod rod) {
    Optional<PartReckoning> part = desk.looked().filter(it -> it.body().isPresent());
    if (part.isPresent()) {
      double length = part.get().body().orElseThrow().length().value();
      try {
        CoreChoice first =
            part.get().part().half()
                ? CoreChoice.inBlade(rod.id(), length)
                : CoreChoice.through(rod.id(), length);
        desk.perform(Edits.rod(part.get().id(), rod.id(), first));
      } catch (IllegalArgumentException e) {
        desk.say(e.getMessage());
      }
    }
  }

  void takeOut() {
    desk.perform(Edits.withoutCore(desk.lookedId()));
  }

  void groove(Groove groove) {
    desk.perform(Edits.groove(desk.lookedId(), groove));
  }

  /** True for a pipe that goes soft with heat, and so can be squeezed. */
  boolean squeezes() {
    return rod().filter(it -> it.softens() && it.innerMm() > 0).isPresent();
  }

  /** Squeezes it to a height; its own diameter or 0 leaves it round. */
  boolean squeeze(double mm) {
    boolean round = mm == 0 || rod().filter(it -> it.outerMm() <= mm).isPresent();
    return desk.perform(
        Edits.squeezed(desk.lookedId(), round ? Optional.empty() : Optional.of(mm)));
  }

  boolean start(double mm) {
    return desk.perform(Edits.coreStart(desk.lookedId(), mm));
  }

  boolean end(double mm) {
    return desk.perform(Edits.coreEnd(desk.lookedId(), mm));
  }

  boolean heldAt(double mm) {
    return desk.perform(Edits.coreHeldAt(desk.lookedId(), mm));
  }
}
