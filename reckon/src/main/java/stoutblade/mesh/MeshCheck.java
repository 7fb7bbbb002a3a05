package stoutblade.mesh;

import java.util.ArrayList;
import java.util.List;

/**
 * What is broken about a mesh.
 *
 * @param triangles how many triangles it has
 * @param pieces how many pieces hang together
 * @param holes how many holes: rings of edges that belong to one triangle only
 * @param flippedEdges edges whose two triangles are turned against each other
 * @param crowdedEdges edges of more than two triangles
 * @param flatTriangles triangles without an area that were left out
 */
public record MeshCheck(
    int triangles, int pieces, int holes, int flippedEdges, int crowdedEdges, int flatTriangles) {

  /**
   * Looks a mesh over.
   *
   * @param flatTriangles how many were left out when it was built
   */
  public static MeshCheck of(Mesh mesh, int flatTriangles) {
    Edges edges = Edges.of(mesh);
    Joined pieces = new Joined(mesh.vertices());
    Joined rims = new Joined(mesh.vertices());
    int flipped = 0;
    int crowded = 0;
    for (int h = 0; h < 3 * mesh.triangles(); h++) {
      pieces.join(mesh.from(h), mesh.to(h));
      if (edges.other(h) == Edges.ALONE) {
        rims.join(mesh.from(h), mesh.to(h));
      } else if (edges.other(h) == Edges.MANY) {
        crowded++;
      } else if (edges.flipped(h)) {
        flipped++;
      }
    }
    return new MeshCheck(
        mesh.triangles(), pieces.groups(), rims.groups(), flipped / 2, crowded / 3, flatTriangles);
  }

  /** True where nothing is broken. */
  public boolean sound() {
    return holes == 0 && flippedEdges == 0 && crowdedEdges == 0;
  }

  /** What was found, in words; none where nothing is to say. */
  public List<String> words() {
    List<String> words = new ArrayList<>();
    add(words, holes, "hole", "holes");
    add(
        words,
        flippedEdges,
        "edge between faces turned against each other",
        "edges between faces turned against each other");
    add(words, crowdedEdges, "edge with more than two faces", "edges with more than two faces");
    add(words, flatTriangles, "face without an area, left out", "faces without an area, left out");
    if (pieces > 1) {
      words.add(pieces + " pieces that do not hang together");
    }
    return words;
  }

  private static void add(List<String> words, int count, String one, String many) {
    if (count > 0) {
      words.add(count + " " + (count == 1 ? one : many));
    }
  }
}
