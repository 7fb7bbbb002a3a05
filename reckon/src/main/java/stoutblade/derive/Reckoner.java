package stoutblade.derive;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import stoutblade.body.Body;
import stoutblade.build.PartSteps;
import stoutblade.build.Plan;
import stoutblade.build.Planner;
import stoutblade.build.Step;
import stoutblade.build.Work;
import stoutblade.build.WorkSteps;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Coating;
import stoutblade.core.CoreReckoning;
import stoutblade.feature.Typeface;
import stoutblade.finding.Finding;
import stoutblade.finding.PropFindings;
import stoutblade.finish.CoatReckoning;
import stoutblade.finish.CoatStock;
import stoutblade.journal.Comparison;
import stoutblade.journal.Journal;
import stoutblade.measure.Figure;
import stoutblade.measure.Scope;
import stoutblade.measure.Units;
import stoutblade.project.PartRef;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.reckoning.Memo;
import stoutblade.reckoning.Papers;
import stoutblade.reckoning.Parallel;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.PropReckoner;
import stoutblade.reckoning.PropReckoning;
import stoutblade.stock.Shopping;

/**
 * Derives everything from a project, and remembers the last result of each stage so that an edit
 * recomputes only what it touches. Not for use by several threads at once.
 */
public final class Reckoner {

  private final Catalogue catalogue;
  private final Typeface typeface;
  private final Map<String, PropReckoner> reckoners = new HashMap<>();
  private final Map<String, PropFindings> findings = new HashMap<>();
  private final Map<String, Memo<PartNeeds>> partNeeds = new HashMap<>();
  private final Map<String, Memo<WorkSteps.OfPart>> partSteps = new HashMap<>();
  private final Memo<List<CoatStock>> coats = new Memo<>();
  private final Memo<Optional<Shopping>> shoppings = new Memo<>();
  private final Memo<Optional<List<Step>>> steps = new Memo<>();
  private final Memo<Optional<Plan>> plans = new Memo<>();

  /** A reckoner with the materials that can be chosen, and no letters. */
  public Reckoner(Catalogue catalogue) {
    this(catalogue, Typeface.NONE);
  }

  /**
   * A reckoner.
   *
   * @param catalogue the materials that can be chosen
   * @param typeface what lettering is written in
   */
  public Reckoner(Catalogue catalogue, Typeface typeface) {
    this.catalogue = catalogue;
    this.typeface = typeface;
  }

  /** What lettering is written in. */
  public Typeface typeface() {
    return typeface;
  }

  /** The materials that can be chosen. */
  public Catalogue catalogue() {
    return catalogue;
  }

  /**
   * Derives everything.
   *
   * @param now the time of planning
   * @param units units in which words on templates are written
   */
  public Derived derive(Project project, LocalDateTime now, Units units) {
    List<PropReckoning> props = props(project, units);
    List<List<PartReckoning>> lists = props.stream().map(PropReckoning::parts).toList();
    List<PartReckoning> parts = lists.stream().flatMap(List::stream).toList();
    List<CoatStock> stock = coats.of(() -> coats(parts, project.shelf()), lists, project.shelf());
    Optional<Shopping> shopping =
        shoppings.of(
            () -> shopping(project, parts, stock),
            lists,
            stock,
            project.leftovers(),
            project.cutting().laid());
    List<List<Papers>> papers = props.stream().map(PropReckoning::papers).toList();
    List<String> names = props.stream().map(it -> it.prop().name()).toList();
    Optional<List<Step>> work =
        steps.of(() -> shopping.map(it -> steps(props, it, units)), shopping, papers, names, units);
    LocalDateTime minute = now.truncatedTo(ChronoUnit.MINUTES);
    Optional<Plan> plan =
        plans.of(
            () ->
                work.map(
                    it ->
                        Planner.plan(
                            it, project.journal(), project.freeHours(), project.event(), minute)),
            work,
            project.journal(),
            project.freeHours(),
            project.event(),
            minute.toEpochSecond(ZoneOffset.UTC));
    Derived derived =
        new Derived(
            project, props, stock, shopping, plan, comparison(project, parts, plan), List.of());
    return derived.with(findings(derived, units));
  }

