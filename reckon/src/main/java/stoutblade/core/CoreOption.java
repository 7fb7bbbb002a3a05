package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Rod;

/**
 * A core that could lie where another one is to lie, worked out.
 *
 * @param choice what would be decided
 * @param core what it comes to
 */
public record CoreOption(CoreChoice choice, CoreReckoning core) {

  /** Whether it can be built so. */
  public enum Fits {
    FITS("yes"),
    SHOWS("too little foam over it"),
    DEEP("channel too deep");

    private final String words;

    Fits(String words) {
      this.words = words;
    }

    /** The words on the screen. */
    public String words() {
      return words;
    }
  }

  /** Its rod. */
  public Rod rod() {
    return core.rod();
  }

  /** Whether it fits the layers. */
  public Fits fits() {
    if (core.tooDeep()) {
      return Fits.DEEP;
    }
    return core.shows() ? Fits.SHOWS : Fits.FITS;
  }

  private static CoreOption of(Cored part, CoreChoice choice, Rod rod, CoreRods with) {
    return new CoreOption(choice, CoreReckoning.of(part, choice, rod, with));
  }

  /**
   * Every rod in the place of a core, those that are squeezed flat where only that fits as well.
   *
   * @param like where it lies
   * @param now what was chosen, which is among them as it is; empty for no core
   */
  public static List<CoreOption> all(
      Cored part, CoreChoice like, Optional<CoreChoice> now, List<Rod> rods) {
    List<CoreOption> all = new ArrayList<>();
    CoreRods with = CoreRods.of(like, rods);
    for (Rod rod : rods) {
      Optional<CoreChoice> own = now.filter(it -> it.rodId().equals(rod.id()));
      CoreOption plain = of(part, own.orElseGet(() -> like.withRod(rod.id())), rod, with);
      all.add(plain);
      if (plain.fits() != Fits.FITS) {
        squeezed(part, plain.core()).ifPresent(all::add);
      }
    }
    return all;
  }

  /**
   * The same core squeezed so that it fits, no flatter than it must be; empty where there is none.
   */
  public static Optional<CoreOption> squeezed(Cored part, CoreReckoning core) {
    Rod rod = core.rod();
    double least = RodSection.LEAST_SHARE * rod.outerMm();
    for (double high = Math.ceil(core.height().value() - 1); high >= least; high--) {
      if (RodSection.squeezes(rod, high)) {
        CoreOption option =
            of(part, core.choice().withSqueezed(Optional.of(high)), rod, core.rods());
        if (option.fits() == Fits.FITS) {
          return Optional.of(option);
        }
      }
    }
    return Optional.empty();
  }
}
