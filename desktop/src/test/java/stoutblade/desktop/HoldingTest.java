package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.catalogue.PipeFitting.Kind;
import stoutblade.core.CoreReckoning;
import stoutblade.core.Limits;
import stoutblade.core.PartingReckoning;
import stoutblade.develop.Panel;
import stoutblade.event.CoreRule;
import stoutblade.feature.Lightening;
import stoutblade.measure.Figure;
import stoutblade.part.Part;
import stoutblade.pipework.Skeleton;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Point;

/** What holds a prop together, in a real window: skeletons, lightening, grips, cores in two. */
class HoldingTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private Part last() {
    return desk.prop().parts().getLast();
  }

  private PartReckoning reckoned(String id) {
    return desk.reckoned().part(id).orElseThrow();
  }

  private Skeleton skeleton() {
    return last().piped().orElseThrow().skeleton();
  }

  /** Takes an entry of a menu. */
  private static void take(FxRobot robot, String menu, String item) {
    until(() -> robot.lookup(menu).tryQuery().isPresent());
    fx(
        () -> {
          MenuButton button = robot.lookup(menu).queryAs(MenuButton.class);
          if (button.getOnShowing() != null) {
            button.getOnShowing().handle(null);
          }
          MenuItem found =
              button.getItems().stream()
                  .filter(it -> item.equals(it.getId()))
                  .findFirst()
                  .orElseThrow();
          found.fire();
          return true;
        });
  }

  /**
   * A yoke is begun, closed to a frame of four elbows by keys and buttons, made wider by typing:
   * every pipe has its cut length, and all of it is on the list to buy.
   */
  @Test
  void a_frame_of_four_fittings_gives_its_cut_list(FxRobot robot) {
    go(robot, Station.DRAFT);
    take(robot, "#new-part", "new-skeleton");
    until(() -> robot.lookup("#skeleton-mat").tryQuery().isPresent());
    robot.interact(() -> robot.lookup("#skeleton-mat").query().requestFocus());
    push(robot, KeyCode.N, () -> robot.lookup("#pipe-next").tryQuery().isPresent());
    type(robot, "#pipe-next", "40 cm");
    fire(robot, "#pipe-right");
    until(() -> skeleton().pipes().size() == 4);

    assertThat(skeleton().fittings()).isEqualTo(Map.of(Kind.ELBOW_90, 4L));
    assertThat(cuts()).containsExactly(224.6, 374.6);
    // The joint that closes it is the last one; the second thing after it is the upper pipe.
    robot.interact(() -> robot.lookup("#skeleton-mat").query().requestFocus());
    for (int i = 0; i < 2; i++) {
      robot.push(KeyCode.N);
      settled();
    }
    until(() -> robot.lookup("#pipe-length").tryQuery().isPresent());
    type(robot, "#pipe-length", "500 mm");
    until(() -> cuts().stream().anyMatch(it -> Math.abs(it - 474.6) < 0.1));
    assertThat(
            desk.derived().shopping().orElseThrow().lines().stream()
                .filter(it -> it.name().contains("elbow of 90°"))
                .mapToDouble(it -> it.need().value())
                .sum())
        .isGreaterThanOrEqualTo(4);

    int before = desk.prop().parts().size();
    robot.push(KeyCode.ESCAPE);
    until(() -> robot.lookup("#skeleton-cover").tryQuery().isPresent());
    fire(robot, "#skeleton-cover");
    until(() -> desk.prop().parts().size() == before + 4);
  }

  private List<Double> cuts() {
    return reckoned(last().id()).figures().stream()
        .filter(it -> it.id().matches("frame\\.cut[0-9]+"))
        .map(Figure::value)
        .map(it -> Math.round(it * 10) / 10.0)
        .toList();
  }

  /** The field is added to a board of three layers with two screws, and keeps clear of them. */
  @Test
  void a_board_is_lightened_clear_of_its_screws(FxRobot robot) {
    go(robot, Station.DRAFT);
    int before = desk.prop().parts().size();
    take(robot, "#new-part", "new-whole");
    until(() -> desk.prop().parts().size() == before + 1);
    String id = last().id();
    take(robot, "#features", "add-fixing");
    until(() -> last().fixings().size() == 1);
    take(robot, "#features", "add-lightening");
    type(robot, "#feature-across", "10 mm");
    type(robot, "#feature-web", "4 mm");
    type(robot, "#feature-rim", "12 mm");
    type(robot, "#feature-clear", "8 mm");
    until(() -> !field(id).holes().isEmpty());

    assertThat(field(id).holes())
        .allSatisfy(
            hole ->
                assertThat(hole.flattened(0.1))
                    .allSatisfy(it -> assertThat(it.length()).isGreaterThan(10 + 8 - 0.05)));
    double weight = reckoned(id).mass().orElseThrow().value();
    assertThat(weight).isPositive();
    assertThat(field(id).areaMm2())
        .isCloseTo(field(id).holes().size() * Math.sqrt(3) / 2 * 100, within(0.1));
  }

  /** A grip is typed thicker in its middle, kept as a part, and comes apart into its turns. */
  @Test
  void a_swelling_grip_is_unrolled_to_its_turns(FxRobot robot) {
    robot.interact(() -> desk.sumsProperty().set(true));
    until(() -> robot.lookup("#sum-swell").tryQuery().isPresent());
    fire(robot, "#sum-swell");
    until(() -> robot.lookup("#sum-swell-former").tryQuery().isPresent());
    type(robot, "#sum-swell-middle", "44 mm");
    int before = desk.prop().parts().size();
    fire(robot, "#sums-keep");
    until(() -> desk.prop().parts().size() == before + 1);

    List<Panel> turns = reckoned(last().id()).flat().panels();
    // From 9 mm to 22 mm in turns of 2 mm, the last one where it is half a turn thicker.
    assertThat(turns).hasSize(6);
    for (int i = 0; i < turns.size(); i++) {
      assertThat(turns.get(i).box().width())
          .isCloseTo(Math.PI * (18 + 2 * (2 * i + 1)), within(1e-6));
    }
    assertThat(turns.getLast().box().height()).isLessThan(turns.getFirst().box().height());
    assertThat(reckoned(last().id()).seen().getFirst().extremes())
        .anySatisfy(it -> assertThat(it.x()).isCloseTo(22, within(0.1)));
  }

  /** The core is parted by a press, below the hold by typing, and is bought in two pieces. */
  @Test
  void a_core_is_parted_for_the_way_and_strips_are_laid_beside_it(FxRobot robot) {
    openDemo();
    go(robot, Station.CORE);
    String id = desk.lookedId();
    until(() -> robot.lookup("#core-parted").tryQuery().isPresent());
    fire(robot, "#core-parted");
    until(() -> reckoned(id).core().orElseThrow().parting().isPresent());
    type(robot, "#joint-at", "-170 mm");
    until(() -> joint(id).lower().value() == 150);

    assertThat(joint(id).upper().value()).isEqualTo(675);
    assertThat(joint(id).play().orElseThrow().value()).isBetween(0.0, 0.5);
    assertThat(reckoned(id).core().orElseThrow().longestPiece().value()).isEqualTo(675);
    assertThat(desk.derived().plan().orElseThrow().steps())
        .anyMatch(it -> it.id().endsWith(id + "/core-joint"));

    drag(robot, "#plan-mat-4", new Point(0, -20), new Point(0, -90));
    until(() -> Math.abs(reckoned(id).core().orElseThrow().choice().heldAtMm() + 90) < 4);

    double droop = reckoned(id).core().orElseThrow().droop().value();
    fire(robot, "#beside-add");
    until(() -> reckoned(id).core().orElseThrow().beside().size() == 1);
    type(robot, "#beside-from", "-15 cm");
    until(() -> reckoned(id).core().orElseThrow().beside().getFirst().choice().startMm() == -150);
    assertThat(reckoned(id).core().orElseThrow().droop().value()).isLessThan(droop);
    fire(robot, "#beside-remove");
    until(() -> reckoned(id).core().orElseThrow().beside().isEmpty());
    fire(robot, "#core-parted");
    until(() -> reckoned(id).core().orElseThrow().parting().isEmpty());
  }

  /**
   * The core is one rod, then seven; limits are typed; what the built thing felt like and what the
   * event allows are said at Log and at Build.
   */
  @Test
  void a_core_is_bundled_and_held_to_what_the_maker_allows(FxRobot robot) {
    openDemo();
    go(robot, Station.CORE);
    String id = desk.lookedId();
    until(() -> robot.lookup("#core-bundle").tryQuery().isPresent());
    double one = core(id).droop().value();
    choose(robot, "#core-bundle", 7);
    until(() -> core(id).section().count() == 7);
    assertThat(core(id).droop().value()).isLessThan(one);
    choose(robot, "#core-bundle", 1);
    until(() -> core(id).section().count() == 1);
    type(robot, "#core-least-hz", "500");
    until(() -> core(id).limits().leastHz() == 500);
    assertThat(core(id).limp()).isTrue();

    double at = core(id).balance().value();
    drag(robot, "#plan-mat-4", core(id).balancePoint(), new Point(0, at - 60));
    until(() -> desk.noticeProperty().get().contains("at the near end of the core"));

    go(robot, Station.LOG);
    until(() -> robot.lookup("#built-felt").tryQuery().isPresent());
    choose(robot, "#built-felt", "limp");
    until(() -> !desk.project().journal().limits().equals(Limits.USUAL));
    go(robot, Station.BUILD);
    until(() -> robot.lookup("#event-cores").tryQuery().isPresent());
    choose(robot, "#event-cores", CoreRule.NONE);
    until(() -> desk.findingsOf(Station.CORE).stream().anyMatch(it -> it.id().endsWith(".rule")));
  }

  private CoreReckoning core(String id) {
    return reckoned(id).core().orElseThrow();
  }

  private PartingReckoning joint(String id) {
    return reckoned(id).core().orElseThrow().parting().orElseThrow();
  }

  private Lightening field(String id) {
    return reckoned(id).form().orElseThrow().lightened().getFirst();
  }
}
