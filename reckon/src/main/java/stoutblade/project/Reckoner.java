package stoutblade.project;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.build.BladeSteps;
import stoutblade.build.Plan;
import stoutblade.build.Planner;
import stoutblade.build.Step;
import stoutblade.build.Work;
import stoutblade.core.CoreReckoning;
import stoutblade.finish.CoatReckoning;
import stoutblade.finish.Coats;
import stoutblade.journal.Comparison;
import stoutblade.journal.Journal;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Units;
import stoutblade.part.BladeForm;
import stoutblade.reference.Placement;
import stoutblade.reference.Scale;
import stoutblade.stock.Catalogue;
import stoutblade.stock.Shopping;
import stoutblade.template.Template;
import stoutblade.template.Tiling;
import stoutblade.wearer.Segment;

/**
 * Derives everything from a project, and remembers the last result of each stage so that an edit
 * recomputes only what it touches. Not for use by several threads at once.
 */
public final class Reckoner {

  private final Catalogue catalogue;
  private final Memo<Optional<Scale>> scales = new Memo<>();
  private final Memo<Optional<Placement>> placements = new Memo<>();
  private final Memo<Optional<BladeForm>> forms = new Memo<>();
  private final Memo<Optional<Layers>> layers = new Memo<>();
  private final Memo<Optional<CoreReckoning>> cores = new Memo<>();
  private final Memo<Optional<Template>> templates = new Memo<>();
  private final Memo<Optional<Tiling>> tilings = new Memo<>();
  private final Memo<List<CoatReckoning>> coats = new Memo<>();
  private final Memo<Optional<Shopping>> shoppings = new Memo<>();
  private final Memo<Optional<List<Step>>> steps = new Memo<>();
  private final Memo<Optional<Plan>> plans = new Memo<>();

