package stoutblade.desktop.shell;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Figure;
import stoutblade.project.Station;

/**
 * The figures of a station: the few that matter most there, and the rest in groups with names.
 *
 * @param main the few, in order
 * @param groups the rest, by the name of their group
 */
record FigureGroups(List<Figure> main, Map<String, List<Figure>> groups) {

  private static final int MOST_MAIN = 5;

  /** So few that all of them can be seen at once are in no groups. */
  private static final int FEW = 7;

  /** A group, and what stands in the ids of its figures; the first that fits is taken. */
  private static final List<Map.Entry<String, String>> NAMES =
      List.of(
          Map.entry("section.", Texts.WINDOW.of("at-the-section")),
          Map.entry("log.", Texts.WINDOW.of("built-against-planned")),
          Map.entry("wearer.", Texts.WINDOW.of("the-wearer")),
          Map.entry("bearer.", Texts.WINDOW.of("the-wearer")),
          Map.entry("fit.", Texts.WINDOW.of("held-and-carried")),
          Map.entry("prop.", Texts.WINDOW.of("whole-prop")),
          Map.entry("/grip.", Texts.WINDOW.of("grip")),
          Map.entry("/core.", Texts.WINDOW.of("core")),
          Map.entry("/layers.", Texts.WINDOW.of("layers")),
          Map.entry("/part.", Texts.WINDOW.of("this-part")),
          Map.entry("/frame.", Texts.WINDOW.of("pipes")),
          Map.entry("build.", Texts.WINDOW.of("times-of-the-steps")),
          Map.entry("stock.parts.", Texts.WINDOW.of("sheets")),
          Map.entry("finish.", Texts.WINDOW.of("coats")),
          Map.entry("stock.", Texts.WINDOW.of("other-things-to-buy")),
          Map.entry("size.", Texts.WINDOW.of("size")));

  /** Sorts the figures of a station. */
  static FigureGroups of(Station station, List<Figure> figures) {
    List<Figure> main = new ArrayList<>();
    for (String end : wanted(station)) {
      figures.stream()
          .filter(it -> it.id().endsWith(end) && !main.contains(it))
          .filter(it -> !end.equals(".missing") || it.value() > 0)
          .limit(MOST_MAIN - main.size())
          .forEach(main::add);
    }
    if (main.isEmpty() && figures.size() > FEW) {
      // None of a bench sum is among them: its first ones say most.
      main.addAll(figures.subList(0, MOST_MAIN));
    }
    Map<String, List<Figure>> groups = new LinkedHashMap<>();
    if (figures.size() <= FEW) {
      List<Figure> rest = new ArrayList<>(figures);
      rest.removeAll(main);
      groups.put("", rest);
    } else {
      figures.stream()
          .filter(it -> !main.contains(it))
          .forEach(it -> groups.computeIfAbsent(name(it), id -> new ArrayList<>()).add(it));
    }
    return new FigureGroups(List.copyOf(main), groups);
  }

  private static String name(Figure figure) {
    return NAMES.stream()
        .filter(it -> figure.id().contains(it.getKey()))
        .findFirst()
        .map(Map.Entry::getValue)
        .orElse(Texts.WINDOW.of("more"));
  }

  /** What the ids of the figures end with that matter most. */
  private static List<String> wanted(Station station) {
    return switch (station) {
      case SIZE -> List.of("size.whole", "size.true", "size.factor");
      case DRAFT ->
          List.of("/part.length", "/part.width", "/part.mass", "prop.length", "prop.mass");
      case LAYERS ->
          List.of(
              "layers.thickness",
              "layers.mass",
              "layers.sanded",
              "layers.cost",
              "prop.length",
              "prop.mass",
              "prop.balance");
      case CORE ->
          List.of(
              "core.cover",
              "core.droop",
              "core.balance",
              "core.mass",
              "core.frequency",
              "prop.length",
              "prop.mass",
              "prop.balance");
      case CUT -> List.of("cut.all-sheets", "cut.all-pages", "stock.cement.need");
      case BUILD -> List.of("build.spare", "build.hands-on", "build.reserve");
      case FINISH -> List.of(".missing");
      case LOG ->
          List.of(
              "length.difference", "width.difference", "mass.difference", "log.time.difference");
    };
  }
}
