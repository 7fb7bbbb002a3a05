package stoutblade.fuzz;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.logging.Handler;
import java.util.logging.LogRecord;
import java.util.logging.Logger;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import stoutblade.demo.Demo;
import stoutblade.derive.Reckoner;
import stoutblade.desktop.Deriver;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Dialogs;
import stoutblade.desktop.Keeper;
import stoutblade.desktop.Theme;
import stoutblade.desktop.Workbench;
import stoutblade.desktop.print.Printer;
import stoutblade.desktop.print.Printing;
import stoutblade.formats.Autosave;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.Saving;
import stoutblade.formats.ShippedTypeface;
import stoutblade.template.Paper;

/**
 * Lets a monkey loose on a real window, as it ships, and watches: nothing may be thrown to the
 * window's thread, what is shown is always derived from what stands, the window's thread is never
 * held up for long, and the memory stays flat.
 */
public final class MonkeyRun {

  private static final java.lang.management.ThreadMXBean THREADS =
      ManagementFactory.getThreadMXBean();
  private static final long HELD_UP_MILLIS = 100;
  private static final long SETTLE_MILLIS = 4000;

  private final Random random;
  private final Path folder;
  private final Map<String, Integer> thrown = new ConcurrentSkipListMap<>();
  private final List<String> traces = new CopyOnWriteArrayList<>();
  private final Map<String, Double> heldUp = new TreeMap<>();
  private final List<Double> heapMb = new ArrayList<>();
  private final Handler handler = new Noting();
  private long underived;
  private long acted;
  private Desk desk;
  private Workbench bench;
  private Stage stage;
  private Monkey monkey;

  /** A run that writes to a folder. */
  public MonkeyRun(long seed, Path folder) {
    this.random = new Random(seed);
    this.folder = folder;
  }

  /**
   * Runs; not on the window's thread, which must have been started.
   *
   * @param goesOn asked before each action
   */
  public void run(BooleanSupplier goesOn) throws Exception {
    Logger logger = Logger.getLogger("stoutblade");
    logger.addHandler(handler);
    Thread.setDefaultUncaughtExceptionHandler((thread, fault) -> note(fault));
    try {
      onWindow(this::open);
      while (goesOn.getAsBoolean()) {
        one();
      }
      onWindow(this::close);
    } finally {
      logger.removeHandler(handler);
      Thread.setDefaultUncaughtExceptionHandler(null);
    }
  }

  private void open() throws IOException {
    Theme.loadFonts();
    Thread.currentThread().setUncaughtExceptionHandler((thread, fault) -> note(fault));
    Clock clock = Clock.systemUTC();
    Keeper keeper =
        new Keeper(
            Autosave.begin(folder.resolve("autosaves")), fault -> fault.ifPresent(this::say));
    desk =
        new Desk(
            new Reckoner(CatalogueFile.shipped(), new ShippedTypeface()),
            clock,
            Optional.of(keeper),
            Demo.open(LocalDateTime.now(clock)),
            Deriver.besideWindow());
    bench =
        new Workbench(
            desk,
            new Answers(),
            () -> List.of(new NoPrinter()),
            Workbench.Home.in(folder.resolve("state")),
            left -> {},
            () -> {});
    Scene scene = new Scene(bench.root(), 1280, 800);
    Theme.dress(scene, false);
    stage = new Stage();
    stage.setScene(scene);
    stage.show();
    bench.focusMat();
    bench.showPictures();
    monkey = new Monkey(bench, scene, random, files());
  }

