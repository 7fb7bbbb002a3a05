package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.demo.Demo;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.Edits;
import stoutblade.edit.PartEdits;
import stoutblade.edit.PropEdit;
import stoutblade.feature.Feature;
import stoutblade.feature.Typeface;
import stoutblade.feature.Where;
import stoutblade.finding.Finding;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.Document;
import stoutblade.formats.ProjectFile;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Station;

/** Edits that take long, and projects that cannot be worked out, in the window as it ships. */
class SlowEditTest extends InWindow {

  private final CountDownLatch letters = new CountDownLatch(1);

  /** Letters that are drawn once they are let, and some that never can be. */
  private List<stoutblade.shape.Path> drawn(String words) {
    if (words.equals("NEVER")) {
      throw new IllegalStateException("no such letter");
    }
    try {
      letters.await();
    } catch (InterruptedException e) {
      throw new IllegalStateException("given up", e);
    }
    return List.of();
  }

  @Start
  void start(Stage stage) throws IOException {
    Typeface typeface = (words, high) -> drawn(words);
    open(
        stage,
        new Desk(
            new Reckoner(CatalogueFile.shipped(), typeface),
            TestDesk.CLOCK,
            Optional.empty(),
            demo(),
            Deriver.besideWindow(Duration.ofMillis(20))));
  }

  /** What was stopped still waits on a thread that others want to work on. */
  @AfterEach
  void release() {
    letters.countDown();
  }

  /** The Reedcutter alone: nothing else of the walk has letters that would be waited for. */
  private static Document demo() throws IOException {
    Document demo = TestDesk.walk();
    return demo.with(First.alone(demo.project()));
  }

  private static PropEdit lettering(String words) {
    return PartEdits.addFeature(Demo.LEAF, Feature.Kind.LETTERS, words, Where.At.of(0, 200));
  }

  private int features() {
    return fx(() -> First.features(desk.project()).size());
  }

  private boolean working() {
    return fx(() -> !desk.workingProperty().get().isEmpty());
  }

  @Test
  void an_edit_that_takes_long_leaves_the_window_alive_and_is_made_in_its_turn(FxRobot robot) {
    int before = features();
    fx(() -> desk.perform(lettering("SLOW")));
    fx(() -> desk.perform(Edits.name("After it")));

    until(() -> robot.lookup("#working").tryQuery().isPresent());
    assertThat(features()).isEqualTo(before);
    assertThat(desk.project().name()).isEqualTo("Osiermouth Lantern Walk");
    robot.push(KeyCode.DIGIT3);
    until(() -> desk.stationProperty().get().number() == 3);

    letters.countDown();
    until(() -> desk.project().name().equals("After it"));
    assertThat(features()).isEqualTo(before + 1);
    assertThat(working()).isFalse();
    assertThat(desk.history().undoable()).contains("Name the work");
  }

  @Test
  void eight_undos_are_worked_out_once_and_can_be_stopped(FxRobot robot) {
    for (int i = 0; i < 8; i++) {
      String name = "Name " + i;
      fx(() -> desk.perform(Edits.name(name)));
      until(() -> desk.project().name().equals(name));
    }
    int before = features();
    fx(() -> desk.perform(lettering("SLOW")));
    fx(
        () -> {
          for (int i = 0; i < 8; i++) {
            desk.undo();
          }
          return true;
        });
    until(this::working);
    robot.clickOn("Stop");
    until(() -> !working());
    assertThat(desk.project().name()).isEqualTo("Name 7");
    assertThat(features()).isEqualTo(before);
    assertThat(desk.noticeProperty().get()).contains("as it was before");

    fx(
        () -> {
          for (int i = 0; i < 8; i++) {
            desk.undo();
          }
          return true;
        });
    until(() -> desk.project().name().equals("Osiermouth Lantern Walk"));
    assertThat(desk.derived().project()).isEqualTo(desk.project());
  }

