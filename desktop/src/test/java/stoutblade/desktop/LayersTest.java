package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.core.Channel;
import stoutblade.demo.Demo;
import stoutblade.desktop.mat.MatView;
import stoutblade.edit.PartEdits;
import stoutblade.part.Part;
import stoutblade.part.Slices;
import stoutblade.project.First;
import stoutblade.project.Station;
import stoutblade.shape.Point;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;
import stoutblade.stack.Wish;
import stoutblade.template.Stroke;

/** Layers in a real window. */
class LayersTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private void layers(FxRobot robot) {
    openDemo();
    go(robot, Station.LAYERS);
  }

  private double mass() {
    return First.layers(desk.derived()).orElseThrow().mass().value();
  }

  @Test
  void a_blade_of_two_layers_becomes_one_of_four_and_everything_follows(FxRobot robot) {
    layers(robot);
    double before = mass();
    assertThat(First.templates(desk.derived())).hasSize(1);

    robot.clickOn("#layer-2");
    robot.clickOn("#add-layer");
    until(() -> First.layering(desk.project()).sheets().size() == 3);
    choose(robot, "#thickness", 6.0);
    until(() -> First.layering(desk.project()).front().thicknessMm() == 6);
    robot.clickOn("#layer-1");
    robot.clickOn("#add-layer");
    robot.clickOn("#layer-1");
    choose(robot, "#thickness", 6.0);
    until(
        () ->
            First.layering(desk.project()).sheets().stream()
                .map(Sheet::thicknessMm)
                .toList()
                .equals(List.of(6.0, 10.0, 10.0, 6.0)));

    assertThat(mass()).isGreaterThan(before);
    assertThat(First.templates(desk.derived())).as("outer pair and inner pair").hasSize(2);
    var layers = First.layers(desk.derived()).orElseThrow();
    assertThat(layers.each().getLast().widest().area())
        .as("the bevel leaves less of the outer layer")
        .isLessThan(layers.each().get(2).widest().area());
    assertThat(Channel.of(layers, First.core(desk.derived()).orElseThrow()))
        .extracting(it -> it.layer().number())
        .containsExactly(2, 3);

    push(robot, KeyCode.DELETE, () -> First.layering(desk.project()).sheets().size() == 3);
    int steps = desk.history().at();
    for (int i = 0; i < steps; i++) {
      fx(
          () -> {
            desk.undo();
            return true;
          });
    }
    until(() -> desk.history().at() == 0 && !desk.busy());
    assertThat(mass()).isEqualTo(before);
  }

  @Test
  void a_stack_is_found_looked_at_and_taken(FxRobot robot) {
    layers(robot);
    robot.clickOn("#view-find");
    type(robot, "#wanted", "1 in");
    type(robot, "#within", "0.2 mm");
    choose(robot, "#most-layers", 2);
    until(() -> robot.lookup("#choice-0").tryQuery().isPresent());
    settled();
    robot.clickOn("#choice-0");
    until(() -> !robot.lookup("#take-stack").queryAs(Button.class).isDisabled());

    assertThat(desk.besideProperty().get()).anyMatch(it -> it.id().equals("choice.mass"));
    robot.clickOn("#take-stack");

    until(() -> Math.abs(First.layering(desk.project()).thicknessMm() - 25.4) < 0.21);
    assertThat(First.layering(desk.project()).wantedMm()).isEqualTo(25.4);

    int before = desk.project().leftovers().size();
    choose(robot, "#left-foam", desk.catalogue().sheet("eva-inch").orElseThrow());
    choose(robot, "#left-thickness", 12.7);
    type(robot, "#left-wide", "24 in");
    type(robot, "#left-long", "24 in");
    robot.clickOn("#left-add");
    until(() -> desk.project().leftovers().size() == before + 1);
    assertThat(desk.project().leftovers().getLast().areaMm2())
        .isCloseTo(609.6 * 609.6, within(0.01));
    choose(robot, "#first", Wish.Criterion.BOUGHT);
    until(
        () ->
            robot.lookup("#choice-0").queryButton().getGraphic().lookupAll(".label").stream()
                .anyMatch(
                    it -> it instanceof Label label && label.getText().contains("left over")));
  }

  @Test
  void a_cross_section_is_chosen_and_the_views_show_it(FxRobot robot) {
    layers(robot);
    double bevelled = First.layers(desk.derived()).orElseThrow().volume().value();

    choose(robot, "#profile", Profile.Kind.DIAMOND);
    until(() -> First.layering(desk.project()).profile().kind() == Profile.Kind.DIAMOND);
    assertThat(First.layers(desk.derived()).orElseThrow().volume().value()).isLessThan(bevelled);
    until(() -> robot.lookup("#bevel").tryQuery().isEmpty());

    choose(robot, "#profile", Profile.Kind.FREE);
    until(() -> robot.lookup("#curve-pad").tryQuery().isPresent());
    settled();
    // At first it bends once, half way in and 70 % high: 50 by 28 on the pad.
    drag(robot, "#curve-pad", new Point(50, 28), new Point(50, 36));
    until(
        () ->
            Math.abs(First.layering(desk.project()).profile().curve().getFirst().y() - 0.9) < 0.02);
    drag(robot, "#curve-pad", new Point(20, 12), new Point(20, 16));
    until(() -> First.layering(desk.project()).profile().curve().size() == 2);
    robot.push(KeyCode.RIGHT);
    until(() -> First.layering(desk.project()).profile().curve().getFirst().x() > 0.2);
    robot.push(KeyCode.DELETE);
    until(() -> First.layering(desk.project()).profile().curve().size() == 1);
    robot.clickOn("#view-section");
    robot.push(KeyCode.CLOSE_BRACKET);
    until(() -> robot.lookup("#apart-mat").tryQuery().isPresent());
    drag(robot, "#apart-mat", new Point(0, 0), new Point(60, 30));
    robot.clickOn("#view-off");
    settled();
    assertThat(robot.lookup("#finished-mat").queryAs(MatView.class).isVisible()).isTrue();
    robot.clickOn("#view-section");
    type(robot, "#taper", "60");
    until(() -> First.layering(desk.project()).profile().tip() == 0.6);
    type(robot, "#taper", "900");
    until(() -> desk.noticeProperty().get().contains("2 to 100 %"));
  }

  /** From where the section is taken on, another: outlines, words and the plan follow. */
  @Test
  void a_section_changes_from_a_place_on(FxRobot robot) {
    layers(robot);
    // The demo's leaf ends in a diamond already.
    robot.clickOn("#along-2");
    robot.clickOn("#remove-section");
    until(() -> First.layering(desk.project()).changes().isEmpty());
    double bevelled = First.layers(desk.derived()).orElseThrow().volume().value();

    type(robot, "#section-at", "30 cm");
    robot.clickOn("#another-section");
    until(() -> First.layering(desk.project()).changes().size() == 1);
    choose(robot, "#profile", Profile.Kind.DIAMOND);
    type(robot, "#along-over", "60");
    until(() -> First.layering(desk.project()).changes().getFirst().overMm() == 60);

    assertThat(First.layering(desk.project()).profile().kind()).isEqualTo(Profile.Kind.BEVEL);
    assertThat(First.layering(desk.project()).changes().getFirst().fromMm()).isEqualTo(300);
    assertThat(First.layers(desk.derived()).orElseThrow().volume().value()).isLessThan(bevelled);
    assertThat(First.templates(desk.derived()).getFirst().labels())
        .anyMatch(it -> it.text().equals("From 36 cm: diamond"));
    robot.clickOn("#along-1");
    until(() -> robot.lookup("#bevel").tryQuery().isPresent());
    robot.clickOn("#along-2");
    type(robot, "#along-from", "-5");
    until(() -> desk.noticeProperty().get().contains("above 0"));
    robot.clickOn("#remove-section");
    until(() -> First.layering(desk.project()).changes().isEmpty());
    assertThat(First.layers(desk.derived()).orElseThrow().volume().value())
        .isCloseTo(bevelled, within(1e-6));
  }

  @Test
  void a_band_goes_round_the_edge_and_has_its_template(FxRobot robot) {
    layers(robot);
    int templates = First.templates(desk.derived()).size();

    choose(robot, "#band-foam", desk.catalogue().sheet("eva-high-density"));
    until(() -> First.layering(desk.project()).band().isPresent());
    choose(robot, "#band-thickness", 3.0);
    until(() -> First.layering(desk.project()).band().orElseThrow().thicknessMm() == 3);

    assertThat(First.templates(desk.derived())).hasSize(templates + 1);
    assertThat(desk.derived().plan().orElseThrow().steps())
        .anyMatch(it -> it.id().equals("p1/d7/band"));
    robot.clickOn("#view-apart");
    settled();
    assertThat(robot.lookup("#closing").queryAs(Label.class).getText())
        .isEqualTo("Before layer 2 goes on: cut the channel in layers 1 and 2, lay in the core.");
    choose(robot, "#band-foam", java.util.Optional.empty());
    until(() -> First.layering(desk.project()).band().isEmpty());
  }

  @Test
  void a_plate_gets_layers_of_its_own(FxRobot robot) {
    openDemo();
    fx(
        () -> {
          desk.goToProp(stoutblade.demo.Demo.TIDEGATE);
          return true;
        });
    go(robot, Station.LAYERS);
    fx(
        () -> {
          desk.goToPart("d1");
          return true;
        });
    until(() -> desk.stationProperty().get() == Station.LAYERS);

    int before = desk.prop().needed("d1").layering().sheets().size();
    robot.clickOn("#add-layer");
    until(() -> desk.prop().needed("d1").layering().sheets().size() == before + 1);
    choose(robot, "#profile", Profile.Kind.BEVEL);
    until(() -> desk.reckoned().part("d1").orElseThrow().templates(desk.units()).size() >= 3);

    assertThat(desk.reckoned().part("d1").orElseThrow().layers().orElseThrow().sanded().value())
        .isPositive();
  }

  @Test
  void teeth_are_cut_into_the_two_middle_layers_of_four(FxRobot robot) {
    layers(robot);
    robot.clickOn("#add-layer");
    until(() -> First.layering(desk.project()).sheets().size() == 3);
    robot.clickOn("#add-layer");
    until(() -> First.layering(desk.project()).sheets().size() == 4);
    double plain = First.layers(desk.derived()).orElseThrow().volume().value();
    for (int layer = 2; layer <= 3; layer++) {
      go(robot, Station.LAYERS);
      robot.clickOn("#layer-" + layer);
      robot.clickOn("#layer-outline");
      until(() -> desk.stationProperty().get() == Station.DRAFT);
      int index = layer - 1;
      until(() -> index == (int) robot.lookup("#outline-of").queryComboBox().getValue());
      var nodes = First.half(desk.project()).nodes();
      Point middle = nodes.get(4).at().towards(nodes.get(5).at(), 0.5);
      robot.clickOn(at(robot, "#draft-mat", middle));
      until(() -> robot.lookup("#teeth").tryQuery().isPresent());
      type(robot, "#tooth-deep", "1 cm");
      type(robot, "#teeth", "9");
      until(() -> First.layering(desk.project()).sheets().get(index).own().isPresent());
    }

    assertThat(First.layers(desk.derived()).orElseThrow().volume().value()).isGreaterThan(plain);
    assertThat(First.templates(desk.derived())).as("outer pair and inner pair").hasSize(2);
    assertThat(First.layers(desk.derived()).orElseThrow().each().get(1).cut().area())
        .isGreaterThan(First.layers(desk.derived()).orElseThrow().each().get(0).cut().area());
    robot.clickOn("#layer-as-part");
    until(() -> First.layering(desk.project()).sheets().get(2).own().isEmpty());
  }

  @Test
  void a_magnet_too_near_the_edge_is_mended_from_its_finding(FxRobot robot) {
    openDemo();
    fx(
        () -> {
          desk.goToPart(Demo.LEAF);
          return true;
        });
    go(robot, Station.DRAFT);
    fx(
        () -> {
          robot.lookup("#features").queryAs(MenuButton.class).getItems().stream()
              .filter(it -> "add-recess".equals(it.getId()))
              .findFirst()
              .orElseThrow()
              .fire();
          return true;
        });
    String feature = First.features(desk.project()).getLast().id();
    type(robot, "#feature-at-across", "7.2 cm");
    type(robot, "#feature-at-along", "18 cm");
    type(robot, "#feature-over", "8 mm");
    String id = "layers.d7.recess-" + feature + "-0.edge";
    until(() -> desk.derived().findings().stream().anyMatch(it -> it.id().equals(id)));

    go(robot, Station.LAYERS);
    String strip = "#finding-" + id.replace('.', '-');
    until(() -> robot.lookup(strip).tryQuery().isPresent());
    robot.clickOn(robot.lookup(strip).lookup(".button").queryButton());

    until(() -> desk.derived().findings().stream().noneMatch(it -> it.id().equals(id)));
    assertThat(First.part(desk.project()).cut().orElseThrow().feature(feature)).isPresent();
  }

  @Test
  void a_model_is_sliced_looked_at_and_kept_with_its_pegs(FxRobot robot) {
    openDemo();
    fx(
        () -> {
          desk.goToSlices("s2");
          return true;
        });
    settled();
    until(() -> !robot.lookup("#slice-it").queryAs(Button.class).isDisabled());
    choose(robot, "#slice-thickness", 20.0);
    type(robot, "#slice-lean", "100");
    until(() -> desk.noticeProperty().get().contains("up to 90°"));
    type(robot, "#slice-lean", "10");
    robot.clickOn("#slice-hollow");
    robot.clickOn("#slice-fit");
    robot.clickOn("#slice-it");
    settled();
    until(() -> desk.besideProperty().get().stream().anyMatch(it -> it.id().equals("slices.mass")));
    int before = desk.project().first().parts().size();

    robot.clickOn("#slice-keep");
    until(() -> desk.project().first().parts().size() == before + 1);

    Part kept = desk.project().first().parts().getLast();
    assertThat(kept.thicknessMm()).isEqualTo(20);
    Slices slices = kept.slices().orElseThrow();
    assertThat(slices.layers()).hasSizeGreaterThan(20);
    assertThat(slices.layers()).anySatisfy(it -> assertThat(it.pegs()).isNotEmpty());
    assertThat(desk.derived().first().part(kept.id()).orElseThrow().templates(desk.units()))
        .singleElement()
        .satisfies(it -> assertThat(it.kinds()).contains(Stroke.Kind.CUT, Stroke.Kind.BEVEL));

    robot.clickOn("#slice-in-place");
    until(() -> desk.noticeProperty().get().contains("Kept"));
    assertThat(desk.project().first().parts()).hasSize(before + 1);
    assertThat(desk.derived().findings()).noneMatch(it -> it.id().endsWith(kept.id() + ".size"));
    Slices.Origin smaller = new Slices.Origin("Bell", "s2", slices.origin().perUnit() / 1.1);
    fx(
        () ->
            desk.perform(
                PartEdits.change(
                    kept.id(),
                    "as it was sliced at a smaller size",
                    it -> it.withShape(new Slices(smaller, slices.layers(), 9)))));
    settled();
    assertThat(desk.derived().findings())
        .anyMatch(
            it ->
                it.id().endsWith(kept.id() + ".size")
                    && it.why().startsWith("Its model is 10 % larger"));
  }
}
