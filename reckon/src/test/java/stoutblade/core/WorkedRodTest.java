package stoutblade.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static stoutblade.core.Polygons.ring;
import static stoutblade.core.Polygons.secondMoment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Rod;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.Change;
import stoutblade.edit.Edits;
import stoutblade.edit.LayerEdits;
import stoutblade.finding.Finding;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;
import stoutblade.stock.Shopping;

/** Rods glued to a bundle, rods drilled through, and what is allowed of cores. */
class WorkedRodTest {

  private static final CoreChoice DOWEL = new CoreChoice("dowel-9", -100, 500, 0);
  private static final CoreChoice TUBE = new CoreChoice("tube-10", -100, 500, 0);

  private static Project with(CoreChoice core) {
    WholeOutline board =
        new WholeOutline(
            List.of(
                Node.corner(-60, 0),
                Node.corner(60, 0),
                Node.corner(60, 600),
                Node.corner(-60, 600)));
    Part part =
        Samples.plate("d1", "Board", board, List.of(), "foam", 20, Placing.USUAL)
            .withLayering(Layering.of(4, "foam", 20, Profile.FLAT))
            .withCore(Optional.of(core));
    return First.withParts(Samples.whole(), List.of(part));
  }

  /** The samples, and a dowel fat enough to take a tube. */
  private static Derived derived(Project project) {
    Catalogue all = Samples.CATALOGUE;
    List<Rod> rods = new ArrayList<>(all.rods());
    rods.add(new Rod("dowel-30", "Dowel 30 mm", 30, 0, 12_000, 1500, 650e-6, 1200, false, "test"));
    rods.add(new Rod("dowel-6", "Dowel 6 mm", 6, 0, 12_000, 1500, 650e-6, 1200, false, "test"));
    Catalogue more =
        new Catalogue(
            all.families(),
            all.sheets(),
            rods,
            all.glues(),
            all.coatings(),
            all.paces(),
            all.things(),
            all.fittings());
    return new Reckoner(more).derive(project, Samples.NOW, Units.METRIC);
  }

  private static CoreReckoning core(Project project) {
    return derived(project).first().parts().getFirst().core().orElseThrow();
  }

  private static CoreReckoning core(CoreChoice choice) {
    return core(with(choice));
  }

  private static double value(CoreReckoning core, String id) {
    return inside(core.figures().stream())
        .filter(it -> it.id().equals(id))
        .findFirst()
        .orElseThrow()
        .value();
  }

  private static Stream<Figure> inside(Stream<Figure> all) {
    return all.flatMap(it -> Stream.concat(Stream.of(it), inside(it.inputs().stream())));
  }

  private static Project then(Project project, Change edit) {
    return edit.in(Prop.FIRST).applyTo(project);
  }

  private static Optional<Finding> finding(Project project, String id) {
    return derived(project).findings().stream()
        .filter(it -> it.id().endsWith("core.d1." + id))
        .findFirst();
  }

  private static boolean step(Project project, String id) {
    return Samples.derive(project).plan().orElseThrow().steps().stream()
        .anyMatch(it -> it.id().endsWith("/" + id));
  }

  // == BUNDLES

  /** By the polygons of all rods: none lies over another, and all bend about one middle. */
  @ParameterizedTest
  @ValueSource(ints = {3, 4, 7})
  void a_bundle_has_the_figures_of_its_rods_together(int count) {
    for (CoreChoice choice : List.of(DOWEL, TUBE)) {
      CoreReckoning one = core(choice);
      CoreReckoning all = core(choice.bundled(count));
      List<Path> outlines = all.section().outlines();
      int rings = choice.equals(TUBE) ? 2 : 1;
      assertThat(outlines).hasSize(count * rings);
      double moment = 0;
      double reach = 0;
      double apart = Double.POSITIVE_INFINITY;
      for (int i = 0; i < outlines.size(); i++) {
        Polygon ring = ring(outlines.get(i));
        double own = secondMoment(ring, it -> it.y);
        moment += i % rings == 0 ? own : -own;
        for (Coordinate it : ring.getCoordinates()) {
          reach = Math.max(reach, Math.hypot(it.x, it.y));
        }
        for (int k = 0; k < i; k++) {
          if (i % rings == 0 && k % rings == 0) {
            Polygon other = ring(outlines.get(k));
            assertThat(ring.intersection(other).getArea()).isLessThan(0.01);
            apart = Math.min(apart, ring.distance(other));
          }
        }
      }
      assertThat(apart).as("they touch").isLessThan(0.01);
      assertThat(value(all, "core.second-moment")).isCloseTo(moment, within(moment * 1e-3));
      assertThat(all.section().secondMomentMm4()).isCloseTo(moment, within(moment * 1e-3));
      assertThat(all.height().value()).isCloseTo(2 * reach, within(0.01));
      assertThat(value(all, "core.rod-mass"))
          .isCloseTo(count * value(one, "core.rod-mass"), within(1e-6));
      assertThat(all.droop().value()).isLessThan(one.droop().value());
    }
  }

