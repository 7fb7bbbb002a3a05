package stoutblade.layer;

import java.util.List;
import java.util.function.DoubleConsumer;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * Heights of a part's front over its back plane, on a grid: of the finished part, and of the layers
 * as they are glued before anything is worked off. In mm; NaN where there is nothing.
 *
 * @param box what the grid covers
 * @param stepMm how far its places lie apart
 * @param columns places across
 * @param rows places along
 * @param finished heights of the finished front, row by row from the lowest
 * @param glued heights of the layers as cut
 */
@SuppressWarnings("ArrayRecordComponent") // tens of thousands of numbers, passed on once
public record HeightGrid(
    Box box, double stepMm, int columns, int rows, double[] finished, double[] glued) {

  /**
   * Samples the layers.
   *
   * @param most about how many places at most
   * @param progress takes the share that is done
   */
  public static HeightGrid of(Layers layers, int most, DoubleConsumer progress) {
    List<Point> corners =
        layers.each().stream()
            .flatMap(it -> it.cut().rings().stream())
            .flatMap(List::stream)
            .toList();
    Box box = Box.around(corners);
    double step = Math.sqrt(box.width() * box.height() / most);
    int columns = Math.max(2, (int) Math.ceil(box.width() / step));
    int rows = Math.max(2, (int) Math.ceil(box.height() / step));
    double[] finished = new double[columns * rows];
    double[] glued = new double[columns * rows];
    for (int row = 0; row < rows; row++) {
      progress.accept((double) row / rows);
      for (int column = 0; column < columns; column++) {
        Point place =
            new Point(box.minX() + (column + 0.5) * step, box.minY() + (row + 0.5) * step);
        int at = row * columns + column;
        finished[at] = layers.solid().finishedAt(place);
        glued[at] = glued(layers, place);
      }
    }
    return new HeightGrid(box, step, columns, rows, finished, glued);
  }

  private static double glued(Layers layers, Point place) {
    for (Layer layer : layers.each().reversed()) {
      if (layer.cut().contains(place)) {
        return layer.to();
      }
    }
    return Double.NaN;
  }

  /** How much is worked off the front at a place of the grid, in mm; NaN beside the part. */
  public double off(int at) {
    return Double.isNaN(finished[at]) ? glued[at] : glued[at] - finished[at];
  }

  /** The most that is worked off anywhere inside the finished part, in mm. */
  public double mostOff() {
    double most = 0;
    for (int i = 0; i < finished.length; i++) {
      if (!Double.isNaN(finished[i])) {
        most = Math.max(most, glued[i] - finished[i]);
      }
    }
    return most;
  }
}
