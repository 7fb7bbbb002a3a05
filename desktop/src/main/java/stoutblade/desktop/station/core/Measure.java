package stoutblade.desktop.station.core;

import java.util.Optional;
import java.util.function.Function;
import stoutblade.core.CoreOption;
import stoutblade.core.CoreReckoning;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Figure;

/** What cores are compared by. */
enum Measure {
  WEIGHT(Texts.CORE.of("weight"), it -> Optional.of(it.mass())),
  DROOP(Texts.CORE.of("droop"), it -> Optional.of(it.droop())),
  FREQUENCY(Texts.CORE.of("swings-at"), it -> Optional.of(it.frequency())),
  BALANCE(Texts.CORE.of("balances-at"), it -> Optional.of(it.balance())),
  INERTIA(Texts.CORE.of("inertia"), it -> Optional.of(it.inertia())),
  COVER(Texts.CORE.of("foam-over-it"), it -> it.bed().map(bed -> bed.leastCover())),
  CHANNEL(Texts.CORE.of("channel"), it -> it.bed().map(bed -> bed.depth())),
  STRESS(Texts.CORE.of("knock"), CoreReckoning::knocked),
  COST(Texts.CORE.of("cost"), CoreReckoning::cost);

  private final String title;

  @SuppressWarnings("ImmutableEnumChecker") // a function without state
  private final Function<CoreReckoning, Optional<Figure>> of;

  Measure(String title, Function<CoreReckoning, Optional<Figure>> of) {
    this.title = title;
    this.of = of;
  }

  /** The words on the screen. */
  String title() {
    return title;
  }

  /** The figure of a core; empty where it has none, as in what has no layers. */
  Optional<Figure> of(CoreOption option) {
    return of.apply(option.core());
  }
}
