package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.edit.PartEdits;
import stoutblade.edit.PropEdits;
import stoutblade.part.Part;
import stoutblade.project.Station;

/** Names are in any script, and no script may keep the window from being laid out. */
class WrappedTextTest extends InWindow {

  private static final String HEBREW = "חרב קצף ארוכה מאוד";
  private static final String ARABIC = "سيف الرغوة الكبير هنا";

  @Start
  void start(Stage stage) {
    open(stage);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        HEBREW,
        ARABIC,
        HEBREW + ": draw its outline first",
        "Weight of " + HEBREW + " and of " + ARABIC + " together",
        "A \u202eB, 12 mm thick and more",
        "\u200e\u200e" + HEBREW,
        "naïve ﬁne 剣の形 を切る 長い 名前 です 👩‍🚀 तलवार लंबी",
        ""
      })
  void text_of_any_script_wraps_at_any_width(String words, FxRobot robot) {
    List<Double> heights = new ArrayList<>();
    double[] one = {0};
    robot.interact(
        () -> {
          Label label = new Label("Sword");
          bench.root().getChildren().add(label);
          WrappedText.in(label);
          label.setText(words);
          label.applyCss();
          one[0] = label.prefHeight(-1);
          // The marks in front take no room: at its whole width it is as wide as the words.
          Text plain = new Text(words);
          plain.setFont(label.getFont());
          assertThat(label.prefWidth(-1))
              .isCloseTo(plain.getLayoutBounds().getWidth(), within(1.0));
          for (int width = 1; width < 500; width += 3) {
            label.resize(width, 20);
            heights.add(label.prefHeight(width));
          }
          bench.root().getChildren().remove(label);
        });

    assertThat(heights).allMatch(it -> it > 0);
    assertThat(heights.getLast()).isLessThan(2 * one[0]);
    assertThat(heights.getFirst() > 2 * one[0]).isEqualTo(words.length() > 1);
  }

  /** Words stay in their order; each line has those that there is room for, and no more. */
  @Test
  void a_name_from_right_to_left_is_broken_between_its_words(FxRobot robot) {
    robot.interact(
        () -> {
          Label label = new Label();
          bench.root().getChildren().add(label);
          WrappedText.in(label);
          label.setText(HEBREW);
          label.applyCss();
          Text ruler = new Text();
          ruler.setFont(label.getFont());
          for (double width : new double[] {60, 90, 400}) {
            label.resize(width, 60);
            List<String> lines = label.getText().replace("\u200e", "").lines().toList();
            assertThat(String.join(" ", lines)).isEqualTo(HEBREW);
            assertThat(lines).hasSizeGreaterThan(width > 300 ? 0 : 1);
            for (String line : lines) {
              ruler.setText(line);
              assertThat(ruler.getLayoutBounds().getWidth()).isLessThanOrEqualTo(width);
            }
          }
          assertThat(label.getText()).doesNotContain("\n");
          label.setText("Sword");
          label.resize(20, 60);
          assertThat(label.getText()).isEqualTo("Sword");
          bench.root().getChildren().remove(label);
        });
  }

  @Test
  void every_station_shows_names_that_run_from_right_to_left(FxRobot robot) {
    robot.interact(
        () -> {
          desk.perform(PropEdits.name(HEBREW));
          desk.prop().parts().stream()
              .map(Part::id)
              .forEach(id -> desk.perform(PartEdits.name(id, ARABIC + " " + id)));
        });
    settled();

    for (Station station : Station.values()) {
      robot.interact(() -> desk.goTo(station));
      settled();
    }

    assertThat(desk.prop().name()).isEqualTo(HEBREW);
    assertThat(desk.prop().parts()).allMatch(it -> it.name().startsWith(ARABIC));
  }
}
