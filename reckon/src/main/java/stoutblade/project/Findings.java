package stoutblade.project;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Foam;
import stoutblade.catalogue.Rod;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreReckoning;
import stoutblade.core.Groove;
import stoutblade.layer.Layers;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Blade;
import stoutblade.part.BladeForm;
import stoutblade.project.Finding.Severity;
import stoutblade.prop.Assembly;
import stoutblade.shape.Point;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;
import stoutblade.stock.Shopping;
import stoutblade.template.Tiling;

/** Looks through what was derived for what is wrong or risky, and for what comes next. */
final class Findings {

  /** A mend that costs more than this share of the part stands last, with what it costs. */
  private static final double COSTLY = 0.1;

  private static final double LEAST_EDGE_MM = 2;

  private final Derived derived;
  private final Project project;
  private final Catalogue catalogue;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  Findings(Derived derived, Catalogue catalogue, Units units) {
    this.units = units;
    this.derived = derived;
    this.project = derived.project();
    this.catalogue = catalogue;
  }

  List<Finding> all() {
    found.addAll(new SizeFindings(derived, units).all());
    draft();
    found.addAll(new PartFindings(derived, units).all());
    derived.layers().ifPresentOrElse(this::layers, this::noLayers);
    found.addAll(new LayerFindings(derived, units).all());
    derived.core().ifPresent(this::core);
    unfoundCore();
    derived.shopping().ifPresent(this::cut);
    build();
    found.addAll(new CoatFindings(derived, catalogue, units).all());
    return List.copyOf(found);
  }

  // == DRAFT

  private void draft() {
    Blade blade = project.blade();
    if (!blade.half().drawn() && project.parts().isEmpty()) {
      next(
          Station.DRAFT,
          "trace",
          "Trace half the blade",
          "Click along one edge from the base to the tip; the other half follows.");
      return;
    }
    if (blade.half().drawn() && derived.form().isEmpty()) {
      BladeForm.crossing(blade).ifPresent(at -> crossing(blade, at));
    }
  }

  private void crossing(Blade blade, Point at) {
    add(
        "draft.crossing",
        Station.DRAFT,
        new Place.OnBlade(at),
        Severity.WRONG,
        "The outline crosses itself",
        "At "
            + show(at.y())
            + " from the base, "
            + show(Math.abs(at.x()))
            + " from the centre line. It cannot be cut like this.",
        OutlineEdits.uncrossed(OutlineEdits.BLADE, blade.half()).map(List::of).orElse(List.of()));
  }

  // == LAYERS

  private void noLayers() {
    if (derived.form().isPresent()) {
      add(
          "layers.foam",
          Station.LAYERS,
          new Place.OnStation(),
          Severity.WRONG,
          "This foam is not in the catalogue",
          "'" + unknownFoam() + "' was chosen, and the catalogue has no such foam.",
          catalogue.foams().stream().limit(1).map(this::choice).toList());
    }
  }

  private String unknownFoam() {
    return project.layering().sheets().stream()
        .map(Sheet::foamId)
        .filter(it -> catalogue.foam(it).isEmpty())
        .findFirst()
        .orElse("");
  }

  private Edit choice(Foam foam) {
    double thickness = foam.thicknessesMm().get(foam.thicknessesMm().size() / 2);
    return named(
        "Use " + foam.name() + ", " + show(thickness),
        LayerEdits.foam(Assembly.BLADE, foam.id(), thickness));
  }

  private void layers(Layers layers) {
    BladeForm form = derived.form().orElseThrow();
    Point widest = new Point(0, form.widestAt().value());
    boolean ridged = layers.layering().profile().kind().across();
    if (!ridged && layers.solid().flat().empty() && layers.bevelWidth().value() > 0) {
      double half = Math.floor(form.width().value() / 4);
      add(
          "layers.bevel",
          Station.LAYERS,
          new Place.OnBlade(widest),
          Severity.WARNING,
          "The bevels meet everywhere",
          "A bevel of "
              + layers.bevelWidth().show(units)
              + " leaves nothing flat on a blade "
              + form.width().show(units)
              + " wide, so it never reaches its full thickness.",
          List.of(named("Bevel of " + show(half), LayerEdits.bevel(Assembly.BLADE, half))));
    }
    thinEdge(layers.layering()).ifPresent(it -> thinEdge(it, form));
  }

  /** The first of the sections along whose edge is too thin. */
  private static Optional<Integer> thinEdge(Layering layering) {
    return IntStream.rangeClosed(0, layering.changes().size())
        .filter(
            it -> {
              Profile own = LayerEdits.section(layering, it);
              return own.edgeMm() < LEAST_EDGE_MM && !own.flat(layering.thicknessMm());
            })
        .boxed()
        .findFirst();
  }

