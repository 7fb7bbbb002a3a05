package stoutblade.demo;

import java.util.List;
import java.util.Map;
import stoutblade.feature.Feature;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.stack.Layering;

/** Parts of the demo, made with few words. */
final class PartMaking {

  static final String STIFF = "eva-stiff";
  static final String FIRM = "eva-high-density";
  static final String SOFT = "eva-craft";

  /** The arc of a quarter circle from node to node. */
  static final double QUARTER = Math.tan(Math.PI / 8);

  private PartMaking() {}

  static Placing on(String carrier, double x, double y) {
    return Placing.USUAL.on(carrier).at(Where.At.of(x, y));
  }

  static Part plate(
      String id,
      String name,
      Outline outline,
      List<Feature> features,
      String materialId,
      double thicknessMm,
      Placing placing) {
    return Part.of(id, name, new Cut(outline, features), materialId, thicknessMm)
        .withPlacing(placing);
  }

  static Part layered(
      String id,
      String name,
      Outline outline,
      List<Feature> features,
      Layering stack,
      Placing placing) {
    return Part.of(id, name, new Cut(outline, features), stack).withPlacing(placing);
  }

  static Feature feature(int number, Feature.Kind kind, Map<String, Double> sizes, Where where) {
    return new Feature("f" + number, kind, sizes, "", where);
  }

  static Where at(double x, double y, double degrees) {
    return new Where.At(new Spot(new Point(x, y), Math.toRadians(degrees)));
  }
}
