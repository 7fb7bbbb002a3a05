package stoutblade.mesh;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** What runs along what, against comparing every half-edge with every other. */
class EdgesTest {

  /** Triangles over few corners, so that many share an edge, and many meet at one corner. */
  @Property(tries = 150)
  void half_edges_find_what_comparing_all_with_all_finds(
      @ForAll long seed, @ForAll @IntRange(min = 4, max = 14) int corners) {
    Random random = new Random(seed);
    MeshBuilder builder = new MeshBuilder();
    for (int i = 0; i < corners; i++) {
      builder.vertex(random.nextDouble() * 9, random.nextDouble() * 9, random.nextDouble() * 9);
    }
    for (int i = 0; i < 4 * corners; i++) {
      int hub = random.nextInt(3) == 0 ? random.nextInt(corners) : 0;
      builder.face(hub, random.nextInt(corners), random.nextInt(corners));
    }
    Mesh mesh;
    try {
      mesh = builder.build();
    } catch (IllegalArgumentException e) {
      return;
    }
    Edges edges = Edges.of(mesh);

    for (int h = 0; h < 3 * mesh.triangles(); h++) {
      List<Integer> along = new ArrayList<>();
      for (int other = 0; other < 3 * mesh.triangles(); other++) {
        boolean same = mesh.from(h) == mesh.from(other) && mesh.to(h) == mesh.to(other);
        boolean back = mesh.from(h) == mesh.to(other) && mesh.to(h) == mesh.from(other);
        if (other != h && (same || back)) {
          along.add(other);
        }
      }
      int expected =
          along.isEmpty() ? Edges.ALONE : along.size() > 1 ? Edges.MANY : along.getFirst();
      assertThat(edges.other(h)).isEqualTo(expected);
    }
  }
}
