package stoutblade.stack;

import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * From a place along on a part has another cross-section.
 *
 * @param fromMm where the one before ends, from the part's near end
 * @param overMm over how long a stretch it goes over into this one; 0 for at once
 * @param profile the section from there on
 */
public record ProfileChange(double fromMm, double overMm, Profile profile) {

  private static final double MOST_MM = 5000;

  /**
   * Checks the lengths.
   *
   * @throws IllegalArgumentException if one is out of range; the message can be shown
   */
  public ProfileChange {
    if (!(fromMm > 0 && fromMm <= MOST_MM)) {
      throw new IllegalArgumentException(
          "A section changes above 0 and up to 5 m along; found " + shown(fromMm));
    }
    if (!(overMm >= 0 && overMm <= MOST_MM)) {
      throw new IllegalArgumentException(
          "A section goes over into the next in 0 to 5 m; found " + shown(overMm));
    }
  }

  private static String shown(double mm) {
    return Display.length(mm, Units.METRIC);
  }

  /** Where the new section is reached, in mm along. */
  public double toMm() {
    return fromMm + overMm;
  }

  /** How far the part has gone over into this section at a place along: 0 before, 1 after. */
  public double share(double along) {
    if (overMm == 0) {
      return along >= fromMm ? 1 : 0;
    }
    return Math.clamp((along - fromMm) / overMm, 0, 1);
  }

  public ProfileChange withFrom(double mm) {
    return new ProfileChange(mm, overMm, profile);
  }

  public ProfileChange withOver(double mm) {
    return new ProfileChange(fromMm, mm, profile);
  }

  public ProfileChange with(Profile changed) {
    return new ProfileChange(fromMm, overMm, changed);
  }

  ProfileChange times(double factor) {
    return new ProfileChange(
        Math.min(MOST_MM, fromMm * factor),
        Math.min(MOST_MM, overMm * factor),
        profile.times(factor));
  }
}
