package stoutblade.desktop;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import stoutblade.catalogue.Catalogue;
import stoutblade.cli.ProjectSource;
import stoutblade.demo.Demo;
import stoutblade.formats.Autosave;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.Document;
import stoutblade.formats.ShippedTypeface;
import stoutblade.measure.Units;
import stoutblade.project.Reckoner;

/**
 * What the window opens with, made ready on a thread of its own while the toolkit starts.
 *
 * @param reckoner a reckoner that has derived the document already
 * @param document the demo, or a new project
 * @param left what programs that did not end well had open
 * @param autosaves where autosaves lie
 */
record Opening(Reckoner reckoner, Document document, List<Autosave.Left> left, Path autosaves) {

  /** The system property that names the folder of autosaves; the user's state folder without it. */
  private static final String AUTOSAVES = "stoutblade.autosaves";

  /** Begins to make ready. */
  static CompletableFuture<Opening> begin(List<String> arguments) {
    CompletableFuture<Opening> ready = new CompletableFuture<>();
    Thread thread =
        new Thread(
            () -> {
              try {
                ready.complete(ready(arguments));
              } catch (IOException | RuntimeException e) {
                ready.completeExceptionally(e);
              }
            },
            "opening");
    thread.setDaemon(true);
    thread.start();
    return ready;
  }

  private static Opening ready(List<String> arguments) throws IOException {
    LocalDateTime now = LocalDateTime.now(ZoneId.systemDefault());
    Path autosaves =
        Optional.ofNullable(System.getProperty(AUTOSAVES))
            .map(Path::of)
            .orElseGet(Autosave::usualHome);
    boolean walk = arguments.stream().anyMatch(it -> it.startsWith("--walk"));
    CompletableFuture<Catalogue> catalogue = CompletableFuture.supplyAsync(Opening::catalogue);
    Document document =
        arguments.contains(ProjectSource.DEMO)
            ? Demo.open(now)
            : new Document(NewProject.first(now), Map.of());
    Reckoner reckoner = new Reckoner(await(catalogue), new ShippedTypeface());
    reckoner.derive(document.project(), now, Units.METRIC);
    return new Opening(reckoner, document, walk ? List.of() : Autosave.left(autosaves), autosaves);
  }

  private static Catalogue catalogue() {
    try {
      return CatalogueFile.withUsersOwn(CatalogueFile.usersOwn());
    } catch (IOException e) {
      throw new UncheckedIOException(e.getMessage(), e);
    }
  }

  /** Waits until it is ready. */
  static <T> T await(CompletableFuture<T> begun) throws IOException {
    try {
      return begun.join();
    } catch (CompletionException e) {
      throw new IOException(e.getCause().getMessage(), e.getCause());
    }
  }
}
