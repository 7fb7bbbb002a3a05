package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.edit.Followers;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.finding.Finding;
import stoutblade.part.Cut;
import stoutblade.part.FlatPieces;
import stoutblade.part.Next;
import stoutblade.part.Part;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Point;

/** Draft in a real window: the tasks of someone who makes a prop's parts. */
class DraftTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private Cut plate(String id) {
    return desk.project().first().needed(id).cut().orElseThrow();
  }

  private Part part(String id) {
    return desk.project().first().parts().stream()
        .filter(it -> it.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private PartReckoning reckoned(String id) {
    return desk.derived().first().part(id).orElseThrow();
  }

  /** Takes an entry of a menu. */
  private void take(FxRobot robot, String menu, String item) {
    until(() -> robot.lookup(menu).tryQuery().isPresent());
    fx(
        () -> {
          MenuButton button = robot.lookup(menu).queryAs(MenuButton.class);
          button.getOnShowing().handle(null);
          return true;
        });
    fire(robot, menu, item);
  }

  private static void fire(FxRobot robot, String menu, String item) {
    fx(
        () -> {
          MenuItem found =
              robot.lookup(menu).queryAs(MenuButton.class).getItems().stream()
                  .filter(it -> item.equals(it.getId()))
                  .findFirst()
                  .orElseThrow();
          found.fire();
          return true;
        });
  }

  private void undoAll() {
    int most = desk.history().states().size();
    for (int i = 0; i < most; i++) {
      fx(
          () -> {
            desk.undo();
            return true;
          });
    }
  }

  @Test
  void the_tidegates_face_is_drafted_from_its_profile_to_lettered_segments(FxRobot robot) {
    robot.clickOn("#sums");
    robot.clickOn("#sum-profile");
    type(robot, "#sum-profile-rim", "40 cm");
    type(robot, "#sum-profile-middle", "62 mm");
    type(robot, "#sum-profile-foam", "6 mm");
    type(robot, "#sum-profile-ring", "18 mm");

    // A profile is a curve: its places are drawn, too.
    double before = depth("inner", robot);
    drag(robot, "#sum-mat", grip(robot, 1), grip(robot, 1).plus(new Point(0, -30)));
    until(() -> Math.abs(depth("inner", robot) - (before - 30)) < 4);

    robot.clickOn("#sums-keep");
    until(() -> desk.project().first().parts().size() == 1);

    List<Panel> panels = reckoned("d1").flat().panels();
    assertThat(panels).extracting(Panel::name).contains("Segment, one of 4");
    Panel segment = panels.getFirst();
    List<String> seams =
        segment.edges().stream().map(Edge::seam).filter(it -> !it.isEmpty()).toList();
    assertThat(seams).contains("A", "1", "2", "3");
    assertThat(segment.edges().stream().filter(Edge::glued))
        .allSatisfy(it -> assertThat(it.notches()).isNotEmpty());
    List<Double> lengths =
        segment.edges().stream().filter(it -> it.seam().equals("A")).map(Edge::length).toList();
    assertThat(lengths.get(0)).isCloseTo(lengths.get(1), within(0.01));
    undoAll();
    assertThat(desk.project().first().parts()).isEmpty();
  }

  private double depth(String key, FxRobot robot) {
    String text =
        robot.lookup("#sum-profile-" + key).queryAs(javafx.scene.control.TextField.class).getText();
    return stoutblade.measure.LengthEntry.parse(text, desk.units());
  }

  private Map<String, Double> typed(FxRobot robot) {
    Map<String, Double> sizes = new HashMap<>();
    for (String key : List.of("rim", "middle", "inner", "outer", "foam", "ring")) {
      sizes.put(key, depth(key, robot));
    }
    return sizes;
  }

  private Point grip(FxRobot robot, int index) {
    return fx(
        () ->
            stoutblade.sum.Sum.named("profile")
                .orElseThrow()
                .answer(typed(robot), desk.catalogue())
                .drawing()
                .grips()
                .get(index)
                .at());
  }

  @Test
  void an_svg_outline_becomes_a_plate_and_gets_a_bevel_and_a_finding_is_mended(FxRobot robot)
      throws IOException {
    Path svg = folder.resolve("guard.svg");
    Files.writeString(
        svg,
        """
        <svg xmlns="http://www.w3.org/2000/svg" width="200mm" height="60mm" viewBox="0 0 200 60">
          <path d="M 10 10 H 190 V 50 H 10 Z"/>
        </svg>
        """);
    fx(
        () -> {
          bench.openLines(svg);
          return true;
        });
    settled();
    until(() -> !desk.project().first().size().tracings().isEmpty());
    go(robot, Station.DRAFT);
    take(robot, "#new-part", "new-" + desk.project().first().size().tracings().getFirst().id());
    until(() -> desk.project().first().parts().size() == 1);
    assertThat(reckoned("d1").form().orElseThrow().face().area()).isCloseTo(7200, within(2.0));

    // The lower side is pressed, and bevelled.
    robot.clickOn(at(robot, "#draft-mat", new Point(30, -20)));
    robot.clickOn("#side-bevel");
    until(() -> plate("d1").features().size() == 1);
    type(robot, "#feature-wide", "12 mm");
    type(robot, "#feature-edge", "4 mm");
    Feature bevel = plate("d1").features().getFirst();
    assertThat(bevel.kind()).isEqualTo(Feature.Kind.BEVEL);
    assertThat(bevel.size("wide")).isEqualTo(12);
    // Common practice: atan((T − e) / 2b).
    assertThat(
            reckoned("d1").figures().stream()
                .filter(it -> it.id().endsWith(".angle"))
                .findFirst()
                .orElseThrow()
                .value())
        .isCloseTo(Math.atan(6 / 24.0), within(1e-9));

    // A hole too near the edge is found, and moved by its mend.
    fire(robot, "#features", "add-hole");
    until(() -> plate("d1").features().size() == 2);
    type(robot, "#feature-across", "14 mm");
    assertThat(plate("d1").features().get(1).size("across")).isEqualTo(14);
    fx(
        () -> {
          desk.perform(
              stoutblade.edit.PartEdits.feature(
                  "d1", "f2", "Move", it -> it.at(Where.At.of(0, 11))));
          return true;
        });
    until(() -> robot.lookup("#finding-draft-d1-sliver-0").tryQuery().isPresent());
    Finding finding =
        desk.derived().findings().stream()
            .filter(it -> it.id().equals("draft.d1.sliver-0"))
            .findFirst()
            .orElseThrow();
    fx(() -> desk.perform(finding.mends().getFirst()));
    until(() -> desk.derived().findings().stream().noneMatch(it -> it.id().contains("sliver")));
    Project done = desk.project();
    undoAll();
    assertThat(desk.project().first().parts()).isEmpty();
    assertThat(desk.project()).isNotEqualTo(done);
  }

  /** A disc, and half an outline of 80 by 20 mm, put together. */
  private void discAndRay(FxRobot robot) {
    go(robot, Station.DRAFT);
    take(robot, "#new-part", "new-disc");
    take(robot, "#new-part", "new-half");
    until(() -> desk.project().first().parts().size() == 2);
    type(robot, "#blade-length", "80 mm");
    type(robot, "#blade-width", "20 mm");
    robot.clickOn("#together");
  }

  @Test
  void sixteen_rays_are_made_round_a_disc_and_follow_it_when_it_is_moved(FxRobot robot) {
    discAndRay(robot);
    until(() -> robot.lookup("#prop-mat").tryQuery().isPresent());
    until(() -> robot.lookup("#place-name").tryQuery().isPresent());
    choose(robot, "#place-on", "d1");
    until(() -> part("d2").placing().on().equals("d1"));
    fx(
        () -> {
          robot
              .lookup("#place-way")
              .queryAs(javafx.scene.control.ComboBox.class)
              .getSelectionModel()
              .select(1);
          return true;
        });
    until(() -> part("d2").placing().where() instanceof Where.Ring);
    type(robot, "#place-number", "16");
    type(robot, "#place-reach", "70 mm");

    assertThat(reckoned("d2").made()).isEqualTo(16);
    assertThat(robot.lookup("#part-d2").queryButton().getText()).contains("× 16");
    Point first = desk.derived().first().assembly().spots().get("d2").getFirst().at();
    assertThat(first).isEqualTo(new Point(0, 70));

    drag(robot, "#prop-mat", new Point(0, 0), new Point(40, -20));
    until(() -> desk.derived().first().assembly().spots().get("d1").getFirst().at().x() > 20);
    Point disc = desk.derived().first().assembly().spots().get("d1").getFirst().at();
    Point now = desk.derived().first().assembly().spots().get("d2").getFirst().at();
    assertThat(now.minus(disc).distance(first)).isLessThan(1e-9);
    undoAll();
    assertThat(desk.project().first().parts()).isEmpty();
  }

  /** As beads on a thread: above the disc, 5 mm free between, and up with it. */
  @Test
  void a_part_stands_above_another_and_goes_where_it_goes(FxRobot robot) {
    discAndRay(robot);
    until(() -> robot.lookup("#place-next").tryQuery().isPresent());
    choose(robot, "#place-next", Optional.of(new Next("d1", false, 0)));
    until(() -> part("d2").placing().next().isPresent());
    double top = Box.around(part("d1").seen().getFirst().flattened(0.01)).maxY() + spot("d1").y();
    assertThat(spot("d2").y()).isCloseTo(top, within(0.02));
    fire(robot, "#part-up");
    until(() -> desk.project().first().parts().getFirst().id().equals("d2"));
    assertThat(spot("d2").y()).as("their order is nothing to it").isCloseTo(top, within(0.02));

    choose(robot, "#place-next", Optional.of(new Next("d1", true, 0)));
    until(() -> spot("d2").y() < 0);
    choose(robot, "#place-next", Optional.of(new Next("d1", false, 0)));
    until(() -> robot.lookup("#place-gap").tryQuery().isPresent());
    fx(() -> desk.perform(Followers.next("d2", Optional.of(new Next("d1", false, 5)))));
    until(() -> Math.abs(spot("d2").y() - top - 5) < 0.02);
    fx(() -> desk.perform(PartEdits.move("d2", new Point(9, 9))));
    assertThat(desk.noticeProperty().get()).contains("stands next to");
    fx(() -> desk.perform(PartEdits.move("d1", new Point(30, 40))));
    until(() -> Math.abs(spot("d2").y() - top - 45) < 0.02);
    choose(robot, "#place-next", Optional.empty());
    until(() -> part("d2").placing().next().isEmpty());
  }

  private Point spot(String id) {
    return desk.derived().first().assembly().spots().get(id).getFirst().at();
  }

  @Test
  void half_a_blade_is_drawn_and_gets_a_width_at_a_station(FxRobot robot) {
    go(robot, Station.DRAFT);
    for (Point place :
        List.of(new Point(30, 0), new Point(45, 200), new Point(25, 420), new Point(0, 500))) {
      robot.clickOn(at(robot, "#draft-mat", place));
    }
    until(() -> First.form(desk.derived()).isPresent());
    robot.push(KeyCode.ESCAPE);
    type(robot, "#station", "30 cm");
    type(robot, "#station-width", "9 cm");

    assertThat(First.form(desk.derived()).orElseThrow().face().widthAt(300))
        .isCloseTo(90, within(0.05));
    assertThat(First.half(desk.project()).nodes()).hasSize(5);
  }

  @Test
  void corners_are_rounded_sides_become_arcs_and_typed_sizes_are_met(FxRobot robot) {
    go(robot, Station.DRAFT);
    take(robot, "#new-part", "new-whole");
    robot.clickOn(at(robot, "#draft-mat", new Point(60, 40)));
    choose(robot, "#node-kind", Node.Kind.ROUND);
    until(() -> plate("d1").outline().nodes().get(2).kind() == Node.Kind.ROUND);
    type(robot, "#node-ease", "15 mm");
    assertThat(plate("d1").outline().nodes().get(2).ease()).isEqualTo(15);

    robot.push(KeyCode.ESCAPE);
    robot.clickOn(at(robot, "#draft-mat", new Point(0, -40)));
    type(robot, "#side-radius", "10 cm");
    assertThat(plate("d1").outline().nodes().getFirst().bulge()).isPositive();
    type(robot, "#side-length", "14 cm");
    assertThat(stoutblade.shape.Exact.length(plate("d1").outline(), 0))
        .isCloseTo(140, within(1e-3));
    type(robot, "#side-radius", "1 cm");
    until(() -> desk.noticeProperty().get().contains("radius of at least"));
  }

  @Test
  void a_fuller_is_routed_into_the_blade_and_mended_where_it_is_too_deep(FxRobot robot) {
    openDemo();
    fx(
        () -> {
          desk.partProperty().set("");
          return true;
        });
    go(robot, Station.DRAFT);
    double before = First.layers(desk.derived()).orElseThrow().volume().value();
    int there = First.features(desk.project()).size();

    fire(robot, "#features", "add-fuller");
    until(() -> First.features(desk.project()).size() == there + 1);
    type(robot, "#feature-deep", "7 mm");

    String finding = "draft.d7.fuller-" + First.features(desk.project()).getLast().id();
    until(() -> desk.derived().findings().stream().anyMatch(it -> it.id().equals(finding)));
    assertThat(First.layers(desk.derived()).orElseThrow().volume().value()).isLessThan(before);
    Finding found =
        desk.derived().findings().stream()
            .filter(it -> it.id().equals(finding))
            .findFirst()
            .orElseThrow();
    fx(() -> desk.perform(found.mends().getFirst()));
    assertThat(desk.derived().findings()).noneMatch(it -> it.id().equals(finding));
    assertThat(First.template(desk.derived()).orElseThrow().labels())
        .anyMatch(it -> it.text().contains("routed 5 mm deep"));

    fire(robot, "#features", "add-bevel");
    until(() -> desk.noticeProperty().get().contains("set at Layers"));
    robot.clickOn("#feature-remove");
    until(() -> First.features(desk.project()).size() == there);
  }

  @Test
  void a_lettered_plate_has_its_letters_on_its_template(FxRobot robot) {
    go(robot, Station.DRAFT);
    take(robot, "#new-part", "new-whole");
    fire(robot, "#features", "add-letters");
    until(() -> plate("d1").features().size() == 1);
    robot.clickOn("#feature-words");
    robot.push(KeyCode.CONTROL, KeyCode.A).write("TIDE").push(KeyCode.ENTER);
    until(() -> plate("d1").features().getFirst().words().equals("TIDE"));

    // T, I, D with its hollow, E.
    assertThat(reckoned("d1").form().orElseThrow().markings()).hasSize(5);
    go(robot, Station.CUT);
    until(() -> robot.lookup("#template").tryQuery().isPresent());
    assertThat(robot.lookup("#export").queryButton().isDisabled()).isFalse();
  }

  @Test
  void faces_of_a_model_are_chosen_cut_laid_flat_and_kept(FxRobot robot) {
    openDemo();
    go(robot, Station.DRAFT);
    take(robot, "#new-part", "new-patch-s2");
    settled();
    until(() -> robot.lookup("#patch-mat").tryQuery().isPresent());
    settled();
    robot.clickOn(at(robot, "#patch-mat", new Point(0, 100)));
    settled();
    robot.clickOn("#patch-flat");
    until(() -> desk.noticeProperty().get().contains("seam"));
    robot.clickOn("#patch-propose");
    settled();
    robot.clickOn("#patch-flat");
    settled();
    until(() -> !desk.besideProperty().get().isEmpty());
    double mismatch =
        desk.besideProperty().get().stream()
            .filter(it -> it.id().equals("patch.mismatch"))
            .findFirst()
            .orElseThrow()
            .value();
    assertThat(mismatch).as("what is eased in without a finding").isLessThan(1);
    robot.clickOn("#patch-keep");
    until(() -> desk.project().first().parts().getLast().shape() instanceof FlatPieces);
    fx(
        () -> {
          desk.undo();
          return true;
        });
    assertThat(desk.project().first().parts().getLast().shape()).isNotInstanceOf(FlatPieces.class);
  }

  @Test
  void a_half_outline_is_drawn_whole_and_its_nodes_are_brought_in_line(FxRobot robot) {
    go(robot, Station.DRAFT);
    take(robot, "#new-part", "new-half");
    assertThat(plate("d1").outline()).isInstanceOf(HalfOutline.class);
    robot.clickOn("#draw-whole");
    until(() -> !(plate("d1").outline() instanceof HalfOutline));
    Point2D one = at(robot, "#draft-mat", new Point(40, 0));
    Point2D two = at(robot, "#draft-mat", new Point(40, 120));
    robot.clickOn(one);
    robot.press(KeyCode.CONTROL).clickOn(two, MouseButton.PRIMARY).release(KeyCode.CONTROL);
    until(() -> robot.lookup("#align-along").tryQuery().isPresent());
    robot.clickOn("#align-along");
    until(
        () ->
            plate("d1").outline().nodes().stream()
                    .filter(it -> Math.abs(it.at().x() - 40) < 1e-9 && it.at().y() == 0)
                    .count()
                == 2);
  }
}
