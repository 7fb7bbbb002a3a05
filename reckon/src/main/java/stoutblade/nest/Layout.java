package stoutblade.nest;

import java.util.Arrays;
import java.util.List;
import stoutblade.shape.Point;

/** All pieces where they lie, overlapping or not, and how much each overlap counts. */
final class Layout {

  /** How fast what stays overlapped counts more. */
  private static final double MOST_MORE = 2.0;

  private static final double LEAST_MORE = 1.2;
  private static final double LESS = 0.95;

  final List<Piece> pieces;
  final List<Bed> beds;
  final Posed[] posed;
  final int[] bedOf;
  final boolean[] mirrored;

  /** How much each overlap counts; all alike as long as nothing was weighed. */
  private double[][] weights = new double[0][];

  private double[] edgeWeights = new double[0];

  /** How often the loss of a place was worked out. */
  long looked;

  /**
   * One piece.
   *
   * @param shape what it is
   * @param copy which of them
   * @param middle the middle of its box, where its own origin is not
   * @param form as the search sees it
   * @param over the same turned over
   */
  record Piece(NestShape shape, int copy, Point middle, Form form, Form over) {

    Form form(boolean mirrored) {
      return mirrored ? over : form;
    }
  }

  Layout(List<Piece> pieces, List<Bed> beds) {
    this.pieces = pieces;
    this.beds = beds;
    int count = pieces.size();
    posed = new Posed[count];
    for (int i = 0; i < count; i++) {
      posed[i] = new Posed();
    }
    bedOf = new int[count];
    mirrored = new boolean[count];
  }

  /** All overlaps count alike again. */
  void forget() {
    weights = new double[0][];
    edgeWeights = new double[0];
  }

  /** The same places on other beds; a piece of a bed that is not there lies on the last one. */
  Layout on(List<Bed> others) {
    Layout it = new Layout(pieces, others);
    it.take(this);
    for (int i = 0; i < bedOf.length; i++) {
      it.bedOf[i] = Math.min(bedOf[i], others.size() - 1);
    }
    return it;
  }

  /** Takes over all places of another one. */
  void take(Layout other) {
    for (int i = 0; i < posed.length; i++) {
      posed[i].put(other.posed[i]);
      bedOf[i] = other.bedOf[i];
      mirrored[i] = other.mirrored[i];
    }
  }

  void put(int piece, Posed to, int bed, boolean over) {
    posed[piece].put(to);
    bedOf[piece] = bed;
    mirrored[piece] = over;
  }

  /**
   * How much a piece would overlap what lies on a bed, each overlap as much as it counts.
   *
   * @param limit nothing is looked at beyond that
   */
  double loss(int piece, Posed at, int bed, double limit) {
    looked++;
    double sum = 0;
    boolean alike = weights.length == 0;
    Bed on = beds.get(bed);
    if (!on.holds(at)) {
      sum = (alike ? 1 : edgeWeights[piece]) * on.off(at);
    }
    for (int i = 0; i < posed.length && sum < limit; i++) {
      if (i != piece && bedOf[i] == bed && at.meets(posed[i])) {
        sum += (alike ? 1 : weights[piece][i]) * at.overlap(posed[i]);
      }
    }
    return sum;
  }

  /** How much all pieces overlap, all counted alike. */
  double total() {
    double sum = 0;
    for (int i = 0; i < posed.length; i++) {
      if (!beds.get(bedOf[i]).holds(posed[i])) {
        sum += beds.get(bedOf[i]).off(posed[i]);
      }
      for (int k = 0; k < i; k++) {
        if (bedOf[i] == bedOf[k] && posed[i].meets(posed[k])) {
          sum += posed[i].overlap(posed[k]);
        }
      }
    }
    return sum;
  }

  boolean clear(int piece) {
    return loss(piece, posed[piece], bedOf[piece], 1e-300) == 0;
  }

  /** What overlaps counts more from now on, the most what overlaps most; what does not, less. */
  void weigh() {
    int count = posed.length;
    if (weights.length == 0) {
      weights = new double[count][count];
      edgeWeights = new double[count];
      for (double[] row : weights) {
        Arrays.fill(row, 1);
      }
      Arrays.fill(edgeWeights, 1);
    }
    double[][] overlaps = new double[count][];
    double[] off = new double[count];
    double most = 0;
    for (int i = 0; i < count; i++) {
      overlaps[i] = new double[i];
      if (!beds.get(bedOf[i]).holds(posed[i])) {
        off[i] = beds.get(bedOf[i]).off(posed[i]);
        most = Math.max(most, off[i]);
      }
      for (int k = 0; k < i; k++) {
        if (bedOf[i] == bedOf[k] && posed[i].meets(posed[k])) {
          overlaps[i][k] = posed[i].overlap(posed[k]);
          most = Math.max(most, overlaps[i][k]);
        }
      }
    }
    for (int i = 0; i < count; i++) {
      edgeWeights[i] = more(edgeWeights[i], off[i], most);
      for (int k = 0; k < i; k++) {
        weights[i][k] = more(weights[i][k], overlaps[i][k], most);
        weights[k][i] = weights[i][k];
      }
    }
  }

  private static double more(double weight, double overlap, double most) {
    return overlap > 0
        ? weight * (LEAST_MORE + (MOST_MORE - LEAST_MORE) * overlap / most)
        : Math.max(1, weight * LESS);
  }

  /** How far along x a bed is used. */
  double used(int bed) {
    double far = beds.get(bed).minX;
    for (int i = 0; i < posed.length; i++) {
      if (bedOf[i] == bed) {
        far = Math.max(far, posed[i].maxX);
      }
    }
    return far;
  }
}
