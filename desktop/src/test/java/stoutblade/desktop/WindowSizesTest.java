package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javafx.event.Event;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.shell.CutText;
import stoutblade.desktop.shell.What;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.project.First;
import stoutblade.project.Prop;
import stoutblade.project.Station;

/**
 * Every station with parts of every prop of the demo in small and large windows. It runs as it is,
 * and with all things drawn at 150 and 200 % (executions of its own in pom.xml): a screen of 3840 x
 * 2160 dots at 200 % is 1920 x 1080 to the toolkit, of 1920 x 1080 at 150 % 1280 x 720.
 */
class WindowSizesTest extends InWindow {

  private static final double ROUNDING = 1;
  private static final double SMALLEST = 1024;
  private static final double LARGEST = 1920;

  @Start
  void start(Stage window) {
    open(window);
  }

  @ParameterizedTest
  @CsvSource({
    "1024, 700, false, false",
    "1280, 720, true, true",
    "1280, 800, false, true",
    "1920, 1080, true, false",
    "3840, 2160, false, false"
  })
  @Tag("any-scale")
  void nothing_leaves_the_window(double wide, double high, boolean dark, boolean inches) {
    assumeTrue(screenScale() == 1 || wide == SMALLEST || wide == LARGEST, "tried at its true size");
    openDemo();
    fx(
        () -> {
          Theme.dress(bench.root().getScene(), dark);
          desk.unitsProperty().set(inches ? Units.INCHES : Units.METRIC);
          return true;
        });
    sized(wide, high);
    Set<String> outside = new TreeSet<>();
    Set<String> untold = new TreeSet<>();
    for (Station station : Station.values()) {
      for (Prop prop : desk.project().props()) {
        for (Part part : prop.parts().subList(0, Math.min(4, prop.parts().size()))) {
          go(station, prop, part);
          fx(
              () -> {
                bench.root().applyCss();
                bench.root().layout();
                look(bench.root(), station + ", " + part.name() + ": ", outside, untold);
                return true;
              });
        }
      }
    }
    assertThat(outside).isEmpty();
    assertThat(untold).isEmpty();
  }

  /** With both sides open. */
  @ParameterizedTest
  @CsvSource({"1280, 800, 0.55", "1920, 1080, 0.60"})
  void the_drawing_has_most_of_the_window(double wide, double high, double share) {
    openDemo();
    sized(wide, high);
    Prop prop = desk.project().first();
    for (Station station :
        List.of(Station.SIZE, Station.DRAFT, Station.LAYERS, Station.CORE, Station.CUT)) {
      go(station, prop, First.part(desk.project()));
      settled();
      double all = bench.root().getScene().getWidth() * bench.root().getScene().getHeight();
      double drawn =
          bench.root().lookupAll(".mat").stream()
              .filter(it -> it instanceof MatView mat && mat.getWidth() > 300)
              .mapToDouble(it -> it.getLayoutBounds().getWidth() * it.getLayoutBounds().getHeight())
              .sum();
      assertThat(drawn / all).as(station.title()).isGreaterThanOrEqualTo(share);
    }
  }

  @Test
  void every_control_says_what_it_is() {
    openDemo();
    Set<String> untold = new TreeSet<>();
    for (Station station : Station.values()) {
      for (Prop prop : desk.project().props()) {
        go(station, prop, prop.parts().getFirst());
        settled();
        fx(
            () -> {
              ask(bench.root(), station + " ", untold);
              return true;
            });
      }
    }
    assertThat(untold).isEmpty();
  }

  private static void ask(Node node, String where, Set<String> untold) {
    boolean control =
        node instanceof ButtonBase
            || node instanceof TextInputControl
            || node instanceof ComboBoxBase;
    if (control && node.getId() != null && What.of(node).isEmpty()) {
      untold.add(where + node.getId());
    }
    if (node instanceof Parent parent && !node.getStyleClass().contains("figure")) {
      parent.getChildrenUnmodifiable().forEach(it -> ask(it, where, untold));
    }
  }

