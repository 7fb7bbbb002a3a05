package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.scene.control.Button;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.demo.Demo;
import stoutblade.edit.PartEdits;
import stoutblade.finding.Finding;
import stoutblade.layer.Layer;
import stoutblade.project.Station;
import stoutblade.shape.Box;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Splits;
import stoutblade.stock.CutList;

/** What is larger than its sheet is cut apart, and where is moved, in a real window. */
class SplitTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private List<Layer> layers() {
    return desk.looked().orElseThrow().layers().orElseThrow().each();
  }

  private double front() {
    return layers().getLast().joints().along().getFirst();
  }

  private List<CutList.Entry> pieces() {
    String path = desk.looked().orElseThrow().path();
    return desk.derived().shopping().orElseThrow().pieces().kinds().stream()
        .flatMap(it -> it.entries().stream())
        .filter(it -> it.path().equals(path))
        .toList();
  }

  /** A board of two layers, longer than its sheets. */
  private void board(FxRobot robot) {
    openDemo();
    go(robot, Station.LAYERS);
    String id = desk.lookedId();
    WholeOutline outline =
        new WholeOutline(
            List.of(
                Node.corner(-100, 0),
                Node.corner(100, 0),
                Node.corner(100, 1700),
                Node.corner(-100, 1700)));
    String foam = desk.looked().orElseThrow().part().layering().middle().materialId();
    fx(
        () ->
            desk.perform(
                PartEdits.change(
                    id,
                    "A board",
                    it ->
                        it.withCut(own -> own.withFeatures(List.of()).withOutline(outline))
                            .withLayering(Layering.of(2, foam, 10, Profile.FLAT)))));
    until(() -> layers().size() == 2 && !layers().getLast().joints().none());
    settled();
  }

  @Test
  void a_piece_too_large_is_split_and_the_split_is_dragged(FxRobot robot) {
    board(robot);
    double at = front();
    int pieces = layers().getLast().pieces().size();
    assertThat(pieces()).hasSize(layers().stream().mapToInt(it -> it.pieces().size()).sum());

    // The front one is taken hold of; by 30 mm further along no piece gets too large.
    drag(robot, "#plan-mat-3", new Point(40, at), new Point(40, at - 30));
    until(() -> layers().getLast().sheet().splits().placed());
    settled();
    assertThat(front()).isCloseTo(at - 30, within(5.0));
    assertThat(layers().getLast().pieces()).hasSize(pieces);
    until(() -> robot.lookup("#split-at").tryQuery().isPresent());

    choose(robot, "#split-joint", Splits.Joint.FINGER);
    until(() -> layers().getLast().joints().joint() == Splits.Joint.FINGER);
    settled();
    assertThat(pieces().stream().filter(it -> it.lines().getFirst().cubics().size() > 8))
        .as("fingers in the cut list")
        .hasSizeGreaterThanOrEqualTo(2);

    // Typed where a piece no longer fits its sheet: it is said, and mended.
    type(robot, "#split-at", "5 cm");
    until(() -> desk.findingsOf(Station.LAYERS).stream().anyMatch(SplitTest::tooLarge));
    robot.clickOn("#split-proposed");
    until(() -> desk.findingsOf(Station.LAYERS).stream().noneMatch(SplitTest::tooLarge));
    assertThat(layers().getLast().joints().joint()).isEqualTo(Splits.Joint.FINGER);
    until(() -> robot.lookup("#split-proposed").queryAs(Button.class).isDisabled());
  }

  private boolean decided() {
    return desk.looked().orElseThrow().part().workmanship().splices().containsKey("Band");
  }

  private List<Double> lengths() {
    return pieces().stream()
        .filter(it -> it.name().contains("Band"))
        .map(it -> Box.around(it.lines().getFirst().flattened(1)).width())
        .sorted()
        .toList();
  }

  /** The rim of the shield is a band longer than two sheets. */
  @Test
  void the_splices_of_a_flat_pattern_are_dragged_and_typed(FxRobot robot) {
    openDemo();
    go(robot, Station.CUT);
    fx(
        () -> {
          desk.goToProp(Demo.TIDEGATE);
          desk.goToPart("d5");
          return true;
        });
    settled();
    List<Double> even = lengths();
    assertThat(even).hasSize(3);

    drag(robot, "#cut-mat", new Point(even.getFirst(), 15), new Point(even.getFirst() - 60, 15));
    until(this::decided);
    settled();
    assertThat(lengths().getFirst()).isCloseTo(even.getFirst() - 60, within(6.0));
    assertThat(lengths().stream().mapToDouble(it -> it).sum())
        .isCloseTo(even.stream().mapToDouble(it -> it).sum(), within(0.1));

    // Typed where a piece no longer fits its sheet: it is said, and mended.
    type(robot, "#splice-at", "5 cm");
    until(() -> desk.findingsOf(Station.CUT).stream().anyMatch(SplitTest::tooLarge));
    robot.clickOn("#splice-proposed");
    until(() -> !decided());
    settled();
    assertThat(desk.findingsOf(Station.CUT)).noneMatch(SplitTest::tooLarge);
    assertThat(lengths()).isEqualTo(even);
    until(() -> robot.lookup("#splice-proposed").queryAs(Button.class).isDisabled());
  }

  private static boolean tooLarge(Finding finding) {
    return finding.title().contains("is larger than its sheet");
  }
}
