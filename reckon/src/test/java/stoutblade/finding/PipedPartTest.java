package stoutblade.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.build.Step;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.PipeFitting;
import stoutblade.catalogue.PipeFitting.Kind;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.develop.Panel;
import stoutblade.edit.SkeletonEdits;
import stoutblade.feature.Typeface;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.part.Piped;
import stoutblade.pipework.BendBoards;
import stoutblade.pipework.Joint;
import stoutblade.pipework.Skeleton;
import stoutblade.pipework.Skeleton.Run;
import stoutblade.pipework.SkeletonChanges;
import stoutblade.pipework.Skeletons;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** A skeleton of pipe as a part: weighed, bought, planned, covered, and told where it is wrong. */
class PipedPartTest {

  private static final double ACROSS = Samples.PIPE.outerMm();
  private static final double OFF = 12.7;
  private static final double SOCKET = 17.5;

  private static final Catalogue CATALOGUE = catalogue();

  private static Catalogue catalogue() {
    Catalogue own = Samples.CATALOGUE;
    List<PipeFitting> fittings =
        List.of(
            new PipeFitting("pipe", Kind.CAP, 0, SOCKET, "test"),
            new PipeFitting("pipe", Kind.COUPLING, 1.2, SOCKET, "test"),
            new PipeFitting("pipe", Kind.ELBOW_90, OFF, SOCKET, "test"),
            new PipeFitting("pipe", Kind.TEE, OFF, SOCKET, "test"));
    return new Catalogue(
        own.families(),
        own.sheets(),
        own.rods(),
        own.glues(),
        own.coatings(),
        own.paces(),
        own.things(),
        fittings);
  }

  private static Project with(Skeleton skeleton) {
    Part part = Part.piped("d1", "Yoke", new Piped(skeleton, "pipe", ACROSS));
    return First.withParts(Samples.whole(), List.of(part));
  }

  private static Derived derive(Project project) {
    return new Reckoner(CATALOGUE, Typeface.NONE).derive(project, Samples.NOW, Units.METRIC);
  }

  private static Optional<Finding> finding(Project project, String id) {
    return derive(project).findings().stream()
        .filter(it -> it.id().endsWith("draft.d1.pipe." + id))
        .findFirst();
  }

  private static Project mended(Project project, String id) {
    Finding found = finding(project, id).orElseThrow();
    Project mended = found.mends().getFirst().in(Prop.FIRST).applyTo(project);
    assertThat(finding(mended, id)).isEmpty();
    return mended;
  }

  /** Uprights of 250 and a bar of 400: cut, bought from lengths, weighed, and in four steps. */
  @Test
  void a_yoke_is_cut_bought_weighed_and_planned() {
    Derived derived = derive(with(Skeletons.yoke(400, 250)));

    assertThat(derived.first().parts().getFirst().figures())
        .filteredOn(it -> it.id().startsWith("frame.cut"))
        .extracting(it -> Math.round(it.value() * 10) / 10.0)
        .containsExactly(237.3, 374.6);
    assertThat(derived.shopping().orElseThrow().lines())
        .anySatisfy(
            it -> {
              assertThat(it.name()).contains("elbow of 90°");
              assertThat(it.buy().value()).isEqualTo(2);
            })
        .anySatisfy(
            it -> {
              assertThat(it.name()).isEqualTo(Samples.PIPE.name());
              assertThat(it.need().value()).isCloseTo(2 * 237.3 + 374.6, within(1e-9));
              assertThat(it.buy().value()).isEqualTo(1);
            });
    assertThat(derived.plan().orElseThrow().steps())
        .extracting(Step::id)
        .contains("p1/d1/saw", "p1/d1/dry", "p1/d1/have", "p1/d1/measure")
        .doesNotContain("p1/d1/bend", "p1/d1/cut");
    assertThat(derived.first().whole().length().orElseThrow().value())
        .isCloseTo(250 + ACROSS / 2, within(0.1));
    assertThat(derived.first().whole().width().orElseThrow().value())
        .isCloseTo(400 + ACROSS, within(0.1));
    assertThat(derived.first().whole().unknown()).isEmpty();
    assertThat(derived.first().whole().balance().orElseThrow().value()).isBetween(150.0, 250.0);
  }

  @Test
  void an_odd_angle_is_bent_in_heat_and_a_tight_bend_widened() {
    Skeleton odd =
        new Skeleton(
            List.of(new Joint(0, 0, 0), new Joint(0, 400, 0), new Joint(200, 700, 0)),
            List.of(new Run(0, 1), new Run(1, 2)),
            false);
    Project project = with(odd);
    assertThat(derive(project).first().parts().getFirst().body()).isEmpty();
    Project bent = mended(project, "joint-2");
    assertThat(derive(bent).plan().orElseThrow().steps())
        .extracting(Step::id)
        .contains("p1/d1/bend")
        .doesNotContain("p1/d1/dry");
    mended(with(SkeletonChanges.bent(odd, 1, Optional.of(40.0))), "tight-2");
  }

