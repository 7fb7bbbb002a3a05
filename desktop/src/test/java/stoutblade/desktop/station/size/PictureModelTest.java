package stoutblade.desktop.station.size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import stoutblade.desktop.Desk;
import stoutblade.desktop.TestDesk;
import stoutblade.desktop.station.size.Marked.OfRuler;
import stoutblade.project.First;
import stoutblade.reference.Measure;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.shape.Point;

/** Marking a picture, without a window. */
class PictureModelTest {

  private static final double REACH = 8;

  private final Desk desk = TestDesk.demo();
  private final PictureModel model = new PictureModel(desk);

  PictureModelTest() {
    model.look("p1");
  }

  private Reference reference() {
    return desk.project().first().size().reference("p1").orElseThrow();
  }

  private void drag(Tool tool, Point from, Point to) {
    model.toolProperty().set(tool);
    model.press(from, REACH);
    model.drag(from.towards(to, 0.5), REACH);
    model.drag(to, REACH);
    model.release();
  }

  private void click(Point... places) {
    for (Point place : places) {
      model.press(place, REACH);
      model.release();
    }
  }

  private List<Point> figure() {
    return reference().ruler("r1").orElseThrow().by().points();
  }

  @Test
  void nothing_is_marked_without_a_picture() {
    PictureModel bare = new PictureModel(TestDesk.fresh());
    bare.toolProperty().set(Tool.FIGURE);

    assertThat(bare.press(new Point(1, 1), REACH)).isFalse();
    assertThat(bare.marks()).isEmpty();
  }

  @Test
  void a_mark_is_made_by_press_drag_and_release_and_is_one_edit() {
    int before = desk.history().states().size();

    drag(Tool.WHOLE, new Point(100, 900), new Point(100, 200));

    assertThat(reference().whole().orElseThrow().lengthPx()).isEqualTo(700);
    assertThat(desk.history().states()).hasSize(before + 1);
    assertThat(model.toolProperty().get()).as("one mark at a time").isNull();
  }

  @Test
  void two_presses_make_a_mark_as_well() {
    model.toolProperty().set(Tool.WHOLE);
    click(new Point(100, 900), new Point(100, 300));

    assertThat(reference().whole().orElseThrow().lengthPx()).isEqualTo(600);
  }

  @Test
  void a_bent_figure_is_pressed_along_the_body_and_ended_by_a_key() {
    model.toolProperty().set(Tool.FIGURE);
    click(new Point(500, 200), new Point(520, 600), new Point(470, 1000));
    assertThat(model.placing()).hasSize(3);

    model.finish();

    Ruler made = reference().rulers().getLast();
    assertThat(made.by().points()).hasSize(3);
    assertThat(model.selectedProperty().get()).isEqualTo(new OfRuler(made.id()));
  }

  @Test
  void pressing_on_the_line_of_the_selected_figure_bends_it() {
    List<Point> straight = figure();
    model.press(straight.getFirst(), REACH);
    model.release();

    Point middle = straight.get(0).towards(straight.get(1), 0.5);
    assertThat(model.press(middle, REACH)).isTrue();
    model.drag(middle.plus(new Point(40, 0)), REACH);
    model.release();

    assertThat(figure()).hasSize(3);
    assertThat(figure().get(1)).isEqualTo(middle.plus(new Point(40, 0)));
  }

  @Test
  void four_corners_make_a_rectangle_that_flattens_the_picture() {
    model.toolProperty().set(Tool.RECTANGLE);
    click(new Point(200, 300), new Point(500, 320), new Point(480, 700), new Point(210, 690));

    assertThat(reference().flattening()).isPresent();
    assertThat(reference().flattening().orElseThrow().name()).isEqualTo("Sheet of A4");
  }

  @Test
  void corners_that_cross_are_refused_with_the_reason() {
    model.toolProperty().set(Tool.RECTANGLE);
    click(new Point(200, 300), new Point(500, 700), new Point(500, 300), new Point(200, 700));

    assertThat(reference().flattening()).isEmpty();
    assertThat(desk.noticeProperty().get()).contains("without a crossing");
  }

  @Test
  void an_end_near_the_pointer_is_taken_hold_of_and_moved() {
    Point heel = figure().getLast();

    assertThat(model.press(heel.plus(new Point(3, 3)), REACH)).isTrue();
    model.drag(heel.plus(new Point(0, 20)), REACH);
    assertThat(figure().getLast()).as("not before it is let go").isEqualTo(heel);
    assertThat(model.marks().getFirst().points().getLast()).isEqualTo(heel.plus(new Point(0, 20)));
    model.release();

    assertThat(figure().getLast()).isEqualTo(heel.plus(new Point(0, 20)));
    assertThat(model.press(new Point(5, 5), REACH)).isFalse();
  }

  @Test
  void moving_the_figure_rescales_the_traced_blade_in_the_same_edit() {
    desk.perform(stoutblade.edit.SizeEdits.trust("p1", "r2", false));
    double before = First.sizes(desk.derived()).length().value();
    Point head = figure().getFirst();
    Point heel = figure().getLast();
    double pixels = head.distance(heel);
    model.press(heel, REACH);
    model.drag(head.towards(heel, 1.25), REACH);
    model.release();

    double after = First.sizes(desk.derived()).length().value();

    assertThat(figure().getFirst().distance(figure().getLast()))
        .isCloseTo(pixels * 1.25, within(1e-9));
    assertThat(after).isCloseTo(before / 1.25, within(before * 1e-3));
    desk.undo();
    assertThat(First.sizes(desk.derived()).length().value()).isEqualTo(before);
  }

  @Test
  void places_are_walked_through_and_nudged_by_keys() {
    model.next();
    assertThat(model.selectedProperty().get()).isEqualTo(new OfRuler("r1"));
    Point head = figure().getFirst();

    model.nudge(0, -10);

    assertThat(figure().getFirst()).isEqualTo(head.plus(new Point(0, -10)));
    for (int i = 0; i < 10; i++) {
      model.next();
    }
    assertThat(model.selectedProperty().get()).isEqualTo(new OfRuler("r1"));
    assertThat(model.selectedPlace()).isZero();
  }

  @Test
  void measures_stay_until_they_are_removed() {
    model.toolProperty().set(Tool.CIRCLE);
    click(new Point(300, 300), new Point(340, 340), new Point(300, 380));
    assertThat(model.measure()).map(Measure::kind).contains(Measure.Kind.CIRCLE);

    model.remove();

    assertThat(reference().measures()).hasSize(1);
    assertThat(model.selectedProperty().get()).isNull();
  }

  @Test
  void a_count_ends_by_a_key_and_says_when_it_is_too_short() {
    model.toolProperty().set(Tool.COUNT);
    click(new Point(300, 300));
    model.finish();
    assertThat(desk.noticeProperty().get()).contains("Click each one in turn");
    click(new Point(320, 300), new Point(340, 300));
    model.finish();

    assertThat(reference().measures().getLast().points()).hasSize(3);
  }

  @Test
  void a_box_is_told_to_who_asked_and_marks_nothing() {
    Project before = new Project(desk.project());
    List<Point> seen = new java.util.ArrayList<>();
    model.setBoxes((tool, places) -> seen.addAll(places));

    drag(Tool.CROP, new Point(100, 100), new Point(400, 500));

    assertThat(seen).containsExactly(new Point(100, 100), new Point(400, 500));
    assertThat(desk.project()).isSameAs(before.project);
  }

  private record Project(stoutblade.project.Project project) {}
}
