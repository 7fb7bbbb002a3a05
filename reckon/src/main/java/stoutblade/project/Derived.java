package stoutblade.project;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.body.Body;
import stoutblade.build.Plan;
import stoutblade.core.CoreReckoning;
import stoutblade.finish.CoatStock;
import stoutblade.fit.Fitting;
import stoutblade.journal.Comparison;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.part.Assembly;
import stoutblade.reference.Placement;
import stoutblade.reference.Sizing;
import stoutblade.stock.Shopping;
import stoutblade.template.Template;

/**
 * Everything computed from a project. What cannot be computed yet is empty; the findings say why.
 *
 * @param project what it was computed from
 * @param sizing the scale of each picture and model, and the size of the prop
 * @param placement how the blade's frame lies on the picture
 * @param fit the prop with its wearer
 * @param assembly the parts put together
 * @param parts what is derived from each part, in their order
 * @param papers the templates of each part, in the same order
 * @param whole the whole prop
 * @param coats what all parts use up of each coating
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
    Assembly assembly,
    List<PartReckoning> parts,
    List<Papers> papers,
    Whole whole,
    List<CoatStock> coats,
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
        assembly,
        parts,
        papers,
        whole,
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

  /** All figures of each station, in the order in which they are shown, of all parts. */
  public Map<Station, List<Figure>> figures() {
    Map<Station, List<Figure>> all = new LinkedHashMap<>();
    for (Station station : Station.values()) {
      List<Figure> own = new ArrayList<>(shared(station));
      for (PartReckoning part : parts) {
        own.addAll(part.scope().of(figuresOf(station, part)));
      }
      all.put(station, own);
    }
    all.get(Station.SIZE).addAll(lookedAt());
    return all;
  }

  /**
   * The figures of a station.
   *
   * @param partId the part that is looked at; one that is not there for the whole prop alone
   */
  public List<Figure> figuresOf(Station station, String partId) {
    List<Figure> all = new ArrayList<>();
    part(partId).ifPresent(it -> all.addAll(it.scope().of(figuresOf(station, it))));
    all.addAll(shared(station));
    return all;
  }

  /** What a part has at a station, under ids of its own. */
  private static List<Figure> figuresOf(Station station, PartReckoning part) {
    return switch (station) {
      case DRAFT -> part.figures();
      case LAYERS ->
          part.layers()
              .map(Layers::figures)
              .orElseGet(() -> part.body().map(Derived::material).orElse(List.of()));
      case CORE -> part.core().map(CoreReckoning::figures).orElse(List.of());
      case FINISH -> part.coats().stream().flatMap(it -> it.figures().stream()).toList();
      case SIZE, CUT, BUILD, LOG -> List.of();
    };
  }

  /** What there is to say of the sheets of what has no layers. */
  private static List<Figure> material(Body body) {
    List<Figure> all = new ArrayList<>(List.of(body.volume(), body.surface()));
    if (body.glued().value() > 0) {
      all.add(body.glued());
    }
    body.mass().ifPresent(all::add);
    return all;
  }

  /** What the whole prop has at a station. */
  private List<Figure> shared(Station station) {
    List<Figure> figures = new ArrayList<>();
    switch (station) {
      case SIZE -> figures.addAll(sizing.figures());
      case DRAFT -> figures.addAll(whole.figures());
      case LAYERS, CORE -> {}
      case CUT ->
          shopping.ifPresent(
              it -> it.lines().forEach(line -> figures.addAll(List.of(line.need(), line.buy()))));
      case BUILD ->
          plan.ifPresent(
              it -> {
                figures.add(it.handsOn());
                figures.add(it.reserve());
                figures.add(it.spare());
                it.steps().forEach(step -> figures.add(step.handsOn()));
              });
      case FINISH -> coats.forEach(it -> figures.addAll(it.figures()));
      case LOG -> figures.addAll(comparison.figures());
    }
    return figures;
  }

  /** The part with an id; the first of all where there is none with it. */
  public Optional<PartReckoning> lookedAt(String partId) {
    return part(partId).or(() -> parts.stream().findFirst());
  }

  /** What is used up of a coating. */
  public Optional<CoatStock> coat(String coatingId) {
    return coats.stream().filter(it -> it.coating().id().equals(coatingId)).findFirst();
  }

  /** What is derived from a part. */
  public Optional<PartReckoning> part(String id) {
    return parts.stream().filter(it -> it.part().id().equals(id)).findFirst();
  }

  /** True where something can be cut. */
  public boolean cuttable() {
    return parts.stream().anyMatch(PartReckoning::isCut);
  }

  /** Every template, in the order of the parts. */
  public List<Template> templates() {
    return papers.stream().flatMap(it -> it.templates().stream()).toList();
  }

  /** How many pages all templates take. */
  public long pages() {
    return papers.stream().mapToLong(Papers::pages).sum();
  }

  /** The findings of a station. */
  public List<Finding> findingsOf(Station station) {
    return findings.stream().filter(it -> it.station() == station).toList();
  }
}
