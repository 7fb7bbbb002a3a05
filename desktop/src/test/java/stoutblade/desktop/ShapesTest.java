package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.develop.Panel;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.project.Station;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.template.Stroke;

/** Outlines that follow, cut-outs along any outline, copes, and what is worked into patterns. */
class ShapesTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private Part part(int index) {
    return desk.prop().parts().get(index);
  }

  private Cut cut(int index) {
    return part(index).cut().orElseThrow();
  }

  private double high(int index) {
    return Box.around(cut(index).outline().outline().flattened(0.01)).height();
  }

  private void sum(FxRobot robot, String key) {
    robot.push(KeyCode.S);
    until(() -> desk.sumsProperty().get());
    settled();
    fx(
        () -> {
          robot.lookup("#sum-" + key).queryAs(Button.class).fire();
          return true;
        });
    settled();
  }

  private void disc(FxRobot robot) {
    go(robot, Station.DRAFT);
    command(robot, "new part disc");
    until(() -> desk.prop().parts().size() == 1);
    settled();
    type(robot, "#blade-length", "600 mm");
    until(() -> Math.abs(high(0) - 600) < 0.1);
    settled();
  }

  @Test
  void a_rim_follows_its_disc_and_is_let_go(FxRobot robot) {
    disc(robot);
    command(robot, "ring that follows the edge");
    until(() -> desk.prop().parts().size() == 2);
    settled();
    assertThat(cut(1).features()).hasSize(1);
    type(robot, "#follow-outside", "10 mm");
    until(() -> Math.abs(high(1) - 620) < 0.2);
    type(robot, "#follow-ring", "40 mm");
    until(() -> cut(1).follow().orElseThrow().insideMm().orElseThrow() == -30);
    settled();

    fx(
        () -> {
          desk.goToPart("d1");
          return true;
        });
    settled();
    type(robot, "#blade-length", "500 mm");
    until(() -> Math.abs(high(1) - 520) < 0.2);
    assertThat(desk.derived().first().part("d2").orElseThrow().templates(desk.units()))
        .anySatisfy(it -> assertThat(it.kinds()).contains(Stroke.Kind.CUT));

    fx(
        () -> {
          desk.goToPart("d2");
          return true;
        });
    settled();
    robot.clickOn("#follow-free");
    until(() -> cut(1).follow().isEmpty());
    settled();
    assertThat(high(1)).isCloseTo(520, within(0.2));
  }

  @Test
  void a_small_disc_is_cut_out_of_a_large_one(FxRobot robot) {
    disc(robot);
    command(robot, "new part disc");
    until(() -> desk.prop().parts().size() == 2);
    settled();
    fx(
        () -> {
          desk.goToPart("d1");
          return true;
        });
    settled();
    command(robot, "cut-out along an outline as disc");
    until(() -> cut(0).features().size() == 1);
    settled();
    Panel panel = desk.derived().first().part("d1").orElseThrow().flat().panels().getFirst();
    assertThat(panel.windows()).hasSize(1);
  }

  @Test
  void a_cut_out_is_drawn_by_hand(FxRobot robot) {
    disc(robot);
    command(robot, "cut-out along an outline drawn by hand");
    until(() -> cut(0).features().size() == 1);
    settled();
    Point corner =
        cut(0).features().getFirst().cutFirst(cut(0).outline()).orElseThrow().node(2).at();
    drag(robot, "#draft-mat", corner, corner.plus(new Point(60, 40)));
    until(
        () ->
            cut(0)
                    .features()
                    .getFirst()
                    .cutFirst(cut(0).outline())
                    .orElseThrow()
                    .node(2)
                    .at()
                    .distance(corner)
                > 50);
    settled();
    assertThat(high(0)).as("the part stays").isCloseTo(600, within(0.1));
    robot.push(KeyCode.ESCAPE).push(KeyCode.ESCAPE);
    settled();
    assertThat(robot.lookup("#opening-done").tryQuery()).isEmpty();
  }

  @Test
  void letters_run_round_a_ring_and_are_on_its_template(FxRobot robot) {
    sum(robot, "ring");
    type(robot, "#sum-ring-across", "20 cm");
    type(robot, "#sum-ring-width", "6 cm");
    settled();
    robot.clickOn("#sums-keep");
    until(() -> desk.prop().parts().size() == 1);
    settled();
    MenuButton details = robot.lookup("#pattern-details").queryAs(MenuButton.class);
    MenuItem letters =
        details.getItems().stream()
            .filter(it -> "detail-letters".equals(it.getId()))
            .findFirst()
            .orElseThrow();
    fx(
        () -> {
          letters.fire();
          return true;
        });
    until(() -> part(0).shape().worked().size() == 1);
    settled();
    type(robot, "#detail-words", "TIDE");
    until(() -> part(0).shape().worked().getFirst().feature().words().equals("TIDE"));
    settled();
    assertThat(desk.derived().first().part("d1").orElseThrow().templates(desk.units()))
        .anySatisfy(it -> assertThat(it.kinds()).contains(Stroke.Kind.ENGRAVE));

    // An eighth round from the front lies an eighth of the strip further on.
    double strip =
        desk.derived().first().part("d1").orElseThrow().flat().panels().getFirst().box().width();
    type(robot, "#detail-round", "45");
    until(
        () ->
            part(0).shape().worked().getFirst().feature().where() instanceof Where.At at
                && Math.abs(at.spot().at().x() - strip * 0.625) < 0.5);
    settled();
    type(robot, "#detail-at-across", "5 mm");
    String found = "#finding-draft-d1-f1-torn";
    until(() -> desk.derived().findings().stream().anyMatch(it -> it.id().endsWith(".torn")));
    go(robot, Station.DRAFT);
    settled();
    until(() -> robot.lookup(found).tryQuery().isPresent());
    Node mend = robot.lookup(found).lookup(".button").query();
    assertThat(((Labeled) mend).getText()).contains("Take out");
    robot.clickOn(mend);
    until(() -> part(0).shape().worked().isEmpty());
  }

  @Test
  void a_tube_is_coped_to_a_barrel(FxRobot robot) {
    sum(robot, "cope");
    type(robot, "#sum-cope-angle", "60");
    settled();
    robot.clickOn("#sums-keep");
    until(() -> desk.prop().parts().size() == 1);
    settled();
    assertThat(desk.derived().first().part("d1").orElseThrow().body()).isPresent();
    assertThat(desk.derived().plan().orElseThrow().steps()).isNotEmpty();
    assertThat(desk.derived().shopping().orElseThrow().lines()).isNotEmpty();
  }

  @Test
  void a_board_of_three_layers_is_hollowed_out_with_ribs(FxRobot robot) {
    disc(robot);
    go(robot, Station.LAYERS);
    for (int layers = 2; layers < 4; layers++) {
      int now = layers;
      robot.push(KeyCode.INSERT);
      until(() -> part(0).layering().sheets().size() == now);
      settled();
    }
    double before = desk.derived().first().part("d1").orElseThrow().mass().orElseThrow().value();
    fx(
        () -> {
          robot.lookup("#hollow").queryAs(MenuButton.class).show();
          return true;
        });
    until(() -> robot.lookup("#hollow-rib").tryQuery().isPresent());
    type(robot, "#hollow-rib", "12 mm");
    until(() -> part(0).layering().sheets().get(1).frame().isPresent());
    settled();
    double now = desk.derived().first().part("d1").orElseThrow().mass().orElseThrow().value();
    assertThat(now).isLessThan(before * 0.9);
    assertThat(part(0).layering().sheets().getFirst().frame()).isEmpty();
    robot.clickOn("#hollow-solid");
    until(() -> part(0).layering().sheets().get(1).frame().isEmpty());
  }
}
