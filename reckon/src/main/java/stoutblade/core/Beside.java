package stoutblade.core;

import java.util.List;
import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * A rod that holds a part together with its core: flat strips beside it, a rod inside its tube, a
 * wire that goes on into the tip. Places are measured as those of the core are.
 *
 * @param rodId the rod's id in the catalogue
 * @param startMm where it starts
 * @param endMm where it ends
 * @param asideMm how far its middle lies from that of the core; above 0 there is one at each side,
 *     0 for one on the same line
 * @param onEdge true where what is flat stands on its edge
 */
public record Beside(String rodId, double startMm, double endMm, double asideMm, boolean onEdge) {

  /** The most of one core. */
  public static final int MOST = 6;

  private static final double LONGEST_MM = 10_000;
  private static final double FURTHEST_MM = 2_000;

  /**
   * Checks the order of the places.
   *
   * @throws IllegalArgumentException if it does not run towards the tip, is too long or too far off
   */
  public Beside {
    if (!(endMm > startMm && endMm - startMm <= LONGEST_MM)) {
      throw new IllegalArgumentException(
          "A rod beside the core ends nearer the tip than it starts, 10 m at most; found "
              + Display.length(startMm, Units.METRIC)
              + " to "
              + Display.length(endMm, Units.METRIC));
    }
    if (!(asideMm >= 0 && asideMm <= FURTHEST_MM)) {
      throw new IllegalArgumentException(
          "It lies 0 to 2 m beside the core; found " + Display.length(asideMm, Units.METRIC));
    }
  }

  /** How many there are: one on the line, or one at each side of it. */
  public int count() {
    return asides().size();
  }

  /** Where their middles lie, to the right of the line or, below 0, to its left. */
  public List<Double> asides() {
    return asideMm > 0 ? List.of(asideMm, -asideMm) : List.of(0.0);
  }

  public Beside withRod(String id) {
    return new Beside(id, startMm, endMm, asideMm, onEdge);
  }

  public Beside from(double mm) {
    return new Beside(rodId, mm, endMm, asideMm, onEdge);
  }

  public Beside to(double mm) {
    return new Beside(rodId, startMm, mm, asideMm, onEdge);
  }

  public Beside aside(double mm) {
    return new Beside(rodId, startMm, endMm, mm, onEdge);
  }

  /** The same standing on its edge, or laid flat. */
  public Beside onEdge(boolean stands) {
    return new Beside(rodId, startMm, endMm, asideMm, stands);
  }

  /** Of a prop enlarged about the middle of the part's near end. */
  Beside times(double factor) {
    return new Beside(rodId, startMm * factor, endMm * factor, asideMm * factor, onEdge);
  }
}
