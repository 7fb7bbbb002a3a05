package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.CopyOnWriteArrayList;
import stoutblade.catalogue.Catalogue;
import stoutblade.demo.Demo;
import stoutblade.demo.ProjectSource;
import stoutblade.derive.Reckoner;
import stoutblade.desktop.texts.Texts;
import stoutblade.formats.Autosave;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.Document;
import stoutblade.formats.ShippedTypeface;
import stoutblade.measure.Units;

/**
 * What the first window is made with, ready on a thread of its own while the toolkit starts.
 *
 * @param reckoner a reckoner that has derived the document
 * @param document a new project
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
    return beside("opening", () -> ready(arguments));
  }

  /** Begins to read what is asked for: the demo, or a file; empty where nothing is. */
  static Optional<CompletableFuture<ProjectFiles.Read>> asked(List<String> arguments) {
    return arguments.stream()
        .filter(it -> !it.startsWith("--"))
        .findFirst()
        .map(it -> beside("reading", () -> read(it)));
  }

  private static ProjectFiles.Read read(String name) throws IOException {
    return name.equals(ProjectSource.DEMO)
        ? ProjectFiles.Read.of(Demo.open(LocalDateTime.now(ZoneId.systemDefault())))
        : ProjectFiles.Read.of(Path.of(name));
  }

  private static <T> CompletableFuture<T> beside(String name, Callable<T> work) {
    CompletableFuture<T> done = new CompletableFuture<>();
    Thread thread =
        new Thread(
            () -> {
              try {
                done.complete(work.call());
              } catch (Exception | OutOfMemoryError | StackOverflowError e) {
                done.completeExceptionally(e);
              }
            },
            name);
    thread.setDaemon(true);
    thread.start();
    return done;
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
    Document document = new Document(NewProject.first(now), Map.of());
    Reckoner reckoner = derived(await(catalogue), document, now, said);
    return new Opening(
        reckoner, document, walk ? List.of() : left(autosaves, said), autosaves, said);
  }

  /** The catalogue with the user's own; what is wrong with that is said, and it is left out. */
  static Catalogue catalogue(Path usersOwn, List<String> said) {
    try {
      return CatalogueFile.withUsersOwn(usersOwn);
    } catch (IOException | RuntimeException e) {
      said.add(Texts.WINDOW.of("your-own-catalogue-is-left", e.getMessage(), usersOwn));
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
      said.add(Texts.WINDOW.of("your-own-catalogue-is-left-out", e.getMessage()));
      Reckoner shipped = new Reckoner(CatalogueFile.shipped(), new ShippedTypeface());
      shipped.derive(document.project(), now, Units.METRIC);
      return shipped;
    }
  }

  private static List<Autosave.Left> left(Path autosaves, List<String> said) {
    try {
      return Autosave.left(autosaves);
    } catch (IOException | RuntimeException e) {
      said.add(Texts.WINDOW.of("what-is-autosaved-in-cannot", autosaves, e.getMessage()));
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
