package stoutblade.flatten;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.SingularValueDecomposition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import stoutblade.finding.Finding;
import stoutblade.finding.PatchFindings;
import stoutblade.measure.Units;
import stoutblade.mesh.Mesh;
import stoutblade.mesh.MeshSamples;
import stoutblade.shape.Point;

/** Seams proposed for closed shapes, with handles and without, and what is said of bad ones. */
class ProposalTest {

  private static final double FORGIVES = 0.15;

  private static int[] all(Mesh mesh) {
    return IntStream.range(0, mesh.triangles()).toArray();
  }

  static Stream<Arguments> shapes() {
    return Stream.of(
        Arguments.of("ball", MeshSamples.sphere(100, 24, MeshSamples.Turn.NONE), 0),
        Arguments.of("torus", MeshSamples.torus(80, 30, 26, MeshSamples.Turn.NONE), 1),
        Arguments.of("knot", Blobs.knot(110, 8), 1),
        Arguments.of("hare", Blobs.hare(24), 0),
        Arguments.of("kettle", Blobs.kettle(24), 1));
  }

  /**
   * Each piece is put together by another library from its faces as they lie: their union is as
   * large as their sum, so that none lies over another; none is turned over; by that library's
   * singular values no place gives more than was asked; all of the surface is there once.
   */
  @ParameterizedTest(name = "{0}")
  @MethodSource("shapes")
  void every_piece_lies_flat_in_one_sheet(String name, Mesh mesh, int handles) {
    assertThat(2 - 2 * handles).as("Euler's number, of " + name).isEqualTo(euler(mesh));

    LaidFlat laid = Proposal.of(mesh, all(mesh), Seams.NONE, 1, FORGIVES, share -> {});

    int faces = 0;
    for (LaidFlat.Piece piece : laid.pieces()) {
      faces += piece.patch().triangles();
      liesInOneSheet(piece);
      gives(mesh, piece);
    }
    assertThat(faces).isEqualTo(mesh.triangles());
    assertThat(laid.pieces().size()).isBetween(1, 30);
    assertThat(Fault.of(laid, FORGIVES)).isEmpty();
  }

  private static int euler(Mesh mesh) {
    Set<Seams.Edge> edges = new java.util.HashSet<>();
    for (int t = 0; t < mesh.triangles(); t++) {
      for (int k = 0; k < 3; k++) {
        edges.add(Seams.Edge.of(mesh.corner(t, k), mesh.corner(t, (k + 1) % 3)));
      }
    }
    int used =
        (int)
            IntStream.range(0, 3 * mesh.triangles())
                .map(h -> mesh.corner(h / 3, h % 3))
                .distinct()
                .count();
    return used - edges.size() + mesh.triangles();
  }

  private static void liesInOneSheet(LaidFlat.Piece piece) {
    GeometryFactory factory = new GeometryFactory();
    List<Geometry> faces = new ArrayList<>();
    double sum = 0;
    for (int t = 0; t < piece.patch().triangles(); t++) {
      Point a = corner(piece, t, 0);
      Point b = corner(piece, t, 1);
      Point c = corner(piece, t, 2);
      double twice = (b.x() - a.x()) * (c.y() - a.y()) - (c.x() - a.x()) * (b.y() - a.y());
      assertThat(twice).as("no face is turned over").isPositive();
      sum += twice / 2;
      faces.add(factory.createPolygon(new Coordinate[] {at(a), at(b), at(c), at(a)}));
    }
    double union = UnaryUnionOp.union(faces).getArea();
    assertThat(union).isCloseTo(sum, within(1e-6 * sum));
  }

  private static Point corner(LaidFlat.Piece piece, int face, int k) {
    return piece.flat().at(piece.patch().corner(3 * face + k));
  }

  private static Coordinate at(Point it) {
    return new Coordinate(it.x(), it.y());
  }

