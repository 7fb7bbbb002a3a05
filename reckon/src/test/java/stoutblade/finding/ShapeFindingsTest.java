package stoutblade.finding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import stoutblade.core.CoreChoice;
import stoutblade.edit.AxisEdits;
import stoutblade.edit.Change;
import stoutblade.edit.Edits;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/** What is found of repeats and of curved centre lines, and what mends it. */
class ShapeFindingsTest {

  private static final WholeOutline BOARD =
      new WholeOutline(
          List.of(
              Node.corner(-40, 0),
              Node.corner(40, 0),
              Node.corner(40, 400),
              Node.corner(-40, 400)));

  private static WholeOutline disc(double radius) {
    return new WholeOutline(
        List.of(
            new Node(new Point(0, -radius), Node.Kind.CORNER, 0, 1),
            new Node(new Point(0, radius), Node.Kind.CORNER, 0, 1)));
  }

  private static Project then(Project project, Change edit) {
    return edit.in(Prop.FIRST).applyTo(project);
  }

  private static Optional<Finding> finding(Project project, String id) {
    return Samples.derive(project).findings().stream()
        .filter(it -> it.id().endsWith(id))
        .findFirst();
  }

  private static Project board() {
    return then(Samples.bare(), PartEdits.addPlate("Board", BOARD, 10));
  }

  private static Project with(Feature.Kind kind, Map<String, Double> sizes, Where where) {
    return then(board(), PartEdits.addFeature("d1", kind.title(), kind, sizes, "", where));
  }

  /** 18 holes of 30 mm over 380 mm: one every 22.4 mm. */
  @Test
  void repeats_that_run_into_each_other_are_found_and_made_fewer_or_narrower() {
    Where row = new Where.Row(new Point(0, 10), new Point(0, 390), 18);
    Project project = with(Feature.Kind.HOLE, Map.of("across", 30.0), row);

    Finding found = finding(project, "f1.overlap").orElseThrow();
    assertThat(found.mends()).hasSize(2);
    for (Change mend : found.mends()) {
      assertThat(finding(then(project, mend), "f1.overlap")).as(mend.name()).isEmpty();
    }
    assertThat(finding(with(Feature.Kind.HOLE, Map.of("across", 20.0), row), "f1.overlap"))
        .isEmpty();
  }

  @Test
  void teeth_may_touch_and_waves_may_run_on() {
    Where side = new Where.Along(1, 1, 0, 20);

    assertThat(finding(with(Feature.Kind.TEETH, Map.of("wide", 20.0), side), "f1.overlap"))
        .isEmpty();
    assertThat(finding(with(Feature.Kind.TEETH, Map.of("wide", 21.0), side), "f1.overlap"))
        .isPresent();
    assertThat(
            finding(
                with(Feature.Kind.ORNAMENT, Map.of("wide", 30.0, "shape", 2.0), side),
                "f1.overlap"))
        .isEmpty();
  }

  /** 40 mm to each side of a line that bends to less than that. */
  @Test
  void a_line_that_bends_more_tightly_than_the_part_is_wide_is_found() {
    Project project = then(board(), AxisEdits.upright("d1"));
    assertThat(finding(project, ".crowded")).isEmpty();
    Project tight = then(project, AxisEdits.addNode("d1", 2, new Point(35, 215)));

    Finding found = finding(tight, ".crowded").orElseThrow();

    Change straight = found.mends().getLast();
    assertThat(finding(then(tight, straight), ".crowded")).isEmpty();
  }

  @Test
  void a_rod_that_is_forced_round_a_bend_is_found_and_a_thinner_one_is_not() {
    Project project = then(board(), AxisEdits.upright("d1"));
    project = then(project, AxisEdits.bend("d1", 1, new Point(60, 200)));
    project = then(project, Edits.rod("d1", "dowel-9", new CoreChoice("dowel-9", 20, 380, 100)));

    Finding found = finding(project, ".bent").orElseThrow();

    assertThat(found.why()).contains("springs back");
    Project straight = then(project, found.mends().getLast());
    assertThat(finding(straight, ".bent")).isEmpty();
    assertThat(
            Samples.derive(straight).first().part("d1").orElseThrow().core().orElseThrow().bend())
        .isEmpty();
  }

  /** Discs of 60 mm on a ring of 100 mm radius: 2 · 100 · sin(π/n) ≥ 60 up to ten of them. */
  @Test
  void parts_that_stand_in_each_others_room_are_found_and_made_fewer() {
    Project project = then(board(), PartEdits.addPlate("Boss", disc(30), 5));
    project = then(project, PartEdits.fix("d2", "d1"));
    Where ring = new Where.Ring(new Point(0, 200), 100, 14, 0);
    Project crowded = then(project, PartEdits.place("d2", "Place", it -> it.at(ring)));

    Finding found = finding(crowded, "d2.shared").orElseThrow();
    Project mended = then(crowded, found.mends().getFirst());

    assertThat(finding(mended, "d2.shared")).isEmpty();
    assertThat(mended.first().needed("d2").placing().where().count()).isEqualTo(10);
    Project free = then(crowded, PartEdits.place("d2", "Free", it -> it.leavingOut(EVEN)));
    assertThat(finding(free, "d2.shared")).as("every second one is left out").isEmpty();
  }

  private static final Set<Integer> EVEN = Set.of(2, 4, 6, 8, 10, 12, 14);
}
