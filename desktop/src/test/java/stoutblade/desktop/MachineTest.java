package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.machine.Cutter;
import stoutblade.measure.Figure;
import stoutblade.project.Station;
import stoutblade.stock.CutList;

/** A sheet on a machine, watched, set up wrongly and written, in a real window. */
class MachineTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private static String said(FxRobot robot) {
    return robot.lookup("#machine-said").queryAs(Label.class).getText();
  }

  private static boolean written(FxRobot robot) {
    return !robot.lookup("#machine-write").queryAs(Button.class).isDisabled();
  }

  private void laid(FxRobot robot) {
    openDemo();
    CutList.Kind few =
        desk.derived().shopping().orElseThrow().pieces().kinds().stream()
            .filter(it -> it.count() > 2 && it.count() < 9)
            .findFirst()
            .orElseThrow();
    go(robot, Station.CUT);
    fire(robot, "#view-sheets");
    settled();
    choose(robot, "#sheets-kind", few);
    settled();
    fire(robot, "#view-machine");
    until(() -> said(robot).contains("of lines"));
    settled();
  }

  @Test
  void a_sheet_is_watched_to_its_end_stopped_and_written(FxRobot robot) throws Exception {
    laid(robot);
    assertThat(desk.besideProperty().get())
        .extracting(Figure::id)
        .contains("machine.line", "machine.time");
    ToggleButton run = robot.lookup("#machine-run").queryAs(ToggleButton.class);
    fire(robot, "#machine-run");
    assertThat(run.isSelected()).isTrue();
    fire(robot, "#machine-run");
    assertThat(run.isSelected()).as("stopped").isFalse();
    fire(robot, "#machine-run");
    until(() -> !run.isSelected());

    Path out = folder.resolve("machine");
    when(dialogs.exportFolder()).thenReturn(Optional.of(out));
    until(() -> written(robot));
    fire(robot, "#machine-write");
    until(() -> Files.exists(out) && desk.noticeProperty().get().contains("4 files written"));
    try (var files = Files.list(out)) {
      assertThat(files.map(it -> it.getFileName().toString()))
          .anyMatch(it -> it.endsWith(".nc"))
          .anyMatch(it -> it.endsWith(".hpgl"))
          .anyMatch(it -> it.endsWith(".svg"))
          .anyMatch(it -> it.endsWith(".dxf"));
    }
  }

  @Test
  void nothing_is_written_while_something_would_go_wrong(FxRobot robot) {
    laid(robot);
    type(robot, "#machine-bed-x", "50 mm");
    until(() -> said(robot).contains("would leave the bed"));
    assertThat(written(robot)).isFalse();
    type(robot, "#machine-bed-x", "2 m");
    until(() -> written(robot));
    type(robot, "#machine-bed-x", "50 m");
    assertThat(desk.noticeProperty().get()).contains("The bed: 10 to 20,000 mm");
    assertThat(desk.project().cutting().cutter().bed().xMm()).isEqualTo(2000);

    ComboBox<Cutter.Kind> kind = robot.lookup("#machine-kind").queryComboBox();
    fx(
        () -> {
          kind.setValue(Cutter.Kind.MILL);
          return true;
        });
    until(() -> desk.project().cutting().cutter().kind() == Cutter.Kind.MILL);
    assertThat(desk.project().cutting().cutter().bed().xMm()).as("the same bed").isEqualTo(2000);
    until(() -> said(robot).contains("of lines") || said(robot).contains("mm apart"));
    assertThat(desk.project().cutting().cutters())
        .as("for the sheet that lies there")
        .singleElement()
        .satisfies(it -> assertThat(it.cutter().kind()).isEqualTo(Cutter.Kind.MILL));
    fx(
        () -> {
          desk.undo();
          return true;
        });
    until(() -> desk.project().cutting().cutter().kind() == Cutter.Kind.KNIFE);
    settled();
  }
}