  /**
   * Derives one prop alone, to be looked at while the others are worked out: what is of all of them
   * together, to buy, to mix and to do, is not there yet.
   *
   * @param propId the prop
   */
  public Derived deriveAlone(Project project, String propId, Units units) {
    follow(project);
    Prop alone = project.prop(propId).orElseGet(project::first);
    List<PropReckoning> props = List.of(reckoned(project, alone, units));
    List<PartReckoning> parts = props.getFirst().parts();
    Derived derived =
        new Derived(
            project,
            props,
            List.of(),
            Optional.empty(),
            Optional.empty(),
            comparison(project, parts, Optional.empty()),
            List.of());
    return derived.with(findings.get(alone.id()).of(props.getFirst(), among(project), units));
  }

  private static PropFindings.Among among(Project project) {
    return new PropFindings.Among(
        project.event().cores(), project.leftovers(), project.paper(), project.journal().printed());
  }

  private List<Finding> findings(Derived derived, Units units) {
    Project project = derived.project();
    PropFindings.Among among = among(project);
    List<Finding> all = new ArrayList<>();
    Parallel.map(derived.props(), it -> findings.get(it.id()).of(it, among, units))
        .forEach(all::addAll);
    all.addAll(Findings.of(derived, catalogue, units));
    return all;
  }

  /** The props, each worked out anew only where it is another than before. */
  private List<PropReckoning> props(Project project, Units units) {
    follow(project);
    return Parallel.map(project.props(), prop -> reckoned(project, prop, units));
  }

  private PropReckoning reckoned(Project project, Prop prop, Units units) {
    return reckoners
        .get(prop.id())
        .of(prop, project.wearer(prop), project.journal().limits(), project.paper(), units);
  }

  /** Has a place for each prop, and forgets those and their parts that are there no longer. */
  private void follow(Project project) {
    List<String> ids = project.props().stream().map(Prop::id).toList();
    reckoners.keySet().retainAll(ids);
    findings.keySet().retainAll(ids);
    Set<String> paths =
        project.props().stream()
            .flatMap(it -> it.parts().stream().map(own -> new PartRef(it.id(), own.id()).path()))
            .collect(Collectors.toSet());
    partSteps.keySet().retainAll(paths);
    partNeeds.keySet().retainAll(paths);
    ids.forEach(it -> reckoners.computeIfAbsent(it, id -> new PropReckoner(catalogue, typeface)));
    ids.forEach(it -> findings.computeIfAbsent(it, id -> new PropFindings(catalogue)));
  }

  // == WHAT IS BOUGHT

  private Optional<Shopping> shopping(
      Project project, List<PartReckoning> parts, List<CoatStock> stock) {
    List<PartNeeds> all =
        parts.stream()
            .filter(it -> it.made() > 0)
            .map(
                it ->
                    partNeeds
                        .computeIfAbsent(it.path(), id -> new Memo<>())
                        .of(() -> PartNeeds.of(it, catalogue), it))
            .toList();
    Shopping.Needs needs = PartNeeds.sum(all, stock, project.leftovers(), project.cutting());
    return needs.none() ? Optional.empty() : Optional.of(Shopping.of(needs, catalogue));
  }

  /** Needs of all parts are added up before the shelf is subtracted, once. */
  private List<CoatStock> coats(List<PartReckoning> parts, Map<String, Double> shelf) {
    Map<Coating, List<CoatReckoning>> all = new LinkedHashMap<>();
    for (PartReckoning part : parts) {
      Scope scope = part.scope();
      for (CoatReckoning own : part.coats()) {
        all.computeIfAbsent(own.coating(), it -> new ArrayList<>())
            .add(
                new CoatReckoning(
                    own.coating(),
                    scope.of(own.coats()),
                    scope.of(own.need()),
                    scope.of(own.one())));
      }
    }
    List<CoatStock> stock = new ArrayList<>();
    all.forEach(
        (coating, own) ->
            stock.add(CoatStock.of(coating, own, shelf.getOrDefault(coating.id(), 0.0))));
    return stock;
  }

  // == THE WORK

