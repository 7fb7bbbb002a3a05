package stoutblade.derive;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import stoutblade.build.Plan;
import stoutblade.build.Step;
import stoutblade.build.WorkSteps;
import stoutblade.finding.Finding;
import stoutblade.finish.CoatStock;
import stoutblade.journal.Comparison;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.project.Project;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.PropReckoning;
import stoutblade.stock.Shopping;
import stoutblade.template.Template;

/**
 * Everything computed from a project. What cannot be computed yet is empty; the findings say why.
 *
 * @param project what it was computed from
 * @param props what is derived from each prop, in their order
 * @param coats what all parts use up of each coating
 * @param shopping what must be bought
 * @param plan the work on the calendar
 * @param comparison the built things against the plan
 * @param findings what is wrong or risky, in order of the props and the stations
 */
public record Derived(
    Project project,
    List<PropReckoning> props,
    List<CoatStock> coats,
    Optional<Shopping> shopping,
    Optional<Plan> plan,
    Comparison comparison,
    List<Finding> findings) {

  /** Copies the lists. */
  public Derived {
    props = List.copyOf(props);
    findings = List.copyOf(findings);
  }

  /** False while only the prop that is looked at has been worked out. */
  public boolean complete() {
    return props.size() == project.props().size();
  }

  /** True where a prop has been worked out. */
  public boolean has(String propId) {
    return props.stream().anyMatch(it -> it.id().equals(propId));
  }

  /** The same with other findings. */
  Derived with(List<Finding> other) {
    return new Derived(project, props, coats, shopping, plan, comparison, other);
  }

  /** The same as another object, for what is shown anew when it is given one. */
  public Derived again() {
    return with(findings);
  }

  /** What is derived from the first prop. */
  public PropReckoning first() {
    return props.getFirst();
  }

  /** What is derived from a prop; from the first where there is none with that id. */
  public PropReckoning prop(String id) {
    return props.stream().filter(it -> it.id().equals(id)).findFirst().orElseGet(this::first);
  }

  /** What is derived from all parts of all props. */
  public List<PartReckoning> parts() {
    return props.stream().flatMap(it -> it.parts().stream()).toList();
  }

  /** All figures of each station, in the order in which they are shown, of all props and parts. */
  public Map<Station, List<Figure>> figures() {
    Map<Station, List<Figure>> all = new LinkedHashMap<>();
    for (Station station : Station.values()) {
      List<Figure> own = new ArrayList<>();
      props.forEach(it -> own.addAll(it.figuresOf(station)));
      own.addAll(shared(station, step -> true));
      all.put(station, own);
    }
    return all;
  }

  /**
   * The figures of a station.
   *
   * @param propId the prop that is looked at
   * @param partId the part that is looked at; one that is not there for the whole prop alone
   */
  public List<Figure> figuresOf(Station station, String propId, String partId) {
    List<Figure> all = new ArrayList<>(prop(propId).figuresOf(station, partId));
    all.addAll(shared(station, step -> WorkSteps.concerns(step, propId)));
    return all;
  }

  /** What all props share at a station, and the times of some of the steps. */
  private List<Figure> shared(Station station, Predicate<Step> steps) {
    List<Figure> figures = new ArrayList<>();
    if (!complete()) {
      // Of one prop alone they would be taken for those of all.
      return figures;
    }
    switch (station) {
      case SIZE, DRAFT, LAYERS, CORE -> {}
      case CUT -> {
        figures.addAll(totals());
        shopping.ifPresent(
            it -> it.lines().forEach(line -> figures.addAll(List.of(line.need(), line.buy()))));
      }
      case BUILD ->
          plan.ifPresent(
              it -> {
                figures.add(it.handsOn());
                figures.add(it.reserve());
                figures.add(it.spare());
                it.steps().stream().filter(steps).map(Step::handsOn).forEach(figures::add);
              });
      case FINISH -> coats.forEach(it -> figures.addAll(it.figures()));
      case LOG -> figures.addAll(comparison.figures());
    }
    return figures;
  }

  /** How many sheets are bought and how many pages printed, for all props. */
  private List<Figure> totals() {
    List<Figure> all = new ArrayList<>();
    List<Figure> sheets =
        shopping.stream()
            .flatMap(it -> it.lines().stream())
            .map(Shopping.Line::buy)
            .filter(it -> it.id().endsWith(".sheets"))
            .toList();
    if (!sheets.isEmpty()) {
      all.add(Figure.sum("cut.all-sheets", "Sheets to buy, in all", Quantity.COUNT, sheets));
    }
    if (pages() > 0) {
      all.add(
          Figure.found(
              "cut.all-pages",
              "Pages to print, in all",
              (double) pages(),
              Quantity.COUNT,
              "pages of all templates of all props, on the paper in use",
              Source.GEOMETRY,
              Uncertainty.NONE));
    }
    return all;
  }

  /** What is used up of a coating. */
  public Optional<CoatStock> coat(String coatingId) {
    return coats.stream().filter(it -> it.coating().id().equals(coatingId)).findFirst();
  }

  /** True where something can be cut. */
  public boolean cuttable() {
    return props.stream().anyMatch(PropReckoning::cuttable);
  }

  /** Every template, in the order of the props and parts. */
  public List<Template> templates() {
    return props.stream().flatMap(it -> it.templates().stream()).toList();
  }

  /** How many pages all templates take. */
  public long pages() {
    return props.stream().mapToLong(PropReckoning::pages).sum();
  }

  /**
   * The findings of a station that are about a prop or about all of them.
   *
   * @param propId the prop that is looked at
   */
  public List<Finding> findingsOf(Station station, String propId) {
    return findings.stream()
        .filter(
            it -> it.station() == station && (it.propId().isEmpty() || it.propId().equals(propId)))
        .toList();
  }
}
