package stoutblade.core;

import java.util.List;
import java.util.Optional;
import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * What was decided about the core. Places are measured along the blade from its base, towards the
 * tip; below the base they are negative.
 *
 * @param rodId the rod's id in the catalogue
 * @param startMm where it starts: the pommel end, usually below the base
 * @param endMm where it ends, inside the foam
 * @param heldAtMm where it is held for the droop
 * @param groove how its channel is cut
 * @param work what is done to the rod, and how it lies
 * @param beside rods that hold the part together with it
 * @param parting where it comes apart; empty where it is in one piece
 * @param limits what does not feel limp; empty for what is usual, corrected by the log
 */
public record CoreChoice(
    String rodId,
    double startMm,
    double endMm,
    double heldAtMm,
    Groove groove,
    RodWork work,
    List<Beside> beside,
    Optional<Parting> parting,
    Optional<Limits> limits) {

  private static final double LONGEST_MM = 10_000;
  private static final double IN_BLADE = 0.85;
  private static final double BELOW_BLADE = 0.5;

  /**
   * A core as it is at first: to just short of the tip, and half the blade's length below its base
   * to hold it by, as far as a core may be long.
   *
   * @param lengthMm how long the blade is
   * @throws IllegalArgumentException if the blade is too short for one, or longer than any
   */
  public static CoreChoice inBlade(String rodId, double lengthMm) {
    double end = rounded(lengthMm * IN_BLADE);
    double below = Math.min(rounded(lengthMm * BELOW_BLADE), LONGEST_MM - end);
    return new CoreChoice(rodId, -below, end, 0);
  }

  /**
   * A core as it is at first in what has no tip: through it, and as much again below to hold it by.
   *
   * @param lengthMm how long the part is
   */
  public static CoreChoice through(String rodId, double lengthMm) {
    double end = Math.min(rounded(lengthMm), LONGEST_MM / 2);
    return new CoreChoice(rodId, -end, end, 0);
  }

  /** To a millimetre where that is nothing to the length. */
  private static double rounded(double mm) {
    return mm < 10 ? mm : Math.round(mm);
  }

  /** A core in a round channel. */
  public CoreChoice(String rodId, double startMm, double endMm, double heldAtMm) {
    this(
        rodId,
        startMm,
        endMm,
        heldAtMm,
        Groove.ROUND,
        RodWork.NONE,
        List.of(),
        Optional.empty(),
        Optional.empty());
  }

  /**
   * Checks the order of the places.
   *
   * @throws IllegalArgumentException if it does not run towards the tip, is not held on itself, or
   *     comes apart beyond its ends
   */
  public CoreChoice {
    beside = List.copyOf(beside);
    if (beside.size() > Beside.MOST) {
      throw new IllegalArgumentException(
          "A core has at most %d kinds of rods beside it; found %d"
              .formatted(Beside.MOST, beside.size()));
    }
    if (!(endMm > startMm)) {
      throw new IllegalArgumentException(
          "A core ends nearer the tip than it starts; found "
              + shown(startMm)
              + " to "
              + shown(endMm));
    }
    if (!(endMm - startMm <= LONGEST_MM)) {
      throw new IllegalArgumentException(
          "A core is at most 10 m long; found " + shown(endMm - startMm));
    }
    if (!(heldAtMm >= startMm && heldAtMm < endMm)) {
      throw new IllegalArgumentException(
          "The core is held between its ends, "
              + shown(startMm)
              + " and "
              + shown(endMm)
              + "; found "
              + shown(heldAtMm));
    }
    double joint = parting.map(Parting::atMm).orElse((startMm + endMm) / 2);
    if (!(joint > startMm && joint < endMm)) {
      throw new IllegalArgumentException(
          "The core comes apart between its ends, "
              + shown(startMm)
              + " and "
              + shown(endMm)
              + "; found "
              + shown(joint));
    }
  }

  private static String shown(double mm) {
    return Display.length(mm, Units.METRIC);
  }

  /** The same with another rod, as it is sold. */
  public CoreChoice withRod(String id) {
    return new CoreChoice(
        id, startMm, endMm, heldAtMm, groove, work.ofAnother(), beside, parting, limits);
  }

  private CoreChoice lying(double start, double end, double held) {
    return new CoreChoice(rodId, start, end, held, groove, work, beside, parting, limits);
  }

  public CoreChoice withEnd(double mm) {
    return lying(startMm, mm, heldAtMm);
  }

  /** The core starting elsewhere; where it is held moves along if it must. */
  public CoreChoice withStart(double mm) {
    return lying(mm, endMm, Math.max(mm, heldAtMm));
  }

  public CoreChoice withHeldAt(double mm) {
    return lying(startMm, endMm, mm);
  }

  private CoreChoice with(RodWork changed) {
    return new CoreChoice(
        rodId, startMm, endMm, heldAtMm, groove, changed, beside, parting, limits);
  }

  /** The same squeezed to a height, or round again. */
  public CoreChoice withSqueezed(Optional<Double> mm) {
    return with(work.squeezed(mm));
  }

  /** The same drilled through so wide; 0 for not at all. */
  public CoreChoice drilled(double mm) {
    return with(work.drilled(mm));
  }

  /** The same of so many rods glued together. */
  public CoreChoice bundled(int count) {
    return with(work.bundled(count));
  }

  /** The same standing on its edge, or laid flat. */
  public CoreChoice withOnEdge(boolean stands) {
    return with(work.onEdge(stands));
  }

  public CoreChoice with(Groove changed) {
    return new CoreChoice(rodId, startMm, endMm, heldAtMm, changed, work, beside, parting, limits);
  }

  public CoreChoice withBeside(List<Beside> changed) {
    return new CoreChoice(rodId, startMm, endMm, heldAtMm, groove, work, changed, parting, limits);
  }

  /** The same that comes apart, or is in one piece again. */
  public CoreChoice withParting(Optional<Parting> changed) {
    return new CoreChoice(rodId, startMm, endMm, heldAtMm, groove, work, beside, changed, limits);
  }

  public CoreChoice withLimits(Optional<Limits> changed) {
    return new CoreChoice(rodId, startMm, endMm, heldAtMm, groove, work, beside, parting, changed);
  }

  /** How far it reaches with what goes on beyond its end. */
  public double reachMm() {
    return Math.max(endMm, beside.stream().mapToDouble(Beside::endMm).max().orElse(endMm));
  }

  /** The core of a prop enlarged about the middle of the blade's base. */
  public CoreChoice times(double factor) {
    return new CoreChoice(
        rodId,
        startMm * factor,
        endMm * factor,
        heldAtMm * factor,
        groove,
        work,
        beside.stream().map(it -> it.times(factor)).toList(),
        parting.map(it -> it.times(factor)),
        limits);
  }
}
