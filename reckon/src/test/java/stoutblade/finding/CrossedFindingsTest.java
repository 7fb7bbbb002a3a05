package stoutblade.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Rod;
import stoutblade.core.CoreChoice;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.feature.Feature;
import stoutblade.feature.Recess;
import stoutblade.feature.Spot;
import stoutblade.feature.Typeface;
import stoutblade.feature.Where;
import stoutblade.layer.Pocket;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/** A core that goes on through guard, grip and pommel. */
class CrossedFindingsTest {

  private static WholeOutline box(double wide, double high) {
    return new WholeOutline(
        List.of(
            Node.corner(-wide / 2, -high / 2),
            Node.corner(wide / 2, -high / 2),
            Node.corner(wide / 2, high / 2),
            Node.corner(-wide / 2, high / 2)));
  }

  private static Part blade() {
    return Samples.plate("d1", "Blade", box(60, 600), List.of(), "foam", 10, Placing.USUAL)
        .withLayering(Layering.of(2, "foam", 10, Profile.FLAT))
        .withCore(Optional.of(new CoreChoice("tube-10", -200, 550, -100)));
  }

  private static Part guard(double turn, int layers) {
    Placing placing = Placing.USUAL.on("d1").at(new Where.At(new Spot(new Point(0, -320), turn)));
    return Samples.plate("d2", "Guard", box(180, 40), List.of(), "foam", 10, placing)
        .withLayering(Layering.of(layers, "foam", 10, Profile.FLAT));
  }

  private static Project with(Part... parts) {
    return First.withParts(Samples.whole(), List.of(parts));
  }

  private static Optional<Finding> finding(Project project, String id) {
    return Samples.derive(project).findings().stream()
        .filter(it -> it.id().endsWith("core.d1.through-" + id))
        .findFirst();
  }

  /** The mend cuts a channel as long as the guard is high there, however that is turned. */
  @Test
  void a_guard_that_the_core_goes_through_gets_its_channel() {
    for (double turn : new double[] {0, 0.5, 1.2}) {
      Project project = with(blade(), guard(turn, 2));
      Finding found = finding(project, "d2").orElseThrow();
      Project mended = found.mends().getFirst().in(Prop.FIRST).applyTo(project);

      assertThat(finding(mended, "d2")).isEmpty();
      Derived derived = Samples.derive(mended);
      PartReckoning guard = derived.first().part("d2").orElseThrow();
      Recess channel =
          Recess.of(
                  guard.part().cut().orElseThrow().features(),
                  guard.part().cut().orElseThrow().outline())
              .getFirst();
      double across = turn < 1.3 && Math.tan(turn) < 180 / 40.0 ? 40 / Math.cos(turn) : 0;
      assertThat(channel.volume()).isCloseTo((across + 1) * 10.5 * 10.5, within(2.0));
      assertThat(channel.over()).isCloseTo((20 - 10.5) / 2, within(1e-9));
      assertThat(Pocket.of(guard.form().orElseThrow(), guard.layers().orElseThrow())).hasSize(2);
      assertThat(derived.findings())
          .as("nothing is wrong with the channel itself")
          .noneMatch(it -> it.id().contains("d2.recess"));
    }
  }

  @Test
  void a_guard_too_thin_for_the_core_or_beside_it_is_told_apart() {
    Finding thin = finding(with(blade(), guard(0, 1)), "d2").orElseThrow();
    assertThat(thin.mends()).isEmpty();
    assertThat(thin.why()).contains("more layers");
    Part aside = guard(0, 2).withPlacing(Placing.USUAL.on("d1").at(Where.At.of(200, -320)));
    assertThat(finding(with(blade(), aside), "d2")).isEmpty();
    Part above = guard(0, 2).withPlacing(Placing.USUAL.on("d1").at(Where.At.of(0, 700)));
    assertThat(finding(with(blade(), above), "d2")).isEmpty();
    assertThat(finding(with(blade().withCore(Optional.empty()), guard(0, 2)), "d2")).isEmpty();
  }

