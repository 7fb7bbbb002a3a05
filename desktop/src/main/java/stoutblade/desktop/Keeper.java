package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import stoutblade.desktop.texts.Texts;
import stoutblade.formats.Autosave;
import stoutblade.formats.Document;

/**
 * Brings every edit to the disk on a thread of its own. A new edit waits a moment until the one
 * before is on the disk, so that on a disk that is quicker than the hand never more than the last
 * one can be lost. A disk that is slower is not waited for: what stands then is written next, and
 * what lay between is passed over.
 */
public final class Keeper implements AutoCloseable {

  /** What the window's thread waits at most. */
  private static final Duration PATIENCE = Duration.ofMillis(30);

  private final Autosave autosave;
  private final Consumer<Optional<String>> told;
  private final Duration patience;
  private final AtomicReference<Kept> next = new AtomicReference<>();
  private final ExecutorService thread =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread keeper = new Thread(task, "keeper");
            keeper.setDaemon(true);
            return keeper;
          });
  private CompletableFuture<Void> last = CompletableFuture.completedFuture(null);

  /** What is to be written next. */
  private record Kept(Document document, Optional<Path> origin) {}

  /**
   * A keeper that writes to an autosave.
   *
   * @param told on the keeper's thread, after each writing: nothing, or why the disk refused
   */
  public Keeper(Autosave autosave, Consumer<Optional<String>> told) {
    this(autosave, told, PATIENCE);
  }

  /** The same with a given patience. */
  Keeper(Autosave autosave, Consumer<Optional<String>> told, Duration patience) {
    this.autosave = autosave;
    this.told = told;
    this.patience = patience;
  }

  /** Keeps what is open now. */
  public void keep(Document document, Optional<Path> origin) {
    await(patience);
    next.set(new Kept(document, origin));
    last = CompletableFuture.runAsync(this::write, thread);
  }

  private void write() {
    Kept kept = next.getAndSet(null);
    if (kept == null) {
      return;
    }
    try {
      autosave.write(kept.document, kept.origin);
      told.accept(Optional.empty());
    } catch (IOException | RuntimeException e) {
      told.accept(Optional.of(Texts.WINDOW.of("not-autosaved-because", e.getMessage())));
    }
  }

  /** Forgets what was kept: it is saved. */
  public void saved() {
    last = CompletableFuture.runAsync(this::clear, thread);
  }

  private void clear() {
    next.set(null);
    try {
      autosave.clear();
      told.accept(Optional.empty());
    } catch (IOException e) {
      told.accept(Optional.of(Texts.WINDOW.of("the-autosave-could-not-be", e.getMessage())));
    }
  }

  /** Waits until the last edit is on the disk, or the time is over. */
  private void await(Duration most) {
    try {
      last.get(most.toNanos(), TimeUnit.NANOSECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (ExecutionException | TimeoutException e) {
      // Faults were told where they happened; a slow disk is not waited for.
      return;
    }
  }

  /** Waits until the last edit is on the disk, or the disk has refused it. */
  public void await() {
    await(Duration.ofHours(1));
  }

  /** Ends well: nothing is left behind. */
  @Override
  public void close() throws IOException {
    await();
    thread.shutdown();
    autosave.close();
  }
}
