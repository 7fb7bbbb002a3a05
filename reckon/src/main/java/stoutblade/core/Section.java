package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Course;
import stoutblade.shape.Span;

/**
 * What the cross-section at a place along the blade measures.
 *
 * @param at the place, from the base
 * @param width how wide the blade is there
 * @param thickness how thick it is in the middle
 * @param overCore the foam over the core there, where it runs through
 */
public record Section(Figure at, Figure width, Figure thickness, Optional<Figure> overCore) {

  /**
   * Measures the section.
   *
   * @param y the place along its course, in mm
   */
  public static Section of(Layers layers, Optional<CoreReckoning> core, double y) {
    double near = layers.solid().near();
    Course course = layers.solid().course();
    Figure at =
        Figure.given(
            "section.at",
            "Section at, from the near end",
            y - near,
            Quantity.LENGTH,
            Source.DECIDED);
    double across =
        course.straight(layers.solid().outermost()).across(y).stream()
            .mapToDouble(Span::length)
            .sum();
    Figure width =
        Figure.found(
            "section.width",
            "Width at the section",
            across,
            Quantity.LENGTH,
            "the outline cut by a line across at {section.at}",
            Source.GEOMETRY,
            Uncertainty.NONE,
            at);
    Figure thickness =
        Figure.found(
            "section.thickness",
            "Thickness in the middle",
            2 * layers.solid().halfThicknessAt(course.at(y)),
            Quantity.LENGTH,
            "{%s}, or less where the profile is worked down towards {%s} at the edge"
                .formatted(layers.thickness().id(), layers.edge().id()),
            Source.GEOMETRY,
            Uncertainty.NONE,
            layers.thickness(),
            layers.edge());
    Optional<Figure> overCore =
        core.filter(it -> it.choice().startMm() <= y - near && y - near <= it.choice().endMm())
            .map(it -> overCore(it, thickness));
    return new Section(at, width, thickness, overCore);
  }

  private static Figure overCore(CoreReckoning core, Figure thickness) {
    return Figure.computed(
        "section.over-core",
        "Foam over the core at the section",
        Quantity.LENGTH,
        "({section.thickness} - {%s}) / 2".formatted(core.height().id()),
        Source.GEOMETRY,
        thickness,
        core.height());
  }

  /** All figures that a person is shown, in order. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>(List.of(at, width, thickness));
    overCore.ifPresent(all::add);
    return all;
  }
}
