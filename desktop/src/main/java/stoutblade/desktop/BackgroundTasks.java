package stoutblade.desktop;

import java.io.IOException;
import java.lang.System.Logger.Level;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.concurrent.Task;
import stoutblade.desktop.texts.Texts;

/** Long work: off the window's thread, with progress, and cancelled from the shelf. */
public final class BackgroundTasks {

  private static final System.Logger LOG = System.getLogger(BackgroundTasks.class.getName());

  private final ObservableList<Task<?>> running = FXCollections.observableArrayList();
  private final Consumer<String> faults;

  /**
   * A place for long work.
   *
   * @param faults told, on the window's thread, why something failed
   */
  public BackgroundTasks(Consumer<String> faults) {
    this.faults = faults;
  }

  /** Long work that can report its progress. */
  public interface Work<T> {

    /**
     * Does it.
     *
     * @param progress takes the share that is done, 0 to 1; throws when the work is cancelled
     */
    T run(DoubleConsumer progress) throws Exception;
  }

  public ObservableList<Task<?>> running() {
    return running;
  }

  /** Starts work without steps. */
  public <T> void start(String title, Callable<T> work, Consumer<T> done) {
    start(title, (Work<T>) progress -> work.call(), done);
  }

  /** Starts work; what is done with its result is done on the window's thread. */
  public <T> void start(String title, Work<T> work, Consumer<T> done) {
    start(title, work, done, () -> {});
  }

  /**
   * Starts work.
   *
   * @param done takes the result, on the window's thread
   * @param ended run after that on the window's thread, also if the work failed or was cancelled
   */
  public <T> void start(String title, Work<T> work, Consumer<T> done, Runnable ended) {
    Task<T> task =
        new Task<>() {
          @Override
          protected T call() throws Exception {
            updateTitle(title);
            return work.run(
                share -> {
                  if (isCancelled()) {
                    throw new java.util.concurrent.CancellationException(title);
                  }
                  updateProgress(share, 1);
                });
          }
        };
    Runnable end =
        () -> {
          try {
            ended.run();
          } finally {
            // Last: what follows from it has begun by now, so that nobody takes it for all done.
            running.remove(task);
          }
        };
    task.setOnSucceeded(
        event -> {
          try {
            done.accept(task.getValue());
          } finally {
            end.run();
          }
        });
    task.setOnCancelled(event -> end.run());
    task.setOnFailed(
        event -> {
          faults.accept(reason(title, task.getException()));
          end.run();
        });
    running.add(task);
    Thread thread = new Thread(task, title);
    thread.setDaemon(true);
    thread.start();
  }

  /**
   * What files and people do wrong is told as it is; anything else is a fault of ours, which is
   * noted with its place.
   */
  private static String reason(String title, Throwable fault) {
    if (fault instanceof OutOfMemoryError) {
      return Texts.WINDOW.of("there-is-not-enough-memory", title);
    }
    String message = fault.getMessage();
    boolean told = message != null && !message.isBlank();
    if (told && (fault instanceof IOException || fault instanceof IllegalArgumentException)) {
      return message;
    }
    LOG.log(Level.WARNING, "Failed: " + title, fault);
    return told
        ? Texts.WINDOW.of("did-not-work-out-because", title, message)
        : Texts.WINDOW.of("did-not-work-out", title);
  }
}
