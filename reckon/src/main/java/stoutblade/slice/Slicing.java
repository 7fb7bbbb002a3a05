package stoutblade.slice;

import java.util.List;
import stoutblade.reference.Orientation.View;

/**
 * How a model is to be sliced. Lengths in mm.
 *
 * @param view the layers lie square to the line of sight of this view, the first one furthest away
 * @param lean by how much they are tilted from that, about the line across, in radians
 * @param turn by how much they are turned then, about the line along
 * @param sheets thicknesses of the layers, taken in turn until the model is full
 * @param wallMm how thick the wall is where it is hollowed; 0 for solid
 * @param pegMm diameter of the pegs through the layers; 0 for none
 * @param sheetWideMm width of a sheet
 * @param sheetLongMm length of a sheet
 */
public record Slicing(
    View view,
    double lean,
    double turn,
    List<Double> sheets,
    double wallMm,
    double pegMm,
    double sheetWideMm,
    double sheetLongMm) {

  /** The most layers of a model. */
  public static final int MOST_LAYERS = 600;

  /**
   * Copies the sheets and checks the numbers.
   *
   * @throws IllegalArgumentException if one is out of range; the message can be shown
   */
  public Slicing {
    sheets = List.copyOf(sheets);
    if (sheets.isEmpty() || sheets.stream().anyMatch(it -> !(it > 0))) {
      throw new IllegalArgumentException("A model is sliced in sheets thicker than 0");
    }
    if (!(Math.abs(lean) <= Math.PI / 2) || !(Math.abs(turn) <= Math.PI / 2)) {
      throw new IllegalArgumentException("Layers lean and turn by up to 90° either way");
    }
    if (!(wallMm >= 0) || !(pegMm >= 0)) {
      throw new IllegalArgumentException(
          "Walls and pegs are 0 or more; found " + wallMm + " and " + pegMm + " mm");
    }
    if (!(sheetWideMm > 50) || !(sheetLongMm > 50)) {
      throw new IllegalArgumentException(
          "A sheet is larger than 50 mm; found " + sheetWideMm + " × " + sheetLongMm);
    }
  }

  /** Square to a line of sight, not tilted. */
  public static Slicing square(
      View view,
      List<Double> sheets,
      double wallMm,
      double pegMm,
      double sheetWideMm,
      double sheetLongMm) {
    return new Slicing(view, 0, 0, sheets, wallMm, pegMm, sheetWideMm, sheetLongMm);
  }

  /** The same in other sheets. */
  public Slicing withSheets(List<Double> changed) {
    return new Slicing(view, lean, turn, changed, wallMm, pegMm, sheetWideMm, sheetLongMm);
  }

  /** True where the layers are not square to the line of sight. */
  boolean tilted() {
    return lean != 0 || turn != 0;
  }

  /**
   * Where the layers begin and end, over the furthest place of the model.
   *
   * @param high how high the model is, in mm
   * @throws IllegalArgumentException if they are too many
   */
  List<double[]> layers(double high) {
    List<double[]> all = new java.util.ArrayList<>();
    double from = 0;
    for (int i = 0; from < high - 1e-6; i++) {
      if (i >= MOST_LAYERS) {
        throw new IllegalArgumentException(
            "More than " + MOST_LAYERS + " layers: take thicker sheets, or check the scale");
      }
      double to = from + sheets.get(i % sheets.size());
      all.add(new double[] {from, to});
      from = to;
    }
    return all;
  }
}
