package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.BiConsumer;
import javafx.animation.PauseTransition;
import javafx.application.ColorScheme;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.layout.StackPane;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.util.Duration;
import stoutblade.derive.Reckoner;
import stoutblade.desktop.print.SystemPrinters;
import stoutblade.desktop.texts.Texts;
import stoutblade.formats.Autosave;
import stoutblade.formats.Document;
import stoutblade.formats.OpenFiles;

/** A window with a project on its desk. */
final class ProjectWindow {

  private static final double WIDE = 1280;
  private static final double HIGH = 800;
  private static final double LEAST_WIDE = 1000;
  private static final double LEAST_HIGH = 640;

  /** What a window manager puts round a window, at most, where it does not say. */
  private static final double FRAME = 40;

  /** So long the cover stands before the window is shown with nothing in it yet. */
  private static final Duration PATIENCE = Duration.seconds(2);

  private final Stage stage;
  private final Scene scene;
  private final Workbench bench;
  private final Optional<Keeper> keeper;
  private final Optional<Path> memory;
  private boolean dark;

  ProjectWindow(
      Stage stage,
      Clock clock,
      Reckoner reckoner,
      Document document,
      Optional<Autosave> autosave,
      OpenFiles files,
      Optional<Path> memory,
      BiConsumer<Workbench, Autosave.Left> restore) {
    this.stage = stage;
    this.memory = memory;
    Optional<Remembered> before = memory.flatMap(Remembered::read);
    this.dark = before.map(Remembered::dark).orElseGet(ProjectWindow::systemIsDark);
    this.keeper =
        autosave.map(
            it -> new Keeper(it, fault -> Platform.runLater(() -> bench().desk().kept(fault))));
    Desk desk = new Desk(reckoner, clock, keeper, document, Deriver.besideWindow());
    if (keeper.isEmpty()) {
      desk.kept(Optional.of(Texts.WINDOW.of("not-autosaved")));
    }
    this.bench =
        new Workbench(
            desk,
            new SystemDialogs(stage),
            new SystemPrinters(prints()),
            new Workbench.Home(Autosave.stateHome(), files),
            left -> restore.accept(bench(), left),
            this::switchTheme);
    before.map(Remembered::units).ifPresent(desk.unitsProperty()::set);
    before.map(Remembered::guided).ifPresent(desk.guidedProperty()::set);
    Rectangle2D room = Screen.getPrimary().getVisualBounds();
    this.scene =
        new Scene(
            bench.root(),
            Math.min(before.map(Remembered::wide).orElse(WIDE), room.getWidth()),
            Math.min(before.map(Remembered::high).orElse(HIGH), room.getHeight() - FRAME));
    before.ifPresent(
        it -> {
          stage.setX(it.left());
          stage.setY(it.top());
        });
    Theme.dress(scene, dark);
  }

  private static boolean systemIsDark() {
    return Platform.getPreferences().getColorScheme() == ColorScheme.DARK;
  }

  /** What the next window opens like. */
  private void remember() {
    memory.ifPresent(
        it ->
            new Remembered(
                    scene.getWidth(),
                    scene.getHeight(),
                    stage.getX(),
                    stage.getY(),
                    dark,
                    bench.desk().units(),
                    bench.desk().guidedProperty().get())
                .write(it));
  }

  /** What is seen of a window before there is anything in it: the bench, and whose it is. */
  static void cover(Stage stage) {
    Rectangle2D room = Screen.getPrimary().getVisualBounds();
    Label name = new Label(Texts.WINDOW.of("stout-blade"));
    name.getStyleClass().add(Style.COVER);
    StackPane bench = new StackPane(name);
    bench.getStyleClass().add(Style.BENCH);
    Scene cover =
        new Scene(bench, Math.min(WIDE, room.getWidth()), Math.min(HIGH, room.getHeight() - FRAME));
    Theme.dress(cover, systemIsDark());
    stage.setTitle(Texts.WINDOW.of("stout-blade"));
    icon(stage);
    stage.setScene(cover);
    stage.show();
  }

  private void title() {
    stage.setTitle(Texts.WINDOW.of("window-title", bench.desk().project().name()));
  }

  private static void icon(Stage stage) {
    if (stage.getIcons().isEmpty()) {
      stage
          .getIcons()
          .add(new Image(ProjectWindow.class.getResource("stoutblade.png").toExternalForm()));
    }
  }

  private static Path prints() {
    return Path.of(System.getProperty("user.home"), "stoutblade-prints");
  }

  Workbench bench() {
    return bench;
  }

  Scene scene() {
    return scene;
  }

  /**
   * Shows it with what is asked for, once that is read and worked out; meanwhile it is made ready
   * behind the cover. Where it cannot be opened the window is shown without it, and says why.
   *
   * @param then done once it is shown
   */
  void show(Optional<CompletableFuture<ProjectFiles.Read>> asked, Runnable then) {
    if (asked.isEmpty()) {
      show();
      then.run();
      return;
    }
    bench.root().applyCss();
    bench.root().layout();
    boolean[] read = {false};
    boolean[] there = {false};
    Runnable shown =
        () -> {
          show();
          if (!there[0]) {
            there[0] = true;
            then.run();
          }
        };
    bench
        .tasks()
        .start(
            Texts.WINDOW.of("opening"),
            progress -> Opening.await(asked.get()),
            it -> {
              read[0] = true;
              bench.files().opened(it, shown);
            },
            () -> {
              if (!read[0]) {
                shown.run();
              }
            });
    // What takes long can be seen, and stopped.
    PauseTransition patience = new PauseTransition(PATIENCE);
    patience.setOnFinished(event -> show());
    patience.play();
  }

  /** Shows it, wholly on the screen however small that is. */
  void show() {
    if (stage.getScene() == scene) {
      return;
    }
    Rectangle2D room = Screen.getPrimary().getVisualBounds();
    title();
    bench.desk().derivedProperty().addListener(it -> title());
    icon(stage);
    stage.setScene(scene);
    stage.setMinWidth(Math.min(LEAST_WIDE, room.getWidth()));
    stage.setMinHeight(Math.min(LEAST_HIGH, room.getHeight() - FRAME));
    stage.setOnCloseRequest(
        event -> {
          event.consume();
          leave();
        });
    stage.show();
    within(room);
    // A window manager may say only later what it made of it.
    Platform.runLater(() -> within(room));
    bench.focusMat();
  }

  /** A window manager may have put it partly off the screen, or its frame made it larger. */
  private void within(Rectangle2D room) {
    if (stage.getWidth() > room.getWidth()) {
      stage.setWidth(room.getWidth());
    }
    if (stage.getHeight() > room.getHeight()) {
      stage.setHeight(room.getHeight());
    }
    stage.setX(Math.clamp(stage.getX(), room.getMinX(), room.getMaxX() - stage.getWidth()));
    stage.setY(Math.clamp(stage.getY(), room.getMinY(), room.getMaxY() - stage.getHeight()));
  }

  /** Closes it, after asking what to do with edits that are not saved. */
  void leave() {
    bench.files().leaving(stage::close);
  }

  private void switchTheme() {
    dark = !dark;
    Theme.dress(scene, dark);
  }

  /** Ends what runs for it; nothing is left behind. */
  void close() {
    remember();
    bench.stop();
    keeper.ifPresent(
        it -> {
          try {
            it.close();
          } catch (IOException e) {
            // What is left is offered at the next start.
            return;
          }
        });
  }
}
