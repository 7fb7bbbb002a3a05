package stoutblade.flatten;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleConsumer;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.mesh.Mesh;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * Chosen faces of a mesh, cut along seams and laid flat: pieces with lettered edges whose lengths
 * match, and how the foam stretches.
 */
public final class LaidFlat {

  /** The most faces that are laid flat. */
  public static final int MOST_FACES = 60_000;

  private static final int MOST_DARTS = 16;
  private static final int MOST_PIECES = 60;
  private static final double ROUGH_SHARE = 0.6;

  /**
   * A piece.
   *
   * @param patch its faces
   * @param flat where they lie
   */
  public record Piece(Patch patch, Flattening flat) {

    /** The greatest stretch of the foam in it, as a factor. */
    public double mostStretched() {
      double most = 1;
      for (int t = 0; t < patch.triangles(); t++) {
        most = Math.max(most, flat.stretched(t));
      }
      return most;
    }

    /** The greatest squeeze of the foam in it, as a factor below 1. */
    public double mostSqueezed() {
      double least = 1;
      for (int t = 0; t < patch.triangles(); t++) {
        least = Math.min(least, flat.squeezed(t));
      }
      return least;
    }
  }

  private final int[] faces;
  private final Seams seams;
  private final List<Piece> pieces;

  private LaidFlat(int[] faces, Seams seams, List<Piece> pieces) {
    this.faces = faces;
    this.seams = seams;
    this.pieces = List.copyOf(pieces);
  }

  /** The seams, those that were added with them. */
  public Seams seams() {
    return seams;
  }

  public List<Piece> pieces() {
    return pieces;
  }

  /**
   * Lays faces flat.
   *
   * @param unitMm millimetres to a unit of the mesh
   * @param progress takes the share that is done, 0 to 1; may throw to stop
   * @throws IllegalArgumentException if they cannot be, with the reason and what would mend it
   */
  public static LaidFlat of(
      Mesh mesh, int[] faces, Seams seams, double unitMm, DoubleConsumer progress) {
    if (faces.length > MOST_FACES) {
      throw new IllegalArgumentException(
          faces.length + " faces are chosen; up to " + MOST_FACES + " are laid flat at once");
    }
    List<Patch> patches = Patch.pieces(mesh, faces, seams, unitMm);
    if (patches.size() > MOST_PIECES) {
      throw new IllegalArgumentException(
          "The faces lie in " + patches.size() + " pieces; at most " + MOST_PIECES + " are cut");
    }
    List<Piece> pieces = new ArrayList<>();
    for (int i = 0; i < patches.size(); i++) {
      double from = i / (double) patches.size();
      double share = 1.0 / patches.size();
      Patch patch = patches.get(i);
      pieces.add(
          new Piece(patch, Flattening.of(patch, seams, it -> progress.accept(from + share * it))));
    }
    return new LaidFlat(faces, seams, pieces);
  }

  /**
   * Lays faces flat, and cuts darts where the foam would have to stretch or be squeezed by more
   * than it forgives: from the worst place the shortest way to an edge, over and over.
   *
   * @param forgives how much, as a share of the length
   */
  public static LaidFlat withDarts(
      Mesh mesh,
      int[] faces,
      Seams seams,
      double unitMm,
      double forgives,
      DoubleConsumer progress) {
    Seams cut = seams;
    LaidFlat rough = roughly(mesh, faces, cut, unitMm, progress);
    for (int dart = 1; dart <= MOST_DARTS && rough.worst() > forgives; dart++) {
      Seams more = rough.withDart(mesh);
      if (more.equals(cut)) {
        break;
      }
      cut = more;
      double share = ROUGH_SHARE * dart / MOST_DARTS;
      rough = roughly(mesh, faces, cut, unitMm, it -> progress.accept(share));
    }
    LaidFlat laid =
        of(mesh, faces, cut, unitMm, it -> progress.accept(ROUGH_SHARE + (1 - ROUGH_SHARE) * it));
    progress.accept(1);
    return laid;
  }

  private static LaidFlat roughly(
      Mesh mesh, int[] faces, Seams seams, double unitMm, DoubleConsumer progress) {
    List<Piece> pieces = new ArrayList<>();
    for (Patch patch : Patch.pieces(mesh, faces, seams, unitMm)) {
      pieces.add(new Piece(patch, Flattening.roughly(patch, it -> progress.accept(0))));
    }
    return new LaidFlat(faces, seams, pieces);
  }

  /** The greatest change of a length anywhere, as a share of it. */
  public double worst() {
    double worst = 0;
    for (Piece piece : pieces) {
      worst = Math.max(worst, piece.mostStretched() - 1);
      worst = Math.max(worst, 1 - piece.mostSqueezed());
    }
    return worst;
  }

