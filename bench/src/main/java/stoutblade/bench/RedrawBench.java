package stoutblade.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import stoutblade.demo.Demo;
import stoutblade.derive.Reckoner;
import stoutblade.desktop.Deriver;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Theme;
import stoutblade.desktop.Workbench;
import stoutblade.desktop.mat.MatPointer;
import stoutblade.desktop.mat.MatView;
import stoutblade.edit.OutlineEdits;
import stoutblade.edit.PropEdit;
import stoutblade.feature.Feature;
import stoutblade.formats.CatalogueFile;
import stoutblade.part.Part;
import stoutblade.project.Station;
import stoutblade.shape.Point;

/**
 * An edit of one node to everything recomputed, every control shown anew and laid out, and the mat
 * redrawn, on the window's thread. The painting of pixels by the render thread is not counted.
 */
final class RedrawBench {

  private static final int WARM_UP = 150;
  private static final int RUNS = 200;
  private static final int NODE = 4;

  private RedrawBench() {}

  /** Runs it and prints the median and the 95th percentile. */
  static void run() throws InterruptedException {
    CountDownLatch done = new CountDownLatch(1);
    Platform.startup(
        () -> {
          try {
            measure(done::countDown);
          } catch (IOException e) {
            System.err.println(e.getMessage());
            done.countDown();
          }
        });
    done.await();
    Platform.exit();
  }

  /** A node of 300 of a plate with every feature is dragged: what is drawn at each step. */
  private static void drag(Desk desk, Workbench bench, Pulses pulses, Runnable after) {
    Part plate = Plates.of("d90", 300);
    desk.perform(
        PropEdit.of("Every feature", it -> it.withParts(List.of(plate))),
        () -> {
          desk.goToPart(plate.id());
          pulses.next(it -> new Drag(bench, plate, pulses, after).start());
        });
  }

  private static void measure(Runnable done) throws IOException {
    Theme.loadFonts();
    Clock clock = Clock.systemUTC();
    Desk desk =
        new Desk(
            new Reckoner(CatalogueFile.shipped()),
            clock,
            Optional.empty(),
            Demo.open(LocalDateTime.now(clock)),
            Deriver.besideWindow());
    long[] told = {0};
    desk.derivedProperty().addListener(it -> told[0] = System.nanoTime());
    Workbench bench =
        new Workbench(
            desk,
            null,
            null,
            Workbench.Home.in(Files.createTempDirectory("stoutblade-bench")),
            left -> {},
            () -> {});
    Stage stage = new Stage();
    Scene scene = new Scene(bench.root(), 1280, 800);
    Theme.dress(scene, false);
    stage.setScene(scene);
    stage.show();
    desk.goTo(Station.DRAFT);
    Pulses pulses = new Pulses(scene);
    new Edits(
            desk,
            told,
            pulses,
            () ->
                drag(
                    desk,
                    bench,
                    pulses,
                    () -> {
                      bench.stop();
                      stage.close();
                      done.run();
                    }))
        .next();
  }

  /**
   * How long styles and layout took in the window's own pulses. To ask the root for them instead
   * would style everything anew, which no pulse does.
   */
  private static final class Pulses {

    private long began;
    private double millis;
    private Optional<DoubleConsumer> waiting = Optional.empty();

    private Pulses(Scene scene) {
      scene.addPreLayoutPulseListener(() -> began = System.nanoTime());
      scene.addPostLayoutPulseListener(this::ended);
    }

    private void ended() {
      millis += (System.nanoTime() - began) / 1e6;
      Optional<DoubleConsumer> told = waiting;
      waiting = Optional.empty();
      told.ifPresent(it -> it.accept(millis));
    }

    /** From now on. */
    private void start() {
      millis = 0;
    }

    /** Tells how long all took since the start, after the next one. */
    private void next(DoubleConsumer told) {
      waiting = Optional.of(told);
      Platform.requestNextPulse();
    }
  }

  /** A node dragged on and on, a step in each frame. */
  private static final class Drag {

    private final MatView mat;
    private final Pulses pulses;
    private final Runnable after;
    private final Point node;
    private final List<Double> millis = new ArrayList<>();
    private int made;

    private Drag(Workbench bench, Part plate, Pulses pulses, Runnable after) {
      this.mat = (MatView) bench.root().lookup("#draft-mat");
      this.pulses = pulses;
      this.after = after;
      this.node = plate.cut().orElseThrow().outline().nodes().getFirst().at();
    }

    private void start() {
      MatPointer.fire(mat, MouseEvent.MOUSE_PRESSED, node);
      Platform.runLater(this::step);
    }

    private void step() {
      if (made == WARM_UP + RUNS) {
        MatPointer.fire(mat, MouseEvent.MOUSE_RELEASED, node);
        print(
            "one of 300 nodes dragged, all " + Feature.Kind.values().length + " kinds of features",
            millis);
        after.run();
        return;
      }
      pulses.start();
      long start = System.nanoTime();
      MatPointer.fire(mat, MouseEvent.MOUSE_DRAGGED, node.plus(new Point(0.1 * (made % 100), 0)));
      double own = (System.nanoTime() - start) / 1e6;
      pulses.next(
          it -> {
            if (++made > WARM_UP) {
              millis.add(own + it);
            }
            Platform.runLater(this::step);
          });
    }
  }

  /** One node of the most featured part moved again and again, as the application does it. */
  private static final class Edits {

    private final Desk desk;
    private final long[] told;
    private final Pulses pulses;
    private final Runnable after;
    private final String id;
    private final Point at;
    private final List<Double> onThread = new ArrayList<>();
    private final List<Double> inAll = new ArrayList<>();
    private long start;
    private double submitted;
    private int made;

    private Edits(Desk desk, long[] told, Pulses pulses, Runnable after) {
      this.desk = desk;
      this.told = told;
      this.pulses = pulses;
      this.after = after;
      this.id = desk.lookedId();
      this.at = OutlineEdits.of(desk.prop(), id).nodes().get(NODE).at();
      desk.derivedProperty().addListener(it -> shown());
    }

    private void next() {
      start = System.nanoTime();
      submitted = 0;
      pulses.start();
      Point to = at.plus(new Point(0.01 * (made % 100 + 1), 0));
      desk.perform(OutlineEdits.moveNode(id, NODE, to));
      submitted = (System.nanoTime() - start) / 1e6;
    }

    private void shown() {
      if (made == WARM_UP + RUNS) {
        return;
      }
      double listening = (System.nanoTime() - told[0]) / 1e6;
      pulses.next(it -> drawn(submitted + listening + it));
    }

    private void drawn(double own) {
      if (++made > WARM_UP) {
        onThread.add(own);
        inAll.add((System.nanoTime() - start) / 1e6);
      }
      if (made < WARM_UP + RUNS) {
        Platform.runLater(this::next);
      } else {
        print("one node moved: the window's own time", onThread);
        print("the same until it is drawn, with all that follows worked out beside", inAll);
        Platform.runLater(after);
      }
    }
  }

  private static void print(String what, List<Double> millis) {
    Collections.sort(millis);
    System.out.printf(
        "%s: median %.1f ms, 95 %% below %.1f ms%n",
        what, millis.get(RUNS / 2), millis.get(RUNS * 95 / 100));
  }
}
