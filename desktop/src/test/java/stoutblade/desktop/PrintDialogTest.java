package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import stoutblade.desktop.print.PrintDialog;
import stoutblade.desktop.print.Printer;
import stoutblade.desktop.print.Printing;
import stoutblade.desktop.print.SavedAsPdf;
import stoutblade.project.First;
import stoutblade.template.Paper;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/** The window that asks how something is printed. */
class PrintDialogTest extends InWindow {

  /** A printer with one kind of paper. */
  private record Only(Paper paper) implements Printer {

    @Override
    public String name() {
      return "small one";
    }

    @Override
    public boolean takes(Paper other) {
      return other == paper;
    }

    @Override
    public String print(Path pdf, Paper other, int copies) {
      return "printed";
    }
  }

  private final AtomicReference<Optional<Printing.Order>> answer = new AtomicReference<>();
  private Template template;

  @Start
  void start(Stage stage) {
    open(stage);
    openOn(stage);
  }

  private void openOn(Stage stage) {
    desk.open(TestDesk.walk(), Optional.empty());
    template = First.template(desk.derived()).orElseThrow();
    Printing what =
        new Printing(
            template.title(), Optional.of(template), Paper.A4, (folder, paper, letters) -> folder);
    Platform.runLater(
        () ->
            answer.set(
                new PrintDialog(stage, what, List.of(new Only(Paper.A4), new SavedAsPdf(folder)))
                    .showAndWait()));
  }

  @Test
  void its_pages_are_counted_and_a_paper_that_it_does_not_have_is_refused(FxRobot robot) {
    until(() -> robot.lookup("#print-pages").tryQuery().isPresent());
    assertThat(words(robot, "#print-pages"))
        .startsWith(Tiling.of(template, Paper.A4).tiles().size() + " page");
    assertThat(words(robot, "#print-guard")).contains("100 %");
    assertThat(robot.lookup("#print-now").queryAs(Button.class).isDisabled()).isFalse();

    ComboBox<Paper> paper = robot.lookup("#print-paper").queryComboBox();
    robot.interact(() -> paper.setValue(Paper.A3));
    assertThat(words(robot, "#print-guard")).contains("no A3").contains("shrink");
    assertThat(robot.lookup("#print-now").queryAs(Button.class).isDisabled()).isTrue();
    assertThat(words(robot, "#print-pages"))
        .startsWith(Tiling.of(template, Paper.A3).tiles().size() + " page");

    ComboBox<Printer> printer = robot.lookup("#printer").queryComboBox();
    robot.interact(() -> printer.setValue(printer.getItems().getLast()));
    robot.clickOn("#print-now");
    until(() -> answer.get() != null);
    assertThat(answer.get().orElseThrow().paper()).isEqualTo(Paper.A3);
    assertThat(answer.get().orElseThrow().printer().name()).contains("Save as PDF");
    assertThat(answer.get().orElseThrow().copies()).isEqualTo(1);
  }

  /** Page by page, and only those that were spoiled. */
  @Test
  void pages_are_turned_over_and_some_are_printed_again(FxRobot robot) {
    until(() -> robot.lookup("#print-which").tryQuery().isPresent());
    int all = Tiling.of(template, Paper.A4).tiles().size();
    assertThat(words(robot, "#print-which")).isEqualTo("all pages at once");
    fire(robot, "#print-next");
    assertThat(words(robot, "#print-which")).isEqualTo("page A, 1 of " + all);
    fire(robot, "#print-next");
    assertThat(words(robot, "#print-which")).isEqualTo("page B, 2 of " + all);
    fire(robot, "#print-before");
    fire(robot, "#print-before");
    assertThat(words(robot, "#print-which")).isEqualTo("all pages at once");
    fire(robot, "#print-before");
    assertThat(words(robot, "#print-which")).endsWith(all + " of " + all);

    TextField only = robot.lookup("#print-only").queryAs(TextField.class);
    robot.interact(() -> only.setText("\u202ez"));
    assertThat(only.getText()).as("without marks of direction").isEqualTo("z");
    assertThat(words(robot, "#print-pages")).startsWith("Pages go from A to ");
    assertThat(robot.lookup("#print-now").queryAs(Button.class).isDisabled()).isTrue();
    robot.interact(() -> only.setText("b, a"));
    assertThat(words(robot, "#print-pages")).isEqualTo("2 of " + all + " pages again");
    robot.clickOn("#print-now");
    until(() -> answer.get() != null);
    assertThat(answer.get().orElseThrow().letters()).containsExactly("A", "B");
  }

  @Test
  void cancel_prints_nothing(FxRobot robot) {
    until(() -> robot.lookup("#print-pages").tryQuery().isPresent());
    robot.clickOn("Cancel");
    until(() -> answer.get() != null);
    assertThat(answer.get()).isEmpty();
  }

  private static String words(FxRobot robot, String query) {
    return robot.lookup(query).queryAs(Label.class).getText();
  }
}
