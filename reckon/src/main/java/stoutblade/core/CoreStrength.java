package stoutblade.core;

import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/**
 * What a core bears, how heavy it is to swing, and what it costs.
 *
 * @param bar its rod
 * @param choice where it lies
 * @param loads what it carries
 * @param partMm how long the part is
 * @param held where it is held
 * @param length how long the core is
 * @param alone true where no rods lie beside it
 */
record CoreStrength(
    RodFigures bar,
    CoreChoice choice,
    Loads loads,
    double partMm,
    Figure held,
    Figure length,
    boolean alone) {

  /** How heavy it is to swing about the hand. */
  Figure inertia() {
    return Figure.found(
        CoreReckoning.INERTIA,
        "Inertia about the hold",
        loads.inertia(),
        Quantity.INERTIA,
        "mass of each millimetre of foam, rods and other parts on them, times its distance from"
            + " {core.held} squared",
        Source.handbook("moment of inertia = ∫ r² dm (from memory)"),
        Uncertainty.NONE,
        held);
  }

  /**
   * The stress at the hold, held level and in a knock at the far end: moment over stiffness of all
   * rods, times the modulus and half the height of this one.
   */
  List<Figure> strength(Cantilever bent) {
    Figure stiffness = bar.stiffness();
    double all = loads.stiffnessAtHold(stiffness.value());
    double perMoment = bar.rod().modulus() * bar.section().radius() / all;
    Figure level =
        Figure.found(
            "core.stress",
            "Stress in the core, held level",
            bent.moment() * perMoment,
            Quantity.STRESS,
            "bending moment at the hold over {core.stiffness}%s, times its Young's modulus and half"
                    .formatted(alone ? "" : " and that of the rods beside it")
                + " of {%s}".formatted(bar.height().id()),
            Source.handbook(
                "Roark's Formulas for Stress and Strain, stress of bending = M·c/I (from memory)"),
            Uncertainty.NONE,
            stiffness,
            bar.height());
    if (bar.rod().strength() == 0) {
      return List.of(level);
    }
    double reach = Math.max(partMm, choice.reachMm()) - choice.heldAtMm();
    Figure knock =
        Figure.found(
            "core.knock",
            "Stress more in a knock at the far end",
            CoreReckoning.KNOCK_N * reach * perMoment,
            Quantity.STRESS,
            "a force of %.0f N across at the far end, %.0f mm from the hold, as if it stood still"
                .formatted(CoreReckoning.KNOCK_N, reach),
            Source.assumption("a knock of 30 N; a hard one is several times that"),
            Uncertainty.NONE,
            stiffness,
            bar.height());
    Figure strength =
        Figure.given(
            "core.strength",
            "Stress that its material is stated to bear",
            bar.rod().strength(),
            Quantity.STRESS,
            Source.catalogue(bar.rod().name() + ": " + bar.rod().source()));
    return List.of(
        level,
        knock,
        Figure.computed(
            CoreReckoning.KNOCKED,
            "Held level and knocked, share of that",
            Quantity.RATIO,
            "({core.stress} + {core.knock}) / {core.strength}",
            Source.assumption(
                "one knock in one direction, no notch, no age: it says what is nearer to breaking,"
                    + " not what holds"),
            level,
            knock,
            strength));
  }

  /** By its length of what is sold. */
  Optional<Figure> cost() {
    if (bar.rod().price() == 0) {
      return Optional.empty();
    }
    Figure price =
        Figure.given(
            "core.price",
            "One length costs",
            bar.rod().price(),
            Quantity.MONEY,
            Source.catalogue(bar.rod().name()));
    Figure sold =
        Figure.given(
            "core.sold",
            "Sold in lengths of",
            bar.rod().lengthMm(),
            Quantity.LENGTH,
            Source.catalogue(bar.rod().name()));
    return Optional.of(
        Figure.computed(
            CoreReckoning.COST,
            "Core, cost by length",
            Quantity.MONEY,
            "{core.price} * {core.length} / {core.sold}",
            Source.GEOMETRY,
            price,
            length,
            sold));
  }
}
