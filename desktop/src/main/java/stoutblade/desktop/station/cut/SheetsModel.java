package stoutblade.desktop.station.cut;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.measure.Display;
import stoutblade.nest.NestJob;
import stoutblade.nest.Nester;
import stoutblade.nest.Nesting;
import stoutblade.stack.Wish;
import stoutblade.stock.CutList;

/** Which pieces lie on which sheets: found beside the window, better and better. */
final class SheetsModel {

  private static final double GAP_MM = 3;
  private static final double FIRST_SECONDS = 6;
  private static final double LONGER_SECONDS = 60;
  private static final double NANOS = 1e9;
  private static final long SEED = 1;

  private final Desk desk;
  private final BackgroundTasks tasks;
  private final Runnable changed;
  private final Map<Asked, Nesting> found = new HashMap<>();
  private Optional<Asked> running = Optional.empty();
  private Optional<CutList.Kind> kind = Optional.empty();
  private double gapMm = GAP_MM;
  private double rimMm;
  private long seed = SEED;

  /** What is asked: the same question has the same answer. */
  private record Asked(
      CutList.Kind kind, List<Wish.Leftover> leftovers, double gapMm, double rimMm) {

    NestJob job() {
      return kind.job(leftovers, gapMm, rimMm);
    }
  }

  /**
   * A model.
   *
   * @param changed called on the window's thread once there is a better answer
   */
  SheetsModel(Desk desk, BackgroundTasks tasks, Runnable changed) {
    this.desk = desk;
    this.tasks = tasks;
    this.changed = changed;
  }

  /** What there is to cut from sheets, of all props. */
  List<CutList.Kind> kinds() {
    return desk.derived().shopping().map(it -> it.pieces().kinds()).orElse(List.of());
  }

  /** The kind that is looked at: as before, or what most pieces are cut from. */
  Optional<CutList.Kind> kind() {
    List<CutList.Kind> all = kinds();
    kind =
        kind.flatMap(was -> all.stream().filter(it -> it.words().equals(was.words())).findFirst())
            .or(() -> all.stream().max(Comparator.comparingInt(CutList.Kind::count)));
    return kind;
  }

  void look(CutList.Kind other) {
    kind = Optional.of(other);
    changed.run();
  }

  double gapMm() {
    return gapMm;
  }

  double rimMm() {
    return rimMm;
  }

  boolean gap(double mm) {
    return take(mm, rimMm);
  }

  boolean rim(double mm) {
    return take(gapMm, mm);
  }

  /** Takes a gap and a rim, if they leave anything of the sheets. */
  private boolean take(double gap, double rim) {
    try {
      kind().ifPresent(it -> it.job(desk.project().leftovers(), gap, rim));
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
      return false;
    }
    gapMm = gap;
    rimMm = rim;
    changed.run();
    return true;
  }

  private Optional<Asked> asked() {
    return kind().map(it -> new Asked(it, desk.project().leftovers(), gapMm, rimMm));
  }

  /** The best answer so far. */
  Optional<Nesting> answer() {
    return asked().map(found::get);
  }

  boolean looking() {
    return asked().isPresent() && asked().equals(running);
  }

  /** Begins to look, where there is no answer yet and nothing is looked for. */
  void begin() {
    if (running.isEmpty() && asked().isPresent() && answer().isEmpty()) {
      look(FIRST_SECONDS);
    }
  }

  /** Looks on for longer, another way. */
  void longer() {
    if (running.isEmpty()) {
      seed++;
      look(LONGER_SECONDS);
    }
  }

  private void look(double seconds) {
    Asked now = asked().orElseThrow();
    NestJob job = now.job();
    running = Optional.of(now);
    long way = seed;
    tasks.start(
        "Laying pieces on sheets",
        progress ->
            new Nester(
                    job,
                    way,
                    it -> Platform.runLater(() -> better(now, it)),
                    until(seconds, progress))
                .run(),
        last -> better(now, last),
        () -> {
          running = Optional.empty();
          changed.run();
        });
  }

  /** True once the time is up, or the work was cancelled. */
  private static BooleanSupplier until(double seconds, DoubleConsumer progress) {
    long start = System.nanoTime();
    AtomicBoolean ended = new AtomicBoolean();
    return () -> {
      double share = (System.nanoTime() - start) / NANOS / seconds;
      try {
        progress.accept(Math.min(1, share));
      } catch (CancellationException e) {
        ended.set(true);
      }
      return ended.get() || share >= 1;
    };
  }

  private void better(Asked asked, Nesting nesting) {
    Nesting before = found.get(asked);
    if (before == null || nesting.betterThan(before)) {
      found.put(asked, nesting);
      changed.run();
    }
  }

  // == IN WORDS

  /** What the answer comes to. */
  String words() {
    return answer().map(this::words).orElse(kind().isEmpty() ? "nothing to cut yet" : "…");
  }

  private String words(Nesting it) {
    String left =
        it.complete()
            ? ""
            : "; %d larger than any sheet: cut apart at Layers".formatted(it.left().size());
    long bought = it.sheets().stream().filter(own -> own.sheet().price() > 0).count();
    return "%d %s%s: %s %% pieces%s%s"
        .formatted(
            bought,
            bought == 1 ? "sheet" : "sheets",
            bought < it.sheets().size() ? " and what is left over" : "",
            Display.decimal(it.density() * 100, 0),
            left,
            it.proven() ? "; fewer cannot do" : "");
  }
}
