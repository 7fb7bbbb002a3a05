package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.stage.Stage;
import stoutblade.catalogue.Catalogue;
import stoutblade.derive.Reckoner;
import stoutblade.desktop.texts.Texts;
import stoutblade.feature.Typeface;
import stoutblade.formats.Autosave;
import stoutblade.formats.Document;
import stoutblade.formats.OpenFiles;

/** The windows of this program, each with a project, an autosave and a history of its own. */
final class Windows {

  private final Clock clock;
  private final Path autosaves;
  private final OpenFiles files;
  private final Optional<Path> memory;
  private final List<ProjectWindow> open = new ArrayList<>();

  /**
   * No windows yet.
   *
   * @param memory where it is written how a window was closed; empty where each opens alike
   */
  Windows(Clock clock, Path autosaves, Path home, Optional<Path> memory) {
    this.memory = memory;
    this.clock = clock;
    this.autosaves = autosaves;
    this.files = new OpenFiles(home.resolve("open"));
  }

  /** What a window writes edits to; where the disk refuses, the window works without. */
  private Optional<Autosave> begin(List<String> said) {
    try {
      return Optional.of(Autosave.begin(autosaves));
    } catch (IOException e) {
      said.add(Texts.WINDOW.of("edits-are-not-autosaved-nothing", autosaves));
      return Optional.empty();
    }
  }

  /** Makes the first window, with a document that has been worked out already. */
  ProjectWindow first(Stage stage, Reckoner reckoner, Document document, List<String> said) {
    List<String> all = new ArrayList<>(said);
    Optional<Autosave> autosave = begin(all);
    ProjectWindow window = window(stage, reckoner, document, autosave);
    if (!all.isEmpty()) {
      window.bench().desk().say(String.join("\n", all));
    }
    return window;
  }

  private ProjectWindow window(
      Stage stage, Reckoner reckoner, Document document, Optional<Autosave> autosave) {
    ProjectWindow window =
        new ProjectWindow(stage, clock, reckoner, document, autosave, files, memory, this::restore);
    open.add(window);
    stage.setOnHidden(event -> closed(window));
    return window;
  }

  private void closed(ProjectWindow window) {
    open.remove(window);
    window.close();
  }

  /**
   * Opens what was left in a window of its own, beside what is open; a window in which nothing was
   * begun gives its place up.
   */
  private void restore(Workbench from, Autosave.Left left) {
    from.tasks()
        .start(
            Texts.WINDOW.of("restoring"),
            () -> {
              Autosave taken =
                  Autosave.adopt(left.folder())
                      .orElseThrow(
                          () -> new IOException(Texts.WINDOW.of("another-window-has-restored-it")));
              return new Taken(taken, taken.content());
            },
            taken -> beside(from, taken));
  }

  /** A folder that was taken over, with what is in it now. */
  private record Taken(Autosave autosave, Autosave.Left left) {}

  private void beside(Workbench from, Taken taken) {
    Optional<Document> document = taken.left.document();
    if (document.isEmpty()) {
      from.desk().say(taken.left.fault());
      return;
    }
    Catalogue catalogue = from.desk().catalogue();
    Typeface typeface = from.desk().typeface();
    Document empty = new Document(NewProject.first(from.desk().now()), Map.of());
    ProjectWindow window =
        window(new Stage(), new Reckoner(catalogue, typeface), empty, Optional.of(taken.autosave));
    window.show();
    window.bench().files().restored(document.get(), taken.left.origin());
    open.stream()
        .filter(it -> it.bench() == from && it.bench().files().untouched())
        .findFirst()
        .ifPresent(it -> Platform.runLater(it::leave));
  }

  /** The workbench of the window that has been open longest. */
  Workbench opened() {
    return open.getFirst().bench();
  }

  /** Closes all of them: nothing of theirs is left behind. */
  void close() {
    List.copyOf(open).forEach(this::closed);
  }
}
