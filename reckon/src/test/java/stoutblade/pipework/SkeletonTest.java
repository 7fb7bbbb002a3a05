package stoutblade.pipework;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.PipeFitting;
import stoutblade.catalogue.PipeFitting.Kind;
import stoutblade.catalogue.Rod;
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

    List<PipeCut> cuts = skeleton.cuts(CATALOGUE, "half");

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
        .extracting(PipeCut::lengthMm)
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
        .hasMessageContaining("Joint 2 to Joint 3")
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

  /**
   * A chain of runs in space bent in heat by any angle, put together again by walking: straight,
   * along each arc, straight. Its ends are where they were drawn, and it is as long as its cut.
   */
  @Property(tries = 200)
  void a_bent_pipe_walked_again_ends_where_it_was_drawn(@ForAll long seed) {
    Random random = new Random(seed);
    List<Vector3D> drawn = new ArrayList<>(List.of(Vector3D.ZERO));
    Vector3D way = Vector3D.PLUS_I;
    int count = 2 + random.nextInt(4);
    Map<Integer, Double> bends = new TreeMap<>();
    List<Run> runs = new ArrayList<>();
    List<Vector3D> ways = new ArrayList<>();
    List<Vector3D> axes = new ArrayList<>();
    List<Double> angles = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      if (i > 0) {
        double bend = 0.1 + random.nextDouble() * 1.6;
        Vector3D axis =
            new Rotation(way, random.nextDouble() * 6.28, RotationConvention.VECTOR_OPERATOR)
                .applyTo(way.orthogonal());
        way = new Rotation(axis, bend, RotationConvention.VECTOR_OPERATOR).applyTo(way);
        bends.put(i, 40 + random.nextDouble() * 60);
        axes.add(axis);
        angles.add(bend);
      }
      ways.add(way);
      drawn.add(drawn.getLast().add(way.scalarMultiply(300 + random.nextDouble() * 300)));
      runs.add(new Run(i, i + 1));
    }
    Skeleton skeleton =
        new Skeleton(drawn.stream().map(SkeletonTest::joint).toList(), runs, true, bends);

    List<PipeCut> cuts = skeleton.cuts(CATALOGUE, "half");
    assertThat(cuts).hasSize(1);
    PipeCut cut = cuts.getFirst();
    assertThat(skeleton.fittings()).isEqualTo(Map.of(Kind.CAP, 2L));

    Vector3D at = Vector3D.ZERO;
    double done = 0;
    for (int i = 0; i < cut.bends().size(); i++) {
      PipeCut.Bend bend = cut.bends().get(i);
      assertThat(bend.angle()).isCloseTo(angles.get(i), within(1e-9));
      at = at.add(ways.get(i).scalarMultiply(bend.startMm() - done));
      // Along the arc: its middle is square to the way, on the side that it turns to.
      Vector3D middle =
          at.add(Vector3D.crossProduct(axes.get(i), ways.get(i)).scalarMultiply(bend.radius()));
      at =
          middle.add(
              new Rotation(axes.get(i), bend.angle(), RotationConvention.VECTOR_OPERATOR)
                  .applyTo(at.subtract(middle)));
      done = bend.startMm() + bend.radius() * bend.angle();
    }
    at = at.add(ways.getLast().scalarMultiply(cut.lengthMm() - done));
    assertThat(Vector3D.distance(at, drawn.getLast())).isLessThan(0.01);

    double line = 0;
    List<Joint> middle = skeleton.middleLine(cut.joints());
    for (int i = 1; i < middle.size(); i++) {
      line += middle.get(i - 1).distance(middle.get(i));
    }
    assertThat(line).isCloseTo(cut.lengthMm(), within(cut.lengthMm() * 1e-4));
  }

  @Test
  void a_bend_wants_two_runs_room_for_its_tangents_and_an_end_somewhere() {
    List<Joint> square = List.of(at(0, 0, 0), at(400, 0, 0), at(400, 300, 0), at(0, 300, 0));
    List<Run> ring = List.of(new Run(0, 1), new Run(1, 2), new Run(2, 3), new Run(3, 0));
    Map<Integer, Double> all = Map.of(0, 90.0, 1, 90.0, 2, 90.0, 3, 90.0);
    assertThatThrownBy(() -> new Skeleton(square, ring, false, all).cuts(CATALOGUE, "half"))
        .hasMessageContaining("closes on itself");
    assertThatThrownBy(() -> new Skeleton(square, ring.subList(0, 3), false, Map.of(0, 90.0)))
        .hasMessageContaining("two runs");
    assertThatThrownBy(
            () ->
                new Skeleton(square, ring, false, Map.of(1, 200.0, 2, 200.0))
                    .cuts(CATALOGUE, "half"))
        .isInstanceOf(TooShort.class)
        .hasMessageContaining("Joint 2 to Joint 3")
        .hasMessageContaining("400.0 mm; found 300.0 mm");
    assertThatThrownBy(
            () -> new Skeleton(square, List.of(new Run(0, 1), new Run(2, 3)), false, Map.of()))
        .hasMessageContaining("one piece");
    Skeleton three = new Skeleton(square, ring, false, Map.of(1, 90.0, 2, 90.0, 3, 90.0));
    assertThat(three.cuts(CATALOGUE, "half"))
        .singleElement()
        .satisfies(
            it ->
                assertThat(it.centresMm())
                    .isCloseTo(1400 - 3 * (180 - 90 * Math.PI / 2), within(1e-9)));
  }

  /** Pipes and fittings by hand: a T balances where moments of its three pipes and its tee do. */
  @Test
  void it_balances_where_its_small_pieces_do() {
    Rod pipe = new Rod("half", "Half", 20, 16, 3000, 425, 1.4e-3, 3000, true, "test");
    Catalogue with =
        new Catalogue(
            List.of(),
            List.of(),
            List.of(pipe),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            CATALOGUE.fittings());
    Piping tee = Piping.of(Skeletons.tee(300, 500), with, "half");
    double perMm = Math.PI / 4 * (400 - 256) * 1.4e-3;
    double off = 12.7;
    double upright = (500 - off) * perMm;
    double arms = 2 * (150 - off) * perMm;
    double fitting = 3 * (12.7 + 0.688 * 25.4) * Math.PI / 4 * (576 - 400) * 1.4e-3;

    assertThat(tee.mass().value()).isCloseTo(upright + arms + fitting, within(1e-9));
    assertThat(tee.balance().x()).isCloseTo(150, within(1e-9));
    assertThat(tee.balance().y())
        .isCloseTo(
            (upright * (500 - off) / 2 + (arms + fitting) * 500) / (upright + arms + fitting),
            within(1e-9));
    assertThat(tee.alike()).extracting(it -> it.cuts().size()).containsExactly(1, 2);
  }

  @Test
  void what_is_moved_takes_along_what_is_in_line() {
    Skeleton frame = Skeletons.frame(400, 300);
    Skeleton wider = SkeletonChanges.lengthened(frame, 1, 500);
    assertThat(wider.joints())
        .containsExactly(at(0, 0, 0), at(0, 300, 0), at(500, 300, 0), at(500, 0, 0));
    assertThat(SkeletonChanges.moved(frame, 2, at(450, 250, 0)).joints())
        .containsExactly(at(0, 0, 0), at(0, 250, 0), at(450, 250, 0), at(450, 0, 0));
    Skeleton yoke = Skeletons.yoke(400, 300);
    assertThat(SkeletonChanges.lengthened(yoke, 0, 200).joints().get(3))
        .isEqualTo(at(400, -100, 0));
    assertThat(SkeletonChanges.without(frame, 3).pipes()).hasSize(3);
    assertThat(SkeletonChanges.without(yoke, 0).joints()).hasSize(3);
    Skeleton closed = SkeletonChanges.longerBy(yoke, 3, at(-400, 0, 0));
    assertThat(closed.joints()).hasSize(4);
    assertThat(closed.fittings()).isEqualTo(Map.of(Kind.ELBOW_90, 4L));
    assertThat(SkeletonChanges.split(frame, 0).fittings())
        .isEqualTo(Map.of(Kind.ELBOW_90, 4L, Kind.COUPLING, 1L));
    assertThat(SkeletonChanges.times(yoke, 0.5).joints().get(2)).isEqualTo(at(200, 150, 0));
    assertThatThrownBy(
            () ->
                SkeletonChanges.without(
                    new Skeleton(List.of(at(0, 0, 0), at(9, 0, 0)), List.of(new Run(0, 1)), false),
                    0))
        .hasMessageContaining("remove the part");
  }

  /** Two bars that cross 30 mm apart clash where the pipe is thicker than that, and else not. */
  @Test
  void pipes_that_cross_without_a_joint_are_found() {
    Skeleton crossed =
        new Skeleton(
            List.of(
                at(0, 0, 0),
                at(0, 300, 0),
                at(0, 300, 200),
                at(-300, 300, 200),
                at(-300, 150, 200),
                at(-300, 150, 30),
                at(200, 150, 30)),
            List.of(
                new Run(0, 1),
                new Run(1, 2),
                new Run(2, 3),
                new Run(3, 4),
                new Run(4, 5),
                new Run(5, 6)),
            false);
    assertThat(Clash.of(crossed, 29.9)).isEmpty();
    Clash clash = Clash.of(crossed, 30.1).orElseThrow();
    assertThat(List.of(clash.one(), clash.other())).containsExactly(0, 5);
    assertThat(clash.at().y()).isCloseTo(150, within(1.0));
    assertThat(Clash.of(Skeletons.frame(400, 300), 30)).isEmpty();
  }
}
