package stoutblade.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import stoutblade.measure.Uncertainty;
import stoutblade.reference.Ruler.SeenRectangle;
import stoutblade.shape.Homography;
import stoutblade.shape.Point;

/**
 * A picture's flattened frame: the picture as it would be if the rectangle marked on it had been
 * seen square on; without one, as if the camera had been held level; and where nothing tells how it
 * was held, the picture as it is.
 *
 * <p>A flat pixel is as large as a pixel of the picture is on average over the rectangle.
 */
public final class Flat {

  /** The picture as it is. */
  public static final Flat NONE =
      new Flat(Homography.IDENTITY, Optional.empty(), Optional.empty(), 1);

  private final Homography map;
  private final Optional<SeenRectangle> rectangle;
  private final Optional<View> view;
  private final double mmPerPixel;

  private Flat(
      Homography map, Optional<SeenRectangle> rectangle, Optional<View> view, double mmPerPixel) {
    this.map = map;
    this.rectangle = rectangle;
    this.view = view;
    this.mmPerPixel = mmPerPixel;
  }

  /**
   * The frame of a picture.
   *
   * @param view how its camera was held
   */
  static Flat of(Reference reference, View view) {
    return reference
        .flattening()
        .map(ruler -> (SeenRectangle) ruler.by())
        .map(Flat::by)
        .orElseGet(() -> new Flat(view.map(), Optional.empty(), Optional.of(view), 1));
  }

  private static Flat by(SeenRectangle rectangle) {
    double mmPerPixel =
        Math.sqrt(
            rectangle.width().value() * rectangle.height().value() / area(rectangle.corners()));
    return new Flat(
        map(rectangle, mmPerPixel), Optional.of(rectangle), Optional.empty(), mmPerPixel);
  }

  private static Homography map(SeenRectangle rectangle, double mmPerPixel) {
    Homography toMm = Homography.taking(rectangle.corners(), rectangle.flat());
    // It keeps the middle of the rectangle where it is on the picture.
    Point middle = toMm.apply(middle(rectangle.corners())).times(1 / mmPerPixel);
    return Homography.similar(1 / mmPerPixel, 0, middle(rectangle.corners()).minus(middle))
        .after(toMm);
  }

  private static Point middle(List<Point> corners) {
    return corners
        .get(0)
        .towards(corners.get(2), 0.5)
        .towards(corners.get(1).towards(corners.get(3), 0.5), 0.5);
  }

  private static double area(List<Point> corners) {
    double twice = 0;
    for (int i = 0; i < corners.size(); i++) {
      Point a = corners.get(i);
      Point b = corners.get((i + 1) % corners.size());
      twice += a.x() * b.y() - b.x() * a.y();
    }
    return Math.abs(twice) / 2;
  }

  /** From pixels of the picture to flat pixels. */
  public Homography map() {
    return map;
  }

  /** True where the flattened picture is another than the picture. */
  public boolean flattened() {
    return !map.isIdentity();
  }

  /** True where a rectangle flattens the picture. */
  boolean byRectangle() {
    return rectangle.isPresent();
  }

  /** How the camera was held, where no rectangle makes that needless. */
  Optional<View> view() {
    return view;
  }

  /** What a flat pixel measures in the plane of the rectangle, in mm. */
  public double mmPerPixel() {
    return mmPerPixel;
  }

  /**
   * The length of a line through places of the picture, in flat pixels.
   *
   * @throws IllegalArgumentException if a place lies beyond the horizon of the rectangle's plane
   */
  public double length(List<Point> px) {
    px.forEach(this::checkBeforeHorizon);
    return length(map, px);
  }

  private void checkBeforeHorizon(Point px) {
    if (rectangle.isPresent()
        && map.depth(px) * map.depth(middle(rectangle.get().corners())) <= 0) {
      throw new IllegalArgumentException(
          "A mark lies beyond the horizon of the rectangle seen at an angle: it cannot lie in its"
              + " plane. Mark the rectangle's corners anew, or set it aside.");
    }
    if (view.isPresent() && map.depth(px) * map.depth(view.get().centre()) <= 0) {
      throw new IllegalArgumentException(
          "With the camera tipped as far as its height and horizon say, no upright thing is seen at"
              + " a mark. Mark the horizon anew, or say another height.");
    }
  }

