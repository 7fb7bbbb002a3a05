package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import stoutblade.catalogue.Rod;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.demo.Demo;
import stoutblade.edit.Edits;
import stoutblade.edit.OutlineEdits;
import stoutblade.project.First;
import stoutblade.project.Prop;
import stoutblade.project.Station;
import stoutblade.shape.Point;

/** The tasks of a user in a real window. */
class WorkbenchTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  // == THE WHOLE JOURNEY

  @Test
  void from_a_picture_to_templates_a_plan_and_back(FxRobot robot) throws IOException {
    when(dialogs.openPicture()).thenReturn(Optional.of(picture()));
    Path saved = folder.resolve("journey.stout");
    when(dialogs.saveAs(any())).thenReturn(Optional.of(saved));
    when(dialogs.openProject()).thenReturn(Optional.of(saved));
    Path exports = folder.resolve("journey-exports");
    when(dialogs.exportFolder()).thenReturn(Optional.of(exports));

    // Size: the picture, the wearer, the figure from head to heel, the blade's centre line.
    type(robot, "#wearer-height", "5'8 1/2\"");
    assertThat(First.wearer(desk.project()).heightMm()).isBetween(1739.8, 1740.0);
    robot.push(KeyCode.I);
    until(() -> pictures() == 1);
    settled();
    robot.push(KeyCode.H);
    drag(robot, "#size-mat", new Point(519 - 540, 1520 - 253), new Point(510 - 540, 1520 - 1348));
    until(() -> desk.derived().first().sizing().pictures().get("p1").perPixel().isPresent());
    double scale = desk.derived().first().sizing().pictures().get("p1").perPixel().orElseThrow();
    assertThat(scale).isBetween(1.57, 1.61);
    robot.push(KeyCode.C);
    Point base = new Point((817 - 510) * scale, (1348 - 510) * scale);
    drag(robot, "#size-mat", base, new Point((810 - 510) * scale, (1348 - 150) * scale));
    until(() -> desk.derived().first().placement().isPresent());

    // Draft: half the outline, corners with the shift key, a node typed to its place.
    go(robot, Station.DRAFT);
    until(() -> robot.lookup("#trace").queryAs(Node.class).isVisible());
    robot.press(KeyCode.SHIFT);
    robot.clickOn(at(robot, "#draft-mat", new Point(18, 0)));
    robot.clickOn(at(robot, "#draft-mat", new Point(76, 125)));
    robot.release(KeyCode.SHIFT);
    robot.clickOn(at(robot, "#draft-mat", new Point(60, 340)));
    robot.press(KeyCode.SHIFT);
    robot.clickOn(at(robot, "#draft-mat", new Point(1, 570)));
    robot.release(KeyCode.SHIFT);
    until(() -> First.form(desk.derived()).isPresent());
    assertThat(First.half(desk.project()).nodes()).hasSize(4);
    assertThat(First.half(desk.project()).nodes().getLast().at().x()).as("snapped").isZero();
    type(robot, "#node-along", "57 cm");
    assertThat(First.sizes(desk.derived()).length().value()).isEqualTo(570);

    // Layers and core.
    go(robot, Station.LAYERS);
    SheetMaterial foam = desk.catalogue().sheet("eva-stiff").orElseThrow();
    choose(robot, "#foam", foam);
    type(robot, "#bevel", "22");
    type(robot, "#edge", "3/16\"");
    assertThat(First.layering(desk.project()).profile().edgeMm()).isBetween(4.76, 4.77);
    go(robot, Station.CORE);
    Rod rod = desk.catalogue().rod("carbon-tube-10").orElseThrow();
    choose(robot, "#rod", rod);
    type(robot, "#core-end", "48 cm");
    assertThat(First.core(desk.derived()).orElseThrow().tooDeep()).isFalse();

    // Cut: everything is exported.
    go(robot, Station.CUT);
    robot.clickOn("#export");
    until(() -> Files.exists(exports.resolve("new-project-figures.json")));
    settled();
    assertThat(exports.resolve("new-prop-d1-blade-layers-a4.pdf")).isRegularFile();

    // Log: a step is done with the time it took.
    go(robot, Station.LOG);
    type(robot, "#took-all-print", "25 min");
    assertThat(desk.project().journal().of("all/print").orElseThrow().minutes()).isEqualTo(25);

    // Undo all the way, redo all the way, save, start anew, open: the same figures.
    List<String> before = figures();
    fx(
        () -> {
          bench.focusMat();
          return true;
        });
    int steps = desk.history().at();
    for (int i = 0; i < steps; i++) {
      fx(
          () -> {
            desk.undo();
            return true;
          });
    }
    until(() -> desk.history().undoable().isEmpty() && !desk.busy());
    assertThat(pictures()).isZero();
    assertThat(First.form(desk.derived())).isEmpty();
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
    until(() -> desk.history().undoable().isPresent());
    for (int i = 1; i < steps; i++) {
      fx(
          () -> {
            desk.redo();
            return true;
          });
    }
    until(() -> desk.history().redoable().isEmpty() && !desk.busy());
    assertThat(figures()).isEqualTo(before);
    robot.push(KeyCode.CONTROL, KeyCode.S);
    until(() -> Files.exists(saved) && !desk.changedProperty().get());
    robot.push(KeyCode.CONTROL, KeyCode.N);
    until(() -> pictures() == 0);
    robot.push(KeyCode.CONTROL, KeyCode.O);
    until(() -> pictures() == 1);
    settled();
    assertThat(figures()).isEqualTo(before);
  }

  private int pictures() {
    return desk.project().first().size().references().size();
  }

  // == SINGLE TASKS

  @Test
  void every_station_is_one_key_and_one_click_away(FxRobot robot) {
    openDemo();
    for (Station station : Station.values()) {
      robot.push(KeyCode.getKeyCode(Integer.toString(station.number())));
      until(() -> desk.stationProperty().get() == station);
    }
    for (Station station : Station.values()) {
      go(robot, station);
    }
  }

  @Test
  void a_figure_opens_its_working_and_the_inputs_theirs(FxRobot robot) {
    openDemo();
    go(robot, Station.CORE);
    robot.clickOn("#figures-core");
    robot.clickOn("#figure-p1-d7-core-depth");
    until(() -> !robot.lookup("= 10 mm ÷ 2").queryAll().isEmpty());

    robot.clickOn("#figure-p1-d7-core-depth");
    until(() -> robot.lookup("= 10 mm ÷ 2").queryAll().isEmpty());
  }

  @Test
  void a_finding_is_mended_by_one_action(FxRobot robot) {
    openDemo();
    go(robot, Station.FINISH);
    until(() -> robot.lookup("#finding-finish-short-steel-dark").tryQuery().isPresent());

    robot.clickOn("Bought: 82 ml on the shelf");

    until(() -> robot.lookup("#finding-finish-short-steel-dark").tryQuery().isEmpty());
    assertThat(desk.project().shelf().get("steel-dark")).isEqualTo(82_000);
  }

  @Test
  void text_that_is_no_length_stays_and_says_why(FxRobot robot) {
    openDemo();
    robot.clickOn("#card-wearer");
    type(robot, "#wearer-height", "5'13\"");

    TextField field = robot.lookup("#wearer-height").queryAs(TextField.class);
    assertThat(field.getText()).isEqualTo("5'13\"");
    assertThat(desk.noticeProperty().get())
        .isEqualTo("5'13\": a foot has 12 inches; to take away put spaces round the minus");
    assertThat(First.wearer(desk.project()).heightMm()).isEqualTo(1740);

    type(robot, "#wearer-height", "17 m");
    assertThat(desk.noticeProperty().get()).contains("between 50 cm and 250 cm");
    robot.clickOn("#wearer-height").push(KeyCode.ESCAPE);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(field.getText()).isEqualTo("174 cm");
  }

  @Test
  void nodes_are_dragged_nudged_turned_and_removed(FxRobot robot) {
    openDemo();
    go(robot, Station.DRAFT);
    Point widest = First.half(desk.project()).nodes().get(4).at();
    drag(robot, "#draft-mat", widest, widest.plus(new Point(12, 0)));
    assertThat(First.half(desk.project()).nodes().get(4).at().x())
        .isBetween(widest.x() + 10, widest.x() + 14);

    robot.push(KeyCode.RIGHT);
    robot.push(KeyCode.V);
    until(
        () ->
            First.half(desk.project()).nodes().get(4).kind() == stoutblade.shape.Node.Kind.CORNER);
    robot.push(KeyCode.DELETE);
    until(() -> First.half(desk.project()).nodes().size() == 7);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    until(() -> First.half(desk.project()).nodes().size() == 8);
  }

  @Test
  void the_glue_clock_is_started_and_shows_on_the_shelf(FxRobot robot) {
    openDemo();
    go(robot, Station.BUILD);
    fx(
        () -> {
          robot.lookup("#start-clock-p1-d7-spread").queryAs(Button.class).fire();
          return true;
        });

    until(
        () ->
            robot
                .lookup("#clock-p1-d7-spread")
                .tryQueryAs(Button.class)
                .map(Button::getText)
                .filter(it -> it.equals("Contact cement: Wait, 10:00 left"))
                .isPresent());
    fx(
        () -> {
          robot.lookup("#done-p1-d7-spread").queryAs(Button.class).fire();
          return true;
        });
    until(() -> robot.lookup("#clock-p1-d7-spread").tryQuery().isEmpty());
  }

  @Test
  void units_and_theme_switch_by_key_without_changing_a_value(FxRobot robot) {
    openDemo();
    robot.clickOn("#card-wearer");
    double length = First.sizes(desk.derived()).length().value();
    fx(
        () -> {
          bench.focusMat();
          return true;
        });
    robot.push(KeyCode.U);
    until(() -> !desk.units().metric());
    assertThat(First.sizes(desk.derived()).length().value()).isEqualTo(length);
    assertThat(robot.lookup("#wearer-height").queryAs(TextField.class).getText())
        .isEqualTo("5' 8 1/2\"");
    robot.push(KeyCode.SHIFT, KeyCode.U);
    until(() -> desk.units().denominator() == 32);
    robot.push(KeyCode.L);
    until(() -> themeSwitched);
  }

  @Test
  void printing_goes_to_the_printer_that_is_there(FxRobot robot) {
    openDemo();
    go(robot, Station.CUT);
    robot.clickOn("#print");
    until(() -> desk.noticeProperty().get().contains("Printed "));
    assertThat(printer.template()).isEqualTo(First.template(desk.derived()).orElseThrow());
    assertThat(printer.asked.getLast().paper()).isEqualTo(desk.project().paper());
    assertThat(printer.printed).singleElement().asString().startsWith("reedcutter-");
    assertThat(desk.project().journal().printed()).isNotEmpty();
  }

  @Test
  void coats_are_added_and_taken_away(FxRobot robot) {
    openDemo();
    go(robot, Station.FINISH);
    robot.clickOn("#another-flexible-primer");
    until(() -> First.coats(desk.project()).get(1).count() == 4);
    robot.clickOn("#fewer-flexible-primer");
    until(() -> First.coats(desk.project()).get(1).count() == 3);
    choose(robot, "#more-coating", desk.catalogue().coating("gold").orElseThrow());
    until(() -> First.coats(desk.project()).stream().anyMatch(it -> it.coatingId().equals("gold")));
    assertThat(First.coats(desk.project()).getLast().coatingId()).isEqualTo("clear-matt");
  }

  // == WHAT ONCE THREW AT THE WINDOW

  private List<Throwable> thrown() {
    List<Throwable> thrown = new java.util.concurrent.CopyOnWriteArrayList<>();
    fx(
        () -> {
          Thread.currentThread().setUncaughtExceptionHandler((thread, fault) -> thrown.add(fault));
          return true;
        });
    return thrown;
  }

  @Test
  void a_rod_for_a_blade_of_ten_metres_is_as_long_as_a_rod_may_be(FxRobot robot) {
    openDemo();
    List<Throwable> thrown = thrown();
    fx(() -> desk.perform(Edits.withoutCore(Demo.LEAF)));
    fx(() -> desk.perform(OutlineEdits.length(Demo.LEAF, 9_900)));
    go(robot, Station.CORE);
    choose(robot, "#rod", desk.catalogue().rods().getFirst());

    until(() -> First.core(desk.project()).isPresent());
    var core = First.core(desk.project()).orElseThrow();
    assertThat(core.endMm() - core.startMm()).isEqualTo(10_000);
    assertThat(core.endMm()).isEqualTo(8_415);
    assertThat(thrown).isEmpty();
  }

  @Test
  void a_built_length_of_a_kilometre_is_refused_and_one_of_metres_is_no_drawing(FxRobot robot) {
    openDemo();
    List<Throwable> thrown = thrown();
    go(robot, Station.LOG);
    type(robot, "#built-length", "99 m");
    assertThat(desk.noticeProperty().get()).contains("up to 10 m long");
    type(robot, "#built-length", "9 m");
    until(
        () ->
            desk.project()
                .journal()
                .built(Prop.FIRST + "/" + Demo.LEAF)
                .lengthMm()
                .equals(Optional.of(9000.0)));
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(thrown).isEmpty();
  }

  @Test
  void layers_of_which_nothing_is_left_are_taken_apart_without_a_fault(FxRobot robot) {
    openDemo();
    List<Throwable> thrown = thrown();
    fx(() -> desk.perform(OutlineEdits.length(Demo.LEAF, 100)));
    fx(() -> desk.perform(OutlineEdits.width(Demo.LEAF, 7.3)));
    go(robot, Station.LAYERS);
    for (int i = 0; i < 3; i++) {
      fx(() -> desk.perform(stoutblade.edit.LayerEdits.add(Demo.LEAF, 1)));
    }
    robot.clickOn("#view-apart");
    WaitForAsyncUtils.waitForFxEvents();
    for (Station station : Station.values()) {
      go(robot, station);
    }
    settled();
    assertThat(thrown).isEmpty();
    assertThat(desk.derived().findings())
        .anyMatch(it -> it.title().startsWith("Nothing is left of layer"));
  }

  @Test
  void an_emptied_day_says_how_a_day_is_written(FxRobot robot) {
    openDemo();
    List<Throwable> thrown = thrown();
    go(robot, Station.BUILD);
    var day = desk.project().event().starts();
    fx(
        () -> {
          robot.lookup("#event-day").queryAs(javafx.scene.control.DatePicker.class).setValue(null);
          return true;
        });
    assertThat(thrown).isEmpty();
    assertThat(desk.noticeProperty().get()).contains("The day of the event is missing");
    assertThat(desk.project().event().starts()).isEqualTo(day);
  }

  @Test
  void marks_of_direction_and_the_like_never_get_into_a_field(FxRobot robot) {
    openDemo();
    List<Throwable> thrown = thrown();
    robot.clickOn("#card-wearer");
    TextField field = robot.lookup("#wearer-height").queryAs(TextField.class);
    fx(
        () -> {
          field.requestFocus();
          field.setText("1\u202e80 \u0007cm\ud800" + "9".repeat(900));
          return true;
        });
    assertThat(field.getText()).startsWith("180 cm999").hasSize(400);
    robot.push(KeyCode.ESCAPE);
    fx(
        () -> {
          field.setText("\u202e181 cm");
          field.fireEvent(new javafx.event.ActionEvent());
          return true;
        });
    assertThat(First.wearer(desk.project()).heightMm()).isEqualTo(1810);
    assertThat(thrown).isEmpty();
  }

  @Test
  void a_hole_that_takes_all_of_the_blade_away_is_told_and_mended(FxRobot robot) {
    openDemo();
    List<Throwable> thrown = thrown();
    fx(
        () ->
            desk.perform(
                stoutblade.edit.PartEdits.addFeature(
                    Demo.LEAF,
                    stoutblade.feature.Feature.Kind.SLOT,
                    "",
                    stoutblade.feature.Where.At.of(0, 250))));
    String id = First.features(desk.project()).getLast().id();
    fx(
        () ->
            desk.perform(
                stoutblade.edit.PartEdits.feature(
                    Demo.LEAF, id, "Wider", it -> it.with("wide", 1000))));
    for (Station station : Station.values()) {
      go(robot, station);
    }
    settled();
    assertThat(thrown).isEmpty();
    var finding =
        desk.derived().findings().stream()
            .filter(it -> it.title().startsWith("Nothing is left of"))
            .findFirst()
            .orElseThrow();
    assertThat(fx(() -> desk.perform(finding.mends().getFirst()))).isTrue();
    assertThat(First.layers(desk.derived())).isPresent();
  }
}
