package stoutblade.build;

/** Usual cautions of the bench; labels, data sheets and local codes come before all of them. */
final class Cautions {

  static final String SHEETS =
      "Follow the label and its safety data sheet; local codes come first.";

  static final String KNIFE =
      "Fresh blades cut without force: cut away from the hand that holds, on a mat.";

  static final String DUST =
      "Foam dust: mask and eye protection, collect it; loose sleeves stay clear of turning tools.";

  static final String HEAT =
      "Burns; overheated foam and PVC give off harmful fumes: moving air, stop when it smokes.";

  static final String ROD_DUST =
      "Rod dust and splinters: mask, gloves and eye protection; cut carbon and glass wet.";

  static final String PIPE_CEMENT =
      "Pipe cement gives off vapours that burn: moving air, no flame, gloves.";

  static final String DRILL =
      "Drill through onto scrap, the part clamped and not held; eye protection, no gloves at a"
          + " turning drill.";

  static final String BATTERY =
      "A battery that is squeezed, pierced or shorted burns: a place that stays cool, a hatch to get"
          + " at it, a fuse; follow its label.";

  static final String MAGNET =
      "Strong magnets pinch, shatter and harm if swallowed: away from children and implants.";

  private Cautions() {}
}