  @Test
  void a_bundle_is_bought_and_glued() {
    Project project = with(DOWEL.bundled(7));
    Derived derived = Samples.derive(project);
    Shopping.Line line =
        derived.shopping().orElseThrow().lines().stream()
            .filter(it -> it.name().equals(core(DOWEL).rod().name()))
            .findFirst()
            .orElseThrow();
    assertThat(line.need().value()).isCloseTo(7 * 600, within(1e-9));
    assertThat(step(project, "core-bundle")).isTrue();
    assertThat(step(with(DOWEL), "core-bundle")).isFalse();
    assertThatThrownBy(() -> DOWEL.bundled(2)).hasMessageContaining("[1, 3, 4, 7]; found 2");
    assertThat(DOWEL.bundled(7).withRod("tube-10").work().bundle())
        .as("as it is sold")
        .isEqualTo(1);
  }

  @Test
  void what_is_hollow_is_plugged() {
    assertThat(fitting(with(TUBE))).contains("plug the open ends");
    assertThat(fitting(with(DOWEL))).doesNotContain("plug");
    assertThat(fitting(with(DOWEL.drilled(4)))).contains("plug the open ends");
  }

  private static String fitting(Project project) {
    return Samples.derive(project).plan().orElseThrow().steps().stream()
        .filter(it -> it.id().endsWith("/core-fit"))
        .findFirst()
        .orElseThrow()
        .why();
  }

  // == DRILLED THROUGH

  @Test
  void a_drilled_dowel_is_a_tube_of_its_bore_and_a_rod_goes_inside() {
    CoreReckoning drilled = core(DOWEL.drilled(4));
    double across = drilled.rod().outerMm();
    assertThat(value(drilled, "core.second-moment"))
        .isCloseTo(Math.PI / 64 * (Math.pow(across, 4) - 256), within(1e-9));
    assertThat(value(drilled, "core.rod-mass"))
        .isCloseTo(
            Math.PI / 4 * (across * across - 16) * 600 * drilled.rod().densityGPerMm3(),
            within(1e-9));
    assertThat(drilled.section().outlines()).hasSize(2);
    assertThat(step(with(DOWEL.drilled(4)), "core-drill")).isTrue();
    assertThat(core(DOWEL.drilled(20)).rod().innerMm()).as("as it is sold").isZero();
  }

  /** A thin rod on the line of a fat dowel: the dowel is drilled from its finding. */
  @Test
  void what_is_in_the_way_of_a_solid_core_may_go_inside_it() {
    CoreChoice fat = new CoreChoice("dowel-30", -100, 500, 0);
    Beside thin = new Beside("tube-10", 0, 400, 0, false);
    Project project = with(fat.withBeside(List.of(thin)));
    Change mend =
        finding(project, "beside-0.on").orElseThrow().mends().stream()
            .filter(it -> it.name().startsWith("Drill the core"))
            .findFirst()
            .orElseThrow();
    Project mended = then(project, mend);
    assertThat(finding(mended, "beside-0.on")).isEmpty();
    CoreReckoning core = core(mended);
    assertThat(core.beside().getFirst().lies()).isEqualTo(BesideReckoning.Lies.INSIDE);
    assertThat(core.rod().innerMm()).isGreaterThan(10).isLessThan(11.1);
  }

  @Test
  void what_cannot_be_drilled_or_glued_together_is_found() {
    Finding wide = finding(with(DOWEL.drilled(8)), "drilled").orElseThrow();
    assertThat(finding(then(with(DOWEL.drilled(8)), wide.mends().getFirst()), "drilled")).isEmpty();
    Project hollow = with(TUBE.drilled(4));
    Finding not = finding(hollow, "undrilled").orElseThrow();
    assertThat(not.why()).contains("hollow");
    assertThat(finding(then(hollow, not.mends().getFirst()), "undrilled")).isEmpty();
    assertThat(finding(with(DOWEL.drilled(30)), "undrilled")).isPresent();
  }