  private static double length(Homography map, List<Point> px) {
    double sum = 0;
    for (int i = 1; i < px.size(); i++) {
      sum += map.apply(px.get(i - 1)).distance(map.apply(px.get(i)));
    }
    return sum;
  }

  /**
   * How unsure a value is that is computed from places on the picture: each coordinate of each
   * place is unsure by the marking precision.
   *
   * @param markingPx one standard deviation, in pixels
   * @return one standard deviation, in the value's unit
   */
  public static double markingStd(
      List<Point> px, double markingPx, ToDoubleFunction<List<Point>> value) {
    double step = markingPx * 1e-2;
    double squares = 0;
    for (int i = 0; i < px.size(); i++) {
      for (boolean across : new boolean[] {true, false}) {
        double more = value.applyAsDouble(shifted(px, i, across, step));
        double less = value.applyAsDouble(shifted(px, i, across, -step));
        squares += Math.pow((more - less) / (2 * step) * markingPx, 2);
      }
    }
    return Math.sqrt(squares);
  }

  private static List<Point> shifted(List<Point> px, int index, boolean across, double by) {
    List<Point> changed = new ArrayList<>(px);
    changed.set(index, px.get(index).plus(across ? new Point(by, 0) : new Point(0, by)));
    return changed;
  }

  /**
   * How unsure the flattening makes a value: the rectangle's corners are marked and its sides
   * stated with doubts.
   *
   * @param value from the map into the flattened frame
   * @return one standard deviation, in the value's unit; 0 where nothing is flattened
   */
  public double flatteningStd(double markingPx, ToDoubleFunction<Homography> value) {
    if (rectangle.isEmpty()) {
      return 0;
    }
    SeenRectangle it = rectangle.get();
    double corners =
        markingStd(
            it.corners(),
            markingPx,
            px ->
                value.applyAsDouble(
                    map(new SeenRectangle(it.width(), it.height(), px), mmPerPixel)));
    double width = sideStd(it.width().value(), it.width().std(), value, true);
    double height = sideStd(it.height().value(), it.height().std(), value, false);
    return Math.sqrt(corners * corners + width * width + height * height);
  }

  private double sideStd(
      double side, double std, ToDoubleFunction<Homography> value, boolean width) {
    double step = side * 1e-4;
    return Math.abs(
            value.applyAsDouble(sized(side + step, width))
                - value.applyAsDouble(sized(side - step, width)))
        / (2 * step)
        * std;
  }

  private Homography sized(double side, boolean width) {
    SeenRectangle it = rectangle.orElseThrow();
    return map(
        new SeenRectangle(
            width ? new stoutblade.measure.Stated(side, 0) : it.width(),
            width ? it.height() : new stoutblade.measure.Stated(side, 0),
            it.corners()),
        mmPerPixel);
  }

  /** One standard deviation of a line's length by the flattening alone, in flat pixels. */
  public double flatteningStd(double markingPx, List<Point> px) {
    return flatteningStd(markingPx, changed -> length(changed, px));
  }

  /**
   * How unsure a value is by how the camera was held: causes that all that is read off the picture
   * shares.
   *
   * @param id the common beginning of their names
   * @param value from the map into the flattened frame
   */
  Uncertainty tiltDoubt(String id, ToDoubleFunction<Homography> value) {
    return view.map(it -> it.uncertainty(id, value)).orElse(Uncertainty.NONE);
  }

  /** The same of a line's length, in flat pixels. */
  Uncertainty tiltDoubt(String id, List<Point> px) {
    return tiltDoubt(id, changed -> length(changed, px));
  }

  /** A line as long as the rectangle's diagonals' mean, for where no line is asked for. */
  List<Point> usualLine() {
    List<Point> corners = rectangle.orElseThrow().corners();
    return List.of(
        corners.get(0).towards(corners.get(3), 0.5), corners.get(1).towards(corners.get(2), 0.5));
  }

  /** Two frames by the same map are the same: what was flattened for one serves the other. */
  @Override
  public boolean equals(Object other) {
    return other instanceof Flat it && map.equals(it.map);
  }

  @Override
  public int hashCode() {
    return map.hashCode();
  }
}
