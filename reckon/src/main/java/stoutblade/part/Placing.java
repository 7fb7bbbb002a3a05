package stoutblade.part;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;

/**
 * Where a part is on the prop, and how it shows.
 *
 * @param on the id of the part that it is fixed to, whose frame its places are in; empty for the
 *     prop itself, whose frame is the blade's
 * @param where its places, one or more
 * @param facing true where it is seen along its axis, as the face of a shield; false from its side
 * @param shows which of its faces are seen
 * @param textured which of its faces has the sheet's texture
 * @param copies how many are made for each place
 * @param mirrored how many of those are cut mirrored
 * @param between the id of the part between whose repeats it stands, and goes on standing; empty
 *     where it has places of its own
 * @param without which of its places are left free, counted from 1
 */
public record Placing(
    String on,
    Where where,
    boolean facing,
    Faces shows,
    Faces textured,
    int copies,
    int mirrored,
    String between,
    Set<Integer> without) {

  private static final int MOST_COPIES = 200;

  /** Faces of a part. */
  public enum Faces {
    NONE("neither"),
    FRONT("front"),
    BACK("back"),
    BOTH("both");

    private final String words;

    Faces(String words) {
      this.words = words;
    }

    /** The word on the screen. */
    public String words() {
      return words;
    }

    /** True where the front is among them. */
    public boolean front() {
      return this == FRONT || this == BOTH;
    }
  }

  /** At the prop's origin, seen from the side, once. */
  public static final Placing USUAL =
      new Placing("", Where.At.of(0, 0), false, Faces.FRONT, Faces.NONE, 1, 0, "", Set.of());

  /**
   * Checks the numbers.
   *
   * @throws IllegalArgumentException if fewer than one is made, or more are mirrored than made
   */
  public Placing {
    if (copies < 1 || copies > MOST_COPIES) {
      throw new IllegalArgumentException(
          "Of a part 1 to " + MOST_COPIES + " are made; found " + copies);
    }
    if (mirrored < 0 || mirrored > copies) {
      throw new IllegalArgumentException(
          "Of " + copies + " made, none to all are mirrored; found " + mirrored);
    }
    without = Collections.unmodifiableSet(new TreeSet<>(without));
    if (without.stream().anyMatch(it -> it < 1 || it > Where.MOST)) {
      throw new IllegalArgumentException(
          "What is left out is counted from 1 to " + Where.MOST + "; found " + without);
    }
    if (textured == Faces.BOTH) {
      throw new IllegalArgumentException("A sheet is textured on one face at most");
    }
  }

  public Placing on(String changed) {
    return new Placing(changed, where, facing, shows, textured, copies, mirrored, between, without);
  }

  /** Fixed to nothing: along the edge of what carried it there is no place any more. */
  public Placing freed() {
    Placing own = on("");
    return own.where() instanceof Where.Along ? own.at(Where.At.of(0, 0)) : own;
  }

  public Placing at(Where changed) {
    return new Placing(on, changed, facing, shows, textured, copies, mirrored, between, without);
  }

  public Placing facing(boolean changed) {
    return new Placing(on, where, changed, shows, textured, copies, mirrored, between, without);
  }

  public Placing showing(Faces changed) {
    return new Placing(on, where, facing, changed, textured, copies, mirrored, between, without);
  }

  public Placing textured(Faces changed) {
    return new Placing(on, where, facing, shows, changed, copies, mirrored, between, without);
  }

  /** The same with other numbers; no more are mirrored than made. */
  public Placing made(int copiesNow, int mirroredNow) {
    return new Placing(
        on,
        where,
        facing,
        shows,
        textured,
        copiesNow,
        Math.min(mirroredNow, copiesNow),
        between,
        without);
  }

  /**
   * The same that stands between the repeats of another part, on what that is on.
   *
   * @param other the placing of that part
   * @throws IllegalArgumentException if there is nothing between
   */
  public Placing among(String otherId, Placing other) {
    return new Placing(
        other.on(),
        other.where().between(where),
        facing,
        shows,
        textured,
        copies,
        mirrored,
        otherId,
        without);
  }

  /** The same that is to stand between the repeats of another part. */
  public Placing betweenThose(String otherId) {
    return new Placing(on, where, facing, shows, textured, copies, mirrored, otherId, without);
  }

  /** The same with other places left free, counted from 1. */
  public Placing leavingOut(Set<Integer> changed) {
    return new Placing(on, where, facing, shows, textured, copies, mirrored, between, changed);
  }

  /** Its places on what carries it, without those that are left free. */
  public List<Spot> spots(Outline carrier) {
    return where.spots(carrier, without);
  }

  /** The same with places of its own again. */
  public Placing alone() {
    return new Placing(on, where, facing, shows, textured, copies, mirrored, "", without);
  }

  /** The same moved in the frame that it is in. */
  public Placing moved(Point by) {
    return at(where.moved(by));
  }

  /** The same with its places further apart by a factor. */
  public Placing times(double factor) {
    return at(where.times(factor));
  }
}
