package stoutblade.flatten;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import stoutblade.mesh.Mesh;

/** Seams that make faces fit to be laid flat: few and short ones. */
public final class Proposal {

  private static final int MOST_LOOPS = 40;

  private Proposal() {}

  /**
   * Adds seams so that one edge runs round the faces: from every hole the shortest way to the edge
   * or to another seam; over faces that close on themselves the way between two far places.
   *
   * @throws IllegalArgumentException if there are too many holes
   */
  public static Seams of(Mesh mesh, int[] triangles, Seams before) {
    Seams seams = before;
    for (int[] shell : shells(mesh, triangles)) {
      seams = ofShell(mesh, shell, seams);
    }
    return seams;
  }

  /** The faces in groups that hang together. */
  private static List<int[]> shells(Mesh mesh, int[] triangles) {
    Joined vertices = new Joined(mesh.vertices());
    for (int triangle : triangles) {
      vertices.join(mesh.corner(triangle, 1), mesh.corner(triangle, 0));
      vertices.join(mesh.corner(triangle, 2), mesh.corner(triangle, 0));
    }
    Map<Integer, List<Integer>> groups = new TreeMap<>();
    for (int triangle : triangles) {
      groups
          .computeIfAbsent(vertices.root(mesh.corner(triangle, 0)), it -> new ArrayList<>())
          .add(triangle);
    }
    return groups.values().stream()
        .map(it -> it.stream().mapToInt(face -> face).toArray())
        .toList();
  }

  private static Seams ofShell(Mesh mesh, int[] triangles, Seams before) {
    Ways ways = new Ways(mesh, triangles);
    List<Set<Integer>> loops = ways.loops();
    if (loops.size() > MOST_LOOPS) {
      throw new IllegalArgumentException(
          "These faces have "
              + loops.size()
              + " edges and holes; seams are proposed for up to "
              + MOST_LOOPS);
    }
    Seams seams = before;
    if (loops.isEmpty()) {
      int one = ways.furthest(mesh.corner(triangles[0], 0));
      int other = ways.furthest(one);
      List<Integer> way = new ArrayList<>(ways.shortest(one, Set.of(other)));
      if (way.size() == 2) {
        // A slit of one edge opens nothing: its two sides would be one and the same.
        way.add(ways.beside(other, one));
      }
      return seams.with(way);
    }
    loops.sort((a, b) -> Integer.compare(b.size(), a.size()));
    Set<Integer> reached = new HashSet<>(loops.getFirst());
    for (Set<Integer> loop : loops.subList(1, loops.size())) {
      List<Integer> best = List.of();
      double least = Double.POSITIVE_INFINITY;
      for (int from : sample(loop)) {
        List<Integer> way = ways.shortest(from, reached);
        double length = length(mesh, way);
        if (way.size() > 1 && length < least) {
          least = length;
          best = way;
        }
      }
      seams = seams.with(best);
      reached.addAll(loop);
      reached.addAll(best);
    }
    return seams;
  }

  /** Some of many, evenly. */
  private static List<Integer> sample(Set<Integer> loop) {
    List<Integer> all = loop.stream().sorted().toList();
    int step = Math.max(1, all.size() / 24);
    return IntStream.range(0, all.size()).filter(i -> i % step == 0).mapToObj(all::get).toList();
  }

  private static double length(Mesh mesh, List<Integer> way) {
    double sum = 0;
    for (int i = 1; i < way.size(); i++) {
      int a = way.get(i - 1);
      int b = way.get(i);
      sum +=
          Math.sqrt(
              Math.pow(mesh.x(a) - mesh.x(b), 2)
                  + Math.pow(mesh.y(a) - mesh.y(b), 2)
                  + Math.pow(mesh.z(a) - mesh.z(b), 2));
    }
    return sum;
  }
}
