package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.build.Step;
import stoutblade.catalogue.Rod;
import stoutblade.core.CoreReckoning;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Where;
import stoutblade.part.Bought;
import stoutblade.part.Placing;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Point;

/**
 * Props without a blade, and with two, from an empty project to the log in a real window: whatever
 * a part is, every station has something true to show of it.
 */
class WholeBuildsTest extends Building {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  // == THE BUILDS

  @Test
  void a_round_shield_of_three_layers_with_rim_boss_and_straps(FxRobot robot) {
    begin(robot, "new-disc");
    String board = last().id();
    type(robot, "#blade-length", "60 cm");
    fx(
        () -> {
          desk.goTo(Station.LAYERS);
          return true;
        });
    fire(robot, "#add-layer");
    until(() -> desk.project().first().needed(board).layering().sheets().size() == 2);
    fire(robot, "#add-layer");
    until(() -> desk.project().first().needed(board).layering().sheets().size() == 3);
    keepSum(robot, "band", "round", "188.5 cm");
    String rim = last().id();
    fix(rim, board, 0, 0);
    keepSum(robot, "dome", "rim", "20 cm");
    fix(last().id(), board, 0, 0);
    begin(robot, "new-bought");
    String strap = last().id();
    selectOnProp(robot, strap);
    type(robot, "#thing-what", "leather strap");
    type(robot, "#thing-along", "30 cm");
    type(robot, "#thing-mass", "45 g");
    type(robot, "#place-copies", "2");
    fix(strap, board, 0, 60);

    assertThat(((Bought) desk.project().first().needed(strap).shape()).massG()).isEqualTo(45);
    assertThat(desk.derived().first().part(strap).orElseThrow().mass().orElseThrow().value())
        .isEqualTo(90);
    assertThat(desk.derived().first().whole().length().orElseThrow().value()).isGreaterThan(599);
    assertThat(desk.derived().shopping().orElseThrow().lines())
        .anySatisfy(
            it -> {
              assertThat(it.name()).isEqualTo("leather strap");
              assertThat(it.buy().value()).isEqualTo(2);
            });
    paintAll(robot, board);
    weighInTheLog(robot, rim, "120 g");
    walkThrough();
  }

  @Test
  void a_hammer_head_of_a_mitred_box_on_a_pipe(FxRobot robot) {
    keepSum(robot, "box", "height", "22 cm");
    String head = last().id();
    fx(
        () -> {
          desk.goTo(Station.CORE);
          desk.partProperty().set(head);
          return true;
        });
    Rod pipe = desk.catalogue().rod("pvc-1").orElseThrow();
    choose(robot, "#rod", pipe);
    until(() -> desk.derived().first().part(head).orElseThrow().core().isPresent());
    type(robot, "#core-start", "-50 cm");
    until(
        () ->
            desk.project()
                .first()
                .needed(head)
                .core()
                .filter(it -> it.startMm() == -500)
                .isPresent());
    CoreReckoning core = desk.derived().first().part(head).orElseThrow().core().orElseThrow();
    assertThat(core.bed()).as("no channel is cut into a box").isEmpty();
    assertThat(core.length().value()).isEqualTo(720);
    keepSum(robot, "wraps", "width", "20 cm");
    String grip = last().id();
    fix(grip, head, 0, -400);

    assertThat(desk.derived().plan().orElseThrow().steps())
        .extracting(Step::id)
        .contains(of(head, "core-fit"), of(head, "core-bed"), of(head, "join"), of(grip, "fix"))
        .doesNotContain(of(head, "groove"));
    assertThat(desk.derived().shopping().orElseThrow().lines())
        .anySatisfy(it -> assertThat(it.name()).isEqualTo(pipe.name()));
    assertThat(desk.derived().first().whole().mass().orElseThrow().value())
        .isGreaterThan(core.mass().value());
    paintAll(robot, head);
    weighInTheLog(robot, head, "700 g");
    walkThrough();
  }

  @Test
  void a_pair_of_mirrored_curved_blades_on_a_common_grip(FxRobot robot) {
    begin(robot, "new-whole");
    String blade = last().id();
    Point[] corners = {new Point(-25, 0), new Point(25, 0), new Point(70, 300), new Point(30, 280)};
    for (int i = 0; i < corners.length; i++) {
      int node = i;
      fx(() -> desk.perform(stoutblade.edit.OutlineEdits.moveNode(blade, node, corners[node])));
    }
    until(() -> robot.lookup("#both-faces").tryQuery().isPresent());
    robot.clickOn("#both-faces");
    until(() -> desk.project().first().needed(blade).cut().orElseThrow().bothFaces());
    fx(
        () ->
            desk.perform(
                PartEdits.place(
                    blade,
                    "Left and right",
                    (Placing it) ->
                        it.at(new Where.Row(new Point(-120, 80), new Point(120, 80), 2)))));
    fx(() -> desk.perform(PartEdits.place(blade, "Hands", it -> it.made(1, 0))));
    keepSum(robot, "wraps", "width", "16 cm");
    String grip = last().id();
    fix(blade, grip, 0, 80);
    fx(() -> desk.perform(PartEdits.place(blade, "Two", it -> it.made(2, 1))));

    PartReckoning pair = desk.derived().first().part(blade).orElseThrow();
    assertThat(pair.made()).isEqualTo(2);
    assertThat(pair.mirrored()).isEqualTo(1);
    assertThat(desk.derived().first().papers())
        .anySatisfy(
            it ->
                assertThat(it.templates().stream().mapToLong(own -> own.mirroredCopies()).sum())
                    .isPositive());
    assertThat(desk.derived().plan().orElseThrow().steps())
        .extracting(Step::id)
        .contains(of(blade, "fix"), of(grip, "sand"));
    fx(() -> desk.perform(PartEdits.order(grip, -1)));
    assertThat(desk.project().first().parts().getFirst().id()).isEqualTo(grip);
    paintAll(robot, blade);
    weighInTheLog(robot, grip, "60 g");
    walkThrough();
    assertThat(Optional.of(desk.derived().first().whole()).flatMap(it -> it.balance())).isPresent();
  }
}
