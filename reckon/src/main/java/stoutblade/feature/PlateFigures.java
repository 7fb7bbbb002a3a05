package stoutblade.feature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** The figures of a plate and of what is worked into it. */
final class PlateFigures {

  private final PlateForm form;
  private final Blank blank;

  private PlateFigures(PlateForm form) {
    this.form = form;
    this.blank = form.blank();
  }

  /** The figures, those of the outline first. */
  static List<Figure> of(PlateForm form) {
    return new PlateFigures(form).all();
  }

  /** The figures of its features alone. */
  static List<Figure> ofFeatures(PlateForm form) {
    return new PlateFigures(form).features();
  }

  private List<Figure> all() {
    return measures(form)
        .map(
            it -> {
              List<Figure> figures = new ArrayList<>(it.figures());
              figures.addAll(features());
              return figures;
            })
        .orElse(List.of());
  }

  /** The sizes of the outline; none where nothing is drawn or it crosses itself. */
  static Optional<Measures> measures(PlateForm form) {
    return form.outer().isEmpty() || form.crossing().isPresent()
        ? Optional.empty()
        : Optional.of(new PlateFigures(form).measured());
  }

  private Measures measured() {
    List<Path> outer = form.outer();
    List<Point> extremes = outer.stream().flatMap(it -> it.extremes().stream()).toList();
    Box box = Box.around(extremes);
    boolean half = blank.outline() instanceof HalfOutline;
    Figure length =
        found(
            "part.length",
            half ? "Length, base to tip" : "Length",
            box.height(),
            Quantity.LENGTH,
            "highest less lowest point of the outline");
    Figure width =
        found(
            "part.width",
            "Greatest width",
            box.width(),
            Quantity.LENGTH,
            "rightmost less leftmost point of the outline");
    Point widest =
        extremes.stream().max(Comparator.comparing(it -> Math.abs(it.x()))).orElseThrow();
    Figure widestAt =
        found(
            "part.widest-at",
            half ? "Widest at, from the base" : "Widest at, from the near end",
            widest.y() - box.minY(),
            Quantity.LENGTH,
            "height of the point furthest from the centre line");
    Figure area =
        found(
            "part.area",
            "Area of one face",
            form.face().area(),
            Quantity.AREA,
            "shoelace formula over the outline, in pieces that keep within 0.01 mm of it, less what"
                + " is cut out");
    return new Measures(length, width, widestAt, area, edge(outer), inside());
  }

  /** Half an outline is open at its base: that is not worked off. */
  private Figure edge(List<Path> outer) {
    if (blank.outline() instanceof HalfOutline half) {
      return found(
          "part.edge",
          "Edge, once round",
          half.edge().length(PlateForm.TOLERANCE_MM),
          Quantity.LENGTH,
          "sum of the pieces of the outline from base round the tip to base");
    }
    return found(
        "part.edge",
        "Outline, once round",
        outer.stream().mapToDouble(it -> it.length(PlateForm.TOLERANCE_MM)).sum(),
        Quantity.LENGTH,
        "sum of the pieces of the outline");
  }

  private Optional<Figure> inside() {
    return form.windows().isEmpty()
        ? Optional.empty()
        : Optional.of(
            found(
                "part.inside",
                "Cut inside",
                form.windows().stream().mapToDouble(it -> it.length(PlateForm.TOLERANCE_MM)).sum(),
                Quantity.LENGTH,
                "sum of the pieces of all windows and holes"));
  }

  private List<Figure> features() {
    List<Figure> figures = new ArrayList<>();
    blank.features().forEach(it -> feature("part", it, figures));
    return figures;
  }

  private void feature(String id, Feature feature, List<Figure> figures) {
    String own = id + "." + feature.id();
    if (feature.kind() == Feature.Kind.BEVEL) {
      figures.add(bevel(own, feature));
    }
    if (feature.kind() == Feature.Kind.FULLER) {
      figures.add(fuller(own, Fuller.of(feature, blank)));
    }
    form.lightened().stream()
        .filter(it -> it.feature().equals(feature))
        .forEach(it -> figures.addAll(lightened(own, it)));
    int count = feature.spots(blank.outline()).size();
    boolean spaced =
        feature.kind() != Feature.Kind.BEVEL && feature.kind() != Feature.Kind.LIGHTENING;
    if (count > 1 && spaced) {
      pitch(own, feature, count).ifPresent(figures::add);
    }
  }

  private List<Figure> lightened(String own, Lightening field) {
    return List.of(
        found(
            own + ".holes",
            "Lightening, holes in a layer",
            field.holes().size(),
            Quantity.COUNT,
            "rows set off by half; those left out come too near the edge or something else"),
        found(
            own + ".out",
            "Lightening, foam out of a layer",
            field.areaMm2(),
            Quantity.AREA,
            "areas of all its holes"));
  }

  private Figure bevel(String own, Feature feature) {
    Figure thickness =
        Figure.given(
            own + ".line",
            "Thickness at the line",
            blank.thicknessMm(),
            Quantity.LENGTH,
            Source.DECIDED);
    Figure edge =
        Figure.given(
            own + ".edge",
            "Thickness at the edge",
            Math.min(feature.size("edge"), blank.thicknessMm()),
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

  /** What it takes off a face, or lays on it. */
  private Figure fuller(String own, Fuller fuller) {
    return found(
        own + ".volume",
        fuller.raised() ? "Fuller, foam laid on a face" : "Fuller, foam routed from a face",
        Math.abs(fuller.volume(form.face())),
        Quantity.VOLUME,
        fuller.raised()
            ? "area of a strip with round ends, times its height"
            : "half an ellipse across, π·w·d/4, along the straight stretch, and half an ellipsoid,"
                + " π·w²·d/6, in its two ends");
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
        for (List<Point> edge : it.edges(blank.outline())) {
          round += Path.through(edge, false).length(PlateForm.TOLERANCE_MM);
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

  /** What is measured on the outline is as unsure as the scale that it was traced at. */
  private Figure found(String id, String label, double value, Quantity quantity, String words) {
    Optional<Figure> scale = blank.scale();
    if (scale.isEmpty() || quantity == Quantity.VOLUME) {
      return Figure.found(id, label, value, quantity, words, Source.GEOMETRY, Uncertainty.NONE);
    }
    return scale.get().scaling(id, label, value, quantity, words + "; traced at");
  }
}
