package stoutblade.desktop;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import stoutblade.formats.Autosave;

/**
 * The application. Arguments: {@code demo}, or a project file, or nothing; {@code --walk DIR}
 * visits every station, writes a picture of each and the exports to the folder, and ends.
 */
public class App extends Application {

  private static CompletableFuture<Opening> begun = new CompletableFuture<>();
  private static Optional<CompletableFuture<ProjectFiles.Read>> asked = Optional.empty();

  private Optional<Windows> windows = Optional.empty();

  /** Begins to make ready what the window opens with. */
  static void begin(String... arguments) {
    begun = Opening.begin(List.of(arguments));
    asked = Opening.asked(List.of(arguments));
  }

  /** Shows a window at once; what it opens with comes when it is worked out. */
  @Override
  public final void start(Stage stage) {
    Theme.loadFonts();
    ProjectWindow.cover(stage);
    var unused = begun.whenComplete((opening, fault) -> Platform.runLater(() -> open(stage)));
  }

  private void open(Stage stage) {
    try {
      open(stage, Opening.await(begun));
    } catch (IOException | RuntimeException e) {
      // Nothing can be shown: said where whoever started it sees it.
      System.err.println("Stout Blade cannot open: " + e.getMessage());
      Platform.exit();
    }
  }

  /** Called once the first window is there, for what watches it. */
  protected void opened(Stage stage) throws IOException {}

  private void open(Stage stage, Opening opening) {
    Clock clock = Clock.system(ZoneId.systemDefault());
    Optional<Path> walk = Optional.ofNullable(getParameters().getNamed().get("walk")).map(Path::of);
    Windows all =
        new Windows(
            clock,
            opening.autosaves(),
            Autosave.stateHome(),
            walk.isPresent() ? Optional.empty() : Optional.of(Autosave.stateHome()));
    windows = Optional.of(all);
    ProjectWindow first = all.first(stage, opening.reckoner(), opening.document(), opening.said());
    first.bench().offer(opening.left());
    first.show(asked, () -> shown(stage, first, walk));
  }

  private void shown(Stage stage, ProjectWindow first, Optional<Path> walk) {
    walk.ifPresent(it -> new Walk(first.bench(), first.scene(), it).start());
    try {
      opened(stage);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The window that was opened first, for what watches it. */
  protected final Workbench first() {
    return windows.orElseThrow().opened();
  }

  @Override
  public void stop() {
    windows.ifPresent(Windows::close);
  }
}
