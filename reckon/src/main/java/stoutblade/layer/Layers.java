package stoutblade.layer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.feature.PlateForm;
import stoutblade.measure.Figure;
import stoutblade.stack.Layering;
import stoutblade.stack.Sheet;

/**
 * What the chosen layers of a part come to.
 *
 * @param layering what was decided
 * @param foam the foam of the layer that a core in the middle lies against
 * @param solid the solid that they are worked to
 * @param each the layers, from the back
 * @param band the strip round their edge
 * @param layer thickness of that layer
 * @param thickness all layers together
 * @param bevelWidth width of the bevel; 0 for none
 * @param edge thickness at the edge
 * @param bevelAngle angle of the bevel from the face, where it is steepest
 * @param volume volume of foam before channels are cut
 * @param sanded volume to work off to the profile
 * @param surface outside to be finished
 * @param glued faces to spread with glue, both of each joint
 * @param mass of the foam, with what is laid on
 * @param shares what each foam keeps of it
 * @param further foam of each kind, its cost, and what is left of the wanted thickness
 */
public record Layers(
    Layering layering,
    SheetMaterial foam,
    Solid solid,
    List<Layer> each,
    Optional<EdgeBand> band,
    Figure layer,
    Figure thickness,
    Figure bevelWidth,
    Figure edge,
    Figure bevelAngle,
    Figure volume,
    Figure sanded,
    Figure surface,
    Figure glued,
    Figure mass,
    List<MaterialShare> shares,
    List<Figure> further) {

  /** Copies the lists. */
  public Layers {
    each = List.copyOf(each);
    shares = List.copyOf(shares);
    further = List.copyOf(further);
  }

  /**
   * Works out the layers of what is cut along an outline.
   *
   * @param foams finds a foam by its id
   * @return empty where nothing can be cut, or one of its foams is not in the catalogue
   */
  public static Optional<Layers> of(
      PlateForm form, Layering layering, Function<String, Optional<SheetMaterial>> foams) {
    return form.measures()
        .filter(it -> !form.face().isEmpty())
        .flatMap(
            sizes ->
                known(layering, foams)
                    .map(
                        it ->
                            new LayersWorking(
                                    "layers",
                                    Solid.of(form, layering),
                                    layering,
                                    it,
                                    form.blank().outline(),
                                    form.lightened(),
                                    sizes.area(),
                                    sizes.edge())
                                .layers()));
  }

  private static Optional<Map<String, SheetMaterial>> known(
      Layering layering, Function<String, Optional<SheetMaterial>> foams) {
    Map<String, SheetMaterial> known = new LinkedHashMap<>();
    for (Sheet sheet : layering.sheets()) {
      foams.apply(sheet.materialId()).ifPresent(it -> known.put(sheet.materialId(), it));
    }
    layering
        .band()
        .flatMap(it -> foams.apply(it.materialId()))
        .ifPresent(it -> known.put(it.id(), it));
    boolean all =
        layering.sheets().stream().allMatch(it -> known.containsKey(it.materialId()))
            && layering.band().stream().allMatch(it -> known.containsKey(it.materialId()));
    return all ? Optional.of(known) : Optional.empty();
  }

  /** What one foam keeps of it; nothing of a foam that is not in it. */
  public Optional<MaterialShare> share(String materialId) {
    return shares.stream().filter(it -> it.foam().id().equals(materialId)).findFirst();
  }

  /** True where all that is cut is one piece: one layer, no band, no joint. */
  public boolean onePiece() {
    return each.size() == 1 && band.isEmpty() && each.getFirst().joints().none() && solid.alike();
  }

  /** All figures that a person is shown, in order. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>();
    if (each.size() > 1) {
      all.add(layer);
    }
    all.add(thickness);
    if (!layering.flat()) {
      all.addAll(List.of(bevelWidth, edge, bevelAngle));
    }
    all.addAll(List.of(volume, sanded, surface));
    if (glued.value() > 0) {
      all.add(glued);
    }
    band.ifPresent(it -> all.addAll(it.figures()));
    all.addAll(further);
    return all;
  }
}
