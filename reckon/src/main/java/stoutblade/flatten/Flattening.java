package stoutblade.flatten;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleConsumer;
import stoutblade.shape.Point;

/**
 * A patch laid flat with the least stretch: first so that angles are kept (Lévy and others 2002),
 * then as rigidly as possible: each face turned to where it lies best, and the whole pulled
 * together, over and over (Liu and others 2008; both from memory).
 */
public final class Flattening {

  private static final int MOST_ROUNDS = 400;
  private static final double SETTLED = 1e-7;

  /** Stiff edges settle slowly; what is left after this is far below what foam can tell apart. */
  private static final double WITH_BARS = 1e-5;

  private static final double ROUGHLY = 1e-3;
  private static final double FIRST_WITHIN = 1e-5;
  private static final double ROUND_WITHIN = 1e-6;
  private static final double START_SHARE = 0.2;

  /** How stiff an edge of a seam is beside the faces, whose weights are about 1. */
  private static final double BAR_STIFF = 60;

  private final Patch patch;
  private final Cotangents stiff;
  private final double[] u;
  private final double[] v;

  private final List<Bar> bars = new ArrayList<>();

  /**
   * An edge of a seam, which keeps its length so that the seam's two edges match.
   *
   * @param a one end
   * @param b the other end
   * @param length in mm
   */
  private record Bar(int a, int b, double length) {}

  private Flattening(Patch patch) {
    this.patch = patch;
    this.stiff = new Cotangents(patch);
    this.u = new double[patch.vertices()];
    this.v = new double[patch.vertices()];
  }

  /**
   * Lays a patch flat.
   *
   * @param progress takes the share that is done, 0 to 1; may throw to stop
   */
  public static Flattening of(Patch patch, DoubleConsumer progress) {
    return of(patch, Seams.NONE, progress);
  }

  private Flattening settled(double enough, DoubleConsumer progress) {
    keepAngles();
    progress.accept(START_SHARE);
    keepShapes(enough, progress);
    progress.accept(1);
    return this;
  }

  /**
   * Lays a patch flat whose edges along seams keep their lengths.
   *
   * @param seams what was cut
   * @param progress takes the share that is done, 0 to 1; may throw to stop
   */
  public static Flattening of(Patch patch, Seams seams, DoubleConsumer progress) {
    Flattening flat = barred(patch, seams);
    return flat.settled(flat.bars.isEmpty() ? SETTLED : WITH_BARS, progress);
  }

  /**
   * The same roughly and with free edges, in a fraction of the time: good enough to see where a cut
   * is wanted.
   */
  static Flattening roughly(Patch patch, DoubleConsumer progress) {
    return new Flattening(patch).settled(ROUGHLY, progress);
  }

  private static Flattening barred(Patch patch, Seams seams) {
    Flattening flat = new Flattening(patch);
    for (int i = 0; i < patch.rimLength(); i++) {
      int a = patch.rimAt(i);
      int b = patch.rimAt(i + 1);
      if (seams.cuts(patch.source(a), patch.source(b))) {
        flat.bars.add(new Bar(a, b, patch.distance(a, b)));
      }
    }
    return flat;
  }

  // == ANGLES

  /** The least of Dirichlet's energy less the area, with two vertices of the rim held. */
  private void keepAngles() {
    int n = patch.vertices();
    int first = patch.rimAt(0);
    int other = furthest(first);
    boolean[] held = new boolean[n];
    held[first] = true;
    held[other] = true;
    double[] fixed = new double[2 * n];
    fixed[other] = patch.distance(first, other);
    double[] right = new double[2 * n];
    angles(fixed, right);
    double[] diagonal = new double[2 * n];
    for (int i = 0; i < n; i++) {
      for (int at : new int[] {i, i + n}) {
        right[at] = held[i] ? 0 : -right[at];
        diagonal[at] = stiff.diagonal(i);
      }
    }
    double[] found = new double[2 * n];
    Conjugates.solve(
        (value, into) -> {
          angles(value, into);
          for (int i = 0; i < n; i++) {
            if (held[i]) {
              into[i] = value[i];
              into[i + n] = value[i + n];
            }
          }
        },
        diagonal,
        right,
        found,
        FIRST_WITHIN,
        20 * n);
    for (int i = 0; i < n; i++) {
      u[i] = found[i] + fixed[i];
      v[i] = found[i + n] + fixed[i + n];
    }
    toTrueArea();
  }

  private int furthest(int from) {
    int furthest = patch.rimAt(1);
    for (int i = 1; i < patch.rimLength(); i++) {
      if (patch.distance(from, patch.rimAt(i)) > patch.distance(from, furthest)) {
        furthest = patch.rimAt(i);
      }
    }
    return furthest;
  }

  /** The gradient of Dirichlet's energy less the area, u's first. */
  private void angles(double[] value, double[] into) {
    int n = patch.vertices();
    double[] one = Arrays.copyOfRange(value, 0, n);
    double[] two = Arrays.copyOfRange(value, n, 2 * n);
    double[] image = new double[n];
    stiff.times(one, image);
    System.arraycopy(image, 0, into, 0, n);
    stiff.times(two, image);
    System.arraycopy(image, 0, into, n, n);
    for (int i = 0; i < patch.rimLength(); i++) {
      int before = patch.rimAt(i - 1);
      int at = patch.rimAt(i);
      int after = patch.rimAt(i + 1);
      into[at] -= (two[after] - two[before]) / 2;
      into[at + n] -= (one[before] - one[after]) / 2;
    }
  }

