package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.shell.FirstSteps;
import stoutblade.project.First;
import stoutblade.project.Station;

/** From an empty project to a template without a mouse, by what the first way says. */
class FirstPathTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private List<Boolean> done() {
    return FirstSteps.of(desk.derived(), desk.prop()).stream().map(FirstSteps::done).toList();
  }

  private boolean shown() {
    return bench.root().lookup("#first-path").isVisible();
  }

  private Node focus() {
    return bench.root().getScene().getFocusOwner();
  }

  /** Moves the keys' pointer, presses, moves it on, and lets go. */
  private static void dragByKeys(FxRobot robot, KeyCode to, int from, KeyCode on, int by) {
    for (int i = 0; i < from; i++) {
      robot.push(KeyCode.SHIFT, to);
    }
    robot.push(KeyCode.SPACE);
    for (int i = 0; i < by; i++) {
      robot.push(KeyCode.SHIFT, on);
    }
    robot.push(KeyCode.SPACE);
  }

  @Test
  @Tag("double")
  void a_first_template_is_made_by_keys_alone(FxRobot robot) throws IOException {
    assertThat(shown()).isTrue();
    assertThat(done()).containsExactly(false, false, false, false, false);

    when(dialogs.openPicture()).thenReturn(Optional.of(picture()));
    robot.push(KeyCode.DIGIT1);
    robot.push(KeyCode.I);
    until(() -> done().get(0));
    settled();

    robot.push(KeyCode.H);
    until(() -> focus() instanceof MatView);
    dragByKeys(robot, KeyCode.UP, 2, KeyCode.DOWN, 3);
    until(() -> done().get(1));
    settled();
    assertThat(desk.prop().size().references().getFirst().rulers()).hasSize(1);

    robot.push(KeyCode.W);
    until(() -> focus() instanceof MatView);
    dragByKeys(robot, KeyCode.RIGHT, 2, KeyCode.UP, 2);
    until(() -> done().get(2));
    settled();

    // What is saved on the way is walked on.
    when(dialogs.saveAs(any())).thenReturn(Optional.of(folder.resolve("first.stout")));
    robot.push(KeyCode.CONTROL, KeyCode.S);
    until(() -> desk.fileProperty().get().isPresent());
    assertThat(shown()).isTrue();

    robot.push(KeyCode.DIGIT2);
    until(() -> desk.stationProperty().get() == Station.DRAFT);
    settled();
    assertThat(focus()).isInstanceOf(MatView.class);
    robot.push(KeyCode.RIGHT);
    for (KeyCode turn : List.of(KeyCode.UP, KeyCode.RIGHT, KeyCode.DOWN)) {
      robot.push(KeyCode.SPACE).push(KeyCode.SPACE);
      settled();
      robot.push(KeyCode.SHIFT, turn);
      robot.push(KeyCode.SHIFT, KeyCode.RIGHT);
    }
    robot.push(KeyCode.SPACE).push(KeyCode.SPACE);
    settled();
    until(() -> done().get(3));

    robot.push(KeyCode.DIGIT5);
    until(() -> desk.stationProperty().get() == Station.CUT);
    settled();
    robot.push(KeyCode.P);
    until(() -> done().get(4));
    assertThat(printer.printed).hasSize(1);
    assertThat(shown()).isTrue();

    fire(robot, "#first-path-leave");
    until(() -> !shown());
  }

  @Test
  void a_blade_is_begun_by_typing_how_long_it_is(FxRobot robot) {
    robot.push(KeyCode.DIGIT2);
    until(() -> desk.stationProperty().get() == Station.DRAFT);
    settled();
    type(robot, "#blade-length", "62 cm");
    until(() -> !desk.prop().parts().isEmpty());
    settled();
    assertThat(First.sizes(desk.derived()).width().value()).isCloseTo(70, within(0.2));
    type(robot, "#blade-width", "8 cm");
    settled();
    assertThat(First.sizes(desk.derived()).width().value()).isCloseTo(80, within(0.2));
    assertThat(First.sizes(desk.derived()).length().value()).isCloseTo(620, within(0.2));
  }

  @Test
  void it_is_not_there_in_a_project_that_is_opened_nor_once_it_was_left() {
    openDemo();
    assertThat(shown()).isFalse();
    fx(
        () -> {
          bench.files().startNew(() -> {});
          return true;
        });
    settled();
    assertThat(shown()).isTrue();
    fx(
        () -> {
          desk.guidedProperty().set(false);
          return true;
        });
    assertThat(shown()).isFalse();
  }
}
