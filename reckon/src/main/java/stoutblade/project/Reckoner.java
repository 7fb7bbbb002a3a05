package stoutblade.project;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import stoutblade.build.BladeSteps;
import stoutblade.build.Plan;
import stoutblade.build.Planner;
import stoutblade.build.Step;
import stoutblade.build.Work;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Foam;
import stoutblade.core.CoreReckoning;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.finish.CoatReckoning;
import stoutblade.finish.Coats;
import stoutblade.fit.Fitting;
import stoutblade.journal.Comparison;
import stoutblade.journal.Journal;
import stoutblade.layer.EdgeBand;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Units;
import stoutblade.part.BladeForm;
import stoutblade.prop.Assembly;
import stoutblade.prop.Part;
import stoutblade.prop.Plate;
import stoutblade.prop.PlateForm;
import stoutblade.prop.Seen;
import stoutblade.prop.SlicedPart;
import stoutblade.prop.Typeface;
import stoutblade.reference.Placement;
import stoutblade.reference.Sizing;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.stock.Shopping;
import stoutblade.template.LayerTemplates;
import stoutblade.template.Template;
import stoutblade.template.Tiling;
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
  private final Memo<Optional<BladeForm>> forms = new Memo<>();
  private final Memo<Optional<Layers>> layers = new Memo<>();
  private final Memo<Optional<CoreReckoning>> cores = new Memo<>();
  private final Memo<Assembly> assemblies = new Memo<>();
  private final Memo<List<PartReckoning>> partLists = new Memo<>();
  private final Map<String, Memo<PartReckoning>> partMemos = new HashMap<>();
  private final Memo<List<Template>> templates = new Memo<>();
  private final Memo<Optional<Tiling>> tilings = new Memo<>();
  private final Memo<List<CoatReckoning>> coats = new Memo<>();
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
    Sizing sizing = sizings.of(project.size()::sizing, project.size());
    Optional<Placement> placement = placements.of(() -> placement(project, sizing), sizing);
    Optional<BladeForm> form =
        forms.of(
            () -> form(project, sizing),
            project.blade(),
            project.layering().front().thicknessMm(),
            sizing);
    Optional<Layers> layered =
        layers.of(() -> form.flatMap(it -> layers(project, it)), form, project.layering());
    Optional<CoreReckoning> core =
        cores.of(() -> core(project, form, layered), layered, project.core());
    Assembly assembly =
        assemblies.of(
            () -> Assembly.of(project.parts(), project.blade().half()),
            project.parts(),
            project.blade());
    List<PartReckoning> parts =
        partLists.of(() -> parts(project, assembly, sizing), assembly, sizing);
    List<Template> bladeTemplates =
        templates.of(
            () ->
                layered
                    .map(it -> LayerTemplates.ofBlade(form.orElseThrow().worked(), it, core, units))
                    .orElse(List.of()),
            layered,
            core,
            units);
    Optional<Tiling> tiling =
        tilings.of(
            () -> tiling(project, bladeTemplates.stream().findFirst()),
            bladeTemplates,
            project.paper());
    List<CoatReckoning> planned =
        coats.of(() -> coats(project, layered), layered, project.coats(), project.shelf());
    Optional<Shopping> shopping =
        shoppings.of(
            () -> shopping(form, layered, core, planned, parts), parts, layered, core, planned);
    Optional<List<Step>> work =
        steps.of(
            () ->
                layered.flatMap(
                    any ->
                        shopping.map(
                            it -> steps(project, form, layered, core, planned, tiling, it, units))),
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
            sizing,
            placement,
            fits.of(() -> fitting(project, sizing, form), sizing, form, project.core()),
            form,
            assembly,
            parts,
            weight(core, layered, parts),
            layered,
            core,
            bladeTemplates,
            tiling,
            planned,
            shopping,
            plan,
            comparison(project, form, core, plan),
            bodyFigures(project),
            List.of());
    return derived.with(new Findings(derived, catalogue, units).all());
  }

  /** The parts, each worked out anew only where it is another than before. */
  private List<PartReckoning> parts(Project project, Assembly assembly, Sizing sizing) {
    List<PartReckoning> all = new ArrayList<>();
    partMemos.keySet().retainAll(project.parts().stream().map(Part::id).toList());
    for (Part part : project.parts()) {
      Optional<Part> carrier = project.part(part.placing().on());
      Optional<Figure> scale =
          part instanceof Plate it ? sizing.scaleOf(it.from()) : Optional.empty();
      all.add(
          partMemos
              .computeIfAbsent(part.id(), id -> new Memo<>())
              .of(
                  () -> PartReckoning.of(part, carrier, scale, assembly, catalogue, typeface),
                  part,
                  scale,
                  Seen.followsCarrier(part) ? carrier.orElse(part) : part,
                  assembly.made(part),
                  assembly.mirrored(part)));
    }
    return List.copyOf(all);
  }

  private Optional<Shopping> shopping(
      Optional<BladeForm> form,
      Optional<Layers> layered,
      Optional<CoreReckoning> core,
      List<CoatReckoning> planned,
      List<PartReckoning> parts) {
    List<Shopping.Cut> cuts = new ArrayList<>();
    layered.ifPresent(it -> cuts.addAll(laidOn(form.orElseThrow().worked(), it.foam(), 1)));
    layered
        .flatMap(Layers::band)
        .ifPresent(it -> cuts.add(band(form.orElseThrow().worked().slab().name(), it, 1)));
    List<Shopping.Profiled> strips = new ArrayList<>();
    for (PartReckoning it : parts) {
      if (it.foam().isPresent() && it.part().strip().isPresent()) {
        strips.add(
            new Shopping.Profiled(
                it.part().name(), it.foam().get(), it.made(), it.part().strip().get()));
      } else if (it.foam().isPresent() && !it.flat().panels().isEmpty()) {
        Foam foam = it.foam().get();
        if (it.layers().filter(own -> !own.onePiece()).isPresent()) {
          it.layers().get().each().forEach(own -> cuts.add(layer(it, own)));
          it.layers()
              .flatMap(Layers::band)
              .ifPresent(own -> cuts.add(band(it.part().name(), own, it.made())));
        } else if (it.part() instanceof SlicedPart own) {
          own.panelsByThickness()
              .forEach(
                  (mm, panels) ->
                      cuts.add(new Shopping.Cut(own.name(), foam, mm, it.made(), panels)));
        } else {
          List<Panel> panels = it.form().map(PlateForm::cutPanels).orElse(it.flat().panels());
          cuts.add(
              new Shopping.Cut(it.part().name(), foam, it.part().thicknessMm(), it.made(), panels));
        }
        it.form().ifPresent(plate -> cuts.addAll(laidOn(plate, foam, it.made())));
        it.covers()
            .ifPresent(
                own ->
                    cuts.add(
                        new Shopping.Cut(
                            it.part().name(),
                            own.foam(),
                            own.thicknessMm(),
                            it.made(),
                            own.panels())));
      }
    }
    if (layered.isEmpty() && cuts.isEmpty() && strips.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        Shopping.of(
            layered.map(it -> new Shopping.Bladed(form.orElseThrow(), it, core)),
            cuts,
            strips,
            planned,
            catalogue));
  }

  private static Shopping.Cut band(String name, EdgeBand band, int made) {
    return new Shopping.Cut(
        name, band.foam(), band.band().thicknessMm(), made, band.panels("Edge band"));
  }

  /** One layer of a plate. */
  private static Shopping.Cut layer(PartReckoning part, Layer layer) {
    List<Panel> panels = new ArrayList<>();
    for (Region piece : layer.pieces()) {
      List<List<Point>> rings = piece.rings();
      List<Path> holes =
          rings.subList(1, rings.size()).stream().map(it -> Path.through(it, true)).toList();
      Path outer = Path.through(rings.getFirst(), true);
      panels.add(new Panel(part.part().name(), 1, List.of(Edge.free(outer)), holes, List.of()));
    }
    return new Shopping.Cut(
        part.part().name(), layer.foam(), layer.sheet().thicknessMm(), part.made(), panels);
  }

  /** The pieces that are laid on something, each of its own thickness. */
  private static List<Shopping.Cut> laidOn(PlateForm form, Foam foam, int made) {
    return form.piecesByThickness().entrySet().stream()
        .map(it -> new Shopping.Cut(form.slab().name(), foam, it.getKey(), made, it.getValue()))
        .toList();
  }

  /** What the blade with its core and all parts weigh together. */
  private static Optional<Figure> weight(
      Optional<CoreReckoning> core, Optional<Layers> layered, List<PartReckoning> parts) {
    List<Figure> masses = new ArrayList<>();
    core.map(CoreReckoning::mass).ifPresent(masses::add);
    parts.forEach(it -> it.mass().ifPresent(masses::add));
    if (parts.isEmpty() || masses.isEmpty()) {
      return Optional.empty();
    }
    String sum = masses.stream().map(it -> "{" + it.id() + "}").collect(Collectors.joining(" + "));
    return Optional.of(
        Figure.computed(
            "prop.mass",
            layered.isPresent() && core.isEmpty()
                ? "Parts beside the blade, weight"
                : "Whole prop, weight",
            Quantity.MASS,
            sum,
            Source.GEOMETRY,
            masses.toArray(Figure[]::new)));
  }

  private static Optional<Placement> placement(Project project, Sizing sizing) {
    return project.size().traced().flatMap(it -> Placement.of(sizing.pictures().get(it.id())));
  }

  private static Optional<Fitting> fitting(
      Project project, Sizing sizing, Optional<BladeForm> form) {
    return bulk(project, sizing, form)
        .map(
            it ->
                Fitting.of(
                    project.wearer(), project.size().carry(), project.size().passages(), it));
  }

  /** The prop's length as marked and its width as drafted; else what a model of it says. */
  private static Optional<Fitting.Bulk> bulk(
      Project project, Sizing sizing, Optional<BladeForm> form) {
    Optional<Figure> length =
        sizing.wholeLength().or(() -> form.map(it -> withCore(it.length(), project)));
    Optional<Figure> width =
        sizing.models().values().stream()
            .filter(it -> it.scale().model().showsWhole() && !it.sides().isEmpty())
            .map(it -> middle(it.sides()))
            .findFirst()
            .or(() -> form.map(BladeForm::width))
            .or(() -> length);
    return length.map(it -> new Fitting.Bulk(it, width.orElseThrow()));
  }

  /** The blade and what of the core stands out below it. */
  private static Figure withCore(Figure blade, Project project) {
    double below = project.core().map(core -> Math.max(0, -core.startMm())).orElse(0.0);
    Figure out =
        Figure.given("fit.below", "Core below the blade", below, Quantity.LENGTH, Source.DECIDED);
    return Figure.computed(
        "fit.length",
        "Whole prop: blade and core",
        Quantity.LENGTH,
        "{" + blade.id() + "} + {fit.below}",
        Source.GEOMETRY,
        blade,
        out);
  }

  private static Figure middle(List<Figure> sides) {
    return sides.stream().sorted(Comparator.comparing(Figure::value)).toList().get(1);
  }

  private Optional<BladeForm> form(Project project, Sizing sizing) {
    if (!project.blade().half().drawn()) {
      return Optional.empty();
    }
    PlateForm worked =
        PlateForm.of(project.blade().slab(project.layering().front().thicknessMm()), typeface);
    if (worked.crossing().isPresent()) {
      return Optional.empty();
    }
    return Optional.of(
        BladeForm.of(
            worked,
            sizing
                .scaleOf(project.blade().from())
                .or(() -> project.size().traced().flatMap(it -> sizing.scaleOf(it.id())))));
  }

  private Optional<Layers> layers(Project project, BladeForm form) {
    return form.face().empty()
        ? Optional.empty()
        : Layers.of(form, project.layering(), catalogue::foam);
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
    return BodyMeasure.all(project.wearer(), project.wearer().height());
  }
}
