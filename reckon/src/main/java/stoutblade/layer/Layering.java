package stoutblade.layer;

import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * What was decided about the layers of a blade.
 *
 * @param foamId the foam's id in the catalogue
 * @param thicknessMm thickness of each of the two layers
 * @param bevelMm width of the bevel, from the edge to the line where it stops, along the face
 * @param edgeMm thickness left at the edge, both layers together
 */
public record Layering(String foamId, double thicknessMm, double bevelMm, double edgeMm) {

  /**
   * Checks that the bevel can be cut from the two layers.
   *
   * @throws IllegalArgumentException if a measure is out of range; the message can be shown
   */
  public Layering {
    if (!(thicknessMm > 0 && thicknessMm <= 200)) {
      throw new IllegalArgumentException(
          "A layer is up to 20 cm thick; found " + shown(thicknessMm));
    }
    if (!(bevelMm >= 0 && bevelMm <= 1000)) {
      throw new IllegalArgumentException(
          "A bevel is between 0 and 1 m wide; found " + shown(bevelMm));
    }
    if (!(edgeMm >= 0 && edgeMm <= 2 * thicknessMm)) {
      throw new IllegalArgumentException(
          "The edge is no thicker than both layers, "
              + shown(2 * thicknessMm)
              + "; found "
              + shown(edgeMm));
    }
  }

  private static String shown(double mm) {
    return Display.length(mm, Units.METRIC);
  }

  public Layering withFoam(String id, double thickness) {
    return new Layering(id, thickness, bevelMm, Math.min(edgeMm, 2 * thickness));
  }

  public Layering withBevel(double mm) {
    return new Layering(foamId, thicknessMm, mm, edgeMm);
  }

  public Layering withEdge(double mm) {
    return new Layering(foamId, thicknessMm, bevelMm, mm);
  }
}