  @Test
  void what_is_too_short_too_long_crossed_or_has_no_fittings_is_found() {
    assertThat(mended(with(Skeletons.yoke(50, 250)), "short").first().parts().getFirst().piped())
        .hasValueSatisfying(
            it -> assertThat(it.skeleton().joints().get(2).x()).isEqualTo(Math.ceil(60.4)));
    Project split = mended(with(Skeletons.yoke(4000, 250)), "long-2-3");
    assertThat(split.first().parts().getFirst().piped().orElseThrow().skeleton().fittings())
        .isEqualTo(Map.of(Kind.ELBOW_90, 2L, Kind.COUPLING, 1L));
    Part wooden = Part.piped("d1", "Yoke", new Piped(Skeletons.yoke(400, 250), "dowel-9", 9));
    mended(First.withParts(Samples.whole(), List.of(wooden)), "pipe");
    Skeleton crossed =
        new Skeleton(
            List.of(
                new Joint(0, 0, 0),
                new Joint(0, 400, 0),
                new Joint(200, 400, 0),
                new Joint(200, 200, 0),
                new Joint(-200, 200, 0)),
            List.of(new Run(0, 1), new Run(1, 2), new Run(2, 3), new Run(3, 4)),
            false);
    assertThat(finding(with(crossed), "clash")).isPresent();
    assertThat(finding(with(Skeletons.frame(400, 300)), "clash")).isEmpty();
  }

  /** One turn of foam for each pipe: as long as what is seen of it, and where that is. */
  @Test
  void its_pipes_are_covered_with_foam_where_they_are_seen() {
    Project project = with(Skeletons.yoke(400, 250));
    Derived before = derive(project);
    Project covered =
        SkeletonEdits.cover(
                "d1",
                before.first().parts().getFirst().body().orElseThrow().piping().orElseThrow(),
                "foam",
                5)
            .in(Prop.FIRST)
            .applyTo(project);

    assertThat(covered.first().parts()).hasSize(4);
    Part upright = covered.first().parts().get(1);
    assertThat(upright.formed().orElseThrow().sizes().get("width"))
        .isCloseTo(250 - OFF - SOCKET, within(1e-9));
    Part bar = covered.first().parts().get(2);
    assertThat(bar.formed().orElseThrow().sizes().get("width"))
        .isCloseTo(400 - 2 * (OFF + SOCKET), within(1e-9));
    Derived derived = derive(covered);
    var placed = derived.first().assembly();
    Box low =
        Box.around(
            upright.seen().stream()
                .flatMap(it -> it.flattened(0.1).stream())
                .map(placed.spots().get(upright.id()).getFirst()::place)
                .toList());
    assertThat(low.height()).isCloseTo(250 - OFF - SOCKET, within(0.2));
    assertThat(low.width()).isCloseTo(ACROSS + 10, within(0.5));
    Box frame =
        Box.around(
            covered.first().parts().getFirst().seen().stream()
                .flatMap(it -> it.flattened(0.1).stream())
                .map(placed.spots().get("d1").getFirst()::place)
                .toList());
    assertThat(low.minY()).isCloseTo(frame.minY(), within(0.2));
  }

  /**
   * The board for a bend of 60° round 100 mm: an arc of 100 mm less half the pipe, with 80 mm
   * straight at each end, measured along its edge.
   */
  @Test
  void a_bend_has_a_board_on_paper_to_bend_along() {
    Skeleton bent =
        new Skeleton(
            List.of(
                new Joint(0, 0, 0),
                new Joint(0, 400, 0),
                new Joint(400 * Math.sin(Math.PI / 3), 400 + 400 * Math.cos(Math.PI / 3), 0)),
            List.of(new Run(0, 1), new Run(1, 2)),
            false,
            Map.of(1, 100.0));
    PartReckoning part = derive(with(bent)).first().parts().getFirst();
    Panel board =
        BendBoards.of(part.body().orElseThrow().piping().orElseThrow()).panels().getFirst();

    double inside = 100 - ACROSS / 2;
    List<Point> edge = board.outline().flattened(0.001);
    Point middle = new Point(0, 0);
    long onArc = edge.stream().filter(it -> Math.abs(it.distance(middle) - inside) < 1e-6).count();
    assertThat(onArc).isGreaterThan(50);
    double arc = inside * Math.PI / 3;
    double wide = board.box().width();
    assertThat(wide).isCloseTo(2 * (inside * 0.5 + 80 * Math.cos(Math.PI / 6)), within(1e-6));
    double around = board.outline().length(0.001);
    double low = inside * Math.cos(Math.PI / 6) - 80 * 0.5;
    assertThat(around).isCloseTo(arc + 160 + wide + 2 * 40, within(0.01));
    assertThat(board.box().minY()).isCloseTo(low - 40, within(1e-6));
    assertThat(board.name()).isEqualTo("Bend by 60° round 100 mm");
    assertThat(part.templates(Units.METRIC))
        .singleElement()
        .satisfies(it -> assertThat(it.title()).contains("boards to bend along"));
    assertThat(
            derive(with(Skeletons.yoke(400, 250)))
                .first()
                .parts()
                .getFirst()
                .templates(Units.METRIC))
        .isEmpty();
  }

  @Test
  void made_larger_its_pipes_grow_and_its_bends_and_pipe_stay() {
    Piped piped =
        new Piped(
            SkeletonChanges.bent(Skeletons.yoke(400, 250), 1, Optional.of(90.0)), "pipe", ACROSS);

    Piped larger = piped.times(2);
    assertThat(larger.skeleton().joints().get(2)).isEqualTo(new Joint(800, 500, 0));
    assertThat(larger.skeleton().bends()).isEqualTo(Map.of(1, 90.0));
    assertThat(larger.acrossMm()).isEqualTo(ACROSS);
  }
}