  private List<Step> steps(List<PropReckoning> props, Shopping shopping, Units units) {
    List<WorkSteps.OfPart> all = new ArrayList<>();
    for (PropReckoning prop : props) {
      String name = props.size() > 1 ? prop.prop().name() : "";
      all.addAll(steps(prop.parts(), name, shopping, units));
    }
    List<Papers> papers = props.stream().flatMap(it -> it.papers().stream()).toList();
    return WorkSteps.of(
        all,
        shopping.missing(),
        papers.stream().mapToLong(Papers::pages).sum(),
        papers.stream().mapToInt(it -> it.templates().size()).sum(),
        props.size(),
        catalogue);
  }

  /** The steps of the parts of a prop, whose name is empty where it is the only one. */
  private List<WorkSteps.OfPart> steps(
      List<PartReckoning> parts, String prop, Shopping shopping, Units units) {
    List<PartReckoning> made = parts.stream().filter(it -> it.body().isPresent()).toList();
    List<WorkSteps.OfPart> all = new ArrayList<>();
    boolean several = made.size() > 1;
    for (PartReckoning it : made) {
      if (it.made() > 0) {
        String name = named(prop, several ? it.part().name() : "");
        all.add(steps(it, name, carrier(it, made), shopping.missing() > 0, units));
      }
    }
    return all;
  }

  /** The steps of one part, as long as nothing that they read has changed. */
  private WorkSteps.OfPart steps(
      PartReckoning part, String name, Optional<Work.Carrier> carrier, boolean buys, Units units) {
    return partSteps
        .computeIfAbsent(part.path(), id -> new Memo<>())
        .of(
            () ->
                WorkSteps.OfPart.of(
                    part.scope(),
                    name,
                    PartSteps.of(
                        new Work(
                            part.body().orElseThrow(),
                            part.made(),
                            part.core(),
                            part.coats(),
                            part.choices(),
                            part.part().fixings(),
                            carrier,
                            buys,
                            units),
                        catalogue)),
            name,
            part.body(),
            part.made(),
            part.core(),
            part.coats(),
            part.choices(),
            part.part().shape(),
            carrier.map(Work.Carrier::name).orElse(""),
            carrier.map(Work.Carrier::shapedStep).orElse(""),
            buys ? 1 : 0,
            units);
  }

  /** The names of both; a part that is called after its prop says it once. */
  private static String named(String prop, String part) {
    boolean one = prop.isEmpty() || part.isEmpty() || part.startsWith(prop);
    return one ? (part.isEmpty() ? prop : part) : prop + ", " + part;
  }

  private static Optional<Work.Carrier> carrier(PartReckoning part, List<PartReckoning> made) {
    return made.stream()
        .filter(it -> it.id().equals(part.part().placing().on()))
        .findFirst()
        .map(
            it ->
                new Work.Carrier(
                    it.part().name(), it.scope().id(PartSteps.shaped(it.body().orElseThrow()))));
  }

  private static Comparison comparison(
      Project project, List<PartReckoning> parts, Optional<Plan> plan) {
    List<Comparison.Line> lines = new ArrayList<>();
    for (PartReckoning part : parts) {
      Journal.Built built = project.journal().built(part.path());
      part.body().ifPresent(it -> lines.addAll(compared(part, it, built)));
    }
    Optional<Comparison.Line> times =
        plan.filter(it -> !project.journal().done().isEmpty())
            .map(
                it ->
                    Comparison.times(
                        project.journal(),
                        it.steps().stream()
                            .filter(step -> project.journal().of(step.id()).isPresent())
                            .map(Step::handsOn)
                            .toList()));
    return new Comparison(lines, times);
  }

  private static List<Comparison.Line> compared(
      PartReckoning part, Body body, Journal.Built built) {
    List<Comparison.Line> lines = new ArrayList<>();
    Scope scope = part.scope();
    String name = part.part().name() + ", ";
    built
        .lengthMm()
        .ifPresent(
            mm ->
                lines.add(
                    Comparison.line(
                        scope.id("length"), name + "length", scope.of(body.length()), mm)));
    built
        .widthMm()
        .ifPresent(
            mm ->
                lines.add(
                    Comparison.line(
                        scope.id("width"), name + "greatest width", scope.of(body.width()), mm)));
    Optional<Figure> mass = part.core().map(CoreReckoning::mass).or(body::mass);
    if (mass.isPresent()) {
      built
          .massG()
          .ifPresent(
              g ->
                  lines.add(
                      Comparison.line(scope.id("mass"), name + "weight", scope.of(mass.get()), g)));
    }
    return lines;
  }
}
