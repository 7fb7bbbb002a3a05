package stoutblade.stack;

import java.util.List;
import java.util.stream.Stream;

/**
 * How a layer that is larger than its sheet is cut apart, as decided.
 *
 * @param joint how its pieces meet
 * @param placed true where the places are decided, false where they are proposed
 * @param across places across at which it is cut, in mm; none where they are proposed
 * @param along places along at which it is cut
 */
public record Splits(Joint joint, boolean placed, List<Double> across, List<Double> along) {

  /** Edge to edge, where it shows the least. */
  public static final Splits PROPOSED = new Splits(Joint.BUTT, false, List.of(), List.of());

  private static final int MOST = 100;
  private static final double FURTHEST_MM = 1e5;

  /** How two pieces meet. */
  public enum Joint {
    BUTT("Edge to edge", "glued edge to edge"),
    SCARF("Bevelled", "bevelled at 45° over one another"),
    FINGER("Fingers", "fingers into one another");

    private final String title;
    private final String words;

    Joint(String title, String words) {
      this.title = title;
      this.words = words;
    }

    /** What it is called. */
    public String title() {
      return title;
    }

    /** How pieces are put together by it. */
    public String words() {
      return words;
    }
  }

  /**
   * Copies the places, in order.
   *
   * @throws IllegalArgumentException if there are too many, or one lies nowhere
   */
  public Splits {
    across = across.stream().sorted().distinct().toList();
    along = along.stream().sorted().distinct().toList();
    if (across.size() + along.size() > MOST) {
      throw new IllegalArgumentException(
          "A layer is cut apart at up to %d places; found %d"
              .formatted(MOST, across.size() + along.size()));
    }
    Stream.concat(across.stream(), along.stream())
        .filter(it -> !(Math.abs(it) <= FURTHEST_MM))
        .findFirst()
        .ifPresent(
            it -> {
              throw new IllegalArgumentException(
                  "A layer is cut apart within 100 m; found " + it + " mm");
            });
  }

  /** The same places with pieces that meet another way. */
  public Splits with(Joint changed) {
    return new Splits(changed, placed, across, along);
  }

  /** Cut at these places, whatever would be proposed. */
  public Splits at(List<Double> wide, List<Double> high) {
    return new Splits(joint, true, wide, high);
  }

  /** Cut where it is proposed. */
  public Splits asProposed() {
    return new Splits(joint, false, List.of(), List.of());
  }

  /** The same for what is made larger or smaller by a factor. */
  public Splits times(double factor) {
    return new Splits(
        joint,
        placed,
        across.stream().map(it -> it * factor).toList(),
        along.stream().map(it -> it * factor).toList());
  }
}
