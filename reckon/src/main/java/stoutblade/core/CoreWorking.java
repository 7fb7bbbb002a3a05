package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Rod;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/** The working of one core in one part. */
final class CoreWorking {

  private static final double JUST_INSIDE_MM = 0.01;

  private final Cored part;
  private final CoreChoice choice;
  private final RodFigures bar;
  private final RodSection section;
  private final Figure height;
  private final Figure width;
  private final double from;
  private final double to;
  private final Loads loads;
  private final List<BesideReckoning> beside;
  private final Optional<PartingReckoning> parting;

  CoreWorking(Cored part, CoreChoice choice, Rod sold, CoreRods rods) {
    Rod rod = choice.work().worked(sold);
    this.part = part;
    this.choice = choice;
    this.bar = RodFigures.of(choice, rod);
    this.section = bar.section();
    this.height = bar.height();
    this.width = bar.width();
    this.from = Math.max(choice.startMm(), JUST_INSIDE_MM);
    this.to = Math.min(choice.endMm(), part.length().value());
    this.beside = beside(rods.beside());
    this.parting =
        PartingReckoning.of(
            choice, section, rod, rods.join(), Math.max(part.length().value(), choice.reachMm()));
    this.loads = new Loads(part, choice, rod, from, to, beside);
  }

  private List<BesideReckoning> beside(List<CoreRods.Found> found) {
    List<BesideReckoning> all = new ArrayList<>();
    boolean hollow = section.wall() > 0 && section.count() == 1;
    double bore = 2 * section.radius() - 2 * section.wall();
    for (CoreRods.Found it : found) {
      all.add(BesideReckoning.of(part, choice, section, hollow ? bore : 0, it, all.size() + 1));
    }
    return all;
  }

  CoreReckoning reckoning() {
    Figure inFoam = inFoam();
    Figure rodMass = bar.mass(length());
    Figure foamMass = foamMass(inFoam);
    List<Figure> masses = new ArrayList<>(List.of(foamMass, rodMass));
    beside.forEach(it -> masses.add(it.mass()));
    Figure mass = Figure.sum("core.mass", "Part with core", Quantity.MASS, masses);
    Figure stiffness = bar.stiffness();
    Cantilever bent = loads.bent(stiffness.value());
    List<Loads.Varied> varied = loads.varied(stiffness.value());
    Figure held =
        Figure.computed(
            "core.overhang",
            "From the hold to the tip",
            Quantity.LENGTH,
            "{%s} - {core.held}".formatted(part.length().id()),
            Source.GEOMETRY,
            part.length(),
            held());
    return new CoreReckoning(
        bar.rod(),
        choice,
        section,
        height,
        width,
        part.layers().map(this::bed),
        inFoam,
        length(),
        droop(bent, varied, stiffness, held, bending(mass)),
        choice.limits().orElse(Limits.USUAL),
        CoreReckoning.allowed(choice, held),
        frequency(bent, varied, stiffness, held, bending(mass)),
        mass,
        balance(mass, rodMass, foamMass),
        loads.balance(rodMass.value()).plus(part.course().at(part.nearMm())),
        beside,
        parting,
        bent.line(),
        others(bent, mass, inFoam, rodMass, foamMass, stiffness));
  }

  /** What bends it: the part with its core, and other parts that stand on it. */
  private Figure bending(Figure mass) {
    List<Figure> all = new ArrayList<>(List.of(mass));
    part.attached().forEach(it -> all.add(it.mass()));
    return part.attached().isEmpty()
        ? mass
        : Figure.sum("core.bears", "All that it bears", Quantity.MASS, all);
  }

  private Groove groove() {
    return choice.groove().of(section);
  }

  /** How it lies in layers. */
  private Bed bed(Layers layers) {
    Figure grooved = grooved(layers);
    Figure depth = depth(layers);
    Figure wanted =
        Figure.given(
            "core.cover.wanted",
            "Foam wanted over the core",
            CoreReckoning.WANTED_COVER_MM,
            Quantity.LENGTH,
            Source.assumption("less than about 2 mm lets a rod show through"));
    Fit fit = new Fit(layers.solid(), section, choice.groove(), part.nearMm());
    Fit.Cover least = to > from ? fit.least(from, to) : new Fit.Cover(-section.radius(), from);
    return new Bed(
        depth,
        Figure.computed(
            "core.deepest",
            "Deepest channel allowed",
            Quantity.LENGTH,
            "{%s} / 2".formatted(grooved.id()),
            Source.practice("never through more than half the sheet"),
            grooved),
        cover(layers, least, depth),
        wanted,
        coverAt(least),
        furthest(fit, wanted),
        channelWidth());
  }

