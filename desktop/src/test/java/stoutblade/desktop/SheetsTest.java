package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.edit.Edits;
import stoutblade.project.Station;
import stoutblade.stack.Wish;
import stoutblade.stock.CutList;

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
    until(() -> said(robot).startsWith("0 sheets and what is left over"));
    until(() -> said(robot).contains("fewer cannot do"));
    settled();
  }
}