  private void go(Station station, Prop prop, Part part) {
    fx(
        () -> {
          desk.goTo(station);
          desk.goToProp(prop.id());
          desk.goToPart(part.id());
          return true;
        });
  }

  private void look(Node node, String where, Set<String> outside, Set<String> untold) {
    if (!node.isVisible()) {
      return;
    }
    if (node instanceof Control && !inside(node)) {
      outside.add(where + node.getClass().getSimpleName() + " #" + node.getId());
    }
    if (node instanceof Labeled labeled && CutText.cut(labeled)) {
      Event.fireEvent(labeled, entered(labeled));
      if (labeled.getTooltip() == null || labeled.getTooltip().getText().isBlank()) {
        untold.add(where + labeled.getText());
      }
    }
    if (node instanceof Parent parent
        && !(node instanceof ScrollPane || node instanceof ListView)) {
      parent.getChildrenUnmodifiable().forEach(it -> look(it, where, outside, untold));
    }
  }

  /** True where it is within the window. */
  private boolean inside(Node node) {
    Bounds own = node.localToScene(node.getLayoutBounds());
    return own.getWidth() == 0
        || (own.getMinX() >= -ROUNDING
            && own.getMinY() >= -ROUNDING
            && own.getMaxX() <= bench.root().getScene().getWidth() + ROUNDING
            && own.getMaxY() <= bench.root().getScene().getHeight() + ROUNDING);
  }

  private static MouseEvent entered(Node node) {
    return new MouseEvent(
        MouseEvent.MOUSE_ENTERED_TARGET,
        0,
        0,
        0,
        0,
        javafx.scene.input.MouseButton.NONE,
        0,
        false,
        false,
        false,
        false,
        false,
        false,
        false,
        false,
        false,
        true,
        new javafx.scene.input.PickResult(node, 0, 0));
  }

  @Test
  void in_a_low_window_a_tray_shows_one_row_until_it_is_asked_for_more(FxRobot robot) {
    openDemo();
    go(Station.LAYERS, desk.project().first(), desk.project().first().parts().getFirst());
    sized(1024, 700);
    double high = drawing();
    assertThat(robot.lookup("#edge").query().getParent().isVisible()).isFalse();
    robot.clickOn(
        (Node it) ->
            it instanceof Button more
                && more.getText().equals("More")
                && more.getParent().lookup("#edge") != null);
    settled();
    assertThat(robot.lookup("#edge").query().getParent().isVisible()).isTrue();
    assertThat(drawing()).isLessThan(high - 40);
    type(robot, "#edge", "6 mm");
    until(() -> First.layering(desk.project()).profile().edgeMm() == 6);
    sized(1024, 960);
    assertThat(
            robot.lookup((Button it) -> "Less".equals(it.getText()) && it.isVisible()).tryQuery())
        .isEmpty();
  }

  private double drawing() {
    return bench.root().lookupAll(".mat").stream()
        .filter(it -> it instanceof MatView mat && mat.getWidth() > 300)
        .mapToDouble(it -> it.getLayoutBounds().getHeight())
        .sum();
  }

  @Test
  void a_name_that_is_cut_loses_its_tip_where_there_is_room() {
    fx(
        () -> {
          javafx.scene.control.Label label =
              new javafx.scene.control.Label("Polyethylene foam, cross-linked, closed cells");
          label.setMaxWidth(60);
          javafx.scene.layout.VBox box = new javafx.scene.layout.VBox(label);
          ((javafx.scene.layout.StackPane) bench.root().getCenter()).getChildren().setAll(box);
          bench.root().applyCss();
          bench.root().layout();
          Event.fireEvent(label, entered(label));
          assertThat(label.getTooltip().getText()).isEqualTo(label.getText());
          label.setMaxWidth(2000);
          bench.root().layout();
          Event.fireEvent(label, entered(label));
          assertThat(label.getTooltip()).isNull();
          return true;
        });
  }
}