  /** A reckoner with the materials that can be chosen. */
  public Reckoner(Catalogue catalogue) {
    this.catalogue = catalogue;
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
    Optional<Scale> scale = scales.of(() -> scale(project), project.reference(), project.wearer());
    Optional<Placement> placement =
        placements.of(
            () -> project.reference().flatMap(it -> Placement.of(it, scale)),
            project.reference(),
            scale);
    Optional<BladeForm> form =
        forms.of(() -> form(project, scale), project.blade(), scale, project.reference());
    Optional<Layers> layered =
        layers.of(() -> form.flatMap(it -> layers(project, it)), form, project.layering());
    Optional<CoreReckoning> core =
        cores.of(() -> core(project, form, layered), layered, project.core());
    Optional<Template> template =
        templates.of(
            () ->
                layered.map(
                    it -> Template.ofBlade(project.blade(), form.orElseThrow(), it, core, units)),
            layered,
            core,
            units);
    Optional<Tiling> tiling =
        tilings.of(() -> tiling(project, template), template, project.paper());
    List<CoatReckoning> planned =
        coats.of(() -> coats(project, layered), layered, project.coats(), project.shelf());
    Optional<Shopping> shopping =
        shoppings.of(
            () -> layered.map(it -> Shopping.of(form.orElseThrow(), it, core, planned, catalogue)),
            layered,
            core,
            planned);
    Optional<List<Step>> work =
        steps.of(
            () ->
                shopping.map(it -> steps(project, form, layered, core, planned, tiling, it, units)),
            shopping,
            tiling,
            planned,
            core,
            units);
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
            scale,
            placement,
            form,
            layered,
            core,
            template,
            tiling,
            planned,
            shopping,
            plan,
            comparison(project, form, core, plan),
            bodyFigures(project),
            List.of());
    return withFindings(derived, units);
  }

  private Derived withFindings(Derived bare, Units units) {
    return new Derived(
        bare.project(),
        bare.scale(),
        bare.placement(),
        bare.form(),
        bare.layers(),
        bare.core(),
        bare.template(),
        bare.tiling(),
        bare.coats(),
        bare.shopping(),
        bare.plan(),
        bare.comparison(),
        bare.bodyFigures(),
        new Findings(bare, catalogue, units).all());
  }

  private static Optional<Scale> scale(Project project) {
    return project.reference().flatMap(it -> Scale.of(it, project.wearer()));
  }

  private static Optional<BladeForm> form(Project project, Optional<Scale> scale) {
    if (!project.blade().half().drawn() || BladeForm.crossing(project.blade()).isPresent()) {
      return Optional.empty();
    }
    boolean traced = project.reference().flatMap(it -> it.centreLine()).isPresent();
    return Optional.of(
        BladeForm.of(project.blade(), traced ? scale.map(Scale::mmPerPixel) : Optional.empty()));
  }

  private Optional<Layers> layers(Project project, BladeForm form) {
    return catalogue
        .foam(project.layering().foamId())
        .map(foam -> Layers.of(form, project.layering(), foam));
  }

  private Optional<CoreReckoning> core(
      Project project, Optional<BladeForm> form, Optional<Layers> layered) {
    return project
        .core()
        .filter(choice -> layered.isPresent() && choice.heldAtMm() < form.get().length().value())
        .flatMap(
            choice ->
                catalogue
                    .rod(choice.rodId())
                    .map(
                        rod ->
                            CoreReckoning.of(
                                form.orElseThrow(), layered.orElseThrow(), choice, rod)));
  }

  private static Optional<Tiling> tiling(Project project, Optional<Template> template) {
    return template
        .filter(it -> Tiling.pages(it, project.paper()) <= Tiling.MOST_PAGES)
        .map(it -> Tiling.of(it, project.paper()));
  }

  private List<CoatReckoning> coats(Project project, Optional<Layers> layered) {
    List<CoatReckoning> all = new ArrayList<>();
    for (Coats planned : project.coats()) {
      if (layered.isPresent()) {
        Figure surface = layered.get().surface();
        catalogue
            .coating(planned.coatingId())
            .map(
                coating ->
                    CoatReckoning.of(
                        planned, coating, surface, project.shelf().getOrDefault(coating.id(), 0.0)))
            .ifPresent(all::add);
      }
    }
    return List.copyOf(all);
  }

  private List<Step> steps(
      Project project,
      Optional<BladeForm> form,
      Optional<Layers> layered,
      Optional<CoreReckoning> core,
      List<CoatReckoning> planned,
      Optional<Tiling> tiling,
      Shopping shopping,
      Units units) {
    int pages = tiling.map(it -> it.tiles().size()).orElse(0);
    Work work =
        new Work(
            project.blade().name(),
            form.orElseThrow(),
            layered.orElseThrow(),
            core,
            planned,
            pages,
            shopping.missing(),
            units);
    return BladeSteps.of(work, catalogue);
  }

  private static Comparison comparison(
      Project project,
      Optional<BladeForm> form,
      Optional<CoreReckoning> core,
      Optional<Plan> plan) {
    Journal.Built built = project.journal().built();
    List<Comparison.Line> lines = new ArrayList<>();
    form.ifPresent(
        it -> {
          built
              .lengthMm()
              .ifPresent(mm -> lines.add(Comparison.line("length", "Length", it.length(), mm)));
          built
              .widthMm()
              .ifPresent(
                  mm -> lines.add(Comparison.line("width", "Greatest width", it.width(), mm)));
        });
    core.ifPresent(
        it ->
            built
                .massG()
                .ifPresent(g -> lines.add(Comparison.line("mass", "Weight", it.mass(), g))));
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

  private static List<Figure> bodyFigures(Project project) {
    Figure height =
        Figure.given(
            "wearer.height",
            "Wearer's height",
            project.wearer().heightMm(),
            Quantity.LENGTH,
            Source.measured("stated"));
    return List.of(
        Segment.SHOULDER_HEIGHT.of(height), Segment.HIP_HEIGHT.of(height), Segment.HAND.of(height));
  }
}