  /** True where a layer lies in the middle, which the core goes through. */
  private static boolean slotted(Layers layers) {
    return layers.each().size() % 2 == 1;
  }

  /** The thickness of the sheet that is grooved: beside the middle, or next to a slotted one. */
  private static Figure grooved(Layers layers) {
    int count = layers.each().size();
    if (!slotted(layers) || count == 1) {
      return layers.layer();
    }
    return Figure.given(
        "core.grooved",
        "Layer beside the middle one",
        layers.each().get(count / 2 + 1).sheet().thicknessMm(),
        Quantity.LENGTH,
        Source.DECIDED);
  }

  /** How deep the core lies in the sheets that are grooved. */
  private Figure depth(Layers layers) {
    return slotted(layers)
        ? Figure.computed(
            "core.depth",
            "Channel depth beside the middle layer",
            Quantity.LENGTH,
            "max(0, (%s - {%s}) / 2)".formatted(cutAcross(), layers.layer().id()),
            Source.practice("the middle layer is slotted through, the rest is shared"),
            height,
            layers.layer())
        : Figure.computed(
            "core.depth",
            "Channel depth in each layer",
            Quantity.LENGTH,
            "%s / 2".formatted(cutAcross()),
            groove() == Groove.VEE
                ? Source.GEOMETRY
                : Source.practice("half the core lies in each layer"),
            height);
  }

  /** Height of the channel through both layers; a V touches the rod at 45°. */
  private String cutAcross() {
    String high = "{" + height.id() + "}";
    return groove() == Groove.VEE ? high + " * sqrt(2)" : high;
  }

  /** What its flat sides add to the width of the channel. */
  private String flat() {
    return section.oblong() ? " + {core.width} - {core.height}" : "";
  }

  private List<Figure> others(Cantilever bent, Figure mass, Figure... more) {
    List<Figure> all = new ArrayList<>();
    if (part.layers().isPresent()) {
      all.add(channelWidth());
    }
    if (part.layers().isPresent() && groove() == Groove.ROUND) {
      all.add(vDepth());
    }
    all.addAll(List.of(more));
    beside.forEach(it -> all.addAll(it.figures()));
    if (!beside.isEmpty()) {
      all.add(together());
    }
    parting.ifPresent(it -> all.addAll(it.figures()));
    CoreStrength strength =
        new CoreStrength(
            bar, choice, loads, part.length().value(), held(), length(), beside.isEmpty());
    bar.momentAside().ifPresent(all::add);
    if (!part.attached().isEmpty()) {
      all.add(bending(mass));
    }
    all.add(strength.inertia());
    all.addAll(strength.strength(bent));
    strength.cost().ifPresent(all::add);
    all.addAll(bend());
    if (choice.startMm() < 0) {
      all.addAll(GripWrap.round(bar.diameter()));
    }
    return List.copyOf(all);
  }

  /** How stiff all rods are together where they are held. */
  private Figure together() {
    Figure stiffness = bar.stiffness();
    List<Figure> each = new ArrayList<>(List.of(stiffness));
    beside.stream()
        .filter(
            it ->
                it.choice().startMm() <= choice.heldAtMm()
                    && it.choice().endMm() > choice.heldAtMm())
        .forEach(it -> each.add(it.stiffness()));
    return Figure.sum(
        "core.stiffness-held",
        "Bending stiffness of all rods at the hold",
        Quantity.BENDING_STIFFNESS,
        each);
  }

  /** How tightly a core along a curved line is bent, and what that does to its outer side. */
  private List<Figure> bend() {
    double near = part.nearMm();
    double radius = part.course().tightest(near + choice.startMm(), near + choice.endMm());
    if (Double.isInfinite(radius)) {
      return List.of();
    }
    Figure tightest =
        Figure.found(
            CoreReckoning.BEND,
            "Tightest bend of the core, radius",
            radius,
            Quantity.LENGTH,
            "radius of the centre line where it bends most between {core.start} and {core.end}",
            Source.GEOMETRY,
            Uncertainty.NONE,
            place("core.start", "Core starts, from the near end", choice.startMm()),
            place("core.end", "Core ends, from the near end", choice.endMm()));
    return List.of(
        tightest,
        Figure.computed(
            CoreReckoning.STRETCH,
            "Its outer side is stretched by",
            Quantity.RATIO,
            "{%s} / (2 * {%s})".formatted(width.id(), CoreReckoning.BEND),
            Source.handbook(
                "bending of a beam, strain = distance from the middle over radius (Gere, Mechanics"
                    + " of Materials; from memory)"),
            width,
            tightest));
  }

