package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;
import stoutblade.build.Step;
import stoutblade.demo.Demo;
import stoutblade.desktop.mat.MatView;
import stoutblade.formats.Autosave;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Point;

/** A workbench in a real window, and what a user does with it. */
@ExtendWith(ApplicationExtension.class)
abstract class InWindow {

  /** What is waited for at most, in s: ten times what it takes where others use the machine. */
  private static final long PATIENCE_S = 90;

  @TempDir static Path folder;

  final Dialogs dialogs = mock(Dialogs.class);
  final TestPrinter printer = new TestPrinter();
  Workbench bench;
  Desk desk;
  final List<Autosave.Left> restored = new CopyOnWriteArrayList<>();
  boolean themeSwitched;

  /** Opens the window; a start method is looked for in the test's own class only. */
  void open(Stage stage) {
    open(stage, TestDesk.fresh());
  }

  /** Opens the window with a given desk. */
  void open(Stage stage, Desk own) {
    // An answer that knew this test would keep its mock, and with it the window, for ever.
    TestPrinter to = printer;
    when(dialogs.print(any(), any())).thenAnswer(asked -> to.order(asked.getArgument(0)));
    Theme.loadFonts();
    desk = own;
    bench =
        new Workbench(
            desk,
            dialogs,
            () -> List.of(printer),
            Workbench.Home.in(folder.resolve("state")),
            restored::add,
            () -> themeSwitched = true);
    Scene scene = new Scene(bench.root(), 1280, 960);
    Theme.dress(scene, false);
    stage.setScene(scene);
    // The stage is one for all tests: a test before may have left it small.
    stage.sizeToScene();
    stage.show();
    takeInput(stage);
    bench.focusMat();
  }

  /**
   * A window of another process that was open in between took the keyboard, and a virtual display
   * has nobody who gives it back: menus would close as soon as they open.
   */
  private static void takeInput(Stage stage) {
    stage.setIconified(true);
    stage.setIconified(false);
    stage.requestFocus();
  }

  @AfterEach
  void stop() {
    bench.stop();
  }

  static void until(Callable<Boolean> condition) {
    try {
      WaitForAsyncUtils.waitFor(PATIENCE_S, TimeUnit.SECONDS, condition);
    } catch (TimeoutException e) {
      throw new AssertionError("It did not come to be", e);
    }
    WaitForAsyncUtils.waitForFxEvents();
  }

  /**
   * Waits until nothing is worked on and all that is shown is of the project as it is, and lies
   * where it will: a robot clicks where a node lay last.
   */
  void settled() {
    until(() -> bench.tasks().running().isEmpty());
    still();
  }

  /** Waits until edits are made and all lies where it will: machines can be slow. */
  private void still() {
    until(() -> !desk.busy());
    fx(
        () -> {
          bench.root().applyCss();
          bench.root().layout();
          return true;
        });
  }

  static <T> T fx(Callable<T> work) {
    T result = WaitForAsyncUtils.waitForAsyncFx(PATIENCE_S * 1000, work);
    WaitForAsyncUtils.waitForFxEvents();
    return result;
  }

  static Path picture() throws IOException {
    Path file = folder.resolve("ferrywarden.jpg");
    if (!Files.exists(file)) {
      try (InputStream in = Demo.class.getResourceAsStream(Demo.PICTURE)) {
        Files.copy(in, file);
      }
    }
    return file;
  }

  /** Makes the window so large. */
  void sized(double wide, double high) {
    fx(
        () -> {
          Window window = bench.root().getScene().getWindow();
          window.setWidth(wide);
          window.setHeight(high);
          return true;
        });
    settled();
  }

  /** Does a command by some of its words. */
  void command(FxRobot robot, String words) {
    robot.push(KeyCode.F1);
    until(() -> robot.lookup("#command-field").tryQuery().isPresent());
    robot.write(words);
    robot.push(KeyCode.ENTER);
    until(() -> robot.lookup("#command-field").tryQuery().isEmpty());
  }

  void openDemo() {
    fx(
        () -> {
          desk.open(TestDesk.walk(), Optional.empty());
          bench.showPictures();
          return true;
        });
    settled();
  }

  static Point2D at(FxRobot robot, String mat, Point place) {
    MatView view = robot.lookup(mat).queryAs(MatView.class);
    return fx(
        () -> {
          Point screen = view.toScreen(place);
          return view.localToScreen(screen.x(), screen.y());
        });
  }

