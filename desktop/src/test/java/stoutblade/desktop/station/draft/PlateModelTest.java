package stoutblade.desktop.station.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import stoutblade.desktop.Desk;
import stoutblade.desktop.TestDesk;
import stoutblade.edit.OutlineEdits;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/** Drawing a plate and what is worked into it by hand, without a window. */
class PlateModelTest {

  private static final double REACH = 5;

  private final Desk desk = TestDesk.fresh();
  private final OutlineModel model = new OutlineModel(desk);

  private void plate() {
    desk.perform(
        PartEdits.addPlate(
            "Guard",
            new WholeOutline(
                List.of(
                    Node.corner(-60, -40),
                    Node.corner(60, -40),
                    Node.corner(60, 40),
                    Node.corner(-60, 40))),
            10));
    desk.partProperty().set("d1");
    assertThat(model.part()).isPresent();
  }

  private Cut now() {
    return model.part().flatMap(Part::cut).orElseThrow();
  }

  private void drag(Point from, Point to) {
    assertThat(model.press(from, REACH, false, false)).isTrue();
    model.drag(to, REACH);
    model.release();
  }

  @Test
  void the_outline_that_is_looked_at_is_the_parts() {
    plate();
    assertThat(model.id()).isEqualTo("d1");
    drag(new Point(60, 40), new Point(72, 55));

    assertThat(now().outline().nodes().get(2).at()).isEqualTo(new Point(72, 55));
    desk.partProperty().set("");
    assertThat(model.id()).as("the first of all").isEqualTo("d1");
  }

  @Test
  void whole_outlines_have_nodes_on_both_sides_of_the_axis() {
    plate();
    drag(new Point(-60, 40), new Point(-1, 44));

    assertThat(now().outline().nodes().get(3).at())
        .as("nothing snaps to an axis that is not there")
        .isEqualTo(new Point(-1, 44));
  }

  @Test
  void a_feature_is_dragged_by_its_grip_and_that_is_one_edit() {
    plate();
    desk.perform(PartEdits.addFeature("d1", Feature.Kind.HOLE, "", Where.At.of(10, 5)));
    int before = desk.history().states().size();

    drag(new Point(11, 6), new Point(30, -8));

    assertThat(now().features().getFirst().where())
        .isEqualTo(new Where.At(new Spot(new Point(30, -8), 0)));
    assertThat(desk.history().states()).hasSize(before + 1);
    assertThat(model.feature()).isPresent();
    model.nudge(2, 0);
    assertThat(((Where.At) now().features().getFirst().where()).spot().at().x()).isEqualTo(32);
    model.remove();
    assertThat(now().features()).isEmpty();
  }

  @Test
  void a_rings_second_grip_sets_its_radius_and_where_it_begins() {
    Where.Ring ring = new Where.Ring(new Point(5, 5), 20, 8, 0);
    assertThat(Handles.of(ring)).containsExactly(new Point(5, 5), new Point(5, 25));

    Where.Ring pulled = (Where.Ring) Handles.moved(ring, 1, new Point(-25, 5));

    assertThat(pulled.radiusMm()).isCloseTo(30, within(1e-12));
    assertThat(pulled.from()).isCloseTo(Math.PI / 2, within(1e-12));
    assertThat(Handles.moved(ring, 0, new Point(1, 2)))
        .isEqualTo(new Where.Ring(new Point(1, 2), 20, 8, 0));
  }

  @Test
  void a_rows_grips_move_it_or_its_ends_and_never_onto_each_other() {
    Where.Row row = new Where.Row(new Point(0, 0), new Point(40, 0), 5);
    assertThat(Handles.of(row)).hasSize(3);

    assertThat(Handles.moved(row, 2, new Point(40, 30)))
        .isEqualTo(new Where.Row(new Point(0, 0), new Point(40, 30), 5));
    assertThat(Handles.moved(row, 0, new Point(20, 10)))
        .isEqualTo(new Where.Row(new Point(0, 10), new Point(40, 10), 5));
    assertThat(Handles.moved(row, 1, new Point(40, 0))).isEqualTo(row);
    assertThat(Handles.of(new Where.Along(0, 1, 0, 3))).isEmpty();
  }

  @Test
  void a_side_is_selected_and_made_parallel_to_the_next_that_is_pressed() {
    plate();
    drag(new Point(60, 40), new Point(60, 60));
    assertThat(model.press(new Point(0, 50), REACH, false, false)).isTrue();
    assertThat(model.side()).contains(2);
    model.askParallel();
    assertThat(desk.noticeProperty().get()).contains("parallel");
    model.press(new Point(0, -40), REACH, false, false);

    Point from = now().outline().nodes().get(2).at();
    Point to = now().outline().nodes().get(3).at();
    assertThat(to.y()).isCloseTo(from.y(), within(1e-9));
  }

  @Test
  void several_nodes_are_selected_and_removed_together() {
    plate();
    desk.perform(OutlineEdits.addNode("d1", 1, Node.corner(0, -50)));
    model.press(new Point(0, -50), REACH, false, false);
    model.release();
    model.press(new Point(60, -40), REACH, false, true);
    model.release();
    assertThat(model.several()).containsExactly(1, 2);

    model.remove();

    assertThat(now().outline().nodes()).hasSize(3);
  }

  @Test
  void what_cannot_be_drawn_is_refused_with_its_reason_and_nothing_is_lost() {
    plate();
    model.select(0);
    model.remove();
    model.select(0);
    model.remove();

    assertThat(now().outline().nodes()).hasSize(3);
    assertThat(desk.noticeProperty().get()).contains("3 to");
  }

  @Test
  void another_plate_forgets_what_was_selected_on_the_first() {
    plate();
    model.press(new Point(60, 40), REACH, false, false);
    model.release();
    assertThat(model.selected()).isPresent();
    desk.perform(PartEdits.addShape("Collar", "ring", Map.of()));
    desk.perform(PartEdits.addPlate("Disc", WholeOutline.circle(new Point(0, 0), 30), 5));
    desk.partProperty().set("d3");

    assertThat(model.part().orElseThrow().name()).isEqualTo("Disc");
    assertThat(model.selected()).isEmpty();
  }
}
