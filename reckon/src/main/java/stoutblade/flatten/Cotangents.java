package stoutblade.flatten;

/**
 * The stiffness of a patch: for each face its corners as they lie in a plane, and the cotangents of
 * its angles, which weigh its edges (Pinkall and Polthier 1993, from memory).
 */
final class Cotangents {

  private static final double SLIVER = 1e-12;

  private final Patch patch;

  /** For each face the places of its second and third corner; the first lies in the origin. */
  private final double[] second;

  private final double[] third;

  /** For each half-edge half the cotangent of the angle across from it. */
  private final double[] weight;

  private final double[] diagonal;

  Cotangents(Patch patch) {
    this.patch = patch;
    int faces = patch.triangles();
    second = new double[faces];
    third = new double[2 * faces];
    weight = new double[3 * faces];
    diagonal = new double[patch.vertices()];
    for (int t = 0; t < faces; t++) {
      face(t);
    }
  }

  private void face(int t) {
    int a = patch.corner(3 * t);
    int b = patch.corner(3 * t + 1);
    int c = patch.corner(3 * t + 2);
    double ab = patch.distance(a, b);
    double bc = patch.distance(b, c);
    double ca = patch.distance(c, a);
    double x = (ab * ab + ca * ca - bc * bc) / (2 * ab);
    double y = Math.sqrt(Math.max(SLIVER * ab * ab, ca * ca - x * x));
    second[t] = ab;
    third[2 * t] = x;
    third[2 * t + 1] = y;
    double twice = ab * y;
    // Across from ab lies c, and so on; the cotangent is the dot product over twice the area.
    weight[3 * t] = (ca * ca + bc * bc - ab * ab) / (4 * twice);
    weight[3 * t + 1] = (ab * ab + ca * ca - bc * bc) / (4 * twice);
    weight[3 * t + 2] = (ab * ab + bc * bc - ca * ca) / (4 * twice);
    for (int k = 0; k < 3; k++) {
      diagonal[patch.corner(3 * t + k)] += weight[3 * t + k];
      diagonal[patch.corner(Patch.next(3 * t + k))] += weight[3 * t + k];
    }
  }

  double weight(int halfEdge) {
    return weight[halfEdge];
  }

  double diagonal(int vertex) {
    return Math.max(SLIVER, diagonal[vertex]);
  }

  double area(int t) {
    return second[t] * third[2 * t + 1] / 2;
  }

  /** The place of a face's corner in the face's own plane. */
  double planeX(int t, int k) {
    return k == 0 ? 0 : k == 1 ? second[t] : third[2 * t];
  }

  double planeY(int t, int k) {
    return k == 2 ? third[2 * t + 1] : 0;
  }

  /** Adds the stiffness times a value at each vertex. */
  void times(double[] value, double[] into) {
    java.util.Arrays.fill(into, 0);
    for (int h = 0; h < weight.length; h++) {
      int from = patch.corner(h);
      int to = patch.corner(Patch.next(h));
      double pull = weight[h] * (value[from] - value[to]);
      into[from] += pull;
      into[to] -= pull;
    }
  }

  /** The map from a face's plane to the flat shape: its four entries by rows. */
  void jacobian(int t, double[] u, double[] v, double[] into) {
    int a = patch.corner(3 * t);
    int b = patch.corner(3 * t + 1);
    int c = patch.corner(3 * t + 2);
    double x = third[2 * t];
    double y = third[2 * t + 1];
    into[0] = (u[b] - u[a]) / second[t];
    into[1] = (u[c] - u[a] - into[0] * x) / y;
    into[2] = (v[b] - v[a]) / second[t];
    into[3] = (v[c] - v[a] - into[2] * x) / y;
  }
}
