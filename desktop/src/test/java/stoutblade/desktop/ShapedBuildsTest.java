package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.build.Step;
import stoutblade.catalogue.Rod;
import stoutblade.core.CoreReckoning;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.layer.Layer;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Course;
import stoutblade.shape.CurvedAxis;
import stoutblade.shape.Point;
import stoutblade.template.Stroke;

/**
 * Shapes of every kind, from an empty project to the log in a real window: curved and saw-toothed,
 * following and taking turns, coped and vented, hollow.
 */
class ShapedBuildsTest extends Building {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private Part part(String id) {
    return desk.project().first().needed(id);
  }

  private Cut cut(String id) {
    return part(id).cut().orElseThrow();
  }

  private PartReckoning reckoned(String id) {
    return desk.derived().first().part(id).orElseThrow();
  }

  private void lookAt(Station station, String id) {
    fx(
        () -> {
          desk.goTo(station);
          desk.partProperty().set(id);
          return true;
        });
    settled();
  }

  private void name(String id, String name) {
    fx(() -> desk.perform(PartEdits.change(id, "Name a part", it -> it.withName(name))));
  }

  /** Opens a part as its card does. */
  private void openPart(String id) {
    fx(
        () -> {
          desk.goTo(Station.DRAFT);
          desk.goToPart(id);
          return true;
        });
    settled();
  }

  /** Presses an entry of a menu. */
  private static void pick(FxRobot robot, String menu, String item) {
    fx(
        () -> {
          MenuButton button = robot.lookup(menu).queryAs(MenuButton.class);
          button.getItems().stream()
              .filter(it -> item.equals(it.getId()))
              .findFirst()
              .orElseThrow()
              .fire();
          return true;
        });
  }

  private static void click(FxRobot robot, String mat, Point place) {
    Point2D screen = at(robot, mat, place);
    robot.clickOn(screen);
  }

  private void addLayers(FxRobot robot, String id, int count) {
    lookAt(Station.LAYERS, id);
    for (int i = part(id).layering().sheets().size(); i < count; i++) {
      int wanted = i + 1;
      fire(robot, "#add-layer");
      until(() -> part(id).layering().sheets().size() == wanted);
      settled();
    }
  }

  /** In templates, on the list to buy, in the plan, with a weight. */
  private void isMade(String id) {
    PartReckoning part = reckoned(id);
    assertThat(part.templates(desk.units()))
        .as(part.part().name())
        .anySatisfy(it -> assertThat(it.kinds()).contains(Stroke.Kind.CUT));
    assertThat(part.mass().orElseThrow().value()).isPositive();
    assertThat(desk.derived().plan().orElseThrow().steps())
        .extracting(Step::id)
        .contains(of(id, "cut"));
    assertThat(desk.derived().shopping().orElseThrow().lines()).isNotEmpty();
  }

  @Test
  void a_saw_toothed_blade_bent_with_a_core_along_its_curve(FxRobot robot) {
    begin(robot, "new-half");
    String blade = last().id();
    settled();
    type(robot, "#blade-length", "70 cm");
    type(robot, "#blade-width", "6 cm");
    settled();
    pick(robot, "#centre-line", "centre-drawn");
    until(() -> cut(blade).axis().isPresent());
    settled();

    // The middle of the line is pulled aside, and the outline bends along.
    Point middle = cut(blade).axis().orElseThrow().nodes().get(1).at();
    drag(robot, "#draft-mat", middle, middle.plus(new Point(-40, 0)));
    until(() -> cut(blade).axis().orElseThrow().nodes().get(1).at().x() < -20);
    settled();
    assertThat(part(blade).half()).isFalse();
    Course course = Course.of(cut(blade).axis());
    assertThat(course.tightest(0, 600)).isLessThan(3000);

    // Teeth on its right side, in the inner layers alone.
    addLayers(robot, blade, 4);
    lookAt(Station.DRAFT, blade);
    double along = course.length().orElseThrow() * 0.37;
    double half = course.straight(reckoned(blade).form().orElseThrow().face()).widthAt(along) / 2;
    click(robot, "#draft-mat", course.at(half, along));
    until(() -> robot.lookup("#side-teeth").tryQuery().isPresent());
    fire(robot, "#side-teeth");
    until(() -> cut(blade).features().size() == 1);
    settled();
    robot.clickOn("#feature-shape-3");
    until(() -> cut(blade).features().getFirst().size("shape") == 3);
    settled();
    robot.clickOn("#feature-in-1");
    until(() -> cut(blade).features().getFirst().into() == Feature.Into.INNER);
    settled();
    type(robot, "#feature-at-pitch", "20 mm");
    settled();
    List<Layer> layers = reckoned(blade).layers().orElseThrow().each();
    assertThat(layers.get(1).cut().area()).isGreaterThan(layers.get(0).cut().area() + 100);
    assertThat(layers.get(2).cut().area()).isCloseTo(layers.get(1).cut().area(), within(1.0));
    assertThat(layers.get(3).cut().area()).isCloseTo(layers.get(0).cut().area(), within(1.0));

    lookAt(Station.CORE, blade);
    Rod dowel = desk.catalogue().rod("dowel-9").orElseThrow();
    choose(robot, "#rod", dowel);
    until(() -> reckoned(blade).core().isPresent());
    settled();
    CoreReckoning core = reckoned(blade).core().orElseThrow();
    assertThat(core.bend()).as("it is bent as the blade is").isPresent();
    assertThat(reckoned(blade).templates(desk.units()))
        .anySatisfy(it -> assertThat(it.kinds()).contains(Stroke.Kind.CHANNEL));
    isMade(blade);
    paintAll(robot, blade);
    weighInTheLog(robot, blade, "400 g");
    walkThrough();
  }

