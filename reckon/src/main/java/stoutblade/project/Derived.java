package stoutblade.project;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.build.Plan;
import stoutblade.core.CoreReckoning;
import stoutblade.finish.CoatReckoning;
import stoutblade.journal.Comparison;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.part.BladeForm;
import stoutblade.reference.Placement;
import stoutblade.reference.Scale;
import stoutblade.stock.Shopping;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/**
 * Everything computed from a project. What cannot be computed yet is empty; the findings say why.
 *
 * @param project what it was computed from
 * @param scale the scale of the reference picture
 * @param placement how the blade's frame lies on the picture
 * @param form the form of the blade
 * @param layers its layers
 * @param core its core
 * @param template the template of its layers
 * @param tiling the template spread over pages
 * @param coats its coats
 * @param shopping what must be bought
 * @param plan the work on the calendar
 * @param comparison the built thing against the plan
 * @param bodyFigures body lengths of the wearer
 * @param findings what is wrong or risky, in order of the stations
 */
public record Derived(
    Project project,
    Optional<Scale> scale,
    Optional<Placement> placement,
    Optional<BladeForm> form,
    Optional<Layers> layers,
    Optional<CoreReckoning> core,
    Optional<Template> template,
    Optional<Tiling> tiling,
    List<CoatReckoning> coats,
    Optional<Shopping> shopping,
    Optional<Plan> plan,
    Comparison comparison,
    List<Figure> bodyFigures,
    List<Finding> findings) {

  /** The figures of each station, in the order in which they are shown. */
  public Map<Station, List<Figure>> figures() {
    Map<Station, List<Figure>> all = new LinkedHashMap<>();
    for (Station station : Station.values()) {
      all.put(station, figuresOf(station));
    }
    return all;
  }

  /** The figures of a station. */
  public List<Figure> figuresOf(Station station) {
    List<Figure> figures = new ArrayList<>();
    switch (station) {
      case SIZE -> {
        scale.ifPresent(it -> figures.addAll(it.figures()));
        figures.addAll(bodyFigures);
      }
      case DRAFT -> form.ifPresent(it -> figures.addAll(it.figures()));
      case LAYERS -> layers.ifPresent(it -> figures.addAll(it.figures()));
      case CORE -> core.ifPresent(it -> figures.addAll(it.figures()));
      case CUT -> {
        tiling.ifPresent(it -> figures.addAll(TemplateFigures.of(template.orElseThrow(), it)));
        shopping.ifPresent(
            it -> it.lines().forEach(line -> figures.addAll(List.of(line.need(), line.buy()))));
      }
      case BUILD ->
          plan.ifPresent(
              it -> {
                figures.add(it.handsOn());
                figures.add(it.spare());
                it.steps().forEach(step -> figures.add(step.handsOn()));
              });
      case FINISH -> coats.forEach(it -> figures.addAll(it.figures()));
      case LOG -> figures.addAll(comparison.figures());
    }
    return figures;
  }

  /** The findings of a station. */
  public List<Finding> findingsOf(Station station) {
    return findings.stream().filter(it -> it.station() == station).toList();
  }
}
