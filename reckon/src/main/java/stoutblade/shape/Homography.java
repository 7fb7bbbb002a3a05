package stoutblade.shape;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;

/**
 * A projective map of the plane: straight lines stay straight. It is what a camera does to a flat
 * thing, and what undoes it.
 */
public final class Homography {

  /** The map that changes nothing. */
  public static final Homography IDENTITY =
      new Homography(new double[] {1, 0, 0, 0, 1, 0, 0, 0, 1});

  private static final double HARTLEY_DISTANCE = Math.sqrt(2);

  /** A determinant below this, between normalised points, is that of a map onto a line. */
  private static final double FLATTENING = 1e-8;

  /** Row by row, scaled so that the greatest entry is 1 in size. */
  private final double[] h;

  private Homography(double[] h) {
    this.h = h;
  }

  /**
   * The map that takes four or more points nearest to their images: the direct linear transform
   * with normalised coordinates, least squares where there are more than four (Hartley and
   * Zisserman, Multiple View Geometry in Computer Vision, algorithm 4.2; from memory).
   *
   * @throws IllegalArgumentException if there are fewer than four pairs, or three of four lie on a
   *     line
   */
  public static Homography taking(List<Point> from, List<Point> to) {
    if (from.size() < 4 || from.size() != to.size()) {
      throw new IllegalArgumentException(
          "A flat thing seen at an angle takes four pairs of points or more; found "
              + from.size()
              + " and "
              + to.size());
    }
    Homography before = normalising(from);
    Homography after = normalising(to);
    RealMatrix equations = new Array2DRowRealMatrix(Math.max(9, 2 * from.size()), 9);
    for (int i = 0; i < from.size(); i++) {
      Point p = before.apply(from.get(i));
      Point q = after.apply(to.get(i));
      equations.setRow(
          2 * i, new double[] {p.x(), p.y(), 1, 0, 0, 0, -q.x() * p.x(), -q.x() * p.y(), -q.x()});
      equations.setRow(
          2 * i + 1,
          new double[] {0, 0, 0, p.x(), p.y(), 1, -q.y() * p.x(), -q.y() * p.y(), -q.y()});
    }
    SingularValueDecomposition svd = new SingularValueDecomposition(equations);
    Homography middle = scaled(svd.getV().getColumn(8));
    if (Math.abs(new LUDecomposition(middle.matrix(), 0).getDeterminant()) < FLATTENING) {
      throw new IllegalArgumentException(
          "Three of the corners lie on one line: no flat thing looks like that");
    }
    return after.inverse().after(middle).after(before);
  }

  /** Moves the middle of points to the origin and their mean distance from it to √2. */
  private static Homography normalising(List<Point> points) {
    double x = points.stream().mapToDouble(Point::x).average().orElseThrow();
    double y = points.stream().mapToDouble(Point::y).average().orElseThrow();
    Point middle = new Point(x, y);
    double mean = points.stream().mapToDouble(middle::distance).average().orElseThrow();
    if (mean == 0) {
      throw new IllegalArgumentException("The corners lie on one another");
    }
    double s = HARTLEY_DISTANCE / mean;
    return new Homography(new double[] {s, 0, -s * x, 0, s, -s * y, 0, 0, 1});
  }

  /**
   * What a camera tipped down does to an upright plane, undone: what lies in the middle of the
   * picture stays, sideways lengths there keep their size. Places are measured from the picture's
   * middle, y downwards.
   *
   * @param tilt how far the camera is tipped down, in radians
   * @param focalPx its focal length in pixels
   */
  public static Homography levelling(double tilt, double focalPx) {
    return new Homography(
        new double[] {1, 0, 0, 0, 1 / Math.cos(tilt), 0, 0, -Math.tan(tilt) / focalPx, 1});
  }

  /**
   * Enlarges about the origin, turns and moves.
   *
   * @param radians counter-clockwise where y runs upwards
   */
  public static Homography similar(double factor, double radians, Point move) {
    double c = factor * Math.cos(radians);
    double s = factor * Math.sin(radians);
    return new Homography(new double[] {c, -s, move.x(), s, c, move.y(), 0, 0, 1});
  }

  private static Homography scaled(double[] h) {
    double greatest = Arrays.stream(h).map(Math::abs).max().orElseThrow();
    return new Homography(Arrays.stream(h).map(it -> it / greatest).toArray());
  }

  /** The map that does another first and then this. */
  public Homography after(Homography first) {
    double[] product = new double[9];
    for (int row = 0; row < 3; row++) {
      for (int column = 0; column < 3; column++) {
        for (int k = 0; k < 3; k++) {
          product[3 * row + column] += h[3 * row + k] * first.h[3 * k + column];
        }
      }
    }
    return scaled(product);
  }

  /**
   * The map back.
   *
   * @throws IllegalArgumentException if this one flattens the plane to a line
   */
  public Homography inverse() {
    LUDecomposition lu = new LUDecomposition(matrix(), 0);
    if (!lu.getSolver().isNonSingular()) {
      throw new IllegalArgumentException("A flat thing seen edge on cannot be flattened");
    }
    RealMatrix inverse = lu.getSolver().getInverse();
    double[] rows = new double[9];
    for (int i = 0; i < 9; i++) {
      rows[i] = inverse.getEntry(i / 3, i % 3);
    }
    return scaled(rows);
  }

  private RealMatrix matrix() {
    return new Array2DRowRealMatrix(
        new double[][] {{h[0], h[1], h[2]}, {h[3], h[4], h[5]}, {h[6], h[7], h[8]}});
  }

  /** The image of a point. */
  public Point apply(Point p) {
    double w = depth(p);
    return new Point(
        (h[0] * p.x() + h[1] * p.y() + h[2]) / w, (h[3] * p.x() + h[4] * p.y() + h[5]) / w);
  }

  /**
   * What a point's coordinates are divided by: its sign changes across the line that is mapped to
   * infinity, the horizon.
   */
  public double depth(Point p) {
    return h[6] * p.x() + h[7] * p.y() + h[8];
  }

  /** True where it changes nothing. */
  public boolean isIdentity() {
    return Arrays.equals(h, IDENTITY.h);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Homography it && Arrays.equals(h, it.h);
  }

  @Override
  public int hashCode() {
    return Arrays.hashCode(h);
  }

  @Override
  public String toString() {
    return "Homography" + Arrays.toString(h);
  }
}
