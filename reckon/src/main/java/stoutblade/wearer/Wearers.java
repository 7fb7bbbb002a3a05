package stoutblade.wearer;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.SequencedMap;

/**
 * The people that props are made for.
 *
 * @param kept all of them by id, at least one, in the order in which they came
 */
public record Wearers(SequencedMap<String, Wearer> kept) {

  /** The id of the first of all. */
  public static final String FIRST = "w1";

  /** The most people that are kept. */
  public static final int MOST = 24;

  /**
   * Checks the count.
   *
   * @throws IllegalArgumentException if there is nobody, or too many
   */
  public Wearers {
    kept = Collections.unmodifiableSequencedMap(new LinkedHashMap<>(kept));
    if (kept.isEmpty() || kept.size() > MOST) {
      throw new IllegalArgumentException(
          "Between 1 and " + MOST + " wearers are kept; found " + kept.size());
    }
  }

  /** One person alone. */
  public static Wearers of(Wearer wearer) {
    return new Wearers(new LinkedHashMap<>(Map.of(FIRST, wearer)));
  }

  /**
   * A person who is kept.
   *
   * @throws IllegalArgumentException if nobody has that id
   */
  public Wearer get(String id) {
    Wearer wearer = kept.get(id);
    if (wearer == null) {
      throw new IllegalArgumentException("There is no wearer '" + id + "'");
    }
    return wearer;
  }

  /** The same people, with one changed or added. */
  public Wearers with(String id, Wearer changed) {
    SequencedMap<String, Wearer> all = new LinkedHashMap<>(kept);
    all.put(id, changed);
    return new Wearers(all);
  }

  /** The same people without one. */
  public Wearers without(String id) {
    if (kept.size() == 1) {
      throw new IllegalArgumentException("The last wearer stays: somebody carries the prop");
    }
    SequencedMap<String, Wearer> all = new LinkedHashMap<>(kept);
    all.remove(id);
    return new Wearers(all);
  }
}
