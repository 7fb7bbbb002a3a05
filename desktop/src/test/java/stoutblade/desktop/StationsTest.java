package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.DatePicker;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import stoutblade.core.CoreOption;
import stoutblade.demo.Demo;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.shell.EntryField;
import stoutblade.edit.Edits;
import stoutblade.edit.OutlineEdits;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.project.First;
import stoutblade.project.Prop;
import stoutblade.project.Station;
import stoutblade.shape.Point;

/** What is decided at each station, in a real window. */
class StationsTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private static String text(FxRobot robot, String field) {
    return robot.lookup(field).queryAs(TextField.class).getText();
  }

  private List<String> shownFigures(FxRobot robot) {
    return fx(
        () ->
            robot.lookup(".slip .figure > .button").queryAllAs(Button.class).stream()
                .map(Node::getAccessibleText)
                .toList());
  }

  /**
   * What it is for, and the first thing to do; none of the controls of a part that is not there.
   */
  @ParameterizedTest
  @EnumSource(
      value = Station.class,
      names = {"LAYERS", "CORE", "FINISH", "LOG"})
  void an_empty_station_says_what_it_is_for(Station station, FxRobot robot) {
    assertThat(desk.prop().parts()).isEmpty();
    go(robot, station);
    until(() -> robot.lookup("#first-part-" + station.number()).tryQuery().isPresent());
    for (String control : List.of("#rod", "#add-layer", "#more-coating", "#built-length")) {
      assertThat(robot.lookup(control).tryQuery()).as(control).isEmpty();
    }

    robot.clickOn("#first-part-" + station.number());
    until(() -> desk.stationProperty().get() == Station.DRAFT);
  }

  @Test
  void size_moves_a_mark_and_reckons_anew(FxRobot robot) {
    openDemo();
    double scale = scale();
    Point head = new Point((519 - 510) * scale, (1348 - 253) * scale);

    drag(robot, "#size-mat", head, head.plus(new Point(0, 60)));

    assertThat(scale()).isLessThan(scale);
    assertThat(shownFigures(robot).getFirst()).startsWith("Whole prop, as made, 18");
  }

  private double scale() {
    return desk.derived().first().sizing().pictures().get("p1").perPixel().orElseThrow();
  }

  @Test
  void draft_types_length_and_width(FxRobot robot) {
    openDemo();
    go(robot, Station.DRAFT);
    type(robot, "#blade-length", "24\"");
    type(robot, "#blade-width", "6\"");

    assertThat(First.sizes(desk.derived()).length().value()).isCloseTo(609.6, within(1e-6));
    assertThat(First.sizes(desk.derived()).width().value()).isCloseTo(152.4, within(1e-6));
    assertThat(text(robot, "#blade-length")).isEqualTo("60.96 cm");
  }

  @Test
  void draft_walks_the_nodes_by_key_and_types_a_place(FxRobot robot) {
    openDemo();
    go(robot, Station.DRAFT);
    robot.clickOn(at(robot, "#draft-mat", new Point(0, 600)));
    robot.push(KeyCode.N).push(KeyCode.N);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(text(robot, "#node-along")).isNotEmpty();
    type(robot, "#node-across", "25");

    assertThat(First.half(desk.project()).nodes().get(1).at().x()).isEqualTo(25);
  }

  @Test
  void draft_shows_where_an_outline_crosses_itself_and_mends_it(FxRobot robot) {
    openDemo();
    go(robot, Station.DRAFT);
    fx(() -> desk.perform(OutlineEdits.moveNode(Demo.LEAF, 4, new Point(75, 20))));
    until(() -> robot.lookup("#finding-draft-d7-crossing").tryQuery().isPresent());
    assertThat(First.template(desk.derived())).isEmpty();

    robot.clickOn("#finding-draft-d7-crossing .button");

    until(() -> First.template(desk.derived()).isPresent());
  }

  @Test
  void layers_drag_the_section_along_and_reckon_it(FxRobot robot) {
    openDemo();
    go(robot, Station.LAYERS);
    robot.moveTo(at(robot, "#plan-mat-3", new Point(0, 200)));
    robot.press(MouseButton.PRIMARY);
    robot.moveTo(at(robot, "#plan-mat-3", new Point(0, 500)));
    robot.release(MouseButton.PRIMARY);
    WaitForAsyncUtils.waitForFxEvents();

    Figure at = desk.besideProperty().get().getFirst();
    assertThat(at.value()).isBetween(495.0, 505.0);
    assertThat(shownFigures(robot)).anyMatch(it -> it.startsWith("Thickness in the middle, "));
    robot.push(KeyCode.LEFT);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(desk.besideProperty().get().getFirst().value())
        .isCloseTo(at.value() - 1, within(1e-9));
  }

  @Test
  void layers_offer_the_thicknesses_that_can_be_bought(FxRobot robot) {
    openDemo();
    go(robot, Station.LAYERS);
    choose(robot, "#foam", desk.catalogue().sheet("eva-craft").orElseThrow());
    until(() -> First.layering(desk.project()).middle().materialId().equals("eva-craft"));
    assertThat(First.layering(desk.project()).middle().thicknessMm())
        .as("the nearest there is")
        .isEqualTo(6);
    choose(robot, "#thickness", 4.0);
    until(() -> First.layering(desk.project()).middle().thicknessMm() == 4);
    until(() -> !desk.derived().findingsOf(Station.CORE, Prop.FIRST).isEmpty());
  }

  @Test
  void core_is_taken_out_and_laid_in_again(FxRobot robot) {
    openDemo();
    go(robot, Station.CORE);
    robot.clickOn("#no-core");
    until(() -> First.core(desk.project()).isEmpty());
    assertThat(text(robot, "#core-end")).isEmpty();
    choose(robot, "#rod", desk.catalogue().rod("dowel-9").orElseThrow());
    until(() -> First.core(desk.derived()).isPresent());
    type(robot, "#core-held", "1 m");
    assertThat(desk.noticeProperty().get()).contains("held between its ends");
    assertThat(text(robot, "#core-held")).isEqualTo("1 m");
  }

  /** A pipe of half an inch in three layers of 10 mm: 5.7 mm of each outer one, of 5 allowed. */
  @Test
  void a_pipe_too_fat_for_a_blade_is_squeezed_from_its_finding(FxRobot robot) {
    openDemo();
    fx(() -> desk.perform(stoutblade.edit.LayerEdits.add(Demo.LEAF, 1)));
    go(robot, Station.CORE);
    choose(robot, "#rod", desk.catalogue().rod("pvc-1-2").orElseThrow());
    type(robot, "#core-end", "30 cm");
    type(robot, "#core-start", "6 cm");
    until(() -> First.core(desk.derived()).orElseThrow().tooDeep());

    Button squeeze = robot.lookup((Button it) -> it.getText().startsWith("Squeeze it to")).query();
    fx(
        () -> {
          squeeze.fire();
          return true;
        });

    until(() -> First.core(desk.derived()).orElseThrow().section().squeezed());
    assertThat(First.core(desk.derived()).orElseThrow().tooDeep()).isFalse();
    assertThat(text(robot, "#core-squeezed")).isEqualTo("20 mm");
    type(robot, "#core-squeezed", "30 mm");
    assertThat(First.core(desk.project()).orElseThrow().work().squeezedMm())
        .as("as it is sold")
        .isEmpty();
    choose(robot, "#rod", desk.catalogue().rod("dowel-9").orElseThrow());
    assertThat(robot.lookup("#core-squeezed").tryQuery()).as("wood is not squeezed").isEmpty();
  }

  private static List<Object> column(TableView<CoreOption> table, String title) {
    return fx(
        () ->
            table.getColumns().stream()
                .filter(it -> it.getText().equals(title))
                .findFirst()
                .map(it -> table.getItems().stream().<Object>map(it::getCellData).toList())
                .orElseThrow());
  }

  @Test
  void every_rod_is_compared_and_one_taken_from_the_table_or_by_its_dot(FxRobot robot) {
    openDemo();
    go(robot, Station.CORE);
    fire(robot, "#core-compare");
    settled();
    TableView<CoreOption> table = robot.lookup("#compare-table").queryTableView();
    assertThat(table.getItems()).hasSizeGreaterThanOrEqualTo(desk.catalogue().rods().size());
    CoreOption now = table.getSelectionModel().getSelectedItem();
    assertThat(now.choice()).isEqualTo(First.core(desk.project()).orElseThrow());

    CoreOption other =
        table.getItems().stream()
            .filter(it -> it.rod().id().equals("dowel-9"))
            .findFirst()
            .orElseThrow();
    fx(
        () -> {
          table.getSelectionModel().select(other);
          table.requestFocus();
          return true;
        });
    push(
        robot,
        KeyCode.ENTER,
        () -> First.core(desk.project()).orElseThrow().equals(other.choice()));
    settled();
    assertThat(First.core(desk.derived()).orElseThrow().droop().value())
        .isEqualTo(other.core().droop().value());

    type(robot, "#compare-there", "40 cm, 2 × 1.5 m");
    until(() -> desk.project().cutting().lengths().size() == 2);
    settled();
    assertThat(desk.project().cutting().lengths()).allMatch(it -> it.rodId().equals("dowel-9"));
    assertThat(column(table, "On the shelf")).contains("40 cm, 2 × 150 cm");
    type(robot, "#compare-there", "a few");
    assertThat(desk.project().cutting().lengths()).as("refused, and nothing lost").hasSize(2);
    until(
        () ->
            robot
                .lookup("#compare-there")
                .queryTextInputControl()
                .getText()
                .equals("40 cm, 2 × 150 cm"));

    Button dot =
        robot
            .lookup(
                (Button it) -> String.valueOf(it.getAccessibleText()).startsWith("Carbon tube 8"))
            .query();
    fx(
        () -> {
          dot.fire();
          return true;
        });
    until(() -> First.core(desk.project()).orElseThrow().rodId().equals("carbon-tube-8"));
    fire(robot, "#no-core");
    until(() -> First.core(desk.project()).isEmpty());
    settled();
    assertThat(table.getItems()).as("without a core they are where one would lie").isNotEmpty();
    assertThat(table.getSelectionModel().isEmpty()).isTrue();
  }

  @Test
  void cut_changes_the_paper(FxRobot robot) {
    openDemo();
    go(robot, Station.CUT);
    choose(robot, "#paper", stoutblade.template.Paper.A3);
    until(() -> desk.derived().first().papers().getFirst().pages() == 2);
  }

  @Test
  void build_moves_the_event_and_the_plan_follows(FxRobot robot) {
    openDemo();
    go(robot, Station.BUILD);
    LocalDate begins = desk.derived().plan().orElseThrow().startBy().orElseThrow().toLocalDate();
    LocalDate later = desk.project().event().starts().toLocalDate().plusWeeks(2);
    fx(
        () -> {
          robot.lookup("#event-day").queryAs(DatePicker.class).setValue(later);
          return true;
        });
    until(() -> desk.project().event().starts().toLocalDate().equals(later));
    type(robot, "#event-time", "9:61");
    assertThat(desk.noticeProperty().get()).contains("a time is expected, such as 17:30");
    type(robot, "#event-time", "9.15");
    assertThat(desk.project().event().starts().toLocalTime().getMinute()).isEqualTo(15);
    assertThat(desk.derived().plan().orElseThrow().startBy().orElseThrow().toLocalDate())
        .isAfter(begins);
  }

  /** As it is typed, without a year; what is no day is refused with the reason. */
  @Test
  void the_day_of_the_event_is_typed(FxRobot robot) {
    openDemo();
    go(robot, Station.BUILD);
    DatePicker day = robot.lookup("#event-day").queryAs(DatePicker.class);
    LocalDate before = day.getValue();

    assertThat(fx(() -> day.getConverter().fromString("soon"))).isEqualTo(before);
    assertThat(desk.noticeProperty().get()).contains("'soon': a day is expected, such as 12 Dec");

    fx(
        () -> {
          day.getEditor().setText("3 mar");
          day.setValue(day.getConverter().fromString(day.getEditor().getText()));
          return true;
        });
    until(() -> desk.project().event().starts().getMonthValue() == 3);
    assertThat(desk.project().event().starts().getDayOfMonth()).isEqualTo(3);
    assertThat(desk.project().event().starts().toLocalDate()).isEqualTo("2031-03-03");
  }

  @Test
  void build_stops_a_clock_that_was_started_in_error(FxRobot robot) {
    openDemo();
    go(robot, Station.BUILD);
    until(() -> robot.lookup("#stop-clock-p1-d7-spread").tryQuery().isPresent());
    fire(robot, "#stop-clock-p1-d7-spread");

    until(() -> desk.project().journal().clocks().isEmpty());
    until(() -> robot.lookup("#stop-clock-p1-d7-spread").tryQuery().isEmpty());
  }

  @Test
  void build_says_what_comes_first_and_what_to_beware_of(FxRobot robot) {
    openDemo();
    go(robot, Station.BUILD);
    List<String> words =
        fx(
            () ->
                robot.lookup("#step-p1-d7-spread .label").queryAllAs(Label.class).stream()
                    .map(Label::getText)
                    .toList());

    assertThat(words)
        .contains("First: Reedcutter leaf: bed the core in the front layer")
        .anyMatch(it -> it.contains("not before 4 h: the core's glue sets"))
        .anyMatch(it -> it.contains("flammable"))
        .anyMatch(it -> it.contains("safety data sheet"));
  }

  @Test
  void build_takes_other_free_hours(FxRobot robot) {
    openDemo();
    var before = desk.derived().plan().orElseThrow().startBy();
    fx(
        () ->
            desk.perform(
                Edits.freeHours(
                    desk.project().freeHours().with(java.time.DayOfWeek.SUNDAY, List.of()))));
    go(robot, Station.BUILD);

    assertThat(desk.derived().plan().orElseThrow().startBy()).isNotEqualTo(before);
    assertThat(desk.derived().plan().orElseThrow().placed())
        .allMatch(it -> it.start().getDayOfWeek() != java.time.DayOfWeek.SUNDAY);
  }

  @Test
  void the_glue_of_a_joint_is_chosen_where_it_is_spread(FxRobot robot) {
    openDemo();
    go(robot, Station.BUILD);
    fx(
        () -> {
          robot
              .lookup("#glue-p1-d7-spread")
              .queryAs(javafx.scene.control.MenuButton.class)
              .getItems()
              .stream()
              .filter(it -> "glue-contact-cement-thin".equals(it.getId()))
              .findFirst()
              .orElseThrow()
              .fire();
          return true;
        });
    until(() -> desk.prop().needed(Demo.LEAF).workmanship().glueId().isPresent());
    settled();
    assertThat(
            robot
                .lookup("#glue-p1-d7-spread")
                .queryAs(javafx.scene.control.MenuButton.class)
                .getText())
        .isEqualTo("Contact cement, spread thin");
  }

  @Test
  void log_measures_the_built_blade(FxRobot robot) {
    openDemo();
    go(robot, Station.LOG);
    type(robot, "#built-mass", "175 g");
    type(robot, "#built-length", "57.3 cm");

    assertThat(desk.project().journal().built(Prop.FIRST + "/" + Demo.LEAF).massG())
        .contains(175.0);
    assertThat(shownFigures(robot))
        .anyMatch(it -> it.startsWith("Reedcutter leaf, weight: difference, "));
    type(robot, "#built-mass", "heavy");
    assertThat(desk.noticeProperty().get()).contains("a weight is expected, such as 850 g");
  }

  /** What is typed without a unit is in the one that the field shows: 8 over 6.17 oz is ounces. */
  @Test
  void weights_paint_and_times_are_typed_in_the_units_in_use(FxRobot robot) {
    openDemo();
    go(robot, Station.LOG);
    type(robot, "#built-mass", "175");
    EntryField mass = robot.lookup("#built-mass").queryAs(EntryField.class);
    assertThat(mass.getText()).isEqualTo("175 g");
    robot.interact(() -> desk.unitsProperty().set(Units.INCHES));
    until(() -> mass.getText().equals("6.17 oz"));
    type(robot, "#built-mass", "8");
    String leaf = Prop.FIRST + "/" + Demo.LEAF;
    until(() -> desk.project().journal().built(leaf).massG().orElse(0.0) > 200);
    assertThat(desk.project().journal().built(leaf).massG().orElseThrow())
        .isCloseTo(8 * 453.59237 / 16, within(1e-9));

    go(robot, Station.FINISH);
    String shelf = "#shelf-flexible-primer";
    type(robot, shelf, "1/2");
    until(() -> desk.project().shelf().get("flexible-primer") < 50_000);
    assertThat(desk.project().shelf().get("flexible-primer") / 1000)
        .isCloseTo(29.5735295625 / 2, within(1e-9));
    assertThat(robot.lookup(shelf).queryAs(EntryField.class).getText()).isEqualTo("0.5 fl oz");
  }

  @Test
  void times_are_typed_as_people_say_them(FxRobot robot) {
    openDemo();
    go(robot, Station.LOG);
    String first = desk.project().journal().done().getFirst().stepId();
    type(robot, "#took-" + Style.nodeId(first), "1 h 35");
    until(() -> desk.project().journal().of(first).orElseThrow().minutes() == 95);
  }

  @Test
  void names_are_given_in_the_case_of_the_tape(FxRobot robot) {
    openDemo();
    robot.clickOn("#bench");
    type(robot, "#prop-name", "Marsh Reaper");

    assertThat(desk.prop().name()).isEqualTo("Marsh Reaper");
  }

  @Test
  void the_mat_zooms_about_the_pointer_and_moves(FxRobot robot) {
    openDemo();
    go(robot, Station.DRAFT);
    MatView mat = robot.lookup("#draft-mat").queryAs(MatView.class);
    Point tip = new Point(0, 570);
    double before = mat.zoom();
    robot.moveTo(at(robot, "#draft-mat", tip));
    var pointer = at(robot, "#draft-mat", tip);
    robot.scroll(3, javafx.geometry.VerticalDirection.UP);
    WaitForAsyncUtils.waitForFxEvents();

    assertThat(mat.zoom()).isNotEqualTo(before);
    assertThat(at(robot, "#draft-mat", tip).distance(pointer)).isLessThan(2);
    robot.press(MouseButton.SECONDARY).moveBy(40, 25).release(MouseButton.SECONDARY);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(at(robot, "#draft-mat", tip).subtract(pointer).getX()).isCloseTo(40, within(3.0));
  }

  @Test
  void a_small_window_still_shows_every_station(FxRobot robot) {
    openDemo();
    fx(
        () -> {
          bench.root().getScene().getWindow().setWidth(1000);
          bench.root().getScene().getWindow().setHeight(640);
          return true;
        });
    for (Station station : Station.values()) {
      go(robot, station);
      Node surface = robot.lookup("#station-" + station.number()).query();
      assertThat(surface.getLayoutBounds().getWidth()).isGreaterThan(60);
    }
  }
}
