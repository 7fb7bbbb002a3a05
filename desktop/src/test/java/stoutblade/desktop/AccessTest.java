package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.desktop.mat.MatView;
import stoutblade.part.Part;
import stoutblade.project.First;
import stoutblade.project.Prop;
import stoutblade.project.Station;
import stoutblade.shape.Node.Kind;
import stoutblade.shape.Point;

/** What is read aloud, asked of the toolkit's accessibility tree, and work without a mouse. */
class AccessTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  @Test
  void whatever_takes_the_keys_has_a_role_and_a_name() {
    openDemo();
    Set<String> nameless = new TreeSet<>();
    Set<AccessibleRole> roles = new TreeSet<>();
    for (Station station : Station.values()) {
      for (Prop prop : desk.project().props()) {
        for (Part part : prop.parts()) {
          fx(
              () -> {
                desk.goTo(station);
                desk.goToProp(prop.id());
                desk.goToPart(part.id());
                bench.root().applyCss();
                bench.root().layout();
                look(bench.root(), station, nameless, roles);
                return true;
              });
        }
      }
    }
    assertThat(nameless).isEmpty();
    assertThat(roles)
        .contains(
            AccessibleRole.BUTTON,
            AccessibleRole.TOGGLE_BUTTON,
            AccessibleRole.TEXT_FIELD,
            AccessibleRole.COMBO_BOX,
            AccessibleRole.IMAGE_VIEW);
  }

  private static void look(
      Node node, Station station, Set<String> nameless, Set<AccessibleRole> roles) {
    if (!node.isVisible()) {
      return;
    }
    if (node.isFocusTraversable()) {
      roles.add((AccessibleRole) node.queryAccessibleAttribute(AccessibleAttribute.ROLE));
      if (name(node).strip().length() < 2) {
        nameless.add(station + ": " + node.getClass().getSimpleName() + " #" + node.getId());
      }
    }
    if (node instanceof Parent parent) {
      parent.getChildrenUnmodifiable().forEach(it -> look(it, station, nameless, roles));
    }
  }

  /** What a reader says: the name that was given, the label that is for it, or its own words. */
  private static String name(Node node) {
    Object label = node.queryAccessibleAttribute(AccessibleAttribute.LABELED_BY);
    String own = node instanceof Labeled it ? it.getText() : "";
    return Optional.ofNullable(node.getAccessibleText())
        .filter(it -> !it.isBlank())
        .or(() -> label instanceof Label it ? Optional.of(it.getText()) : Optional.empty())
        .orElse(own == null ? "" : own);
  }

  @Test
  void a_node_is_reached_said_moved_added_and_removed_by_keys(FxRobot robot) {
    openDemo();
    robot.push(KeyCode.DIGIT2);
    until(() -> desk.stationProperty().get() == Station.DRAFT);
    settled();
    Node mat = bench.root().getScene().getFocusOwner();
    assertThat(mat).isInstanceOf(MatView.class);
    int count = First.half(desk.project()).nodes().size();
    robot.push(KeyCode.N).push(KeyCode.N).push(KeyCode.N);
    assertThat(said(mat)).contains("Node 3 of " + count);
    Point before = First.half(desk.project()).nodes().get(2).at();
    robot.push(KeyCode.SHIFT, KeyCode.RIGHT);
    until(() -> First.half(desk.project()).nodes().get(2).at().distance(before) > 9.9);
    settled();
    robot.push(KeyCode.INSERT);
    until(() -> First.half(desk.project()).nodes().size() == count + 1);
    settled();
    assertThat(said(mat)).contains("of " + (count + 1));
    robot.push(KeyCode.V);
    until(
        () ->
            First.half(desk.project()).nodes().stream()
                .anyMatch(it -> it.kind() == Kind.CORNER && said(mat).contains("a corner")));
    robot.push(KeyCode.DELETE);
    until(() -> First.half(desk.project()).nodes().size() == count);
  }

  @Test
  void an_outline_is_drawn_with_the_keys_pointer(FxRobot robot) {
    robot.push(KeyCode.DIGIT2);
    until(() -> desk.stationProperty().get() == Station.DRAFT);
    settled();
    Node mat = bench.root().getScene().getFocusOwner();
    // The first arrow brings the pointer out in the middle of the mat.
    robot.push(KeyCode.RIGHT);
    assertThat(said(mat)).contains("Pointer at");
    for (int i = 0; i < 3; i++) {
      robot.push(KeyCode.SPACE).push(KeyCode.SPACE);
      int there = i + 1;
      until(() -> outlineNodes() == there);
      settled();
      robot.push(KeyCode.SHIFT, KeyCode.RIGHT);
    }
    // Held and moved: the pointer drags what it pressed.
    Point last = First.half(desk.project()).nodes().getLast().at();
    robot.push(KeyCode.SHIFT, KeyCode.LEFT).push(KeyCode.SPACE);
    robot.push(KeyCode.SHIFT, KeyCode.RIGHT).push(KeyCode.SPACE);
    until(() -> First.half(desk.project()).nodes().getLast().at().distance(last) > 10);
    assertThat(outlineNodes()).isEqualTo(3);
  }

  private int outlineNodes() {
    return desk.prop().parts().isEmpty() ? 0 : First.half(desk.project()).nodes().size();
  }

  private static String said(Node node) {
    return String.valueOf(node.getAccessibleText());
  }
}
