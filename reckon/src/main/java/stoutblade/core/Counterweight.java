package stoutblade.core;

import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * A weight at one end of a core that would make it balance elsewhere.
 *
 * @param nearEnd true for the near end of the core, false for its far end
 * @param weight what it weighs
 * @param all what the part weighs with it
 * @param inertia how heavy it is then to swing about the hold
 */
public record Counterweight(boolean nearEnd, Figure weight, Figure all, Figure inertia) {

  /**
   * What it takes.
   *
   * @param toMm where it is to balance, in mm from the near end of the part; between the ends of
   *     the core, or it is taken as just inside
   */
  public static Counterweight of(CoreReckoning core, double toMm) {
    CoreChoice choice = core.choice();
    double inside = (choice.endMm() - choice.startMm()) / 100;
    double to = Math.clamp(toMm, choice.startMm() + inside, choice.endMm() - inside);
    boolean near = to <= core.balance().value();
    Figure wanted = place("core.balance-wanted", "Wanted to balance at, from the near end", to);
    Figure end =
        place(
            "core.weight-at",
            near ? "Core starts, from the near end" : "Core ends, from the near end",
            near ? choice.startMm() : choice.endMm());
    Figure weight =
        Figure.computed(
            "core.counterweight",
            "Weight at the %s end of the core".formatted(near ? "near" : "far"),
            Quantity.MASS,
            "{core.mass} * ({core.balance} - {core.balance-wanted})"
                + " / ({core.balance-wanted} - {core.weight-at})",
            Source.handbook("equal moments about the place where it balances (from memory)"),
            core.mass(),
            core.balance(),
            wanted,
            end);
    Figure held = place("core.held", "Held at, from the near end", choice.heldAtMm());
    return new Counterweight(
        near,
        weight,
        Figure.sum("core.weighted", "Part with it", Quantity.MASS, List.of(core.mass(), weight)),
        Figure.computed(
            "core.inertia-weighted",
            "Inertia about the hold with it",
            Quantity.INERTIA,
            "{%s} + {core.counterweight} * ({core.weight-at} - {core.held})^2"
                .formatted(core.inertia().id()),
            Source.handbook("moment of inertia = ∫ r² dm (from memory)"),
            core.inertia(),
            weight,
            end,
            held));
  }

  private static Figure place(String id, String label, double mm) {
    return Figure.given(id, label, mm, Quantity.LENGTH, Source.DECIDED);
  }
}
