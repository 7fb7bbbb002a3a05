package stoutblade.sum;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** What several sums work out and draw alike. */
final class Drafted {

  private Drafted() {}

  /** A length by its formula. */
  static Figure length(String id, String label, String formula, Source source, Figure... of) {
    return Figure.computed(id, label, Quantity.LENGTH, formula, source, of);
  }

  /** A rectangle. */
  static Path box(double left, double low, double right, double high) {
    return Path.through(
        List.of(
            new Point(left, low),
            new Point(right, low),
            new Point(right, high),
            new Point(left, high)),
        true);
  }
}
