package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.concurrent.Task;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.edit.Edits;
import stoutblade.nest.Lay;
import stoutblade.nest.NestJob;
import stoutblade.nest.Nesting;
import stoutblade.nest.SheetPlan;
import stoutblade.nest.SheetTemplates;
import stoutblade.project.Station;
import stoutblade.shape.Point;
import stoutblade.stack.Wish;
import stoutblade.stock.CutList;
import stoutblade.stock.Laying;

/** Pieces of all props laid on sheets, in a real window. */
class SheetsTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private static String said(FxRobot robot) {
    return robot.lookup("#sheets-said").queryAs(Label.class).getText();
  }

  private static CutList.Kind kind(FxRobot robot) {
    return robot.lookup("#sheets-kind").<ComboBox<CutList.Kind>>query().getValue();
  }

  /** An answer is there at once; another gap, another sheet and an offcut have their own. */
  @Test
  void pieces_are_laid_on_sheets_as_soon_as_they_are_looked_at(FxRobot robot) {
    openDemo();
    go(robot, Station.CUT);
    fire(robot, "#view-sheets");
    until(() -> said(robot).matches("[1-9][0-9]* sheets?: [1-9][0-9]? % pieces.*"));
    String most = kind(robot).words();
    int pieces = kind(robot).count();
    assertThat(desk.derived().shopping().orElseThrow().pieces().kinds())
        .allMatch(it -> it.count() <= pieces);
    settled();

    // A piece of another prop lights up, and the sheets stay in sight.
    SheetPlan.Piece first = laying(kind(robot)).plan().sheets().getFirst().pieces().getFirst();
    String prop = kind(robot).entry(first.shape()).path().split("/", 2)[0];
    assertThat(prop).isNotEqualTo(desk.prop().id());
    robot.clickOn(at(robot, "#sheets-mat", middle(kind(robot), first)));
    until(() -> !robot.lookup("#sheets-stays").queryAs(ToggleButton.class).isDisabled());
    assertThat(robot.lookup("#view-sheets").queryAs(ToggleButton.class).isSelected()).isTrue();

    type(robot, "#sheets-gap", "600 cm");
    assertThat(desk.noticeProperty().get()).contains("leave nothing of a sheet");
    type(robot, "#sheets-gap", "6 mm");
    until(() -> said(robot).contains("% pieces"));
    settled();

    CutList.Kind other =
        desk.derived().shopping().orElseThrow().pieces().kinds().stream()
            .filter(it -> !it.words().equals(most) && it.count() < 6)
            .findFirst()
            .orElseThrow();
    choose(robot, "#sheets-kind", other);
    until(() -> kind(robot).words().equals(other.words()) && said(robot).contains("% pieces"));
    settled();
    // So much is left over that nothing has to be bought.
    fx(
        () ->
            desk.perform(
                Edits.leftover(
                    new Wish.Leftover(other.foam().id(), other.thicknessMm(), 9_000_000))));
    settled();
    assertThat(said(robot)).as("it lies as it was laid").doesNotStartWith("0 sheets");
    fire(robot, "#sheets-again");
    until(() -> said(robot).startsWith("0 sheets and what is left over"));
    stopped();
    until(() -> said(robot).contains("no fewer will do"));
    settled();
  }

  /** Moved by hand, it stays, the others are laid round it, and what is cut leaves offcuts. */
  @Test
  void a_piece_is_moved_by_hand_and_the_others_are_laid_again(FxRobot robot) {
    openDemo();
    CutList.Kind few =
        desk.derived().shopping().orElseThrow().pieces().kinds().stream()
            .filter(it -> it.count() > 2 && it.count() < 9)
            .findFirst()
            .orElseThrow();
    go(robot, Station.CUT);
    fire(robot, "#view-sheets");
    settled();
    choose(robot, "#sheets-kind", few);
    until(() -> laying(few) != null);
    settled();
    assertThat(few.held(desk.project().cutting().laid())).as("kept as a decision").isPresent();

    SheetPlan.Sheet sheet = laying(few).plan().sheets().getFirst();
    SheetPlan.Piece piece = sheet.pieces().getFirst();
    Point from = middle(few, piece);
    double free = sheet.rings().getFirst().stream().mapToDouble(Point::x).max().orElseThrow();
    drag(robot, "#sheets-mat", from, new Point(free * 0.8, from.y()));
    until(() -> pinned(few).size() == 1);
    SheetPlan.Piece moved = pinned(few).getFirst();
    assertThat(moved.lay()).isNotEqualTo(piece.lay());
    assertThat(robot.lookup("#sheets-stays").queryAs(ToggleButton.class).isSelected()).isTrue();
    robot.push(KeyCode.Q);
    until(() -> !pinned(few).getFirst().lay().equals(moved.lay()));
    Lay turned = pinned(few).getFirst().lay();
    fire(robot, "#sheets-again");
    until(() -> !bench.tasks().running().isEmpty());
    stopped();
    assertThat(pinned(few)).extracting(SheetPlan.Piece::lay).containsExactly(turned);

    int before = desk.project().leftovers().size();
    fire(robot, "#sheets-cut");
    until(() -> desk.project().leftovers().size() > before);
    assertThat(laying(few).plan().sheets()).allMatch(SheetPlan.Sheet::cut);
    assertThat(desk.project().leftovers()).anyMatch(Wish.Leftover::hasShape);
    assertThat(laying(few).toBuy()).isZero();
    until(() -> said(robot).contains("cut already"));
    fx(
        () -> {
          desk.undo();
          return true;
        });
    until(() -> desk.project().leftovers().size() == before);
  }

  /** Stops what is looked for: the best so far is kept. */
  private void stopped() {
    fx(
        () -> {
          List.copyOf(bench.tasks().running()).forEach(Task::cancel);
          return true;
        });
    settled();
  }

  private Laying laying(CutList.Kind kind) {
    return desk.project().cutting().laid().stream()
        .filter(it -> it.isOf(kind) && !it.plan().sheets().isEmpty())
        .findFirst()
        .orElse(null);
  }

  private List<SheetPlan.Piece> pinned(CutList.Kind kind) {
    return laying(kind).plan().sheets().stream()
        .flatMap(it -> it.pieces().stream())
        .filter(SheetPlan.Piece::pinned)
        .toList();
  }

  /** Where there is most of a piece on the mat: the first sheet lies at 0. */
  private Point middle(CutList.Kind kind, SheetPlan.Piece piece) {
    NestJob job = kind.job(desk.project().leftovers(), 3, 0);
    var shape =
        job.shapes().stream().filter(it -> it.id().equals(piece.shape())).findFirst().orElseThrow();
    return piece
        .lay()
        .place(SheetTemplates.Room.of(new Nesting.Placed(shape, 0, piece.lay())).middle());
  }
}
