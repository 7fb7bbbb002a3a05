package stoutblade.stack;

import java.util.List;
import stoutblade.catalogue.SheetMaterial;

/**
 * What a stack is wanted to be.
 *
 * @param thicknessMm how thick
 * @param withinMm by how much it may be off
 * @param most at most so many layers
 * @param foams what may be taken
 * @param leftovers what is there already and is used first
 * @param areaMm2 how large each layer is
 * @param outside what the two outer layers are to be like
 * @param skinned true where the outer layers are thin skins, false where they may be anything
 * @param first what counts most; the others decide between equals
 */
public record Wish(
    double thicknessMm,
    double withinMm,
    int most,
    List<SheetMaterial> foams,
    List<Leftover> leftovers,
    double areaMm2,
    Outside outside,
    boolean skinned,
    Criterion first) {

  /** The most layers that are looked for. */
  public static final int MOST_LAYERS = 6;

  /** Skins are up to this thick, in mm: common practice is 2 mm. */
  public static final double SKIN_MM = 3;

  /**
   * SheetMaterial that is left over.
   *
   * @param materialId its foam
   * @param thicknessMm its thickness
   * @param areaMm2 how much of it
   */
  public record Leftover(String materialId, double thicknessMm, double areaMm2) {}

  /** What the outer layers are to be like. */
  public enum Outside {
    HARD("Hard outside"),
    SOFT("Soft outside"),
    ANY("Either");

    private final String words;

    Outside(String words) {
      this.words = words;
    }

    /** Its words on the screen. */
    public String words() {
      return words;
    }
  }

  /** What stacks are compared by. */
  public enum Criterion {
    DEVIATION("Nearest to the thickness"),
    GLUE_UPS("Fewest glue-ups"),
    BOUGHT("Most from leftovers"),
    SYMMETRY("Same on both sides"),
    SURFACE("Surface as wished"),
    WEIGHT("Lightest"),
    COST("Cheapest");

    private final String words;

    Criterion(String words) {
      this.words = words;
    }

    /** Its words on the screen. */
    public String words() {
      return words;
    }
  }

  /**
   * Copies the lists and checks the numbers.
   *
   * @throws IllegalArgumentException if one is out of range; the message can be shown
   */
  public Wish {
    foams = List.copyOf(foams);
    leftovers = List.copyOf(leftovers);
    if (!(thicknessMm > 0 && thicknessMm <= Layering.MOST_WANTED_MM)) {
      throw new IllegalArgumentException(
          "A stack is wanted above 0 and up to 2 m thick; found " + thicknessMm + " mm");
    }
    if (!(withinMm >= 0) || most < 1 || most > MOST_LAYERS) {
      throw new IllegalArgumentException(
          "A stack has 1 to " + MOST_LAYERS + " layers, within 0 mm or more; found " + most);
    }
  }
}
