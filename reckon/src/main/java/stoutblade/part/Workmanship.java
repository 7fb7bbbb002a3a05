package stoutblade.part;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.stack.Splits;

/**
 * How a part is made, where the maker chose another way than is proposed; what is empty is made as
 * proposed.
 *
 * @param glueId catalogue id of the glue between its layers and pieces
 * @param coreGlueId catalogue id of the glue that its core is bedded in
 * @param channel when the channel of its core is cut
 * @param bedding how its core is bedded
 * @param bevel when its bevel is sanded
 * @param grits what it is sanded smooth with, coarse to fine
 * @param splices where its flat patterns are cut apart that are larger than a sheet, by their
 *     names; from their left and lower edges
 */
public record Workmanship(
    Optional<String> glueId,
    Optional<String> coreGlueId,
    Optional<ChannelTime> channel,
    Optional<Bedding> bedding,
    Optional<BevelTime> bevel,
    List<Integer> grits,
    Map<String, Splits> splices) {

  /** All as proposed. */
  public static final Workmanship PROPOSED =
      new Workmanship(
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          List.of(),
          Map.of());

  private static final int COARSEST = 24;
  private static final int FINEST = 3000;
  private static final int MOST_GRITS = 6;
  private static final int MOST_PATTERNS = 200;

  /** When the channel is cut. */
  public enum ChannelTime {
    BEFORE_CUTTING("Before it is cut out"),
    AFTER_CUTTING("After it is cut out");

    private final String words;

    ChannelTime(String words) {
      this.words = words;
    }

    /** How it is said. */
    public String words() {
      return words;
    }
  }

  /** How the core is bedded. */
  public enum Bedding {
    IN_ONE_LAYER("In one layer first"),
    IN_ONE_GO("Closed in one go");

    private final String words;

    Bedding(String words) {
      this.words = words;
    }

    /** How it is said. */
    public String words() {
      return words;
    }
  }

  /** When the bevel is sanded. */
  public enum BevelTime {
    LAYERS_JOINED("With the layers joined"),
    EACH_LAYER("Each layer by itself, before they are joined");

    private final String words;

    BevelTime(String words) {
      this.words = words;
    }

    /** How it is said. */
    public String words() {
      return words;
    }
  }

  /**
   * Copies grits and places.
   *
   * @throws IllegalArgumentException if grits are not from coarse to fine, or none that is sold; if
   *     there are too many patterns
   */
  public Workmanship {
    grits = List.copyOf(grits);
    splices = Map.copyOf(splices);
    if (splices.size() > MOST_PATTERNS) {
      throw new IllegalArgumentException(
          "At most " + MOST_PATTERNS + " patterns are cut apart by hand; found " + splices.size());
    }
    if (grits.size() > MOST_GRITS) {
      throw new IllegalArgumentException(
          "At most " + MOST_GRITS + " grits are kept; found " + grits.size());
    }
    for (int i = 0; i < grits.size(); i++) {
      int grit = grits.get(i);
      if (grit < COARSEST || grit > FINEST) {
        throw new IllegalArgumentException(
            "A grit is from " + COARSEST + " to " + FINEST + "; found " + grit);
      }
      if (i > 0 && grit <= grits.get(i - 1)) {
        throw new IllegalArgumentException(
            "Grits go from coarse to fine; found " + grit + " after " + grits.get(i - 1));
      }
    }
  }

  public Workmanship withGlue(Optional<String> changed) {
    return new Workmanship(changed, coreGlueId, channel, bedding, bevel, grits, splices);
  }

  public Workmanship withCoreGlue(Optional<String> changed) {
    return new Workmanship(glueId, changed, channel, bedding, bevel, grits, splices);
  }

  public Workmanship withChannel(Optional<ChannelTime> changed) {
    return new Workmanship(glueId, coreGlueId, changed, bedding, bevel, grits, splices);
  }

  public Workmanship withBedding(Optional<Bedding> changed) {
    return new Workmanship(glueId, coreGlueId, channel, changed, bevel, grits, splices);
  }

  public Workmanship withBevel(Optional<BevelTime> changed) {
    return new Workmanship(glueId, coreGlueId, channel, bedding, changed, grits, splices);
  }

  public Workmanship withGrits(List<Integer> changed) {
    return new Workmanship(glueId, coreGlueId, channel, bedding, bevel, changed, splices);
  }

  /** The same with a flat pattern cut apart elsewhere; as proposed where that is what it says. */
  public Workmanship withSplice(String pattern, Splits changed) {
    Map<String, Splits> all = new HashMap<>(splices);
    if (changed.placed()) {
      all.put(pattern, changed);
    } else {
      all.remove(pattern);
    }
    return new Workmanship(glueId, coreGlueId, channel, bedding, bevel, grits, all);
  }

  /** The same for a part that is made larger or smaller by a factor. */
  Workmanship times(double factor) {
    Map<String, Splits> all = new HashMap<>();
    splices.forEach((pattern, own) -> all.put(pattern, own.times(factor)));
    return new Workmanship(glueId, coreGlueId, channel, bedding, bevel, grits, all);
  }
}
