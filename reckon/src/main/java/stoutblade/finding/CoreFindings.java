package stoutblade.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import stoutblade.body.Body;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Rod;
import stoutblade.core.Bed;
import stoutblade.core.Beside;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreOption;
import stoutblade.core.CoreReckoning;
import stoutblade.core.CoreRods;
import stoutblade.core.Groove;
import stoutblade.core.PartingReckoning;
import stoutblade.core.RodSection;
import stoutblade.edit.AxisEdits;
import stoutblade.edit.Change;
import stoutblade.edit.Edits;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.PropEdit;
import stoutblade.event.CoreRule;
import stoutblade.finding.Finding.Severity;
import stoutblade.layer.Layers;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.CurvedAxis;
import stoutblade.shape.Region;

/** Looks through the core of a part for what is wrong or risky. */
final class CoreFindings {

  /** A mend that costs more than this share of the part stands last, with what it costs. */
  private static final double COSTLY = 0.1;

  /** By what share the outer side of a rod may be stretched before it is said. */
  private static final double SPRINGS = 0.005;

  /** A bore wider than this share of its rod leaves a wall that a bit breaks through. */
  static final double MOST_BORE = 0.6;

  /** Foam that a core shows under is skinned with one of these, in mm. */
  private static final List<Double> SKINS = List.of(2.0, 3.0, 5.0);

  /** How finely a centre line is looked at. */
  private static final double LINE_MM = 0.2;

  /** What is this many times as long as it is wide droops without a core. */
  private static final double SLENDER = 5;

  private final PartReckoning part;
  private final String id;
  private final Catalogue catalogue;
  private final CoreRule rule;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  CoreFindings(PartReckoning part, Catalogue catalogue, CoreRule rule, Units units) {
    this.rule = rule;
    this.part = part;
    this.id = part.id();
    this.catalogue = catalogue;
    this.units = units;
  }

  List<Finding> all() {
    if (part.body().isEmpty()) {
      return List.of();
    }
    part.core().ifPresentOrElse(this::core, this::none);
    return found;
  }

  private Body body() {
    return part.body().orElseThrow();
  }

  private void none() {
    part.part()
        .core()
        .ifPresentOrElse(
            choice ->
                add(
                    "unfound",
                    new Place.OnStation(),
                    Severity.WRONG,
                    "The core cannot be worked out",
                    catalogue.rod(choice.rodId()).isEmpty()
                        ? "'" + choice.rodId() + "' is not in the catalogue."
                        : "It is held beyond the far end of " + part.part().name() + ".",
                    List.of(Edits.withoutCore(id))),
            this::choose);
  }

  /** What is long and thin droops by itself. */
  private void choose() {
    boolean slender = body().length().value() > SLENDER * body().width().value();
    if (slender && body().layered() && part.part().placing().on().isEmpty()) {
      add(
          "next.choose",
          new Place.OnStation(),
          Severity.NEXT,
          "Choose a core for " + part.part().name() + ", or leave it soft",
          "Long and of foam alone it droops; for contact games it may be what is wanted.",
          List.of());
    }
  }

  private void core(CoreReckoning core) {
    core.bed().ifPresent(it -> bed(core, it));
    allowed(core);
    squeezed(core);
    drilled(core);
    bent(core);
    found.addAll(RodFindings.of(id, body(), core, catalogue, units));
    if (core.limp() && !core.tooDeep()) {
      add(
          "limp",
          onAxis(body().length().value()),
          Severity.WARNING,
          "It may feel limp",
          "Held level the tip hangs "
              + core.droop().show(units)
              + " (allowed are "
              + core.droopAllowed().show(units)
              + ") and it swings at "
              + core.frequency().show(units)
              + ".",
          stifferMend(core));
    }
  }

  private void bed(CoreReckoning core, Bed bed) {
    if (core.tooDeep()) {
      add(
          "deep",
          onAxis(bed.leastCoverAt().value()),
          Severity.WRONG,
          "The channel is too deep",
          "It takes "
              + bed.depth().show(units)
              + " of each layer; half a layer is "
              + bed.deepest().show(units)
              + ".",
          deepMends(core, bed));
    } else if (bed.leastCover().value() <= -core.section().radius() + 1e-9) {
      add(
          "outside",
          onAxis(bed.leastCoverAt().value()),
          Severity.WRONG,
          "The core runs outside the foam",
          "At "
              + bed.leastCoverAt().show(units)
              + " from the near end its line is not inside "
              + part.part().name()
              + ": give it a centre line that stays inside, or end it before.",
          insideMends(core, bed));
    } else if (core.shows()) {
      add(
          "shows",
          onAxis(bed.leastCoverAt().value()),
          Severity.WARNING,
          "Too little foam over the core",
          "At "
              + bed.leastCoverAt().show(units)
              + " from the near end only "
              + bed.leastCover().show(units)
              + " is left over it; it would show or bulge.",
          endMend(core, bed));
    }
  }

