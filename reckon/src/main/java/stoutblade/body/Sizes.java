package stoutblade.body;

import java.util.List;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.layer.MaterialShare;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.part.Part;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** How large a part is, from what is seen of it. */
final class Sizes {

  private static final double LINE_MM = 0.05;
  private static final Box NOTHING = new Box(-0.5, -0.5, 0.5, 0.5);

  private Sizes() {}

  /** The box round what is seen of a part. */
  static Box box(Part part) {
    List<Point> points =
        part.seen().stream().flatMap(it -> it.flattened(LINE_MM).stream()).toList();
    return points.isEmpty() ? NOTHING : Box.around(points);
  }

  static Figure length(Box box) {
    return Figure.found(
        "part.length",
        "Length",
        box.height(),
        Quantity.LENGTH,
        "highest less lowest place of what is seen of it",
        Source.GEOMETRY,
        Uncertainty.NONE);
  }

  static Figure width(Box box) {
    return Figure.found(
        "part.width",
        "Greatest width",
        box.width(),
        Quantity.LENGTH,
        "rightmost less leftmost place of what is seen of it",
        Source.GEOMETRY,
        Uncertainty.NONE);
  }

  /** A foam that lies evenly along a part. */
  static MaterialShare evenly(SheetMaterial foam, double volume, Box box) {
    double length = Math.max(box.height(), 1e-3);
    return new MaterialShare(foam, volume, box.centre().times(volume), y -> volume / length);
  }
}
