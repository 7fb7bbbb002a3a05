package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.demo.Demo;
import stoutblade.formats.Autosave;
import stoutblade.formats.Document;
import stoutblade.formats.OpenFiles;
import stoutblade.formats.Saving;
import stoutblade.project.First;

/** The project's files in a window: opened, saved, left, restored. */
class ProjectFilesTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  @Test
  void a_file_that_cannot_be_read_leaves_what_is_open(FxRobot robot) throws IOException {
    openDemo();
    Path bad = Files.writeString(folder.resolve("bad.stout"), "no zip");
    fx(
        () -> {
          bench.files().open(bad);
          return true;
        });
    until(() -> desk.noticeProperty().get().contains("bad.stout"));
    assertThat(desk.project().name()).isEqualTo("Osiermouth Lantern Walk");

    Path text = Files.writeString(folder.resolve("note.png"), "no picture");
    fx(
        () -> {
          bench.openPicture(text);
          return true;
        });
    until(() -> desk.noticeProperty().get().contains("note.png: not a picture"));
    assertThat(desk.project().first().size().references().getFirst().picture().name())
        .isEqualTo(Demo.PICTURE);
  }

  @Test
  void leaving_unsaved_edits_asks_first(FxRobot robot) {
    openDemo();
    fx(() -> desk.perform(stoutblade.edit.Edits.name("Changed")));
    when(dialogs.leave()).thenReturn(Dialogs.Leave.STAY);
    fx(
        () -> {
          bench.files().startNew(() -> {});
          return true;
        });
    assertThat(desk.project().name()).isEqualTo("Changed");
    when(dialogs.leave()).thenReturn(Dialogs.Leave.DISCARD);
    fx(
        () -> {
          bench.files().startNew(() -> {});
          return true;
        });
    assertThat(desk.project().name()).isEqualTo("New project");
    assertThat(First.wearer(desk.project()).name()).isEqualTo("Ferrywarden");
  }

  @Test
  void what_was_left_by_crashes_is_listed_and_restored_or_discarded(FxRobot robot)
      throws IOException {
    Document demo = TestDesk.walk();
    Path gone = Files.createDirectories(folder.resolve("gone"));
    Autosave.Left one =
        new Autosave.Left(
            folder.resolve("left"),
            Instant.parse("2031-03-02T18:30:00Z"),
            1_234_567,
            Optional.of(demo),
            Optional.of(Path.of("/home/maker/leaf.stout")),
            "");
    Autosave.Left two =
        new Autosave.Left(
            gone, Instant.EPOCH, 12, Optional.empty(), Optional.empty(), "It is torn.");
    fx(
        () -> {
          bench.offer(List.of(one, two));
          return true;
        });
    assertThat(robot.lookup("1.2 MB, saved as /home/maker/leaf.stout").tryQuery()).isPresent();
    assertThat(robot.lookup("It is torn. It lies in " + gone).tryQuery()).isEmpty();
    assertThat(robot.lookup((Label it) -> it.getText().contains("It is torn.")).tryQuery())
        .isPresent();
    assertThat(robot.lookup((Button it) -> it.getText().equals("Restore")).queryAll()).hasSize(1);

    robot.clickOn("Restore");
    until(() -> restored.equals(List.of(one)));
    settled();
    assertThat(bench.root().lookup("#first-path").isVisible()).isFalse();
    robot.clickOn("Discard");
    until(() -> robot.lookup("#recovery").tryQuery().isEmpty());
    settled();
    assertThat(gone).doesNotExist();
  }

  private void save(FxRobot robot, Path chosen) {
    when(dialogs.saveAs(any())).thenReturn(Optional.of(chosen));
    robot.push(KeyCode.CONTROL, KeyCode.S);
    settled();
  }

  private void rename(String name) {
    fx(() -> desk.perform(stoutblade.edit.Edits.name(name)));
  }

  @Test
  void a_project_that_was_open_before_is_opened_again_from_the_case(FxRobot robot) {
    openDemo();
    Path file = folder.resolve("lanterns-again.stout");
    save(robot, file);
    fx(
        () -> {
          bench.files().startNew(() -> {});
          return true;
        });
    settled();
    rename("Not saved");
    settled();
    when(dialogs.leave()).thenReturn(Dialogs.Leave.STAY);
    openAgain(robot, file);
    settled();
    assertThat(desk.project().name()).isEqualTo("Not saved");
    when(dialogs.leave()).thenReturn(Dialogs.Leave.DISCARD);
    openAgain(robot, file);
    until(() -> desk.fileProperty().get().equals(Optional.of(file)));
    assertThat(desk.project().props()).hasSize(3);
  }

  private void openAgain(FxRobot robot, Path file) {
    robot.clickOn("#bench");
    until(
        () ->
            ((MenuButton) bench.root().lookup("#bench"))
                .getItems().stream()
                    .filter(it -> "open-again".equals(it.getId()))
                    .anyMatch(it -> !it.isDisable()));
    robot.clickOn("Open again");
    robot.clickOn(file.getFileName() + " in " + folder);
  }

  @Test
  void save_as_asks_where_the_name_with_its_ending_is_there_already(FxRobot robot)
      throws IOException {
    Path there = Files.writeString(folder.resolve("taken.stout"), "somebody's");
    rename("Mine");
    when(dialogs.over(any(), any())).thenReturn(Dialogs.Over.CANCEL);
    save(robot, folder.resolve("taken"));
    verify(dialogs).over("taken.stout", Saving.Objection.EXISTS);
    assertThat(there).hasContent("somebody's");
    assertThat(desk.changedProperty().get()).isTrue();

    when(dialogs.over(any(), any())).thenReturn(Dialogs.Over.KEEP_BOTH);
    save(robot, folder.resolve("taken"));
    until(() -> !desk.changedProperty().get());
    assertThat(there).hasContent("somebody's");
    assertThat(desk.fileProperty().get()).contains(folder.resolve("taken 2.stout"));
  }

  @Test
  void a_file_that_was_changed_meanwhile_is_not_written_over_unasked(FxRobot robot)
      throws IOException {
    Path file = folder.resolve("shared.stout");
    rename("Mine");
    save(robot, file);
    until(() -> desk.fileProperty().get().equals(Optional.of(file)));
    Files.writeString(file, "from elsewhere");
    rename("Mine, again");
    when(dialogs.over(any(), any())).thenReturn(Dialogs.Over.CANCEL);

    robot.push(KeyCode.CONTROL, KeyCode.S);
    settled();

    verify(dialogs).over("shared.stout", Saving.Objection.CHANGED);
    assertThat(file).hasContent("from elsewhere");
    assertThat(desk.changedProperty().get()).isTrue();
    when(dialogs.over(any(), any())).thenReturn(Dialogs.Over.WRITE_OVER);
    robot.push(KeyCode.CONTROL, KeyCode.S);
    until(() -> !desk.changedProperty().get());
    rename("Once more");
    robot.push(KeyCode.CONTROL, KeyCode.S);
    until(() -> !desk.changedProperty().get());
    verify(dialogs, org.mockito.Mockito.times(2)).over(any(), any());
  }

  @Test
  void a_save_that_fails_says_what_to_do_and_one_elsewhere_works(FxRobot robot) throws IOException {
    rename("Mine");
    save(robot, folder.resolve("no such folder/mine.stout"));
    until(() -> desk.noticeProperty().get().contains("its folder is not there"));
    assertThat(desk.noticeProperty().get()).contains("Save as");
    assertThat(desk.changedProperty().get()).isTrue();

    save(robot, folder.resolve("elsewhere.stout"));
    until(() -> !desk.changedProperty().get());
    assertThat(folder.resolve("elsewhere.stout")).exists();
  }

  @Test
  void a_file_that_is_open_elsewhere_is_told(FxRobot robot) throws IOException {
    rename("Mine");
    Path file = folder.resolve("both.stout");
    save(robot, file);
    until(() -> !desk.changedProperty().get());
    OpenFiles others = new OpenFiles(folder.resolve("state").resolve("open"));
    assertThat(others.claim(file)).as("this window has it").isEmpty();
    fx(
        () -> {
          bench.files().startNew(() -> {});
          return true;
        });
    try (OpenFiles.Claim claim = others.claim(file).orElseThrow()) {
      fx(
          () -> {
            bench.files().open(file);
            return true;
          });
      until(() -> desk.noticeProperty().get().contains("'both.stout' is open in another window"));
      assertThat(desk.project().name()).isEqualTo("Mine");
      assertThat(claim).isNotNull();
    }
  }

  @Test
  void a_project_that_cannot_be_worked_out_is_offered_without_what_is_wrong(FxRobot robot) {
    Document demo = TestDesk.demo().document();
    stoutblade.edit.Repair repair =
        stoutblade.edit.Repair.of(
            demo.project(),
            it -> {
              if (it.first().parts().stream().anyMatch(part -> part.core().isPresent())) {
                throw new IllegalArgumentException("A core of no length");
              }
            },
            share -> {});
    boolean[] opened = {false};
    fx(
        () -> {
          bench
              .notices()
              .repair("'leaf.stout' cannot be worked out", repair, () -> opened[0] = true);
          return true;
        });
    assertThat(
            robot
                .lookup(
                    (Label it) ->
                        it.getText().equals("• the core of 'Reedcutter leaf': A core of no length"))
                .tryQuery())
        .isPresent();
    robot.clickOn("Open without it");
    until(() -> opened[0]);
    assertThat(robot.lookup("#repair").tryQuery()).isEmpty();
  }
}
