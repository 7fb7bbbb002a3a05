package stoutblade.formats;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import stoutblade.derive.Derived;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.project.Station;

/** Every figure of a project as JSON, with its working. */
public final class FiguresJson {

  /** The word by which a file of figures is known. */
  static final String FORMAT = "stout-blade-figures";

  /** Grows when a name in it is taken away or comes to mean something else. */
  static final int VERSION = 1;

  private FiguresJson() {}

  /**
   * The figures by station; inputs that are not shown themselves follow under {@code inputs}, so
   * that every id that a figure names is there.
   */
  public static String of(Derived derived, Units units) throws IOException {
    ObjectNode root = Json.MAPPER.createObjectNode();
    root.put("format", FORMAT);
    root.put("version", VERSION);
    root.put("project", derived.project().name());
    Map<String, Figure> below = new LinkedHashMap<>();
    Map<String, Figure> shown = new LinkedHashMap<>();
    ArrayNode figures = root.putArray("figures");
    derived
        .figures()
        .forEach(
            (station, list) ->
                list.forEach(
                    figure -> {
                      if (shown.putIfAbsent(figure.id(), figure) == null) {
                        figures.add(node(figure, units).put("station", word(station)));
                      }
                      gather(figure.inputs(), below);
                    }));
    ArrayNode inputs = root.putArray("inputs");
    below.values().stream()
        .filter(figure -> !shown.containsKey(figure.id()))
        .forEach(figure -> inputs.add(node(figure, units)));
    return Json.MAPPER.writeValueAsString(root);
  }

  /** Some figures, then the inputs that they name. */
  public static String of(String title, List<Figure> shown, Units units) throws IOException {
    ObjectNode root = Json.MAPPER.createObjectNode();
    root.put("format", FORMAT);
    root.put("version", VERSION);
    root.put("sum", title);
    Map<String, Figure> below = new LinkedHashMap<>();
    ArrayNode figures = root.putArray("figures");
    for (Figure figure : shown) {
      figures.add(node(figure, units));
      gather(figure.inputs(), below);
    }
    shown.forEach(it -> below.remove(it.id()));
    ArrayNode inputs = root.putArray("inputs");
    below.values().forEach(it -> inputs.add(node(it, units)));
    return Json.MAPPER.writeValueAsString(root);
  }

  private static String word(Station station) {
    return station.title().toLowerCase(java.util.Locale.ROOT);
  }

  private static void gather(List<Figure> figures, Map<String, Figure> into) {
    for (Figure figure : figures) {
      if (into.putIfAbsent(figure.id(), figure) == null) {
        gather(figure.inputs(), into);
      }
    }
  }

  private static ObjectNode node(Figure figure, Units units) {
    ObjectNode node = Json.MAPPER.createObjectNode();
    node.put("id", figure.id());
    node.put("label", figure.label());
    node.put("value", figure.value());
    node.put("unit", figure.quantity().unit());
    node.put("shown", figure.showWithRange(units));
    node.put("formula", figure.inWords());
    node.put("working", figure.inNumbers(units));
    ArrayNode inputs = node.putArray("inputs");
    figure.inputs().forEach(input -> inputs.add(input.id()));
    ObjectNode source = node.putObject("source");
    source.put("kind", figure.source().kind().word());
    source.put("note", figure.source().note());
    if (!figure.uncertainty().parts().isEmpty()) {
      node.put("std", figure.uncertainty().std());
    }
    return node;
  }
}
