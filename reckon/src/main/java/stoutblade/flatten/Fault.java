package stoutblade.flatten;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * What keeps a piece that was laid flat from being cut, or from taking its shape.
 *
 * @param kind what is wrong
 * @param piece which piece, counted from 0
 * @param vertex the vertex of its patch where it is worst
 * @param amount how much: a factor for foam that is stretched or squeezed, faces for those that are
 *     turned over, mm for edges that differ, 0 for an overlap
 * @param seam the letter of a seam whose edges differ, else empty
 */
public record Fault(Kind kind, int piece, int vertex, double amount, String seam) {

  /** Straight lines stay as they are: far below what anybody cuts. */
  private static final double STRAIGHT_MM = 1e-6;

  /** Edges of a seam that differ by less are eased into each other: our assumption. */
  private static final double EASED_MM = 1;

  /** The same as a share of the edge. */
  private static final double EASED_SHARE = 0.01;

  /** What may be wrong. */
  public enum Kind {
    /** Faces are folded over their neighbours. */
    TURNED,
    /** The piece lies over itself: it cannot be cut from one sheet. */
    OVERLAPS,
    /** The foam would be stretched by more than it forgives. */
    STRETCHED,
    /** The foam would be squeezed by more than it forgives. */
    SQUEEZED,
    /** The two edges of a seam are not equally long. */
    DIFFERS;

    /** True where it cannot be cut like this at all. */
    public boolean barring() {
      return this == TURNED || this == OVERLAPS;
    }
  }

  /** What is wrong, the worst kinds first: of each piece and of each seam the worst. */
  public static List<Fault> of(LaidFlat laid, double forgives) {
    List<Fault> faults = new ArrayList<>();
    for (int i = 0; i < laid.pieces().size(); i++) {
      of(laid.pieces().get(i), i, forgives).ifPresent(faults::add);
    }
    faults.addAll(differing(laid));
    faults.sort(
        Comparator.comparing(Fault::kind)
            .thenComparing(Comparator.comparingDouble(Fault::much).reversed()));
    return faults;
  }

  /** The seams whose edges differ by more than is eased in. */
  static List<Fault> differing(LaidFlat laid) {
    return laid.sides().entrySet().stream()
        .flatMap(it -> differing(it.getKey(), it.getValue()).stream())
        .toList();
  }

  /** Edges that differ by more than is eased in: the fault of the one that gives more. */
  private static Optional<Fault> differing(String seam, List<LaidFlat.Side> sides) {
    DoubleSummaryStatistics lengths =
        sides.stream().mapToDouble(LaidFlat.Side::length).summaryStatistics();
    double off = lengths.getMax() - lengths.getMin();
    if (!differs(off, lengths.getMin())) {
      return Optional.empty();
    }
    LaidFlat.Side worst =
        sides.stream().max(Comparator.comparingDouble(LaidFlat.Side::off)).orElseThrow();
    return Optional.of(new Fault(Kind.DIFFERS, worst.piece(), worst.middle(), off, seam));
  }

  /**
   * True where two edges of a seam differ by more than is eased in.
   *
   * @param off by how much they differ, in mm
   * @param shorter the length of the shorter, in mm
   */
  public static boolean differs(double off, double shorter) {
    return off > Math.max(EASED_MM, EASED_SHARE * shorter);
  }

  private double much() {
    return kind == Kind.STRETCHED || kind == Kind.SQUEEZED ? Math.abs(amount - 1) : amount;
  }

  /** Where it is on the piece as it lies flat. */
  public Point at(LaidFlat laid) {
    return laid.pieces().get(piece).flat().at(vertex);
  }

  /** The seams with a dart to where the foam of the piece gives most; the same where none helps. */
  public Seams darted(LaidFlat laid) {
    LaidFlat.Piece own = laid.pieces().get(piece);
    int worst = Cutting.worst(own);
    return worst < 0 ? laid.seams() : cut(laid, new Cutting(own.patch()).dart(worst));
  }

  /** The seams with one right across the piece. */
  public Seams divided(LaidFlat laid) {
    LaidFlat.Piece own = laid.pieces().get(piece);
    Cutting cutting = new Cutting(own.patch());
    int worst = Cutting.worst(own);
    boolean strained = kind == Kind.STRETCHED || kind == Kind.SQUEEZED;
    return cut(laid, strained && worst >= 0 ? cutting.across(worst) : cutting.halved());
  }

  private Seams cut(LaidFlat laid, List<Integer> way) {
    Patch patch = laid.pieces().get(piece).patch();
    return laid.seams().with(way.stream().map(patch::source).toList());
  }

  /** What is worst about a piece. */
  static Optional<Fault> of(LaidFlat.Piece piece, int number, double forgives) {
    Patch patch = piece.patch();
    int turned = piece.flat().turnedOver();
    if (turned > 0) {
      int face = 0;
      while (piece.flat().stretched(face) > 0) {
        face++;
      }
      return Optional.of(new Fault(Kind.TURNED, number, patch.corner(3 * face), turned, ""));
    }
    Optional<Fault> strained = strained(piece, number, forgives);
    if (strained.isPresent()) {
      return strained;
    }
    return Region.crossing(Path.through(piece.flat().outline(), true), STRAIGHT_MM)
        .map(at -> new Fault(Kind.OVERLAPS, number, nearest(piece, at), 0, ""));
  }

  private static int nearest(LaidFlat.Piece piece, Point at) {
    int nearest = piece.patch().rimAt(0);
    for (int vertex : piece.patch().rim()) {
      if (piece.flat().at(vertex).distance(at) < piece.flat().at(nearest).distance(at)) {
        nearest = vertex;
      }
    }
    return nearest;
  }

  private static Optional<Fault> strained(LaidFlat.Piece piece, int number, double forgives) {
    LaidFlat.Strain[] strains = piece.strains();
    int worst = 0;
    for (int v = 1; v < strains.length; v++) {
      worst = strains[v].most() > strains[worst].most() ? v : worst;
    }
    LaidFlat.Strain at = strains[worst];
    if (at.most() <= forgives) {
      return Optional.empty();
    }
    return Optional.of(
        at.stretched() - 1 > 1 - at.squeezed()
            ? new Fault(Kind.STRETCHED, number, worst, at.stretched(), "")
            : new Fault(Kind.SQUEEZED, number, worst, at.squeezed(), ""));
  }
}
