package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.testfx.api.FxRobot;
import stoutblade.catalogue.Coating;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Where;
import stoutblade.part.Part;
import stoutblade.project.Prop;
import stoutblade.project.Station;

/** What a maker does in the window to build a whole prop. */
abstract class Building extends InWindow {

  // == WHAT A MAKER DOES

  /** Begins a part from the menu; it is the last. */
  void begin(FxRobot robot, String item) {
    int before = desk.project().first().parts().size();
    fx(
        () -> {
          desk.goTo(Station.DRAFT);
          MenuButton menu = robot.lookup("#new-part").queryAs(MenuButton.class);
          menu.getOnShowing().handle(null);
          menu.getItems().stream()
              .filter(it -> item.equals(it.getId()))
              .findFirst()
              .orElseThrow()
              .fire();
          return true;
        });
    until(() -> desk.project().first().parts().size() == before + 1);
  }

  /** Keeps a bench sum as a part, with one of its sizes typed. */
  void keepSum(FxRobot robot, String sum, String entry, String size) {
    int before = desk.project().first().parts().size();
    fx(
        () -> {
          desk.partProperty().set("");
          desk.sumsProperty().set(true);
          return true;
        });
    until(() -> robot.lookup("#sum-" + sum).tryQuery().isPresent());
    fx(
        () -> {
          robot.lookup("#sum-" + sum).queryAs(javafx.scene.control.ButtonBase.class).fire();
          return true;
        });
    until(() -> robot.lookup("#sum-" + sum + "-" + entry).tryQuery().isPresent());
    type(robot, "#sum-" + sum + "-" + entry, size);
    fire(robot, "#sums-keep");
    until(() -> desk.project().first().parts().size() == before + 1);
  }

  Part last() {
    return desk.project().first().parts().getLast();
  }

  void fix(String id, String on, double x, double y) {
    fx(() -> desk.perform(PartEdits.fix(id, on)));
    fx(() -> desk.perform(PartEdits.place(id, "Place", it -> it.at(Where.At.of(x, y)))));
  }

  /**
   * Goes from part to part by the key; one that is lost is pushed again, three times round at most.
   */
  void selectOnProp(FxRobot robot, String id) {
    fx(
        () -> {
          desk.goTo(Station.DRAFT);
          desk.partProperty().set(Desk.PROP);
          return true;
        });
    until(() -> robot.lookup("#prop-mat").tryQuery().isPresent());
    settled();
    robot.clickOn("#prop-mat");
    for (int i = 0; i < 3 * desk.project().first().parts().size(); i++) {
      robot.push(KeyCode.N);
      settled();
      boolean there =
          fx(
              () ->
                  robot
                      .lookup("#place-name")
                      .tryQueryAs(javafx.scene.control.TextField.class)
                      .filter(it -> it.getText().equals(desk.project().first().needed(id).name()))
                      .isPresent());
      if (there) {
        return;
      }
    }
    throw new AssertionError("It was not reached by its key");
  }

  /** Paints a part and, by the button, all others as it is. */
  void paintAll(FxRobot robot, String id) {
    fx(
        () -> {
          desk.goTo(Station.FINISH);
          desk.partProperty().set(id);
          return true;
        });
    Coating clear =
        desk.catalogue().coatings().stream()
            .filter(it -> it.role() == Coating.Role.CLEAR)
            .findFirst()
            .orElseThrow();
    choose(robot, "#more-coating", clear);
    until(
        () ->
            desk.project().first().needed(id).coats().stream()
                .anyMatch(it -> it.coatingId().equals(clear.id())));
    fire(robot, "#coats-for-all");
    until(
        () ->
            desk.project().first().parts().stream()
                .allMatch(
                    part ->
                        part.coats().stream().anyMatch(it -> it.coatingId().equals(clear.id()))));
    assertThat(desk.derived().coat(clear.id()).orElseThrow().need().inputs())
        .as("of all parts, added up")
        .hasSize(desk.project().first().parts().size());
  }

  void weighInTheLog(FxRobot robot, String id, String grams) {
    fx(
        () -> {
          desk.goTo(Station.LOG);
          desk.partProperty().set(id);
          return true;
        });
    settled();
    type(robot, "#built-mass", grams);
    until(() -> desk.project().journal().built(Prop.FIRST + "/" + id).massG().isPresent());
    assertThat(desk.derived().comparison().lines())
        .anySatisfy(it -> assertThat(it.difference().id()).contains(id + "/mass"));
  }

  /** A step of a part, as it is called within the project. */
  static String of(String part, String step) {
    return Prop.FIRST + "/" + part + "/" + step;
  }
}
