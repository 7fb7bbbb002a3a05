package stoutblade.slice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.stack.Choice;
import stoutblade.stack.Sheet;
import stoutblade.stack.StackFinder;
import stoutblade.stack.Wish;

/**
 * Thicknesses of layers that together come near to the height of a model: as many of the wanted
 * sheet as go in, and for what is left the stack that comes nearest.
 */
public final class Fitted {

  /** What is left for the stack finder to fill is about so many sheets. */
  private static final int LEFT = 2;

  private Fitted() {}

  /**
   * The thicknesses, the furthest layer first.
   *
   * @param foam its sheets
   * @param thicknessMm the one that is wanted
   * @param highMm height of the model
   */
  public static List<Double> sheets(SheetMaterial foam, double thicknessMm, double highMm) {
    int whole = (int) Math.max(0, Math.floor(highMm / thicknessMm) - LEFT + 1);
    double left = highMm - whole * thicknessMm;
    List<Double> all = new ArrayList<>(Collections.nCopies(whole, thicknessMm));
    Wish wish =
        new Wish(
            left,
            Math.max(thicknessMm, left),
            LEFT + 2,
            List.of(foam),
            List.of(),
            0,
            Wish.Outside.ANY,
            false,
            Wish.Criterion.DEVIATION);
    List<Choice> best = StackFinder.best(wish, 1);
    if (best.isEmpty()) {
      all.add(thicknessMm);
    } else {
      best.getFirst().sheets().stream()
          .map(Sheet::thicknessMm)
          .sorted(Collections.reverseOrder())
          .forEach(all::add);
    }
    return all;
  }
}
