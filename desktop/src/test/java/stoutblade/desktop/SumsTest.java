package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.project.Station;
import stoutblade.template.Stroke;

/** Bench sums in a real window. */
class SumsTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private double first() {
    return desk.besideProperty().get().getFirst().value();
  }

  @Test
  void a_cone_is_laid_out_from_three_numbers_and_printed_with_its_seam(FxRobot robot)
      throws IOException {
    robot.clickOn("#sums");
    robot.clickOn("#sum-cone");
    type(robot, "#sum-cone-foot", "20 cm");
    type(robot, "#sum-cone-top", "0");
    type(robot, "#sum-cone-height", "24 cm");
    type(robot, "#sum-cone-foam", "0.1 mm");

    // A 5-12-13 triangle: the slope is 26 cm.
    until(() -> Math.abs(first() - 260) < 0.3);
    robot.clickOn("#sums-print");
    settled();

    assertThat(printer.template())
        .matches(
            it ->
                it.labels().stream().anyMatch(label -> label.text().equals("A"))
                    && it.strokes().stream()
                        .anyMatch(stroke -> stroke.kind() == Stroke.Kind.NOTCH));
  }

  @Test
  void what_makes_no_sense_is_said_and_the_field_keeps_what_was_typed(FxRobot robot) {
    robot.clickOn("#sums");
    fire(robot, "#sum-mitre");
    until(() -> Math.abs(Math.toDegrees(first()) - 45) < 1e-9);

    type(robot, "#sum-mitre-sides", "2");

    until(() -> desk.noticeProperty().get().contains("from 3 to 48"));
    assertThat(robot.lookup("#sum-mitre-sides").queryAs(TextField.class).getText()).isEqualTo("2");
    type(robot, "#sum-mitre-sides", "6");
    until(() -> Math.abs(Math.toDegrees(first()) - 30) < 1e-9);

    fire(robot, "#sum-pipe");
    type(robot, "#sum-pipe-height", "9 cm");
    Label words = robot.lookup("#sum-words").queryAs(Label.class);
    until(() -> words.getText().contains("less than its diameter"));
    type(robot, "#sum-pipe-across", "10 cm");
    until(() -> words.getText().contains("boards"));
    robot.clickOn("#sums-usual");
    until(
        () ->
            desk.besideProperty().get().stream()
                .anyMatch(
                    it -> it.id().equals("pipe.share") && Math.abs(it.value() - 12 / 21.3) < 1e-9));
  }

  @Test
  void sums_are_reached_and_left_with_the_keys_and_keep_what_was_typed(FxRobot robot) {
    robot.push(KeyCode.S);
    until(() -> robot.lookup("#sum-ring-known-1").tryQuery().isPresent());
    robot.clickOn("#sum-ring-known-1");
    double outside = first();
    robot.push(KeyCode.DOWN);
    until(() -> robot.lookup("#sum-wraps-former").tryQuery().isPresent());
    robot.push(KeyCode.UP);
    until(() -> robot.lookup("#sum-ring-across").tryQuery().isPresent());
    assertThat(first()).isEqualTo(outside);

    robot.push(KeyCode.DIGIT1);
    until(() -> !desk.sumsProperty().get());
    assertThat(desk.stationProperty().get()).isEqualTo(Station.SIZE);
    assertThat(robot.lookup("#sum-mat").tryQuery()).isEmpty();
  }

  @Test
  void a_sum_is_kept_as_a_part_changed_printed_and_undone(FxRobot robot) throws IOException {
    robot.clickOn("#sums");
    fire(robot, "#sum-box");
    type(robot, "#sum-box-height", "15 cm");
    robot.clickOn("#sums-keep");
    until(() -> robot.lookup("#part-d1").tryQuery().isPresent());
    type(robot, "#part-name", "Lantern box");
    type(robot, "#part-count", "2");
    type(robot, "#sum-box-wide", "30 cm");

    assertThat(desk.project().first().parts())
        .singleElement()
        .satisfies(
            it -> {
              assertThat(it.name()).isEqualTo("Lantern box");
              assertThat(it.placing().copies()).isEqualTo(2);
              assertThat(sizes(desk)).containsEntry("height", 150.0).containsEntry("wide", 300.0);
            });
    type(robot, "#sum-box-foam", "9 cm");
    until(() -> desk.noticeProperty().get().contains("width inside"));
    assertThat(sizes(desk)).containsEntry("foam", 10.0);
    robot.push(KeyCode.ESCAPE);
    robot.clickOn("#undo");
    until(() -> sizes(desk).get("wide") == 200);

    robot.clickOn("#sum-ring");
    assertThat(robot.lookup("#part-name").tryQuery()).isEmpty();
    robot.clickOn("#part-d1");
    until(() -> robot.lookup("#part-name").tryQuery().isPresent());
    robot.clickOn("#sums-print");
    settled();
    assertThat(printer.template())
        .matches(it -> it.title().startsWith("Lantern box, made 2 times"));
    robot.clickOn("#part-remove");
    until(() -> desk.project().first().parts().isEmpty());
    assertThat(robot.lookup("#part-name").tryQuery()).isEmpty();
    robot.clickOn("#undo");
    until(() -> robot.lookup("#part-d1").tryQuery().isPresent());
  }

  private static Map<String, Double> sizes(Desk desk) {
    return desk.project().first().parts().stream()
        .findFirst()
        .filter(it -> it.formed().isPresent())
        .map(it -> it.formed().orElseThrow().entries(it.thicknessMm()))
        .orElse(Map.of());
  }
}
