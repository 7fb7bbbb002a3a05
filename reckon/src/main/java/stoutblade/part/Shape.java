package stoutblade.part;

import java.util.List;
import java.util.Optional;
import stoutblade.develop.Developed;
import stoutblade.develop.Strip;
import stoutblade.feature.PanelFeature;
import stoutblade.shape.Path;
import stoutblade.stack.Layering;

/** What a part is: how what is cut for it follows from its sizes. */
public sealed interface Shape permits Cut, Formed, FlatPieces, Slices, Bought, Piped {

  /**
   * Its pieces laid out flat.
   *
   * @param name what the part is called
   * @param thicknessMm how thick its sheets are together
   */
  Developed developed(String name, double thicknessMm);

  /**
   * What is seen of it from the front of the prop, in its own frame: the largest line first.
   *
   * @param thicknessMm how thick its sheets are together
   * @param facing true where it is seen along its axis
   */
  List<Path> seen(double thicknessMm, boolean facing);

  /** What is worked into its patterns, where it is made of some. */
  default List<PanelFeature> worked() {
    return List.of();
  }

  /** The same made larger or smaller; the thickness of sheets stays. */
  Shape times(double factor);

  /** The strip that it is cut from, where it is bought by the length and not as a sheet. */
  default Optional<Strip> strip(double thicknessMm) {
    return Optional.empty();
  }

  /**
   * Checks that its sheets can be what it is made of.
   *
   * @throws IllegalArgumentException if they cannot; the message can be shown
   */
  void check(Optional<Layering> stack);

  /** One sheet and no more, flat. */
  static void checkOneSheet(Optional<Layering> stack) {
    if (stack.filter(it -> it.sheets().size() == 1 && it.flat()).isEmpty()) {
      throw new IllegalArgumentException("This is made of one sheet, which is not worked off");
    }
  }
}
