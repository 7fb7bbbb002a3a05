package stoutblade.catalogue;

import java.util.List;
import java.util.Locale;

/**
 * A family of sheet materials: what all of them have in common at the bench.
 *
 * @param id catalogue id
 * @param name the kind of sheet
 * @param foam true for foams: stacks are found among them, and heat closes their cells
 * @param bends true where it is rolled and folded cold
 * @param formsWithHeat true where it is formed warm and keeps the form
 * @param sanded true where its edges are shaped with abrasives
 * @param sawn true where it is cut with a saw; else with a knife
 * @param grain true where a grain, a weave or a print runs along it: pieces lie along or against it
 * @param notInLaser why it must not go into a laser cutter; empty where that is not known
 * @param glueIds catalogue ids of the glues that it takes, the usual one first
 * @param grits the grits that it is sanded with, coarse to fine
 * @param caution what to beware of when it is worked; empty for nothing beyond the usual
 * @param source where that comes from
 */
public record SheetFamily(
    String id,
    String name,
    boolean foam,
    boolean bends,
    boolean formsWithHeat,
    boolean sanded,
    boolean sawn,
    boolean grain,
    String notInLaser,
    List<String> glueIds,
    List<Integer> grits,
    String caution,
    String source) {

  /** The family of a sheet that does not say which it is of. */
  public static final String USUAL = "eva-foam";

  /**
   * Copies the lists.
   *
   * @throws IllegalArgumentException if it takes no glue, or is sanded with nothing
   */
  public SheetFamily {
    glueIds = List.copyOf(glueIds);
    grits = List.copyOf(grits);
    if (glueIds.isEmpty()) {
      throw new IllegalArgumentException(id + ": a family of sheets takes some glue");
    }
    if (sanded && grits.isEmpty()) {
      throw new IllegalArgumentException(id + ": what is sanded is sanded with some grit");
    }
  }

  /** What it is called within a sentence: names that are written large stay so. */
  public String said() {
    return Character.isUpperCase(name.charAt(1)) ? name : name.toLowerCase(Locale.ROOT);
  }

  /** True where it can be given a form at all. */
  public boolean forms() {
    return bends || formsWithHeat;
  }
}
