package stoutblade.project;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.build.Plan;
import stoutblade.core.CoreReckoning;
import stoutblade.finish.CoatReckoning;
import stoutblade.fit.Fitting;
import stoutblade.journal.Comparison;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.part.BladeForm;
import stoutblade.prop.Assembly;
import stoutblade.reference.Placement;
import stoutblade.reference.Sizing;
import stoutblade.stock.Shopping;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/**
 * Everything computed from a project. What cannot be computed yet is empty; the findings say why.
 *
 * @param project what it was computed from
 * @param sizing the scale of each picture and model, and the size of the prop
 * @param placement how the blade's frame lies on the picture
 * @param fit the prop with its wearer
 * @param form the form of the blade
 * @param assembly the parts put together
 * @param parts what is derived from each part, in their order
 * @param weight what the whole prop weighs, where something of it is drawn
 * @param layers its layers
 * @param core its core
 * @param bladeTemplates the templates of its layers, the front's first
 * @param tiling the first of them spread over pages
 * @param coats its coats
 * @param shopping what must be bought
 * @param plan the work on the calendar
 * @param comparison the built thing against the plan
 * @param bodyFigures body lengths of the wearer
 * @param findings what is wrong or risky, in order of the stations
 */
public record Derived(
    Project project,
    Sizing sizing,
    Optional<Placement> placement,
    Optional<Fitting> fit,
    Optional<BladeForm> form,
    Assembly assembly,
    List<PartReckoning> parts,
    Optional<Figure> weight,
    Optional<Layers> layers,
    Optional<CoreReckoning> core,
    List<Template> bladeTemplates,
    Optional<Tiling> tiling,
    List<CoatReckoning> coats,
    Optional<Shopping> shopping,
    Optional<Plan> plan,
    Comparison comparison,
    List<Figure> bodyFigures,
    List<Finding> findings) {

  /** The same with other findings. */
  Derived with(List<Finding> other) {
    return new Derived(
        project,
        sizing,
        placement,
        fit,
        form,
        assembly,
        parts,
        weight,
        layers,
        core,
        bladeTemplates,
        tiling,
        coats,
        shopping,
        plan,
        comparison,
        bodyFigures,
        other);
  }

  /** The same as another object, for what is shown anew when it is given one. */
  public Derived again() {
    return with(findings);
  }

  /** The figures of the wearer with the prop. */
  public List<Figure> wearerFigures() {
    List<Figure> all = new ArrayList<>(sizing.people());
    fit.ifPresent(it -> all.addAll(it.figures()));
    all.addAll(bodyFigures);
    return all;
  }

  /** The figures that are shown with the wearer, picture or model that is looked at. */
  private List<Figure> lookedAt() {
    List<Figure> all = new ArrayList<>(wearerFigures());
    sizing.pictures().values().forEach(it -> all.addAll(it.figures()));
    sizing.models().values().forEach(it -> all.addAll(it.figures()));
    return all;
  }

  /** All figures of each station, in the order in which they are shown. */
  public Map<Station, List<Figure>> figures() {
    Map<Station, List<Figure>> all = new LinkedHashMap<>();
    for (Station station : Station.values()) {
      all.put(station, new ArrayList<>(figuresOf(station)));
    }
    all.get(Station.SIZE).addAll(lookedAt());
    return all;
  }

  /** The figures of a station. */
  public List<Figure> figuresOf(Station station) {
    List<Figure> figures = new ArrayList<>();
    switch (station) {
      case SIZE -> {
        figures.addAll(sizing.figures());
      }
      case DRAFT -> {
        form.ifPresent(it -> figures.addAll(it.figures()));
        weight.ifPresent(figures::add);
      }
      case LAYERS -> layers.ifPresent(it -> figures.addAll(it.figures()));
      case CORE -> core.ifPresent(it -> figures.addAll(it.figures()));
      case CUT -> {
        tiling.ifPresent(it -> figures.addAll(TemplateFigures.of(template().orElseThrow(), it)));
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

  /** The template of the blade's front. */
  public Optional<Template> template() {
    return bladeTemplates.stream().findFirst();
  }

  /** True for the template of the blade's front, of which the tiling is. */
  public boolean tiled(Template template) {
    return template().filter(it -> it.id().equals(template.id())).isPresent();
  }

  /** What is derived from a part. */
  public Optional<PartReckoning> part(String id) {
    return parts.stream().filter(it -> it.part().id().equals(id)).findFirst();
  }

  /** True where something can be cut: the blade or a part is drawn. */
  public boolean cuttable() {
    return !bladeTemplates.isEmpty()
        || parts.stream().anyMatch(it -> !it.flat().panels().isEmpty());
  }

  /** Every template: the blade's first, then those of the parts that are drawn. */
  public List<Template> templates(Units units) {
    List<Template> all = new ArrayList<>();
    all.addAll(bladeTemplates);
    parts.stream()
        .filter(it -> !it.flat().panels().isEmpty())
        .flatMap(it -> it.templates(units).stream())
        .forEach(all::add);
    return all;
  }

  /** The findings of a station. */
  public List<Finding> findingsOf(Station station) {
    return findings.stream().filter(it -> it.station() == station).toList();
  }
}
