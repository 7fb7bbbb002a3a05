package stoutblade.flatten;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.mesh.Faces;
import stoutblade.mesh.Mesh;
import stoutblade.mesh.MeshBuilder;
import stoutblade.reference.Orientation;
import stoutblade.shape.Point;

/** Faces of meshes cut along seams and laid flat. */
class LaidFlatTest {

  private static Mesh box(double wide, double high, double deep) {
    MeshBuilder it = new MeshBuilder();
    for (int i = 0; i < 8; i++) {
      it.vertex((i & 1) * wide, (i >> 1 & 1) * high, (i >> 2) * deep);
    }
    it.face(0, 2, 3, 1);
    it.face(4, 5, 7, 6);
    it.face(0, 1, 5, 4);
    it.face(2, 6, 7, 3);
    it.face(0, 4, 6, 2);
    it.face(1, 3, 7, 5);
    return it.build();
  }

  /** A tube along z, open at both ends; {@code top} is its upper radius. */
  private static Mesh tube(double foot, double top, double height, int around, int rows) {
    MeshBuilder it = new MeshBuilder();
    for (int row = 0; row <= rows; row++) {
      double share = row / (double) rows;
      double radius = foot + (top - foot) * share;
      for (int k = 0; k < around; k++) {
        double a = 2 * Math.PI * k / around;
        it.vertex(radius * Math.cos(a), radius * Math.sin(a), height * share);
      }
    }
    for (int row = 0; row < rows; row++) {
      for (int k = 0; k < around; k++) {
        int next = (k + 1) % around;
        it.face(
            row * around + k,
            row * around + next,
            (row + 1) * around + next,
            (row + 1) * around + k);
      }
    }
    return it.build();
  }

  private static Mesh dome(double radius, int around, int rows) {
    MeshBuilder it = new MeshBuilder();
    for (int row = 0; row < rows; row++) {
      double lat = Math.PI / 2 * (rows - row) / rows;
      for (int k = 0; k < around; k++) {
        double a = 2 * Math.PI * k / around;
        it.vertex(
            radius * Math.sin(lat) * Math.cos(a),
            radius * Math.sin(lat) * Math.sin(a),
            radius * Math.cos(lat));
      }
    }
    int pole = it.vertex(0, 0, radius);
    for (int row = 0; row + 1 < rows; row++) {
      for (int k = 0; k < around; k++) {
        int next = (k + 1) % around;
        it.face(
            row * around + k,
            row * around + next,
            (row + 1) * around + next,
            (row + 1) * around + k);
      }
    }
    for (int k = 0; k < around; k++) {
      it.face((rows - 1) * around + k, (rows - 1) * around + (k + 1) % around, pole);
    }
    return it.build();
  }

  private static int[] all(Mesh mesh) {
    return IntStream.range(0, mesh.triangles()).toArray();
  }

  private static LaidFlat flat(Mesh mesh, Seams seams) {
    return LaidFlat.of(mesh, all(mesh), seams, 1, share -> {});
  }

  private static Map<String, List<Double>> seams(List<Panel> panels) {
    Map<String, List<Double>> lengths = new TreeMap<>();
    for (Panel panel : panels) {
      panel.edges().stream()
          .filter(Edge::glued)
          .forEach(
              it -> lengths.computeIfAbsent(it.seam(), key -> new ArrayList<>()).add(it.length()));
    }
    return lengths;
  }

  // == CHOOSING

  @Test
  void faces_are_chosen_up_to_the_edges_that_turn_too_much() {
    Mesh box = box(30, 20, 10);
    Faces faces = Faces.of(box);
    int front = faces.at(Orientation.Y_UP, Orientation.View.FRONT, new Point(12, 9)).orElseThrow();

    assertThat(faces.smooth(front, Math.toRadians(30))).hasSize(2);
    assertThat(faces.smooth(front, Math.toRadians(91))).hasSize(12);
    assertThat(faces.at(Orientation.Y_UP, Orientation.View.FRONT, new Point(40, 9))).isEmpty();
    int corner =
        faces.cornerAt(Orientation.Y_UP, Orientation.View.FRONT, new Point(28, 19)).orElseThrow();
    assertThat(box.x(corner)).isEqualTo(30);
    assertThat(box.y(corner)).isEqualTo(20);
    assertThat(box.z(corner)).as("the foremost one").isEqualTo(10);
  }

  // == SEAMS

  /** A tube of 24 sides opens to a rectangle: its length is the polygon's girth. */
  @Test
  void a_tube_cut_along_its_shortest_seam_is_a_rectangle() {
    Mesh tube = tube(50, 50, 80, 24, 8);
    Seams seams = Proposal.opened(tube, all(tube), Seams.NONE);
    LaidFlat laid = flat(tube, seams);

    double girth = 24 * 100 * Math.sin(Math.PI / 24);
    Panel panel = laid.panels().getFirst();
    assertThat(panel.area()).isCloseTo(girth * 80, within(0.05));
    Map<String, List<Double>> sides = seams(laid.panels());
    assertThat(sides).hasSize(1);
    assertThat(sides.get("A"))
        .hasSize(2)
        .allSatisfy(it -> assertThat(it).isCloseTo(80, within(0.01)));
    assertThat(laid.worst()).isLessThan(1e-3);
    assertThat(panel.edges()).hasSize(4);
  }

