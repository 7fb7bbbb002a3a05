package stoutblade.wearer;

import java.util.ArrayList;
import java.util.List;

/**
 * The people that are kept, one of whom carries the prop.
 *
 * @param kept all of them, at least one
 * @param carrying the index of the one who carries it
 */
public record Wearers(List<Wearer> kept, int carrying) {

  /** The most people that are kept. */
  public static final int MOST = 24;

  /**
   * Checks count and index.
   *
   * @throws IllegalArgumentException if there is nobody, or nobody of that index
   */
  public Wearers {
    kept = List.copyOf(kept);
    if (kept.isEmpty() || kept.size() > MOST) {
      throw new IllegalArgumentException(
          "Between 1 and " + MOST + " wearers are kept; found " + kept.size());
    }
    if (carrying < 0 || carrying >= kept.size()) {
      throw new IllegalArgumentException(
          "The one who carries the prop is one of " + kept.size() + "; found " + carrying);
    }
  }

  /** One person alone. */
  public static Wearers of(Wearer wearer) {
    return new Wearers(List.of(wearer), 0);
  }

  /** The one who carries the prop. */
  public Wearer wearer() {
    return kept.get(carrying);
  }

  /** The one who carries it, changed. */
  public Wearers with(Wearer changed) {
    List<Wearer> all = new ArrayList<>(kept);
    all.set(carrying, changed);
    return new Wearers(all, carrying);
  }

  /** One more, who carries it from now on. */
  public Wearers and(Wearer more) {
    List<Wearer> all = new ArrayList<>(kept);
    all.add(more);
    return new Wearers(all, kept.size());
  }

  /** The one who carries it is kept no longer; another one of those kept carries it. */
  public Wearers withoutCarrying() {
    if (kept.size() == 1) {
      throw new IllegalArgumentException("The last wearer stays: somebody carries the prop");
    }
    List<Wearer> all = new ArrayList<>(kept);
    all.remove(carrying);
    return new Wearers(all, Math.max(0, carrying - 1));
  }

  /** The same people; another one carries it. */
  public Wearers carriedBy(int index) {
    return new Wearers(kept, index);
  }
}
