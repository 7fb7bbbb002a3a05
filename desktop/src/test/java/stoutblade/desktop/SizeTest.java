package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.WritableImage;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.measure.Figure;
import stoutblade.project.First;
import stoutblade.project.Prop;
import stoutblade.project.Station;
import stoutblade.reference.Camera;
import stoutblade.reference.Reference;
import stoutblade.shape.Point;
import stoutblade.wearer.BodyMeasure;

/** What a user does at the Size station, in a real window. */
class SizeTest extends InWindow {

  @Start
  void start(Stage stage) {
    open(stage);
  }

  private Reference picture1() {
    return desk.project().first().size().references().getFirst();
  }

  private double perPixel() {
    return desk.derived().first().sizing().pictures().get("p1").perPixel().orElseThrow();
  }

  /** A place on the demo's picture as it lies on the mat. */
  private Point onMat(double x, double y) {
    double mm = perPixel();
    return new Point((x - 510) * mm, (1348 - y) * mm);
  }

  private Figure figure(String id) {
    return desk.derived().figures().get(Station.SIZE).stream()
        .filter(it -> it.id().equals(Prop.FIRST + "/" + id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void saying_how_the_picture_was_taken_straightens_it_and_makes_it_surer(FxRobot robot) {
    openDemo();
    robot.clickOn("#how-taken");
    choose(robot, "#camera-kind", Camera.Kind.FLAT);
    until(() -> picture1().camera().kind() == Camera.Kind.FLAT);
    double flat = figure("size.p1.whole.made").value();

    choose(robot, "#camera-kind", Camera.Kind.UNKNOWN);
    until(() -> robot.lookup("#finding-size-p1-camera").tryQuery().isPresent());
    double unknown = figure("size.p1.whole.made").uncertainty().std();

    type(robot, "#camera-height", "130 cm");
    type(robot, "#camera-focal", "97");
    until(() -> picture1().camera().focal().isPresent());
    Figure known = figure("size.p1.whole.made");
    assertThat(picture1().camera().height().orElseThrow().value()).isEqualTo(1300);
    assertThat(known.uncertainty().std()).isLessThan(unknown);
    assertThat(known.value()).isNotCloseTo(flat, within(0.5));

    robot.clickOn("#camera-upright");
    drag(robot, "#size-mat", onMat(330, 1000), onMat(330, 700));
    until(() -> picture1().camera().uprights().size() == 1);
    robot.clickOn("#camera-forget");
    until(() -> picture1().camera().uprights().isEmpty());
  }

  @Test
  void three_ways_to_a_scale_and_the_odd_one_is_seen_and_set_aside(FxRobot robot) {
    openDemo();
    until(() -> robot.lookup("#agreement").query().isVisible());
    Label title = robot.lookup("#agreement .agreement-title").queryAs(Label.class);
    assertThat(title.getText()).startsWith("Rulers agree");
    double before = figure("size.p1.scale").uncertainty().std();

    // A third ruler that cannot be right: 60 px of the wall said to be a door's height.
    robot.push(KeyCode.K);
    drag(robot, "#size-mat", onMat(250, 700), onMat(250, 900));
    until(() -> picture1().rulers().size() == 3);
    type(robot, "#ruler-name", "Plank");
    type(robot, "#ruler-length", "45 cm");
    type(robot, "#ruler-length-std", "2 mm");

    until(() -> robot.lookup("#finding-size-p1-disagree-r3").tryQuery().isPresent());
    assertThat(picture1().ruler("r3").orElseThrow().name()).isEqualTo("Plank");
    assertThat(figure("size.p1.r3.gap").value()).isPositive();
    assertThat(figure("size.p1.scale").uncertainty().std()).isGreaterThan(before);

    robot.clickOn("Set 'Plank' aside");

    until(() -> robot.lookup("#finding-size-p1-disagree-r3").tryQuery().isEmpty());
    assertThat(figure("size.p1.scale").uncertainty().std()).isCloseTo(before, within(1e-12));
  }

  @Test
  void a_tool_that_is_up_says_how_it_is_used_and_nothing_that_is_said_lies_over_the_strip(
      FxRobot robot) {
    openDemo();
    robot.push(KeyCode.A);
    assertThat(robot.lookup("#how").queryAs(Label.class).getText()).contains("four corners");
    robot.push(KeyCode.ESCAPE);
    until(() -> robot.lookup("#how").tryQuery().isEmpty());

    fx(
        () -> {
          desk.say("Something is said. ".repeat(12));
          return true;
        });
    for (String card : List.of("#card-p4", "#card-s1", "#card-s2", "#card-wearer")) {
      robot.clickOn(card);
      until(
          () ->
              robot.lookup(card).query().getPseudoClassStates().stream()
                  .anyMatch(it -> it.getPseudoClassName().equals("current")));
    }
  }

  @Test
  void the_sizing_rule_is_changed_as_one_edit_and_the_blade_follows(FxRobot robot) {
    openDemo();
    robot.clickOn("#card-wearer");
    type(robot, "#character-height", "1.9 m");
    double trueLength = figure("size.whole").value();
    double blade = First.sizes(desk.derived()).length().value();
    int edits = desk.history().states().size();

    robot.clickOn("#in-proportion");

    until(() -> figure("size.factor").value() < 1);
    assertThat(desk.history().states()).hasSize(edits + 1);
    assertThat(desk.history().undoable().orElseThrow()).startsWith("Size of the prop × 0.9");
    assertThat(figure("size.whole").value()).isCloseTo(trueLength * 1740 / 1900, within(1e-6));
    assertThat(First.sizes(desk.derived()).length().value())
        .isCloseTo(blade * 1740 / 1900, within(1e-6));

    type(robot, "#target-length", "2 m");
    until(() -> Math.abs(figure("size.whole").value() - 2000) < 1e-6);
    robot.clickOn("#true-size");
    until(() -> Math.abs(figure("size.whole").value() - trueLength) < 1e-6);
  }

  @Test
  void an_outline_is_opened_from_svg_drafted_and_given_a_bevel(FxRobot robot) throws IOException {
    Path file =
        Files.writeString(
            folder.resolve("leaf.svg"),
            "<svg width='200mm' height='500mm' viewBox='0 0 200 500'>"
                + "<path d='M80 500 L60 300 C60 200 80 60 100 0 C120 60 140 200 140 300 L120 500 z'/>"
                + "<text>Leaf</text></svg>");
    when(dialogs.openLines()).thenReturn(Optional.of(file));
    command(robot, "outline, svg");
    until(() -> desk.project().first().size().tracings().size() == 1);
    assertThat(desk.noticeProperty().get()).contains("1 outline").contains("not read: text");
    assertThat(desk.project().first().size().tracings().getFirst().name()).isEqualTo("leaf");

    robot.clickOn("#outline-draft");
    until(() -> desk.stationProperty().get() == Station.DRAFT);
    assertThat(First.sizes(desk.derived()).length().value()).isCloseTo(500, within(0.3));
    assertThat(First.sizes(desk.derived()).width().value()).isCloseTo(80, within(0.3));
    go(robot, Station.LAYERS);
    type(robot, "#bevel", "15 mm");
    until(() -> First.layers(desk.derived()).orElseThrow().bevelWidth().value() == 15);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    until(() -> desk.project().first().size().tracings().isEmpty());
  }

  @Test
  void a_model_is_opened_sized_turned_and_its_outline_drafted(FxRobot robot) throws IOException {
    Path file = Files.writeString(folder.resolve("paddle.obj"), paddle());
    when(dialogs.openModel()).thenReturn(Optional.of(file));
    command(robot, "model");
    until(() -> desk.project().first().size().models().size() == 1);
    settled();
    until(() -> robot.lookup("#finding-size-s1-unit").tryQuery().isPresent());

    robot.clickOn("1 unit is 1 m");
    until(() -> desk.derived().first().sizing().wholeLength().isPresent());
    assertThat(figure("size.s1.height").value()).isCloseTo(1200, within(0.1));
    settled();
    assertThat(robot.lookup("#model-health").queryAs(Label.class).getText()).contains("sound");

    robot.clickOn("#view-side");
    settled();
    robot.clickOn("#view-front");
    robot.clickOn("#model-draft");

    until(() -> desk.stationProperty().get() == Station.DRAFT);
    assertThat(desk.project().first().size().tracings()).hasSize(1);
    assertThat(First.sizes(desk.derived()).length().value()).isCloseTo(1200, within(1.0));
    assertThat(First.sizes(desk.derived()).width().value()).isCloseTo(240, within(1.0));
  }

  /** A flat paddle 1.2 m long, 24 cm wide at the head and 2 cm thick. */
  private static String paddle() {
    double[][] half = {{0.03, 0}, {0.03, 0.7}, {0.12, 0.8}, {0.12, 1.1}, {0.05, 1.2}};
    StringBuilder text = new StringBuilder();
    int n = 2 * half.length;
    for (double z : new double[] {0.01, -0.01}) {
      for (double[] it : half) {
        text.append("v ")
            .append(it[0])
            .append(' ')
            .append(it[1])
            .append(' ')
            .append(z)
            .append('\n');
      }
      for (int i = half.length - 1; i >= 0; i--) {
        text.append("v ").append(-half[i][0]).append(' ').append(half[i][1]).append(' ').append(z);
        text.append('\n');
      }
    }
    for (int i = 1; i < half.length; i++) {
      int mirror = n + 1 - i;
      text.append("f ").append(i).append(' ').append(i + 1).append(' ').append(mirror - 1);
      text.append(' ').append(mirror).append('\n');
      text.append("f ").append(n + mirror).append(' ').append(n + mirror - 1).append(' ');
      text.append(n + i + 1).append(' ').append(n + i).append('\n');
    }
    for (int i = 1; i <= n; i++) {
      int next = i % n + 1;
      text.append("f ").append(next).append(' ').append(i).append(' ').append(n + i).append(' ');
      text.append(n + next).append('\n');
    }
    return text.toString();
  }

  @Test
  void a_photographed_paper_pattern_is_flattened_traced_and_kept(FxRobot robot) throws IOException {
    Path file = folder.resolve("pattern.jpg");
    try (var in = stoutblade.demo.Demo.class.getResourceAsStream(stoutblade.demo.Demo.PATTERN)) {
      Files.copy(in, file);
    }
    fx(
        () -> {
          bench.openPaper(file);
          return true;
        });
    until(() -> robot.lookup("#trace-mat").tryQuery().isPresent());
    settled();
    until(() -> robot.lookup("#trace-found").queryAs(Label.class).getText().contains("nodes"));
    assertThat(robot.lookup("#trace-found").queryAs(Label.class).getText())
        .contains("14 markers miss their places");
    type(robot, "#trace-name", "Leaf from paper");

    robot.clickOn("#trace-draft");

    until(() -> desk.stationProperty().get() == Station.DRAFT);
    assertThat(desk.project().first().size().tracings().getFirst().name())
        .isEqualTo("Leaf from paper");
    assertThat(desk.project().first().size().tracings().getFirst().nodes()).isLessThan(60);
    assertThat(First.sizes(desk.derived()).length().value()).isCloseTo(300, within(1.0));
  }

  @Test
  void a_region_of_a_picture_is_traced_only_once_it_has_a_scale(FxRobot robot) throws IOException {
    openDemo();
    robot.push(KeyCode.T);
    drag(robot, "#size-mat", onMat(740, 130), onMat(890, 500));
    until(() -> robot.lookup("#trace-mat").tryQuery().isPresent());
    settled();
    robot.clickOn("#trace-light");
    settled();
    robot.push(KeyCode.ESCAPE);
    until(() -> robot.lookup("#size-mat").tryQuery().isPresent());
    assertThat(desk.project().first().size().tracings()).isEmpty();
  }

  @Test
  void a_picture_is_turned_levelled_cropped_brightened_named_and_removed(FxRobot robot) {
    openDemo();
    lay(robot, "Turn by a quarter");
    until(() -> picture1().dressing().quarterTurns() == 1);
    lay(robot, "Brighter");
    until(() -> picture1().dressing().brightness() > 0);
    settled();
    type(robot, "#picture-name", "Front");
    assertThat(picture1().name()).isEqualTo("Front");
    type(robot, "#lens-distance", "6.1 m");
    assertThat(picture1().distance().orElseThrow().value()).isEqualTo(6100);
    assertThat(picture1().distance().orElseThrow().std()).isEqualTo(400);
    lay(robot, "Remove it");
    until(() -> desk.project().first().size().references().size() == 3);
    assertThat(picture1().id()).isEqualTo("p2");
  }

  private static void lay(FxRobot robot, String words) {
    robot.clickOn("#lay-picture");
    robot.clickOn(words);
  }

  @Test
  void several_pictures_are_moved_between_on_the_strip(FxRobot robot) throws IOException {
    openDemo();
    Path more = picture();
    fx(
        () -> {
          bench.openPicture(more);
          return true;
        });
    until(() -> desk.project().first().size().references().size() == 5);
    until(() -> current(robot, "p5"));
    robot.push(KeyCode.OPEN_BRACKET);
    until(() -> current(robot, "p4"));
    robot.clickOn("#card-p1");
    until(() -> current(robot, "p1"));
  }

  private static boolean current(FxRobot robot, String id) {
    return robot
        .lookup("#card-" + id)
        .tryQuery()
        .filter(it -> it.getPseudoClassStates().toString().contains("current"))
        .isPresent();
  }

  @Test
  void what_is_on_the_clipboard_is_pasted_as_a_picture(FxRobot robot) {
    openDemo();
    fx(
        () -> {
          ClipboardContent content = new ClipboardContent();
          content.putImage(new WritableImage(120, 80));
          return Clipboard.getSystemClipboard().setContent(content);
        });
    robot.push(KeyCode.CONTROL, KeyCode.V);
    until(() -> desk.project().first().size().references().size() == 5);
    Reference pasted = desk.project().first().size().references().getLast();
    assertThat(pasted.picture().widthPx()).isEqualTo(120);
    assertThat(pasted.name()).isEqualTo("From the clipboard");
    until(() -> current(robot, "p5"));
  }

  @Test
  void a_file_on_the_clipboard_is_opened_by_its_ending(FxRobot robot) throws IOException {
    openDemo();
    Path file = Files.writeString(folder.resolve("dropped.obj"), paddle());
    fx(
        () -> {
          ClipboardContent content = new ClipboardContent();
          content.putFiles(List.of(file.toFile()));
          return Clipboard.getSystemClipboard().setContent(content);
        });
    robot.push(KeyCode.CONTROL, KeyCode.V);
    until(() -> desk.project().first().size().models().size() == 3);
    assertThat(desk.project().first().size().models().getLast().name()).isEqualTo("dropped");
  }

  @Test
  void a_change_of_size_says_what_does_not_follow(FxRobot robot) {
    openDemo();
    robot.clickOn("#card-wearer");
    type(robot, "#target-length", "1.2 m");

    until(() -> desk.noticeProperty().get().startsWith("The whole prop is now 0.6"));
    assertThat(desk.noticeProperty().get())
        .contains("the foam stays 10 mm")
        .contains("pages instead of")
        .contains("new at Draft");
  }

  @Test
  void a_model_is_cut_along_a_line(FxRobot robot) {
    openDemo();
    settled();
    robot.clickOn("#card-s1");
    until(() -> robot.lookup("#model-mat").tryQuery().isPresent());
    settled();
    robot.clickOn("#model-cut");
    drag(robot, "#model-mat", new Point(-150, 1480), new Point(150, 1480));

    assertThat(robot.lookup("#model-cut").queryAs(ToggleButton.class).isSelected()).isTrue();
    assertThat(desk.besideProperty().get().stream().map(Figure::id))
        .contains("size.s1.cut.wide", "size.s1.cut.thick", "size.s1.cut.area");
    assertThat(desk.history().undoable()).as("looking changes nothing").isEmpty();
  }

  @Test
  void wearers_are_kept_and_measured(FxRobot robot) {
    openDemo();
    robot.clickOn("#card-wearer");
    double estimate = figure("wearer.hand-length").value();
    assertThat(figure("wearer.hand-length").label()).contains("estimate");
    robot.clickOn("#wearer-measures");
    type(robot, "#measure-hand-length", "19 cm");
    until(() -> First.wearer(desk.project()).measured().containsKey(BodyMeasure.HAND_LENGTH));
    assertThat(figure("wearer.hand-length").value()).isEqualTo(190).isNotEqualTo(estimate);
    fx(
        () -> {
          robot.lookup("#add-wearer").queryButton().fire();
          return true;
        });
    until(() -> desk.project().wearers().kept().size() == 3);
    assertThat(First.wearer(desk.project()).name()).isEqualTo("Wearer 3");
  }

  @Test
  void what_does_not_fit_is_said_at_the_figure_and_mended(FxRobot robot) {
    openDemo();
    robot.clickOn("#card-wearer");
    robot.clickOn("#carry-lengths");
    type(robot, "#carry-grip-diameter", "62 mm");
    until(() -> desk.project().first().size().carry().gripDiameterMm().isPresent());
    robot.push(KeyCode.ESCAPE);
    until(() -> robot.lookup("#finding-size-fit-grip").tryQuery().isPresent());

    robot.clickOn(robot.lookup("#finding-size-fit-grip .button").queryButton());

    until(() -> robot.lookup("#finding-size-fit-grip").tryQuery().isEmpty());
    assertThat(desk.project().first().size().carry().gripDiameterMm().orElseThrow()).isLessThan(51);
    for (String pose : new String[] {"hanging", "back", "arm", "upright"}) {
      robot.clickOn("#pose-" + pose);
      until(() -> robot.lookup("#pose-" + pose).queryAs(ToggleButton.class).isSelected());
    }
  }

  @Test
  void it_is_held_up_at_real_size_and_paper_is_printed_first(FxRobot robot) throws IOException {
    openDemo();
    robot.clickOn("#card-wearer");
    robot.clickOn("#first-papers");
    robot.clickOn("Test strip, as long as the prop");
    until(() -> desk.noticeProperty().get().contains("test-strip"));
    assertThat(printer.template())
        .matches(it -> it.id().equals("test-strip") && it.box().height() > 1850);
    assertThat(printer.printed.getLast()).startsWith("reedcutter");
    robot.clickOn("#hold-up");
    until(() -> robot.lookup("#hold-mat").tryQuery().isPresent());
    robot.push(KeyCode.ESCAPE);
    until(() -> robot.lookup("#fit-mat").tryQuery().isPresent());
  }
}
