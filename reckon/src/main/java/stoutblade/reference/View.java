package stoutblade.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;
import stoutblade.measure.Figure;
import stoutblade.measure.Stated;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Homography;
import stoutblade.shape.Point;

/**
 * How the camera of a picture was held: how far it was tipped down and how long its lens is, with
 * how sure that is. An upright plane seen by it is put straight by {@link #map()}.
 *
 * <p>What is known is brought together by least squares (Levenberg–Marquardt): how high the lens
 * was, by which a figure from head to heel tells the tilt; a horizon, at the focal length times the
 * tangent of the tilt over the middle; upright edges, which run together where a plumb line meets
 * the picture (Hartley and Zisserman, Multiple View Geometry, chapter 8; from memory); the focal
 * length, or the distance. What nobody said has a usual value with a wide range.
 *
 * @param centre the picture's middle, in pixels
 * @param turn how far it is turned clockwise to be upright, in radians
 * @param tilt how far it was tipped down, in radians
 * @param focalPx its focal length
 * @param tiltStd one standard deviation of the tilt
 * @param focalStd that of the focal length as a share of it, what hangs together with the tilt...
 * @param focalOwnStd ...and what does not
 * @param flat true where no lens was there
 */
record View(
    Point centre,
    double turn,
    double tilt,
    double focalPx,
    double tiltStd,
    double focalStd,
    double focalOwnStd,
    boolean flat) {

  /** Not said: cameras at 0.9 to 1.6 m, 2 to 5 m away, aimed at a figure (our assumption). */
  private static final double UNKNOWN_TILT = 0.15;

  /** A tilt that nothing tells is no more than about this (our assumption). */
  private static final double USUAL_TILT = 0.2;

  /** The focal length over the picture's longer side where it is not known (our assumption). */
  private static final double USUAL_FOCAL = 0.9;

  private static final double USUAL_FOCAL_SHARE = 0.25;

  /** How high a camera is usually held over the feet of a figure (our assumption). */
  private static final Stated USUAL_HEIGHT = new Stated(1250, 220);

  /** What people call upright is so to about a quarter of a degree (our assumption). */
  private static final double PLUMB = 0.005;

  /** A camera is held level from side to side to about a degree (our assumption). */
  private static final double ROLL = 0.02;

  /**
   * How well head and feet stand upright over each other and on the floor, in mm (our assumption).
   */
  private static final double FEET_MM = 40;

  /** The diagonal of a picture on 35 mm film, 36 × 24 mm (ISO 1007, from memory). */
  private static final double FILM_DIAGONAL_MM = 43.267;

  private static final double STEEPEST = Math.toRadians(60);
  private static final int TILT = 0;
  private static final int FOCAL = 1;
  private static final int HEIGHT = 2;
  private static final int LEAN = 3;

  /**
   * A length on the picture that is known, in the plane of the prop.
   *
   * @param px from place to place
   * @param mm how long it is
   * @param figure true where it is a figure from head to heel
   */
  record Known(List<Point> px, Figure mm, boolean figure) {}

  /** The view of a picture that is flat already. */
  static View none(Reference reference) {
    return new View(middle(reference), 0, 0, longer(reference), 0, 0, 0, true);
  }

  /**
   * Works out how the camera of a picture was held.
   *
   * @param known what lengths are known at the distance of the prop
   */
  static View of(Reference reference, List<Known> known) {
    double focal = USUAL_FOCAL * longer(reference);
    double turn = reference.dressing().turnRad();
    return switch (reference.camera().kind()) {
      case FLAT -> none(reference);
      case UNKNOWN ->
          new View(middle(reference), turn, 0, focal, UNKNOWN_TILT, 0, USUAL_FOCAL_SHARE, false);
      case PHOTO -> new Fit(reference, known, middle(reference), turn).view();
    };
  }

  private static Point middle(Reference reference) {
    return new Point(reference.picture().widthPx() / 2.0, reference.picture().heightPx() / 2.0);
  }

  private static double longer(Reference reference) {
    return Math.max(reference.picture().widthPx(), reference.picture().heightPx());
  }

  /** From pixels of the picture to what they would be with the camera held level. */
  Homography map() {
    return tilt == 0 ? Homography.IDENTITY : map(tilt, focalPx);
  }

  private Homography map(double tipped, double focal) {
    return back(centre, turn)
        .after(Homography.levelling(tipped, focal))
        .after(upright(centre, turn));
  }

  private static Homography upright(Point centre, double turn) {
    Homography turned = Homography.similar(1, turn, new Point(0, 0));
    return Homography.similar(1, turn, turned.apply(centre).times(-1));
  }

  private static Homography back(Point centre, double turn) {
    return Homography.similar(1, -turn, centre);
  }

  /**
   * How unsure the tilt and the lens make a value.
   *
   * @param id the picture's figures' common beginning: the causes are shared by all that is read
   *     off it
   * @param value from the map into the level frame
   */
  Uncertainty uncertainty(String id, ToDoubleFunction<Homography> value) {
    if (tiltStd == 0) {
      return Uncertainty.NONE;
    }
    double here = value.applyAsDouble(map(tilt, focalPx));
    double more = value.applyAsDouble(map(tilt + tiltStd, focalPx * (1 + focalStd)));
    double less = value.applyAsDouble(map(tilt - tiltStd, focalPx * (1 - focalStd)));
    double longer = value.applyAsDouble(map(tilt, focalPx * (1 + focalOwnStd)));
    double shorter = value.applyAsDouble(map(tilt, focalPx * (1 - focalOwnStd)));
    return new Uncertainty(
        Map.of(
            id + "tilt", (more - less) / 2,
            id + "tilt.bent", (more + less) / 2 - here,
            id + "focal", (longer - shorter) / 2));
  }

  // == FITTING

  /** Something that is known: how far it is missed, in standard deviations. */
  private interface Residual {
    double at(double[] x);
  }

  /** What is known about one picture, brought together. */
  private static final class Fit {

    private final Reference reference;
    private final Camera camera;
    private final Point centre;
    private final double turn;
    private final Homography upright;
    private final List<Residual> residuals = new ArrayList<>();

    Fit(Reference reference, List<Known> known, Point centre, double turn) {
      this.reference = reference;
      this.camera = reference.camera();
      this.centre = centre;
      this.turn = turn;
      this.upright = View.upright(centre, turn);
      double usual = Math.log(focal().value());
      residuals.add(x -> (x[FOCAL] - usual) / focal().std());
      residuals.add(x -> x[TILT] / USUAL_TILT);
      residuals.add(x -> x[LEAN] / ROLL);
      Stated height = camera.height().orElse(USUAL_HEIGHT);
      double least = Math.max(height.std(), FEET_MM);
      residuals.add(x -> (1000 * x[HEIGHT] - height.value()) / least);
      known.stream().filter(Known::figure).forEach(this::figure);
      known.forEach(it -> reference.distance().ifPresent(to -> distance(it, to)));
      camera.horizon().ifPresent(this::horizon);
      camera.uprights().forEach(this::upright);
    }

    /** The focal length in pixels, and how unsure it is as a share. */
    private Stated focal() {
      double diagonal = Math.hypot(reference.picture().widthPx(), reference.picture().heightPx());
      return camera
          .focal()
          .map(
              it ->
                  new Stated(
                      it.value() / FILM_DIAGONAL_MM * diagonal,
                      Math.max(0.01, it.std() / it.value())))
          .orElse(new Stated(USUAL_FOCAL * longer(reference), USUAL_FOCAL_SHARE));
    }

    /** Right and up from the picture's middle, in pixels. */
    private Point seen(Point px) {
      Point own = upright.apply(px);
      return new Point(own.x(), -own.y());
    }

    /** How steep a place is seen over the level, as its height over its distance. */
    private static double rise(Point seen, double[] x) {
      return Math.tan(Math.atan(seen.y() / Math.exp(x[FOCAL])) - x[TILT]);
    }

    /** Head and heel lie as far over and under the lens as its height says. */
    private void figure(Known known) {
      Point head = seen(known.px().getFirst());
      Point feet = seen(known.px().getLast());
      double tall = known.mm().value();
      double marks = tall * 1.5 * reference.markingPx() / head.distance(feet);
      double std = Math.hypot(FEET_MM, marks);
      residuals.add(
          x -> {
            double under = -rise(feet, x);
            double all = rise(head, x) + under;
            return (1000 * x[HEIGHT] - tall * under / all) / std;
          });
    }

    /** A known length is as far away as is stated. */
    private void distance(Known known, Stated away) {
      double share =
          Math.hypot(known.mm().uncertainty().std() / known.mm().value(), 0.01)
              + 2 * reference.markingPx() / known.px().getFirst().distance(known.px().getLast());
      double std = Math.hypot(Math.max(away.std(), 10), share * away.value());
      residuals.add(
          x -> {
            double focal = Math.exp(x[FOCAL]);
            double px =
                length(
                    known.px(),
                    back(centre, turn).after(Homography.levelling(x[TILT], focal)).after(upright));
            return (known.mm().value() * focal * Math.cos(x[TILT]) / px - away.value()) / std;
          });
    }

    private static double length(List<Point> px, Homography map) {
      double sum = 0;
      for (int i = 1; i < px.size(); i++) {
        sum += map.apply(px.get(i - 1)).distance(map.apply(px.get(i)));
      }
      return sum;
    }

    private void horizon(Mark mark) {
      double over = seen(mark.from().towards(mark.to(), 0.5)).y();
      double std = Math.hypot(reference.markingPx() * 2, PLUMB * longer(reference));
      residuals.add(x -> (Math.exp(x[FOCAL]) * Math.tan(x[TILT]) - over) / std);
    }

    /** An upright edge points to where all uprights meet. */
    private void upright(Mark mark) {
      Point from = seen(mark.from());
      Point to = seen(mark.to());
      Point way = to.y() >= from.y() ? to.minus(from) : from.minus(to);
      Point at = from.towards(to, 0.5);
      double std = Math.hypot(PLUMB, 1.5 * reference.markingPx() / mark.lengthPx());
      residuals.add(
          x -> {
            double tan = Math.tan(x[TILT]);
            Point plumb = new Point(at.x() * tan, Math.exp(x[FOCAL]) + at.y() * tan);
            return (plumb.angleTo(way) - x[LEAN]) / std;
          });
    }

    View view() {
      double[] start = {0.05, Math.log(focal().value()), 1.25, 0};
      start[HEIGHT] = camera.height().orElse(USUAL_HEIGHT).value() / 1000;
      try {
        LeastSquaresOptimizer.Optimum found =
            new LevenbergMarquardtOptimizer()
                .optimize(
                    new LeastSquaresBuilder()
                        .start(start)
                        .target(new double[residuals.size()])
                        .model(this::evaluated)
                        .lazyEvaluation(false)
                        .maxEvaluations(200)
                        .maxIterations(200)
                        .build());
        return view(found.getPoint().toArray(), found.getCovariances(1e-14));
      } catch (MathRuntimeException e) {
        // What is said cannot be brought together: as unsure as if nothing were.
        return View.of(reference.with(Camera.UNKNOWN), List.of());
      }
    }

    private View view(double[] x, RealMatrix covariances) {
      double tiltStd = Math.sqrt(covariances.getEntry(TILT, TILT));
      double together = covariances.getEntry(TILT, FOCAL) / tiltStd;
      double own = Math.sqrt(Math.max(0, covariances.getEntry(FOCAL, FOCAL) - together * together));
      double tilt = Math.clamp(x[TILT], -STEEPEST, STEEPEST);
      return new View(centre, turn, tilt, Math.exp(x[FOCAL]), tiltStd, together, own, false);
    }

    private Pair<RealVector, RealMatrix> evaluated(RealVector at) {
      double[] x = at.toArray();
      double[] values = values(x);
      RealMatrix jacobian = new Array2DRowRealMatrix(values.length, x.length);
      for (int i = 0; i < x.length; i++) {
        double[] more = x.clone();
        double[] less = x.clone();
        more[i] += 1e-6;
        less[i] -= 1e-6;
        double[] above = values(more);
        double[] below = values(less);
        jacobian.setColumn(
            i,
            IntStream.range(0, values.length)
                .mapToDouble(k -> (above[k] - below[k]) / 2e-6)
                .toArray());
      }
      return new Pair<>(new ArrayRealVector(values, false), jacobian);
    }

    private double[] values(double[] x) {
      return residuals.stream().mapToDouble(it -> it.at(x)).toArray();
    }
  }
}
