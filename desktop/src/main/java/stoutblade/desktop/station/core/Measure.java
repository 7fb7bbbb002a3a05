package stoutblade.desktop.station.core;

import java.util.Optional;
import java.util.function.Function;
import stoutblade.core.CoreOption;
import stoutblade.core.CoreReckoning;
import stoutblade.measure.Figure;

/** What cores are compared by. */
enum Measure {
  WEIGHT("Weight", it -> Optional.of(it.mass())),
  DROOP("Droop", it -> Optional.of(it.droop())),
  FREQUENCY("Swings at", it -> Optional.of(it.frequency())),
  BALANCE("Balances at", it -> Optional.of(it.balance())),
  INERTIA("Inertia", it -> Optional.of(it.inertia())),
  COVER("Foam over it", it -> it.bed().map(bed -> bed.leastCover())),
  CHANNEL("Channel", it -> it.bed().map(bed -> bed.depth())),
  STRESS("Knock", CoreReckoning::knocked),
  COST("Cost", CoreReckoning::cost);

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
