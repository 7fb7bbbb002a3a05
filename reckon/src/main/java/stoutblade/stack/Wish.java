package stoutblade.stack;

import java.util.List;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

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
   * @param rings its edge and those of holes in it, in mm; none where only its area is known
   */
  public record Leftover(
      String materialId, double thicknessMm, double areaMm2, List<List<Point>> rings) {

    /** The most corners of one. */
    private static final int MOST_CORNERS = 20_000;

    /**
     * Copies and checks the edges.
     *
     * @throws IllegalArgumentException if an edge crosses itself, or another one
     */
    public Leftover {
      rings = rings.stream().map(List::copyOf).toList();
      if (rings.stream().mapToInt(List::size).sum() > MOST_CORNERS) {
        throw new IllegalArgumentException(
            "An offcut has at most %,d corners".formatted(MOST_CORNERS));
      }
      for (List<Point> ring : rings) {
        if (ring.size() < 3) {
          throw new IllegalArgumentException("The edge of an offcut has at least three corners");
        }
        Region.crossing(Path.through(ring, true), 0.1)
            .ifPresent(
                it -> {
                  throw new IllegalArgumentException(
                      "The edge of an offcut crosses itself at %.0f, %.0f mm"
                          .formatted(it.x(), it.y()));
                });
      }
    }

    /** One of which only the area is known. */
    public Leftover(String materialId, double thicknessMm, double areaMm2) {
      this(materialId, thicknessMm, areaMm2, List.of());
    }

    /** An offcut with its shape. */
    public static Leftover shaped(String materialId, double thicknessMm, Region shape) {
      return new Leftover(materialId, thicknessMm, shape.area(), shape.rings());
    }

    /** True where its shape is known. */
    public boolean hasShape() {
      return !rings.isEmpty();
    }

    /** Its shape; a square where only its area is known. */
    public Region shape() {
      double side = Math.sqrt(areaMm2);
      return hasShape() ? Region.evenOdd(rings) : Region.of(new Box(0, 0, side, side));
    }

    /** True where it is of a sheet of such a material and thickness. */
    public boolean isOf(String material, double mm) {
      return materialId.equals(material) && Math.abs(thicknessMm - mm) < SAME_MM;
    }
  }

  private static final double SAME_MM = 1e-6;

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
