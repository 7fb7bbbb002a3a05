package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Rod;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Point;

/**
 * What a chosen core comes to in a part.
 *
 * @param rod the rod
 * @param choice where it lies
 * @param section its section, squeezed where it is
 * @param height how high that is, through the layers
 * @param width how wide it is, in the plane of the layers
 * @param bed how it is bedded in layers; empty where it goes through something without
 * @param inFoam how much of it is inside the part
 * @param length its length
 * @param droop how far the tip hangs, held level
 * @param limits what does not feel limp
 * @param droopAllowed the droop that does not
 * @param frequency lowest bending frequency
 * @param mass foam and core
 * @param balance how far along it balances, from the near end
 * @param balancePoint where that is, in the frame of the part
 * @param beside the rods beside it
 * @param parting where it comes apart
 * @param line how far it hangs, held level, at even steps from the hold to the far end
 * @param others the other figures, in order
 */
public record CoreReckoning(
    Rod rod,
    CoreChoice choice,
    RodSection section,
    Figure height,
    Figure width,
    Optional<Bed> bed,
    Figure inFoam,
    Figure length,
    Figure droop,
    Limits limits,
    Figure droopAllowed,
    Figure frequency,
    Figure mass,
    Figure balance,
    Point balancePoint,
    List<BesideReckoning> beside,
    Optional<PartingReckoning> parting,
    List<Double> line,
    List<Figure> others) {

  /** The least foam over a core that does not show, in mm. */
  public static final double WANTED_COVER_MM = 2;

  static final String BEND = "core.bend";
  static final String STRETCH = "core.stretch";
  static final String KNOCKED = "core.knock-share";
  static final String COST = "core.cost";
  static final String INERTIA = "core.inertia";

  /** A knock that is reckoned with, at the far end, in N. */
  public static final double KNOCK_N = 30;

  /** Copies the lists. */
  public CoreReckoning {
    beside = List.copyOf(beside);
    line = List.copyOf(line);
    others = List.copyOf(others);
  }

  /** Works out a core that nothing lies beside. */
  public static CoreReckoning of(Cored part, CoreChoice choice, Rod rod) {
    return of(part, choice, rod, CoreRods.NONE);
  }

  /**
   * Works out a core.
   *
   * @param rods the rods that go with it
   */
  public static CoreReckoning of(Cored part, CoreChoice choice, Rod rod, CoreRods rods) {
    return new CoreWorking(part, choice, rod, rods).reckoning();
  }

  /**
   * The same held to other limits, unless its own are stated.
   *
   * @param learned what is usual, corrected by the log
   */
  public CoreReckoning within(Limits learned) {
    if (choice.limits().isPresent() || learned.equals(limits)) {
      return this;
    }
    Figure overhang = droopAllowed.inputs().getFirst();
    return new CoreReckoning(
        rod,
        choice,
        section,
        height,
        width,
        bed,
        inFoam,
        length,
        droop,
        learned,
        allowed(overhang, learned, new Source(Source.Kind.LOG, "as what was built felt")),
        frequency,
        mass,
        balance,
        balancePoint,
        beside,
        parting,
        line,
        others);
  }

  /** How far the far end of a core may hang, by its own limits or those that are usual. */
  static Figure allowed(CoreChoice choice, Figure overhang) {
    return choice
        .limits()
        .map(it -> allowed(overhang, it, Source.DECIDED))
        .orElseGet(
            () ->
                allowed(
                    overhang,
                    Limits.USUAL,
                    Source.assumption("a starting guess without source; let the log correct it")));
  }

  private static Figure allowed(Figure overhang, Limits limits, Source source) {
    Figure share =
        Figure.given(
            "core.droop-share",
            "Droop that does not feel limp, by length",
            limits.droopShare(),
            Quantity.RATIO,
            source);
    return Figure.computed(
        "core.droop-allowed",
        "Droop that does not feel limp",
        Quantity.LENGTH,
        "{%s} * {core.droop-share}".formatted(overhang.id()),
        Source.GEOMETRY,
        overhang,
        share);
  }

  /** How far its far end hangs, as a share of how far that is from the hold. */
  public double droopShare() {
    return droop.value() / droopAllowed.inputs().getFirst().value();
  }

  /** The rods that go with it, for another core in its place. */
  public CoreRods rods() {
    return new CoreRods(
        beside.stream().map(it -> new CoreRods.Found(it.choice(), it.rod())).toList(),
        parting.flatMap(PartingReckoning::join));
  }

  /** The longest piece of rod that is cut for it. */
  public Figure longestPiece() {
    return parting
        .map(it -> it.lower().value() > it.upper().value() ? it.lower() : it.upper())
        .orElse(length);
  }

  /** How its channel is cut. */
  public Groove groove() {
    return choice.groove().of(section);
  }

  /** The share of its stated strength that a knock at its far end takes; empty if not known. */
  public Optional<Figure> knocked() {
    return others.stream().filter(it -> it.id().equals(KNOCKED)).findFirst();
  }

  /** How heavy it is to swing about the hand. */
  public Figure inertia() {
    return others.stream().filter(it -> it.id().equals(INERTIA)).findFirst().orElseThrow();
  }

  /** What the rod costs; empty where that is not known. */
  public Optional<Figure> cost() {
    return others.stream().filter(it -> it.id().equals(COST)).findFirst();
  }

  /** True where its channel would cut through more than half a layer. */
  public boolean tooDeep() {
    return bed.filter(Bed::tooDeep).isPresent();
  }

  /** True where too little foam is left over it. */
  public boolean shows() {
    return bed.filter(Bed::shows).isPresent();
  }

  /** True where it droops or swings more than does not feel limp. */
  public boolean limp() {
    return droop.value() > droopAllowed.value() || frequency.value() < limits.leastHz();
  }

  /** The radius to which it is bent at most; empty for one that lies straight. */
  public Optional<Figure> bend() {
    return others.stream().filter(it -> it.id().equals(BEND)).findFirst();
  }

  /** By what share its outer side is stretched there. */
  public Optional<Figure> stretch() {
    return others.stream().filter(it -> it.id().equals(STRETCH)).findFirst();
  }

  /** All figures that a person is shown, in order. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>(List.of(height));
    if (section.oblong()) {
      all.add(width);
    }
    bed.ifPresent(it -> all.addAll(it.figures()));
    all.addAll(List.of(length, droop, droopAllowed, frequency, mass, balance));
    all.addAll(others);
    return all;
  }
}
