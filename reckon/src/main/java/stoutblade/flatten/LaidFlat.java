package stoutblade.flatten;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
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

  private static final int MOST_PIECES = 60;

  /**
   * A piece.
   *
   * @param patch its faces
   * @param flat where they lie
   */
  public record Piece(Patch patch, Flattening flat) {

    /** The greatest stretch of the foam in it, as a factor. */
    public double mostStretched() {
      return Arrays.stream(strains()).mapToDouble(Strain::stretched).max().orElse(1);
    }

    /** The greatest squeeze of the foam in it, as a factor below 1. */
    public double mostSqueezed() {
      return Arrays.stream(strains()).mapToDouble(Strain::squeezed).min().orElse(1);
    }

    /**
     * What the foam gives at each vertex: the mean of the faces about it, by their areas. A single
     * splinter of a face is none that foam would feel.
     */
    Strain[] strains() {
      double[] stretched = new double[patch.vertices()];
      double[] squeezed = new double[patch.vertices()];
      double[] areas = new double[patch.vertices()];
      for (int t = 0; t < patch.triangles(); t++) {
        double area = flat.area(t);
        for (int k = 0; k < 3; k++) {
          int at = patch.corner(3 * t + k);
          stretched[at] += area * flat.stretched(t);
          squeezed[at] += area * flat.squeezed(t);
          areas[at] += area;
        }
      }
      Strain[] strains = new Strain[areas.length];
      Arrays.setAll(strains, v -> new Strain(stretched[v] / areas[v], squeezed[v] / areas[v]));
      return strains;
    }
  }

  /**
   * What foam gives at a place.
   *
   * @param stretched by what factor it is stretched most; below 0 where it is folded over
   * @param squeezed by what factor it is squeezed most
   */
  record Strain(double stretched, double squeezed) {

    /** The greater change of a length, as a share of it; 1 where it is folded over. */
    double most() {
      return stretched <= 0 ? 1 : Math.max(stretched - 1, 1 - squeezed);
    }
  }

  private final Seams seams;
  private final List<Piece> pieces;

  LaidFlat(Seams seams, List<Piece> pieces) {
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
    List<Patch> patches = patches(mesh, faces, seams, unitMm);
    List<Piece> pieces = new ArrayList<>();
    for (int i = 0; i < patches.size(); i++) {
      double from = i / (double) patches.size();
      double share = 1.0 / patches.size();
      Patch patch = patches.get(i);
      pieces.add(
          new Piece(patch, Flattening.of(patch, seams, it -> progress.accept(from + share * it))));
    }
    return new LaidFlat(seams, pieces);
  }

  /** The faces along their seams in pieces, if they are not too many. */
  static List<Patch> patches(Mesh mesh, int[] faces, Seams seams, double unitMm) {
    if (faces.length > MOST_FACES) {
      throw new IllegalArgumentException(
          faces.length + " faces are chosen; up to " + MOST_FACES + " are laid flat at once");
    }
    List<Patch> patches = Patch.pieces(mesh, faces, seams, unitMm);
    if (patches.size() > MOST_PIECES) {
      throw new IllegalArgumentException(
          "The faces lie in " + patches.size() + " pieces; at most " + MOST_PIECES + " are cut");
    }
    return patches;
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
    return Relief.of(mesh, faces, seams, seams, unitMm, forgives, false, progress);
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

  // == PIECES TO CUT

  /**
   * A stretch of a piece's edge between two of its corners.
   *
   * @param seam the letter of its seam; empty where it is free
   * @param vertices the patch's, in order
   */
  private record Run(String seam, List<Integer> vertices) {}

  /** The pieces to cut, with the letters of their seams on both edges. */
  public List<Panel> panels() {
    List<List<Run>> runs = runs();
    List<Panel> panels = new ArrayList<>();
    for (int i = 0; i < pieces.size(); i++) {
      Flattening flat = pieces.get(i).flat;
      String name = pieces.size() == 1 ? "Patch" : "Patch, piece " + (i + 1);
      List<Edge> edges = new ArrayList<>();
      for (Run run : runs.get(i)) {
        List<Point> line = run.vertices.stream().map(flat::at).toList();
        edges.add(new Edge(run.seam, Path.through(line, false), 0));
      }
      panels.add(Panel.of(name, 1, edges));
    }
    return panels;
  }

  private List<List<Run>> runs() {
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
    return pieces.stream().map(it -> runs(it, letters, ends)).toList();
  }

  /** Where seams end: on the free edge of the faces, and where more than two faces share one. */
  private Set<Integer> corners() {
    Map<Seams.Edge, Integer> sides = new HashMap<>();
    for (Piece piece : pieces) {
      int[] rim = piece.patch.rim();
      for (int i = 0; i < rim.length; i++) {
        int a = piece.patch.source(rim[i]);
        int b = piece.patch.source(rim[(i + 1) % rim.length]);
        sides.merge(Seams.Edge.of(a, b), 1, Integer::sum);
      }
    }
    Set<Integer> corners = new HashSet<>();
    sides.forEach(
        (edge, count) -> {
          if (count != 2 || !seams.edges().contains(edge)) {
            corners.add(edge.low());
            corners.add(edge.high());
          }
        });
    return corners;
  }

  private static List<Run> runs(Piece piece, Map<Seams.Edge, Integer> letters, Set<Integer> ends) {
    Patch patch = piece.patch();
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
    List<Run> runs = new ArrayList<>();
    List<Integer> line = new ArrayList<>(List.of(rim[start]));
    for (int i = 0; i < count; i++) {
      int at = (start + i) % count;
      int next = (at + 1) % count;
      line.add(rim[next]);
      if (i + 1 == count || breaks(patch, rim, letter, ends, next)) {
        runs.add(new Run(letter[at] < 0 ? "" : name(letter[at]), List.copyOf(line)));
        line = new ArrayList<>(List.of(line.getLast()));
      }
    }
    return runs;
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

  /**
   * An edge of a seam.
   *
   * @param piece the piece that it belongs to
   * @param length in mm, as it lies flat
   * @param onSurface in mm, on the surface
   * @param middle the vertex of the patch half way along it
   */
  record Side(int piece, double length, double onSurface, int middle) {

    double off() {
      return Math.abs(length - onSurface);
    }
  }

  /** The edges of each seam by its letter. */
  Map<String, List<Side>> sides() {
    Map<String, List<Side>> sides = new TreeMap<>();
    List<List<Run>> runs = runs();
    for (int i = 0; i < runs.size(); i++) {
      Piece piece = pieces.get(i);
      for (Run run : runs.get(i)) {
        double length = 0;
        double onSurface = 0;
        for (int k = 1; k < run.vertices.size(); k++) {
          int a = run.vertices.get(k - 1);
          int b = run.vertices.get(k);
          length += piece.flat.at(a).distance(piece.flat.at(b));
          onSurface += piece.patch.distance(a, b);
        }
        if (!run.seam.isEmpty()) {
          int middle = run.vertices.get(run.vertices.size() / 2);
          sides
              .computeIfAbsent(run.seam, key -> new ArrayList<>())
              .add(new Side(i, length, onSurface, middle));
        }
      }
    }
    return sides;
  }

  /** By how much the two edges of a seam differ in length, at most, in mm. */
  public double mismatchMm() {
    return sides().values().stream()
        .map(it -> it.stream().mapToDouble(Side::length).summaryStatistics())
        .mapToDouble(it -> it.getMax() - it.getMin())
        .max()
        .orElse(0);
  }
}
