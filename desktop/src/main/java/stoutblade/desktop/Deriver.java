package stoutblade.desktop;

import java.lang.System.Logger.Level;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import stoutblade.desktop.texts.Texts;

/**
 * Works things out one after another, beside the window's thread.
 *
 * <p>Work of a moment is waited for. Longer work goes on beside the window, which shows what is
 * there until then, and can be given up: its result is thrown away, and what waits behind it with
 * it.
 */
public final class Deriver {

  private static final System.Logger LOG = System.getLogger(Deriver.class.getName());

  /** What the window's thread waits at most: a small part of a frame. */
  private static final Duration PATIENCE = Duration.ofMillis(2);

  /** Work that takes longer is told; what is shorter would only flicker. */
  private static final Duration NOTICED = Duration.ofMillis(150);

  private final Supplier<ExecutorService> makeWorker;
  private final Executor window;
  private final Duration patience;
  private final Deque<Turn<?>> waiting = new ArrayDeque<>();
  private final ReadOnlyStringWrapper working = new ReadOnlyStringWrapper("");
  private ExecutorService worker;
  private boolean busy;

  /** True where the last was not there in a moment: the next is not waited for in vain. */
  private volatile boolean slow;

  private int generation;

  /**
   * Something to work out.
   *
   * @param name what it is, for the user
   * @param work the work; not on the window's thread
   * @param done takes what came of it
   * @param refused takes the reason why nothing came of it, in words
   */
  record Turn<T>(
      String name, Supplier<T> work, Consumer<T> done, Consumer<RuntimeException> refused) {}

  private Deriver(Supplier<ExecutorService> makeWorker, Executor window, Duration patience) {
    this.makeWorker = makeWorker;
    this.window = window;
    this.patience = patience;
    this.worker = makeWorker.get();
  }

  /** Works on a thread of its own, for a window. */
  public static Deriver besideWindow() {
    return besideWindow(PATIENCE);
  }

  /** The same with a given patience. */
  static Deriver besideWindow(Duration patience) {
    return new Deriver(Deriver::thread, Platform::runLater, patience);
  }

  /** Works at once, on the thread that asks: for what has no window. */
  public static Deriver atOnce() {
    return new Deriver(AtOnce::new, Runnable::run, Duration.ofDays(1));
  }

  private static ExecutorService thread() {
    return Executors.newSingleThreadExecutor(
        task -> {
          Thread thread = new Thread(task, "deriver");
          thread.setDaemon(true);
          return thread;
        });
  }

  /** True where it works beside what asks. */
  boolean beside() {
    return patience.compareTo(NOTICED) < 0;
  }

  /** What is being worked out for longer than the hand notices; empty for nothing. */
  public ReadOnlyStringProperty workingProperty() {
    return working.getReadOnlyProperty();
  }

  /** True where something is being worked out or waits. */
  boolean busy() {
    return busy;
  }

  /** Works something out, after what waits already; on the window's thread. */
  void submit(Turn<?> turn) {
    waiting.add(turn);
    if (!busy) {
      next(slow ? Duration.ZERO : patience);
    }
  }

  /**
   * Puts another in the place of the last that waits.
   *
   * @return false where that one is not the last, or its turn has come
   */
  boolean replaceLast(Turn<?> last, Turn<?> by) {
    if (!last.equals(waiting.peekLast())) {
      return false;
    }
    waiting.removeLast();
    waiting.add(by);
    return true;
  }

  /** Gives up what is being worked out, and what waits. */
  void stop() {
    generation++;
    waiting.clear();
    worker.shutdownNow();
    worker = makeWorker.get();
    ended();
  }

  /** Ends the thread; nothing can be worked out after that. */
  void close() {
    generation++;
    waiting.clear();
    worker.shutdownNow();
  }

  private void next(Duration wait) {
    Turn<?> turn = waiting.poll();
    if (turn == null) {
      ended();
    } else {
      start(turn, wait);
    }
  }

  private void ended() {
    busy = false;
    working.set("");
  }

  private <T> void start(Turn<T> turn, Duration wait) {
    busy = true;
    int mine = ++generation;
    long start = System.nanoTime();
    CompletableFuture<T> result =
        CompletableFuture.supplyAsync(
            () -> {
              try {
                return turn.work.get();
              } finally {
                slow = System.nanoTime() - start > patience.toNanos();
              }
            },
            worker);
    try {
      result.get(wait.toNanos(), TimeUnit.NANOSECONDS);
    } catch (TimeoutException e) {
      CompletableFuture.delayedExecutor(NOTICED.toMillis(), TimeUnit.MILLISECONDS, window)
          .execute(
              () -> {
                if (busy && mine == generation) {
                  working.set(turn.name);
                }
              });
      var unused =
          result.whenComplete((value, fault) -> window.execute(() -> take(mine, turn, result)));
      return;
    } catch (ExecutionException e) {
      // Taken below, with its reason.
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    take(mine, turn, result);
  }

  private <T> void take(int mine, Turn<T> turn, CompletableFuture<T> result) {
    if (mine != generation) {
      return;
    }
    // Before it is told: what is done with the result may ask for more.
    busy = false;
    try {
      if (result.isCompletedExceptionally()) {
        turn.refused.accept(reason(turn.name, result.exceptionNow()));
      } else {
        turn.done.accept(result.resultNow());
      }
    } finally {
      if (!busy) {
        next(Duration.ZERO);
      }
    }
  }

  /**
   * An argument that makes no sense says why in its message. Anything else is a fault of ours: it
   * is noted with its place, and told in plain words.
   */
  private static RuntimeException reason(String name, Throwable fault) {
    if (fault instanceof IllegalArgumentException refused
        && refused.getMessage() != null
        && !refused.getMessage().isBlank()) {
      return refused;
    }
    LOG.log(Level.WARNING, "Not worked out: " + name, fault);
    String words =
        fault instanceof OutOfMemoryError
            ? Texts.WINDOW.of("could-not-be-worked-out-memory", name)
            : Texts.WINDOW.of("could-not-be-worked-out", name);
    return new IllegalStateException(words, fault);
  }

  /** Runs each task at once, on the thread that asks. */
  private static final class AtOnce extends java.util.concurrent.AbstractExecutorService {

    private boolean ended;

    @Override
    public void execute(Runnable task) {
      task.run();
    }

    @Override
    public void shutdown() {
      ended = true;
    }

    @Override
    public java.util.List<Runnable> shutdownNow() {
      ended = true;
      return java.util.List.of();
    }

    @Override
    public boolean isShutdown() {
      return ended;
    }

    @Override
    public boolean isTerminated() {
      return ended;
    }

    @Override
    public boolean awaitTermination(long time, TimeUnit unit) {
      return ended;
    }
  }
}
