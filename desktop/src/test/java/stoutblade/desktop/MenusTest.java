package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.project.First;
import stoutblade.project.Station;
import stoutblade.shape.Point;

/** What the other button offers, and what says what a thing is. */
class MenusTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private static MenuItem item(String words) {
    until(() -> menu() != null);
    return menu().getItems().stream()
        .filter(it -> it.getText().startsWith(words))
        .findFirst()
        .orElseThrow();
  }

  private static ContextMenu menu() {
    return Window.getWindows().stream()
        .filter(it -> it instanceof ContextMenu menu && menu.isShowing())
        .map(ContextMenu.class::cast)
        .findFirst()
        .orElse(null);
  }

  private static void take(String words) {
    MenuItem item = item(words);
    fx(
        () -> {
          item.getParentPopup().hide();
          item.fire();
          return true;
        });
  }

  private int nodes() {
    return First.part(desk.project()).cut().orElseThrow().outline().nodes().size();
  }

  @Test
  void a_node_is_taken_out_by_its_menu(FxRobot robot) {
    openDemo();
    go(robot, Station.DRAFT);
    settled();
    int before = nodes();
    Point node = First.part(desk.project()).cut().orElseThrow().outline().nodes().get(2).at();
    Point2D at = at(robot, "#draft-mat", node);
    robot.moveTo(at).press(MouseButton.SECONDARY).release(MouseButton.SECONDARY);
    take("Remove");
    until(() -> nodes() == before - 1);
  }

  @Test
  void a_layer_and_a_step_have_theirs(FxRobot robot) {
    openDemo();
    go(robot, Station.LAYERS);
    settled();
    int before = First.layering(desk.project()).sheets().size();
    robot.rightClickOn("#layer-1");
    take("Out");
    until(() -> First.layering(desk.project()).sheets().size() == before - 1);

    go(robot, Station.BUILD);
    settled();
    int done = desk.project().journal().done().size();
    robot.rightClickOn(robot.lookup(".card-row").lookup(".card-title").nth(0).<Label>query());
    take("Done");
    until(() -> desk.project().journal().done().size() == done + 1);
  }

  @Test
  void what_is_pointed_at_or_has_the_keys_says_what_it_is(FxRobot robot) {
    openDemo();
    go(robot, Station.CORE);
    settled();
    Label words = (Label) bench.root().lookup("#what-words");
    robot.push(KeyCode.F8);
    until(words::isVisible);
    settled();
    robot.moveTo("#station-4").moveTo("#core-start");
    until(() -> words.getText().contains("near end the core begins"));
    robot.moveTo((Node it) -> it.getId() != null && it.getId().matches("figure-.*core-cover"));
    until(() -> words.getText().contains("least foam over the core"));
    robot.push(KeyCode.ESCAPE);
    until(() -> !bench.root().lookup("#what-is-this").isVisible());
    assertThat(desk.stationProperty().get()).isEqualTo(Station.CORE);
  }
}
