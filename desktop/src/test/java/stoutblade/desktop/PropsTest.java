package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.demo.Demo;
import stoutblade.edit.PropEdit;
import stoutblade.formats.ProjectFile;
import stoutblade.part.Bought;
import stoutblade.part.Part;
import stoutblade.project.Prop;
import stoutblade.project.Station;

/** Several props for one event, on the rack and through all stations. */
class PropsTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private void look(FxRobot robot, String propId) {
    settled();
    robot.clickOn("#prop-" + propId);
    until(() -> desk.prop().id().equals(propId));
  }

  @ParameterizedTest
  @ValueSource(strings = {Prop.FIRST, Demo.TIDEGATE, Demo.BELL})
  void each_prop_of_the_demo_goes_from_size_to_the_log(String id, FxRobot robot) {
    openDemo();
    look(robot, id);
    fx(
        () -> {
          desk.goToPart(desk.prop().parts().getFirst().id());
          return true;
        });

    walkThrough();

    assertThat(robot.lookup("#log-mat").tryQuery()).isPresent();
    assertThat(robot.lookup("#log-" + id + "-d1-measure").tryQuery()).isPresent();
    assertThat(desk.reckoned().whole().mass()).isPresent();
    assertThat(desk.derived().shopping()).isPresent();
  }

  /** All of a prop, chosen on the rack, is shown at every station with each of its parts. */
  @ParameterizedTest
  @ValueSource(strings = {Prop.FIRST, Demo.TIDEGATE, Demo.BELL})
  void all_of_a_prop_is_shown_at_every_station(String id, FxRobot robot) {
    openDemo();
    look(robot, id);
    assertThat(desk.whole()).isTrue();

    go(robot, Station.DRAFT);
    until(() -> robot.lookup("#prop-mat").tryQuery().isPresent());
    for (Station station : List.of(Station.LAYERS, Station.CORE, Station.FINISH, Station.LOG)) {
      String key = station.title().toLowerCase(Locale.ROOT);
      go(robot, station);
      until(() -> robot.lookup("#" + key + "-whole-mat").tryQuery().isPresent());
      assertThat(robot.lookup("#" + key + "-all").queryAs(Label.class).getText())
          .startsWith(desk.prop().name());
      for (Part part : desk.prop().parts()) {
        assertThat(robot.lookup("#" + key + "-of-" + part.id()).queryAs(Button.class).getText())
            .as(key + " of " + part.name())
            .isNotBlank();
      }
    }
    go(robot, Station.CUT);
    settled();
    assertThat(robot.lookup("#template").queryAs(ComboBox.class).getValue()).isNull();
    assertThat(robot.lookup("#print").queryAs(Button.class).isDisabled()).isTrue();

    go(robot, Station.LAYERS);
    String last = desk.prop().parts().get(1).id();
    fx(
        () -> {
          robot.lookup("#layers-of-" + last).queryAs(Button.class).fire();
          return true;
        });
    until(() -> desk.lookedId().equals(last) && !desk.whole());
    until(() -> robot.lookup("#layers-whole-mat").tryQuery().isEmpty());
  }

  @Test
  void what_is_edited_is_the_prop_that_is_looked_at(FxRobot robot) {
    openDemo();
    Prop reedcutter = desk.project().first();
    look(robot, Demo.TIDEGATE);
    go(robot, Station.LAYERS);
    fx(
        () -> {
          desk.goToPart("d1");
          return true;
        });
    int layers = desk.prop().needed("d1").layering().sheets().size();
    robot.clickOn("#add-layer");

    until(() -> desk.prop().needed("d1").layering().sheets().size() == layers + 1);
    assertThat(desk.project().first()).isSameAs(reedcutter);
    fx(
        () -> {
          desk.undo();
          return true;
        });
    assertThat(desk.prop().id()).as("it stays in sight").isEqualTo(Demo.TIDEGATE);
  }

  private void add(FxRobot robot, String how) {
    int before = desk.project().props().size();
    fx(
        () -> {
          item(robot.lookup("#add-prop").queryAs(MenuButton.class), how).fire();
          return true;
        });
    until(() -> desk.project().props().size() == before + 1);
    settled();
  }

  private static MenuItem item(MenuButton menu, String id) {
    return menu.getItems().stream().filter(it -> id.equals(it.getId())).findFirst().orElseThrow();
  }

  @Test
  void a_prop_is_added_named_made_again_and_removed_on_the_rack(FxRobot robot) {
    add(robot, "add-prop-new");
    assertThat(desk.prop().id()).as("the new one is looked at").isEqualTo("p2");
    assertThat(desk.prop().wearerId()).isEqualTo(desk.project().first().wearerId());

    robot.rightClickOn("#prop-p2");
    until(() -> robot.lookup("#rack-prop-name").tryQuery().isPresent());
    type(robot, "#rack-prop-name", "Buckler");
    until(() -> desk.prop().name().equals("Buckler"));
    assertThat(robot.lookup("#prop-p2").queryAs(Button.class).getText()).isEqualTo("Buckler");

    add(robot, "add-prop-like");
    assertThat(desk.project().props()).extracting(Prop::name).endsWith("Buckler", "Buckler 2");
    menuOf(robot, "#prop-p3", "rack-prop-up");
    until(() -> desk.project().props().get(1).id().equals("p3"));
    menuOf(robot, "#prop-p3", "rack-prop-remove");
    until(() -> desk.project().props().size() == 2);
    assertThat(desk.prop().id()).as("another one is looked at").isEqualTo(Prop.FIRST);
  }

  @Test
  void a_part_is_made_for_another_prop_too(FxRobot robot) {
    openDemo();
    int before = desk.project().needed(Demo.BELL).parts().size();
    fx(
        () -> {
          Menu copies =
              (Menu)
                  robot
                      .lookup("#part-d4")
                      .queryAs(Button.class)
                      .getContextMenu()
                      .getItems()
                      .stream()
                      .filter(it -> "rack-copy".equals(it.getId()))
                      .findFirst()
                      .orElseThrow();
          assertThat(copies.getItems())
              .extracting(MenuItem::getText)
              .containsExactly("Tidegate", "Fog Bell");
          copies.getItems().getLast().fire();
          return true;
        });
    until(() -> desk.project().needed(Demo.BELL).parts().size() == before + 1);
    assertThat(desk.project().needed(Demo.BELL).parts().getLast().name()).isEqualTo("Cross lugs");
  }

  /** No picture tells its size: a length that is typed beside the wearer makes it that long. */
  @Test
  void a_drafted_prop_is_resized_and_what_is_ticked_stays(FxRobot robot) {
    openDemo();
    look(robot, Demo.TIDEGATE);
    go(robot, Station.SIZE);
    until(() -> robot.lookup("#keep-size").tryQuery().isPresent());
    var strap = desk.prop().needed("d6").shape();
    fx(
        () -> {
          CheckMenuItem keep =
              (CheckMenuItem) item(robot.lookup("#keep-size").queryAs(MenuButton.class), "keep-d6");
          keep.setSelected(true);
          keep.getOnAction().handle(null);
          return true;
        });
    until(() -> desk.prop().needed("d6").held());

    type(robot, "#target-length", "60 cm");

    until(() -> Math.abs(desk.reckoned().whole().length().orElseThrow().value() - 600) < 0.1);
    assertThat(desk.prop().needed("d6").shape()).isEqualTo(strap);
    assertThat(desk.noticeProperty().get()).contains("Arm strap keeps its size");
  }

  /** A pipe is as thick as it is sold: it is asked about, and stays where that is left so. */
  @Test
  void what_is_bought_is_asked_about_before_a_prop_is_resized(FxRobot robot) {
    openDemo();
    look(robot, Demo.TIDEGATE);
    Part pipe = Part.bought("d90", "Handle pipe", new Bought("pipe", "", 300, 21, 120, 2));
    fx(
        () ->
            desk.perform(
                PropEdit.of(
                    "Add it",
                    prop ->
                        prop.withParts(
                            Stream.concat(prop.parts().stream(), Stream.of(pipe)).toList()))));
    until(() -> desk.prop().part("d90").isPresent());
    double before = desk.reckoned().whole().length().orElseThrow().value();
    go(robot, Station.SIZE);
    until(() -> robot.lookup("#target-length").tryQuery().isPresent());

    type(robot, "#target-length", "60 cm");
    until(() -> robot.lookup("#kept-d90").tryQuery().isPresent());
    robot.clickOn("#kept-leave");
    assertThat(desk.reckoned().whole().length().orElseThrow().value()).isEqualTo(before);

    type(robot, "#target-length", "60 cm");
    until(() -> robot.lookup("#kept-make").tryQuery().isPresent());
    robot.clickOn("#kept-make");
    until(() -> Math.abs(desk.reckoned().whole().length().orElseThrow().value() - 600) < 0.1);
    assertThat(desk.prop().needed("d90").held()).isTrue();
    assertThat(desk.prop().needed("d90").shape()).isEqualTo(pipe.shape());
  }

  /** With its picture and its wearer, and saved with them. */
  @Test
  void a_prop_comes_in_from_another_project(FxRobot robot) throws IOException {
    Path file = folder.resolve("walk.stout");
    ProjectFile.write(file, TestDesk.walk());
    when(dialogs.openProject()).thenReturn(Optional.of(file));
    when(dialogs.choose(any(), any())).thenReturn(Optional.of(0));

    add(robot, "add-prop-other");

    assertThat(desk.prop().name()).isEqualTo("Reedcutter");
    assertThat(desk.wearer().name()).isEqualTo("Ferrywarden");
    assertThat(desk.prop().size().references()).hasSize(4);
    Path saved = folder.resolve("both.stout");
    ProjectFile.write(saved, desk.document());
    assertThat(ProjectFile.read(saved).project()).isEqualTo(desk.project());
  }
}
