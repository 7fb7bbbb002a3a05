package stoutblade.reference;

import java.util.List;
import java.util.Optional;
import stoutblade.measure.Stated;
import stoutblade.shape.Homography;
import stoutblade.shape.Point;
import stoutblade.wearer.Segment;

/**
 * Something on a picture that tells its scale.
 *
 * @param id unique on its picture, such as {@code r1}
 * @param name what it is, in the user's words
 * @param by how it tells the scale
 * @param behind how far behind the prop it stands, as seen from the lens, in mm; negative in front
 * @param trusted false where it is set aside: it is compared, but weighs nothing
 */
public record Ruler(String id, String name, By by, Stated behind, boolean trusted) {

  /** The most letters of a name. */
  static final int LONGEST_NAME = 60;

  /**
   * Checks id and name.
   *
   * @throws IllegalArgumentException if one is malformed
   */
  public Ruler {
    if (!id.matches("r[1-9][0-9]{0,3}")) {
      throw new IllegalArgumentException("A ruler's id is r and a number; found '" + id + "'");
    }
    if (name.isBlank() || name.length() > LONGEST_NAME) {
      throw new IllegalArgumentException(
          "A ruler has a name of 1 to " + LONGEST_NAME + " letters; found '" + name + "'");
    }
    if (Math.abs(behind.value()) > 100_000) {
      throw new IllegalArgumentException("A ruler stands within 100 m of the prop");
    }
  }

  /** A ruler at the distance of the prop, trusted. */
  public static Ruler of(String id, String name, By by) {
    return new Ruler(id, name, by, Stated.exactly(0), true);
  }

  public Ruler withName(String changed) {
    return new Ruler(id, changed, by, behind, trusted);
  }

  public Ruler with(By changed) {
    return new Ruler(id, name, changed, behind, trusted);
  }

  public Ruler withBehind(Stated mm) {
    return new Ruler(id, name, by, mm, trusted);
  }

  public Ruler withTrust(boolean changed) {
    return new Ruler(id, name, by, behind, changed);
  }

  /** How a ruler tells the scale. */
  public sealed interface By {

    /** Its places on the picture, in pixels from the top left corner, y downwards. */
    List<Point> points();

    /** The same with other places. */
    By at(List<Point> points);
  }

  /**
   * A thing of known length between two places.
   *
   * @param length in mm
   * @param thing the catalogue's id of the thing; empty where the length was typed
   */
  public record KnownLength(Stated length, Optional<String> thing, Mark mark) implements By {

    /** Checks the length. */
    public KnownLength {
      checkLength("A known length", length);
      checkApart(List.of(mark.from(), mark.to()));
    }

    @Override
    public List<Point> points() {
      return List.of(mark.from(), mark.to());
    }

    @Override
    public By at(List<Point> points) {
      return new KnownLength(length, thing, new Mark(points.get(0), points.get(1)));
    }
  }

  /**
   * The figure from the top of the head through the body to the heel; bent where the pose is.
   *
   * @param line two places or more
   */
  public record FigureHeight(List<Point> line) implements By {

    /** Checks the number of places. */
    public FigureHeight {
      line = List.copyOf(line);
      if (line.size() < 2 || line.size() > 24) {
        throw new IllegalArgumentException(
            "A figure's height is marked by 2 to 24 places; found " + line.size());
      }
      checkApart(line);
    }

    @Override
    public List<Point> points() {
      return line;
    }

    @Override
    public By at(List<Point> points) {
      return new FigureHeight(points);
    }
  }

  /**
   * One piece of the body, where only a part of the figure shows.
   *
   * @param segment which piece
   */
  public record BodySegment(Segment segment, Mark mark) implements By {

    /** Checks the places. */
    public BodySegment {
      checkApart(List.of(mark.from(), mark.to()));
    }

    @Override
    public List<Point> points() {
      return List.of(mark.from(), mark.to());
    }

    @Override
    public By at(List<Point> points) {
      return new BodySegment(segment, new Mark(points.get(0), points.get(1)));
    }
  }

  /**
   * A print with a ratio: so much on the prop for so much on paper.
   *
   * @param ratio the length on the prop over the length on paper
   * @param paper a length measured on paper, in mm
   * @param mark the same length on the picture
   */
  public record PrintRatio(double ratio, Stated paper, Mark mark) implements By {

    /** Checks ratio and length. */
    public PrintRatio {
      if (!(ratio > 1e-4 && ratio < 1e4)) {
        throw new IllegalArgumentException(
            "A print's ratio lies between 1 to 10 000 and 10 000 to 1; found " + ratio);
      }
      checkLength("A length on paper", paper);
      checkApart(List.of(mark.from(), mark.to()));
    }

    @Override
    public List<Point> points() {
      return List.of(mark.from(), mark.to());
    }

    @Override
    public By at(List<Point> points) {
      return new PrintRatio(ratio, paper, new Mark(points.get(0), points.get(1)));
    }
  }

  /**
   * A rectangle of known size seen at an angle.
   *
   * @param width from the first corner to the second, in mm
   * @param height from the second corner to the third, in mm
   * @param corners the four corners in order round it
   */
  public record SeenRectangle(Stated width, Stated height, List<Point> corners) implements By {

    /** Checks sizes and corners. */
    public SeenRectangle {
      corners = List.copyOf(corners);
      checkLength("A rectangle's width", width);
      checkLength("A rectangle's height", height);
      if (corners.size() != 4) {
        throw new IllegalArgumentException("A rectangle has four corners; found " + corners.size());
      }
      checkApart(corners);
      checkConvex(corners);
      // Corners that no camera can see as a rectangle are refused here, not when it is reckoned.
      Homography.taking(corners, flat(width.value(), height.value()));
    }

    @Override
    public List<Point> points() {
      return corners;
    }

    @Override
    public By at(List<Point> points) {
      return new SeenRectangle(width, height, points);
    }

    /** The corners of the rectangle itself, in mm, y downwards as on the picture. */
    List<Point> flat() {
      return flat(width.value(), height.value());
    }

    static List<Point> flat(double width, double height) {
      return List.of(
          new Point(0, 0), new Point(width, 0), new Point(width, height), new Point(0, height));
    }
  }

  private static void checkLength(String what, Stated length) {
    if (!(length.value() >= 0.5 && length.value() <= 1_000_000)) {
      throw new IllegalArgumentException(
          what + " lies between 0.5 mm and 1 km; found " + length.value() + " mm");
    }
  }

  private static void checkApart(List<Point> places) {
    for (int i = 1; i < places.size(); i++) {
      if (places.get(i).distance(places.get(i - 1)) < Mark.LEAST_PX) {
        throw new IllegalArgumentException(
            "The places of a mark lie at least 2 pixels apart; found "
                + places.get(i - 1)
                + " and "
                + places.get(i));
      }
    }
  }

  private static void checkConvex(List<Point> corners) {
    double turns = 0;
    for (int i = 0; i < 4; i++) {
      Point a = corners.get((i + 1) % 4).minus(corners.get(i));
      Point b = corners.get((i + 2) % 4).minus(corners.get((i + 1) % 4));
      turns += Math.signum(a.x() * b.y() - a.y() * b.x());
    }
    if (Math.abs(turns) < 4) {
      throw new IllegalArgumentException(
          "The corners go round the rectangle one after another, without a crossing");
    }
  }
}