  /** What the event does not allow. */
  private void allowed(CoreReckoning core) {
    List<Rod> all = new ArrayList<>(List.of(core.rod()));
    core.beside().forEach(it -> all.add(it.rod()));
    core.parting().flatMap(PartingReckoning::join).ifPresent(all::add);
    List<String> not =
        all.stream().filter(it -> !rule.allows(it)).map(Rod::name).distinct().toList();
    if (not.isEmpty()) {
      return;
    }
    List<Change> mends = new ArrayList<>();
    catalogue.rods().stream()
        .filter(rod -> all.size() == 1 && rule.allows(rod))
        .sorted(Comparator.comparing(CoreFindings::stiffness).reversed())
        .map(rod -> reckoned(core, rod))
        .filter(other -> !other.shows() && !other.tooDeep())
        .findFirst()
        .map(
            other ->
                Edits.rod(id, other.rod().id(), core.choice()).named("Use " + other.rod().name()))
        .ifPresent(mends::add);
    mends.add(Edits.withoutCore(id));
    add(
        "rule",
        new Place.OnStation(),
        Severity.WARNING,
        "The event does not allow this core",
        "You noted '%s'; in it: %s. Its own rules say what counts."
            .formatted(rule.words(), String.join(", ", not)),
        mends);
  }

  /** What was asked of a pipe that it cannot take, or only badly. */
  private void squeezed(CoreReckoning core) {
    double high = core.choice().work().squeezedMm().orElse(0.0);
    if (high == 0) {
      return;
    }
    double least = RodSection.LEAST_SHARE * core.rod().outerMm();
    List<Change> round = List.of(Edits.squeezed(id, Optional.empty()).named("Leave it round"));
    if (!core.section().squeezed()) {
      add(
          "unsqueezed",
          new Place.OnStation(),
          Severity.WRONG,
          "This core is not squeezed to " + show(high),
          core.rod().softens()
              ? "It is "
                  + show(core.rod().outerMm())
                  + " across, and its two walls alone are "
                  + show(core.rod().outerMm() - core.rod().innerMm())
                  + ": squeeze it to something between. It is reckoned as round."
              : core.rod().name() + " does not go soft with heat. It is reckoned as round.",
          round);
    } else if (high < least) {
      double enough = Math.ceil(least * 10) / 10;
      add(
          "squeezed",
          new Place.OnStation(),
          Severity.WARNING,
          "The pipe is squeezed very flat",
          "Pipe is squeezed to about half its diameter, "
              + show(least)
              + ", and no further (common practice): beyond that its edges fold and crack.",
          List.of(Edits.squeezed(id, Optional.of(enough)).named("Squeeze it to " + show(enough))));
    }
  }

  /** What cannot be drilled or bundled, or has hardly a wall left. */
  private void drilled(CoreReckoning core) {
    double bore = core.choice().work().drilledMm();
    double across = core.rod().outerMm();
    List<Change> solid = List.of(Edits.drilled(id, 0).named("Leave it as it is sold"));
    if (bore > 0 && core.rod().innerMm() != bore) {
      add(
          "undrilled",
          new Place.OnStation(),
          Severity.WRONG,
          "This core is not drilled " + show(bore) + " wide",
          "A round, solid rod wider than that is drilled through; %s is %s across%s. It is reckoned"
                  .formatted(
                      core.rod().name(),
                      show(across),
                      core.rod().innerMm() > 0 ? " and hollow" : "")
              + " as it is sold.",
          solid);
    } else if (bore > MOST_BORE * across) {
      double least = Math.floor(MOST_BORE * across * 2) / 2;
      add(
          "drilled",
          new Place.OnStation(),
          Severity.WARNING,
          "Little is left round the bore",
          "%s of wall: a bit that wanders comes out at the side (our guess: a bore of at most %s)."
              .formatted(show((across - bore) / 2), show(least)),
          List.of(
              Edits.drilled(id, least).named("Drill it " + show(least) + " wide"),
              solid.getFirst()));
    }
    if (core.choice().work().bundle() > 1 && core.rod().square()) {
      add(
          "unbundled",
          new Place.OnStation(),
          Severity.WRONG,
          "What is flat is not glued to a bundle",
          "Rods of a bundle are round; flat ones lie beside the core. It is reckoned as one.",
          List.of(Edits.bundled(id, 1).named("One alone")));
    }
  }