  /** The seams with a dart to the worst place, from the nearest edge. */
  public Seams withDart(Mesh mesh) {
    int vertex = -1;
    double worst = -1;
    Set<Integer> rims = new HashSet<>();
    for (Piece piece : pieces) {
      for (int at : piece.patch.rim()) {
        rims.add(piece.patch.source(at));
      }
    }
    for (Piece piece : pieces) {
      Patch patch = piece.patch;
      // The stretch at a vertex is the mean of its faces': a single bad face makes no dart.
      double[] sum = new double[patch.vertices()];
      int[] count = new int[patch.vertices()];
      for (int t = 0; t < patch.triangles(); t++) {
        double off = Math.max(piece.flat.stretched(t) - 1, 1 - piece.flat.squeezed(t));
        for (int k = 0; k < 3; k++) {
          sum[patch.corner(3 * t + k)] += off;
          count[patch.corner(3 * t + k)]++;
        }
      }
      for (int v = 0; v < sum.length; v++) {
        double mean = sum[v] / Math.max(1, count[v]);
        if (!rims.contains(patch.source(v)) && mean > worst) {
          worst = mean;
          vertex = patch.source(v);
        }
      }
    }
    return vertex < 0 ? seams : seams.with(new Ways(mesh, faces).shortest(vertex, rims));
  }

  // == PIECES TO CUT

  /** The pieces to cut, with the letters of their seams on both edges. */
  public List<Panel> panels() {
    List<List<Integer>> chains = seams.chains(corners());
    Map<Seams.Edge, Integer> letters = new HashMap<>();
    Set<Integer> ends = new HashSet<>();
    for (int i = 0; i < chains.size(); i++) {
      List<Integer> chain = chains.get(i);
      for (int k = 1; k < chain.size(); k++) {
        letters.put(Seams.Edge.of(chain.get(k - 1), chain.get(k)), i);
      }
      ends.add(chain.getFirst());
      ends.add(chain.getLast());
    }
    List<Panel> panels = new ArrayList<>();
    for (int i = 0; i < pieces.size(); i++) {
      String name = pieces.size() == 1 ? "Patch" : "Patch, piece " + (i + 1);
      panels.add(Panel.of(name, 1, edges(pieces.get(i), letters, ends)));
    }
    return panels;
  }

  /** Vertices on the free edge of the faces: where seams end. */
  private Set<Integer> corners() {
    Set<Integer> free = new HashSet<>();
    for (Piece piece : pieces) {
      int[] rim = piece.patch.rim();
      for (int i = 0; i < rim.length; i++) {
        int a = piece.patch.source(rim[i]);
        int b = piece.patch.source(rim[(i + 1) % rim.length]);
        if (!seams.cuts(a, b)) {
          free.add(a);
          free.add(b);
        }
      }
    }
    return free;
  }

  private List<Edge> edges(Piece piece, Map<Seams.Edge, Integer> letters, Set<Integer> ends) {
    Patch patch = piece.patch;
    int[] rim = patch.rim();
    int count = rim.length;
    int[] letter = new int[count];
    for (int i = 0; i < count; i++) {
      int a = patch.source(rim[i]);
      int b = patch.source(rim[(i + 1) % count]);
      letter[i] = letters.getOrDefault(Seams.Edge.of(a, b), -1);
    }
    int start = 0;
    while (start < count && !breaks(patch, rim, letter, ends, start)) {
      start++;
    }
    if (start == count) {
      start = 0;
    }
    List<Edge> edges = new ArrayList<>();
    List<Point> line = new ArrayList<>(List.of(piece.flat.at(rim[start])));
    for (int i = 0; i < count; i++) {
      int at = (start + i) % count;
      int next = (at + 1) % count;
      line.add(piece.flat.at(rim[next]));
      if (i + 1 == count || breaks(patch, rim, letter, ends, next)) {
        String seam = letter[at] < 0 ? "" : name(letter[at]);
        edges.add(new Edge(seam, Path.through(line, false), 0));
        line = new ArrayList<>(List.of(line.getLast()));
      }
    }
    return edges;
  }

  /** True where an edge of the piece ends at a vertex of its rim. */
  private static boolean breaks(Patch patch, int[] rim, int[] letter, Set<Integer> ends, int at) {
    int before = letter[Math.floorMod(at - 1, letter.length)];
    boolean seam = before >= 0 || letter[at] >= 0;
    return before != letter[at] || (seam && ends.contains(patch.source(rim[at])));
  }

  private static String name(int index) {
    return index < 26
        ? Character.toString('A' + index)
        : Character.toString('A' + index / 26 - 1) + (char) ('A' + index % 26);
  }

  /** By how much the two edges of a seam differ in length, at most, in mm. */
  public double mismatchMm() {
    Map<String, List<Double>> lengths = new HashMap<>();
    for (Panel panel : panels()) {
      panel.edges().stream()
          .filter(Edge::glued)
          .forEach(
              it -> lengths.computeIfAbsent(it.seam(), key -> new ArrayList<>()).add(it.length()));
    }
    double most = 0;
    for (List<Double> both : lengths.values()) {
      double least = both.stream().mapToDouble(it -> it).min().orElse(0);
      double longest = both.stream().mapToDouble(it -> it).max().orElse(0);
      most = Math.max(most, longest - least);
    }
    return most;
  }
}