  /** A cone's wall has the area π·(r₁ + r₂)·s (any handbook), here of its 48-sided like. */
  @Test
  void a_cone_opens_without_stretch() {
    Mesh cone = tube(60, 30, 90, 48, 12);
    LaidFlat laid = flat(cone, Proposal.opened(cone, all(cone), Seams.NONE));

    double apothem = Math.cos(Math.PI / 48);
    double slant = Math.hypot(90, 30 * apothem);
    double girths = 48 * 2 * Math.sin(Math.PI / 48) * (60 + 30) / 2;
    assertThat(laid.panels().getFirst().area()).isCloseTo(girths * slant, within(1.0));
    assertThat(laid.worst()).isLessThan(2e-3);
    assertThat(laid.mismatchMm()).isLessThan(0.05);
  }

  /** A box cut along all its edges falls into its six faces, each seam with two equal edges. */
  @Test
  void a_box_cut_along_every_edge_falls_into_six_lettered_faces() {
    Mesh box = box(30, 20, 10);
    Set<Seams.Edge> edges = new java.util.HashSet<>();
    for (int i = 0; i < 8; i++) {
      for (int bit : new int[] {1, 2, 4}) {
        edges.add(Seams.Edge.of(i, i ^ bit));
      }
    }
    LaidFlat laid = flat(box, new Seams(edges));

    assertThat(laid.pieces()).hasSize(6);
    Map<String, List<Double>> sides = seams(laid.panels());
    assertThat(sides).hasSize(12);
    assertThat(sides.values())
        .allSatisfy(
            it -> {
              assertThat(it).hasSize(2);
              assertThat(it.get(0)).isCloseTo(it.get(1), within(1e-3));
            });
    double area = laid.panels().stream().mapToDouble(Panel::area).sum();
    assertThat(area).isCloseTo(2 * (30 * 20 + 20 * 10 + 30 * 10), within(0.01));
  }

  @Test
  void faces_that_close_on_themselves_are_refused_until_a_seam_is_proposed() {
    Mesh box = box(30, 20, 10);
    assertThatThrownBy(() -> flat(box, Seams.NONE)).hasMessageContaining("Cut a seam");

    LaidFlat laid = flat(box, Proposal.opened(box, all(box), Seams.NONE));

    assertThat(laid.pieces()).hasSize(1);
    assertThat(laid.worst()).as("one seam is few for a box").isGreaterThan(0.05);
  }

  @Test
  void every_shell_gets_its_own_seam() {
    MeshBuilder it = new MeshBuilder();
    for (int shell = 0; shell < 2; shell++) {
      for (int i = 0; i < 4; i++) {
        it.vertex(40 * shell + (i == 1 ? 10 : 0), i == 2 ? 10 : 0, i == 3 ? 10 : 0);
      }
      int a = 4 * shell;
      it.face(a, a + 2, a + 1);
      it.face(a, a + 1, a + 3);
      it.face(a, a + 3, a + 2);
      it.face(a + 1, a + 2, a + 3);
    }
    Mesh two = it.build();

    LaidFlat laid = flat(two, Proposal.opened(two, all(two), Seams.NONE));

    assertThat(laid.pieces()).hasSize(2);
    assertThat(laid.seams().edges()).hasSize(4);
  }

  // == DARTS

  /** A hemisphere in one disc stretches a lot; darts take it out, and their sides match. */
  @Test
  void darts_are_cut_until_the_foam_forgives() {
    Mesh dome = dome(100, 48, 16);
    LaidFlat plain = flat(dome, Seams.NONE);
    LaidFlat darted = LaidFlat.withDarts(dome, all(dome), Seams.NONE, 1, 0.12, share -> {});

    assertThat(plain.worst()).isGreaterThan(0.25);
    assertThat(darted.worst()).isLessThan(plain.worst());
    assertThat(darted.seams().edges()).isNotEmpty();
    assertThat(darted.mismatchMm()).isLessThan(0.3);
    assertThat(seams(darted.panels()).values()).allSatisfy(it -> assertThat(it).hasSize(2));
    assertThat(darted.pieces()).allSatisfy(it -> assertThat(it.flat().turnedOver()).isZero());
  }

  /** Notches lie at equal shares of both edges of a seam: they meet as the edges do. */
  @Test
  void the_edges_of_seams_in_a_stretched_patch_match_within_three_tenths() {
    Mesh dome = dome(120, 40, 14);
    ShortestPaths ways = ShortestPaths.over(dome, all(dome));
    int pole = dome.vertices() - 1;
    Seams seams = Seams.NONE;
    for (int k : new int[] {0, 10, 20, 30}) {
      seams = seams.with(ways.shortest(k, Set.of(pole)));
    }
    LaidFlat laid = flat(dome, seams);

    assertThat(laid.pieces()).hasSize(4);
    assertThat(laid.mismatchMm()).isLessThan(0.3);
    assertThat(seams(laid.panels())).hasSize(4);
  }

  @Test
  void it_can_be_stopped_and_too_much_is_refused() {
    Mesh tube = tube(50, 50, 80, 24, 8);
    Seams seams = Proposal.opened(tube, all(tube), Seams.NONE);
    assertThatThrownBy(
            () ->
                LaidFlat.of(
                    tube,
                    all(tube),
                    seams,
                    1,
                    share -> {
                      throw new CancellationException("stopped");
                    }))
        .isInstanceOf(CancellationException.class);
    assertThatThrownBy(() -> LaidFlat.of(tube, new int[0], seams, 1, share -> {}))
        .hasMessageContaining("No face is chosen");
    int[] many = new int[LaidFlat.MOST_FACES + 1];
    Arrays.fill(many, 1);
    assertThatThrownBy(() -> LaidFlat.of(tube, many, seams, 1, share -> {}))
        .hasMessageContaining("laid flat at once");
  }
}
