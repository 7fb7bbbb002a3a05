package stoutblade.fit;

import java.util.List;
import java.util.Optional;

/**
 * How the prop is carried; lengths in mm at the size in which it is made.
 *
 * @param kind by a handle, on the arm or as a large piece
 * @param rest how it is held between its uses
 * @param hands how many hands hold it at once
 * @param gripAtMm the middle of the grip, from the butt; empty where it was not said
 * @param gripLengthMm the length of handle that hands may hold; empty where it was not said
 * @param gripDiameterMm the thickness of the handle; empty where it was not said
 * @param strapSpanMm from the strap at the elbow to the one at the hand; empty where there is none
 * @param apartAtMm where it comes apart for the way, from the butt; empty where it does not
 * @param thicknessMm how thick it lies; empty where it was not said
 */
public record Carry(
    Kind kind,
    Pose rest,
    int hands,
    Optional<Double> gripAtMm,
    Optional<Double> gripLengthMm,
    Optional<Double> gripDiameterMm,
    Optional<Double> strapSpanMm,
    Optional<Double> apartAtMm,
    Optional<Double> thicknessMm) {

  /** Nothing said yet. */
  public static final Carry UNSAID =
      new Carry(
          Kind.HANDLE,
          Pose.UPRIGHT,
          1,
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty());

  private static final double LONGEST_MM = 20_000;

  /** How a prop is carried. */
  public enum Kind {
    HANDLE("By a handle"),
    ARM("On the arm"),
    LARGE("A large piece");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    /** What it is called. */
    public String words() {
      return words;
    }
  }

  /**
   * Checks hands and lengths.
   *
   * @throws IllegalArgumentException if one is out of range
   */
  public Carry {
    if (hands < 1 || hands > 2) {
      throw new IllegalArgumentException("One hand or two; found " + hands);
    }
    for (Optional<Double> length :
        List.of(gripAtMm, gripLengthMm, gripDiameterMm, strapSpanMm, apartAtMm, thicknessMm)) {
      length.ifPresent(
          mm -> {
            if (!(mm > 0 && mm <= LONGEST_MM)) {
              throw new IllegalArgumentException(
                  "A length of the handle or the straps lies between 0 and 20 m; found "
                      + mm
                      + " mm");
            }
          });
    }
  }

  public Carry withKind(Kind changed) {
    return new Carry(
        changed,
        rest,
        hands,
        gripAtMm,
        gripLengthMm,
        gripDiameterMm,
        strapSpanMm,
        apartAtMm,
        thicknessMm);
  }

  public Carry withRest(Pose changed) {
    return new Carry(
        kind,
        changed,
        hands,
        gripAtMm,
        gripLengthMm,
        gripDiameterMm,
        strapSpanMm,
        apartAtMm,
        thicknessMm);
  }

  public Carry withHands(int changed) {
    return new Carry(
        kind,
        rest,
        changed,
        gripAtMm,
        gripLengthMm,
        gripDiameterMm,
        strapSpanMm,
        apartAtMm,
        thicknessMm);
  }

  /** One of the lengths that can be said. */
  public enum Length {
    GRIP_AT("Grip's middle from the butt"),
    GRIP_LENGTH("Handle to hold"),
    GRIP_DIAMETER("Handle's thickness"),
    STRAP_SPAN("Between the straps"),
    APART_AT("Comes apart at"),
    THICKNESS("Lies thick");

    private final String words;

    Length(String words) {
      this.words = words;
    }

    /** What it is called. */
    public String words() {
      return words;
    }
  }

  /** The value of a length, where it was said. */
  public Optional<Double> get(Length length) {
    return switch (length) {
      case GRIP_AT -> gripAtMm;
      case GRIP_LENGTH -> gripLengthMm;
      case GRIP_DIAMETER -> gripDiameterMm;
      case STRAP_SPAN -> strapSpanMm;
      case APART_AT -> apartAtMm;
      case THICKNESS -> thicknessMm;
    };
  }

  /** The same with a length said or taken back. */
  public Carry with(Length length, Optional<Double> mm) {
    return new Carry(
        kind,
        rest,
        hands,
        length == Length.GRIP_AT ? mm : gripAtMm,
        length == Length.GRIP_LENGTH ? mm : gripLengthMm,
        length == Length.GRIP_DIAMETER ? mm : gripDiameterMm,
        length == Length.STRAP_SPAN ? mm : strapSpanMm,
        length == Length.APART_AT ? mm : apartAtMm,
        length == Length.THICKNESS ? mm : thicknessMm);
  }

  /** The same prop enlarged. */
  public Carry times(double factor) {
    return new Carry(
        kind,
        rest,
        hands,
        gripAtMm.map(it -> it * factor),
        gripLengthMm.map(it -> it * factor),
        gripDiameterMm.map(it -> it * factor),
        strapSpanMm.map(it -> it * factor),
        apartAtMm.map(it -> it * factor),
        thicknessMm.map(it -> it * factor));
  }
}