  private Figure length() {
    Figure start = place("core.start", "Core starts, from the near end", choice.startMm());
    Figure end = place("core.end", "Core ends, from the near end", choice.endMm());
    return Figure.computed(
        "core.length",
        "Length of the core",
        Quantity.LENGTH,
        "{core.end} - {core.start}",
        Source.GEOMETRY,
        end,
        start);
  }

  private Figure held() {
    return place("core.held", "Held at, from the near end", choice.heldAtMm());
  }

  private static Figure place(String id, String label, double mm) {
    return Figure.given(id, label, mm, Quantity.LENGTH, Source.DECIDED);
  }

  private Figure channelWidth() {
    return Figure.computed(
        "core.channel",
        "Channel width at the glue face",
        Quantity.LENGTH,
        "2 * (%s / 2)%s".formatted(cutAcross(), flat()),
        groove() == Groove.VEE
            ? Source.GEOMETRY
            : Source.practice("half the core's width to each side of the middle"),
        section.oblong() ? new Figure[] {height, width} : new Figure[] {height});
  }

  private Figure vDepth() {
    return Figure.computed(
        "core.v-depth",
        "Depth of a V cut at 45° from both lines",
        Quantity.LENGTH,
        "({core.channel}%s) / 2 * tan(pi / 4)"
            .formatted(section.squeezed() ? " - ({core.width} - {core.height})" : ""),
        Source.practice(
            "a V does not yet hold a round rod: round it out with a ball-nosed bit of the rod's"
                + " diameter"),
        section.squeezed()
            ? new Figure[] {channelWidth(), height, width}
            : new Figure[] {channelWidth()});
  }

  private Figure cover(Layers layers, Fit.Cover least, Figure depth) {
    return Figure.found(
        "core.cover",
        "Least foam over the core",
        least.mm(),
        Quantity.LENGTH,
        "height of the face over the middle plane less the rod, round the rod and along it, and"
            + " the foam beside it; {layers.layer}, {core.depth}",
        Source.GEOMETRY,
        Uncertainty.NONE,
        layers.layer(),
        depth);
  }

  private Figure coverAt(Fit.Cover least) {
    return Figure.found(
        "core.cover-at",
        "Least foam is at, from the near end",
        least.atMm(),
        Quantity.LENGTH,
        "where the least foam over the core was found",
        Source.GEOMETRY,
        Uncertainty.NONE);
  }

  private Figure furthest(Fit fit, Figure wanted) {
    double tip = part.length().value();
    double reach = fit.furthest(from, tip, wanted.value());
    return Figure.found(
        "core.furthest",
        "Core may run to, from the near end",
        reach,
        Quantity.LENGTH,
        "furthest place to which {core.cover.wanted} holds from the near end on",
        Source.practice("the core stops inside the foam, just short of the tip"),
        Uncertainty.NONE,
        wanted);
  }

  private Figure inFoam() {
    return Figure.found(
        "core.in-foam",
        "Core inside the part",
        Math.max(0, to - from),
        Quantity.LENGTH,
        "from the near end, or {core.start}, to {core.end}, no further than the far end",
        Source.GEOMETRY,
        Uncertainty.NONE,
        place("core.start", "Core starts, from the near end", choice.startMm()),
        place("core.end", "Core ends, from the near end", choice.endMm()));
  }

