package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import stoutblade.formats.Autosave;
import stoutblade.formats.Document;

/**
 * Brings every edit to the disk on a thread of its own. A new edit waits until the one before is on
 * the disk, so that never more than the last one can be lost; that wait is nothing unless the disk
 * is slower than the hand.
 */
public final class Keeper implements AutoCloseable {

  private final Autosave autosave;
  private final Consumer<String> faults;
  private final ExecutorService thread =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread keeper = new Thread(task, "keeper");
            keeper.setDaemon(true);
            return keeper;
          });
  private Optional<Future<?>> last = Optional.empty();

  /**
   * A keeper that writes to an autosave.
   *
   * @param faults told when the disk refuses; called on the keeper's thread
   */
  public Keeper(Autosave autosave, Consumer<String> faults) {
    this.autosave = autosave;
    this.faults = faults;
  }

  /** Keeps what is open now. */
  public void keep(Document document, Optional<Path> origin) {
    await();
    last = Optional.of(thread.submit(() -> write(document, origin)));
  }

  private void write(Document document, Optional<Path> origin) {
    try {
      autosave.write(document, origin);
    } catch (IOException e) {
      faults.accept("Not kept on the disk: " + e.getMessage());
    }
  }

  /** Forgets what was kept: it is saved. */
  public void saved() {
    await();
    try {
      autosave.clear();
    } catch (IOException e) {
      faults.accept("The autosave could not be cleared: " + e.getMessage());
    }
  }

  /** Waits until the last edit is on the disk. */
  public void await() {
    try {
      if (last.isPresent()) {
        last.get().get();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (ExecutionException e) {
      faults.accept("Not kept on the disk: " + e.getCause().getMessage());
    }
  }

  /** Ends well: nothing is left behind. */
  @Override
  public void close() throws IOException {
    await();
    thread.shutdown();
    autosave.close();
  }
}
