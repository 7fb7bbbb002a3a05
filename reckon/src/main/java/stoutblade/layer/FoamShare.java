package stoutblade.layer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import stoutblade.catalogue.Foam;
import stoutblade.stack.Layering;

/**
 * What one foam keeps of a stack: every layer counts with its own foam where it lies, the band with
 * its own, and what is laid on with that of the layer in the middle.
 *
 * @param foam the foam
 * @param volume what is left of it, before channels are cut, in mm³
 * @param moment its first moment of volume along, about the base, in mm⁴
 * @param across area of its cross-section at a place along, in mm²
 */
public record FoamShare(Foam foam, double volume, double moment, DoubleUnaryOperator across) {

  /** The shares of all foams of a stack, that of the back first. */
  static List<FoamShare> of(Solid solid, Layering layering, Map<String, Foam> foams) {
    if (foams.size() == 1) {
      return List.of(
          new FoamShare(
              foams.values().iterator().next(),
              solid.volume(),
              solid.momentAlong(),
              solid::sectionArea));
    }
    Map<String, Portion> shares = new LinkedHashMap<>();
    Portion inside = Portion.NONE;
    for (int i = 0; i < layering.sheets().size(); i++) {
      Portion own = solid.layers().kept(i);
      inside = inside.plus(own);
      shares.merge(layering.sheets().get(i).foamId(), own, Portion::plus);
    }
    Portion laidOn = solid.laidOn();
    shares.merge(layering.middle().foamId(), laidOn, Portion::plus);
    Portion rest = solid.all().less(inside.plus(laidOn));
    layering.band().ifPresent(it -> shares.merge(it.foamId(), rest, Portion::plus));
    List<FoamShare> all = new ArrayList<>();
    shares.forEach((id, it) -> all.add(of(foams.get(id), it)));
    return all;
  }

  private static FoamShare of(Foam foam, Portion portion) {
    return new FoamShare(foam, Math.max(0, portion.volume()), portion.moment(), portion.across());
  }
}
