package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.project.First;
import stoutblade.project.Station;
import stoutblade.shape.Box;
import stoutblade.trace.Tracing;

/** Tracing a paper, and holding things up, in a real window. */
class TracingTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private static String found(FxRobot robot) {
    return robot.lookup("#trace-found").tryQueryAs(Label.class).map(Label::getText).orElse("");
  }

  private void sample(FxRobot robot) {
    robot.clickOn("#strip-add");
    robot.clickOn("Try it: a sample paper pattern");
    until(() -> found(robot).contains("nodes"));
    settled();
  }

  private static int nodes(FxRobot robot) {
    return Integer.parseInt(found(robot).replaceAll(".*outlines?, (\\d+) nodes.*", "$1"));
  }

  @Test
  void the_sample_is_kept_with_its_size_and_can_be_taken_back(FxRobot robot) {
    sample(robot);
    robot.clickOn("#trace-keep");
    until(() -> desk.project().first().size().tracings().size() == 1);

    Tracing kept = desk.project().first().size().tracings().getFirst();
    Box box = Box.around(kept.outlines().getFirst().path().flattened(0.05));
    assertThat(box.height()).isCloseTo(300, within(0.8));
    assertThat(kept.from()).isEqualTo("paper");
    until(() -> robot.lookup("#card-t1").tryQuery().isPresent());
    robot.clickOn("#card-t1");
    until(() -> robot.lookup("#outline-mat").tryQuery().isPresent());
    assertThat(desk.besideProperty().get().getFirst().value()).isCloseTo(300, within(0.8));
    type(robot, "#outline-name", "Small leaf");
    assertThat(desk.project().first().size().tracings().getFirst().name()).isEqualTo("Small leaf");
    robot.clickOn("#outline-remove");
    until(() -> desk.project().first().size().tracings().isEmpty());
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    until(() -> robot.lookup("#card-t1").tryQuery().isPresent());
    robot.clickOn("#card-t1");
    robot.clickOn("#outline-draft");
    until(() -> desk.stationProperty().get() == Station.DRAFT);
    assertThat(First.sizes(desk.derived()).length().value()).isCloseTo(300, within(1.0));
  }

  @Test
  void a_wider_tolerance_takes_fewer_nodes_and_both_edges_can_be_had(FxRobot robot) {
    sample(robot);
    int fine = nodes(robot);
    type(robot, "#trace-tolerance", "1.5 mm");
    until(() -> nodes(robot) < fine);
    settled();

    robot.clickOn("Middle of the line");
    until(() -> found(robot).startsWith("2 outlines"));
    assertThat(
            robot.lookup(".check-box").queryAllAs(CheckBox.class).stream()
                .filter(it -> it.getText().equals("Middle of the line"))
                .findFirst()
                .orElseThrow()
                .isSelected())
        .isFalse();
  }

  @Test
  void a_tolerance_that_cannot_be_is_refused(FxRobot robot) {
    sample(robot);
    type(robot, "#trace-tolerance", "3 m");
    assertThat(desk.noticeProperty().get()).contains("0.01 to 50 mm");
    robot.clickOn("#trace-tolerance").push(KeyCode.ESCAPE);
  }

  @Test
  void a_colour_is_picked_from_the_picture(FxRobot robot) {
    sample(robot);
    robot.clickOn("#trace-colour");
    settled();
    robot.clickOn("#trace-mat");
    settled();
    assertThat(robot.lookup("#trace-colour").queryAs(ToggleButton.class).isSelected()).isTrue();
    assertThat(robot.lookup("#trace-dark").queryAs(ToggleButton.class).isSelected()).isFalse();
  }

  @Test
  void a_photograph_without_markers_says_so_and_changes_nothing(FxRobot robot) throws IOException {
    openDemo();
    Path file = picture();
    fx(
        () -> {
          bench.openPaper(file);
          return true;
        });
    until(() -> desk.noticeProperty().get().contains("no marker is seen"));
    assertThat(robot.lookup("#trace-mat").tryQuery()).isEmpty();
    assertThat(desk.history().undoable()).isEmpty();
  }

  @Test
  void a_model_that_is_damaged_says_so_and_changes_nothing(FxRobot robot) throws IOException {
    openDemo();
    Path file = Files.writeString(folder.resolve("broken.obj"), "v 0 0 0\nf 1 2 3\n");
    fx(
        () -> {
          bench.openModel(file);
          return true;
        });
    until(() -> desk.noticeProperty().get().contains("broken.obj"));
    assertThat(desk.noticeProperty().get()).contains("names corner 2; there are 1");
    assertThat(desk.project().first().size().models()).hasSize(2);
  }

  /** The screen's measure is kept on this machine and found again. */
  @Test
  void the_screen_is_measured_by_a_bank_card(FxRobot robot) {
    openDemo();
    robot.clickOn("#card-wearer");
    robot.clickOn("#hold-up");
    until(() -> robot.lookup("#hold-mat").tryQuery().isPresent());
    Slider size = robot.lookup("#screen-size").queryAs(Slider.class);
    fx(
        () -> {
          size.setValue(5);
          return true;
        });
    stoutblade.desktop.mat.MatView mat =
        robot.lookup("#hold-mat").queryAs(stoutblade.desktop.mat.MatView.class);
    assertThat(mat.zoom()).isCloseTo(5, within(1e-9));
    robot.clickOn("Back  Esc");
    until(() -> robot.lookup("#fit-mat").tryQuery().isPresent());
    robot.clickOn("#hold-up");
    until(() -> robot.lookup("#screen-size").tryQuery().isPresent());
    assertThat(robot.lookup("#screen-size").queryAs(Slider.class).getValue()).isEqualTo(5);
  }
}