  private void toTrueArea() {
    double surface = 0;
    double flat = 0;
    double[] j = new double[4];
    for (int t = 0; t < patch.triangles(); t++) {
      stiff.jacobian(t, u, v, j);
      surface += stiff.area(t);
      flat += stiff.area(t) * Math.abs(j[0] * j[3] - j[1] * j[2]);
    }
    double factor = Math.sqrt(surface / flat);
    for (int i = 0; i < u.length; i++) {
      u[i] *= factor;
      v[i] *= factor;
    }
  }

  // == SHAPES

  private void keepShapes(double enough, DoubleConsumer progress) {
    int n = patch.vertices();
    double[] diagonal = new double[n];
    for (int i = 0; i < n; i++) {
      diagonal[i] = stiff.diagonal(i);
    }
    for (Bar bar : bars) {
      diagonal[bar.a] += BAR_STIFF;
      diagonal[bar.b] += BAR_STIFF;
    }
    double[] rightU = new double[n];
    double[] rightV = new double[n];
    double before = energy() + strain();
    for (int round = 0; round < MOST_ROUNDS; round++) {
      turned(rightU, rightV);
      Conjugates.solve(this::held, diagonal, rightU, u, ROUND_WITHIN, 4 * n);
      Conjugates.solve(this::held, diagonal, rightV, v, ROUND_WITHIN, 4 * n);
      double now = energy() + strain();
      if (before - now <= enough * Math.max(before, 1e-12)) {
        return;
      }
      before = now;
      progress.accept(START_SHARE + (1 - START_SHARE) * (round + 1) / MOST_ROUNDS);
    }
  }

  /** The pull of all faces, and of the edges that keep their length. */
  private void held(double[] value, double[] into) {
    stiff.times(value, into);
    for (Bar bar : bars) {
      double pull = BAR_STIFF * (value[bar.a] - value[bar.b]);
      into[bar.a] += pull;
      into[bar.b] -= pull;
    }
  }

  /** What the edges that keep their length are off, as the energy counts it. */
  private double strain() {
    double sum = 0;
    for (Bar bar : bars) {
      double off = at(bar.a).distance(at(bar.b)) - bar.length;
      sum += BAR_STIFF * off * off;
    }
    return sum;
  }

  /** What each face, turned to where it lies best, pulls at its corners with. */
  private void turned(double[] rightU, double[] rightV) {
    Arrays.fill(rightU, 0);
    Arrays.fill(rightV, 0);
    double[] j = new double[4];
    for (int t = 0; t < patch.triangles(); t++) {
      stiff.jacobian(t, u, v, j);
      double angle = Math.atan2(j[2] - j[1], j[0] + j[3]);
      double cos = Math.cos(angle);
      double sin = Math.sin(angle);
      for (int k = 0; k < 3; k++) {
        int h = 3 * t + k;
        int to = (k + 1) % 3;
        double dx = stiff.planeX(t, k) - stiff.planeX(t, to);
        double dy = stiff.planeY(t, k) - stiff.planeY(t, to);
        double pullU = stiff.weight(h) * (cos * dx - sin * dy);
        double pullV = stiff.weight(h) * (sin * dx + cos * dy);
        rightU[patch.corner(h)] += pullU;
        rightV[patch.corner(h)] += pullV;
        rightU[patch.corner(Patch.next(h))] -= pullU;
        rightV[patch.corner(Patch.next(h))] -= pullV;
      }
    }
    for (Bar bar : bars) {
      double du = u[bar.a] - u[bar.b];
      double dv = v[bar.a] - v[bar.b];
      double pull = BAR_STIFF * bar.length / Math.max(1e-12, Math.hypot(du, dv));
      rightU[bar.a] += pull * du;
      rightU[bar.b] -= pull * du;
      rightV[bar.a] += pull * dv;
      rightV[bar.b] -= pull * dv;
    }
  }

  /** Sum over the faces of area · ((σ₁ − 1)² + (σ₂ − 1)²), in mm². */
  public double energy() {
    double sum = 0;
    for (int t = 0; t < patch.triangles(); t++) {
      double[] s = singular(t);
      sum += stiff.area(t) * ((s[0] - 1) * (s[0] - 1) + (s[1] - 1) * (s[1] - 1));
    }
    return sum;
  }

  /**
   * How a face's lengths change when it is laid flat: the greatest and the least; negative: over.
   */
  private double[] singular(int t) {
    double[] j = new double[4];
    stiff.jacobian(t, u, v, j);
    double plus = Math.hypot(j[0] + j[3], j[2] - j[1]) / 2;
    double minus = Math.hypot(j[0] - j[3], j[2] + j[1]) / 2;
    return new double[] {plus + minus, plus - minus};
  }

  // == RESULTS

  /** Where a vertex of the patch lies, in mm. */
  public Point at(int vertex) {
    return new Point(u[vertex], v[vertex]);
  }

  /** The outline, with the faces on its left. */
  public List<Point> outline() {
    List<Point> outline = new ArrayList<>();
    for (int i = 0; i < patch.rimLength(); i++) {
      outline.add(at(patch.rimAt(i)));
    }
    return outline;
  }

  /** By what factor the foam of a face stretches most when it is bent from flat to the surface. */
  public double stretched(int triangle) {
    return 1 / singular(triangle)[1];
  }

  /** By what factor it is squeezed most: below 1. */
  public double squeezed(int triangle) {
    return 1 / singular(triangle)[0];
  }

  /** The area of a face on the surface, in mm². */
  double area(int triangle) {
    return stiff.area(triangle);
  }

  /** How many faces came out turned over; none in a flattening that can be cut. */
  public int turnedOver() {
    int count = 0;
    for (int t = 0; t < patch.triangles(); t++) {
      count += singular(t)[1] <= 0 ? 1 : 0;
    }
    return count;
  }
}