  private List<Path> files() throws IOException {
    List<Path> all = new ArrayList<>();
    for (String name : List.of(Demo.PICTURE, "fog-bell.stl", "reedcutter.obj")) {
      Path file = folder.resolve(name);
      try (var in = Demo.class.getResourceAsStream(name)) {
        Files.write(file, in.readAllBytes());
      }
      all.add(file);
    }
    Path svg =
        Files.writeString(
            folder.resolve("a.svg"),
            "<svg xmlns='http://www.w3.org/2000/svg' width='90mm' height='60mm' viewBox='0 0 90 60'>"
                + "<circle cx='40' cy='30' r='20'/><rect x='3' y='4' width='20' height='9'/></svg>");
    all.add(svg);
    all.add(Files.write(folder.resolve("torn.stout"), new byte[] {'P', 'K', 3, 4, 9, 9}));
    all.add(folder.resolve("monkey.stout"));
    return all;
  }

  private void say(String fault) {
    note(new IllegalStateException(fault));
  }

  private void close() {
    bench.stop();
    stage.close();
  }

  // == ONE ACTION

  private void one() throws Exception {
    long[] taken = {0};
    List<String> stack = new CopyOnWriteArrayList<>();
    Thread watcher = watcher(stack);
    onWindow(
        () -> {
          watcher.start();
          long start = THREADS.getCurrentThreadCpuTime();
          try {
            monkey.act();
            bench.root().applyCss();
            bench.root().layout();
          } catch (RuntimeException | StackOverflowError e) {
            note(e);
          }
          // Its own work: other programs on the machine do not count.
          taken[0] = (THREADS.getCurrentThreadCpuTime() - start) / 1_000_000;
          watcher.interrupt();
        });
    acted++;
    if (taken[0] > HELD_UP_MILLIS) {
      String where = monkey.last().replaceAll("'[^']*'", "…") + (stack.isEmpty() ? "" : stack);
      heldUp.merge(where, (double) taken[0], Math::max);
    }
    settle();
  }

  /** Looks at what the window's thread does when it is held up. */
  private static Thread watcher(List<String> stack) {
    Thread window =
        Thread.getAllStackTraces().keySet().stream()
            .filter(it -> it.getName().equals("JavaFX Application Thread"))
            .findFirst()
            .orElseThrow();
    Thread watcher =
        new Thread(
            () -> {
              try {
                TimeUnit.MILLISECONDS.sleep(HELD_UP_MILLIS);
              } catch (InterruptedException e) {
                return;
              }
              for (StackTraceElement it : window.getStackTrace()) {
                if (it.getClassName().startsWith("stoutblade.")
                    && !it.getClassName().contains(".fuzz.")
                    && stack.size() < 4) {
                  stack.add(it.getClassName().replaceAll(".*\\.", "") + "." + it.getMethodName());
                }
              }
            },
            "watcher");
    watcher.setDaemon(true);
    return watcher;
  }

  /** Waits for what is beside the window; what goes on for long is stopped, as a person would. */
  private void settle() throws Exception {
    long start = System.nanoTime();
    boolean[] quiet = {false};
    while (!quiet[0]) {
      onWindow(
          () ->
              quiet[0] =
                  desk.workingProperty().get().isEmpty() && bench.tasks().running().isEmpty());
      if ((System.nanoTime() - start) / 1_000_000 > SETTLE_MILLIS) {
        onWindow(
            () -> {
              if (!desk.workingProperty().get().isEmpty()) {
                desk.stopWorking();
              }
              List.copyOf(bench.tasks().running()).forEach(it -> it.cancel());
            });
      }
      if (!quiet[0]) {
        TimeUnit.MILLISECONDS.sleep(3);
      }
    }
    onWindow(
        () -> {
          if (!desk.derived().project().equals(desk.project())) {
            underived++;
          }
        });
  }

  /** Notes the heap after a collection. */
  public void weigh() {
    for (int i = 0; i < 3; i++) {
      System.gc();
    }
    heapMb.add(ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed() / 1e6);
  }

  /** Something that may throw. */
  private interface Work {
    void run() throws Exception;
  }