  // == A SKIN

  /** Three layers of 3 mm leave 1.5 mm over a rod of 6 mm; a skin on both faces is enough. */
  @Test
  void foam_too_thin_over_a_core_is_skinned_from_its_finding() {
    Project thick = with(new CoreChoice("dowel-6", -100, 500, 0));
    Project thin =
        then(thick, LayerEdits.on("d1", "Thin", it -> Layering.of(3, "foam", 3, Profile.FLAT)));
    assertThat(core(thin).bed().orElseThrow().leastCover().value()).isCloseTo(1.5, within(1e-6));
    Change skin =
        finding(thin, "shows").orElseThrow().mends().stream()
            .filter(it -> it.name().startsWith("A skin of"))
            .findFirst()
            .orElseThrow();
    Project skinned = then(thin, skin);
    assertThat(finding(skinned, "shows")).isEmpty();
    List<Sheet> sheets = skinned.first().needed("d1").layering().sheets();
    assertThat(sheets).hasSize(5);
    assertThat(core(skinned).bed().orElseThrow().leastCover().value())
        .isCloseTo(1.5 + sheets.getLast().thicknessMm(), within(1e-6));
  }

  /** A bent board: straight up its frame the core leaves it, midway it does not. */
  @Test
  void a_core_outside_a_bent_board_is_led_midway_from_its_finding() {
    WholeOutline bent =
        new WholeOutline(
            List.of(
                Node.corner(-30, 0),
                Node.corner(30, 0),
                Node.curve(190, 300),
                Node.corner(30, 600),
                Node.corner(-30, 600),
                Node.curve(130, 300)));
    Part part =
        Samples.plate("d1", "Board", bent, List.of(), "foam", 20, Placing.USUAL)
            .withLayering(Layering.of(2, "foam", 20, Profile.FLAT))
            .withCore(Optional.of(new CoreChoice("dowel-9", 10, 500, 50)));
    Project project = First.withParts(Samples.whole(), List.of(part));
    Change mend =
        finding(project, "outside").orElseThrow().mends().stream()
            .filter(it -> it.name().startsWith("Lead its line midway"))
            .findFirst()
            .orElseThrow();
    Project mended = then(project, mend);
    assertThat(finding(mended, "outside")).isEmpty();
    assertThat(core(mended).bed().orElseThrow().leastCover().value()).isGreaterThan(2);
  }

  // == WHAT IS ALLOWED

  @Test
  void limits_of_a_core_are_its_own() {
    Project project = with(DOWEL);
    CoreReckoning usual = core(project);
    assertThat(usual.limp()).isTrue();
    double share = usual.droopShare() * 1.01;
    Project own =
        then(
            project,
            Edits.limits("d1", usual.limits(), it -> it.withDroopShare(share).withLeastHz(0.1)));
    assertThat(core(own).limp()).isFalse();
    assertThat(finding(project, "limp")).isPresent();
    assertThat(finding(own, "limp")).isEmpty();
    assertThat(core(own).droopAllowed().value()).isCloseTo(600 * share, within(1e-9));
    assertThatThrownBy(() -> Limits.USUAL.withDroopShare(0)).hasMessageContaining("above 0");
  }

  /** Equal moments, by hand: so much at one end that it balances where it is wanted. */
  @Test
  void a_weight_at_an_end_moves_the_balance() {
    CoreReckoning core = core(TUBE);
    double mass = core.mass().value();
    double at = core.balance().value();
    for (double to : new double[] {at - 60, at + 60, -5_000, 5_000}) {
      Counterweight it = Counterweight.of(core, to);
      double end = to < at ? -100 : 500;
      double then = (mass * at + it.weight().value() * end) / (mass + it.weight().value());
      assertThat(then).isCloseTo(Math.clamp(to, -94, 494), within(1e-6));
      assertThat(it.nearEnd()).isEqualTo(to < at);
      assertThat(it.inertia().value())
          .isCloseTo(core.inertia().value() + it.weight().value() * end * end, within(1e-3));
    }
  }
}
