package stoutblade.feature;

import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import stoutblade.measure.Quantity;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.sum.Entry;

/**
 * Something that is cut into a plate, worked into its edge, drawn on it or laid on it.
 *
 * @param id unique among the features of a plate: f and a number
 * @param kind what it is
 * @param sizes its sizes by the keys of the kind's entries, in mm; the others are as usual
 * @param words what is written, for lettering; empty for anything else
 * @param where its places
 * @param outline what is cut out, in mm about its place; empty for all but a cut-out
 * @param without which of its repeats are left out, counted from 1
 * @param between the id of the feature between whose repeats it stands, and goes on standing; empty
 *     where it has places of its own
 */
public record Feature(
    String id,
    Kind kind,
    Map<String, Double> sizes,
    String words,
    Where where,
    Optional<WholeOutline> outline,
    Set<Integer> without,
    String between) {

  /** The most features of one plate. */
  public static final int MOST = 200;

  private static final int LONGEST_WORDS = 80;
  private static final int MOST_REPEATS = 6000;

  /** Where features of a kind can be. */
  public enum Reach {
    /** At places, in a ring, in a row or along an edge. */
    ANYWHERE,
    /** Along an edge only. */
    EDGE,
    /** Between two places only. */
    LINE
  }

  /** Layers that something is cut into. */
  public enum Into {
    ALL,
    INNER,
    FRONT,
    BACK;

    /** Its number among the choices. */
    public double number() {
      return List.of(values()).indexOf(this);
    }

    /**
     * True where a layer is among them.
     *
     * @param index counted from 0 at the back
     * @param count how many layers there are
     */
    public boolean holds(int index, int count) {
      return switch (this) {
        case ALL -> true;
        case INNER -> count == 1 || (index > 0 && index < count - 1);
        case FRONT -> index == count - 1;
        case BACK -> index == 0;
      };
    }
  }

  /** Kinds of features, with what is asked for each. */
  public enum Kind {
    HOLE("Hole", "hole", Reach.ANYWHERE),
    SLOT("Slot", "slot", Reach.ANYWHERE),
    WINDOW("Window", "window", Reach.ANYWHERE),
    CUTOUT("Cut-out", "cut-out", Reach.ANYWHERE),
    TEETH("Teeth", "row of teeth", Reach.EDGE),
    NOTCH("Notches", "notches", Reach.EDGE),
    DAMAGE("Damage", "damage", Reach.EDGE),
    BEVEL("Bevel", "bevel", Reach.EDGE),
    FULLER("Fuller", "fuller", Reach.LINE),
    LINE("Engraved line", "engraved line", Reach.LINE),
    SCORES("Score lines", "score lines", Reach.LINE),
    RIVET("Rivets", "rivets", Reach.ANYWHERE),
    LETTERS("Lettering", "lettering", Reach.ANYWHERE),
    ORNAMENT("Ornament", "ornament", Reach.ANYWHERE),
    RECESS("Recess", "recess", Reach.ANYWHERE),
    FIXING("Fixings", "fixings", Reach.ANYWHERE),
    LIGHTENING("Lightening", "field of lightening holes", Reach.ANYWHERE);

    private final String title;
    private final String plain;
    private final Reach reach;

    Kind(String title, String plain, Reach reach) {
      this.title = title;
      this.plain = plain;
      this.reach = reach;
    }

    /** Its name on the screen. */
    public String title() {
      return title;
    }

    /** Its name inside a sentence. */
    public String plain() {
      return plain;
    }

    public Reach reach() {
      return reach;
    }

    /** What is asked for. */
    public List<Entry> entries() {
      return FeatureSizes.of(this);
    }

    Entry entry(String key) {
      return entries().stream().filter(it -> it.key().equals(key)).findFirst().orElseThrow();
    }
  }

  /**
   * Checks the sizes, the words and the place.
   *
   * @throws IllegalArgumentException if one is out of range or not asked for, with what it is
   */
  public Feature {
    sizes = Collections.unmodifiableMap(new TreeMap<>(sizes));
    without = Collections.unmodifiableSet(new TreeSet<>(without));
    if (!id.matches("f[1-9][0-9]{0,3}")) {
      throw new IllegalArgumentException("A feature's id is f and a number; found '" + id + "'");
    }
    Set<String> unknown = new HashSet<>(sizes.keySet());
    unknown.removeAll(kind.entries().stream().map(Entry::key).toList());
    if (!unknown.isEmpty()) {
      throw new IllegalArgumentException(
          "A " + kind.plain() + " has no size '" + unknown.iterator().next() + "'");
    }
    sizes.forEach((key, value) -> check(kind, kind.entry(key), value));
    if (words.length() > LONGEST_WORDS || (kind == Kind.LETTERS && words.isBlank())) {
      throw new IllegalArgumentException(
          "Lettering has 1 to " + LONGEST_WORDS + " letters; found '" + words + "'");
    }
    if (outline.isPresent() != (kind == Kind.CUTOUT)) {
      throw new IllegalArgumentException(
          "A cut-out, and nothing else, has an outline of its own; found "
              + (outline.isPresent() ? "one of a " + kind.plain() : "none"));
    }
    if (without.stream().anyMatch(it -> it < 1 || it > MOST_REPEATS)) {
      throw new IllegalArgumentException(
          "What is left out is counted from 1; found "
              + without.stream().map(String::valueOf).collect(Collectors.joining(", ")));
    }
    boolean fits =
        switch (kind.reach()) {
          case EDGE -> where instanceof Where.Along;
          case LINE -> where instanceof Where.Row;
          case ANYWHERE -> true;
        };
    if (!fits) {
      throw new IllegalArgumentException(
          kind.title()
              + (kind.reach() == Reach.EDGE
                  ? ": along an edge only"
                  : ": from one place to another only"));
    }
  }

  /** One that has no outline of its own. */
  public Feature(String id, Kind kind, Map<String, Double> sizes, String words, Where where) {
    this(id, kind, sizes, words, where, Optional.empty());
  }

  /** One of whose repeats none is left out. */
  public Feature(
      String id,
      Kind kind,
      Map<String, Double> sizes,
      String words,
      Where where,
      Optional<WholeOutline> outline) {
    this(id, kind, sizes, words, where, outline, Set.of(), "");
  }

  /**
   * An opening along any outline.
   *
   * @param outline about its place, in mm
   */
  public static Feature cutOut(String id, WholeOutline outline, Where where) {
    return new Feature(id, Kind.CUTOUT, Map.of(), "", where, Optional.of(outline));
  }

  /**
   * Features that are worked into one sheet, copied.
   *
   * @throws IllegalArgumentException if there are too many, or two have one id
   */
  public static List<Feature> checked(List<Feature> features) {
    if (features.size() > MOST
        || features.stream().map(Feature::id).distinct().count() < features.size()) {
      throw new IllegalArgumentException(
          "A plate has at most " + MOST + " features, each with an id of its own");
    }
    long repeats =
        features.stream()
            .mapToLong(it -> (long) it.where().count() * Math.max(1, it.words().length()))
            .sum();
    if (repeats > MOST_REPEATS) {
      throw new IllegalArgumentException(
          "What is worked into a plate is repeated at most "
              + MOST_REPEATS
              + " times in all, each letter counted; found "
              + repeats);
    }
    return features.stream().map(it -> it.standing(features, new HashSet<>())).toList();
  }

  /** It where it stands now, if that is between the repeats of another one. */
  private Feature standing(List<Feature> all, Set<String> passed) {
    Optional<Feature> other = all.stream().filter(it -> it.id.equals(between)).findFirst();
    if (other.isEmpty()) {
      return between.isEmpty() ? this : among("");
    }
    if (!passed.add(id)) {
      throw new IllegalArgumentException(
          "A " + kind.plain() + " cannot stand between what stands between it");
    }
    Where now = other.get().standing(all, passed).where().between(where);
    return now.equals(where) ? this : at(now);
  }

  /** The same that stands between the repeats of another one; empty for places of its own. */
  public Feature among(String otherId) {
    return new Feature(id, kind, sizes, words, where, outline, without, otherId);
  }

  private static void check(Kind kind, Entry entry, double value) {
    boolean whole = entry.quantity() != Quantity.COUNT || value == Math.rint(value);
    if (!(value >= entry.least() && value <= entry.most()) || !whole) {
      throw new IllegalArgumentException(
          kind.title()
              + ", "
              + entry.label()
              + ": from "
              + entry.least()
              + " to "
              + entry.most()
              + (whole ? "" : ", whole")
              + "; found "
              + value);
    }
  }

  /** A size, in mm; or the number of a choice. */
  public double size(String key) {
    return sizes.getOrDefault(key, kind.entry(key).usual());
  }

  /** Which layers of what carries it are cut by it. */
  public Into into() {
    boolean said = kind.entries().stream().anyMatch(it -> it.key().equals("in"));
    return said ? Into.values()[(int) size("in")] : Into.ALL;
  }

  /** True where the choice of an entry is the one with a number. */
  boolean is(String key, int chosen) {
    return (int) size(key) == chosen;
  }

  /** The same with one size changed. */
  public Feature with(String key, double value) {
    Map<String, Double> changed = new TreeMap<>(sizes);
    changed.put(key, value);
    return new Feature(id, kind, changed, words, where, outline, without, between);
  }

  public Feature at(Where changed) {
    return new Feature(id, kind, sizes, words, changed, outline, without, between);
  }

  /** The same under another id. */
  public Feature again(String next) {
    return new Feature(next, kind, sizes, words, where, outline, without, between);
  }

  /** The same with other repeats left out, counted from 1. */
  public Feature leavingOut(Set<Integer> changed) {
    return new Feature(id, kind, sizes, words, where, outline, changed, between);
  }

  /**
   * The same cut-out along another outline.
   *
   * @param changed about its place, in mm
   */
  public Feature along(WholeOutline changed) {
    return new Feature(id, kind, sizes, words, where, Optional.of(changed), without, between);
  }

  /** Where its outline is cut first, in the frame of what carries it; empty for none. */
  public Optional<WholeOutline> cutFirst(Outline carrier) {
    return outline.flatMap(
        it -> where.spots(carrier).stream().findFirst().map(spot -> moved(it, spot::place)));
  }

  /** The same cut-out whose first outline lies as it is given, in the frame of what carries it. */
  public Feature cutAs(Outline carrier, Outline placed) {
    Spot spot = where.spots(carrier).getFirst();
    return along(moved(placed, spot::own));
  }

  private static WholeOutline moved(Outline it, UnaryOperator<Point> to) {
    return new WholeOutline(
        it.nodes().stream().map(node -> node.movedTo(to.apply(node.at()))).toList());
  }

  /** Its places on what carries it, without those that are left out. */
  public List<Spot> spots(Outline carrier) {
    return where.spots(carrier, without);
  }

  public Feature saying(String changed) {
    return new Feature(id, kind, sizes, changed, where, outline, without, between);
  }

  /**
   * The same made larger or smaller; sizes that were left as usual become sizes of their own. What
   * is bought stays as it is.
   */
  public Feature times(double factor) {
    Map<String, Double> larger = new TreeMap<>(sizes);
    for (Entry entry : kind.entries()) {
      boolean depth = entry.key().equals("deep") && kind.reach() == Reach.LINE;
      boolean bought = kind == Kind.FIXING;
      if (entry.quantity() == Quantity.LENGTH && !depth && !bought && !entry.key().equals("edge")) {
        larger.put(entry.key(), size(entry.key()) * factor);
      }
    }
    return new Feature(
        id,
        kind,
        larger,
        words,
        where.times(factor),
        outline.map(it -> it.times(factor)),
        without,
        between);
  }
}