  /** The mean about each vertex of what its faces give, by a library's singular values. */
  private static void gives(Mesh mesh, LaidFlat.Piece piece) {
    Patch patch = piece.patch();
    double[][] sums = new double[3][patch.vertices()];
    for (int t = 0; t < patch.triangles(); t++) {
      double[][] flat = new double[2][2];
      double[][] edges = new double[2][3];
      int face = patch.face(t);
      for (int k = 1; k < 3; k++) {
        Point by = corner(piece, t, k).minus(corner(piece, t, 0));
        flat[0][k - 1] = by.x();
        flat[1][k - 1] = by.y();
        edges[k - 1][0] = mesh.x(mesh.corner(face, k)) - mesh.x(mesh.corner(face, 0));
        edges[k - 1][1] = mesh.y(mesh.corner(face, k)) - mesh.y(mesh.corner(face, 0));
        edges[k - 1][2] = mesh.z(mesh.corner(face, k)) - mesh.z(mesh.corner(face, 0));
      }
      // From flat to the surface: the edges in space by the inverse of the edges as they lie.
      double[] s =
          new SingularValueDecomposition(
                  MatrixUtils.createRealMatrix(edges)
                      .transpose()
                      .multiply(MatrixUtils.inverse(MatrixUtils.createRealMatrix(flat))))
              .getSingularValues();
      double area = piece.flat().area(t);
      for (int k = 0; k < 3; k++) {
        int v = patch.corner(3 * t + k);
        sums[0][v] += area;
        sums[1][v] += area * s[0];
        sums[2][v] += area * s[1];
      }
    }
    for (int v = 0; v < patch.vertices(); v++) {
      assertThat(sums[1][v] / sums[0][v]).isLessThanOrEqualTo(1 + FORGIVES + 1e-9);
      assertThat(sums[2][v] / sums[0][v]).isGreaterThanOrEqualTo(1 - FORGIVES - 1e-9);
    }
  }

  /** The two shortest ways round a torus: about its tube and through its hole on the inside. */
  @Test
  void a_torus_is_opened_by_its_two_shortest_loops() {
    int around = 36;
    Mesh torus = MeshSamples.torus(80, 30, around, MeshSamples.Turn.NONE);

    Seams seams = Proposal.opened(torus, all(torus), Seams.NONE);

    double tube = around * 2 * 30 * Math.sin(Math.PI / around);
    double inside = around * 2 * 50 * Math.sin(Math.PI / around);
    assertThat(length(torus, seams)).isCloseTo(tube + inside, within(1e-3));
    assertThat(Patch.pieces(torus, all(torus), seams, 1)).hasSize(1);
  }

  private static double length(Mesh mesh, Seams seams) {
    return seams.edges().stream()
        .mapToDouble(
            it ->
                Math.sqrt(
                    Math.pow(mesh.x(it.low()) - mesh.x(it.high()), 2)
                        + Math.pow(mesh.y(it.low()) - mesh.y(it.high()), 2)
                        + Math.pow(mesh.z(it.low()) - mesh.z(it.high()), 2)))
        .sum();
  }

  @Test
  void seams_that_the_maker_cut_stay() {
    Mesh ball = MeshSamples.sphere(100, 24, MeshSamples.Turn.NONE);
    ShortestPaths ways = ShortestPaths.over(ball, all(ball));
    Seams own = Seams.NONE.with(ways.shortest(24 * 6, Set.of(24 * 6 + 12)));

    LaidFlat laid = Proposal.of(ball, all(ball), own, 1, FORGIVES, share -> {});

    assertThat(laid.seams().edges()).containsAll(own.edges());
  }

  @Test
  void a_ball_in_one_piece_is_said_to_be_wrong_and_its_mends_mend() {
    Mesh ball = MeshSamples.sphere(100, 24, MeshSamples.Turn.NONE);
    Seams slit = Proposal.opened(ball, all(ball), Seams.NONE);
    LaidFlat laid = LaidFlat.of(ball, all(ball), slit, 1, share -> {});

    List<Fault> faults = Fault.of(laid, FORGIVES);
    assertThat(faults).isNotEmpty();
    Fault worst = faults.getFirst();
    Finding said = PatchFindings.of(laid, worst, FORGIVES, Units.METRIC);
    assertThat(said.title()).startsWith("The piece");

    LaidFlat divided = LaidFlat.of(ball, all(ball), worst.divided(laid), 1, share -> {});
    assertThat(divided.pieces()).hasSize(2);
    LaidFlat darted = LaidFlat.of(ball, all(ball), worst.darted(laid), 1, share -> {});
    assertThat(darted.pieces()).hasSize(1);
    assertThat(darted.seams().edges().size()).isGreaterThan(slit.edges().size());
  }

  @Test
  void it_can_be_stopped() {
    Mesh ball = MeshSamples.sphere(100, 24, MeshSamples.Turn.NONE);
    assertThatThrownBy(
            () ->
                Proposal.of(
                    ball,
                    all(ball),
                    Seams.NONE,
                    1,
                    FORGIVES,
                    share -> {
                      throw new CancellationException("stopped");
                    }))
        .isInstanceOf(CancellationException.class);
  }
}
