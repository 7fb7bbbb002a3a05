package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import stoutblade.demo.Demo;
import stoutblade.desktop.mat.MatView;
import stoutblade.edit.Edits;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.OutlineEdits;
import stoutblade.project.First;
import stoutblade.project.Station;

/** What stands round every station: tape, slip, shelf, masking tape, fields. */
class ShellTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  @Test
  void long_work_shows_on_the_shelf_and_can_be_stopped(FxRobot robot) {
    CountDownLatch never = new CountDownLatch(1);
    AtomicBoolean finished = new AtomicBoolean();
    fx(
        () -> {
          bench
              .tasks()
              .start(
                  "Slicing",
                  (BackgroundTasks.Work<String>)
                      progress -> {
                        progress.accept(0.4);
                        never.await();
                        return "done";
                      },
                  result -> finished.set(true));
          return true;
        });
    until(() -> robot.lookup("Slicing").tryQuery().isPresent());

    robot.clickOn("Stop");

    until(() -> bench.tasks().running().isEmpty());
    assertThat(finished).isFalse();
    assertThat(desk.noticeProperty().get()).isEmpty();
  }

  @Test
  void work_that_fails_says_why_until_it_is_seen(FxRobot robot) {
    fx(
        () -> {
          bench
              .tasks()
              .start(
                  "Failing",
                  () -> {
                    throw new IOException("disk.stout: the disk is full");
                  },
                  result -> {});
          return true;
        });
    until(() -> robot.lookup("#notice").tryQuery().isPresent());
    assertThat(robot.lookup("#notice .label").queryAs(Label.class).getText())
        .isEqualTo("disk.stout: the disk is full");

    robot.clickOn("OK");

    until(() -> robot.lookup("#notice").tryQuery().isEmpty());
  }

  @Test
  void saving_that_fails_leaves_the_edits_unsaved(FxRobot robot) {
    openDemo();
    Path nowhere = folder.resolve("no-such-folder").resolve("x.stout");
    when(dialogs.saveAs(any())).thenReturn(Optional.of(nowhere));
    fx(() -> desk.perform(LayerEdits.bevel(Demo.LEAF, 15)));

    robot.push(KeyCode.CONTROL, KeyCode.S);

    until(() -> !desk.noticeProperty().get().isEmpty());
    assertThat(desk.changedProperty().get()).isTrue();
    assertThat(Files.exists(nowhere)).isFalse();
  }

  @Test
  void a_dialog_that_is_dismissed_changes_nothing(FxRobot robot) {
    openDemo();
    when(dialogs.openPicture()).thenReturn(Optional.empty());
    when(dialogs.exportFolder()).thenReturn(Optional.empty());
    var before = desk.project();

    robot.push(KeyCode.I);
    go(robot, Station.CUT);
    robot.clickOn("#export");

    assertThat(desk.project()).isEqualTo(before);
    assertThat(bench.tasks().running()).isEmpty();
    verify(dialogs, never()).leave();
  }

  /** The drawing gets the room of what is folded away, and is fitted by one key. */
  @Test
  void what_stands_beside_the_drawing_folds_away(FxRobot robot) {
    openDemo();
    go(robot, Station.DRAFT);
    settled();
    MatView mat = robot.lookup("#draft-mat").queryAs(MatView.class);
    double before = mat.getWidth();

    robot.push(KeyCode.F3);
    until(() -> mat.getWidth() > before + 210);
    robot.push(KeyCode.F2);
    until(() -> mat.getWidth() > before + 330);
    double fitted = mat.zoom();
    robot.push(KeyCode.ADD);
    until(() -> mat.zoom() > fitted * 1.2);
    robot.push(KeyCode.DIGIT0);
    until(() -> Math.abs(mat.zoom() - fitted) < 1e-9);

    robot.clickOn("#fold-figures");
    robot.clickOn("#fold-props-and-parts");
    until(() -> Math.abs(mat.getWidth() - before) < 1);
  }

  /** What just changed says by how much, until something else is edited. */
  @Test
  void a_figure_that_changed_says_by_how_much(FxRobot robot) {
    openDemo();
    go(robot, Station.DRAFT);
    fx(
        () -> {
          desk.goToPart(Demo.LEAF);
          return true;
        });
    fx(() -> desk.perform(OutlineEdits.length(Demo.LEAF, 620)));

    until(() -> robot.lookup(".figure-change").queryAll().stream().anyMatch(Node::isVisible));
    Label change =
        robot.lookup(".figure-change").queryAllAs(Label.class).stream()
            .filter(Node::isVisible)
            .findFirst()
            .orElseThrow();
    assertThat(change.getText()).startsWith("+").endsWith(" mm");

    fx(() -> desk.perform(Edits.name("Another name")));
    until(() -> robot.lookup(".figure-change").queryAll().stream().noneMatch(Node::isVisible));
  }

  @Test
  void undo_names_what_it_takes_back(FxRobot robot) {
    openDemo();
    fx(() -> desk.perform(LayerEdits.bevel(Demo.LEAF, 15)));
    Button undo = robot.lookup("#undo").queryAs(Button.class);
    until(() -> undo.getText().equals("Undo: Bevel width"));

    robot.clickOn("#undo");

    until(undo::isDisabled);
    assertThat(robot.lookup("#redo").queryAs(Button.class).getText())
        .isEqualTo("Redo: Bevel width");
  }

  @Test
  void a_clock_that_ran_out_says_too_late(FxRobot robot) {
    openDemo();
    fx(
        () ->
            desk.perform(
                Edits.startClock(
                    "p1/d7/spread", desk.clock().instant().minus(Duration.ofMinutes(61)))));

    until(
        () ->
            robot
                .lookup("#clock-p1-d7-spread")
                .tryQueryAs(Button.class)
                .map(Button::getText)
                .filter(it -> it.equals("Contact cement: Too late: coat again"))
                .isPresent());
  }

  @Test
  void strips_of_tape_never_cover_one_another(FxRobot robot) {
    openDemo();
    go(robot, Station.CORE);
    fx(() -> desk.perform(Edits.coreEnd(Demo.LEAF, 560)));
    fx(
        () ->
            desk.perform(
                Edits.rod(Demo.LEAF, "dowel-6", First.core(desk.project()).orElseThrow())));
    fx(() -> desk.perform(Edits.coreStart(Demo.LEAF, -900)));
    fx(() -> desk.perform(Edits.coreHeldAt(Demo.LEAF, -880)));
    until(() -> robot.lookup(".masking").queryAll().size() >= 2);

    List<Bounds> strips = robot.lookup(".masking").queryAll().stream().map(ShellTest::box).toList();

    for (int i = 0; i < strips.size(); i++) {
      for (int j = i + 1; j < strips.size(); j++) {
        assertThat(strips.get(i).intersects(strips.get(j))).isFalse();
      }
    }
  }

  /** Without the shadow, which may fall on a neighbour. */
  private static Bounds box(Node strip) {
    return strip.localToParent(strip.getLayoutBounds());
  }

  @Test
  void a_faulty_field_is_marked_and_escape_brings_the_old_text_back(FxRobot robot) {
    openDemo();
    go(robot, Station.LAYERS);
    TextField bevel = robot.lookup("#bevel").queryAs(TextField.class);
    type(robot, "#bevel", "wide");
    PseudoClass faulty = PseudoClass.getPseudoClass("faulty");
    assertThat(bevel.getPseudoClassStates()).contains(faulty);
    assertThat(bevel.getTooltip().getText()).contains("a number is expected");

    robot.clickOn("#bevel").push(KeyCode.ESCAPE);
    WaitForAsyncUtils.waitForFxEvents();

    assertThat(bevel.getPseudoClassStates()).doesNotContain(faulty);
    assertThat(bevel.getText()).isEqualTo("22 mm");
  }

  @Test
  void the_rack_leads_to_where_each_is_made(FxRobot robot) {
    openDemo();
    List<Button> cards = robot.lookup(".rack-card").queryAllAs(Button.class).stream().toList();
    assertThat(cards.getFirst().getText()).isEqualTo("Ferrywarden\n174 cm");

    robot.clickOn("#part-d1");
    until(() -> desk.stationProperty().get() == Station.DRAFT);
    robot.clickOn(cards.getFirst());
    until(() -> desk.stationProperty().get() == Station.SIZE);
  }

  @Test
  void a_part_is_named_put_in_order_and_made_again_on_the_rack(FxRobot robot) {
    openDemo();
    openMenu(robot, "d1");
    type(robot, "#rack-name", "Upper collar");
    until(() -> desk.project().first().needed("d1").name().equals("Upper collar"));

    openMenu(robot, "d1");
    robot.clickOn("#rack-up");
    until(() -> desk.project().first().parts().getFirst().id().equals("d1"));
    int before = desk.project().first().parts().size();
    openMenu(robot, "d1");
    robot.clickOn("#rack-again");
    until(() -> desk.project().first().parts().size() == before + 1);
    openMenu(robot, "d1");
    robot.clickOn("#rack-mirror");
    until(() -> desk.project().first().needed("d1").placing().mirrored() == 1);
  }

  /** A window that is slow to lay out may take the card from under the first press. */
  private void openMenu(FxRobot robot, String partId) {
    settled();
    until(
        () -> {
          if (robot.lookup("#rack-name").tryQuery().isEmpty()) {
            robot.rightClickOn("#part-" + partId);
            WaitForAsyncUtils.waitForFxEvents();
          }
          return robot.lookup("#rack-name").tryQuery().isPresent();
        });
  }
}
