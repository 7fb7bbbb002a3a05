package stoutblade.desktop.station.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.derive.Reckoner;
import stoutblade.desktop.Desk;
import stoutblade.desktop.NewProject;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.Document;
import stoutblade.project.First;
import stoutblade.shape.Node;
import stoutblade.shape.Point;

/** The outline being drawn, without a window. */
class OutlineModelTest {

  private static final double REACH = 5;
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2031-03-03T12:00:00Z"), ZoneOffset.UTC);

  private final Desk desk =
      new Desk(
          new Reckoner(CatalogueFile.shipped()),
          CLOCK,
          Optional.empty(),
          new Document(NewProject.first(LocalDateTime.now(CLOCK)), Map.of()));
  private final OutlineModel model = new OutlineModel(desk);

  private void click(double x, double y, boolean corner) {
    model.press(new Point(x, y), REACH, corner, false);
    model.release();
  }

  private Node node(int index) {
    return First.half(desk.project()).nodes().get(index);
  }

  private void trace() {
    model.tracingProperty().set(true);
    click(30, 4, true);
    click(-50, 200, false);
    click(2, 400, true);
    assertThat(model.tracingProperty().get()).as("the tip ends the tracing").isFalse();
  }

  @Test
  void before_there_is_a_part_there_is_no_layer_to_draw() {
    desk.layerProperty().set(1);

    assertThat(model.sheets()).isEmpty();
    assertThat(model.layer()).isEmpty();
    assertThat(model.outline().nodes()).isEmpty();
  }

  @Test
  void the_first_node_lies_on_the_base_and_either_side_may_be_traced() {
    trace();

    assertThat(node(0)).isEqualTo(Node.corner(30, 0));
    assertThat(node(1)).isEqualTo(Node.curve(50, 200));
    assertThat(node(2)).isEqualTo(Node.corner(0, 400));
    assertThat(First.form(desk.derived())).isPresent();
  }

  @Test
  void a_node_is_found_by_its_mirror_image_too() {
    trace();

    assertThat(model.press(new Point(-51, 201), REACH, false, false)).isTrue();
    model.release();
    assertThat(model.selected()).contains(1);
  }

  @Test
  void two_presses_on_the_edge_add_a_node_there_and_beside_it_takes_hold_of_nothing() {
    trace();
    Point onEdge = First.half(desk.project()).edge().cubics().get(1).at(0.5);

    click(onEdge.x(), onEdge.y(), false);
    assertThat(model.side()).as("the first press selects the side").contains(1);
    assertThat(model.addOnSide(onEdge, REACH)).isTrue();
    model.release();

    assertThat(First.half(desk.project()).nodes()).hasSize(4);
    assertThat(node(2).at().distance(onEdge)).isLessThan(1e-9);
    assertThat(model.press(new Point(400, 300), REACH, false, false)).isFalse();
    assertThat(model.selected()).isEmpty();
  }

  @Test
  void dragging_is_one_edit_and_snaps_to_the_centre_line() {
    trace();
    int before = desk.history().states().size();
    model.press(new Point(50, 200), REACH, false, false);
    for (int step = 0; step < 20; step++) {
      model.drag(new Point(50 - step * 2.5, 210), REACH);
    }
    model.drag(new Point(1, 210), REACH);
    model.release();

    assertThat(node(1).at()).isEqualTo(new Point(0, 210));
    assertThat(desk.history().states()).hasSize(before + 1);
  }

  @Test
  void a_press_without_a_move_is_no_edit() {
    trace();
    int before = desk.history().states().size();

    click(50, 200, false);

    assertThat(desk.history().states()).hasSize(before);
  }

  @Test
  void typed_places_that_cannot_be_are_refused_with_a_reason() {
    trace();
    assertThat(model.moveTo(10, 10)).isTrue();
    model.select(1);

    assertThat(model.moveTo(-10, 10)).isFalse();
    assertThat(desk.noticeProperty().get()).contains("beyond the centre line");
    model.select(-1);
    assertThat(model.moveTo(10, 10)).isFalse();
    assertThat(desk.noticeProperty().get()).contains("Select a node first");
  }

  @Test
  void nudges_stay_on_the_right_side() {
    trace();
    model.select(0);
    model.nudge(-100, 50);

    assertThat(node(0).at()).isEqualTo(new Point(0, 0));
  }
}