  @Test
  void a_shield_with_a_rim_that_follows_rays_that_take_turns_and_straps(FxRobot robot) {
    begin(robot, "new-disc");
    String board = last().id();
    settled();
    type(robot, "#blade-length", "60 cm");
    settled();
    fx(
        () -> {
          desk.partProperty().set(board);
          return true;
        });
    begin(robot, "new-ring");
    String rim = last().id();
    settled();
    assertThat(cut(rim).follow().orElseThrow().leaderId()).isEqualTo(board);

    begin(robot, "new-whole");
    String ray = last().id();
    begin(robot, "new-whole");
    String chevron = last().id();
    settled();
    name(ray, "Ray");
    name(chevron, "Chevron");
    fx(() -> desk.perform(PartEdits.fix(ray, board)));
    fx(
        () ->
            desk.perform(
                PartEdits.place(
                    ray, "Ring", it -> it.at(new Where.Ring(new Point(0, 0), 150, 16, 0)))));
    selectOnProp(robot, chevron);
    settled();
    choose(robot, "#place-between", ray);
    until(() -> part(chevron).placing().where().count() == 16);
    settled();
    assertThat(part(chevron).placing().on()).isEqualTo(board);
    selectOnProp(robot, ray);
    type(robot, "#place-number", "12");
    until(() -> part(chevron).placing().where().count() == 12);
    settled();

    // Circles on the dished face, on its flat pattern.
    keepSum(robot, "dish", "rim", "56 cm");
    String face = last().id();
    fix(face, board, 0, 0);
    openPart(face);
    pick(robot, "#pattern-details", "detail-hole");
    until(() -> part(face).shape().worked().size() == 1);
    settled();

    // Slots for the straps, and a disc with another girth.
    keepSum(robot, "opening", "round", "28 cm");
    String cuff = last().id();
    lookAt(Station.DRAFT, board);
    type(robot, "#blade-length", "50 cm");
    until(() -> Math.abs(reckoned(rim).body().orElseThrow().length().value() - 500) < 60);
    settled();

    for (String id : List.of(board, rim, ray, chevron, face, cuff)) {
      isMade(id);
    }
    assertThat(reckoned(chevron).made()).isEqualTo(12);
    paintAll(robot, board);
    weighInTheLog(robot, board, "500 g");
    walkThrough();
  }

  @Test
  void a_barrel_with_vents_stepped_rings_and_a_coped_foot(FxRobot robot) {
    keepSum(robot, "ring", "width", "30 cm");
    String barrel = last().id();
    openPart(barrel);
    pick(robot, "#pattern-details", "detail-slot");
    until(() -> part(barrel).shape().worked().size() == 1);
    settled();
    assertThat(reckoned(barrel).flat().panels().getFirst().windows()).hasSize(1);
    for (int i = 0; i < 3; i++) {
      keepSum(robot, "ring", "width", 20 + 10 * i + " mm");
      fix(last().id(), barrel, 0, 40.0 + 60 * i);
    }
    keepSum(robot, "cope", "on", "12 cm");
    String foot = last().id();
    fix(foot, barrel, 0, 0);

    assertThat(desk.project().first().parts()).hasSize(5);
    desk.project().first().parts().forEach(it -> isMade(it.id()));
    paintAll(robot, barrel);
    weighInTheLog(robot, foot, "60 g");
    walkThrough();
  }

  @Test
  void a_hollow_guard_with_ribs_on_a_grip(FxRobot robot) {
    begin(robot, "new-half");
    String guard = last().id();
    settled();
    type(robot, "#blade-length", "8 cm");
    type(robot, "#blade-width", "26 cm");
    settled();
    addLayers(robot, guard, 3);
    double solid = reckoned(guard).mass().orElseThrow().value();
    fx(
        () -> {
          robot.lookup("#hollow").queryAs(MenuButton.class).show();
          return true;
        });
    until(() -> robot.lookup("#hollow-rib").tryQuery().isPresent());
    type(robot, "#hollow-rib", "10 mm");
    until(() -> part(guard).layering().sheets().get(1).frame().isPresent());
    robot.push(KeyCode.ESCAPE);
    settled();
    assertThat(reckoned(guard).mass().orElseThrow().value()).isLessThan(solid * 0.95);
    keepSum(robot, "wraps", "width", "18 cm");
    String grip = last().id();
    fix(guard, grip, 0, 90);

    isMade(guard);
    isMade(grip);
    paintAll(robot, guard);
    weighInTheLog(robot, guard, "90 g");
    walkThrough();
  }

  @Test
  void a_line_found_midway_is_moved_by_keys_and_straightened(FxRobot robot) {
    openDemo();
    lookAt(Station.DRAFT, "d7");
    pick(robot, "#centre-line", "centre-drawn");
    until(() -> cut("d7").axis().isPresent());
    settled();
    robot.clickOn("#draft-mat");
    int nodes = cut("d7").outline().nodes().size();
    for (int i = 0; i <= nodes + 1; i++) {
      robot.push(KeyCode.N);
    }
    until(() -> robot.lookup("#centre-across").tryQuery().isPresent());
    CurvedAxis before = cut("d7").axis().orElseThrow();
    type(robot, "#centre-across", "12 mm");
    until(() -> !cut("d7").axis().orElseThrow().equals(before));
    settled();
    pick(robot, "#centre-line", "centre-straight");
    until(() -> cut("d7").axis().isEmpty());
  }
}
