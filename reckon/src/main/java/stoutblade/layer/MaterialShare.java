package stoutblade.layer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.shape.Point;
import stoutblade.stack.Layering;

/**
 * What one foam keeps of a stack: every layer counts with its own foam where it lies, the band with
 * its own, and what is laid on with that of the layer in the middle.
 *
 * @param foam the foam
 * @param volume what is left of it, before channels are cut, in mm³
 * @param moment its first moments of volume about the origin, across and along, in mm⁴
 * @param across area of its cross-section at a place along, in mm²
 */
public record MaterialShare(
    SheetMaterial foam, double volume, Point moment, DoubleUnaryOperator across) {

  /** Remembers the sections that were asked for. */
  public MaterialShare {
    across = Remembered.of(across);
  }

  /** The shares of all foams of a stack, that of the back first. */
  static List<MaterialShare> of(Solid solid, Layering layering, Map<String, SheetMaterial> foams) {
    if (foams.size() == 1) {
      return List.of(
          new MaterialShare(
              foams.values().iterator().next(),
              solid.volume(),
              solid.moment(),
              solid::sectionArea));
    }
    Map<String, Portion> shares = new LinkedHashMap<>();
    Portion inside = Portion.NONE;
    for (int i = 0; i < layering.sheets().size(); i++) {
      Portion own = solid.layers().kept(i);
      inside = inside.plus(own);
      shares.merge(layering.sheets().get(i).materialId(), own, Portion::plus);
    }
    Portion laidOn = solid.laidOn();
    shares.merge(layering.middle().materialId(), laidOn, Portion::plus);
    Portion rest = solid.all().less(inside.plus(laidOn));
    layering.band().ifPresent(it -> shares.merge(it.materialId(), rest, Portion::plus));
    List<MaterialShare> all = new ArrayList<>();
    shares.forEach((id, it) -> all.add(of(foams.get(id), it)));
    return all;
  }

  private static MaterialShare of(SheetMaterial foam, Portion portion) {
    return new MaterialShare(
        foam, Math.max(0, portion.volume()), portion.moment(), portion.across());
  }
}
