package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.CopyOnWriteArrayList;
import stoutblade.catalogue.Catalogue;
import stoutblade.demo.Demo;
import stoutblade.demo.ProjectSource;
import stoutblade.derive.Reckoner;
import stoutblade.formats.Autosave;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.Document;
import stoutblade.formats.ShippedTypeface;
import stoutblade.measure.Units;
import stoutblade.project.Project;

/**
 * What the window opens with, made ready on a thread of its own while the toolkit starts.
 *
 * @param reckoner a reckoner that has derived what is shown of the document first
 * @param document the demo, or a new project
 * @param left what programs that did not end well had open
 * @param autosaves where autosaves lie
 * @param said what could not be read, in words: the window opens without it
 */
record Opening(
    Reckoner reckoner,
    Document document,
    List<Autosave.Left> left,
    Path autosaves,
    List<String> said) {

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
    List<String> said = new CopyOnWriteArrayList<>();
    CompletableFuture<Catalogue> catalogue =
        CompletableFuture.supplyAsync(() -> catalogue(CatalogueFile.usersOwn(), said));
    Document document =
        arguments.contains(ProjectSource.DEMO)
            ? Demo.open(now)
            : new Document(NewProject.first(now), Map.of());
    Reckoner reckoner =
        Files.exists(CatalogueFile.usersOwn())
            ? derived(await(catalogue), document, now, said)
            : new Reckoner(await(catalogue), new ShippedTypeface());
    Project project = document.project();
    reckoner.deriveAlone(project, project.first().id(), Units.METRIC);
    return new Opening(
        reckoner, document, walk ? List.of() : left(autosaves, said), autosaves, said);
  }

  /** The catalogue with the user's own; what is wrong with that is said, and it is left out. */
  static Catalogue catalogue(Path usersOwn, List<String> said) {
    try {
      return CatalogueFile.withUsersOwn(usersOwn);
    } catch (IOException | RuntimeException e) {
      said.add(
          "Your own catalogue is left out until it is mended: "
              + e.getMessage()
              + ". It lies at "
              + usersOwn);
      return CatalogueFile.shipped();
    }
  }

  /** A reckoner that has derived the document; materials that nothing follows from are left out. */
  private static Reckoner derived(
      Catalogue catalogue, Document document, LocalDateTime now, List<String> said) {
    Reckoner reckoner = new Reckoner(catalogue, new ShippedTypeface());
    try {
      reckoner.derive(document.project(), now, Units.METRIC);
      return reckoner;
    } catch (RuntimeException e) {
      said.add(
          "Your own catalogue is left out: nothing can be worked out with it. " + e.getMessage());
      Reckoner shipped = new Reckoner(CatalogueFile.shipped(), new ShippedTypeface());
      shipped.derive(document.project(), now, Units.METRIC);
      return shipped;
    }
  }

  private static List<Autosave.Left> left(Path autosaves, List<String> said) {
    try {
      return Autosave.left(autosaves);
    } catch (IOException | RuntimeException e) {
      said.add("What is autosaved in " + autosaves + " cannot be looked at: " + e.getMessage());
      return List.of();
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
