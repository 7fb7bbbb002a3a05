package stoutblade.flatten;

import java.util.function.BiConsumer;

/**
 * Solves a symmetric system that is never negative by conjugate gradients, with the diagonal as the
 * preconditioner (Golub and Van Loan, Matrix Computations, from memory). Nothing is stored but a
 * few vectors.
 */
final class Conjugates {

  private Conjugates() {}

  /**
   * Solves in place.
   *
   * @param matrix writes the matrix times its first argument into its second
   * @param diagonal of the matrix, all positive
   * @param right the right-hand side
   * @param solution where to start from, and what is found
   * @param within how small the rest has to be, as a share of the right-hand side
   * @param most how many steps at most
   */
  static void solve(
      BiConsumer<double[], double[]> matrix,
      double[] diagonal,
      double[] right,
      double[] solution,
      double within,
      int most) {
    int n = right.length;
    double[] rest = new double[n];
    matrix.accept(solution, rest);
    for (int i = 0; i < n; i++) {
      rest[i] = right[i] - rest[i];
    }
    double[] scaled = new double[n];
    double[] way = new double[n];
    double[] image = new double[n];
    double weight = scale(rest, diagonal, scaled);
    System.arraycopy(scaled, 0, way, 0, n);
    double enough = within * within * Math.max(1e-300, dot(right, right));
    for (int step = 0; step < most && dot(rest, rest) > enough; step++) {
      matrix.accept(way, image);
      double curvature = dot(way, image);
      if (!(curvature > 0)) {
        return;
      }
      double along = weight / curvature;
      for (int i = 0; i < n; i++) {
        solution[i] += along * way[i];
        rest[i] -= along * image[i];
      }
      double now = scale(rest, diagonal, scaled);
      double turn = now / weight;
      weight = now;
      for (int i = 0; i < n; i++) {
        way[i] = scaled[i] + turn * way[i];
      }
    }
  }

  private static double scale(double[] rest, double[] diagonal, double[] into) {
    double sum = 0;
    for (int i = 0; i < rest.length; i++) {
      into[i] = rest[i] / diagonal[i];
      sum += rest[i] * into[i];
    }
    return sum;
  }

  private static double dot(double[] a, double[] b) {
    double sum = 0;
    for (int i = 0; i < a.length; i++) {
      sum += a[i] * b[i];
    }
    return sum;
  }
}