  void drag(FxRobot robot, String mat, Point from, Point to) {
    still();
    Point2D start = at(robot, mat, from);
    Point2D end = at(robot, mat, to);
    robot.moveTo(start).press(MouseButton.PRIMARY).moveTo(end).release(MouseButton.PRIMARY);
    WaitForAsyncUtils.waitForFxEvents();
    still();
  }

  void type(FxRobot robot, String field, String text) {
    still();
    robot.clickOn(field);
    WaitForAsyncUtils.waitForFxEvents();
    if (!typesInto(robot, field)) {
      // It was laid out elsewhere at that moment; what is typed would be keys of the window.
      still();
      robot.clickOn(field);
    }
    robot.push(KeyCode.CONTROL, KeyCode.A).write(text).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    still();
  }

  private static boolean typesInto(FxRobot robot, String field) {
    Node wanted = robot.lookup(field).query();
    for (Node it = wanted.getScene().getFocusOwner(); it != null; it = it.getParent()) {
      if (it.equals(wanted)) {
        return true;
      }
    }
    return false;
  }

  /** What a screen draws all things larger by. */
  static double screenScale() {
    return Screen.getPrimary().getOutputScaleX();
  }

  <T> void choose(FxRobot robot, String box, T value) {
    @SuppressWarnings("unchecked")
    ComboBox<T> combo = robot.lookup(box).queryAs(ComboBox.class);
    fx(
        () -> {
          combo.setValue(value);
          return true;
        });
    still();
  }

  /**
   * Pushes a key until it has done what it does. A virtual display loses a press now and then where
   * others use the machine; once nothing is worked on and nothing came of it, it is pushed again.
   */
  void push(FxRobot robot, KeyCode key, Callable<Boolean> done) {
    for (int i = 0; i < 3; i++) {
      robot.push(key);
      WaitForAsyncUtils.waitForFxEvents();
      still();
      try {
        WaitForAsyncUtils.waitFor(5, TimeUnit.SECONDS, done);
        return;
      } catch (TimeoutException e) {
        // The press was lost.
      }
    }
    until(done);
  }

  /** Does what the menu of a card on the rack offers. */
  void menuOf(FxRobot robot, String card, String item) {
    settled();
    fx(
        () -> {
          robot.lookup(card).queryAs(Button.class).getContextMenu().getItems().stream()
              .filter(it -> item.equals(it.getId()))
              .findFirst()
              .orElseThrow()
              .fire();
          return true;
        });
  }

  /** Presses a button wherever it lies, also where it would have to be scrolled to. */
  static void fire(FxRobot robot, String button) {
    fx(
        () -> {
          robot.lookup(button).queryAs(ButtonBase.class).fire();
          return true;
        });
  }

  void go(FxRobot robot, Station station) {
    robot.clickOn("#station-" + station.number());
    until(() -> desk.stationProperty().get() == station);
    still();
  }

  /**
   * Looks at every part of the prop at every station: each has something to show, and nothing goes
   * wrong.
   */
  void walkThrough() {
    for (Station station : Station.values()) {
      for (Part part : desk.prop().parts()) {
        fx(
            () -> {
              desk.goTo(station);
              desk.partProperty().set(part.id());
              return true;
            });
        assertThat(desk.lookedId()).isEqualTo(part.id());
        assertThat(desk.noticeProperty().get()).as(part.name() + " at " + station).isEmpty();
      }
    }
    for (PartReckoning part : desk.reckoned().parts()) {
      assertThat(part.body()).as(part.part().name()).isPresent();
      assertThat(desk.derived().figuresOf(Station.DRAFT, desk.prop().id(), part.id()))
          .as(part.part().name())
          .anyMatch(it -> it.id().startsWith(part.path() + "/"));
      assertThat(desk.derived().plan().orElseThrow().steps())
          .extracting(Step::id)
          .as(part.part().name())
          .contains(part.path() + "/measure");
    }
    assertThat(desk.derived().plan().orElseThrow().unplaced()).isEmpty();
    assertThat(desk.reckoned().fit()).as("the wearer holds it").isPresent();
  }

  List<String> figures() {
    return fx(
        () ->
            desk.derived().figures().values().stream()
                .flatMap(List::stream)
                .map((Figure it) -> it.id() + " " + it.showWithRange(Units.METRIC))
                .toList());
  }
}