  /** Seven props of ten parts and more; the last has letters that are waited for. */
  private static Document large(String letters) throws IOException {
    Document demo = demo();
    Prop one = demo.project().first();
    List<Prop> props = new ArrayList<>(List.of(one));
    while (props.size() * one.parts().size() <= 70) {
      props.add(one.withId("more" + props.size()).withName("More " + props.size()));
    }
    Project project = demo.project().withProps(props).withName("Large");
    return demo.with(lettering(letters).in(props.getLast().id()).applyTo(project));
  }

  @Test
  void of_a_large_project_the_first_prop_is_there_before_the_others(FxRobot robot)
      throws IOException {
    Document large = large("SLOW");
    String last = large.project().props().getLast().id();
    fx(
        () -> {
          desk.open(large, Optional.empty());
          return true;
        });
    until(() -> desk.project().name().equals("Large"));
    assertThat(desk.looked().orElseThrow().mass()).isPresent();
    assertThat(desk.derived().complete()).isFalse();
    assertThat(
            robot.lookup((Button it) -> it.getText().equals("More 1")).queryButton().isDisabled())
        .isTrue();

    // Nothing of all props together is taken for all there is.
    robot.push(KeyCode.DIGIT5);
    until(() -> robot.lookup("The other props are being worked out.").tryQuery().isPresent());
    fx(
        () -> {
          bench.export(folder.resolve("too-early"));
          desk.goToProp(last);
          return true;
        });
    assertThat(folder.resolve("too-early")).doesNotExist();
    assertThat(desk.derived().figuresOf(Station.CUT, desk.prop().id(), ""))
        .as("no total of one prop alone")
        .noneMatch(it -> it.label().contains("in all"));
    assertThat(desk.noticeProperty().get()).contains("try again");
    assertThat(desk.prop().id()).isEqualTo(large.project().first().id());

    letters.countDown();
    until(() -> desk.derived().complete());
    assertThat(robot.lookup("#prop-" + last).queryButton().isDisabled()).isFalse();
    Derived fresh =
        new Reckoner(CatalogueFile.shipped(), (words, high) -> List.of())
            .derive(desk.project(), desk.now(), desk.units());
    assertThat(desk.derived().shopping()).isEqualTo(fresh.shopping());
    assertThat(desk.derived().findings())
        .extracting(Finding::why)
        .isEqualTo(fresh.findings().stream().map(Finding::why).toList());
    fx(
        () -> {
          desk.goToProp(last);
          return true;
        });
    assertThat(desk.prop().id()).isEqualTo(last);
  }

  @Test
  void where_another_prop_cannot_be_worked_out_it_is_offered_to_open_without_what_is_wrong(
      FxRobot robot) throws IOException {
    Document large = large("NEVER");
    Path file = folder.resolve("large.stout");
    ProjectFile.write(file, large);
    fx(
        () -> {
          bench.files().open(file);
          return true;
        });
    until(() -> robot.lookup("#repair").tryQuery().isPresent());
    robot.clickOn("Open without it");
    until(() -> desk.derived().complete());
    assertThat(desk.project().props()).hasSameSizeAs(large.project().props());
    assertThat(desk.changedProperty().get()).isTrue();
  }

  @Test
  void a_file_that_cannot_be_worked_out_is_opened_without_what_is_wrong(FxRobot robot)
      throws IOException {
    Document demo = demo();
    Project broken = lettering("NEVER").in(Prop.FIRST).applyTo(demo.project().withName("Broken"));
    Path file = folder.resolve("broken.stout");
    ProjectFile.write(file, demo.with(broken));
    letters.countDown();
    fx(
        () -> {
          bench.files().open(file);
          return true;
        });
    until(() -> robot.lookup("#repair").tryQuery().isPresent());
    assertThat(desk.project().name()).isEqualTo("Osiermouth Lantern Walk");
    assertThat(robot.lookup((Label it) -> it.getText().startsWith("• the details of ")).tryQuery())
        .isPresent();

    robot.clickOn("Open without it");
    until(() -> desk.project().name().equals("Broken"));
    assertThat(features()).isZero();
    assertThat(First.layering(desk.project())).isEqualTo(First.layering(broken));
    assertThat(desk.fileProperty().get()).as("its file stays as it is").isEmpty();
    assertThat(desk.changedProperty().get()).isTrue();
  }
}
