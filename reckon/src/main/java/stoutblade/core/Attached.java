package stoutblade.core;

import stoutblade.measure.Figure;

/**
 * Another part whose weight a core bears: a guard that it goes through, a head that stands on it.
 * Its weight lies along the core so that it balances where the part does, evenly but for a slope.
 *
 * @param name what the maker calls it
 * @param mass what of its weight lies on this core
 * @param fromMm where it begins, along the core from the near end of the part that this lies in
 * @param toMm where it ends
 * @param atMm where it balances
 */
public record Attached(String name, Figure mass, double fromMm, double toMm, double atMm) {

  /** What stands over less than this presses on one place. */
  private static final double LEAST_MM = 1;

  /** A slope reaches 0 at one end where the balance lies at a third of the length. */
  private static final double THIRD = 1.0 / 3;

  /**
   * A part somewhere along a core; where it balances nearer one end than a slope can say, it
   * reaches less far to the other.
   */
  public static Attached of(String name, Figure mass, double fromMm, double toMm, double atMm) {
    double below = Math.max(atMm - fromMm, LEAST_MM / 2);
    double above = Math.max(toMm - atMm, LEAST_MM / 2);
    double least = Math.min(below, above);
    return new Attached(
        name, mass, atMm - Math.min(below, 2 * least), atMm + Math.min(above, 2 * least), atMm);
  }

  /** The same where nothing reaches beyond a place: what would counts up to there. */
  Attached upTo(double mm) {
    double by = Math.max(0, toMm - mm);
    return new Attached(name, mass, fromMm - by, toMm - by, atMm - by);
  }

  private double length() {
    return toMm - fromMm;
  }

  /** How far along its length it balances, as a share. */
  private double share() {
    return Math.clamp((atMm - fromMm) / length(), THIRD, 2 * THIRD);
  }

  /** What of it lies between two places, in g. */
  double between(double low, double high) {
    double from = Math.clamp((low - fromMm) / length(), 0, 1);
    double to = Math.clamp((high - fromMm) / length(), 0, 1);
    double slope = 6 * (share() - 0.5);
    return mass.value() * ((to - from) * (1 - slope) + slope * (to * to - from * from));
  }

  /** Its moment of inertia about a place, in g·mm². */
  double inertia(double about) {
    double from = fromMm - about;
    double squares =
        from * from + 2 * from * length() * share() + length() * length() * (share() - 0.5 * THIRD);
    return mass.value() * squares;
  }
}
