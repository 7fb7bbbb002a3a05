package stoutblade.part;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.shape.Box;
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
 * @param next the part that it stands next to; empty where it does not
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
    Set<Integer> without,
    Optional<Next> next) {

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
      new Placing(
          "",
          Where.At.of(0, 0),
          false,
          Faces.FRONT,
          Faces.NONE,
          1,
          0,
          "",
          Set.of(),
          Optional.empty());

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
    if (next.isPresent() && !between.isEmpty()) {
      throw new IllegalArgumentException(
          "A part stands between the repeats of another, or next to one; not both");
    }
    if (textured == Faces.BOTH) {
      throw new IllegalArgumentException("A sheet is textured on one face at most");
    }
  }

  public Placing on(String changed) {
    return new Placing(
        changed, where, facing, shows, textured, copies, mirrored, between, without, next);
  }

  /** Fixed to nothing: along the edge of what carried it there is no place any more. */
  public Placing freed() {
    Placing own = on("");
    return own.where() instanceof Where.Along ? own.at(Where.At.of(0, 0)) : own;
  }

  public Placing at(Where changed) {
    return new Placing(
        on, changed, facing, shows, textured, copies, mirrored, between, without, next);
  }

  public Placing facing(boolean changed) {
    return new Placing(
        on, where, changed, shows, textured, copies, mirrored, between, without, next);
  }

  public Placing showing(Faces changed) {
    return new Placing(
        on, where, facing, changed, textured, copies, mirrored, between, without, next);
  }

  public Placing textured(Faces changed) {
    return new Placing(on, where, facing, shows, changed, copies, mirrored, between, without, next);
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
        without,
        next);
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
        without,
        Optional.empty());
  }

  /** The same that is to stand between the repeats of another part. */
  public Placing betweenThose(String otherId) {
    return new Placing(
        on, where, facing, shows, textured, copies, mirrored, otherId, without, Optional.empty());
  }

  /** The same with other places left free, counted from 1. */
  public Placing leavingOut(Set<Integer> changed) {
    return new Placing(
        on, where, facing, shows, textured, copies, mirrored, between, changed, next);
  }

  /** Its places on what carries it, without those that are left free. */
  public List<Spot> spots(Outline carrier) {
    return where.spots(carrier, without);
  }

  /** The same with places of its own again. */
  public Placing alone() {
    return new Placing(
        on, where, facing, shows, textured, copies, mirrored, "", without, Optional.empty());
  }

  /** The same that is to stand next to another part. */
  public Placing nextTo(Next other) {
    return new Placing(
        on, where, facing, shows, textured, copies, mirrored, "", without, Optional.of(other));
  }

  /**
   * The same where it stands next to another part, middle over middle.
   *
   * @param own what is seen of it, in its own frame
   * @param other what is seen of the other one, in the frame that its own places are to be in
   * @param carrier the id of the part whose frame that is; empty for the prop
   * @throws IllegalArgumentException if it stands next to nothing
   */
  public Placing standing(List<Point> own, Box other, String carrier) {
    Next how = next.orElseThrow(() -> new IllegalArgumentException("It stands next to nothing"));
    double turn = where instanceof Where.At it ? it.spot().turn() : 0;
    Box box = Box.around(own.stream().map(it -> it.turned(turn)).toList());
    double low =
        how.below() ? other.minY() - how.gapMm() - box.height() : other.maxY() + how.gapMm();
    Point at = new Point(other.centre().x() - box.centre().x(), low - box.minY());
    return on(carrier).at(new Where.At(new Spot(at, turn)));
  }

  /** The same moved in the frame that it is in. */
  public Placing moved(Point by) {
    return at(where.moved(by));
  }

  /** The same with its places further apart by a factor. */
  public Placing times(double factor) {
    Placing own = at(where.times(factor));
    return next.map(it -> own.nextTo(it.withGap(it.gapMm() * factor))).orElse(own);
  }
}
