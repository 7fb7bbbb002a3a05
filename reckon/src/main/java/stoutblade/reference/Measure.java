package stoutblade.reference;

import java.util.List;
import stoutblade.shape.Point;

/**
 * Something measured on a picture that stays there.
 *
 * @param id unique on its picture, such as {@code m1}
 * @param name what it is, in the user's words
 * @param kind what is measured
 * @param points the places, in pixels
 */
public record Measure(String id, String name, Kind kind, List<Point> points) {

  /** What can be measured. */
  public enum Kind {
    LENGTH("Length", 2, 2),
    ANGLE("Angle", 3, 3),
    CIRCLE("Circle", 3, 3),
    ARC("Arc", 3, 3),
    AREA("Area", 3, 200),
    COUNT("Count along a line", 2, 200);

    private final String words;
    private final int least;
    private final int most;

    Kind(String words, int least, int most) {
      this.words = words;
      this.least = least;
      this.most = most;
    }

    /** What it is called. */
    public String words() {
      return words;
    }

    /** The least number of places. */
    public int least() {
      return least;
    }

    /** The greatest number of places. */
    public int most() {
      return most;
    }
  }

  /**
   * Checks id, name and number of places.
   *
   * @throws IllegalArgumentException if one is not right
   */
  public Measure {
    points = List.copyOf(points);
    if (!id.matches("m[1-9][0-9]{0,3}")) {
      throw new IllegalArgumentException("A measure's id is m and a number; found '" + id + "'");
    }
    if (name.isBlank() || name.length() > Ruler.LONGEST_NAME) {
      throw new IllegalArgumentException("A measure has a name; found '" + name + "'");
    }
    if (points.size() < kind.least || points.size() > kind.most) {
      throw new IllegalArgumentException(
          kind.words
              + " takes "
              + kind.least
              + (kind.most > kind.least ? " to " + kind.most : "")
              + " places; found "
              + points.size());
    }
    for (int i = 1; i < points.size(); i++) {
      if (points.get(i).distance(points.get(i - 1)) < Mark.LEAST_PX) {
        throw new IllegalArgumentException("The places of a measure lie apart from one another");
      }
    }
  }

  public Measure withName(String changed) {
    return new Measure(id, changed, kind, points);
  }

  public Measure at(List<Point> places) {
    return new Measure(id, name, kind, places);
  }
}
