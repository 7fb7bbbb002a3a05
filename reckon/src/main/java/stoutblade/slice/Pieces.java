package stoutblade.slice;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * The pieces that a layer is cut in. Where the sheet is too small the joints of one layer lie half
 * way between those of the next.
 */
final class Pieces {

  private static final double FAR_MM = 1e5;
  private static final double SPECK_MM2 = 1;

  private Pieces() {}

  static List<Region> of(Region layer, Slicing slicing, int index) {
    if (layer.empty()) {
      return List.of();
    }
    Box box = box(layer);
    boolean turned = box.width() > box.height();
    double wide = turned ? slicing.sheetLongMm() : slicing.sheetWideMm();
    double high = turned ? slicing.sheetWideMm() : slicing.sheetLongMm();
    List<Region> pieces = new ArrayList<>();
    for (double[] across : spans(box.minX(), box.maxX(), wide, index)) {
      for (double[] along : spans(box.minY(), box.maxY(), high, index)) {
        Region cut = layer.common(window(across, along));
        cut.parts().stream().filter(it -> it.area() > SPECK_MM2).forEach(pieces::add);
      }
    }
    return pieces;
  }

  private static Box box(Region layer) {
    return layer.box();
  }

  /** Even spans no longer than a sheet; in every other layer half a span further on. */
  static List<double[]> spans(double from, double to, double most, int index) {
    if (to - from <= most) {
      return List.of(new double[] {-FAR_MM, FAR_MM});
    }
    int count = (int) Math.ceil((to - from) / most);
    double step = (to - from) / count;
    List<Double> cuts = new ArrayList<>();
    double first = index % 2 == 0 ? from + step : from + step / 2;
    for (double at = first; at < to - 1e-6; at += step) {
      cuts.add(at);
    }
    List<double[]> spans = new ArrayList<>();
    double last = -FAR_MM;
    for (double cut : cuts) {
      spans.add(new double[] {last, cut});
      last = cut;
    }
    spans.add(new double[] {last, FAR_MM});
    return spans;
  }

  private static Region window(double[] across, double[] along) {
    return Region.inside(
        Path.through(
            List.of(
                new Point(across[0], along[0]),
                new Point(across[1], along[0]),
                new Point(across[1], along[1]),
                new Point(across[0], along[1])),
            true),
        1);
  }
}