  private void thinEdge(int section, BladeForm form) {
    add(
        "layers.edge",
        Station.LAYERS,
        new Place.OnBlade(new Point(form.width().value() / 2, form.widestAt().value())),
        Severity.WARNING,
        "The edge is thinner than foam holds",
        "Below about 2 mm an edge of foam tears and waves when it is sanded (our assumption).",
        List.of(
            LayerEdits.profile(
                Assembly.BLADE,
                section,
                "Edge of " + show(LEAST_EDGE_MM),
                it -> it.withEdge(LEAST_EDGE_MM))));
  }

  // == CORE

  private void unfoundCore() {
    project
        .core()
        .filter(it -> derived.layers().isPresent() && derived.core().isEmpty())
        .ifPresent(
            choice ->
                add(
                    "core.unfound",
                    Station.CORE,
                    new Place.OnStation(),
                    Severity.WRONG,
                    "The core cannot be worked out",
                    catalogue.rod(choice.rodId()).isEmpty()
                        ? "'" + choice.rodId() + "' is not in the catalogue."
                        : "It is held beyond the tip of the blade.",
                    List.of(Edits.withoutCore())));
    if (project.core().isEmpty() && derived.form().isPresent()) {
      next(
          Station.CORE,
          "choose",
          "Choose a core, or leave it soft",
          "A blade of foam alone droops; for contact games it may be what is wanted.");
    }
  }

  private void core(CoreReckoning core) {
    if (core.tooDeep()) {
      add(
          "core.deep",
          Station.CORE,
          onAxis(core.leastCoverAt().value()),
          Severity.WRONG,
          "The channel is too deep",
          "It takes "
              + core.depth().show(units)
              + " of each layer; half a layer is "
              + core.deepest().show(units)
              + ".",
          deepMends(core));
    } else if (core.shows()) {
      add(
          "core.shows",
          Station.CORE,
          onAxis(core.leastCoverAt().value()),
          Severity.WARNING,
          "Too little foam over the core",
          "At "
              + core.leastCoverAt().show(units)
              + " from the base only "
              + core.leastCover().show(units)
              + " is left over it; it would show or bulge.",
          endMend(core));
    }
    if (core.limp() && !core.tooDeep()) {
      add(
          "core.limp",
          Station.CORE,
          onAxis(derived.form().orElseThrow().length().value()),
          Severity.WARNING,
          "It may feel limp",
          "Held level the tip hangs "
              + core.droop().show(units)
              + " (our guess allows "
              + core.droopAllowed().show(units)
              + ") and it swings at "
              + core.frequency().show(units)
              + ".",
          stifferMend(core));
    }
  }

  private static Place onAxis(double y) {
    return new Place.OnBlade(new Point(0, Math.max(0, y)));
  }

  private List<Edit> deepMends(CoreReckoning core) {
    List<Edit> mends = new ArrayList<>();
    Groove groove = core.choice().groove();
    if (groove == Groove.VEE
        && Groove.ROUND.reach(core.rod().outerMm() / 2) <= core.deepest().value()) {
      mends.add(named("Round it out with a ball-nosed bit", Edits.groove(Groove.ROUND)));
    }
    catalogue.rods().stream()
        .filter(rod -> groove.reach(rod.outerMm() / 2) <= core.deepest().value())
        .max(Comparator.comparing(Findings::stiffness))
        .map(rod -> named("Use " + rod.name(), Edits.rod(rod.id(), core.choice())))
        .ifPresent(mends::add);
    derived.layers().orElseThrow().foam().thicknessesMm().stream()
        .filter(mm -> mm >= 2 * groove.reach(core.diameter().value() / 2))
        .findFirst()
        .map(
            mm ->
                named(
                    "Layers of " + show(mm),
                    LayerEdits.foam(Assembly.BLADE, project.layering().middle().foamId(), mm)))
        .ifPresent(mends::add);
    return mends;
  }

  private static double stiffness(Rod rod) {
    return rod.modulus() * (Math.pow(rod.outerMm(), 4) - Math.pow(rod.innerMm(), 4));
  }