  /** A pipe that is squeezed as little as it takes, where that makes it fit. */
  private Optional<Change> squeezeMend(CoreReckoning core) {
    return CoreOption.squeezed(part.cored().orElseThrow(), core)
        .map(CoreOption::choice)
        .map(
            it ->
                Edits.squeezed(id, it.work().squeezedMm())
                    .named("Squeeze it to " + show(it.work().squeezedMm().orElseThrow())));
  }

  /** A rod that is bent cold to a tight curve springs back, and straightens what it is in. */
  private void bent(CoreReckoning core) {
    double stretch = core.stretch().map(Figure::value).orElse(0.0);
    if (stretch <= SPRINGS) {
      return;
    }
    double radius = core.bend().orElseThrow().value();
    List<Change> mends = new ArrayList<>();
    catalogue.rods().stream()
        .filter(
            rod ->
                RodSection.of(core.choice().withRod(rod.id()), rod).widthMm() / 2 / radius
                    <= SPRINGS)
        .max(Comparator.comparing(CoreFindings::stiffness))
        .map(rod -> Edits.rod(id, rod.id(), core.choice()).named("Use " + rod.name()))
        .ifPresent(mends::add);
    mends.add(AxisEdits.straight(id).named("Let the core lie straight"));
    add(
        "bent",
        onAxis((Math.max(0, core.choice().startMm()) + core.choice().endMm()) / 2),
        Severity.WARNING,
        "The core is bent",
        "To a radius of "
            + core.bend().orElseThrow().show(units)
            + " its outer side stretches by "
            + Display.decimal(stretch * 100, 1)
            + " %. Forced in cold it springs back and straightens the foam, or breaks (our guess:"
            + " above "
            + Display.decimal(SPRINGS * 100, 1)
            + " %). Bend it first, as its maker says and with fresh air where it is heated, or"
            + " take a thinner one.",
        mends);
  }

  private Place onAxis(double along) {
    return new Place.OnPart(id, body().course().at(body().nearMm() + Math.max(0, along)));
  }

  private List<Change> deepMends(CoreReckoning core, Bed bed) {
    List<Change> mends = new ArrayList<>();
    Groove groove = core.groove();
    if (groove == Groove.VEE && Groove.ROUND.reach(core.section()) <= bed.deepest().value()) {
      mends.add(Edits.groove(id, Groove.ROUND).named("Round it out with a ball-nosed bit"));
    }
    catalogue.rods().stream()
        .filter(
            rod ->
                groove.reach(RodSection.of(core.choice().withRod(rod.id()), rod))
                    <= bed.deepest().value())
        .max(Comparator.comparing(CoreFindings::stiffness))
        .map(rod -> Edits.rod(id, rod.id(), core.choice()).named("Use " + rod.name()))
        .ifPresent(mends::add);
    squeezeMend(core).ifPresent(mends::add);
    part.layers().orElseThrow().foam().thicknessesMm().stream()
        .filter(mm -> mm >= 2 * groove.reach(core.section()))
        .findFirst()
        .map(
            mm ->
                LayerEdits.material(id, part.part().materialId(), mm)
                    .named("Layers of " + show(mm)))
        .ifPresent(mends::add);
    return mends;
  }

  private static double stiffness(Rod rod) {
    return rod.modulus() * rod.secondMomentMm4();
  }

  /**
   * A rod that is thin enough; or to end it earlier, last and with what it costs if that is much.
   */
  private List<Change> endMend(CoreReckoning core, Bed bed) {
    List<Change> mends = new ArrayList<>();
    catalogue.rods().stream()
        .filter(rod -> rod.outerMm() < core.rod().outerMm())
        .sorted(Comparator.comparing(CoreFindings::stiffness).reversed())
        .map(rod -> reckoned(core, rod))
        .filter(other -> !other.shows() && !other.tooDeep())
        .findFirst()
        .map(
            other ->
                Edits.rod(id, other.rod().id(), core.choice()).named("Use " + other.rod().name()))
        .ifPresent(mends::add);
    squeezeMend(core).ifPresent(mends::add);
    CoreChoice choice = core.choice();
    double end = Math.floor(bed.furthestEnd().value());
    if (end > Math.max(choice.heldAtMm(), 0) && end < choice.endMm()) {
      double lost = (choice.endMm() - end) / body().length().value();
      String name = "End the core at " + show(end);
      if (lost <= COSTLY) {
        mends.addFirst(Edits.coreEnd(id, end).named(name));
      } else {
        mends.add(
            Edits.coreEnd(id, end)
                .named(
                    name
                        + ": "
                        + Display.decimal(lost * 100, 0)
                        + " % of the part is left without it"));
      }
    }
    wire(core, end).ifPresent(mends::add);
    skin(core).ifPresent(mends::add);
    return mends;
  }