  private static void onWindow(Work work) throws Exception {
    CompletableFuture<Void> done = new CompletableFuture<>();
    Platform.runLater(
        () -> {
          try {
            work.run();
            done.complete(null);
          } catch (Exception e) {
            done.completeExceptionally(e);
          }
        });
    try {
      done.get(120, TimeUnit.SECONDS);
    } catch (ExecutionException e) {
      throw new IllegalStateException(e.getCause());
    }
  }

  private void note(Throwable fault) {
    String place = "";
    for (StackTraceElement it : fault.getStackTrace()) {
      if (it.getClassName().startsWith("stoutblade.")) {
        place = " at " + it;
        break;
      }
    }
    String key = fault.getClass().getSimpleName() + ": " + fault.getMessage() + place;
    if (thrown.merge(key, 1, Integer::sum) == 1) {
      java.io.StringWriter trace = new java.io.StringWriter();
      fault.printStackTrace(new java.io.PrintWriter(trace));
      traces.add((monkey == null ? "" : "after " + monkey.last() + ": ") + trace);
    }
  }

  // == WHAT CAME OF IT

  /** What was thrown to the window's thread, or failed for no reason of the user's. */
  public Map<String, Integer> thrown() {
    return thrown;
  }

  /** The first trace of each. */
  public List<String> traces() {
    return traces;
  }

  /** How often what was shown was not derived from what stood. */
  public long underived() {
    return underived;
  }

  /** How often an edit was refused and made all the same. */
  public long refusedYetApplied() {
    return monkey.refusedYetApplied();
  }

  /** What held the window's thread up for more than a tenth of a second, and how long at most. */
  public Map<String, Double> heldUp() {
    return heldUp;
  }

  /** The heap after each collection, in MB. */
  public List<Double> heapMb() {
    return heapMb;
  }

  /** How many actions. */
  public long acted() {
    return acted;
  }

  /** Takes what is logged as a fault of ours. */
  private final class Noting extends Handler {

    @Override
    public void publish(LogRecord entry) {
      note(
          entry.getThrown() == null
              ? new IllegalStateException(entry.getMessage())
              : entry.getThrown());
    }

    @Override
    public void flush() {}

    @Override
    public void close() {}
  }

  /** Answers as it comes. */
  private final class Answers implements Dialogs {

    @Override
    public Optional<Path> openPicture() {
      return Optional.of(folder.resolve(Demo.PICTURE));
    }

    @Override
    public Optional<Path> openModel() {
      return Optional.of(folder.resolve("fog-bell.stl"));
    }

    @Override
    public Optional<Path> openLines() {
      return Optional.of(folder.resolve("a.svg"));
    }

    @Override
    public Optional<Path> openProject() {
      return Optional.of(folder.resolve("monkey.stout"));
    }

    @Override
    public Optional<Path> saveAs(String proposed) {
      return Optional.of(folder.resolve("monkey"));
    }

    @Override
    public Optional<Integer> choose(String question, List<String> among) {
      return Optional.of(random.nextInt(among.size()));
    }

    @Override
    public Optional<Path> exportFolder() {
      return random.nextInt(4) == 0 ? Optional.of(folder.resolve("out")) : Optional.empty();
    }

    @Override
    public Optional<Printing.Order> print(Printing what, List<Printer> printers) {
      return Optional.of(new Printing.Order(printers.getFirst(), what.paper(), 1, List.of()))
          .filter(it -> random.nextBoolean());
    }

    @Override
    public Leave leave() {
      List<Leave> all = List.of(Leave.values());
      return all.get(random.nextInt(all.size()));
    }

    @Override
    public Over over(String file, Saving.Objection why) {
      return random.nextInt(3) == 0 ? Over.CANCEL : Over.WRITE_OVER;
    }
  }

  /** A printer that is out of paper. */
  private static final class NoPrinter implements Printer {

    @Override
    public String name() {
      return "empty tray";
    }

    @Override
    public boolean takes(Paper paper) {
      return true;
    }

    @Override
    public String print(Path pdf, Paper paper, int copies) throws IOException {
      throw new IOException("out of paper");
    }
  }
}
