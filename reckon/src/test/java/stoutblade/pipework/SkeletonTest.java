package stoutblade.pipework;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.PipeFitting;
import stoutblade.catalogue.PipeFitting.Kind;
import stoutblade.pipework.Skeleton.Run;

/** Skeletons cut by their list and put together again by other code. */
class SkeletonTest {

  /** ASTM D2466, half an inch, from memory: take-offs and depths of sockets in inches. */
  private static final Catalogue CATALOGUE =
      new Catalogue(
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          List.of(
              fitting(Kind.CAP, 0),
              fitting(Kind.COUPLING, 0.047),
              fitting(Kind.ELBOW_45, 0.25),
              fitting(Kind.ELBOW_90, 0.5),
              fitting(Kind.TEE, 0.5),
              fitting(Kind.CROSS, 0.5)));

  private static PipeFitting fitting(Kind kind, double inches) {
    return new PipeFitting("half", kind, inches * 25.4, 0.688 * 25.4, "test");
  }

  private static Joint at(double x, double y, double z) {
    return new Joint(x, y, z);
  }

  private static Joint joint(Vector3D it) {
    return at(it.getX(), it.getY(), it.getZ());
  }

  /**
   * A chain that bends by nothing, 45° or 90° about any axis, in space: walked again with the cut
   * pipes and what each fitting adds, its middles are where they were drawn.
   */
  @Property(tries = 200)
  void a_chain_is_put_together_again_from_its_cut_list(@ForAll long seed) {
    Random random = new Random(seed);
    List<Double> bends = new ArrayList<>();
    List<Vector3D> drawn = new ArrayList<>(List.of(Vector3D.ZERO));
    Vector3D way = Vector3D.PLUS_J;
    int count = 2 + random.nextInt(6);
    List<Vector3D> ways = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      if (i > 0) {
        double bend = random.nextInt(3) * Math.PI / 4;
        Vector3D axis =
            new Rotation(way, random.nextDouble() * 6.28, RotationConvention.VECTOR_OPERATOR)
                .applyTo(way.orthogonal());
        way = new Rotation(axis, bend, RotationConvention.VECTOR_OPERATOR).applyTo(way);
        bends.add(bend);
      }
      ways.add(way);
      drawn.add(drawn.getLast().add(way.scalarMultiply(80 + random.nextDouble() * 500)));
    }
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      runs.add(new Run(i, i + 1));
    }
    Skeleton skeleton = new Skeleton(drawn.stream().map(SkeletonTest::joint).toList(), runs, false);

    List<Skeleton.Cut> cuts = skeleton.cuts(CATALOGUE, "half");

    Vector3D walked = Vector3D.ZERO;
    for (int i = 0; i < count; i++) {
      double before = i == 0 ? 0 : off(bends.get(i - 1));
      double after = i == count - 1 ? 0 : off(bends.get(i));
      double length = before + cuts.get(i).lengthMm() + after;
      walked = walked.add(ways.get(i).scalarMultiply(length));
      assertThat(Vector3D.distance(walked, drawn.get(i + 1))).isLessThan(0.01);
    }
  }

  private static double off(double bend) {
    return 25.4 * (bend == 0 ? 0.047 : bend < 1 ? 0.25 : 0.5);
  }

  /** A frame of four elbows, 400 by 300 from middle to middle: 400 and 300 less 25.4 each. */
  @Test
  void a_frame_of_four_elbows_gives_its_cut_list() {
    Skeleton frame =
        new Skeleton(
            List.of(at(0, 0, 0), at(400, 0, 0), at(400, 300, 0), at(0, 300, 0)),
            List.of(new Run(0, 1), new Run(1, 2), new Run(2, 3), new Run(3, 0)),
            false);

    assertThat(frame.fittings()).isEqualTo(Map.of(Kind.ELBOW_90, 4L));
    assertThat(frame.cuts(CATALOGUE, "half"))
        .extracting(Skeleton.Cut::lengthMm)
        .usingElementComparator((one, other) -> Math.abs(one - other) < 1e-9 ? 0 : 1)
        .containsExactly(374.6, 274.6, 374.6, 274.6);
    assertThat(frame.cuts(CATALOGUE, "half").getFirst().seenMm())
        .isCloseTo(374.6 - 2 * 0.688 * 25.4, within(1e-9));
  }

  /** A stand with a tee, a cross and caps on its open ends. */
  @Test
  void tees_crosses_and_caps_stand_where_pipes_meet_so() {
    Skeleton stand =
        new Skeleton(
            List.of(
                at(0, 0, 0),
                at(0, 200, 0),
                at(0, 400, 0),
                at(-150, 200, 0),
                at(150, 200, 0),
                at(-150, 400, 0),
                at(150, 400, 0)),
            List.of(
                new Run(0, 1),
                new Run(1, 2),
                new Run(1, 3),
                new Run(1, 4),
                new Run(2, 5),
                new Run(2, 6)),
            true);

    assertThat(stand.fittings()).isEqualTo(Map.of(Kind.CAP, 5L, Kind.TEE, 1L, Kind.CROSS, 1L));
  }

  @Test
  void what_no_fitting_joins_and_what_does_not_fit_between_is_refused() {
    List<Run> chain = List.of(new Run(0, 1), new Run(1, 2));
    assertThatThrownBy(
            () ->
                new Skeleton(List.of(at(0, 0, 0), at(0, 200, 0), at(80, 390, 0)), chain, false)
                    .fittings())
        .hasMessageContaining("Joint 2")
        .hasMessageContaining("Bend the pipe in heat");
    Skeleton corner =
        new Skeleton(
            List.of(at(0, 0, 0), at(200, 0, 0), at(0, 200, 0), at(0, 0, 200)),
            List.of(new Run(0, 1), new Run(0, 2), new Run(0, 3)),
            false);
    assertThatThrownBy(corner::fittings).hasMessageContaining("a tee joins a straight run");
    Skeleton tight =
        new Skeleton(
            List.of(at(0, 0, 0), at(0, 200, 0), at(50, 200, 0), at(50, 0, 0)),
            List.of(new Run(0, 1), new Run(1, 2), new Run(2, 3)),
            false);
    assertThatThrownBy(() -> tight.cuts(CATALOGUE, "half"))
        .hasMessageContaining("Pipe 2")
        .hasMessageContaining("found 50.0 mm");
    assertThatThrownBy(
            () -> new Skeleton(List.of(at(0, 0, 0), at(0, 0, 0)), List.of(new Run(0, 1)), false))
        .hasMessageContaining("no length");
    assertThatThrownBy(
            () ->
                new Skeleton(
                    List.of(at(0, 0, 0), at(0, 9, 0)),
                    List.of(new Run(0, 1), new Run(1, 0)),
                    false))
        .hasMessageContaining("lie on one another");
    assertThatThrownBy(() -> new Skeleton(List.of(at(0, 0, 0)), List.of(new Run(0, 4)), false))
        .hasMessageContaining("not there");
    assertThatThrownBy(() -> corner.cuts(CATALOGUE, "other")).isNotNull();
  }
}
