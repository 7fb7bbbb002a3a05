package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.demo.Demo;
import stoutblade.formats.Autosave;
import stoutblade.formats.Document;
import stoutblade.formats.ProjectFile;

/** The application as it starts, in a process of its own. */
class AppTest {

  @TempDir private Path folder;

  /** Starts it, says what there is, presses what it is told to, and ends. */
  static final class Started {

    private Started() {}

    /** Takes what is to be opened, or nothing, and the word of a button to press, or nothing. */
    public static void main(String[] arguments) {
      press = arguments.length < 2 ? "" : arguments[1];
      boolean opens = arguments.length > 0 && !arguments[0].isEmpty();
      Launcher.start(Watched.class, opens ? new String[] {arguments[0]} : new String[0]);
    }

    private static String press = "";
  }

  /** The application, watched for some frames. */
  public static final class Watched extends App {

    @Override
    protected void opened(Stage stage) throws IOException {
      super.opened(stage);
      new AnimationTimer() {
        private int frames;

        @Override
        public void handle(long now) {
          frames++;
          if (frames == 10) {
            bounds(stage);
            press(stage);
          } else if (frames == (Started.press.isEmpty() ? 150 : 900)) {
            say();
            Platform.exit();
          }
        }
      }.start();
    }

    private static void bounds(Stage stage) {
      Rectangle2D room = Screen.getPrimary().getVisualBounds();
      boolean within =
          stage.getX() >= room.getMinX() - 1
              && stage.getY() >= room.getMinY() - 1
              && stage.getX() + stage.getWidth() <= room.getMaxX() + 1
              && stage.getY() + stage.getHeight() <= room.getMaxY() + 1;
      System.out.println(
          "on the screen: "
              + within
              + " of "
              + room
              + ": "
              + stage.getX()
              + ", "
              + stage.getY()
              + ", "
              + stage.getWidth()
              + " by "
              + stage.getHeight());
    }

    private static void press(Stage stage) {
      stage.getScene().getRoot().lookupAll(".button").stream()
          .filter(it -> it instanceof Button button && button.getText().equals(Started.press))
          .findFirst()
          .ifPresent(it -> ((Button) it).fire());
    }

    private static void say() {
      for (Window window : Window.getWindows()) {
        System.out.println("window");
        window.getScene().getRoot().lookupAll(".label").stream()
            .filter(it -> it instanceof Label)
            .map(it -> ((Label) it).getText())
            .filter(it -> it != null && !it.isBlank())
            .forEach(it -> System.out.println("says: " + it.replace('\n', ' ')));
      }
    }
  }

  /**
   * Starts it.
   *
   * @param words what is to be opened, and the word of a button to press; either may be left out
   */
  private List<String> started(Path autosaves, List<String> options, String... words)
      throws IOException, InterruptedException {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(options);
    command.addAll(
        List.of(
            "-XX:TieredStopAtLevel=1",
            "-Xmx512m",
            "-Dprism.order=sw",
            "-Dstoutblade.autosaves=" + autosaves,
            "-cp",
            System.getProperty("java.class.path"),
            Started.class.getName()));
    command.addAll(List.of(words));
    ProcessBuilder builder = new ProcessBuilder(command);
    builder.environment().put("XDG_STATE_HOME", folder.resolve("state").toString());
    builder.environment().put("XDG_CONFIG_HOME", folder.resolve("config").toString());
    Process process = builder.redirectError(ProcessBuilder.Redirect.DISCARD).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor(240, TimeUnit.SECONDS)).isTrue();
    return said.lines().toList();
  }

  @ParameterizedTest
  @ValueSource(strings = {"100%", "150%", "200%"})
  void the_window_opens_wholly_on_the_screen(String scale)
      throws IOException, InterruptedException {
    List<String> said =
        started(folder.resolve("autosaves"), List.of("-Dglass.gtk.uiScale=" + scale));

    assertThat(said).anyMatch(it -> it.startsWith("on the screen: true of "));
  }

  /** What a dead program left is restored into a window of its own, and is in nobody's way. */
  @Test
  void what_was_left_opens_beside_and_its_folder_goes_on_being_used()
      throws IOException, InterruptedException {
    Path autosaves = folder.resolve("autosaves");
    Path left = left(autosaves, "Left behind");

    List<String> said = started(autosaves, List.of(), "", "Restore");

    assertThat(said).contains("says: Left behind");
    assertThat(left).as("its window was closed by the end of the program").doesNotExist();
  }

  @Test
  void a_file_that_is_named_is_there_when_the_window_is_and_one_that_is_not_is_said()
      throws IOException, InterruptedException {
    Document demo = Demo.open(TestDesk.now());
    Path file = folder.resolve("quay.stout");
    ProjectFile.write(file, demo);
    assertThat(started(folder.resolve("autosaves"), List.of(), file.toString()))
        .contains("says: Osiermouth Lantern Walk");
    String none = folder.resolve("none.stout").toString();
    assertThat(started(folder.resolve("autosaves"), List.of(), none))
        .contains("window")
        .anyMatch(it -> it.contains("none.stout"));
  }

  @Test
  void a_window_opens_though_nothing_around_it_is_as_it_should_be()
      throws IOException, InterruptedException {
    Path file = Files.writeString(folder.resolve("file"), "no folder");
    Path own = Files.createDirectories(folder.resolve("config").resolve("stoutblade"));
    Files.writeString(own.resolve("catalogue.json"), "{\"foams\": 7}");
    Files.createDirectories(folder.resolve("state"));
    Files.writeString(folder.resolve("state").resolve("stoutblade"), "no folder either");

    List<String> said = started(file.resolve("autosave"), List.of());

    assertThat(said).contains("window");
    assertThat(said).anyMatch(it -> it.contains("Your own catalogue is left out"));
    assertThat(said).anyMatch(it -> it.contains("Edits are not autosaved"));
  }

  private Path left(Path autosaves, String name) throws IOException {
    Document demo = Demo.open(TestDesk.now());
    Path copy = Files.createDirectories(autosaves.resolve("dead"));
    try (Autosave autosave = Autosave.begin(folder.resolve("other"))) {
      autosave.write(demo.with(demo.project().withName(name)), Optional.empty());
      try (Stream<Path> files = Files.list(autosave.folder())) {
        for (Path file : files.toList()) {
          Files.copy(file, copy.resolve(file.getFileName()));
        }
      }
    }
    return copy;
  }
}