  @Test
  void a_grip_wound_tighter_than_the_core_is_found_and_wound_wider() {
    Part grip =
        Part.formed(
            "d3",
            "Grip",
            "wraps",
            Map.of("former", 8.0, "foam", 2.0, "turns", 3.0, "width", 100.0, "step", 0.0),
            "foam",
            Placing.USUAL.on("d1").at(Where.At.of(0, -400)));
    Project project = with(blade(), grip);

    Finding found = finding(project, "d3").orElseThrow();
    Project mended = found.mends().getFirst().in(Prop.FIRST).applyTo(project);
    assertThat(finding(mended, "d3")).isEmpty();
    assertThat(mended.first().needed("d3").formed().orElseThrow().sizes().get("former"))
        .isEqualTo(10);
  }

  /** Towards a point the core shows: shorter with a thin rod on from there is one of the mends. */
  @Test
  void a_core_too_long_for_its_tip_may_end_with_a_thinner_one() {
    Part pointed =
        Samples.plate(
                "d1",
                "Blade",
                new WholeOutline(
                    List.of(Node.corner(-30, -300), Node.corner(30, -300), Node.corner(0, 300))),
                List.of(),
                "foam",
                10,
                Placing.USUAL)
            .withLayering(Layering.of(2, "foam", 10, Profile.FLAT))
            .withCore(Optional.of(new CoreChoice("tube-10", -200, 540, -100)));
    Project project = with(pointed);
    Finding shows =
        wired(project).findings().stream()
            .filter(it -> it.id().endsWith("core.d1.shows"))
            .findFirst()
            .orElseThrow();
    assertThat(shows.mends())
        .anySatisfy(
            mend -> {
              assertThat(mend.name()).contains("on from there");
              Project then = mend.in(Prop.FIRST).applyTo(project);
              CoreChoice core = then.first().needed("d1").core().orElseThrow();
              assertThat(core.beside())
                  .singleElement()
                  .satisfies(it -> assertThat(it.endMm()).isEqualTo(540));
              assertThat(wired(then).findings())
                  .noneMatch(it -> it.id().contains("core.d1.shows") || it.id().contains("beside"));
            });
  }

  /** A bow of foam whose core lies straight: its line leaves the foam, and that is said. */
  @Test
  void a_core_whose_line_leaves_the_foam_is_told() {
    WholeOutline bow =
        new WholeOutline(
            List.of(
                Node.corner(-20, -300),
                Node.corner(20, -300),
                Node.corner(120, 0),
                Node.corner(20, 300),
                Node.corner(-20, 300),
                Node.corner(80, 0)));
    Part part =
        Samples.plate("d1", "Bow", bow, List.of(), "foam", 10, Placing.USUAL)
            .withLayering(Layering.of(2, "foam", 10, Profile.FLAT))
            .withCore(Optional.of(new CoreChoice("tube-10", 0, 580, 100)));

    Finding found =
        Samples.derive(with(part)).findings().stream()
            .filter(it -> it.id().endsWith("core.d1.outside"))
            .findFirst()
            .orElseThrow();
    assertThat(found.severity()).isEqualTo(Finding.Severity.WRONG);
    assertThat(Samples.derive(with(blade())).findings())
        .noneMatch(it -> it.id().endsWith("outside"));
  }

  /** With a thin wire in the catalogue. */
  private static Derived wired(Project project) {
    Catalogue own = Samples.CATALOGUE;
    List<Rod> rods = new ArrayList<>(own.rods());
    rods.add(new Rod("wire-2", "Wire 2 mm", 2, 0, 205_000, 5000, 7.85e-3, 1000, false, "test"));
    Catalogue more =
        new Catalogue(
            own.families(),
            own.sheets(),
            rods,
            own.glues(),
            own.coatings(),
            own.paces(),
            own.things(),
            own.fittings());
    return new Reckoner(more, Typeface.NONE).derive(project, Samples.NOW, Units.METRIC);
  }

  @Test
  void features_for_the_core_are_chosen_by_their_name() {
    Feature own =
        new Feature(
            "f1",
            Feature.Kind.RECESS,
            Map.of("what", Recess.What.CORE.number()),
            "",
            Where.At.of(0, 0));
    assertThat(own.kind().entries().getFirst().choices().get((int) own.size("what")))
        .isEqualTo(Recess.What.CORE.words());
  }
}