  /**
   * A rod that is thin enough; or to end it earlier, last and with what it costs if that is much.
   */
  private List<Edit> endMend(CoreReckoning core) {
    List<Edit> mends = new ArrayList<>();
    catalogue.rods().stream()
        .filter(rod -> rod.outerMm() < core.rod().outerMm())
        .sorted(Comparator.comparing(Findings::stiffness).reversed())
        .map(rod -> reckoned(core, rod))
        .filter(other -> !other.shows() && !other.tooDeep())
        .findFirst()
        .map(
            other -> named("Use " + other.rod().name(), Edits.rod(other.rod().id(), core.choice())))
        .ifPresent(mends::add);
    CoreChoice choice = core.choice();
    double end = Math.floor(core.furthestEnd().value());
    if (end > Math.max(choice.heldAtMm(), 0) && end < choice.endMm()) {
      double lost = (choice.endMm() - end) / derived.form().orElseThrow().length().value();
      String name = "End the core at " + show(end);
      if (lost <= COSTLY) {
        mends.addFirst(named(name, Edits.coreEnd(end)));
      } else {
        mends.add(
            named(
                name + ": " + Display.decimal(lost * 100, 0) + " % of the blade is left without it",
                Edits.coreEnd(end)));
      }
    }
    return mends;
  }

  /** The lightest rod that would not feel limp in the same place. */
  private List<Edit> stifferMend(CoreReckoning core) {
    return catalogue.rods().stream()
        .filter(rod -> stiffness(rod) > stiffness(core.rod()))
        .map(rod -> reckoned(core, rod))
        .filter(other -> !other.limp() && !other.tooDeep() && !other.shows())
        .min(Comparator.comparing(other -> other.mass().value()))
        .map(other -> other.rod())
        .map(rod -> named("Use " + rod.name(), Edits.rod(rod.id(), core.choice())))
        .map(List::of)
        .orElse(List.of());
  }

  private CoreReckoning reckoned(CoreReckoning core, Rod rod) {
    return CoreReckoning.of(
        derived.form().orElseThrow(),
        derived.layers().orElseThrow(),
        core.choice().withRod(rod.id()),
        rod);
  }

  // == CUT AND BUILD

  private void cut(Shopping shopping) {
    if (derived.template().isPresent() && derived.tiling().isEmpty()) {
      add(
          "cut.pages",
          Station.CUT,
          new Place.OnStation(),
          Severity.WRONG,
          "Too many pages",
          "At this size the template takes "
              + Tiling.pages(derived.template().orElseThrow(), project.paper())
              + " pages of "
              + project.paper().label()
              + "; at most "
              + Tiling.MOST_PAGES
              + " are made. Is the scale right?",
          List.of());
    }
    if (!shopping.fitsSheet()) {
      Foam foam = derived.layers().orElseThrow().foam();
      add(
          "cut.sheet",
          Station.CUT,
          new Place.OnStation(),
          Severity.WARNING,
          "A layer is larger than the sheet",
          "The blade is "
              + derived.form().orElseThrow().length().show(units)
              + " by "
              + derived.form().orElseThrow().width().show(units)
              + "; the usual sheet is "
              + show(foam.sheetLengthMm())
              + " by "
              + show(foam.sheetWidthMm())
              + ". Look for a larger sheet, or cut each layer apart where its template says: no joint"
              + " lies near one of the next layer.",
          List.of());
    }
    shopping.lines().stream()
        .filter(line -> line.buy().id().equals("stock.rod.lengths") && line.buy().value() > 1)
        .forEach(
            line ->
                add(
                    "cut.rod",
                    Station.CUT,
                    new Place.OnStation(),
                    Severity.WARNING,
                    "The core is longer than it is sold",
                    line.name() + ": " + line.need().show(units) + " are needed in one piece.",
                    List.of()));
  }

  private void build() {
    derived
        .plan()
        .ifPresent(
            plan -> {
              plan.unplaced()
                  .forEach(
                      it ->
                          add(
                              "build.unplaced." + it.step().id(),
                              Station.BUILD,
                              new Place.OnStep(it.step().id()),
                              Severity.WRONG,
                              "No time for this step",
                              it.step().title() + ": " + it.reason() + ".",
                              List.of()));
              if (plan.spare().value() < 0) {
                String first = plan.placed().getFirst().step().id();
                add(
                    "build.late",
                    Station.BUILD,
                    new Place.OnStep(first),
                    Severity.WARNING,
                    "It should have begun",
                    Display.duration(-plan.spare().value())
                        + " of work have their latest time behind them. Add free hours, or do with"
                        + " less.",
                    List.of());
              }
            });
  }

  // == SMALL THINGS

  private void next(Station station, String id, String title, String why) {
    add(
        station.title().toLowerCase(java.util.Locale.ROOT) + ".next." + id,
        station,
        new Place.OnStation(),
        Severity.NEXT,
        title,
        why,
        List.of());
  }

  private void add(
      String id,
      Station station,
      Place place,
      Severity severity,
      String title,
      String why,
      List<Edit> mends) {
    found.add(new Finding(id, station, place, severity, title, why, mends));
  }

  private static Edit named(String name, Edit edit) {
    return new Edit(name, edit.change());
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }
}
