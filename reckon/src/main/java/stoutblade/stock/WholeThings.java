package stoutblade.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.part.Bought;

/** Things that are bought whole: a line for each. */
final class WholeThings {

  private WholeThings() {}

  static List<Shopping.Line> lines(List<Shopping.Whole> wholes) {
    Map<Bought, Integer> all = new LinkedHashMap<>();
    wholes.forEach(it -> all.merge(it.thing(), it.made(), Integer::sum));
    List<Shopping.Line> lines = new ArrayList<>();
    all.forEach((thing, made) -> lines.add(line(thing, made, lines.size() + 1)));
    return lines;
  }

  private static Shopping.Line line(Bought thing, int made, int number) {
    Figure need =
        Figure.given(
            "stock.thing" + number,
            thing.what() + ", how many",
            made,
            Quantity.COUNT,
            Source.DECIDED);
    return new Shopping.Line(thing.what(), need, need);
  }
}
