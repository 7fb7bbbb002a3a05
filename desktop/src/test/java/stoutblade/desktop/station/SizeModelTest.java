package stoutblade.desktop.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import stoutblade.desktop.Desk;
import stoutblade.desktop.TestDesk;
import stoutblade.desktop.station.SizeModel.End;
import stoutblade.desktop.station.SizeModel.Kind;
import stoutblade.reference.KnownLength;
import stoutblade.reference.Reference;
import stoutblade.shape.Point;

/** Marking a picture, without a window. */
class SizeModelTest {

  private static final double REACH = 8;

  private final Desk desk = TestDesk.demo();
  private final SizeModel model = new SizeModel(desk);

  private Reference reference() {
    return desk.project().reference().orElseThrow();
  }

  private void mark(Kind kind, Point from, Point to) {
    model.markingProperty().set(kind);
    model.press(from, REACH);
    model.drag(from.towards(to, 0.5));
    model.drag(to);
    model.release();
  }

  @Test
  void nothing_is_marked_without_a_picture() {
    SizeModel bare = new SizeModel(TestDesk.fresh());
    bare.markingProperty().set(Kind.HEIGHT);

    assertThat(bare.press(new Point(1, 1), REACH)).isFalse();
    assertThat(bare.marks()).isEmpty();
  }

  @Test
  void a_mark_is_made_by_press_drag_and_release_and_is_one_edit() {
    int before = desk.history().states().size();

    mark(Kind.WHOLE, new Point(100, 900), new Point(100, 200));

    assertThat(reference().whole().orElseThrow().lengthPx()).isEqualTo(700);
    assertThat(desk.history().states()).hasSize(before + 1);
    assertThat(model.markingProperty().get()).as("one mark at a time").isNull();
  }

  @Test
  void a_press_without_a_drag_marks_nothing_and_says_how_it_is_done() {
    model.markingProperty().set(Kind.HEIGHT);
    model.press(new Point(50, 50), REACH);
    model.release();

    assertThat(desk.history().undoable()).isEmpty();
    assertThat(desk.noticeProperty().get()).contains("drag to the other");
  }

  @Test
  void an_end_near_the_pointer_is_taken_hold_of_and_moved() {
    Point heel = reference().figureHeight().orElseThrow().to();

    assertThat(model.press(heel.plus(new Point(3, 3)), REACH)).isTrue();
    assertThat(model.moving(Kind.HEIGHT)).isTrue();
    model.drag(heel.plus(new Point(0, 20)));
    assertThat(model.marks().get(Kind.HEIGHT).to()).isEqualTo(heel.plus(new Point(0, 20)));
    assertThat(reference().figureHeight().orElseThrow().to())
        .as("not before it is let go")
        .isEqualTo(heel);
    model.release();

    assertThat(reference().figureHeight().orElseThrow().to())
        .isEqualTo(heel.plus(new Point(0, 20)));
    assertThat(model.press(new Point(5, 5), REACH)).isFalse();
  }

  @Test
  void moving_the_height_rescales_the_traced_blade_in_the_same_edit() {
    double before = desk.derived().form().orElseThrow().length().value();
    double pixels = reference().figureHeight().orElseThrow().lengthPx();
    mark(Kind.HEIGHT, new Point(500, 300), new Point(500, 300 + pixels * 1.25));

    double after = desk.derived().form().orElseThrow().length().value();

    assertThat(after).isCloseTo(before / 1.25, within(1e-6));
    desk.undo();
    assertThat(desk.derived().form().orElseThrow().length().value()).isEqualTo(before);
  }

  @Test
  void ends_are_walked_through_and_nudged_by_keys() {
    model.next();
    assertThat(model.selected()).contains(new End(Kind.HEIGHT, true));
    Point head = reference().figureHeight().orElseThrow().from();

    model.nudge(0, -10);

    assertThat(reference().figureHeight().orElseThrow().from())
        .isEqualTo(head.plus(new Point(0, -10)));
    for (int i = 0; i < 8; i++) {
      model.next();
    }
    assertThat(model.selected()).contains(new End(Kind.HEIGHT, true));
  }

  @Test
  void the_known_thing_gets_its_name_and_length() {
    assertThat(model.know("Door", 2040)).isTrue();
    assertThat(reference().check().map(KnownLength::name)).contains("Door");
    assertThat(model.know("Door", 0)).isFalse();
    assertThat(desk.noticeProperty().get()).contains("between 1 mm and 100 m");
  }
}
