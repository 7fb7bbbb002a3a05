package stoutblade.project;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import stoutblade.finish.CoatReckoning;
import stoutblade.finish.CoatStock;
import stoutblade.fit.Fitting;
import stoutblade.journal.Comparison;
import stoutblade.journal.Journal;
import stoutblade.measure.Figure;
import stoutblade.measure.Scope;
import stoutblade.measure.Units;
import stoutblade.part.Assembly;
import stoutblade.part.Part;
import stoutblade.prop.Cut;
import stoutblade.prop.Typeface;
import stoutblade.reference.Placement;
import stoutblade.reference.Sizing;
import stoutblade.stock.Shopping;
import stoutblade.wearer.BodyMeasure;

/**
 * Derives everything from a project, and remembers the last result of each stage so that an edit
 * recomputes only what it touches. Not for use by several threads at once.
 */
public final class Reckoner {

  private final Catalogue catalogue;
  private final Typeface typeface;
  private final Memo<Sizing> sizings = new Memo<>();
  private final Memo<Optional<Placement>> placements = new Memo<>();
  private final Memo<Optional<Fitting>> fits = new Memo<>();
  private final Memo<Assembly> assemblies = new Memo<>();
  private final Memo<List<PartReckoning>> partLists = new Memo<>();
  private final Map<String, PartReckoner> reckoners = new HashMap<>();
  private final Memo<List<Papers>> paperLists = new Memo<>();
  private final Memo<Whole> wholes = new Memo<>();
  private final Memo<List<CoatStock>> coats = new Memo<>();
  private final Memo<Optional<Shopping>> shoppings = new Memo<>();
  private final Memo<Optional<List<Step>>> steps = new Memo<>();
  private final Memo<Optional<Plan>> plans = new Memo<>();
  private List<PartReckoning> before = List.of();

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
    Sizing sizing = sizings.of(project.size()::sizing, project.size());
    Optional<Placement> placement = placements.of(() -> placement(project, sizing), sizing);
    Assembly assembly = assemblies.of(() -> Assembly.of(project.parts()), project.parts());
    List<PartReckoning> parts =
        partLists.of(() -> parts(project, assembly, sizing), assembly, sizing);
    Whole whole = wholes.of(() -> Whole.of(parts, assembly), parts, assembly);
    List<CoatStock> stock = coats.of(() -> coats(parts, project.shelf()), parts, project.shelf());
    Optional<Shopping> shopping =
        shoppings.of(() -> shopping(project, parts, stock), parts, stock, project.leftovers());
    List<Papers> papers =
        paperLists.of(
            () ->
                parts.stream()
                    .map(it -> reckoner(it.part()).papers(it, project.paper(), units))
                    .toList(),
            parts,
            project.paper(),
            units);
    Optional<List<Step>> work =
        steps.of(
            () -> shopping.map(it -> steps(parts, papers, it, units)), shopping, papers, units);
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
            project,
            sizing,
            placement,
            fits.of(() -> fitting(project, sizing, whole), sizing, whole),
            assembly,
            parts,
            papers,
            whole,
            stock,
            shopping,
            plan,
            comparison(project, parts, plan),
            bodyFigures(project),
            List.of());
    return derived.with(new Findings(derived, catalogue, units).all());
  }

  /**
   * The parts, each worked out anew only where it is another than before; the list is the same one
   * as long as all of them are.
   */
  private List<PartReckoning> parts(Project project, Assembly assembly, Sizing sizing) {
    List<PartReckoning> all = new ArrayList<>();
    reckoners.keySet().retainAll(project.parts().stream().map(Part::id).toList());
    for (Part part : project.parts()) {
      PartReckoner.Around around =
          new PartReckoner.Around(
              project.part(part.placing().on()),
              part.cut().flatMap(it -> scale(project, sizing, it)),
              assembly.made(part),
              assembly.mirrored(part));
      all.add(reckoner(part).of(part, around));
    }
    if (!sameAsBefore(all)) {
      before = List.copyOf(all);
    }
    return before;
  }

  @SuppressWarnings("ReferenceEquality") // what is worked out anew is another object
  private boolean sameAsBefore(List<PartReckoning> now) {
    boolean same = now.size() == before.size();
    for (int i = 0; same && i < now.size(); i++) {
      same = now.get(i) == before.get(i);
    }
    return same;
  }

  private PartReckoner reckoner(Part part) {
    return reckoners.computeIfAbsent(part.id(), id -> new PartReckoner(catalogue, typeface));
  }

  /** What an outline was traced on; one that is drawn over the centre line, on that picture. */
  private static Optional<Figure> scale(Project project, Sizing sizing, Cut cut) {
    return sizing
        .scaleOf(cut.from())
        .or(
            () ->
                cut.half() && cut.bothFaces()
                    ? project.size().traced().flatMap(it -> sizing.scaleOf(it.id()))
                    : Optional.empty());
  }

  // == WHAT IS BOUGHT

  private Optional<Shopping> shopping(
      Project project, List<PartReckoning> parts, List<CoatStock> stock) {
    Shopping.Needs needs = PartNeeds.of(parts, stock, project.leftovers(), catalogue);
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

  // == SIZE

  private static Optional<Placement> placement(Project project, Sizing sizing) {
    return project.size().traced().flatMap(it -> Placement.of(sizing.pictures().get(it.id())));
  }

  private static Optional<Fitting> fitting(Project project, Sizing sizing, Whole whole) {
    return bulk(sizing, whole)
        .map(
            it ->
                Fitting.of(
                    project.wearer(), project.size().carry(), project.size().passages(), it));
  }

  /** The prop's length as marked and its width as drafted; else what a model of it says. */
  private static Optional<Fitting.Bulk> bulk(Sizing sizing, Whole whole) {
    Optional<Figure> length = sizing.wholeLength().or(whole::length);
    Optional<Figure> width =
        sizing.models().values().stream()
            .filter(it -> it.scale().model().showsWhole() && !it.sides().isEmpty())
            .map(it -> middle(it.sides()))
            .findFirst()
            .or(whole::width)
            .or(() -> length);
    return length.map(it -> new Fitting.Bulk(it, width.orElseThrow()));
  }

  private static Figure middle(List<Figure> sides) {
    return sides.stream().sorted(Comparator.comparing(Figure::value)).toList().get(1);
  }

  // == THE WORK

  private List<Step> steps(
      List<PartReckoning> parts, List<Papers> papers, Shopping shopping, Units units) {
    List<PartReckoning> made = parts.stream().filter(it -> it.body().isPresent()).toList();
    List<WorkSteps.OfPart> all = new ArrayList<>();
    boolean several = made.size() > 1;
    for (PartReckoning it : made) {
      Work work =
          new Work(
              it.body().orElseThrow(),
              it.made(),
              it.core(),
              it.coats(),
              carrier(it, made),
              shopping.missing() > 0,
              units);
      if (it.made() > 0) {
        all.add(
            new WorkSteps.OfPart(
                it.scope(), several ? it.part().name() : "", PartSteps.of(work, catalogue)));
      }
    }
    return WorkSteps.of(
        all,
        shopping.missing(),
        papers.stream().mapToLong(Papers::pages).sum(),
        papers.stream().mapToInt(it -> it.templates().size()).sum(),
        catalogue);
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
      Journal.Built built = project.journal().built(part.id());
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

  private static List<Figure> bodyFigures(Project project) {
    return BodyMeasure.all(project.wearer(), project.wearer().height());
  }
}