  /** The foam less the channel, of each foam what the channel crosses of it. */
  private Figure foamMass(Figure inFoam) {
    if (part.mass().isEmpty()) {
      return Figure.given(
          "core.foam-mass",
          "Part alone: not known",
          0,
          Quantity.MASS,
          Source.assumption("its material is not in the catalogue"));
    }
    List<Figure> inputs = new ArrayList<>(List.of(part.mass().get(), inFoam));
    StringBuilder formula = new StringBuilder("{" + part.mass().get().id() + "}");
    for (Loads.Foamed it : loads.foams()) {
      if (it.channelMm2() > 0) {
        SheetMaterial foam = it.share().foam();
        Figure density = foam.density("core.density." + foam.id());
        Figure cut =
            Figure.found(
                "core.channel." + foam.id(),
                "Channel, section in " + foam.name(),
                it.channelMm2(),
                Quantity.AREA,
                "what the channel of {%s} takes out of the layers that it crosses"
                    .formatted(width.id()),
                Source.GEOMETRY,
                Uncertainty.NONE,
                width);
        inputs.addAll(List.of(cut, density));
        formula.append(" - {%s} * {core.in-foam} * {%s}".formatted(cut.id(), density.id()));
      }
      more(it, inputs, formula);
    }
    return Figure.computed(
        "core.foam-mass",
        "Part alone",
        Quantity.MASS,
        formula.toString(),
        Source.GEOMETRY,
        inputs.toArray(Figure[]::new));
  }

  /** What the channels of rods beside it take out of a foam. */
  private void more(Loads.Foamed foamed, List<Figure> inputs, StringBuilder formula) {
    SheetMaterial foam = foamed.share().foam();
    for (Loads.Out it : foamed.more()) {
      if (it.areaMm2() * it.length() > 0) {
        String id = it.rod().length().id() + "." + foam.id();
        Figure density = foam.density("core.density." + foam.id());
        Figure cut =
            Figure.found(
                id + ".channel",
                "Channel of the rod beside it, in " + foam.name(),
                it.areaMm2() * it.length(),
                Quantity.VOLUME,
                "what its channels take out of the layers that they cross, along {%s}"
                    .formatted(it.rod().length().id()),
                Source.GEOMETRY,
                Uncertainty.NONE,
                it.rod().length());
        inputs.add(cut);
        if (inputs.stream().noneMatch(own -> own.id().equals(density.id()))) {
          inputs.add(density);
        }
        formula.append(" - {%s} * {%s}".formatted(cut.id(), density.id()));
      }
    }
  }

  private Figure droop(
      Cantilever bent, List<Loads.Varied> varied, Figure stiffness, Figure held, Figure mass) {
    double value = bent.droop();
    return Figure.found(
        "core.droop",
        "Droop of the tip, held level",
        value,
        Quantity.LENGTH,
        "own weight of foam and core%s bending {core.stiffness} over {core.overhang}: moment ÷"
                .formatted(part.attached().isEmpty() ? "" : ", and of the parts that stand on it,")
            + " stiffness summed twice along it; {%s} in all".formatted(mass.id())
            + (part.course().bends() ? "; as if its curve were laid straight" : ""),
        Source.handbook(
            "Euler–Bernoulli beam; Roark's Formulas for Stress and Strain" + " (from memory)"),
        stiffness
            .uncertainty()
            .times(-value / stiffness.value())
            .plus(Loads.uncertainty(varied, Cantilever::droop)),
        stiffness,
        held,
        mass);
  }

  private Figure frequency(
      Cantilever bent, List<Loads.Varied> varied, Figure stiffness, Figure held, Figure mass) {
    double value = bent.frequency();
    return Figure.found(
        "core.frequency",
        "Swings at",
        value,
        Quantity.FREQUENCY,
        "Rayleigh's quotient, the droop for a shape that is bettered until it stays:"
            + " {core.stiffness}, {core.overhang}, {%s}".formatted(mass.id()),
        Source.handbook(
            "Rayleigh's method with Stodola's iteration; Blevins, Formulas for Natural Frequency"
                + " and Mode Shape (from memory)"),
        stiffness
            .uncertainty()
            .times(value / 2 / stiffness.value())
            .plus(Loads.uncertainty(varied, Cantilever::frequency)),
        stiffness,
        held,
        mass);
  }

  private Figure balance(Figure mass, Figure rodMass, Figure foamMass) {
    return Figure.found(
        "core.balance",
        "Balances at, from the near end",
        loads.balance(rodMass.value()).y(),
        Quantity.LENGTH,
        "moments of {core.foam-mass} and {core.rod-mass} about the base, divided by {core.mass}; each"
            + " layer with its own density",
        Source.GEOMETRY,
        loads.balanceDoubt(rodMass.value()),
        foamMass,
        rodMass,
        mass);
  }
}
