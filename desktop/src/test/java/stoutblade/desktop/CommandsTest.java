package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.shell.Command;
import stoutblade.part.Part;
import stoutblade.project.Station;

/** Every command by name, in one field. */
class CommandsTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private static Command command(String name, String key, List<String> done) {
    return new Command(name, key, () -> done.add(name));
  }

  @Test
  void what_begins_as_it_is_typed_comes_first_then_what_holds_its_words() {
    List<String> done = new ArrayList<>();
    List<Command> all =
        List.of(
            command("New part: Round disc", "", done),
            command("Add details: Hole", "", done),
            command("Round the corner", "R", done),
            command("Undo", "Ctrl+Z", done));

    assertThat(Command.matching(all, "round"))
        .extracting(Command::name)
        .containsExactly("Round the corner", "New part: Round disc");
    assertThat(Command.matching(all, "disc new"))
        .extracting(Command::name)
        .containsExactly("New part: Round disc");
    assertThat(Command.matching(all, "r")).first().extracting(Command::key).isEqualTo("R");
    assertThat(Command.matching(all, "fly")).isEmpty();
    assertThat(Command.matching(all, "")).hasSize(4);
  }

  /** From any station, without the mouse: the field, some letters, Enter. */
  @Test
  void a_command_is_found_and_done_by_keys_alone(FxRobot robot) {
    openDemo();
    robot.push(KeyCode.F1);
    until(() -> robot.lookup("#command-field").tryQuery().isPresent());
    robot.write("go to lay");
    robot.push(KeyCode.ENTER);
    until(() -> desk.stationProperty().get() == Station.LAYERS);
    until(() -> robot.lookup("#command-field").tryQuery().isEmpty());

    robot.push(KeyCode.F1);
    until(() -> robot.lookup("#command-field").tryQuery().isPresent());
    robot.write("collar");
    until(() -> robot.lookup("#command-list").queryAs(ListView.class).getItems().size() == 1);
    robot.push(KeyCode.ENTER);
    until(() -> desk.looked().orElseThrow().part().name().equals("Collar"));

    robot.push(KeyCode.F1);
    until(() -> robot.lookup("#command-field").tryQuery().isPresent());
    robot.push(KeyCode.ESCAPE);
    until(() -> robot.lookup("#command-field").tryQuery().isEmpty());
    assertThat(desk.stationProperty().get()).isEqualTo(Station.LAYERS);
  }

  @Test
  void what_only_a_key_does_is_found_by_its_name(FxRobot robot) {
    openDemo();
    robot.push(KeyCode.DIGIT2);
    until(() -> desk.stationProperty().get() == Station.DRAFT);
    settled();
    MatView mat = (MatView) bench.root().getScene().getFocusOwner();
    double before = mat.zoom();
    command(robot, "zoom in");
    until(() -> mat.zoom() > before * 1.2);
    command(robot, "fit the drawing");
    until(() -> Math.abs(mat.zoom() - before) < before * 0.01);
  }

  @Test
  void no_key_means_two_things() {
    assertThat(Key.values()).extracting(Key::meaning).doesNotHaveDuplicates();
    assertThat(Key.values()).extracting(Key::label).doesNotHaveDuplicates();
    for (KeyCode code : KeyCode.values()) {
      KeyEvent event = new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false);
      assertThat(Key.values()).filteredOn(it -> it.is(event)).hasSizeLessThan(2);
    }
  }

  /** Whatever is looked at: each key that a button shows is in the table, and one button has it. */
  @Test
  void the_keys_that_buttons_show_are_those_of_the_table() {
    openDemo();
    Set<String> known = new HashSet<>();
    for (Key key : Key.values()) {
      known.add(key.label());
    }
    known.add("Shift U");
    Set<String> seen = new HashSet<>();
    for (Station station : Station.values()) {
      for (Part part : desk.prop().parts()) {
        List<Command> all =
            fx(
                () -> {
                  desk.goTo(station);
                  desk.goToPart(part.id());
                  return Command.all(desk, bench.root());
                });
        List<String> keys =
            all.stream()
                .filter(it -> !it.key().isEmpty() && !it.key().contains("+"))
                .filter(it -> !it.name().startsWith("Go to "))
                .filter(it -> !it.name().contains(": "))
                .map(Command::key)
                .toList();
        assertThat(keys).as(station + " " + part.name()).doesNotHaveDuplicates();
        assertThat(known).as(station + " " + part.name()).containsAll(keys);
        seen.addAll(keys);
      }
    }
    assertThat(seen).contains("P", "E", "J", "T", "Insert", "S", "U", "L", "F1");
  }

  @Test
  void the_keys_lie_on_the_drawing_after_a_station_s_key(FxRobot robot) {
    openDemo();
    for (Station station :
        List.of(Station.SIZE, Station.DRAFT, Station.LAYERS, Station.CORE, Station.CUT)) {
      robot.push(KeyCode.getKeyCode(Integer.toString(station.number())));
      until(() -> desk.stationProperty().get() == station);
      settled();
      assertThat(bench.root().getScene().getFocusOwner())
          .as("at " + station)
          .isInstanceOf(MatView.class);
    }
  }

  @Test
  void what_is_in_sight_is_in_the_list_with_its_key() {
    openDemo();
    fx(
        () -> {
          desk.goTo(Station.DRAFT);
          return true;
        });
    List<Command> all = fx(() -> Command.all(desk, bench.root()));

    assertThat(all)
        .anySatisfy(
            it -> {
              assertThat(it.name()).isEqualTo("Assemble");
              assertThat(it.key()).isEqualTo("J");
            })
        .anyMatch(it -> it.name().startsWith("New part: "))
        .anyMatch(it -> it.name().equals("Look at all of Tidegate"))
        .anyMatch(it -> it.name().endsWith(": Save") && it.key().equals("Ctrl+S"));
    assertThat(all).extracting(Command::name).doesNotHaveDuplicates().noneMatch(String::isBlank);
  }
}
