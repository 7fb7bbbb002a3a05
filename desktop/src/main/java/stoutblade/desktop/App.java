package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import stoutblade.cli.ProjectSource;
import stoutblade.formats.Autosave;

/**
 * The application. Arguments: {@code demo}, or a project file, or nothing; {@code --walk DIR}
 * visits every station, writes a picture of each and the exports to the folder, and ends.
 */
public class App extends Application {

  private static CompletableFuture<Opening> begun = new CompletableFuture<>();

  private boolean dark;
  private Keeper keeper;

  /** Begins to make ready what the window opens with. */
  static void begin(String... arguments) {
    begun = Opening.begin(List.of(arguments));
  }

  @Override
  public void start(Stage stage) throws IOException {
    Clock clock = Clock.system(ZoneId.systemDefault());
    List<String> named = getParameters().getUnnamed();
    Optional<Path> walk = Optional.ofNullable(getParameters().getNamed().get("walk")).map(Path::of);
    Theme.loadFonts();
    Opening opening = Opening.await(begun);
    Workbench[] bench = new Workbench[1];
    keeper =
        new Keeper(
            Autosave.begin(opening.autosaves()),
            words -> Platform.runLater(() -> bench[0].desk().say(words)));
    Desk desk = new Desk(opening.reckoner(), clock, Optional.of(keeper), opening.document());
    Scene[] scene = new Scene[1];
    bench[0] =
        new Workbench(
            desk,
            new SystemDialogs(stage),
            new SimulatedPrinter(prints()),
            Autosave.stateHome(),
            () -> switchTheme(scene[0]));
    scene[0] = new Scene(bench[0].root(), 1280, 800);
    Theme.dress(scene[0], dark);
    stage.setTitle("Stout Blade");
    stage.setScene(scene[0]);
    stage.setMinWidth(1000);
    stage.setMinHeight(640);
    stage.setOnCloseRequest(
        event -> {
          event.consume();
          bench[0].leaving(stage::close);
        });
    stage.show();
    bench[0].focusMat();
    bench[0].showPictures();
    opening.left().stream().findFirst().ifPresent(bench[0]::offer);
    if (walk.isPresent()) {
      new Walk(bench[0], scene[0], walk.get()).start();
    } else if (!named.isEmpty() && !named.contains(ProjectSource.DEMO)) {
      bench[0].open(Path.of(named.getFirst()));
    }
  }

  private void switchTheme(Scene scene) {
    dark = !dark;
    Theme.dress(scene, dark);
  }

  private static Path prints() {
    return Path.of(System.getProperty("user.home"), "stoutblade-prints");
  }

  @Override
  public void stop() throws IOException {
    if (keeper != null) {
      keeper.close();
    }
  }
}
