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
            measure();
          } catch (IOException e) {
            System.err.println(e.getMessage());
          }
          done.countDown();
        });
    done.await();
    Platform.exit();
  }

  /** A node of 300 of a plate with every feature is dragged: what is drawn at each step. */
  private static void drag(Desk desk, Workbench bench) {
    Part plate = Plates.of("d90", 300);
    desk.perform(PropEdit.of("Every feature", it -> it.withParts(List.of(plate))));
    desk.goToPart("d90");
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
    Collections.sort(millis);
    System.out.printf(
        "one of 300 nodes dragged, all %d kinds of features: median %.1f ms, 95 %% below %.1f ms%n",
        Feature.Kind.values().length, millis.get(RUNS / 2), millis.get(RUNS * 95 / 100));
  }

  private static void measure() throws IOException {
    Theme.loadFonts();
    Clock clock = Clock.systemUTC();
    Desk desk =
        new Desk(
            new Reckoner(CatalogueFile.shipped()),
            clock,
            Optional.empty(),
            Demo.open(LocalDateTime.now(clock)));
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
    String id = desk.lookedId();
    Point at = OutlineEdits.of(desk.prop(), id).nodes().get(NODE).at();
    List<Double> millis = new ArrayList<>();
    for (int i = 0; i < WARM_UP + RUNS; i++) {
      long start = System.nanoTime();
      desk.perform(OutlineEdits.moveNode(id, NODE, at.plus(new Point(0.01 * (i % 100 + 1), 0))));
      bench.root().applyCss();
      bench.root().layout();
      if (i >= WARM_UP) {
        millis.add((System.nanoTime() - start) / 1e6);
      }
    }
    Collections.sort(millis);
    System.out.printf(
        "one node moved, recomputed and redrawn: median %.1f ms, 95 %% below %.1f ms%n",
        millis.get(RUNS / 2), millis.get(RUNS * 95 / 100));
    drag(desk, bench);
    bench.stop();
    stage.close();
  }
}
