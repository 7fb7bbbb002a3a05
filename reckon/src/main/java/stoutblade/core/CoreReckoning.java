package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import stoutblade.catalogue.Foam;
import stoutblade.catalogue.Rod;
import stoutblade.layer.Layers;
import stoutblade.measure.Doubt;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.part.BladeForm;

/**
 * What a chosen core comes to in a layered blade.
 *
 * @param rod the rod
 * @param choice where it lies
 * @param diameter its outside diameter
 * @param depth how deep the channel goes into each layer
 * @param deepest how deep it may go
 * @param leastCover the least foam over it
 * @param wantedCover the least foam that is wanted
 * @param leastCoverAt where the least cover is, from the base
 * @param furthestEnd how far it may run with enough foam over it
 * @param length its length
 * @param droop how far the tip hangs, held level
 * @param droopAllowed the droop that does not feel limp
 * @param frequency lowest bending frequency
 * @param mass foam and core
 * @param balance balance point from the base
 * @param others the other figures, in order
 */
public record CoreReckoning(
    Rod rod,
    CoreChoice choice,
    Figure diameter,
    Figure depth,
    Figure deepest,
    Figure leastCover,
    Figure wantedCover,
    Figure leastCoverAt,
    Figure furthestEnd,
    Figure length,
    Figure droop,
    Figure droopAllowed,
    Figure frequency,
    Figure mass,
    Figure balance,
    List<Figure> others) {

  /** The least foam over a core that does not show, in mm. */
  public static final double WANTED_COVER_MM = 2;

  /** The frequency below which a prop feels limp, in Hz. */
  public static final double LIMP_HZ = 3;

  private static final Source LIMP =
      Source.assumption("a starting guess without source; let the log correct it");

  /** Works out a core. */
  public static CoreReckoning of(BladeForm form, Layers layers, CoreChoice choice, Rod rod) {
    return new Working(form, layers, choice, rod).reckoning();
  }

  /** True where the channel would cut through more than half a layer. */
  public boolean tooDeep() {
    return depth.value() > deepest.value() + 1e-9;
  }

  /** True where too little foam is left over the rod. */
  public boolean shows() {
    return leastCover.value() < wantedCover.value() - 1e-9;
  }

  /** True where it droops or swings more than does not feel limp. */
  public boolean limp() {
    return droop.value() > droopAllowed.value() || frequency.value() < LIMP_HZ;
  }

  /** All figures that a person is shown, in order. */
  public List<Figure> figures() {
    List<Figure> all =
        new ArrayList<>(
            List.of(
                diameter,
                depth,
                deepest,
                leastCover,
                wantedCover,
                leastCoverAt,
                furthestEnd,
                length,
                droop,
                droopAllowed,
                frequency,
                mass,
                balance));
    all.addAll(others);
    return all;
  }

  /** The working of one core. */
  private static final class Working {

    private static final double JUST_INSIDE_MM = 0.01;

    private final BladeForm form;
    private final Layers layers;
    private final CoreChoice choice;
    private final Rod rod;
    private final Figure diameter;
    private final Figure bore;
    private final double from;
    private final double to;
    private final Loads loads;

    Working(BladeForm form, Layers layers, CoreChoice choice, Rod rod) {
      this.form = form;
      this.layers = layers;
      this.choice = choice;
      this.rod = rod;
      Source catalogue = Source.catalogue(rod.name() + ": " + rod.source());
      this.diameter =
          Figure.given("core.diameter", "Core, outside", rod.outerMm(), Quantity.LENGTH, catalogue);
      this.bore =
          Figure.given("core.bore", "Core, inside", rod.innerMm(), Quantity.LENGTH, catalogue);
      this.from = Math.max(choice.startMm(), JUST_INSIDE_MM);
      this.to = Math.min(choice.endMm(), form.length().value());
      this.loads = new Loads(form, layers, choice, rod, from, to);
    }

    CoreReckoning reckoning() {
      Figure depth = depth();
      Figure deepest =
          Figure.computed(
              "core.deepest",
              "Deepest channel allowed",
              Quantity.LENGTH,
              "{%s} / 2".formatted(grooved().id()),
              Source.practice("never through more than half the sheet"),
              grooved());
      Figure wanted =
          Figure.given(
              "core.cover.wanted",
              "Foam wanted over the core",
              WANTED_COVER_MM,
              Quantity.LENGTH,
              Source.assumption("less than about 2 mm lets a rod show through"));
      Fit fit = new Fit(layers.solid(), rod.outerMm() / 2, choice.groove());
      Fit.Cover least = to > from ? fit.least(from, to) : new Fit.Cover(-rod.outerMm() / 2, from);
      Figure inFoam = inFoam();
      Figure rodMass = rodMass(length());
      Figure foamMass = foamMass(inFoam);
      Figure mass =
          Figure.computed(
              "core.mass",
              "Blade with core",
              Quantity.MASS,
              "{core.foam-mass} + {core.rod-mass}",
              Source.GEOMETRY,
              foamMass,
              rodMass);
      Figure stiffness = stiffness();
      Cantilever bar = loads.bent(stiffness.value());
      Figure held =
          Figure.computed(
              "core.overhang",
              "From the hold to the tip",
              Quantity.LENGTH,
              "{blade.length} - {core.held}",
              Source.GEOMETRY,
              form.length(),
              held());
      return new CoreReckoning(
          rod,
          choice,
          diameter,
          depth,
          deepest,
          cover(least, depth),
          wanted,
          coverAt(least),
          furthest(fit, wanted),
          length(),
          droop(bar, stiffness, held, mass),
          Figure.computed(
              "core.droop-allowed",
              "Droop that does not feel limp",
              Quantity.LENGTH,
              "{core.overhang} / 100",
              LIMP,
              held),
          frequency(bar, stiffness, held, mass),
          mass,
          balance(mass, rodMass, foamMass),
          others(inFoam, rodMass, foamMass, stiffness));
    }

    /** True where a layer lies in the middle, which the core goes through. */
    private boolean slotted() {
      return layers.each().size() % 2 == 1;
    }

    /** The thickness of the sheet that is grooved: beside the middle, or next to a slotted one. */
    private Figure grooved() {
      int count = layers.each().size();
      if (!slotted() || count == 1) {
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
    private Figure depth() {
      return slotted()
          ? Figure.computed(
              "core.depth",
              "Channel depth beside the middle layer",
              Quantity.LENGTH,
              "max(0, (%s - {%s}) / 2)".formatted(cutAcross(), layers.layer().id()),
              Source.practice("the middle layer is slotted through, the rest is shared"),
              diameter,
              layers.layer())
          : Figure.computed(
              "core.depth",
              "Channel depth in each layer",
              Quantity.LENGTH,
              "%s / 2".formatted(cutAcross()),
              choice.groove() == Groove.VEE
                  ? Source.GEOMETRY
                  : Source.practice("half the core lies in each layer"),
              diameter);
    }

    /** Height and width of the channel through both layers; a V touches the rod at 45°. */
    private String cutAcross() {
      return choice.groove() == Groove.VEE ? "{core.diameter} * sqrt(2)" : "{core.diameter}";
    }

    private List<Figure> others(Figure... more) {
      List<Figure> all = new ArrayList<>(List.of(channelWidth()));
      if (choice.groove() == Groove.ROUND) {
        all.add(vDepth());
      }
      all.addAll(List.of(more));
      if (choice.startMm() < 0) {
        all.addAll(GripWrap.round(diameter));
      }
      return List.copyOf(all);
    }

    private Figure length() {
      Figure start = place("core.start", "Core starts, from the base", choice.startMm());
      Figure end = place("core.end", "Core ends, from the base", choice.endMm());
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
      return place("core.held", "Held at, from the base", choice.heldAtMm());
    }

    private static Figure place(String id, String label, double mm) {
      return Figure.given(id, label, mm, Quantity.LENGTH, Source.DECIDED);
    }

    private Figure channelWidth() {
      return Figure.computed(
          "core.channel",
          "Channel width at the glue face",
          Quantity.LENGTH,
          "2 * (%s / 2)".formatted(cutAcross()),
          choice.groove() == Groove.VEE
              ? Source.GEOMETRY
              : Source.practice("half the core's width to each side of the middle"),
          diameter);
    }

    private Figure vDepth() {
      return Figure.computed(
          "core.v-depth",
          "Depth of a V cut at 45° from both lines",
          Quantity.LENGTH,
          "{core.channel} / 2 * tan(pi / 4)",
          Source.practice(
              "a V does not yet hold a round rod: round it out with a ball-nosed bit of the rod's"
                  + " diameter"),
          channelWidth());
    }

    private Figure cover(Fit.Cover least, Figure depth) {
      return Figure.found(
          "core.cover",
          "Least foam over the core",
          least.mm(),
          Quantity.LENGTH,
          "height of the face over the middle plane less the rod, round the rod and along it, and"
              + " the foam beside it; {layers.layer}, {core.depth}",
          Source.GEOMETRY,
          Doubt.NONE,
          layers.layer(),
          depth);
    }

    private Figure coverAt(Fit.Cover least) {
      return Figure.found(
          "core.cover-at",
          "Least foam is at, from the base",
          least.atMm(),
          Quantity.LENGTH,
          "where the least foam over the core was found",
          Source.GEOMETRY,
          Doubt.NONE);
    }

    private Figure furthest(Fit fit, Figure wanted) {
      double tip = form.length().value();
      double reach = fit.furthest(from, tip, wanted.value());
      return Figure.found(
          "core.furthest",
          "Core may run to, from the base",
          reach,
          Quantity.LENGTH,
          "furthest place to which {core.cover.wanted} holds from the base on",
          Source.practice("the core stops inside the foam, just short of the tip"),
          Doubt.NONE,
          wanted);
    }

    private Figure inFoam() {
      return Figure.found(
          "core.in-foam",
          "Core inside the foam",
          Math.max(0, to - from),
          Quantity.LENGTH,
          "from the base, or {core.start}, to {core.end}, no further than the tip",
          Source.GEOMETRY,
          Doubt.NONE,
          place("core.start", "Core starts, from the base", choice.startMm()),
          place("core.end", "Core ends, from the base", choice.endMm()));
    }

    private Figure rodDensity() {
      return new Figure(
          "core.rod-density",
          "Density of the core",
          rod.densityGPerMm3(),
          Quantity.DENSITY,
          "",
          List.of(),
          Source.catalogue(
              rod.name() + ": " + rod.source() + "; rods of a kind differ by 5 % (our assumption)"),
          rod.densityDoubt().times(rod.densityGPerMm3()));
    }

    private Figure rodMass(Figure length) {
      return Figure.computed(
          "core.rod-mass",
          "Core alone",
          Quantity.MASS,
          "pi / 4 * ({core.diameter}^2 - {core.bore}^2) * {core.length} * {core.rod-density}",
          Source.GEOMETRY,
          diameter,
          bore,
          length,
          rodDensity());
    }

    /** The foam less the channel, of each foam what the channel crosses of it. */
    private Figure foamMass(Figure inFoam) {
      List<Figure> inputs = new ArrayList<>(List.of(layers.mass(), inFoam));
      StringBuilder formula = new StringBuilder("{layers.mass}");
      for (Loads.Foamed it : loads.foams()) {
        if (it.channelMm2() > 0) {
          Foam foam = it.share().foam();
          Figure density = foam.density("layers.density." + foam.id());
          Figure cut =
              Figure.found(
                  "core.channel." + foam.id(),
                  "Channel, section in " + foam.name(),
                  it.channelMm2(),
                  Quantity.AREA,
                  "what the channel of {core.diameter} takes out of the layers that it crosses",
                  Source.GEOMETRY,
                  Doubt.NONE,
                  diameter);
          inputs.addAll(List.of(cut, density));
          formula.append(" - {%s} * {core.in-foam} * {%s}".formatted(cut.id(), density.id()));
        }
      }
      return Figure.computed(
          "core.foam-mass",
          "Foam alone",
          Quantity.MASS,
          formula.toString(),
          Source.GEOMETRY,
          inputs.toArray(Figure[]::new));
    }

    private Figure stiffness() {
      Figure modulus =
          Figure.given(
              "core.modulus",
              "Stiffness of the core's material (Young's modulus)",
              rod.modulus(),
              Quantity.MODULUS,
              Source.catalogue(rod.name() + ": " + rod.source()),
              rod.modulusStd());
      Figure moment =
          Figure.computed(
              "core.second-moment",
              "Second moment of area",
              Quantity.SECOND_MOMENT,
              "pi / 64 * ({core.diameter}^4 - {core.bore}^4)",
              Source.handbook(
                  "Roark's Formulas for Stress and Strain, properties of sections"
                      + " (from memory)"),
              diameter,
              bore);
      return Figure.computed(
          "core.stiffness",
          "Bending stiffness",
          Quantity.BENDING_STIFFNESS,
          "{core.modulus} * {core.second-moment}",
          Source.GEOMETRY,
          modulus,
          moment);
    }

    private Figure droop(Cantilever bar, Figure stiffness, Figure held, Figure mass) {
      double value = bar.droop();
      return Figure.found(
          "core.droop",
          "Droop of the tip, held level",
          value,
          Quantity.LENGTH,
          "own weight of foam and core bending {core.stiffness} over {core.overhang}: moment ÷"
              + " stiffness summed twice along it; {core.mass} in all",
          Source.handbook(
              "Euler–Bernoulli beam; Roark's Formulas for Stress and Strain" + " (from memory)"),
          stiffness
              .doubt()
              .times(-value / stiffness.value())
              .plus(loads.doubt(stiffness.value(), Cantilever::droop)),
          stiffness,
          held,
          mass);
    }

    private Figure frequency(Cantilever bar, Figure stiffness, Figure held, Figure mass) {
      double value = bar.frequency();
      return Figure.found(
          "core.frequency",
          "Swings at",
          value,
          Quantity.FREQUENCY,
          "Rayleigh's quotient with the droop as the shape: {core.stiffness}, {core.overhang},"
              + " {core.mass}",
          Source.handbook(
              "Rayleigh's method; Blevins, Formulas for Natural Frequency and Mode"
                  + " Shape (from memory)"),
          stiffness
              .doubt()
              .times(value / 2 / stiffness.value())
              .plus(loads.doubt(stiffness.value(), Cantilever::frequency)),
          stiffness,
          held,
          mass);
    }

    private Figure balance(Figure mass, Figure rodMass, Figure foamMass) {
      return Figure.found(
          "core.balance",
          "Balances at, from the base",
          loads.balance(rodMass.value()),
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
}