  /** Its line led midway between the edges, where that stays inside; or it ends before. */
  private List<Change> insideMends(CoreReckoning core, Bed bed) {
    List<Change> mends = new ArrayList<>();
    midway().ifPresent(mends::add);
    mends.addAll(endMend(core, bed));
    return mends;
  }

  private Optional<Change> midway() {
    try {
      return part.part()
          .cut()
          .filter(it -> !it.half())
          .filter(
              it -> {
                Region inside = Region.inside(it.outline().outline(), LINE_MM);
                return CurvedAxis.midway(it.outline()).path().flattened(LINE_MM).stream()
                    .allMatch(at -> inside.contains(at) || inside.distanceToBoundary(at) < LINE_MM);
              })
          .map(it -> AxisEdits.midway(id).named("Lead its line midway between the edges"));
    } catch (IllegalArgumentException e) {
      // No line can be led through such an outline.
      return Optional.empty();
    }
  }

  /** The thinnest skin on both faces that is sold and leaves enough foam over it. */
  private Optional<Change> skin(CoreReckoning core) {
    List<Double> sold = part.layers().map(it -> it.foam().thicknessesMm()).orElse(List.of());
    return SKINS.stream()
        .filter(sold::contains)
        .filter(mm -> !under(core, mm).map(CoreReckoning::shows).orElse(true))
        .findFirst()
        .map(mm -> LayerEdits.skin(id, mm).named("A skin of " + show(mm) + " on both faces"));
  }

  private Optional<CoreReckoning> under(CoreReckoning core, double skinMm) {
    return part.form()
        .flatMap(
            it ->
                Layers.of(
                    it, LayerEdits.skinned(skinMm).apply(part.part().layering()), catalogue::sheet))
        .map(
            it ->
                CoreReckoning.of(
                    part.cored().orElseThrow().under(it), core.choice(), core.rod(), core.rods()));
  }

  /** The core shorter, and a thin rod from there on to where it was to end. */
  private Optional<Change> wire(CoreReckoning core, double end) {
    CoreChoice choice = core.choice();
    if (end <= Math.max(choice.heldAtMm(), 0) || end >= choice.endMm()) {
      return Optional.empty();
    }
    return catalogue.rods().stream()
        .filter(rod -> !rod.square() && rod.outerMm() < core.height().value())
        .sorted(Comparator.comparing(CoreFindings::stiffness).reversed())
        .filter(rod -> fits(core, end, rod))
        .findFirst()
        .map(
            rod ->
                Edits.coreEnd(id, end)
                    .then(Edits.addBeside(id, goesOn(rod, end, choice.endMm())))
                    .named("End it at %s, %s on from there".formatted(show(end), rod.name())));
  }

  private static Beside goesOn(Rod rod, double from, double to) {
    return new Beside(rod.id(), from, to, 0, false);
  }

  private boolean fits(CoreReckoning core, double end, Rod rod) {
    List<Beside> all = new ArrayList<>(core.choice().beside());
    Beside on = goesOn(rod, end, core.choice().endMm());
    all.add(on);
    CoreChoice tried = core.choice().withEnd(end).withBeside(all);
    CoreReckoning then =
        CoreReckoning.of(
            part.cored().orElseThrow(), tried, core.rod(), CoreRods.of(tried, catalogue.rods()));
    return !then.shows()
        && then.beside().stream()
            .filter(it -> it.choice().equals(on))
            .allMatch(
                it ->
                    it.cover()
                        .filter(own -> own.value() >= CoreReckoning.WANTED_COVER_MM)
                        .isPresent());
  }

  /** The lightest rod that would not feel limp in the same place. */
  private List<PropEdit> stifferMend(CoreReckoning core) {
    return catalogue.rods().stream()
        .filter(rod -> stiffness(rod) > stiffness(core.rod()))
        .sorted(Comparator.comparing(rod -> rod.areaMm2() * rod.densityGPerMm3()))
        .map(rod -> reckoned(core, rod))
        .filter(other -> !other.limp() && !other.tooDeep() && !other.shows())
        .findFirst()
        .map(other -> other.rod())
        .map(rod -> Edits.rod(id, rod.id(), core.choice()).named("Use " + rod.name()))
        .map(List::of)
        .orElse(List.of());
  }

  private CoreReckoning reckoned(CoreReckoning core, Rod rod) {
    return CoreReckoning.of(
            part.cored().orElseThrow(), core.choice().withRod(rod.id()), rod, core.rods())
        .within(core.limits());
  }

  private void add(
      String key,
      Place place,
      Severity severity,
      String title,
      String why,
      List<? extends Change> mends) {
    found.add(
        new Finding("core." + id + "." + key, Station.CORE, place, severity, title, why, mends));
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }
}
