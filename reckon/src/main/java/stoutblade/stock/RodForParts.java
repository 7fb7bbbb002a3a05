package stoutblade.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import stoutblade.catalogue.Rod;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/** The rods and tubes that are cut to length: a line for each kind. */
final class RodForParts {

  /** What a saw takes between two lengths, in mm. */
  static final double KERF_MM = 2;

  private RodForParts() {}

  static List<Shopping.Line> lines(List<Shopping.Length> lengths, List<LengthLeft> there) {
    Map<Rod, List<Shopping.Length>> kinds = new LinkedHashMap<>();
    lengths.forEach(it -> kinds.computeIfAbsent(it.rod(), rod -> new ArrayList<>()).add(it));
    List<Shopping.Line> lines = new ArrayList<>();
    kinds.forEach((rod, cut) -> lines.add(line(rod, cut, LengthLeft.of(rod.id(), there))));
    return lines;
  }

  private static Shopping.Line line(Rod rod, List<Shopping.Length> cut, List<Double> there) {
    String id = "stock.rod." + rod.id();
    Figure sold =
        Figure.given(
            id + ".sold",
            "Sold in lengths of",
            rod.lengthMm(),
            Quantity.LENGTH,
            Source.catalogue(rod.name()));
    Figure need =
        Figure.computed(
            id + ".need",
            rod.name() + ": all lengths",
            Quantity.LENGTH,
            cut.stream()
                .map(it -> it.made() + " * {" + it.length().id() + "}")
                .collect(Collectors.joining(" + ")),
            Source.GEOMETRY,
            cut.stream().map(Shopping.Length::length).toArray(Figure[]::new));
    List<LengthPlan.Cut> each = new ArrayList<>();
    for (Shopping.Length it : cut) {
      for (int i = 0; i < it.made(); i++) {
        each.add(new LengthPlan.Cut(it.name(), it.length().value()));
      }
    }
    LengthPlan plan = LengthPlan.of(each, there, rod.lengthMm(), KERF_MM);
    Figure buy =
        Figure.found(
            id + ".lengths",
            rod.name() + ": lengths to buy",
            (double) plan.toBuy(),
            Quantity.COUNT,
            "{"
                + need.id()
                + "} cut from {"
                + sold.id()
                + "}, 2 mm for each cut, "
                + (there.isEmpty() ? "" : "what is there already first, ")
                + (plan.proven() ? "from as few as can be" : "the longest first")
                + "; what is longer than it is sold is joined",
            Source.GEOMETRY,
            Uncertainty.NONE,
            need,
            sold);
    return new Shopping.Line(rod.name(), need, buy, Optional.of(plan));
  }
}
