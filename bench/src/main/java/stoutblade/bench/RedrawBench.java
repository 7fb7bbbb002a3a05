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
  private static void drag(Desk desk, Workbench bench, Runnable after) {
    Part plate = Plates.of("d90", 300);
    desk.perform(
        PropEdit.of("Every feature", it -> it.withParts(List.of(plate))),
        () -> {
          drag(desk, bench, plate);
          after.run();
        });
  }

  private static void drag(Desk desk, Workbench bench, Part plate) {
    desk.goToPart(plate.id());
    bench.root().applyCss();
    bench.root().layout();
    MatView mat = (MatView) bench.root().lookup("#draft-mat");
    Point node = plate.cut().orElseThrow().outline().nodes().getFirst().at();
    MatPointer.fire(mat, MouseEvent.MOUSE_PRESSED, node);
    List<Double> millis = new ArrayList<>();
    for (int i = 0; i < WARM_UP + RUNS; i++) {
      long start = System.nanoTime();
      MatPointer.fire(mat, MouseEvent.MOUSE_DRAGGED, node.plus(new Point(0.1 * (i % 100), 0)));
      bench.root().applyCss();
      bench.root().layout();
      if (i >= WARM_UP) {
        millis.add((System.nanoTime() - start) / 1e6);
      }
    }
    MatPointer.fire(mat, MouseEvent.MOUSE_RELEASED, node);
    print(
        "one of 300 nodes dragged, all " + Feature.Kind.values().length + " kinds of features",
        millis);
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
    new Edits(
            desk,
            bench,
            told,
            () ->
                drag(
                    desk,
                    bench,
                    () -> {
                      bench.stop();
                      stage.close();
                      done.run();
                    }))
        .next();
  }

  /** One node of the most featured part moved again and again, as the application does it. */
  private static final class Edits {

    private final Desk desk;
    private final Workbench bench;
    private final long[] told;
    private final Runnable after;
    private final String id;
    private final Point at;
    private final List<Double> onThread = new ArrayList<>();
    private final List<Double> inAll = new ArrayList<>();
    private long start;
    private double submitted;
    private int made;

    private Edits(Desk desk, Workbench bench, long[] told, Runnable after) {
      this.desk = desk;
      this.bench = bench;
      this.told = told;
      this.after = after;
      this.id = desk.lookedId();
      this.at = OutlineEdits.of(desk.prop(), id).nodes().get(NODE).at();
      desk.derivedProperty().addListener(it -> shown());
    }

    private void next() {
      start = System.nanoTime();
      submitted = 0;
      Point to = at.plus(new Point(0.01 * (made % 100 + 1), 0));
      desk.perform(OutlineEdits.moveNode(id, NODE, to));
      submitted = (System.nanoTime() - start) / 1e6;
    }

    private void shown() {
      if (made == WARM_UP + RUNS) {
        return;
      }
      bench.root().applyCss();
      bench.root().layout();
      long now = System.nanoTime();
      if (++made > WARM_UP) {
        onThread.add(submitted + (now - told[0]) / 1e6);
        inAll.add((now - start) / 1e6);
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
