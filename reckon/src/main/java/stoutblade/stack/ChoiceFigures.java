package stoutblade.stack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/** The figures of a stack that answers a wish. */
public final class ChoiceFigures {

  private static final String ID = "choice";

  private ChoiceFigures() {}

  /**
   * The figures, with how far each neighbour stands off the stack's face.
   *
   * @param foams finds a foam by its id
   * @param neighbours how thick parts beside it are, by their names
   */
  public static List<Figure> of(
      Choice choice,
      Wish wish,
      Function<String, SheetMaterial> foams,
      Map<String, Double> neighbours) {
    List<Figure> sheets = new ArrayList<>();
    for (int i = 0; i < choice.sheets().size(); i++) {
      sheets.add(
          Figure.given(
              ID + ".sheet" + (i + 1),
              "Layer " + (i + 1) + ": " + foams.apply(choice.sheets().get(i).materialId()).name(),
              choice.sheets().get(i).thicknessMm(),
              Quantity.LENGTH,
              Source.catalogue("thicknesses that can be bought")));
    }
    Figure thickness =
        Figure.computed(
            ID + ".thickness",
            "All layers",
            Quantity.LENGTH,
            joined(sheets, " + "),
            Source.GEOMETRY,
            sheets.toArray(Figure[]::new));
    Figure wanted =
        Figure.given(
            ID + ".wanted",
            "Thickness wanted",
            wish.thicknessMm(),
            Quantity.LENGTH,
            Source.DECIDED);
    List<Figure> all = new ArrayList<>();
    all.add(thickness);
    all.add(less(ID + ".off", "Thicker than wanted by", thickness, wanted));
    all.add(
        Figure.computed(
            ID + ".glue-ups",
            "Times to glue",
            Quantity.COUNT,
            "{%s.count} - 1".formatted(ID),
            Source.GEOMETRY,
            Figure.given(
                ID + ".count", "Layers", choice.sheets().size(), Quantity.COUNT, Source.DECIDED)));
    all.add(mass(choice, wish, foams, sheets));
    all.add(
        found(
            ".cost",
            "Cost of what must be bought",
            choice.cost(),
            Quantity.MONEY,
            "area × thickness × price of each layer that is not left over"));
    all.add(
        found(".bought", "Layers to buy", choice.bought(), Quantity.COUNT, "those not left over"));
    all.add(
        found(
            ".surface",
            wish.outside() == Wish.Outside.SOFT
                ? "Stiffness of the harder outside"
                : "Stiffness of the softer outside",
            choice.surfaceModulus(),
            Quantity.MODULUS,
            "Young's modulus of the outer foams"));
    neighbours.forEach(
        (name, mm) ->
            all.add(
                less(
                    ID + ".beside." + all.size(),
                    "Stands over " + name + " by",
                    thickness,
                    Figure.given(
                        ID + ".neighbour." + all.size(),
                        name + ", thickness",
                        mm,
                        Quantity.LENGTH,
                        Source.DECIDED))));
    return all;
  }

  private static Figure mass(
      Choice choice, Wish wish, Function<String, SheetMaterial> foams, List<Figure> sheets) {
    Figure area =
        Figure.given(
            ID + ".area", "Area of a layer", wish.areaMm2(), Quantity.AREA, Source.GEOMETRY);
    List<Figure> inputs = new ArrayList<>(List.of(area));
    List<String> terms = new ArrayList<>();
    for (int i = 0; i < sheets.size(); i++) {
      SheetMaterial foam = foams.apply(choice.sheets().get(i).materialId());
      Figure density = foam.density(ID + ".density" + (i + 1));
      inputs.add(sheets.get(i));
      inputs.add(density);
      terms.add("{" + sheets.get(i).id() + "} * {" + density.id() + "}");
    }
    return Figure.computed(
        ID + ".mass",
        "Weight before shaping",
        Quantity.MASS,
        "{%s} * (%s)".formatted(area.id(), String.join(" + ", terms)),
        Source.GEOMETRY,
        inputs.toArray(Figure[]::new));
  }

  private static String joined(List<Figure> figures, String by) {
    return figures.stream().map(it -> "{" + it.id() + "}").collect(Collectors.joining(by));
  }

  private static Figure less(String id, String label, Figure from, Figure less) {
    return Figure.computed(
        id,
        label,
        Quantity.LENGTH,
        "{%s} - {%s}".formatted(from.id(), less.id()),
        Source.GEOMETRY,
        from,
        less);
  }

  private static Figure found(
      String key, String label, double value, Quantity quantity, String words) {
    return Figure.found(ID + key, label, value, quantity, words, Source.GEOMETRY, Uncertainty.NONE);
  }
}
