package stoutblade.prop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import stoutblade.develop.Developed;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.measure.Doubt;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * The shape that a plate's outline makes with its features.
 *
 * @param plate what was drafted
 * @param outer what is cut round it: the drawn curves, or straight pieces where teeth or notches
 *     changed them
 * @param windows what is cut out of it, inside first
 * @param markings what is drawn on it
 * @param pieces further pieces that are cut for its features
 * @param face the area that is left
 * @param crossing where the outline crosses itself, if it does: then nothing else is worked out
 */
public record PlateForm(
    Plate plate,
    List<Path> outer,
    List<Path> windows,
    List<Marking> markings,
    List<Piece> pieces,
    Region face,
    Optional<Point> crossing) {

  /** What an opening takes off a square corner reaches so far, in widths: that is no sliver. */
  private static final double LEAST_SLIVER = 0.78;

  /** How far straight pieces may lie from curves that are only looked at, in mm. */
  private static final double LOOKED_AT_MM = 0.15;

  /** How far straight pieces may lie from the drafted curves, in mm. */
  public static final double TOLERANCE_MM = 0.01;

  /**
   * A piece that is cut for a feature.
   *
   * @param name what it is
   * @param count how many
   * @param outlines outer ones and holes, in mm
   */
  public record Piece(String name, int count, List<Path> outlines) {

    /** Copies the outlines. */
    public Piece {
      outlines = List.copyOf(outlines);
    }
  }

  /** Copies the lists. */
  public PlateForm {
    outer = List.copyOf(outer);
    windows = List.copyOf(windows);
    markings = List.copyOf(markings);
    pieces = List.copyOf(pieces);
  }

  /** Works the form out. */
  public static PlateForm of(Plate plate, Typeface typeface) {
    return of(plate, typeface, TOLERANCE_MM);
  }

  /**
   * The same to be looked at while something is dragged: coarser, and what is cut and what stands
   * out laid over the face instead of taken from it and joined to it.
   */
  public static PlateForm roughly(Plate plate, Typeface typeface) {
    return of(plate, typeface, LOOKED_AT_MM);
  }

  private static PlateForm of(Plate plate, Typeface typeface, double tolerance) {
    Region nothing = Region.evenOdd(List.of());
    if (!plate.outline().drawn()) {
      return new PlateForm(
          plate, List.of(), List.of(), List.of(), List.of(), nothing, Optional.empty());
    }
    Path drawn = counterClockwise(plate.outline().outline());
    Optional<Point> crossing = Region.crossing(drawn, tolerance);
    if (crossing.isPresent()) {
      return new PlateForm(
          plate, List.of(drawn), List.of(), List.of(), List.of(), nothing, crossing);
    }
    Region face = Region.inside(drawn, tolerance);
    List<Worked> worked = new ArrayList<>();
    for (Feature feature : plate.features()) {
      worked.add(Worked.of(feature, plate.outline(), face, typeface, tolerance));
    }
    return new Cutting(plate, drawn, face, worked, tolerance).form();
  }

  static Path counterClockwise(Path path) {
    Panel panel = Panel.of("outline", 1, List.of(Edge.free(path)));
    return panel.area() < 0 ? path.reversed() : path;
  }

  /** The cutting of all features. */
  private record Cutting(
      Plate plate, Path drawn, Region whole, List<Worked> worked, double tolerance) {

    PlateForm form() {
      List<Path> added = worked.stream().flatMap(it -> it.added().stream()).toList();
      List<Path> cut = worked.stream().flatMap(it -> it.cut().stream()).toList();
      if (tolerance > TOLERANCE_MM) {
        return laidOver(added, cut);
      }
      Region face = whole;
      if (!added.isEmpty()) {
        face = face.with(Region.union(added, tolerance));
      }
      boolean inside = true;
      if (!cut.isEmpty()) {
        Region holes = Region.union(cut, tolerance);
        inside = face.covers(holes) && holes.separate() == cut.size();
        face = face.without(holes);
      }
      boolean asDrawn = added.isEmpty() && inside;
      return new PlateForm(
          plate,
          asDrawn ? List.of(drawn) : rings(face, true),
          asDrawn ? cut : rings(face, false),
          worked.stream().flatMap(it -> it.markings().stream()).toList(),
          worked.stream().flatMap(it -> it.pieces().stream()).toList(),
          face,
          Optional.empty());
    }

    private PlateForm laidOver(List<Path> added, List<Path> cut) {
      List<List<Point>> rings = new ArrayList<>();
      rings.add(drawn.flattened(tolerance));
      cut.forEach(it -> rings.add(it.flattened(tolerance)));
      List<Path> over = new ArrayList<>(cut);
      over.addAll(added);
      return new PlateForm(
          plate,
          List.of(drawn),
          over,
          worked.stream().flatMap(it -> it.markings().stream()).toList(),
          worked.stream().flatMap(it -> it.pieces().stream()).toList(),
          Region.evenOdd(rings),
          Optional.empty());
    }

    private static List<Path> rings(Region face, boolean outer) {
      List<Path> rings = new ArrayList<>();
      for (Region part : face.parts()) {
        for (int i = 0; i < part.rings().size(); i++) {
          if ((i == 0) == outer) {
            rings.add(counterClockwise(Path.through(part.rings().get(i), true)));
          }
        }
      }
      return rings;
    }
  }

  /** It as pieces to cut, with those of its features. */
  public Developed developed() {
    List<Panel> panels = new ArrayList<>();
    for (int i = 0; i < outer.size(); i++) {
      Path ring = outer.get(i);
      Region area = Region.inside(ring, TOLERANCE_MM);
      List<Path> own = windows.stream().filter(it -> area.holds(it.start())).toList();
      String name = outer.size() == 1 ? plate.name() : plate.name() + ", part " + (i + 1);
      panels.add(new Panel(name, 1, List.of(Edge.free(ring)), own, List.of()));
    }
    for (Piece piece : pieces) {
      panels.addAll(panels(piece));
    }
    return new Developed(panels, figures(), words());
  }

  private static List<Panel> panels(Piece piece) {
    List<Path> sorted =
        piece.outlines().stream()
            .map(PlateForm::counterClockwise)
            .sorted(Comparator.comparing(it -> -Region.inside(it, TOLERANCE_MM).area()))
            .toList();
    List<Panel> panels = new ArrayList<>();
    List<Path> left = new ArrayList<>(sorted);
    while (!left.isEmpty()) {
      Path ring = left.removeFirst();
      Region area = Region.inside(ring, TOLERANCE_MM);
      List<Path> holes = left.stream().filter(it -> area.holds(it.start())).toList();
      left.removeAll(holes);
      panels.add(
          new Panel(piece.name(), piece.count(), List.of(Edge.free(ring)), holes, List.of()));
    }
    return panels;
  }

  private List<String> words() {
    return windows.isEmpty()
        ? List.of()
        : List.of("Cut windows and holes first, the outline last: the sheet holds still so.");
  }

  // == FIGURES

  /** The figures of the plate. */
  public List<Figure> figures() {
    List<Figure> figures = new ArrayList<>();
    if (outer.isEmpty() || crossing.isPresent()) {
      return figures;
    }
    String id = "part." + plate.id();
    Box box = Box.around(outer.stream().flatMap(it -> it.flattened(0.05).stream()).toList());
    figures.add(
        found(
            id + ".along",
            "Length",
            box.height(),
            Quantity.LENGTH,
            "highest less" + " lowest point of the outline"));
    figures.add(
        found(
            id + ".across",
            "Greatest width",
            box.width(),
            Quantity.LENGTH,
            "rightmost less leftmost point of the outline"));
    figures.add(
        found(
            id + ".area",
            "Area of one face",
            face.area(),
            Quantity.AREA,
            "shoelace formula over the outline, less what is cut out"));
    figures.add(
        found(
            id + ".edge",
            "Outline, once round",
            outer.stream().mapToDouble(it -> it.length(TOLERANCE_MM)).sum(),
            Quantity.LENGTH,
            "sum of the pieces of the outline"));
    if (!windows.isEmpty()) {
      figures.add(
          found(
              id + ".inside",
              "Cut inside",
              windows.stream().mapToDouble(it -> it.length(TOLERANCE_MM)).sum(),
              Quantity.LENGTH,
              "sum of the pieces of all windows and holes"));
    }
    plate.features().forEach(it -> feature(id, it, figures));
    return figures;
  }

  private void feature(String id, Feature feature, List<Figure> figures) {
    String own = id + "." + feature.id();
    if (feature.kind() == Feature.Kind.BEVEL) {
      figures.add(bevel(own, feature));
    }
    int count = feature.where().spots(plate.outline()).size();
    if (count > 1 && feature.kind() != Feature.Kind.BEVEL) {
      pitch(own, feature, count).ifPresent(figures::add);
    }
  }

  private Figure bevel(String own, Feature feature) {
    Figure thickness =
        Figure.given(
            own + ".line",
            "Thickness at the line",
            plate.thicknessMm(),
            Quantity.LENGTH,
            Source.DECIDED);
    Figure edge =
        Figure.given(
            own + ".edge",
            "Thickness at the edge",
            Math.min(feature.size("edge"), plate.thicknessMm()),
            Quantity.LENGTH,
            Source.DECIDED);
    Figure wide =
        Figure.given(
            own + ".wide", "Bevel, width", feature.size("wide"), Quantity.LENGTH, Source.DECIDED);
    boolean both = feature.is("faces", 0);
    return Figure.computed(
        own + ".angle",
        "Bevel, from the face",
        Quantity.ANGLE,
        "atan(({%s} - {%s}) / (%s{%s}))"
            .formatted(thickness.id(), edge.id(), both ? "2 * " : "", wide.id()),
        Source.practice("bevel of a two-sheet blade: atan((T − e) / 2b)"),
        thickness,
        edge,
        wide);
  }

  /** From the middle of one repeat to the next. */
  private Optional<Figure> pitch(String own, Feature feature, int count) {
    Figure number =
        Figure.given(
            own + ".count",
            feature.kind().title() + ", how many",
            count,
            Quantity.COUNT,
            Source.DECIDED);
    String label = feature.kind().title() + ", from one to the next";
    return switch (feature.where()) {
      case Where.At it -> Optional.empty();
      case Where.Ring it -> {
        Figure radius =
            Figure.given(
                own + ".radius", "Ring, radius", it.radiusMm(), Quantity.LENGTH, Source.DECIDED);
        yield Optional.of(
            Figure.computed(
                own + ".pitch",
                label,
                Quantity.LENGTH,
                "2 * pi * {%s} / {%s}".formatted(radius.id(), number.id()),
                Source.practice("ornament in n is spaced from the circumference"),
                radius,
                number));
      }
      case Where.Row it -> {
        Figure length =
            Figure.given(own + ".row", "Row, length", it.length(), Quantity.LENGTH, Source.DECIDED);
        yield Optional.of(
            Figure.computed(
                own + ".pitch",
                label,
                Quantity.LENGTH,
                "{%s} / ({%s} - 1)".formatted(length.id(), number.id()),
                Source.GEOMETRY,
                length,
                number));
      }
      case Where.Along it -> {
        double round = 0;
        for (List<Point> edge : it.edges(plate.outline())) {
          round += Path.through(edge, false).length(TOLERANCE_MM);
        }
        Figure length =
            found(
                own + ".edge",
                "Edge, length",
                round,
                Quantity.LENGTH,
                "length of the sides that carry it");
        yield Optional.of(
            Figure.computed(
                own + ".pitch",
                label,
                Quantity.LENGTH,
                "{%s} / {%s}".formatted(length.id(), number.id()),
                Source.GEOMETRY,
                length,
                number));
      }
    };
  }

  private static Figure found(
      String id, String label, double value, Quantity quantity, String words) {
    return Figure.found(id, label, value, quantity, words, Source.GEOMETRY, Doubt.NONE);
  }

  // == SLIVERS

  /**
   * A place where less foam is left than it can hold.
   *
   * @param at where
   * @param tip true for a point that runs out, false for a bridge between two parts
   */
  public record Sliver(Point at, boolean tip) {}

  /**
   * Where the plate is narrower than a width: bridges, and points that run out over more than four
   * times the width. What an opening of the area by that width takes away (Serra, <i>Image Analysis
   * and Mathematical Morphology</i>; from memory).
   */
  public List<Sliver> slivers(double width) {
    List<Sliver> found = new ArrayList<>();
    if (face.empty()) {
      return found;
    }
    double tolerance = Math.max(0.02, width / 50);
    Region coarse = face.coarse(tolerance / 3);
    Region opened = coarse.rounded(-width / 2, tolerance).rounded(width / 2 + tolerance, tolerance);
    for (Region left : coarse.without(opened).parts()) {
      Box box = Box.around(left.rings().stream().flatMap(List::stream).toList());
      double reach = Math.hypot(box.width(), box.height());
      if (reach < LEAST_SLIVER * width || left.area() < tolerance * tolerance) {
        continue;
      }
      // A bridge hangs on what is left in two places, a point in one.
      boolean bridge = left.rounded(3 * tolerance, tolerance).common(opened).separate() > 1;
      if (bridge || reach > 4 * width) {
        found.add(new Sliver(left.centre(), !bridge));
      }
    }
    return found;
  }
}
