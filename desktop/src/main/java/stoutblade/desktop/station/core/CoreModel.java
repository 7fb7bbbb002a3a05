package stoutblade.desktop.station.core;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import stoutblade.catalogue.Rod;
import stoutblade.core.Beside;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreOption;
import stoutblade.core.CoreReckoning;
import stoutblade.core.Cored;
import stoutblade.core.Counterweight;
import stoutblade.core.Groove;
import stoutblade.core.Limits;
import stoutblade.core.Parting;
import stoutblade.core.PartingReckoning;
import stoutblade.core.RodSection;
import stoutblade.core.RodWork;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Edits;
import stoutblade.reckoning.PartReckoning;
import stoutblade.stock.LengthLeft;

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
    try {
      first(rod).ifPresent(it -> desk.perform(Edits.rod(desk.lookedId(), rod.id(), it)));
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
    }
  }

  private Optional<CoreChoice> first(Rod rod) {
    return desk.looked()
        .filter(it -> it.body().isPresent())
        .map(
            it -> {
              double length = it.body().orElseThrow().length().value();
              return it.part().half()
                  ? CoreChoice.inBlade(rod.id(), length)
                  : CoreChoice.through(rod.id(), length);
            });
  }

  /** Takes a core as it was compared. */
  void choose(CoreOption option) {
    String id = desk.lookedId();
    desk.perform(
        Edits.rod(id, option.rod().id(), option.choice())
            .then(Edits.squeezed(id, option.choice().work().squeezedMm()))
            .then(Edits.drilled(id, option.choice().work().drilledMm()))
            .then(Edits.bundled(id, option.choice().work().bundle())));
  }

  /**
   * What is compared: all that could lie where the core lies, or usually would.
   *
   * @param part what it lies in
   * @param like where it lies
   * @param now what was chosen
   */
  record Compared(Cored part, CoreChoice like, Optional<CoreChoice> now) {}

  /** What there is to compare here; empty where no core can lie. */
  Optional<Compared> compared() {
    Optional<Cored> part = desk.looked().flatMap(PartReckoning::cored).filter(this::usable);
    try {
      Optional<CoreChoice> now = core();
      Optional<CoreChoice> like = now.isPresent() ? now : first(desk.catalogue().rods().getFirst());
      return part.flatMap(it -> like.map(own -> new Compared(it, own, now)));
    } catch (IllegalArgumentException e) {
      // Too short for a core, or too long: there is nothing to compare.
      return Optional.empty();
    }
  }

  private boolean usable(Cored part) {
    return part.length().value() > core().map(CoreChoice::heldAtMm).orElse(0.0);
  }

  /** What is there already of a rod, in words that can be typed. */
  String there(Rod rod) {
    List<LengthLeft> own =
        desk.project().cutting().lengths().stream()
            .filter(it -> it.rodId().equals(rod.id()))
            .toList();
    return LengthLeft.words(own, desk.units());
  }

  /** States what is there of a rod; what is no length is refused with the reason. */
  boolean there(Rod rod, String typed) {
    return desk.attempt(
        () -> Edits.lengthsThere(rod.id(), LengthLeft.parse(rod.id(), typed, desk.units())));
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

  /** True for a round rod that can be drilled through. */
  boolean drills() {
    return rod().filter(RodWork::drills).isPresent();
  }

  boolean drill(double mm) {
    return desk.perform(Edits.drilled(desk.lookedId(), mm));
  }

  /** True for what can be glued to a bundle. */
  boolean bundles() {
    return rod().filter(it -> !it.square()).isPresent();
  }

  void bundle(int count) {
    desk.perform(Edits.bundled(desk.lookedId(), count));
  }

  /** What does not feel limp here. */
  Limits limits() {
    return desk.looked()
        .flatMap(PartReckoning::core)
        .map(CoreReckoning::limits)
        .orElseGet(desk.project().journal()::limits);
  }

  boolean limit(UnaryOperator<Limits> change) {
    Limits now = limits();
    return desk.perform(Edits.limits(desk.lookedId(), now, change));
  }

  // == WHAT GOES WITH IT

  /** True for what is flat, and can stand on its edge. */
  boolean stands() {
    return rod().filter(it -> it.square() && it.wideMm() > it.outerMm()).isPresent();
  }

  void onEdge(boolean stands) {
    desk.perform(Edits.coreOnEdge(desk.lookedId(), stands));
  }

  /** A strip of the catalogue at each side of the core, as long as that is inside the part. */
  void addBeside() {
    Optional<CoreChoice> core = core();
    Optional<Rod> rod = rod();
    if (core.isEmpty() || rod.isEmpty()) {
      return;
    }
    double start = Math.max(0, core.get().startMm());
    Rod strip =
        desk.catalogue().rods().stream()
            .filter(Rod::square)
            .findFirst()
            .orElse(desk.catalogue().rods().getFirst());
    double clear = Math.ceil(rod.get().outerMm() / 2 + Math.max(strip.outerMm(), 10));
    desk.perform(
        Edits.addBeside(
            desk.lookedId(), new Beside(strip.id(), start, core.get().endMm(), clear, true)));
  }

  boolean beside(int number, Function<Beside, Optional<Beside>> change) {
    return desk.perform(Edits.beside(desk.lookedId(), number, change));
  }

  /** Where it comes apart, if it does. */
  Optional<Parting> parting() {
    return core().flatMap(CoreChoice::parting);
  }

  /** Parts it in its middle, by what fits it best; or joins it again. */
  void parted(boolean apart) {
    if (!apart || core().isEmpty() || rod().isEmpty()) {
      desk.perform(Edits.parting(desk.lookedId(), Optional.empty()));
      return;
    }
    CoreChoice core = core().get();
    RodSection section = RodSection.of(core, rod().get());
    double overlap = Math.ceil(PartingReckoning.WELL * section.widthMm());
    Parting first =
        new Parting(
            Math.rint((core.startMm() + core.endMm()) / 2),
            Parting.Way.SPIGOT,
            core.rodId(),
            overlap);
    Parting best =
        PartingReckoning.best(
                first, section, core.work().worked(rod().get()), desk.catalogue().rods())
            .orElse(first);
    desk.perform(Edits.parting(desk.lookedId(), Optional.of(best)));
  }

  boolean part(UnaryOperator<Parting> change) {
    return desk.perform(Edits.joint(desk.lookedId(), change));
  }

  // == WHERE IT LIES

  boolean start(double mm) {
    return desk.perform(Edits.coreStart(desk.lookedId(), mm));
  }

  boolean end(double mm) {
    return desk.perform(Edits.coreEnd(desk.lookedId(), mm));
  }

  /** What weight at which end of the core would make it balance at a place. */
  String counterweight(CoreReckoning core, double mm) {
    Counterweight it = Counterweight.of(core, mm);
    return Texts.CORE.of(
        "at-the-end-of-the",
        it.weight().show(desk.units()),
        it.nearEnd() ? Texts.CORE.of("near") : Texts.CORE.of("far"));
  }

  /** Says so, and what it does to weight and swing. */
  void sayCounterweight(double mm) {
    desk.looked()
        .flatMap(PartReckoning::core)
        .ifPresent(
            core -> {
              Counterweight it = Counterweight.of(core, mm);
              desk.say(
                  Texts.CORE.of(
                      "it-balances-there-with-in",
                      counterweight(core, mm),
                      it.all().show(desk.units()),
                      it.inertia().show(desk.units()),
                      core.inertia().show(desk.units())));
            });
  }

  boolean heldAt(double mm) {
    return desk.perform(Edits.coreHeldAt(desk.lookedId(), mm));
  }
}
